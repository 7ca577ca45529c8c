package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.dress.TypeLine.Letter;

/** Words in lines, straight or on an arc. */
final class TypeSet {

    private TypeSet() {}

    /** @return all letters in mm, in the order they are read; the foot of the first line at 0, its beginning, or the arc's top */
    static List<Letter> letters(Article.Lettering words, Typeface face) {
        Setting how = words.setting();
        double high = words.heightMm();
        List<TypeLine> lines = lines(words.text(), face, how, high).stream()
                .map(line -> TypeLine.set(line, face, how.apart(), !words.eachOwn())).toList();
        double widest = lines.stream().mapToDouble(TypeLine::width).max().orElse(0);
        List<Letter> all = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            TypeLine line = lines.get(i);
            double left = switch (how.align()) {
                case LEFT -> 0;
                case MIDDLE -> (widest - line.width()) / 2;
                case RIGHT -> widest - line.width();
            };
            for (Letter letter : line.letters()) {
                double down = i * how.leading() * high;
                AffineTransform place = how.line().isPresent()
                        ? onLine(Walk.of(how.line().get()), down, (left + letter.middle()) * high,
                                letter.middle() * high)
                        : how.arcMm() == 0
                                ? AffineTransform.getTranslateInstance(left * high, down)
                                : onArc(how.arcMm(), down, (left + letter.middle() - widest / 2) * high,
                                        letter.middle() * high);
                place.scale(high, high);
                all.add(new Letter(letter.text(), place.createTransformedShape(letter.shape()), letter.middle()));
            }
        }
        return all;
    }

    /**
     * A letter's middle comes to lie as far along its own line's circle as it lies from the middle of the line.
     *
     * @param down how far its line lies below the first
     * @param from the middle, in mm
     * @param middle of the letter in its line
     */
    private static AffineTransform onArc(double radius, double down, double from, double middle) {
        double own = radius - down;
        double angle = Math.abs(own) < 1e-6 ? 0 : from / own;
        // The circle's middle lies at (0, radius): letters stand on it, or hang below it when it lies above.
        AffineTransform place = AffineTransform.getRotateInstance(angle, 0, radius);
        place.translate(-middle, down);
        return place;
    }

    /** A letter's middle stands as far along the line as it lies from the beginning of its own; beyond its ends straight on. */
    private static AffineTransform onLine(Walk line, double down, double from, double middle) {
        double[] p = line.at(from);
        AffineTransform place = AffineTransform.getTranslateInstance(p[0], p[1]);
        place.rotate(p[2], p[3]);
        place.translate(-middle, down);
        return place;
    }

    private static List<String> lines(String text, Typeface face, Setting how, double high) {
        List<String> lines = new ArrayList<>();
        for (String line : text.split("\\R", -1)) {
            if (how.boxMm() == 0) {
                lines.add(line);
            } else {
                broken(line.strip(), face, how, how.boxMm() / high, lines);
            }
        }
        return lines;
    }

    /** A word that is too wide by itself has a line of its own. @param room in heights of a capital */
    private static void broken(String line, Typeface face, Setting how, double room, List<String> lines) {
        String begun = "";
        for (String word : line.split(" +")) {
            String longer = begun.isEmpty() ? word : begun + " " + word;
            if (!begun.isEmpty() && TypeLine.set(longer, face, how.apart()).width() > room) {
                lines.add(begun);
                begun = word;
            } else {
                begun = longer;
            }
        }
        lines.add(begun);
    }
}
