package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.util.List;

import org.vatwright.core.measure.Require;
import org.vatwright.core.repeat.TileGrid;

/**
 * Inks that go over into each other across a mark, as SVG 1.1, chapter 13 has it: mixed in sRGB, not premultiplied.
 *
 * @param radial whether the place counts from the focus out to the unit circle; else it is u
 * @param focusU,focusV within the unit circle; only of a radial one
 * @param m00,m10,m01,m11,m02,m12 from mm of the mark to the gradient's own u, v: a linear one runs from u = 0 to 1, a radial
 *        one fills the unit circle
 */
@RecordBuilder
public record Gradient(boolean radial, double focusU, double focusV, double m00, double m10, double m01, double m11,
        double m02, double m12, List<Stop> stops, Spread spread) implements GradientBuilder.With {

    /** What is beyond both ends. */
    public enum Spread {
        PAD, REFLECT, REPEAT
    }

    /** @param place 0 to 1 @param opacity 0 to 1 */
    public record Stop(double place, Ink ink, double opacity) {
        public Stop {
            Require.within("place of a gradient's ink", place * 100, 0, 100, "%");
            Require.within("opacity", opacity * 100, 0, 100, "%");
        }
    }

    public Gradient {
        stops = List.copyOf(stops);
        Require.within("inks of a gradient", stops.size(), 1, 200);
        // Any that is not a finite number makes the sum one that is not.
        Require.that(
                Double.isFinite(focusU * 0 + focusV * 0 + m00 * 0 + m10 * 0 + m01 * 0 + m11 * 0 + m02 * 0 + m12 * 0),
                "the place of a gradient has a number that is not finite");
    }

    public static Gradient of(boolean radial, double focusU, double focusV, AffineTransform m, List<Stop> stops,
            Spread spread) {
        return new Gradient(radial, focusU, focusV, m.getScaleX(), m.getShearY(), m.getShearX(), m.getScaleY(),
                m.getTranslateX(), m.getTranslateY(), stops, spread);
    }

    /** @param from mm of the tile, their map to something else @return that map from the middles of pixels, as six numbers */
    public static double[] byPixel(AffineTransform from, TileGrid grid) {
        AffineTransform px = new AffineTransform(from);
        px.scale(grid.mmPerPxX(), grid.mmPerPxY());
        px.translate(0.5, 0.5);
        double[] map = new double[6];
        px.getMatrix(map);
        return map;
    }

    public AffineTransform toUnit() {
        return new AffineTransform(m00, m10, m01, m11, m02, m12);
    }

    /** @param back the inverse of how the mark was moved */
    public Gradient moved(AffineTransform back) {
        AffineTransform map = toUnit();
        map.concatenate(back);
        return of(radial, focusU, focusV, map, stops, spread);
    }

    /** @return the place along the stops, 0 to 1, of a point in u, v */
    public double place(double u, double v) {
        return spread(radial ? fromFocus(u, v) : u);
    }

    /** On the ray from the focus through the point, the share of the way to the circle. */
    private double fromFocus(double u, double v) {
        double du = u - focusU;
        double dv = v - focusV;
        double a = du * du + dv * dv;
        if (a == 0) {
            return 0;
        }
        double b = focusU * du + focusV * dv;
        double c = focusU * focusU + focusV * focusV - 1;
        double reach = (-b + Math.sqrt(Math.max(0, b * b - a * c))) / a;
        return reach > 0 ? 1 / reach : 1;
    }

    private double spread(double t) {
        return switch (spread) {
            case PAD -> Math.max(0, Math.min(1, t));
            case REPEAT -> t - Math.floor(t);
            case REFLECT -> {
                double in = t - 2 * Math.floor(t / 2);
                yield in > 1 ? 2 - in : in;
            }
        };
    }
}
