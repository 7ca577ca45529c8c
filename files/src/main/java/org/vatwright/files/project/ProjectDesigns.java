package org.vatwright.files.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.json.JsonIn;

/** The designs of a project, read in the order in which they lie in each other, whatever their order in the file. */
final class ProjectDesigns {

    private final Map<String, JsonIn> asked = new LinkedHashMap<>();
    private final Map<String, Design> done = new LinkedHashMap<>();
    private final List<String> path = new ArrayList<>();
    private final LinksIn links;

    private ProjectDesigns(JsonIn project, Function<String, Raster> entries) {
        links = new LinksIn(this::design, entries);
        project.list("designs", d -> {
            String id = FillCodec.id(d).text();
            if (asked.put(id, d) != null) {
                throw d.wrong("has the id \"%s\" of another design; each needs its own".formatted(id));
            }
            return d;
        });
    }

    static List<Design> read(JsonIn project, Function<String, Raster> entries) {
        ProjectDesigns in = new ProjectDesigns(project, entries);
        return in.asked.keySet().stream().map(in::design).toList();
    }

    /** @return null when there is none of that id */
    private Design design(String id) {
        JsonIn in = asked.get(id);
        if (in == null || done.containsKey(id)) {
            return done.get(id);
        }
        path.add(id);
        if (path.indexOf(id) < path.size() - 1) {
            throw in.wrong("lies in itself: %s; a design cannot".formatted(
                    String.join(" in ", path.reversed().stream().map(i -> asked.get(i).text("name")).toList())));
        }
        Design design = in.placed(() -> DesignCodec.read(in, links));
        path.removeLast();
        done.put(id, design);
        return design;
    }
}
