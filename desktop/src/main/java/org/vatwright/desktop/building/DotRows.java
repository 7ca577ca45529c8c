package org.vatwright.desktop.building;

import javafx.scene.control.Label;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.control.ArrangementPicker;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** How many dots stand in a cell each way, and how their rows are shifted. */
final class DotRows extends Chapter.Of<Dots> {

    private final NumberRow across;
    private final NumberRow down;
    private final ArrangementPicker arrangement;
    private final Label spacing = Ui.prose("", "quiet");

    DotRows(Studio studio) {
        super(studio, Dots.class);
        across = NumberRow.number(studio, "Across", "dots across", "", 0, 1,
                n -> edit("%s dots across".formatted(Numbers.plain(n)), d -> spread(d, (int) Math.rint(n), d.down())));
        down = NumberRow.number(studio, "Down", "dots down", "", 0, 1,
                n -> edit("%s dots down".formatted(Numbers.plain(n)), d -> spread(d, d.across(), (int) Math.rint(n))));
        arrangement = new ArrangementPicker(studio, "dot arrangement",
                a -> edit("dots " + a, d -> d.withArrangement(a)));
        hold(Ui.pair(across, down), arrangement, spacing);
    }

    /** The places of the dots stay the same share of their small cells. */
    private static Dots spread(Dots dots, int newAcross, int newDown) {
        double sx = (double) dots.across() / Math.max(1, newAcross);
        double sy = (double) dots.down() / Math.max(1, newDown);
        return dots.withDots(dots.dots().stream().map(d -> d.at(d.x() * sx, d.y() * sy)).toList()).withCounts(newAcross,
                newDown);
    }

    @Override
    void show(Design design, Colourway colourway, Dots dots) {
        across.show(dots.across());
        down.show(dots.down());
        arrangement.show(dots.arrangement());
        Repeat small = dots.smallCell(design.repeat());
        spacing.setText("In a cell; %s mm apart across, %s mm down".formatted(Numbers.plain(small.widthMm(), 2),
                Numbers.plain(small.heightMm(), 2)));
    }
}
