package org.vatwright.files.project;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Setting;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Articles in JSON, and what their pieces wear, by the pieces' ids. */
final class ArticleCodec {

    private ArticleCodec() {}

    static ObjectNode write(Article article, LinksOut links) {
        ObjectNode out = Json.object().put("id", article.id().text());
        switch (article) {
            case Article.Flat f -> FlatCodec.write(f, out, links);
            case Article.Lettering l -> {
                out.put("kind", "lettering").put("name", l.name()).put("text", l.text()).put("typeface", l.typeface())
                        .put("heightMm", l.heightMm()).put("eachOwn", l.eachOwn());
                FlatCodec.stroke(out, l.stroke());
                if (!l.setting().equals(Setting.PLAIN)) {
                    setting(out.putObject("setting"), l.setting());
                }
            }
            case Article.Sheet s -> out.put("kind", "sheet").put("name", s.name()).put("widthMm", s.widthMm())
                    .put("heightMm", s.heightMm()).put("dpi", s.density().dpi());
        }
        ObjectNode worn = out.putObject("dressings");
        new TreeMap<>(article.dressings().byPiece())
                .forEach((piece, dressing) -> worn.set(piece.text(), LayCodec.write(dressing)));
        ObjectNode whole = FinishCodec.write(article.dressings().whole());
        if (!whole.isEmpty()) {
            out.set("whole", whole);
        }
        return out;
    }

    /** @param links where its picture is found */
    static Article read(JsonIn in, LinksIn links) {
        return switch (in.text("kind")) {
            case "flat" -> FlatCodec.read(in, links, dressings(in));
            case "lettering" -> lettering(in.only("id", "kind", "name", "text", "typeface", "heightMm", "eachOwn",
                    "stroke", "setting", "dressings", "whole"));
            case "sheet" -> sheet(in.only("id", "kind", "name", "widthMm", "heightMm", "dpi", "dressings", "whole"));
            default -> throw in.at("kind").wrong("should be \"flat\", \"lettering\" or \"sheet\"");
        };
    }

    private static Article lettering(JsonIn in) {
        return new Article.Lettering(FillCodec.id(in), in.text("name"), in.text("text"), in.text("typeface", ""),
                in.number("heightMm"), in.truth("eachOwn", false), FlatCodec.stroke(in),
                in.has("setting") ? in.at("setting").placed(ArticleCodec::setting) : Setting.PLAIN, dressings(in));
    }

    private static void setting(ObjectNode out, Setting setting) {
        out.put("align", setting.align().keyword()).put("apart", setting.apart()).put("leading", setting.leading())
                .put("arcMm", setting.arcMm()).put("boxMm", setting.boxMm());
        setting.line().ifPresent(l -> out.put("line", l.data()));
        if (setting.byWord()) {
            out.put("byWord", true);
        }
    }

    private static Setting setting(JsonIn in) {
        in.only("align", "apart", "leading", "arcMm", "boxMm", "line", "byWord");
        Setting plain = Setting.PLAIN;
        return new Setting(Setting.Align.parse(in.text("align", plain.align().keyword())),
                in.number("apart", plain.apart()), in.number("leading", plain.leading()),
                in.number("arcMm", plain.arcMm()), in.number("boxMm", plain.boxMm()),
                in.has("line") ? Optional.of(Outline.parse(in.text("line"))) : Optional.empty(),
                in.truth("byWord", false));
    }

    private static Article sheet(JsonIn in) {
        return new Article.Sheet(FillCodec.id(in), in.text("name"), in.number("widthMm"), in.number("heightMm"),
                new Density(in.number("dpi", 300)), dressings(in));
    }

    private static Dressings dressings(JsonIn in) {
        Whole whole = in.has("whole") ? in.at("whole").placed(FinishCodec::read) : Whole.PLAIN;
        Map<Id, Dressing> byPiece = new LinkedHashMap<>();
        if (!in.has("dressings")) {
            return new Dressings(byPiece, whole);
        }
        JsonIn worn = in.at("dressings");
        for (String piece : worn.names()) {
            byPiece.put(worn.placed(() -> new Id(piece)), worn.at(piece).placed(LayCodec::read));
        }
        return new Dressings(byPiece, whole);
    }
}
