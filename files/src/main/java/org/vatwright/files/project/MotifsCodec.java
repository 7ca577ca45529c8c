package org.vatwright.files.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class MotifsCodec implements StructureCodec<Motifs> {

    @Override
    public String family() {
        return Motifs.FAMILY;
    }

    @Override
    public Class<Motifs> type() {
        return Motifs.class;
    }

    @Override
    public void write(Motifs motifs, ObjectNode out) {
        ArrayNode list = out.putArray("motifs");
        for (Motif motif : motifs.motifs()) {
            ObjectNode one = list.addObject().put("id", motif.id()).put("name", motif.name());
            ArrayNode parts = one.putArray("parts");
            motif.parts().forEach(part -> PartCodec.write(part, parts.addObject()));
        }
        if (!motifs.byHand().isEmpty()) {
            ArrayNode byHand = out.putArray("byHand");
            motifs.byHand().forEach(i -> instance(i, byHand.addObject()));
        }
        placing(motifs.placing(), out);
        out.put("group", motifs.group().sign());
    }

    private static void instance(Instance i, ObjectNode out) {
        out.put("motif", i.motif()).put("x", i.x()).put("y", i.y()).put("turnDeg", i.turnDeg()).put("scale", i.scale())
                .put("flip", i.flip());
        i.ink().ifPresent(ink -> InkCodec.add(out.putArray("ink"), ink));
    }

    private static void placing(Placing placing, ObjectNode out) {
        switch (placing) {
            case Placing.ByHand _ -> out.putObject("placing").put("kind", "by hand");
            case Placing.Rows r -> out.putObject("placing").put("kind", "rows").put("across", r.across())
                    .put("down", r.down()).put("arrangement", r.arrangement().toString()).put("turnStep", r.turnStep())
                    .put("flipEverySecond", r.flipEverySecond());
            case Placing.Rings r -> out.putObject("placing").put("kind", "rings").put("rings", r.rings())
                    .put("first", r.first()).put("more", r.more()).put("radiusMm", r.radiusMm())
                    .put("stepMm", r.stepMm()).put("outward", r.outward());
            case Placing.Along a -> out.putObject("placing").put("kind", "along").put("line", a.line().data())
                    .put("count", a.count()).put("asideMm", a.asideMm()).put("start", a.startShare())
                    .put("turned", a.turned());
            case Placing.Trim t -> {
                ObjectNode node = out.putObject("placing").put("kind", "trim").put("line", t.line().data());
                t.corner().ifPresent(c -> node.put("cornerMotif", c));
                TrimFormCodec.write(t.form(), node);
            }
            case Placing.Scattered s -> {
                ObjectNode node = out.putObject("placing").put("kind", "scattered").put("count", s.count());
                s.shares().forEach(node.putArray("shares")::add);
                node.put("gapMm", s.gapMm()).put("least", s.least()).put("most", s.most())
                        .put("turnFrom", s.turnFrom()).put("turnTo", s.turnTo()).put("flipped", s.flipped());
                ArrayNode inks = node.putArray("inks");
                s.inks().forEach(ink -> InkCodec.add(inks, ink));
                node.put("even", s.even()).put("fill", s.fill()).put("relax", s.relax()).put("seed", s.seed());
                if (!s.again().isEmpty()) {
                    ObjectNode again = node.putObject("again");
                    new TreeMap<>(s.again()).forEach((number, times) -> again.put(String.valueOf(number), times));
                }
            }
        }
    }

    @Override
    public Motifs read(JsonIn in) {
        in.only("family", "motifs", "byHand", "placing", "group");
        return new Motifs(in.at("motifs").items(MotifsCodec::motif), in.list("byHand", MotifsCodec::instance),
                in.has("placing") ? placing(in.at("placing")) : new Placing.ByHand(),
                WallpaperGroup.parse(in.text("group", "p1")));
    }

    private static Motif motif(JsonIn in) {
        in.only("id", "name", "parts");
        return new Motif(in.whole("id", 1), in.text("name"), in.at("parts").items(PartCodec::read));
    }

    private static Instance instance(JsonIn in) {
        in.only("motif", "x", "y", "turnDeg", "scale", "flip", "ink");
        List<Ink> ink = in.list("ink", InkCodec::read);
        return new Instance(in.whole("motif", 1), in.number("x"), in.number("y"), in.number("turnDeg", 0),
                in.number("scale", 1), in.truth("flip", false),
                ink.isEmpty() ? Optional.empty() : Optional.of(ink.getFirst()));
    }

    private static Placing placing(JsonIn in) {
        return switch (in.text("kind")) {
            case "by hand" -> {
                in.only("kind");
                yield new Placing.ByHand();
            }
            case "rows" -> {
                in.only("kind", "across", "down", "arrangement", "turnStep", "flipEverySecond");
                yield new Placing.Rows(in.whole("across", 1), in.whole("down", 1),
                        Arrangement.parse(in.text("arrangement", "straight")), in.number("turnStep", 0),
                        in.truth("flipEverySecond", false));
            }
            case "rings" -> {
                in.only("kind", "rings", "first", "more", "radiusMm", "stepMm", "outward");
                yield new Placing.Rings(in.whole("rings", 1), in.whole("first", 6), in.whole("more", 0),
                        in.number("radiusMm"), in.number("stepMm", 10), in.truth("outward", true));
            }
            case "along" -> {
                in.only("kind", "line", "count", "asideMm", "start", "turned");
                yield new Placing.Along(Outline.parse(in.text("line")), in.whole("count", 8), in.number("asideMm", 0),
                        in.number("start", 0), in.truth("turned", true));
            }
            case "trim" -> {
                in.only(Stream.concat(Stream.of("kind", "line", "cornerMotif"), TrimFormCodec.NAMES.stream())
                        .toArray(String[]::new));
                yield in.placed(() -> new Placing.Trim(Outline.parse(in.text("line")),
                        in.has("cornerMotif") ? Optional.of(in.whole("cornerMotif", 1)) : Optional.empty(),
                        TrimFormCodec.read(in)));
            }
            case "scattered" -> {
                in.only("kind", "count", "shares", "gapMm", "least", "most", "turnFrom", "turnTo", "flipped", "inks",
                        "even", "fill", "relax", "seed", "again");
                yield new Placing.Scattered(in.whole("count", 10), in.list("shares", JsonIn::asNumber),
                        in.number("gapMm", 0), in.number("least", 1), in.number("most", in.number("least", 1)),
                        in.number("turnFrom", 0), in.number("turnTo", in.number("turnFrom", 0)),
                        in.number("flipped", 0), in.list("inks", InkCodec::read), in.truth("even", true),
                        in.whole("fill", 0), in.whole("relax", 0), in.longWhole("seed", 1), again(in));
            }
            default -> throw in.at("kind")
                    .wrong("should be \"by hand\", \"rows\", \"rings\", \"along\", \"trim\" or \"scattered\"");
        };
    }

    private static Map<Integer, Integer> again(JsonIn in) {
        Map<Integer, Integer> again = new TreeMap<>();
        if (in.has("again")) {
            JsonIn each = in.at("again");
            for (String number : each.names()) {
                try {
                    again.put(Integer.valueOf(number), each.whole(number, 1));
                } catch (NumberFormatException e) {
                    throw each.wrong("has \"%s\" where the number of a motif should stand".formatted(number));
                }
            }
        }
        return again;
    }
}
