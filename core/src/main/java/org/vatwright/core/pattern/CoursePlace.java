package org.vatwright.core.pattern;

import java.util.Optional;

import org.vatwright.core.repeat.Tile;

/** Where the ends of a gradient lie on the tile, for a hand that pulls them there: in the tile, in a mark, on a line. */
public sealed interface CoursePlace {

    /** @param share u and v of what the course crosses @return x and y in mm of the tile */
    double[] mm(double u, double v);

    /** @return u and v of a place of the tile in mm */
    double[] share(double x, double y);

    /**
     * @param mark one that wears it; where there is none it is said of the tile
     */
    static CoursePlace of(Fill.OfGradient gradient, Optional<VectorMark> mark, Tile tile) {
        boolean inMark = gradient.inMarks();
        if (inMark && mark.flatMap(VectorMark::spine).isPresent()) {
            return new OnLine(mark.get().spine().get(), gradient.across() == Fill.Across.LINE);
        }
        return mark.filter(m -> inMark).flatMap(m -> GradientFill.box(m, tile)).<CoursePlace>map(InMark::new)
                .orElse(new InTile(tile.widthMm(), tile.heightMm()));
    }

    /** @return of what runs across the tile */
    static CoursePlace of(Tile tile) {
        return new InTile(tile.widthMm(), tile.heightMm());
    }

    record InTile(double widthMm, double heightMm) implements CoursePlace {

        @Override
        public double[] mm(double u, double v) {
            return new double[]{u * widthMm, v * heightMm};
        }

        @Override
        public double[] share(double x, double y) {
            return new double[]{x / widthMm, y / heightMm};
        }
    }

    /** The box of a mark in its own frame. */
    record InMark(GradientFill.Box box) implements CoursePlace {

        @Override
        public double[] mm(double u, double v) {
            double[] at = {u, v};
            box.back().transform(at, 0, at, 0, 1);
            return at;
        }

        @Override
        public double[] share(double x, double y) {
            double[] at = {x, y};
            box.toUnit().transform(at, 0, at, 0, 1);
            return at;
        }
    }

    /** Along a line u counts, across it v. @param along whether it runs along; else it lies half way */
    record OnLine(Spine spine, boolean along) implements CoursePlace {

        @Override
        public double[] mm(double u, double v) {
            return along ? spine.point(u, 0.5) : spine.point(0.5, v);
        }

        @Override
        public double[] share(double x, double y) {
            return along ? new double[]{spine.along(x, y), 0.5} : new double[]{0.5, spine.across(x, y)};
        }
    }
}
