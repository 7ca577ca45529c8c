package org.vatwright.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * A list of like things, each a short line that says what it is; one of them is open and shows all its numbers. Lines that are not
 * needed wait hidden: what comes into the window anew is styled anew.
 */
public final class OneOpen extends VBox {

    /**
     * One thing of the list.
     *
     * @param first stands at the start of its line
     * @param what names it to a screen reader
     * @param body shown while it is open
     */
    public record Item(Node first, String what, Node body, Runnable remove) {}

    private record Line(Item item, HBox head, Button turn, Label words) {}

    private final IntFunction<Item> make;
    private final List<Line> lines = new ArrayList<>();
    private int seen;
    private int open;

    /** @param make the thing of that place */
    public OneOpen(IntFunction<Item> make) {
        super(4);
        this.make = make;
    }

    /** @param count how many there are; what is added is opened */
    public void show(int count) {
        if (count != seen) {
            boolean added = count == seen + 1 && seen > 0;
            seen = count;
            while (lines.size() < count) {
                add(lines.size());
            }
            open(added ? count - 1 : Math.min(Math.max(0, open), count - 1));
        }
    }

    /** @param words what stands in the closed line */
    public void tell(int index, String words) {
        lines.get(index).words().setText(words);
    }

    private void add(int index) {
        Item item = make.apply(index);
        Button turn = Ui.icon("chevron-right", "Open " + item.what(), () -> open(open == index ? -1 : index));
        turn.setId("open-" + item.what().replace(' ', '-'));
        Label words = Ui.label("", "quiet");
        words.setMinWidth(0);
        HBox head = Ui.row(turn, item.first(), words, Ui.spring(),
                Ui.icon("trash-2", "Remove " + item.what(), item.remove()));
        head.setSpacing(4);
        lines.add(new Line(item, head, turn, words));
        getChildren().addAll(head, item.body());
    }

    private void open(int index) {
        open = index;
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            Ui.show(line.head(), i < seen);
            Ui.show(line.item().body(), i == open && i < seen);
            Ui.setIcon(line.turn(), i == open ? "chevron-down" : "chevron-right",
                    (i == open ? "Close " : "Open ") + line.item().what());
        }
    }
}
