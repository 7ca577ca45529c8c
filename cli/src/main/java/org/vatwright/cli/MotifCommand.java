package org.vatwright.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.produce.MotifPicture;
import org.vatwright.files.svg.MotifReader;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "motif", mixinStandardHelpOptions = true, description = "Draws a drawing as it is understood as a motif.")
final class MotifCommand implements Callable<Integer> {

    private static final int WIDTH = 512;

    @Parameters(index = "0", paramLabel = "FILE.svg", description = "the drawing")
    private Path drawing;

    @Option(names = "--px", paramLabel = "WIDTH", description = "width in pixels", converter = Options.PixelReader.class)
    private Integer px;

    @Option(names = {"-o", "--output"}, required = true, paramLabel = "FILE.png", description = "what to write")
    private Path output;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        MotifReader.Reading reading = MotifReader.read(drawing);
        Raster picture = MotifPicture.draw(reading, px == null ? WIDTH : px);
        MotifPicture.write(picture, reading, output);
        PrintWriter err = spec.commandLine().getErr();
        reading.findings().forEach(err::println);
        // What is filled by a pattern or a gradient is in an ink as well.
        int inks = reading.palette().size() + reading.fills().size();
        spec.commandLine().getOut().println("%s, %s, %s x %s mm".formatted(count(reading.marks().size(), "shape"),
                count(inks, "ink"), Numbers.plain(reading.widthMm(), 2),
                Numbers.plain(reading.heightMm(), 2)));
        return 0;
    }

    private static String count(int number, String one) {
        return "%d %s%s".formatted(number, one, number == 1 ? "" : "s");
    }
}
