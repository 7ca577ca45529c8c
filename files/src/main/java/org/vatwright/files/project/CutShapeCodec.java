package org.vatwright.files.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.List;

import org.vatwright.core.picture.CutShape;
import org.vatwright.core.picture.CutShape.Form;
import org.vatwright.core.picture.CutShape.How;
import org.vatwright.files.json.JsonIn;

/** One step of a cut-out in JSON: how it comes to the others, and one form. */
final class CutShapeCodec {

    private static final int SIDES = 4;

    private CutShapeCodec() {}

    static void write(CutShape shape, ObjectNode out) {
        out.put("how", shape.how().word());
        switch (shape.form()) {
            case Form.Rectangle(double l, double t, double r, double b) -> sides(out.putArray("rectangle"), l, t, r, b);
            case Form.Ellipse(double l, double t, double r, double b) -> sides(out.putArray("ellipse"), l, t, r, b);
            case Form.Outline(List<Double> at) -> at.forEach(out.putArray("outline")::add);
            case Form.Like like -> out.putObject("like").put("x", like.x()).put("y", like.y())
                    .put("within", like.within()).put("joined", like.joined());
        }
    }

    private static void sides(ArrayNode out, double... sides) {
        for (double side : sides) {
            out.add(side);
        }
    }

    static CutShape read(JsonIn in) {
        in.only("how", "rectangle", "ellipse", "outline", "like");
        String word = in.text("how", How.ADD.word());
        How how = Arrays.stream(How.values()).filter(h -> h.word().equals(word)).findFirst()
                .orElseThrow(() -> in.at("how").wrong("should be \"add\", \"subtract\" or \"intersect\""));
        return new CutShape(how, form(in));
    }

    private static Form form(JsonIn in) {
        if (in.has("rectangle")) {
            List<Double> s = sides(in, "rectangle");
            return new Form.Rectangle(s.get(0), s.get(1), s.get(2), s.get(3));
        }
        if (in.has("ellipse")) {
            List<Double> s = sides(in, "ellipse");
            return new Form.Ellipse(s.get(0), s.get(1), s.get(2), s.get(3));
        }
        if (in.has("outline")) {
            return in.at("outline").placed(() -> new Form.Outline(in.list("outline", JsonIn::asNumber)));
        }
        if (in.has("like")) {
            JsonIn like = in.at("like").only("x", "y", "within", "joined");
            return like.placed(() -> new Form.Like(like.number("x"), like.number("y"), like.number("within"),
                    like.truth("joined", false)));
        }
        throw in.wrong("needs a rectangle, an ellipse, an outline or what it is like");
    }

    private static List<Double> sides(JsonIn in, String name) {
        List<Double> all = in.list(name, JsonIn::asNumber);
        if (all.size() != SIDES) {
            throw in.at(name).wrong("should be four numbers, the left, upper, right and lower side as shares");
        }
        return all;
    }
}
