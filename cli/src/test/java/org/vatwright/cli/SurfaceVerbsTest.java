package org.vatwright.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;

/** Gradients, textures and effects of the demo, by the verbs. */
class SurfaceVerbsTest extends OnTheDemo {

    private static final int SUN = 0xF6B545;
    private static final int CORAL = 0xE2603A;
    private static final int DEEP = 0x5D2340;

    private BufferedImage picture(String verb, String what, String name, int px) throws IOException {
        Path file = folder.resolve(verb + ".png");
        assertThat(run(verb, project, what, name, "--px", Integer.toString(px), "-o", file.toString())).isZero();
        assertThat(err.toString()).isEmpty();
        return ImageIO.read(file.toFile());
    }

    /** @return the opaque colour that most pixels of a row have */
    private static int most(BufferedImage picture, int y, int from, int to) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (int x = from; x < to; x++) {
            counts.merge(picture.getRGB(x, y), 1, Integer::sum);
        }
        return counts.entrySet().stream().filter(e -> e.getKey() >>> 24 == 255)
                .max(Map.Entry.comparingByValue()).orElseThrow().getKey() & 0xFFFFFF;
    }

    private static int between(int a, int b, double share) {
        int out = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            out |= (int) Math.round((a >> shift & 255) * (1 - share) + (b >> shift & 255) * share) << shift;
        }
        return out;
    }

    private static int apart(int a, int b) {
        int most = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            most = Math.max(most, Math.abs((a >> shift & 255) - (b >> shift & 255)));
        }
        return most;
    }

    /** Both fronts reach from 96 to 500 mm; the gradient runs from 5 to 95 % of that, its middle ink at 45 %. */
    @Test
    void aGradientRunsOverBothFrontsOfTheLifejacketAsTheLaySays() throws IOException {
        BufferedImage dressed = picture("dress", "--article", "lifejacket-cover", 420);
        for (int y : new int[]{180, 240, 330, 380, 445, 490}) {
            double t = Math.max(0, Math.min(1, ((y + 0.5 - 96) / 404 - 0.05) / 0.9));
            int wanted = t < 0.45 ? between(SUN, CORAL, t / 0.45) : between(CORAL, DEEP, (t - 0.45) / 0.55);
            assertThat(apart(most(dressed, y, 70, 200), wanted)).as("left, %d mm down", y).isLessThanOrEqualTo(3);
            assertThat(apart(most(dressed, y, 225, 350), wanted)).as("right, %d mm down", y).isLessThanOrEqualTo(3);
        }
    }

    @Test
    void aTileShowsItAcrossTheTileAndRowsOutOfStepLieOutOfStep() throws IOException {
        BufferedImage shoal = picture("tile", "--design", "Shoal", 640);
        // The tile is 64 x 32 mm; the course begins at 5 % of it and closes once down the tile.
        int at = (int) Math.round(320 * (0.05 + 0.45));
        assertThat(apart(most(shoal, at, 0, 640), CORAL)).isLessThanOrEqualTo(4);
        BufferedImage tarpaulin = picture("tile", "--design", "Tarpaulin", 600);
        // Rows of 6 mm: edges of the check's squares in two rows one above the other are not at the same places.
        int different = 0;
        for (int row = 0; row < 9; row++) {
            int moved = 0;
            for (int x = 120; x < 560; x++) {
                int here = tarpaulin.getRGB(x, row * 60 + 30) & 0xFF;
                int below = tarpaulin.getRGB(x, row * 60 + 150 >= 600 ? 30 : row * 60 + 150) & 0xFF;
                moved += Math.abs(here - below) > 20 ? 1 : 0;
            }
            different += moved > 20 ? 1 : 0;
        }
        assertThat(different).as("rows two apart would be alike in step").isGreaterThan(4);
    }

    @Test
    void shapesStayShapesAndTheRestIsEmbeddedAndTold() throws IOException {
        Path svg = folder.resolve("shoal.svg");
        assertThat(run("tile", project, "--design", "Shoal", "--dpi", "100", "-o", svg.toString())).isZero();
        String text = Files.readString(svg);
        assertThat(text).contains("<linearGradient").contains("spreadMethod=\"repeat\"").contains("#f6b545")
                .contains("<image");
        assertThat(text.split("<image", -1)).as("the lit scales alone are a picture").hasSize(2);
        assertThat(out + "" + err).contains("Scales in Shoal is no shape (relief and cast-shadow)");
    }
}
