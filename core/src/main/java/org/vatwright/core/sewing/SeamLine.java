package org.vatwright.core.sewing;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.DrapedPlaces;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.shape.Outline;

/**
 * A seam of an article as pairs of places that come to lie on each other.
 *
 * @param first,second on the outlines, as they are drawn
 * @param share how far along the first edge, 0 to 1
 */
public record SeamLine(List<Place> first, List<Place> second, List<Double> share) {

    public static final int PLACES = 240;

    public static SeamLine of(Article.Flat article, Seam seam) {
        Piece one = piece(article, seam.first().piece());
        Piece other = piece(article, seam.second().piece());
        EdgeWalk walkOne = EdgeWalk.of(one.outline());
        EdgeWalk walkOther = EdgeWalk.of(other.outline());
        boolean upper = seam.laidOn() && article.pieces().indexOf(one) > article.pieces().indexOf(other);
        List<Place> first = new ArrayList<>();
        List<Place> second = new ArrayList<>();
        List<Double> shares = new ArrayList<>();
        for (int k = 0; k <= PLACES; k++) {
            double share = (double) k / PLACES;
            // What lies on another piece is sewn on where its own edge is.
            Place there = upper ? walkOne.at(share) : walkOther.at(along(seam.second(), onSecond(seam, share)));
            first.add(seam.laidOn() ? there : walkOne.at(along(seam.first(), share)));
            second.add(there);
            shares.add(share);
        }
        return new SeamLine(first, second, shares);
    }

    private static Piece piece(Article.Flat article, org.vatwright.core.measure.Id id) {
        return article.piece(id).orElseThrow(() -> new Refusal("a piece of the seam is gone"));
    }

    /** @return the share of the outline at a share of the edge */
    static double along(Seam.Edge edge, double share) {
        double length = edge.to() - edge.from() + (edge.to() < edge.from() ? 1 : 0);
        return edge.from() + (edge.backwards() ? 1 - share : share) * length;
    }

    /** @return the share of an edge, 0 to 1, that is nearest to a place; beside the edge one of its ends */
    public static EdgeWalk.Near near(Article.Flat article, Seam.Edge edge, Place place) {
        EdgeWalk walk = EdgeWalk.of(piece(article, edge.piece()).outline());
        EdgeWalk.Near near = walk.near(place);
        double length = edge.to() - edge.from() + (edge.to() < edge.from() ? 1 : 0);
        double share = (near.share() - edge.from() - Math.floor(near.share() - edge.from())) / length;
        if (share > 1) {
            share = share - 1 < (1 / length - 1) / 2 ? 1 : 0;
        }
        double along = edge.backwards() ? 1 - share : share;
        return new EdgeWalk.Near(along, walk.at(along(edge, along)).far(place));
    }

    /** Notches meet; between them both edges are eased evenly. */
    private static double onSecond(Seam seam, double share) {
        double a = 0;
        double b = 0;
        for (Seam.Notch notch : seam.notches()) {
            if (share < notch.onFirst()) {
                return b + (share - a) / (notch.onFirst() - a) * (notch.onSecond() - b);
            }
            a = notch.onFirst();
            b = notch.onSecond();
        }
        return a == 1 ? b : b + (share - a) / (1 - a) * (1 - b);
    }

    /** @return the edges of all seams of a piece, each as a line on its flat cloth */
    public static List<Outline> edges(Article.Flat article, Id piece) {
        List<Outline> all = new ArrayList<>();
        for (Seam seam : article.seams()) {
            SeamLine line = of(article, seam);
            boolean first = seam.first().piece().equals(piece);
            if (first || seam.second().piece().equals(piece)) {
                Path2D path = new Path2D.Double();
                for (Place p : cloth(first ? line.first : line.second, article.dressing(piece).drape())) {
                    if (path.getCurrentPoint() == null) {
                        path.moveTo(p.x(), p.y());
                    } else {
                        path.lineTo(p.x(), p.y());
                    }
                }
                all.add(Outline.of(path));
            }
        }
        return all;
    }

    /** @return the places of the flat cloth that are seen there */
    static List<Place> cloth(List<Place> seen, Optional<Drape> drape) {
        return DrapedPlaces.cloth(seen, drape);
    }

    /** @return the design's places at places of the cloth, in mm of the design */
    static double[][] design(List<Place> cloth, Lay lay) {
        AffineTransform back;
        try {
            back = lay.place().createInverse();
        } catch (NoninvertibleTransformException e) {
            throw new Refusal("the lay is too small to be matched", e);
        }
        double[][] places = new double[cloth.size()][];
        for (int i = 0; i < places.length; i++) {
            places[i] = new double[]{cloth.get(i).x(), cloth.get(i).y()};
            back.transform(places[i], 0, places[i], 0, 1);
        }
        return places;
    }
}
