package org.vatwright.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;

import org.vatwright.core.measure.Numbers;
import org.vatwright.files.json.Json;
import org.vatwright.files.svg.FlatReader;
import org.vatwright.files.svg.FlatReader.Found;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "pieces", mixinStandardHelpOptions = true, description = "Lists the shapes of a drawing that an article would be made of.")
final class PiecesCommand implements Callable<Integer> {

    private static final double PERCENT = 100;

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", description = "an SVG drawing")
    private Path file;

    @Option(names = "--json", description = "as one JSON object")
    private boolean json;

    @Override
    public Integer call() {
        FlatReader.Shapes shapes = FlatReader.shapes(file);
        double all = shapes.found().stream().filter(Found::closed).mapToDouble(f -> f.outline().area()).sum();
        List<String> findings = new ArrayList<>();
        for (Found each : shapes.found()) {
            if (!each.closed()) {
                findings.add("%s is open, its ends lie %s mm apart; closed it would be a piece".formatted(each.name(),
                        Numbers.plain(each.gapMm(), 2)));
            }
        }
        if (shapes.found().stream().noneMatch(Found::closed)) {
            findings.add(
                    "there is no closed shape; a piece is a closed path, a rectangle, a circle, an ellipse or a polygon");
        }
        findings.addAll(shapes.notes());
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            ObjectNode whole = Json.object();
            ArrayNode pieces = whole.putArray("pieces");
            shapes.found().forEach(f -> pieces.addObject().put("name", f.name()).put("closed", f.closed())
                    .put("areaShare", share(f, all)));
            ArrayNode told = whole.putArray("findings");
            findings.forEach(told::add);
            out.println(new String(Json.write(whole), StandardCharsets.UTF_8));
        } else {
            shapes.found().forEach(f -> out.println("%-8s %s%s".formatted(f.closed() ? "piece" : "open", f.name(),
                    f.closed() ? ", %s %% of all".formatted(Numbers.plain(PERCENT * share(f, all), 1)) : "")));
            findings.forEach(f -> out.println("note     " + f));
        }
        return 0;
    }

    private static double share(Found of, double all) {
        return of.closed() && all > 0 ? of.outline().area() / all : 0;
    }
}
