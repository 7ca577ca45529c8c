package org.vatwright.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Require;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "tooth", mixinStandardHelpOptions = true, description = "Draws one kind of tooth, the roughness of a surface, as a tile.")
final class ToothCommand implements Callable<Integer> {

    private static final String INK = "Ink";
    private static final String GROUND = "Ground";

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "KIND", description = "fine, fibre, felt, crystals, paper, slub, marble, cloud, glitter", converter = KindReader.class)
    private ToothKind kind;

    @Option(names = "--size", required = true, paramLabel = "LENGTH", description = "of its specks, hairs, cells or hills", converter = LengthReader.class)
    private double sizeMm;

    @Option(names = "--cell", required = true, paramLabel = "WxH", description = "size of the tile, such as 60x60mm", converter = Options.SizeReader.class)
    private Options.Pair cell;

    @ArgGroup(multiplicity = "1")
    private Options.Fineness fineness;

    @Option(names = "--ink", paramLabel = "#RRGGBB", defaultValue = "#000000", description = "${DEFAULT-VALUE}", converter = ColourReader.class)
    private Rgb ink;

    @Option(names = "--ground", paramLabel = "#RRGGBB", description = "clear without one", converter = ColourReader.class)
    private Rgb ground;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "another one is another roughness of the same kind; ${DEFAULT-VALUE}", converter = Options.SeedReader.class)
    private long seed;

    @Option(names = {"-o", "--output"}, required = true, paramLabel = "FILE", description = "what to write")
    private Path output;

    static final class KindReader extends Options.Reader<ToothKind> {
        @Override
        ToothKind read(String text) {
            return ToothKind.parse(text);
        }
    }

    static final class LengthReader extends Options.Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("size of a tooth",
                    LengthText.parseMm(text, Unit.MM, new Density(Unit.MM_PER_INCH)), ToothForm.LEAST_MM,
                    ToothForm.MOST_MM, "mm");
        }
    }

    static final class ColourReader extends Options.Reader<Rgb> {
        @Override
        Rgb read(String text) {
            return Rgb.parse(text);
        }
    }

    @Override
    public Integer call() {
        Design design = design();
        TileGrid grid = fineness.grid(design.repeat().tile());
        new Producer(Project.empty("tooth"), new ShippedTypefaces()).tile(new Cloth(design, design.palette().first()),
                grid, output, Output.QUALITY, Work.plain());
        if (Producer.format(output).vector()) {
            Producer.embedded(design, grid).forEach(spec.commandLine().getErr()::println);
        }
        return 0;
    }

    private Design design() {
        Optional<Rgb> under = Optional.ofNullable(ground);
        Palette palette = new Palette(List.of(INK, GROUND),
                List.of(new Colourway("First colours", List.of(ink, under.orElse(new Rgb(255, 255, 255))))));
        Tooth tooth = Tooth.fresh(kind, sizeMm, List.of(Ink.slot(INK)));
        return new Design("Tooth", new Repeat(cell.first(), cell.second(), Arrangement.STRAIGHT),
                under.isPresent() ? Ink.slot(GROUND) : Ink.CLEAR,
                List.of(new Layer(1, "Tooth", tooth.withForm(tooth.form().withSeed(seed)))), palette, Guides.NONE);
    }
}
