package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.line.Line;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mode;

/** Crank speeds to pass through, and what comes first. */
final class StartNotes {
    private StartNotes() {}

    static void say(RunCheck.Input input, ReportBuilder report) {
        input.shake().answer().ifPresent(shake -> {
            EngineShaking.Order strongest = shake.cruise().strongestTorque();
            for (Mode mode : shake.modes().modes()) {
                report.figure(
                        "order " + strongest.words() + " meets the " + Math.round(10 * mode.frequencyHz()) / 10.0
                                + " Hz mode",
                        Quantity.rotationSpeed(2 * Math.PI * mode.frequencyHz() / strongest.order()),
                        new Why(
                                "speed = f / order, the strongest order of the engine's torque",
                                List.of(
                                        input("f", Quantity.frequency(mode.frequencyHz())),
                                        input("order", Quantity.ratio(strongest.order()))),
                                Source.derived("orders of the torque about the crank")));
            }
        });
        String turns = turning(input.job().line());
        Why habit = new Why("rubber settles, bolts seat, cracks start early", List.of(), Source.commonPractice());
        report.say(
                RunFinding.FIRST_START,
                Severity.NOTE,
                Phrase.of(
                        "first start: guards on, fuel lines dry, hands and sleeves clear of the {}, a second person at the kill"
                                + " switch",
                        turns),
                Place.of(Subject.MACHINE),
                habit);
    }

    /** What turns beside the engine, by its word. */
    private static String turning(Line line) {
        if (line.stages().isEmpty()) {
            return line.end().filter(LineEnd.Propeller.class::isInstance).isPresent() ? "propeller" : "output shaft";
        }
        Stage first = line.stages().get(0);
        if (first instanceof Stage.Chain) {
            return "chain";
        }
        return first.isInPlane() ? "belt" : first instanceof Stage.Coupling ? "coupling" : "drive shaft";
    }
}
