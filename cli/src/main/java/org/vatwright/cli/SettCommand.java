package org.vatwright.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.plaid.PlaidDesign;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "sett", mixinStandardHelpOptions = true, description = "Writes the tile of a plaid from its sett.")
final class SettCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "SETT", description = "such as 'K/4 R24 K24 Y/4'; a slash marks a pivot", converter = SettReader.class)
    private SettText warp;

    @Option(names = "--weft", paramLabel = "SETT", description = "the weft's own sett; the warp's when not given", converter = SettReader.class)
    private SettText weft;

    @Option(names = "--weave", defaultValue = "twill-2-2", paramLabel = "NAME", description = "plain, twill-2-2, twill-3-1-left, basket-2-2 ...; ${DEFAULT-VALUE}", converter = WeaveReader.class)
    private Weave weave;

    @Option(names = "--look", defaultValue = "woven", paramLabel = "woven|blended", description = "thread by thread, or mixed; ${DEFAULT-VALUE}", converter = LookReader.class)
    private Look look;

    @Option(names = "--threads-per-cm", defaultValue = "20", paramLabel = "N", description = "both ways; ${DEFAULT-VALUE}", converter = CountReader.class)
    private double threadsPerCm;

    @ArgGroup(multiplicity = "1")
    private Fineness fineness;

    @Option(names = "--inks", defaultValue = "", paramLabel = "K=#111111,R=#b02020", description = "colours of letters", converter = InksReader.class)
    private Inks inks;

    @Option(names = {"-o", "--output"}, required = true, paramLabel = "FILE", description = "what to write")
    private Path output;

    static final class Fineness {
        @Option(names = "--dpi", required = true, paramLabel = "N", description = "pixels per inch", converter = Options.DensityReader.class)
        Density density;

        @Option(names = "--px-per-thread", required = true, paramLabel = "N", description = "pixels a thread, 0.1 to 200", converter = Options.PxPerThreadReader.class)
        Options.PxPerThread pxPerThread;
    }

    /** Says at which sign of the text the first fault is. */
    static final class SettReader extends Options.Reader<SettText> {
        @Override
        SettText read(String text) {
            try {
                return SettText.parse(text);
            } catch (SettText.Faulty e) {
                throw new Refusal("at sign %d: %s".formatted(e.faults().getFirst().from() + 1, e.getMessage()));
            }
        }
    }

    /** Colours by letters in capitals. */
    record Inks(Map<String, Rgb> colours) {}

    static final class InksReader extends Options.Reader<Inks> {
        @Override
        Inks read(String text) {
            Map<String, Rgb> colours = new LinkedHashMap<>();
            for (String part : text.split("[,\\s]+")) {
                if (!part.isEmpty()) {
                    String[] sides = part.split("=", 2);
                    Require.that(sides.length == 2 && sides[0].matches("[A-Za-z]{1,3}"),
                            "\"%s\" is no ink; write letters and a colour such as K=#111111".formatted(part));
                    colours.put(sides[0].toUpperCase(Locale.ROOT), Rgb.parse(sides[1]));
                }
            }
            return new Inks(colours);
        }
    }

    static final class WeaveReader extends Options.Reader<Weave> {
        @Override
        Weave read(String text) {
            return Weave.parse(text);
        }
    }

    static final class LookReader extends Options.Reader<Look> {
        @Override
        Look read(String text) {
            String word = text.strip().toLowerCase(Locale.ROOT);
            Require.that(word.equals("woven") || word.equals("blended"),
                    "\"%s\" is no look; woven and blended are".formatted(text));
            return word.equals("woven") ? Look.WOVEN : Look.HALF;
        }
    }

    static final class CountReader extends Options.Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("threads per cm", LengthText.parseNumber(text, ""), 0.1, 1000, "");
        }
    }

    @Override
    public Integer call() {
        PlaidDesign made = PlaidDesign.of("Sett", warp, Optional.ofNullable(weft), weave, look, threadsPerCm,
                inks.colours());
        Design design = made.design();
        Fabric fabric = made.plaid().fabric();
        TileGrid grid = fineness.density != null
                ? TileGrid.at(design.repeat().tile(), fineness.density)
                : new TileGrid(fineness.pxPerThread.of(fabric.endsInPeriod()),
                        fineness.pxPerThread.of(fabric.picksInPeriod()), fabric.periodWidthMm(),
                        fabric.periodHeightMm());
        for (String letter : made.unknown()) {
            spec.commandLine().getErr().println(
                    "vatwright: no colour is known for %s; it is drawn in %s (say another with --inks %s=#...)"
                            .formatted(
                                    letter, design.palette().first().colours().get(design.palette().slot(letter)).hex(),
                                    letter));
        }
        new Producer(Project.empty("sett"), new ShippedTypefaces()).tile(new Cloth(design, design.palette().first()),
                grid, output,
                Output.QUALITY, Work.plain());
        return 0;
    }
}
