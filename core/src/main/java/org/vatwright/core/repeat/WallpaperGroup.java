package org.vatwright.core.repeat;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * The 17 ways a pattern can repeat itself in the plane by moves, turns, mirrors and glides, on a rectangular cell W x H
 * (International Tables for Crystallography A, plane groups; the signs are theirs). Hexagonal ones stand on a cell
 * W x sqrt(3) W that holds two of their lattice points.
 */
public enum WallpaperGroup {
    P1("moved", Cell.ANY), P2("turned by half", Cell.ANY, (w, h) -> turn(180)), PM("mirrored across", Cell.ANY,
            (w, h) -> mirror()), PG("gliding", Cell.ANY, (w, h) -> shifted(mirror(), 0, h / 2)), CM(
                    "mirrored across, in half-drop", Cell.ANY, (w, h) -> mirror(),
                    (w, h) -> move(w / 2, h / 2)), PMM("mirrored both ways", Cell.ANY, (w, h) -> mirror(),
                            (w, h) -> turn(180)), PMG("mirrored across, turned between", Cell.ANY, (w, h) -> turn(180),
                                    (w, h) -> shifted(mirror(), w / 2, 0)), PGG("gliding both ways", Cell.ANY,
                                            (w, h) -> turn(180), (w, h) -> shifted(mirror(), w / 2, h / 2)), CMM(
                                                    "mirrored both ways, in half-drop", Cell.ANY, (w, h) -> mirror(),
                                                    (w, h) -> turn(180),
                                                    (w, h) -> move(w / 2, h / 2)), P4("turned by quarters", Cell.SQUARE,
                                                            (w, h) -> turn(90)), P4M("turned by quarters, mirrored",
                                                                    Cell.SQUARE, (w, h) -> turn(90),
                                                                    (w, h) -> mirror()), P4G(
                                                                            "turned by quarters, mirrored between",
                                                                            Cell.SQUARE, (w, h) -> turn(90),
                                                                            (w, h) -> new AffineTransform(0, -1, -1, 0,
                                                                                    w / 2, h / 2)), P3(
                                                                                            "turned by thirds",
                                                                                            Cell.HEXAGONAL,
                                                                                            (w, h) -> turn(120),
                                                                                            (w, h) -> move(w / 2,
                                                                                                    h / 2)), P3M1(
                                                                                                            "turned by thirds, mirrored at every centre",
                                                                                                            Cell.HEXAGONAL,
                                                                                                            (w, h) -> turn(
                                                                                                                    120),
                                                                                                            (w, h) -> mirror(),
                                                                                                            (w, h) -> move(
                                                                                                                    w / 2,
                                                                                                                    h / 2)), P31M(
                                                                                                                            "turned by thirds, mirrored between centres",
                                                                                                                            Cell.HEXAGONAL,
                                                                                                                            (w, h) -> turn(
                                                                                                                                    120),
                                                                                                                            (w, h) -> new AffineTransform(
                                                                                                                                    1,
                                                                                                                                    0,
                                                                                                                                    0,
                                                                                                                                    -1,
                                                                                                                                    0,
                                                                                                                                    0),
                                                                                                                            (w, h) -> move(
                                                                                                                                    w / 2,
                                                                                                                                    h / 2)), P6(
                                                                                                                                            "turned by sixths",
                                                                                                                                            Cell.HEXAGONAL,
                                                                                                                                            (w, h) -> turn(
                                                                                                                                                    60),
                                                                                                                                            (w, h) -> move(
                                                                                                                                                    w / 2,
                                                                                                                                                    h / 2)), P6M(
                                                                                                                                                            "turned by sixths, mirrored",
                                                                                                                                                            Cell.HEXAGONAL,
                                                                                                                                                            (w, h) -> turn(
                                                                                                                                                                    60),
                                                                                                                                                            (w, h) -> mirror(),
                                                                                                                                                            (w, h) -> move(
                                                                                                                                                                    w / 2,
                                                                                                                                                                    h / 2));

    /** What cell a group asks for. */
    public enum Cell {
        ANY, SQUARE, HEXAGONAL
    }

    private static final double SAME = 1e-6;
    private static final int MOST = 48;

    private final String words;
    private final Cell cell;
    private final List<BiFunction<Double, Double, AffineTransform>> generators;

    @SafeVarargs
    @SuppressWarnings("varargs") // Copied into a list and never written to.
    WallpaperGroup(String words, Cell cell, BiFunction<Double, Double, AffineTransform>... generators) {
        this.words = words;
        this.cell = cell;
        this.generators = List.of(generators);
    }

    private static AffineTransform turn(double degrees) {
        AffineTransform turn = AffineTransform.getRotateInstance(Math.toRadians(degrees));
        // Half and quarter turns come out exact.
        return degrees % 90 == 0
                ? new AffineTransform(Math.rint(turn.getScaleX()), Math.rint(turn.getShearY()),
                        Math.rint(turn.getShearX()), Math.rint(turn.getScaleY()), 0, 0)
                : turn;
    }

    private static AffineTransform mirror() {
        return new AffineTransform(-1, 0, 0, 1, 0, 0);
    }

    private static AffineTransform move(double x, double y) {
        return AffineTransform.getTranslateInstance(x, y);
    }

    private static AffineTransform shifted(AffineTransform by, double x, double y) {
        AffineTransform all = move(x, y);
        all.concatenate(by);
        return all;
    }

    /** @return what it does, in words */
    public String words() {
        return words;
    }

    /** @return the sign of the International Tables, such as "p4g" */
    public String sign() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Cell cell() {
        return cell;
    }

    public static WallpaperGroup parse(String sign) {
        for (WallpaperGroup group : values()) {
            if (group.sign().equals(sign)) {
                return group;
            }
        }
        throw new Refusal("\"%s\" is none of the 17 groups; p1, pgg, p4m and p6 are examples".formatted(sign));
    }

    /** @return the height the group asks of a cell of that width; the present one when any will do */
    public double heightFor(double widthMm, double heightMm) {
        return switch (cell) {
            case ANY -> heightMm;
            case SQUARE -> widthMm;
            case HEXAGONAL -> widthMm * Math.sqrt(3);
        };
    }

    /** Refuses a cell the group cannot stand on. */
    public void check(Repeat repeat) {
        double wanted = heightFor(repeat.widthMm(), repeat.heightMm());
        Require.that(Math.abs(wanted - repeat.heightMm()) <= 1e-6 * wanted,
                "%s (%s) asks for a cell %s; %s x %s mm would be right".formatted(sign(), words,
                        cell == Cell.SQUARE ? "as high as wide" : "1.732 times as high as wide",
                        Numbers.plain(repeat.widthMm(), 3), Numbers.plain(wanted, 6)));
        Require.that(this == P1 || repeat.arrangement() instanceof Arrangement.Straight,
                "%s (%s) asks for cells laid straight; the group itself moves what is in them".formatted(sign(),
                        words));
    }

    /** @return the moves that make it, for a cell of that size */
    public List<AffineTransform> generators(double w, double h) {
        return generators.stream().map(g -> g.apply(w, h)).toList();
    }

    /** @return every operation of the group within one cell, the identity first; each is one of its class by whole cells */
    public List<AffineTransform> operations(double w, double h) {
        List<AffineTransform> all = new ArrayList<>(List.of(new AffineTransform()));
        List<AffineTransform> makers = generators(w, h);
        for (int i = 0; i < all.size() && all.size() <= MOST; i++) {
            for (AffineTransform maker : makers) {
                AffineTransform next = new AffineTransform(maker);
                next.concatenate(all.get(i));
                AffineTransform in = new AffineTransform(next.getScaleX(), next.getShearY(), next.getShearX(),
                        next.getScaleY(), within(next.getTranslateX(), w), within(next.getTranslateY(), h));
                if (all.stream().noneMatch(known -> same(known, in, w, h))) {
                    all.add(in);
                }
            }
        }
        return all;
    }

    private static double within(double place, double side) {
        double in = place - side * Math.floor(place / side);
        return in > side - SAME || in < SAME ? 0 : in;
    }

    private static boolean same(AffineTransform a, AffineTransform b, double w, double h) {
        return near(a.getScaleX(), b.getScaleX()) && near(a.getShearX(), b.getShearX())
                && near(a.getShearY(), b.getShearY()) && near(a.getScaleY(), b.getScaleY())
                && around(a.getTranslateX() - b.getTranslateX(), w)
                && around(a.getTranslateY() - b.getTranslateY(), h);
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) < SAME;
    }

    private static boolean around(double off, double side) {
        return Math.abs(off - side * Math.rint(off / side)) < SAME * Math.max(1, side);
    }
}
