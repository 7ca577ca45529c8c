package org.vatwright.files.project;

import java.util.List;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.pattern.Mask;
import org.vatwright.core.woven.ThreadMask;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** The parts of cloths in JSON: runs of threads, weaves, looks, masks. */
final class FabricCodec {

    private FabricCodec() {}

    static void run(ObjectNode out, String name, BandRun run) {
        ObjectNode node = out.putObject(name).put("pivot", run.pivot());
        ArrayNode bands = node.putArray("bands");
        for (Band band : run.bands()) {
            ObjectNode one = bands.addObject();
            InkCodec.write(one, "ink", band.ink());
            one.put("threads", (int) band.width());
        }
    }

    static BandRun run(JsonIn in) {
        in.only("pivot", "bands");
        return in.placed(() -> new BandRun(in.list("bands", FabricCodec::band), in.truth("pivot", false)));
    }

    private static Band band(JsonIn in) {
        in.only("ink", "threads");
        return in.placed(() -> new Band(InkCodec.read(in, "ink"), in.number("threads")));
    }

    /** A weave that its name describes is its name; any other is its rows. */
    static void weave(ObjectNode out, Weave weave) {
        if (weave.named()) {
            out.put("weave", weave.name());
        } else {
            ObjectNode node = out.putObject("weave").put("name", weave.name());
            weave.rows().forEach(node.putArray("rows")::add);
        }
    }

    static Weave weave(JsonIn in) {
        JsonIn weave = in.at("weave");
        if (weave.isText()) {
            return weave.placed(() -> Weave.parse(weave.asText()));
        }
        weave.only("name", "rows");
        List<String> rows = weave.list("rows", JsonIn::asText);
        return weave.placed(() -> Weave.of(weave.text("name"), rows));
    }

    static void look(ObjectNode out, Look look) {
        switch (look) {
            case Look.Woven _ -> out.put("look", "woven");
            case Look.Yarns(YarnLook yarn) -> {
                out.put("look", "yarn");
                out.putObject("yarn").put("warpWidth", yarn.warpWidth()).put("weftWidth", yarn.weftWidth())
                        .put("rounding", yarn.rounding()).put("depth", yarn.depth()).put("twist", yarn.twist())
                        .put("slub", yarn.slub()).put("slubMm", yarn.slubMm()).put("uneven", yarn.uneven())
                        .put("lightDeg", yarn.lightDeg()).put("seed", yarn.seed());
            }
            case Look.Blended(double share) -> out.put("look", "blended").put("warpShare", share);
        }
    }

    static Look look(JsonIn in) {
        return switch (in.text("look", "woven")) {
            case "woven" -> Look.WOVEN;
            case "yarn" -> new Look.Yarns(yarn(in.at("yarn")));
            case "blended" -> in.placed(() -> new Look.Blended(in.number("warpShare", 0.5)));
            default -> throw in.at("look").wrong("should be \"woven\", \"yarn\" or \"blended\"");
        };
    }

    private static YarnLook yarn(JsonIn in) {
        in.only("warpWidth", "weftWidth", "rounding", "depth", "twist", "slub", "slubMm", "uneven", "lightDeg", "seed");
        return in.placed(() -> new YarnLook(in.number("warpWidth", 1), in.number("weftWidth", 1),
                in.number("rounding", 0.5), in.number("depth", 0.5), in.number("twist", 0), in.number("slub", 0),
                in.number("slubMm", 12), in.number("uneven", 0), in.number("lightDeg", 135), in.longWhole("seed", 1)));
    }

    static void mask(ObjectNode out, Mask mask) {
        ThreadMask threads = (ThreadMask) mask;
        ObjectNode node = out.putObject("mask").put("show", threads.warp() ? "warp" : "weft");
        weave(node, threads.weave());
        node.put("endsPerCm", threads.endsPerCm()).put("picksPerCm", threads.picksPerCm());
    }

    static Mask mask(JsonIn in) {
        in.only("show", "weave", "endsPerCm", "picksPerCm");
        boolean warp = switch (in.text("show")) {
            case "warp" -> true;
            case "weft" -> false;
            default -> throw in.at("show").wrong("should be \"warp\" or \"weft\"");
        };
        return in.placed(() -> new ThreadMask(weave(in), warp, in.number("endsPerCm"),
                in.number("picksPerCm", in.number("endsPerCm"))));
    }
}
