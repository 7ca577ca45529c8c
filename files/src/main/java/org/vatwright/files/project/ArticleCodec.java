package org.vatwright.files.project;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Articles in JSON, and what their pieces wear, by the pieces' ids. */
final class ArticleCodec {

    private ArticleCodec() {}

    static ObjectNode write(Article article) {
        ObjectNode out = Json.object().put("id", article.id().text());
        switch (article) {
            case Article.Flat f -> {
                out.put("kind", "flat").put("name", f.name()).put("widthMm", f.widthMm()).put("heightMm", f.heightMm());
                ArrayNode pieces = out.putArray("pieces");
                f.pieces().forEach(p -> pieces.add(piece(p)));
                ArrayNode lines = out.putArray("lines");
                for (Article.Line line : f.lines()) {
                    stroke(lines.addObject().put("outline", line.outline().data()), Optional.of(line.stroke()));
                }
            }
            case Article.Lettering l -> {
                out.put("kind", "lettering").put("name", l.name()).put("text", l.text()).put("typeface", l.typeface())
                        .put("heightMm", l.heightMm()).put("eachOwn", l.eachOwn());
                stroke(out, l.stroke());
            }
            case Article.Sheet s -> out.put("kind", "sheet").put("name", s.name()).put("widthMm", s.widthMm())
                    .put("heightMm", s.heightMm()).put("dpi", s.density().dpi());
        }
        ObjectNode worn = out.putObject("dressings");
        new TreeMap<>(article.dressings().byPiece()).forEach((piece, dressing) -> dressing.lay()
                .ifPresent(lay -> worn.putObject(piece.text()).set("lay", lay(lay))));
        return out;
    }

    private static ObjectNode piece(Piece piece) {
        ObjectNode out = Json.object().put("id", piece.id().text()).put("name", piece.name()).put("outline",
                piece.outline().data());
        stroke(out, piece.stroke());
        return out;
    }

    private static void stroke(ObjectNode out, Optional<Pen> stroke) {
        stroke.ifPresent(
                s -> out.putObject("stroke").put("colour", s.colour().hex()).put("widthMm", s.widthMm()));
    }

    private static ObjectNode lay(Lay lay) {
        ObjectNode out = Json.object().put("design", lay.design().text()).put("colourway", lay.colourway())
                .put("scale", lay.scale()).put("grainDeg", lay.grainDeg());
        out.putArray("start").add(lay.startX()).add(lay.startY());
        out.put("opacity", lay.opacity()).put("mode", lay.mode().keyword());
        return lay.together() ? out.put("together", true) : out;
    }

    static Article read(JsonIn in) {
        return switch (in.text("kind")) {
            case "flat" -> flat(in.only("id", "kind", "name", "widthMm", "heightMm", "pieces", "lines", "dressings"));
            case "lettering" -> lettering(in.only("id", "kind", "name", "text", "typeface", "heightMm", "eachOwn",
                    "stroke", "dressings"));
            case "sheet" -> sheet(in.only("id", "kind", "name", "widthMm", "heightMm", "dpi", "dressings"));
            default -> throw in.at("kind").wrong("should be \"flat\", \"lettering\" or \"sheet\"");
        };
    }

    private static Article flat(JsonIn in) {
        return new Article.Flat(FillCodec.id(in), in.text("name"), in.number("widthMm"), in.number("heightMm"),
                in.list("pieces", ArticleCodec::readPiece),
                in.list("lines", l -> new Article.Line(Outline.parse(l.only("outline", "stroke").text("outline")),
                        stroke(l).orElseThrow(() -> l.wrong("lacks \"stroke\"")))),
                dressings(in));
    }

    private static Article lettering(JsonIn in) {
        return new Article.Lettering(FillCodec.id(in), in.text("name"), in.text("text"), in.text("typeface", ""),
                in.number("heightMm"), in.truth("eachOwn", false), stroke(in), dressings(in));
    }

    private static Article sheet(JsonIn in) {
        return new Article.Sheet(FillCodec.id(in), in.text("name"), in.number("widthMm"), in.number("heightMm"),
                new Density(in.number("dpi", 300)), dressings(in));
    }

    private static Piece readPiece(JsonIn in) {
        in.only("id", "name", "outline", "stroke");
        return new Piece(FillCodec.id(in), in.text("name"), Outline.parse(in.text("outline")), stroke(in));
    }

    private static Optional<Pen> stroke(JsonIn in) {
        if (!in.has("stroke")) {
            return Optional.empty();
        }
        JsonIn stroke = in.at("stroke").only("colour", "widthMm");
        return Optional.of(stroke.placed(() -> new Pen(Rgb.parse(stroke.text("colour")), stroke.number("widthMm"))));
    }

    private static Dressings dressings(JsonIn in) {
        if (!in.has("dressings")) {
            return Dressings.NONE;
        }
        JsonIn worn = in.at("dressings");
        Map<Id, Dressing> byPiece = new LinkedHashMap<>();
        for (String piece : worn.names()) {
            JsonIn one = worn.at(piece).only("lay");
            byPiece.put(worn.placed(() -> new Id(piece)), Dressing.of(one.at("lay").placed(ArticleCodec::lay)));
        }
        return new Dressings(byPiece);
    }

    /** Only the design is needed; all else has its neutral value. */
    private static Lay lay(JsonIn in) {
        in.only("design", "colourway", "scale", "grainDeg", "start", "opacity", "mode", "together");
        var start = in.list("start", JsonIn::asNumber);
        if (start.size() != 0 && start.size() != 2) {
            throw in.at("start").wrong("should be two numbers, mm to the right and down");
        }
        return new Lay(in.at("design").placed(d -> new Id(d.asText())), in.text("colourway", "Morning"),
                in.number("scale", 1), in.number("grainDeg", 0), start.isEmpty() ? 0 : start.get(0),
                start.isEmpty() ? 0 : start.get(1), in.number("opacity", 1),
                BlendMode.parse(in.text("mode", "normal")), in.truth("together", false));
    }
}
