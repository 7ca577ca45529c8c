package org.vatwright.desktop.building;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** One of several things, chosen from small pictures of this very design as it would be with each; a word names the chosen. */
final class LivePicker<T> extends VBox {

    /** @param columns pictures beside each other @param wide,high of a picture, in px */
    record Shape(int columns, double wide, double high) {}

    private final Studio studio;
    private final Shape shape;
    private final Function<T, String> words;
    private final Map<T, ClothImage> pictures = new HashMap<>();
    private final Segments<T> choices;
    private final GridPane grid = new GridPane();
    private final Button chosen = Ui.link("", () -> open(!grid.isVisible()));
    /** Draws the pictures as they should be now; while they are hidden nothing is made ready for them. */
    private Runnable draw = () -> {};

    /**
     * @param title before the word for the chosen one; empty when {@link #word} stands elsewhere
     * @param id of the pictures, before the word of each
     * @param take is told what is chosen
     */
    LivePicker(Studio studio, String title, String id, List<T> all, Function<T, String> words, Shape shape,
            Consumer<T> take) {
        super(4);
        this.studio = studio;
        this.shape = shape;
        this.words = words;
        choices = new Segments<>(all, words, t -> pictures.computeIfAbsent(t, k -> new ClothImage()), take);
        grid.getStyleClass().addAll("segments", "pictures");
        for (int i = 0; i < all.size(); i++) {
            choices.button(all.get(i)).setId(id + "-" + words.apply(all.get(i)).replace(' ', '-'));
            grid.add(choices.button(all.get(i)), i % shape.columns(), i / shape.columns());
        }
        chosen.setId(id + "-now");
        Ui.tip(chosen, "Show or hide the pictures");
        if (title.isEmpty()) {
            getChildren().add(grid);
        } else {
            getChildren().addAll(Ui.labelled(title, chosen), grid);
        }
    }

    /** @return the word for the chosen one, which opens and closes the pictures; for one that has no title of its own */
    Button word() {
        return chosen;
    }

    void open(boolean shown) {
        boolean before = grid.isVisible();
        Ui.show(grid, shown);
        if (shown && !before) {
            draw.run();
        }
    }

    /** @param with the design with each choice @param pxPerMm of the pictures */
    void show(T now, Function<T, Design> with, Colourway colourway, double pxPerMm) {
        show(now, with, colourway, pxPerMm, 0, 0);
    }

    /** @param from all that the designs are made of but for the choice; they are made when they are drawn */
    void show(T now, List<Object> from, Function<T, Design> with, Colourway colourway, double pxPerMm) {
        show(now, (choice, picture) -> {
            Scenes.Made made = new Scenes.Made(List.of(from, choice), colourway, (int) shape.wide(),
                    (int) shape.high(), pxPerMm, 0, 0);
            picture.draw(made, made.subject(studio.tiles(), () -> with.apply(choice)), shape.wide(), shape.high());
        });
    }

    /** @param left,top place of the design in the pictures' upper left corner, in mm */
    void show(T now, Function<T, Design> with, Colourway colourway, double pxPerMm, double left, double top) {
        show(now, (choice, picture) -> {
            Scenes.Field field = new Scenes.Field(with.apply(choice), colourway, left, top, (int) shape.wide(),
                    (int) shape.high(), pxPerMm);
            picture.draw(field, field.subject(studio.tiles()), shape.wide(), shape.high());
        });
    }

    private void show(T now, BiConsumer<T, ClothImage> each) {
        choices.show(now);
        chosen.setText(words.apply(now));
        Object whose = List.of(studio.selection().design(), studio.selection().layer());
        draw = () -> pictures.forEach((choice, picture) -> {
            picture.of(whose);
            each.accept(choice, picture);
        });
        if (grid.isVisible()) {
            draw.run();
        }
    }
}
