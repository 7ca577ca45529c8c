package org.vatwright.cli;

import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.produce.Producer;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.TypeConversionException;

/** What several verbs take, and how their values are read. */
final class Options {

    private Options() {}

    /** The project and the file to write. */
    static final class Files {
        @Parameters(index = "0", paramLabel = "PROJECT", description = "a .vatwright project, or a design in JSON")
        Path project;

        @Option(names = {"-o", "--output"}, required = true, paramLabel = "FILE", description = "what to write")
        Path output;

        @Option(names = "--quality", defaultValue = "92", paramLabel = "1..100", description = "of JPEG", converter = QualityReader.class)
        int quality;
    }

    /** How fine. */
    static final class Fineness {
        @Option(names = "--dpi", required = true, paramLabel = "N", description = "pixels per inch", converter = DensityReader.class)
        Density density;

        @Option(names = "--px", required = true, paramLabel = "WIDTH", description = "width in pixels", converter = PixelReader.class)
        Integer px;

        TileGrid grid(Tile tile) {
            return density != null ? TileGrid.at(tile, density) : TileGrid.ofWidth(tile, px);
        }

        Density of(double widthMm) {
            return density != null ? density : new Density(px / (widthMm / Unit.MM_PER_INCH));
        }
    }

    /** When, in what moves. */
    static final class Moment {
        @Option(names = "--phase", paramLabel = "SHARE", description = "of the motion of what moves, 0 to 1; 1 is 0 again", converter = PhaseReader.class)
        Double phase;

        Phase phase() {
            return phase == null ? Phase.OWN : Phase.of(phase);
        }
    }

    /** A design in a colourway at a moment. */
    static final class Worn {
        @Option(names = "--design", required = true, paramLabel = "NAME", description = "which design, by its name or its id")
        String design;

        @Option(names = "--colourway", defaultValue = "", paramLabel = "NAME", description = "the first when not given")
        String colourway;

        @Mixin
        Moment moment;

        Cloth cloth(Producer producer) {
            Design chosen = producer.design(design);
            return new Cloth(chosen, producer.colourway(chosen, colourway), moment.phase());
        }
    }

    /** How many pixels a thread of a fabric gets. */
    record PxPerThread(double px) {

        int of(int threads) {
            return (int) Math.max(1, Math.min(Integer.MAX_VALUE, Math.rint(threads * px)));
        }
    }

    record Pair(double first, double second) {}

    abstract static class Reader<T> implements ITypeConverter<T> {
        @Override
        public final T convert(String text) {
            try {
                return read(text);
            } catch (Refusal e) {
                throw new TypeConversionException(e.getMessage());
            }
        }

        abstract T read(String text);
    }

    /** @param of what is counted */
    static int count(String text, String of, int least, int most) {
        double n = LengthText.parseNumber(text, "");
        Require.that(n == Math.rint(n), "%s is no whole number of %s".formatted(text, of));
        return (int) Require.within(of, n, least, most, "");
    }

    static final class SeedReader extends Reader<Long> {
        @Override
        Long read(String text) {
            double n = LengthText.parseNumber(text, "");
            Require.that(n == Math.rint(n), "%s is no whole number for a seed".formatted(text));
            return (long) Require.within("seed", n, -1e15, 1e15, "");
        }
    }

    static final class DensityReader extends Reader<Density> {
        @Override
        Density read(String text) {
            return new Density(LengthText.parseNumber(text, "dpi"));
        }
    }

    static final class PixelReader extends Reader<Integer> {
        @Override
        Integer read(String text) {
            double px = LengthText.parseNumber(text, "px");
            Require.that(px == Math.rint(px), "%s is no whole number of pixels".formatted(text));
            return (int) Require.within("width", px, 1, 100_000, "px");
        }
    }

    static final class PxPerThreadReader extends Reader<PxPerThread> {
        @Override
        PxPerThread read(String text) {
            return new PxPerThread(
                    Require.within("pixels a thread", LengthText.parseNumber(text, "px"), 0.1, 200, ""));
        }
    }

    static final class QualityReader extends Reader<Integer> {
        @Override
        Integer read(String text) {
            return (int) Require.within("quality", LengthText.parseNumber(text, "%"), 1, 100, "");
        }
    }

    static final class PhaseReader extends Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("phase", LengthText.parseNumber(text, ""), -1e6, 1e6, "");
        }
    }

    static final class PercentReader extends Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("scale", LengthText.parseNumber(text, "%"), 1, 10_000, "%") / 100;
        }
    }

    static final class DegreeReader extends Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("grain", LengthText.parseNumber(text, "\u00b0"), -3600, 3600, "degrees");
        }
    }

    /** "12inx12in"; a first side without a unit has that of the second. */
    static final class SizeReader extends Reader<Pair> {
        private static final Pattern SIDES = Pattern.compile("(.+?(?:mm|cm|in|px|[\\d\"]))\\s*[x\u00d7]\\s*(.+)");

        @Override
        Pair read(String text) {
            Matcher m = SIDES.matcher(text.strip());
            Require.that(m.matches(), "\"%s\" is no size; type one such as 12inx12in or 300mmx200mm".formatted(text));
            String unit = m.group(2).replaceFirst("^[\\d.,/+*() -]*", "");
            String first = m.group(1).matches(".*[a-z\"].*") ? m.group(1) : m.group(1) + unit;
            Density none = new Density(Unit.MM_PER_INCH);
            Require.that(!text.contains("px"), "a size in px needs no field; give it in mm, cm or in");
            return new Pair(Require.within("width", LengthText.parseMm(first, Unit.MM, none), 0.1, 1e6, "mm"),
                    Require.within("height", LengthText.parseMm(m.group(2), Unit.MM, none), 0.1, 1e6, "mm"));
        }
    }

    /** "10,5" in mm, or "1cm,1/2in". */
    static final class StartReader extends Reader<Pair> {
        @Override
        Pair read(String text) {
            String[] parts = text.split(",");
            Require.that(parts.length == 2, "\"%s\" is no start; type two lengths such as 10mm,5mm".formatted(text));
            Density none = new Density(Unit.MM_PER_INCH);
            return new Pair(LengthText.parseMm(parts[0], Unit.MM, none), LengthText.parseMm(parts[1], Unit.MM, none));
        }
    }
}
