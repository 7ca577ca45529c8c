package org.vatwright.files.project;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Backing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Pair;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Flats in JSON: pieces and lines, what they are drawn over, partners and seams. */
final class FlatCodec {

    private FlatCodec() {}

    static void write(Article.Flat f, ObjectNode out, LinksOut links) {
        out.put("kind", "flat").put("name", f.name()).put("widthMm", f.widthMm()).put("heightMm", f.heightMm());
        ArrayNode pieces = out.putArray("pieces");
        f.pieces().forEach(p -> pieces.add(piece(p)));
        ArrayNode lines = out.putArray("lines");
        for (Article.Line line : f.lines()) {
            stroke(lines.addObject().put("outline", line.outline().data()), Optional.of(line.stroke()));
        }
        f.backing().ifPresent(b -> links.picture(out.putObject("over").put("kept", b.kept()).put("opacity", b.opacity())
                .put("dpi", b.picture().dpi()), b.picture()));
        if (!f.pairs().isEmpty()) {
            ArrayNode pairs = out.putArray("pairs");
            for (Pair pair : f.pairs()) {
                ObjectNode one = pairs.addObject();
                one.putArray("pieces").add(pair.one().text()).add(pair.other().text());
                one.put("glass", pair.glass());
            }
        }
        if (!f.seams().isEmpty()) {
            ArrayNode seams = out.putArray("seams");
            f.seams().forEach(s -> seams.add(seam(s)));
        }
    }

    private static ObjectNode piece(Piece piece) {
        ObjectNode out = Json.object().put("id", piece.id().text()).put("name", piece.name()).put("outline",
                piece.outline().data());
        stroke(out, piece.stroke());
        piece.fill().ifPresent(f -> out.put("fill", f.hex()));
        if (piece.hidden()) {
            out.put("hidden", true);
        }
        if (piece.locked()) {
            out.put("locked", true);
        }
        if (piece.aside()) {
            out.putArray("aside").add(piece.asideX()).add(piece.asideY());
        }
        return out;
    }

    static void stroke(ObjectNode out, Optional<Pen> stroke) {
        stroke.ifPresent(s -> pen(out.putObject("stroke"), s));
    }

    static void pen(ObjectNode out, Pen pen) {
        out.put("colour", pen.colour().hex()).put("widthMm", pen.widthMm());
        if (!pen.dashesMm().isEmpty()) {
            pen.dashesMm().forEach(out.putArray("dashesMm")::add);
        }
        if (pen.side() != Pen.Side.MIDDLE) {
            out.put("side", pen.side().keyword());
        }
    }

    private static ObjectNode seam(Seam seam) {
        ObjectNode out = Json.object();
        edge(out.putObject("first"), seam.first());
        edge(out.putObject("second"), seam.second());
        ArrayNode notches = out.putArray("notches");
        seam.notches().forEach(n -> notches.addArray().add(n.onFirst()).add(n.onSecond()));
        if (seam.meets() != Seam.Meets.BOTH) {
            out.put("meets", seam.meets().keyword());
        }
        return seam.laidOn() ? out.put("laidOn", true) : out;
    }

    private static void edge(ObjectNode out, Seam.Edge edge) {
        out.put("piece", edge.piece().text()).put("from", edge.from()).put("to", edge.to()).put("backwards",
                edge.backwards());
    }

    static Article.Flat read(JsonIn in, LinksIn links, Dressings dressings) {
        in.only("id", "kind", "name", "widthMm", "heightMm", "pieces", "lines", "over", "pairs", "seams", "dressings",
                "whole");
        return new Article.Flat(FillCodec.id(in), in.text("name"), in.number("widthMm"), in.number("heightMm"),
                in.list("pieces", FlatCodec::piece),
                in.list("lines", l -> new Article.Line(Outline.parse(l.only("outline", "stroke").text("outline")),
                        stroke(l).orElseThrow(() -> l.wrong("lacks \"stroke\"")))),
                in.has("over") ? Optional.of(in.at("over").placed(o -> backing(o, links))) : Optional.empty(),
                in.list("pairs", FlatCodec::pair), in.list("seams", FlatCodec::seam), dressings);
    }

    private static Backing backing(JsonIn in, LinksIn links) {
        in.only("kept", "opacity", "dpi", "png", "entry");
        return new Backing(new Picture(links.picture(in), in.number("dpi", 300)), in.truth("kept", false),
                in.number("opacity", 1));
    }

    private static Piece piece(JsonIn in) {
        in.only("id", "name", "outline", "stroke", "fill", "hidden", "locked", "aside");
        List<Double> aside = two(in, "aside");
        return in.placed(() -> new Piece(FillCodec.id(in), in.text("name"), Outline.parse(in.text("outline")),
                stroke(in),
                in.has("fill") ? Optional.of(Rgb.parse(in.text("fill"))) : Optional.empty(), in.truth("hidden", false),
                in.truth("locked", false), aside.get(0), aside.get(1)));
    }

    private static List<Double> two(JsonIn in, String name) {
        List<Double> pair = in.list(name, JsonIn::asNumber);
        if (!pair.isEmpty() && pair.size() != 2) {
            throw in.at(name).wrong("should be two numbers");
        }
        return pair.isEmpty() ? List.of(0.0, 0.0) : pair;
    }

    static Optional<Pen> stroke(JsonIn in) {
        return in.has("stroke") ? Optional.of(pen(in.at("stroke"))) : Optional.empty();
    }

    static Pen pen(JsonIn in) {
        in.only("colour", "widthMm", "dashesMm", "side");
        return in.placed(() -> new Pen(Rgb.parse(in.text("colour")), in.number("widthMm"),
                in.list("dashesMm", JsonIn::asNumber), Pen.Side.parse(in.text("side", "middle"))));
    }

    private static Pair pair(JsonIn in) {
        List<String> pieces = in.only("pieces", "glass").list("pieces", JsonIn::asText);
        if (pieces.size() != 2) {
            throw in.wrong("should have two \"pieces\"");
        }
        return in.placed(() -> new Pair(new Id(pieces.get(0)), new Id(pieces.get(1)), in.truth("glass", false)));
    }

    private static Seam seam(JsonIn in) {
        in.only("first", "second", "notches", "laidOn", "meets");
        return in.placed(() -> new Seam(edge(in.at("first")), edge(in.at("second")),
                in.list("notches", n -> n.items(JsonIn::asNumber)).stream().map(n -> notch(in, n)).toList(),
                in.truth("laidOn", false), Seam.Meets.parse(in.text("meets", "both"))));
    }

    private static Seam.Notch notch(JsonIn in, List<Double> pair) {
        if (pair.size() != 2) {
            throw in.at("notches").wrong("should be pairs of shares of the two edges, 0 to 1");
        }
        return new Seam.Notch(pair.get(0), pair.get(1));
    }

    private static Seam.Edge edge(JsonIn in) {
        in.only("piece", "from", "to", "backwards");
        return in.placed(() -> new Seam.Edge(new Id(in.text("piece")), in.number("from"), in.number("to"),
                in.truth("backwards", false)));
    }
}
