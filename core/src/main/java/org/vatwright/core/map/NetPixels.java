package org.vatwright.core.map;

import org.vatwright.core.map.Footing.Shadow;

/** Reads the cloth straight into a picture's rows, stretch by stretch; what a stretch asks for is decided once for it. */
final class NetPixels implements CellPainter.Spans {

    private final LevelSampler sampler;
    private final Footing measure;
    private final int[] out;
    private final int begin;

    /** @param begin where the first row begins in the picture's pixels */
    NetPixels(LevelSampler sampler, Footing measure, int[] out, int begin) {
        this.sampler = sampler;
        this.measure = measure;
        this.out = out;
        this.begin = begin;
    }

    @Override
    public void lay(int first, int end, double[] run, Shadow shadow) {
        byte taps = measure.taps(shadow.level(), shadow.u(), shadow.v());
        int from = begin + first;
        int to = begin + end;
        if (LevelSampler.one(shadow.level(), taps)) {
            single(sampler.tile(0), from, to, run);
            return;
        }
        int low = (int) shadow.level();
        int share = sampler.share(shadow.level(), low);
        boolean whole = share == 0 || share == LevelSampler.SHARES;
        TileLevel nearest = sampler.tile(share == 0 ? low : low + 1);
        if (taps == 1 && whole) {
            single(nearest, from, to, run);
        } else if (sampler.opaque() && taps == 2 && whole) {
            pair(nearest, nearest, shadow.u() / 4, shadow.v() / 4, LevelSampler.SHARES / 2, from, to, run);
        } else if (sampler.opaque() && taps == 1) {
            pair(sampler.tile(low), sampler.tile(low + 1), 0, 0, share, from, to, run);
        } else {
            several(from, to, run, shadow, taps);
        }
    }

    private void single(TileLevel tile, int from, int to, double[] run) {
        long u = tile.across(run[0]);
        long v = tile.down(run[3]);
        long du = (long) (run[1] * TileLevel.TURN);
        long dv = (long) (run[4] * TileLevel.TURN);
        long ddu = (long) (run[2] * TileLevel.TURN);
        long ddv = (long) (run[5] * TileLevel.TURN);
        for (int i = from; i < to; i++) {
            out[i] = tile.at(u, v);
            u += du;
            v += dv;
            du += ddu;
            dv += ddv;
        }
    }

    /** Two samples, as far to both sides. */
    private void pair(TileLevel one, TileLevel other, double asideU, double asideV, int share, int from, int to,
            double[] run) {
        long u = one.across(run[0] - asideU);
        long v = one.down(run[3] - asideV);
        long u2 = other.across(run[0] + asideU);
        long v2 = other.down(run[3] + asideV);
        long du = (long) (run[1] * TileLevel.TURN);
        long dv = (long) (run[4] * TileLevel.TURN);
        long ddu = (long) (run[2] * TileLevel.TURN);
        long ddv = (long) (run[5] * TileLevel.TURN);
        for (int i = from; i < to; i++) {
            out[i] = LevelSampler.two(one.at(u, v), other.at(u2, v2), share);
            u += du;
            v += dv;
            u2 += du;
            v2 += dv;
            du += ddu;
            dv += ddv;
        }
    }

    private void several(int from, int to, double[] run, Shadow shadow, int taps) {
        double u = run[0];
        double v = run[3];
        double du = run[1];
        double dv = run[4];
        for (int i = from; i < to; i++) {
            out[i] = sampler.mixed(u, v, shadow.level(), taps, shadow.u(), shadow.v());
            u += du;
            v += dv;
            du += run[2];
            dv += run[5];
        }
    }
}
