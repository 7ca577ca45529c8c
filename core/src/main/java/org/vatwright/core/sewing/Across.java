package org.vatwright.core.sewing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Id;

/**
 * A figure that lies across a seam: one on each of the two pieces, so laid that they are one when the pieces are sewn. Pieces
 * that are drawn apart have it each at its own edge, turned as the edge is.
 */
public final class Across {

    /** So near to an edge a figure's middle is on it. */
    private static final double ON_MM = 0.05;
    /** So near to where it should be the other half is still the same figure. */
    private static final double SAME_MM = 0.5;
    private static final double SAME_DEG = 0.5;

    private Across() {}

    /**
     * Where a figure lies on a seam.
     *
     * @param seam with the figure's piece as its first
     * @param share along it, 0 to 1
     */
    public record Spot(Seam seam, double share) {}

    /** @return the seams of a piece that figures can lie across, each with that piece as its first */
    public static List<Seam> seams(Article.Flat article, Id piece) {
        return article.seams().stream().filter(s -> !s.laidOn() && s.concerns(piece))
                .map(s -> s.first().piece().equals(piece) ? s : s.turned()).toList();
    }

    /** @return on which of the piece's seams the middle of a figure lies, and where */
    public static Optional<Spot> spot(Article.Flat article, Id piece, Print print) {
        Place middle = new Place(print.x(), print.y());
        for (Seam seam : seams(article, piece)) {
            EdgeWalk.Near near = ClothSeam.of(article, seam).near(middle);
            if (near.far() <= ON_MM) {
                return Optional.of(new Spot(seam, near.share()));
            }
        }
        return Optional.empty();
    }

    /** @return the nearest place on a seam of the piece within some mm of another, as a figure is drawn to it */
    public static Optional<Place> nearest(Article.Flat article, Id piece, Place place, double withinMm) {
        double best = withinMm;
        Optional<Place> found = Optional.empty();
        for (Seam seam : seams(article, piece)) {
            ClothSeam line = ClothSeam.of(article, seam);
            EdgeWalk.Near near = line.near(place);
            if (near.far() <= best) {
                best = near.far();
                found = Optional.of(line.first(near.share()));
            }
        }
        return found;
    }

    /**
     * Lays a figure across a seam, or slides it along one.
     *
     * @param at which of the piece's figures
     * @param spot with that piece as the first of the seam
     */
    public static Article.Flat laid(Article.Flat article, Id piece, int at, Spot spot) {
        Place place = ClothSeam.of(article, spot.seam()).first(spot.share());
        Print was = article.dressing(piece).prints().get(at);
        Print now = was.at(place.x(), place.y());
        Article.Flat changed = with(article, piece, at, now);
        Id other = spot.seam().second().piece();
        List<Print> there = new ArrayList<>(article.dressing(other).prints());
        // What it had on other pieces goes with it.
        for (Seam seam : seams(article, piece)) {
            Id former = seam.second().piece();
            int twin = twin(article, seam, was);
            if (twin >= 0 && former.equals(other)) {
                there.remove(twin);
            } else if (twin >= 0) {
                List<Print> left = new ArrayList<>(changed.dressing(former).prints());
                left.remove(twin);
                changed = prints(changed, former, left);
            }
        }
        there.add(ClothSeam.of(article, spot.seam()).carried(place, now));
        return prints(changed, other, there);
    }

    /** Changes a figure, and with it what it is on the other sides of seams. @param at which of the piece's figures */
    public static Article.Flat edited(Article.Flat article, Id piece, int at, UnaryOperator<Print> change) {
        List<Print> prints = article.dressing(piece).prints();
        if (at < 0 || at >= prints.size()) {
            return article;
        }
        Print was = prints.get(at);
        Print now = change.apply(was);
        Article.Flat changed = with(article, piece, at, now);
        for (Seam seam : seams(article, piece)) {
            int twin = twin(article, seam, was);
            if (twin >= 0) {
                Print there = ClothSeam.of(article, seam).carried(new Place(now.x(), now.y()), now);
                changed = with(changed, seam.second().piece(), twin, there);
            }
        }
        return changed;
    }

    /** @return the place among the other piece's figures of the one that a figure is there; -1 when there is none */
    private static int twin(Article.Flat article, Seam seam, Print print) {
        Print due = ClothSeam.of(article, seam).carried(new Place(print.x(), print.y()), print);
        List<Print> there = article.dressing(seam.second().piece()).prints();
        for (int i = 0; i < there.size(); i++) {
            Print one = there.get(i);
            boolean near = Math.hypot(one.x() - due.x(), one.y() - due.y()) <= SAME_MM
                    && Math.abs(Angle.turn(one.turnDeg() - due.turnDeg())) <= SAME_DEG;
            if (near && due.at(one.x(), one.y()).withTurnDeg(one.turnDeg()).equals(one)) {
                return i;
            }
        }
        return -1;
    }

    private static Article.Flat with(Article.Flat article, Id piece, int at, Print print) {
        return prints(article, piece, article.dressing(piece).editPrint(at, was -> print).prints());
    }

    private static Article.Flat prints(Article.Flat article, Id piece, List<Print> prints) {
        return article.withDressings(article.dressings().with(piece, article.dressing(piece).withPrints(prints)));
    }
}
