package oddcradle.files.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;

/** Finds what a file holds beyond what is known, and puts it back; list entries are told apart by their id or name. */
final class UnknownFields {
    private UnknownFields() {}

    /** @return the part of {@code file} that is not in {@code known}; list entries under their id */
    static ObjectNode of(JsonNode file, JsonNode known) {
        ObjectNode rest = JsonNodeFactory.instance.objectNode();
        file.fields().forEachRemaining(field -> {
            JsonNode other = known.get(field.getKey());
            if (other == null) {
                rest.set(field.getKey(), field.getValue());
            } else {
                within(field.getValue(), other).ifPresent(inner -> rest.set(field.getKey(), inner));
            }
        });
        return rest;
    }

    private static Optional<ObjectNode> within(JsonNode file, JsonNode known) {
        ObjectNode rest = JsonNodeFactory.instance.objectNode();
        if (file.isObject() && known.isObject()) {
            rest = of(file, known);
        } else if (file.isArray() && known.isArray()) {
            for (int k = 0; k < Math.min(file.size(), known.size()); k++) {
                Optional<String> key = key(file.get(k));
                if (key.isPresent()) {
                    ObjectNode inner = of(file.get(k), known.get(k));
                    if (!inner.isEmpty()) {
                        rest.set(key.get(), inner);
                    }
                }
            }
        }
        return rest.isEmpty() ? Optional.empty() : Optional.of(rest);
    }

    /** Adds the unknown fields to {@code fresh}; where a list entry is gone, its unknown fields go with it. */
    static void addTo(JsonNode fresh, ObjectNode unknown) {
        if (!fresh.isObject()) {
            return;
        }
        ObjectNode target = (ObjectNode) fresh;
        unknown.fields().forEachRemaining(field -> {
            JsonNode present = target.get(field.getKey());
            if (present == null) {
                target.set(field.getKey(), field.getValue().deepCopy());
            } else if (present.isObject() && field.getValue().isObject()) {
                addTo(present, (ObjectNode) field.getValue());
            } else if (present.isArray() && field.getValue().isObject()) {
                for (JsonNode entry : present) {
                    key(entry)
                            .map(field.getValue()::get)
                            .filter(JsonNode::isObject)
                            .ifPresent(rest -> addTo(entry, (ObjectNode) rest));
                }
            }
        });
    }

    private static Optional<String> key(JsonNode entry) {
        if (entry.hasNonNull("id")) {
            return Optional.of(entry.get("id").asText());
        }
        return entry.hasNonNull("name") ? Optional.of(entry.get("name").asText()) : Optional.empty();
    }
}
