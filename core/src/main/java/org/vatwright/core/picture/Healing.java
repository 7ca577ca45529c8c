package org.vatwright.core.picture;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

/**
 * A picture whose opposite edges meet, the same size: over the edge there is such a step as beside it, half of what is missing is
 * added on either side, and within the margin the picture keeps its own steps from pixel to pixel as far as that allows.
 */
final class Healing {

    /** Of the whole range of a channel, that no pixel's equation may be off; floats add as much again. */
    static final double BOUND = 3e-7;

    private Healing() {}

    /** @param margin pixels along each edge that may change, 1 to below half of both sides */
    static Raster of(Raster picture, int margin, Work work) {
        Planes planes = Planes.of(picture);
        heal(planes, margin, work);
        return planes.raster();
    }

    /** Changes the planes, before they are rounded. */
    static void heal(Planes planes, int margin, Work work) {
        float[][] values = planes.values();
        double[] done = new double[values.length];
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            all.add(i);
        }
        List<HealGrid> grids = Correction.grids(planes.width(), planes.height(), margin);
        Rows.map(all, 1, work, i -> {
            Correction correction = new Correction(grids);
            float[] edge = edge(values[i], planes.width(), planes.height());
            float[] more = correction.solve(pull(edge, planes.width(), planes.height()), BOUND, work.telling(share -> {
                synchronized (done) {
                    done[i] = Math.max(done[i], share);
                    double sum = 0;
                    for (double each : done) {
                        sum += each / done.length;
                    }
                    work.progress().accept(sum);
                }
            }));
            for (int k = 0; k < more.length; k++) {
                values[i][k] += more[k] + edge[k];
            }
            return i;
        });
    }

    /** @return what is added to the pixels at the edges, zero to all others */
    static float[] edge(float[] plane, int w, int h) {
        float[] edge = new float[plane.length];
        for (int y = 0; y < h; y++) {
            int row = y * w;
            float half = more(plane[row + w - 2], plane[row + w - 1], plane[row], plane[row + 1]) / 2;
            edge[row] = half;
            edge[row + w - 1] = -half;
        }
        for (int x = 0; x < w; x++) {
            int last = (h - 1) * w + x;
            float half = more(plane[last - w], plane[last], plane[x], plane[w + x]) / 2;
            edge[x] = half;
            edge[last] = -half;
        }
        // Where four corners meet all become their mean.
        int[] corners = {0, w - 1, (h - 1) * w, h * w - 1};
        float mean = (plane[0] + plane[w - 1] + plane[(h - 1) * w] + plane[h * w - 1]) / 4;
        for (int corner : corners) {
            edge[corner] = mean - plane[corner];
        }
        return edge;
    }

    /** @return of the pixels beside the edges what is added at the edge: it pulls them, those that may change */
    private static float[] pull(float[] edge, int w, int h) {
        float[] pull = new float[edge.length];
        for (int x = 1; x < w - 1; x++) {
            pull[w + x] -= edge[x];
            pull[(h - 2) * w + x] -= edge[(h - 1) * w + x];
        }
        for (int y = 1; y < h - 1; y++) {
            pull[y * w + 1] -= edge[y * w];
            pull[y * w + w - 2] -= edge[y * w + w - 1];
        }
        return pull;
    }

    /** @return what is missing from the step between b and c to be the middle one of it and the steps beside it */
    private static float more(float a, float b, float c, float d) {
        float one = b - a;
        float other = d - c;
        float step = c - b;
        return Math.max(Math.min(one, other), Math.min(Math.max(one, other), step)) - step;
    }
}
