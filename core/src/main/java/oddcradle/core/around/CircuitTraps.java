package oddcradle.core.around;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Vec3;

/**
 * Where air gathers and where water stays in a circuit of hoses.
 *
 * @param high tops that no bleed is at
 * @param low bottoms that no drain is at
 */
public record CircuitTraps(List<Vec3> high, List<Vec3> low) {
    /** Less of a hump fills by itself, m; common practice. */
    private static final double HUMP = 0.01;

    public CircuitTraps {
        high = List.copyOf(high);
        low = List.copyOf(low);
    }

    /**
     * @param round points along the circuit, one after the other, closed from the last to the first, m
     * @param bleeds places where air can be let out, m
     * @param drains places where it can be let run, m
     * @param reach how near to a top a bleed must be, m
     */
    public static CircuitTraps of(List<Vec3> round, List<Vec3> bleeds, List<Vec3> drains, double reach) {
        return new CircuitTraps(tops(round, 1, bleeds, reach), tops(round, -1, drains, reach));
    }

    /** Points that stand a hump over the lowest saddle on both ways to something higher. */
    private static List<Vec3> tops(List<Vec3> round, int sign, List<Vec3> served, double reach) {
        List<Vec3> tops = new ArrayList<>();
        int n = round.size();
        for (int k = 0; k < n; k++) {
            double here = sign * round.get(k).z();
            boolean over = here >= sign * round.get((k + n - 1) % n).z()
                    && here >= sign * round.get((k + 1) % n).z();
            if (over && falls(round, k, 1, sign) && falls(round, k, -1, sign)) {
                Vec3 top = round.get(k);
                if (served.stream().noneMatch(each -> each.distanceTo(top) <= reach)) {
                    tops.add(top);
                }
            }
        }
        return tops;
    }

    /** Whether it goes down by a hump before it comes up again to where it was. */
    private static boolean falls(List<Vec3> round, int from, int step, int sign) {
        int n = round.size();
        double here = sign * round.get(from).z();
        for (int k = 1; k < n; k++) {
            double there = sign * round.get(Math.floorMod(from + step * k, n)).z();
            if (there < here - HUMP) {
                return true;
            }
            // Of two tops of one height with hardly a dip between, the later counts.
            if (there > here || there == here && step > 0) {
                return false;
            }
        }
        return false;
    }
}
