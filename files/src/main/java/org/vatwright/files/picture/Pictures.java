package org.vatwright.files.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;

import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.Limits;

/** Pictures in. What a file claims to hold is looked at before memory is spent on it. */
public final class Pictures {

    private Pictures() {}

    /** @throws Refusal when it is no picture, is broken, or claims more pixels than the limit */
    public static Raster read(Path file, Limits limits) {
        String name = String.valueOf(file.getFileName());
        byte[] bytes = Disk.read(file, limits);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new Refusal(
                        "%s is no picture that can be read; PNG, JPEG, TIFF, BMP and GIF are".formatted(name));
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long w = reader.getWidth(0);
                long h = reader.getHeight(0);
                if (w * h > limits.picturePx()) {
                    throw new Refusal(
                            "%s claims %,d x %,d pixels; %,d in all is the most that is read".formatted(name, w,
                                    h, limits.picturePx()));
                }
                return raster(reader.read(0));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof Refusal refusal) {
                throw refusal;
            }
            throw new Refusal("%s is broken or was cut short: %s".formatted(name, e.getMessage()), e);
        }
    }

    /** @return the picture no larger than {@code most} a side, each pixel the mean of those it stands for */
    public static Raster smaller(Raster picture, int most) {
        int step = Math.max(1, (Math.max(picture.width(), picture.height()) + most - 1) / most);
        Raster small = new Raster(Math.max(1, picture.width() / step), Math.max(1, picture.height() / step));
        for (int y = 0; y < small.height(); y++) {
            for (int x = 0; x < small.width(); x++) {
                small.argb()[y * small.width() + x] = mean(picture, x * step, y * step, step);
            }
        }
        return small;
    }

    private static int mean(Raster picture, int left, int top, int step) {
        long[] sum = new long[4];
        int right = Math.min(picture.width(), left + step);
        int bottom = Math.min(picture.height(), top + step);
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                for (int c = 0; c < 4; c++) {
                    sum[c] += picture.at(x, y) >>> 8 * c & 255;
                }
            }
        }
        int count = (right - left) * (bottom - top);
        int argb = 0;
        for (int c = 0; c < 4; c++) {
            argb |= (int) (sum[c] / count) << 8 * c;
        }
        return argb;
    }

    private static Raster raster(BufferedImage image) {
        BufferedImage argb = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        argb.createGraphics().drawImage(image, 0, 0, null);
        return new Raster(image.getWidth(), image.getHeight(),
                argb.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()));
    }
}
