package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.Weights;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.History;
import oddcradle.core.job.edit.CandidateEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.EmptyBench;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.job.UnsavedJobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Nothing that was typed or done is lost, and nothing of one job is shown for another. */
@ExtendWith(ApplicationExtension.class)
class KeptWorkTest extends WindowDriver {
    private Stage stage;

    @Start
    void start(Stage shown) {
        stage = shown;
        open(shown);
    }

    private double up() {
        return desk.session().job().seat().value(Freedom.UP);
    }

    private static double up(Path file) throws IOException {
        return new JobStore(Clock.systemUTC()).open(file).job().seat().value(Freedom.UP);
    }

    private static void shortcut(FxRobot robot, KeyCode key) {
        robot.press(KeyCode.CONTROL).type(key).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Types over a field and leaves it at that. */
    private static void typeOver(FxRobot robot, String field, String text) {
        robot.clickOn(field);
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).selectAll());
        robot.write(text);
    }

    private static String typed(FxRobot robot, String field) {
        return robot.lookup(field).queryAs(TextField.class).getText();
    }

    private void answer(FxRobot robot, int which) {
        until(() -> robot.lookup("#answer-" + which).tryQuery().isPresent());
        robot.clickOn("#answer-" + which);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void valueWithoutEnter_isSavedByTheKey(FxRobot robot, @TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine.cradle.json");
        robot.interact(() -> window.files().saveAs(file));
        typeOver(robot, "#seat-up", "481");
        shortcut(robot, KeyCode.S);
        assertThat(up(file)).isEqualTo(0.481);
        assertThat(text(robot, "#saved-state")).isEqualTo("· saved");
    }

    @Test
    void valueWithoutEnter_isAskedAboutOnClosing(FxRobot robot, @TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine.cradle.json");
        robot.interact(() -> window.files().saveAs(file));
        typeOver(robot, "#seat-up", "482");
        WindowEvent closing = new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST);
        Platform.runLater(() -> stage.getOnCloseRequest().handle(closing));
        answer(robot, 0);
        assertThat(up(file)).isEqualTo(0.482);
        assertThat(closing.isConsumed()).isFalse();
        assertThat(settings.number("width", 0)).isEqualTo(stage.getWidth());
    }

    @Test
    void wrongValue_staysMarked_andIsAskedAboutBeforeTheStopIsLeft(FxRobot robot) {
        typeOver(robot, "#seat-up", "eleven");
        Platform.runLater(() -> desk.goTo(Step.LOAD));
        until(() -> robot.lookup("#answer-back").tryQuery().isPresent());
        robot.clickOn("#answer-back");
        assertThat(desk.stepProperty().get()).isEqualTo(Step.SEAT);
        assertThat(typed(robot, "#seat-up")).isEqualTo("eleven");
        assertThat(text(robot, "#seat-up-problem")).contains("no number");
        Platform.runLater(() -> desk.goTo(Step.LOAD));
        answer(robot, 0);
        assertThat(desk.stepProperty().get()).isEqualTo(Step.LOAD);
        robot.interact(() -> desk.goTo(Step.SEAT));
        assertThat(typed(robot, "#seat-up")).isEqualTo("470");
    }

    @Test
    void formHalfFilledIn_isAskedAboutBeforeTheJobIsLeft(FxRobot robot) {
        at(robot, Step.CRADLE, "tubes");
        fill(robot, "#add-tube-called", "front cross");
        Platform.runLater(() -> window.files().openDemo(DemoJobs.HUT_SKID));
        until(() -> robot.lookup("#answer-0").tryQuery().isPresent());
        robot.clickOn("#answer-back");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.session().job().name()).isEqualTo("Saltmarsh runabout");
        assertThat(typed(robot, "#add-tube-called")).isEqualTo("front cross");
        // Another step does not lose it.
        robot.interact(() -> desk.goTo(Step.LOAD));
        robot.interact(() -> desk.goTo(Step.CRADLE));
        assertThat(typed(robot, "#add-tube-called")).isEqualTo("front cross");
    }

    @Test
    void readingWithoutEnter_isTakenOnLeavingTheStop(FxRobot robot) {
        at(robot, Step.DONOR, "measure");
        int before = desk.session().job().donor().survey().readings().size();
        until(() -> robot.lookup("#reading-entry").query().isVisible());
        click(robot, "#reading-entry");
        robot.write("123.4");
        robot.clickOn("#step-host");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.session().job().donor().survey().readings())
                .hasSize(before + 1)
                .anyMatch(reading -> Math.abs(reading.value() - 0.1234) < 1e-12);
    }

    @Test
    void escInAReading_bringsBackWhatWasAsked_andOldErrorsGoWithNewText(FxRobot robot) {
        at(robot, Step.DONOR, "measure");
        click(robot, "#reading-entry");
        robot.write("about ten").type(KeyCode.ENTER);
        assertThat(text(robot, "#reading-problem")).contains("no number");
        robot.write(" more");
        assertThat(text(robot, "#reading-problem")).isEmpty();
        robot.type(KeyCode.ESCAPE);
        assertThat(typed(robot, "#reading-entry")).isEmpty();
    }

    @Test
    void historyNote_isTakenByTab(FxRobot robot) {
        at(robot, Step.DONOR, "history");
        click(robot, "#check-0-note");
        robot.write("worn a little").type(KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.session().job().donor().history().checks())
                .anyMatch(check -> check.what().equals(History.USUAL.get(0))
                        && check.note().equals("worn a little"));
    }

    @Test
    void undoKey_goesThroughAnUntouchedField_andStaysInOneThatIsTypedIn(FxRobot robot) {
        double first = up();
        robot.interact(() -> desk.apply(new JobEdit.MoveSeat(new Vec3(0, 0, 0.01))));
        settled();
        robot.clickOn("#seat-up");
        shortcut(robot, KeyCode.Z);
        assertThat(up()).isEqualTo(first);
        shortcut(robot, KeyCode.Y);
        assertThat(up()).isEqualTo(first + 0.01);
        robot.clickOn("#seat-up").write("5");
        shortcut(robot, KeyCode.Z);
        assertThat(up()).isEqualTo(first + 0.01);
    }

    @Test
    void barKeepsItsPlaces_whateverIsUndone(FxRobot robot) {
        List<String> buttons = List.of("#undo", "#redo", "#job-menu", "#units", "#save", "#packet");
        Map<String, Bounds> before = new LinkedHashMap<>();
        buttons.forEach(id -> before.put(id, place(robot, id)));
        robot.interact(() -> desk.apply(new JobEdit.MoveSeat(new Vec3(0.012, 0, 0.0345))));
        settled();
        assertThat(robot.lookup("#undo").queryAs(Button.class).getTooltip().getText())
                .isEqualTo("Undo: seat 12.0 mm forward, 34.5 mm up");
        buttons.forEach(id -> assertThat(place(robot, id)).as(id).isEqualTo(before.get(id)));
        // Three clicks on one spot: the first undoes, the others find nothing.
        robot.clickOn("#undo").clickOn(MouseButton.PRIMARY).clickOn(MouseButton.PRIMARY);
        settled();
        assertThat(desk.session().redoLabelProperty().get()).isPresent();
        assertThat(desk.session().undoLabelProperty().get()).isEmpty();
    }

    @Test
    void barIsWhole_withAnyNameOfAJob(FxRobot robot) {
        JobDocument demo = DemoJobs.SALTMARSH_RUNABOUT.load();
        robot.interact(
                () -> desk.session().openUnsaved(demo.withJob(named(demo.job(), "A very long name ".repeat(8)))));
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        double right = window.scene().getWidth();
        for (String id : List.of("#job-menu", "#undo", "#redo", "#help-menu", "#units", "#save", "#packet")) {
            Bounds at = place(robot, id);
            assertThat(at.getMaxX()).as(id).isLessThanOrEqualTo(right);
            assertThat(at.getWidth())
                    .as(id)
                    .isGreaterThanOrEqualTo(robot.lookup(id).query().prefWidth(-1) - 1);
        }
    }

    private static Job named(Job job, String name) {
        return new Job(
                name,
                job.materials(),
                job.donor(),
                job.host(),
                job.line(),
                job.seat(),
                job.cradle(),
                job.cases(),
                job.build(),
                job.candidates(),
                job.weights(),
                job.plan(),
                job.asBuilt(),
                job.around(),
                job.book());
    }

    private static Bounds place(FxRobot robot, String id) {
        Node node = robot.lookup(id).query();
        return node.localToScene(node.getLayoutBounds());
    }

    @Test
    void recoveredWork_waitsForItsAnswer_thoughTheJobIsEdited(FxRobot robot, @TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine.cradle.json");
        JobStore store = new JobStore(Clock.systemUTC());
        JobDocument demo = DemoJobs.SALTMARSH_RUNABOUT.load();
        store.save(file, demo);
        store.keepRecovery(file, demo.withJob(new JobEdit.SetSeat(Freedom.UP, 0.49).applyTo(demo.job())));
        robot.interact(() -> window.files().open(file));
        settled();
        assertThat(text(robot, "#recovered")).contains("Saltmarsh runabout");
        robot.interact(() -> desk.apply(new JobEdit.SetSeat(Freedom.UP, 0.48)));
        until(() -> Files.exists(folder.resolve("mine.recovery")));
        robot.clickOn("#recover");
        settled();
        assertThat(up()).isEqualTo(0.49);
        robot.clickOn("#undo");
        assertThat(up()).isEqualTo(0.48);
    }

    @Test
    void jobNeverSaved_isOfferedAtTheNextStart(FxRobot robot) throws IOException {
        Process ended = new ProcessBuilder("true").start();
        ended.onExit().join();
        JobDocument demo = DemoJobs.SALTMARSH_RUNABOUT.load();
        new UnsavedJobs(kept.resolve("unsaved"), ended.pid())
                .keep(demo.withJob(new JobEdit.SetSeat(Freedom.UP, 0.491).applyTo(demo.job())));
        robot.interact(() -> window.files()
                .begin(new Preparation.First(DemoJobs.SALTMARSH_RUNABOUT.load(), Optional.empty(), Optional.empty())));
        robot.clickOn("#recover");
        settled();
        assertThat(up()).isEqualTo(0.491);
        assertThat(text(robot, "#saved-state")).isEqualTo("· changed");
        assertThat(desk.session().fileProperty().get()).isEmpty();
    }

    @Test
    void damagedFile_leavesAnEmptyBench_andOffersItsVersions(FxRobot robot, @TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine.cradle.json");
        JobStore store = new JobStore(Clock.systemUTC());
        JobDocument demo = DemoJobs.SALTMARSH_RUNABOUT.load();
        store.save(file, demo);
        store.save(file, demo);
        Files.writeString(file, "{ half");
        robot.interact(() -> desk.session().openUnsaved(EmptyBench.load()));
        robot.interact(() -> window.files().open(file));
        settled();
        assertThat(desk.session().job().host().members()).isEmpty();
        assertThat(text(robot, "#complaint"))
                .contains("mine.cradle.json: is damaged")
                .contains("1 earlier version");
        // A good file takes the complaint away; closed by hand it comes again for the same file.
        Path good = folder.resolve("good.cradle.json");
        store.save(good, demo);
        store.keepRecovery(good, demo.withJob(new JobEdit.SetSeat(Freedom.UP, 0.49).applyTo(demo.job())));
        robot.interact(() -> window.files().open(good));
        assertThat(robot.lookup("#complaint").tryQuery()).isEmpty();
        assertThat(robot.lookup("#recovered").tryQuery()).isPresent();
        robot.interact(() -> window.files().open(file));
        robot.clickOn("#complaint-close");
        assertThat(robot.lookup("#complaint").tryQuery()).isEmpty();
        robot.interact(() -> window.files().open(file));
        robot.clickOn("#version-0");
        settled();
        // What was offered for the other file is not offered for this one.
        assertThat(robot.lookup("#recovered").tryQuery()).isEmpty();
        assertThat(desk.session().job()).isEqualTo(demo.job());
        assertThat(desk.session().fileProperty().get()).contains(file);
        assertThat(text(robot, "#saved-state")).isEqualTo("· changed");
    }

    @Test
    void sheetsOfAnotherJob_areItsOwn(FxRobot robot) {
        at(robot, Step.CRADLE, "tubes");
        robot.interact(() -> desk.selectionProperty().set(Optional.of("C9")));
        robot.interact(() -> desk.session().openUnsaved(DemoJobs.ORCHARD_TUG.load()));
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.selectionProperty().get()).isEmpty();
        assertThat(text(robot, ".stand-hint")).doesNotContain("picked");
        click(robot, "#leaf-tubes");
        assertThat(robot.lookup("#add-tube-material").<ComboBox<String>>query().getItems())
                .containsExactlyElementsOf(desk.session().job().materials().stream()
                        .map(Material::name)
                        .toList());
        assertThat(robot.lookup("#tube").<ComboBox<String>>query().getItems())
                .hasSize(desk.session().job().cradle().members().size()
                        + desk.session().job().host().members().size());
    }

    @Test
    void packet_saysWhereItIs_andIsOpened(FxRobot robot, @TempDir Path folder) {
        robot.interact(() -> window.files().writePacket(folder.resolve("mine")));
        until(() -> robot.lookup("#packet-written").tryQuery().isPresent());
        Path pdf = folder.resolve("mine.pdf");
        assertThat(pdf).exists();
        assertThat(text(robot, "#packet-written")).contains(pdf.toString());
        robot.clickOn("#packet-open");
        assertThat(opened.get()).isEqualTo(pdf);
        assertThat(robot.lookup("#packet-written").tryQuery()).isEmpty();
    }

    @Test
    void fileWithoutItsEnding_getsIt_andAnotherIsNotReplacedUnasked(FxRobot robot, @TempDir Path folder)
            throws IOException {
        robot.interact(() -> window.files().saveAs(folder.resolve("mine")));
        assertThat(folder.resolve("mine.cradle.json")).exists();
        robot.interact(() -> desk.apply(new JobEdit.SetSeat(Freedom.UP, 0.48)));
        Platform.runLater(() -> window.files().saveAs(folder.resolve("mine")));
        until(() -> robot.lookup("#answer-0").tryQuery().isPresent());
        robot.clickOn("#answer-back");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(up(folder.resolve("mine.cradle.json"))).isEqualTo(0.47);
    }

    @Test
    void candidateSliders_followTheJob(FxRobot robot) {
        at(robot, Step.DONOR, "compare");
        Slider fit = robot.lookup("#care-fit").queryAs(Slider.class);
        double before = fit.getValue();
        robot.interact(() -> desk.apply(new CandidateEdit.SetWeights(new Weights(before > 5 ? 1 : 9, 4, 5, 5, 3, 6))));
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(fit.getValue()).isEqualTo(before > 5 ? 1 : 9);
        robot.interact(() -> desk.session().undo());
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(fit.getValue()).isEqualTo(before);
    }
}
