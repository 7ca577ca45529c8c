package org.vatwright.files.project;

import org.vatwright.core.pattern.Ink;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** An ink in JSON: the slot's name, or null for clear. */
final class InkCodec {

    private InkCodec() {}

    static void write(ObjectNode out, String name, Ink ink) {
        switch (ink) {
            case Ink.Slot(String slot) -> out.put(name, slot);
            case Ink.Clear _ -> out.putNull(name);
        }
    }

    static Ink read(JsonIn in, String name) {
        return in.has(name) ? Ink.slot(in.text(name)) : Ink.CLEAR;
    }

    static void add(ArrayNode out, Ink ink) {
        switch (ink) {
            case Ink.Slot(String slot) -> out.add(slot);
            case Ink.Clear _ -> out.addNull();
        }
    }

    static Ink read(JsonIn item) {
        return item.isNull() ? Ink.CLEAR : Ink.slot(item.asText());
    }
}
