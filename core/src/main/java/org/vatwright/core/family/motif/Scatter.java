package org.vatwright.core.family.motif;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.vatwright.core.motif.Motif;

import org.vatwright.core.measure.Noise;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Lattice;

/**
 * Places motifs by seeded throws on the torus: each throw that keeps the gap stands, larger motifs first; then motifs go
 * into the largest empty circles, then all move apart by a few steps. The same seed gives the same places.
 */
final class Scatter {

    private static final int THROWS_EACH = 130;
    /** Root of x^6 = x + 1: its powers give five rows of shares that are each even, and even together (Roberts 2018). */
    private static final double EVEN_ROOT = 1.1347241384015194;
    private static final int GAP_SAMPLES = 96;

    private final List<Motif> motifs;
    private final Placing.Scattered how;
    private final double[] radii;
    private final double[] shares;
    private final Discs discs;
    private final Lattice lattice;
    private final Work work;
    private final List<Instance> placed = new ArrayList<>();
    private final List<Integer> numbers = new ArrayList<>();
    private final int pinned;

    /** @param work asked before each throw whether to go on */
    Scatter(List<Motif> motifs, Placing.Scattered how, List<Instance> byHand, Lattice lattice, Work work) {
        this.work = work;
        this.motifs = motifs;
        this.how = how;
        this.lattice = lattice;
        radii = motifs.stream().mapToDouble(Motif::radiusMm).toArray();
        shares = new double[motifs.size()];
        double sum = 0;
        for (int i = 0; i < shares.length; i++) {
            shares[i] = i < how.shares().size() ? how.shares().get(i) : 1;
            sum += shares[i];
        }
        for (int i = 0; i < shares.length; i++) {
            shares[i] = sum == 0 ? 1.0 / shares.length : shares[i] / sum;
        }
        // No finer than the circles are wide: between them finer steps are empty, however many circles are asked for.
        double usual = Arrays.stream(radii).average().orElse(0) * (how.least() + how.most()) / 2;
        discs = new Discs(lattice,
                Math.max(Math.max(0.5, usual), Math.sqrt(lattice.cell() / Math.max(1, how.count()))));
        for (Instance instance : byHand) {
            discs.add(instance.x(), instance.y(), radius(instance));
        }
        pinned = byHand.size();
    }

    private double radius(Instance instance) {
        for (int i = 0; i < radii.length; i++) {
            if (motifs.get(i).id() == instance.motif()) {
                return radii[i] * instance.scale();
            }
        }
        return 0;
    }

    /** @return those placed, without the ones set by hand */
    List<Instance> place() {
        List<Instance> wanted = new ArrayList<>();
        for (int i = 0; i < how.count(); i++) {
            wanted.add(wanted(i));
        }
        wanted.sort(Comparator.comparingDouble((Instance w) -> -radius(w)));
        for (int i = 0; i < wanted.size(); i++) {
            work.goOn();
            throwDown(wanted.get(i), i);
        }
        new TreeMap<>(how.again()).forEach(this::throwAnew);
        for (int i = 0; i < how.fill() && fillGap(how.count() + i); i++) {
            // Each goes into the largest gap that is left.
            work.goOn();
        }
        for (int step = 0; step < how.relax(); step++) {
            work.goOn();
            relax();
        }
        List<Instance> result = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            result.add(placed.get(i).at(discs.x(pinned + i), discs.y(pinned + i)));
        }
        return result;
    }

    private double chance(int number, int purpose) {
        return (Noise.mix(how.seed() * 0x9E3779B97F4A7C15L + number * 0xC2B2AE3D27D4EB4FL + purpose) >>> 11) * 0x1p-53;
    }

    /** @return 0 to 1 for the n-th: evenly spread, or at random */
    private double spread(int number, int purpose) {
        if (!how.even()) {
            return chance(number, purpose);
        }
        double place = (number + 1) * Math.pow(EVEN_ROOT, -purpose) + chance(0, purpose);
        return place - Math.floor(place);
    }

    private Instance wanted(int number) {
        double pick = spread(number, 1);
        int motif = 0;
        while (motif < shares.length - 1 && pick >= shares[motif]) {
            pick -= shares[motif];
            motif++;
        }
        double scale = how.least() + spread(number, 2) * (how.most() - how.least());
        double turn = how.turnFrom() + spread(number, 3) * (how.turnTo() - how.turnFrom());
        boolean flip = spread(number, 4) < how.flipped();
        Optional<Ink> ink = how.inks().isEmpty()
                ? Optional.empty()
                : Optional.of(how.inks().get((int) (spread(number, 5) * how.inks().size())));
        return new Instance(motifs.get(motif).id(), 0, 0, turn, scale, flip, ink);
    }

    private void throwDown(Instance wanted, int number) {
        double r = radius(wanted);
        for (int attempt = 0; attempt < THROWS_EACH; attempt++) {
            double u = chance(number * 131 + attempt, 6);
            double v = chance(number * 131 + attempt, 7);
            double x = u * lattice.ax() + v * lattice.bx();
            double y = u * lattice.ay() + v * lattice.by();
            if (fits(x, y, r, -1)) {
                discs.add(x, y, r);
                placed.add(wanted);
                numbers.add(number);
                return;
            }
        }
    }

    /** After all others stand, so that none of them gives way; where nothing is free it stays. */
    private void throwAnew(int number, int times) {
        int at = numbers.indexOf(number);
        if (at < 0) {
            return;
        }
        Instance now = placed.get(at);
        double salt = how.turnFrom() + chance(number * 131 + times, 8) * (how.turnTo() - how.turnFrom());
        placed.set(at, now.withTurnDeg(how.turnTo() > how.turnFrom() ? salt : now.turnDeg()));
        for (int attempt = 0; attempt < THROWS_EACH; attempt++) {
            double u = chance(number * 131 + attempt + times * 7919, 9);
            double v = chance(number * 131 + attempt + times * 7919, 10);
            double x = u * lattice.ax() + v * lattice.bx();
            double y = u * lattice.ay() + v * lattice.by();
            if (fits(x, y, discs.r(pinned + at), pinned + at)) {
                discs.move(pinned + at, x, y);
                return;
            }
        }
    }

    /** @return the number of each of those placed, by which it can be thrown anew; of those in gaps -1 */
    List<Integer> numbers() {
        List<Integer> all = new ArrayList<>(numbers);
        while (all.size() < placed.size()) {
            all.add(-1);
        }
        return all;
    }

    private boolean fits(double x, double y, double r, int but) {
        double need = r + how.gapMm();
        return discs.count() == (but >= 0 ? 1 : 0) || discs.free(x, y, need, but);
    }

    /** Looks the torus over for its emptiest place, then nearer around it. @return false when nothing more fits */
    private boolean fillGap(int number) {
        double bestX = 0;
        double bestY = 0;
        double widest = -1;
        double most = Math.hypot(lattice.ax() + lattice.bx(), lattice.ay() + lattice.by());
        for (int i = 0; i < GAP_SAMPLES * GAP_SAMPLES; i++) {
            double u = (i % GAP_SAMPLES + 0.5) / GAP_SAMPLES;
            double v = (i / GAP_SAMPLES + 0.5) / GAP_SAMPLES;
            double x = u * lattice.ax() + v * lattice.bx();
            double y = u * lattice.ay() + v * lattice.by();
            // Only what could be wider than the widest so far is looked at to its end.
            double clear = widest > 0 && discs.clear(x, y, widest, -1) < widest ? -1 : discs.clear(x, y, most, -1);
            if (clear > widest) {
                widest = clear;
                bestX = x;
                bestY = y;
            }
        }
        Instance wanted = wanted(number);
        double own = radius(wanted.withScale(1));
        double room = widest - how.gapMm();
        double scale = own == 0 ? how.least() : Math.min(how.most(), room / own);
        if (scale < how.least()) {
            return false;
        }
        discs.add(bestX, bestY, own * scale);
        placed.add(wanted.withScale(scale));
        return true;
    }

    /** Each moves away from its neighbours as far as they are nearer than even spacing; none gives up its gap. */
    private void relax() {
        double even = 1.1 * Math.sqrt(lattice.cell() / Math.max(1, discs.count()) * 2 / Math.sqrt(3));
        for (int i = pinned; i < discs.count(); i++) {
            double[] push = {0, 0};
            int self = i;
            double radius = discs.r(i);
            double reach = Math.max(even, 2 * radius + how.gapMm()) * 1.2;
            discs.near(discs.x(i), discs.y(i), reach, (k, dx, dy) -> {
                double far = Math.sqrt(dx * dx + dy * dy);
                double wanted = Math.max(even, radius + discs.r(k) + how.gapMm());
                if (k != self && far < wanted && far > 1e-9) {
                    push[0] -= dx / far * (wanted - far) * 0.35;
                    push[1] -= dy / far * (wanted - far) * 0.35;
                }
            });
            double before = discs.clear(discs.x(i), discs.y(i), reach, i);
            for (double share = 1; share > 0.1; share /= 2) {
                double x = discs.x(i) + share * push[0];
                double y = discs.y(i) + share * push[1];
                double after = discs.clear(x, y, reach, i);
                if (after >= radius + how.gapMm() - 1e-9 || after >= before) {
                    discs.move(i, x, y);
                    break;
                }
            }
        }
    }
}
