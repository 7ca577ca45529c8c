package org.vatwright.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Require;
import org.vatwright.core.picture.Inks;
import org.vatwright.core.picture.Making;
import org.vatwright.core.raster.Work;
import org.vatwright.files.produce.SeamlessTile;

import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "seamless", mixinStandardHelpOptions = true, description = "Makes one tile without seams out of any picture, as a picture or as a design in a project.")
final class SeamlessCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "PICTURE", description = "PNG, JPEG, TIFF, BMP or GIF")
    private Path picture;

    @Option(names = "--way", paramLabel = "WAY", defaultValue = "heal", description = "heal (keeps the size), fade (loses one margin each way) or mirror (doubles both sides); ${DEFAULT-VALUE}", converter = WayReader.class)
    private Making.Way way;

    @Option(names = "--margin", paramLabel = "PERCENT", defaultValue = "12", description = "of the shorter side, that may change or fades over; ${DEFAULT-VALUE}", converter = MarginReader.class)
    private double margin;

    @Option(names = "--even", paramLabel = "PERCENT", defaultValue = "0", description = "of what is uneven over the whole that is taken away; ${DEFAULT-VALUE}", converter = EvenReader.class)
    private double even;

    @Option(names = "--inks", paramLabel = "K", description = "reduces it to so many inks, 2 to 24", converter = InksReader.class)
    private Integer inks;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "of the search for inks; ${DEFAULT-VALUE}", converter = Options.SeedReader.class)
    private long seed;

    @Option(names = "--dpi", paramLabel = "N", description = "states the density; pixels stay as they are", converter = Options.DensityReader.class)
    private Density density;

    @Option(names = {"-o",
            "--output"}, required = true, paramLabel = "FILE", description = "a picture, or a .vatwright project")
    private Path output;

    static final class WayReader extends Options.Reader<Making.Way> {
        @Override
        Making.Way read(String text) {
            return Making.Way.parse(text);
        }
    }

    static final class MarginReader extends Options.Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("margin", LengthText.parseNumber(text, "%"), Making.LEAST_MARGIN * 100,
                    Making.MOST_MARGIN * 100, "%") / 100;
        }
    }

    static final class EvenReader extends Options.Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("even-out", LengthText.parseNumber(text, "%"), 0, 100, "%") / 100;
        }
    }

    static final class InksReader extends Options.Reader<Integer> {
        @Override
        Integer read(String text) {
            return Options.count(text, "inks", 2, Inks.MOST);
        }
    }

    @Override
    public Integer call() {
        SeamlessTile tile = new SeamlessTile(picture, new Making(way, margin, even), density);
        if (inks != null) {
            tile = tile.reduced(inks, seed, Work.plain());
        }
        tile.write(output, Work.plain());
        return 0;
    }
}
