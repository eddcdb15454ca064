package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.TreeSet;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.practice.Lesson;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The practice bench in the window: a lesson is worked through with the mouse and the keyboard, and the open job stays as it is. */
class PracticeBenchTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private void bench(FxRobot robot, Lesson lesson) {
        robot.interact(window::practise);
        WaitForAsyncUtils.waitForFxEvents();
        Fingers.click(robot.lookup("#lesson-" + lesson.id()).query());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static int lines(FxRobot robot) {
        return robot.lookup("#practice-paper").queryAs(VBox.class).getChildren().size();
    }

    @Test
    void wheelIsBalancedByTwoRuns_andTheMarkSaysSo(FxRobot robot) {
        Job before = desk.session().job();
        bench(robot, Lesson.BALANCE);
        click(robot, "#hand-in");
        assertThat(text(robot, "#practice-verdict")).contains("Not yet.");
        assertThat(words(robot, "#practice-mark")).contains("No weight is on the wheel");
        click(robot, "#tool-run");
        enter(robot, "#set-amount", "2 kg");
        assertThat(text(robot, "#set-amount-problem")).contains("no unbalance");
        enter(robot, "#set-amount", "800");
        click(robot, "#tool-run");
        assertThat(lines(robot)).isEqualTo(2);
        assertThat(words(robot, "#practice-worked-out")).contains("with all else off");
        click(robot, "#take-worked-out");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        click(robot, "#hand-in");
        assertThat(text(robot, "#practice-verdict")).contains("Done.", "13 min spent");
        assertThat(desk.session().job()).isEqualTo(before);
        click(robot, "#practice-leave");
        assertThat(robot.lookup("#practice").query().isVisible()).isFalse();
    }

    @Test
    void shimThatIsNoShim_isToldAtItsField(FxRobot robot) {
        bench(robot, Lesson.ALIGN);
        enter(robot, "#set-shim-lf", "0.13");
        assertThat(text(robot, "#set-shim-lf-problem")).contains("steps of 0.05 mm");
        click(robot, "#tool-rim");
        assertThat(words(robot, "#practice-paper")).contains("Nothing read yet");
        enter(robot, "#set-shim-lf", "0.15");
        click(robot, "#tool-rim");
        assertThat(words(robot, "#practice-paper")).contains("rim: top 0.00 mm");
        assertThat(text(robot, "#practice-spent")).isEqualTo("16 min spent");
        click(robot, "#another-machine");
        assertThat(words(robot, "#practice-paper")).contains("Nothing read yet");
        click(robot, "#practice-leave");
    }

    @Test
    void noWordIsCut_inAnyLesson(FxRobot robot) {
        Set<String> cut = new TreeSet<>();
        int seen = 0;
        for (Lesson lesson : Lesson.values()) {
            bench(robot, lesson);
            click(robot, "#hand-in");
            robot.interact(() -> cutWords(robot.lookup("#practice").query(), lesson.word() + ": ", cut));
            seen++;
        }
        click(robot, "#practice-leave");
        assertThat(seen).isEqualTo(5);
        assertThat(cut).isEmpty();
    }

    @Test
    void benchIsReachedFromTheFirstScreen_andFound(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        WaitForAsyncUtils.waitForFxEvents();
        Fingers.click(robot.lookup("#begin-practice").query());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#practice").query().isVisible()).isTrue();
        click(robot, "#practice-leave");
        assertThat(robot.lookup("#begin").query().isVisible()).isTrue();
        robot.interact(() -> window.files().openDemo(DemoJobs.HUT_SKID));
    }
}
