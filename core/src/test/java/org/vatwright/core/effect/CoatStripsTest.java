package org.vatwright.core.effect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.TileGrid;

/** Coats wider than one strip, and than what lies beside it. */
class CoatStripsTest {

    private static final int[] INKS = {0xFFB4472F, 0xFF26407A, 0x80130F08, 0};

    private static Raster marks(int w, int h) {
        SplittableRandom random = new SplittableRandom(7);
        Raster raster = new Raster(w, h);
        for (int i = 0; i < raster.argb().length; i++) {
            raster.argb()[i] = INKS[random.nextInt(INKS.length)];
        }
        return raster;
    }

    private static Raster rolled(Raster raster, int dx, int dy) {
        Raster rolled = new Raster(raster.width(), raster.height());
        for (int y = 0; y < raster.height(); y++) {
            for (int x = 0; x < raster.width(); x++) {
                rolled.argb()[(y + dy) % raster.height() * raster.width() + (x + dx) % raster.width()] = raster.at(x,
                        y);
            }
        }
        return rolled;
    }

    private static Raster soft(Raster raster, double spread, int threads) {
        int w = raster.width();
        int h = raster.height();
        return new Blur(spread).on(raster, Coats.asked(new TileGrid(w, h, w, h), threads));
    }

    /** Rolled, each place lies elsewhere in its strip, or in another: any seam between strips would show. */
    @ParameterizedTest
    @CsvSource({"1351, 60, 2.5", "1351, 60, 20", "901, 47, 12", "451, 300, 20", "1700, 200, 70", "3000, 40, 130",
            "700, 90, 690", "520, 30, 600"})
    void noSeamLiesBetweenStrips(int w, int h, double spread) {
        Raster marks = marks(w, h);
        Raster first = rolled(soft(marks, spread, 2), 611 % w, 13);
        Raster second = soft(rolled(marks, 611 % w, 13), spread, 1);
        assertThat(second.argb()).isEqualTo(first.argb());
    }

    @ParameterizedTest
    @CsvSource({"1351, 400, 20", "300, 900, 13", "1700, 200, 70"})
    void howManyWorkOnItChangesNothing(int w, int h, double spread) {
        Raster marks = marks(w, h);
        Raster one = soft(marks, spread, 1);
        for (int threads : new int[]{2, 3, 7, 16}) {
            assertThat(soft(marks, spread, threads).argb()).as(threads + " threads").isEqualTo(one.argb());
        }
    }

    /** A coat that changes along its rows only is soft along them only: its rows stay like one another, and its mean is kept. */
    @ParameterizedTest
    @CsvSource({"1351, 20", "3000, 130"})
    void whatIsAlikeInAllRowsStaysSo(int w, double spread) {
        int h = 24;
        Raster marks = new Raster(w, h);
        for (int i = 0; i < w * h; i++) {
            marks.argb()[i] = i % w % 97 < 40 ? 0xFFB4472F : 0xFF26407A;
        }
        Raster soft = soft(marks, spread, 2);
        for (int y = 1; y < h; y++) {
            for (int x = 0; x < w; x++) {
                assertThat(soft.at(x, y)).isEqualTo(soft.at(x, 0));
            }
        }
        assertThat(soft.at(w / 2, 0) >>> 24).isEqualTo(255);
    }
}
