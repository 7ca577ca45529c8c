package org.vatwright.core.woven;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Offer;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;

/** The ways to have a cloth close exactly, each with what it costs. */
public final class FabricClosing {

    private static final int MOST_ANGLES = 3;

    private FabricClosing() {}

    /** @return the cheapest first; none when it closes already */
    static List<Closing> of(FabricStructure structure, Repeat repeat) {
        if (structure.closes(repeat)) {
            return List.of();
        }
        List<Closing> offers = new ArrayList<>();
        Fabric fabric = structure.fabric();
        if (structure.angleDeg() == 0) {
            resize(structure, fabric, repeat, offers);
            count(structure, repeat, offers);
        } else {
            turn(structure, fabric, repeat, offers);
        }
        offers.sort(Comparator.comparingDouble(Closing::weight));
        return offers;
    }

    private static void resize(FabricStructure structure, Fabric fabric, Repeat repeat, List<Closing> offers) {
        double w = fabric.periodWidthMm() * Math.max(1, Math.rint(repeat.widthMm() / fabric.periodWidthMm()));
        double h = fabric.periodHeightMm() * Math.max(1, Math.rint(repeat.heightMm() / fabric.periodHeightMm()));
        if (fits(w) && fits(h)) {
            offers.add(new Closing("resize-cell", "Resize the cell", size("cell", w, h),
                    Offer.scaled(w / repeat.widthMm(), h / repeat.heightMm()), structure, repeat.withSize(w, h)));
        }
    }

    private static boolean fits(double mm) {
        return mm >= Repeat.LEAST_MM && mm <= Repeat.MOST_MM;
    }

    private static String size(String what, double w, double h) {
        return "%s %s x %s mm".formatted(what, Numbers.plain(w, 2), Numbers.plain(h, 2));
    }

    private static void count(FabricStructure structure, Repeat repeat, List<Closing> offers) {
        FabricFit fit = structure.fit(repeat);
        double ends = fit.endsPerCm(structure.fabric());
        double picks = fit.picksPerCm(structure.fabric());
        try {
            offers.add(new Closing("count-threads", "Count the threads anew",
                    "%s by %s threads a cm".formatted(Numbers.plain(ends, 3), Numbers.plain(picks, 3)),
                    Offer.scaled(ends / structure.fabric().endsPerCm(), picks / structure.fabric().picksPerCm()),
                    structure.closed(0, ends, picks), repeat));
        } catch (Refusal e) {
            // Threads that coarse or fine are no cloth; the other ways remain.
        }
    }

    private static void turn(FabricStructure structure, Fabric fabric, Repeat repeat,
            List<Closing> offers) {
        if (!fits(fabric.periodWidthMm()) || !fits(fabric.periodHeightMm())) {
            return;
        }
        Repeat period = new Repeat(fabric.periodWidthMm(), fabric.periodHeightMm(), Arrangement.STRAIGHT);
        for (TurnedLattice.Closing c : new TurnedLattice(period).closings(structure.angleDeg())) {
            if (offers.size() < MOST_ANGLES && fits(c.widthMm()) && fits(c.heightMm())) {
                double stretch = 1000 * (c.stretchX() * c.stretchY() - 1);
                String cost = "%s\u00b0, %s%s".formatted(Numbers.plain(c.angleDeg(), 2),
                        size("cell", c.widthMm(), c.heightMm()),
                        c.exact()
                                ? ""
                                : ", %s stretched %s \u2030".formatted(c.stretchX() == 1 ? "picks" : "ends",
                                        Numbers.plain(stretch, 1)));
                offers.add(new Closing("turn-" + (offers.size() + 1), "Close at", cost,
                        Offer.DEGREE * c.errorDeg() + Offer.scaled(c.stretchX(), c.stretchY())
                                + Offer.scaled(c.widthMm() * c.heightMm() / repeat.widthMm() / repeat.heightMm()) / 2,
                        structure.closed(c.angleDeg(), fabric.endsPerCm() / c.stretchX(),
                                fabric.picksPerCm() / c.stretchY()),
                        new Repeat(c.widthMm(), c.heightMm(), Arrangement.STRAIGHT)));
            }
        }
    }
}
