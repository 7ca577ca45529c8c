package org.vatwright.core.family.interlace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;

import org.vatwright.core.loom.Weave;
import org.vatwright.core.repeat.Lattice;

/**
 * The strands of one unit, and the lattice by which the unit recurs.
 *
 * @param inkOf for each strand which ink, in turn
 * @param over whether a strand lies over another where they cross; empty when they alternate
 */
record Plan(List<Strand> strands, int[] inkOf, Lattice lattice, Optional<BiPredicate<Integer, Integer>> over) {

    /** @return where the strands cross, and who is on top; takes a few milliseconds */
    Crossings crossings() {
        return over.map(o -> Crossings.of(strands, lattice, o)).orElseGet(() -> Crossings.of(strands, lattice));
    }

    static Plan of(Interlace i) {
        return switch (i.mesh()) {
            case Mesh.Rings _ -> rings(i);
            case Mesh.Braid(int strands) -> braid(i, strands);
            case Mesh.Strips(Weave weave) -> strips(i, weave);
            case Mesh.Knots(int across, int down) -> knots(i, across, down);
        };
    }

    /** As many rings as inks side by side, so that inks go in turn. */
    private static Plan rings(Interlace i) {
        int n = i.inks().size();
        double r = (i.sizeMm() - i.thicknessMm()) / 2;
        List<Strand> strands = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            strands.add(Strand.circle((k + 0.5) * i.spacingMm(), i.downMm() / 2, r));
        }
        // Each next row begins one ink on, so that equal inks never stand above each other.
        double shift = n > 1 ? i.spacingMm() : 0;
        Lattice lattice = new Lattice(n * i.spacingMm(), 0, shift, i.downMm());
        return new Plan(strands, inks(n, n), lattice, Optional.empty());
    }

    private static int[] inks(int strands, int inks) {
        int[] turn = new int[strands];
        for (int k = 0; k < strands; k++) {
            turn[k] = k % inks;
        }
        return turn;
    }

    /** x = a sin(2 pi (t - k/n)), going down: strands follow each other on one way. */
    private static Plan braid(Interlace i, int n) {
        double a = (i.sizeMm() - i.thicknessMm()) / 2;
        double p = i.downMm();
        List<Strand> strands = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            double start = (double) k / n;
            strands.add(new Strand(t -> {
                double angle = 2 * Math.PI * (t - start);
                return new double[]{i.spacingMm() / 2 + a * Math.sin(angle), p * t, 2 * Math.PI * a * Math.cos(angle),
                        p};
            }, 0, p));
        }
        Lattice lattice = new Lattice(i.spacingMm(), 0, 0, p);
        return new Plan(strands, inks(n, i.inks().size()), lattice, Optional.empty());
    }

    /** Strips down first, then those across; the inks go on in turn each way. */
    private static Plan strips(Interlace i, Weave weave) {
        int inks = i.inks().size();
        int ends = lcm(weave.ends(), inks);
        int picks = lcm(weave.picks(), inks);
        double w = ends * i.spacingMm();
        double h = picks * i.downMm();
        List<Strand> strands = new ArrayList<>();
        int[] turn = new int[ends + picks];
        for (int e = 0; e < ends; e++) {
            strands.add(Strand.line((e + 0.5) * i.spacingMm(), 0, 0, h));
            turn[e] = e % inks;
        }
        for (int p = 0; p < picks; p++) {
            strands.add(Strand.line(0, (p + 0.5) * i.downMm(), w, 0));
            turn[ends + p] = p % inks;
        }
        Lattice lattice = new Lattice(w, 0, 0, h);
        return new Plan(strands, turn, lattice, Optional.of(
                (down, across) -> weave.warpOnTop(down % weave.ends(), (across - ends) % weave.picks())));
    }

    private static int lcm(int a, int b) {
        return a / org.vatwright.core.measure.Fraction.gcd(a, b) * b;
    }

    /**
     * x = a cos(2 pi p t + lag), y = b sin(2 pi q t): a closed line that fills its box. With q lag + p pi/2 = pi/2 it is
     * farthest from running back over itself, which it would at whole multiples of pi.
     */
    private static Plan knots(Interlace i, int across, int down) {
        double a = (i.sizeMm() - i.thicknessMm()) / 2;
        double lag = Math.PI / 2 * (1 - across) / down;
        int n = i.inks().size();
        List<Strand> strands = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            double midX = (k + 0.5) * i.spacingMm();
            strands.add(new Strand(t -> {
                double u = 2 * Math.PI * t;
                return new double[]{midX + a * Math.cos(across * u + lag), i.downMm() / 2 + a * Math.sin(down * u),
                        -a * across * 2 * Math.PI * Math.sin(across * u + lag),
                        a * down * 2 * Math.PI * Math.cos(down * u)};
            }, 0, 0));
        }
        double shift = n > 1 ? i.spacingMm() : 0;
        Lattice lattice = new Lattice(n * i.spacingMm(), 0, shift, i.downMm());
        return new Plan(strands, inks(n, n), lattice, Optional.empty());
    }
}
