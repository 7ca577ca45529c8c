package org.vatwright.desktop.recipe;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.LayerDrag;
import org.vatwright.desktop.studio.Studio;

/** The recipe: the layers of the design as short lines, the topmost first, and the ground below them. */
public final class RecipeList extends VBox {

    private static final double MOST_HEIGHT = 188;

    private final Studio studio;
    private final RecipeActions actions;
    private final RecipeKeys keys;
    private final VBox list = new VBox(1);
    private final Map<Integer, LayerLine> lines = new LinkedHashMap<>();
    private final Map<String, GroupLine> groups = new HashMap<>();
    private final Set<String> folded = new HashSet<>();
    private final InkChip ground;
    private final Button add;
    private final HBox tools;

    /** @param addLayer opens the sheet of families */
    public RecipeList(Studio studio, Runnable addLayer) {
        super(4);
        this.studio = studio;
        actions = new RecipeActions(studio);
        keys = new RecipeKeys(actions, line -> ((LayerLine) line).rename());
        getStyleClass().add("recipe");
        setId("recipe");
        add = Ui.link("add a layer", addLayer);
        add.setId("add-layer");
        Button together = Ui.icon("layers", "Take the chosen layers together as one coat, or open them again",
                actions::takeTogether);
        together.setId("take-together");
        tools = new HBox(Ui.icon("lock", "Lock or unlock the chosen layers", actions::toggleLock),
                Ui.icon("folder", "Group the chosen layers, or take them out of their group", this::group),
                together,
                Ui.icon("copy", "Duplicate this layer", actions::duplicate),
                Ui.icon("trash-2", "Delete this layer", actions::delete));
        ground = new InkChip("ground ink", ink -> studio.editDesign("ground " + ink.words(), d -> d.withGround(ink)));
        HBox below = Ui.row(Ui.label("Ground", "quiet"), ground);
        below.getStyleClass().add("ground-line");
        getChildren().addAll(Ui.row(Ui.label("Recipe", "card-title"), add, Ui.spring(), tools),
                Ui.capped(list, MOST_HEIGHT), below);
        list.setOnKeyPressed(this::pressed);
    }

    private void group() {
        if (actions.grouped()) {
            actions.ungroup();
        } else {
            actions.group();
        }
    }

    private void pressed(KeyEvent e) {
        if (e.getTarget() instanceof LayerLine line) {
            keys.pressed(e, line, seen());
        } else if (e.getTarget() instanceof GroupLine line && e.getCode() == KeyCode.F2) {
            line.rename();
            e.consume();
        }
    }

    /** @return the lines that are listed, from the top */
    private List<LayerLine> seen() {
        return list.getChildren().stream().filter(Node::isVisible).filter(LayerLine.class::isInstance)
                .map(LayerLine.class::cast).toList();
    }

    /** @return steps that make the lines of all layers of some designs; they wait hidden */
    public List<Runnable> furnishing(List<Design> designs) {
        return designs.stream().flatMap(d -> d.layers().stream()).map(Layer::id).distinct()
                .<Runnable>map(id -> () -> {
                    if (!lines.containsKey(id)) {
                        LayerLine line = line(id);
                        lines.put(id, line);
                        Ui.show(line, false);
                        list.getChildren().add(line);
                        line.applyCss();
                    }
                }).toList();
    }

    public void show(Design design, Colourway colourway) {
        boolean byKeys = getScene() != null && getScene().getFocusOwner() instanceof LayerLine;
        List<Node> wanted = new ArrayList<>();
        String above = "";
        for (Layer layer : design.layers().reversed()) {
            String group = layer.group();
            if (!group.isEmpty() && !group.equals(above)) {
                wanted.add(group(group, design));
            }
            above = group;
            if (!folded.contains(group)) {
                wanted.add(lines.computeIfAbsent(layer.id(), this::line));
            }
        }
        // Those of other designs wait hidden between them: what comes into the window anew is styled anew.
        if (!list.getChildren().stream().filter(wanted::contains).toList().equals(wanted)) {
            List<Node> all = new ArrayList<>(wanted);
            lines.values().stream().filter(l -> !wanted.contains(l)).forEach(all::add);
            Ui.arrange(list, all);
        }
        list.getChildren().forEach(n -> Ui.show(n, wanted.contains(n)));
        for (LayerLine line : seen()) {
            line.show(design, colourway, design.layer(line.layerId()).orElseThrow());
        }
        Ui.show(tools, !design.layers().isEmpty());
        ground.show(design.ground(), design, colourway);
        if (byKeys) {
            followChoice();
        }
    }

    /** What was pasted or doubled is chosen, what was deleted is gone: the keys go on from the line that is chosen now. */
    private void followChoice() {
        if (!(getScene().getFocusOwner() instanceof LayerLine line && line.isVisible()
                && actions.chosen().contains(line.layerId()))) {
            seen().stream().filter(l -> l.layerId() == studio.selection().layer()).findFirst()
                    .ifPresent(Node::requestFocus);
        }
    }

    private GroupLine group(String name, Design design) {
        GroupLine line = groups.computeIfAbsent(name, n -> {
            GroupLine made = new GroupLine(studio, n, () -> {
                if (!folded.remove(n)) {
                    folded.add(n);
                }
                studio.design().ifPresent(d -> show(d, studio.colourway(d)));
            });
            made.setOnMousePressed(e -> {
                made.requestFocus();
                studio.select(s -> s.withLayers(made.members(),
                        made.members().contains(s.layer()) ? s.layer() : made.members().iterator().next()));
            });
            LayerDrag.source(made, () -> studio.design().map(d -> new LayerDrag(d.id(), made.members())));
            LayerDrag.target(made, e -> drop(e, made.members()));
            return made;
        });
        line.show(design.layers().stream().filter(l -> l.group().equals(name)).toList(), studio.selection().layers(),
                folded.contains(name));
        return line;
    }

    private LayerLine line(int id) {
        LayerLine line = new LayerLine(studio, id);
        List<Boolean> wasChosen = new ArrayList<>(List.of(false));
        line.setOnMousePressed(e -> {
            line.requestFocus();
            wasChosen.set(0, actions.chosen().contains(id));
            // What is chosen together is dragged together; a click without a drag chooses the one.
            if (e.getButton() == MouseButton.PRIMARY && !wasChosen.getFirst() || e.isShiftDown()
                    || e.isShortcutDown()) {
                choose(id, e.isShiftDown(), e.isShortcutDown());
            }
            e.consume();
        });
        line.setOnMouseReleased(e -> {
            if (e.isStillSincePress() && wasChosen.getFirst() && !e.isShiftDown() && !e.isShortcutDown()
                    && e.getButton() == MouseButton.PRIMARY) {
                choose(id, false, false);
            }
        });
        LayerDrag.source(line, () -> studio.design().map(d -> new LayerDrag(d.id(), actions.chosen())));
        LayerDrag.target(line, e -> drop(e, Set.of(id)));
        line.setOnContextMenuRequested(e -> menu().show(line, e.getScreenX(), e.getScreenY()));
        return line;
    }

    private void choose(int id, boolean upTo, boolean further) {
        actions.choose(id, seen().stream().map(LayerLine::layerId).toList(), upTo, further);
    }

    /** @param beside the layers of the line it falls on */
    private void drop(LayerDrag.Drop drop, Set<Integer> beside) {
        studio.design().ifPresent(d -> {
            Set<Integer> moved = drop.drag().layers();
            if (!drop.drag().design().equals(d.id()) || moved.equals(beside)) {
                return;
            }
            int lowest = -1;
            int highest = -1;
            int others = 0;
            for (Layer layer : d.layers()) {
                int upTo = others + (moved.contains(layer.id()) ? 0 : 1);
                if (beside.contains(layer.id())) {
                    lowest = lowest < 0 ? others : lowest;
                    highest = upTo;
                }
                others = upTo;
            }
            actions.moveTo(moved, drop.above() ? highest : lowest);
        });
    }

    private ContextMenu menu() {
        return new ContextMenu(item("Raise", () -> actions.order(1)), item("Lower", () -> actions.order(-1)),
                item("Duplicate", actions::duplicate), item("Copy", actions::copy), item("Paste", actions::paste),
                item("Lock or unlock", actions::toggleLock),
                item(actions.grouped() ? "Out of the group" : "Group", this::group),
                item(actions.taken() ? "Open again" : "Take together", actions::takeTogether),
                item("Delete", actions::delete));
    }

    private static MenuItem item(String words, Runnable act) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> act.run());
        return item;
    }
}
