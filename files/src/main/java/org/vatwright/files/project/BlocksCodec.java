package org.vatwright.files.project;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.family.block.Touch;
import org.vatwright.core.family.block.Variety;
import org.vatwright.core.pattern.Ink;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class BlocksCodec implements StructureCodec<Blocks> {

    @Override
    public String family() {
        return Blocks.FAMILY;
    }

    @Override
    public Class<Blocks> type() {
        return Blocks.class;
    }

    @Override
    public void write(Blocks blocks, ObjectNode out) {
        out.put("bond", blocks.bond().words()).put("lengthMm", blocks.lengthMm())
                .put("breadthMm", blocks.breadthMm()).put("jointMm", blocks.jointMm())
                .put("radiusMm", blocks.radiusMm());
        InkCodec.write(out, "joint", blocks.joint());
        out.put("angleDeg", blocks.angleDeg());
        inking(blocks.inking(), out);
        if (!blocks.variety().equals(Variety.NONE)) {
            Variety v = blocks.variety();
            out.putObject("variety").put("kinds", v.kinds()).put("tone", v.tone()).put("flip", v.flip())
                    .put("wornMm", v.wornMm()).put("chipped", v.chipped()).put("seed", v.seed());
        }
        if (!blocks.line().equals(Blocks.Line.NONE)) {
            ObjectNode line = out.putObject("line").put("widthMm", blocks.line().widthMm());
            InkCodec.write(line, "ink", blocks.line().ink());
        }
        if (!blocks.touches().isEmpty()) {
            touches(blocks.touches(), out.putArray("touched"));
        }
    }

    private static void inking(Inking inking, ObjectNode out) {
        out.put("inked", inking.way().words());
        ArrayNode inks = out.putArray("inks");
        inking.inks().forEach(ink -> InkCodec.add(inks, ink));
        // Kept while they rest, too: whoever goes back to chance finds them as they were.
        if (inking.way() == Inking.Way.AT_RANDOM || inking.shares().stream().anyMatch(s -> s != 1)) {
            ArrayNode shares = out.putArray("shares");
            inking.shares().forEach(shares::add);
        }
    }

    private static void touches(Map<Touch.Spot, Touch> touches, ArrayNode out) {
        touches.entrySet().stream().sorted(Map.Entry.comparingByKey(Comparator.comparingInt(Touch.Spot::row)
                .thenComparingInt(Touch.Spot::column).thenComparingInt(Touch.Spot::index))).forEach(e -> {
                    ObjectNode one = out.addObject().put("column", e.getKey().column()).put("row", e.getKey().row())
                            .put("index", e.getKey().index()).put("tone", e.getValue().tone())
                            .put("rolls", e.getValue().rolls());
                    e.getValue().ink().ifPresent(ink -> InkCodec.add(one.putArray("ink"), ink));
                });
    }

    @Override
    public Blocks read(JsonIn in) {
        in.only("family", "bond", "laying", "lengthMm", "breadthMm", "jointMm", "radiusMm", "joint", "angleDeg",
                "inked",
                "inks",
                "shares", "variety", "line", "touched");
        Inking inking = new Inking(Inking.Way.parse(in.text("inked", "by turn")),
                in.at("inks").items(InkCodec::read), in.list("shares", JsonIn::asNumber));
        Map<Touch.Spot, Touch> touches = new HashMap<>();
        in.list("touched", BlocksCodec::touch).forEach(e -> touches.put(e.getKey(), e.getValue()));
        return new Blocks(Bond.parse(in.has("laying") ? in.text("laying") : in.text("bond")), in.number("lengthMm"),
                in.number("breadthMm"),
                in.number("jointMm", 0), in.number("radiusMm", 0), InkCodec.read(in, "joint"), inking,
                in.has("variety") ? variety(in.at("variety")) : Variety.NONE,
                in.has("line") ? line(in.at("line")) : Blocks.Line.NONE, in.number("angleDeg", 0), touches);
    }

    private static Variety variety(JsonIn in) {
        in.only("kinds", "tone", "flip", "wornMm", "chipped", "seed");
        return new Variety(in.whole("kinds", 1), in.number("tone", 0), in.truth("flip", false), in.number("wornMm", 0),
                in.number("chipped", 0), in.longWhole("seed", 1));
    }

    private static Blocks.Line line(JsonIn in) {
        in.only("widthMm", "ink");
        return new Blocks.Line(InkCodec.read(in, "ink"), in.number("widthMm"));
    }

    private static Map.Entry<Touch.Spot, Touch> touch(JsonIn in) {
        in.only("column", "row", "index", "tone", "rolls", "ink");
        List<Ink> ink = in.list("ink", InkCodec::read);
        return Map.entry(new Touch.Spot(in.whole("column", 0), in.whole("row", 0), in.whole("index", 0)),
                new Touch(in.number("tone", 0), ink.isEmpty() ? Optional.empty() : Optional.of(ink.getFirst()),
                        in.whole("rolls", 0)));
    }
}
