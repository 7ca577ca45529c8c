package org.vatwright.files.project;

import java.util.function.Function;

import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** A project in JSON; docs/file-format.md shows it. */
final class ProjectCodec {

    static final String PROJECT = "vatwright-project";
    static final String DESIGN = "vatwright-design";
    static final int VERSION = 2;

    private ProjectCodec() {}

    /** @param entries names the entry that a picture stands in */
    static ObjectNode write(Project project, Function<Raster, String> entries) {
        ObjectNode out = Json.object().put("format", PROJECT).put("version", VERSION).put("name", project.name())
                .put("note", project.note()).put("dpi", project.density().dpi());
        if (!project.limits().own().isEmpty()) {
            ObjectNode limits = out.putObject("limits");
            project.limits().own().forEach((limit, value) -> limits.put(limit.key(), value));
        }
        LinksOut links = LinksOut.within(entries);
        ArrayNode designs = out.putArray("designs");
        project.designs().forEach(d -> designs.add(DesignCodec.write(d, links)));
        ArrayNode articles = out.putArray("articles");
        project.articles().forEach(a -> articles.add(ArticleCodec.write(a, links)));
        ArrayNode jobs = out.putArray("jobs");
        project.jobs().forEach(j -> jobs.add(JobCodec.write(j)));
        return out;
    }

    /** @param asked of whatever version. @param entries the picture of an entry of the file */
    static Project read(JsonIn asked, Function<String, Raster> entries) {
        int version = checkVersion(asked, PROJECT);
        JsonIn in = version == 1 ? asked.changed(Version1::brought) : asked;
        in.only("format", "version", "name", "note", "dpi", "limits", "designs", "articles", "jobs");
        LinksIn pictures = new LinksIn(id -> null, entries);
        return new Project(in.text("name"), in.text("note", ""), ProjectDesigns.read(in, entries),
                in.list("articles", a -> ArticleCodec.read(a, pictures)), in.list("jobs", JobCodec::read),
                new Density(in.number("dpi", 300)), limits(in));
    }

    private static CheckLimits limits(JsonIn in) {
        if (!in.has("limits")) {
            return CheckLimits.USUAL;
        }
        JsonIn own = in.at("limits").only(CheckLimit.keys().toArray(String[]::new));
        CheckLimits limits = CheckLimits.USUAL;
        for (CheckLimit limit : CheckLimit.values()) {
            limits = own.has(limit.key()) ? limits.with(limit, own.number(limit.key())) : limits;
        }
        return limits;
    }

    /**
     * Refuses what a later version wrote, by name and number, before anything else is looked at.
     *
     * @return the version it was written by
     */
    static int checkVersion(JsonIn in, String format) {
        String found = in.text("format", format);
        if (!found.equals(format)) {
            throw in.at("format").wrong("is \"%s\"; \"%s\" was expected".formatted(found, format));
        }
        int version = in.whole("version", VERSION);
        if (version < 1 || version > VERSION) {
            throw in.at("version").wrong(
                    "is %d: it was written by %s Vatwright; this one reads versions 1 to %d".formatted(version,
                            version > VERSION ? "a later" : "another", VERSION));
        }
        return version;
    }
}
