package org.vatwright.core.dress;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/**
 * A text set in one line, kerned. Letters that the face lacks leave a gap as wide as the face gives them.
 *
 * @param width with the gaps at its ends, in heights of a capital
 */
public record TypeLine(List<Letter> letters, double width) {

    /**
     * @param shape in heights of a capital, where it stands in the line; the baseline at 0
     * @param middle of the room that it takes in the line
     */
    record Letter(String text, Shape shape, double middle) {}

    static TypeLine set(String text, Typeface face) {
        return set(text, face, 0, true);
    }

    static TypeLine set(String text, Typeface face, double apart) {
        return set(text, face, apart, false);
    }

    /**
     * @param apart what is added between letters, in heights of a capital
     * @param ligatures whether letters are drawn as one where the face does; letters set apart are not
     */
    static TypeLine set(String text, Typeface face, double apart, boolean ligatures) {
        List<Letter> letters = new ArrayList<>();
        List<Typeface.Glyph> line = face.set(text, ligatures && apart == 0);
        double end = 0;
        for (int i = 0; i < line.size(); i++) {
            Typeface.Glyph glyph = line.get(i);
            double at = glyph.at() + i * apart;
            glyph.shape().ifPresent(shape -> letters.add(new Letter(glyph.text(),
                    AffineTransform.getTranslateInstance(at, 0).createTransformedShape(shape),
                    at + glyph.advance() / 2)));
            end = at + glyph.advance();
        }
        return new TypeLine(List.copyOf(letters), end);
    }

    /**
     * @param capitalMm height of a capital
     * @return all letters of a text as one outline, the middle of their box at 0, 0
     * @throws Refusal when the face has none of them
     */
    public static Outline outline(String text, Typeface face, double capitalMm) {
        Require.within("height of a capital", capitalMm, 0.1, 5000, "mm");
        Path2D line = new Path2D.Double();
        set(text, face).letters.forEach(l -> line.append(l.shape, false));
        if (line.getCurrentPoint() == null) {
            throw new Refusal("%s has none of the letters \"%s\"".formatted(face.name(), text));
        }
        Rectangle2D box = line.getBounds2D();
        AffineTransform place = AffineTransform.getScaleInstance(capitalMm, capitalMm);
        place.translate(-box.getCenterX(), -box.getCenterY());
        return Outline.of(line, place);
    }
}
