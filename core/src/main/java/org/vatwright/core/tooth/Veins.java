package org.vatwright.core.tooth;

import java.util.Arrays;

/** Marble: even waves across a direction, bent by hills. The waves are counted whole around the tile both ways. */
final class Veins implements ToothField {

    private static final double BEND = 1.25;
    private static final double FALLING = 0.52;
    /** Sizes of hills, by that of the distance between veins; no two of them share their knots. */
    private static final double[] HILLS = {1.7, 0.83, 0.39, 0.17};
    private static final int SHARP = 3;

    private final double acrossWaves;
    private final double downWaves;
    private final double phase;
    private final Samples across;
    private final Samples down;
    private final GradientRows[] hills = new GradientRows[HILLS.length];
    private final GradientRows picks;

    Veins(ToothForm form, Samples across, Samples down, double phase) {
        this.across = across;
        this.down = down;
        this.phase = phase;
        // Veins run along the direction, so the waves go across it.
        double way = Math.toRadians(form.directionDeg());
        double wx = Math.rint(Math.sin(way) * across.mm() / form.sizeMm());
        double wy = Math.rint(Math.cos(way) * down.mm() / form.sizeMm());
        acrossWaves = wx;
        downWaves = wx == 0 && wy == 0 ? 1 : wy;
        for (int i = 0; i < HILLS.length; i++) {
            hills[i] = rows(form, i + 1, form.sizeMm() * HILLS[i]);
        }
        picks = rows(form, HILLS.length + 1, form.sizeMm() * 2);
    }

    private GradientRows rows(ToothForm form, int which, double size) {
        return new GradientRows(form.seed() * 37 + which, across, down, across.cells(size), down.cells(size), 0);
    }

    @Override
    public Reader reader() {
        GradientRows.Reader[] readers = new GradientRows.Reader[HILLS.length];
        Arrays.setAll(readers, i -> hills[i].reader());
        GradientRows.Reader third = picks.reader();
        return (y, level, pick) -> {
            Arrays.fill(level, 0);
            for (int i = 0; i < HILLS.length; i++) {
                readers[i].add(y, (float) Math.pow(FALLING, i), level);
            }
            double row = downWaves * down.share(y) + phase;
            for (int x = 0; x < level.length; x++) {
                double at = acrossWaves * across.share(x) + row + BEND * level[x];
                // The distance from the middle of a vein, a half at most; narrow veins, broad fields.
                double off = Math.abs(at - Math.rint(at)) * 2;
                level[x] = (float) (1 - Math.pow(off, 1.0 / SHARP));
            }
            EVENED.apply(level);
            if (pick.length > 0) {
                Arrays.fill(pick, 0);
                third.add(y, 1, pick);
                Evened.SINGLE.apply(pick);
            }
        };
    }

    private static final Evened EVENED = evened();

    /** The distance from a vein is as often one as another. */
    private static Evened evened() {
        float[] sample = new float[4096];
        for (int i = 0; i < sample.length; i++) {
            sample[i] = (float) (1 - Math.pow((i + 0.5) / sample.length, 1.0 / SHARP));
        }
        return Evened.of(sample);
    }
}
