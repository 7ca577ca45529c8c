package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.board.BoardView;
import org.vatwright.desktop.cloth.TrueSize;
import org.vatwright.desktop.control.GivingLine;
import org.vatwright.desktop.control.Late;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.draft.DraftView;
import org.vatwright.desktop.frame.Command;
import org.vatwright.desktop.frame.Commands;
import org.vatwright.desktop.frame.DesignStage;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.studio.Studio;

import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.SplitPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** Build: cell and worn view side by side, the recipe in the column. */
public final class BuildStage extends DesignStage {

    private static final double CELL_SHARE = 0.57;
    private static final double REST_MILLIS = 250;
    private static final String CUTTING = Cover.FAMILY + "/" + FamilyChapters.CUT_OUT;
    /** A draft of more crossings is shown alone first, all beside it when the hand rests. */
    private static final int LARGE = 100_000;

    private final BrushBar brushes;
    private final TakeBar take;
    private final CellPane cell;
    private final DraftView draft;
    private final BoardView board;
    private final WornPane worn;
    private final Label title = Ui.label("", "pane-title");
    private final BuildColumn recipe;
    private Segments<Boolean> sight;
    private Segments<Boolean> motifSight;
    private ToggleButton crowding;
    private List<Node> onCloth;
    private MenuButton onDraft;
    private boolean drafting;
    private boolean drawing;
    private final Late brushPlace;
    private final Lull beside = new Lull();
    private final PauseTransition rest = new PauseTransition(Duration.millis(REST_MILLIS));

    /** @param tile writes the tile in view */
    public BuildStage(Studio studio, Desk desk, Runnable tile) {
        super(studio);
        brushes = new BrushBar(studio, desk);
        brushPlace = new Late(brushes);
        take = new TakeBar(studio, desk);
        cell = new CellPane(studio, take);
        cell.onScaled(() -> studio.tellFoot(f -> f.withNotes(f.notes(), TrueSize.words(cell.viewport().pxPerMm()))));
        worn = new WornPane(studio, take);
        take.watched(this::refresh);
        recipe = new BuildColumn(studio, desk, c -> cell.cutting(c.equals(CUTTING)));
        draft = new DraftView(studio);
        board = new BoardView(studio);
        VBox left = new VBox(head(desk, tile), new Late(take), brushPlace, cell);
        VBox.setVgrow(cell, Priority.ALWAYS);
        for (Node instead : List.of(draft, board)) {
            Late late = new Late(instead);
            VBox.setVgrow(late, Priority.ALWAYS);
            left.getChildren().add(late);
        }
        left.getStyleClass().add("surround");
        SplitPane panes = new SplitPane(left, worn);
        panes.setDividerPositions(CELL_SHARE);
        VBox.setVgrow(panes, Priority.ALWAYS);
        middle().getChildren().add(panes);
        column().getChildren().add(recipe);
    }

    private Node head(Desk desk, Runnable tile) {
        ToggleButton roll = new ToggleButton("Rolled");
        roll.setId("roll");
        roll.setAccessibleText("Rolled by half");
        Ui.tip(roll, "Rolled by half: the seams cross in the middle");
        roll.getStyleClass().add("pill");
        roll.setOnAction(e -> {
            cell.roll(roll.isSelected());
            refresh();
        });
        ToggleButton taking = new ToggleButton("Take");
        taking.setId("take");
        taking.getStyleClass().add("pill");
        Ui.tip(taking, "Take an area of the cloth or of what is worn as a tile");
        taking.setOnAction(e -> take.open(taking.isSelected()));
        MenuButton guides = new MenuButton("Guides");
        guides.setId("guides");
        guides.getStyleClass().add("pill");
        String[] words = {"none", "halves", "thirds", "quarters"};
        for (int parts = 1; parts <= 4; parts++) {
            int n = parts;
            MenuItem item = new MenuItem(words[n - 1]);
            item.setOnAction(e -> studio.editDesign("guides " + words[n - 1], d -> d.withGuides(
                    d.guides().withLines(Guides.parts(n).across(), Guides.parts(n).down()))));
            guides.getItems().add(item);
        }
        guides.getItems().add(new SeparatorMenuItem());
        guides.getItems().addAll(UnderlayMenu.items(studio, desk));
        sight = new Segments<>(List.of(false, true), d -> d ? "Draft" : "Cloth", d -> {
            drafting = d;
            refresh();
        });
        sight.button(true).setId("see-draft");
        sight.button(false).setId("see-cloth");
        motifSight = new Segments<>(List.of(false, true), b -> b ? "Motif" : "Cloth", b -> {
            drawing = b;
            refresh();
        });
        motifSight.button(true).setId("see-motif");
        motifSight.button(false).setId("see-all");
        onDraft = new MenuButton("Weaving file");
        onDraft.setId("weaving-file");
        onDraft.getStyleClass().add("pill");
        MenuItem read = new MenuItem("Read one\u2026");
        read.setOnAction(e -> desk.weavings().read());
        MenuItem write = new MenuItem("Write this weave\u2026");
        write.setOnAction(e -> desk.weavings().write());
        onDraft.getItems().addAll(read, write);
        crowding = new ToggleButton("Crowding");
        crowding.setId("crowding");
        crowding.getStyleClass().add("pill");
        crowding.setOnAction(e -> cell.crowding(crowding.isSelected()));
        motifSight.setMinWidth(Region.USE_PREF_SIZE);
        sight.setMinWidth(Region.USE_PREF_SIZE);
        Button written = Ui.icon("download", "Write this tile as a PNG", tile);
        written.setId("write-tile");
        onCloth = List.of(taking, guides, roll, written);
        GivingLine head = new GivingLine(title, Ui.spring(), sight, motifSight, crowding, taking, guides, roll, written,
                onDraft).whole(title).gives(crowding, "cloud").gives(taking, "crop").gives(guides, "grid")
                .gives(roll, "move");
        head.getStyleClass().add("pane-head");
        return head;
    }

    @Override
    public List<Runnable> furnishing() {
        List<Runnable> steps = new ArrayList<>(recipe.furnishing(studio.project().designs()));
        steps.addAll(cell.furnishing(studio.project().designs()));
        steps.add(brushPlace::ready);
        steps.addAll(brushes.furnishing());
        return steps;
    }

    @Override
    protected void refresh(Design design, Colourway colourway) {
        Tile tile = design.repeat().tile();
        String cellWords = size(design.repeat().widthMm(), design.repeat().heightMm());
        title.setText(cell.rolled()
                ? "Tile rolled by half   " + size(tile.widthMm(), tile.heightMm())
                : board.motif().isPresent() ? "Cell" : "Cell   " + cellWords);
        Optional<Weaving> weaving = draft.chosen();
        boolean grid = drafting && weaving.isPresent();
        Ui.show(sight, weaving.isPresent());
        sight.show(grid);
        Optional<Motif> motif = board.motif();
        boolean drawn = drawing && motif.isPresent();
        Ui.show(motifSight, motif.isPresent());
        motifSight.show(drawn);
        onCloth.forEach(tool -> Ui.show(tool, !grid && !drawn));
        Ui.show(crowding, motif.isPresent() && !drawn);
        Ui.show(onDraft, grid);
        Ui.show(cell, !grid && !drawn);
        Ui.show(board, drawn);
        Ui.show(draft, grid);
        if (grid) {
            title.setText("Draft   " + weaving.get().name());
            draft.show(weaving.get(), design, colourway);
        } else if (drawn) {
            title.setText("Motif   " + motif.get().name());
            board.show(motif.get(), design, colourway);
        } else {
            cell.show(design, colourway);
        }
        brushes.show(design, colourway);
        if (take.open()) {
            take.show();
            Ui.show(brushes, false);
        }
        if (grid && worn.isShowing(design)) {
            // Squares come quickly one after the other; the worn view waits until the hand rests.
            boolean large = weaving.get().draft().ends() * weaving.get().draft().picks() > LARGE;
            rest.setOnFinished(e -> studio.design().ifPresent(d -> {
                worn.show(d, studio.colourway(d));
                if (large) {
                    recipe.show(d, studio.colourway(d));
                }
            }));
            rest.playFromStart();
            if (!large) {
                recipe.show(design, colourway);
            }
        } else {
            worn.show(design, colourway);
            beside.tell(() -> recipe.show(design, colourway), studio.dragging());
        }
        var density = studio.project().density();
        studio.tellFoot(f -> f.withNotes(
                List.of("Cell " + cellWords, "Tile " + size(tile.widthMm(), tile.heightMm()),
                        "%d x %d px at %s dpi, stretch %s \u2030".formatted(density.wholePx(tile.widthMm()),
                                density.wholePx(tile.heightMm()), Numbers.plain(density.dpi()),
                                Numbers.plain(1000 * (density.stretch(tile.widthMm()) - 1), 2))),
                TrueSize.words(cell.viewport().pxPerMm())));
    }

    private static String size(double w, double h) {
        return "%s x %s mm".formatted(Numbers.plain(w, 2), Numbers.plain(h, 2));
    }

    @Override
    public List<Command> commands() {
        return Stream.concat(recipe.commands().stream(), Commands.of(middle()).stream()).toList();
    }

    @Override
    public void fit() {
        if (board.isVisible()) {
            board.fit();
        } else if (draft.isVisible()) {
            draft.fit();
        } else {
            cell.fit();
        }
        refresh();
    }

    @Override
    public void trueSize() {
        cell.trueSize();
        refresh();
    }
}
