package org.vatwright.desktop.building;

import java.util.List;
import java.util.function.DoubleConsumer;

import org.vatwright.core.loom.Fabric;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.core.woven.FabricStructure;
import org.vatwright.desktop.control.GrainDial;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The angle of a cloth, whether it closes, and the ways to have it exact. */
final class FabricTurn extends VBox {

    private record Period(double width, double height) {}

    private final Studio studio;
    private final GrainDial dial;
    private final NumberRow angle;
    private final Label drawn = Ui.prose("", "quiet");
    private final Offers offers;
    private final Aside<List<Double>> closing = new Aside<>(Platform::runLater, this::mark);
    private Period marked = new Period(0, 0);
    private List<Double> marks = List.of();
    private double now;

    FabricTurn(Studio studio, DoubleConsumer turn) {
        super(8);
        this.studio = studio;
        offers = new Offers(studio, "closing-");
        dial = new GrainDial(studio, "cloth angle", turn);
        angle = NumberRow.number(studio, "", "angle of the cloth", "\u00b0", 3, 1, turn);
        getChildren().addAll(Ui.row(dial, Ui.column(4, Ui.label("Angle", "card-title"), angle, drawn)), offers);
    }

    void show(Design design, FabricStructure structure) {
        Fabric cloth = structure.fabric();
        angle.show(structure.angleDeg());
        Period period = new Period(cloth.periodWidthMm(), cloth.periodHeightMm());
        if (!period.equals(marked)) {
            marked = period;
            marks = List.of();
            closing.ask(period, work -> closingAngles(period));
        }
        now = structure.angleDeg();
        dial.show(now, marks);
        boolean closes = structure.closes(design.repeat());
        drawn.setText(closes
                ? "Closes on this tile"
                : "Does not close; drawn " + structure.drawn(structure.fit(design.repeat())));
        drawn.getStyleClass().removeAll("fine", "look");
        drawn.getStyleClass().add(closes ? "fine" : "look");
        offers.show(structure.closings(design.repeat()).stream().map(c -> c.on(studio.selection().layer())).toList());
    }

    private void mark(List<Double> found) {
        marks = found;
        dial.show(now, marks);
    }

    /** @return angles that close without stretch and with a tile of a few periods, for the dial's long ticks */
    private static List<Double> closingAngles(Period period) {
        double w = period.width();
        double h = period.height();
        if (Math.min(w, h) < Repeat.LEAST_MM || Math.max(w, h) > Repeat.MOST_MM) {
            return List.of(0.0, 90.0);
        }
        TurnedLattice lattice = new TurnedLattice(new Repeat(w, h, Arrangement.STRAIGHT));
        return List.of(0.0, 26.0, 45.0, 64.0, 90.0, -26.0, -45.0, -64.0).stream()
                .flatMap(near -> lattice.closings(near).stream()
                        .filter(c -> c.exact() && c.widthMm() * c.heightMm() <= 6 * w * h)
                        .map(c -> Double.parseDouble(Numbers.plain(c.angleDeg(), 9))).limit(1))
                .distinct().toList();
    }
}
