package oddcradle.core.step.fit;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What straight-edge, string and tape say of wheels, axles and the thrust line. */
final class WheelNotes {
    /** What is known no better than that share of its limit is hardly known. */
    private static final double KNOWN = 0.3;

    private WheelNotes() {}

    static void add(ReportBuilder report, LineFound line) {
        line.wheels().forEach(found -> wheels(report, found));
        line.ends().forEach(found -> ends(report, found));
        line.thrusts().forEach(found -> thrust(report, found));
    }

    private static void wheels(ReportBuilder report, WheelsFound found) {
        ShaftReading reading = found.reading();
        Quantity offset = Quantity.fine(found.offset());
        Quantity angle = Quantity.angle(found.angle());
        Quantity lean = Quantity.angle(found.lean());
        String by = reading instanceof ShaftReading.StraightEdge ? "straight-edge" : "string or laser line";
        Why why = why(reading);
        report.figure(reading.id() + ": wheels beside each other by", offset, why);
        report.figure(reading.id() + ": wheels at an angle of", angle, why);
        if (reading instanceof ShaftReading.StringLine) {
            report.figure(reading.id() + ": driven wheel leans to the line by", lean, why);
        }
        knownTo(report, found);
        boolean good = found.isGood();
        report.say(
                FitFinding.SHAFTS,
                good ? Severity.GOOD : Severity.WATCH,
                Phrase.of(
                        good
                                ? "{}: by {} its wheels line up to {}, {} in their plane and {} from plumb"
                                : "{}: by {} its wheels are {} beside each other, {} at an angle in their plane and {} from plumb; within 2 mm a metre and 0.3° they run quietly",
                        reading.stage(),
                        by,
                        offset,
                        angle,
                        lean),
                Place.of(Subject.stage(reading.stage())),
                why);
    }

    private static void knownTo(ReportBuilder report, WheelsFound found) {
        if (!(found.reading() instanceof ShaftReading.StringLine line)) {
            return;
        }
        Quantity sigma = Quantity.fine(found.sigma());
        Quantity apart = Quantity.length(line.donorApart());
        Why why = new Why(
                "0.1 mm a reading, carried on by run / width: 0.1 mm √(1 + 2 (run / width)²)",
                List.of(input("run", Quantity.length(found.centres())), input("width", apart)),
                Source.derived("propagation of errors"));
        report.figure(line.id() + ": wheels beside each other, known to ±", sigma, why);
        if (found.sigma() > KNOWN * WheelsFound.SHARE * found.centres()) {
            report.say(
                    FitFinding.SHAFTS,
                    Severity.NOTE,
                    Phrase.of(
                            "{}: with {} of the driver's face to go by, its plane is known to ± {} at the other wheel; hold a straight bar across that face and read at its ends",
                            line.id(),
                            apart,
                            sigma),
                    Place.of(Subject.stage(line.stage())),
                    why);
        }
    }

    private static Why why(ShaftReading reading) {
        if (reading instanceof ShaftReading.StraightEdge edge) {
            return new Why(
                    "(near + far) / 2; (far - near) / length",
                    List.of(
                            input("near", Quantity.fine(edge.near())),
                            input("far", Quantity.fine(edge.far())),
                            input("length", Quantity.fine(edge.apart()))),
                    Source.commonPractice());
        }
        ShaftReading.StringLine line = (ShaftReading.StringLine) reading;
        return new Why(
                "plane of the driver, carried on to the driven wheel, less the plane found there",
                List.of(
                        input("driver near", Quantity.fine(line.donorNear())),
                        input("driver far", Quantity.fine(line.donorFar())),
                        input("driven near", Quantity.fine(line.drivenNear())),
                        input("driven far", Quantity.fine(line.drivenFar())),
                        input("driver thicker by", Quantity.fine(line.thicker()))),
                Source.commonPractice());
    }

    private static void ends(ReportBuilder report, EndsFound found) {
        ShaftReading.BothEnds reading = found.reading();
        Quantity angle = Quantity.angle(found.angle());
        Quantity twist = Quantity.angle(found.twist());
        Why why = new Why(
                "(left - right) / length; level of the one less level of the other",
                List.of(
                        input("left", Quantity.fine(reading.left())),
                        input("right", Quantity.fine(reading.right())),
                        input("length", Quantity.fine(reading.apart()))),
                Source.commonPractice());
        report.figure(reading.id() + ": shafts open to the left by", angle, why);
        report.figure(reading.id() + ": driving shaft high at the left by", twist, why);
        boolean good = found.isGood();
        report.say(
                FitFinding.SHAFTS,
                good ? Severity.GOOD : Severity.WATCH,
                Phrase.of(
                        good
                                ? "{}: its two shafts are parallel to {} and level to each other to {}"
                                : "{}: its two shafts open by {} and are {} out of level to each other; within 0.3° they run quietly",
                        reading.stage(),
                        angle,
                        twist),
                Place.of(Subject.stage(reading.stage())),
                why);
    }

    private static void thrust(ReportBuilder report, ThrustFound found) {
        String id = found.reading().id();
        Why why = new Why(
                "(right² - left²) / (4 r L), L from the hub to the mark; less the same as drawn",
                List.of(
                        input("left", Quantity.length(found.reading().left())),
                        input("right", Quantity.length(found.reading().right())),
                        input("r", Quantity.length(found.reading().radius()))),
                Source.derived("law of cosines; 0.5° by common practice"));
        if (!found.plain()) {
            report.say(
                    FitFinding.THRUST,
                    Severity.WATCH,
                    Phrase.of(
                            "{}: both lengths cannot be from one tip of that radius to one mark; measure from the same tip, turned to the left and to the right",
                            id),
                    Place.of(Subject.LINE),
                    why);
            return;
        }
        Quantity aside = Quantity.angle(found.left());
        Quantity down = Quantity.angle(found.down());
        report.figure(id + ": thrust line to the left of the drawing by", aside, why);
        report.figure(id + ": thrust line below the drawing by", down, why);
        report.say(
                FitFinding.THRUST,
                found.isGood() ? Severity.GOOD : Severity.WATCH,
                Phrase.of(
                        found.isGood()
                                ? "{}: the thrust line is within {} to the side and {} up and down of the drawing"
                                : "{}: the thrust line is {} to the left and {} down from the drawing; within 0.5° it flies as trimmed",
                        id,
                        aside,
                        down),
                Place.of(Subject.LINE),
                why);
    }
}
