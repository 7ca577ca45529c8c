package org.vatwright.core.dress;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
    record Letter(int code, Shape shape, double middle) {}

    static TypeLine set(String text, Typeface face) {
        return set(text, face, 0);
    }

    /** @param apart what is added between letters, in heights of a capital */
    static TypeLine set(String text, Typeface face, double apart) {
        List<Letter> letters = new ArrayList<>();
        double at = 0;
        int before = -1;
        for (int code : text.codePoints().toArray()) {
            at += before < 0 ? 0 : face.kerning(before, code) + apart;
            Optional<Shape> shape = face.outline(code).filter(s -> !s.getBounds2D().isEmpty());
            if (shape.isPresent()) {
                letters.add(new Letter(code,
                        AffineTransform.getTranslateInstance(at, 0).createTransformedShape(shape.get()),
                        at + face.advance(code) / 2));
            }
            at += face.advance(code);
            before = code;
        }
        return new TypeLine(List.copyOf(letters), at);
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
