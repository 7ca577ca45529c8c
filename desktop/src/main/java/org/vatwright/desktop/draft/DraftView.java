package org.vatwright.desktop.draft;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.GivingLine;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.draft.DraftGeometry.Square;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The draft grid of the chosen weave, with its tools above it. */
public final class DraftView extends VBox {

    /** A draft of more crossings is not woven just to be looked at. */
    private static final int MOST_PREVIEWED = 60_000;

    private final Studio studio;
    private final DraftHand hand;
    private final DraftPane pane;
    private final InkChip brush;
    private final NumberRow step;
    private final HBox choice;
    private int advance = 1;
    private boolean choosing;

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
        choice = onChoice();
        StackPane over = new StackPane(pane, choice);
        StackPane.setAlignment(choice, Pos.BOTTOM_CENTER);
        // Above the place where the window says something in passing.
        StackPane.setMargin(choice, new Insets(0, 0, 66, 0));
        VBox.setVgrow(over, Priority.ALWAYS);
        Ui.show(choice, false);
        hand.onChanged(() -> {
            pane.follow();
            showBrush();
            showChoice();
        });
        pane.onPointed(this::tell);
        getChildren().addAll(tools(), over);
        showStep();
    }

    /** With nothing chosen it does its work on all of the part the cursor is in. */
    private void showChoice() {
        Ui.show(choice, choosing || hand.area().isPresent());
    }

    private void showStep() {
        step.show(advance);
    }

    /** One line: what a press does, with which ink; what is shown, and how large. */
    private HBox tools() {
        Segments<Boolean> press = new Segments<>(List.of(false, true), a -> a ? "Area" : "Mark", a -> {
            choosing = a;
            pane.choosing(a);
            showChoice();
            pane.requestFocus();
        });
        press.show(false);
        press.button(true).setId("draft-choose");
        press.button(false).setId("draft-mark");
        Ui.tip(press.button(true), "Choose an area by a drag; or with Shift");
        Segments<Boolean> shown = new Segments<>(List.of(true, false), c -> c ? "Threads" : "Marks", pane::coloured);
        shown.show(true);
        shown.button(false).setId("draft-marks");
        shown.button(true).setId("draft-threads");
        ToggleButton floats = Ui.iconToggle("maximize-2", "Show the longest floats");
        floats.setId("draft-floats");
        floats.setOnAction(e -> pane.floats(floats.isSelected()));
        HBox look = new HBox(1, floats, tool("zoom-out", "zoom-out", "Smaller squares (-)", () -> pane.zoom(-1)),
                tool("zoom-in", "zoom-in", "Larger squares (+)", () -> pane.zoom(1)),
                tool("maximize", "fit", "All threads", pane::fit));
        Ui.tip(brush, "Ink for threads clicked on the colour bars");
        look.getStyleClass().add("row");
        look.setMinWidth(USE_PREF_SIZE);
        GivingLine tools = new GivingLine(press, brush, Ui.spring(), shown, look)
                .gives(press, List.of("edit-2", "square")).gives(shown, List.of("droplet", "grid"));
        tools.getStyleClass().add("draft-tools");
        return tools;
    }

    /** What can be done with the chosen area, over the draft while there is one. */
    private HBox onChoice() {
        step.field().setId("draft-step");
        step.field().setPrefWidth(40);
        step.field().setMaxWidth(40);
        HBox bar = new HBox(1, tool("copy", "copy", "Copy the area (Ctrl C)", hand::copy),
                seen("clipboard", "paste", "Paste at the cursor (Ctrl V)", hand::paste),
                seen("grid", "fill", "Fill the area with what was copied (F)", () -> hand.fill(0)),
                seen("trending-up", "advance", "Fill, each copy moved on by the step", () -> hand.fill(advance)), step,
                seen("code", "mirror-across", "Mirror left and right (M)",
                        () -> hand.change("mirror", Squares::mirroredAcross)),
                seen("code", "mirror-down", "Mirror up and down (Shift M)",
                        () -> hand.change("mirror", Squares::mirroredDown)),
                seen("circle", "invert", "Invert (I)", () -> hand.change("invert", Squares::inverted)),
                seen("x", "clear", "Clear (Delete)",
                        () -> hand.change("clear", s -> Squares.blank(s.columns(), s.rows()))),
                seen("arrow-left", "shift-left", "Shift to the left", () -> hand.shift(-1, 0)),
                seen("arrow-right", "shift-right", "Shift to the right", () -> hand.shift(1, 0)),
                seen("arrow-up", "shift-up", "Shift up", () -> hand.shift(0, -1)),
                seen("arrow-down", "shift-down", "Shift down", () -> hand.shift(0, 1)),
                seen("droplet", "ink-area", "Colour the threads of the area", hand::inkArea));
        bar.setId("draft-choice");
        bar.getStyleClass().addAll("row", "on-choice");
        bar.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        return bar;
    }

    /** A tool whose work shows on the draft while the pointer is on it. */
    private Button seen(String icon, String id, String words, Runnable action) {
        Button button = tool(icon, id, words, action);
        button.setOnMouseEntered(e -> studio.design().filter(d -> hand.weaving()
                .filter(w -> w.draft().ends() * w.draft().picks() <= MOST_PREVIEWED).isPresent())
                .ifPresent(d -> hand.preview(action, w -> pane.show(w, d, studio.colourway(d)))));
        button.setOnMouseExited(e -> studio.design().ifPresent(d -> hand.weaving()
                .ifPresent(w -> pane.show(w, d, studio.colourway(d)))));
        return button;
    }

    /** The keys go on to the draft once its work is done. */
    private Button tool(String icon, String id, String words, Runnable action) {
        Button button = Ui.icon(icon, words, () -> {
            action.run();
            pane.requestFocus();
        });
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
