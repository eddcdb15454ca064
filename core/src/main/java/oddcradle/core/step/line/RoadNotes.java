package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.LineResult;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** What is to be said of a machine on wheels: its speeds, its pull, and what its brakes would have to do. */
final class RoadNotes {
    private RoadNotes() {}

    static void add(ReportBuilder report, Job job, LineResult line, RoadChart chart) {
        Engine engine = Pack.driving(job.donor());
        Why ratio = new Why("primary · gear · stages", List.of(), Source.derived("tooth counts and diameters"));
        report.figure("overall ratio, lowest gear", Quantity.ratio(line.overallRatio(engine, 0)), ratio);
        int top = engine.gearRatios().size() - 1;
        report.figure("overall ratio, highest gear", Quantity.ratio(line.shiftedRatio(engine, top)), ratio);
        report.figure(
                "road speed at cruise",
                Quantity.roadSpeed(engine.cruiseSpeed()
                        / line.shiftedRatio(engine, top)
                        * job.host().drivenEnd().tyreRadius()),
                new Why("v = n R / i, highest gear", List.of(), Source.derived("ratio and tyre")));
        Why topWhy = new Why(
                "where wheel force meets rolling and air, or the engine its limit",
                List.of(input("machine", Quantity.mass(RoadChart.mass(job)))),
                Source.derived("torque curve and resistance"));
        report.figure("top speed", Quantity.roadSpeed(chart.topSpeed()), topWhy);
        double force = chart.gears().get(0).points().stream()
                .mapToDouble(RoadChart.Point::force)
                .max()
                .orElse(0);
        report.figure(
                "most wheel force, lowest gear",
                Quantity.force(force),
                new Why("F = T i eta / R", List.of(), Source.derived("torque and ratio")));
        if (chart.grip() > 0 && force > chart.grip()) {
            report.say(
                    LineFinding.GRIP,
                    Severity.NOTE,
                    Phrase.of(
                            "in the lowest gear the engine gives {} at the wheel, the tyres carry {}: they spin first",
                            Quantity.force(force),
                            Quantity.force(chart.grip())),
                    Place.of(Subject.MACHINE),
                    new Why("grip · axle load", List.of(), Source.commonPractice()));
        }
        tallerPair(report, job, line);
        stop(report, job, chart);
    }

    /** Bigger sprockets at both ends often gear up where the builder means to gear down. */
    private static void tallerPair(ReportBuilder report, Job job, LineResult line) {
        DrivenEnd end = job.host().drivenEnd();
        int front = job.donor().output().teeth();
        int rear = end.teeth();
        if (front == 0 || rear == 0 || line.stages().isEmpty()) {
            return;
        }
        if (line.stages().size() == 1 && line.stages().get(0).stage() instanceof Stage.Chain chain) {
            double came = (double) rear / front;
            boolean bigger = chain.driverTeeth() > front && chain.drivenTeeth() > rear;
            if (bigger && chain.ratio() < came) {
                report.say(
                        LineFinding.TALLER,
                        Severity.WATCH,
                        Phrase.of(
                                "{} to {} gives {}: less reduction than the {} of {} to {}, though both sprockets are bigger;"
                                        + " the machine gets faster and weaker by {}",
                                Integer.toString(chain.driverTeeth()),
                                Integer.toString(chain.drivenTeeth()),
                                Quantity.ratio(chain.ratio()),
                                Quantity.ratio(came),
                                Integer.toString(front),
                                Integer.toString(rear),
                                Quantity.share(1 - chain.ratio() / came)),
                        Place.of(Subject.stage(chain.id())),
                        new Why("i = N2 / N1", List.of(), Source.derived("tooth counts")));
            }
        }
    }

    private static void stop(ReportBuilder report, Job job, RoadChart chart) {
        double energy = RoadChart.mass(job) * chart.topSpeed() * chart.topSpeed() / 2;
        Why why = new Why(
                "E = m v^2 / 2 from top speed, all of the brakes' share into the discs at once",
                List.of(
                        input("m", Quantity.mass(RoadChart.mass(job))),
                        input("v", Quantity.roadSpeed(chart.topSpeed()))),
                Source.derived("energy"));
        Optional<LineEnd.Brakes> brakes =
                job.line().end().filter(LineEnd.Road.class::isInstance).flatMap(end -> ((LineEnd.Road) end).brakes());
        report.figure("one stop from top speed", new Quantity(energy, Kind.ENERGY), why);
        brakes.ifPresent(old -> report.figure(
                "that heats the brake discs by", new Quantity(old.rise(energy), Kind.TEMPERATURE_RISE), why));
        report.say(
                LineFinding.BRAKES,
                Severity.NOTE,
                brakes.isPresent()
                        ? Phrase.of(
                                "one stop from {} puts {} into the old brakes, {} in the discs; whether they are enough is for"
                                        + " you and licensed practice to settle",
                                Quantity.roadSpeed(chart.topSpeed()),
                                new Quantity(energy, Kind.ENERGY),
                                new Quantity(brakes.get().rise(energy), Kind.TEMPERATURE_RISE))
                        : Phrase.of(
                                "one stop from {} is {} of energy; write down the brakes to see what it does to them, and settle"
                                        + " with licensed practice whether they are enough",
                                Quantity.roadSpeed(chart.topSpeed()),
                                new Quantity(energy, Kind.ENERGY)),
                Place.of(Subject.MACHINE),
                why);
    }
}
