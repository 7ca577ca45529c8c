package org.vatwright.desktop.frame;

import org.vatwright.desktop.control.Ui;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is seen when there is nothing to go on with yet. */
public final class Welcome extends VBox {

    private static final int ENDS = 46;

    public Welcome(Runnable fresh, Runnable open, Runnable demo) {
        super(14);
        setAlignment(Pos.CENTER);
        getStyleClass().add("welcome");
        HBox selvedge = new HBox(3);
        selvedge.setAlignment(Pos.CENTER);
        for (int i = 0; i < ENDS; i++) {
            Region end = new Region();
            end.getStyleClass().addAll("warp-end", i % 12 < 5 ? "end-dyed" : i % 12 == 8 ? "end-madder" : "end-plain");
            selvedge.getChildren().add(end);
        }
        Button first = Ui.button("Begin a commission", fresh);
        first.setId("welcome-new");
        first.setDefaultButton(true);
        Button second = Ui.button("Open a project\u2026", open);
        second.setId("welcome-open");
        Button third = Ui.button("Look at the demo commission", demo);
        third.setId("welcome-demo");
        HBox choices = new HBox(12, first, second, third);
        choices.setAlignment(Pos.CENTER);
        getChildren().addAll(selvedge, Ui.label("Vatwright", "welcome-title"),
                Ui.label("Repeats that close, colours that change, cloth that is worn while you draw it.", "quiet"),
                choices);
    }
}
