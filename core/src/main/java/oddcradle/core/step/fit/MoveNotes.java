package oddcradle.core.step.fit;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.asbuilt.Condition;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** What is to be moved so that everything that was read of the line is right at once. */
final class MoveNotes {
    private MoveNotes() {}

    static void add(ReportBuilder report, LineFound line, MountsFound mounts) {
        for (LineFound.Move move : line.moves()) {
            Why why = why(move);
            String what = move.shaft().map(JackShaft::label).orElse("the engine");
            Place place = move.shaft().isPresent() ? Place.of(Subject.LINE) : Place.of(Subject.CRADLE);
            if (!move.lineUp().holds()) {
                denied(report, move, what, place, why);
                continue;
            }
            for (String foot : move.feet().keySet().stream().sorted().toList()) {
                Vec3 by = move.of(foot);
                report.figure("line up: " + foot + " up by", Quantity.fine(by.z()), why);
                report.figure("line up: " + foot + " to the left by", Quantity.fine(by.y()), why);
                report.figure("line up: " + foot + " forward by", Quantity.fine(by.x()), why);
            }
            move.spoils()
                    .ifPresent(stage -> report.say(
                            FitFinding.MOVES,
                            Severity.WATCH,
                            Phrase.of(
                                    "once {} is moved for what it drives, {} is no longer what it was, and nothing was read of it: read it then, and line up what drives it",
                                    what,
                                    stage),
                            place,
                            why));
        }
        // Of measured mounts it is known where their holes are, and What to do opens those that have to be.
        line.engine()
                .filter(move -> move.lineUp().holds() && !mounts.isMeasured())
                .ifPresent(move -> play(report, move, mounts));
    }

    private static void denied(ReportBuilder report, LineFound.Move move, String what, Place place, Why why) {
        Condition worst = move.lineUp().leftOut().get(0);
        report.say(
                FitFinding.MOVES,
                Severity.WATCH,
                Phrase.of(
                        "no move of {} holds all that was read: {} ({}) stays at {} of its limit at the best, so none is told; read it once more, or move what it drives",
                        what,
                        worst.what(),
                        worst.reading(),
                        new Quantity(worst.share(move.lineUp().motion()), Kind.SHARE)),
                place,
                why);
    }

    private static Why why(LineFound.Move move) {
        SmallMotion motion = move.lineUp().motion();
        return new Why(
                "nothing, side moves, shims, or both: the first that leaves half of every limit; least squares of all readings at once",
                List.of(
                        input("forward", Quantity.fine(motion.shift().x())),
                        input("to the left", Quantity.fine(motion.shift().y())),
                        input("up", Quantity.fine(motion.shift().z())),
                        input("turned by", Quantity.angle(motion.turn().length()))),
                Source.derived("rigid motion; where that leaves one out, the least worst (Lawson)"));
    }

    /** A bolt lets its mount aside by no more than its hole. */
    private static void play(ReportBuilder report, LineFound.Move move, MountsFound mounts) {
        for (MountFound mount : mounts.mounts()) {
            Vec3 across = move.of(mount.id()).withoutPartAlong(mount.hole().up());
            double moves = move.lineUp().worstAt(SmallMotion.NONE) > 1 ? across.length() : 0;
            if (moves > mount.hole().play()) {
                report.say(
                        FitFinding.MOVES,
                        Severity.WATCH,
                        Phrase.of(
                                "{} has to go {} across its bolt for the line, and its hole lets it {}; open the hole along that way, or move what is driven",
                                mount.id(),
                                Quantity.fine(moves),
                                Quantity.fine(mount.hole().play())),
                        FitReport.at(mount),
                        new Why(
                                "move of the boss, across its bolt",
                                List.of(
                                        input("to the left", Quantity.fine(across.y())),
                                        input("forward", Quantity.fine(across.x())),
                                        input("up", Quantity.fine(across.z()))),
                                Source.derived("rigid motion")));
            }
        }
    }
}
