package org.vatwright.core.map;

/**
 * Known places of a bent sheet, in rows.
 *
 * @param columns,rows of stretches between them
 * @param x,y where they are seen, p,q where they lie on the flat cloth, all in pixels; u,v on the torus, in tiles
 */
record Grid(int columns, int rows, double[] x, double[] y, double[] p, double[] q, double[] u, double[] v) {

    /** @param s,t,wide,high the part of the sheet, 0 to 1 */
    static Grid of(NetBuilder.Bend bend, Affine next, int columns, int rows, double s, double t, double wide,
            double high) {
        int nodes = (columns + 1) * (rows + 1);
        Grid grid = new Grid(columns, rows, new double[nodes], new double[nodes], new double[nodes], new double[nodes],
                new double[nodes], new double[nodes]);
        double[] out = new double[4];
        double[] uv = new double[2];
        for (int row = 0; row <= rows; row++) {
            for (int column = 0; column <= columns; column++) {
                int i = row * (columns + 1) + column;
                // The ends are met to the bit, so that sheets beside each other share them.
                bend.at(column == columns ? s + wide : s + wide * column / columns,
                        row == rows ? t + high : t + high * row / rows, out);
                grid.x[i] = out[0];
                grid.y[i] = out[1];
                grid.p[i] = out[2];
                grid.q[i] = out[3];
                next.at(out[2], out[3], uv);
                grid.u[i] = uv[0];
                grid.v[i] = uv[1];
            }
        }
        return grid;
    }

    /** @return so many nodes each way from that one on */
    Grid part(int column, int row, int side) {
        int wide = columns + 1;
        return new Grid(side - 1, side - 1, part(x, wide, column, row, side), part(y, wide, column, row, side),
                part(p, wide, column, row, side), part(q, wide, column, row, side), part(u, wide, column, row, side),
                part(v, wide, column, row, side));
    }

    /** @return with every n-th node each way */
    Grid every(int n) {
        int wide = columns + 1;
        return new Grid(columns / n, rows / n, every(x, wide, n), every(y, wide, n), every(p, wide, n),
                every(q, wide, n), every(u, wide, n), every(v, wide, n));
    }

    private static double[] every(double[] all, int wide, int n) {
        int side = (wide - 1) / n + 1;
        double[] few = new double[side * side];
        for (int i = 0; i < few.length; i++) {
            few[i] = all[i / side * n * wide + i % side * n];
        }
        return few;
    }

    private static double[] part(double[] all, int wide, int column, int row, int side) {
        double[] part = new double[side * side];
        for (int k = 0; k < side; k++) {
            System.arraycopy(all, (row + k) * wide + column, part, k * side, side);
        }
        return part;
    }

    static float[] part(float[] all, int wide, int column, int row, int side) {
        float[] part = new float[side * side];
        for (int k = 0; k < side; k++) {
            System.arraycopy(all, (row + k) * wide + column, part, k * side, side);
        }
        return part;
    }

    /** @return with its edges as straight as those of a coarse one of three by three, so that nothing gapes beside it */
    Grid edgedLike(Grid coarse) {
        Grid edged = new Grid(columns, rows, x.clone(), y.clone(), p, q, u, v);
        int wide = columns + 1;
        for (int k = 0; k <= columns; k++) {
            edged.onEdge(k, coarse, 0, 1, k);
            edged.onEdge(wide * columns + k, coarse, 6, 1, k);
            edged.onEdge(wide * k, coarse, 0, 3, k);
            edged.onEdge(wide * k + columns, coarse, 2, 3, k);
        }
        return edged;
    }

    private void onEdge(int node, Grid coarse, int first, int step, int k) {
        int half = columns / 2;
        int a = first + (k >= half && k > 0 ? step : 0);
        double share = (double) (a == first ? k : k - half) / half;
        x[node] = share == 1 ? coarse.x[a + step] : coarse.x[a] + share * (coarse.x[a + step] - coarse.x[a]);
        y[node] = share == 1 ? coarse.y[a + step] : coarse.y[a] + share * (coarse.y[a + step] - coarse.y[a]);
    }
}
