package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;

import org.vatwright.core.measure.Require;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

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

    /** @return how much shows there, 0 to 1. @param u,v shares of the tile */
    public double at(Tile tile, double u, double v) {
        double t = course.on(tile.widthMm(), tile.heightMm(), u, v);
        double in = course.kind() == Course.Kind.RADIAL ? Math.min(1, t) : t - Math.floor(t);
        double along = course.back() ? 1 - Math.abs(1 - 2 * in) : in;
        return from + along * (to - from);
    }

    /** @return what writes it as coverage */
    public Painter painter(PaintRequest asked) {
        TileGrid grid = asked.grid();
        Tile tile = asked.repeat().tile();
        int width = grid.widthPx();
        return new Painter() {
            @Override
            public void paint(int[] out, int at, int from, int to) {
                paint(out, at, from, to, width, 0, width);
            }

            @Override
            public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
                int i = at;
                for (int y = from; y < to; y++) {
                    for (int x = left; x < right; x++) {
                        double share = Fade.this.at(tile, (x + 0.5) / width, (y + 0.5) / grid.heightPx());
                        out[i++] = (int) Math.round(255 * share) << 24;
                    }
                }
            }
        };
    }
}
