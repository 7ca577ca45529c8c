package org.vatwright.files.project;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.band.Edge;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class StripesCodec implements StructureCodec<Stripes> {

    @Override
    public String family() {
        return Stripes.FAMILY;
    }

    @Override
    public Class<Stripes> type() {
        return Stripes.class;
    }

    @Override
    public void write(Stripes stripes, ObjectNode out) {
        out.put("measure", stripes.measure().unit());
        if (stripes.measure() instanceof BandMeasure.Threads(double perCm)) {
            out.put("threadsPerCm", perCm);
        }
        out.put("pivot", stripes.run().pivot());
        out.put("angleDeg", stripes.angleDeg());
        out.put("seed", stripes.seed());
        ArrayNode bands = out.putArray("bands");
        for (Band band : stripes.run().bands()) {
            ObjectNode one = bands.addObject();
            InkCodec.write(one, "ink", band.ink());
            one.put("width", band.width());
            if (!band.edge().equals(Edge.HARD)) {
                one.putObject("edge").put("featherMm", band.edge().featherMm()).put("wobbleMm", band.edge().wobbleMm())
                        .put("wobbleLengthMm", band.edge().wobbleLengthMm());
            }
        }
    }

    @Override
    public Stripes read(JsonIn in) {
        in.only("family", "measure", "threadsPerCm", "pivot", "angleDeg", "seed", "bands");
        BandRun run = new BandRun(in.list("bands", StripesCodec::band), in.truth("pivot", false));
        return new Stripes(run, measure(in), in.number("angleDeg", 0), in.longWhole("seed", 1));
    }

    private static BandMeasure measure(JsonIn in) {
        return switch (in.text("measure", "mm")) {
            case "mm" -> new BandMeasure.Millimetres();
            case "threads" -> new BandMeasure.Threads(in.number("threadsPerCm"));
            default -> throw in.at("measure").wrong("should be \"mm\" or \"threads\"");
        };
    }

    private static Band band(JsonIn in) {
        in.only("ink", "width", "edge");
        return new Band(InkCodec.read(in, "ink"), in.number("width"), in.has("edge") ? edge(in.at("edge")) : Edge.HARD);
    }

    private static Edge edge(JsonIn in) {
        in.only("featherMm", "wobbleMm", "wobbleLengthMm");
        return new Edge(in.number("featherMm", 0), in.number("wobbleMm", 0),
                in.number("wobbleLengthMm", Edge.HARD.wobbleLengthMm()));
    }
}
