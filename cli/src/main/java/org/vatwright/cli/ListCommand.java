package org.vatwright.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Tile;
import org.vatwright.files.json.Json;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "list", mixinStandardHelpOptions = true, description = "Lists designs, tiles, colourways, articles, sizes.")
final class ListCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "PROJECT", description = "a .vatwright project, or a design in JSON")
    private Path file;

    @Option(names = "--json", description = "as one JSON object")
    private boolean json;

    private final ShippedTypefaces faces = new ShippedTypefaces();

    @Override
    public Integer call() {
        Project project = ProjectFile.read(file);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(new String(Json.write(json(project)), StandardCharsets.UTF_8));
        } else {
            words(project, out);
        }
        return 0;
    }

    private ObjectNode json(Project project) {
        ObjectNode all = Json.object();
        ArrayNode designs = all.putArray("designs");
        for (Design design : project.designs()) {
            ObjectNode one = designs.addObject().put("id", design.id().text()).put("name", design.name());
            size(one.putObject("cell"), design.repeat().widthMm(), design.repeat().heightMm());
            one.put("arrangement", design.repeat().arrangement().toString());
            size(one.putObject("tile"), design.repeat().tile().widthMm(), design.repeat().tile().heightMm());
            ArrayNode colourways = one.putArray("colourways");
            design.palette().colourways().forEach(c -> colourways.add(c.name()));
            ArrayNode inks = one.putArray("inks");
            for (int i = 0; i < design.palette().slots().size(); i++) {
                inks.addObject().put("slot", design.palette().slots().get(i)).put("hex",
                        design.palette().first().colours().get(i).hex());
            }
        }
        ArrayNode articles = all.putArray("articles");
        for (Article article : project.articles()) {
            Cut cut = Cut.of(article, faces);
            ObjectNode one = articles.addObject().put("id", article.id().text()).put("name", article.name());
            size(one, cut.widthMm(), cut.heightMm()).put("pieces", cut.pieces().size());
            ArrayNode pieces = one.putArray("pieceList");
            cut.pieces().forEach(p -> pieces.addObject().put("id", p.id().text()).put("name", p.name()));
        }
        return all;
    }

    private static ObjectNode size(ObjectNode out, double widthMm, double heightMm) {
        return out.put("widthMm", widthMm).put("heightMm", heightMm);
    }

    private void words(Project project, PrintWriter out) {
        line(out, project.name() + (project.note().isEmpty() ? "" : ", " + project.note()));
        for (Design design : project.designs()) {
            Tile tile = design.repeat().tile();
            line(out, "design   %s: cell %s, %s, tile %s; %s; %s".formatted(design.name(),
                    size(design.repeat().widthMm(), design.repeat().heightMm()), design.repeat().arrangement(),
                    size(tile.widthMm(), tile.heightMm()), String.join(", ", design.palette().slots()),
                    String.join(", ", design.palette().colourways().stream().map(Colourway::name).toList())));
        }
        for (Article article : project.articles()) {
            Cut cut = Cut.of(article, faces);
            line(out, "article  %s: %s, %d %s".formatted(article.name(), size(cut.widthMm(), cut.heightMm()),
                    cut.pieces().size(), cut.pieces().size() == 1 ? "piece" : "pieces"));
        }
    }

    /** A name may hold any sign; each thing stays on its line. */
    private static void line(PrintWriter out, String text) {
        out.println(text.replaceAll("\\R|\\p{Cntrl}", " "));
    }

    private static String size(double widthMm, double heightMm) {
        return "%s x %s mm".formatted(Numbers.plain(widthMm, 2), Numbers.plain(heightMm, 2));
    }
}
