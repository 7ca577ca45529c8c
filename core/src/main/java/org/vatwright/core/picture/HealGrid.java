package org.vatwright.core.picture;

import java.util.Arrays;

/**
 * Cells of the torus with how strongly neighbours hold each other; a cell that may not change is held by nothing and stays zero.
 *
 * @param right,down how strongly a cell holds the next one to the right and below, 0 to neighbours that may not change
 * @param held how strongly it is held in all, by those that may not change as well; 0 where it may not change
 * @param loose one by how strongly it is held; 0 where it may not change
 * @param left,beyond,top,under cells from {@code left} to below {@code beyond} in rows from {@code top} to below {@code under}
 *            may not change
 */
record HealGrid(int width, int height, float[] right, float[] down, float[] held, float[] loose, int left, int beyond,
        int top, int under) {

    /** Cells joined two by two hold each other as one of twice the size would, not as four. */
    private static final float LOOSER = 0.5f;

    /** Those in the margin along the edges may change, those at the edge itself and beyond the margin not. */
    static HealGrid of(int width, int height, int margin) {
        float[] right = new float[width * height];
        float[] down = new float[width * height];
        float[] held = new float[width * height];
        HealGrid grid = new HealGrid(width, height, right, down, held, new float[held.length], margin, width - margin,
                margin, height - margin);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (!grid.fixed(x, y)) {
                    int at = y * width + x;
                    held[at] = 4;
                    right[at] = grid.fixed(x + 1, y) ? 0 : 1;
                    down[at] = grid.fixed(x, y + 1) ? 0 : 1;
                }
            }
        }
        grid.loosen();
        return grid;
    }

    private void loosen() {
        for (int i = 0; i < held.length; i++) {
            loose[i] = held[i] > 0 ? 1 / held[i] : 0;
        }
    }

    private boolean fixed(int x, int y) {
        return x == 0 || y == 0 || x == width - 1 || y == height - 1
                || x >= left && x < beyond && y >= top && y < under;
    }

    boolean free(int at) {
        return held[at] > 0;
    }

    /** @return with cells joined two by two, at the ends what is left */
    HealGrid coarser() {
        int w = (width + 1) / 2;
        int h = (height + 1) / 2;
        float[] toRight = new float[w * h];
        float[] toDown = new float[w * h];
        float[] all = new float[w * h];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int from = y * width + x;
                int to = y / 2 * w + x / 2;
                all[to] += LOOSER * held[from];
                int next = (x + 1 == width ? 0 : x + 1) / 2;
                if (next == x / 2) {
                    all[to] -= 2 * LOOSER * right[from];
                } else {
                    toRight[to] += LOOSER * right[from];
                }
                int below = (y + 1 == height ? 0 : y + 1) / 2;
                if (below == y / 2) {
                    all[to] -= 2 * LOOSER * down[from];
                } else {
                    toDown[to] += LOOSER * down[from];
                }
            }
        }
        HealGrid coarse = new HealGrid(w, h, toRight, toDown, all, new float[all.length], (left + 1) / 2, beyond / 2,
                (top + 1) / 2, under / 2);
        coarse.loosen();
        return coarse;
    }

    /** What is done to some cells of a row one after the other. */
    private interface Run {
        void cells(int y, int from, int to);
    }

    /** All that may change, and few of those that may not. */
    private void each(Run run) {
        for (int y = 0; y < height; y++) {
            if (y >= top && y < under && left < beyond) {
                run.cells(y, 0, left);
                run.cells(y, beyond, width);
            } else {
                run.cells(y, 0, width);
            }
        }
    }

    private void eachBack(Run run) {
        for (int y = height - 1; y >= 0; y--) {
            if (y >= top && y < under && left < beyond) {
                run.cells(y, beyond, width);
                run.cells(y, 0, left);
            } else {
                run.cells(y, 0, width);
            }
        }
    }

    /** @return what a cell's neighbours pull it to. @param before,next,above,below where its neighbours stand */
    private float pulled(float[] v, int at, int before, int next, int above, int below) {
        return right[before] * v[before] + right[at] * v[next] + down[above] * v[above] + down[at] * v[below];
    }

    private int up(int y) {
        return (y == 0 ? height - 1 : y - 1) * width;
    }

    private int low(int y) {
        return (y + 1 == height ? 0 : y + 1) * width;
    }

    /** Gauss-Seidel forwards, from zero. */
    void sweepFromNothing(float[] side, float[] answer) {
        Arrays.fill(answer, 0);
        forth(side, answer);
    }

    void forth(float[] side, float[] answer) {
        each((y, from, to) -> {
            int row = y * width;
            int up = up(y) - row;
            int low = low(y) - row;
            if (from == 0) {
                relax(side, answer, row, row + width - 1, width == 1 ? row : row + 1, row + up, row + low);
            }
            int end = row + Math.min(to, width - 1);
            for (int at = row + Math.max(1, from); at < end; at++) {
                relax(side, answer, at, at - 1, at + 1, at + up, at + low);
            }
            if (to == width && width > 1) {
                relax(side, answer, row + width - 1, row + width - 2, row, row + width - 1 + up, row + width - 1 + low);
            }
        });
    }

    void back(float[] side, float[] answer) {
        eachBack((y, from, to) -> {
            int row = y * width;
            int up = up(y) - row;
            int low = low(y) - row;
            if (to == width && width > 1) {
                relax(side, answer, row + width - 1, row + width - 2, row, row + width - 1 + up, row + width - 1 + low);
            }
            int first = row + Math.max(1, from);
            for (int at = row + Math.min(to, width - 1) - 1; at >= first; at--) {
                relax(side, answer, at, at - 1, at + 1, at + up, at + low);
            }
            if (from == 0) {
                relax(side, answer, row, row + width - 1, width == 1 ? row : row + 1, row + up, row + low);
            }
        });
    }

    private void relax(float[] side, float[] answer, int at, int before, int next, int above, int below) {
        answer[at] = (side[at] + pulled(answer, at, before, next, above, below)) * loose[at];
    }

    /** What is still wanting. */
    void rest(float[] side, float[] answer, float[] rest) {
        times(answer, rest);
        each((y, from, to) -> {
            for (int i = y * width + from; i < y * width + to; i++) {
                rest[i] = side[i] - rest[i];
            }
        });
    }

    void times(float[] v, float[] to) {
        each((y, from, end) -> {
            int row = y * width;
            int up = up(y) - row;
            int low = low(y) - row;
            for (int x = from; x < end; x++) {
                int at = row + x;
                int before = x == 0 ? row + width - 1 : at - 1;
                int next = x + 1 == width ? row : at + 1;
                to[at] = held[at] * v[at] - pulled(v, at, before, next, at + up, at + low);
            }
        });
    }

    void gather(float[] rest, HealGrid coarse, float[] side) {
        Arrays.fill(side, 0);
        each((y, from, to) -> {
            int row = y / 2 * coarse.width;
            for (int x = from; x < to; x++) {
                side[row + x / 2] += rest[y * width + x];
            }
        });
    }

    void spread(float[] coarse, HealGrid grid, float[] answer) {
        each((y, from, to) -> {
            int row = y / 2 * grid.width;
            for (int x = from; x < to; x++) {
                answer[y * width + x] += coarse[row + x / 2];
            }
        });
    }

    /** The next way: what is ready and a share of the way before. */
    void onward(float[] way, float[] ready, float share) {
        each((y, from, to) -> {
            for (int i = y * width + from; i < y * width + to; i++) {
                way[i] = ready[i] + share * way[i];
            }
        });
    }

    /** One step along a way. @return how much the one that misses most still misses */
    double step(float[] found, float[] rest, float[] way, float[] pushed, float step) {
        each((y, from, to) -> {
            for (int i = y * width + from; i < y * width + to; i++) {
                found[i] += step * way[i];
                rest[i] -= step * pushed[i];
            }
        });
        return largest(rest);
    }

    double largest(float[] values) {
        float[] most = new float[1];
        each((y, from, to) -> {
            float row = 0;
            for (int i = y * width + from; i < y * width + to; i++) {
                row = Math.max(row, Math.abs(values[i]));
            }
            most[0] = Math.max(most[0], row);
        });
        return most[0];
    }

    double product(float[] one, float[] other) {
        double[] sum = new double[1];
        each((y, from, to) -> {
            // Of a row floats are exact enough, of all of them not.
            float row = 0;
            for (int i = y * width + from; i < y * width + to; i++) {
                row += one[i] * other[i];
            }
            sum[0] += row;
        });
        return sum[0];
    }
}
