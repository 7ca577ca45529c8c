package org.vatwright.core.loom;

import java.math.BigInteger;
import java.util.Optional;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;

import org.vatwright.core.measure.Require;

/**
 * How many threads one way hold a whole number of setts and a whole number of weave repeats: their least common
 * multiple.
 *
 * @param sett threads of one whole sett
 * @param weave threads of one weave repeat; 1 when the weave does not show
 * @param threads their least common multiple
 */
public record FabricPeriod(int sett, int weave, int threads) {

    /** A longer period than this fits no loom and no tile. */
    private static final int MOST = 2_000_000;

    /** A band that, so many threads wider or narrower, makes the period one sett long. */
    public record Offer(int band, int by, int threads, BandRun run) {}

    public static FabricPeriod of(Fabric fabric, boolean warp) {
        int sett = (int) (warp ? fabric.warp() : fabric.weft()).length();
        int weave = !fabric.woven() ? 1 : warp ? fabric.weave().ends() : fabric.weave().picks();
        long lcm = (long) sett / BigInteger.valueOf(sett).gcd(BigInteger.valueOf(weave)).intValue() * weave;
        Require.that(lcm <= MOST, "a sett of %,d threads over a weave of %,d needs %,d threads; %,d is the most"
                .formatted(sett, weave, lcm, MOST));
        return new FabricPeriod(sett, weave, (int) lcm);
    }

    /** @return the number and why, such as "104 ends: 104 in the sett, 4 in the weave, together again after 1 sett" */
    public String words(String thread) {
        if (weave == 1) {
            return "%d %s: one sett".formatted(threads, thread);
        }
        int setts = threads / sett;
        return "%d %s: sett %d, weave %d, together again after %d %s".formatted(threads, thread, sett, weave, setts,
                setts == 1 ? "sett" : "setts");
    }

    /**
     * @return the least change of one band's threads that makes the sett a multiple of the weave; of several the widest
     *         band, which shows it least; nothing when it is one already
     */
    public Optional<Offer> smaller(BandRun run) {
        if (sett % weave == 0) {
            return Optional.empty();
        }
        for (int by = 1; by <= weave; by++) {
            Optional<Offer> found = change(run, by);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private Optional<Offer> change(BandRun run, int by) {
        Offer best = null;
        for (int i = 0; i < run.bands().size(); i++) {
            Band band = run.bands().get(i);
            for (int signed : new int[]{by, -by}) {
                if (band.width() + signed >= 1) {
                    BandRun changed = run.with(i, band.withWidth(band.width() + signed));
                    int length = (int) changed.length();
                    if (length % weave == 0
                            && (best == null || band.width() > run.bands().get(best.band()).width())) {
                        best = new Offer(i, signed, length, changed);
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
