package org.vatwright.cli;

import org.vatwright.files.vector.SvgCuttingWriter;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.dress.Legibility;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Setting;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Require;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Work;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "words", mixinStandardHelpOptions = true, description = "Writes words dressed in a design.")
final class WordsCommand implements Callable<Integer> {

    /** Vector files need a density for what they embed. */
    private static final Density VECTOR = new Density(300);

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "TEXT", description = "the words; \\n begins a new line")
    private String text;

    @Parameters(index = "1", paramLabel = "PROJECT", description = "a .vatwright project, or a design in JSON")
    private Path project;

    @Option(names = "--face", required = true, paramLabel = "NAME", description = "one that faces lists")
    private String face;

    @Option(names = "--cap", required = true, paramLabel = "LENGTH", description = "height of a capital, such as 40mm", converter = CapReader.class)
    private double capMm;

    @Option(names = "--design", required = true, paramLabel = "NAME", description = "what they wear, by its name or its id")
    private String design;

    @Option(names = "--each-letter", split = ",", paramLabel = "NAME", description = "designs in turn over the letters, instead; may be given again")
    private List<String> eachLetter = List.of();

    @Option(names = "--colourway", defaultValue = "", paramLabel = "NAME", description = "worn by every design that has it")
    private String colourway;

    @Option(names = "--align", defaultValue = "left", paramLabel = "left|middle|right", description = "of several lines")
    private String align;

    @Option(names = "--arc", defaultValue = "0mm", paramLabel = "LENGTH", description = "radius of the circle they stand on; below 0 its middle lies above", converter = ArcReader.class)
    private double arcMm;

    @Option(names = "--line", paramLabel = "PATH", description = "a line they stand on, as SVG path data in mm")
    private String line;

    @Option(names = "--cut", paramLabel = "LENGTH", description = "cutting lines alone, so far outside the letters; needs an SVG file", converter = ArcReader.class)
    private Double cutMm;

    @ArgGroup
    private Options.Fineness fineness;

    @Mixin
    private Options.Moment moment;

    @Option(names = {"-o", "--output"}, required = true, paramLabel = "FILE", description = "what to write")
    private Path output;

    @Option(names = "--quality", defaultValue = "92", paramLabel = "1..100", description = "of JPEG", converter = Options.QualityReader.class)
    private int quality;

    static final class CapReader extends Options.Reader<Double> {
        @Override
        Double read(String text) {
            return Require.within("height of a capital", LengthText.parseMm(text, Unit.MM, VECTOR), 1, 5000, "mm");
        }
    }

    static final class ArcReader extends Options.Reader<Double> {
        @Override
        Double read(String text) {
            boolean above = text.strip().startsWith("-");
            double mm = LengthText.parseMm(above ? text.strip().substring(1) : text, Unit.MM, VECTOR);
            return above ? -mm : mm;
        }
    }

    @Override
    public Integer call() {
        boolean vector = Producer.format(output).vector();
        if (fineness == null && !vector) {
            throw new ParameterException(spec.commandLine(), "a picture needs --dpi N or --px WIDTH");
        }
        ShippedTypefaces faces = new ShippedTypefaces();
        Producer producer = new Producer(ProjectFile.read(project), faces);
        Article words = words(producer, faces);
        Cut cut = Cut.of(words, faces);
        Require.that(!cut.pieces().isEmpty(), "%s has none of the letters \"%s\"".formatted(face, text));
        if (cutMm != null) {
            Require.that(output.toString().toLowerCase(java.util.Locale.ROOT).endsWith(".svg"),
                    "cutting lines are written as SVG; name a file that ends in .svg, not %s".formatted(output));
            SvgCuttingWriter.write(cut, cutMm, output);
            return 0;
        }
        warn(producer, cut);
        Density density = fineness == null ? VECTOR : fineness.of(cut.widthMm());
        producer.article(words, colourway, moment.phase(), density, output, quality, Work.plain());
        if (vector) {
            producer.embedded(words, colourway, density).forEach(spec.commandLine().getErr()::println);
        }
        return 0;
    }

    private void warn(Producer producer, Cut cut) {
        cut.lay(cut.pieces().getFirst()).flatMap(lay -> Legibility.of(cut.pieces(), lay,
                producer.design(lay.design().text()), TileSource.PAINTED, Work.plain())).filter(l -> !l.reads())
                .ifPresent(l -> spec.commandLine().getErr().printf(java.util.Locale.ROOT,
                        "hard to read: strokes are %.1f mm broad, the design shows %.1f mm; up to %.0f %% it reads%n",
                        l.strokeMm(), l.featureMm(), Math.floor(100 * l.largestScale())));
    }

    private Article words(Producer producer, ShippedTypefaces faces) {
        List<String> names = new ArrayList<>(eachLetter);
        boolean inTurn = !names.isEmpty();
        if (!inTurn) {
            names.add(design);
        }
        producer.design(design);
        Dressings worn = Dressings.NONE;
        for (int i = 0; i < names.size(); i++) {
            Design one = producer.design(names.get(i).strip());
            worn = worn.with(Article.Lettering.letter(i + 1),
                    Dressing.of(new Lay(one.id(), one.palette().orFirst(colourway).name())));
        }
        Setting setting = Setting.PLAIN.with().align(Setting.Align.parse(align)).arcMm(arcMm)
                .line(Optional.ofNullable(line).map(Outline::parse)).build();
        return new Article.Lettering(new Id("words"), "words", text.replace("\\n", "\n"), faces.named(face).name(),
                capMm,
                inTurn, Optional.empty(), setting, worn);
    }
}
