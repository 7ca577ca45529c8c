package org.vatwright.desktop.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Choice;
import org.vatwright.desktop.control.ColourEditor;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Scroll;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.DesignStage;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Colour: a row a colourway, a column a slot; what is worn and the colour editor beside it. */
public final class ColourStage extends DesignStage {

    private static final int WORN_WIDTH = 296;
    private static final int WORN_HEIGHT = 216;
    private static final int ROWS_AT_ONCE = 8;
    private static final int SLOTS_AT_ONCE = 20;
    private static final Choice FIELD = new Choice(Id.NONE, "field");

    private final Label title = Ui.label("", "column-title");
    private final HBox slots = new HBox();
    private final Pool<Label> heads = new Pool<>(slots, i -> head());
    private final VBox table = new VBox(6);
    private final Pool<ColourwayRow> rows;
    private final ComboBox<Choice> worn = new ComboBox<>();
    private final ClothImage cloth = new ClothImage();
    private final ColourEditor editor;
    private final Label hint = Ui.prose("Choose a swatch to change its colour.", "quiet");
    private boolean showing;

    public ColourStage(Studio studio, Desk desk) {
        super(studio);
        rows = new Pool<>(table, i -> new ColourwayRow(studio, this::begin));
        Button add = Ui.link("Add a colourway", this::add);
        add.setId("add-colourway");
        add.getStyleClass().add("on-cloth");
        ScrollPane scroll = new Scroll(table);
        scroll.getStyleClass().add("bare-scroll");
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        slots.getStyleClass().add("slot-heads");
        middle().getStyleClass().addAll("surround", "colour-table");
        middle().setSpacing(8);
        Region gap = new Region();
        gap.setMinWidth(ColourwayRow.NAME_WIDTH + 22);
        middle().getChildren().addAll(Ui.row(title), new HBox(gap, slots), scroll, Ui.row(add,
                Ui.label("as a copy of the chosen one; the first stays as it is", "on-cloth")));
        worn.setAccessibleText("What wears the colourway");
        worn.setOnAction(e -> {
            if (!showing && worn.getValue() != null) {
                studio.select(s -> s.withWorn(worn.getValue().id()));
            }
        });
        StackPane frame = new StackPane(cloth);
        frame.getStyleClass().add("surround");
        frame.setMinSize(WORN_WIDTH, WORN_HEIGHT);
        frame.setMaxSize(WORN_WIDTH, WORN_HEIGHT);
        editor = new ColourEditor(studio, rgb -> studio.design()
                .ifPresent(d -> studio.recolour(d.palette().slots().get(studio.selection().slot()), rgb)),
                desk::askPicture);
        column().getChildren().addAll(Ui.labelled("Worn by", worn), frame, hint, editor);
    }

    /** What is typed now is the chosen colour. */
    private void begin() {
        editor.begin();
    }

    private void add() {
        studio.design().ifPresent(d -> {
            Palette.Change change = d.palette().copy(studio.selection().colourway());
            studio.editDesign("add a colourway", x -> x.withPalette(change.palette()));
            studio.select(s -> s.withColourway(change.colourway()));
        });
    }

    @Override
    protected void refresh(Design design, Colourway colourway) {
        showing = true;
        Palette palette = design.palette();
        title.setText(design.name());
        heads(palette);
        List<ColourwayRow> shown = rows.show(palette.colourways().size());
        for (int i = 0; i < shown.size(); i++) {
            shown.get(i).show(design, palette.colourways().get(i));
        }
        worn(design, colourway);
        int slot = studio.selection().slot();
        Ui.show(editor, slot >= 0);
        Ui.show(hint, slot < 0);
        if (slot >= 0) {
            editor.show("%s in %s".formatted(palette.slots().get(slot), colourway.name()),
                    colourway.colours().get(slot));
        }
        studio.tellFoot(f -> f.withNotes(List.of("%s, %d slots, %d colourways".formatted(design.name(),
                palette.slots().size(), palette.colourways().size()),
                "%d inks in use".formatted(design.usedSlots().size())),
                ""));
        showing = false;
    }

    private void heads(Palette palette) {
        List<Label> shown = heads.show(palette.slots().size());
        for (int i = 0; i < shown.size(); i++) {
            shown.get(i).setText(palette.slots().get(i));
        }
    }

    private static Label head() {
        Label head = Ui.label("", "on-cloth", "slot-head");
        head.setMinWidth(ColourwayRow.SLOT_WIDTH);
        head.setMaxWidth(ColourwayRow.SLOT_WIDTH);
        return head;
    }

    /** Rows for the design with the most colourways, each with swatches for the most slots, as far as the window shows them. */
    @Override
    public List<Runnable> furnishing() {
        List<Palette> palettes = studio.project().designs().stream().map(Design::palette).toList();
        int most = palettes.stream().mapToInt(p -> p.colourways().size()).max().orElse(0);
        List<Runnable> steps = new ArrayList<>();
        steps.add(() -> heads.ready(mostSlots(palettes, 0)));
        IntStream.rangeClosed(1, Math.min(ROWS_AT_ONCE, most))
                .forEach(count -> steps.add(() -> rows.ready(count).get(count - 1).ready(mostSlots(palettes, count))));
        return steps;
    }

    private static int mostSlots(List<Palette> palettes, int colourways) {
        return Math.min(SLOTS_AT_ONCE, palettes.stream().filter(p -> p.colourways().size() >= colourways)
                .mapToInt(p -> p.slots().size()).max().orElse(0));
    }

    private void worn(Design design, Colourway colourway) {
        List<Choice> names = new ArrayList<>(List.of(FIELD));
        studio.project().articles().forEach(a -> names.add(new Choice(a.id(), a.name())));
        if (!worn.getItems().equals(names)) {
            worn.getItems().setAll(names);
        }
        Id wearer = studio.selection().worn();
        worn.setValue(names.stream().filter(c -> c.id().equals(wearer)).findFirst().orElse(FIELD));
        Article article = studio.project().article(wearer).orElse(null);
        cloth.of(List.of(design.id(), wearer));
        if (article == null) {
            Scenes.Field field = new Scenes.Field(design, colourway, 0, 0, WORN_WIDTH, WORN_HEIGHT,
                    WORN_WIDTH / (4 * design.repeat().widthMm()));
            cloth.draw(field, field.subject(studio.tiles()), WORN_WIDTH, WORN_HEIGHT);
        } else {
            Cut cut = studio.cut(article);
            double pxPerMm = Scenes.fit(cut.widthMm(), cut.heightMm(), WORN_WIDTH, WORN_HEIGHT, 8);
            Scenes.Wearing dressed = new Scenes.Wearing(studio.project(), article, design, colourway, studio.faces(),
                    pxPerMm);
            cloth.draw(dressed, dressed.subject(studio.tiles()), cut.widthMm() * pxPerMm, cut.heightMm() * pxPerMm);
        }
    }
}
