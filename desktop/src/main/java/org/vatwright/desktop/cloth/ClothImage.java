package org.vatwright.desktop.cloth;

import java.nio.IntBuffer;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.desktop.studio.LiveCloth;

import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;

/** A picture of cloth that keeps itself true; a first, coarser picture is stretched to the same size. */
public final class ClothImage extends ImageView {

    /** Below this, in the window's pixels each way together, it is one of many to choose from. */
    private static final double SMALL = 240;
    /** So near to a whole number of pixels they are those of the screen. */
    private static final double NEAR = 1e-6;
    /** Most pictures are there sooner, and an empty place in between would blink. */
    private static final double STALE_MILLIS = 200;

    /** What is drawn, and what it is a picture of. */
    private static final class Subject implements LiveCloth.Subject {

        private final LiveCloth.Subject drawn;
        private Object whose;

        Subject(LiveCloth.Subject drawn, Object whose) {
            this.drawn = drawn;
            this.whose = whose;
        }

        @Override
        public Raster draw(double fineness, Work work) {
            return drawn.draw(fineness, work);
        }
    }

    private final LiveCloth live;
    private Object shown;
    private PixelBuffer<IntBuffer> pixels;
    private WritableImage image;
    private Runnable next = () -> {};
    private Object whose = "";
    private Subject asked;
    private PauseTransition stale;

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
            asked = new Subject(subject, whose);
            live.ask(asked, width + height < SMALL);
        } else if (asked != null) {
            // It looks the same in both.
            asked.whose = whose;
        }
    }

    /** @param now what it is a picture of, however that looks: one of something else does not stay for long in its place */
    public void of(Object now) {
        if (now.equals(whose)) {
            return;
        }
        whose = now;
        if (getImage() != null) {
            if (stale == null) {
                stale = new PauseTransition(Duration.millis(STALE_MILLIS));
                stale.setOnFinished(e -> setImage(null));
            }
            stale.playFromStart();
        }
    }

    /** Shows nothing until something is drawn again. */
    public void clear() {
        shown = null;
        pixels = null;
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
        if (picture.of() instanceof Subject subject && !subject.whose.equals(whose)) {
            // It was still being drawn when something else was chosen.
            return;
        }
        if (stale != null) {
            stale.stop();
        }
        Raster raster = picture.raster();
        if (pixels == null || pixels.getWidth() != raster.width() || pixels.getHeight() != raster.height()) {
            pixels = new PixelBuffer<>(raster.width(), raster.height(), IntBuffer.allocate(raster.argb().length),
                    PixelFormat.getIntArgbPreInstance());
            image = new WritableImage(pixels);
        }
        pixels.updateBuffer(buffer -> {
            buffer.getBuffer().put(0, raster.argb());
            return null;
        });
        setImage(image);
        // What lies pixel by pixel needs no mean of its neighbours, which takes longer than all else that is drawn.
        setSmooth(!(fits(raster.width(), getFitWidth()) && fits(raster.height(), getFitHeight())));
        if (picture.trueOne()) {
            Runnable then = next;
            next = () -> {};
            then.run();
        }
    }

    /** @return whether so many pixels are those of the screen, over so many of the window's */
    private boolean fits(int count, double extent) {
        double scale = getScene() == null || getScene().getWindow() == null
                ? 1
                : getScene().getWindow().getRenderScaleX();
        return Math.abs(extent * scale - count) < NEAR;
    }
}
