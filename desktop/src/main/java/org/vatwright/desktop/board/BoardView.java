package org.vatwright.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.kordamp.ikonli.javafx.FontIcon;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Arranging;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The board on which the motif in hand is drawn, with its tools above it. */
public final class BoardView extends VBox {

    private static final double MENU_WIDTH = 120;
    private enum Tool {
        CHOOSE("Choose"), DRAW("Draw a path"), POINTS("Points");

        private final String words;

        Tool(String words) {
            this.words = words;
        }
    }

    private final BoardHand hand;
    private final BoardPane pane;
    private final ChooseTool choose;
    private final PointsTool points;
    private final Label told = Ui.label("", "quiet");
    private final NumberRow turn;
    private final NumberRow scale;
    private final NumberRow lean;
    private final HBox choice;
    private Button smooth;
    private Tool now = Tool.CHOOSE;

    public BoardView(Studio studio) {
        getStyleClass().add("surround");
        hand = new BoardHand(studio);
        pane = new BoardPane(hand);
        choose = new ChooseTool(hand, pane);
        points = new PointsTool(hand, pane);
        pane.use(choose);
        turn = NumberRow.number(studio, "Turn", "turn about the point", "\u00b0", 2, 5, n -> {
            if (n != 0) {
                choose.change("turn by %s\u00b0".formatted(Numbers.plain(n, 2)), n, 1, 1, 0);
            }
        });
        scale = NumberRow.number(studio, "Scale", "scale about the point", "%", 2, 5, n -> {
            if (n != 100) {
                choose.change("scale to %s %%".formatted(Numbers.plain(n, 2)), 0, n / 100, n / 100, 0);
            }
        });
        lean = NumberRow.number(studio, "Lean", "lean about the point", "\u00b0", 2, 5, n -> {
            if (n != 0) {
                choose.change("lean by %s\u00b0".formatted(Numbers.plain(n, 2)), 0, 1, 1, n);
            }
        });
        told.setId("board-told");
        HBox tools = tools();
        choice = onChoice();
        StackPane over = new StackPane(pane, choice);
        StackPane.setAlignment(choice, Pos.BOTTOM_CENTER);
        // Above the place where the window says something in passing.
        StackPane.setMargin(choice, new Insets(0, 0, 66, 0));
        VBox.setVgrow(over, Priority.ALWAYS);
        getChildren().addAll(tools, over);
        neutral();
    }

    /** One line: what the hand does on the board, and what of it is seen. */
    private HBox tools() {
        Segments<Tool> tool = new Segments<>(List.of(Tool.values()), t -> t.words, t -> {
            pane.use(switch (t) {
                case CHOOSE -> choose;
                case DRAW -> new DrawTool(hand, pane);
                case POINTS -> points;
            });
            now = t;
            showChoice();
            pane.requestFocus();
        });
        tool.show(Tool.CHOOSE);
        for (Tool t : Tool.values()) {
            tool.button(t).setId("board-" + t.name().toLowerCase(java.util.Locale.ROOT));
        }
        ToggleButton outlines = Ui.iconToggle("hexagon", "Outlines alone: doubled edges and slivers stand out");
        outlines.setId("board-outlines");
        outlines.setOnAction(e -> {
            pane.outlines(outlines.isSelected());
            tell();
        });
        smooth = Ui.icon("git-commit", "Make the chosen point smooth, or a corner", points::turn);
        smooth.setId("board-smooth");
        Ui.show(smooth, false);
        HBox look = new HBox(1, smooth, outlines, Ui.icon("maximize", "All of the motif", pane::fit));
        look.getStyleClass().add("row");
        told.setMinWidth(0);
        HBox tools = Ui.row(tool, Ui.spring(), told, look);
        tools.getStyleClass().addAll("draft-tools", "board-tools");
        return tools;
    }

    /** What can be done with the chosen shapes, over the board while there are some. */
    private HBox onChoice() {
        MenuButton align = menu("align-left", "In line, or with equal gaps", "board-align");
        List<String> words = List.of("left edges", "middles, upright", "right edges", "upper edges", "middles, level",
                "lower edges");
        for (int i = 0; i < words.size(); i++) {
            Arranging.Line line = Arranging.Line.values()[i];
            item(align, words.get(i), () -> arrange("bring in line", (m, c) -> Arranging.aligned(m, c, line)));
        }
        item(align, "equal gaps across", () -> arrange("equal gaps", (m, c) -> Arranging.distributed(m, c, true)));
        item(align, "equal gaps down", () -> arrange("equal gaps", (m, c) -> Arranging.distributed(m, c, false)));
        MenuButton group = menu("folder", "Put shapes together, or take a group apart", "board-group");
        item(group, "put together", () -> arrange("group shapes", (m, c) -> Arranging.grouped(m, c, true)));
        item(group, "take apart", () -> arrange("take a group apart", (m, c) -> Arranging.grouped(m, c, false)));
        Button flip = Ui.icon("code", "Mirror left and right about the point",
                () -> choose.change("mirror shapes", 0, -1, 1, 0));
        seen(flip, () -> choose.change("mirror shapes", 0, -1, 1, 0));
        Button down = down();
        seen(down, () -> choose.change("mirror shapes", 0, 1, -1, 0));
        for (NumberRow row : List.of(turn, scale, lean)) {
            Ui.tip(row.field(), "About the cross; Ctrl and a click set it elsewhere");
            row.field().addEventHandler(javafx.event.ActionEvent.ACTION, e -> neutral());
            row.field().focusedProperty().addListener((o, was, is) -> neutral());
        }
        HBox bar = new HBox(2, align, group, flip, down, turn, scale, lean);
        bar.setId("board-choice");
        bar.getStyleClass().addAll("row", "on-choice");
        bar.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        return bar;
    }

    /** Its work shows on the board while the pointer is on it. */
    private void seen(Node tool, Runnable action) {
        tool.setOnMouseEntered(e -> hand.studio().design()
                .ifPresent(d -> hand.preview(action, m -> pane.show(m, d, hand.studio().colourway(d)))));
        tool.setOnMouseExited(e -> asItIs());
    }

    private void asItIs() {
        hand.studio().design()
                .ifPresent(d -> hand.motif().ifPresent(m -> pane.show(m, d, hand.studio().colourway(d))));
    }

    private void showChoice() {
        Ui.show(choice, now == Tool.CHOOSE && !hand.parts().isEmpty());
        Ui.show(smooth, now == Tool.POINTS);
    }

    private Button down() {
        var button = Ui.icon("code", "Mirror upside down about the point",
                () -> choose.change("mirror shapes", 0, 1, -1, 0));
        button.getGraphic().setRotate(90);
        return button;
    }

    private MenuButton menu(String icon, String words, String id) {
        MenuButton menu = new MenuButton(null, new FontIcon("fth-" + icon));
        menu.getStyleClass().add("icon-menu");
        menu.setAccessibleText(words);
        Ui.tip(menu, words);
        menu.setId(id);
        // The pointer does not leave an entry whose menu closes.
        menu.setOnHidden(e -> asItIs());
        return menu;
    }

    private void item(MenuButton menu, String words, Runnable action) {
        Label line = Ui.label(words);
        line.setMinWidth(MENU_WIDTH);
        MenuItem item = new CustomMenuItem(line, true);
        item.setText(words);
        item.setOnAction(e -> action.run());
        seen(line, action);
        menu.getItems().add(item);
    }

    /** Something done to all chosen parts. */
    @FunctionalInterface
    private interface Arrange {
        Motif apply(Motif motif, Set<Integer> chosen);
    }

    private void arrange(String name, Arrange how) {
        Set<Integer> chosen = hand.parts();
        if (!chosen.isEmpty()) {
            hand.edit(name, m -> how.apply(m, chosen));
        }
    }

    /** The fields say by how much, so they stand at nothing again. */
    private void neutral() {
        turn.show(0);
        scale.show(100);
        lean.show(0);
    }

    /** @return the motif that is in hand, when the layer has motifs */
    public Optional<Motif> motif() {
        return hand.motif();
    }

    public void show(Motif motif, Design design, Colourway colourway) {
        pane.show(motif, design, colourway);
        showChoice();
        neutral();
        tell();
    }

    private void tell() {
        told.setText(pane.sight().map(s -> "%s mm of doubled edges, %s mm of slivers".formatted(
                Numbers.plain(s.doubledMm(), 1), Numbers.plain(s.gappedMm(), 1))).orElse(""));
    }

    public void fit() {
        pane.fit();
    }
}
