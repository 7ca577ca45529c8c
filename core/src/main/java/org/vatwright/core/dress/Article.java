package org.vatwright.core.dress;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/** What is dressed. Its pieces are numbered in the order they are drawn, lowest first. */
public sealed interface Article {

    double LEAST_MM = 1;
    double MOST_MM = 50_000;

    String name();

    Article withName(String name);

    /** @return the lay of piece {@code index}, if it has one */
    Optional<Lay> lay(int index);

    /** @return the same with another lay on piece {@code index} of {@code count} */
    Article withLay(int index, int count, Optional<Lay> lay);

    /** @return the same with every lay that it has changed */
    Article withEachLay(UnaryOperator<Lay> change);

    /** A line of a flat that closes nothing: a fold, a fastening. */
    record Line(Outline outline, Pen stroke) {}

    /**
     * A drawing of a garment or product laid flat.
     *
     * @param lines drawn over the pieces
     */
    record Flat(String name, double widthMm, double heightMm, List<Piece> pieces, List<Line> lines) implements Article {

        public static final int MOST_PIECES = 2000;

        public Flat {
            name = Require.named("article", name);
            checkSize(widthMm, heightMm);
            Require.within("pieces", pieces.size(), 1, MOST_PIECES);
            pieces = List.copyOf(pieces);
            lines = List.copyOf(lines);
        }

        @Override
        public Flat withName(String other) {
            return new Flat(other, widthMm, heightMm, pieces, lines);
        }

        @Override
        public Optional<Lay> lay(int index) {
            return pieces.get(index).lay();
        }

        @Override
        public Flat withLay(int index, int count, Optional<Lay> lay) {
            List<Piece> changed = new ArrayList<>(pieces);
            changed.set(index, pieces.get(index).withLay(lay));
            return new Flat(name, widthMm, heightMm, changed, lines);
        }

        @Override
        public Flat withEachLay(UnaryOperator<Lay> change) {
            return new Flat(name, widthMm, heightMm,
                    pieces.stream().map(p -> p.withLay(p.lay().map(change))).toList(), lines);
        }
    }

    /**
     * Words that stay words.
     *
     * @param heightMm of a capital letter
     * @param eachOwn whether letter k wears lay k (beginning anew when there are fewer lays), or all wear the first
     * @param lays none for bare letters
     */
    @RecordBuilder
    record Lettering(String name, String text, String typeface, double heightMm, boolean eachOwn, List<Lay> lays,
            Optional<Pen> stroke) implements ArticleLetteringBuilder.With, Article {

        public static final int MOST_CHARACTERS = 500;

        public Lettering {
            name = Require.named("article", name);
            Require.within("letter height", heightMm, 1, 5000, "mm");
            Require.that(text.length() <= MOST_CHARACTERS, "the text has %d characters; %d at most can be dressed"
                    .formatted(text.length(), MOST_CHARACTERS));
            Require.that(!text.isBlank(), "the text is empty; type at least one letter");
            lays = List.copyOf(lays);
        }

        @Override
        public Lettering withName(String other) {
            return with().name(other).build();
        }

        @Override
        public Optional<Lay> lay(int index) {
            return lays.isEmpty() ? Optional.empty() : Optional.of(lays.get(eachOwn ? index % lays.size() : 0));
        }

        @Override
        public Lettering withLay(int index, int count, Optional<Lay> lay) {
            if (lay.isEmpty()) {
                return with().lays(List.of()).build();
            }
            List<Lay> changed = new ArrayList<>();
            for (int i = 0; i < (eachOwn ? Math.max(count, lays.size()) : 1); i++) {
                changed.add(lays.isEmpty() ? lay.get() : lays.get(i % lays.size()));
            }
            changed.set(eachOwn ? index : 0, lay.get());
            return with().lays(changed).build();
        }

        @Override
        public Lettering withEachLay(UnaryOperator<Lay> change) {
            return with().lays(lays.stream().map(change).toList()).build();
        }
    }

    /**
     * A background: one rectangle.
     *
     * @param density at which it is to be produced
     */
    @RecordBuilder
    record Sheet(String name, double widthMm, double heightMm, Density density,
            Optional<Lay> lay) implements ArticleSheetBuilder.With, Article {

        public Sheet {
            name = Require.named("article", name);
            checkSize(widthMm, heightMm);
        }

        @Override
        public Sheet withName(String other) {
            return with().name(other).build();
        }

        public Sheet withSize(double newWidthMm, double newHeightMm) {
            return with().widthMm(newWidthMm).heightMm(newHeightMm).build();
        }

        @Override
        public Optional<Lay> lay(int index) {
            return lay;
        }

        @Override
        public Sheet withLay(int index, int count, Optional<Lay> other) {
            return with().lay(other).build();
        }

        @Override
        public Sheet withEachLay(UnaryOperator<Lay> change) {
            return with().lay(lay.map(change)).build();
        }
    }

    private static void checkSize(double widthMm, double heightMm) {
        Require.within("article width", widthMm, LEAST_MM, MOST_MM, "mm");
        Require.within("article height", heightMm, LEAST_MM, MOST_MM, "mm");
    }
}
