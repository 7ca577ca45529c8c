package org.vatwright.core.tooth;

import java.util.Arrays;
import java.util.function.IntConsumer;

import org.vatwright.core.measure.Noise;
import org.vatwright.core.raster.Work;

/**
 * Many short hairs, strewn over the torus and bent a little, the higher one over the lower. They are drawn by blocks of rows,
 * so that a part of a tile costs a part of the work; which is over which never depends on the order in which they are drawn.
 */
final class Hairs implements ToothField {

    private static final int BLOCK = 32;
    private static final int BENDS = 6;
    /** Of a tile; more would take more memory than they are worth, and lie thinner on a huge tile of fine hairs. */
    private static final int MOST = 1_000_000;
    private static final int ASK = 4096;

    /** How hairs of a kind are. @param thick of its length @param spread of the direction, degrees @param bend in all, degrees @param over how often they cover the surface */
    record Habit(double thick, double spread, double bend, double over) {}

    private static final Habit FIBRE = new Habit(1.0 / 12, 14, 40, 2.2);
    private static final Habit FELT = new Habit(1.0 / 9, 180, 90, 3);
    private static final Habit SLUB = new Habit(1.0 / 28, 1.5, 3, 1.8);

    private final Samples across;
    private final Samples down;
    private final float[] xs;
    private final float[] ys;
    private final float[] height;
    private final float[] pick;
    private final double radiusMm;
    private final int[][] blocks;
    private final Evened evened;
    private final boolean tapered;

    static Hairs of(ToothForm form, Samples across, Samples down, double phase, Work work) {
        return new Hairs(form, across, down, phase, evened(form.kind()), work);
    }

    private Hairs(ToothForm form, Samples across, Samples down, double phase, Evened evened, Work work) {
        this.across = across;
        this.down = down;
        this.evened = evened;
        Habit habit = habit(form.kind());
        tapered = form.kind() == ToothKind.SLUB;
        double length = form.sizeMm();
        radiusMm = length * habit.thick() / 2;
        double wanted = habit.over() * across.mm() * down.mm() / (length * 2 * radiusMm);
        int count = (int) Math.max(1, Math.min(MOST, Math.rint(wanted)));
        xs = new float[count * (BENDS + 1)];
        ys = new float[count * (BENDS + 1)];
        height = new float[count];
        pick = new float[count];
        int[] reach = new int[(down.count() + BLOCK - 1) / BLOCK];
        int place = 0;
        for (long each : highestFirst(form.seed(), count)) {
            if (place % ASK == 0) {
                work.goOn();
            }
            lay(place, hash(form.seed(), (int) each), form, habit, length, phase);
            touched(place, block -> reach[block]++);
            place++;
        }
        blocks = new int[reach.length][];
        Arrays.setAll(blocks, b -> new int[reach[b]]);
        Arrays.fill(reach, 0);
        for (int i = 0; i < count; i++) {
            int hair = i;
            touched(i, block -> blocks[block][reach[block]++] = hair);
        }
    }

    /** @return numbers of hairs in the lower halves: of one that comes later most places are seen to be covered before anything is worked out */
    private static long[] highestFirst(long seed, int count) {
        long[] order = new long[count];
        // Bits of floats above nought are in the order of the floats; of two as high the first.
        Arrays.setAll(order, i -> (long) ~Float.floatToIntBits(height(hash(seed, i))) << Integer.SIZE | i);
        Arrays.sort(order);
        return order;
    }

    private static long hash(long seed, int hair) {
        return Noise.mix(seed * 43 + 0x9E3779B97F4A7C15L * (hair + 1L));
    }

    private static float height(long hash) {
        return (float) (0.15 + 0.85 * Facets.share(Noise.mix(hash + 5)));
    }

    private static Habit habit(ToothKind kind) {
        return switch (kind) {
            case FIBRE -> FIBRE;
            case FELT -> FELT;
            default -> SLUB;
        };
    }

    private void lay(int i, long hash, ToothForm form, Habit habit, double length, double phase) {
        double x = Facets.share(hash) * across.mm();
        double y = Facets.share(Noise.mix(hash + 1)) * down.mm();
        double spread = habit.spread() * (2 * Facets.share(Noise.mix(hash + 2)) - 1);
        double way = Math.toRadians(form.directionDeg() + spread);
        double sway = phase == 0
                ? 0
                : Math.sin(2 * Math.PI * (phase + Facets.share(Noise.mix(hash + 7))))
                        - Math.sin(2 * Math.PI * Facets.share(Noise.mix(hash + 7)));
        double bend = Math.toRadians(habit.bend()) * (2 * Facets.share(Noise.mix(hash + 3)) - 1 + 0.4 * sway);
        double step = length * (0.5 + Facets.share(Noise.mix(hash + 4))) / BENDS;
        height[i] = height(hash);
        pick[i] = (float) Facets.share(Noise.mix(hash + 6));
        for (int k = 0; k <= BENDS; k++) {
            xs[i * (BENDS + 1) + k] = (float) x;
            ys[i * (BENDS + 1) + k] = (float) y;
            double now = way + bend * ((double) k / BENDS - 0.5);
            x += step * Math.cos(now);
            y -= step * Math.sin(now);
        }
    }

    /** Tells every block of rows that a hair reaches, each once. */
    private void touched(int i, IntConsumer block) {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (int k = 0; k <= BENDS; k++) {
            low = Math.min(low, ys[i * (BENDS + 1) + k]);
            high = Math.max(high, ys[i * (BENDS + 1) + k]);
        }
        long first = (long) Math.floor(row(low - radiusMm));
        long last = (long) Math.ceil(row(high + radiusMm));
        int before = -1;
        int start = (int) Math.floorMod(first, (long) down.count()) / BLOCK;
        for (long r = first; r <= Math.min(last, first + down.count() - 1); r++) {
            int now = (int) Math.floorMod(r, (long) down.count()) / BLOCK;
            // Once round it comes to the block where it began.
            if (now != before && (before < 0 || now != start)) {
                block.accept(now);
            }
            before = now;
        }
    }

    private double row(double mm) {
        return mm / down.mm() * down.count() + down.shift() - Math.floor(down.shift()) - 0.5;
    }

    private double column(double mm) {
        return mm / across.mm() * across.count() + across.shift() - Math.floor(across.shift()) - 0.5;
    }

    @Override
    public Reader reader() {
        int wide = across.count();
        float[] levels = new float[BLOCK * wide];
        float[] picks = new float[BLOCK * wide];
        int[] drawn = {-1};
        // A start by whole places is a roll of what is drawn, and nothing else.
        int rollX = (int) Math.floorMod((long) Math.floor(across.shift()), (long) wide);
        long rollY = (long) Math.floor(down.shift());
        return (y, level, pickOut) -> {
            int own = (int) Math.floorMod(y - rollY, (long) down.count());
            int block = own / BLOCK;
            if (drawn[0] != block) {
                draw(block, levels, picks);
                drawn[0] = block;
            }
            roll(levels, own % BLOCK * wide, rollX, level);
            evened.apply(level);
            roll(picks, own % BLOCK * wide, rollX, pickOut);
        };
    }

    private static void roll(float[] from, int at, int by, float[] out) {
        if (out.length > 0) {
            System.arraycopy(from, at, out, by, out.length - by);
            System.arraycopy(from, at + out.length - by, out, 0, by);
        }
    }

    private void draw(int block, float[] levels, float[] picks) {
        Arrays.fill(levels, 0);
        int from = block * BLOCK;
        int to = Math.min(down.count(), from + BLOCK);
        for (int i : blocks[block]) {
            double y0 = row(ys[i * (BENDS + 1)]);
            for (int k = 0; k < BENDS; k++) {
                double y1 = row(ys[i * (BENDS + 1) + k + 1]);
                segment(i, k, y0, y1, from, to, levels, picks);
                y0 = y1;
            }
        }
    }

    /** @param y0,y1 rows where it begins and ends */
    private void segment(int i, int k, double y0, double y1, int from, int to, float[] levels, float[] picks) {
        double ry = radiusMm * down.count() / down.mm();
        int high = down.count();
        // Of the copies of the segment on the torus those that reach these rows.
        double lowRow = Math.min(y0, y1) - ry;
        double highRow = Math.max(y0, y1) + ry;
        long copy = (long) Math.ceil((from - highRow) / high);
        for (; lowRow + copy * (double) high < to; copy++) {
            int top = (int) Math.max(from, Math.ceil(lowRow + copy * (double) high));
            int end = (int) Math.min(to - 1, Math.floor(highRow + copy * (double) high));
            if (top <= end) {
                rows(i, k, top - from, end - from, from - copy * (double) high - y0, levels, picks);
            }
        }
    }

    /** The rows that a segment reaches. @param first from where it begins to where the block does */
    private void rows(int i, int k, int top, int end, double first, float[] levels, float[] picks) {
        int at = i * (BENDS + 1) + k;
        double pxX = across.count() / across.mm();
        double pxY = down.count() / down.mm();
        double x0 = column(xs[at]);
        double x1 = column(xs[at + 1]);
        double rx = radiusMm * pxX;
        double dx = xs[at + 1] - xs[at];
        double dy = ys[at + 1] - ys[at];
        double squared = Math.max(1e-12, dx * dx + dy * dy);
        // By this it lies beside the line, however long that is; a little more, so that rounding leaves nothing out.
        double farthest = radiusMm * radiusMm * squared * 1.000001;
        int wide = across.count();
        int left = (int) Math.ceil(Math.min(x0, x1) - rx);
        int right = (int) Math.floor(Math.max(x0, x1) + rx);
        int start = Math.floorMod(left, wide);
        for (int y = top; y <= end; y++) {
            double my = (y + first) / pxY;
            int column = start - 1;
            for (int x = left; x <= right; x++) {
                column = column + 1 == wide ? 0 : column + 1;
                int place = y * wide + column;
                if (levels[place] >= height[i]) {
                    continue;
                }
                double mx = (x - x0) / pxX;
                double beside = mx * dy - my * dx;
                if (beside * beside > farthest) {
                    continue;
                }
                double t = Math.max(0, Math.min(1, (mx * dx + my * dy) / squared));
                double ox = mx - t * dx;
                double oy = my - t * dy;
                double along = (k + t) / BENDS;
                double r = tapered ? radiusMm * 2 * Math.sqrt(along * (1 - along)) : radiusMm;
                double d = 1 - (ox * ox + oy * oy) / (r * r);
                if (d > 0) {
                    // Round: bright along its back, dark at its sides.
                    float level = (float) (height[i] * (0.35 + 0.65 * Math.sqrt(d)));
                    if (level > levels[place]) {
                        levels[place] = level;
                        picks[place] = pick[i];
                    }
                }
            }
        }
    }

    private static final class Evenings {
        private static final Evened FIBRE_LEVELS = sampled(ToothKind.FIBRE);
        private static final Evened FELT_LEVELS = sampled(ToothKind.FELT);
        private static final Evened SLUB_LEVELS = sampled(ToothKind.SLUB);
        private static final int SIDE = 256;

        private static Evened sampled(ToothKind kind) {
            Samples side = new Samples(SIDE, 0, 12, 0);
            Evened none = Evened.of(new float[]{0, 1});
            Hairs hairs = new Hairs(ToothForm.of(kind, 1), side, side, 0, none, Work.on(1));
            float[] all = new float[SIDE * SIDE];
            float[] block = new float[BLOCK * SIDE];
            float[] picks = new float[BLOCK * SIDE];
            for (int b = 0; b < SIDE / BLOCK; b++) {
                hairs.draw(b, block, picks);
                System.arraycopy(block, 0, all, b * block.length, block.length);
            }
            return Evened.of(all);
        }
    }

    private static Evened evened(ToothKind kind) {
        return switch (kind) {
            case FIBRE -> Evenings.FIBRE_LEVELS;
            case FELT -> Evenings.FELT_LEVELS;
            default -> Evenings.SLUB_LEVELS;
        };
    }
}
