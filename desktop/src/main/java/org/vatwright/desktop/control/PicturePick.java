package org.vatwright.desktop.control;

import java.util.function.Consumer;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Cursor;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

/** A picture to take a colour from, by a click or a drag over it. */
final class PicturePick extends VBox {

    private static final double WIDTH = 250;
    private static final double HEIGHT = 170;

    private final Studio studio;
    private final Consumer<Rgb> commit;
    private final ImageView view = new ImageView();
    private Raster picture;

    PicturePick(Studio studio, Consumer<Rgb> commit) {
        super(4);
        this.studio = studio;
        this.commit = commit;
        view.setId("picture-to-take-from");
        view.setPreserveRatio(true);
        view.setFitWidth(WIDTH);
        view.setFitHeight(HEIGHT);
        view.setCursor(Cursor.CROSSHAIR);
        view.setOnMousePressed(this::take);
        view.setOnMouseDragged(this::take);
        view.setOnMouseReleased(e -> studio.endDrag());
        getChildren().addAll(view, Ui.label("Click where the colour is.", "quiet"));
        Ui.show(this, false);
    }

    void show(Raster shown) {
        picture = shown;
        WritableImage image = new WritableImage(shown.width(), shown.height());
        image.getPixelWriter().setPixels(0, 0, shown.width(), shown.height(), PixelFormat.getIntArgbPreInstance(),
                shown.argb(), 0, shown.width());
        view.setImage(image);
        Ui.show(this, true);
    }

    private void take(MouseEvent e) {
        int x = (int) (e.getX() * picture.width() / view.getBoundsInLocal().getWidth());
        int y = (int) (e.getY() * picture.height() / view.getBoundsInLocal().getHeight());
        if (x >= 0 && y >= 0 && x < picture.width() && y < picture.height() && picture.at(x, y) >>> 24 == 255) {
            studio.beginDrag("take a colour from a picture");
            commit.accept(Rgb.ofArgb(picture.at(x, y)));
        }
    }
}
