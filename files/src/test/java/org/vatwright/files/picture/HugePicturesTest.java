package org.vatwright.files.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.colour.Light;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures.Brought;

/** Pictures with more pixels than there is memory for, here where the memory is for 12,000. */
class HugePicturesTest {

    private static final int W = 301;
    private static final int H = 203;
    private static final int MOST = 12_000;

    @TempDir
    Path folder;

    private static Limits room(long one, long all) {
        return new Limits(1 << 20, 10, 10, 10, one, all, 1 << 20);
    }

    private static Limits room(long all) {
        return room(MOST, all);
    }

    /** Dark blocks and light noise, so that a row taken for another, or one left out, shows. */
    private static BufferedImage noisy() {
        BufferedImage image = new BufferedImage(W, H, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(5);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                boolean dark = (x / 40 + y / 30) % 2 == 0;
                image.setRGB(x, y, dark ? random.nextInt(60) : 0xA0A0A0 + 0x010203 * random.nextInt(30));
            }
        }
        return image;
    }

    /** A part of it, as an image of its own. */
    private static BufferedImage part(int left, int top, int width, int height) {
        BufferedImage part = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        part.createGraphics().drawImage(noisy(), -left, -top, null);
        return part;
    }

    private Path written(BufferedImage image, String name) throws IOException {
        Path file = folder.resolve(name);
        ImageIO.write(image, name.substring(name.indexOf('.') + 1), file.toFile());
        return file;
    }

    private static double mean(BufferedImage image, int left, int top, int part, int shift) {
        double sum = 0;
        int count = 0;
        for (int y = top; y < Math.min(H, top + part); y++) {
            for (int x = left; x < Math.min(W, left + part); x++) {
                sum += Light.decode((image.getRGB(x, y) >> shift & 255) / 255.0);
                count++;
            }
        }
        return 255 * Light.encode(sum / count);
    }

    /** 300 columns are whole squares; the last one, and the last row of two, may lie by less than a pixel beside. */
    @ParameterizedTest
    @ValueSource(strings = {"noisy.png", "noisy.bmp", "noisy.tiff"})
    void eachPixelIsTheMeanOfItsSquareInLinearLight(String name) throws IOException {
        BufferedImage image = part(0, 0, 300, 201);
        Brought brought = Pictures.fitting(written(image, name), new PixelBudget(room(MOST)));
        assertThat(brought.part()).isEqualTo(3);
        Raster small = brought.picture().raster();
        assertThat(small.width()).isEqualTo(100);
        assertThat(small.height()).isEqualTo(67);
        BufferedImage whole = noisy();
        for (int y = 0; y < 67; y++) {
            for (int x = 0; x < 100; x++) {
                for (int shift : new int[]{0, 8, 16}) {
                    assertThat((double) (small.at(x, y) >> shift & 255)).as("%d, %d", x, y)
                            .isCloseTo(mean(whole, 3 * x, 3 * y, 3, shift), within(1.0));
                }
            }
        }
    }

    @Test
    void itIsAsLargeInMmAsTheWholeOne() throws IOException {
        Brought brought = Pictures.fitting(written(noisy(), "odd.png"), new PixelBudget(room(MOST)));
        assertThat(brought.picture().raster().width()).isEqualTo(101);
        assertThat(brought.picture().widthMm()).isCloseTo(W * 25.4 / 300, within(1e-9));
        assertThat(brought.picture().heightMm()).isCloseTo(H * 25.4 / 300, within(3 * 25.4 / 300));
    }

    @Test
    void aPhotographReadInStripsIsTheOneReadWhole() throws IOException {
        Path file = written(part(0, 0, 300, 201), "photo.jpg");
        Raster small = Pictures.fitting(file, new PixelBudget(room(MOST))).picture().raster();
        BufferedImage whole = ImageIO.read(file.toFile());
        for (int y = 0; y < 67; y++) {
            for (int x = 0; x < 100; x++) {
                assertThat((double) (small.at(x, y) & 255)).as("%d, %d", x, y).isCloseTo(
                        mean(whole, 3 * x, 3 * y, 3, 0),
                        within(1.5));
            }
        }
    }

    @Test
    void whatFitsIsTakenToThePixel() throws IOException {
        BufferedImage image = part(20, 10, 110, 109);
        Brought brought = Pictures.fitting(written(image, "small.png"), new PixelBudget(room(MOST)));
        assertThat(brought.part()).isEqualTo(1);
        assertThat(brought.picture().dpi()).isEqualTo(300);
        assertThat(brought.picture().raster().at(57, 98) & 0xFFFFFF).isEqualTo(image.getRGB(57, 98) & 0xFFFFFF);
    }

    /** The project must open again with all its pictures: 151 x 102 pixels are 15,402. */
    @ParameterizedTest
    @CsvSource({"15402, 2, 15402", "15401, 3, 6868", "10000, 3, 6868"})
    void besideOthersItHasWhatIsLeft(long left, int part, long taken) throws IOException {
        Path file = written(noisy(), "odd.png");
        PixelBudget budget = new PixelBudget(room(40_000, 50_000), 50_000 - left);
        assertThat(Pictures.fitting(file, budget).part()).isEqualTo(part);
        budget.take("the rest", left - taken);
        assertThatThrownBy(() -> budget.take("one more", 1)).isInstanceOf(Refusal.class);
    }

    @Test
    void whereHardlyAnythingIsLeftItIsRefused() throws IOException {
        Path file = written(noisy(), "odd.png");
        assertThatThrownBy(() -> Pictures.fitting(file, new PixelBudget(room(40_000, 50_000), 40_001)))
                .isInstanceOf(Refusal.class).hasMessageStartingWith("with odd.png the pictures have more than 50,000");
    }

    @Test
    void whatIsFarTooLargeIsRefusedBeforeMemoryIsSpent() throws IOException {
        BufferedImage vast = new BufferedImage(400, 241, BufferedImage.TYPE_BYTE_BINARY);
        Path file = written(vast, "vast.png");
        assertThatThrownBy(() -> Pictures.fitting(file, new PixelBudget(room(MOST)))).isInstanceOf(Refusal.class)
                .hasMessage(
                        "vast.png claims 400 x 241 pixels; 96,000 in all is the most that is read, and made smaller,"
                                + " with the memory there is");
        Path long1 = written(new BufferedImage(50_000, 1, BufferedImage.TYPE_BYTE_BINARY), "thread.png");
        assertThatThrownBy(() -> Pictures.fitting(long1, new PixelBudget(room(MOST)))).isInstanceOf(Refusal.class)
                .hasMessageContaining("thread.png has rows of 50,000 pixels");
        byte[] cut = Files.readAllBytes(written(noisy(), "cut.png"));
        Path half = Files.write(folder.resolve("half.png"), java.util.Arrays.copyOf(cut, cut.length / 2));
        assertThatThrownBy(() -> Pictures.fitting(half, new PixelBudget(room(MOST)))).isInstanceOf(Refusal.class)
                .hasMessageStartingWith("half.png is broken or was cut short");
    }
}
