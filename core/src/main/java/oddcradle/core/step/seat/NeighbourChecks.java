package oddcradle.core.step.seat;

import java.util.List;
import oddcradle.core.control.Remembered;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.BodyShape;
import oddcradle.core.seating.GapFinder;
import oddcradle.core.units.Quantity;

/** What must follow when the seat changes: each neighbour's question, its numbers and what they say. */
public final class NeighbourChecks {
    /** Farther things are all alike, m. */
    static final double FAR = 0.6;

    static final Source GEOMETRY = Source.derived("places and directions of the two ends");

    /**
     * @param figures its numbers
     * @param finding what they say
     */
    public record NeighbourCheck(Neighbour neighbour, List<Figure> figures, Finding finding) {
        public NeighbourCheck {
            figures = List.copyOf(figures);
        }
    }

    private record Asked(Neighbour neighbour, Surroundings setting) {}

    private final Remembered<Asked, NeighbourCheck> checks;
    private final SpaceChecks space;

    private NeighbourChecks(Remembered<Asked, NeighbourCheck> checks, SpaceChecks space) {
        this.checks = checks;
        this.space = space;
    }

    /** Checks everything. */
    public static NeighbourChecks afresh() {
        return new NeighbourChecks(Remembered.nothing(), SpaceChecks.afresh());
    }

    /** Takes over the checks of which nothing has changed. */
    public NeighbourChecks next() {
        return new NeighbourChecks(checks.next(), space.next());
    }

    public List<NeighbourCheck> of(Job job, Seating seating) {
        Surroundings all = Surroundings.of(job, seating);
        Surroundings withoutCradle = all.withoutCradle();
        return job.plan().neighbours().stream()
                .map(neighbour -> checks.of(
                        new Asked(neighbour, looksAtCradle(neighbour) ? all : withoutCradle),
                        asked -> of(asked.setting(), asked.neighbour())))
                .toList();
    }

    private static boolean looksAtCradle(Neighbour neighbour) {
        return neighbour instanceof Neighbour.PipeRun || neighbour instanceof Neighbour.Intake;
    }

    private NeighbourCheck of(Surroundings setting, Neighbour neighbour) {
        if (neighbour instanceof Neighbour.PipeRun pipe) {
            return RouteChecks.pipe(setting, pipe);
        }
        if (neighbour instanceof Neighbour.Run run) {
            return RouteChecks.run(setting, run);
        }
        if (neighbour instanceof Neighbour.Linkage linkage) {
            return RouteChecks.linkage(setting, linkage);
        }
        if (neighbour instanceof Neighbour.Intake intake) {
            return SpaceChecks.intake(setting, intake);
        }
        if (neighbour instanceof Neighbour.Tank tank) {
            return SpaceChecks.tank(setting, tank);
        }
        if (neighbour instanceof Neighbour.Occupant occupant) {
            return space.occupant(setting, occupant);
        }
        if (neighbour instanceof Neighbour.Panel panel) {
            return SpaceChecks.panel(setting, panel);
        }
        return SpaceChecks.bay(setting, (Neighbour.Bay) neighbour);
    }

    static NeighbourCheck say(
            Neighbour neighbour, List<Figure> figures, Severity severity, Phrase what, List<Vec3> points, Why why) {
        return new NeighbourCheck(
                neighbour,
                figures,
                Finding.statement(
                        SeatFinding.NEIGHBOUR,
                        Step.SEAT,
                        severity,
                        what,
                        new Place(List.of(Subject.neighbour(neighbour.id())), points),
                        why));
    }

    static Figure length(String name, double metres, Why why) {
        return new Figure(name, Quantity.length(metres), why);
    }

    static double least(List<BodyShape> some, List<BodyShape> others, Pose at) {
        return new GapFinder(some, others, GapFinder.NONE)
                .probe()
                .tightest(at, Double.NEGATIVE_INFINITY, FAR)
                .margin();
    }
}
