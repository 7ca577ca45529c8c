package org.vatwright.core.dress;

import java.util.Locale;
import java.util.Optional;

/** How all pieces of an article are dressed at once: one cloth runs on over them; sleeves have it along their own axis. */
public final class ByRule {

    private static final String SLEEVE = "sleeve";

    private ByRule() {}

    /** @return the article with that lay on every piece, and on sleeves turned to their axis */
    public static Article dressed(Article article, Lay lay, Typeface.Case faces) {
        Cut cut = Cut.of(article, faces);
        Article dressed = article;
        for (Piece piece : cut.pieces()) {
            dressed = dressed.withLay(piece.id(), cut.ids(), Optional.of(on(piece, lay)));
        }
        return dressed;
    }

    /** @return how the lay lies on a piece: a product that is called a sleeve has no axis to follow, an arm's has a side */
    static Lay on(Piece piece, Lay lay) {
        String name = piece.name().toLowerCase(Locale.ROOT);
        boolean arm = name.contains(SLEEVE) && !name.equals(SLEEVE);
        return arm ? lay.with().grainDeg(turned(lay.grainDeg(), PieceAxis.degrees(piece.outline()))).build() : lay;
    }

    private static double turned(double grain, double by) {
        double sum = grain + by;
        return sum > 180 ? sum - 360 : sum <= -180 ? sum + 360 : sum;
    }
}
