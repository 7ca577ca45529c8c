package org.vatwright.files.project;

import org.vatwright.core.pattern.Ink;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.NullNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;

/** An ink in JSON: the slot's name, null for clear, {@code {"fill": name}} for a fill. */
final class InkCodec {

    private InkCodec() {}

    private static JsonNode node(Ink ink) {
        return switch (ink) {
            case Ink.Slot(String slot) -> TextNode.valueOf(slot);
            case Ink.Clear _ -> NullNode.instance;
            case Ink.Filled(String fill) -> Json.object().put("fill", fill);
        };
    }

    static void write(ObjectNode out, String name, Ink ink) {
        out.set(name, node(ink));
    }

    static Ink read(JsonIn in, String name) {
        return in.has(name) ? read(in.at(name)) : Ink.CLEAR;
    }

    static void add(ArrayNode out, Ink ink) {
        out.add(node(ink));
    }

    static Ink read(JsonIn item) {
        if (item.isNull()) {
            return Ink.CLEAR;
        }
        return item.isObject() ? new Ink.Filled(item.only("fill").text("fill")) : Ink.slot(item.asText());
    }
}
