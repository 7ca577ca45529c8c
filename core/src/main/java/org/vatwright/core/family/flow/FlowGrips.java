package org.vatwright.core.family.flow;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.laid.Grip;

/** What can be pulled on flow lines: points with their two handles, the step of the copies, the pitch, blobs. */
final class FlowGrips {

    private FlowGrips() {}

    static List<Grip> of(FlowLines f) {
        List<Grip> grips = new ArrayList<>();
        for (int i = 0; i < f.knots().size(); i++) {
            int index = i;
            Knot k = f.knots().get(i);
            grips.add(new Grip("point", k.x(), k.y(), k.x(), k.y(), i, (x, y) -> f.with(index, k.at(x, y))));
            grips.add(new Grip("handle", k.x() + k.handleX(), k.y() + k.handleY(), k.x(), k.y(), i,
                    (x, y) -> f.with(index, k.withHandle(x - k.x(), y - k.y()))));
            grips.add(new Grip("handle before", k.x() - k.back() * k.handleX(), k.y() - k.back() * k.handleY(), k.x(),
                    k.y(), i, (x, y) -> f.with(index, before(k, k.x() - x, k.y() - y))));
        }
        Knot first = f.knots().getFirst();
        FlowLines.Copies c = f.copies();
        if (c.count() > 1) {
            grips.add(new Grip("step of copies", first.x() + c.dxMm(), first.y() + c.dyMm(),
                    (x, y) -> f.withCopies(new FlowLines.Copies(c.count(), x - first.x(), y - first.y(),
                            c.thickerMm()))));
        }
        grips.add(new Grip("pitch", first.x(), first.y() + f.pitchMm(),
                (x, y) -> f.withPitchMm(Grip.kept(y - first.y(), 0.5, 5000))).measuring(f.pitchMm(), f::withPitchMm));
        for (int i = 0; i < f.blobs().size(); i++) {
            int index = i;
            Blob blob = f.blobs().get(i);
            grips.add(new Grip("blob", blob.x(), blob.y(), (x, y) -> {
                List<Blob> moved = new ArrayList<>(f.blobs());
                moved.set(index, blob.at(x, y));
                return f.withBlobs(moved);
            }));
        }
        return grips;
    }

    /** The direction goes with the handle that is pulled, the other keeps its length. */
    private static Knot before(Knot k, double dx, double dy) {
        double pulled = Math.max(1e-3, Math.hypot(dx, dy));
        double other = Math.max(1e-3, Math.hypot(k.handleX(), k.handleY()));
        return k.withHandle(dx / pulled * other, dy / pulled * other).withBack(Grip.kept(pulled / other, 1e-3, 1000));
    }
}
