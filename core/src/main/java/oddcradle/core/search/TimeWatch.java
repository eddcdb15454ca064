package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.clearance.Gap;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.vibration.LinkedBodies;
import oddcradle.core.vibration.LinkedBodiesInTime;

/** Keeps the greatest of what happens in one run, and how the output shaft goes. */
final class TimeWatch implements LinkedBodiesInTime.Watcher {
    private static final int SAMPLES = 400;
    /** What comes no nearer than this has not come nearer, m. */
    private static final double NOTHING = 1e-5;

    private final Examination examination;
    private final TimeSetting setting;
    private final Vec3 output;
    private final Vec3 cg;
    private final List<Gap> pairs;
    private final double[] nearest;
    private final double every;
    private final List<SmallMotion> motions = new ArrayList<>();
    private Vec3 farthest = Vec3.ZERO;
    private double force;
    private int forced;
    private double stretch;
    private double used;

    TimeWatch(Examination examination, TimeSetting setting, double duration) {
        this.examination = examination;
        this.setting = setting;
        this.output = examination.seating().driverCentre();
        this.cg = examination.seating().mass().cg();
        this.every = duration / SAMPLES;
        boolean apart = !isOneWithFrame(setting);
        this.pairs = apart
                ? examination.ledger().near().stream()
                        .filter(gap -> !gap.separation().overlap())
                        .toList()
                : List.of();
        this.nearest = new double[pairs.size()];
    }

    private static boolean isOneWithFrame(TimeSetting setting) {
        return setting.frame().isPresent() && setting.frame().getAsInt() == 0;
    }

    @Override
    public void look(double time, LinkedBodiesInTime.State state) {
        SmallMotion donor = relative(state);
        Vec3 moved = donor.at(output);
        if (moved.squaredLength() > farthest.squaredLength()) {
            farthest = moved;
        }
        if (time >= every * motions.size()) {
            motions.add(donor);
        }
        for (int l = 0; l < setting.system().links().size(); l++) {
            look(l, state);
        }
        for (int k = 0; k < pairs.size(); k++) {
            Gap gap = pairs.get(k);
            Vec3 on = gap.separation().pointA();
            Vec3 way = gap.separation().pointB().minus(on);
            double distance = way.length();
            if (distance > 0) {
                double closed = donor.at(on).dot(way) / distance;
                nearest[k] = Math.max(nearest[k], closed);
            }
        }
    }

    /** Of the donor about its centre of gravity, relative to the frame where that moves as another body. */
    private SmallMotion relative(LinkedBodiesInTime.State state) {
        SmallMotion moved = about(state.motion(0));
        return setting.frame().isPresent() && !isOneWithFrame(setting) ? moved.less(about(state.motion(1))) : moved;
    }

    private SmallMotion about(SmallMotion motion) {
        return new SmallMotion(cg, motion.at(cg), motion.turn());
    }

    /** Mounts of the donor, or feet where it is bolted hard to the machine. */
    private void look(int link, LinkedBodiesInTime.State state) {
        LinkedBodies.Link each = setting.system().links().get(link);
        if (each.of() != 0) {
            return;
        }
        double now = state.force(link).length();
        if (now > force) {
            force = now;
            forced = link;
        }
        Vec3 s = state.stretch(link);
        double most = Math.max(Math.abs(s.x()), Math.max(Math.abs(s.y()), Math.abs(s.z())));
        stretch = Math.max(stretch, most);
        if (each.freeWay().isPresent()) {
            used = Math.max(used, most / each.freeWay().getAsDouble());
        }
    }

    ShakeInTime.Event event(String id, String label, String how) {
        Vec3 direction = farthest.length() > 0 ? farthest.unit() : Vec3.Z;
        boolean stopped = setting.system().links().stream()
                .anyMatch(link -> link.freeWay().isPresent());
        double counted = examination
                .donorMovement()
                .towards(output.minus(cg), direction)
                .map(Allowance::amount)
                .orElse(0.0);
        return new ShakeInTime.Event(
                id,
                label,
                how,
                farthest.length(),
                counted,
                setting.system().links().get(forced).name(),
                force,
                stretch,
                stopped ? OptionalDouble.of(used) : OptionalDouble.empty(),
                near(),
                direction,
                motions,
                motions.stream().map(motion -> motion.at(output).dot(direction)).toList(),
                every);
    }

    /** Of those that come nearer at all. */
    private Optional<ShakeInTime.Near> near() {
        Optional<ShakeInTime.Near> worst = Optional.empty();
        for (int k = 0; k < pairs.size(); k++) {
            Gap gap = pairs.get(k);
            double atRest = gap.separation().distance();
            ShakeInTime.Near here = new ShakeInTime.Near(
                    gap.donorPart().label(), gap.obstacle().label(), atRest, atRest - nearest[k], gap.limit());
            if (nearest[k] > NOTHING
                    && worst.filter(other -> other.left() - other.needed() <= here.left() - here.needed())
                            .isEmpty()) {
                worst = Optional.of(here);
            }
        }
        return worst;
    }
}
