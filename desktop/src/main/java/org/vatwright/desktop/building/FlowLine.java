package org.vatwright.desktop.building;

import javafx.scene.Node;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** How the line looks: its thickness and inks, what is threaded along it, its copies. */
final class FlowLine extends Chapter.Of<FlowLines> {

    private final NumberRow thickness;
    private final InkList inks;
    private final FlowAlongRows along;
    private final NumberRow copies;
    private final NumberRow stepX;
    private final NumberRow stepY;
    private final NumberRow thicker;

    FlowLine(Studio studio) {
        super(studio, FlowLines.class);
        thickness = NumberRow.length(studio, "Thickness", "thickness of the line",
                mm -> edit("line %s mm".formatted(Numbers.plain(mm)),
                        f -> f.withStroke(f.stroke().withThicknessMm(mm))));
        inks = new InkList("line", 24, list -> edit("inks of the lines", f -> f.withStroke(f.stroke().withInks(list))));
        along = new FlowAlongRows(studio);
        copies = copy("Copies", "copies of the line", "", 0, 1, (c, n) -> new FlowLines.Copies((int) Math.rint(n),
                c.dxMm(), c.dyMm(), c.thickerMm()));
        stepX = copy("Across by", "step across", "mm", 3, 1,
                (c, n) -> new FlowLines.Copies(c.count(), n, c.dyMm(), c.thickerMm()));
        stepY = copy("Down by", "step down", "mm", 3, 1,
                (c, n) -> new FlowLines.Copies(c.count(), c.dxMm(), n, c.thickerMm()));
        thicker = copy("Thicker by", "step of thickness", "mm", 3, 0.1,
                (c, n) -> new FlowLines.Copies(c.count(), c.dxMm(), c.dyMm(), n));
        hold(thickness, inks, along, Ui.pair(copies, thicker), Ui.pair(stepX, stepY));
    }

    private NumberRow copy(String word, String what, String sign, int decimals, double step,
            java.util.function.BiFunction<FlowLines.Copies, Double, FlowLines.Copies> change) {
        return NumberRow.number(studio, word, what, sign, decimals, step,
                n -> edit("%s %s".formatted(what, Numbers.plain(n)), f -> f.withCopies(change.apply(f.copies(), n))));
    }

    @Override
    void show(Design design, Colourway colourway, FlowLines f) {
        copies.show(f.copies().count());
        stepX.show(f.copies().dxMm());
        stepY.show(f.copies().dyMm());
        thicker.show(f.copies().thickerMm());
        for (Node row : new Node[]{stepX.getParent(), thicker}) {
            Ui.show(row, f.copies().count() > 1);
        }
        thickness.show(f.stroke().thicknessMm());
        Ui.show(inks, f.stroke().along().isEmpty());
        inks.show(f.stroke().inks(), design, colourway);
        along.show(f.stroke(), design, colourway);
    }
}
