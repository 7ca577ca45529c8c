package org.vatwright.desktop.control;

import java.util.ArrayList;
import java.util.List;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** A column that comes into view row by row: styling all of it at once holds the window. */
public final class Unfolding {

    private Unfolding() {}

    /** @return the steps in which its rows, taken out now, come back */
    public static List<Runnable> of(VBox column) {
        List<Runnable> steps = new ArrayList<>();
        add(column, steps);
        return steps;
    }

    private static void add(VBox column, List<Runnable> steps) {
        List<Node> rows = List.copyOf(column.getChildren());
        column.getChildren().clear();
        for (Node row : rows) {
            steps.add(() -> {
                column.getChildren().add(row);
                row.applyCss();
            });
            if (row instanceof VBox inner) {
                add(inner, steps);
            }
        }
    }
}
