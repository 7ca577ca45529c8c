package org.vatwright.files.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;

import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.Output;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;

/** Pictures as cameras, scanners and printers' offices leave them. */
class PicturesTest {

    private static final int W = 48;
    private static final int H = 32;

    @TempDir
    Path folder;

    /** Red at the upper left, green at the upper right, blue at the lower left, the rest white. */
    private static BufferedImage corners(int type) {
        BufferedImage image = new BufferedImage(W, H, type);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                boolean left = x < W / 2;
                image.setRGB(x, y, y < H / 2 ? left ? 0xFFFF0000 : 0xFF00FF00 : left ? 0xFF0000FF : 0xFFFFFFFF);
            }
        }
        return image;
    }

    private static byte[] jpeg() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(corners(BufferedImage.TYPE_INT_RGB), "jpeg", out);
        return out.toByteArray();
    }

    /** @return the JPEG with a segment put in after its first marker */
    private static byte[] with(byte[] jpeg, int marker, byte[] segment) {
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + segment.length + 4);
        out.put(jpeg, 0, 2).put((byte) 0xFF).put((byte) marker).putShort((short) (segment.length + 2)).put(segment);
        return out.put(jpeg, 2, jpeg.length - 2).array();
    }

    private static byte[] exif(int orientation) {
        ByteBuffer exif = ByteBuffer.allocate(32).order(ByteOrder.LITTLE_ENDIAN);
        exif.put("Exif\0\0II*\0".getBytes(StandardCharsets.US_ASCII)).putInt(8);
        exif.putShort((short) 1).putShort((short) 0x112).putShort((short) 3).putInt(1).putInt(orientation);
        return exif.putInt(0).array();
    }

    private Raster read(String name, byte[] bytes) throws IOException {
        return Pictures.read(Files.write(folder.resolve(name), bytes), Limits.STANDARD);
    }

    private static char at(Raster raster, int right, int low) {
        int argb = raster.at(raster.width() * (1 + 2 * right) / 4, raster.height() * (1 + 2 * low) / 4);
        boolean red = (argb >> 16 & 255) > 128;
        boolean green = (argb >> 8 & 255) > 128;
        return red ? green ? 'w' : 'r' : green ? 'g' : 'b';
    }

    /** The corners as EXIF 2.3, 4.6.4 A, orders them: stored row 0 and column 0 are the named sides of what is seen. */
    @ParameterizedTest
    @CsvSource({"1, rgbw", "2, grwb", "3, wbgr", "4, bwrg", "5, rbgw", "6, brwg", "7, wgbr", "8, gwrb"})
    void aTurnedCameraPictureStandsUpright(int orientation, String seen) throws IOException {
        Raster read = read("turned.jpg", with(jpeg(), 0xE1, exif(orientation)));
        assertThat(read.width()).isEqualTo(orientation < 5 ? W : H);
        assertThat(read.height()).isEqualTo(orientation < 5 ? H : W);
        assertThat("" + at(read, 0, 0) + at(read, 1, 0) + at(read, 0, 1) + at(read, 1, 1)).isEqualTo(seen);
        Raster scanned = read("turned.tif", rgbTiff(orientation));
        assertThat("" + at(scanned, 0, 0) + at(scanned, 1, 0) + at(scanned, 0, 1) + at(scanned, 1, 1)).isEqualTo(seen);
    }

    private static byte[] rgbTiff(int orientation) {
        BufferedImage image = corners(BufferedImage.TYPE_INT_RGB);
        ByteBuffer pixels = ByteBuffer.allocate(3 * W * H);
        for (int rgb : image.getRGB(0, 0, W, H, null, 0, W)) {
            pixels.put((byte) (rgb >> 16)).put((byte) (rgb >> 8)).put((byte) rgb);
        }
        return tiff(2, 8, 3, orientation, pixels.array());
    }

    /** A baseline TIFF in one strip. @param kind PhotometricInterpretation: 2 RGB, 5 separated */
    private static byte[] tiff(int kind, int bits, int channels, int orientation, byte[] pixels) {
        int[][] tags = {{256, 4, 1, W}, {257, 4, 1, H}, {258, 3, channels, 0}, {259, 3, 1, 1}, {262, 3, 1, kind},
                {273, 4, 1, 0}, {274, 3, 1, orientation}, {277, 3, 1, channels}, {278, 4, 1, H},
                {279, 4, 1, pixels.length}};
        int end = 8 + 2 + 12 * tags.length + 4;
        tags[2][3] = end;
        tags[5][3] = end + 2 * channels;
        ByteBuffer out = ByteBuffer.allocate(end + 2 * channels + pixels.length).order(ByteOrder.LITTLE_ENDIAN);
        out.put("II*\0".getBytes(StandardCharsets.US_ASCII)).putInt(8).putShort((short) tags.length);
        for (int[] tag : tags) {
            out.putShort((short) tag[0]).putShort((short) tag[1]).putInt(tag[2]).putInt(tag[3]);
        }
        out.putInt(0);
        for (int i = 0; i < channels; i++) {
            out.putShort((short) bits);
        }
        return out.put(pixels).array();
    }

    @Test
    void sixteenBitsAChannelBecomeEightRounded() throws IOException {
        ByteBuffer pixels = ByteBuffer.allocate(6 * W * H).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < W * H; i++) {
            pixels.putShort((short) (i * 42)).putShort((short) 0x8000).putShort((short) 0xFFFF);
        }
        Raster read = read("deep.tif", tiff(2, 16, 3, 1, pixels.array()));
        for (int i = 0; i < W * H; i++) {
            assertThat((double) (read.argb()[i] >> 16 & 255)).isCloseTo(i * 42 % 65_536 / 257.0, within(1.0));
            assertThat(read.argb()[i] >> 8 & 255).isBetween(127, 129);
            assertThat(read.argb()[i] & 255).isEqualTo(255);
        }
    }

    /** Cyan, magenta, yellow, black and bare paper in bands; no profile, so only what they are can be told, not a value. */
    private static int[] inks(int band) {
        int[] inks = new int[4];
        if (band < 4) {
            inks[band] = 255;
        }
        return inks;
    }

    private static void assertInks(Raster read) {
        int[] argb = new int[5];
        Arrays.setAll(argb, band -> read.at(band * W / 5 + W / 10, H / 2));
        assertThat(argb[0] >> 16 & 255).as("cyan holds red back").isLessThan(90);
        assertThat(argb[0] & 255).isGreaterThan(150);
        assertThat(argb[1] >> 8 & 255).as("magenta holds green back").isLessThan(90);
        assertThat(argb[1] >> 16 & 255).isGreaterThan(150);
        assertThat(argb[2] & 255).as("yellow holds blue back").isLessThan(90);
        assertThat(argb[2] >> 16 & 255).isGreaterThan(200);
        assertThat(argb[3] & 255).as("black").isLessThan(70);
        assertThat(argb[4] & 0xFFFFFF).as("paper").isGreaterThan(0xF8F8F8);
    }

    @Test
    void aSeparatedTiffIsReadInItsColours() throws IOException {
        ByteBuffer pixels = ByteBuffer.allocate(4 * W * H);
        for (int i = 0; i < W * H; i++) {
            for (int ink : inks(Math.min(4, i % W * 5 / W))) {
                pixels.put((byte) ink);
            }
        }
        assertInks(read("inks.tif", tiff(5, 8, 4, 1, pixels.array())));
    }

    @Test
    void aSeparatedJpegIsReadInItsColours() throws IOException {
        WritableRaster raster = java.awt.image.Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, W, H, 4, null);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                int[] inks = inks(Math.min(4, x * 5 / W));
                // Stored the other way round, as the marker below says that it does.
                raster.setPixel(x, y, new int[]{255 - inks[0], 255 - inks[1], 255 - inks[2], 255 - inks[3]});
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(new IIOImage(raster, null, null));
        }
        byte[] adobe = {'A', 'd', 'o', 'b', 'e', 0, 100, 0, 0, 0, 0, 0};
        assertInks(read("inks.jpg", with(out.toByteArray(), 0xEE, adobe)));
    }

    @ParameterizedTest
    @EnumSource(value = Output.Format.class, names = {"PNG", "JPEG", "TIFF"})
    void whatIsWrittenIsReadWithItsDensityAndItsPixels(Output.Format format) {
        Raster raster = new Raster(W, H);
        int[] rgb = corners(BufferedImage.TYPE_INT_ARGB_PRE).getRGB(0, 0, W, H, null, 0, W);
        System.arraycopy(rgb, 0, raster.argb(), 0, rgb.length);
        Path file = folder.resolve("swatch." + format.name().toLowerCase(Locale.ROOT));
        PictureWriter.write(raster, new Density(254), format, 100, file);
        Picture read = Pictures.sized(file, Limits.STANDARD);
        assertThat(read.dpi()).isEqualTo(254);
        for (int i = 0; i < rgb.length; i++) {
            boolean edge = Math.abs(i % W - W / 2) <= 8 || Math.abs(i / W - H / 2) <= 8;
            int off = format == Output.Format.JPEG ? edge ? 255 : 3 : 0;
            for (int shift = 0; shift < 32; shift += 8) {
                assertThat(read.raster().argb()[i] >>> shift & 255).isCloseTo(rgb[i] >>> shift & 255, within(off));
            }
        }
    }

    @Test
    void whatIsNoPictureOrIsCutShortIsRefusedByName() throws IOException {
        assertThatThrownBy(() -> read("words.jpg", "no picture".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refusal.class).hasMessageContaining("words.jpg").hasMessageContaining("TIFF");
        byte[] whole = rgbTiff(1);
        assertThatThrownBy(() -> read("short.tif", Arrays.copyOf(whole, 60))).isInstanceOf(Refusal.class)
                .hasMessageContaining("short.tif");
    }
}
