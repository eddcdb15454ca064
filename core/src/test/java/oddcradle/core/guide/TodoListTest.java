package oddcradle.core.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import oddcradle.core.begin.FirstFit;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class TodoListTest {
    private static Job begun() {
        MachineFamily family = MachineFamily.BUGGY;
        FirstFit fit = FirstFit.of(NewJob.asked(family, family.usual(), family.engine()), NewJob.ROOM);
        return NewJob.of("hopper", family, family.usual(), family.engine(), fit);
    }

    private static List<String> open(Job job) {
        return TodoList.of(Examination.of(job)).stream()
                .filter(each -> !each.done())
                .map(Todo::words)
                .toList();
    }

    @Test
    void engineOnTheFloor_comesFirst() {
        assertThat(open(begun())).first().isEqualTo("weigh the engine");
        // A box without mounts: nothing past the seat can be done yet.
        assertThat(TodoList.of(Examination.of(begun())).stream()
                        .filter(each -> each.step().number() >= Step.CRADLE.number()))
                .isNotEmpty()
                .noneMatch(Todo::done);
    }

    @Test
    void whatTheJobShows_isTicked() {
        Job job = begun();
        Donor donor = job.donor();
        Job looked = job.withDonor(donor.withOutput(donor.output().withTurn(Turn.CLOCKWISE))
                        .withBosses(donor.bosses().stream()
                                .map(each -> each.withHole(new BossHole("M10x1.5", 0.02, "oil", false)))
                                .toList()))
                .withHost(job.host().withWeight(Optional.of(new MachineWeight(200, new Vec3(0.8, 0, 0.5)))));
        assertThat(open(job)).contains("see which way its shaft turns", "weigh the machine without its engine");
        assertThat(open(looked))
                .doesNotContain(
                        "see which way its shaft turns",
                        "weigh the machine without its engine",
                        "look how deep each boss may be used and what lies behind")
                .contains("weigh the engine", "measure where its bosses are");
    }
}
