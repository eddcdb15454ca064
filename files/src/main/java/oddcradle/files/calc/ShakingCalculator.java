package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.engine.CrankTrain;
import oddcradle.core.engine.ShakingOrders;
import oddcradle.core.math.Guard;

final class ShakingCalculator {
    private static final int ORDERS = 6;

    private ShakingCalculator() {}

    static ObjectNode answer(Fields in) {
        CrankTrain train = new CrankTrain(
                in.list(
                        "cylinders",
                        cylinder -> new CrankTrain.Cylinder(
                                cylinder.number("throw"),
                                cylinder.number("bank"),
                                cylinder.number("x"),
                                cylinder.number("crank_radius"),
                                cylinder.number("rod_length"),
                                cylinder.number("reciprocating_mass"),
                                cylinder.number("rotating_mass", 0),
                                cylinder.number("pin_offset", 0))),
                in.listIfPresent(
                        "counterweights",
                        weight -> new CrankTrain.Counterweight(
                                weight.number("mr"), weight.number("angle"), weight.number("x"))),
                in.listIfPresent(
                        "shafts",
                        shaft -> new CrankTrain.BalanceShaft(
                                shaft.integer("ratio"),
                                shaft.number("mr"),
                                shaft.number("phase"),
                                shaft.number("x"),
                                shaft.number("y", 0),
                                shaft.number("z", 0))));
        ShakingOrders shaking = ShakingOrders.of(train, positive(in.number("rpm")), ORDERS);
        ObjectNode out = Json.object();
        ArrayNode orders = out.putArray("orders");
        for (ShakingOrders.Order order : shaking.orders()) {
            ObjectNode one = orders.addObject().put("order", order.order());
            one.set("force", Json.complexes(order.forceY(), order.forceZ()));
            one.set("couple", Json.complexes(order.coupleY(), order.coupleZ()));
            one.set("inertia_torque", Json.complex(order.inertiaTorque()));
            one.set("roll_moment", Json.complex(order.rollMoment()));
        }
        return out.put("peak_force", shaking.peakForce())
                .put("peak_couple", shaking.peakCouple())
                .put("peak_inertia_torque", shaking.peakInertiaTorque())
                .put("peak_roll_moment", shaking.peakRollMoment());
    }

    private static double positive(double rpm) {
        return Guard.within("rpm", Guard.positive("rpm", rpm, "1/min"), 0, 1e5, "1/min") * Math.PI / 30;
    }
}
