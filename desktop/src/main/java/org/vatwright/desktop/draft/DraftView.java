package org.vatwright.desktop.draft;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.draft.DraftGeometry.Square;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The draft grid of the chosen weave, with its tools above it. */
public final class DraftView extends VBox {

    private final Studio studio;
    private final DraftHand hand;
    private final DraftPane pane;
    private final InkChip brush;
    private final NumberRow step;
    private int advance = 1;

    public DraftView(Studio studio) {
        this.studio = studio;
        getStyleClass().add("surround");
        hand = new DraftHand(studio);
        pane = new DraftPane(hand);
        brush = new InkChip("thread colour", hand::brush);
        step = NumberRow.number(studio, "", "step of the advance", "", 0, 1, n -> {
            advance = (int) Math.max(-32, Math.min(32, Math.rint(n)));
            showStep();
        });
        step.field().setPrefColumnCount(2);
        hand.onChanged(() -> {
            pane.follow();
            showBrush();
        });
        pane.onPointed(this::tell);
        VBox.setVgrow(pane, Priority.ALWAYS);
        getChildren().addAll(tools(), pane);
        showStep();
    }

    private void showStep() {
        step.show(advance);
    }

    private FlowPane tools() {
        Segments<Boolean> press = new Segments<>(List.of(false, true), a -> a ? "Choose area" : "Mark", a -> {
            pane.choosing(a);
            pane.requestFocus();
        });
        press.show(false);
        press.button(true).setId("draft-choose");
        press.button(false).setId("draft-mark");
        Segments<Boolean> shown = new Segments<>(List.of(true, false), c -> c ? "Threads" : "Marks", pane::coloured);
        shown.show(true);
        shown.button(false).setId("draft-marks");
        shown.button(true).setId("draft-threads");
        ToggleButton floats = Ui.iconToggle("maximize-2", "Show the longest floats");
        floats.setId("draft-floats");
        floats.setOnAction(e -> pane.floats(floats.isSelected()));
        step.field().setId("draft-step");
        step.field().setPrefWidth(40);
        step.field().setMaxWidth(40);
        HBox edit = new HBox(1, tool("copy", "copy", "Copy the area (Ctrl C)", hand::copy),
                tool("clipboard", "paste", "Paste at the cursor (Ctrl V)", hand::paste),
                tool("grid", "fill", "Fill the area with what was copied (F)", () -> hand.fill(0)),
                tool("trending-up", "advance", "Fill, each copy moved on by the step", () -> hand.fill(advance)), step);
        HBox turn = new HBox(1,
                tool("code", "mirror-across", "Mirror left and right (M)",
                        () -> hand.change("mirror", Squares::mirroredAcross)),
                tool("code", "mirror-down", "Mirror up and down (Shift M)",
                        () -> hand.change("mirror", Squares::mirroredDown)),
                tool("circle", "invert", "Invert (I)", () -> hand.change("invert", Squares::inverted)),
                tool("x", "clear", "Clear (Delete)",
                        () -> hand.change("clear", s -> Squares.blank(s.columns(), s.rows()))));
        HBox move = new HBox(1, tool("arrow-left", "shift-left", "Shift to the left", () -> hand.shift(-1, 0)),
                tool("arrow-right", "shift-right", "Shift to the right", () -> hand.shift(1, 0)),
                tool("arrow-up", "shift-up", "Shift up", () -> hand.shift(0, -1)),
                tool("arrow-down", "shift-down", "Shift down", () -> hand.shift(0, 1)));
        HBox look = new HBox(1, floats, tool("zoom-out", "zoom-out", "Smaller squares (-)", () -> pane.zoom(-1)),
                tool("zoom-in", "zoom-in", "Larger squares (+)", () -> pane.zoom(1)),
                tool("maximize", "fit", "All threads", pane::fit));
        Ui.tip(brush, "Ink for threads clicked on the colour bars");
        HBox ink = new HBox(1, brush, tool("droplet", "ink-area", "Colour the threads of the area", hand::inkArea));
        FlowPane tools = new FlowPane(10, 4, press, edit, turn, move, ink, shown, look);
        for (HBox box : List.of(edit, turn, move, ink, look)) {
            box.getStyleClass().add("row");
        }
        tools.getStyleClass().add("draft-tools");
        return tools;
    }

    private static javafx.scene.control.Button tool(String icon, String id, String words, Runnable action) {
        var button = Ui.icon(icon, words, action);
        button.getGraphic().setRotate(id.equals("mirror-down") ? 90 : 0);
        button.setId("draft-" + id);
        return button;
    }

    /** @return the weave that is chosen, if one is */
    public Optional<Weaving> chosen() {
        return hand.weaving();
    }

    public void show(Weaving weaving, Design design, Colourway colourway) {
        pane.show(weaving, design, colourway);
        showBrush();
    }

    private void showBrush() {
        hand.weaving().ifPresent(w -> studio.design()
                .ifPresent(d -> brush.show(hand.brush(w), d, studio.colourway(d))));
    }

    public void fit() {
        pane.fit();
    }

    /** Says in the foot what is under the pointer, counted as weavers count. */
    private void tell(Square s) {
        hand.weaving().ifPresent(w -> {
            String words = switch (s.part()) {
                case WARP_INKS -> "end %d, %s".formatted(s.column() + 1, w.endInk(s.column()).words());
                case WEFT_INKS -> "pick %d, %s".formatted(s.row() + 1, w.pickInk(s.row()).words());
                case THREADING -> "end %d, shaft %d".formatted(s.column() + 1, s.row() + 1);
                case TIE_UP -> "treadle %d, shaft %d".formatted(s.column() + 1, s.row() + 1);
                case TREADLING -> "pick %d, treadle %d".formatted(s.row() + 1, s.column() + 1);
                case LIFT_PLAN -> "pick %d, shaft %d".formatted(s.row() + 1, s.column() + 1);
                case DRAWDOWN -> "end %d, pick %d".formatted(s.column() + 1, s.row() + 1);
            };
            studio.tellFoot(f -> f.withPlace(s.part().words() + ": " + words, 0));
        });
    }
}
