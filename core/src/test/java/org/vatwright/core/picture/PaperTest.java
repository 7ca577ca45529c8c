package org.vatwright.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Packed;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** Scans drawn here: a ring of ink with soft edges on grainy paper, dust beside it. */
class PaperTest {

    private static final int SIDE = 120;
    private static final int[] SHEET = {236, 228, 206};
    private static final int[] INK = {30, 40, 70};

    /** @return how much ink there is, 0 to 1, a slope of 3 px at either edge */
    private static double ink(int x, int y) {
        double off = Math.abs(Math.hypot(x - 60, y - 60) - 35) - 5;
        return Math.max(0, Math.min(1, 0.5 - off / 3));
    }

    private static Raster scan(boolean dusty) {
        Random random = new Random(3);
        Raster scan = new Raster(SIDE, SIDE);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                double share = dusty && x >= 8 && x < 11 && y >= 8 && y < 11 ? 1 : ink(x, y);
                int grain = random.nextInt(7) - 3;
                int argb = 0xFF;
                for (int c = 0; c < 3; c++) {
                    argb = argb << 8 | (int) Math.round(SHEET[c] + grain * (1 - share) + share * (INK[c] - SHEET[c]));
                }
                scan.argb()[y * SIDE + x] = argb;
            }
        }
        return scan;
    }

    private static Raster cleared(Raster scan, Paper paper) {
        return paper.cleared(scan, 10, Work.on(2));
    }

    @Test
    void thePaperIsWhatThereIsMostOfAndGoesWithItsGrain() {
        Rgb found = Paper.colour(scan(false));
        assertThat(found.red()).isBetween(234, 238);
        assertThat(found.blue()).isBetween(204, 208);
        Raster clear = cleared(scan(false), Paper.USUAL);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                if (ink(x, y) == 0) {
                    assertThat(clear.at(x, y)).isZero();
                } else if (ink(x, y) == 1) {
                    assertThat(clear.at(x, y) >>> 24).isEqualTo(255);
                }
            }
        }
    }

    @Test
    void softEdgesStaySoftAndLaidOnThePaperItIsTheScanAgain() {
        Raster scan = scan(false);
        Raster clear = cleared(scan, new Paper(0, 0));
        Rgb paper = Paper.colour(scan);
        int partly = 0;
        for (int i = 0; i < scan.argb().length; i++) {
            int over = clear.argb()[i];
            partly += over >>> 24 > 20 && over >>> 24 < 235 ? 1 : 0;
            int again = over + Packed.times255(paper.argb(), 255 - (over >>> 24));
            for (int shift = 0; shift < 24; shift += 8) {
                assertThat(Math.abs((again >> shift & 255) - (scan.argb()[i] >> shift & 255)))
                        .as("pixel %d", i).isLessThanOrEqualTo(4);
            }
        }
        assertThat(partly).as("of two edges about 200 px long").isGreaterThan(150);
    }

    @Test
    void dustGoesUpToTheSizeThatIsAskedForAndTheDrawingStays() {
        // 3 x 3 px at 10 px a mm: as much area as a speck of 0.34 mm across.
        assertThat(cleared(scan(true), new Paper(0.2, 0.3)).at(9, 9) >>> 24).isEqualTo(255);
        Raster clean = cleared(scan(true), new Paper(0.2, 0.4));
        assertThat(clean.at(9, 9)).isZero();
        assertThat(clean.argb()).isEqualTo(cleared(scan(false), new Paper(0.2, 0.4)).argb());
    }

    @Test
    void itIsPartOfTheCutOutAndItsNumbersAreChecked() {
        CutOut cut = new CutOut(0, 0, 0.5, 1).withPaper(java.util.Optional.of(Paper.USUAL));
        Raster half = cut.of(scan(false), 10, Work.on(1));
        assertThat(half.width()).isEqualTo(60);
        assertThat(half.at(2, 2)).isZero();
        assertThat(half.at(25, 60) >>> 24).isEqualTo(255);
        assertThatThrownBy(() -> new Paper(1.2, 0)).isInstanceOf(Refusal.class).hasMessageContaining("paper 120 %");
        assertThatThrownBy(() -> new Paper(0.2, 51)).hasMessageContaining("dust 51 mm");
    }
}
