package org.vatwright.core.family.stripe;

import java.util.Arrays;

import org.vatwright.core.band.BandEdges;
import org.vatwright.core.band.BandProfile;
import org.vatwright.core.measure.Noise;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.repeat.TileGrid;

/**
 * Paints stripes. Upright and level ones are worked out once for each column or row, exactly; all others look their
 * colour up by phase in a table fine enough that an edge is right to one level in 255.
 */
final class StripePainter {

    private static final int MOST_ENTRIES = 1 << 18;

    private StripePainter() {}

    static Painter of(Stripes stripes, Waves waves, TileGrid grid, InkColours inks) {
        // Seen along the run, a pixel is as broad as its two sides' shadows on it.
        double period = waves.periodMm();
        double boxA = Math.abs((double) waves.across() / waves.tileWidthMm()) * period * grid.mmPerPxX();
        double boxB = Math.abs((double) waves.down() / waves.tileHeightMm()) * period * grid.mmPerPxY();
        double mm = stripes.measure().mm() * waves.bandScale(stripes);
        BandEdges edges = new BandEdges(stripes.run(), mm);
        BandProfile profile = new BandProfile(stripes.run(), edges, boxA, boxB, inks);
        if (edges.anyWobble()) {
            return new Irregular(profile, waves, grid, stripes.seed());
        }
        return waves.down() == 0
                ? upright(profile, waves, grid)
                : waves.across() == 0 ? level(profile, waves, grid) : new Turned(profile, waves, grid);
    }

    /** Paints any columns of a row by itself. */
    private interface Columns extends Painter {

        int width();

        /** @param at of the first pixel, which is {@code left} */
        void row(int[] out, int at, int y, int left, int right);

        @Override
        default void paint(int[] out, int at, int from, int to) {
            paint(out, at, from, to, width(), 0, width());
        }

        @Override
        default void paint(int[] out, int at, int from, int to, int width, int left, int right) {
            for (int y = from; y < to; y++) {
                row(out, at + (y - from) * (right - left), y, left, right);
            }
        }
    }

    private static Painter upright(BandProfile profile, Waves waves, TileGrid grid) {
        return new Upright(line(profile, waves.across(), grid.widthPx()));
    }

    private static Painter level(BandProfile profile, Waves waves, TileGrid grid) {
        return new Level(line(profile, -waves.down(), grid.heightPx()), grid.widthPx());
    }

    private record Upright(int[] line) implements Columns {

        @Override
        public int width() {
            return line.length;
        }

        @Override
        public void row(int[] out, int at, int y, int left, int right) {
            System.arraycopy(line, left, out, at, right - left);
        }
    }

    private record Level(int[] line, int width) implements Columns {

        @Override
        public void row(int[] out, int at, int y, int left, int right) {
            Arrays.fill(out, at, at + right - left, line[y]);
        }
    }

    private static int[] line(BandProfile profile, int waves, int px) {
        int[] line = new int[px];
        for (int at = 0; at < px; at++) {
            line[at] = profile.argb(share(waves, at, px) * profile.period());
        }
        return line;
    }

    /** @return the phase, 0 to below 1, at the middle of pixel {@code at}, without rounding: i (2 at + 1) / (2 px) */
    private static double share(int waves, int at, int px) {
        return (double) Math.floorMod(waves * (2L * at + 1), 2L * px) / (2L * px);
    }

    private static int tableBits(Waves waves, TileGrid grid) {
        double periodPx = waves.periodMm() / Math.min(grid.mmPerPxX(), grid.mmPerPxY());
        int wanted = (int) Math.min(MOST_ENTRIES, Math.max(256, periodPx * 256));
        return 32 - Integer.numberOfLeadingZeros(wanted - 1);
    }

    private static int[] table(BandProfile profile, int bits) {
        int[] table = new int[1 << bits];
        for (int i = 0; i < table.length; i++) {
            table[i] = profile.argb((i + 0.5) / table.length * profile.period());
        }
        return table;
    }

    /** Phases are fractions of 2^64 of a period, so that they wrap by overflow. */
    private static long fraction(double turns) {
        return (long) (turns * 0x1p63) << 1;
    }

    /** Straight edges at any angle. */
    private static final class Turned implements Columns {
        private final int[] table;
        private final int shift;
        private final Waves waves;
        private final TileGrid grid;

        Turned(BandProfile profile, Waves waves, TileGrid grid) {
            this.waves = waves;
            this.grid = grid;
            int bits = tableBits(waves, grid);
            table = table(profile, bits);
            shift = 64 - bits;
        }

        @Override
        public int width() {
            return grid.widthPx();
        }

        @Override
        public void row(int[] out, int at, int y, int left, int right) {
            int w = grid.widthPx();
            long step = fraction((double) Math.floorMod(waves.across(), w) / w);
            long phase = fraction(share(waves.across(), 0, w)) + fraction(share(-waves.down(), y, grid.heightPx()))
                    + step * left;
            for (int x = left; x < right; x++) {
                out[at + x - left] = table[(int) (phase >>> shift)];
                phase += step;
            }
        }
    }

    /** Edges that stray: near an edge, the phase is moved by noise of the torus that this edge has to itself. */
    private static final class Irregular implements Columns {
        private final int[] table;
        private final int[] edges;
        private final int bits;
        private final BandProfile profile;
        private final Waves waves;
        private final TileGrid grid;
        private final long seed;

        Irregular(BandProfile profile, Waves waves, TileGrid grid, long seed) {
            this.profile = profile;
            this.waves = waves;
            this.grid = grid;
            this.seed = seed;
            bits = tableBits(waves, grid);
            table = table(profile, bits);
            edges = new int[table.length];
            for (int i = 0; i < edges.length; i++) {
                edges[i] = profile.edges().strayingTo((i + 0.5) / edges.length * profile.period(), profile.reach());
            }
        }

        @Override
        public int width() {
            return grid.widthPx();
        }

        @Override
        public void row(int[] out, int at, int y, int left, int right) {
            int w = grid.widthPx();
            int mask = table.length - 1;
            double v = (y + 0.5) / grid.heightPx();
            double down = share(-waves.down(), y, grid.heightPx());
            for (int x = left; x < right; x++) {
                double phase = share(waves.across(), x, w) + down;
                int entry = (int) (phase * table.length) & mask;
                int edge = edges[entry];
                if (edge >= 0) {
                    double moved = phase
                            + stray(profile.edges(), waves, seed, edge, (x + 0.5) / w, v) / profile.period();
                    entry = (int) Math.floor(moved * table.length) & mask;
                }
                out[at + x - left] = table[entry];
            }
        }
    }

    /**
     * How far an edge strays at a place of the tile, in mm along the run.
     *
     * @param u,v place in tiles
     */
    static double stray(BandEdges edges, Waves waves, long seed, int edge, double u, double v) {
        double length = edges.wobbleLength(edge);
        int nx = (int) Math.max(1, Math.rint(waves.tileWidthMm() / length));
        int ny = (int) Math.max(1, Math.rint(waves.tileHeightMm() / length));
        long own = Noise.mix(seed * 31 + edge);
        double noise = 0.75 * Noise.torus(own, u, v, nx, ny) + 0.25 * Noise.torus(own + 1, u, v, 3 * nx, 3 * ny);
        return edges.wobble(edge) * noise;
    }
}
