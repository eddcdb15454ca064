package oddcradle.files.calc;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * Reads the fields of one JSON object by name and type. Every complaint names the field by its path from here; fields
 * that nobody asked for are an error.
 */
final class Fields {
    private static final int MOST_ENTRIES = 1_000_000;

    private final JsonNode object;
    private final Set<String> asked = new HashSet<>();

    private Fields(JsonNode object) {
        this.object = object;
    }

    /** Reads a whole object and refuses what is left over. */
    static <T> T read(JsonNode node, Function<Fields, T> reader) {
        if (!node.isObject()) {
            throw new InvalidValue("", "is " + kind(node) + ", must be an object { ... }");
        }
        Fields fields = new Fields(node);
        T value = reader.apply(fields);
        fields.refuseUnknown();
        return value;
    }

    private void refuseUnknown() {
        for (Iterator<String> names = object.fieldNames(); names.hasNext(); ) {
            String name = names.next();
            if (!asked.contains(name)) {
                throw new InvalidValue(
                        name,
                        "is not a field known here; known: "
                                + String.join(", ", asked.stream().sorted().toList()));
            }
        }
    }

    boolean has(String name) {
        asked.add(name);
        JsonNode node = object.get(name);
        return node != null && !node.isNull();
    }

    private JsonNode required(String name) {
        if (!has(name)) {
            throw new InvalidValue(name, "is missing");
        }
        return object.get(name);
    }

    double number(String name) {
        return number(name, required(name));
    }

    double number(String name, double fallback) {
        return has(name) ? number(name) : fallback;
    }

    int integer(String name) {
        JsonNode node = required(name);
        if (!node.isNumber() || node.doubleValue() != Math.rint(node.doubleValue())) {
            throw new InvalidValue(name, "is " + shown(node) + ", must be a whole number");
        }
        if (Math.abs(node.doubleValue()) > Integer.MAX_VALUE) {
            throw new InvalidValue(name, "is " + shown(node) + ", must be smaller");
        }
        return node.intValue();
    }

    String text(String name) {
        JsonNode node = required(name);
        if (!node.isTextual()) {
            throw new InvalidValue(name, "is " + kind(node) + ", must be text");
        }
        return node.textValue();
    }

    String text(String name, String fallback) {
        return has(name) ? text(name) : fallback;
    }

    List<String> texts(String name) {
        List<JsonNode> entries = entries(name, required(name), -1);
        List<String> texts = new ArrayList<>();
        for (int k = 0; k < entries.size(); k++) {
            if (!entries.get(k).isTextual()) {
                throw new InvalidValue(name + "[" + k + "]", "is " + kind(entries.get(k)) + ", must be text");
            }
            texts.add(entries.get(k).textValue());
        }
        return texts;
    }

    /** Reads 1, 0, true and false. */
    boolean flag(String name, boolean fallback) {
        if (!has(name)) {
            return fallback;
        }
        return flag(name, object.get(name));
    }

    private static boolean flag(String name, JsonNode node) {
        if (node.isBoolean() || node.isInt() && (node.intValue() == 0 || node.intValue() == 1)) {
            return node.asBoolean();
        }
        throw new InvalidValue(name, "is " + shown(node) + ", must be 1 or 0");
    }

    List<Boolean> flags(String name, int count) {
        List<JsonNode> entries = entries(name, required(name), count);
        List<Boolean> flags = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            flags.add(flag(name + "[" + k + "]", entries.get(k)));
        }
        return flags;
    }

    Vec3 vector(String name) {
        return vector(name, required(name));
    }

    Vec3 vector(String name, Vec3 fallback) {
        return has(name) ? vector(name) : fallback;
    }

    /** Three rows of three. */
    Mat3 matrix(String name) {
        List<JsonNode> rows = entries(name, required(name), 3);
        return new Mat3(
                vector(name + "[0]", rows.get(0)),
                vector(name + "[1]", rows.get(1)),
                vector(name + "[2]", rows.get(2)));
    }

    List<Double> numbers(String name) {
        List<JsonNode> entries = entries(name, required(name), -1);
        List<Double> numbers = new ArrayList<>();
        for (int k = 0; k < entries.size(); k++) {
            numbers.add(number(name + "[" + k + "]", entries.get(k)));
        }
        return numbers;
    }

    /** Two numbers: a place in a plane. */
    List<Double> pair(String name) {
        return pair(name, required(name));
    }

    List<List<Double>> pairs(String name) {
        List<JsonNode> entries = entries(name, required(name), -1);
        List<List<Double>> pairs = new ArrayList<>();
        for (int k = 0; k < entries.size(); k++) {
            pairs.add(pair(name + "[" + k + "]", entries.get(k)));
        }
        return pairs;
    }

    private static List<Double> pair(String path, JsonNode node) {
        List<JsonNode> entries = entries(path, node, 2);
        return List.of(number(path + "[0]", entries.get(0)), number(path + "[1]", entries.get(1)));
    }

    List<Vec3> vectors(String name) {
        List<JsonNode> entries = entries(name, required(name), -1);
        List<Vec3> vectors = new ArrayList<>();
        for (int k = 0; k < entries.size(); k++) {
            vectors.add(vector(name + "[" + k + "]", entries.get(k)));
        }
        return vectors;
    }

    <T> T object(String name, Function<Fields, T> reader) {
        return inside(name, required(name), reader);
    }

    <T> Optional<T> optional(String name, Function<Fields, T> reader) {
        return has(name) ? Optional.of(object(name, reader)) : Optional.empty();
    }

    <T> List<T> list(String name, Function<Fields, T> reader) {
        List<JsonNode> entries = entries(name, required(name), -1);
        List<T> list = new ArrayList<>();
        for (int k = 0; k < entries.size(); k++) {
            list.add(inside(name + "[" + k + "]", entries.get(k), reader));
        }
        return list;
    }

    <T> List<T> listIfPresent(String name, Function<Fields, T> reader) {
        return has(name) ? list(name, reader) : List.of();
    }

    /** An object whose own field names are free, such as the materials by name. */
    <T> Map<String, T> named(String name, Function<Fields, T> reader) {
        JsonNode node = required(name);
        if (!node.isObject()) {
            throw new InvalidValue(name, "is " + kind(node) + ", must be an object { name: { ... } }");
        }
        Map<String, T> values = new LinkedHashMap<>();
        node.fields()
                .forEachRemaining(entry ->
                        values.put(entry.getKey(), inside(name + "." + entry.getKey(), entry.getValue(), reader)));
        return values;
    }

    private static <T> T inside(String path, JsonNode node, Function<Fields, T> reader) {
        try {
            return read(node, reader);
        } catch (InvalidValue invalid) {
            throw invalid.inside(path);
        }
    }

    private static Vec3 vector(String path, JsonNode node) {
        List<JsonNode> entries = entries(path, node, 3);
        return new Vec3(
                number(path + "[0]", entries.get(0)),
                number(path + "[1]", entries.get(1)),
                number(path + "[2]", entries.get(2)));
    }

    private static double number(String path, JsonNode node) {
        if (!node.isNumber()) {
            throw new InvalidValue(path, "is " + shown(node) + ", must be a number");
        }
        if (!Double.isFinite(node.doubleValue())) {
            throw new InvalidValue(path, "is too large a number");
        }
        return node.doubleValue();
    }

    /** @param count how many there must be, or negative for any number */
    private static List<JsonNode> entries(String path, JsonNode node, int count) {
        if (!node.isArray()) {
            throw new InvalidValue(path, "is " + kind(node) + ", must be a list [ ... ]");
        }
        if (count >= 0 && node.size() != count) {
            throw new InvalidValue(path, "has " + node.size() + " entries, must have " + count);
        }
        if (node.size() > MOST_ENTRIES) {
            throw new InvalidValue(path, "has " + node.size() + " entries, at most " + MOST_ENTRIES + " are read");
        }
        List<JsonNode> entries = new ArrayList<>(node.size());
        node.forEach(entries::add);
        return entries;
    }

    private static String shown(JsonNode node) {
        String text = node.toString();
        return text.length() > 40 ? kind(node) : text;
    }

    private static String kind(JsonNode node) {
        return switch (node.getNodeType()) {
            case ARRAY -> "a list";
            case OBJECT -> "an object";
            case STRING -> "text";
            case NUMBER -> "a number";
            case BOOLEAN -> "true or false";
            case NULL -> "null";
            default -> "nothing";
        };
    }
}
