package oddcradle.core.pocket;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.balance.BalancePart;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Source;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;

/** Shaking, balance, and how far an engine gives. */
final class ShakeQuestions {
    /** Somebody who stands on it, N: 76 kg. */
    private static final double STANDS_ON_IT = 750;

    private ShakeQuestions() {}

    static PocketAnswer unbalance(Asked asked) {
        double diameter = Guard.size("diameter", asked.number("diameter"));
        double depth = Guard.size("depth", asked.number("depth"));
        double radius = Guard.size("radius", asked.number("radius"));
        double density = asked.number("density", 7850);
        double before = asked.number("before", 0);
        double taken = -new BalancePart.Hole(
                        new BalancePart.Bore(diameter, depth, Math.PI, BalancePart.Direction.AXIAL, radius), density, 0)
                .amount();
        return new Said(
                        "mass of the hole x radius of its middle",
                        Source.derived("pi / 4 d² depth density radius; flat end, along the shaft"),
                        input("diameter", Quantity.length(diameter)),
                        input("depth", Quantity.length(depth)),
                        input("radius", Quantity.length(radius)),
                        input("density", new Quantity(density, Kind.DENSITY)))
                .says(
                        "the hole takes away {}; {} is left on its side",
                        Quantity.unbalance(taken),
                        Quantity.unbalance(before - taken))
                .figure("taken away", Quantity.unbalance(taken))
                .figure("left", Quantity.unbalance(before - taken))
                .answer();
    }

    static PocketAnswer shakes(Asked asked) {
        if (asked.has("unbalance", "speed", "mass", "stiffness")) {
            return shakesTyped(asked);
        }
        Examination open = asked.job();
        ShakeMaps.Maps maps = Asked.need(
                ShakeMaps.of(open),
                "mounts",
                "draw mounts that hold the engine at Cradle, or give speed, unbalance, mass and stiffness");
        OrderMap map = maps.full();
        double wanted = asked.number("speed", open.job().donor().engine().cruiseSpeed());
        int at = map.nearest(wanted);
        Said said = new Said(
                "root of the sum of the squares of all orders at that speed, full throttle; amplitude",
                Source.derived("donor on its mounts on the frame with its mass"),
                input("speed", Quantity.rotationSpeed(map.speeds().get(at))));
        int worst = map.most(ShakeWatch.Kind.MOUNT_FORCE, at).orElseThrow();
        Quantity force = ShakeAnswers.quantity(map.watches().get(worst), map.together(worst, at));
        said.says(
                "at {} the frame gets {} to and fro at {}, the worst mount",
                Quantity.rotationSpeed(map.speeds().get(at)),
                force,
                map.watches().get(worst).label());
        said.figure("worst mount", force);
        for (int watch : map.of(ShakeWatch.Kind.ENGINE_MOTION)) {
            Quantity moves = ShakeAnswers.quantity(map.watches().get(watch), map.together(watch, at));
            said.says(
                    "the engine moves {} either way at the {}",
                    moves,
                    map.watches().get(watch).label());
            said.figure("moves at the " + map.watches().get(watch).label(), moves);
        }
        double solid = solid(open, map.speeds().get(at));
        said.says("bolted solid all mounts together would get {} of the pistons' inertia", Quantity.force(solid))
                .figure("bolted solid, inertia of the pistons", Quantity.force(solid));
        return said.answer();
    }

    /** All orders of the first engine's inertia force, added as if they shared no phase, N. */
    private static double solid(Examination open, double speed) {
        double share = speed / open.engines().first().cruiseSpeed();
        return Math.sqrt(open.engines().first().cruise().stream()
                        .mapToDouble(order -> square(order.forceY().modulus())
                                + square(order.forceZ().modulus()))
                        .sum())
                * share
                * share;
    }

    private static double square(double number) {
        return number * number;
    }

    private static PocketAnswer shakesTyped(Asked asked) {
        double speed = Guard.positive("speed", asked.number("speed"), "rad/s");
        double unbalance = Guard.notNegative("unbalance", asked.number("unbalance"), "kg m");
        double mass = Guard.positive("mass", asked.number("mass"), "kg");
        double stiffness = Guard.positive("stiffness", asked.number("stiffness"), "N/m");
        double solid = unbalance * speed * speed;
        double natural = Math.sqrt(stiffness / mass);
        double ratio = speed / natural;
        double loss = 0.1;
        double denominator = Math.hypot(1 - ratio * ratio, loss);
        double passes = Math.hypot(1, loss) / denominator;
        return new Said(
                        "F = U w²; on rubber T = sqrt(1 + loss²) / sqrt((1 - r²)² + loss²), r = w / sqrt(k / m)",
                        Source.fromMemory("one mass on hysteretic rubber, loss factor 0.1; Den Hartog, ch. 2"),
                        input("U", Quantity.unbalance(unbalance)),
                        input("w", Quantity.rotationSpeed(speed)),
                        input("m", Quantity.mass(mass)),
                        input("k", Quantity.stiffness(stiffness)))
                .says("bolted solid the frame gets {}", Quantity.force(solid))
                .says(
                        passes < 1
                                ? "on rubber it gets {}; the engine moves {} either way instead"
                                : "on rubber it gets {}, more than solid: the rubber is too stiff or the speed too near its own; the engine moves {} either way",
                        Quantity.force(solid * passes),
                        Quantity.fine(solid / stiffness / denominator))
                .figure("solid", Quantity.force(solid))
                .figure("on rubber", Quantity.force(solid * passes))
                .figure("moves either way", Quantity.fine(solid / stiffness / denominator))
                .figure("own frequency on the rubber", Quantity.frequency(natural / (2 * Math.PI)))
                .answer();
    }

    static PocketAnswer fourth(Asked asked) {
        Examination open = asked.job();
        MountedBody body =
                Asked.need(open.mountedBody(), "mounts", "draw at least three at Cradle that hold the engine");
        Vec3 end = open.seating().driverCentre();
        Said said = new Said(
                "movement of the output where 750 N stand on it, mounts as springs on a stiff frame",
                Source.derived(
                        "six equations of a stiff body on springs; 750 N is a person who stands on it, common practice"),
                input("stands on it", Quantity.force(STANDS_ON_IT)));
        Optional<Double> all = moves(body, end);
        if (all.isEmpty()) {
            return said.says("with the mounts there are, the engine is not held: it needs more")
                    .answer();
        }
        int count = body.mounts().size();
        said.says(
                "with all {} mounts the output gives {} when somebody stands on it",
                Integer.toString(count),
                Quantity.fine(all.get()));
        said.figure("with " + count, Quantity.fine(all.get()));
        if (count > 3) {
            fewer(said, body, end);
        } else {
            more(said, open, body, end, all.get());
        }
        return said.answer();
    }

    private static void fewer(Said said, MountedBody body, Vec3 end) {
        for (Mount gone : body.mounts()) {
            List<Mount> rest = body.mounts().stream()
                    .filter(each -> !each.name().equals(gone.name()))
                    .toList();
            Optional<Double> moves = moves(new MountedBody(body.body(), rest, body.gravity()), end);
            if (moves.isPresent()) {
                said.says("without {}: {}", gone.name(), Quantity.fine(moves.get()));
                said.figure("without " + gone.name(), Quantity.fine(moves.get()));
            } else {
                said.says("without {} the engine is not held", gone.name());
            }
        }
    }

    /** A mount like the nearest at each boss that has none. */
    private static void more(Said said, Examination open, MountedBody body, Vec3 end, double now) {
        Set<String> taken =
                open.job().cradle().isolators().stream().map(Isolator::boss).collect(Collectors.toSet());
        int free = 0;
        for (Boss boss : open.job().donor().bosses()) {
            Vec3 at = open.seating().boss(boss.id());
            if (!taken.contains(boss.id())
                    && body.mounts().stream().noneMatch(each -> each.position().equals(at))) {
                free++;
                Mount like = body.mounts().get(0);
                List<Mount> all = new ArrayList<>(body.mounts());
                all.add(new Mount(boss.id() + " added", at, like.axes(), like.stiffness(), like.loss()));
                double moves = moves(new MountedBody(body.body(), all, body.gravity()), end)
                        .orElse(now);
                said.says("with one like {} at {} as well: {}", like.name(), boss.named(), Quantity.fine(moves));
                said.figure("with " + boss.named(), Quantity.fine(moves));
            }
        }
        if (free == 0) {
            said.says("no boss is free for one more");
        }
    }

    private static Optional<Double> moves(MountedBody body, Vec3 end) {
        if (RigidBodyModes.solve(body).answer().isEmpty()) {
            return Optional.empty();
        }
        Vec3 force = Vec3.Z.times(-STANDS_ON_IT);
        Vec3 arm = end.minus(body.body().cg());
        StaticSag sag = RigidBodyModes.movedBy(body, force, arm.cross(force));
        return Optional.of(sag.cgDisplacement().plus(sag.rotation().cross(arm)).length());
    }
}
