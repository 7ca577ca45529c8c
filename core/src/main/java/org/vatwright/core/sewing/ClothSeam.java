package org.vatwright.core.sewing;

import java.util.List;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Angle;

/**
 * A seam as it lies on the flat cloth of both pieces, where figures are laid.
 *
 * @param first,second places that come to lie on each other, at even shares of the first edge
 * @param together whether both are flat and lie on each other as they are drawn
 */
record ClothSeam(List<Place> first, List<Place> second, boolean together) {

    /** Edges that differ by less lie on each other as they are drawn. */
    private static final double DRAWN_TOGETHER_MM = 0.5;

    static ClothSeam of(Article.Flat article, Seam seam) {
        SeamLine line = SeamLine.of(article, seam);
        Dressing one = article.dressing(seam.first().piece());
        Dressing other = article.dressing(seam.second().piece());
        boolean flat = one.drape().filter(d -> !d.atRest()).isEmpty()
                && other.drape().filter(d -> !d.atRest()).isEmpty();
        boolean near = true;
        for (int k = 0; k < line.first().size(); k += 10) {
            near &= line.first().get(k).far(line.second().get(k)) <= DRAWN_TOGETHER_MM;
        }
        return new ClothSeam(SeamLine.cloth(line.first(), one.drape()), SeamLine.cloth(line.second(), other.drape()),
                flat && near);
    }

    /** @return the share of the seam that is nearest to a place of the first cloth */
    EdgeWalk.Near near(Place p) {
        double best = Double.MAX_VALUE;
        double share = 0;
        for (int i = 0; i + 1 < first.size(); i++) {
            Place a = first.get(i);
            Place b = first.get(i + 1);
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double square = dx * dx + dy * dy;
            double t = square == 0
                    ? 0
                    : Math.max(0, Math.min(1, ((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / square));
            double far = Math.hypot(a.x() + t * dx - p.x(), a.y() + t * dy - p.y());
            if (far < best) {
                best = far;
                share = (i + t) / (first.size() - 1);
            }
        }
        return new EdgeWalk.Near(share, best);
    }

    /** @param share 0 to 1 */
    Place first(double share) {
        return at(first, share);
    }

    private static Place at(List<Place> line, double share) {
        double along = Math.max(0, Math.min(1, share)) * (line.size() - 1);
        int i = Math.min(line.size() - 2, (int) along);
        Place a = line.get(i);
        Place b = line.get(i + 1);
        return new Place(a.x() + (along - i) * (b.x() - a.x()), a.y() + (along - i) * (b.y() - a.y()));
    }

    private static double way(List<Place> line, double share) {
        double step = 1.5 / (line.size() - 1);
        Place a = at(line, share - step);
        Place b = at(line, share + step);
        return Math.atan2(b.y() - a.y(), b.x() - a.x());
    }

    /** @param place of the first cloth; the part of the seam nearest to it counts @return the figure on the second cloth */
    Print carried(Place place, Print print) {
        if (together) {
            return print;
        }
        double share = near(place).share();
        Place from = at(first, share);
        Place to = at(second, share);
        double turn = way(second, share) - way(first, share);
        double x = print.x() - from.x();
        double y = print.y() - from.y();
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        // Turns of figures count counter-clockwise, with y down that is the other way.
        return print.at(to.x() + cos * x - sin * y, to.y() + sin * x + cos * y)
                .withTurnDeg(Angle.turn(print.turnDeg() - Math.toDegrees(turn)));
    }
}
