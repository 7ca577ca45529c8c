package org.vatwright.desktop.frame;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Choice;
import org.vatwright.desktop.control.Gradual;
import org.vatwright.desktop.control.Scroll;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The shelf: small cloths of the project's designs. Closed it is a strip; open it can be searched. */
final class ShelfStrip extends VBox {

    private static final int THUMB = 48;
    private static final double CLOSED = 80;
    private static final double OPEN = 216;

    private record Item(Button button, ClothImage image) {}

    private final Studio studio;
    private final Desk desk;
    private final VBox list = new VBox(8);
    private final Map<Choice, Item> items = new HashMap<>();
    private final Gradual making = new Gradual();
    private List<Choice> order = List.of();
    private final TextField search = new TextField();
    private boolean open;

    ShelfStrip(Studio studio, Desk desk) {
        super(8);
        this.studio = studio;
        this.desk = desk;
        getStyleClass().add("shelf");
        Button toggle = Ui.link("Shelf", this::toggle);
        toggle.setId("shelf-toggle");
        Ui.tip(toggle, "Open or close the shelf");
        search.setPromptText("search the shelf");
        search.setAccessibleText("Search the shelf");
        search.textProperty().addListener((o, a, b) -> refresh());
        Button fresh = Ui.button("new", desk::addDesign);
        fresh.setId("new-design");
        fresh.getStyleClass().add("new-design");
        Ui.tip(fresh, "Add a design");
        ScrollPane scroll = new Scroll(new VBox(8, list, fresh));
        scroll.getStyleClass().add("bare-scroll");
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(toggle, search, scroll);
        size();
    }

    private void toggle() {
        open = !open;
        size();
        items.clear();
        order = List.of();
        refresh();
    }

    private void size() {
        setMinWidth(open ? OPEN : CLOSED);
        setMaxWidth(open ? OPEN : CLOSED);
        Ui.show(search, open);
    }

    void refresh() {
        String wanted = open ? search.getText().strip().toLowerCase(Locale.ROOT) : "";
        List<Design> designs = studio.project().designs().stream()
                .filter(d -> d.name().toLowerCase(Locale.ROOT).contains(wanted)).toList();
        List<Choice> now = designs.stream().map(ShelfStrip::choice).toList();
        if (!now.equals(order)) {
            order = now;
            items.keySet().retainAll(now);
            Ui.arrange(list, now.stream().filter(items::containsKey).map(c -> items.get(c).button()).toList());
        }
        // Many designs may come in at once: each has its place and its picture before the next one is begun.
        making.later(designs.stream().filter(d -> !items.containsKey(choice(d))).map(d -> (Runnable) () -> make(d))
                .toList());
        designs.stream().filter(d -> items.containsKey(choice(d))).forEach(d -> draw(items.get(choice(d)), d));
    }

    private static Choice choice(Design d) {
        return new Choice(d.id(), d.name());
    }

    private void make(Design d) {
        Item item = item(choice(d));
        items.put(choice(d), item);
        // Those missing are made in their order, so all before it are there.
        list.getChildren().add(order.indexOf(choice(d)), item.button());
        draw(item, d);
        item.button().applyCss();
    }

    private void draw(Item item, Design d) {
        double pxPerMm = THUMB / (1.6 * Math.max(d.repeat().widthMm(), d.repeat().heightMm()));
        Scenes.Field field = new Scenes.Field(d, d.palette().orFirst(studio.selection().colourway()), 0, 0, THUMB,
                THUMB, pxPerMm);
        item.image().draw(field, field.subject(studio.tiles()), THUMB, THUMB);
        item.button().pseudoClassStateChanged(Styles.CHOSEN, d.id().equals(studio.selection().design()));
    }

    private Item item(Choice design) {
        ClothImage image = new ClothImage();
        HBox content = Ui.row(image);
        if (open) {
            content.getChildren().add(Ui.label(design.name()));
        }
        Button button = new Button(null, content);
        button.getStyleClass().add("shelf-item");
        button.setId("shelf-" + design.name().replace(' ', '-'));
        button.setAccessibleText(design.name());
        button.setMaxWidth(open ? Double.MAX_VALUE : USE_PREF_SIZE);
        button.setAlignment(Pos.CENTER_LEFT);
        Ui.tip(button, design.name());
        button.setOnAction(e -> choose(design));
        button.setOnDragDetected(e -> {
            button.startDragAndDrop(TransferMode.COPY).setContent(Frame.dragged(design.id()));
            e.consume();
        });
        button.setOnDragOver(e -> LayerDrag.of(e.getDragboard()).filter(d -> !d.design().equals(design.id()))
                .ifPresent(d -> e.acceptTransferModes(TransferMode.COPY)));
        button.setOnDragDropped(e -> LayerDrag.of(e.getDragboard()).ifPresent(d -> {
            bring(d, design);
            e.setDropCompleted(true);
            e.consume();
        }));
        button.setOnContextMenuRequested(e -> {
            menu(design).show(button, e.getScreenX(), e.getScreenY());
            e.consume();
        });
        return new Item(button, image);
    }

    private ContextMenu menu(Choice design) {
        MenuItem duplicate = new MenuItem("Duplicate");
        duplicate.setOnAction(e -> {
            choose(design);
            desk.duplicateDesign();
        });
        MenuItem remove = new MenuItem("Remove");
        remove.setOnAction(e -> {
            choose(design);
            desk.removeDesign();
        });
        ContextMenu menu = new ContextMenu(duplicate, remove);
        if (studio.selection().stage() == Stage.DRESS) {
            studio.project().design(design.id()).map(d -> new WearMenu(studio, d).items()).filter(i -> !i.isEmpty())
                    .ifPresent(items -> {
                        menu.getItems().add(0, new SeparatorMenuItem());
                        menu.getItems().addAll(0, items);
                    });
        }
        return menu;
    }

    private void bring(LayerDrag drag, Choice into) {
        Project before = studio.project();
        before.design(drag.design()).ifPresent(from -> {
            if (studio.edit("copy layers into " + into.name(),
                    p -> p.edit(into.id(), d -> Recipe.brought(d, from, drag.layers())))) {
                int count = drag.layers().size();
                studio.say(Message.done("%d layer%s copied into %s with %s inks.".formatted(count,
                        count == 1 ? "" : "s", into.name(), count == 1 ? "its" : "their")));
            }
        });
    }

    private void choose(Choice design) {
        studio.project().design(design.id()).ifPresent(d -> studio.select(s -> s.withDesign(d)));
    }
}
