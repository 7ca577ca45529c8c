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
        return sized(file, new PixelBudget(limits));
    }

    /** @param budget of all pictures that are read with it */
    public static Picture sized(Path file, PixelBudget budget) {
        byte[] bytes = Disk.read(file, budget.limits());
        String name = String.valueOf(file.getFileName());
        return new Picture(read(bytes, name, budget), PictureTags.density(bytes));
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
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refusal(
                        "%s is no picture that can be read; PNG, JPEG, TIFF, BMP and GIF are".formatted(name));
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                budget.take(name, reader.getWidth(0), reader.getHeight(0));
                return Upright.of(raster(reader.read(0)), PictureTags.turned(bytes));
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

    private static Raster raster(BufferedImage image) {
        BufferedImage argb = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        argb.createGraphics().drawImage(image, 0, 0, null);
        return new Raster(image.getWidth(), image.getHeight(),
                ((DataBufferInt) argb.getRaster().getDataBuffer()).getData());
    }
}
