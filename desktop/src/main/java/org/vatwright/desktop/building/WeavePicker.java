package org.vatwright.desktop.building;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Path;

/** A weave chosen from small drawings of what it does, from the list of families, or typed by its name. */
final class WeavePicker extends VBox {

    /** Shown beside a cloth that is about something else. */
    static final List<String> FEW = List.of("plain", "twill 2/2", "twill 2/2 left", "twill 2/1", "twill 3/1",
            "basket 2/2");
    /** Shown where the weave is what it is all about. */
    static final List<String> NAMED = List.of("plain", "basket 2/2", "twill 2/2", "twill 3/1", "twill 3/1/1/3",
            "pointed 2/2", "broken 3/1", "herringbone 2/2 8", "satin 5/2", "satin 8/3", "sateen 8/3", "waffle 5");
    private static final double SIDE = 24;
    private static final int THREADS = 8;

    private final Studio studio;
    private final Segments<String> drawings;
    private final TextField name = new TextField();
    private final MenuButton more = new MenuButton("More");
    private String now = "plain";

    /** @param take is given the name; what it refuses is told */
    WeavePicker(Studio studio, String what, List<String> shown, Consumer<String> take) {
        super(4);
        this.studio = studio;
        FlowPane rows = new FlowPane(0, 3);
        drawings = new Segments<>(shown, w -> w, WeavePicker::drawing, take);
        shown.forEach(w -> drawings.button(w).setId(what + "-" + w.replaceAll("[ /]", "-")));
        drawings.getStyleClass().add("drawings");
        if (shown.size() > FEW.size()) {
            rows.getStyleClass().addAll("segments", "drawings", "drawings-flow");
            rows.getChildren().addAll(List.copyOf(drawings.getChildren()));
        } else {
            rows.getChildren().add(drawings);
        }
        name.setId(what);
        name.setAccessibleText(what + " by its name");
        name.getStyleClass().add("number");
        name.setOnAction(e -> {
            try {
                take.accept(name.getText());
            } catch (Refusal wrong) {
                name.setText(now);
                studio.say(Message.refused(wrong.getMessage()));
            }
        });
        more.setId(what + "-more");
        more.setMinWidth(USE_PREF_SIZE);
        name.setPrefWidth(104);
        for (NamedWeave.Family family : NamedWeave.FAMILIES) {
            MenuItem item = new MenuItem("%s: %s (%s)".formatted(family.title(), family.form(), family.range()));
            item.setOnAction(e -> take.accept(family.example()));
            more.getItems().add(item);
        }
        getChildren().addAll(rows, Ui.labelled("Weave", name, more));
    }

    /** A picker of weaves for cloths that only name theirs; drafts of the project can be taken as well. */
    static WeavePicker ofWeaves(Studio studio, String what, Consumer<Weave> take) {
        WeavePicker picker = new WeavePicker(studio, what, FEW, text -> take.accept(Weave.parse(text)));
        picker.more.setOnShowing(e -> picker.drafts(take));
        return picker;
    }

    private void drafts(Consumer<Weave> take) {
        more.getItems().removeIf(i -> "draft".equals(i.getUserData()));
        for (Design design : studio.project().designs()) {
            for (Layer layer : design.layers()) {
                if (layer.structure() instanceof Weaving weaving) {
                    MenuItem item = new MenuItem("The draft of %s, %s".formatted(design.name(), weaving.name()));
                    item.setUserData("draft");
                    item.setOnAction(e -> take.accept(weaving.fabric().weave()));
                    more.getItems().add(item);
                }
            }
        }
    }

    void show(String weave) {
        now = weave;
        drawings.show(weave);
        if (!name.isFocused() || name.getText().isBlank()) {
            name.setText(weave);
        }
    }

    /** Dark where the warp is on top. */
    private static Node drawing(String name) {
        Weave weave = Weave.parse(name);
        int threads = Math.max(THREADS, Math.min(16, Math.max(weave.ends(), weave.picks())));
        double side = SIDE / threads;
        Path2D crossings = new Path2D.Double();
        for (int pick = 0; pick < threads; pick++) {
            for (int end = 0; end < threads; end++) {
                if (weave.warpOnTop(end, pick)) {
                    crossings.append(new Rectangle2D.Double(end * side, pick * side, side, side), false);
                }
            }
        }
        // One path for all: hundreds of small nodes are slow to be styled.
        Path drawn = AwtShapes.path(crossings, new AffineTransform());
        drawn.getStyleClass().add("crossing-drawn");
        Pane pane = new Pane(drawn);
        pane.setMinSize(SIDE, SIDE);
        pane.setPrefSize(SIDE, SIDE);
        return pane;
    }
}
