package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TableView;
import javafx.stage.Stage;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.load.LoadFinding;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Load cases by hand: a set taken, one of its cases changed, switched off and removed, and one of one's own. */
@ExtendWith(ApplicationExtension.class)
class LoadSheetsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private LoadCase load(String id) {
        return desk.session().job().cases().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @SuppressWarnings("unchecked")
    private void take(FxRobot robot, LoadSet set) {
        robot.interact(
                () -> robot.lookup("#case-set-set").queryAs(ComboBox.class).setValue(set));
        click(robot, "#case-set-take");
        settled();
    }

    private List<LoadFinding> watched() {
        return desk.examination().report(Step.LOAD).findings().stream()
                .filter(each -> each.severity() == Severity.WATCH && each.code() instanceof LoadFinding)
                .map(each -> (LoadFinding) each.code())
                .toList();
    }

    /** The step opens on its answers; a joint picks its tube in the stand; fewer throttle openings and no time between idle and limit make all last longer. */
    @Test
    void answersJointsAndLives_followTheJob(FxRobot robot) {
        at(robot, Step.LOAD, "answers");
        until(() -> robot.lookup("#load-lasts").tryQuery().isPresent());
        assertThat(text(robot, "#load-holds")).endsWith("%");
        assertThat(text(robot, "#load-weld")).endsWith("%");
        double hours = hours(robot);
        assertThat(hours).isGreaterThan(1);
        // What only the slow studies know stands among the notes, and on the rail.
        assertThat(robot.lookup("#step-load").query().getAccessibleText()).endsWith("stop");
        Job job = desk.session().job();
        robot.interact(() -> desk.apply(new ReplaceJob(
                job.withBuild(job.build()
                        .withDuty(Optional.of(job.duty().withOpenings(20).withCruise(0.8)))),
                "duty")));
        settled();
        until(() -> !desk.proof().isWorking());
        assertThat(hours(robot)).isGreaterThan(4 * hours);
        at(robot, Step.LOAD, "joints");
        until(() -> robot.lookup(".hyperlink")
                .match(link ->
                        link instanceof Hyperlink named && named.getText().contains(" on "))
                .tryQuery()
                .isPresent());
        Hyperlink joint = robot.lookup(".hyperlink")
                .match(link ->
                        link instanceof Hyperlink named && named.getText().contains("(C7) on"))
                .query();
        robot.interact(joint::fire);
        assertThat(desk.selectionProperty().get()).contains("C7");
        at(robot, Step.LOAD, "lost-part");
        until(() -> robot.lookup("#load-loss-C1").tryQuery().isPresent());
        assertThat(text(robot, "#load-loss-C1")).startsWith("Falls: without");
        robot.interact(
                () -> robot.lookup("#load-loss-C1").queryAs(Hyperlink.class).fire());
        Desk.DonorMoved without = desk.donorMovedProperty().get().orElseThrow();
        assertThat(without.off()).containsExactly("C1");
        assertThat(without.chalk())
                .anyMatch(mark -> mark.text().in(UnitStyle.MILLIMETRES).endsWith("is lost"));
        click(robot, "#load-loss-play");
        assertThat(desk.donorMovedProperty().get()).isEmpty();
    }

    /** A row of the table picks its tube and bends the frame by its case; the arrows of the ground hold up what the machine weighs. */
    @Test
    void frameBends_byTheCaseThatIsPicked(FxRobot robot) {
        at(robot, Step.LOAD, "by-case");
        TableView<?> table = robot.lookup("#load-by-case").queryAs(TableView.class);
        int tubes = desk.examination().tubeStresses().size();
        assertThat(table.getItems()).hasSizeGreaterThan(10 * tubes);
        enter(robot, "#load-by-case-words", "C9");
        robot.interact(() -> table.getSelectionModel().select(0));
        until(() -> desk.selectionProperty().get().equals(Optional.of("C9")));
        until(() -> text(robot, "#load-bend-told").startsWith("Shown bending"));
        until(() -> arrows() > 0);
        assertThat(arrows()).isGreaterThan(4);
        assertThat(desk.donorMovedProperty().get().orElseThrow().chalk())
                .filteredOn(mark -> mark.form() == ChalkMark.Form.STROKE)
                .hasSize(8 * desk.examination().frame().input().members().size());
        click(robot, "#load-bend");
        assertThat(desk.donorMovedProperty().get()).isEmpty();
        click(robot, "#load-bend-play");
        LoadCase first = shownCase(robot);
        until(() -> shownCase(robot) != first);
        // Whoever leaves the sheet has the frame unloaded again.
        at(robot, Step.LOAD, "tubes");
        until(() -> desk.donorMovedProperty().get().isEmpty());
    }

    /** Ways are looked for beside the work, shown under the pointer, and one of them taken and undone. */
    @Test
    void wayToHold_isLookedAtTakenAndUndone(FxRobot robot) {
        at(robot, Step.LOAD, "make-it-hold");
        click(robot, "#hold-ways");
        // Every way is judged as a whole: on a busy machine that takes its time.
        until(() -> desk.work().whatProperty().get().isEmpty()
                || robot.lookup("#hold-take-1").tryQuery().isPresent());
        until(() -> robot.lookup("#hold-take-1").tryQuery().isPresent());
        assertThat(text(robot, "#hold-said")).contains("way");
        Job before = desk.session().job();
        Button take = robot.lookup("#hold-take-1").queryButton();
        robot.interact(() -> take.getOnMouseEntered().handle(null));
        until(() -> desk.previews().shownProperty().get().isPresent());
        assertThat(desk.session().job()).isEqualTo(before);
        robot.interact(take::fire);
        settled();
        assertThat(desk.previews().shownProperty().get()).isEmpty();
        assertThat(desk.session().job().cradle()).isNotEqualTo(before.cradle());
        assertThat(desk.session().job().donor()).isEqualTo(before.donor());
        assertThat(desk.examination().tubeStresses()).allMatch(use -> use.utilisation() <= 1);
        robot.interact(() -> desk.session().undo());
        assertThat(desk.session().job()).isEqualTo(before);
    }

    private static LoadCase shownCase(FxRobot robot) {
        return (LoadCase) robot.lookup("#load-case").queryAs(ComboBox.class).getValue();
    }

    private long arrows() {
        return desk.donorMovedProperty().get().stream()
                .flatMap(moved -> moved.chalk().stream())
                .filter(mark -> mark.form() == ChalkMark.Form.ARROW)
                .count();
    }

    private static double hours(FxRobot robot) {
        return Double.parseDouble(text(robot, "#load-lasts").replace(" h", ""));
    }

    @Test
    void setMeantForOthers_isTold_andTheOwnSetPutsItRight(FxRobot robot) {
        at(robot, Step.LOAD, "cases");
        take(robot, LoadSet.LIGHT_SPORT);
        assertThat(watched()).contains(LoadFinding.WRONG_SET);
        take(robot, LoadSet.ROUGH_GROUND);
        assertThat(watched()).doesNotContain(LoadFinding.WRONG_SET);
    }

    @Test
    void caseIsOpened_changedFieldAfterField_switchedOffAndRemoved(FxRobot robot) {
        at(robot, Step.LOAD, "cases");
        click(robot, "#case-bump");
        enter(robot, "#case-up", "-4");
        assertThat(load("bump").field()).isEqualTo(new Vec3(0, 0, -4));
        // The keyboard stays in the field: whoever tries values goes on typing.
        Node field = robot.lookup("#case-up").query();
        assertThat(field.getScene().getFocusOwner()).isSameAs(field);
        enter(robot, "#case-up", "much");
        assertThat(text(robot, "#case-up-problem")).isNotBlank();
        assertThat(load("bump").field().z()).isEqualTo(-4);
        enter(robot, "#case-up", "-5");
        robot.interact(() -> choice(robot).setValue(Level.ULTIMATE));
        settled();
        assertThat(load("bump").level()).isEqualTo(Level.ULTIMATE);
        click(robot, "#case-on-bump");
        settled();
        assertThat(load("bump").off()).isTrue();
        assertThat(robot.lookup("#case-on-bump").queryAs(CheckBox.class).isSelected())
                .isFalse();
        int before = desk.session().job().cases().size();
        click(robot, "#case-remove-bump");
        settled();
        assertThat(desk.session().job().cases()).hasSize(before - 1).noneMatch(each -> each.id()
                .equals("bump"));
        assertThat(robot.lookup("#case-form").tryQuery()).isEmpty();
    }

    @SuppressWarnings("unchecked")
    private static ComboBox<Level> choice(FxRobot robot) {
        return robot.lookup("#case-level").queryAs(ComboBox.class);
    }

    @Test
    void caseOfOnesOwn_isAddedAndStaysWhenASetIsTaken(FxRobot robot) {
        at(robot, Step.LOAD, "cases");
        fill(robot, "#case-new-called", "Winched from the side");
        fill(robot, "#case-new-pulls", "0 0.5");
        click(robot, "#case-new-take");
        assertThat(text(robot, "#case-new-problem")).contains("ahead, left, up in g");
        fill(robot, "#case-new-pulls", "0 0.5 -1");
        click(robot, "#case-new-take");
        settled();
        assertThat(load("winched-from-the-side").field()).isEqualTo(new Vec3(0, 0.5, -1));
        take(robot, LoadSet.ROAD);
        assertThat(load("winched-from-the-side").set()).isEmpty();
    }
}
