package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.engine.Throttle;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Vec3;
import oddcradle.core.vibration.HarmonicWrench;

/**
 * Everything that the engines do to the donor, order by order, at some speeds; whatever it hangs on.
 *
 * @param speeds of the first crank, rad/s, ascending
 * @param at for each speed every order that acts
 */
public record Excitation(List<Double> speeds, List<List<Part>> at) {
    private static final double HIGHEST = 6;
    private static final double SAME_ORDER = 1e-6;

    public Excitation {
        speeds = List.copyOf(speeds);
        at = at.stream().map(List::copyOf).toList();
    }

    /**
     * One order.
     *
     * @param order a ratio to the first crank's speed
     * @param omega angular frequency, rad/s
     * @param wrench about the centre of gravity, host axes
     */
    public record Part(double order, double omega, HarmonicWrench wrench) {}

    /** With what a propeller on the donor's own shaft does. */
    public Excitation with(PropellerShaking.Propeller propeller, double turns) {
        List<List<Part>> more = new ArrayList<>();
        for (int s = 0; s < speeds.size(); s++) {
            List<Part> parts = new ArrayList<>(at.get(s));
            parts.addAll(PropellerShaking.acting(propeller, speeds.get(s), turns));
            more.add(parts);
        }
        return new Excitation(speeds, more);
    }

    /**
     * Force on the donor when the first crank has turned by an angle, N, host axes.
     *
     * @param speed index of one of the speeds
     * @param angle rad
     */
    public Vec3 force(int speed, double angle) {
        Vec3 force = Vec3.ZERO;
        for (Part part : at.get(speed)) {
            double cos = Math.cos(part.order() * angle);
            double sin = Math.sin(part.order() * angle);
            HarmonicWrench w = part.wrench();
            force = force.plus(new Vec3(
                    w.fx().re() * cos - w.fx().im() * sin,
                    w.fy().re() * cos - w.fy().im() * sin,
                    w.fz().re() * cos - w.fz().im() * sin));
        }
        return force;
    }

    /**
     * @param engines where they lie
     * @param donor engines of the donor in the same order
     * @param speeds of the first crank, rad/s, ascending, at least one
     */
    public static Excitation of(Engines engines, List<Engine> donor, List<Double> speeds, Throttle throttle) {
        double cruise = engines.first().cruiseSpeed();
        double last = speeds.get(speeds.size() - 1);
        Map<EngineOrders, EngineBySpeed> sources = new HashMap<>();
        for (int k = 0; k < donor.size(); k++) {
            EngineOrders engine = engines.all().get(k).orders();
            double ratio = engine.cruiseSpeed() / cruise;
            sources.put(
                    engine,
                    new EngineBySpeed(
                            engine.running().source(), donor.get(k), throttle, speeds.get(0) * ratio, last * ratio));
        }
        List<List<Part>> at = new ArrayList<>();
        for (double speed : speeds) {
            List<Part> parts = new ArrayList<>();
            for (Engines.Acting acting :
                    engines.acting(each -> sources.get(each).at(speed * each.cruiseSpeed() / cruise))) {
                if (acting.order() <= HIGHEST + SAME_ORDER) {
                    double order = Math.rint(acting.order() / SAME_ORDER) * SAME_ORDER;
                    parts.add(new Part(order, order * speed, acting.whole(1)));
                }
            }
            at.add(parts);
        }
        return new Excitation(speeds, at);
    }
}
