package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.seating.GapFinder;

/**
 * A bracket from another machine tried every way round on its boss: both faces, in quarter turns and at the angle where it comes
 * nearest to what it is to reach.
 */
public final class BracketTurns {
    private static final double CLOSE = 0.004;

    private BracketTurns() {}

    /**
     * One way round.
     *
     * @param flipped whether the other face lies on the boss
     * @param spin about the bolt from how it was drawn, rad
     * @param off from its frame hole to the node it is to reach, m: how the donor would have to be moved for it
     * @param gap of the bracket to everything it is not bolted to, m; negative where it runs into something
     */
    public record Turn(Bracket bracket, boolean flipped, double spin, Pose pose, Vec3 off, double gap) {}

    /** @return best first: those that clear before those that do not, then by how far off they are */
    public static List<Turn> of(Examination examination, Bracket bracket) {
        Job job = examination.job();
        Seating seating = examination.seating();
        Boss boss = job.donor().boss(bracket.boss()).orElseThrow();
        Vec3 at = seating.boss(boss.id());
        Vec3 axis = seating.pose().turn(boss.axis()).unit();
        Vec3 target = seating.node(bracket.node());
        List<BodyShape> others = others(examination, at, target);
        List<Turn> turns = new ArrayList<>();
        for (boolean flipped : new boolean[] {false, true}) {
            Vec3 wanted = flipped ? axis.negated() : axis;
            Mat3 lined = ontoAxis(bracket.bossAxis().unit(), wanted);
            double best =
                    spinTowards(lined.times(bracket.frameHole().minus(bracket.bossHole())), target.minus(at), wanted);
            double[] spins = {best, 0, Math.PI / 2, Math.PI, -Math.PI / 2};
            for (double spin : spins) {
                Mat3 turn = Mat3.rotationAbout(wanted, spin).times(lined);
                Pose pose = new Pose(turn, at.minus(turn.times(bracket.bossHole())));
                turns.add(new Turn(
                        bracket,
                        flipped,
                        spin,
                        pose,
                        target.minus(pose.place(bracket.frameHole())),
                        gap(bracket, pose, others)));
            }
        }
        turns.sort(Comparator.comparing((Turn turn) -> turn.gap() < 0)
                .thenComparingDouble(turn -> turn.off().length()));
        return turns;
    }

    private static Mat3 ontoAxis(Vec3 own, Vec3 wanted) {
        Vec3 about = own.cross(wanted);
        if (about.length() > 1e-9) {
            return Mat3.rotationAbout(about, Math.atan2(about.length(), own.dot(wanted)));
        }
        return own.dot(wanted) > 0 ? Mat3.IDENTITY : Mat3.rotationAbout(own.anyPerpendicular(), Math.PI);
    }

    /** The spin that brings an arm nearest to a target: both seen along the axis. */
    private static double spinTowards(Vec3 arm, Vec3 target, Vec3 axis) {
        Vec3 from = arm.withoutPartAlong(axis);
        Vec3 to = target.withoutPartAlong(axis);
        if (from.length() < 1e-9 || to.length() < 1e-9) {
            return 0;
        }
        return Math.atan2(from.cross(to).dot(axis), from.dot(to));
    }

    private static List<BodyShape> others(Examination examination, Vec3 boss, Vec3 node) {
        Pose pose = examination.seating().pose();
        List<BodyShape> all = new ArrayList<>();
        examination
                .job()
                .donor()
                .bodies()
                .forEach(part -> all.add(BodyShape.still(
                        part.id(),
                        part.label(),
                        part.solids().stream().map(solid -> solid.placed(pose)).toList())));
        Bodies.afresh()
                .hostObstacles(examination.job())
                .forEach(body -> all.add(BodyShape.still(body.id(), body.label(), body.solids())));
        List<BodyShape> joints = List.of(
                BodyShape.still("boss", "boss", List.of(new Solid.Sphere(boss, CLOSE))),
                BodyShape.still("node", "node", List.of(new Solid.Sphere(node, CLOSE))));
        return all.stream()
                .filter(each -> new GapFinder(joints, List.of(each), GapFinder.NONE)
                                .probe()
                                .tightest(Pose.IDENTITY, 0, 0)
                                .margin()
                        >= 0)
                .toList();
    }

    private static double gap(Bracket bracket, Pose pose, List<BodyShape> others) {
        return new GapFinder(
                        List.of(BodyShape.still(bracket.id(), bracket.label(), bracket.solids())),
                        others,
                        GapFinder.NONE)
                .probe()
                .tightest(pose, Double.NEGATIVE_INFINITY, 1)
                .margin();
    }
}
