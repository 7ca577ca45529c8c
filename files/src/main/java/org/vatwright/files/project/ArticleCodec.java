package org.vatwright.files.project;

import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Density;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Articles and their lays in JSON. */
public final class ArticleCodec {

    private ArticleCodec() {}

    static ObjectNode write(Article article) {
        ObjectNode out = Json.object();
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
                ArrayNode lays = out.putArray("lays");
                l.lays().forEach(lay -> lays.add(lay(lay)));
                stroke(out, l.stroke());
            }
            case Article.Sheet s -> {
                out.put("kind", "sheet").put("name", s.name()).put("widthMm", s.widthMm()).put("heightMm", s.heightMm())
                        .put("dpi", s.density().dpi());
                s.lay().ifPresent(lay -> out.set("lay", lay(lay)));
            }
        }
        return out;
    }

    private static ObjectNode piece(Piece piece) {
        ObjectNode out = Json.object().put("name", piece.name()).put("outline", piece.outline().data());
        stroke(out, piece.stroke());
        piece.lay().ifPresent(lay -> out.set("lay", lay(lay)));
        return out;
    }

    private static void stroke(ObjectNode out, Optional<Pen> stroke) {
        stroke.ifPresent(
                s -> out.putObject("stroke").put("colour", s.colour().hex()).put("widthMm", s.widthMm()));
    }

    private static ObjectNode lay(Lay lay) {
        ObjectNode out = Json.object().put("design", lay.design()).put("colourway", lay.colourway())
                .put("scale", lay.scale()).put("grainDeg", lay.grainDeg());
        out.putArray("start").add(lay.startX()).add(lay.startY());
        return out.put("opacity", lay.opacity()).put("mode", lay.mode().keyword());
    }

    public static Article read(JsonIn in) {
        return switch (in.text("kind")) {
            case "flat" -> flat(in.only("kind", "name", "widthMm", "heightMm", "pieces", "lines"));
            case "lettering" -> lettering(
                    in.only("kind", "name", "text", "typeface", "heightMm", "eachOwn", "lays", "stroke"));
            case "sheet" -> new Article.Sheet(in.only("kind", "name", "widthMm", "heightMm", "dpi", "lay").text("name"),
                    in.number("widthMm"), in.number("heightMm"), new Density(in.number("dpi", 300)), optionalLay(in));
            default -> throw in.at("kind").wrong("should be \"flat\", \"lettering\" or \"sheet\"");
        };
    }

    private static Article flat(JsonIn in) {
        return new Article.Flat(in.text("name"), in.number("widthMm"), in.number("heightMm"),
                in.list("pieces", ArticleCodec::piece),
                in.list("lines", l -> new Article.Line(Outline.parse(l.only("outline", "stroke").text("outline")),
                        stroke(l).orElseThrow(() -> l.wrong("lacks \"stroke\"")))));
    }

    private static Article lettering(JsonIn in) {
        return new Article.Lettering(in.text("name"), in.text("text"), in.text("typeface", ""), in.number("heightMm"),
                in.truth("eachOwn", false), in.list("lays", ArticleCodec::lay), stroke(in));
    }

    private static Piece piece(JsonIn in) {
        in.only("name", "outline", "stroke", "lay");
        return new Piece(in.text("name"), Outline.parse(in.text("outline")), stroke(in), optionalLay(in));
    }

    private static Optional<Pen> stroke(JsonIn in) {
        if (!in.has("stroke")) {
            return Optional.empty();
        }
        JsonIn stroke = in.at("stroke").only("colour", "widthMm");
        return Optional.of(stroke.placed(() -> new Pen(Rgb.parse(stroke.text("colour")), stroke.number("widthMm"))));
    }

    private static Optional<Lay> optionalLay(JsonIn in) {
        return in.has("lay") ? Optional.of(in.at("lay").placed(ArticleCodec::lay)) : Optional.empty();
    }

    /** Only the design is needed; all else has its neutral value. */
    public static Lay lay(JsonIn in) {
        in.only("design", "colourway", "scale", "grainDeg", "start", "opacity", "mode");
        var start = in.list("start", JsonIn::asNumber);
        if (start.size() != 0 && start.size() != 2) {
            throw in.at("start").wrong("should be two numbers, mm to the right and down");
        }
        return new Lay(in.text("design"), in.text("colourway", "Morning"), in.number("scale", 1),
                in.number("grainDeg", 0), start.isEmpty() ? 0 : start.get(0), start.isEmpty() ? 0 : start.get(1),
                in.number("opacity", 1), BlendMode.parse(in.text("mode", "normal")));
    }
}
