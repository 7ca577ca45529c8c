package org.vatwright.files.project;

import java.util.Locale;

import org.vatwright.core.measure.Density;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Project;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** A project in JSON; docs/file-format.md shows it. */
public final class ProjectCodec {

    static final String PROJECT = "vatwright-project";
    static final String DESIGN = "vatwright-design";
    static final int VERSION = 1;

    private ProjectCodec() {}

    static ObjectNode write(Project project) {
        ObjectNode out = Json.object().put("format", PROJECT).put("version", VERSION).put("name", project.name())
                .put("note", project.note()).put("dpi", project.density().dpi());
        ArrayNode designs = out.putArray("designs");
        project.designs().forEach(d -> designs.add(DesignCodec.write(d, false)));
        ArrayNode articles = out.putArray("articles");
        project.articles().forEach(a -> articles.add(ArticleCodec.write(a)));
        ArrayNode jobs = out.putArray("jobs");
        project.jobs().forEach(j -> jobs.add(job(j)));
        return out;
    }

    private static ObjectNode job(Job job) {
        ObjectNode out = Json.object().put("name", job.name()).put("kind", job.kind().name().toLowerCase(Locale.ROOT))
                .put("of", job.subject()).put("colourway", job.colourway())
                .put("format", job.format().name().toLowerCase(Locale.ROOT)).put("dpi", job.density().dpi())
                .put("quality", job.quality());
        out.putObject("size").put("widthMm", job.widthMm()).put("heightMm", job.heightMm());
        return out;
    }

    static Project read(JsonIn in) {
        in.only("format", "version", "name", "note", "dpi", "designs", "articles", "jobs");
        return new Project(in.text("name"), in.text("note", ""), DesignsIn.read(in),
                in.list("articles", ArticleCodec::read), in.list("jobs", ProjectCodec::readJob),
                new Density(in.number("dpi", 300)));
    }

    public static Job readJob(JsonIn in) {
        in.only("name", "kind", "of", "colourway", "format", "dpi", "quality", "size");
        boolean sized = in.has("size");
        return new Job(in.text("name"), choice(in, "kind", Job.Kind.class), in.text("of"), in.text("colourway", ""),
                choice(in, "format", Job.Format.class), new Density(in.number("dpi", 300)),
                sized ? in.at("size").number("widthMm") : 1000, sized ? in.at("size").number("heightMm") : 1000,
                in.whole("quality", 92));
    }

    private static <E extends Enum<E>> E choice(JsonIn in, String name, Class<E> type) {
        String text = in.text(name);
        for (E one : type.getEnumConstants()) {
            if (one.name().toLowerCase(Locale.ROOT).equals(text)) {
                return one;
            }
        }
        throw in.at(name).wrong("is \"%s\"; it should be one of %s".formatted(text,
                java.util.Arrays.toString(type.getEnumConstants()).toLowerCase(Locale.ROOT)));
    }

    /** Refuses what a later version wrote, by name and number, before anything else is looked at. */
    static void checkVersion(JsonIn in, String format) {
        String found = in.text("format", format);
        if (!found.equals(format)) {
            throw in.at("format").wrong("is \"%s\"; \"%s\" was expected".formatted(found, format));
        }
        int version = in.whole("version", VERSION);
        if (version != VERSION) {
            throw in.at("version").wrong(
                    "is %d: it was written by %s Vatwright; this one reads version %d".formatted(version,
                            version > VERSION ? "a later" : "another", VERSION));
        }
    }
}
