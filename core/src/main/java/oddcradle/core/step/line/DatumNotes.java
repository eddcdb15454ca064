package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.line.Datum;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.units.Quantity;

/** What lines up first, whether it does, and what that leaves of the seat. */
public final class DatumNotes {
    private static final double OFF_PIVOT = 0.0005;
    private static final double THIN_COLLAR = 0.0015;
    private static final double MOST_SLOP = 0.001;
    private static final Why DECIDED =
            new Why("a line or plane that two bodies share leaves the rest free", List.of(), Source.derived("statics"));

    private DatumNotes() {}

    /** Direction of the shaft or bolt that lines up, host axes. */
    public static Vec3 axis(Job job, Seating seating) {
        return job.line().datum().pivot().map(Datum.Pivot::axis).orElse(seating.driverAxis());
    }

    /** What the datum leaves open, in the words of the freedoms. */
    public static List<Freedom> open(Job job, Seating seating) {
        List<Freedom> decided = job.line().datum().decides(axis(job, seating));
        return Arrays.stream(Freedom.values())
                .filter(each -> !decided.contains(each))
                .toList();
    }

    static void add(ReportBuilder report, Job job, Seating seating, DonorMovement movement) {
        Datum datum = job.line().datum();
        List<Freedom> decided = datum.decides(axis(job, seating));
        String open = open(job, seating).stream().map(Freedom::word).collect(Collectors.joining(", "));
        if (datum.rule() == Datum.Rule.FREE) {
            report.say(
                    LineFinding.DATUM_FREE,
                    Severity.NOTE,
                    Phrase.of("nothing has been chosen yet that must line up; choose it before anything is welded"),
                    Place.of(Subject.DATUM),
                    DECIDED);
            return;
        }
        report.say(
                LineFinding.DATUM,
                Severity.NOTE,
                open.isEmpty()
                        ? Phrase.of(
                                "{} comes first; it decides the whole seat",
                                datum.rule().words())
                        : Phrase.of("{} comes first; open are {}", datum.rule().words(), open),
                Place.of(Subject.OUTPUT, seating.driverCentre()),
                DECIDED);
        contradiction(report, job, datum);
        held(report, job, decided);
        datum.pivot().ifPresent(pivot -> pivot(report, job, seating, pivot));
        if (datum.rule() == Datum.Rule.THRUST_LINE) {
            datum.thrust().ifPresent(thrust -> thrust(report, seating, movement, thrust));
        }
    }

    private static void contradiction(ReportBuilder report, Job job, Datum datum) {
        List<Stage> stages = job.line().stages();
        boolean plane = !stages.isEmpty() && stages.get(0).isInPlane();
        boolean inLine = !stages.isEmpty() && !plane;
        String clash =
                switch (datum.rule()) {
                    case DRIVE_PLANE -> plane ? "" : "no chain or belt leaves the donor";
                    case SHAFT_COAXIAL, AXLE_SPLINE -> plane ? "a chain or belt leaves the donor sideways" : "";
                    case THRUST_LINE ->
                        inLine || plane || job.donor().output().form() != OutputForm.PROPELLER_FLANGE
                                ? "the donor turns no propeller"
                                : "";
                    case PIVOT_BOLT, HOLE_PATTERN, FREE -> "";
                };
        if (!clash.isEmpty()) {
            report.say(
                    LineFinding.DATUM_CONTRADICTS,
                    Severity.STOP,
                    Phrase.of(
                            "the datum is \"{}\", but {}; choose the datum that the drive really has",
                            datum.rule().words(),
                            clash),
                    Place.of(Subject.DATUM),
                    DECIDED);
        }
    }

    private static void held(ReportBuilder report, Job job, List<Freedom> decided) {
        List<String> loose = new ArrayList<>();
        for (Freedom freedom : decided) {
            if (!job.seat().isHeld(freedom)) {
                loose.add(freedom.word());
            }
        }
        if (!loose.isEmpty()) {
            report.say(
                    LineFinding.DATUM_LOOSE,
                    Severity.WATCH,
                    Phrase.of("the datum decides {}, but the seat is free to change there", String.join(", ", loose)),
                    Place.of(Subject.DATUM),
                    DECIDED);
        }
    }

    private static void pivot(ReportBuilder report, Job job, Seating seating, Datum.Pivot pivot) {
        Boss boss = job.donor().boss(pivot.boss()).orElseThrow();
        Vec3 at = seating.boss(boss.id());
        Vec3 axis = pivot.axis().unit();
        Quantity off =
                Quantity.length(at.minus(pivot.point()).withoutPartAlong(axis).length());
        Quantity limit = Quantity.length(OFF_PIVOT);
        Place where = Place.between(Subject.boss(boss.id()), at, Subject.DATUM, pivot.point());
        Why why = new Why("distance of the boss from the pivot's axis", List.of(), Source.derived("seat and frame"));
        report.figure("pivot: boss off its axis", off, why);
        report.atMost(
                LineFinding.PIVOT,
                Severity.STOP,
                off,
                limit,
                Phrase.of("{} sits on the pivot bolt within {}", boss.id(), off),
                Phrase.of("{} is {} off the pivot bolt; play there spoils every later measurement", boss.id(), off),
                where,
                why);
        double bore = pivot.bolt() + pivot.clearance();
        double outside = boss.bore() + pivot.press();
        Quantity wall = Quantity.length((outside - bore) / 2);
        Why collar = new Why(
                "outside = boss + press, bore = bolt + clearance, wall = (outside - bore) / 2",
                List.of(
                        input("boss", Quantity.length(boss.bore())),
                        input("bolt", Quantity.length(pivot.bolt())),
                        input("clearance", Quantity.length(pivot.clearance())),
                        input("press", Quantity.length(pivot.press()))),
                Source.commonPractice());
        report.figure("collar: outside", Quantity.length(outside), collar);
        report.figure("collar: bore", Quantity.length(bore), collar);
        report.figure("collar: wall", wall, collar);
        report.figure("collar: length", Quantity.length(pivot.length()), collar);
        boolean none = wall.si() <= 0;
        report.atLeast(
                LineFinding.COLLAR,
                none ? Severity.STOP : Severity.WATCH,
                wall,
                Quantity.length(THIN_COLLAR),
                Phrase.of(
                        "turn a collar {} outside, {} bore, {} wall",
                        Quantity.length(outside),
                        Quantity.length(bore),
                        wall),
                none
                        ? Phrase.of("the bolt does not go through {}; open the boss or take a thinner bolt", boss.id())
                        : Phrase.of("the collar's wall would be {}; open the boss or take a thinner bolt", wall),
                where,
                collar);
        slop(report, seating, pivot, at, where);
    }

    private static void slop(ReportBuilder report, Seating seating, Datum.Pivot pivot, Vec3 boss, Place where) {
        double reach = seating.driverCentre().minus(boss).length();
        Quantity slop = Quantity.length(pivot.clearance() * (1 + reach / pivot.length()));
        Why why = new Why(
                "clearance + clearance / length · distance of the sprocket",
                List.of(
                        input("clearance", Quantity.length(pivot.clearance())),
                        input("length", Quantity.length(pivot.length())),
                        input("distance", Quantity.length(reach))),
                Source.derived("a collar rocking on its bolt"));
        report.figure("play left at the sprocket", slop, why);
        report.atMost(
                LineFinding.SLOP,
                Severity.WATCH,
                slop,
                Quantity.length(MOST_SLOP),
                Phrase.of("the collar leaves {} of play at the sprocket", slop),
                Phrase.of("the collar leaves {} of play at the sprocket; turn it tighter or longer", slop),
                where,
                why);
    }

    private static void thrust(ReportBuilder report, Seating seating, DonorMovement movement, Datum.Thrust wanted) {
        SmallMotion standing = movement.standing().orElse(SmallMotion.NONE);
        Vec3 drawn = seating.driverAxis();
        // A small turn moves the end of a unit vector by turn x vector.
        Vec3 axis = drawn.plus(standing.turn().cross(drawn)).unit();
        Vec3 flange = seating.driverCentre()
                .plus(standing.at(seating.driverCentre().minus(seating.mass().cg())));
        Vec3 forward = axis.x() < 0 ? axis.negated() : axis;
        double down = -Math.atan2(forward.z(), Math.hypot(forward.x(), forward.y()));
        double right = -Math.atan2(forward.y(), forward.x());
        Place where = Place.between(Subject.PROPELLER, seating.driverCentre(), Subject.DATUM, wanted.point());
        Why why = new Why(
                "angles of the output's axis to forward with the donor at rest on its mounts, against the designer's",
                List.of(
                        input("down wanted", Quantity.angle(wanted.down())),
                        input("right wanted", Quantity.angle(wanted.right())),
                        input(
                                "sag of the mounts turns it by",
                                Quantity.angle(standing.turn().length()))),
                Source.derived("pose of the donor and statics of its mounts"));
        report.figure("thrust line points down by", Quantity.angle(down), why);
        report.figure("thrust line points right by", Quantity.angle(right), why);
        double worst = Math.max(Math.abs(down - wanted.down()), Math.abs(right - wanted.right()));
        report.atMost(
                LineFinding.THRUST,
                Severity.STOP,
                Quantity.angle(worst),
                Quantity.angle(wanted.tolerance()),
                Phrase.of(
                        "at rest the thrust line points {} down and {} right; measure it again after welding",
                        Quantity.angle(down),
                        Quantity.angle(right)),
                Phrase.of(
                        "at rest the thrust line points {} down and {} right; {} down and {} right are wanted",
                        Quantity.angle(down),
                        Quantity.angle(right),
                        Quantity.angle(wanted.down()),
                        Quantity.angle(wanted.right())),
                where,
                why);
        Quantity off = Quantity.length(
                flange.minus(wanted.point()).withoutPartAlong(forward.unit()).length());
        report.figure("propeller flange off the thrust line", off, why);
        report.atMost(
                LineFinding.THRUST_POINT,
                Severity.WATCH,
                off,
                Quantity.length(2 * MOST_SLOP),
                Phrase.of("the propeller flange lies on the thrust line to {}", off),
                Phrase.of("the propeller flange lies {} off the thrust line", off),
                where,
                why);
    }
}
