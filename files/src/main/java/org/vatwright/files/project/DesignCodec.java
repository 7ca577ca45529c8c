package org.vatwright.files.project;

import java.util.ArrayList;
import java.util.List;

import java.util.Optional;
import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fade;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Mask;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.pattern.Underlay;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** A design in JSON; docs/file-format.md shows it. */
final class DesignCodec {

    private static final String EVERYWHERE = "everywhere";
    private static final String MARKS = "marks-below";
    private static final String OUTSIDE = "outside-below";

    private DesignCodec() {}

    static ObjectNode write(Design design, LinksOut links) {
        ObjectNode out = Json.object().put("id", design.id().text()).put("name", design.name());
        ProvenanceCodec.write(out, design.provenance());
        if (design.upright()) {
            out.put("upright", true);
        }
        out.putObject("cell").put("widthMm", design.repeat().widthMm()).put("heightMm", design.repeat().heightMm());
        out.put("arrangement", design.repeat().arrangement().toString());
        if (design.repeat().across() * design.repeat().down() > 1) {
            out.putObject("cellsInTile").put("across", design.repeat().across()).put("down", design.repeat().down());
        }
        InkCodec.write(out, "ground", design.ground());
        ArrayNode layers = out.putArray("layers");
        design.layers().forEach(l -> layers.add(layer(l)));
        out.set("palette", palette(design.palette()));
        if (!design.fills().isEmpty()) {
            ArrayNode fills = out.putArray("fills");
            design.fills().forEach(f -> fills.add(FillCodec.write(f, links)));
        }
        if (!design.guides().equals(Guides.NONE)) {
            ObjectNode guides = out.putObject("guides");
            design.guides().across().forEach(guides.putArray("across")::add);
            design.guides().down().forEach(guides.putArray("down")::add);
            design.guides().underlay().ifPresent(u -> underlay(u, guides.putObject("underlay"), links));
        }
        return out;
    }

    static ObjectNode layer(Layer layer) {
        ObjectNode out = Json.object().put("id", layer.id()).put("name", layer.name()).put("visible", layer.visible())
                .put("opacity", layer.opacity()).put("mode", layer.mode().keyword());
        switch (layer.shows()) {
            case Shows.Everywhere _ -> {
            }
            case Shows.InMarks(int of, boolean outside) -> {
                out.put("shows", outside ? OUTSIDE : MARKS);
                if (of != Shows.InMarks.BELOW) {
                    out.put("of", of);
                }
            }
            case Shows.Where(Mask mask) -> FabricCodec.mask(out, mask);
        }
        layer.fade().ifPresent(f -> {
            ObjectNode fade = out.putObject("fade");
            GradientCodec.course(fade, f.course());
            fade.putArray("shows").add(f.from()).add(f.to());
        });
        if (!layer.effects().isEmpty()) {
            ArrayNode effects = out.putArray("effects");
            layer.effects().forEach(e -> effects.add(EffectCodec.write(e)));
        }
        if (layer.locked()) {
            out.put("locked", true);
        }
        if (!layer.group().isEmpty()) {
            out.put("group", layer.group());
        }
        StructureCodec.writeAny(layer.structure(), out.putObject("structure"));
        return out;
    }

    private static ObjectNode palette(Palette palette) {
        ObjectNode out = Json.object();
        palette.slots().forEach(out.putArray("slots")::add);
        out.put("firstOpen", palette.firstOpen());
        ArrayNode colourways = out.putArray("colourways");
        for (Colourway colourway : palette.colourways()) {
            ObjectNode colours = colourways.addObject().put("name", colourway.name()).putObject("colours");
            for (int i = 0; i < palette.slots().size(); i++) {
                colours.put(palette.slots().get(i), colourway.colours().get(i).hex());
            }
        }
        return out;
    }

    static Design read(JsonIn in, LinksIn links) {
        in.only("format", "version", "id", "name", "provenance", "upright", "cell", "arrangement", "cellsInTile",
                "ground",
                "layers", "palette",
                "guides", "fills");
        JsonIn cell = in.at("cell").only("widthMm", "heightMm");
        Repeat repeat = cell.placed(() -> new Repeat(cell.number("widthMm"), cell.number("heightMm"),
                Arrangement.parse(in.text("arrangement", "straight")), times(in, "across"), times(in, "down")));
        Palette palette = in.at("palette").placed(DesignCodec::palette);
        List<Layer> layers = new ArrayList<>();
        in.list("layers", item -> layers.add(layer(item, layers)));
        return new Design(FillCodec.id(in), in.text("name"), repeat, InkCodec.read(in, "ground"), layers, palette,
                in.has("guides") ? guides(in.at("guides"), links) : Guides.NONE,
                in.list("fills", f -> FillCodec.read(f, links)), ProvenanceCodec.read(in),
                in.truth("upright", false));
    }

    private static int times(JsonIn in, String way) {
        return in.has("cellsInTile") ? in.at("cellsInTile").only("across", "down").whole(way, 1) : 1;
    }

    /** A layer written by hand may leave out all but its structure. */
    static Layer layer(JsonIn in, List<Layer> below) {
        in.only("id", "name", "visible", "opacity", "mode", "mask", "shows", "of", "fade", "effects", "locked", "group",
                "structure");
        Structure structure = StructureCodec.readAny(in.at("structure"));
        int free = below.stream().mapToInt(Layer::id).max().orElse(0) + 1;
        return new Layer(in.whole("id", free), in.text("name", Catalogue.title(structure)), structure,
                in.truth("visible", true), in.number("opacity", 1), BlendMode.parse(in.text("mode", "normal")),
                shows(in), in.has("fade") ? Optional.of(fade(in.at("fade"))) : Optional.empty(),
                in.list("effects", EffectCodec::read), in.truth("locked", false), in.text("group", ""));
    }

    private static Shows shows(JsonIn in) {
        if (in.has("mask")) {
            return new Shows.Where(FabricCodec.mask(in.at("mask")));
        }
        return switch (in.text("shows", EVERYWHERE)) {
            case EVERYWHERE -> Shows.EVERYWHERE;
            case MARKS -> in.placed(() -> new Shows.InMarks(in.whole("of", Shows.InMarks.BELOW), false));
            case OUTSIDE -> in.placed(() -> new Shows.InMarks(in.whole("of", Shows.InMarks.BELOW), true));
            default -> throw in.at("shows")
                    .wrong("should be \"%s\", \"%s\" or \"%s\"".formatted(EVERYWHERE, MARKS, OUTSIDE));
        };
    }

    private static Fade fade(JsonIn in) {
        in.only("kind", "from", "to", "back", "shows");
        List<Double> shown = in.at("shows").items(JsonIn::asNumber);
        if (shown.size() != 2) {
            throw in.at("shows").wrong("should be two numbers, how much shows where it begins and where it ends");
        }
        Course course = GradientCodec.readCourse(in);
        return in.placed(() -> new Fade(course, shown.get(0), shown.get(1)));
    }

    private static Palette palette(JsonIn in) {
        in.only("slots", "firstOpen", "colourways");
        List<String> slots = in.list("slots", JsonIn::asText);
        return new Palette(slots, in.list("colourways", c -> colourway(c, slots)), in.truth("firstOpen", false));
    }

    private static Colourway colourway(JsonIn in, List<String> slots) {
        JsonIn colours = in.only("name", "colours").at("colours").only(slots.toArray(String[]::new));
        return new Colourway(in.text("name"), slots.stream().map(s -> Rgb.parse(colours.text(s))).toList());
    }

    private static Guides guides(JsonIn in, LinksIn links) {
        in.only("across", "down", "underlay");
        return new Guides(in.list("across", JsonIn::asNumber), in.list("down", JsonIn::asNumber),
                in.has("underlay") ? Optional.of(underlay(in.at("underlay"), links)) : Optional.empty());
    }

    private static void underlay(Underlay underlay, ObjectNode out, LinksOut links) {
        out.put("opacity", underlay.opacity());
        switch (underlay.source()) {
            case Underlay.OfPicture(Picture picture) -> links.picture(out.putObject("picture")
                    .put("dpi", picture.dpi()), picture);
            case Underlay.OfArticle(Id article) -> out.put("article", article.text());
        }
    }

    private static Underlay underlay(JsonIn in, LinksIn links) {
        in.only("opacity", "picture", "article");
        return in.placed(() -> new Underlay(in.has("article")
                ? new Underlay.OfArticle(new Id(in.text("article")))
                : new Underlay.OfPicture(new Picture(links.picture(in.at("picture").only("dpi", "png", "entry")),
                        in.at("picture").number("dpi", 300))),
                in.number("opacity", Underlay.USUAL)));
    }
}
