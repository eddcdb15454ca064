package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.drive.OpenBelt;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What is to be said of a belt, on fixed pulleys or in a variator. */
final class BeltNotes {
    /** Rubber on a cast pulley; common practice. */
    private static final double FRICTION = 0.3;

    private static final double LEAST_WRAP = Math.toRadians(120);
    private static final double WIDER = 0.001;
    private static final Source BELT = Source.fromMemory("Shigley, flexible elements");

    private BeltNotes() {}

    static void add(ReportBuilder report, Stage.Belt belt, StageResult result) {
        Place where = PlaneNotes.place(result);
        PlaneNotes.add(report, result, where);
        if (problem(report, result, where)) {
            return;
        }
        OpenBelt found = result.belt().orElseThrow();
        double centre = result.alignment().centreDistance();
        Why why = new Why(
                "L = 2 C cos a + pi (D + d) / 2 + a (D - d), sin a = (D - d) / 2C",
                List.of(
                        input("C", Quantity.length(centre)),
                        input("d", Quantity.length(belt.driverDiameter())),
                        input("D", Quantity.length(belt.drivenDiameter()))),
                BELT);
        report.figure(belt.label() + ": length wanted", Quantity.length(found.length()), why);
        try {
            Quantity needed = Quantity.length(
                    OpenBelt.centreFor(belt.beltLength(), belt.driverDiameter(), belt.drivenDiameter()) - centre);
            Quantity travel = Quantity.length(belt.tensionerTravel());
            report.figure(belt.label() + ": slack to take up", needed, why);
            boolean tooShort = needed.si() < 0;
            report.atMost(
                    LineFinding.BELT,
                    Severity.WATCH,
                    needed,
                    travel,
                    Phrase.of("{}: {} to take up, within the {} of the slide", belt.label(), needed, travel),
                    Phrase.of(
                            tooShort
                                    ? "{}: the belt is too short, the shafts must come {} nearer; the slide has {}"
                                    : "{}: {} to take up; the slide has {}",
                            belt.label(),
                            Quantity.length(Math.abs(needed.si())),
                            travel),
                    where,
                    why);
        } catch (InvalidValue tooShort) {
            report.say(
                    LineFinding.BELT,
                    Severity.STOP,
                    Phrase.of("{}: {}", belt.label(), tooShort.getMessage()),
                    where,
                    why);
        }
        grip(report, belt, found, result, belt.wedgeAngle(), belt.toothed(), where);
    }

    static void add(ReportBuilder report, Stage.Variator variator, StageResult result, Job job) {
        Place where = PlaneNotes.place(result);
        PlaneNotes.add(report, result, where);
        if (problem(report, result, where)) {
            return;
        }
        Why why = new Why(
                "the driven diameter that takes up the belt, over the driving one",
                List.of(
                        input("belt", Quantity.length(variator.beltLength())),
                        input("C", Quantity.length(result.alignment().centreDistance()))),
                BELT);
        report.figure(variator.label() + ": ratio as it takes hold", Quantity.ratio(result.ratio()), why);
        report.figure(variator.label() + ": ratio fully shifted", Quantity.ratio(result.highRatio()), why);
        double engage = variator.engageSpeed() * job.donor().engine().primaryRatio();
        boolean idles = engage > job.donor().engine().idleSpeed();
        report.say(
                LineFinding.ENGAGE,
                idles ? Severity.GOOD : Severity.STOP,
                Phrase.of(
                        idles
                                ? "{} takes hold at {}, above idle at {}"
                                : "{} takes hold at {}, below idle at {}: the machine would creep off by itself",
                        variator.label(),
                        Quantity.rotationSpeed(engage),
                        Quantity.rotationSpeed(job.donor().engine().idleSpeed())),
                where,
                new Why("speed of the crank as the belt is gripped", List.of(), Source.measured()));
        grip(report, variator, result.belt().orElseThrow(), result, variator.wedgeAngle(), false, where);
    }

    private static boolean problem(ReportBuilder report, StageResult result, Place where) {
        result.problem()
                .ifPresent(problem -> report.say(
                        LineFinding.NO_BELT,
                        Severity.STOP,
                        Phrase.of(
                                "{}: no belt can be worked out: {}",
                                result.stage().label(),
                                problem),
                        where,
                        new Why("C > (D + d) / 2", List.of(), BELT)));
        return result.problem().isPresent();
    }

    private static void grip(
            ReportBuilder report,
            Stage stage,
            OpenBelt found,
            StageResult result,
            double wedge,
            boolean toothed,
            Place where) {
        Quantity wrap = Quantity.angle(found.wrapSmall());
        Why wrapWhy = new Why("wrap = pi - 2a, at least 120°", List.of(), Source.commonPractice());
        report.figure(stage.label() + ": wrap on the smaller pulley", wrap, wrapWhy);
        report.atLeast(
                LineFinding.BELT_WRAP,
                Severity.WATCH,
                wrap,
                Quantity.angle(LEAST_WRAP),
                Phrase.of("{} wraps {} of its smaller pulley", stage.label(), wrap),
                Phrase.of("{} wraps only {} of its smaller pulley and may slip", stage.label(), wrap),
                where,
                wrapWhy);
        report.figure(
                stage.label() + ": full-throttle pull",
                Quantity.force(result.design()),
                new Why(
                        "F = dynamic factor · min(T i eta / r1, grip W R / i' r2)",
                        List.of(
                                input("engine", Quantity.force(result.byEngine())),
                                input("grip", Quantity.force(result.byGrip()))),
                        Source.commonPractice()));
        if (!toothed) {
            report.figure(
                    stage.label() + ": side force on its shafts",
                    Quantity.force(found.sideForce(result.design(), FRICTION, wedge)),
                    new Why(
                            "(2 T2 + F) sin(wrap / 2), T1 / T2 = e^(mu wrap / sin(wedge / 2)), mu = 0.3",
                            List.of(input("F", Quantity.force(result.design())), input("wedge", Quantity.angle(wedge))),
                            BELT));
        }
        if (wedge > 0) {
            report.figure(
                    stage.label() + ": a belt 1 mm wider rides out by",
                    Quantity.length(OpenBelt.rideHeight(WIDER, wedge)),
                    new Why(
                            "dw / (2 tan(wedge / 2))",
                            List.of(input("wedge", Quantity.angle(wedge))),
                            Source.derived("geometry of the groove")));
        }
    }
}
