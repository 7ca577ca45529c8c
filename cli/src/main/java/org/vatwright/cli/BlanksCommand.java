package org.vatwright.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ByRule;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Work;
import org.vatwright.files.blank.Blanks;
import org.vatwright.files.json.Json;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "blanks", mixinStandardHelpOptions = true, description = "Lists the blanks that come with the program, or dresses one.")
final class BlanksCommand implements Callable<Integer> {

    private static final double MICRO = 1e6;

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", arity = "0..1", paramLabel = "NAME", description = "which blank; all are listed without it")
    private String name;

    @Parameters(index = "1", arity = "0..1", paramLabel = "PROJECT", description = "a .vatwright project, or a design in JSON")
    private Path project;

    @Option(names = "--design", paramLabel = "DESIGN", description = "what it wears, by its name or its id")
    private String design;

    @Option(names = "--colourway", defaultValue = "", paramLabel = "NAME", description = "the first when not given")
    private String colourway;

    @ArgGroup
    private Options.Fineness fineness;

    @Mixin
    private Options.Moment moment;

    @Option(names = {"-o", "--output"}, paramLabel = "FILE", description = "what to write")
    private Path output;

    @Option(names = "--quality", defaultValue = "92", paramLabel = "1..100", description = "of JPEG", converter = Options.QualityReader.class)
    private int quality;

    @Option(names = "--json", description = "list them as one JSON object")
    private boolean json;

    @Override
    public Integer call() {
        if (name == null) {
            list();
            return 0;
        }
        Article.Flat blank = Blanks.of(name);
        needed(project, "a PROJECT that has the design");
        needed(design, "--design DESIGN");
        needed(fineness, "--dpi N or --px WIDTH");
        needed(output, "-o FILE");
        ShippedTypefaces faces = new ShippedTypefaces();
        Producer producer = new Producer(ProjectFile.read(project), faces);
        Design worn = producer.design(design);
        Article dressed = ByRule.dressed(blank, new Lay(worn.id(), producer.colourway(worn, colourway).name()), faces);
        Density density = fineness.of(blank.widthMm());
        producer.article(dressed, "", moment.phase(), density, output, quality, Work.plain());
        if (Producer.format(output).vector()) {
            producer.embedded(dressed, "", density).forEach(spec.commandLine().getErr()::println);
        }
        return 0;
    }

    private void needed(Object given, String what) {
        if (given == null) {
            throw new ParameterException(spec.commandLine(), "to dress a blank %s is needed".formatted(what));
        }
    }

    private void list() {
        PrintWriter out = spec.commandLine().getOut();
        ObjectNode whole = Json.object();
        ArrayNode all = whole.putArray("blanks");
        for (String each : Blanks.names()) {
            Article.Flat blank = Blanks.of(each);
            all.addObject().put("name", blank.name()).put("widthMm", places(blank.widthMm()))
                    .put("heightMm", places(blank.heightMm()))
                    .put("pieces", blank.pieces().size());
            if (!json) {
                out.println("%s: %s x %s mm, %d %s".formatted(blank.name(), Numbers.plain(blank.widthMm(), 1),
                        Numbers.plain(blank.heightMm(), 1), blank.pieces().size(),
                        blank.pieces().size() == 1 ? "piece" : "pieces"));
            }
        }
        if (json) {
            out.println(new String(Json.write(whole), StandardCharsets.UTF_8));
        }
    }

    /** Drawings count in px of a 96th of an inch; a size in mm comes back with a rest. */
    private static double places(double mm) {
        return Math.rint(mm * MICRO) / MICRO;
    }
}
