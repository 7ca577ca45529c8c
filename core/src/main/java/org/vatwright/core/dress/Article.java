package org.vatwright.core.dress;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

import io.soabase.recordbuilder.core.RecordBuilder;

/** What is dressed. Its pieces are in the order they are drawn, lowest first. */
public sealed interface Article {

    double LEAST_MM = 1;
    double MOST_MM = 50_000;

    /** @return its own for as long as it lives; names may repeat */
    Id id();

    String name();

    /** @return what its pieces wear */
    Dressings dressings();

    Article withName(String name);

    Article withDressings(Dressings dressings);

    /** @return what a piece wears */
    default Dressing dressing(Id piece) {
        return dressings().of(piece);
    }

    /** @return the same with another lay on a piece. @param all its pieces, in their order */
    default Article withLay(Id piece, List<Id> all, Optional<Lay> lay) {
        return withDressings(dressings().with(piece, lay));
    }

    /** @return the same with something else on a piece than its lay changed. @param all its pieces, in their order */
    default Article withDressing(Id piece, List<Id> all, UnaryOperator<Dressing> change) {
        Dressing changed = change.apply(dressing(piece));
        return withLay(piece, all, changed.lay()).withOwn(piece, changed);
    }

    /** @return with all but the lay of it on the piece */
    private Article withOwn(Id piece, Dressing own) {
        Id at = this instanceof Lettering l
                ? Lettering.letter(l.eachOwn() ? l.place(Lettering.number(piece)) : 1)
                : piece;
        return withDressings(dressings().with(at, own.withLay(dressings().of(at).lay())));
    }

    /** @return the same with every lay that it has changed */
    default Article withEachLay(UnaryOperator<Lay> change) {
        return withDressings(dressings().each(change));
    }

    /** A line of a flat that closes nothing: a fold, a fastening. */
    record Line(Outline outline, Pen stroke) {
        public Line {
            outline.checked("a line");
        }
    }

    /**
     * A drawing of a garment or product laid flat.
     *
     * @param lines drawn over the pieces
     * @param backing what it is drawn over
     * @param pairs pieces that mirror each other
     * @param seams where pieces are sewn to each other
     */
    @RecordBuilder
    record Flat(Id id, String name, double widthMm, double heightMm, List<Piece> pieces, List<Line> lines,
            Optional<Backing> backing, List<Pair> pairs, List<Seam> seams,
            Dressings dressings) implements ArticleFlatBuilder.With, Article {

        public static final int MOST_PIECES = 2000;

        /** Over nothing, with neither partners nor seams. */
        public Flat(Id id, String name, double widthMm, double heightMm, List<Piece> pieces, List<Line> lines,
                Dressings dressings) {
            this(id, name, widthMm, heightMm, pieces, lines, Optional.empty(), List.of(), List.of(), dressings);
        }

        public Flat {
            name = Require.named("article", name);
            checkSize(widthMm, heightMm);
            Require.within("pieces", pieces.size(), 1, MOST_PIECES);
            Require.that(pieces.stream().map(Piece::id).distinct().count() == pieces.size(),
                    "two pieces of %s have the same id; each needs its own".formatted(name));
            pieces = List.copyOf(pieces);
            lines = List.copyOf(lines);
            Set<Id> there = pieces.stream().map(Piece::id).collect(Collectors.toSet());
            // What is sewn to a piece that is gone goes with it.
            pairs = pairs.stream().filter(p -> there.containsAll(List.of(p.one(), p.other()))).toList();
            seams = seams.stream().filter(s -> there.containsAll(List.of(s.first().piece(), s.second().piece())))
                    .toList();
        }

        public Optional<Piece> piece(Id piece) {
            return pieces.stream().filter(p -> p.id().equals(piece)).findFirst();
        }

        /** @return with one piece changed */
        public Flat editPiece(Id piece, UnaryOperator<Piece> change) {
            return editPieces(Set.of(piece), change);
        }

        /** @return with all of those pieces changed */
        public Flat editPieces(Set<Id> chosen, UnaryOperator<Piece> change) {
            return with().pieces(pieces.stream().map(p -> chosen.contains(p.id()) ? change.apply(p) : p).toList())
                    .build();
        }

        /** @return with one seam changed */
        public Flat editSeam(Seam seam, UnaryOperator<Seam> change) {
            return with().seams(seams.stream().map(s -> s.equals(seam) ? change.apply(s) : s).toList()).build();
        }

        /** @return the piece that mirrors it */
        public Optional<Id> partner(Id piece) {
            return pairs.stream().flatMap(p -> p.other(piece).stream()).findFirst();
        }

        @Override
        public Flat withName(String other) {
            return with().name(other).build();
        }

        @Override
        public Flat withDressings(Dressings other) {
            return with().dressings(other).build();
        }
    }

    /**
     * Words that stay words. Its pieces are the letters, {@link #letter} by letter.
     *
     * @param heightMm of a capital letter
     * @param eachOwn whether each letter wears its own lay (beginning anew when there are fewer lays than letters), or all
     *        wear what the first one has
     * @param setting in lines, on an arc
     */
    @RecordBuilder
    record Lettering(Id id, String name, String text, String typeface, double heightMm, boolean eachOwn,
            Optional<Pen> stroke, Setting setting,
            Dressings dressings) implements ArticleLetteringBuilder.With, Article {

        public static final int MOST_CHARACTERS = 500;

        /** Straight, in one line unless the text has several. */
        public Lettering(Id id, String name, String text, String typeface, double heightMm, boolean eachOwn,
                Optional<Pen> stroke, Dressings dressings) {
            this(id, name, text, typeface, heightMm, eachOwn, stroke, Setting.PLAIN, dressings);
        }

        public Lettering {
            name = Require.named("article", name);
            Require.within("letter height", heightMm, 1, 5000, "mm");
            Require.that(text.length() <= MOST_CHARACTERS, "the text has %d characters; %d at most can be dressed"
                    .formatted(text.length(), MOST_CHARACTERS));
            Require.that(!text.isBlank(), "the text is empty; type at least one letter");
        }

        /** @return the id of a letter's piece. @param number of the letter, from 1, gaps not counted */
        public static Id letter(int number) {
            return new Id("letter-" + number);
        }

        /** @return where in the list of what letters wear a letter's own is: its number, or that of its word */
        private int place(int number) {
            if (!setting.byWord()) {
                return number;
            }
            int letters = 0;
            int words = 0;
            boolean within = false;
            for (int code : text.codePoints().toArray()) {
                boolean gap = Character.isWhitespace(code);
                words += !gap && !within ? 1 : 0;
                within = !gap;
                letters += gap ? 0 : 1;
                if (letters == number) {
                    break;
                }
            }
            return Math.max(1, words);
        }

        private int words() {
            return (int) java.util.Arrays.stream(text.strip().split("\\s+")).filter(w -> !w.isEmpty()).count();
        }

        private static int number(Id letter) {
            return Integer.parseInt(letter.text().substring("letter-".length()));
        }

        @Override
        public Lettering withName(String other) {
            return with().name(other).build();
        }

        @Override
        public Lettering withDressings(Dressings other) {
            return with().dressings(other).build();
        }

        @Override
        public Dressing dressing(Id piece) {
            int own = dressings.byPiece().size();
            return own == 0
                    ? Dressing.BARE
                    : dressings.of(letter(eachOwn ? (place(number(piece)) - 1) % own + 1 : 1));
        }

        /** Taken off one letter, it is taken off all: letters begin anew with the first lay where one has none. */
        @Override
        public Lettering withLay(Id piece, List<Id> all, Optional<Lay> lay) {
            if (lay.isEmpty()) {
                return withDressings(dressings.bare());
            }
            Dressings changed = dressings;
            int wanted = setting.byWord() ? words() : all.size();
            int own = dressings.byPiece().size();
            int count = eachOwn ? Math.max(wanted, own) : 1;
            for (int n = 1; n <= count; n++) {
                Dressing worn = own == 0 ? Dressing.BARE : dressings.of(letter((n - 1) % own + 1));
                changed = changed.with(letter(n), worn.lay().or(() -> lay));
            }
            return withDressings(changed.with(letter(eachOwn ? place(number(piece)) : 1), lay));
        }
    }

    /**
     * A background: one rectangle.
     *
     * @param density at which it is to be produced
     */
    @RecordBuilder
    record Sheet(Id id, String name, double widthMm, double heightMm, Density density,
            Dressings dressings) implements ArticleSheetBuilder.With, Article {

        /** The only piece. */
        public static final Id PIECE = new Id("sheet");

        public Sheet {
            name = Require.named("article", name);
            checkSize(widthMm, heightMm);
        }

        @Override
        public Sheet withName(String other) {
            return with().name(other).build();
        }

        @Override
        public Sheet withDressings(Dressings other) {
            return with().dressings(other).build();
        }

        public Sheet withSize(double newWidthMm, double newHeightMm) {
            return with().widthMm(newWidthMm).heightMm(newHeightMm).build();
        }
    }

    private static void checkSize(double widthMm, double heightMm) {
        Require.within("article width", widthMm, LEAST_MM, MOST_MM, "mm");
        Require.within("article height", heightMm, LEAST_MM, MOST_MM, "mm");
    }
}
