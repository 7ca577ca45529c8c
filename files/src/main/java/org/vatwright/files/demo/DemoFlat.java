package org.vatwright.files.demo;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Backing;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Pair;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.sewing.SeamFinder;
import org.vatwright.files.blank.Blanks;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.JsonIn;
import org.vatwright.files.project.DrapeCodec;
import org.vatwright.files.project.FinishCodec;
import org.vatwright.files.project.LayCodec;
import org.vatwright.files.project.StitchCodec;
import org.vatwright.files.svg.FlatReader;

/**
 * A flat of the demo: its drawing, or a blank, and by the names of the pieces how each is dressed; how it is draped, shaded, lit, sewn, and
 * what it hangs in.
 */
final class DemoFlat {

    private static final double SHADE = 0.7;

    private DemoFlat() {}

    static Article read(JsonIn in, Id id, String name) {
        in.only("kind", "name", "file", "of", "lays", "drapes", "shade", "light", "figures", "stitches", "over",
                "seamsWithin",
                "pairs", "whole");
        Article.Flat drawn = in.text("kind").equals("blank")
                ? Blanks.of(in.text("of"))
                : FlatReader.read(DemoCommission.resource(in.text("file")), in.text("file"), Limits.STANDARD).article();
        Map<String, Id> ids = new LinkedHashMap<>();
        List<Piece> pieces = drawn.pieces().stream().map(p -> p.withId(DemoCommission.id(p.name()))).toList();
        pieces.forEach(p -> ids.put(p.name(), p.id()));
        Dressings worn = Dressings.NONE;
        JsonIn lays = in.at("lays");
        for (String piece : lays.names()) {
            worn = worn.with(piece(ids, name, piece), Optional.of(DemoCommission.lay(lays.at(piece))));
        }
        if (in.has("drapes")) {
            JsonIn drapes = in.at("drapes");
            for (String piece : drapes.names()) {
                Id one = piece(ids, name, piece);
                Dressing bent = worn.of(one).with().drape(Optional.of(DrapeCodec.read(drapes.at(piece))))
                        .shade(in.number("shade", SHADE)).light(in.number("light", 0)).build();
                worn = worn.with(one, bent);
            }
        }
        if (in.has("figures")) {
            JsonIn figures = in.at("figures");
            for (String piece : figures.names()) {
                Id one = piece(ids, name, piece);
                worn = worn.with(one, worn.of(one).withPrints(figures.list(piece, LayCodec::print)));
            }
        }
        if (in.has("stitches")) {
            JsonIn sewn = in.at("stitches");
            for (String piece : sewn.names()) {
                Id one = piece(ids, name, piece);
                worn = worn.with(one, worn.of(one).withStitches(sewn.list(piece, StitchCodec::read)));
            }
        }
        Whole whole = in.has("whole") ? in.at("whole").placed(FinishCodec::read) : Whole.PLAIN;
        worn = worn.withWhole(w -> whole);
        Article.Flat dressed = drawn.with().id(id).name(name).pieces(pieces).dressings(worn)
                .backing(in.has("over") ? Optional.of(hangs(in.text("over"), drawn.widthMm())) : Optional.empty())
                .pairs(in.list("pairs", p -> p.items(JsonIn::asText)).stream()
                        .map(p -> new Pair(piece(ids, name, p.get(0)), piece(ids, name, p.get(1)), false)).toList())
                .build();
        return in.has("seamsWithin") ? sewn(dressed, in.number("seamsWithin")) : dressed;
    }

    private static Id piece(Map<String, Id> ids, String article, String piece) {
        Id found = ids.get(piece);
        if (found == null) {
            throw new Refusal(
                    "%s has no piece %s; it has %s".formatted(article, piece, String.join(", ", ids.keySet())));
        }
        return found;
    }

    private static Backing hangs(String picture, double widthMm) {
        return new Backing(new Picture(DemoCommission.picture(picture), 1).ofWidth(widthMm), true, 1);
    }

    /** Level bars go on from piece to piece; what lies on another piece lies as its maker wishes. */
    private static Article.Flat sewn(Article.Flat article, double withinMm) {
        List<Seam> seams = SeamFinder.found(article, withinMm).stream().filter(s -> !s.laidOn())
                .filter(s -> wears(article, s.first()).equals(wears(article, s.second())))
                .map(s -> s.withMeets(Seam.Meets.LEVEL)).toList();
        return article.with().seams(seams).build();
    }

    private static Optional<Id> wears(Article.Flat article, Seam.Edge edge) {
        return article.dressing(edge.piece()).lay().map(l -> l.design());
    }
}
