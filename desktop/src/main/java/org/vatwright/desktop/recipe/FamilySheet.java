package org.vatwright.desktop.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

import org.kordamp.ikonli.javafx.FontIcon;
import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.woven.FabricStructure;
import org.vatwright.desktop.control.Gradual;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Command;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * What a layer can be, as small live pictures in the design's own inks and repeat. A click or the arrow keys choose, a
 * double click or Enter adds; the first letter goes to the next of that letter.
 */
public final class FamilySheet extends VBox {

    private static final int COLUMNS = 4;
    private static final double WIDE = 60;
    private static final double HIGH = 52;
    private static final double PERIODS = 4;

    /** One thing that can be added. @param fresh a design with it alone; none when it comes from a file */
    private record Entry(String id, String title, Optional<UnaryOperator<Design>> fresh, Runnable add) {}

    /** What a small picture shows. */
    private record Sample(String family, Design design, Colourway colourway) {}

    private final Studio studio;
    private final List<Entry> entries = new ArrayList<>();
    private final List<Button> buttons = new ArrayList<>();
    private final List<ClothImage> pictures = new ArrayList<>();
    private final Label hint = Ui.prose("", "quiet");
    private final Gradual drawing = new Gradual();
    private int now;

    /**
     * @param add takes the family that is to be added
     * @param drawing asks for a file and makes it a motif
     * @param cover,picture ask for a file and make it a layer that covers everything, or a motif
     * @param close is called when it has done its work, or by Escape
     */
    public FamilySheet(Studio studio, Consumer<Catalogue.Family> add, Runnable drawing, Runnable cover,
            Runnable picture, Runnable close) {
        super(8);
        this.studio = studio;
        setId("family-sheet");
        for (Catalogue.Family family : Catalogue.FAMILIES) {
            entries.add(new Entry("add-" + family.id(), family.title(),
                    Optional.of(d -> FreshLayer.alone(d, family)), () -> {
                        close.run();
                        add.accept(family);
                    }));
        }
        entries.add(new Entry("read-motif", "A drawing\u2026", Optional.empty(), () -> {
            close.run();
            drawing.run();
        }));
        entries.add(new Entry("read-cover-picture", "A picture\u2026", Optional.empty(), () -> {
            close.run();
            cover.run();
        }));
        entries.add(new Entry("read-motif-picture", "Picture motif\u2026", Optional.empty(), () -> {
            close.run();
            picture.run();
        }));
        GridPane grid = new GridPane(4, 6);
        for (int i = 0; i < entries.size(); i++) {
            Button button = button(i);
            buttons.add(button);
            grid.add(button, i % COLUMNS, i / COLUMNS);
        }
        // Before its buttons, which would take Enter for themselves.
        addEventFilter(KeyEvent.KEY_PRESSED, e -> key(e, close));
        getChildren().addAll(grid, hint);
    }

    private Button button(int index) {
        Entry entry = entries.get(index);
        ClothImage image = new ClothImage();
        pictures.add(image);
        Node seen = entry.fresh().isPresent()
                ? image
                : new FontIcon(entry.id().endsWith("picture") ? "fth-image" : "fth-pen-tool");
        StackPane frame = new StackPane(seen);
        frame.getStyleClass().add("family-picture");
        frame.setMinSize(WIDE, HIGH);
        frame.setMaxSize(WIDE, HIGH);
        VBox content = Ui.column(2, frame, Ui.label(entry.title(), "small-name"));
        content.setAlignment(Pos.CENTER);
        Button button = new Button(null, content);
        button.setId(entry.id());
        button.setAccessibleText("Add " + entry.title().toLowerCase(Locale.ROOT));
        button.getStyleClass().add("family");
        button.setOnMouseClicked(e -> {
            choose(index);
            if (e.getClickCount() == 2) {
                entry.add().run();
            }
        });
        return button;
    }

    private void key(KeyEvent e, Runnable close) {
        int next = switch (e.getCode()) {
            case RIGHT -> now + 1;
            case LEFT -> now - 1;
            case DOWN -> now + COLUMNS;
            case UP -> now - COLUMNS;
            default -> -1;
        };
        if (e.getCode() == KeyCode.ENTER) {
            entries.get(now).add().run();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            close.run();
        } else if (next >= 0 && next < entries.size()) {
            choose(next);
        } else if (e.getCode().isLetterKey()) {
            for (int i = 1; i <= entries.size(); i++) {
                int at = (now + i) % entries.size();
                if (entries.get(at).title().toUpperCase(Locale.ROOT).replace("A ", "")
                        .startsWith(e.getCode().getChar())) {
                    choose(at);
                    break;
                }
            }
        } else {
            return;
        }
        e.consume();
    }

    /** @return how much of the cloth is seen across: most of a cell, or few enough threads to be told apart */
    private static double seenMm(Design alone) {
        double most = 0.8 * alone.repeat().widthMm();
        return alone.layers().getFirst().structure() instanceof FabricStructure cloth
                && cloth.fabric().periodWidthMm() < most / PERIODS
                        ? PERIODS * cloth.fabric().periodWidthMm()
                        : most;
    }

    private void choose(int index) {
        now = index;
        buttons.get(index).requestFocus();
        mark();
    }

    private void mark() {
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).pseudoClassStateChanged(Styles.CHOSEN, i == now);
        }
    }

    /** @return one for each thing that can be added */
    public List<Command> commands() {
        return entries.stream().map(e -> new Command("Add " + e.title().toLowerCase(Locale.ROOT), "Recipe", e.add()))
                .toList();
    }

    public void begin() {
        choose(now);
    }

    public void show(Design design, Colourway colourway) {
        hint.setText(design.layers().isEmpty()
                ? "What is the first layer of %s? A double click or Enter takes it.".formatted(design.name())
                : "A double click or Enter adds it on top; Escape closes.");
        mark();
        List<Runnable> drawn = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            ClothImage image = pictures.get(i);
            String family = entries.get(i).id();
            entries.get(i).fresh()
                    .ifPresent(f -> drawn.add(() -> draw(image, new Sample(family, design, colourway), f)));
        }
        drawing.start(drawn);
    }

    /** What it would be is worked out where it is drawn, not while the window waits. */
    private void draw(ClothImage image, Sample sample, UnaryOperator<Design> fresh) {
        image.draw(sample, (fineness, work) -> {
            Design alone = fresh.apply(sample.design());
            return new Scenes.Field(alone, sample.colourway(), 0, 0, (int) WIDE, (int) HIGH, WIDE / seenMm(alone))
                    .subject(studio.tiles()).draw(fineness, work);
        }, WIDE, HIGH);
    }
}
