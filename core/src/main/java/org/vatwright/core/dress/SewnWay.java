package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.List;

import org.vatwright.core.drape.DrapedPlaces;
import org.vatwright.core.drape.Place;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;

/** What stitches run along as it is seen: the outline of their piece, or a line of their own, which goes with the drape. */
public final class SewnWay {

    /** Steps in which a line on bent cloth is followed. */
    private static final double STEP_MM = 2;

    private SewnWay() {}

    public static Outline of(Piece piece, Dressing worn, Stitching how) {
        if (how.line().isEmpty()) {
            return piece.seen();
        }
        Outline line = how.line().get();
        boolean bent = worn.drape().filter(d -> !d.atRest()).isPresent();
        Outline seen = bent ? bent(line, worn) : line;
        return piece.aside()
                ? Outline.of(seen.path(), AffineTransform.getTranslateInstance(piece.asideX(), piece.asideY()))
                : seen;
    }

    private static Outline bent(Outline line, Dressing worn) {
        Walk walk = Walk.of(line);
        double length = walk.s()[walk.s().length - 1];
        int steps = (int) Math.max(2, Math.ceil(length / STEP_MM));
        List<Place> flat = new java.util.ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double[] p = walk.at(length * i / steps);
            flat.add(new Place(p[0], p[1]));
        }
        List<Place> seen = DrapedPlaces.seen(flat, worn.drape());
        Path2D path = new Path2D.Double();
        path.moveTo(seen.getFirst().x(), seen.getFirst().y());
        seen.stream().skip(1).forEach(p -> path.lineTo(p.x(), p.y()));
        return Outline.of(path);
    }
}
