package org.vatwright.core.stitch;

import java.util.List;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.ItemVisitor;
import org.locationtech.jts.index.strtree.STRtree;

/** What lies near to the stretches of some rings. Only those about a place are looked at, so many are no slower than few. */
final class NearRings {

    private final STRtree stretches = new STRtree();

    /** @param rings in [0] x, in [1] y, in mm */
    NearRings(List<double[][]> rings) {
        for (double[][] ring : rings) {
            for (int i = 0; i + 1 < ring[0].length; i++) {
                Stretch s = new Stretch(ring[0][i], ring[1][i], ring[0][i + 1] - ring[0][i],
                        ring[1][i + 1] - ring[1][i]);
                stretches.insert(new Envelope(s.x, s.x + s.dx, s.y, s.y + s.dy), s);
            }
        }
        stretches.build();
    }

    /** @return whether no stretch comes nearer to the place */
    boolean far(double x, double y, double mm) {
        if (mm <= 0) {
            return true;
        }
        Look look = new Look(x, y, mm);
        stretches.query(new Envelope(x - mm, x + mm, y - mm, y + mm), look);
        return look.far;
    }

    private record Stretch(double x, double y, double dx, double dy) {

        double far(double toX, double toY) {
            double t = Math.max(0, Math.min(1, ((toX - x) * dx + (toY - y) * dy) / (dx * dx + dy * dy)));
            return Math.hypot(x + t * dx - toX, y + t * dy - toY);
        }
    }

    private static final class Look implements ItemVisitor {

        private final double x;
        private final double y;
        private final double mm;
        private boolean far = true;

        Look(double x, double y, double mm) {
            this.x = x;
            this.y = y;
            this.mm = mm;
        }

        @Override
        public void visitItem(Object stretch) {
            far = far && !(((Stretch) stretch).far(x, y) < mm);
        }
    }
}
