package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.ShakeResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mode;

/** What to watch when it runs. */
public final class RunReport {
    private RunReport() {}

    /** Crank speeds at which the firing meets a mode on the way up. */
    /** Everything that decides the report. */
    public record Input(Engine engine, Outcome<ShakeResult> shake) {}

    public static StepReport of(Input input) {
        Outcome<ShakeResult> shake = input.shake();
        ReportBuilder report = new ReportBuilder(Step.RUN);
        Engine engine = input.engine();
        Optional<ShakeResult> answer = shake.answer();
        if (answer.isPresent()) {
            for (Mode mode : answer.get().modes().modes()) {
                double speed = 2 * Math.PI * mode.frequencyHz() * engine.cycle().turnsPerFiring() / engine.cylinders();
                report.figure(
                        "firing meets the " + Math.round(10 * mode.frequencyHz()) / 10.0 + " Hz mode",
                        Quantity.rotationSpeed(speed),
                        new Why(
                                "speed = f · turns per firing / cylinders",
                                List.of(input("f", Quantity.frequency(mode.frequencyHz()))),
                                Source.derived("firing order")));
            }
        }
        Why habit = new Why("rubber settles, bolts seat, cracks start early", List.of(), Source.commonPractice());
        report.say(
                RunFinding.FIRST_START,
                Severity.NOTE,
                Phrase.of("first start: guards on, fuel lines dry, hands and sleeves clear of the chain, a second"
                        + " person at the kill switch"),
                Place.of(Subject.MACHINE),
                habit);
        report.say(
                RunFinding.RECHECK,
                Severity.NOTE,
                Phrase.of("after the first hour and again after ten: torque every mount bolt, look for cracks at"
                        + " every weld toe, measure the chain line"),
                Place.of(Subject.MACHINE),
                habit);
        return report.report();
    }
}
