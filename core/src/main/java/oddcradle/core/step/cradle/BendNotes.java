package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.stream.Collectors;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.RoundedPath;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.make.Die;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** Whether the shop's bender can make the bent tubes as they are drawn, told where they are drawn. */
final class BendNotes {
    /** A change of direction below this is none, rad. */
    private static final double STRAIGHT = 1e-3;
    /** More than this is no bend any more, rad; common practice. */
    private static final double MOST_BENT = Math.toRadians(170);
    /** Round tube bent tighter than this goes flat without a mandrel, in outside diameters; common practice. */
    private static final double TIGHTEST = 2;
    /** A joint this near to its tube still is on it, m. */
    private static final double ON_TUBE = 0.001;

    private static final Source GEOMETRY = Source.derived("tangents of the bends, R tan(angle / 2)");

    private final ReportBuilder report;
    private final Job job;
    private final Seating seating;

    private BendNotes(ReportBuilder report, Job job, Seating seating) {
        this.report = report;
        this.job = job;
        this.seating = seating;
    }

    static void add(ReportBuilder report, Job job, Seating seating) {
        BendNotes notes = new BendNotes(report, job, seating);
        job.cradle().members().stream().filter(tube -> tube.bend() > 0).forEach(notes::tube);
    }

    private void tube(Member tube) {
        List<Vec3> path = seating.path(tube);
        boolean bent = false;
        for (int k = 1; k < path.size() - 1; k++) {
            if (isPoint(path, k) || isPoint(path, k + 1) || RoundedPath.turn(path, k) <= STRAIGHT) {
                continue;
            }
            if (RoundedPath.turn(path, k) > MOST_BENT) {
                back(tube, path, k);
                return;
            }
            bent = true;
            corner(tube, path, k);
        }
        if (bent) {
            tight(tube, path);
            die(tube, path);
            straights(tube, path);
        }
    }

    private void back(Member tube, List<Vec3> path, int at) {
        report.say(
                CradleFinding.BEND_ROOM,
                Severity.STOP,
                Phrase.of(
                        "{} turns back by {} at {}, which no bender does: move the node, or make two tubes of it",
                        tube.named(),
                        Quantity.angle(RoundedPath.turn(path, at)),
                        tube.nodes().get(at)),
                Place.of(Subject.tube(tube.id()), path.get(at)),
                new Why("angle between the two straights", List.of(), GEOMETRY));
    }

    private static boolean isPoint(List<Vec3> path, int piece) {
        return path.get(piece).distanceTo(path.get(piece - 1)) == 0;
    }

    private static double od(Member tube) {
        return 2 * tube.section().halfSize(false);
    }

    private void tight(Member tube, List<Vec3> path) {
        if (tube.bend() < TIGHTEST * od(tube)) {
            report.atLeast(
                    CradleFinding.BEND_TIGHT,
                    Severity.WATCH,
                    Phrase.of("{} is bent so tight that it flattens or folds without a mandrel", tube.named()),
                    Quantity.length(tube.bend()),
                    Quantity.length(TIGHTEST * od(tube)),
                    Place.of(Subject.tube(tube.id()), path.get(1)),
                    new Why(
                            "radius of the centre line against two outside diameters",
                            List.of(input("D", Quantity.length(od(tube)))),
                            Source.commonPractice()));
        }
    }

    private void die(Member tube, List<Vec3> path) {
        List<Die> dies = job.build().shop().tools().dies();
        if (dies.isEmpty()
                || job.build().shop().die(tube.section(), tube.bend()).isPresent()) {
            return;
        }
        String there = dies.stream()
                .filter(die -> Math.abs(die.od() - od(tube)) < ON_TUBE)
                .map(die -> Math.round(die.radius() * 1000) + " mm")
                .collect(Collectors.joining(", "));
        report.say(
                CradleFinding.BEND_DIE,
                Severity.STOP,
                Phrase.of(
                        there.isEmpty()
                                ? "{} is to be bent to {}, and the shop has no die for tube of {}{}: name the die at Make, Shop, or make it"
                                        + " of straight pieces"
                                : "{} is to be bent to {}, and the shop has no such die for tube of {}; it has {}",
                        tube.named(),
                        Quantity.length(tube.bend()),
                        Quantity.length(od(tube)),
                        there),
                Place.of(Subject.tube(tube.id()), path.get(1)),
                new Why("dies of the shop", List.of(), Source.measured()));
    }

    /** What the die has to hold between two bends, or behind the last. */
    private void straights(Member tube, List<Vec3> path) {
        double asked = job.build()
                .shop()
                .die(tube.section(), tube.bend())
                .map(Die::straight)
                .orElse(0.0);
        for (int k = 1; k < path.size(); k++) {
            double straight = RoundedPath.straight(path, k, tube.bend());
            if (straight < 0) {
                report.say(
                        CradleFinding.BEND_ROOM,
                        Severity.STOP,
                        Phrase.of(
                                "{} has no room for its bends between {} and {}: they want {} more; take a smaller radius or move a corner",
                                tube.named(),
                                tube.nodes().get(k - 1),
                                tube.nodes().get(k),
                                Quantity.length(-straight)),
                        Place.of(Subject.tube(tube.id()), path.get(k)),
                        new Why(
                                "distance of the corners less R tan(angle / 2) of each",
                                List.of(input("R", Quantity.length(tube.bend()))),
                                GEOMETRY));
            } else if (straight < asked) {
                report.atLeast(
                        CradleFinding.BEND_STRAIGHT,
                        Severity.STOP,
                        Phrase.of(
                                "{} is straight for too short a piece between {} and {}: the die cannot hold it",
                                tube.named(),
                                tube.nodes().get(k - 1),
                                tube.nodes().get(k)),
                        Quantity.length(straight),
                        Quantity.length(asked),
                        Place.of(Subject.tube(tube.id()), path.get(k)),
                        new Why("distance of the corners less R tan(angle / 2) of each", List.of(), GEOMETRY));
            }
        }
    }

    /** The tube passes inside a corner: what is joined there is joined to nothing. */
    private void corner(Member tube, List<Vec3> path, int at) {
        double beside = tube.bend() * (1 / Math.cos(RoundedPath.turn(path, at) / 2) - 1);
        String node = tube.nodes().get(at);
        boolean joined = job.cradle().isolators().stream().map(Isolator::node).anyMatch(node::equals)
                || job.cradle().members().stream()
                        .anyMatch(other -> other != tube && other.nodes().contains(node));
        if (joined && beside > ON_TUBE) {
            report.say(
                    CradleFinding.ON_BEND,
                    Severity.STOP,
                    Phrase.of(
                            "{} is joined at {}, the corner of a bend, where the tube passes {} beside it: join it on a straight piece",
                            tube.named(),
                            node,
                            Quantity.length(beside)),
                    Place.of(Subject.tube(tube.id()), path.get(at)),
                    new Why("R (1 / cos(angle / 2) - 1)", List.of(), GEOMETRY));
        }
    }
}
