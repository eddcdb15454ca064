package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.engine.GasTorque;

final class GasTorqueCalculator {
    private GasTorqueCalculator() {}

    static ObjectNode answer(Fields in) {
        GasTorque torque = GasTorque.of(new GasTorque.Input(
                in.integer("strokes"),
                in.numbers("pressure"),
                in.number("ambient_pressure"),
                in.number("bore"),
                in.number("crank_radius"),
                in.number("rod_length"),
                in.numbers("firing_angles"),
                in.numbers("orders")));
        ObjectNode out = Json.object().put("mean_torque", torque.mean()).put("imep", torque.imep());
        ArrayNode orders = out.putArray("orders");
        for (GasTorque.Order order : torque.orders()) {
            ObjectNode one = orders.addObject().put("order", order.order());
            one.set("torque", Json.complex(order.torque()));
            one.put("amplitude", order.torque().modulus());
        }
        return out;
    }
}
