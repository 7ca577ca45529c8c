package org.vatwright.core.family.check;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.woven.FabricStructure;

/**
 * A check from a few numbers. It is a cloth like any other, so it can go on as a plaid.
 *
 * @param inks as many as the kind asks for, the ground first
 * @param band threads of a band, of a square or between lines; 1 to 256
 * @param line threads of a line, where the kind has lines; 1 to 256
 * @param threadsPerCm both ways
 * @param angleDeg above -180 to 180, counter-clockwise as seen
 */
@RecordBuilder
public record Checks(Kind kind, List<Ink> inks, int band, int line, double threadsPerCm,
        double angleDeg) implements ChecksBuilder.With, FabricStructure {

    public static final String FAMILY = "check";

    /** What sort of check, with a good-looking start. */
    public enum Kind {
        /** Squares of two inks; squares of warp beside squares of weft. */
        CHECKERBOARD("checkerboard", 2, 2, 20, 1, 20),
        /** Two inks and their mixture. */
        GINGHAM("gingham", 2, 2, 12, 1, 20),
        /** One thin line each way over a ground. */
        WINDOWPANE("windowpane", 2, 2, 60, 3, 20),
        /** Thin lines of several inks in turn over a ground. */
        TATTERSALL("tattersall", 3, 12, 28, 2, 20),
        /** Six and six over a 2/2 twill; the twill's steps show in the mixed squares. */
        SHEPHERD("shepherd's check", 2, 2, 6, 1, 12),
        /** Four and four over a 2/2 twill; the teeth come of colour order and weave alone. */
        HOUNDSTOOTH("houndstooth", 2, 2, 4, 1, 8);

        private final String words;
        private final int leastInks;
        private final int mostInks;
        private final int band;
        private final int line;
        private final double perCm;

        Kind(String words, int leastInks, int mostInks, int band, int line, double perCm) {
            this.words = words;
            this.leastInks = leastInks;
            this.mostInks = mostInks;
            this.band = band;
            this.line = line;
            this.perCm = perCm;
        }

        public String words() {
            return words;
        }

        public int leastInks() {
            return leastInks;
        }

        public int mostInks() {
            return mostInks;
        }

        public boolean lined() {
            return this == WINDOWPANE || this == TATTERSALL;
        }

        public static Kind parse(String text) {
            for (Kind kind : values()) {
                if (kind.words.equals(text.strip().toLowerCase(Locale.ROOT))) {
                    return kind;
                }
            }
            throw new Refusal("\"%s\" is no check we know; %s are".formatted(text,
                    String.join(", ", List.of(values()).stream().map(Kind::words).toList())));
        }
    }

    public Checks {
        Require.within("inks of a " + kind.words, inks.size(), kind.leastInks, kind.mostInks);
        Require.within("threads of a band", band, 1, 256);
        Require.within("threads of a line", line, 1, 256);
        Require.within("threads per cm", threadsPerCm, 0.1, 1000, "");
        angleDeg = Angle.turn(angleDeg);
        inks = List.copyOf(inks);
    }

    /** @return the kind as it starts, in the inks given, taken round again when they are too few */
    public static Checks fresh(Kind kind, List<Ink> given) {
        Require.that(!given.isEmpty(), "a %s needs %d inks; it has none".formatted(kind.words, kind.leastInks));
        List<Ink> inks = new ArrayList<>();
        for (int i = 0; i < kind.leastInks; i++) {
            inks.add(given.get(i % given.size()));
        }
        return new Checks(kind, inks, kind.band, kind.line, kind.perCm, 0);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public Checks withInks(UnaryOperator<Ink> change) {
        return withInks(inks.stream().map(change).toList());
    }

    /** @return the other kind at its own start, in these inks */
    public Checks withKind(Kind other) {
        Checks fresh = fresh(other, inks);
        return new Checks(other, fresh.inks, fresh.band, fresh.line, fresh.threadsPerCm, angleDeg);
    }

    public Checks withAngle(double degrees) {
        return with().angleDeg(degrees).build();
    }

    @Override
    public Checks closed(double degrees, double endsPerCm, double picksPerCm) {
        // One count serves both ways here; a cloth that needs two goes on as a plaid.
        Require.that(Math.abs(endsPerCm / picksPerCm - 1) < 1e-9,
                "a check has one thread count for both ways; make it a plaid to count them apart");
        return withThreadsPerCm(endsPerCm).withAngle(degrees);
    }

    public double bandMm() {
        return band * 10 / threadsPerCm;
    }

    @Override
    public Fabric fabric() {
        Optional<BandRun> same = Optional.empty();
        return switch (kind) {
            case CHECKERBOARD -> new Fabric(run(inks.get(0), band), Optional.of(run(inks.get(1), band)),
                    Weave.basket(band, band), Look.WOVEN, threadsPerCm, threadsPerCm);
            case GINGHAM -> new Fabric(bands(), same, Weave.plain(), Look.HALF, threadsPerCm, threadsPerCm);
            case WINDOWPANE, TATTERSALL -> new Fabric(lines(), same, Weave.plain(), Look.HALF, threadsPerCm,
                    threadsPerCm);
            case SHEPHERD, HOUNDSTOOTH -> new Fabric(bands(), same, Weave.twill(List.of(2, 2), false), Look.WOVEN,
                    threadsPerCm, threadsPerCm);
        };
    }

    private static BandRun run(Ink ink, int threads) {
        return new BandRun(List.of(new Band(ink, threads)), false);
    }

    private BandRun bands() {
        return new BandRun(List.of(new Band(inks.get(0), band), new Band(inks.get(1), band)), false);
    }

    private BandRun lines() {
        List<Band> bands = new ArrayList<>();
        for (Ink ink : inks.subList(1, inks.size())) {
            bands.add(new Band(inks.getFirst(), band));
            bands.add(new Band(ink, line));
        }
        return new BandRun(bands, false);
    }

    /** @return whether two bands are halved in whole pixels at that density */
    public boolean halves(Density density) {
        double px = density.px(bandMm());
        return Math.abs(px - Math.rint(px)) < 1e-6;
    }

    /** @return the nearest thread count a cm at which two bands are halved in whole pixels */
    public double halvingThreadsPerCm(Density density) {
        return band * 10 / density.mm(Math.max(1, Math.rint(density.px(bandMm()))));
    }
}
