package org.vatwright.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.measure.Unit;
import org.vatwright.files.produce.Named;

/**
 * How the lay of one piece is to be otherwise: {@code left pocket:grain=45,scale=60,startX=12}. A name may have colons of its own.
 *
 * @param piece its name or its id
 */
record PieceLay(String piece, List<UnaryOperator<Lay>> changes) {

    private static final String FORM = "type NAME:grain=45,scale=60,startX=10,startY=5";

    static final class Reader extends Options.Reader<PieceLay> {
        @Override
        PieceLay read(String text) {
            int colon = text.lastIndexOf(':');
            Require.that(colon > 0 && colon < text.length() - 1, "\"%s\" says no piece or not how it lies; %s"
                    .formatted(text, FORM));
            List<UnaryOperator<Lay>> changes = new ArrayList<>();
            for (String part : text.substring(colon + 1).split(",")) {
                int equals = part.indexOf('=');
                Require.that(equals > 0, "\"%s\" has no value; %s".formatted(part, FORM));
                changes.add(change(part.substring(0, equals).strip(), part.substring(equals + 1)));
            }
            return new PieceLay(text.substring(0, colon), changes);
        }
    }

    private static UnaryOperator<Lay> change(String what, String value) {
        Density none = new Density(Unit.MM_PER_INCH);
        return switch (what.toLowerCase(Locale.ROOT)) {
            case "grain" -> {
                double degrees = Require.within("grain", LengthText.parseNumber(value, "\u00b0"), -360, 360, "degrees");
                yield l -> l.with().grainDeg(degrees).build();
            }
            case "scale" -> {
                double percent = Require.within("scale", LengthText.parseNumber(value, "%"), 1, 10_000, "%");
                yield l -> l.with().scale(percent / 100).build();
            }
            case "startx" -> {
                double mm = LengthText.parseMm(value, Unit.MM, none);
                yield l -> l.withStart(mm, l.startY());
            }
            case "starty" -> {
                double mm = LengthText.parseMm(value, Unit.MM, none);
                yield l -> l.withStart(l.startX(), mm);
            }
            default -> throw new Refusal("a lay has no %s; it has grain, scale, startX and startY".formatted(what));
        };
    }

    /** @throws Refusal when there is no such piece, or it wears nothing */
    Article on(Article article, Typeface.Case faces) {
        Cut cut = Cut.of(article, faces);
        Piece chosen = Named.one("piece", piece, cut.pieces(), Piece::name, Piece::id);
        Lay lay = cut.lay(chosen).orElseThrow(
                () -> new Refusal("%s of %s wears nothing, so nothing lies on it".formatted(piece, article.name())));
        for (UnaryOperator<Lay> change : changes) {
            lay = change.apply(lay);
        }
        return article.withLay(chosen.id(), cut.ids(), Optional.of(lay));
    }
}
