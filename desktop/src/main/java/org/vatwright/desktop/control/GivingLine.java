package org.vatwright.desktop.control;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;

import org.kordamp.ikonli.javafx.FontIcon;

import javafx.scene.Node;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** A line of tools some of whose words give way to icons where there is no room for them. */
public final class GivingLine extends HBox {

    /** Of an icon in place of words, with what is around it; a tool of its own has more around it, a menu its arrow. */
    private static final double ICON_WIDTH = 52;
    private static final double CHOICE_WIDTH = 36;

    /** @param width it takes with icons in place of its words */
    private record Giving(Consumer<Boolean> give, double width) {}

    private final Map<Node, Giving> giving = new LinkedHashMap<>();
    private final Map<Node, Double> inWords = new LinkedHashMap<>();
    private final List<Label> whole = new ArrayList<>();
    private boolean tight;

    public GivingLine(Node... tools) {
        super(8, tools);
        getStyleClass().add("row");
    }

    /** @param icon stands for the words of the tool where room is short; on pointing they are told */
    public GivingLine gives(Labeled tool, String icon) {
        stand(tool, icon);
        return gives(tool, ICON_WIDTH, t -> give(tool, t));
    }

    /** @param icons stand for the words of its choices, in their order */
    public GivingLine gives(Segments<?> segments, List<String> icons) {
        List<Labeled> choices = segments.getChildren().stream().map(Labeled.class::cast).toList();
        for (int i = 0; i < choices.size(); i++) {
            stand(choices.get(i), icons.get(i));
        }
        return gives(segments, choices.size() * CHOICE_WIDTH, t -> choices.forEach(c -> give(c, t)));
    }

    /** @param words are seen whole or not at all: a stump of them says nothing */
    public GivingLine whole(Label words) {
        words.setMinWidth(0);
        whole.add(words);
        return this;
    }

    private GivingLine gives(Region tool, double width, Consumer<Boolean> give) {
        tool.setMinWidth(USE_PREF_SIZE);
        giving.put(tool, new Giving(give, width));
        return this;
    }

    private static void stand(Labeled tool, String icon) {
        tool.setGraphic(new FontIcon("fth-" + icon));
        if (!Ui.isTipped(tool)) {
            Ui.tip(tool, tool.getText());
        }
        if (tool.getAccessibleText() == null) {
            tool.setAccessibleText(tool.getText());
        }
        give(tool, false);
    }

    private static void give(Labeled tool, boolean tight) {
        tool.setContentDisplay(tight ? ContentDisplay.GRAPHIC_ONLY : ContentDisplay.TEXT_ONLY);
    }

    @Override
    protected double computeMinWidth(double height) {
        return width(n -> giving.containsKey(n) ? giving.get(n).width() : n.minWidth(-1));
    }

    @Override
    protected void layoutChildren() {
        boolean hasToGive = getWidth() < width(this::inWords);
        if (hasToGive != tight) {
            tight = hasToGive;
            giving.values().forEach(g -> g.give().accept(tight));
        }
        super.layoutChildren();
        whole.forEach(words -> words.setVisible(words.getWidth() >= words.prefWidth(-1)));
    }

    /** @return how wide it is with its words: once they have given way, what was last seen of it */
    private double inWords(Node tool) {
        if (!tight) {
            inWords.put(tool, giving.containsKey(tool) ? tool.prefWidth(-1) : tool.minWidth(-1));
        }
        return inWords.computeIfAbsent(tool, t -> t.prefWidth(-1));
    }

    private double width(ToDoubleFunction<Node> tool) {
        List<Node> managed = getManagedChildren();
        return snappedLeftInset() + snappedRightInset() + getSpacing() * Math.max(0, managed.size() - 1)
                + managed.stream().mapToDouble(tool).sum();
    }
}
