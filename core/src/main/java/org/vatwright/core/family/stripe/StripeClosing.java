package org.vatwright.core.family.stripe;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;

/** The three ways to have stripes close exactly, each with what it costs. */
public final class StripeClosing {

    /** A thousandth of a band's width weighs as much as this many degrees. */
    private static final double DEGREES_PER_MILLE = 0.2;
    private static final int REACH = 4;
    /** An angle this near is the wanted one on any cloth: nine tenths of a millimetre in a metre. */
    private static final double SAME_ANGLE = 0.05;
    private static final int MOST_WAVES = 400;

    private StripeClosing() {}

    /** What is let go so that the rest can stay. */
    public enum Way {
        NEAREST_ANGLE, RESIZE_TILE, SCALE_BANDS
    }

    /**
     * One offer, ready to be taken.
     *
     * @param stripes,repeat which together close exactly
     * @param cost what changes, in words with numbers
     */
    public record Offer(Way way, Stripes stripes, Repeat repeat, String cost) {}

    /** @return the three offers in the order of {@link Way}; none when the stripes close already */
    public static List<Offer> offers(Stripes stripes, Repeat repeat) {
        if (Waves.of(stripes, repeat.tile().least()).exact(stripes)) {
            return List.of();
        }
        List<Offer> offers = new ArrayList<>();
        offers.add(nearestAngle(stripes, repeat));
        resizeTile(stripes, repeat, offers);
        offers.add(scaleBands(stripes, repeat));
        return offers;
    }

    private static Offer nearestAngle(Stripes stripes, Repeat repeat) {
        Waves start = Waves.of(stripes, repeat.tile().least());
        Waves best = start;
        for (int i = start.across() - REACH; i <= start.across() + REACH; i++) {
            for (int j = start.down() - REACH; j <= start.down() + REACH; j++) {
                if (i != 0 || j != 0) {
                    Waves waves = new Waves(i, j, start.tileWidthMm(), start.tileHeightMm());
                    best = cost(waves, stripes) < cost(best, stripes) ? waves : best;
                }
            }
        }
        double scale = best.bandScale(stripes);
        return new Offer(Way.NEAREST_ANGLE, stripes.withAngle(best.angleDeg()).scaled(scale), repeat,
                "angle %s\u00b0, %s".formatted(Numbers.plain(best.angleDeg(), 2), bands(scale)));
    }

    private static double cost(Waves waves, Stripes stripes) {
        return waves.angleError(stripes) + DEGREES_PER_MILLE * 1000 * Math.abs(waves.bandScale(stripes) - 1);
    }

    /** W' = i * period / cos(angle), H' = j * period / sin(angle) for the whole i and j nearest to the present tile. */
    private static void resizeTile(Stripes stripes, Repeat repeat, List<Offer> offers) {
        Tile tile = repeat.tile().least();
        double width = side(repeat.widthMm(), tile.columns(), Waves.wantedAcross(stripes, tile) / tile.widthMm());
        double height = side(repeat.heightMm(), tile.rows(), Waves.wantedDown(stripes, tile) / tile.heightMm());
        if (Math.max(width, height) <= Repeat.MOST_MM && Math.min(width, height) >= Repeat.LEAST_MM) {
            offers.add(new Offer(Way.RESIZE_TILE, stripes, repeat.withSize(width, height),
                    "cell %s x %s mm".formatted(Numbers.plain(width, 2), Numbers.plain(height, 2))));
        }
    }

    /** @return the cell's side that holds a whole number of waves in {@code cells} cells; {@code perMm} waves a mm */
    private static double side(double cellMm, int cells, double perMm) {
        if (Math.abs(perMm) * Repeat.MOST_MM * cells < 1) {
            return cellMm;
        }
        double waves = Math.max(1, Math.rint(Math.abs(perMm) * cellMm * cells));
        return waves / (Math.abs(perMm) * cells);
    }

    /** Looks for whole i and j whose direction is the wanted one; the bands take what width that leaves them. */
    private static Offer scaleBands(Stripes stripes, Repeat repeat) {
        Tile tile = repeat.tile().least();
        double x = Waves.wantedAcross(stripes, tile);
        double y = Waves.wantedDown(stripes, tile);
        boolean flat = Math.abs(x) >= Math.abs(y);
        double slope = flat ? y / x : x / y;
        Waves best = Waves.of(stripes, tile);
        for (int main = 1; main <= MOST_WAVES; main++) {
            int lead = (int) Math.copySign(main, flat ? x : y);
            int other = (int) Math.rint(lead * slope);
            Waves waves = new Waves(flat ? lead : other, flat ? other : lead, tile.widthMm(), tile.heightMm());
            if (better(waves, best, stripes)) {
                best = waves;
            }
        }
        double scale = best.bandScale(stripes);
        double error = best.angleError(stripes);
        String rest = error < 1e-6 ? "" : ", angle %s\u00b0".formatted(Numbers.plain(best.angleDeg(), 3));
        return new Offer(Way.SCALE_BANDS, stripes.withAngle(best.angleDeg()).scaled(scale), repeat,
                bands(scale) + rest);
    }

    /** Among angles that are as good as the wanted one, the bands nearest to their width; else the nearer angle. */
    private static boolean better(Waves waves, Waves best, Stripes stripes) {
        double error = waves.angleError(stripes);
        double bestError = best.angleError(stripes);
        if (error > SAME_ANGLE || bestError > SAME_ANGLE) {
            return error < bestError;
        }
        return Math.abs(Math.log(waves.bandScale(stripes))) < Math.abs(Math.log(best.bandScale(stripes))) - 1e-9;
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
