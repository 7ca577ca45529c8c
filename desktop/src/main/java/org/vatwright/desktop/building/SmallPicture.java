package org.vatwright.desktop.building;

import org.vatwright.core.raster.Raster;
import org.vatwright.files.picture.Pictures;

import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Pictures as small as they are looked at in the window; soon there, for not every pixel is asked. */
final class SmallPicture {

    private static final int FINER = 2;

    private SmallPicture() {}

    static WritableImage image(Raster raster) {
        WritableImage image = new WritableImage(raster.width(), raster.height());
        image.getPixelWriter().setPixels(0, 0, raster.width(), raster.height(), PixelFormat.getIntArgbPreInstance(),
                raster.argb(), 0, raster.width());
        return image;
    }

    static Raster of(Raster picture, int most) {
        int step = Math.ceilDiv(Math.max(picture.width(), picture.height()), FINER * most);
        if (step == 1) {
            return Pictures.smaller(picture, most);
        }
        Raster some = new Raster(Math.max(1, picture.width() / step), Math.max(1, picture.height() / step));
        for (int y = 0; y < some.height(); y++) {
            for (int x = 0; x < some.width(); x++) {
                some.argb()[y * some.width() + x] = picture.at(x * step, y * step);
            }
        }
        return Pictures.smaller(some, most);
    }
}
