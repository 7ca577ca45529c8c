package org.vatwright.desktop.building;

import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Structure;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** One part of what shapes the open layer. It stands open alone, so it must not be taller than the column has room for. */
abstract class Chapter extends VBox {

    private static final double GAP = 7;

    final Studio studio;

    Chapter(Studio studio) {
        super(GAP);
        this.studio = studio;
    }

    abstract void show(Design design, Colourway colourway, Layer layer);

    /** @return small steps that make what that layer needs of it, while it is hidden */
    List<Runnable> furnishing(Design design, Colourway colourway, Layer layer) {
        return List.of(() -> show(design, colourway, layer));
    }

    /** Makes at once what it would make little by little. */
    void complete() {}

    /** What only layers of one family have. */
    abstract static class Of<S extends Structure> extends Chapter {

        private final Class<S> type;

        Of(Studio studio, Class<S> type) {
            super(studio);
            this.type = type;
        }

        abstract void show(Design design, Colourway colourway, S structure);

        @Override
        final void show(Design design, Colourway colourway, Layer layer) {
            show(design, colourway, type.cast(layer.structure()));
        }

        final void edit(String name, UnaryOperator<S> change) {
            studio.editStructure(name, type, change);
        }
    }

    final void hold(Node... nodes) {
        getChildren().addAll(nodes);
    }
}
