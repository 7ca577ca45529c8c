package org.vatwright.desktop.build;

import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Refusal;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** A weave chosen from small drawings of what it does, or typed by its name. */
final class WeavePicker extends VBox {

    private static final List<Weave> SHOWN = List.of("plain", "twill 2/2", "twill 2/2 left", "twill 2/1", "twill 3/1",
            "basket 2/2").stream().map(Weave::parse).toList();
    private static final double SIDE = 24;
    private static final int THREADS = 8;

    private final Segments<Weave> drawings;
    private final TextField name = new TextField();
    private Weave now = Weave.plain();

    WeavePicker(Studio studio, String what, Consumer<Weave> take) {
        super(4);
        drawings = new Segments<>(SHOWN, Weave::name, WeavePicker::drawing, take);
        SHOWN.forEach(w -> drawings.button(w).setId(what + "-" + w.name().replaceAll("[ /]", "-")));
        drawings.getStyleClass().add("drawings");
        name.setId(what);
        name.setAccessibleText(what + " by its name");
        name.getStyleClass().add("number");
        name.setOnAction(e -> {
            try {
                take.accept(Weave.parse(name.getText()));
            } catch (Refusal wrong) {
                name.setText(now.name());
                studio.say(Message.refused(wrong.getMessage()));
            }
        });
        getChildren().addAll(new FlowPane(drawings), Ui.labelled("Weave", name));
    }

    void show(Weave weave) {
        now = weave;
        drawings.show(weave);
        if (!name.isFocused() || name.getText().isBlank()) {
            name.setText(weave.name());
        }
    }

    /** Dark where the warp is on top. */
    private static Node drawing(Weave weave) {
        Pane pane = new Pane();
        pane.setMinSize(SIDE, SIDE);
        pane.setPrefSize(SIDE, SIDE);
        double side = SIDE / THREADS;
        for (int pick = 0; pick < THREADS; pick++) {
            for (int end = 0; end < THREADS; end++) {
                if (weave.warpOnTop(end, pick)) {
                    Rectangle crossing = new Rectangle(end * side, pick * side, side, side);
                    crossing.getStyleClass().add("crossing-drawn");
                    pane.getChildren().add(crossing);
                }
            }
        }
        return pane;
    }
}
