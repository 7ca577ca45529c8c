package org.vatwright.bench;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;
import org.vatwright.core.raster.Raster;

/** Painting onto a ready raster, held against a plain copy of as many bytes in the same run. */
public abstract class BesideCopy extends Timed {

    final Raster out;
    private int[] source;
    private int[] target;

    /** @param side of the square in pixels */
    BesideCopy(int side) {
        out = new Raster(side, side);
    }

    @Setup
    public void prepareCopy() {
        source = new int[out.argb().length];
        target = new int[source.length];
    }

    /** C: the same bytes, once, on one thread. */
    @Benchmark
    public int[] copyOneThread() {
        System.arraycopy(source, 0, target, 0, source.length);
        return target;
    }
}
