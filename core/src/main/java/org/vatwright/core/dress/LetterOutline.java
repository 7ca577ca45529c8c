package org.vatwright.core.dress;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Optional;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/** Letters of a face as one outline. */
public final class LetterOutline {

    private LetterOutline() {}

    /**
     * Sets a text in one line.
     *
     * @param capitalMm height of a capital
     * @return the letters, the middle of their box at 0, 0
     * @throws Refusal when the face has none of them
     */
    public static Outline of(String text, Typeface face, double capitalMm) {
        Require.within("height of a capital", capitalMm, 0.1, 5000, "mm");
        Path2D line = new Path2D.Double();
        double at = 0;
        int before = -1;
        for (int code : text.codePoints().toArray()) {
            at += before < 0 ? 0 : face.kerning(before, code);
            Optional<Shape> letter = face.outline(code);
            if (letter.isPresent()) {
                line.append(letter.get().getPathIterator(AffineTransform.getTranslateInstance(at, 0)), false);
            }
            at += face.advance(code);
            before = code;
        }
        if (line.getCurrentPoint() == null) {
            throw new Refusal("%s has none of the letters \"%s\"".formatted(face.name(), text));
        }
        Rectangle2D box = line.getBounds2D();
        AffineTransform place = AffineTransform.getScaleInstance(capitalMm, capitalMm);
        place.translate(-box.getCenterX(), -box.getCenterY());
        return Outline.of(line, place);
    }
}
