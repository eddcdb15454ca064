package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyResult;
import oddcradle.desktop.step.measured.PointPhoto;
import oddcradle.files.job.JobCodec;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A survey entered as a builder does: by keyboard, and by the simulated instruments. */
class MeasuringTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private void emptySheet(FxRobot robot) {
        robot.interact(() -> {
            desk.session()
                    .openUnsaved(
                            JobCodec.fresh(Side.DONOR.withSurvey(desk.session().job(), Survey.NONE)));
            desk.goTo(Step.DONOR);
        });
        settled();
    }

    private Survey survey() {
        return desk.session().job().donor().survey();
    }

    private void addAllBosses(FxRobot robot) {
        for (int k = 0; k < desk.session().job().donor().bosses().size(); k++) {
            click(robot, "#point-add");
        }
    }

    @Test
    void wholeSurveyByKeyboard_oneFieldAfterAnother(FxRobot robot) {
        emptySheet(robot);
        addAllBosses(robot);
        List<Boss> bosses = desk.session().job().donor().bosses();
        assertThat(survey().points()).hasSize(4);
        click(robot, "#reading-entry");
        for (Boss boss : bosses) {
            for (DatumPlane plane : DatumPlane.values()) {
                assertThat(text(robot, "#wanted")).startsWith(boss.id() + " " + plane.word());
                double mm = boss.position().dot(plane.direction()) * 1000;
                robot.write(String.format(Locale.ROOT, "%.2f", mm)).type(KeyCode.ENTER);
                WaitForAsyncUtils.waitForFxEvents();
            }
        }
        assertThat(survey().readings()).hasSize(12);
        assertThat(text(robot, "#wanted")).contains("over the bores");
        SurveyResult result = SurveyAdjustment.of(survey());
        for (Boss boss : bosses) {
            Vec3 at = result.point(boss.id()).orElseThrow().position();
            assertThat(at.distanceTo(boss.position())).isLessThan(1e-5);
        }
        robot.interact(desk.session()::undo);
        assertThat(survey().readings()).hasSize(11);
    }

    /** A photo taken to a point lies beside the job and is shown when the point is asked for. */
    @Test
    void photoOfAPoint_isShownWhenItIsAskedFor(FxRobot robot, @TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine.cradle.json");
        emptySheet(robot);
        robot.interact(() -> window.files().saveAs(file));
        addAllBosses(robot);
        // Without a photo it takes no room.
        assertThat(robot.lookup("#point-photo").query().isManaged()).isFalse();
        Path taken = folder.resolve("lug.png");
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", taken.toFile());
        PointPhoto photo = (PointPhoto) robot.lookup("#point-photo").query().getParent();
        robot.interact(() -> photo.attach(taken));
        settled();
        assertThat(survey().points().get(0).photo()).isEqualTo("mine-B1.png");
        ImageView view = robot.lookup("#point-photo").queryAs(ImageView.class);
        assertThat(view.isVisible()).isTrue();
        assertThat(view.getImage().getWidth()).isPositive();
        Path text = Files.writeString(folder.resolve("no.png"), "no picture");
        robot.interact(() -> photo.attach(text));
        assertThat(text(robot, "#point-photo-problem")).contains("no.png").contains("PNG or JPEG");
        assertThat(survey().points().get(0).photo()).isEqualTo("mine-B1.png");
    }

    @Test
    void wrongEntry_staysAndNamesTheCure_andUnitsMayBeTyped(FxRobot robot) {
        emptySheet(robot);
        addAllBosses(robot);
        click(robot, "#reading-entry");
        robot.write("12,5").type(KeyCode.ENTER);
        assertThat(text(robot, "#reading-problem")).contains("decimal with a point");
        assertThat(survey().readings()).isEmpty();
        robot.interact(
                () -> robot.lookup("#reading-entry").queryAs(TextField.class).selectAll());
        robot.write("1-1/4 in").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(survey().readings().get(0).value()).isCloseTo(0.03175, within(1e-12));
    }

    @Test
    void simulatedCaliper_takesTheWholeSurvey(FxRobot robot) {
        emptySheet(robot);
        addAllBosses(robot);
        click(robot, "#simulated");
        int taken = 0;
        while (robot.lookup("#simulate")
                .queryAs(Node.class)
                .getParent()
                .getParent()
                .isVisible()) {
            robot.interact(() -> robot.lookup("#simulate").queryButton().fire());
            assertThat(++taken).isLessThan(40);
        }
        settled();
        SurveyResult result = SurveyAdjustment.of(survey());
        assertThat(result.missing()).isEmpty();
        assertThat(result.readings()).allMatch(each -> each.checked());
        for (Boss boss : desk.session().job().donor().bosses()) {
            // rule and caliper together: four standard uncertainties of 0.4 mm
            assertThat(result.point(boss.id()).orElseThrow().position().distanceTo(boss.position()))
                    .isLessThan(0.0016);
        }
        assertThat(survey().readings()).anyMatch(each -> each instanceof Reading.OverBores);
    }

    @Test
    void slipOfTheDemo_isFoundAndItsCureApplied(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.DONOR));
        settled();
        assertThat(desk.examination().survey(Side.DONOR).suspects()).hasSize(1);
        assertThat(desk.examination().report(Step.DONOR).worst()).isEqualTo(Severity.STOP);
        robot.clickOn(robot.lookup(".cure-button")
                .match((Node node) -> ((Labeled) node).getText().startsWith("R12 as"))
                .<Node>query());
        settled();
        assertThat(desk.examination().survey(Side.DONOR).suspects()).isEmpty();
        assertThat(survey().reading("R12").orElseThrow().value()).isCloseTo(0.130175, within(1e-9));
    }

    @Test
    void readingTakenUpAgain_isReplacedOrStruckOut(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.DONOR));
        settled();
        click(robot, "#reading-R2");
        assertThat(text(robot, "#wanted")).startsWith("Once more R2");
        robot.write("101.5").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(survey().reading("R2").orElseThrow().value()).isCloseTo(0.1015, within(1e-12));
        click(robot, "#reading-R2");
        click(robot, "#reading-strike");
        assertThat(survey().reading("R2")).isEmpty();
    }

    /** Readings first: what they measure is made by them and stays where they say. */
    @Test
    void newBoss_isMadeByItsThreeReadings(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.DONOR));
        settled();
        int readings = survey().readings().size();
        ComboBox<String> which = robot.lookup("#point-which").queryComboBox();
        robot.interact(() -> which.setValue("a new boss here"));
        fill(robot, "#made-called", "torque arm lug");
        fill(robot, "#made-forward", "-85");
        fill(robot, "#made-left", "3 1/8 in");
        fill(robot, "#made-its-hole", "10.2");
        click(robot, "#made-take");
        assertThat(text(robot, "#made-problem")).isNotBlank();
        fill(robot, "#made-up", "42.5");
        click(robot, "#made-take");
        settled();
        Boss made = desk.session().job().donor().bosses().stream()
                .filter(boss -> boss.label().equals("torque arm lug"))
                .findFirst()
                .orElseThrow();
        assertThat(made.position().distanceTo(new Vec3(-0.085, 0.079375, 0.0425)))
                .isLessThan(1e-9);
        assertThat(survey().readings()).hasSize(readings + 3);
        assertThat(desk.examination()
                        .survey(Side.DONOR)
                        .point(made.id())
                        .orElseThrow()
                        .position()
                        .distanceTo(made.position()))
                .isLessThan(1e-9);
        robot.interact(() -> desk.session().undo());
        assertThat(survey().readings()).hasSize(readings);
        assertThat(desk.session().job().donor().boss(made.id())).isEmpty();
    }

    @Test
    void pointOfOnesOwn_isMeasuredToo(FxRobot robot) {
        emptySheet(robot);
        addAllBosses(robot);
        ComboBox<String> which = robot.lookup("#point-which").queryComboBox();
        robot.interact(() -> which.setValue("a point of my own"));
        click(robot, "#point-name");
        robot.write("filter")
                .type(KeyCode.TAB)
                .write("120 -80")
                .type(KeyCode.TAB)
                .write("8");
        click(robot, "#point-take");
        assertThat(text(robot, "#point-problem")).contains("place");
        assertThat(robot.lookup("#point-name").queryAs(TextField.class).getText())
                .isEqualTo("filter");
        fill(robot, "#point-place", "120 -80 20");
        click(robot, "#point-take");
        assertThat(survey().point("filter").orElseThrow().bore()).isEqualTo(0.008);
        assertThat(survey().point("filter").orElseThrow().about().distanceTo(new Vec3(0.12, -0.08, 0.02)))
                .isLessThan(1e-12);
    }
}
