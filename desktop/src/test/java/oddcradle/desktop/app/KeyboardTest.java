package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.notes.NotesPane;
import oddcradle.desktop.store.Desk;
import oddcradle.files.job.EmptyBench;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Everything by keys, and nothing that moves, hides or misleads. */
@ExtendWith(ApplicationExtension.class)
class KeyboardTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private static void focus(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup(id).query().requestFocus());
    }

    @SuppressWarnings("unchecked")
    private static ListView<NotesPane.Row> notes(FxRobot robot) {
        return robot.lookup("#notes").queryAs(ListView.class);
    }

    @Test
    void notes_areGoneThroughByKeys_toTheLast_andTakeACure(FxRobot robot) {
        focus(robot, "#notes");
        int count = notes(robot).getItems().size();
        assertThat(count).isGreaterThan(12);
        for (int k = 1; k < count; k++) {
            robot.type(KeyCode.DOWN);
        }
        assertThat(notes(robot).getSelectionModel().getSelectedIndex()).isEqualTo(count - 1);
        // What is good is one row: opened by the key, and gone through as the rest.
        NotesPane.Good good = (NotesPane.Good) notes(robot).getItems().get(count - 1);
        robot.type(KeyCode.ENTER);
        assertThat(notes(robot).getItems()).hasSize(count + good.count());
        robot.type(KeyCode.DOWN);
        NotesPane.Note last = (NotesPane.Note) notes(robot).getItems().get(count);
        assertThat(last.finding().severity()).isEqualTo(Severity.GOOD);
        robot.type(KeyCode.ENTER);
        assertThat(desk.stepProperty().get()).isEqualTo(last.finding().step());
        click(robot, "#notes-good");
        assertThat(notes(robot).getItems()).hasSize(count);
        int withCure = 0;
        while (((NotesPane.Note) notes(robot).getItems().get(withCure)).cures().isEmpty()) {
            withCure++;
        }
        int wanted = withCure;
        robot.interact(() -> notes(robot).getSelectionModel().select(wanted));
        focus(robot, "#notes");
        Job before = desk.session().job();
        robot.type(KeyCode.DIGIT1);
        assertThat(desk.session().job()).isNotEqualTo(before);
        robot.type(KeyCode.SPACE);
        until(() -> robot.lookup("#why-card").tryQuery().isPresent());
    }

    @Test
    void tab_isOneStopForTheWholeList(FxRobot robot) {
        focus(robot, "#notes");
        robot.type(KeyCode.TAB);
        Node next = window.scene().getFocusOwner();
        assertThat(robot.lookup("#notes").query().lookupAll("*")).doesNotContain(next);
    }

    @Test
    void arrows_chooseTabsAndUnits_asAClickDoes(FxRobot robot) {
        focus(robot, "#leaf-place");
        robot.type(KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#seat-up").tryQuery()).isEmpty();
        focus(robot, "#units");
        robot.type(KeyCode.SPACE, KeyCode.DOWN, KeyCode.DOWN, KeyCode.ENTER);
        assertThat(desk.units()).isEqualTo(UnitStyle.DECIMAL_INCHES);
    }

    @Test
    void arrows_moveTheEngineAtSeatOnly_andEscEndsAPick(FxRobot robot) {
        double before = desk.session().job().seat().value(Freedom.FORWARD);
        robot.interact(() -> desk.goTo(Step.LOAD));
        focus(robot, "#stand");
        Bounds placed = robot.lookup("#drawn-from-left .chalk-dot").query().getBoundsInParent();
        robot.type(KeyCode.UP, KeyCode.UP);
        assertThat(desk.session().job().seat().value(Freedom.FORWARD)).isEqualTo(before);
        // They move the view instead.
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#drawn-from-left .chalk-dot").query().getBoundsInParent())
                .isNotEqualTo(placed);
        robot.interact(
                () -> desk.pickingProperty().set(Optional.of(new Desk.Picking("the left front lug", point -> {}))));
        assertThat(text(robot, ".stand-hint")).contains("left front lug").contains("Esc");
        robot.type(KeyCode.ESCAPE);
        assertThat(desk.pickingProperty().get()).isEmpty();
        assertThat(text(robot, ".stand-hint")).doesNotContain("left front lug");
    }

    @Test
    void enterInAForm_takesIt(FxRobot robot) {
        at(robot, Step.CRADLE, "tubes");
        int before = desk.session().job().cradle().members().size();
        fill(robot, "#add-tube-from", "S1");
        fill(robot, "#add-tube-to", "S2");
        focus(robot, "#add-tube-to");
        robot.type(KeyCode.ENTER);
        settled();
        assertThat(desk.session().job().cradle().members()).hasSize(before + 1);
    }

    @Test
    void complaintUnderAField_pushesNoButtonFromUnderThePointer(FxRobot robot) {
        robot.clickOn("#seat-up");
        robot.interact(() -> robot.lookup("#seat-up").queryAs(TextField.class).selectAll());
        robot.write("eleven");
        robot.clickOn("#seat-to-datum");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#seat-up-problem")).contains("no number");
        assertThat(robot.lookup("#seat-held-off").query().getParent().isVisible())
                .isTrue();
    }

    @Test
    void inches_areForTubesNudgesAndMessagesToo(FxRobot robot) {
        robot.interact(() -> desk.unitsProperty().set(UnitStyle.FRACTIONAL_INCHES));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#nudge-1-4-in").tryQuery()).isPresent();
        type(robot, "#seat-up", "90 m");
        assertThat(text(robot, "#seat-up-problem"))
                .contains("in, must lie between")
                .doesNotContain(" m,");
        type(robot, "#seat-yaw", "400");
        assertThat(text(robot, "#seat-yaw-problem")).isEqualTo("is 400 °, must lie between -360 ° and 360 °");
        robot.type(KeyCode.ESCAPE);
        robot.clickOn("#seat-up").type(KeyCode.ESCAPE);
        at(robot, Step.LOAD, "tubes");
        robot.interact(() -> desk.selectionProperty().set(Optional.of("C1")));
        WaitForAsyncUtils.waitForFxEvents();
        List<String> sections =
                robot.lookup("#section").<ComboBox<String>>query().getItems();
        assertThat(sections).isNotEmpty().allMatch(name -> name.endsWith(" in"));
    }

    @Test
    void emptyMachine_leavesNothingOfTheOldDrawing(FxRobot robot) {
        Node view = robot.lookup("#drawn-from-left").query();
        assertThat(colours(robot, view)).hasSizeGreaterThan(20);
        robot.interact(() -> desk.session().openUnsaved(EmptyBench.load()));
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(colours(robot, view)).hasSizeLessThan(20);
    }

    private static Set<Integer> colours(FxRobot robot, Node view) {
        Set<Integer> seen = new HashSet<>();
        robot.interact(() -> {
            WritableImage image = view.lookup("Canvas").snapshot(null, null);
            for (int y = 0; y < image.getHeight(); y += 2) {
                for (int x = 0; x < image.getWidth(); x += 2) {
                    seen.add(image.getPixelReader().getArgb(x, y));
                }
            }
        });
        return seen;
    }

    @Test
    void endedSearch_saysThatItsResultsAreOld(FxRobot robot) {
        at(robot, Step.SEAT, "search");
        click(robot, "#search-run");
        robot.interact(() -> desk.work().end());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#search-said")).startsWith("Ended before it was done");
    }
}
