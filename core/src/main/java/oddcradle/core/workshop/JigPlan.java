package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Vec3;

/**
 * A dummy that holds every boss and the output shaft where the donor has them, so that the donor itself stays on its stand: a flat plate above
 * all of them with a leg down to each. Level as the donor lies in its seat.
 *
 * @param length of the plate along the machine, m
 * @param width across it, m
 * @param above how far its underside is above the host's datum, m
 * @param legs one for each boss, one for the shaft
 * @param checks between every two bosses
 */
public record JigPlan(double length, double width, double above, List<Leg> legs, List<Check> checks) {
    /** Plate round the outermost legs, and above the highest boss, m: room for a spanner; common practice. */
    private static final double AROUND = 0.03;

    private static final double OVER = 0.06;
    /** A bore within this of upright is bolted from below, cosine. */
    private static final double UPRIGHT = 0.9;

    public JigPlan {
        legs = List.copyOf(legs);
        checks = List.copyOf(checks);
    }

    /**
     * One leg under the plate.
     *
     * @param mark the boss, or the shaft
     * @param forward of the plate's rear edge, m
     * @param left of the plate's right edge, m
     * @param length from the plate's underside to the middle of the hole, or to the lug's face where the bore is upright, m
     * @param hole diameter, m
     * @param upright whether the bore is upright
     * @param at middle of the hole, host axes, m
     */
    public record Leg(String mark, double forward, double left, double length, double hole, boolean upright, Vec3 at) {}

    /** What a tape reads from hole to hole, and how much one is higher, m. */
    public record Check(String one, String other, double straight, double level, double higher) {}

    static JigPlan of(Examination examination) {
        List<Boss> bosses = examination.job().donor().bosses();
        List<Leg> raw = new ArrayList<>();
        for (Boss boss : bosses) {
            Vec3 at = examination.seating().boss(boss.id());
            Vec3 axis = examination.seating().pose().turn(boss.axis()).unit();
            raw.add(new Leg(boss.id(), at.x(), at.y(), at.z(), boss.bore(), Math.abs(axis.z()) > UPRIGHT, at));
        }
        Vec3 shaft = examination.seating().driverCentre();
        raw.add(new Leg("shaft", shaft.x(), shaft.y(), shaft.z(), 0, false, shaft));
        double rear = raw.stream().mapToDouble(Leg::forward).min().orElse(0) - AROUND;
        double right = raw.stream().mapToDouble(Leg::left).min().orElse(0) - AROUND;
        double above = raw.stream().mapToDouble(Leg::length).max().orElse(0) + OVER;
        double length = raw.stream().mapToDouble(Leg::forward).max().orElse(0) + AROUND - rear;
        double width = raw.stream().mapToDouble(Leg::left).max().orElse(0) + AROUND - right;
        List<Leg> legs = raw.stream()
                .map(leg -> new Leg(
                        leg.mark(),
                        leg.forward() - rear,
                        leg.left() - right,
                        above - leg.length(),
                        leg.hole(),
                        leg.upright(),
                        leg.at()))
                .toList();
        List<Check> checks = new ArrayList<>();
        for (int one = 0; one < bosses.size(); one++) {
            for (int other = one + 1; other < bosses.size(); other++) {
                Vec3 way = legs.get(other).at().minus(legs.get(one).at());
                checks.add(new Check(
                        legs.get(one).mark(),
                        legs.get(other).mark(),
                        way.length(),
                        Math.hypot(way.x(), way.y()),
                        way.z()));
            }
        }
        return new JigPlan(length, width, above, legs, checks);
    }
}
