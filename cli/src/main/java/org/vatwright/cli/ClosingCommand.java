package org.vatwright.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.files.json.Json;

import com.fasterxml.jackson.databind.node.ArrayNode;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "closing", mixinStandardHelpOptions = true, description = "Lists the angles at which a turned repeat has a rectangular tile, best first.")
final class ClosingCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Option(names = "--cell", required = true, paramLabel = "WxH", description = "size of the cell, such as 100mmx60mm", converter = Options.SizeReader.class)
    private Options.Pair cell;

    @Option(names = "--angle", required = true, paramLabel = "DEG", description = "wanted, counter-clockwise as seen", converter = Options.DegreeReader.class)
    private double angle;

    @Option(names = "--arrangement", defaultValue = "straight", paramLabel = "A", description = "straight, 'drop 1/2', 'brick 1/3' ...; ${DEFAULT-VALUE}", converter = ArrangementReader.class)
    private Arrangement arrangement;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    static final class ArrangementReader extends Options.Reader<Arrangement> {
        @Override
        Arrangement read(String text) {
            return Arrangement.parse(text);
        }
    }

    @Override
    public Integer call() {
        List<TurnedLattice.Closing> closings = new TurnedLattice(new Repeat(cell.first(), cell.second(), arrangement))
                .closings(angle);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            ArrayNode all = Json.list();
            for (TurnedLattice.Closing c : closings) {
                all.addObject().put("angle", c.angleDeg()).put("errorDeg", c.errorDeg()).put("stretchX", c.stretchX())
                        .put("stretchY", c.stretchY()).putObject("tile").put("widthMm", c.widthMm())
                        .put("heightMm", c.heightMm());
            }
            out.println(all.toPrettyString());
        } else if (closings.isEmpty()) {
            out.println("no angle near that closes with a tile of a size to work with");
        } else {
            closings.forEach(c -> out.println(line(c)));
        }
        return 0;
    }

    private static String line(TurnedLattice.Closing c) {
        String stretch = c.exact()
                ? "as it is"
                : "stretched %s \u2030 across, %s \u2030 down".formatted(Numbers.plain(1000 * (c.stretchX() - 1), 3),
                        Numbers.plain(1000 * (c.stretchY() - 1), 3));
        return "%s\u00b0, off by %s\u00b0, tile %s x %s mm, %s".formatted(Numbers.plain(c.angleDeg(), 4),
                Numbers.plain(c.errorDeg(), 4), Numbers.plain(c.widthMm(), 3), Numbers.plain(c.heightMm(), 3), stretch);
    }
}
