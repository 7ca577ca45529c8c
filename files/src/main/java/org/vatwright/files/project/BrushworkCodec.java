package org.vatwright.files.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.Track;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.files.json.JsonIn;

/** A painting: its brushes once each, then its strokes, each with the places where the hand went in one line of text. */
final class BrushworkCodec implements StructureCodec<Brushwork> {

    @Override
    public String family() {
        return Brushwork.FAMILY;
    }

    @Override
    public Class<Brushwork> type() {
        return Brushwork.class;
    }

    @Override
    public void write(Brushwork work, ObjectNode out) {
        Map<Brush, Integer> brushes = new LinkedHashMap<>();
        work.strokes().forEach(s -> brushes.computeIfAbsent(s.brush(), b -> brushes.size()));
        ArrayNode all = out.putArray("brushes");
        brushes.keySet().forEach(b -> BrushCodec.write(b, all.addObject()));
        symmetry(work.symmetry(), out);
        ArrayNode strokes = out.putArray("strokes");
        for (BrushStroke stroke : work.strokes()) {
            ObjectNode one = strokes.addObject().put("brush", brushes.get(stroke.brush()));
            if (stroke.erases()) {
                one.put("erases", true);
            }
            ArrayNode inks = one.putArray("inks");
            InkCodec.add(inks, stroke.ink());
            stroke.other().ifPresent(i -> InkCodec.add(inks, i));
            symmetry(stroke.symmetry(), one);
            one.put("seed", stroke.seed()).put("points", points(stroke.track()));
            if (stroke.track().hasPressure()) {
                one.put("pressed", pressed(stroke.track()));
            }
        }
    }

    private static void symmetry(Symmetry symmetry, ObjectNode out) {
        switch (symmetry) {
            case Symmetry.None _ -> {
                // Left out.
            }
            case Symmetry.Axes a -> out.putObject("symmetry").put("axes", a.count()).put("x", a.x()).put("y", a.y())
                    .put("angleDeg", a.angleDeg());
            case Symmetry.Turns t -> out.putObject("symmetry").put("turns", t.count()).put("x", t.x()).put("y", t.y());
            case Symmetry.Group(WallpaperGroup group) -> out.putObject("symmetry").put("group", group.sign());
        }
    }

    private static String points(Track track) {
        StringBuilder text = new StringBuilder(track.size() * 14);
        for (int i = 0; i < track.size(); i++) {
            text.append(i == 0 ? "" : " ").append(plain(track.x(i))).append(',').append(plain(track.y(i)));
        }
        return text.toString();
    }

    private static String pressed(Track track) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < track.size(); i++) {
            text.append(i == 0 ? "" : " ").append(track.pressed(i));
        }
        return text.toString();
    }

    /** Exactly the number, without a ".0" at its end. */
    private static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e9
                ? Long.toString((long) number)
                : Double.toString(number);
    }

    @Override
    public Brushwork read(JsonIn in) {
        in.only("family", "brushes", "symmetry", "strokes");
        List<Brush> brushes = in.list("brushes", BrushCodec::read);
        return new Brushwork(in.list("strokes", s -> stroke(s, brushes)), symmetry(in));
    }

    private static BrushStroke stroke(JsonIn in, List<Brush> brushes) {
        in.only("brush", "erases", "inks", "symmetry", "seed", "points", "pressed");
        int brush = in.whole("brush", 0);
        if (brush < 0 || brush >= brushes.size()) {
            throw in.wrong("has brush %d, but there are %d brushes, counted from 0".formatted(brush, brushes.size()));
        }
        List<Ink> inks = in.list("inks", InkCodec::read);
        if (inks.isEmpty() || inks.size() > 2) {
            throw in.wrong("has %d inks; one, or two between which its dabs differ, would be right".formatted(
                    inks.size()));
        }
        return new BrushStroke(track(in), brushes.get(brush), inks.getFirst(),
                inks.size() > 1 ? Optional.of(inks.get(1)) : Optional.empty(), in.truth("erases", false), symmetry(in),
                in.longWhole("seed", 1));
    }

    private static Track track(JsonIn in) {
        List<double[]> points = numbers(in.at("points"), 2);
        double[] x = points.stream().mapToDouble(p -> p[0]).toArray();
        double[] y = points.stream().mapToDouble(p -> p[1]).toArray();
        float[] pressed = null;
        if (in.has("pressed")) {
            List<double[]> all = numbers(in.at("pressed"), 1);
            pressed = new float[all.size()];
            for (int i = 0; i < pressed.length; i++) {
                pressed[i] = (float) all.get(i)[0];
            }
        }
        return Track.of(x, y, pressed);
    }

    /** @return items of text between spaces, each of so many numbers between commas */
    private static List<double[]> numbers(JsonIn in, int each) {
        List<double[]> all = new ArrayList<>();
        for (String item : in.asText().strip().split("\\s+")) {
            String[] parts = item.split(",", -1);
            double[] values = new double[each];
            try {
                if (parts.length != each) {
                    throw new NumberFormatException();
                }
                for (int i = 0; i < each; i++) {
                    values[i] = Double.parseDouble(parts[i]);
                }
            } catch (NumberFormatException e) {
                throw in.wrong("has \"%s\" where %s should stand".formatted(item,
                        each == 2 ? "two numbers with a comma, as in \"12.5,40\"," : "a number"));
            }
            all.add(values);
        }
        return all;
    }

    private static Symmetry symmetry(JsonIn owner) {
        if (!owner.has("symmetry")) {
            return Symmetry.NONE;
        }
        JsonIn in = owner.at("symmetry");
        return in.placed(() -> {
            if (in.has("group")) {
                in.only("group");
                return new Symmetry.Group(WallpaperGroup.parse(in.text("group")));
            }
            if (in.has("turns")) {
                in.only("turns", "x", "y");
                return new Symmetry.Turns(in.whole("turns", 2), in.number("x"), in.number("y"));
            }
            in.only("axes", "x", "y", "angleDeg");
            return new Symmetry.Axes(in.whole("axes", 1), in.number("x"), in.number("y"), in.number("angleDeg", 0));
        });
    }
}
