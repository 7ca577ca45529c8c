package org.vatwright.core.family.weave;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

import org.vatwright.core.band.BandRun;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Floats;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Letters;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.woven.SettFabric;

/**
 * Fabric from its threads up: a draft, the colours of its threads and how they look.
 *
 * @param name of the weave
 * @param origin the corner of the cloth at which the draft begins
 * @param cloth its threads as seen, from the left and from the top; its weave is always the draft's
 * @param angleDeg above -180 to 180, counter-clockwise as seen
 * @param source the text of the weaving file it was read from, so that what was not understood is written again; empty
 *        when there was none
 */
public record Weaving(String name, Draft draft, Origin origin, Fabric fabric, double angleDeg, String source)
        implements
            SettFabric {

    public static final String FAMILY = "weave";
    /** A longer float snags in use. */

    public Weaving {
        angleDeg = Angle.turn(angleDeg);
        Weave weave = Weave.of(name, origin.seen(draft.drawdown()));
        fabric = weave.equals(fabric.weave()) ? fabric : fabric.withWeave(weave);
    }

    public Weaving(String name, Draft draft, Fabric fabric) {
        this(name, draft, Origin.USUAL, fabric, 0, "");
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        return new ArrayList<>(fabric.inks());
    }

    @Override
    public Weaving withInks(UnaryOperator<Ink> change) {
        return withFabric(fabric.withInks(change));
    }

    @Override
    public Weaving withFabric(Fabric other) {
        return new Weaving(name, draft, origin, other, angleDeg, source);
    }

    @Override
    public Map<String, Ink> letters() {
        Map<String, Ink> letters = new TreeMap<>();
        for (Ink ink : fabric.inks()) {
            if (!letters.containsValue(ink)) {
                letters.put(Letters.forSlot(ink.words(), letters.keySet()), ink);
            }
        }
        return letters;
    }

    @Override
    public Weaving withSett(boolean warp, SettText text, Map<String, Ink> letters) {
        return withFabric(fabric.withRun(warp, SettFabric.run(text, letters)));
    }

    public Weaving withDraft(String newName, Draft other) {
        return new Weaving(newName, other, origin, fabric, angleDeg, source);
    }

    public Weaving withDraft(Draft other) {
        return withDraft(name, other);
    }

    public Weaving withName(String other) {
        return withDraft(other, draft);
    }

    public Weaving withAngle(double degrees) {
        return new Weaving(name, draft, origin, fabric, degrees, source);
    }

    /** @return the same draft begun at another corner; every thread keeps its colour */
    public Weaving withOrigin(Origin other) {
        Fabric turned = fabric;
        if (other.right() != origin.right()) {
            turned = turned.withOwnWeft(Optional.of(turned.weft()))
                    .withWarp(BandRun.ofThreads(Fabric.threads(turned.warp()).reversed()));
        }
        if (other.bottom() != origin.bottom()) {
            turned = turned.withOwnWeft(Optional.of(BandRun.ofThreads(Fabric.threads(turned.weft()).reversed())));
        }
        return new Weaving(name, draft, other, turned, angleDeg, source);
    }

    /**
     * Lays another thread at the corner of the tile: weave and colours move together.
     *
     * @param right,down by so many threads as seen
     */
    public Weaving moved(int right, int down) {
        int ends = origin.right() ? -right : right;
        int picks = origin.bottom() ? -down : down;
        Fabric turned = fabric.withOwnWeft(Optional.of(BandRun.ofThreads(rotated(Fabric.threads(fabric.weft()), down))))
                .withWarp(BandRun.ofThreads(rotated(Fabric.threads(fabric.warp()), right)));
        return new Weaving(name, draft.withThreading(draft.threading().shifted(ends, 0))
                .withTreadling(draft.treadling().shifted(0, picks)), origin, turned, angleDeg, source);
    }

    private static List<Ink> rotated(List<Ink> threads, int by) {
        List<Ink> turned = new ArrayList<>(threads);
        Collections.rotate(turned, by);
        return turned;
    }

    @Override
    public Weaving closed(double degrees, double endsPerCm, double picksPerCm) {
        return withFabric(fabric.withCounts(endsPerCm, picksPerCm)).withAngle(degrees);
    }

    /** @return the ink of an end, counted from 0 on over several repeats of the draft */
    public Ink endInk(int end) {
        List<Ink> threads = Fabric.threads(fabric.warp());
        return threads.get(origin.end(end % fabric.endsInPeriod(), fabric.endsInPeriod()) % threads.size());
    }

    /** @return the ink of a pick, counted from 0 on over several repeats of the draft */
    public Ink pickInk(int pick) {
        List<Ink> threads = Fabric.threads(fabric.weft());
        return threads.get(origin.pick(pick % fabric.picksInPeriod(), fabric.picksInPeriod()) % threads.size());
    }

    /**
     * Gives threads an ink one by one. The run then has at least as many threads as the draft.
     *
     * @param threads of the draft, counted from 0
     */
    public Weaving inked(boolean warp, List<Integer> threads, Ink ink) {
        List<Ink> now = Fabric.threads(warp ? fabric.warp() : fabric.weft());
        int count = warp ? draft.ends() : draft.picks();
        long both = (long) now.size() / BigInteger.valueOf(now.size()).gcd(BigInteger.valueOf(count)).intValue()
                * count;
        int length = both <= Draft.MOST_THREADS ? (int) both : count;
        List<Ink> changed = new ArrayList<>();
        for (int i = 0; i < length; i++) {
            changed.add(now.get(i % now.size()));
        }
        for (int thread : threads) {
            int seen = warp ? origin.end(thread, count) : origin.pick(thread, count);
            for (int i = seen; i < length; i += count) {
                changed.set(i, ink);
            }
        }
        BandRun run = BandRun.ofThreads(changed);
        Fabric own = fabric.withOwnWeft(Optional.of(fabric.weft()));
        return withFabric(own.withRun(warp, run));
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        List<Finding> findings = new ArrayList<>(SettFabric.super.findings(repeat));
        Floats floats = Floats.of(draft.drawdown());
        floats.warpFace().ifPresent(f -> findings.add(finding("Longest warp float", f, fabric.picksPerCm())));
        floats.weftFace().ifPresent(f -> findings.add(finding("Longest weft float", f, fabric.endsPerCm())));
        findings.add(Finding.fine("Warp on the face", Numbers.plain(100 * fabric.weave().warpShare(), 1) + " %"));
        return findings;
    }

    /** A long float snags in use; one that never ends holds nothing together. */
    private static Finding finding(String title, Floats.Run run, double threadsPerCm) {
        if (!run.bound()) {
            return new Finding(Finding.Severity.WRONG, title, run.words(), "bound at least once in the repeat",
                    "That thread lies loose on the cloth; mark or clear one of its crossings.");
        }
        double mm = 10 * run.along() / threadsPerCm;
        String number = "%s, %s mm".formatted(run.words(), Numbers.plain(mm, 1));
        return Finding.measured(title, number, new Finding.Measured(CheckLimit.FLOAT, mm, Finding.Severity.LOOK,
                "Long floats snag; bind them, or set more threads a cm."));
    }
}
