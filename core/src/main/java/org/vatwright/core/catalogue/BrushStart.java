package org.vatwright.core.catalogue;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.Track;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Structure;

/** What a painting may look like: a few pulls across the cell and over its edge. */
final class BrushStart {

    private static final int POINTS = 7;

    private BrushStart() {}

    static Structure strokes(Design design, List<Ink> inks) {
        double w = design.repeat().widthMm();
        double h = design.repeat().heightMm();
        List<BrushStroke> strokes = new ArrayList<>();
        strokes.add(pull("Rush", 0.24 * h, inks.getFirst(), 0.05 * w, 0.2 * h, 0.75 * w, 0.12 * h));
        strokes.add(pull("Reed", 0.05 * h, inks.get(1 % inks.size()), 0.3 * w, 0.66 * h, 0.8 * w, -0.12 * h));
        strokes.add(pull("Frond", 0.15 * h, inks.getFirst(), 0.2 * w, 0.9 * h, 0.9 * w, 0.1 * h));
        return new Brushwork(strokes, Symmetry.NONE);
    }

    private static BrushStroke pull(String name, double size, Ink ink, double x, double y, double far, double rise) {
        Brush brush = ShippedBrushes.ALL.stream().filter(b -> b.name().equals(name)).findFirst().orElseThrow();
        double[] at = new double[2 * POINTS];
        for (int i = 0; i < POINTS; i++) {
            double t = (double) i / (POINTS - 1);
            at[2 * i] = x + t * far;
            at[2 * i + 1] = y + rise * Math.sin(2 * Math.PI * t);
        }
        return new BrushStroke(Track.of(at), brush.withSizeMm(Math.max(Brush.LEAST_MM, Math.min(Brush.MOST_MM, size))),
                ink);
    }
}
