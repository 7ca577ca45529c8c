package org.vatwright.core.tooth;

import java.util.Arrays;

/** Hills upon hills: gradient noise of several sizes added up. Fine specks, paper and clouds are of this kind. */
final class Octaves implements ToothField {

    /** How many sizes, each half the one before; the weight of each by that of the one before. */
    enum Sort {
        FINE(2, 0.5), PAPER(4, 0.7), CLOUD(5, 0.5);

        private final int count;
        private final double falling;
        private final Evened evened;

        Sort(int count, double falling) {
            this.count = count;
            this.falling = falling;
            evened = Evened.octaves(count, falling);
        }
    }

    private final GradientRows[] rows;
    private final float[] weights;
    private final GradientRows picks;
    private final Evened evened;

    private Octaves(GradientRows[] rows, float[] weights, GradientRows picks, Evened evened) {
        this.rows = rows;
        this.weights = weights;
        this.picks = picks;
        this.evened = evened;
    }

    /** Its levels are how much is covered already. */
    static Octaves of(Sort sort, ToothForm form, Samples across, Samples down, double phase) {
        GradientRows[] rows = new GradientRows[sort.count];
        float[] weights = new float[sort.count];
        for (int i = 0; i < sort.count; i++) {
            double size = form.sizeMm() / (1 << i);
            rows[i] = new GradientRows(form.seed() * 31 + i, across, down, across.cells(size), down.cells(size), phase);
            weights[i] = (float) Math.pow(sort.falling, i);
        }
        double broad = form.sizeMm() * 2;
        return new Octaves(rows, weights, new GradientRows(form.seed() * 31 + 29, across, down, across.cells(broad),
                down.cells(broad), 0), sort.evened.then(form.slope()));
    }

    @Override
    public Reader reader() {
        return new Hills();
    }

    private final class Hills implements Reader {
        private final GradientRows.Reader[] readers = new GradientRows.Reader[rows.length];
        private final GradientRows.Reader pickReader = picks.reader();
        private int[] byCover;
        private int[] shades;
        private int[] steps;

        Hills() {
            Arrays.setAll(readers, i -> rows[i].reader());
        }

        private void add(int y, float[] level) {
            Arrays.fill(level, 0);
            for (int i = 0; i < readers.length; i++) {
                readers[i].add(y, weights[i], level);
            }
        }

        @Override
        public void row(int y, float[] level, float[] pick) {
            add(y, level);
            evened.apply(level);
            if (pick.length > 0) {
                Arrays.fill(pick, 0);
                pickReader.add(y, 1, pick);
                Evened.SINGLE.apply(pick);
            }
        }

        @Override
        public void shades(int y, float[] level, int[] asked, int[] out, int at) {
            if (asked != byCover) {
                byCover = asked;
                shades = evened.shades(asked);
                steps = new int[level.length];
            }
            add(y, level);
            evened.show(level, steps, shades, out, at);
        }
    }
}
