package org.vatwright.core.motif;

import org.vatwright.core.shape.Dashes;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.shape.AreaWork;

/**
 * One shape of a motif with its fill and its outline.
 *
 * @param x,y where its middle stands in the motif, in mm
 * @param turnDeg counter-clockwise as seen
 * @param wide,high scale of its sides, below 0 mirrored; 0.001 to 1,000
 * @param shearDeg how far what was upright leans to the right once it is scaled, before it is turned; -80 to 80
 * @param fill clear for none
 * @param gradient instead of the fill, in mm of the form before it is placed
 * @param group parts with the same number belong together; 0 for none
 */
@RecordBuilder
public record Part(String name, Form form, double x, double y, double turnDeg, double wide, double high,
        double shearDeg, Ink fill, Optional<Gradient> gradient, double opacity, Optional<Edge> edge,
        int group) implements PartBuilder.With {

    private static final double MOST_SHEAR = 80;

    /** How the ends of dashes look. */
    public enum Cap {
        BUTT, ROUND, SQUARE
    }

    /** How corners of an outline look. */
    public enum Join {
        MITER, ROUND, BEVEL
    }

    /** An outline. @param dashesMm lengths and gaps in turn; none for a whole line */
    @RecordBuilder
    public record Edge(Ink ink, double widthMm, Join join, Cap cap,
            List<Double> dashesMm) implements PartEdgeBuilder.With {
        public Edge {
            Require.within("outline", widthMm, 0.01, 500, "mm");
            dashesMm = List.copyOf(dashesMm);
            Require.within("dashes", dashesMm.size(), 0, 20);
            dashesMm.forEach(d -> Require.within("dash", d, 0.01, 5000, "mm"));
        }

        public Edge(Ink ink, double widthMm) {
            this(ink, widthMm, Join.MITER, Cap.BUTT, List.of());
        }
    }

    public Part {
        name = Require.named("part", name);
        Require.within("place of a part", x, -1e5, 1e5, "mm");
        Require.within("place of a part", y, -1e5, 1e5, "mm");
        Require.within("scale", Math.abs(wide) * 100, 0.1, 1e5, "%");
        Require.within("scale", Math.abs(high) * 100, 0.1, 1e5, "%");
        Require.within("opacity", opacity * 100, 0, 100, "%");
        Require.within("shear", shearDeg, -MOST_SHEAR, MOST_SHEAR, "degrees");
        turnDeg = Angle.turn(turnDeg);
    }

    /** Neither sheared nor in a group. */
    public Part(String name, Form form, double x, double y, double turnDeg, double wide, double high, Ink fill,
            Optional<Gradient> gradient, double opacity, Optional<Edge> edge) {
        this(name, form, x, y, turnDeg, wide, high, 0, fill, gradient, opacity, edge, 0);
    }

    public Part(Form form, Ink fill) {
        this(form.name(), form, 0, 0, 0, 1, 1, fill, Optional.empty(), 1, Optional.empty());
    }

    public Part at(double newX, double newY) {
        return placed(newX, newY, turnDeg, wide, high, shearDeg);
    }

    public Part withTurn(double degrees) {
        return placed(x, y, degrees, wide, high, shearDeg);
    }

    public Part withScale(double newWide, double newHigh) {
        return placed(x, y, turnDeg, newWide, newHigh, shearDeg);
    }

    public Part withShear(double degrees) {
        return placed(x, y, turnDeg, wide, high, degrees);
    }

    private Part placed(double newX, double newY, double turn, double newWide, double newHigh, double shear) {
        return with().x(newX).y(newY).turnDeg(turn).wide(newWide).high(newHigh).shearDeg(shear).build();
    }

    /** @return filled with one ink, a gradient given up */
    public Part withFill(Ink other) {
        return with().fill(other).gradient(Optional.empty()).build();
    }

    /** @return everything so many times as large, around the motif's middle */
    Part scaled(double by) {
        return placed(x * by, y * by, turnDeg, wide * by, high * by, shearDeg)
                .withEdge(edge.map(e -> new Edge(e.ink(), e.widthMm() * by, e.join(), e.cap(),
                        e.dashesMm().stream().map(d -> d * by).toList())));
    }

    /**
     * Moved, turned, scaled, sheared or mirrored as a whole; its outline keeps its width. Every linear map is a scale, then
     * a shear, then a turn (QR).
     *
     * @throws Refusal when the map leaves no area, or leans it too far
     */
    public Part moved(AffineTransform by) {
        AffineTransform to = new AffineTransform(by);
        to.concatenate(place());
        double a = to.getScaleX();
        double c = to.getShearY();
        double newWide = Math.hypot(a, c);
        double det = to.getDeterminant();
        Require.that(newWide > 0 && Math.abs(det) > 0, "a shape cannot be scaled to nothing");
        double newHigh = det / newWide;
        double lean = (a * to.getShearX() + c * to.getScaleY()) / newWide / newHigh;
        // A mirrored shape stays mirrored from left to right, not turned upside down.
        int sign = wide < 0 ? -1 : 1;
        return placed(to.getTranslateX(), to.getTranslateY(), -Math.toDegrees(Math.atan2(sign * c, sign * a)),
                sign * newWide, sign * newHigh, tidy(-Math.toDegrees(Math.atan(lean))));
    }

    /** Rounding leaves no shear where there is none. */
    private static double tidy(double degrees) {
        return Math.abs(degrees) < 1e-9 ? 0 : degrees;
    }

    /** @return every ink it shows */
    public List<Ink> inks() {
        List<Ink> inks = new ArrayList<>();
        gradient.ifPresentOrElse(g -> g.stops().forEach(s -> inks.add(s.ink())), () -> inks.add(fill));
        edge.ifPresent(e -> inks.add(e.ink()));
        return inks;
    }

    Part inked(UnaryOperator<Ink> change) {
        return withFill(change.apply(fill)).withEdge(edge.map(e -> e.withInk(change.apply(e.ink()))))
                .withGradient(gradient.map(g -> g.withStops(g.stops().stream()
                        .map(s -> new Gradient.Stop(s.place(), change.apply(s.ink()), s.opacity())).toList())));
    }

    /** @return from the form to the motif */
    public AffineTransform place() {
        AffineTransform place = AffineTransform.getTranslateInstance(x, y);
        // Counter-clockwise as seen, y down.
        place.rotate(-Math.toRadians(turnDeg));
        if (shearDeg != 0) {
            // y points down, so what is above goes to the right.
            place.shear(-Math.tan(Math.toRadians(shearDeg)), 0);
        }
        place.scale(wide, high);
        return place;
    }

    /** @return its form where it stands in the motif, without its outline */
    public Shape shape() {
        return place().createTransformedShape(form.shape());
    }

    /** @return fill and outline as filled shapes, lowest first */
    List<VectorMark> marks() {
        List<VectorMark> marks = new ArrayList<>();
        Shape own = form.shape();
        Shape placed = place().createTransformedShape(own);
        AffineTransform frame = place();
        frame.translate(own.getBounds2D().getCenterX(), own.getBounds2D().getCenterY());
        if (gradient.isPresent()) {
            marks.add(new VectorMark(own, gradient.get()).withOpacity(opacity).moved(place()));
        } else if (!(fill instanceof Ink.Clear)) {
            marks.add(new VectorMark(placed, fill).withOpacity(opacity).withFrame(frame));
        }
        edge.filter(e -> !(e.ink() instanceof Ink.Clear)).ifPresent(
                e -> marks.add(new VectorMark(line(e, placed), e.ink()).withOpacity(opacity).withFrame(frame)));
        return marks;
    }

    /** @return the line's outline, parted where it crosses itself unless that is too much */
    private static Shape line(Edge e, Shape along) {
        Shape line = stroke(e, along).createStrokedShape(along);
        return AreaWork.of(List.of(line)) > AreaWork.MOST ? line : new Area(line);
    }

    /** Dashes too fine to be told apart are drawn as a whole line. */
    private static BasicStroke stroke(Edge e, Shape along) {
        int cap = e.cap() == Cap.ROUND
                ? BasicStroke.CAP_ROUND
                : e.cap() == Cap.SQUARE ? BasicStroke.CAP_SQUARE : BasicStroke.CAP_BUTT;
        int join = e.join() == Join.ROUND
                ? BasicStroke.JOIN_ROUND
                : e.join() == Join.BEVEL ? BasicStroke.JOIN_BEVEL : BasicStroke.JOIN_MITER;
        double period = e.dashesMm().stream().mapToDouble(d -> d).sum();
        if (e.dashesMm().isEmpty() || Dashes.tooFine(along, period, e.dashesMm().size())) {
            return new BasicStroke((float) e.widthMm(), cap, join, 10);
        }
        int n = e.dashesMm().size();
        float[] dashes = new float[n % 2 == 0 ? n : 2 * n];
        for (int i = 0; i < dashes.length; i++) {
            dashes[i] = e.dashesMm().get(i % n).floatValue();
        }
        return new BasicStroke((float) e.widthMm(), cap, join, 10, dashes, 0);
    }

    /** Reads the lower-case name of one of a few choices. */
    public static <E extends Enum<E>> E choice(Class<E> type, String word) {
        for (E each : type.getEnumConstants()) {
            if (each.name().toLowerCase(Locale.ROOT).equals(word)) {
                return each;
            }
        }
        throw new Refusal("\"%s\" is not known here; %s are".formatted(word, String.join(", ",
                java.util.Arrays.stream(type.getEnumConstants()).map(e -> e.name().toLowerCase(Locale.ROOT))
                        .toList())));
    }
}
