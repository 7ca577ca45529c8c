package org.vatwright.files.json;

import java.io.IOException;
import java.util.function.Function;

import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Limits;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** JSON text in and out, with limits, readable. */
public final class Json {

    private static final ObjectMapper MAPPER = new ObjectMapper(JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder().maxNestingDepth(Limits.STANDARD.depth())
                    .maxStringLength(64 << 20).build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build());

    private Json() {}

    public static ArrayNode list() {
        return MAPPER.createArrayNode();
    }

    public static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }

    /**
     * @param what the file's name, for complaints
     * @throws Refusal when it is no JSON or {@code read} refuses it
     */
    public static <T> T read(byte[] text, String what, Function<JsonIn, T> read) {
        try {
            JsonNode node = MAPPER.readTree(text);
            if (node == null || node.isMissingNode()) {
                throw new Refusal(what + " is empty");
            }
            JsonIn in = new JsonIn(node, "");
            return in.placed(read);
        } catch (JsonIn.Placed e) {
            throw new Refusal(what + ": " + e.getMessage(), e);
        } catch (JsonProcessingException e) {
            throw new Refusal("%s is no JSON that can be read: %s (line %d)".formatted(what, e.getOriginalMessage(),
                    e.getLocation() == null ? 0 : e.getLocation().getLineNr()), e);
        } catch (IOException e) {
            throw new Refusal("%s could not be read: %s".formatted(what, e.getMessage()), e);
        }
    }

    public static byte[] write(JsonNode node) {
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter();
        DefaultIndenter lines = new DefaultIndenter("  ", "\n");
        printer.indentObjectsWith(lines);
        printer.indentArraysWith(lines);
        try {
            return MAPPER.writer(printer).writeValueAsBytes(node);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}
