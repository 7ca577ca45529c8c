package org.vatwright.core.loom;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.measure.Check;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;

/** A cloth as shapes: rectangles of ink, one path for all of a colour. */
final class ClothOutlines {

    static final int MOST_RECTANGLES = 1_000_000;

    /** What a crossing shows: one ink, or two mixed. */
    record Colour(Ink from, Ink to, double share) {}

    /** Shapes of one colour, in periods; later ones lie over earlier ones. */
    record Part(Colour colour, Path2D path) {}

    private ClothOutlines() {}

    static List<VectorMark> of(Cloth cloth, ClothLie lie) {
        List<Part> parts = cloth.look() instanceof Look.Yarns(YarnLook yarn)
                ? YarnOutlines.onePeriod(cloth, yarn)
                : onePeriod(cloth).entrySet().stream().map(e -> new Part(e.getKey(), e.getValue())).toList();
        AffineTransform home = home(lie);
        List<AffineTransform> copies = copies(lie, home);
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
    private static Map<Colour, Path2D> onePeriod(Cloth cloth) {
        int ends = cloth.endsInPeriod();
        int picks = cloth.picksInPeriod();
        List<Ink> warp = Cloth.threads(cloth.warp());
        List<Ink> weft = Cloth.threads(cloth.weft());
        Map<Colour, Path2D> paths = new LinkedHashMap<>();
        int count = 0;
        for (int pick = 0; pick < picks;) {
            int picksAlike = cloth.woven() ? 1 : alike(weft, pick, picks);
            Colour shown = null;
            int from = 0;
            for (int end = 0; end <= ends; end++) {
                Colour colour = end == ends ? null : colour(cloth, warp, weft, end, pick);
                if (shown != null && !shown.equals(colour)) {
                    rectangle(paths, shown, (double) from / ends, (double) pick / picks, (double) end / ends,
                            (double) (pick + picksAlike) / picks);
                    Check.that(++count <= MOST_RECTANGLES,
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

    private static Colour colour(Cloth cloth, List<Ink> warp, List<Ink> weft, int end, int pick) {
        Ink over = warp.get(end % warp.size());
        Ink under = weft.get(pick % weft.size());
        if (cloth.look() instanceof Look.Blended(double share)) {
            return over.equals(under) ? new Colour(over, over, 0) : new Colour(over, under, 1 - share);
        }
        Ink top = cloth.weave().warpOnTop(end, pick) ? over : under;
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
    private static AffineTransform home(ClothLie lie) {
        AffineTransform passed = new AffineTransform(lie.endsAcross() / lie.tile().widthMm(),
                lie.picksAcross() / lie.tile().widthMm(), lie.endsDown() / lie.tile().heightMm(),
                lie.picksDown() / lie.tile().heightMm(), 0, 0);
        try {
            return passed.createInverse();
        } catch (NoninvertibleTransformException e) {
            throw new IllegalStateException("a lie always spans the tile", e);
        }
    }

    /** One copy for each period that reaches into the tile. */
    private static List<AffineTransform> copies(ClothLie lie, AffineTransform home) {
        int mostEnds = Math.abs(lie.endsAcross()) + Math.abs(lie.endsDown());
        int mostPicks = Math.abs(lie.picksAcross()) + Math.abs(lie.picksDown());
        List<AffineTransform> copies = new ArrayList<>();
        for (int i = -mostEnds; i <= mostEnds; i++) {
            for (int j = -mostPicks; j <= mostPicks; j++) {
                AffineTransform copy = new AffineTransform(home);
                copy.translate(i, j);
                if (reaches(copy, lie)) {
                    copies.add(copy);
                }
            }
        }
        return copies;
    }

    private static boolean reaches(AffineTransform copy, ClothLie lie) {
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
        double least = 1e-9 * lie.tile().widthMm();
        Shape tile = new java.awt.geom.Rectangle2D.Double(least, least, lie.tile().widthMm() - 2 * least,
                lie.tile().heightMm() - 2 * least);
        return unit.intersects(tile.getBounds2D());
    }
}
