package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PracticeCommandTest {
    @Test
    void practice_listsItsLessonsAndTellsATask() {
        assertThat(CommandRun.of("practice").out().lines()).hasSize(5).anyMatch(line -> line.startsWith("align"));
        CommandRun task = CommandRun.of("practice", "mounts", "--machine", "3");
        assertThat(task.code()).isZero();
        assertThat(task.out()).contains("flat twin", "shore  Hardness gauge", "pad=", "9  pad 50 x 30 mm rubber 60");
        assertThat(CommandRun.of("practice", "seat", "--inch").out())
                .contains(" in ")
                .doesNotContain(" mm");
    }

    @Test
    void practice_worksInOrderAndTellsHowFarOff() {
        CommandRun done =
                CommandRun.of("practice", "balance", "run", "amount=800", "run", "as-worked-out", "run", "hand-in");
        assertThat(done.code()).isZero();
        assertThat(done.out()).contains("with 800 g·mm at 0.00 °", "done, 100.0 %, 22 min spent", "The wheel lacked");
        assertThat(done.out())
                .isEqualTo(CommandRun.of(
                                "practice", "balance", "run", "amount=800", "run", "as-worked-out", "run", "hand-in")
                        .out());
        CommandRun stiff = CommandRun.of("practice", "mounts", "pad=9", "hand-in");
        assertThat(stiff.out()).contains("not yet", "worse than none");
    }

    @Test
    void practice_refusesWhatCannotBeAndKeepsWhatWasRead() {
        CommandRun step = CommandRun.of("practice", "align", "feel-lf", "shim-lf=0.13mm");
        assertThat(step.code()).isEqualTo(2);
        assertThat(step.out()).contains("under the left front foot");
        assertThat(step.err()).contains("shim-lf", "steps of 0.05 mm");
        assertThat(CommandRun.of("practice", "hat").err()).contains("\"hat\"", "lists them");
        assertThat(CommandRun.of("practice", "align", "hammer").err()).contains("hammer", "nothing to read with");
        assertThat(CommandRun.of("practice", "align", "hat=3").err()).contains("hat", "nothing that is set here");
    }
}
