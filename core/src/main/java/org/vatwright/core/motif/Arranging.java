package org.vatwright.core.motif;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;

import org.vatwright.core.measure.Refusal;

/** What is done to several parts of a motif at once. */
public final class Arranging {

    private Arranging() {}

    /** What parts are brought in line by; of two or more the box around them all counts, of one the motif's middle. */
    public enum Line {
        LEFT, MIDDLE, RIGHT, TOP, CENTRE, BOTTOM
    }

    /** @return the chosen parts and all that belong to their groups */
    public static Set<Integer> whole(Motif motif, Set<Integer> chosen) {
        Set<Integer> all = new TreeSet<>();
        for (int i = 0; i < motif.parts().size(); i++) {
            int group = motif.parts().get(i).group();
            if (chosen.contains(i)
                    || group != 0 && chosen.stream().anyMatch(k -> motif.parts().get(k).group() == group)) {
                all.add(i);
            }
        }
        return all;
    }

    /** @return the box around parts, without their outlines */
    public static Rectangle2D box(Motif motif, Set<Integer> chosen) {
        return chosen.stream().map(i -> motif.parts().get(i).shape().getBounds2D()).reduce(Rectangle2D::createUnion)
                .orElse(new Rectangle2D.Double());
    }

    /** @return with the chosen parts moved, turned, scaled, sheared or mirrored together */
    public static Motif moved(Motif motif, Set<Integer> chosen, AffineTransform by) {
        Motif changed = motif;
        for (int i : chosen) {
            changed = changed.with(i, motif.parts().get(i).moved(by));
        }
        return changed;
    }

    /** @return what turns, scales and shears about a point. @param turnDeg counter-clockwise as seen */
    public static AffineTransform about(double x, double y, double turnDeg, double wide, double high,
            double shearDeg) {
        AffineTransform about = AffineTransform.getTranslateInstance(x, y);
        about.rotate(-Math.toRadians(turnDeg));
        about.shear(-Math.tan(Math.toRadians(shearDeg)), 0);
        about.scale(wide, high);
        about.translate(-x, -y);
        return about;
    }

    /** Parts of one group move as one. */
    private static List<Set<Integer>> units(Motif motif, Set<Integer> chosen) {
        List<Set<Integer>> units = new ArrayList<>();
        for (int i : chosen) {
            if (units.stream().noneMatch(u -> u.contains(i))) {
                units.add(whole(motif, Set.of(i)));
            }
        }
        return units;
    }

    public static Motif aligned(Motif motif, Set<Integer> chosen, Line line) {
        List<Set<Integer>> units = units(motif, chosen);
        Rectangle2D all = units.size() > 1 ? box(motif, chosen) : new Rectangle2D.Double();
        Motif changed = motif;
        for (Set<Integer> unit : units) {
            Rectangle2D own = box(motif, unit);
            double dx = switch (line) {
                case LEFT -> all.getMinX() - own.getMinX();
                case MIDDLE -> all.getCenterX() - own.getCenterX();
                case RIGHT -> all.getMaxX() - own.getMaxX();
                default -> 0;
            };
            double dy = switch (line) {
                case TOP -> all.getMinY() - own.getMinY();
                case CENTRE -> all.getCenterY() - own.getCenterY();
                case BOTTOM -> all.getMaxY() - own.getMaxY();
                default -> 0;
            };
            changed = moved(changed, unit, AffineTransform.getTranslateInstance(dx, dy));
        }
        return changed;
    }

    /** @return with equal gaps between the chosen parts; the outer two stay. @throws Refusal of fewer than three */
    public static Motif distributed(Motif motif, Set<Integer> chosen, boolean across) {
        List<Set<Integer>> units = new ArrayList<>(units(motif, chosen));
        if (units.size() < 3) {
            throw new Refusal("equal gaps need three shapes or more; choose another one with Shift");
        }
        ToDoubleFunction<Set<Integer>> from = u -> across ? box(motif, u).getMinX() : box(motif, u).getMinY();
        ToDoubleFunction<Set<Integer>> size = u -> across ? box(motif, u).getWidth() : box(motif, u).getHeight();
        units.sort(Comparator.comparingDouble(u -> from.applyAsDouble(u) + size.applyAsDouble(u) / 2));
        double start = from.applyAsDouble(units.getFirst());
        double end = from.applyAsDouble(units.getLast()) + size.applyAsDouble(units.getLast());
        double gap = (end - start - units.stream().mapToDouble(size).sum()) / (units.size() - 1);
        Motif changed = motif;
        double at = start;
        for (Set<Integer> unit : units) {
            double by = at - from.applyAsDouble(unit);
            changed = moved(changed, unit, AffineTransform.getTranslateInstance(across ? by : 0, across ? 0 : by));
            at += size.applyAsDouble(unit) + gap;
        }
        return changed;
    }

    /** @return with the chosen parts as one group, or out of their groups */
    public static Motif grouped(Motif motif, Set<Integer> chosen, boolean together) {
        int group = together ? motif.parts().stream().mapToInt(Part::group).max().orElse(0) + 1 : 0;
        Motif changed = motif;
        for (int i : chosen) {
            changed = changed.with(i, motif.parts().get(i).withGroup(group));
        }
        return changed;
    }

    /** Where a coordinate comes to rest, and on what. */
    public record Rest(double at, String why) {}

    /** Lines to draw by. @param across places of upright ones, @param down of level ones, in mm of the motif */
    public record GuideMarks(List<Double> across, List<Double> down) {

        public static final GuideMarks NONE = new GuideMarks(List.of(), List.of());

        public GuideMarks {
            across = List.copyOf(across);
            down = List.copyOf(down);
        }
    }

    /**
     * Where a box that is moved comes to rest: on guides; its edges and its middle on edges and middles of other parts, on points of
     * their outlines, on the motif's middle.
     *
     * @param reach how near it must come, in mm
     * @return by how much more to move; none in a direction in which nothing is near
     */
    public static Snap snap(Motif motif, Set<Integer> moving, Rectangle2D box, double reach, GuideMarks guides) {
        List<Rest> across = new ArrayList<>();
        List<Rest> down = new ArrayList<>();
        guides.across().forEach(x -> across.add(new Rest(x, "on a guide")));
        guides.down().forEach(y -> down.add(new Rest(y, "on a guide")));
        across.add(new Rest(0, "on the motif's middle"));
        down.add(new Rest(0, "on the motif's middle"));
        for (int i = 0; i < motif.parts().size(); i++) {
            if (!moving.contains(i)) {
                Rectangle2D other = motif.parts().get(i).shape().getBounds2D();
                String name = motif.parts().get(i).name();
                across.add(new Rest(other.getCenterX(), "on the middle of " + name));
                down.add(new Rest(other.getCenterY(), "on the middle of " + name));
                for (double edge : new double[]{other.getMinX(), other.getMaxX()}) {
                    across.add(new Rest(edge, "at the edge of " + name));
                }
                for (double edge : new double[]{other.getMinY(), other.getMaxY()}) {
                    down.add(new Rest(edge, "at the edge of " + name));
                }
                points(motif.parts().get(i), name, across, down);
            }
        }
        return new Snap(nearest(across, reach, box.getCenterX(), box.getMinX(), box.getMaxX()),
                nearest(down, reach, box.getCenterY(), box.getMinY(), box.getMaxY()));
    }

    private static void points(Part part, String name, List<Rest> across, List<Rest> down) {
        if (part.form() instanceof Form.Free) {
            for (FreePath.Run run : FreePath.of(org.vatwright.core.shape.Outline.of(part.shape())).runs()) {
                for (FreePath.Point p : run.points()) {
                    across.add(new Rest(p.x(), "level with a point of " + name));
                    down.add(new Rest(p.y(), "level with a point of " + name));
                }
            }
        }
    }

    /** By how much more to move, and on what it then rests. */
    public record Snap(Optional<Rest> across, Optional<Rest> down) {

        public double dx() {
            return across.map(Rest::at).orElse(0.0);
        }

        public double dy() {
            return down.map(Rest::at).orElse(0.0);
        }

        public String why() {
            return across.or(() -> down).map(Rest::why).orElse("");
        }
    }

    private static Optional<Rest> nearest(List<Rest> lines, double reach, double... own) {
        Rest best = null;
        for (double place : own) {
            for (Rest line : lines) {
                double by = line.at() - place;
                if (Math.abs(by) <= reach && (best == null || Math.abs(by) < Math.abs(best.at()) - 1e-9)) {
                    best = new Rest(by, line.why());
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
