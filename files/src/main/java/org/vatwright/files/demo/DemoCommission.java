package org.vatwright.files.demo;

import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.vatwright.files.project.FinishCodec;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Task;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.project.ProjectFile;

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
            Design design = ProjectFile.readDesign(resource(d.asText()), d.asText(), designs::get,
                    DemoCommission::picture);
            return designs.put(design.name(), design.withId(id(design.name())));
        });
        return new Project(in.text("name"), in.text("note"), List.copyOf(designs.values()),
                in.list("articles", DemoCommission::article), in.list("jobs", DemoCommission::job),
                new Density(in.number("dpi")), CheckLimits.USUAL);
    }

    /** In the demo everything is told by its name: one that is always the same. */
    static Id id(String name) {
        return new Id(name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
    }

    private static Article article(JsonIn in) {
        String name = in.text("name");
        return switch (in.text("kind")) {
            case "drawing", "blank" -> DemoFlat.read(in, id(name), name);
            case "lettering" -> {
                Dressings worn = Dressings.NONE;
                int n = 0;
                for (Lay lay : in.list("lays", DemoCommission::lay)) {
                    worn = worn.with(Article.Lettering.letter(++n), Dressing.of(lay)
                            .withEffects(FinishCodec.effects(in)));
                }
                Whole whole = in.has("whole") ? in.at("whole").placed(FinishCodec::read) : Whole.PLAIN;
                worn = worn.withWhole(w -> whole);
                yield new Article.Lettering(id(name), name, in.text("text"), in.text("typeface"), in.number("heightMm"),
                        in.truth("eachOwn", false), pen(in), worn);
            }
            case "sheet" -> new Article.Sheet(id(name), name, in.number("widthMm"), in.number("heightMm"),
                    new Density(in.number("dpi")), Dressings.of(Article.Sheet.PIECE, Optional.of(lay(in.at("lay")))));
            default -> throw in.at("kind").wrong("should be \"drawing\", \"blank\", \"lettering\" or \"sheet\"");
        };
    }

    private static Optional<Pen> pen(JsonIn in) {
        return in.has("stroke")
                ? Optional.of(new Pen(Rgb.parse(in.at("stroke").text("colour")), in.at("stroke").number("widthMm")))
                : Optional.empty();
    }

    static Lay lay(JsonIn in) {
        in.only("design", "colourway", "scale", "grainDeg", "start", "together", "opacity", "mode",
                "fade");
        List<Double> start = in.list("start", JsonIn::asNumber);
        return new Lay(id(in.text("design")), in.text("colourway")).withScale(in.number("scale", 1))
                .withGrainDeg(in.number("grainDeg", 0)).withTogether(in.truth("together", false))
                .withOpacity(in.number("opacity", 1)).withMode(BlendMode.parse(in.text("mode", "normal")))
                .withStart(start.isEmpty() ? 0 : start.get(0), start.isEmpty() ? 0 : start.get(1))
                .withFade(in.has("fade") ? Optional.of(in.at("fade").placed(FinishCodec::fade)) : Optional.empty());
    }

    private static Job job(JsonIn in) {
        in.only("name", "kind", "of", "colourway", "format", "dpi", "quality", "size");
        Id of = id(in.text("of"));
        Task task = switch (in.text("kind")) {
            case "tile" -> new Task.Tile(of, in.text("colourway"));
            case "field" -> new Task.Field(of, in.text("colourway"), in.at("size").number("widthMm"),
                    in.at("size").number("heightMm"));
            default -> new Task.Dressed(of, Optional.of(in.text("colourway", "")).filter(c -> !c.isEmpty()));
        };
        String name = in.text("name");
        return new Job(id("job " + name), name, task, new Output(
                Output.Format.valueOf(in.text("format").toUpperCase(Locale.ROOT)), new Density(in.number("dpi")),
                in.whole("quality", Output.QUALITY)));
    }

    static Raster picture(String name) {
        return Pictures.read(resource(name), name, Limits.STANDARD);
    }

    static byte[] resource(String name) {
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
