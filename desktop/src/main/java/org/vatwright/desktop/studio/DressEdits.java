package org.vatwright.desktop.studio;

import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.drape.Drape;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.measure.Id;
import org.vatwright.core.sewing.Across;

/** Changes to what the chosen pieces wear. */
public final class DressEdits {

    private DressEdits() {}

    public static boolean dressings(Studio studio, String name, UnaryOperator<Dressing> change) {
        return each(studio, name, (piece, worn) -> change.apply(worn));
    }

    /** The same, when it depends on the piece. */
    public static boolean each(Studio studio, String name, BiFunction<Piece, Dressing, Dressing> change) {
        Cut cut = studio.cut(studio.article().orElseThrow());
        return studio.editArticle(name, a -> {
            Article changed = a;
            for (Piece piece : cut.pieces()) {
                if (studio.selection().pieces().contains(piece.id())) {
                    changed = changed.withDressing(piece.id(), cut.ids(), worn -> change.apply(piece, worn));
                }
            }
            return changed;
        });
    }

    /** Changes the chosen pieces themselves. */
    public static boolean pieces(Studio studio, String name, UnaryOperator<Piece> change) {
        return flat(studio, name, f -> f.editPieces(studio.selection().pieces(), change));
    }

    /** Changes the drapes of that kind. */
    public static <D extends Drape> boolean drapes(Studio studio, String name, Class<D> kind, UnaryOperator<D> change) {
        return dressings(studio, name, d -> d.withDrape(d.drape()
                .map(drape -> kind.isInstance(drape) ? change.apply(kind.cast(drape)) : drape)));
    }

    /** Changes the chosen figure on the chosen pieces; one across a seam on both sides of it. */
    public static boolean figure(Studio studio, String name, UnaryOperator<Print> change) {
        int at = studio.dressHand().figure();
        Optional<Id> only = piece(studio);
        if (only.isPresent() && studio.article().filter(Article.Flat.class::isInstance).isPresent()) {
            return flat(studio, name, f -> Across.edited(f, only.get(), at, change));
        }
        return dressings(studio, name, d -> d.editPrint(at, change));
    }

    /** @return the seam that the chosen figure lies across, where it does */
    public static Optional<Across.Spot> acrossSeam(Studio studio) {
        int at = studio.dressHand().figure();
        return studio.article().filter(Article.Flat.class::isInstance).map(Article.Flat.class::cast)
                .flatMap(f -> piece(studio).filter(p -> at >= 0 && at < f.dressing(p).prints().size())
                        .flatMap(p -> Across.spot(f, p, f.dressing(p).prints().get(at))));
    }

    /** @return the only chosen piece; none when several or none are */
    public static Optional<Id> piece(Studio studio) {
        Set<Id> chosen = studio.selection().pieces();
        return chosen.size() == 1 ? chosen.stream().findFirst() : Optional.empty();
    }

    /** Changes what the article wears as a whole. */
    public static boolean whole(Studio studio, String name, UnaryOperator<Whole> change) {
        return studio.editArticle(name, a -> a.withDressings(a.dressings().withWhole(change)));
    }

    /** Changes a flat. */
    public static boolean flat(Studio studio, String name, UnaryOperator<Article.Flat> change) {
        return studio.editArticle(name, a -> a instanceof Article.Flat f ? change.apply(f) : a);
    }
}
