package oddcradle.core.guide;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.edit.Side;
import oddcradle.core.survey.SurveyPoint;

/**
 * What to do from the engine on the floor to the paper for the shop, in the order of the steps. It ticks itself: a thing is done when the
 * job shows it.
 */
public final class TodoList {
    private final Examination examination;
    private final Job job;
    private final List<Todo> todos = new ArrayList<>();

    private TodoList(Examination examination) {
        this.examination = examination;
        this.job = examination.job();
    }

    /** All of it, what is done among it. */
    public static List<Todo> of(Examination examination) {
        TodoList list = new TodoList(examination);
        list.donor();
        list.host();
        list.fitting();
        return List.copyOf(list.todos);
    }

    private void add(Step step, String sheet, String words, boolean done) {
        todos.add(new Todo(step, sheet, words, done));
    }

    private void donor() {
        List<Boss> bosses = job.donor().bosses();
        add(Step.DONOR, "Weigh", "weigh the engine", !job.donor().weighings().isEmpty());
        add(
                Step.DONOR,
                "Measure",
                "measure where its bosses are",
                !bosses.isEmpty() && measured(Side.DONOR).containsAll(ids(bosses)));
        add(
                Step.DONOR,
                "Engine",
                "look how deep each boss may be used and what lies behind",
                !bosses.isEmpty()
                        && bosses.stream().noneMatch(each -> each.hole().equals(BossHole.UNKNOWN)));
        add(
                Step.DONOR,
                "Engine",
                "see which way its shaft turns",
                job.donor().output().turn() != Turn.UNKNOWN);
        add(
                Step.DONOR,
                "Parts",
                "put on what sticks out: pipes, filter, covers",
                job.donor().bodies().size() > 2);
    }

    private static Set<String> ids(List<Boss> bosses) {
        return bosses.stream().map(Boss::id).collect(Collectors.toSet());
    }

    /** Points of a side that were read at least once. */
    private Set<String> measured(Side side) {
        return side.survey(job).points().stream()
                .map(SurveyPoint::id)
                .filter(id -> side.survey(job).readings().stream()
                        .anyMatch(each -> each.points().contains(id)))
                .collect(Collectors.toSet());
    }

    private void host() {
        add(
                Step.HOST,
                "Measure",
                "measure the frame where the engine goes",
                !measured(Side.HOST).isEmpty());
        add(
                Step.HOST,
                "Masses",
                "weigh the machine without its engine",
                job.host().weight().isPresent());
    }

    private void fitting() {
        boolean held = !job.cradle().isolators().isEmpty();
        add(Step.LINE, "Stages", "bring the drive into line", free(Step.LINE));
        add(Step.SEAT, "Place", "seat the engine so that nothing strikes", free(Step.SEAT));
        add(Step.CRADLE, "Cradles", "choose a cradle", held && free(Step.CRADLE));
        add(Step.SHAKE, "", "see what the frame feels of the engine", held && free(Step.SHAKE));
        add(Step.LOAD, "Tubes", "see that every tube holds", held && free(Step.LOAD));
        add(Step.MAKE, "", "print the packet and cut", held && free(Step.MAKE) && free(Step.CRADLE));
    }

    private boolean free(Step step) {
        return examination.report(step).worst() != Severity.STOP;
    }
}
