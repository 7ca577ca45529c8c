package org.vatwright.core.family.motif;

import java.util.ArrayList;
import java.util.List;
import org.vatwright.core.motif.Motif;

import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;

/**
 * Where motifs stand close and where there is room, over one cell: the share of area they cover near each place, against
 * that of the whole cell. Motifs count as the circles around them.
 *
 * @param columns,rows of the map, over the cell
 * @param values by row: 0 where it is as everywhere, -1 where there is nothing, 1 where it is twice as full or more
 */
public record Crowding(int columns, int rows, double[] values) {

    /** @param columns of the map, 4 to 400 */
    public static Crowding of(Motifs motifs, Repeat repeat, int columns) {
        int rows = (int) Math.max(4, Math.min(800, Math.rint(columns * repeat.heightMm() / repeat.widthMm())));
        List<Instance> all = new ArrayList<>(motifs.placed(repeat));
        all.addAll(motifs.byHand());
        double[] area = new double[all.size()];
        double sum = 0;
        for (int i = 0; i < area.length; i++) {
            double r = motifs.motif(all.get(i).motif()).map(Motif::radiusMm).orElse(0.0) * all.get(i).scale();
            area[i] = Math.PI * r * r;
            sum += area[i];
        }
        Lattice lattice = Lattice.of(repeat);
        double[] values = new double[columns * rows];
        if (sum == 0) {
            return new Crowding(columns, rows, values);
        }
        double mean = sum / lattice.cell();
        // As wide as neighbours stand apart; a wider one would see no clumps, a narrower one each motif.
        double sigma = 0.55 * Math.sqrt(lattice.cell() / all.size());
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double x = (column + 0.5) / columns * repeat.widthMm();
                double y = (row + 0.5) / rows * repeat.heightMm();
                double near = 0;
                for (int i = 0; i < area.length; i++) {
                    near += area[i] * around(x - all.get(i).x(), y - all.get(i).y(), lattice, sigma);
                }
                values[row * columns + column] = Math.max(-1, Math.min(1, near / mean - 1));
            }
        }
        return new Crowding(columns, rows, values);
    }

    /** The bell of that width, summed over the neighbouring cells, its whole volume 1. */
    private static double around(double dx, double dy, Lattice lattice, double sigma) {
        double sum = 0;
        for (int m = -2; m <= 2; m++) {
            for (int n = -2; n <= 2; n++) {
                double x = dx - m * lattice.ax() - n * lattice.bx();
                double y = dy - m * lattice.ay() - n * lattice.by();
                double far = (x * x + y * y) / (2 * sigma * sigma);
                sum += far > 20 ? 0 : Math.exp(-far);
            }
        }
        return sum / (2 * Math.PI * sigma * sigma);
    }

    public double at(int column, int row) {
        return values[row * columns + column];
    }

    /** @return the fullest and the emptiest value */
    public double[] range() {
        double least = 1;
        double most = -1;
        for (double v : values) {
            least = Math.min(least, v);
            most = Math.max(most, v);
        }
        return new double[]{least, most};
    }
}
