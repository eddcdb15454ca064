package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.EngineOrders;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What is to be said of a generator or pump at the end of the line. */
final class GeneratorNotes {
    private static final double SAME_SPEED = 0.02;
    private static final double NEAR_RESONANCE = 0.3;

    private GeneratorNotes() {}

    static void add(ReportBuilder report, Job job, LineResult line, LineEnd.Generator generator, EngineOrders orders) {
        Engine engine = Pack.driving(job.donor());
        double ratio = line.shiftedRatio(engine, engine.gearRatios().size() - 1);
        Quantity wanted = Quantity.rotationSpeed(generator.fullLoadSpeed() * ratio);
        Quantity cruise = Quantity.rotationSpeed(engine.cruiseSpeed());
        Why why = new Why(
                generator.poles() == 0 ? "the machine's own speed · ratio" : "n = 120 f / p, times the ratio",
                List.of(
                        input("f", Quantity.frequency(generator.frequency())),
                        input("poles", Quantity.count(generator.poles()))),
                Source.fromMemory("synchronous machines"));
        report.figure("engine turns, full load", wanted, why);
        report.figure(
                "engine turns, no load",
                Quantity.rotationSpeed(generator.noLoadSpeed() * ratio),
                new Why(
                        "n (1 + droop)",
                        List.of(input("droop", Quantity.share(generator.droop()))),
                        Source.measured()));
        double off = Math.abs(engine.cruiseSpeed() / wanted.si() - 1);
        report.atMost(
                LineFinding.GENERATOR_SPEED,
                Severity.STOP,
                Quantity.share(off),
                Quantity.share(SAME_SPEED),
                Phrase.of("the engine runs at {}, the generator wants {}", cruise, wanted),
                Phrase.of(
                        "the engine runs at {}, the generator wants {}; set the governor or the ratio", cruise, wanted),
                Place.of(Subject.OUTPUT),
                why);
        if (generator.engineInertia() > 0 && generator.inertia() > 0) {
            report.figure(
                    "rotor inertia over engine inertia",
                    Quantity.ratio(generator.inertia() / generator.engineInertia()),
                    new Why("J2 / J1", List.of(), Source.measured()));
        }
        line.stages().stream()
                .map(StageResult::stage)
                .filter(Stage.Coupling.class::isInstance)
                .map(Stage.Coupling.class::cast)
                .findFirst()
                .ifPresent(coupling -> torsion(report, orders, generator, coupling));
    }

    private static void torsion(
            ReportBuilder report, EngineOrders orders, LineEnd.Generator generator, Stage.Coupling coupling) {
        Optional<Double> found = generator.torsionalFrequency(coupling.torsionalStiffness());
        if (found.isEmpty()) {
            report.say(
                    LineFinding.TORSION,
                    Severity.NOT_CHECKED,
                    Phrase.of(
                            "{}: its stiffness or an inertia is not known; torsional vibration is not checked",
                            coupling.label()),
                    Place.of(Subject.stage(coupling.id())),
                    new Why("f = sqrt(k (J1 + J2) / (J1 J2)) / 2 pi", List.of(), Source.derived("two rotors")));
            return;
        }
        Quantity own = Quantity.frequency(found.get());
        double turns = orders.cruiseSpeed() / (2 * Math.PI);
        EngineSource.Order nearest = orders.drivingOrders().stream()
                .min(Comparator.comparingDouble(order -> Math.abs(found.get() / (order.order() * turns) - 1)))
                .orElseThrow();
        Quantity order = Quantity.frequency(nearest.order() * turns);
        double off = Math.abs(found.get() / (nearest.order() * turns) - 1);
        Why why = new Why(
                "f = sqrt(k (J1 + J2) / (J1 J2)) / 2 pi, against every order of the gas torque at cruise",
                List.of(
                        input("nearest order", Quantity.ratio(nearest.order())),
                        input("at", order),
                        input("its torque", Quantity.torque(nearest.gas().modulus()))),
                Source.derived("two rotors on a spring"));
        report.figure("first torsional frequency", own, why);
        report.atLeast(
                LineFinding.TORSION,
                Severity.STOP,
                Quantity.share(off),
                Quantity.share(NEAR_RESONANCE),
                Phrase.of(
                        "{}: the pair twists at {}, {} away from the nearest order of the engine's torque",
                        coupling.label(),
                        own,
                        Quantity.share(off)),
                Phrase.of(
                        "{}: the pair twists at {}, only {} from the engine's torque at {}; take a softer or a stiffer coupling",
                        coupling.label(),
                        own,
                        Quantity.share(off),
                        order),
                Place.of(Subject.stage(coupling.id())),
                why);
    }
}
