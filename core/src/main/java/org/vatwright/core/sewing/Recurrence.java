package org.vatwright.core.sewing;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.dress.Seam;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.stripe.Waves;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;

/** Which moves leave a design as it is, and so what of a difference between two places is seen. Lengths in mm of the design. */
sealed interface Recurrence {

    /** @return what of a difference is left when as much as recurs is taken off: the least vector */
    double[] left(double dx, double dy);

    /** @return what to move by so that the greatest of what is left of all of them is least */
    double[] best(double[][] differences);

    /** @return the same for certain, within some hundredths of a mm, however long it takes */
    default double[] surest(double[][] differences) {
        return best(differences);
    }

    /** @return how much of what is left is least at best, of all of them */
    default double most(double[][] differences, double[] move) {
        double most = 0;
        for (double[] d : differences) {
            double[] left = left(d[0] - move[0], d[1] - move[1]);
            most = Math.max(most, Math.hypot(left[0], left[1]));
        }
        return most;
    }

    /** @return of bands when all that is seen are bands in one direction, else of the lattice of its cells */
    static Recurrence of(Design design, Seam.Meets meets) {
        Repeat cell = design.repeat();
        return switch (meets) {
            case BOTH -> of(design);
            // From column to column of a drop the bars come again sooner, so do those of a brick from row to row.
            case LEVEL -> new Bands(0, 1, cell.heightMm() / (cell.arrangement() instanceof Arrangement.Drop(var f)
                    ? f.denominator()
                    : 1));
            case UPRIGHT -> new Bands(1, 0, cell.widthMm() / (cell.arrangement() instanceof Arrangement.Brick(var f)
                    ? f.denominator()
                    : 1));
        };
    }

    private static Recurrence of(Design design) {
        List<Layer> seen = design.layers().stream().filter(Layer::visible).toList();
        Optional<Recurrence> bands = seen.isEmpty() || !seen.stream().allMatch(l -> l.structure() instanceof Stripes)
                ? Optional.empty()
                : bands(design, seen);
        return bands.orElseGet(() -> new Cells(Lattice.of(design.repeat())));
    }

    private static Optional<Recurrence> bands(Design design, List<Layer> seen) {
        int across = 0;
        int down = 0;
        double wide = 1;
        double high = 1;
        for (Layer layer : seen) {
            Waves waves = Waves.of((Stripes) layer.structure(), design.repeat().tile());
            boolean other = across * waves.down() != down * waves.across();
            if (other && (across != 0 || down != 0)) {
                return Optional.empty();
            }
            // Several of one direction recur together as often as their greatest common divisor says.
            int i = gcd(across, waves.across());
            int j = gcd(down, waves.down());
            across = waves.across() < 0 ? -i : i;
            down = waves.down() < 0 ? -j : j;
            wide = waves.tileWidthMm();
            high = waves.tileHeightMm();
        }
        // The waves count upwards, places downwards.
        double kx = across / wide;
        double ky = -down / high;
        double period = 1 / Math.hypot(kx, ky);
        return Optional.of(new Bands(kx * period, ky * period, period));
    }

    private static int gcd(int a, int b) {
        int x = Math.abs(a);
        int y = Math.abs(b);
        while (y != 0) {
            int rest = x % y;
            x = y;
            y = rest;
        }
        return x;
    }

    /** @param nx,ny the direction across the bands, of length 1 */
    record Bands(double nx, double ny, double periodMm) implements Recurrence {

        private double across(double[] d) {
            return nx * d[0] + ny * d[1];
        }

        @Override
        public double[] left(double dx, double dy) {
            double off = nx * dx + ny * dy;
            double rest = off - periodMm * Math.rint(off / periodMm);
            return new double[]{rest * nx, rest * ny};
        }

        /** All of them on a circle of one period: the middle of what is left of it beside the widest gap. */
        @Override
        public double[] best(double[][] differences) {
            double[] at = new double[differences.length];
            for (int i = 0; i < at.length; i++) {
                double turns = across(differences[i]) / periodMm;
                at[i] = (turns - Math.floor(turns)) * periodMm;
            }
            Arrays.sort(at);
            double widest = at[0] + periodMm - at[at.length - 1];
            double end = at[0];
            for (int i = 1; i < at.length; i++) {
                if (at[i] - at[i - 1] > widest) {
                    widest = at[i] - at[i - 1];
                    end = at[i];
                }
            }
            double middle = end + (periodMm - widest) / 2;
            return new double[]{middle * nx, middle * ny};
        }
    }

    /** Of cells in a lattice. */
    record Cells(Lattice lattice) implements Recurrence {

        private static final int GRID = 16;
        private static final double FINEST_MM = 0.03;
        private static final int MOST_PARTS = 60_000;
        private static final int STARTS = 4;

        @Override
        public double[] left(double dx, double dy) {
            double det = lattice.ax() * lattice.by() - lattice.ay() * lattice.bx();
            double m = Math.rint((dx * lattice.by() - dy * lattice.bx()) / det);
            double n = Math.rint((lattice.ax() * dy - lattice.ay() * dx) / det);
            double[] best = null;
            // The nearest place of a leaning lattice may be a neighbour.
            for (int i = -1; i <= 1; i++) {
                for (int j = -1; j <= 1; j++) {
                    double x = dx - (m + i) * lattice.ax() - (n + j) * lattice.bx();
                    double y = dy - (m + i) * lattice.ay() - (n + j) * lattice.by();
                    if (best == null || Math.hypot(x, y) < Math.hypot(best[0], best[1])) {
                        best = new double[]{x, y};
                    }
                }
            }
            return best;
        }

        /** From the best places of a grid on: what is nearest to the move is moved about it, the middle of all is the next. */
        @Override
        public double[] best(double[][] differences) {
            double[][] starts = new double[GRID * GRID + 1][];
            for (int k = 0; k < GRID * GRID; k++) {
                double s = (double) (k % GRID) / GRID;
                double t = (double) (k / GRID) / GRID;
                starts[k] = new double[]{s * lattice.ax() + t * lattice.bx(), s * lattice.ay() + t * lattice.by()};
            }
            starts[GRID * GRID] = differences[0].clone();
            double[] most = new double[starts.length];
            double[][] some = thinned(differences);
            for (int k = 0; k < starts.length; k++) {
                most[k] = most(some, starts[k]);
            }
            Integer[] order = new Integer[starts.length];
            Arrays.setAll(order, i -> i);
            Arrays.sort(order, (a, b) -> Double.compare(most[a], most[b]));
            double[] best = null;
            double least = Double.MAX_VALUE;
            for (int k = 0; k < STARTS; k++) {
                double[] move = settled(differences, starts[order[k]]);
                double there = most(differences, move);
                if (there < least - 1e-9) {
                    least = there;
                    best = move;
                }
            }
            return best;
        }

        @Override
        public double[] surest(double[][] differences) {
            return searched(differences, best(differences));
        }

        /**
         * Branch and bound: moved by so much, what is left changes by no more than that; so a part of the cell whose middle is worse
         * than the best by more than its reach holds nothing better.
         */
        private double[] searched(double[][] differences, double[] start) {
            double[] best = start;
            double least = most(differences, best);
            double reach = Math.hypot(Math.abs(lattice.ax()) + Math.abs(lattice.bx()),
                    Math.abs(lattice.ay()) + Math.abs(lattice.by())) / 2;
            Deque<double[]> parts = new ArrayDeque<>();
            parts.add(new double[]{0.5, 0.5, 1});
            for (int n = 0; n < MOST_PARTS && !parts.isEmpty(); n++) {
                double[] part = parts.poll();
                double[] middle = {part[0] * lattice.ax() + part[1] * lattice.bx(),
                        part[0] * lattice.ay() + part[1] * lattice.by()};
                double there = most(differences, middle);
                if (there < least) {
                    least = there;
                    best = middle;
                }
                if (there - reach * part[2] < least - FINEST_MM) {
                    for (int k = 0; k < 4; k++) {
                        parts.add(new double[]{part[0] + (k % 2 - 0.5) * part[2] / 2,
                                part[1] + (k / 2 - 0.5) * part[2] / 2, part[2] / 2});
                    }
                }
            }
            return best;
        }

        private static double[][] thinned(double[][] all) {
            int step = Math.max(1, all.length / 40);
            double[][] some = new double[(all.length + step - 1) / step][];
            for (int i = 0; i < some.length; i++) {
                some[i] = all[i * step];
            }
            return some;
        }

        private double[] settled(double[][] differences, double[] start) {
            double[] move = start;
            double least = most(differences, move);
            for (int round = 0; round < 30; round++) {
                double[][] about = new double[differences.length][];
                for (int i = 0; i < about.length; i++) {
                    about[i] = left(differences[i][0] - move[0], differences[i][1] - move[1]);
                }
                double[] middle = Enclosing.middle(about);
                double[] next = {move[0] + middle[0], move[1] + middle[1]};
                double there = most(differences, next);
                if (there >= least - 1e-12) {
                    break;
                }
                least = there;
                move = next;
            }
            return move;
        }
    }
}
