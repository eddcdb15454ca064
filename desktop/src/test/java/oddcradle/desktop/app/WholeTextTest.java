package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import oddcradle.core.finding.Step;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Every sheet of every step of every demo in a window of 1280 by 800: no word is cut, no label lies over another. */
class WholeTextTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void noWordIsCut_onAnySheet(DemoJobs demo, FxRobot robot) {
        robot.interact(() -> desk.session().openUnsaved(demo.load()));
        settled();
        if (demo.ordinal() % 2 == 1) {
            robot.interact(window::changeLook);
        }
        Set<String> cut = new TreeSet<>();
        int sheets = 0;
        for (Step step : Step.values()) {
            robot.interact(() -> desk.goTo(step));
            WaitForAsyncUtils.waitForFxEvents();
            List<String> names = new ArrayList<>(window.slates().of(step).sheets());
            for (String name : names.isEmpty() ? List.of("") : names) {
                inWindow(() -> window.slates().of(step).turnTo(name));
                if (desk.shaking().isWorking()) {
                    until(() -> !desk.shaking().isWorking());
                }
                inWindow(() -> {
                    window.scene().getRoot().applyCss();
                    window.scene().getRoot().layout();
                    cutWords(window.scene().getRoot(), step.title() + ", " + name + ": ", cut);
                    overlapping(step.title() + ", " + name + ": ", robot, cut);
                });
                sheets++;
            }
        }
        assertThat(sheets).isGreaterThan(40);
        assertThat(cut).isEmpty();
    }

    /** At once, without waiting until it is drawn: there are hundreds of sheets. */
    private static void inWindow(Runnable work) {
        WaitForAsyncUtils.waitForAsyncFx(60_000, work);
    }

    private static void overlapping(String where, FxRobot robot, Set<String> cut) {
        List<Labeled> labels = List.copyOf(robot.lookup("#stand .chalk").queryAllAs(Labeled.class));
        for (int a = 0; a < labels.size(); a++) {
            for (int b = a + 1; b < labels.size(); b++) {
                Bounds one = labels.get(a).getBoundsInParent();
                Bounds other = labels.get(b).getBoundsInParent();
                if (one.intersects(
                        other.getMinX() + 1, other.getMinY() + 1, other.getWidth() - 2, other.getHeight() - 2)) {
                    cut.add(where + labels.get(a).getText() + " over "
                            + labels.get(b).getText());
                }
            }
        }
    }
}
