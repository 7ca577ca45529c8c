package org.vatwright.desktop.frame;

import javafx.scene.Node;

/** One stage of the window. */
public interface StageView {

    /** @return what fills the middle */
    Node middle();

    /** @return what stands in the right column */
    Node column();

    /** Brings everything in line with the studio. */
    void refresh();

    /** Brings all of the cloth into view. */
    void fit();

    /** Shows the cloth at true size. */
    void trueSize();
}
