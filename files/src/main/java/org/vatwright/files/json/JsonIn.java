package org.vatwright.files.json;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.UnaryOperator;

import org.vatwright.core.measure.Refusal;

import com.fasterxml.jackson.databind.JsonNode;

/** A JSON value and where it stands, so that every complaint names its place. */
public final class JsonIn {

    private final JsonNode node;
    private final String place;

    public JsonIn(JsonNode node, String place) {
        this.node = node;
        this.place = place;
    }

    /** Refuses members that mean nothing here: a slip in a hand-written file is told, not passed over. */
    public JsonIn only(String... known) {
        if (!node.isObject()) {
            throw wrong("should be an object { }");
        }
        node.fieldNames().forEachRemaining(name -> {
            if (!List.of(known).contains(name)) {
                throw wrong(
                        "has \"%s\", which means nothing here; known are %s".formatted(name, String.join(", ", known)));
            }
        });
        return this;
    }

    /** @return the same place with its value changed, as an earlier version's is brought to the present one */
    public JsonIn changed(UnaryOperator<JsonNode> change) {
        return new JsonIn(change.apply(node), place);
    }

    /** @return where it stands and all that is in it */
    public String words() {
        return place + " " + node;
    }

    public boolean has(String name) {
        return node.isObject() && node.hasNonNull(name);
    }

    public boolean isText() {
        return node.isTextual();
    }

    public boolean isObject() {
        return node.isObject();
    }

    public boolean isNull() {
        return node.isNull() || node.isMissingNode();
    }

    public JsonIn at(String name) {
        if (!node.isObject()) {
            throw wrong("should be an object { }");
        }
        JsonNode child = node.get(name);
        if (child == null || child.isNull()) {
            throw wrong("lacks \"%s\"".formatted(name));
        }
        return new JsonIn(child, inside(name));
    }

    public String text(String name) {
        return at(name).asText();
    }

    public String text(String name, String otherwise) {
        return has(name) ? text(name) : otherwise;
    }

    public String asText() {
        if (!node.isTextual()) {
            throw wrong("should be text in quotes");
        }
        return node.asText();
    }

    public double number(String name) {
        return at(name).asNumber();
    }

    public double number(String name, double otherwise) {
        return has(name) ? number(name) : otherwise;
    }

    public double asNumber() {
        if (!node.isNumber() || !Double.isFinite(node.asDouble())) {
            throw wrong("should be a number");
        }
        return node.asDouble();
    }

    public int whole(String name, int otherwise) {
        if (!has(name)) {
            return otherwise;
        }
        JsonNode child = node.get(name);
        if (!child.isIntegralNumber() || !child.canConvertToInt()) {
            throw new JsonIn(child, inside(name)).wrong("should be a whole number");
        }
        return child.asInt();
    }

    public long longWhole(String name, long otherwise) {
        if (!has(name)) {
            return otherwise;
        }
        JsonNode child = node.get(name);
        if (!child.isIntegralNumber() || !child.canConvertToLong()) {
            throw new JsonIn(child, inside(name)).wrong("should be a whole number");
        }
        return child.asLong();
    }

    public boolean truth(String name, boolean otherwise) {
        if (!has(name)) {
            return otherwise;
        }
        JsonNode child = node.get(name);
        if (!child.isBoolean()) {
            throw new JsonIn(child, inside(name)).wrong("should be true or false");
        }
        return child.asBoolean();
    }

    /** @return each item read; an absent list is empty */
    public <T> List<T> list(String name, Function<JsonIn, T> read) {
        if (!has(name)) {
            return List.of();
        }
        return new JsonIn(node.get(name), inside(name)).items(read);
    }

    public boolean isList() {
        return node.isArray();
    }

    /** @return each item of this list read */
    public <T> List<T> items(Function<JsonIn, T> read) {
        if (!node.isArray()) {
            throw wrong("should be a list [ ]");
        }
        List<T> all = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            JsonIn item = new JsonIn(node.get(i), place + "[" + i + "]");
            all.add(item.placed(() -> read.apply(item)));
        }
        return all;
    }

    public Set<String> names() {
        Set<String> names = new TreeSet<>();
        node.fieldNames().forEachRemaining(names::add);
        return names;
    }

    /** @return what the maker gives; a refusal gets this place in front, once */
    public <T> T placed(java.util.function.Supplier<T> maker) {
        try {
            return maker.get();
        } catch (Placed e) {
            throw e;
        } catch (Refusal e) {
            throw new Placed(place.isEmpty() ? e.getMessage() : place + ": " + e.getMessage(), e);
        }
    }

    public <T> T placed(Function<JsonIn, T> read) {
        return placed(() -> read.apply(this));
    }

    public RuntimeException wrong(String what) {
        return new Placed((place.isEmpty() ? "the file" : place) + " " + what, null);
    }

    private String inside(String name) {
        return place.isEmpty() ? name : place + "." + name;
    }

    /** A refusal that names its place already. */
    static final class Placed extends RuntimeException {
        Placed(String sentence, Throwable cause) {
            super(sentence, cause);
        }
    }
}
