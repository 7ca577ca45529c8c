package org.vatwright.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.type.ShippedTypefaces;
import org.vatwright.files.wif.WifDesign;
import org.vatwright.files.wif.WifFile;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "weave", mixinStandardHelpOptions = true, description = "Draws a weaving file (WIF) or a named weave, or writes one.")
final class WeaveCommand implements Callable<Integer> {

    /** Dark warp, light weft, as drafts are printed. */
    private static final List<Rgb> INK = List.of(new Rgb(0, 0, 0), new Rgb(255, 255, 255));

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", arity = "0..1", paramLabel = "FILE.wif", description = "a weaving file")
    private Path input;

    @Option(names = "--name", paramLabel = "WEAVE", description = "a named weave, such as 'satin 8/3'", converter = NameReader.class)
    private NamedWeave name;

    @Option(names = "--repeats", paramLabel = "N", defaultValue = "1", description = "of a named weave, each way; ${DEFAULT-VALUE}", converter = RepeatsReader.class)
    private int repeats;

    @Option(names = "--look", paramLabel = "drawdown|cloth", defaultValue = "drawdown", description = "flat squares, or yarn; ${DEFAULT-VALUE}", converter = LookReader.class)
    private Look look;

    @Option(names = "--px-per-thread", paramLabel = "N", defaultValue = "1", description = "pixels a thread, 0.1 to 200; ${DEFAULT-VALUE}", converter = Options.PxPerThreadReader.class)
    private Options.PxPerThread pxPerThread;

    @Option(names = "--origin", paramLabel = "left|right,top|bottom", defaultValue = "right,bottom", description = "where the first end and the first pick lie; ${DEFAULT-VALUE}", converter = OriginReader.class)
    private Origin origin;

    @Option(names = "--findings", description = "prints what is wrong in the file, a line each")
    private boolean findings;

    @Option(names = {"-o", "--output"}, paramLabel = "FILE", description = "what to write: a picture or a .wif")
    private Path output;

    static final class NameReader extends Options.Reader<NamedWeave> {
        @Override
        NamedWeave read(String text) {
            return NamedWeave.parse(text);
        }
    }

    static final class RepeatsReader extends Options.Reader<Integer> {
        @Override
        Integer read(String text) {
            return Options.count(text, "repeats", 1, Draft.MOST_THREADS);
        }
    }

    static final class LookReader extends Options.Reader<Look> {
        @Override
        Look read(String text) {
            return switch (text.strip().toLowerCase(Locale.ROOT)) {
                case "drawdown" -> Look.WOVEN;
                case "cloth" -> new Look.Yarns(YarnLook.named("cotton"));
                default -> throw new Refusal("\"%s\" is no look; drawdown and cloth are".formatted(text));
            };
        }
    }

    static final class OriginReader extends Options.Reader<Origin> {
        @Override
        Origin read(String text) {
            return Origin.parse(text);
        }
    }

    @Override
    public Integer call() {
        asked((input == null) != (name == null), "give a weaving file or --name, one of them");
        asked(output != null || findings && input != null, "say with -o what to write");
        WifFile file = input != null ? WifFile.read(input) : named();
        if (findings) {
            file.findings().forEach(f -> spec.commandLine().getOut().println(f));
        }
        if (output != null && output.toString().toLowerCase(Locale.ROOT).endsWith(WifFile.SUFFIX)) {
            file.write(output);
        } else if (output != null) {
            draw(file);
        }
        return 0;
    }

    private void asked(boolean rightly, String what) {
        if (!rightly) {
            throw new ParameterException(spec.commandLine(), what);
        }
    }

    private WifFile named() {
        Draft one = name.draft();
        Draft draft = one.withThreads(one.ends() * repeats, one.picks() * repeats);
        return new WifFile(name.name(), draft, INK, all(draft.ends(), 0), all(draft.picks(), 1), Optional.of(10.0),
                Optional.of(10.0), Optional.empty(), Optional.empty(), List.of(), "");
    }

    private static List<Integer> all(int count, int colour) {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            places.add(colour);
        }
        return places;
    }

    private void draw(WifFile file) {
        Design design = WifDesign.design(file, origin, look);
        Weaving weaving = (Weaving) design.layers().getFirst().structure();
        TileGrid grid = new TileGrid(pxPerThread.of(weaving.fabric().endsInPeriod()),
                pxPerThread.of(weaving.fabric().picksInPeriod()),
                design.repeat().widthMm(), design.repeat().heightMm());
        new Producer(Project.empty("weave"), new ShippedTypefaces()).tile(new Cloth(design, design.palette().first()),
                grid,
                output,
                Output.QUALITY, Work.plain());
    }
}
