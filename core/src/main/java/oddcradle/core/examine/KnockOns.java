package oddcradle.core.examine;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.Neighbour;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.seating.Bay;
import oddcradle.core.seating.Standing;
import oddcradle.core.units.Quantity;

/** What must follow when the seat changes: each neighbour's question, its numbers and what they say. */
public final class KnockOns {
    /** Farther things are all alike, m. */
    static final double FAR = 0.6;

    static final Source GEOMETRY = Source.derived("places and directions of the two ends");

    private KnockOns() {}

    /**
     * @param figures its numbers
     * @param finding what they say
     */
    public record KnockOn(Neighbour neighbour, List<Figure> figures, Finding finding) {
        public KnockOn {
            figures = List.copyOf(figures);
        }
    }

    static List<KnockOn> of(Job job, Seating seating) {
        return of(job, seating, Optional.empty());
    }

    /** @param before answers of a job that differs from this one in its cradle alone */
    static List<KnockOn> of(Job job, Seating seating, Optional<List<KnockOn>> before) {
        Setting setting = new Setting(job, seating);
        return job.plan().neighbours().stream()
                .map(neighbour -> before.filter(answers -> !looksAtCradle(neighbour))
                        .flatMap(answers -> answers.stream()
                                .filter(each -> each.neighbour().equals(neighbour))
                                .findFirst())
                        .orElseGet(() -> of(setting, neighbour)))
                .toList();
    }

    private static boolean looksAtCradle(Neighbour neighbour) {
        return neighbour instanceof Neighbour.PipeRun || neighbour instanceof Neighbour.Intake;
    }

    private static KnockOn of(Setting setting, Neighbour neighbour) {
        if (neighbour instanceof Neighbour.PipeRun pipe) {
            return RouteAnswers.pipe(setting, pipe);
        }
        if (neighbour instanceof Neighbour.Run run) {
            return RouteAnswers.run(setting, run);
        }
        if (neighbour instanceof Neighbour.Linkage linkage) {
            return RouteAnswers.linkage(setting, linkage);
        }
        if (neighbour instanceof Neighbour.Intake intake) {
            return RoomAnswers.intake(setting, intake);
        }
        if (neighbour instanceof Neighbour.Tank tank) {
            return RoomAnswers.tank(setting, tank);
        }
        if (neighbour instanceof Neighbour.Occupant occupant) {
            return RoomAnswers.occupant(setting, occupant);
        }
        if (neighbour instanceof Neighbour.Panel panel) {
            return RoomAnswers.panel(setting, panel);
        }
        return RoomAnswers.bay(setting, (Neighbour.Bay) neighbour);
    }

    static KnockOn say(
            Neighbour neighbour, List<Figure> figures, Severity severity, Phrase what, List<Vec3> points, Why why) {
        return new KnockOn(
                neighbour,
                figures,
                Finding.statement(
                        "seat.follows", Stop.SEAT, severity, what, new Place(List.of(neighbour.id()), points), why));
    }

    static Figure length(String name, double metres, Why why) {
        return new Figure(name, Quantity.length(metres), why);
    }

    static double least(List<Standing> some, List<Standing> others, Pose at) {
        return new Bay(some, others, Bay.NONE)
                .probe()
                .tightest(at, Double.NEGATIVE_INFINITY, FAR)
                .margin();
    }
}
