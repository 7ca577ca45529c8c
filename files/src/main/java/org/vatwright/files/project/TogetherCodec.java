package org.vatwright.files.project;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.family.together.Together;
import org.vatwright.core.pattern.Layer;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Layers within a layer, each as it stands in a design. */
final class TogetherCodec implements StructureCodec<Together> {

    @Override
    public String family() {
        return Together.FAMILY;
    }

    @Override
    public Class<Together> type() {
        return Together.class;
    }

    @Override
    public void write(Together together, ObjectNode out) {
        ArrayNode layers = out.putArray("layers");
        together.layers().forEach(l -> layers.add(DesignCodec.layer(l)));
    }

    @Override
    public Together read(JsonIn in) {
        in.only("family", "layers");
        List<Layer> layers = new ArrayList<>();
        in.list("layers", item -> layers.add(DesignCodec.layer(item, layers)));
        return new Together(layers);
    }
}
