package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.OutputForm;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;

/** Lines without a chain: a coupling's shafts, the planes of two pulleys, the thrust line of a propeller. */
final class ShaftLine {
    private static final double MOST_RADIAL = 0.0005;
    private static final double MOST_ANGLE = Math.toRadians(1);
    private static final double PULLEY_SHARE = 1.0 / 100;

    private ShaftLine() {}

    static StopReport report(Job job, Seating seating, LineResult line) {
        OutputForm form = job.donor().output().form();
        Place where = Place.between(
                "output",
                seating.driverCentre(),
                "driven end",
                job.host().drivenEnd().sprocketCentre());
        if (form == OutputForm.PROPELLER_FLANGE) {
            return thrust(seating, where);
        }
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        double angle = line.alignment().angular();
        if (form == OutputForm.PULLEY) {
            double allowed = PULLEY_SHARE * line.alignment().centreDistance();
            judged(
                    figures,
                    findings,
                    "line.offset",
                    "pulley planes apart",
                    Quantity.length(line.alignment().offset()),
                    Quantity.length(allowed),
                    "offset = (c2 - c1) · a1, at most C / 100 for a rubber belt",
                    where);
            figures.add(new Figure(
                    "centre distance",
                    Quantity.length(line.alignment().centreDistance()),
                    new Why("C = |c2 - c1| in the front pulley's plane", List.of(), Source.derived("two shafts"))));
        } else {
            judged(
                    figures,
                    findings,
                    "line.radial",
                    "shaft centres apart",
                    Quantity.length(line.alignment().centreDistance()),
                    Quantity.length(MOST_RADIAL),
                    "distance of the driven end from the output's axis; rubber couplings take about 0.5 mm",
                    where);
            figures.add(new Figure(
                    "gap between the shaft ends",
                    Quantity.length(line.alignment().offset()),
                    new Why("(c2 - c1) · a1", List.of(), Source.derived("two shafts"))));
        }
        judged(
                figures,
                findings,
                "line.angle",
                "shafts out of parallel",
                Quantity.angle(angle),
                Quantity.angle(MOST_ANGLE),
                "angle between the shafts; belts and rubber couplings take about 1°",
                where);
        return new StopReport(Stop.LINE, figures, findings);
    }

    private static void judged(
            List<Figure> figures,
            List<Finding> findings,
            String code,
            String name,
            Quantity value,
            Quantity limit,
            String formula,
            Place where) {
        Why why = new Why(formula, List.of(input("measured", value), input("limit", limit)), Source.commonPractice());
        figures.add(new Figure(name, value, why));
        boolean within = Math.abs(value.si()) <= limit.si();
        findings.add(Finding.atMost(
                code,
                Stop.LINE,
                within ? Severity.GOOD : Severity.STOP,
                Phrase.of(within ? "{}: {}, within {}" : "{}: {}; {} is the most", name, value, limit),
                value,
                limit,
                where,
                why));
    }

    /** Down and side angle of the thrust, seen from the machine. */
    private static StopReport thrust(Seating seating, Place where) {
        Vec3 way = seating.driverAxis();
        Vec3 forward = way.x() < 0 ? way.negated() : way;
        double down = -Math.atan2(forward.z(), Math.hypot(forward.x(), forward.y()));
        double right = -Math.atan2(forward.y(), forward.x());
        Why why = new Why("angles of the output's axis to forward", List.of(), Source.derived("pose of the donor"));
        List<Figure> figures = List.of(
                new Figure("thrust line points down by", Quantity.angle(down), why),
                new Figure("thrust line points right by", Quantity.angle(right), why),
                new Figure(
                        "propeller flange above datum",
                        Quantity.length(seating.driverCentre().z()),
                        why));
        Finding told = Finding.statement(
                "line.thrust",
                Stop.LINE,
                Severity.NOTE,
                Phrase.of(
                        "the thrust line points {} down and {} right; hold it against the designer's figure before anything is"
                                + " welded, and again after",
                        Quantity.angle(down),
                        Quantity.angle(right)),
                where,
                why);
        return new StopReport(Stop.LINE, figures, List.of(told));
    }
}
