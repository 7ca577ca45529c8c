package org.vatwright.desktop.cloth;

import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.studio.LiveCloth;

import javafx.application.Platform;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** A picture of cloth that keeps itself true; a first, coarser picture is stretched to the same size. */
public final class ClothImage extends ImageView {

    /** Below this, in the window's pixels each way together, it is one of many to choose from. */
    private static final double SMALL = 240;

    private final LiveCloth live;
    private Object shown;
    private Runnable next = () -> {};

    public ClothImage() {
        this(false);
    }

    private ClothImage(boolean near) {
        live = new LiveCloth(Platform::runLater, this::take, () -> shown = null, near);
        setSmooth(true);
        setMouseTransparent(true);
    }

    /** @return one that the hand works on, drawn before all others */
    public static ClothImage underTheHand() {
        return new ClothImage(true);
    }

    /**
     * @param value what is drawn, as a value; the same one again is not drawn again
     * @param width,height in the window's pixels
     */
    public void draw(Object value, LiveCloth.Subject subject, double width, double height) {
        if (!value.equals(shown)) {
            shown = value;
            setFitWidth(width);
            setFitHeight(height);
            live.ask(subject, width + height < SMALL);
        }
    }

    /** Shows nothing until something is drawn again. */
    public void clear() {
        shown = null;
        setImage(null);
    }

    /** @return whether the true picture is there */
    public boolean settled() {
        return live.idle();
    }

    /** @return the colour at a place of the view, as ARGB; 0 where there is none */
    public int argb(double x, double y) {
        if (getImage() == null || x < 0 || y < 0 || x >= getFitWidth() || y >= getFitHeight()) {
            return 0;
        }
        return getImage().getPixelReader().getArgb((int) (x * getImage().getWidth() / getFitWidth()),
                (int) (y * getImage().getHeight() / getFitHeight()));
    }

    /** @param then done once the next true picture is shown */
    public void whenShown(Runnable then) {
        next = then;
    }

    private void take(LiveCloth.Picture picture) {
        Raster raster = picture.raster();
        WritableImage image = getImage() instanceof WritableImage w && w.getWidth() == raster.width()
                && w.getHeight() == raster.height() ? w : new WritableImage(raster.width(), raster.height());
        image.getPixelWriter().setPixels(0, 0, raster.width(), raster.height(), PixelFormat.getIntArgbPreInstance(),
                raster.argb(), 0, raster.width());
        setImage(image);
        if (picture.trueOne()) {
            Runnable then = next;
            next = () -> {};
            then.run();
        }
    }
}
