package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Refit;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/** Pieces that mirror each other: what is done to one is done to the other. */
public final class Partners {

    private Partners() {}

    private static double axis(Piece one, Piece other) {
        return (one.outline().bounds().getCenterX() + other.outline().bounds().getCenterX()) / 2;
    }

    private static Box box(Piece piece) {
        return Box.of(piece.outline().bounds());
    }

    /** @return what the partner wears then. @param glass whether the design is mirrored as well */
    public static Dressing mirrored(Piece from, Piece to, Dressing worn, boolean glass) {
        double axis = axis(from, to);
        Refit refit = new Refit(box(from), box(to), true);
        return worn.with().lay(worn.lay().map(l -> glass ? l.mirrored(axis) : l.partner(axis)))
                .drape(worn.drape().map(d -> d.refit(refit)))
                .stitches(worn.stitches().stream().map(s -> s.through(new AffineTransform(-1, 0, 0, 1, 2 * axis, 0)))
                        .toList())
                .prints(worn.prints().stream().map(p -> p.with().x(2 * axis - p.x())
                        .turnDeg(p.turnDeg() == 0 ? 0 : -p.turnDeg()).build()).toList())
                .build();
    }

    /** @return with the partners of what was changed changed likewise. @param before as it was */
    public static Article follow(Article before, Article after) {
        if (!(before instanceof Article.Flat was) || !(after instanceof Article.Flat is) || is.pairs().isEmpty()) {
            return after;
        }
        Article.Flat now = is;
        for (Pair pair : is.pairs()) {
            boolean one = changed(was, is, pair.one());
            boolean other = changed(was, is, pair.other());
            if (one != other && was.pairs().contains(pair)) {
                Id from = one ? pair.one() : pair.other();
                now = followed(was, now, from, one ? pair.other() : pair.one(), pair.glass());
            }
        }
        return now;
    }

    private static boolean changed(Article.Flat was, Article.Flat is, Id piece) {
        return !was.dressing(piece).equals(is.dressing(piece))
                || !was.piece(piece).map(Piece::outline).equals(is.piece(piece).map(Piece::outline));
    }

    private static Article.Flat followed(Article.Flat was, Article.Flat now, Id from, Id to, boolean glass) {
        Piece source = now.piece(from).orElseThrow();
        Piece target = now.piece(to).orElseThrow();
        Article.Flat changed = now;
        Optional<Piece> old = was.piece(from);
        if (old.isPresent() && !old.get().outline().equals(source.outline())) {
            double axis = axis(old.get(), target);
            changed = changed.editPiece(to, p -> p.withOutline(glass(source.outline(), axis)));
        }
        if (was.dressing(from).equals(now.dressing(from))) {
            return changed;
        }
        Dressing worn = mirrored(source, changed.piece(to).orElseThrow(), now.dressing(from), glass);
        return changed.withDressings(changed.dressings().with(to, worn));
    }

    private static Outline glass(Outline outline, double axis) {
        return Outline.of(outline.path(), new AffineTransform(-1, 0, 0, 1, 2 * axis, 0));
    }

    /** @return with the two linked, the second dressed as the first. @param glass whether the design is mirrored as well */
    public static Article.Flat linked(Article.Flat article, Id one, Id other, boolean glass) {
        Require.that(article.partner(one).isEmpty() && article.partner(other).isEmpty(),
                "one of the two has a partner already; take it off first");
        List<Pair> pairs = new ArrayList<>(article.pairs());
        pairs.add(new Pair(one, other, glass));
        return article.with().pairs(pairs).dressings(article.dressings().with(other, mirrored(
                article.piece(one).orElseThrow(), article.piece(other).orElseThrow(), article.dressing(one), glass)))
                .build();
    }

    public static Article.Flat parted(Article.Flat article, Id piece) {
        return article.with().pairs(article.pairs().stream().filter(p -> p.other(piece).isEmpty()).toList()).build();
    }

    /** @return with a mirror image of the piece beyond the middle of the article, linked to it */
    public static Article.Flat made(Article.Flat article, Id piece) {
        Piece one = article.piece(piece).orElseThrow();
        Piece other = new Piece(Id.fresh(), other(one.name()), glass(one.outline(), article.widthMm() / 2),
                one.stroke());
        List<Piece> pieces = new ArrayList<>(article.pieces());
        pieces.add(other);
        return linked(article.with().pieces(pieces).build(), piece, other.id(), false);
    }

    private static String other(String name) {
        return name.contains("left")
                ? name.replace("left", "right")
                : name.contains("right") ? name.replace("right", "left") : name + ", mirrored";
    }

    /** @return the piece that lies as the mirror image of it about the middle of the article, when there is one */
    public static Optional<Piece> likely(Article.Flat article, Id piece) {
        Rectangle2D box = article.piece(piece).orElseThrow().outline().bounds();
        double near = 0.05 * article.widthMm();
        return article.pieces().stream().filter(p -> !p.id().equals(piece) && article.partner(p.id()).isEmpty())
                .filter(p -> {
                    Rectangle2D b = p.outline().bounds();
                    return Math.abs(article.widthMm() - b.getMaxX() - box.getX()) < near
                            && Math.abs(b.getY() - box.getY()) < near && Math.abs(b.getWidth() - box.getWidth()) < near
                            && Math.abs(b.getHeight() - box.getHeight()) < near;
                }).findFirst();
    }
}
