package org.vatwright.core.picture;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.raster.Work;

/**
 * What is added near the edges of a picture so that opposite ones meet: the discrete Poisson equation (Perez, Gangnet, Blake
 * 2003), written for the difference between the healed picture and the given one: it is given at the edges and zero beyond the
 * margin, and between them no pixel differs from the mean of its neighbours. Solved by conjugate gradients, made ready by a
 * multigrid cycle over cells joined two by two (Braess 1995).
 */
final class Correction {

    private static final int FEW_CELLS = 24;
    private static final int MOST_ROUNDS = 400;
    private static final int SWEEPS_AT_THE_TOP = 12;

    private final List<HealGrid> grids;
    private final float[][] sides;
    private final float[][] answers;
    private final float[][] rests;

    /** @param margin pixels along each edge that may change, below half of both sides @return from the finest on */
    static List<HealGrid> grids(int width, int height, int margin) {
        List<HealGrid> grids = new ArrayList<>();
        HealGrid grid = HealGrid.of(width, height, margin);
        grids.add(grid);
        while (grid.width() * grid.height() > FEW_CELLS && Math.min(grid.width(), grid.height()) > 1) {
            grid = grid.coarser();
            grids.add(grid);
        }
        return grids;
    }

    /** @param grids are only read */
    Correction(List<HealGrid> grids) {
        this.grids = grids;
        sides = new float[grids.size()][];
        answers = new float[grids.size()][];
        rests = new float[grids.size()][];
        for (int i = 0; i < grids.size(); i++) {
            int cells = grids.get(i).width() * grids.get(i).height();
            sides[i] = new float[cells];
            answers[i] = new float[cells];
            rests[i] = new float[cells];
        }
    }

    /**
     * @param pull for each pixel what the sum of the differences to its four neighbours is to be
     * @param bound that no pixel may miss
     * @param work told how far it is, and stopped
     * @return what is to be added
     */
    float[] solve(float[] pull, double bound, Work work) {
        HealGrid finest = grids.getFirst();
        float[] found = new float[pull.length];
        float[] rest = sides[0];
        for (int i = 0; i < pull.length; i++) {
            rest[i] = finest.free(i) ? -pull[i] : 0;
        }
        double first = finest.largest(rest);
        if (first <= bound) {
            return found;
        }
        float[] way = new float[pull.length];
        float[] pushed = rests[0];
        double before = 0;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            work.goOn();
            cycle(0);
            float[] ready = answers[0];
            double now = finest.product(rest, ready);
            finest.onward(way, ready, round == 0 ? 0 : (float) (now / before));
            before = now;
            finest.times(way, pushed);
            float step = (float) (now / finest.product(way, pushed));
            double left = finest.step(found, rest, way, pushed, step);
            work.progress().accept(Math.min(1, Math.log(first / Math.max(left, bound)) / Math.log(first / bound)));
            if (left <= bound) {
                break;
            }
        }
        return found;
    }

    /** One cycle from that grid up to the coarsest and back; the same forwards and backwards. */
    private void cycle(int level) {
        HealGrid grid = grids.get(level);
        float[] answer = answers[level];
        float[] side = sides[level];
        grid.sweepFromNothing(side, answer);
        if (level + 1 == grids.size()) {
            for (int i = 0; i < SWEEPS_AT_THE_TOP; i++) {
                grid.back(side, answer);
                grid.forth(side, answer);
            }
            grid.back(side, answer);
            return;
        }
        // Of the finest the place for the rest is in use.
        float[] rest = rests[level];
        grid.rest(side, answer, rest);
        grid.gather(rest, grids.get(level + 1), sides[level + 1]);
        cycle(level + 1);
        grid.spread(answers[level + 1], grids.get(level + 1), answer);
        grid.back(side, answer);
    }
}
