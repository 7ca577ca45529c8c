package org.vatwright.files.demo;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;
import org.vatwright.files.project.ArticleCodec;
import org.vatwright.files.project.ProjectCodec;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.svg.FlatReader;

/** The demo commission, put together from the inputs in the folder {@code demo}. */
public final class DemoCommission {

    private DemoCommission() {}

    public static Project load() {
        return Json.read(resource("commission.json"), "commission.json", DemoCommission::commission);
    }

    private static Project commission(JsonIn in) {
        in.only("name", "note", "dpi", "designs", "articles", "jobs");
        // What lies in another design stands before it.
        Map<String, Design> designs = new LinkedHashMap<>();
        in.list("designs", d -> {
            Design design = ProjectFile.readDesign(resource(d.asText()), d.asText(), designs::get);
            return designs.put(design.name(), design);
        });
        return new Project(in.text("name"), in.text("note"), List.copyOf(designs.values()),
                in.list("articles", DemoCommission::article), in.list("jobs", ProjectCodec::readJob),
                new Density(in.number("dpi")));
    }

    /** A flat is given by its drawing and by the lay of each piece, named as in the drawing. */
    private static Article article(JsonIn in) {
        if (!in.text("kind").equals("drawing")) {
            return ArticleCodec.read(in);
        }
        in.only("kind", "name", "file", "lays");
        String file = in.text("file");
        Article.Flat flat = FlatReader.read(resource(file), file, Limits.STANDARD).article().withName(in.text("name"));
        JsonIn lays = in.at("lays");
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : flat.pieces()) {
            Optional<Lay> lay = lays.has(piece.name())
                    ? Optional.of(ArticleCodec.lay(lays.at(piece.name())))
                    : Optional.empty();
            pieces.add(piece.withLay(lay));
        }
        for (String name : lays.names()) {
            if (flat.pieces().stream().noneMatch(p -> p.name().equals(name))) {
                throw new Refusal("%s has no piece %s; it has %s".formatted(file, name,
                        String.join(", ", flat.pieces().stream().map(Piece::name).toList())));
            }
        }
        return new Article.Flat(flat.name(), flat.widthMm(), flat.heightMm(), pieces, flat.lines());
    }

    private static byte[] resource(String name) {
        try (InputStream in = DemoCommission.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new Refusal("the demo lacks " + name);
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new Refusal("the demo's %s cannot be read".formatted(name), e);
        }
    }
}
