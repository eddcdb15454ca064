package oddcradle.core.search;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Sides;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.seating.GapFinder;
import oddcradle.core.seating.ToolRoom;

/**
 * Each mount bolt with the donor in its place: which tools reach its two ends, from which end it is pushed in, and which end
 * therefore needs a captive nut or a tapped part.
 */
public final class MountAccess {
    /** From the middle of the boss to the head of its bolt: a lug, a tab and a washer; common practice. */
    private static final double HALF_STACK = 0.032;

    private static final double WASHER = 0.005;
    private static final double LUG = 0.006;
    private static final double IN_LINE = 0.8;

    private MountAccess() {}

    /**
     * @param axis of the bolt, host axes, pointing to the first end
     * @param first tools that reach that end
     * @param second tools that reach the other
     * @param pushes whether the bolt can be drawn out at the first end, and at the second
     * @param blind whether the boss is threaded and has one end only
     */
    public record Bolt(
            String boss,
            Vec3 at,
            Vec3 axis,
            ToolRoom.Access first,
            ToolRoom.Access second,
            boolean pushesFirst,
            boolean pushesSecond,
            boolean blind) {
        /** What it takes, in words. */
        public String verdict() {
            boolean drawn = pushesFirst || pushesSecond;
            if (blind) {
                return first.any() && pushesFirst
                        ? "goes in and is tightened"
                        : second.any() && pushesSecond
                                ? "goes in and is tightened"
                                : "cannot be reached; turn the mount or make room";
            }
            if (!first.any() && !second.any()) {
                return "no tool reaches either end; make room";
            }
            if (!drawn) {
                return "cannot be pushed in from either end; use a stud";
            }
            if (first.any() && second.any()) {
                return "bolt and nut are both reached";
            }
            return "only the end at " + Sides.side(first.any() ? axis : axis.negated())
                    + " is reached; the other needs a captive nut or a tapped part, or a bolt that cannot turn: a square shank in a squared"
                    + " washer tacked to its plate";
        }
    }

    public static List<Bolt> of(Examination examination) {
        Job job = examination.job();
        Pose pose = examination.seating().pose();
        List<BodyShape> standing = new ArrayList<>();
        for (Part part : job.donor().bodies()) {
            standing.add(BodyShape.still(
                    part.id(),
                    part.label(),
                    part.solids().stream().map(solid -> solid.placed(pose)).toList()));
        }
        Bodies.afresh()
                .obstacles(job, examination.seating())
                .forEach(body -> standing.add(BodyShape.still(body.id(), body.label(), body.solids())));
        List<Bolt> bolts = new ArrayList<>();
        for (Boss boss : job.donor().bosses()) {
            Vec3 at = pose.place(boss.position());
            Vec3 axis = pose.turn(boss.axis()).unit();
            boolean blind = !boss.hole().through() && boss.hole().depth() > 0;
            Stack stack = stack(job, examination.seating(), boss.id(), at, axis, standing);
            Vec3 first = at.along(axis, stack.first());
            Vec3 second = at.along(axis, -stack.second());
            bolts.add(new Bolt(
                    boss.id(),
                    at,
                    axis,
                    ToolRoom.at(first, axis, boss.bore(), stack.others()),
                    ToolRoom.at(second, axis.negated(), boss.bore(), stack.others()),
                    pushes(first, axis, stack, boss.bore()),
                    pushes(second, axis.negated(), stack, boss.bore()),
                    blind));
        }
        return bolts;
    }

    /**
     * How far head and nut are from the middle of the boss, and what stands round them. What the bolt goes through does not
     * count: the lug's own casting, whose shape so near is not known, and the tube under an isolator in line with it.
     */
    private record Stack(double first, double second, List<BodyShape> others) {
        double length() {
            return first + second;
        }
    }

    private static Stack stack(Job job, Seating seating, String boss, Vec3 at, Vec3 axis, List<BodyShape> standing) {
        double first = HALF_STACK;
        double second = HALF_STACK;
        Set<String> through = new HashSet<>();
        for (Isolator isolator : job.cradle().isolators()) {
            Vec3 arm = seating.node(isolator.node()).minus(at);
            if (isolator.boss().equals(boss) && Math.abs(arm.dot(axis)) > IN_LINE * arm.length()) {
                double radius = 0;
                for (Member member : job.cradle().members()) {
                    if (member.nodes().contains(isolator.node())) {
                        radius = Math.max(radius, member.section().outerRadius());
                        through.add(member.id());
                    }
                }
                double end = Math.abs(arm.dot(axis)) + radius + WASHER;
                first = arm.dot(axis) > 0 ? end : first;
                second = arm.dot(axis) < 0 ? end : second;
            }
        }
        BodyShape lug = BodyShape.still("lug", "lug", List.of(new Solid.Sphere(at, LUG)));
        List<BodyShape> others = new ArrayList<>();
        for (BodyShape each : standing) {
            boolean own = new GapFinder(List.of(lug), List.of(each), GapFinder.NONE)
                            .probe()
                            .tightest(Pose.IDENTITY, 0, 0)
                            .margin()
                    < 0;
            if (!own && !through.contains(each.id())) {
                others.add(each);
            }
        }
        return new Stack(first, second, others);
    }

    /** Room for the whole bolt before its hole. */
    private static boolean pushes(Vec3 end, Vec3 away, Stack stack, double bore) {
        Solid bolt = new Solid.Cylinder(end, end.along(away, stack.length() + 2 * bore), bore / 2);
        return new GapFinder(List.of(BodyShape.still("bolt", "bolt", List.of(bolt))), stack.others(), GapFinder.NONE)
                        .probe()
                        .tightest(Pose.IDENTITY, 0, 0)
                        .margin()
                >= 0;
    }
}
