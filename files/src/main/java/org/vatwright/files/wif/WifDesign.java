package org.vatwright.files.wif;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

/** A weaving file as a design, and the weave of a design as a weaving file. */
public final class WifDesign {

    /** Where a file says nothing of spacing. */
    private static final double USUAL_PER_CM = 10;

    private WifDesign() {}

    /** @return a design of one weave; its cell is one repeat of threads and colours, its inks those the threads use */
    public static Design design(WifFile file, Origin origin, Look look) {
        Map<Integer, String> slots = new LinkedHashMap<>();
        List<Rgb> colours = new ArrayList<>();
        for (List<Integer> threads : List.of(file.warp(), file.weft())) {
            for (int place : threads) {
                if (!slots.containsKey(place)) {
                    slots.put(place, "Thread " + (place + 1));
                    colours.add(file.colours().get(place));
                }
            }
        }
        Palette palette = new Palette(List.copyOf(slots.values()), List.of(new Colourway("First colours", colours)));
        String name = file.title().isEmpty() ? "Weave" : file.title();
        Weaving weaving = weaving(file, origin, look, slots);
        Fabric fabric = weaving.fabric();
        Repeat repeat = new Repeat(fabric.periodWidthMm(), fabric.periodHeightMm(), Arrangement.STRAIGHT);
        String shown = name.length() > 60 ? name.substring(0, 60) : name;
        return new Design(shown, repeat, Ink.CLEAR, List.of(new Layer(1, shown, weaving)), palette, Guides.NONE);
    }

    private static Weaving weaving(WifFile file, Origin origin, Look look, Map<Integer, String> slots) {
        Look shown = look instanceof Look.Yarns(YarnLook yarn) && file.warpWidth().isPresent()
                && file.weftWidth().isPresent()
                        ? new Look.Yarns(yarn.withWidths(file.warpWidth().get(), file.weftWidth().get()))
                        : look;
        double ends = file.endsPerCm().orElse(USUAL_PER_CM);
        Fabric fabric = new Fabric(run(file.warp(), slots, origin.right()), Optional.of(run(file.weft(), slots,
                origin.bottom())), Weave.plain(), shown, ends, file.picksPerCm().orElse(ends));
        String name = file.title().isEmpty() ? "weave" : file.title();
        return new Weaving(name, file.draft(), origin, fabric, 0, file.text());
    }

    private static BandRun run(List<Integer> threads, Map<Integer, String> slots, boolean lastFirst) {
        List<Ink> inks = threads.stream().map(t -> Ink.slot(slots.get(t))).toList();
        return BandRun.ofThreads(lastFirst ? inks.reversed() : inks);
    }

    /**
     * @param colourway whose colours go into the file
     * @return the weave with as many threads as colours and weave need to begin anew together
     */
    public static WifFile file(Weaving weaving, Palette palette, Colourway colourway) {
        Fabric fabric = weaving.fabric();
        boolean woven = fabric.woven();
        int ends = woven ? fabric.endsInPeriod() : weaving.draft().ends();
        int picks = woven ? fabric.picksInPeriod() : weaving.draft().picks();
        Require.that(ends <= Draft.MOST_THREADS && picks <= Draft.MOST_THREADS,
                "colours and weave begin anew together after %,d ends and %,d picks; %,d are the most in a weaving file"
                        .formatted(ends, picks, Draft.MOST_THREADS));
        Draft draft = weaving.draft().withThreads(ends, picks);
        List<Rgb> colours = new ArrayList<>();
        List<Integer> warp = places(Fabric.threads(fabric.warp()), ends, weaving.origin().right(), palette, colourway,
                colours);
        List<Integer> weft = places(Fabric.threads(fabric.weft()), picks, weaving.origin().bottom(), palette, colourway,
                colours);
        Optional<YarnLook> yarn = fabric.look() instanceof Look.Yarns(YarnLook y) ? Optional.of(y) : Optional.empty();
        WifFile fresh = new WifFile(weaving.name(), draft, colours, warp, weft, Optional.of(fabric.endsPerCm()),
                Optional.of(fabric.picksPerCm()), yarn.map(YarnLook::warpWidth), yarn.map(YarnLook::weftWidth),
                List.of(), weaving.source());
        return weaving.source().isEmpty() ? fresh : sameTable(fresh);
    }

    /** Where the file's table already holds the colours, its numbers go on being used, and what is unchanged stays. */
    private static WifFile sameTable(WifFile fresh) {
        WifFile before = WifReader.read(fresh.text(), new ArrayList<>());
        if (!before.colours().containsAll(fresh.colours())) {
            return fresh;
        }
        List<Integer> warp = again(before.warp(), before.colours(), fresh.warp(), fresh.colours());
        List<Integer> weft = again(before.weft(), before.colours(), fresh.weft(), fresh.colours());
        Optional<Double> ends = near(before.endsPerCm(), fresh.endsPerCm());
        Optional<Double> picks = near(before.picksPerCm(), fresh.picksPerCm());
        boolean named = before.title().isEmpty() && fresh.title().equals("weave");
        return new WifFile(named ? "" : fresh.title(), fresh.draft(), before.colours(), warp, weft,
                before.endsPerCm().isEmpty() && fresh.endsPerCm().get() == USUAL_PER_CM ? Optional.empty() : ends,
                before.picksPerCm().isEmpty() && fresh.picksPerCm().equals(fresh.endsPerCm())
                        ? Optional.empty()
                        : picks,
                before.warpWidth().isEmpty() ? Optional.empty() : fresh.warpWidth().or(before::warpWidth),
                before.weftWidth().isEmpty() ? Optional.empty() : fresh.weftWidth().or(before::weftWidth), List.of(),
                fresh.text());
    }

    private static List<Integer> again(List<Integer> before, List<Rgb> table, List<Integer> now, List<Rgb> colours) {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            Rgb colour = colours.get(now.get(i));
            boolean same = i < before.size() && table.get(before.get(i)).equals(colour);
            places.add(same ? before.get(i) : (Integer) table.indexOf(colour));
        }
        return places;
    }

    private static Optional<Double> near(Optional<Double> before, Optional<Double> now) {
        return before.isPresent() && Math.abs(before.get() - now.get()) < 1e-9 * now.get() ? before : now;
    }

    private static List<Integer> places(List<Ink> threads, int count, boolean lastFirst, Palette palette,
            Colourway colourway, List<Rgb> colours) {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Ink ink = threads.get((lastFirst ? count - 1 - i : i) % threads.size());
            Rgb colour = ink instanceof Ink.Slot(String slot)
                    ? colourway.colours().get(palette.slot(slot))
                    : new Rgb(255, 255, 255);
            if (!colours.contains(colour)) {
                colours.add(colour);
            }
            places.add(colours.indexOf(colour));
        }
        return places;
    }
}
