package org.vatwright.desktop.frame;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Change;
import org.vatwright.desktop.studio.Studio;

/** A stage that shows the design in view, and nothing while there is none. */
public abstract class DesignStage extends StageView {

    protected DesignStage(Studio studio) {
        super(studio);
    }

    /** It shows the design in view, and articles that wear it and others; jobs are elsewhere. */
    @Override
    public boolean touchedBy(Change change) {
        return change.selection() || change.project() || !change.designs().isEmpty() || !change.articles().isEmpty();
    }

    @Override
    public final void refresh() {
        Design design = studio.design().orElse(null);
        middle().setVisible(design != null);
        column().setVisible(design != null);
        if (design != null) {
            refresh(design, studio.colourway(design));
        }
    }

    /** @param colourway the one the design is looked at in */
    protected abstract void refresh(Design design, Colourway colourway);
}
