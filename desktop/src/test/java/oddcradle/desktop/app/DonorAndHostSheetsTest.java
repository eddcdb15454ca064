package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import oddcradle.core.card.Deed;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.SimulatedScanner;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.History;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.Side;
import oddcradle.core.weigh.Weighing;
import oddcradle.desktop.stand.Stand;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFiles;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The other sheets of donor and host, filled in by hand. */
class DonorAndHostSheetsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private Donor donor() {
        return desk.session().job().donor();
    }

    @Test
    void swing_isAddedFilledInAndStruckOut(FxRobot robot) {
        at(robot, Step.DONOR, "weigh");
        int before = donor().weighings().size();
        click(robot, "#weigh-swing");
        settled();
        assertThat(donor().weighings()).hasSize(before + 1);
        enter(robot, "#weigh-field-6", "1.73 s");
        Weighing.Pendulum swing = (Weighing.Pendulum) donor().weighings().get(before);
        assertThat(swing.period()).isCloseTo(1.73, within(1e-12));
        assertThat(desk.examination().weighed().contributions())
                .anyMatch(each -> each.weighing().equals(swing.id()));
        click(robot, "#weigh-strike");
        settled();
        assertThat(donor().weighings()).hasSize(before);
    }

    @Test
    void envelopeFromDimensions_takesRoomAtOnce(FxRobot robot) {
        at(robot, Step.DONOR, "engine");
        int parts = donor().bodies().size();
        click(robot, "#envelope");
        settled();
        assertThat(donor().bodies().size()).isGreaterThan(parts);
        enter(robot, "#shape-crank-to-head-top", "16 in");
        assertThat(donor().shape().orElseThrow().cylinderReach()).isCloseTo(0.4064, within(1e-12));
        robot.interact(() -> robot.lookup("#shape-layout").queryComboBox().setValue(EngineLayout.V_TWIN));
        settled();
        assertThat(donor().shape().orElseThrow().bank()).isCloseTo(Math.PI / 2, within(1e-12));
        enter(robot, "#shape-case-ahead-of-crank", "12 m");
        assertThat(text(robot, "#shape-case-ahead-of-crank-problem")).contains("must lie between");
        click(robot, "#envelope");
        assertThat(donor().bodies()).hasSize(parts);
    }

    @Test
    void outputHoleAndHistory_areWrittenDown(FxRobot robot) {
        at(robot, Step.DONOR, "engine");
        robot.interact(() -> robot.lookup("#output-turn").queryComboBox().setValue(Turn.CLOCKWISE));
        assertThat(donor().output().turn()).isEqualTo(Turn.CLOCKWISE);
        enter(robot, "#boss-depth", "18");
        assertThat(donor().bosses().get(0).hole().depth()).isCloseTo(0.018, within(1e-12));
        at(robot, Step.DONOR, "history");
        click(robot, "#check-3-fault");
        settled();
        assertThat(donor().history().checks())
                .anyMatch(check -> check.what().equals(History.USUAL.get(3)) && check.found() == History.Found.FAULT);
        assertThat(desk.examination().report(Step.DONOR).findings())
                .anyMatch(finding -> finding.code().id().equals("donor.fault"));
    }

    @Test
    @Tag("solid")
    void candidates_areComparedReorderedAndSeated(FxRobot robot) {
        at(robot, Step.DONOR, "compare");
        until(() -> robot.lookup("#seat-1").tryQuery().isPresent());
        String first =
                robot.lookup("#candidates .wanted").queryAs(Labeled.class).getText();
        Slider fit = robot.lookup("#care-fit").queryAs(Slider.class);
        assertThat(fit.getValue()).isEqualTo(8);
        click(robot, "#care-power");
        robot.interact(() -> robot.lookup("#care-power").queryAs(Slider.class).requestFocus());
        robot.type(KeyCode.RIGHT, 5);
        settled();
        assertThat(desk.session().job().weights().power()).isGreaterThan(5);
        robot.interact(() -> window.stand().show(Stand.Side.CANDIDATES));
        assertThat(robot.lookup("#candidates-view").tryQuery()).isPresent();
        assertThat(first).startsWith("1  ");
        int compared = desk.session().job().candidates().size();
        robot.interact(() -> robot.lookup("#candidate-envelope").queryButton().fire());
        assertThat(desk.session().job().candidates()).hasSize(compared + 1);
        robot.interact(desk.session()::undo);
        robot.interact(() -> robot.lookup("#seat-1").queryButton().fire());
        settled();
        assertThat(donor().name()).isEqualTo("Bothy 688");
        assertThat(desk.session().job().candidates())
                .anyMatch(other -> other.name().equals("Tern 471"));
    }

    @Test
    void rustedWall_isReckonedWith(FxRobot robot) {
        at(robot, Step.HOST, "tubes");
        robot.interact(() -> desk.selectionProperty().set(Optional.of("H1L")));
        enter(robot, "#pit-depth", "0.9");
        assertThat(desk.session()
                        .job()
                        .host()
                        .member("H1L")
                        .orElseThrow()
                        .condition()
                        .orElseThrow()
                        .remainingWall())
                .isCloseTo(0.002413 - 0.0009, within(1e-9));
        enter(robot, "#pit-depth", "9");
        assertThat(text(robot, "#pit-depth-problem")).contains("rusted through");
        click(robot, "#wall-sound");
        assertThat(desk.session().job().host().member("H1L").orElseThrow().condition())
                .isEmpty();
        at(robot, Step.HOST, "keep-out");
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void everyDemo_opensAndIsExamined(FxRobot robot) {
        for (DemoJobs demo : DemoJobs.values()) {
            robot.interact(() -> desk.session().openUnsaved(demo.load()));
            settled();
            for (Step step : Step.values()) {
                robot.interact(() -> desk.goTo(step));
            }
            assertThat(desk.complaintProperty().get()).isEmpty();
            assertThat(desk.live().failureProperty().get()).isEmpty();
        }
    }

    @Test
    void scanBesideTheJob_isReadAndSetByPicks(FxRobot robot, @TempDir Path folder) throws IOException {
        Path file = folder.resolve("scanned.cradle.json");
        List<Solid> solids = donor().bodies().stream()
                .flatMap(part -> part.solids().stream())
                .toList();
        MeshFiles.writeStl(
                folder.resolve("tern.stl"),
                SimulatedScanner.scan(solids, 0.0003, 2, new Random(1)),
                LengthUnit.MILLIMETRE);
        robot.interact(() -> {
            window.files().saveAs(file);
            desk.apply(new BodyEdit.ChangeDonor(
                    donor().withScan(Optional.of(new Scan("tern.stl", 0.001, List.of()))), "scan", "scan"));
        });
        at(robot, Step.DONOR, "scan");
        until(() -> desk.examination().scans().of("tern.stl").isPresent());
        assertThat(text(robot, "#scan-problem")).contains("needs 3 more");
        for (Boss boss : donor().bosses()) {
            robot.interact(() -> {
                robot.lookup("#scan-point").<String>queryComboBox().setValue(boss.id());
                robot.lookup("#scan-pick").queryButton().fire();
                desk.pickOnScan(boss.position());
            });
        }
        settled();
        assertThat(desk.examination()
                        .scanPlace(Side.DONOR)
                        .orElseThrow()
                        .fit()
                        .orElseThrow()
                        .rms())
                .isLessThan(1e-9);
        assertThat(desk.examination().ledger().near())
                .anyMatch(gap -> gap.donorPart().id().equals("SCAN"));
    }

    @Test
    void pipeAndServicePart_areAddedAndMeasuredOnTheirCards(FxRobot robot) {
        at(robot, Step.DONOR, "parts");
        add(robot, "a pipe");
        enter(robot, "#card-called", "breather");
        enter(robot, "#card-corners", "100 -120 50; 200 -120 50; 200 -120");
        assertThat(text(robot, "#card-corners-problem")).contains("no. 3 has 2 numbers");
        enter(robot, "#card-corners", "100 -120 50; 200 -120 50; 200 -120 150");
        enter(robot, "#card-bend-radius", "20");
        enter(robot, "#card-diameter", "1/2 in");
        assertThat(donor().pipes().get(0).diameter()).isCloseTo(0.0127, within(1e-12));
        at(robot, Step.DONOR, "parts");
        add(robot, "a part to come off");
        enter(robot, "#card-until-free", "60");
        assertThat(donor().services()).hasSize(2);
        assertThat(donor().services().get(1).travel()).isCloseTo(0.06, within(1e-12));
        at(robot, Step.DONOR, "parts");
        click(robot, "#part-" + donor().services().get(1).id());
        assertThat(text(robot, "#card-title")).contains("new part to come off");
    }

    /** Chooses what is to be added; its card opens. */
    private void add(FxRobot robot, String words) {
        ComboBox<Deed> box = robot.lookup("#card-add").queryComboBox();
        robot.interact(() -> box.setValue(box.getItems().stream()
                .filter(deed -> deed.words().equals(words))
                .findFirst()
                .orElseThrow()));
        settled();
    }

    @Test
    void nodeTubeAndKeepOut_areTypedIn(FxRobot robot) {
        at(robot, Step.HOST, "tubes");
        fill(robot, "#node-called", "X1");
        fill(robot, "#node-at", "480 330 220");
        click(robot, "#node-take");
        fill(robot, "#new-tube-called", "H40");
        fill(robot, "#new-tube-nodes", "X1 X2");
        click(robot, "#new-tube-take");
        assertThat(text(robot, "#new-tube-problem")).contains("\"X2\"");
        fill(robot, "#new-tube-nodes", "X1 CR");
        click(robot, "#new-tube-take");
        settled();
        assertThat(desk.session().job().host().member("H40")).isPresent();
        at(robot, Step.HOST, "keep-out");
        int before = desk.session().job().host().keepOuts().size();
        add(robot, "a keep-out");
        enter(robot, "#card-called", "battery");
        enter(robot, "#card-box-1-middle", "700 -200 400");
        assertThat(desk.session().job().host().keepOuts()).hasSize(before + 1);
        assertThat(desk.session().job().host().keepOuts().get(before).label()).isEqualTo("battery");
    }
}
