package org.vatwright.desktop.studio;

import io.soabase.recordbuilder.core.RecordBuilder;

import org.vatwright.core.picture.CutShape;

/**
 * What the next pull on a picture cuts out. Not part of the document.
 *
 * @param how what is drawn next comes to what is taken already
 * @param within how far a colour may differ that is like another, as CIEDE2000 counts, 0 to 100
 * @param joined whether only what hangs together with the place that was clicked is like it
 */
@RecordBuilder
public record CutHand(Tool tool, CutShape.How how, double within, boolean joined) implements CutHandBuilder.With {

    public static final CutHand FIRST = new CutHand(Tool.FRAME, CutShape.How.ADD, 12, true);

    /** What a hand on the picture does. */
    public enum Tool {
        FRAME("Frame"), ELLIPSE("Ellipse"), OUTLINE("Outline"), LIKE("Like");

        private final String words;

        Tool(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
