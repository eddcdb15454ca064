package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.math.Guard;

/**
 * Holes along a crank, or plugs in them, that change its balance by a wanted amount: one at the place itself where it is enough, else two, three or more beside
 * each other as near to it as their walls allow; all alike. The smallest drill of the shop that needs the fewest holes, common practice; the depth is exact.
 */
public final class DrillPlan {
    private static final int MOST_HOLES = 7;

    private DrillPlan() {}

    /**
     * Where can be drilled.
     *
     * @param rim radius of the web, m
     * @param thickness of the web, m
     * @param wall that stays beside every hole and behind its point, m
     * @param drills diameters that the shop has, m, at least one
     * @param density of what fills the holes, kg/m3; 0 where they stay empty
     */
    public record Web(double rim, double thickness, double wall, List<Double> drills, double density) {
        public Web {
            Guard.positive("rim", rim, "m");
            Guard.positive("thickness", thickness, "m");
            Guard.notNegative("wall", wall, "m");
            drills = drills.stream().sorted().toList();
            Guard.within("drills", drills.size(), 1, 200, "");
            drills.forEach(drill -> Guard.positive("drills", drill, "m"));
            Guard.notNegative("density", density, "kg/m3");
        }
    }

    /**
     * @param holes what is to be drilled, and filled
     * @param left what is missing, kg m
     */
    public record Plan(List<CrankWork> holes, double left) {
        public Plan {
            holes = List.copyOf(holes);
        }
    }

    /**
     * @param wanted what is to be added, with its direction from the first crank pin; empty holes take away at the other side of it
     * @return empty where the web is too thin or small for any drill
     */
    public static Optional<Plan> of(Unbalance wanted, Web web) {
        boolean adds = web.density() > CrankWork.STEEL;
        double angle = wanted.angle() + (adds ? 0 : Math.PI);
        Plan best = null;
        for (int count = 1; count <= MOST_HOLES; count++) {
            for (double drill : web.drills()) {
                Optional<Plan> plan = of(wanted, web, angle, count, drill);
                if (plan.isPresent()) {
                    if (plan.get().left() == 0) {
                        return plan;
                    }
                    if (best == null || plan.get().left() < best.left()) {
                        best = plan.get();
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static Optional<Plan> of(Unbalance wanted, Web web, double angle, int count, double drill) {
        double radius = web.rim() - web.wall() - drill / 2;
        double pitch = drill + web.wall();
        if (radius <= drill || pitch >= 2 * radius) {
            return Optional.empty();
        }
        double step = 2 * Math.asin(pitch / (2 * radius));
        if (step * (count - 1) > Math.PI) {
            return Optional.empty();
        }
        double together = 0;
        for (int k = 0; k < count; k++) {
            together += Math.cos(step * (k - (count - 1) / 2.0));
        }
        double deepest = web.thickness() - web.wall() - drill / 2 / Math.tan(Math.toRadians(59));
        if (deepest <= 0) {
            return Optional.empty();
        }
        double each = wanted.amount() / together;
        double most = Math.abs(hole(web, angle, radius, drill, deepest).amount());
        double shallow = Math.abs(hole(web, angle, radius, drill, 1e-6).amount());
        double depth = deepest;
        double left = 0;
        if (each > most) {
            left = wanted.amount() - most * together;
        } else if (each < shallow) {
            return Optional.empty();
        } else {
            // What a hole takes grows with its depth in a straight line.
            depth = 1e-6 + (deepest - 1e-6) * (each - shallow) / (most - shallow);
        }
        List<CrankWork> holes = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            double at = angle + step * (k - (count - 1) / 2.0);
            holes.add(hole(web, Math.IEEEremainder(at, 2 * Math.PI), radius, drill, depth));
        }
        return Optional.of(new Plan(holes, left));
    }

    private static CrankWork hole(Web web, double angle, double radius, double drill, double depth) {
        return new CrankWork(
                web.density() > 0 ? "plug" : "hole",
                CrankWork.Sort.HOLE_ALONG,
                angle,
                0,
                radius,
                drill,
                depth,
                web.density(),
                0);
    }
}
