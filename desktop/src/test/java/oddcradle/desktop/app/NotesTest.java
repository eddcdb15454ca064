package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.desktop.notes.NotesPane;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

class NotesTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    @SuppressWarnings("unchecked")
    private static List<NotesPane.Note> notes(FxRobot robot) {
        return ((ListView<NotesPane.Row>) robot.lookup("#notes").queryAs(ListView.class))
                .getItems().stream()
                        .filter(NotesPane.Note.class::isInstance)
                        .map(NotesPane.Note.class::cast)
                        .toList();
    }

    private static List<Step> steps(FxRobot robot) {
        return notes(robot).stream().map(note -> note.finding().step()).toList();
    }

    @Test
    void notesOfTheOpenStepComeFirst_andFiltersLeaveWhatTheySay(FxRobot robot) {
        int all = notes(robot).size();
        for (Step step : List.of(Step.LINE, Step.SEAT)) {
            robot.interact(() -> desk.goTo(step));
            WaitForAsyncUtils.waitForFxEvents();
            long own = steps(robot).stream().filter(each -> each == step).count();
            assertThat(own).isPositive();
            assertThat(steps(robot).subList(0, (int) own)).containsOnly(step);
            assertThat(notes(robot)).hasSize(all);
        }
        robot.clickOn("#notes-alone");
        assertThat(steps(robot)).containsOnly(Step.SEAT);
        assertThat(text(robot, "#notes-alone"))
                .isEqualTo("only Seat " + notes(robot).size());
        robot.clickOn("#notes-alone");
        robot.clickOn("#notes-stop");
        assertThat(notes(robot)).isNotEmpty().allMatch(note -> note.finding().severity() == Severity.STOP);
        assertThat(text(robot, "#notes-stop")).isEqualTo("stop " + notes(robot).size());
        robot.clickOn("#notes-stop");
        assertThat(notes(robot)).hasSize(all);
    }

    /** The mouse over a cure shows the machine as it would be; away from it the machine is as it was, and nothing has changed. */
    @Test
    void cureIsShownInTheStandBeforeItIsTaken(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.SEAT));
        until(() -> robot.lookup("#notes .cure-button").tryQuery().isPresent());
        Job before = desk.session().job();
        String hint = text(robot, ".stand-hint");
        Button cure = robot.lookup("#notes .cure-button").queryButton();
        robot.moveTo(cure);
        until(() -> text(robot, ".stand-hint").startsWith("Preview: " + cure.getText()));
        assertThat(text(robot, ".stand-hint")).containsPattern("stop 4 → [0-3]");
        assertThat(desk.session().job()).isEqualTo(before);
        robot.moveTo("#saved-state");
        until(() -> text(robot, ".stand-hint").equals(hint));
        robot.moveTo(cure).clickOn(cure);
        settled();
        assertThat(desk.session().job()).isNotEqualTo(before);
        assertThat(desk.previews().shownProperty().get()).isEmpty();
    }

    @Test
    void keysPreviewACureAndCopyANote(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.SEAT));
        until(() -> notes(robot).stream().anyMatch(note -> !note.cures().isEmpty()));
        ListView<?> list = robot.lookup("#notes").queryAs(ListView.class);
        int withCure = notes(robot)
                .indexOf(notes(robot).stream()
                        .filter(note -> !note.cures().isEmpty())
                        .findFirst()
                        .orElseThrow());
        robot.interact(() -> {
            list.requestFocus();
            list.getSelectionModel().select(withCure);
        });
        robot.type(KeyCode.RIGHT);
        until(() -> desk.previews().shownProperty().get().isPresent());
        robot.type(KeyCode.LEFT);
        until(() -> desk.previews().shownProperty().get().isEmpty());
        robot.press(KeyCode.CONTROL, KeyCode.C).release(KeyCode.C, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> assertThat(Clipboard.getSystemClipboard().getString())
                .isEqualToIgnoringCase(
                        notes(robot).get(withCure).finding().what().in(desk.units())));
    }
}
