package org.vatwright.files.project;

import org.vatwright.core.family.flow.BeadRow;
import org.vatwright.core.family.flow.Blob;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Knot;
import org.vatwright.core.family.flow.Ribbon;
import org.vatwright.core.family.flow.Sway;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class FlowLinesCodec implements StructureCodec<FlowLines> {

    @Override
    public String family() {
        return FlowLines.FAMILY;
    }

    @Override
    public Class<FlowLines> type() {
        return FlowLines.class;
    }

    @Override
    public void write(FlowLines lines, ObjectNode out) {
        out.put("periodMm", lines.periodMm()).put("pitchMm", lines.pitchMm()).put("angleDeg", lines.angleDeg());
        ArrayNode points = out.putArray("points");
        for (Knot k : lines.knots()) {
            ObjectNode one = points.addObject().put("x", k.x()).put("y", k.y());
            one.putArray("handle").add(k.handleX()).add(k.handleY());
            one.put("back", k.back()).put("swell", k.swell());
        }
        out.putObject("copies").put("count", lines.copies().count()).put("dxMm", lines.copies().dxMm())
                .put("dyMm", lines.copies().dyMm()).put("thickerMm", lines.copies().thickerMm());
        stroke(lines.stroke(), out);
        lines.beads().forEach(row -> beads(row, out.withArrayProperty("beads").addObject()));
        for (Blob blob : lines.blobs()) {
            ObjectNode one = out.withArrayProperty("blobs").addObject().put("x", blob.x()).put("y", blob.y())
                    .put("widthMm", blob.widthMm()).put("heightMm", blob.heightMm()).put("turnDeg", blob.turnDeg())
                    .put("uneven", blob.uneven());
            InkCodec.write(one, "ink", blob.ink());
        }
        if (!lines.sway().equals(Sway.NONE)) {
            out.putObject("sway").put("amountMm", lines.sway().amountMm()).put("waves", lines.sway().waves())
                    .put("seed", lines.sway().seed());
        }
        out.put("travel", lines.travel()).put("phase", lines.phase());
    }

    private static void stroke(Ribbon stroke, ObjectNode out) {
        out.put("thicknessMm", stroke.thicknessMm());
        ArrayNode inks = out.putArray("inks");
        stroke.inks().forEach(ink -> InkCodec.add(inks, ink));
        for (Ribbon.Stop stop : stroke.along()) {
            InkCodec.write(out.withArrayProperty("along").addObject().put("place", stop.place()), "ink", stop.ink());
        }
    }

    private static void beads(BeadRow row, ObjectNode out) {
        InkCodec.write(out, "ink", row.ink());
        out.put("offsetMm", row.offsetMm()).put("sizeMm", row.sizeMm()).put("ends", row.cap().words());
        ArrayNode steps = out.putArray("steps");
        row.steps().forEach(s -> steps.addObject().put("lengthMm", s.lengthMm()).put("gapMm", s.gapMm()));
        out.put("tied", row.tied());
    }

    @Override
    public FlowLines read(JsonIn in) {
        in.only("family", "periodMm", "pitchMm", "angleDeg", "points", "copies", "thicknessMm", "inks", "along",
                "beads",
                "blobs", "sway", "travel", "phase");
        return new FlowLines(in.number("periodMm"), in.number("pitchMm"), in.at("points").items(FlowLinesCodec::knot),
                in.has("copies") ? copies(in.at("copies")) : new FlowLines.Copies(1, 0, 0, 0),
                new Ribbon(in.number("thicknessMm"), in.at("inks").items(InkCodec::read),
                        in.list("along", FlowLinesCodec::stop)),
                in.list("beads", FlowLinesCodec::beads), in.list("blobs", FlowLinesCodec::blob),
                in.has("sway") ? sway(in.at("sway")) : Sway.NONE, in.whole("travel", 0), in.number("phase", 0),
                in.number("angleDeg", 0));
    }

    private static Knot knot(JsonIn in) {
        in.only("x", "y", "handle", "back", "swell");
        var handle = in.at("handle").items(JsonIn::asNumber);
        if (handle.size() != 2) {
            throw in.at("handle").wrong("should be two numbers, across and down");
        }
        return new Knot(in.number("x"), in.number("y"), handle.get(0), handle.get(1), in.number("back", 1),
                in.number("swell", 1));
    }

    private static FlowLines.Copies copies(JsonIn in) {
        in.only("count", "dxMm", "dyMm", "thickerMm");
        return new FlowLines.Copies(in.whole("count", 1), in.number("dxMm", 0), in.number("dyMm", 0),
                in.number("thickerMm", 0));
    }

    private static Ribbon.Stop stop(JsonIn in) {
        in.only("place", "ink");
        return new Ribbon.Stop(in.number("place"), InkCodec.read(in, "ink"));
    }

    private static BeadRow beads(JsonIn in) {
        in.only("ink", "offsetMm", "sizeMm", "ends", "steps", "tied");
        return new BeadRow(InkCodec.read(in, "ink"), in.number("offsetMm", 0), in.number("sizeMm"),
                BeadRow.Cap.parse(in.text("ends", "round")), in.at("steps").items(FlowLinesCodec::step),
                in.truth("tied", false));
    }

    private static BeadRow.Step step(JsonIn in) {
        in.only("lengthMm", "gapMm");
        return new BeadRow.Step(in.number("lengthMm"), in.number("gapMm"));
    }

    private static Blob blob(JsonIn in) {
        in.only("x", "y", "widthMm", "heightMm", "turnDeg", "uneven", "ink");
        return new Blob(in.number("x"), in.number("y"), in.number("widthMm"), in.number("heightMm"),
                in.number("turnDeg", 0), in.number("uneven", 0), InkCodec.read(in, "ink"));
    }

    private static Sway sway(JsonIn in) {
        in.only("amountMm", "waves", "seed");
        return new Sway(in.number("amountMm"), in.whole("waves", 3), in.longWhole("seed", 1));
    }
}
