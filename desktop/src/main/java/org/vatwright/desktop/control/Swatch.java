package org.vatwright.desktop.control;

import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Fill;

import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.CornerRadii;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/** A flat area of one colour that can be chosen. */
public final class Swatch extends Button {

    private final Region area = new Region();

    public Swatch(double width, double height) {
        getStyleClass().add("swatch");
        area.setPrefSize(width, height);
        area.setMinSize(width, height);
        area.getStyleClass().add("swatch-area");
        setGraphic(area);
    }

    public Swatch show(Rgb rgb, String words) {
        FillArea.leave(area);
        area.setBackground(new Background(new BackgroundFill(fx(rgb), new CornerRadii(4), Insets.EMPTY)));
        setAccessibleText(words);
        Ui.tip(this, words);
        return this;
    }

    public Swatch show(Fill fill, Palette palette, Colourway outer, String words) {
        FillArea.show(area, fill, palette, outer, (int) area.getPrefWidth());
        setAccessibleText(words);
        Ui.tip(this, words);
        return this;
    }

    /** Readies what a swatch so wide will show of a fill. @return it, nothing of what is painted beside the window */
    public static Optional<Background> ready(Fill fill, Palette palette, Colourway outer, double width) {
        return FillArea.ready(fill, palette, outer, (int) width);
    }

    /** Shows the sign for no ink at all. */
    public Swatch showClear(String words) {
        FillArea.leave(area);
        area.setBackground(null);
        area.getStyleClass().add("clear-ink");
        setAccessibleText(words);
        Ui.tip(this, words);
        return this;
    }

    public void chosen(boolean is) {
        pseudoClassStateChanged(Styles.CHOSEN, is);
    }

    public static Color fx(Rgb rgb) {
        return Color.rgb(rgb.red(), rgb.green(), rgb.blue());
    }
}
