package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;

import org.vatwright.core.measure.Require;
import org.vatwright.core.repeat.Tile;

/**
 * How much of a layer shows from place to place: so much where its course begins, so much where it ends, evenly between. It
 * closes on the tile as a gradient across it does.
 *
 * @param from,to 0 for nothing, 1 for all
 */
@RecordBuilder
public record Fade(Course course, double from, double to) implements FadeBuilder.With {

    public Fade {
        Require.within("share that shows where a fade begins", from * 100, 0, 100, "%");
        Require.within("share that shows where a fade ends", to * 100, 0, 100, "%");
    }

    /** @return whether it goes round and round and what meets differs: there a line shows */
    public boolean agrees() {
        return course.back() || course.kind() == Course.Kind.RADIAL || from == to;
    }

    /** @return what writes how much shows as coverage */
    public Painter painter(PaintRequest asked) {
        Tile tile = asked.repeat().tile();
        Course.Along along = course.on(tile.widthMm(), tile.heightMm());
        double wide = asked.grid().widthPx();
        double high = asked.grid().heightPx();
        return new ByPixel(asked.grid().widthPx(), false,
                (x, y) -> (int) Math.round(255 * share(along.at((x + 0.5) / wide, (y + 0.5) / high))) << 24);
    }

    private double share(double come) {
        double in = course.kind() == Course.Kind.RADIAL ? Math.min(1, come) : come - Math.floor(come);
        return from + (course.back() ? 1 - Math.abs(1 - 2 * in) : in) * (to - from);
    }
}
