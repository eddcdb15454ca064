package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.OptionalDouble;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Vec3;

/** Small writers for answers. */
final class Json {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Json() {}

    static ObjectNode object() {
        return NODES.objectNode();
    }

    static ArrayNode list() {
        return NODES.arrayNode();
    }

    static ArrayNode vector(Vec3 v) {
        return list().add(v.x()).add(v.y()).add(v.z());
    }

    static ArrayNode numbers(List<Double> values) {
        ArrayNode list = list();
        values.forEach(list::add);
        return list;
    }

    /** Real and imaginary part. */
    static ObjectNode complex(Complex value) {
        return object().put("re", value.re()).put("im", value.im());
    }

    /** Two at once, each part a list. */
    static ObjectNode complexes(Complex first, Complex second) {
        ObjectNode both = object();
        both.set("re", numbers(List.of(first.re(), second.re())));
        both.set("im", numbers(List.of(first.im(), second.im())));
        return both;
    }

    /** Null where there is no number. */
    static ArrayNode optionalNumbers(List<OptionalDouble> values) {
        ArrayNode list = list();
        for (OptionalDouble value : values) {
            if (value.isPresent()) {
                list.add(value.getAsDouble());
            } else {
                list.addNull();
            }
        }
        return list;
    }
}
