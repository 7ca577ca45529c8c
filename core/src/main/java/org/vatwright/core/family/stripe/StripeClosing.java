package org.vatwright.core.family.stripe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Closing;
import org.vatwright.core.pattern.Offer;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;

/** The ways to have stripes close exactly: other angles with other band widths on the same tile, or another tile. */
public final class StripeClosing {

    private static final int MOST_ANGLES = 3;
    /** Bands below half or above double their width are other stripes. */
    private static final double MOST_SCALE = 2;
    private static final int MOST_WAVES = 400;
    private static final double SAME = 1e-9;

    private StripeClosing() {}

    /** @return the cheapest first; none when the stripes close already */
    static List<Closing> of(Stripes stripes, Repeat repeat) {
        if (Waves.of(stripes, repeat.tile().least()).exact(stripes)) {
            return List.of();
        }
        List<Closing> closings = new ArrayList<>(angles(stripes, repeat));
        resizeTile(stripes, repeat).ifPresent(closings::add);
        closings.sort(Comparator.comparingDouble(Closing::weight));
        return closings;
    }

    /** Waves that close, with what their angle and their band width weigh together. */
    private record Candidate(Waves waves, double error, double scale) {

        double weight() {
            return Offer.DEGREE * error + Offer.scaled(scale);
        }

        /** Whether the other one is nearer in both, so that nobody would take this one. */
        boolean worse(Candidate other) {
            return other != this && other.error <= error + SAME
                    && Offer.scaled(other.scale) <= Offer.scaled(scale) + SAME
                    && (other.error < error - SAME || Offer.scaled(other.scale) < Offer.scaled(scale) - SAME);
        }
    }

    /**
     * With x and y waves asked for across and down, (i, j) turns them by the angle between the two vectors and scales the
     * bands by |(x, y)| / |(i, j)| (in cells of the tile): all whole (i, j) that leave the bands half to double.
     */
    private static List<Closing> angles(Stripes stripes, Repeat repeat) {
        Tile tile = repeat.tile().least();
        double reach = MOST_SCALE * Math.hypot(tile.widthMm(), tile.heightMm()) / stripes.periodMm();
        int most = (int) Math.max(1, Math.min(MOST_WAVES, Math.ceil(reach)));
        double x = Waves.wantedAcross(stripes, tile);
        double y = Waves.wantedDown(stripes, tile);
        List<Candidate> all = new ArrayList<>();
        for (int i = from(x, most); i <= to(x, most); i++) {
            for (int j = from(y, most); j <= to(y, most); j++) {
                if (i != 0 || j != 0) {
                    Waves waves = new Waves(i, j, tile.widthMm(), tile.heightMm());
                    double scale = waves.bandScale(stripes);
                    if (scale >= 1 / MOST_SCALE && scale <= MOST_SCALE) {
                        all.add(new Candidate(waves, waves.angleError(stripes), scale));
                    }
                }
            }
        }
        all.sort(Comparator.comparingDouble(Candidate::weight));
        List<Candidate> best = all.stream().limit(MOST_ANGLES * MOST_WAVES).toList();
        List<Closing> closings = new ArrayList<>();
        best.stream().filter(c -> best.stream().noneMatch(c::worse)).limit(MOST_ANGLES).forEach(c -> closings.add(
                new Closing("angle-" + (closings.size() + 1), "Close at %s\u00b0".formatted(
                        Numbers.plain(c.waves.angleDeg(), 2)), bands(c.scale), c.weight(),
                        stripes.withAngle(c.waves.angleDeg()).scaled(c.scale), repeat)));
        return closings;
    }

    /** Near the waves asked for, and down to the axis, where upright and level stripes are. */
    private static int from(double waves, int most) {
        return Math.max(-most, (int) Math.floor(Math.min(0, 2 * waves)) - 2);
    }

    private static int to(double waves, int most) {
        return Math.min(most, (int) Math.ceil(Math.max(0, 2 * waves)) + 2);
    }

    /** W' = i * period / cos(angle), H' = j * period / sin(angle) for the whole i and j nearest to the present tile. */
    private static Optional<Closing> resizeTile(Stripes stripes, Repeat repeat) {
        Tile tile = repeat.tile().least();
        double width = side(repeat.widthMm(), tile.columns(), Waves.wantedAcross(stripes, tile) / tile.widthMm());
        double height = side(repeat.heightMm(), tile.rows(), Waves.wantedDown(stripes, tile) / tile.heightMm());
        return Math.max(width, height) <= Repeat.MOST_MM && Math.min(width, height) >= Repeat.LEAST_MM
                ? Optional.of(new Closing("resize-tile", "Resize the cell",
                        "%s x %s mm".formatted(Numbers.plain(width, 2), Numbers.plain(height, 2)),
                        Offer.scaled(width / repeat.widthMm(), height / repeat.heightMm()), stripes,
                        repeat.withSize(width, height)))
                : Optional.empty();
    }

    /** @return the cell's side that holds a whole number of waves in {@code cells} cells; {@code perMm} waves a mm */
    private static double side(double cellMm, int cells, double perMm) {
        if (Math.abs(perMm) * Repeat.MOST_MM * cells < 1) {
            return cellMm;
        }
        double waves = Math.max(1, Math.rint(Math.abs(perMm) * cellMm * cells));
        return waves / (Math.abs(perMm) * cells);
    }

    private static String bands(double scale) {
        if (Math.abs(scale - 1) < 1e-8) {
            return "bands as they are";
        }
        return Math.abs(scale - 1) < 0.01
                ? "bands %s \u2030 %s".formatted(Numbers.plain(1000 * Math.abs(scale - 1), 1),
                        scale > 1 ? "wider" : "narrower")
                : "bands at %s %%".formatted(Numbers.plain(100 * scale, 1));
    }
}
