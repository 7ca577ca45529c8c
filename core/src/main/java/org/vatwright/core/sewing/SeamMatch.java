package org.vatwright.core.sewing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;

/**
 * How far what is on the cloth goes on over a seam, and the lay of the second piece with which it does best: the greatest of what
 * is left along the seam is least.
 */
public final class SeamMatch {

    private static final double SEEN_MM = 0.01;
    private static final int ROUNDS = 60;

    private final Recurrence recurs;
    private final List<Place> second;
    private final double[][] wanted;
    private final Lay lay;
    private final double scale;

    /**
     * What is left along a seam.
     *
     * @param profile in mm on the cloth, at even shares of the seam
     * @param acrossMm,alongMm the greatest left across the design's warp and along it
     */
    public record Left(List<Double> profile, double acrossMm, double alongMm) {

        /** @return the greatest, in mm */
        public double most() {
            return profile.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        }

        /** @return in a sentence's words */
        public String words() {
            if (most() < SEEN_MM) {
                return "meets, less than 0.01 mm off";
            }
            String much = "up to %s mm off".formatted(Numbers.plain(most(), 2));
            double less = Math.min(acrossMm, alongMm);
            return less > 0 && less < 0.1 * Math.max(acrossMm, alongMm)
                    ? "%s %s; %s it meets".formatted(much, acrossMm > alongMm ? "across" : "along",
                            acrossMm > alongMm ? "along" : "across")
                    : less == 0
                            ? much
                            : "%s: %s across, %s along".formatted(much, Numbers.plain(acrossMm, 2),
                                    Numbers.plain(alongMm, 2));
        }
    }

    private SeamMatch(Recurrence recurs, List<Place> second,
            double[][] wanted, Lay lay, double scale) {
        this.recurs = recurs;
        this.second = second;
        this.wanted = wanted;
        this.lay = lay;
        this.scale = scale;
    }

    /**
     * @param designs by their ids
     * @throws Refusal when the two pieces do not wear the same design
     */
    public static SeamMatch of(Article.Flat article, Seam seam, Function<Id, Optional<Design>> designs) {
        Lay first = lay(article, seam.first().piece());
        Lay other = lay(article, seam.second().piece());
        if (!first.design().equals(other.design())) {
            throw new Refusal("the two pieces wear different designs; only the same one can go on over a seam");
        }
        Design design = designs.apply(first.design()).orElseThrow(() -> new Refusal("the design is gone"));
        SeamLine line = SeamLine.of(article, seam);
        double[][] wanted = SeamLine.design(
                SeamLine.cloth(line.first(), article.dressing(seam.first().piece()).drape()), first);
        return new SeamMatch(Recurrence.of(design, seam.meets()),
                SeamLine.cloth(line.second(), article.dressing(seam.second().piece()).drape()), wanted, other,
                first.scale());
    }

    private static Lay lay(Article.Flat article, Id piece) {
        return article.dressing(piece).lay().orElseThrow(() -> new Refusal("%s is bare; lay a design on it first"
                .formatted(article.piece(piece).map(p -> p.name()).orElse("a piece of the seam"))));
    }

    private double[][] differences(Lay second) {
        double[][] there = SeamLine.design(this.second, second);
        for (int i = 0; i < there.length; i++) {
            there[i][0] = wanted[i][0] - there[i][0];
            there[i][1] = wanted[i][1] - there[i][1];
        }
        return there;
    }

    /** @return what is left as the second piece lies, or would lie */
    public Left left(Lay second) {
        List<Double> profile = new ArrayList<>();
        double across = 0;
        double along = 0;
        for (double[] d : differences(second)) {
            double[] left = recurs.left(d[0], d[1]);
            profile.add(scale * Math.hypot(left[0], left[1]));
            across = Math.max(across, scale * Math.abs(left[0]));
            along = Math.max(along, scale * Math.abs(left[1]));
        }
        return new Left(profile, across, along);
    }

    /** @return as it lies now */
    public Left left() {
        return left(lay);
    }

    /** @param turning whether the grain of the second piece may turn @return its lay that fits best */
    public Lay matched(boolean turning) {
        if (!turning) {
            return moved(lay, recurs.surest(differences(lay)));
        }
        Lay straight = moved(lay);
        Lay best = straight;
        double least = most(straight);
        for (double degrees : turns()) {
            Lay turned = moved(turned(degrees));
            // No more is turned than it is worth.
            if (most(turned) < least - 1e-6) {
                least = most(turned);
                best = turned;
            }
        }
        Lay turned = finer(best, least);
        return moved(turned, recurs.surest(differences(turned)));
    }

    private double most(Lay second) {
        double[][] differences = differences(second);
        return recurs.most(differences, new double[]{0, 0});
    }

    private Lay turned(double degrees) {
        return lay.withGrainDeg(Angle.turn(lay.grainDeg() + degrees));
    }

    private Lay moved(Lay second) {
        return moved(second, recurs.best(differences(second)));
    }

    private Lay moved(Lay second, double[] move) {
        double[] onCloth = new double[2];
        // A period may be far away; the nearest start that lays it so is the one.
        double[] left = recurs.left(move[0], move[1]);
        second.place().deltaTransform(left, 0, onCloth, 0, 1);
        return second.withStart(second.startX() - onCloth[0], second.startY() - onCloth[1]);
    }

    /** @return turns at which both edges lead as far through the design, from end to end; the least first */
    private List<Double> turns() {
        double[][] there = SeamLine.design(second, lay);
        int last = there.length - 1;
        double[] one = {wanted[last][0] - wanted[0][0], wanted[last][1] - wanted[0][1]};
        double[] other = {there[last][0] - there[0][0], there[last][1] - there[0][1]};
        double now = Math.atan2(other[1], other[0]);
        List<Double> turns = new ArrayList<>();
        if (recurs instanceof Recurrence.Bands bands) {
            double due = bands.nx() * one[0] + bands.ny() * one[1];
            double far = Math.hypot(other[0], other[1]);
            double lean = Math.acos(Math.max(-1, Math.min(1, due / Math.max(1e-12, far))));
            double normal = Math.atan2(bands.ny(), bands.nx());
            turns.add(Math.toDegrees(normal + lean - now));
            turns.add(Math.toDegrees(normal - lean - now));
        } else {
            turns.add(alike(there));
        }
        List<Double> both = new ArrayList<>();
        for (double turn : turns) {
            both.add(Angle.turn(turn));
            both.add(Angle.turn(-turn));
        }
        both.sort((a, b) -> Double.compare(Math.abs(a), Math.abs(b)));
        return both;
    }

    /** @return the turn by which the places of the second edge come nearest to those of the first (Procrustes), in degrees */
    private double alike(double[][] there) {
        double[] a = middle(wanted);
        double[] b = middle(there);
        double dot = 0;
        double cross = 0;
        for (int i = 0; i < there.length; i++) {
            double ax = wanted[i][0] - a[0];
            double ay = wanted[i][1] - a[1];
            double bx = there[i][0] - b[0];
            double by = there[i][1] - b[1];
            dot += bx * ax + by * ay;
            cross += bx * ay - by * ax;
        }
        return Math.toDegrees(Math.atan2(cross, dot));
    }

    private static double[] middle(double[][] places) {
        double x = 0;
        double y = 0;
        for (double[] p : places) {
            x += p[0] / places.length;
            y += p[1] / places.length;
        }
        return new double[]{x, y};
    }

    /** On a curved seam a little more or less may be better still. */
    private Lay finer(Lay start, double least) {
        Lay best = start;
        double most = least;
        double step = 1;
        for (int round = 0; round < ROUNDS && step > 1e-5; round++) {
            boolean better = false;
            for (double by : new double[]{-step, step}) {
                Lay next = moved(best.withGrainDeg(Angle.turn(best.grainDeg() + by)));
                double there = most(next);
                if (there < most - 1e-9) {
                    most = there;
                    best = next;
                    better = true;
                    break;
                }
            }
            step = better ? step : step / 2;
        }
        return best;
    }
}
