package org.vatwright.core.sewing;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;

/** Finds where pieces of an article lie along each other, or one on another: there they are sewn. */
public final class SeamFinder {

    private static final double STEP_MM = 1.5;
    private static final double LEAST_MM = 15;
    private static final double PARALLEL = 0.9;
    private static final double WITHIN = 0.97;

    private SeamFinder() {}

    /** @param toleranceMm how far apart edges may lie @return seams, in the order of the pieces */
    public static List<Seam> found(Article.Flat article, double toleranceMm) {
        List<Seam> found = new ArrayList<>();
        List<Piece> pieces = article.pieces();
        List<EdgeWalk> walks = pieces.stream().map(p -> EdgeWalk.of(p.outline())).toList();
        for (int i = 0; i < pieces.size(); i++) {
            for (int k = i + 1; k < pieces.size(); k++) {
                if (!near(pieces.get(i), pieces.get(k), toleranceMm)) {
                    continue;
                }
                List<Seam> along = along(pieces.get(i), walks.get(i), pieces.get(k), walks.get(k), toleranceMm);
                found.addAll(along);
                if (along.isEmpty() && lies(walks.get(k), pieces.get(i))) {
                    found.add(Seam.laidOn(pieces.get(i).id(), pieces.get(k).id()));
                }
            }
        }
        return found;
    }

    /** @return with what is found there; seams that are known, with what their maker set of them, stay as they are */
    public static Article.Flat sewn(Article.Flat article, double toleranceMm) {
        List<Seam> all = new ArrayList<>(article.seams());
        found(article, toleranceMm).stream().filter(f -> article.seams().stream().noneMatch(s -> same(s, f)))
                .forEach(all::add);
        return article.with().seams(all).build();
    }

    private static boolean same(Seam known, Seam found) {
        Seam way = known.first().piece().equals(found.first().piece()) ? known : known.turned();
        boolean pieces = way.first().piece().equals(found.first().piece())
                && way.second().piece().equals(found.second().piece());
        return pieces && (known.laidOn() && found.laidOn() || overlap(way.first(), found.first()));
    }

    /** @return whether the middle of either stretch lies on the other */
    private static boolean overlap(Seam.Edge a, Seam.Edge b) {
        return holds(a, middle(b)) || holds(b, middle(a));
    }

    private static double middle(Seam.Edge e) {
        double far = (e.to() - e.from() + 1) % 1;
        return (e.from() + (far == 0 ? 1 : far) / 2) % 1;
    }

    private static boolean holds(Seam.Edge e, double share) {
        double far = (e.to() - e.from() + 1) % 1;
        return (share - e.from() + 1) % 1 <= (far == 0 ? 1 : far);
    }

    private static boolean near(Piece a, Piece b, double toleranceMm) {
        var box = a.outline().bounds();
        box.setRect(box.getX() - toleranceMm, box.getY() - toleranceMm, box.getWidth() + 2 * toleranceMm,
                box.getHeight() + 2 * toleranceMm);
        return box.intersects(b.outline().bounds());
    }

    /** @return whether nearly all of the edge lies on the piece */
    private static boolean lies(EdgeWalk edge, Piece on) {
        int count = 100;
        int within = 0;
        for (int k = 0; k < count; k++) {
            Place p = edge.at((double) k / count);
            within += on.outline().contains(p.x(), p.y()) ? 1 : 0;
        }
        return within >= WITHIN * count;
    }

    /** Stretches of the second outline that run along the first. */
    private static List<Seam> along(Piece one, EdgeWalk first, Piece other, EdgeWalk second, double toleranceMm) {
        int count = (int) Math.max(40, Math.min(4000, Math.ceil(second.length() / STEP_MM)));
        double[] share = new double[count];
        boolean[] runs = new boolean[count];
        boolean all = true;
        for (int k = 0; k < count; k++) {
            double at = (double) k / count;
            EdgeWalk.Near near = first.near(second.at(at));
            double[] a = first.way(near.share());
            double[] b = second.way(at);
            share[k] = near.share();
            runs[k] = near.far() <= toleranceMm && Math.abs(a[0] * b[0] + a[1] * b[1]) >= PARALLEL;
            all &= runs[k];
        }
        List<Seam> found = new ArrayList<>();
        if (all) {
            return found;
        }
        int start = 0;
        while (runs[start] || !runs[(start + 1) % count]) {
            start++;
            if (start == count) {
                return found;
            }
        }
        for (int k = 1; k <= count;) {
            int from = k;
            while (k <= count && runs[(start + k) % count]) {
                k++;
            }
            if (k - from > 1 && (k - 1 - from) * second.length() / count >= LEAST_MM) {
                found.add(seam(one, other, share, (start + from) % count, (start + k - 1) % count, count));
            }
            k++;
        }
        return found;
    }

    private static Seam seam(Piece one, Piece other, double[] share, int from, int to, int count) {
        double a = share[from];
        double b = share[to];
        // The outline runs on over its start; the way along the seam is the shorter one.
        double forward = b - a - Math.floor(b - a);
        boolean backwards = forward > 0.5;
        Seam.Edge first = backwards ? new Seam.Edge(one.id(), b, a, true) : new Seam.Edge(one.id(), a, b, false);
        return new Seam(first, new Seam.Edge(other.id(), (double) from / count, (double) to / count, false));
    }
}
