package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.core.stitch.TrimForm.Corner;
import org.vatwright.desktop.control.TrimNumbers;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** Motifs as a trim along a line: how it runs, what turns its corners, and the repeat that was clicked on the cloth. */
final class TrimRows extends VBox {

    /** Of the cell's shorter side: how far a frame is from its edge, how broad a fresh trim is. */
    private static final double EDGE = 8;
    private static final double BREADTH = 10;

    private final Studio studio;
    private final MenuButton turning = new MenuButton();
    private final TrimNumbers numbers;

    TrimRows(Studio studio) {
        super(5);
        this.studio = studio;
        turning.setId("run-turned-by");
        numbers = new TrimNumbers(studio, "run", List.of(turning), this::form, () -> studio.motifHand().repeat());
        getChildren().addAll(Ui.row(line("frame", TrimRows::frame), line("ring", TrimRows::ring),
                line("across", PlacingRows::wave)), numbers);
    }

    /** @return as it is laid at first, a frame along the cell's edges */
    static Placing.Trim fresh(Design design, Motifs motifs) {
        double side = Math.min(design.repeat().widthMm(), design.repeat().heightMm());
        Optional<Integer> corner = motifs.motifs().size() > 1
                ? Optional.of(motifs.motifs().getLast().id())
                : Optional.empty();
        double broad = Math.max(0.5, Math.rint(20 * side / BREADTH) / 20);
        return new Placing.Trim(frame(design), corner, TrimForm.fresh(broad).with().insetMm(0)
                .corner(corner.isPresent() ? Corner.MOTIF : Corner.MITRE).build());
    }

    private static Outline frame(Design design) {
        double w = design.repeat().widthMm();
        double h = design.repeat().heightMm();
        double in = Math.min(w, h) / EDGE;
        return new FreePath(List.of(new FreePath.Run(List.of(FreePath.Point.corner(in, in),
                FreePath.Point.corner(w - in, in), FreePath.Point.corner(w - in, h - in),
                FreePath.Point.corner(in, h - in)), true))).outline();
    }

    private static Outline ring(Design design) {
        double x = design.repeat().widthMm() / 2;
        double y = design.repeat().heightMm() / 2;
        double r = Math.min(x, y) * 0.7;
        double k = r * 4 / 3 * Math.tan(Math.PI / 8);
        return new FreePath(List.of(new FreePath.Run(List.of(FreePath.Point.smooth(x, y - r, x + k, y - r),
                FreePath.Point.smooth(x + r, y, x + r, y + k), FreePath.Point.smooth(x, y + r, x - k, y + r),
                FreePath.Point.smooth(x - r, y, x - r, y - k)), true))).outline();
    }

    private javafx.scene.Node line(String word, java.util.function.Function<Design, Outline> line) {
        var link = Ui.link(word, () -> studio.design().ifPresent(
                d -> edit("a trim " + word, t -> t.withLine(line.apply(d)))));
        link.setId("run-" + word);
        return link;
    }

    private void edit(String name, UnaryOperator<Placing.Trim> change) {
        studio.editStructure(name, Motifs.class, m -> m.placing() instanceof Placing.Trim t
                ? m.withPlacing(change.apply(t))
                : m);
    }

    private void form(String name, UnaryOperator<TrimForm> change) {
        edit(name, t -> t.withForm(change.apply(t.form())));
    }

    void show(Motifs motifs, Placing.Trim trim) {
        turning.setText(trim.corner().flatMap(motifs::motif).map(Motif::name).orElse("the others"));
        turning.getItems().setAll(turning("the others", Optional.empty()));
        motifs.motifs().forEach(m -> turning.getItems().add(turning(m.name(), Optional.of(m.id()))));
        Ui.show(turning, trim.form().corner() == Corner.MOTIF);
        numbers.show(trim.form(), motifs.trimRun().orElseThrow().told());
    }

    private MenuItem turning(String word, Optional<Integer> motif) {
        MenuItem item = new MenuItem(word);
        item.setOnAction(e -> edit("corners turned by " + word, t -> new Placing.Trim(t.line(), motif, t.form())));
        return item;
    }
}
