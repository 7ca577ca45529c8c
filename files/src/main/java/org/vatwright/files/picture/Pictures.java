package org.vatwright.files.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Iterator;

import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

import org.vatwright.core.map.Resized;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.Limits;

/**
 * Pictures in, the way they are meant to be seen, in sRGB at 8 bits a channel. What a file claims to hold is looked at before
 * memory is spent on it.
 */
public final class Pictures {

    private Pictures() {}

    /** @throws Refusal when it is no picture, is broken, or claims more pixels than the limit */
    public static Raster read(Path file, Limits limits) {
        return read(Disk.read(file, limits), String.valueOf(file.getFileName()), limits);
    }

    /** @return the picture with its true size, when the file tells it; else at 300 dpi */
    public static Picture sized(Path file, Limits limits) {
        byte[] bytes = Disk.read(file, limits);
        return new Picture(read(bytes, String.valueOf(file.getFileName()), limits), PictureTags.density(bytes));
    }

    /**
     * A picture as it is brought in.
     *
     * @param part pixels a side that became one, since all of them are more than there is memory for; 1 for all there are
     */
    public record Brought(Picture picture, int part) {}

    /**
     * Like {@link #sized}, but of one that is too large as much as there is room for.
     *
     * @throws Refusal when it is no picture, is broken, or claims more than that many times the limit
     */
    public static Brought fitting(Path file, PixelBudget budget) {
        return fitting(Disk.read(file, budget.limits()), String.valueOf(file.getFileName()), budget);
    }

    static Brought fitting(byte[] bytes, String name, PixelBudget budget) {
        return reading(bytes, name, reader -> {
            long width = reader.getWidth(0);
            long height = reader.getHeight(0);
            long most = budget.room(name, width, height);
            int part = Shrunk.part(width, height, most);
            budget.take(name, Shrunk.pixels(width, height, part));
            Raster stored = part == 1
                    ? raster(reader.read(0))
                    : Shrunk.read(reader, name, part, budget.limits().picturePx() / 2);
            // The last column may stand for fewer pixels than the others.
            double dpi = PictureTags.density(bytes) * stored.width() / width;
            return new Brought(new Picture(upright(stored, bytes), Math.max(1, dpi)), part);
        });
    }

    private static Raster upright(Raster stored, byte[] bytes) {
        return Upright.of(stored, PictureTags.turned(bytes));
    }

    /** @return the picture as PNG */
    public static byte[] png(Raster raster) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image(raster), "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    public static BufferedImage image(Raster raster) {
        BufferedImage image = new BufferedImage(raster.width(), raster.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        System.arraycopy(raster.argb(), 0, ((DataBufferInt) image.getRaster().getDataBuffer()).getData(), 0,
                raster.argb().length);
        return image;
    }

    /** @param name for complaints */
    public static Raster read(byte[] bytes, String name, Limits limits) {
        return read(bytes, name, new PixelBudget(limits));
    }

    /** @param budget of all pictures that are read with it */
    public static Raster read(byte[] bytes, String name, PixelBudget budget) {
        return reading(bytes, name, reader -> {
            budget.take(name, reader.getWidth(0), reader.getHeight(0));
            return upright(raster(reader.read(0)), bytes);
        });
    }

    private interface Reading<T> {
        T of(ImageReader reader) throws IOException;
    }

    private static <T> T reading(byte[] bytes, String name, Reading<T> reading) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refusal(
                        "%s is no picture that can be read; PNG, JPEG, TIFF, BMP and GIF are".formatted(name));
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, false, true);
                return reading.of(reader);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof Refusal refusal) {
                throw refusal;
            }
            // What a reader stumbles over inside says nothing to anybody.
            String why = e instanceof IOException io && io.getMessage() != null
                    ? io.getMessage()
                    : "its parts do not fit together";
            throw new Refusal("%s is broken or was cut short: %s".formatted(name, why), e);
        }
    }

    /** @return the picture no larger than {@code most} a side, averaged in linear light */
    public static Raster smaller(Raster picture, int most) {
        double by = Math.min(1, (double) most / Math.max(picture.width(), picture.height()));
        return Resized.of(picture, (int) Math.max(1, Math.rint(by * picture.width())),
                (int) Math.max(1, Math.rint(by * picture.height())), Work.plain());
    }

    static Raster raster(BufferedImage image) {
        BufferedImage argb = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        argb.createGraphics().drawImage(image, 0, 0, null);
        return new Raster(image.getWidth(), image.getHeight(),
                ((DataBufferInt) argb.getRaster().getDataBuffer()).getData());
    }
}
