package org.vatwright.core.laid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Offer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;

/** The ways to have a laid structure close exactly, each with what it costs. */
public final class LaidClosing {

    private static final int MOST_ANGLES = 3;
    private static final double RIGHT = 1e-7;

    private LaidClosing() {}

    /** @return the smallest tile of the structure alone at its angle, with its true lengths; empty when it has none */
    public static Optional<TurnedLattice.Closing> tile(LaidStructure laid) {
        return new TurnedLattice(laid.lattice()).closings(laid.angleDeg()).stream()
                .filter(c -> c.exact() && c.errorDeg() == 0).findFirst();
    }

    /** @return the cheapest first; none when it closes already */
    static List<Closing> of(LaidStructure laid, Repeat repeat) {
        if (laid.closes(repeat)) {
            return List.of();
        }
        List<Closing> offers = new ArrayList<>();
        tile(laid).ifPresent(c -> resize(laid, c, repeat, offers));
        fit(laid, repeat, offers);
        turn(laid, repeat, offers);
        offers.sort(Comparator.comparingDouble(Closing::weight));
        return offers;
    }

    /** Cells of whole tiles near the present size, and half as high laid as a brick where the lattice allows it. */
    private static void resize(LaidStructure laid, TurnedLattice.Closing tile, Repeat repeat, List<Closing> offers) {
        double w = tile.widthMm() * Math.max(1, Math.rint(repeat.widthMm() / tile.widthMm()));
        double h = tile.heightMm() * Math.max(1, Math.rint(repeat.heightMm() / tile.heightMm()));
        if (fits(w) && fits(h)) {
            offers.add(new Closing("resize-cell", "Resize the cell", size(w, h),
                    Offer.scaled(w / repeat.widthMm(), h / repeat.heightMm()), laid,
                    new Repeat(w, h, Arrangement.STRAIGHT)));
        }
        Lattice turned = laid.lattice().turned(laid.angleDeg());
        double high = tile.heightMm() / 2;
        if (turned.holds(tile.widthMm() / 2, high) && fits(tile.widthMm()) && fits(high)) {
            offers.add(new Closing("resize-brick", "A smaller cell", size(tile.widthMm(), high) + ", brick 1/2",
                    Offer.scaled(tile.widthMm() / repeat.widthMm(), high / repeat.heightMm()), laid,
                    new Repeat(tile.widthMm(), high, Arrangement.HALF_BRICK)));
        }
    }

    private static boolean fits(double mm) {
        return mm >= Repeat.LEAST_MM && mm <= Repeat.MOST_MM;
    }

    private static String size(double w, double h) {
        return "cell %s x %s mm".formatted(Numbers.plain(w, 3), Numbers.plain(h, 3));
    }

    /** The unit as it is drawn now, when that is no more than turned and stretched along its sides. */
    private static void fit(LaidStructure laid, Repeat repeat, List<Closing> offers) {
        Drawn drawn = Drawn.of(laid, repeat);
        if (Math.abs(drawn.shear()) > RIGHT) {
            return;
        }
        try {
            laid.stretched(drawn.across(), drawn.down()).map(s -> s.withAngle(drawn.angleDeg()))
                    .filter(s -> s.closes(repeat))
                    .ifPresent(s -> offers.add(new Closing("fit-unit", "Fit it to the cell",
                            "%s %% across, %s %% down%s".formatted(Numbers.plain(100 * drawn.across(), 2),
                                    Numbers.plain(100 * drawn.down(), 2),
                                    Math.abs(drawn.angleDeg() - laid.angleDeg()) < RIGHT
                                            ? ""
                                            : ", %s\u00b0".formatted(Numbers.plain(drawn.angleDeg(), 2))),
                            Offer.scaled(drawn.across(), drawn.down())
                                    + Offer.DEGREE * Math.abs(Angle.turn(drawn.angleDeg() - laid.angleDeg())),
                            s, repeat)));
        } catch (Refusal e) {
            // Such sizes are out of range; the other ways remain.
        }
    }

    private static void turn(LaidStructure laid, Repeat repeat, List<Closing> offers) {
        int turns = 0;
        for (TurnedLattice.Closing c : new TurnedLattice(laid.lattice()).closings(laid.angleDeg())) {
            if (turns < MOST_ANGLES && c.exact() && c.errorDeg() > 0 && fits(c.widthMm()) && fits(c.heightMm())) {
                turns++;
                offers.add(new Closing("turn-" + turns, "Close at",
                        "%s\u00b0, %s".formatted(Numbers.plain(c.angleDeg(), 2), size(c.widthMm(), c.heightMm())),
                        Offer.DEGREE * c.errorDeg() + Offer.scaled(
                                c.widthMm() * c.heightMm() / repeat.widthMm() / repeat.heightMm()) / 2,
                        laid.withAngle(c.angleDeg()), new Repeat(c.widthMm(), c.heightMm(), Arrangement.STRAIGHT)));
            }
        }
    }
}
