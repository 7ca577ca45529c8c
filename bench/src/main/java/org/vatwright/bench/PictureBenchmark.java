package org.vatwright.bench;

import java.util.List;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.Warmup;
import org.vatwright.core.measure.Noise;
import org.vatwright.core.picture.Inks;
import org.vatwright.core.picture.Making;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** Pictures of 2048 x 2048 made into tiles, beside a copy of as many bytes as three planes of floats have. */
@Warmup(iterations = 1, time = 5)
@Measurement(iterations = 3, time = 10)
public class PictureBenchmark extends Timed {

    private static final int SIDE = 2048;
    private static final int PLANES = 3;
    private static final Work TWO = Work.on(2);

    private final Raster picture = new Raster(SIDE, SIDE);
    private final float[] source = new float[PLANES * SIDE * SIDE];
    private final float[] target = new float[PLANES * SIDE * SIDE];

    @Setup
    public void prepare() {
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                int grit = (int) (Noise.mix(y * 31L * SIDE + x) >>> 59);
                int red = 60 + 120 * x / SIDE + grit;
                int green = 40 + 150 * y / SIDE + grit;
                picture.argb()[y * SIDE + x] = 0xFF000000 | red << 16 | green << 8 | (red + green) / 2;
            }
        }
    }

    /** C: the same bytes, once, on one thread. */
    @Benchmark
    public float[] copyOneThread() {
        System.arraycopy(source, 0, target, 0, source.length);
        return target;
    }

    @Benchmark
    public Raster heal() {
        return Making.HEAL.of(picture, TWO);
    }

    @Benchmark
    public Raster crossFade() {
        return new Making(Making.Way.FADE).of(picture, TWO);
    }

    @Benchmark
    public List<?> sixInks() {
        return Inks.of(picture, 6, 1, TWO).colours();
    }
}
