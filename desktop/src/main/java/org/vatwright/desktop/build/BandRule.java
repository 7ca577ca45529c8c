package org.vatwright.desktop.build;

import java.util.function.BiConsumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.loom.Band;
import org.vatwright.core.loom.BandMeasure;
import org.vatwright.core.loom.BandRun;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.stripe.Stripes;
import org.vatwright.core.pattern.stripe.Waves;
import org.vatwright.desktop.control.InkChip;
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
 * The bands of one period laid along the cell: an edge is dragged, a band is chosen, split by a double click, and takes
 * an ink that is dropped on it. What one neighbour gains the other loses, so that a stripe that closes goes on closing.
 */
final class BandRule extends Pane {

    static final double BREADTH = 22;
    private static final double GRIP = 9;

    private final Studio studio;
    private final Label note = Ui.label("", "on-cloth-note");
    private Stripes stripes;
    private double pxPerUnit;
    private BandRun grabbed;
    private double grabX;

    BandRule(Studio studio) {
        this.studio = studio;
        getStyleClass().add("band-rule");
        setId("band-rule");
        setPrefHeight(BREADTH);
        note.setMouseTransparent(true);
        note.setManaged(false);
        note.setVisible(false);
    }

    /** @param pxPerMm of the cloth beside it */
    void show(Design design, Colourway colourway, Stripes shown, double pxPerMm) {
        stripes = shown;
        double scale = Waves.of(shown, design.repeat().tile()).bandScale(shown);
        pxPerUnit = shown.measure().mm() * scale * pxPerMm;
        int[] order = shown.run().period();
        if (grabbed != null && getChildren().size() == 2 * order.length + 1) {
            place(order);
            return;
        }
        getChildren().clear();
        for (int i = 0; i < order.length; i++) {
            getChildren().add(band(order[i], design, colourway));
        }
        for (int i = 0; i < order.length; i++) {
            getChildren().add(grip(i + 1));
        }
        getChildren().add(note);
        place(order);
    }

    private void place(int[] order) {
        double at = 0;
        int n = order.length;
        for (int i = 0; i < n; i++) {
            double width = stripes.run().bands().get(order[i]).width() * pxPerUnit;
            getChildren().get(i).resizeRelocate(at, 0, Math.max(0.5, width - 1), BREADTH);
            getChildren().get(i).pseudoClassStateChanged(Styles.CHOSEN, order[i] == studio.selection().part());
            at += width;
            getChildren().get(n + i).resizeRelocate(at - GRIP / 2, 0, GRIP, BREADTH);
        }
        setPrefWidth(at);
        setMaxWidth(at);
    }

    private Region band(int index, Design design, Colourway colourway) {
        Band band = stripes.run().bands().get(index);
        Region area = InkChip.area(band.ink(), design, colourway);
        area.getStyleClass().add("rule-band");
        Ui.placedByHand(area);
        area.setAccessibleText(words(band));
        area.setOnMousePressed(e -> studio.select(s -> s.withPart(index)));
        area.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                change("split " + band.ink().words() + " band", run -> run.split(index));
            }
        });
        area.setOnDragOver(e -> {
            if (e.getDragboard().hasString() && e.getDragboard().getString().startsWith(PaletteStrip.DRAGGED)) {
                e.acceptTransferModes(TransferMode.COPY);
                e.consume();
            }
        });
        area.setOnDragDropped(e -> drop(e, index));
        return area;
    }

    private void drop(DragEvent e, int index) {
        String slot = e.getDragboard().getString().substring(PaletteStrip.DRAGGED.length());
        change("ink band with " + slot, run -> run.with(index, run.bands().get(index).withInk(Ink.slot(slot))));
        e.setDropCompleted(true);
        e.consume();
    }

    private Region grip(int edge) {
        Region grip = new Region();
        grip.getStyleClass().add("rule-grip");
        Ui.placedByHand(grip);
        grip.setId("band-edge-" + edge);
        grip.setCursor(Cursor.H_RESIZE);
        grip.setOnMousePressed(e -> {
            grabbed = stripes.run();
            grabX = e.getScreenX();
            e.consume();
        });
        grip.setOnMouseDragged(e -> drag(e, edge));
        grip.setOnMouseReleased(e -> {
            grabbed = null;
            note.setVisible(false);
            studio.endDrag();
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
        boolean threads = stripes.measure() instanceof BandMeasure.Threads;
        double step = threads ? 1 : e.isShiftDown() ? 0.05 : 0.5;
        double by = Math.rint((e.getScreenX() - grabX) / pxPerUnit / step) * step;
        BandRun moved = grabbed.moveEdge(edge, by, step);
        change("widen " + band.ink().words() + " band", run -> moved);
        Band now = moved.bands().get(order[edge - 1]);
        note.setText(words(now));
        note.autosize();
        note.relocate(getChildren().get(order.length + edge - 1).getLayoutX() + GRIP, -2);
        note.setVisible(true);
        e.consume();
    }

    private String words(Band band) {
        return "%s %s %s".formatted(band.ink() instanceof Ink.Clear ? "Clear" : band.ink().words(),
                Numbers.plain(band.width(), 2), stripes.measure().unit());
    }

    private void change(String name, java.util.function.UnaryOperator<BandRun> change) {
        studio.editStructure(name, Stripes.class, s -> s.withRun(change.apply(s.run())));
    }
}
