package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.TableView;
import javafx.stage.Stage;
import oddcradle.core.finding.Step;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.make.Part;
import oddcradle.core.pocket.Question;
import oddcradle.core.step.run.ControlFound;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Run, sheet by sheet, at the runabout with its controls and its logbook. */
@ExtendWith(ApplicationExtension.class)
class RunSheetsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    @BeforeEach
    void runabout(FxRobot robot) {
        robot.interact(() -> window.files().openDemo(DemoJobs.SALTMARSH_RUNABOUT));
        until(() -> desk.session().job().name().equals("Saltmarsh runabout")
                && desk.examination().job().equals(desk.session().job()));
    }

    private Book book() {
        return desk.session().job().book();
    }

    @Test
    void whatIsDue_isDoneByALineOfTheLog(FxRobot robot) {
        at(robot, Step.RUN, "today");
        assertThat(text(robot, "#run-hours")).isEqualTo("21.8 h, 3 due");
        int lines = book().log().size();
        choose(robot, "#note-what", LogEntry.Work.CHAIN);
        fill(robot, "#note-day", "2026-06-02");
        fill(robot, "#note-hours", "20 h");
        click(robot, "#note-take");
        assertThat(text(robot, "#note-problem")).contains("runs back");
        assertThat(book().log()).hasSize(lines);
        fill(robot, "#note-hours", "22.5 h");
        fill(robot, "#note-measured", "0.5 %");
        click(robot, "#note-take");
        settled();
        assertThat(book().log()).hasSize(lines + 1);
        assertThat(book().last(LogEntry.Work.CHAIN).orElseThrow().value()).isEqualTo(0.005);
        assertThat(text(robot, "#run-hours")).isEqualTo("22.5 h, 2 due");
        choose(robot, "#note-what", LogEntry.Work.OIL);
        fill(robot, "#note-day", "2026-06-02");
        fill(robot, "#note-measured", "3 mm");
        click(robot, "#note-take");
        assertThat(text(robot, "#note-problem")).contains("no place here");
        at(robot, Step.RUN, "log");
        assertThat(rows(robot, "#logbook")).isEqualTo(lines + 1);
        assertThat(text(robot, "#log-told")).contains("22.5 h", "66 starts");
    }

    @Test
    void leverTurnedInsideOut_pushesItsCableAndIsMendedByTheSameButton(FxRobot robot) {
        at(robot, Step.RUN, "controls");
        assertThat(text(robot, "#control-reached")).contains("of 70° wanted");
        click(robot, "#turn-over-1");
        settled();
        assertThat(found().work().pulls()).isFalse();
        assertThat(text(robot, "#control-says")).contains("stop:", "would have to push");
        click(robot, "#turn-over-1");
        settled();
        assertThat(found().work().pulls()).isTrue();
        choose(robot, "#control-which", "C3");
        assertThat(text(robot, "#control-says")).contains("moving on its mounts");
    }

    @Test
    void vibrationOfTheLog_standsBesideWhatShakePredicts(FxRobot robot) {
        at(robot, Step.RUN, "log");
        until(() -> words(robot, "#log-predicted").contains("seat: 6.8 mm/s measured"));
        assertThat(words(robot, "#log-predicted")).contains("predicted at cruise");
        choose(robot, "#log-which", LogEntry.Work.CHAIN);
        assertThat(robot.lookup("#log-predicted").query().getParent().isVisible())
                .isFalse();
    }

    @Test
    void cableIsLedAlongTheTubes_andUndoTakesItBack(FxRobot robot) {
        at(robot, Step.RUN, "controls");
        ControlFound before = found();
        click(robot, "#lead-cable-1");
        until(() -> text(robot, "#cable-led").contains("undo takes it back"));
        settled();
        assertThat(found().cables().get(0).path().tightest())
                .isGreaterThanOrEqualTo(before.cables().get(0).given().bendRadius());
        assertThat(found().cables().get(0).given().clips())
                .isNotEqualTo(before.cables().get(0).given().clips());
        robot.interact(() -> desk.session().undo());
        settled();
        assertThat(found().control()).isEqualTo(before.control());
    }

    private ControlFound found() {
        return desk.examination().run().controls().get(0);
    }

    @Test
    void firstStart_isTickedByWhoDidIt(FxRobot robot) {
        at(robot, Step.RUN, "first-start");
        until(() -> words(robot, "#start-speeds").contains("rpm"));
        String before = text(robot, "#start-sum");
        click(robot, "#did-start-oil");
        assertThat(text(robot, "#start-problem")).contains("Write a name first");
        fill(robot, "#start-who", "the warden");
        click(robot, "#did-start-oil");
        settled();
        assertThat(text(robot, "#start-sum")).isNotEqualTo(before);
        assertThat(desk.session()
                        .job()
                        .asBuilt()
                        .inspection("start: oil")
                        .orElseThrow()
                        .who())
                .isEqualTo("the warden");
    }

    @Test
    void partThatComes_letsItsWorkBePlanned(FxRobot robot) {
        at(robot, Step.RUN, "evenings");
        assertThat(words(robot, "#evenings")).contains("clutch cable and pedal stop waits for");
        at(robot, Step.RUN, "parts");
        robot.interact(() -> robot.lookup("#parts")
                .queryAs(TableView.class)
                .getSelectionModel()
                .select(1));
        choose(robot, "#part-state", Part.State.HERE);
        settled();
        assertThat(book().purchases().get(1).state()).isEqualTo(Part.State.HERE);
        fill(robot, "#part-what", "throttle spring");
        fill(robot, "#part-price-of-each", "two");
        click(robot, "#part-take");
        assertThat(text(robot, "#part-problem")).contains("no number");
        fill(robot, "#part-price-of-each", "2");
        click(robot, "#part-take");
        settled();
        assertThat(book().purchases()).extracting(Purchase::label).contains("throttle spring");
        at(robot, Step.RUN, "evenings");
        assertThat(words(robot, "#evenings"))
                .contains("clutch cable and pedal stop 3.0 h")
                .doesNotContain("waits for");
    }

    @Test
    void question_isAnsweredFromTheJobAndFromTypedNumbers(FxRobot robot) {
        at(robot, Step.RUN, "ask");
        choose(robot, "#ask-which", Question.FOURTH);
        click(robot, "#ask");
        until(() -> words(robot, "#ask-answer").contains("without M1"));
        choose(robot, "#ask-which", Question.JET);
        fill(robot, "#ask-jet", "4 mm");
        click(robot, "#ask");
        until(() -> text(robot, "#ask-problem").contains("must lie between"));
        fill(robot, "#ask-jet", "0.99 mm");
        fill(robot, "#ask-altitude", "5000 ft");
        fill(robot, "#ask-freer", "0 %");
        click(robot, "#ask");
        until(() -> words(robot, "#ask-answer").contains("0.95 mm"));
    }
}
