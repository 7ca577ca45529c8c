package org.vatwright.core.yarn;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.YarnLook;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;

/** A cloth as shapes: rectangles of ink, one path for all of a colour. */
public final class FabricOutlines {

    static final int MOST_RECTANGLES = 1_000_000;

    /** What a crossing shows: one ink, or two mixed. */
    record Colour(Ink from, Ink to, double share) {}

    /** Shapes of one colour, in periods; later ones lie over earlier ones. */
    record Part(Colour colour, Path2D path) {}

    private FabricOutlines() {}

    public static List<VectorMark> of(Fabric fabric, FabricFit fit) {
        List<Part> parts = fabric.look() instanceof Look.Yarns(YarnLook yarn)
                ? YarnOutlines.onePeriod(fabric, yarn)
                : onePeriod(fabric).entrySet().stream().map(e -> new Part(e.getKey(), e.getValue())).toList();
        AffineTransform home = home(fit);
        List<AffineTransform> copies = copies(fit, home);
        List<VectorMark> marks = new ArrayList<>();
        for (Part part : parts) {
            Path2D all = new Path2D.Double();
            for (AffineTransform copy : copies) {
                all.append(copy.createTransformedShape(part.path()), false);
            }
            marks.add(new VectorMark(all, part.colour().from(), part.colour().to(), part.colour().share()));
        }
        return marks;
    }

    /** Crossings of one period, in periods; neighbours of one colour along a pick are one rectangle. */
    private static Map<Colour, Path2D> onePeriod(Fabric fabric) {
        int ends = fabric.endsInPeriod();
        int picks = fabric.picksInPeriod();
        List<Ink> warp = Fabric.threads(fabric.warp());
        List<Ink> weft = Fabric.threads(fabric.weft());
        Map<Colour, Path2D> paths = new LinkedHashMap<>();
        int count = 0;
        for (int pick = 0; pick < picks;) {
            int picksAlike = fabric.woven() ? 1 : alike(weft, pick, picks);
            Colour shown = null;
            int from = 0;
            for (int end = 0; end <= ends; end++) {
                Colour colour = end == ends ? null : colour(fabric, warp, weft, end, pick);
                if (shown != null && !shown.equals(colour)) {
                    rectangle(paths, shown, (double) from / ends, (double) pick / picks, (double) end / ends,
                            (double) (pick + picksAlike) / picks);
                    Require.that(++count <= MOST_RECTANGLES,
                            "this cloth has more than %,d crossings to draw as shapes; write it as a picture"
                                    .formatted(MOST_RECTANGLES));
                }
                if (shown == null || !shown.equals(colour)) {
                    from = end;
                }
                shown = colour;
            }
            pick += picksAlike;
        }
        paths.keySet().removeIf(c -> c.from() instanceof Ink.Clear && (c.share() == 0 || c.to() instanceof Ink.Clear));
        return paths;
    }

    private static int alike(List<Ink> weft, int pick, int picks) {
        int to = pick + 1;
        while (to < picks && weft.get(to % weft.size()).equals(weft.get(pick % weft.size()))) {
            to++;
        }
        return to - pick;
    }

    private static Colour colour(Fabric fabric, List<Ink> warp, List<Ink> weft, int end, int pick) {
        Ink over = warp.get(end % warp.size());
        Ink under = weft.get(pick % weft.size());
        if (fabric.look() instanceof Look.Blended(double share)) {
            return over.equals(under) ? new Colour(over, over, 0) : new Colour(over, under, 1 - share);
        }
        Ink top = fabric.weave().warpOnTop(end, pick) ? over : under;
        return new Colour(top, top, 0);
    }

    private static void rectangle(Map<Colour, Path2D> paths, Colour colour, double left, double top, double right,
            double bottom) {
        rectangle(paths.computeIfAbsent(colour, c -> new Path2D.Double()), left, top, right, bottom);
    }

    static void rectangle(Path2D path, double left, double top, double right, double bottom) {
        path.moveTo(left, top);
        path.lineTo(right, top);
        path.lineTo(right, bottom);
        path.lineTo(left, bottom);
        path.closePath();
    }

    /** Periods -> mm of the tile: the inverse of how periods pass along the tile's edges. */
    private static AffineTransform home(FabricFit fit) {
        AffineTransform passed = new AffineTransform(fit.endsAcross() / fit.tile().widthMm(),
                fit.picksAcross() / fit.tile().widthMm(), fit.endsDown() / fit.tile().heightMm(),
                fit.picksDown() / fit.tile().heightMm(), 0, 0);
        try {
            return passed.createInverse();
        } catch (NoninvertibleTransformException e) {
            throw new IllegalStateException("a lie always spans the tile", e);
        }
    }

    /** One copy for each period that reaches into the tile. */
    private static List<AffineTransform> copies(FabricFit fit, AffineTransform home) {
        int mostEnds = Math.abs(fit.endsAcross()) + Math.abs(fit.endsDown());
        int mostPicks = Math.abs(fit.picksAcross()) + Math.abs(fit.picksDown());
        List<AffineTransform> copies = new ArrayList<>();
        for (int i = -mostEnds; i <= mostEnds; i++) {
            for (int j = -mostPicks; j <= mostPicks; j++) {
                AffineTransform copy = new AffineTransform(home);
                copy.translate(i, j);
                if (reaches(copy, fit)) {
                    copies.add(copy);
                }
            }
        }
        return copies;
    }

    private static boolean reaches(AffineTransform copy, FabricFit fit) {
        Path2D unit = new Path2D.Double();
        Point2D corner = new Point2D.Double();
        for (int n = 0; n < 4; n++) {
            copy.transform(new Point2D.Double(n == 1 || n == 2 ? 1 : 0, n / 2), corner);
            if (n == 0) {
                unit.moveTo(corner.getX(), corner.getY());
            } else {
                unit.lineTo(corner.getX(), corner.getY());
            }
        }
        unit.closePath();
        double least = 1e-9 * fit.tile().widthMm();
        Shape tile = new java.awt.geom.Rectangle2D.Double(least, least, fit.tile().widthMm() - 2 * least,
                fit.tile().heightMm() - 2 * least);
        return unit.intersects(tile.getBounds2D());
    }
}
