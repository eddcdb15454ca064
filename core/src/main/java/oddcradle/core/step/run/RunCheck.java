package oddcradle.core.step.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Control;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.ShakeResult;

/**
 * What hangs from the seat, and what the book says.
 *
 * @param controls where they stand, in the order of the job
 */
public record RunCheck(List<ControlFound> controls, StepReport report) {
    public RunCheck {
        controls = List.copyOf(controls);
    }

    /** Everything that decides it. */
    public record Input(Job job, Seating seating, DonorMovement movement, Outcome<ShakeResult> shake) {}

    public static RunCheck of(Input input) {
        Standing standing = new Standing(input.seating(), input.movement());
        ReportBuilder report = new ReportBuilder(Step.RUN);
        List<ControlFound> controls = new ArrayList<>();
        for (Control control : input.job().around().controls()) {
            Optional<Phrase> problem = ControlPlaces.problem(control, standing);
            problem.ifPresent(words -> ControlNotes.unlaid(control, words, report));
            if (problem.isEmpty()) {
                controls.add(ControlFound.of(control, standing));
            }
        }
        BookNotes.say(input.job(), report);
        CableRoom room = CableRoom.of(input.job(), standing);
        controls.forEach(found -> ControlNotes.say(found, room, report));
        FeedNotes.say(input.job(), standing, report);
        AroundNotes.say(input.job(), standing, report);
        PlaceNotes.say(input.job(), standing, room, report);
        StartNotes.say(input, report);
        return new RunCheck(controls, report.report());
    }
}
