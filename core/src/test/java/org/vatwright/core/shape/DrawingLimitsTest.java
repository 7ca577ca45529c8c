package org.vatwright.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Shapes many times as large as their cell lie over each other without end. */
class DrawingLimitsTest {

    private static final Repeat REPEAT = new Repeat(10, 10, Arrangement.STRAIGHT);

    private static Drawing squares(int count, double side) {
        List<VectorMark> marks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            marks.add(new VectorMark(new Rectangle2D.Double(i, i, side, side), Samples.NAVY));
        }
        return new Drawing(marks.stream().map(Group::of).toList());
    }

    private static void paint(Drawing drawing) {
        TileGrid grid = TileGrid.ofWidth(REPEAT.tile(), 20);
        new DrawingPainter(drawing, grid, Samples.asked(REPEAT, grid).inks(), Work.on(1)).paint(new int[400], 0, 0, 20);
    }

    @Test
    void aFewLargeOnesArePaintedAndMoreAreRefused() {
        paint(squares(9, 100));
        assertThatThrownBy(() -> paint(squares(11, 100))).isInstanceOf(Refusal.class)
                .hasMessageContaining("1,100 times over; 1,000 times are the most");
        paint(squares(5000, 0.1));
    }

    @Test
    void theyStandInAFileOnlySoOften() {
        assertThat(squares(3, 25).onTile(REPEAT.tile())).hasSizeBetween(3 * 9, 3 * 16);
        assertThatThrownBy(() -> squares(1, 5000).onTile(REPEAT.tile())).isInstanceOf(Refusal.class)
                .hasMessageContaining("100,000 times are the most");
    }
}
