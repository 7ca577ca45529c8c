package org.vatwright.files.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;

/** Pictures of every kind that claim what they do not hold, break off or are scrambled. */
class HostilePicturesTest {

    private static final int W = 37;
    private static final int H = 23;
    /** More with -Dvatwright.hostile=N. */
    private static final int COUNT = Integer.getInteger("vatwright.hostile", 1500);
    private static final Limits SMALL = Limits.with(256L << 20);
    /** What claims a little more than that is read in strips. */
    private static final Limits TINY = new Limits(1 << 20, 10, 10, 10, 20_000, 1 << 20, 1 << 20);

    private static BufferedImage drawn(int type) {
        BufferedImage image = new BufferedImage(W, H, type);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0x2C5A6E));
        g.fillRect(0, 0, W / 2, H);
        g.setColor(new Color(0xE2603A));
        g.fillRect(W / 2, 0, W, H / 2);
        g.setColor(Color.WHITE);
        g.drawLine(0, 0, W, H);
        g.dispose();
        return image;
    }

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, format, out)).as(format).isTrue();
        return out.toByteArray();
    }

    private static Map<String, byte[]> whole() throws IOException {
        Map<String, byte[]> all = new LinkedHashMap<>();
        all.put("colour.png", written(drawn(BufferedImage.TYPE_INT_RGB), "png"));
        all.put("clear.png", written(drawn(BufferedImage.TYPE_INT_ARGB), "png"));
        all.put("indexed.png", written(drawn(BufferedImage.TYPE_BYTE_INDEXED), "png"));
        all.put("deep-grey.png", written(drawn(BufferedImage.TYPE_USHORT_GRAY), "png"));
        all.put("colour.jpg", written(drawn(BufferedImage.TYPE_INT_RGB), "jpeg"));
        all.put("grey.jpg", written(drawn(BufferedImage.TYPE_BYTE_GRAY), "jpeg"));
        all.put("colour.tif", written(drawn(BufferedImage.TYPE_INT_RGB), "tiff"));
        all.put("colour.bmp", written(drawn(BufferedImage.TYPE_INT_RGB), "bmp"));
        all.put("indexed.gif", written(drawn(BufferedImage.TYPE_BYTE_INDEXED), "gif"));
        return all;
    }

    private static byte[] harmed(byte[] whole, Random random) {
        byte[] bytes = whole.clone();
        switch (random.nextInt(5)) {
            case 0 -> {
                return java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length));
            }
            case 1 -> {
                // Claims: large numbers where sizes stand.
                int at = 4 + random.nextInt(Math.min(60, bytes.length - 8));
                ByteBuffer.wrap(bytes).putInt(at, 1 << 16 + random.nextInt(15));
            }
            case 2 -> {
                for (int i = 0; i < 1 + random.nextInt(8); i++) {
                    bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
                }
            }
            case 3 -> {
                int at = random.nextInt(bytes.length);
                random.nextBytes(bytes);
                System.arraycopy(whole, 0, bytes, 0, at);
            }
            default -> {
                int at = random.nextInt(bytes.length);
                byte[] longer = java.util.Arrays.copyOf(bytes, bytes.length + 700);
                System.arraycopy(whole, at, longer, at + 700, whole.length - at);
                return longer;
            }
        }
        return bytes;
    }

    /** Whatever comes: a picture within the limits, or a sentence that names the file. */
    @Test
    void eachIsReadOrRefusedInASentence() throws IOException {
        Random random = new Random(17);
        Map<String, byte[]> all = whole();
        List<String> names = new ArrayList<>(all.keySet());
        int read = 0;
        for (int i = 0; i < COUNT; i++) {
            String name = names.get(i % names.size());
            byte[] bytes = harmed(all.get(name), random);
            Limits limits = i % 3 == 0 ? TINY : SMALL;
            try {
                Raster raster = i % 3 == 0
                        ? Pictures.fitting(bytes, name, new PixelBudget(TINY)).picture().raster()
                        : Pictures.read(bytes, name, SMALL);
                assertThat((long) raster.width() * raster.height()).isLessThanOrEqualTo(limits.picturePx());
                read++;
            } catch (Refusal e) {
                assertThat(e.getMessage()).contains(name).doesNotContain("Exception").doesNotContain("\n")
                        .hasSizeLessThan(300);
            }
        }
        assertThat(read).as("of %d some are harmed where it does not matter", COUNT).isBetween(COUNT / 20, COUNT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"colour.png", "clear.png", "indexed.png", "colour.tif", "colour.bmp", "indexed.gif"})
    void eachKindIsReadAsItWasDrawn(String name) throws IOException {
        Raster read = Pictures.read(whole().get(name), name, SMALL);
        assertThat(read.at(2, H - 3)).isEqualTo(name.startsWith("indexed") ? read.at(2, H - 3) : 0xFF2C5A6E);
        assertThat(read.at(2, H - 3) & 255).isBetween(0x60, 0x80);
        assertThat(read.at(W - 3, 2) >> 16 & 255).isBetween(0xC8, 0xFF);
        assertThat(read.at(W - 3, H - 3)).isEqualTo(name.equals("clear.png") ? 0 : 0xFF000000);
    }

    @Test
    void greyIsReadAsGreyAtEveryDepth() throws IOException {
        BufferedImage ramp = new BufferedImage(256, 1, BufferedImage.TYPE_BYTE_GRAY);
        BufferedImage deep = new BufferedImage(256, 1, BufferedImage.TYPE_USHORT_GRAY);
        for (int x = 0; x < 256; x++) {
            ramp.getRaster().setSample(x, 0, 0, x);
            deep.getRaster().setSample(x, 0, 0, x * 257);
        }
        for (BufferedImage grey : List.of(ramp, deep)) {
            Raster read = Pictures.read(written(grey, "png"), "grey.png", SMALL);
            for (int x = 0; x < 256; x++) {
                assertThat(read.at(x, 0)).as("level %d", x).isEqualTo(0xFF000000 | x << 16 | x << 8 | x);
            }
        }
    }

    @Test
    void ofAnAnimatedOneTheFirstPictureIsTaken() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            for (Color colour : List.of(new Color(0x336699), Color.RED, Color.GREEN)) {
                BufferedImage frame = new BufferedImage(9, 5, BufferedImage.TYPE_BYTE_INDEXED);
                Graphics2D g = frame.createGraphics();
                g.setColor(colour);
                g.fillRect(0, 0, 9, 5);
                writer.writeToSequence(new IIOImage(frame, null, null), null);
            }
            writer.endWriteSequence();
        }
        assertThat(ImageIO.read(new ByteArrayInputStream(out.toByteArray()))).isNotNull();
        assertThat(Pictures.read(out.toByteArray(), "flags.gif", SMALL).at(4, 2)).isEqualTo(0xFF336699);
    }
}
