package org.vatwright.desktop.frame;

import java.util.List;

import org.vatwright.desktop.studio.Change;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** One stage of the window: what fills the middle, and what stands in the right column. */
public abstract class StageView {

    protected final Studio studio;
    private final VBox middle = new VBox();
    private final VBox column = new VBox(12);

    protected StageView(Studio studio) {
        this.studio = studio;
    }

    /** @return what fills the middle */
    public final VBox middle() {
        return middle;
    }

    /** @return what stands in the right column */
    public final VBox column() {
        return column;
    }

    /** @return whether what it shows may be another after that change */
    public boolean touchedBy(Change change) {
        return true;
    }

    /** @return what can be done here, by its words */
    public List<Command> commands() {
        return Commands.of(column, middle);
    }

    /**
     * Steps, each a small one, that make what this stage is likely to show, while nobody does anything. None of them shows anything:
     * it may be hidden.
     */
    public List<Runnable> furnishing() {
        return List.of();
    }

    /** Brings everything in line with the studio. */
    public abstract void refresh();

    /** Brings all of the cloth into view. */
    public void fit() {
        refresh();
    }

    /** Shows the cloth at true size. */
    public void trueSize() {
        refresh();
    }
}
