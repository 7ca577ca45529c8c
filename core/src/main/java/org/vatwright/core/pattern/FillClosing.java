package org.vatwright.core.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TurnedLattice;

/**
 * Whether a fill that runs through closes on the tile, and the ways to have it close exactly: the nearest scales, the
 * nearest turn, a tile of more cells.
 */
public final class FillClosing {

    private static final int MOST_CELLS = 24;
    private static final int MOST_SCALES = 3;
    private static final double SAME = 1e-9;

    private FillClosing() {}

    public static boolean closes(Fill fill, Tile tile) {
        return LatticeFit.of(fill.lattice(), tile).exact();
    }

    /** @return the cheapest first; none when it closes already */
    public static List<Offer> offers(Fill fill, Repeat repeat) {
        if (closes(fill, repeat.tile())) {
            return List.of();
        }
        List<Offer> offers = new ArrayList<>();
        scales(fill, repeat, offers);
        moreCells(fill, repeat).ifPresent(offers::add);
        turns(fill, repeat, offers);
        return Offer.sorted(offers);
    }

    /** @return the way that leaves the fill as it is: the cell becomes as large; none when it is turned */
    public static Optional<Offer> cell(Fill fill, Repeat repeat) {
        double wide = fill.wide() * fill.source().widthMm();
        double high = fill.high() * fill.source().heightMm();
        return fill.turnDeg() != 0 || closes(fill, repeat.tile())
                ? Optional.empty()
                : Optional.of(new Offer("cell-size", "Make the cell as large",
                        "%s x %s mm".formatted(Numbers.plain(wide, 2), Numbers.plain(high, 2)), 0,
                        d -> d.withRepeat(new Repeat(wide, high, repeat.arrangement()))));
    }

    /** Turned as it is: one scale for both sides where the tile allows it, else the least change of each side. */
    private static void scales(Fill fill, Repeat repeat, List<Offer> offers) {
        Tile tile = repeat.tile();
        List<Fill> found = new ArrayList<>();
        Lattice asked = fill.lattice();
        for (int n = 1; n <= MOST_CELLS * MOST_CELLS && found.size() < MOST_SCALES; n++) {
            // The lattice that closes and holds n cells of the fill along the upper edge, alike in both sides.
            double by = tile.widthMm() / n / (fill.wide() * fill.source().widthMm());
            if (by < 0.5 || by > 2 || !fits(fill, by, by)) {
                continue;
            }
            Fill even = fill.withScale(fill.wide() * by, fill.high() * by);
            if (closes(even, tile)) {
                found.add(even);
            }
        }
        found.sort((p, q) -> Double.compare(Math.abs(Math.log(p.wide() / fill.wide())),
                Math.abs(Math.log(q.wide() / fill.wide()))));
        found.stream().limit(2).forEach(f -> offers.add(offer("scale-" + (offers.size() + 1), "Close at",
                "%s %%".formatted(Numbers.plain(100 * f.wide(), 2)), fill, f, repeat)));
        Lattice drawn = LatticeFit.of(asked, tile).drawn();
        double across = Math.hypot(drawn.ax(), drawn.ay()) / Math.hypot(asked.ax(), asked.ay());
        double down = Math.hypot(drawn.bx(), drawn.by()) / Math.hypot(asked.bx(), asked.by());
        if (fits(fill, across, down) && Math.abs(across - down) > SAME) {
            Fill each = fill.withScale(fill.wide() * across, fill.high() * down);
            if (closes(each, tile)) {
                offers.add(offer("scale-" + (offers.size() + 1), "Close at", "%s %% across, %s %% down".formatted(
                        Numbers.plain(100 * each.wide(), 2), Numbers.plain(100 * each.high(), 2)), fill, each, repeat));
            }
        }
    }

    /** A tile of more cells costs nothing but room, which weighs little. */
    private static Offer offer(String id, String title, String cost, Fill now, Fill then, Repeat repeat) {
        double cells = (double) repeat.tile().columns() * repeat.tile().rows();
        double weight = Offer.scaled(then.wide() / now.wide(), then.high() / now.high())
                + Offer.DEGREE * Math.abs(Angle.turn(then.turnDeg() - now.turnDeg()))
                + (then.equals(now) ? Math.log(cells) / 10 : 0);
        return new Offer(id, title, cost, weight, d -> d.withRepeat(repeat).editFill(now.name(), f -> then));
    }

    private static boolean fits(Fill fill, double across, double down) {
        return Math.min(fill.wide() * across, fill.high() * down) >= Fill.LEAST_SCALE
                && Math.max(fill.wide() * across, fill.high() * down) <= Fill.MOST_SCALE;
    }

    /** The smallest tile of whole cells that holds both as they are. */
    private static Optional<Offer> moreCells(Fill fill, Repeat repeat) {
        Repeat one = repeat.withCells(1, 1);
        for (int area = 1; area <= MOST_CELLS * MOST_CELLS; area++) {
            for (int across = 1; across <= Math.min(area, MOST_CELLS); across++) {
                if (area % across == 0 && area / across <= MOST_CELLS) {
                    Repeat more = one.withCells(across, area / across);
                    if (closes(fill, more.tile())) {
                        return Optional.of(offer("more-cells-1", "Holds both", "tile %s x %s mm, %d x %d cells"
                                .formatted(Numbers.plain(more.tile().widthMm(), 2),
                                        Numbers.plain(more.tile().heightMm(), 2), more.tile().columns(),
                                        more.tile().rows()),
                                fill, fill, more));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** The nearest angles at which the fill has a tile of its own, and the scale that brings that onto the outer one. */
    private static void turns(Fill fill, Repeat repeat, List<Offer> offers) {
        Tile tile = repeat.tile();
        List<Fill> found = new ArrayList<>();
        for (TurnedLattice.Closing c : new TurnedLattice(fill.withTurnDeg(0).lattice()).closings(fill.turnDeg())) {
            for (int n = 1; n <= MOST_CELLS && c.exact(); n++) {
                double by = tile.widthMm() / n / c.widthMm();
                Fill turned = fill.withTurnDeg(c.angleDeg());
                if (by > 0.5 && by < 2 && fits(fill, by, by)) {
                    turned = turned.withScale(fill.wide() * by, fill.high() * by);
                    if (closes(turned, tile) && c.errorDeg() > SAME) {
                        found.add(turned);
                    }
                }
            }
        }
        found.sort(Comparator.comparingDouble(f -> Offer.DEGREE * Math.abs(f.turnDeg() - fill.turnDeg())
                + Math.abs(Math.log(f.wide() / fill.wide()))));
        int[] number = {0};
        found.stream().limit(2).forEach(f -> offers.add(offer("turn-" + ++number[0], "Closes turned",
                "%s\u00b0, %s %%".formatted(Numbers.plain(f.turnDeg(), 2), Numbers.plain(100 * f.wide(), 2)), fill, f,
                repeat)));
    }

    /** @return how it is drawn, in words: "0 degrees, 98.4 % across, 101 % down" */
    public static String drawn(Fill fill, Tile tile) {
        Lattice drawn = LatticeFit.of(fill.lattice(), tile).drawn();
        double across = Math.hypot(drawn.ax(), drawn.ay()) / fill.source().widthMm();
        double down = Math.hypot(drawn.bx(), drawn.by()) / fill.source().heightMm();
        return "%s\u00b0, %s %% across, %s %% down".formatted(
                Numbers.plain(-Math.toDegrees(Math.atan2(drawn.ay(), drawn.ax())), 2), Numbers.plain(100 * across, 2),
                Numbers.plain(100 * down, 2));
    }

    /** @return whether each fill in use closes */
    public static List<Finding> findings(Design design) {
        List<Finding> findings = new ArrayList<>();
        Tile tile = design.repeat().tile();
        for (Fill fill : design.usedFills()) {
            if (fill.gradient().isPresent()) {
                findings.addAll(GradientClosing.findings(fill, design));
            } else if (fill.anew()) {
                findings.add(Finding.fine(fill.name() + " fills marks", "anew in each mark"));
            } else if (closes(fill, tile)) {
                findings.add(Finding.fine(fill.name() + " runs through and closes",
                        "%d in the tile".formatted(LatticeFit.of(fill.lattice(), tile).count())));
            } else {
                findings.add(Finding.nearly(fill.name() + " closes", drawn(fill, tile),
                        "%s\u00b0, %s %%".formatted(Numbers.plain(fill.turnDeg(), 2),
                                Numbers.plain(100 * fill.wide(), 2)))
                        .withCure(offers(fill, design.repeat()).stream().findFirst()));
            }
        }
        return findings;
    }
}
