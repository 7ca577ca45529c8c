package org.vatwright.core.dress;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

import org.vatwright.core.drape.Place;
import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;

/**
 * An article cut to its pieces: what is drawn, of whatever kind the article is.
 *
 * @param article that is cut
 * @param pieces lowest first, in the article's own numbering
 * @param lines drawn over the pieces
 * @param captions letters of its callouts' words, of each its own
 */
@RecordBuilder
public record Cut(Article article, double widthMm, double heightMm, List<Piece> pieces, List<Article.Line> lines,
        List<List<Outline>> captions) implements CutBuilder.With {

    /** Free space around letters, as a share of their height. */
    private static final double SURROUND = 0.12;
    private static final double CALLOUT_MARGIN_MM = 2;
    private static final String CAPTION_FACE = "Routed Gothic";

    /** Without callouts. */
    private Cut(Article article, double widthMm, double heightMm, List<Piece> pieces, List<Article.Line> lines) {
        this(article, widthMm, heightMm, pieces, lines, List.of());
    }

    /** It is as large as its callouts need it to be. */
    public static Cut of(Article article, Typeface.Case faces) {
        Cut cut = bare(article, faces);
        List<Callout> callouts = article.dressings().whole().callouts();
        if (callouts.isEmpty()) {
            return cut;
        }
        double wide = cut.widthMm;
        double high = cut.heightMm;
        List<List<Outline>> words = new ArrayList<>();
        for (Callout callout : callouts) {
            Place reach = CalloutSteps.reach(callout);
            wide = Math.max(wide, reach.x() + CALLOUT_MARGIN_MM);
            high = Math.max(high, reach.y() + CALLOUT_MARGIN_MM);
            words.add(CalloutSteps.words(callout, faces.find(CAPTION_FACE)));
        }
        return new Cut(article, wide, high, cut.pieces, cut.lines, words);
    }

    private static Cut bare(Article article, Typeface.Case faces) {
        return switch (article) {
            case Article.Flat f -> new Cut(f, f.widthMm(), f.heightMm(), f.pieces(), f.lines());
            case Article.Sheet s -> sheet(s);
            case Article.Lettering l -> lettering(l, faces.find(l.typeface()));
        };
    }

    private static Cut sheet(Article.Sheet sheet) {
        Outline whole = Outline.of(new Rectangle2D.Double(0, 0, sheet.widthMm(), sheet.heightMm()));
        return new Cut(sheet, sheet.widthMm(), sheet.heightMm(),
                List.of(new Piece(Article.Sheet.PIECE, "sheet", whole, Optional.empty())), List.of());
    }

    private static Cut lettering(Article.Lettering words, Typeface face) {
        double high = words.heightMm();
        List<TypeLine.Letter> set = TypeSet.letters(words, face);
        if (set.isEmpty()) {
            return new Cut(words, high, high, List.of(), List.of());
        }
        Rectangle2D bounds = set.stream().map(l -> l.shape().getBounds2D()).reduce(Rectangle2D::createUnion)
                .orElseThrow();
        AffineTransform place = AffineTransform.getTranslateInstance(SURROUND * high - bounds.getX(),
                SURROUND * high - bounds.getY());
        List<Piece> pieces = new ArrayList<>();
        for (TypeLine.Letter letter : set) {
            int number = pieces.size() + 1;
            pieces.add(new Piece(Article.Lettering.letter(number),
                    "%s, letter %d".formatted(letter.text(), number),
                    Outline.of(letter.shape(), place), words.stroke()));
        }
        return new Cut(words, bounds.getWidth() + 2 * SURROUND * high, bounds.getHeight() + 2 * SURROUND * high, pieces,
                List.of());
    }

    /** @return how the design lies on a piece; none on a bare one */
    public Optional<Lay> lay(Piece piece) {
        return article.dressing(piece.id()).lay();
    }

    /** @return all that a piece wears */
    public Dressing dressing(Piece piece) {
        return article.dressing(piece.id());
    }

    /** @return the picture that it is drawn over */
    public Optional<Backing> backing() {
        return article instanceof Article.Flat f ? f.backing() : Optional.empty();
    }

    /** @return the piece of that id, when there is one */
    public Optional<Piece> piece(Id id) {
        return pieces.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** @return the ids of all pieces, in their order */
    public List<Id> ids() {
        return pieces.stream().map(Piece::id).toList();
    }

    /** @return how many pieces wear something */
    public long dressed() {
        return pieces.stream().filter(p -> dressing(p).seen()).count();
    }

    /** @return the topmost piece that is seen at that place, in mm */
    public Optional<Piece> pieceAt(double x, double y) {
        return pieceAt(x, y, p -> true);
    }

    /** @return the topmost of those that are asked for */
    public Optional<Piece> pieceAt(double x, double y, Predicate<Piece> asked) {
        return pieces.reversed().stream()
                .filter(p -> !p.hidden() && asked.test(p) && p.outline().contains(x - p.asideX(), y - p.asideY()))
                .findFirst();
    }
}
