package org.vatwright.files.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

import org.vatwright.core.drape.Along;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Round;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Drapes in JSON; places are pairs of numbers, mm to the right and down. */
public final class DrapeCodec {

    private DrapeCodec() {}

    static ObjectNode write(Drape drape) {
        ObjectNode out = Json.object().put("kind", drape.kind());
        switch (drape) {
            case Mesh m -> {
                write(out, m.rest());
                places(out.put("columns", m.columns()).put("rows", m.rows()), m.points());
                if (!m.pins().isEmpty()) {
                    ArrayNode pins = out.putArray("pins");
                    new TreeSet<>(m.pins()).forEach(pins::add);
                }
            }
            case Panel p -> {
                write(out, p.cloth());
                places(out, p.corners());
            }
            case Round r -> places(out, List.of(r.start(), r.end())).put("halfMm", r.halfMm())
                    .put("endHalfMm", r.endHalfMm()).put("seenDeg", r.seenDeg()).put("sagMm", r.sagMm());
            case Along a -> places(out, a.points()).put("halfMm", a.halfMm());
        }
        return out;
    }

    private static void write(ObjectNode out, Box box) {
        out.putArray("cloth").add(box.x()).add(box.y()).add(box.width()).add(box.height());
    }

    static ObjectNode places(ObjectNode out, List<Place> places) {
        ArrayNode all = out.putArray("points");
        places.forEach(p -> all.addArray().add(p.x()).add(p.y()));
        return out;
    }

    public static Drape read(JsonIn in) {
        return switch (in.text("kind")) {
            case "mesh" -> {
                in.only("kind", "cloth", "columns", "rows", "points", "pins");
                Set<Integer> pins = new TreeSet<>();
                in.list("pins", JsonIn::asNumber).forEach(n -> pins.add((int) Math.rint(n)));
                yield new Mesh(box(in), in.whole("columns", 1), in.whole("rows", 1), places(in), pins);
            }
            case "panel" -> new Panel(box(in.only("kind", "cloth", "points")), places(in));
            case "round" -> {
                in.only("kind", "points", "halfMm", "endHalfMm", "seenDeg", "sagMm");
                List<Place> axis = places(in);
                if (axis.size() != 2) {
                    throw in.at("points").wrong("should be two places, the ends of the axis");
                }
                yield new Round(axis.getFirst(), axis.getLast(), in.number("halfMm"),
                        in.number("endHalfMm", in.number("halfMm")), in.number("seenDeg", 180), in.number("sagMm", 0));
            }
            case "along" -> new Along(places(in.only("kind", "points", "halfMm")), in.number("halfMm"));
            default -> throw in.at("kind").wrong("should be \"mesh\", \"panel\", \"round\" or \"along\"");
        };
    }

    private static Box box(JsonIn in) {
        List<Double> n = in.list("cloth", JsonIn::asNumber);
        if (n.size() != 4) {
            throw in.wrong("lacks \"cloth\", four numbers: left, top, width and height in mm");
        }
        return new Box(n.get(0), n.get(1), n.get(2), n.get(3));
    }

    static List<Place> places(JsonIn in) {
        List<Place> all = new ArrayList<>();
        for (List<Double> pair : in.list("points", DrapeCodec::pair)) {
            all.add(new Place(pair.get(0), pair.get(1)));
        }
        return all;
    }

    private static List<Double> pair(JsonIn in) {
        List<Double> pair = in.items(JsonIn::asNumber);
        if (pair.size() != 2) {
            throw in.wrong("should be two numbers, mm to the right and down");
        }
        return pair;
    }
}
