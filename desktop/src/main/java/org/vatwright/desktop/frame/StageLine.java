package org.vatwright.desktop.frame;

import java.util.EnumMap;
import java.util.Map;

import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/** The stages as one running stitch; the present one is a filled knot. */
final class StageLine extends StackPane {

    private static final double STEP = 104;

    private final Map<Stage, Button> buttons = new EnumMap<>(Stage.class);

    StageLine(Studio studio) {
        HBox knots = new HBox();
        knots.setAlignment(Pos.TOP_CENTER);
        for (Stage stage : Stage.values()) {
            Circle knot = new Circle(6.5);
            knot.getStyleClass().add("knot");
            VBox box = new VBox(3, knot, Ui.label(stage.title()));
            box.setAlignment(Pos.TOP_CENTER);
            Button button = new Button(null, box);
            button.getStyleClass().add("stage-button");
            button.setId("stage-" + stage.name().toLowerCase(java.util.Locale.ROOT));
            button.setAccessibleText(stage.title());
            button.setPrefWidth(STEP);
            button.setOnAction(e -> studio.select(s -> s.withStage(stage)));
            buttons.put(stage, button);
            knots.getChildren().add(button);
        }
        double length = STEP * (Stage.values().length - 1);
        Line stitch = new Line(0, 0, length, 0);
        stitch.getStyleClass().add("stitch");
        stitch.setMouseTransparent(true);
        StackPane.setAlignment(stitch, Pos.TOP_CENTER);
        stitch.setTranslateY(11);
        getChildren().addAll(stitch, knots);
        setMaxWidth(STEP * Stage.values().length);
    }

    void show(Stage present) {
        buttons.forEach((stage, button) -> button.pseudoClassStateChanged(Styles.CHOSEN, stage == present));
    }
}
