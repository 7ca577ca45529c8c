package org.vatwright.desktop.studio;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.drape.Drape;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.measure.Id;

/** Changes to what the chosen pieces wear. */
public final class DressEdits {

    private DressEdits() {}

    public static boolean dressings(Studio studio, String name, UnaryOperator<Dressing> change) {
        List<Id> all = studio.cut(studio.article().orElseThrow()).ids();
        return studio.editArticle(name, a -> {
            Article changed = a;
            for (Id piece : all) {
                if (studio.selection().pieces().contains(piece)) {
                    changed = changed.withDressing(piece, all, change);
                }
            }
            return changed;
        });
    }

    /** Changes the drapes of that kind. */
    public static <D extends Drape> boolean drapes(Studio studio, String name, Class<D> kind, UnaryOperator<D> change) {
        return dressings(studio, name, d -> d.withDrape(d.drape()
                .map(drape -> kind.isInstance(drape) ? change.apply(kind.cast(drape)) : drape)));
    }

    /** @return the only chosen piece; none when several or none are */
    public static Optional<Id> piece(Studio studio) {
        Set<Id> chosen = studio.selection().pieces();
        return chosen.size() == 1 ? chosen.stream().findFirst() : Optional.empty();
    }

    /** Changes a flat. */
    public static boolean flat(Studio studio, String name, UnaryOperator<Article.Flat> change) {
        return studio.editArticle(name, a -> a instanceof Article.Flat f ? change.apply(f) : a);
    }
}
