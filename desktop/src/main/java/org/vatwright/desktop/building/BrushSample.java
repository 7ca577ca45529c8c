package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.Tip;
import org.vatwright.core.brush.Track;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.studio.Scenes;

/** A brush as a pull of it looks, on the ground of the design. One mm of it is one pixel. */
final class BrushSample {

    private static final int POINTS = 9;
    private static final double MARGIN = 0.14;
    private static final double SWING = 0.17;
    private static final double SIZE = 0.4;
    private static final double SPRAYED = 0.85;
    private static final long SEED = 3;

    private BrushSample() {}

    /** @return a pull through a picture of that size. @param brush whatever its size, drawn so that it fits */
    static Scenes.Field field(Design design, Colourway colourway, Brush brush, Ink ink, Optional<Ink> other, int wide,
            int high) {
        double[] at = new double[2 * POINTS];
        for (int i = 0; i < POINTS; i++) {
            double t = (double) i / (POINTS - 1);
            at[2 * i] = wide * (MARGIN + (1 - 2 * MARGIN) * t);
            at[2 * i + 1] = high * (0.5 + SWING * Math.sin(2 * Math.PI * (t + 0.05)));
        }
        double size = high * (brush.tip() == Tip.SPRAY ? SPRAYED : SIZE);
        return field(design, colourway, brush.withSizeMm(size), ink, other, Track.of(at), wide, high);
    }

    /** @param track in pixels of the picture */
    static Scenes.Field field(Design design, Colourway colourway, Brush brush, Ink ink, Optional<Ink> other,
            Track track,
            int wide, int high) {
        BrushStroke stroke = new BrushStroke(track, brush, ink, other, false, Symmetry.NONE, SEED);
        Design alone = design.with().repeat(new Repeat(wide, high, Arrangement.STRAIGHT)).guides(Guides.NONE)
                .layers(List.of(new Layer(1, brush.name(), Brushwork.empty().and(stroke)))).build();
        return new Scenes.Field(alone, colourway, 0, 0, wide, high, 1);
    }
}
