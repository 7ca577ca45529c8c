package org.vatwright.files.fuzz;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;

/** Changes a document in JSON so that it still is JSON: other values, other names, things there twice or elsewhere. */
final class JsonMutator {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final List<String> WORDS = List.of("", " ", "\u0000", "\u0007bell", "\ud83c\udf0a", "x".repeat(3000),
            "../x",
            "#12345678", "NaN", "true", "\u202eabc", "<g>&amp;]]>", "a\nb", "\ufffe");

    /** Characters that copies of a thing take: three hundred times three hundred of them would leave the driver no memory. */
    private static final int MOST_COPIED = 8_000_000;

    private final Random random;

    JsonMutator(Random random) {
        this.random = random;
    }

    byte[] change(byte[] json) {
        try {
            JsonNode root = MAPPER.readTree(json);
            int times = 1 + random.nextInt(4);
            for (int i = 0; i < times; i++) {
                List<JsonNode> holders = new ArrayList<>();
                holders(root, holders);
                change(holders.get(random.nextInt(holders.size())), holders);
            }
            return MAPPER.writeValueAsBytes(root);
        } catch (IOException e) {
            throw new AssertionError("the seed is no JSON", e);
        }
    }

    /** Every object and list that holds something. */
    private static void holders(JsonNode at, List<JsonNode> found) {
        if (at.isContainerNode() && !at.isEmpty()) {
            found.add(at);
        }
        at.forEach(child -> holders(child, found));
    }

    private void change(JsonNode holder, List<JsonNode> all) {
        if (holder instanceof ArrayNode list && !list.isEmpty()) {
            int at = random.nextInt(list.size());
            switch (random.nextInt(6)) {
                case 0 -> list.remove(at);
                case 1 -> {
                    JsonNode one = list.get(at);
                    int times = 1 + random.nextInt(random.nextInt(10) == 0 ? 300 : 4);
                    int room = MOST_COPIED / one.toString().length();
                    for (int i = 0; i < Math.min(times, room); i++) {
                        list.add(one.deepCopy());
                    }
                }
                case 2 -> list.set(at, other(all));
                case 3 -> list.insert(at, list.get(random.nextInt(list.size())).deepCopy());
                default -> list.set(at, value(list.get(at), all));
            }
        } else if (holder instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(9)) {
                case 0 -> object.remove(name);
                case 1 -> object.set(names.get(random.nextInt(names.size())), object.get(name).deepCopy());
                case 2 -> object.set(name, other(all));
                case 3 -> object.set(word(all), object.get(name).deepCopy());
                default -> object.set(name, value(object.get(name), all));
            }
        }
    }

    private JsonNode other(List<JsonNode> all) {
        JsonNode holder = all.get(random.nextInt(all.size()));
        int at = holder.isEmpty() ? 0 : random.nextInt(holder.size());
        for (JsonNode child : holder) {
            if (at-- == 0) {
                return child.deepCopy();
            }
        }
        return JsonNodeFactory.instance.nullNode();
    }

    private String word(List<JsonNode> all) {
        JsonNode other = other(all);
        return other.isTextual() && random.nextBoolean()
                ? other.asText()
                : WORDS.get(random.nextInt(WORDS.size()));
    }

    private JsonNode value(JsonNode was, List<JsonNode> all) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (was.isNumber()) {
            return switch (random.nextInt(6)) {
                case 0 -> make.numberNode(was.asDouble() * (random.nextDouble() * 2));
                case 1 -> make.numberNode(was.asInt() + random.nextInt(7) - 3);
                case 2 -> make.numberNode(was.asInt() * (1L << random.nextInt(20)));
                case 3 -> make.numberNode(was.asDouble() * Math.pow(10, random.nextInt(13) - 6));
                case 4 -> make.numberNode(random.nextInt(200) / 8.0);
                default -> number();
            };
        }
        if (was.isTextual()) {
            return new TextNode(word(all));
        }
        return was.isBoolean() ? make.booleanNode(!was.asBoolean()) : was;
    }

    private JsonNode number() {
        String text = Mutator.NUMBERS.get(random.nextInt(Mutator.NUMBERS.size()));
        double value = Double.parseDouble(text);
        return value == Math.rint(value) && Math.abs(value) < Integer.MAX_VALUE && !text.contains("e")
                ? JsonNodeFactory.instance.numberNode((int) value)
                : Double.isFinite(value) ? JsonNodeFactory.instance.numberNode(value) : new TextNode(text);
    }
}
