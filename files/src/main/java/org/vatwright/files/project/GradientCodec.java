package org.vatwright.files.project;

import java.util.List;
import java.util.Locale;

import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** A gradient that serves as an ink, and the course of one, in JSON. */
final class GradientCodec {

    private GradientCodec() {}

    static void write(ObjectNode out, Fill.OfGradient gradient) {
        ObjectNode shown = out.putObject("gradient").put("across", word(gradient.across()));
        course(shown, gradient.course());
        ArrayNode stops = shown.putArray("stops");
        for (Gradient.Stop stop : gradient.stops()) {
            ObjectNode each = stops.addObject().put("place", stop.place());
            InkCodec.write(each, "ink", stop.ink());
            if (stop.opacity() != 1) {
                each.put("opacity", stop.opacity());
            }
        }
    }

    static Fill.OfGradient read(JsonIn in) {
        in.only("across", "kind", "from", "to", "back", "stops");
        Course course = readCourse(in);
        Fill.Across across = Part.choice(Fill.Across.class, in.text("across", "tile"));
        return in.placed(() -> new Fill.OfGradient(course, across, in.at("stops").items(GradientCodec::stop)));
    }

    private static Gradient.Stop stop(JsonIn in) {
        in.only("place", "ink", "opacity");
        return in.placed(() -> new Gradient.Stop(in.number("place"), InkCodec.read(in, "ink"),
                in.number("opacity", 1)));
    }

    static void course(ObjectNode out, Course course) {
        out.put("kind", word(course.kind()));
        out.putArray("from").add(course.fromU()).add(course.fromV());
        out.putArray("to").add(course.toU()).add(course.toV());
        if (course.back()) {
            out.put("back", true);
        }
    }

    static Course readCourse(JsonIn in) {
        List<Double> from = in.at("from").items(JsonIn::asNumber);
        List<Double> to = in.at("to").items(JsonIn::asNumber);
        if (from.size() != 2 || to.size() != 2) {
            throw in.wrong("should have two numbers in \"from\" and two in \"to\", shares of what it crosses");
        }
        return in.placed(() -> new Course(Part.choice(Course.Kind.class, in.text("kind", "linear")), from.get(0),
                from.get(1), to.get(0), to.get(1), in.truth("back", false)));
    }

    private static String word(Enum<?> of) {
        return of.name().toLowerCase(Locale.ROOT);
    }
}
