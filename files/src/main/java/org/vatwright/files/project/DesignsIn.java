package org.vatwright.files.project;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.pattern.Design;
import org.vatwright.files.json.JsonIn;

/** The designs of a project, read in the order in which they lie in each other, whatever their order in the file. */
final class DesignsIn {

    private final Map<String, JsonIn> asked = new LinkedHashMap<>();
    private final Map<String, Design> done = new LinkedHashMap<>();
    private final List<String> path = new ArrayList<>();

    private DesignsIn(JsonIn project) {
        project.list("designs", d -> {
            if (asked.put(d.text("name"), d) != null) {
                throw d.wrong("has the name \"%s\" of another design; names must differ".formatted(d.text("name")));
            }
            return d;
        });
    }

    static List<Design> read(JsonIn project) {
        DesignsIn in = new DesignsIn(project);
        return in.asked.keySet().stream().map(in::design).toList();
    }

    /** @return null when there is none of that name */
    private Design design(String name) {
        JsonIn in = asked.get(name);
        if (in == null || done.containsKey(name)) {
            return done.get(name);
        }
        path.add(name);
        if (path.indexOf(name) < path.size() - 1) {
            throw in.wrong("lies in itself: %s; a design cannot".formatted(String.join(" in ", path.reversed())));
        }
        Design design = in.placed(() -> DesignCodec.read(in, this::design));
        path.removeLast();
        done.put(name, design);
        return design;
    }
}
