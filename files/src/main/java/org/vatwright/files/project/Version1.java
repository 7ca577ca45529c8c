package org.vatwright.files.project;

import java.util.HashMap;
import java.util.Map;

import org.vatwright.core.dress.Article;
import org.vatwright.files.json.Json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Brings a project of version 1 to version 2: there things were linked by their names, which did not repeat; pieces and
 * sheets held their lay, lettering a list of them. Ids are made from the places in the file, so that the same file always
 * gives the same ids. What cannot be what it should be is left as it is, for the reader to complain about.
 */
final class Version1 {

    private static final int MOST_SIGNS = 60;

    private final Map<String, String> designs = new HashMap<>();
    private final Map<String, String> articles = new HashMap<>();

    private Version1() {}

    static JsonNode brought(JsonNode project) {
        if (!(project instanceof ObjectNode)) {
            return project;
        }
        ObjectNode copy = project.deepCopy();
        new Version1().bring(copy);
        return copy.put("version", 2);
    }

    private void bring(ObjectNode project) {
        name(project, "designs", "design-", designs);
        name(project, "articles", "article-", articles);
        for (JsonNode design : project.path("designs")) {
            int n = 0;
            for (JsonNode fill : design.path("fills")) {
                if (fill instanceof ObjectNode object) {
                    object.put("id", "fill-" + ++n);
                    // Whoever reads it says, by its name, what is missing.
                    JsonNode shown = object.get("design");
                    if (shown != null && designs.containsKey(shown.asText())) {
                        link(object, "design", designs);
                    }
                }
            }
        }
        for (JsonNode article : project.path("articles")) {
            if (article instanceof ObjectNode object) {
                article(object);
            }
        }
        int n = 0;
        for (JsonNode job : project.path("jobs")) {
            if (job instanceof ObjectNode object) {
                object.put("id", "job-" + ++n);
                boolean dressed = object.path("kind").asText().equals("article");
                link(object, "of", dressed ? articles : designs);
                if (object.path("colourway").asText("").isEmpty()) {
                    object.remove("colourway");
                }
                if (!object.path("kind").asText().equals("field")) {
                    object.remove("size");
                }
            }
        }
    }

    private static void name(ObjectNode project, String list, String prefix, Map<String, String> ids) {
        int n = 0;
        for (JsonNode one : project.path(list)) {
            if (one instanceof ObjectNode object) {
                String id = prefix + ++n;
                object.put("id", id);
                ids.putIfAbsent(object.path("name").asText(), id);
            }
        }
    }

    /** A link to what is not there still leads nowhere. */
    private static void link(ObjectNode of, String member, Map<String, String> ids) {
        JsonNode link = of.get(member);
        if (link != null && link.isTextual()) {
            String name = link.asText();
            of.put(member, ids.getOrDefault(name, cut("lost-" + name.replaceAll("[^A-Za-z0-9]+", "-"))));
        }
    }

    private static String cut(String id) {
        return id.length() > MOST_SIGNS ? id.substring(0, MOST_SIGNS) : id;
    }

    private void article(ObjectNode article) {
        ObjectNode worn = Json.object();
        int n = 0;
        for (JsonNode piece : article.path("pieces")) {
            if (piece instanceof ObjectNode object) {
                String id = "piece-" + ++n;
                object.put("id", id);
                dress(worn, id, object.remove("lay"));
            }
        }
        dress(worn, Article.Sheet.PIECE.text(), article.remove("lay"));
        n = 0;
        if (article.remove("lays") instanceof ArrayNode lays) {
            for (JsonNode lay : lays) {
                dress(worn, Article.Lettering.letter(++n).text(), lay);
            }
        }
        if (!worn.isEmpty()) {
            article.set("dressings", worn);
        }
    }

    private void dress(ObjectNode worn, String piece, JsonNode lay) {
        if (lay instanceof ObjectNode object) {
            link(object, "design", designs);
            worn.putObject(piece).set("lay", object);
        }
    }
}
