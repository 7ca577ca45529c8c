package org.vatwright.core.pattern;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.Inks;
import org.vatwright.core.picture.Making;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Lattice;

/**
 * Another design, a picture or a gradient, used as an ink. How it lies in scale, turn and start, anew and following is said
 * of the first two; a gradient has a course of its own.
 *
 * @param id for as long as it lives
 * @param name that inks refer to, each once in a design
 * @param wide,high scale of its sides, 0.01 to 100; 1 is true size
 * @param turnDeg counter-clockwise as seen
 * @param startX,startY where it begins, in mm: from the tile's corner when it runs through, from where it would lie middle
 *        on middle when it starts anew in each mark
 * @param anew whether it starts anew in each mark; else it runs through the whole tile. Marks without ends, as lines that
 *        run on from tile to tile, have it run through
 * @param follows whether it is scaled and turned with what it lies in
 */
@RecordBuilder
public record Fill(Id id, String name, Source source, double wide, double high, double turnDeg, double startX,
        double startY,
        boolean anew, boolean follows) implements FillBuilder.With {

    public static final double LEAST_SCALE = 0.01;
    public static final double MOST_SCALE = 100;

    /** What is seen. */
    public sealed interface Source {

        double widthMm();

        double heightMm();
    }

    /** @param colourway of it; when empty, the one that is called as that of the outer design, else its first */
    public record OfDesign(Design design, Optional<String> colourway) implements Source {
        public OfDesign {
            colourway.ifPresent(c -> Require.that(design.palette().find(c).isPresent(),
                    "%s has no colourway %s; it has %s".formatted(design.name(), c, String.join(", ",
                            design.palette().colourways().stream().map(each -> each.name()).toList()))));
        }

        /** By the design's id alone: cheap however deep it is nested. */
        @Override
        public int hashCode() {
            return 31 * design.id().hashCode() + colourway.hashCode();
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof OfDesign(Design its, Optional<String> worn) && colourway.equals(worn)
                    && Likeness.of(design, its);
        }

        @Override
        public double widthMm() {
            return design.repeat().tile().widthMm();
        }

        @Override
        public double heightMm() {
            return design.repeat().tile().heightMm();
        }
    }

    /**
     * @param cut the part of it that is taken
     * @param making how that becomes a tile without seams; empty: its edges meet as they are
     * @param reduced the few inks that it is shown in; none: its own colours
     * @param from what it was taken from, when it was
     */
    public record OfPicture(Picture picture, CutOut cut, Optional<Making> making, List<Reduced> reduced,
            Optional<TakenFrom> from) implements Source {

        public OfPicture {
            reduced = List.copyOf(reduced);
            Require.within("inks of a picture", reduced.size(), 0, Inks.MOST);
            reduced.forEach(r -> slotOrClear(r.ink(), "a picture is shown in inks of the palette"));
            making.ifPresent(
                    m -> m.checkTakes(cut.width(picture.raster().width()), cut.height(picture.raster().height())));
        }

        public OfPicture(Picture picture) {
            this(picture, Optional.empty(), List.of());
        }

        public OfPicture(Picture picture, CutOut cut, Optional<Making> making, List<Reduced> reduced) {
            this(picture, cut, making, reduced, Optional.empty());
        }

        public OfPicture(Picture picture, Optional<Making> making, List<Reduced> reduced) {
            this(picture, CutOut.WHOLE, making, reduced);
        }

        @Override
        public double widthMm() {
            return widthPx() * picture.widthMm() / picture.raster().width();
        }

        @Override
        public double heightMm() {
            return heightPx() * picture.heightMm() / picture.raster().height();
        }

        /** @return pixels of the picture a mm */
        public double pxPerMm() {
            return picture.dpi() / Unit.MM_PER_INCH;
        }

        /** @return the part that is taken, at its own size */
        public Raster cutOut(Work work) {
            return cut.of(picture.raster(), pxPerMm(), work);
        }

        /** @return the part that is taken of a picture that was made smaller */
        public Raster cutOut(Raster smaller, Work work) {
            return cut.of(smaller, pxPerMm() * smaller.width() / picture.raster().width(), work);
        }

        /** @return its tile at its own size, in its own colours; may take seconds */
        public Raster made(Work work) {
            Raster part = cutOut(work);
            return making.map(m -> m.of(part, work)).orElse(part);
        }

        /** @return of its tile */
        public int widthPx() {
            int across = cut.width(picture.raster().width());
            return making.map(m -> m.width(across, cut.height(picture.raster().height()))).orElse(across);
        }

        public int heightPx() {
            int down = cut.height(picture.raster().height());
            return making.map(m -> m.height(cut.width(picture.raster().width()), down)).orElse(down);
        }

        public OfPicture withCut(CutOut other) {
            return new OfPicture(picture, other, making, reduced, from);
        }

        public OfPicture withMaking(Optional<Making> other) {
            return new OfPicture(picture, cut, other, reduced, from);
        }

        public OfPicture withReduced(List<Reduced> other) {
            return new OfPicture(picture, cut, making, other, from);
        }

        public OfPicture withFrom(Optional<TakenFrom> other) {
            return new OfPicture(picture, cut, making, reduced, other);
        }

        /** @return made of another picture as this one was of its own */
        public OfPicture withPicture(Picture other) {
            return new OfPicture(other, cut, making, reduced, from);
        }
    }

    /** One of the few inks of a picture. @param found the colour in the picture, which those nearest to it belong to */
    public record Reduced(Rgb found, Ink ink) {}

    private static void slotOrClear(Ink ink, String why) {
        Require.that(!(ink instanceof Ink.Filled), "%s is a fill; %s".formatted(ink.words(), why));
    }

    /**
     * Inks that go over into each other.
     *
     * @param across what its course crosses
     * @param stops its inks, each a slot or clear, from its beginning on
     */
    public record OfGradient(Course course, Across across, List<Gradient.Stop> stops) implements Source {

        public static final int MOST_STOPS = 50;

        public OfGradient {
            Require.within("inks of a gradient", stops.size(), 2, MOST_STOPS);
            stops = stops.stream().sorted(Comparator.comparingDouble(Gradient.Stop::place)).toList();
            stops.forEach(
                    s -> slotOrClear(s.ink(), "a gradient goes over from one ink of the palette into another"));
        }

        /** Of a chip that shows it. */
        @Override
        public double widthMm() {
            return 10;
        }

        @Override
        public double heightMm() {
            return 10;
        }

        public OfGradient withCourse(Course other) {
            return new OfGradient(other, across, stops);
        }

        public OfGradient withStops(List<Gradient.Stop> other) {
            return new OfGradient(course, across, other);
        }

        public OfGradient withAcross(Across other) {
            return new OfGradient(course, other, stops);
        }

        /** @return whether its course crosses a mark or a line, not the whole tile or a piece */
        public boolean inMarks() {
            return across == Across.MARK || across == Across.LINE;
        }

        /** @return whether it goes round and round: where its end meets its beginning both should be alike */
        public boolean meets() {
            return switch (across) {
                case MARK -> course.kind() == Course.Kind.ROUND;
                case LINE -> true;
                case TILE -> course.kind() != Course.Kind.RADIAL;
                case PIECE -> false;
            };
        }

        /** @return whether its end meets its beginning in the same ink, or does not meet it at all */
        public boolean agrees() {
            return course.back() || !meets() || stops.getFirst().ink().equals(stops.getLast().ink())
                    && stops.getFirst().opacity() == stops.getLast().opacity();
        }

        /** @param lines whether its marks are lines @return whether files of shapes know it */
        public boolean shaped(boolean lines) {
            return switch (across) {
                case MARK -> !lines && course.kind() != Course.Kind.ROUND;
                case LINE -> false;
                case TILE, PIECE -> course.kind() == Course.Kind.LINEAR;
            };
        }

        OfGradient inked(UnaryOperator<Ink> change) {
            return withStops(
                    stops.stream().map(s -> new Gradient.Stop(s.place(), change.apply(s.ink()), s.opacity())).toList());
        }
    }

    /** What a gradient's course crosses: each mark by itself, along each line, the tile, the piece that wears it. */
    public enum Across {
        MARK, LINE, TILE, PIECE
    }

    public Fill {
        name = Require.named("fill", name);
        Require.within("scale of a fill", wide * 100, LEAST_SCALE * 100, MOST_SCALE * 100, "%");
        Require.within("scale of a fill", high * 100, LEAST_SCALE * 100, MOST_SCALE * 100, "%");
        Require.within("start of a fill", startX, -1e5, 1e5, "mm");
        Require.within("start of a fill", startY, -1e5, 1e5, "mm");
        turnDeg = Angle.turn(turnDeg);
    }

    /** At true size, running through. */
    public Fill(String name, Source source) {
        this(Id.fresh(), name, source, 1, 1, 0, 0, 0, false, true);
    }

    public static Fill of(String name, Design design) {
        return new Fill(name, new OfDesign(design, Optional.empty()));
    }

    public static Fill of(String name, OfGradient gradient) {
        return new Fill(name, gradient);
    }

    public Ink ink() {
        return new Ink.Filled(name);
    }

    /** @return its design, when it is one */
    public Optional<Design> design() {
        return source instanceof OfDesign(Design design, _) ? Optional.of(design) : Optional.empty();
    }

    /** @return its gradient, when it is one */
    public Optional<OfGradient> gradient() {
        return source instanceof OfGradient gradient ? Optional.of(gradient) : Optional.empty();
    }

    /** @return whether it is a gradient over the piece that wears it */
    public boolean overPiece() {
        return gradient().filter(g -> g.across() == Across.PIECE).isPresent();
    }

    /** @return its picture, when it is one */
    public Optional<OfPicture> picture() {
        return source instanceof OfPicture picture ? Optional.of(picture) : Optional.empty();
    }

    /** @return the inks it is made of in the design it belongs to: those of a gradient and of a picture reduced to them */
    public List<Ink> inks() {
        return switch (source) {
            case OfDesign _ -> List.of();
            case OfPicture picture -> picture.reduced().stream().map(Reduced::ink).toList();
            case OfGradient gradient -> gradient.stops().stream().map(Gradient.Stop::ink).toList();
        };
    }

    public Fill withInks(UnaryOperator<Ink> change) {
        return switch (source) {
            case OfDesign _ -> this;
            case OfPicture picture -> withSource(picture.withReduced(picture.reduced().stream()
                    .map(r -> new Reduced(r.found(), change.apply(r.ink()))).toList()));
            case OfGradient gradient -> withSource(gradient.inked(change));
        };
    }

    /** @return with its picture made otherwise; the same when it is none */
    public Fill withPicture(UnaryOperator<OfPicture> change) {
        return picture().map(p -> withSource(change.apply(p))).orElse(this);
    }

    /** @return with its course, ends and inks changed; the same when it is no gradient */
    public Fill withGradient(UnaryOperator<OfGradient> change) {
        return gradient().map(g -> withSource(change.apply(g))).orElse(this);
    }

    /** @return its own lattice as it lies in the outer design */
    public Lattice lattice() {
        return new Lattice(wide * source.widthMm(), 0, 0, high * source.heightMm()).turned(turnDeg);
    }

    public Fill withScale(double across, double down) {
        return with().wide(across).high(down).build();
    }

    public Fill withStart(double x, double y) {
        return with().startX(x).startY(y).build();
    }

    /** @return as it is after what it lies in was scaled and turned about the tile's corner; the same when it stays */
    public Fill followed(double scale, double degrees) {
        if (source instanceof OfGradient g) {
            return degrees == 0 || g.across() == Across.LINE || g.across() == Across.PIECE
                    ? this
                    : withSource(g.withCourse(g.course().turned(degrees)));
        }
        if (!follows) {
            return this;
        }
        double turn = Math.toRadians(degrees);
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        return with().wide(wide * scale).high(high * scale).turnDeg(turnDeg + degrees)
                .startX(scale * (startX * cos + startY * sin)).startY(scale * (startY * cos - startX * sin))
                .follows(true).build();
    }

    /** @return with the present design of the same id in place of the one it has */
    Fill relinked(Map<Id, Design> designs) {
        if (!(source instanceof OfDesign(Design design, Optional<String> colourway))) {
            return this;
        }
        Design now = designs.getOrDefault(design.id(), design);
        return now == design
                ? this
                : withSource(new OfDesign(now, colourway.filter(c -> now.palette().find(c).isPresent())));
    }

    /** @return with that design instead of the one it has */
    public Fill showing(Design other) {
        return source instanceof OfDesign(Design _, Optional<String> colourway)
                ? withSource(new OfDesign(other, colourway.filter(c -> other.palette().find(c).isPresent())))
                : this;
    }
}
