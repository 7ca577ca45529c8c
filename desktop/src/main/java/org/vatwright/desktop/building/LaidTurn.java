package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.laid.LaidClosing;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.desktop.control.GrainDial;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The angle of a laid structure, its exact tile, whether it closes here, and the ways to have it exact. */
final class LaidTurn extends VBox {

    private final Studio studio;
    private final GrainDial dial;
    private final NumberRow angle;
    private final Label drawn = Ui.prose("", "quiet");
    private final Label tile = Ui.prose("", "quiet");
    private final Offers offers;
    private final Aside<List<Double>> closing = new Aside<>(Platform::runLater, this::mark);
    private Lattice marked;
    private List<Double> marks = List.of();
    private double now;

    LaidTurn(Studio studio, String what) {
        super(8);
        this.studio = studio;
        offers = new Offers(studio, "closing-");
        dial = new GrainDial(studio, what + " angle", this::turn);
        angle = NumberRow.number(studio, "", "angle of the " + what, "\u00b0", 3, 1, this::turn);
        tile.setId("exact-tile");
        drawn.setId("closes");
        getChildren().addAll(Ui.row(dial, Ui.column(4, Ui.label("Angle", "card-title"), angle, drawn)), tile, offers);
    }

    private void turn(double degrees) {
        studio.editStructure("turn to %s\u00b0".formatted(Numbers.plain(degrees, 2)), LaidStructure.class,
                l -> l.withAngle(degrees));
    }

    void show(Design design, LaidStructure laid) {
        angle.show(laid.angleDeg());
        if (!laid.lattice().equals(marked)) {
            marked = laid.lattice();
            marks = List.of();
            closing.ask(marked, work -> closingAngles(laid.lattice()));
        }
        now = laid.angleDeg();
        dial.show(now, marks);
        boolean closes = laid.closes(design.repeat());
        drawn.setText(closes ? "Closes on this tile" : "Does not close; drawn at " + laid.drawn(design.repeat()));
        drawn.getStyleClass().removeAll("fine", "look");
        drawn.getStyleClass().add(closes ? "fine" : "look");
        tile.setText(LaidClosing.tile(laid).map(t -> "Its own tile: %s x %s mm".formatted(
                Numbers.plain(t.widthMm(), 6), Numbers.plain(t.heightMm(), 6)))
                .orElse("No tile at just this angle"));
        offers.show(laid.closings(design.repeat()).stream().map(c -> c.on(studio.selection().layer())).toList());
    }

    private void mark(List<Double> found) {
        marks = found;
        dial.show(now, marks);
    }

    private static List<Double> closingAngles(Lattice lattice) {
        TurnedLattice turned = new TurnedLattice(lattice);
        List<Double> angles = new ArrayList<>();
        for (double near = -75; near <= 90; near += 15) {
            turned.closings(near).stream().filter(c -> c.exact() && c.widthMm() * c.heightMm() <= 12 * lattice.cell())
                    .map(c -> Double.parseDouble(Numbers.plain(c.angleDeg(), 9))).filter(a -> !angles.contains(a))
                    .limit(1).forEach(angles::add);
        }
        return angles;
    }
}
