package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.input.DragEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * The bands of one period laid along the upper or the left side of the cell: an edge is dragged, a band is chosen, split
 * by a double click, carried to another place, and takes an ink that is dropped on it. What one neighbour gains the
 * other loses, so that a cloth that closes goes on closing.
 */
final class BandRule extends Pane {

    static final double BREADTH = 22;
    private static final double GRIP = 9;
    /** A band moves its place once it is carried this far. */
    private static final double CARRY = 6;

    private final Studio studio;
    private final RunEditor runs;
    private final HandNumber number;
    private final boolean level;
    private final String edgeId;
    private final Pool<Region> areas = new Pool<>(this, this::band);
    /** Above all bands, and open to the hand beside its grips. */
    private final Pane edges = new Pane();
    private final Pool<Region> grips = new Pool<>(edges, i -> grip(i + 1));
    private final Label note = Ui.label("", "on-cloth-note");
    private double pxPerUnit;
    private BandRun grabbed;
    private double grabAt;
    private int carried = -1;

    /** @param level along the upper side; else along the left one */
    BandRule(Studio studio, RunEditor runs, HandNumber number, boolean level, String id) {
        this.studio = studio;
        this.runs = runs;
        this.number = number;
        this.level = level;
        edgeId = level ? "band-edge-" : "weft-edge-";
        getStyleClass().add("band-rule");
        setId(id);
        setOnDragOver(e -> {
            if (e.getDragboard().hasString() && e.getDragboard().getString().startsWith(PaletteStrip.DRAGGED)) {
                e.acceptTransferModes(TransferMode.COPY);
                e.consume();
            }
        });
        setOnDragDropped(this::drop);
        note.setMouseTransparent(true);
        note.setManaged(false);
        note.setVisible(false);
        edges.setPickOnBounds(false);
        Ui.placedByHand(edges);
        getChildren().addAll(edges, note);
    }

    /** Makes so many bands beforehand. */
    void ready(int bands) {
        areas.ready(bands);
        grips.ready(bands);
    }

    /** @param px of one unit of width on the cloth beside it */
    void show(Design design, Colourway colourway, double px) {
        pxPerUnit = px;
        int[] order = run().period();
        List<Region> seen = areas.show(order.length);
        for (int i = 0; i < order.length; i++) {
            Band band = run().bands().get(order[i]);
            InkChip.paint(seen.get(i), band.ink(), design, colourway);
            seen.get(i).setAccessibleText(words(band));
        }
        place(order, seen, grips.show(order.length));
    }

    private BandRun run() {
        return runs.run().orElseThrow();
    }

    private void place(int[] order, List<Region> bands, List<Region> ends) {
        double at = 0;
        for (int i = 0; i < order.length; i++) {
            double width = run().bands().get(order[i]).width() * pxPerUnit;
            lay(bands.get(i), at, Math.max(0.5, width - 1));
            bands.get(i).pseudoClassStateChanged(Styles.CHOSEN, order[i] == runs.chosen(studio));
            at += width;
            lay(ends.get(i), at - GRIP / 2, GRIP);
        }
        setPrefSize(level ? at : BREADTH, level ? BREADTH : at);
        setMaxSize(level ? at : BREADTH, level ? BREADTH : at);
    }

    private void lay(javafx.scene.Node node, double at, double length) {
        node.resizeRelocate(level ? at : 0, level ? 0 : at, level ? length : BREADTH, level ? BREADTH : length);
    }

    private double along(MouseEvent e) {
        return level ? e.getScreenX() : e.getScreenY();
    }

    private Region band(int place) {
        Region area = new Region();
        area.getStyleClass().add("rule-band");
        Ui.placedByHand(area);
        area.setOnMousePressed(e -> {
            studio.select(s -> s.withPart(runs.part(index(place))));
            grabAt = along(e);
            carried = index(place);
        });
        area.setOnMouseDragged(e -> {
            String words = words(run().bands().get(index(place)));
            say(place, Math.abs(along(e) - grabAt) > CARRY ? "carry " + words : words);
        });
        area.setOnMouseReleased(e -> {
            note.setVisible(false);
            int from = carried;
            carried = -1;
            int to = bandAt(e.getScreenX(), e.getScreenY());
            if (from >= 0 && to >= 0 && to != from && Math.abs(along(e) - grabAt) > CARRY) {
                runs.edit("carry %s band".formatted(run().bands().get(from).ink().words()), r -> r.move(from, to));
                studio.select(s -> s.withPart(runs.part(to)));
            }
        });
        area.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                int index = index(place);
                runs.edit("split " + run().bands().get(index).ink().words() + " band",
                        r -> r.split(index, runs.step()));
            }
        });
        return area;
    }

    /** @return which band of the run lies at a place of its period */
    private int index(int place) {
        return run().period()[place];
    }

    /** @return the band of the run under the pointer, or -1 */
    private int bandAt(double screenX, double screenY) {
        var own = screenToLocal(screenX, screenY);
        double at = (level ? own.getX() : own.getY()) / pxPerUnit;
        int[] order = run().period();
        double start = 0;
        for (int band : order) {
            start += run().bands().get(band).width();
            if (at >= 0 && at < start) {
                return band;
            }
        }
        return -1;
    }

    private void drop(DragEvent e) {
        String slot = e.getDragboard().getString().substring(PaletteStrip.DRAGGED.length());
        int index = bandAt(e.getScreenX(), e.getScreenY());
        if (index >= 0) {
            Ink ink = studio.design().flatMap(d -> d.fill(slot)).map(Fill::ink).orElse(Ink.slot(slot));
            runs.edit("ink band with " + slot, r -> r.with(index, r.bands().get(index).withInk(ink)));
        }
        e.setDropCompleted(index >= 0);
        e.consume();
    }

    private Region grip(int edge) {
        Region grip = new Region();
        grip.getStyleClass().add(level ? "rule-grip" : "rule-grip-down");
        Ui.placedByHand(grip);
        grip.setId(edgeId + edge);
        grip.setCursor(level ? Cursor.H_RESIZE : Cursor.V_RESIZE);
        grip.setOnMousePressed(e -> {
            grabbed = run();
            grabAt = along(e);
            e.consume();
        });
        grip.setOnMouseDragged(e -> drag(e, edge));
        grip.setOnMouseReleased(e -> {
            int band = grabbed.period()[edge - 1];
            grabbed = null;
            note.setVisible(false);
            studio.endDrag();
            number.released(text -> typed(band, text));
            e.consume();
        });
        return grip;
    }

    private void drag(MouseEvent e, int edge) {
        int[] order = grabbed.period();
        Band band = grabbed.bands().get(order[edge - 1]);
        if (!studio.dragging()) {
            studio.beginDrag("widen " + band.ink().words() + " band");
        }
        double step = runs.step() > 0 ? runs.step() : e.isShiftDown() ? 0.05 : 0.5;
        double by = Math.rint((along(e) - grabAt) / pxPerUnit / step) * step;
        BandRun moved = grabbed.moveEdge(edge, by, step);
        runs.edit("widen " + band.ink().words() + " band", run -> moved);
        number.pulled(e, "%s %s".formatted(Numbers.plain(moved.bands().get(order[edge - 1]).width(), 2),
                runs.unit()));
        e.consume();
    }

    /** The band takes the width that is typed; its neighbours keep theirs. */
    private void typed(int band, String text) {
        double width = runs.unit().equals("threads")
                ? LengthText.parseNumber(text, "threads")
                : LengthText.parseMm(text, Unit.MM, studio.project().density());
        runs.edit("band %d %s %s".formatted(band + 1, Numbers.plain(width, 2), runs.unit()),
                r -> r.with(band, r.bands().get(band).withWidth(width)));
    }

    private void say(int place, String words) {
        Region beside = grips.seen().get(place);
        note.setText(words);
        note.autosize();
        note.relocate(level ? beside.getLayoutX() + GRIP : BREADTH + 4, level ? -2 : beside.getLayoutY() - 8);
        note.setVisible(true);
    }

    private String words(Band band) {
        return "%s %s %s".formatted(band.ink() instanceof Ink.Clear ? "Clear" : band.ink().words(),
                Numbers.plain(band.width(), 2), runs.unit());
    }
}
