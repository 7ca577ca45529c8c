package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ByRule;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Scroll;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.blank.Blanks;

/** The blanks, each wearing the design in hand; a click takes one among the articles. */
final class BlankSheet extends VBox {

    private static final double WIDE = 124;
    private static final double HIGH = 112;

    /** What a picture is drawn of. */
    private record Seen(Design design, Colourway colourway, String blank) {}

    private final Studio studio;
    private final Label title = Ui.label("", "card-title");
    private final List<ClothImage> pictures = new ArrayList<>();

    /**
     * @param take is told the name of a blank that is chosen
     * @param close called when none is wanted
     */
    BlankSheet(Studio studio, Consumer<String> take, Runnable close) {
        super(8);
        this.studio = studio;
        setId("blank-sheet");
        getStyleClass().add("blank-sheet");
        FlowPane flow = new FlowPane(8, 8);
        for (String name : Blanks.names()) {
            flow.getChildren().add(button(name, take));
        }
        ScrollPane scroll = new Scroll(flow);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Button closing = Ui.link("close", close);
        closing.setId("blanks-close");
        getChildren().addAll(Ui.row(title, Ui.spring(), closing), scroll);
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close.run();
                e.consume();
            }
        });
    }

    private Button button(String name, Consumer<String> take) {
        ClothImage image = new ClothImage();
        pictures.add(image);
        StackPane frame = new StackPane(image);
        frame.setMinSize(WIDE, HIGH);
        frame.setMaxSize(WIDE, HIGH);
        VBox content = Ui.column(3, frame, Ui.label(name, "on-cloth", "small-name"));
        content.setAlignment(Pos.CENTER);
        Button button = new Button(null, content);
        button.setId("blank-" + name.replace(' ', '-').toLowerCase(Locale.ROOT));
        button.setAccessibleText("Take the blank " + name);
        button.getStyleClass().add("thumb");
        button.setOnAction(e -> take.accept(name));
        return button;
    }

    /** Draws all of them in the design in view. */
    void show() {
        studio.design().ifPresent(design -> {
            Colourway colourway = studio.colourway(design);
            title.setText("Blanks, in %s, %s".formatted(design.name(), colourway.name()));
            for (int i = 0; i < pictures.size(); i++) {
                draw(pictures.get(i), Blanks.names().get(i), design, colourway);
            }
        });
    }

    private void draw(ClothImage image, String name, Design design, Colourway colourway) {
        Article dressed = ByRule.dressed(Blanks.of(name), new Lay(design.id(), colourway.name()), studio.faces());
        Cut cut = Cut.of(dressed, studio.faces());
        double pxPerMm = Scenes.fit(cut.widthMm(), cut.heightMm(), WIDE, HIGH, 2);
        Scenes.Dressed scene = new Scenes.Dressed(studio.project(), cut, Optional.empty(), pxPerMm);
        image.draw(new Seen(design, colourway, name), scene.subject(studio.tiles()), cut.widthMm() * pxPerMm,
                cut.heightMm() * pxPerMm);
    }
}
