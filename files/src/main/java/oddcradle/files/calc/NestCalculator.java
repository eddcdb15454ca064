package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.OptionalInt;
import oddcradle.core.shop.BarNesting;

final class NestCalculator {
    private NestCalculator() {}

    static ObjectNode answer(Fields in) {
        BarNesting nesting = BarNesting.of(
                in.list(
                        "parts",
                        each -> new BarNesting.Part(each.text("id"), each.number("length"), each.integer("count"))),
                in.list(
                        "stock",
                        each -> new BarNesting.Stock(
                                each.text("id"),
                                each.number("length"),
                                each.number("cost"),
                                each.has("count") ? OptionalInt.of(each.integer("count")) : OptionalInt.empty())),
                in.number("kerf"),
                in.number("clamp_loss", 0));
        ObjectNode out = Json.object();
        ArrayNode bars = out.putArray("bars");
        nesting.bars().forEach(bar -> {
            ObjectNode each = bars.addObject().put("stock", bar.stock());
            ArrayNode ids = each.putArray("parts");
            bar.parts().forEach(ids::add);
        });
        return out.put("cost", nesting.cost()).put("proven", nesting.proven());
    }
}
