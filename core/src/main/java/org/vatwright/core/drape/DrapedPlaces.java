package org.vatwright.core.drape;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.map.Affine;
import org.vatwright.core.map.ClothMap;

/** Single places of draped cloth, both ways, in mm. */
public final class DrapedPlaces {

    /** Pixels a mm of the picture in which places are looked up: far finer than any that is seen. */
    private static final double FINE = 20;
    private static final Affine SAME = new Affine(0, 1, 0, 0, 0, 1);
    private static final int STEPS = 30;
    private static final double NEAR_MM = 1e-4;

    private DrapedPlaces() {}

    /** @return the places of the flat cloth that are seen there; where there is no cloth the place itself */
    public static List<Place> cloth(List<Place> seen, Optional<Drape> drape) {
        if (drape.filter(d -> !d.atRest()).isEmpty() || seen.isEmpty()) {
            return seen;
        }
        ClothMap map = map(drape.get(), seen);
        return seen.stream().map(p -> cloth(map, p).orElse(p)).toList();
    }

    private static ClothMap map(Drape drape, List<Place> around) {
        Rectangle2D box = new Rectangle2D.Double(around.getFirst().x() * FINE, around.getFirst().y() * FINE, 1, 1);
        around.forEach(p -> box.add(p.x() * FINE, p.y() * FINE));
        return drape.map(new View(FINE, SAME, box, Drape.TRUE_PX));
    }

    private static Optional<Place> cloth(ClothMap map, Place p) {
        double[] uv = new double[2];
        map.at(p.x() * FINE, p.y() * FINE, uv);
        return Double.isFinite(uv[0] + uv[1]) ? Optional.of(new Place(uv[0] / FINE, uv[1] / FINE)) : Optional.empty();
    }

    /** @return where places of the flat cloth are seen; a place that is not seen is left where it lies */
    public static List<Place> seen(List<Place> cloth, Optional<Drape> drape) {
        if (drape.filter(d -> !d.atRest()).isEmpty() || cloth.isEmpty()) {
            return cloth;
        }
        if (drape.get() instanceof Mesh mesh) {
            return cloth.stream().map(p -> mesh.seen((p.x() - mesh.rest().x()) / mesh.rest().width(),
                    (p.y() - mesh.rest().y()) / mesh.rest().height())).toList();
        }
        if (drape.get() instanceof Along along) {
            return along.seen(cloth);
        }
        ClothMap map = map(drape.get(), cloth);
        List<Place> seen = new ArrayList<>();
        Place near = cloth.getFirst();
        for (Place p : cloth) {
            Place last = near;
            near = sought(map, p, p).or(() -> sought(map, p, last)).orElse(p);
            seen.add(near);
        }
        return seen;
    }

    /** Newton's method on the way back, with half steps where it would leave the cloth. */
    private static Optional<Place> sought(ClothMap map, Place target, Place from) {
        double h = 0.01;
        Place at = from;
        for (int i = 0; i < STEPS; i++) {
            Optional<Place> here = cloth(map, at);
            Optional<Place> right = cloth(map, at.moved(h, 0));
            Optional<Place> down = cloth(map, at.moved(0, h));
            if (here.isEmpty() || right.isEmpty() || down.isEmpty()) {
                return Optional.empty();
            }
            double offX = target.x() - here.get().x();
            double offY = target.y() - here.get().y();
            if (Math.hypot(offX, offY) < NEAR_MM) {
                return Optional.of(at);
            }
            double a = (right.get().x() - here.get().x()) / h;
            double b = (down.get().x() - here.get().x()) / h;
            double c = (right.get().y() - here.get().y()) / h;
            double d = (down.get().y() - here.get().y()) / h;
            double det = a * d - b * c;
            if (Math.abs(det) < 1e-9) {
                return Optional.empty();
            }
            double stepX = (d * offX - b * offY) / det;
            double stepY = (a * offY - c * offX) / det;
            Place next = at.moved(stepX, stepY);
            for (int half = 0; half < 6 && cloth(map, next).isEmpty(); half++) {
                stepX /= 2;
                stepY /= 2;
                next = at.moved(stepX, stepY);
            }
            at = next;
        }
        return Optional.empty();
    }
}
