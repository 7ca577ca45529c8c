package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;

/**
 * An article cut to its pieces: what is drawn, of whatever kind the article is.
 *
 * @param article that is cut
 * @param pieces lowest first, in the article's own numbering
 * @param lines drawn over the pieces
 */
public record Cut(Article article, double widthMm, double heightMm, List<Piece> pieces, List<Article.Line> lines) {

    /** Free space around letters, as a share of their height. */
    private static final double SURROUND = 0.12;

    public static Cut of(Article article, Typeface.Case faces) {
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

    /** Sets the text in one line; letters the face lacks leave a gap and make no piece. */
    private static Cut lettering(Article.Lettering words, Typeface face) {
        List<Piece> letters = new ArrayList<>();
        double at = 0;
        int before = -1;
        Rectangle2D bounds = null;
        List<Outline> outlines = new ArrayList<>();
        List<Integer> codes = new ArrayList<>();
        for (int code : words.text().codePoints().toArray()) {
            at += before < 0 ? 0 : face.kerning(before, code);
            double place = at;
            face.outline(code).filter(s -> !s.getBounds2D().isEmpty()).ifPresent(shape -> {
                AffineTransform set = AffineTransform.getScaleInstance(words.heightMm(), words.heightMm());
                set.translate(place, 0);
                outlines.add(Outline.of(shape, set));
                codes.add(code);
            });
            at += face.advance(code);
            before = code;
        }
        for (Outline o : outlines) {
            bounds = bounds == null ? o.bounds() : bounds.createUnion(o.bounds());
        }
        double margin = SURROUND * words.heightMm();
        if (bounds == null) {
            return new Cut(words, words.heightMm(), words.heightMm(), List.of(), List.of());
        }
        AffineTransform home = AffineTransform.getTranslateInstance(margin - bounds.getX(), margin - bounds.getY());
        for (int i = 0; i < outlines.size(); i++) {
            letters.add(new Piece(Article.Lettering.letter(i + 1),
                    "%s, letter %d".formatted(Character.toString(codes.get(i)), i + 1),
                    Outline.of(outlines.get(i).path(), home), words.stroke()));
        }
        return new Cut(words, bounds.getWidth() + 2 * margin, bounds.getHeight() + 2 * margin, letters, List.of());
    }

    /** @return how the design lies on a piece; none on a bare one */
    public Optional<Lay> lay(Piece piece) {
        return article.dressing(piece.id()).lay();
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
        return pieces.stream().filter(p -> lay(p).isPresent()).count();
    }

    /** @return the topmost piece at that place, in mm */
    public Optional<Piece> pieceAt(double x, double y) {
        return pieces.reversed().stream().filter(p -> p.outline().contains(x, y)).findFirst();
    }
}
