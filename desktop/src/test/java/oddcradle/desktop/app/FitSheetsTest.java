package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import javafx.stage.Stage;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.fitup.ScanOnPlan;
import oddcradle.core.fitup.ScanWords;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Fitting;
import oddcradle.core.job.fit.RunOut;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Fit, sheet by sheet, at the skid whose third mount came out low and aside. */
@ExtendWith(ApplicationExtension.class)
class FitSheetsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    @BeforeEach
    void skid(FxRobot robot) {
        robot.interact(() -> window.files().openDemo(DemoJobs.HUT_SKID));
        until(() -> desk.session().job().name().equals("Hut skid")
                && desk.examination().job().equals(desk.session().job()));
    }

    private AsBuilt built() {
        return desk.session().job().asBuilt();
    }

    /** Reamed and shimmed by two clicks, lined up by dials that are simulated: at last nothing is worse than a note. */
    @Test
    void skid_isBroughtRight(FxRobot robot) {
        at(robot, Step.FIT, "found");
        until(() -> rows(robot, "#found") == 4 && rows(robot, "#pulls") == 8);
        assertThat(text(robot, "#fit-lies")).contains("turned by");
        at(robot, Step.FIT, "as-built");
        until(() -> text(robot, "#again-said").contains("new or worse"));
        assertThat(words(robot, "#again-turned")).contains("shaft centres");
        assertThat(nextTry(robot)).isBetween(50.0, 80.0);
        at(robot, Step.FIT, "what-to-do");
        until(() -> robot.lookup("#fit-done-ream-M3").tryQuery().isPresent());
        assertThat(text(robot, "#fit-sum")).startsWith("With this done the line, the gaps and every bolt are right");
        click(robot, "#fit-done-ream-M3");
        settled();
        until(() -> robot.lookup("#fit-done-ream-M3").tryQuery().isEmpty()
                && robot.lookup("#fit-done-shim-M3").tryQuery().isPresent());
        click(robot, "#fit-done-shim-M3");
        settled();
        until(() -> words(robot, "#fit-work").contains("nothing is missing"));
        assertThat(built().fitted("M3").thickness()).isBetween(0.002, 0.0025);
        assertThat(built().shafts()).isEmpty();
        assertThat(desk.examination().report(Step.FIT).findings())
                .noneMatch(finding -> finding.severity().isWorseThan(Severity.NOTE));
        at(robot, Step.FIT, "as-built");
        until(() -> nextTry(robot) > 90);
        assertThat(desk.examination().fit().mounts().sits().map(Seated::forces).orElseThrow())
                .allSatisfy(force -> assertThat(force.length()).isLessThan(1_000));
    }

    /** Chance that every bolt goes in by hand the next time, per cent. */
    private static double nextTry(FxRobot robot) {
        String told = text(robot, "#next-try");
        return Double.parseDouble(told.replaceAll(".*goes in by hand ([0-9.]+) %.*", "$1"));
    }

    @Test
    void dials_areTypedAndSimulated_andTheirShimsFitted(FxRobot robot) {
        at(robot, Step.FIT, "line-up");
        assertThat(rows(robot, "#align")).isEqualTo(4);
        int before = built().shafts().size();
        robot.interact(
                () -> robot.lookup("#align-simulated").queryAs(CheckBox.class).setSelected(true));
        click(robot, "#face-take");
        settled();
        assertThat(built().shafts()).hasSize(before + 1);
        fill(robot, "#face-rim", "0 0.5 2.0 1.5");
        fill(robot, "#face-face", "0 0 0");
        click(robot, "#face-take");
        assertThat(text(robot, "#face-problem")).contains("has 3 numbers");
        assertThat(built().shafts()).hasSize(before + 1);
        fill(robot, "#face-face", "0 0 0 0");
        click(robot, "#face-take");
        settled();
        assertThat(built().shafts()).hasSize(before + 2);
        // Half of bottom less top: the engine's shaft stands 1.0 mm low there, and warm it rises by 0.09 mm more.
        double lift = desk.examination().fit().line().shafts().get(before + 1).lift("M1");
        assertThat(lift).isBetween(0.00089, 0.00092);
        click(robot, "#align-fit");
        settled();
        assertThat(built().shafts()).isEmpty();
        assertThat(built().fitted("M1").thickness()).isCloseTo(lift, within(1e-6));
        fill(robot, "#foot-gap", "0.4");
        click(robot, "#foot-take");
        settled();
        assertThat(built().feet()).hasSize(1);
    }

    /** A third time of measuring begins with the same points and no reading; the sheet asks for the first. */
    @Test
    void anotherTime_isMeasured(FxRobot robot) {
        at(robot, Step.FIT, "measure");
        int times = built().measured().size();
        fill(robot, "#time-called", "painted");
        fill(robot, "#time-day", "the day after");
        click(robot, "#time-take");
        assertThat(text(robot, "#time-problem")).contains("year, month and day");
        fill(robot, "#time-day", "2026-06-01");
        click(robot, "#time-take");
        settled();
        assertThat(built().measured()).hasSize(times + 1);
        assertThat(built().survey().readings()).isEmpty();
        assertThat(text(robot, "#fit-time")).contains("painted", "Before that: tacked, welded");
        type(robot, "#reading-entry", "120.5");
        settled();
        Reading first = built().survey().readings().get(0);
        assertThat(Math.abs(first.value())).isEqualTo(0.1205);
    }

    @Test
    void logAndList_takeWhatIsWritten(FxRobot robot) {
        at(robot, Step.FIT, "in-and-out");
        int times = built().fittings().size();
        fill(robot, "#went-day", "2026-05-01");
        fill(robot, "#went-took", "1.5 h");
        click(robot, "#went-take");
        assertThat(text(robot, "#went-problem")).contains("a log runs forwards");
        fill(robot, "#went-day", "2026-05-30");
        click(robot, "#went-take");
        settled();
        Fitting last = built().fittings().get(times);
        assertThat(last.time()).isEqualTo(5_400);
        fill(robot, "#piece-from", "front tube");
        fill(robot, "#piece-length", "1/2 in");
        click(robot, "#piece-take");
        settled();
        assertThat(built().cutAway().get(built().cutAway().size() - 1).length()).isEqualTo(0.0127);
        at(robot, Step.FIT, "sign-off");
        click(robot, "#sign-threads");
        assertThat(text(robot, "#sign-problem")).contains("Who looked?");
        fill(robot, "#sign-who", "the owner");
        click(robot, "#sign-threads");
        settled();
        assertThat(built().inspection("threads").orElseThrow().who()).isEqualTo("the owner");
        click(robot, "#sign-again-threads");
        settled();
        assertThat(built().inspection("threads")).isEmpty();
    }

    @Test
    void ontoItsMounts_andTheWedge_areTold(FxRobot robot) {
        at(robot, Step.FIT, "onto-it");
        until(() -> words(robot, "#fitting-order").contains("Straps off"));
        assertThat(text(robot, "#tip-over")).contains("inside its supports");
        at(robot, Step.FIT, "what-to-do");
        List<String> typed = List.of("#wedge-front", "#wedge-back", "#wedge-length", "#wedge-lean");
        fill(robot, typed.get(0), "0");
        fill(robot, typed.get(1), "1.2 in");
        fill(robot, typed.get(2), "80");
        fill(robot, typed.get(3), "25");
        click(robot, "#wedge-take");
        assertThat(text(robot, "#wedge-answer")).contains("33.63 mm at the back edge");
    }

    /** Nothing but a tape: a hole is chosen, read from three planes, and the sheets say what came out and what nobody has measured. */
    @Test
    void mountNobodyMeasured_isMeasuredFromNothing(FxRobot robot) {
        robot.interact(() -> window.files().openDemo(DemoJobs.ORCHARD_TUG));
        until(() -> desk.session().job().name().equals("Orchard tug")
                && desk.examination().job().equals(desk.session().job()));
        at(robot, Step.FIT, "what-to-do");
        until(() -> text(robot, "#fit-sum").contains("Nothing is measured yet"));
        at(robot, Step.FIT, "measure");
        assertThat(text(robot, "#fit-time")).contains("Nothing is measured yet");
        Vec3 drawn = Side.MOUNT.places(desk.session().job()).get("M1");
        click(robot, "#point-add");
        settled();
        assertThat(built().survey().points()).extracting(SurveyPoint::id).containsExactly("M1");
        for (double value : List.of(drawn.x(), drawn.y(), drawn.z() - 0.002)) {
            type(robot, "#reading-entry", String.format(Locale.ROOT, "%.2f", value * 1000));
            settled();
        }
        assertThat(built().survey().readings()).hasSize(3);
        assertThat(desk.examination().fit().mounts().mounts().get(0).lacks()).isBetween(0.00199, 0.00201);
        assertThat(desk.examination().report(Step.FIT).findings())
                .anyMatch(finding -> finding.what().pattern().contains("not measured yet and are taken as drawn"));
        at(robot, Step.FIT, "found");
        until(() -> rows(robot, "#found") == 4);
        assertThat(text(robot, "#pull-learnt")).isEmpty();
    }

    /** A string beside two wheels, a tape between two shafts, a blade of a propeller, dials on gears and flywheel: each where its machine has one. */
    @Test
    void lineIsRead_withWhatTheMachineHas(FxRobot robot) {
        at(robot, Step.FIT, "line-up");
        choose(robot, "#align-how", "dial on what turns: does it run true");
        fill(robot, "#true-where", "flywheel");
        fill(robot, "#true-read", "0.6");
        click(robot, "#true-take");
        assertThat(text(robot, "#true-problem")).contains("diameter");
        fill(robot, "#true-diameter", "300");
        click(robot, "#true-take");
        settled();
        assertThat(built().runOuts()).extracting(RunOut::label).contains("flywheel");
        choose(robot, "#align-how", "dial across a tooth: play of two gears");
        fill(robot, "#play-least", "0.05");
        fill(robot, "#play-module", "3");
        fill(robot, "#play-centres", "100");
        click(robot, "#play-take");
        settled();
        assertThat(desk.examination().report(Step.FIT).findings())
                .anyMatch(finding -> finding.what().in(UnitStyle.MILLIMETRES).contains("it binds when warm"));
        choose(robot, "#align-how", "feelers at a coupling, or a shaft laser");
        int before = built().shafts().size();
        fill(robot, "#gaps-high", "0.9");
        fill(robot, "#gaps-gaps", "2.1 2 1.9");
        click(robot, "#gaps-take");
        assertThat(text(robot, "#gaps-problem")).contains("has 3 numbers");
        fill(robot, "#gaps-gaps", "2.1 2 1.9 2");
        fill(robot, "#gaps-diameter", "100");
        click(robot, "#gaps-take");
        settled();
        ShaftDials.Axis lies =
                desk.examination().fit().line().shafts().get(before).lies().vertical();
        assertThat(lies.offset()).isCloseTo(0.0009, within(1e-9));
        assertThat(lies.slope()).isCloseTo(-0.002, within(1e-9));
        choose(robot, "#align-how", "one blade of the propeller, and a level");
        click(robot, "#thrust-take");
        assertThat(text(robot, "#thrust-problem")).contains("this job drives no propeller");
    }

    /** The kart's chain: the laser that is simulated reads what it is set to, and mounts are told to move; the axle is taped. */
    @Test
    void laserAndTape_bringTheChainIntoLine(FxRobot robot) {
        demo(robot, DemoJobs.SALTMARSH_RUNABOUT, "Saltmarsh runabout");
        at(robot, Step.FIT, "line-up");
        assertThat(rows(robot, "#align")).isZero();
        robot.interact(
                () -> robot.lookup("#align-simulated").queryAs(CheckBox.class).setSelected(true));
        // A bar across each face: over the width of a sprocket alone a caliper says too little.
        fill(robot, "#string-driver-apart", "400");
        fill(robot, "#string-driven-apart", "400");
        click(robot, "#string-take");
        settled();
        assertThat(text(robot, "#align-said")).contains("beside each other");
        assertThat(rows(robot, "#align")).isEqualTo(4);
        assertThat(desk.examination().fit().line().wheels().get(0).offset()).isBetween(0.0014, 0.0034);
        choose(robot, "#align-how", "tape at both ends of two shafts");
        fill(robot, "#ends-left", "812");
        fill(robot, "#ends-right", "804");
        fill(robot, "#ends-apart", "400");
        click(robot, "#ends-take");
        settled();
        assertThat(text(robot, "#align-said")).contains("the shafts open by 1.15 ° to the left");
        assertThat(desk.examination().report(Step.FIT).findings())
                .anyMatch(finding -> finding.what().in(UnitStyle.MILLIMETRES).contains("holds all that was read"));
        // Laser and tape deny each other, so no move is told.
        assertThat(rows(robot, "#align")).isZero();
    }

    @Test
    void thrustLine_isReadByOneBlade(FxRobot robot) {
        demo(robot, DemoJobs.WHIMBREL, "Whimbrel");
        at(robot, Step.FIT, "line-up");
        fill(robot, "#thrust-radius", "700");
        fill(robot, "#thrust-mark", "-3200 0");
        fill(robot, "#thrust-left", "3600");
        fill(robot, "#thrust-right", "3640");
        click(robot, "#thrust-take");
        assertThat(text(robot, "#thrust-problem")).contains("has 2 numbers");
        fill(robot, "#thrust-mark", "-3200 0 400");
        click(robot, "#thrust-take");
        settled();
        assertThat(built().thrusts()).hasSize(1);
        assertThat(text(robot, "#align-said")).contains("the thrust line is");
        assertThat(rows(robot, "#align")).isEqualTo(4);
    }

    private void demo(FxRobot robot, DemoJobs demo, String name) {
        robot.interact(() -> window.files().openDemo(demo));
        until(() -> desk.session().job().name().startsWith(name)
                && desk.examination().job().equals(desk.session().job()));
    }

    /** Written down before, read again with the engine in: the second reading goes to the same panel. */
    @Test
    void panelGap_isWrittenTwice(FxRobot robot) {
        at(robot, Step.FIT, "in-and-out");
        fill(robot, "#panel-at", "hood, left");
        fill(robot, "#panel-gap", "4.5");
        click(robot, "#panel-take");
        settled();
        fill(robot, "#panel-at", "hood, left");
        fill(robot, "#panel-gap", "7.5");
        click(robot, "#panel-take");
        settled();
        assertThat(built().panels()).hasSize(1);
        assertThat(built().panels().get(0).now()).contains(0.0075);
        assertThat(rows(robot, "#panels")).isEqualTo(1);
        assertThat(desk.examination().report(Step.FIT).findings())
                .anyMatch(finding -> finding.what().in(UnitStyle.MILLIMETRES).contains("has opened by 3.00 mm"));
    }

    /** The finished mount scanned by the simulated scanner, laid by the machine's own points: the sheet tells the ends that came out beside their place, the worst first. */
    @Test
    void scanOfTheMount_isToldEndByEnd(FxRobot robot, @TempDir Path folder) {
        Path file = folder.resolve("skid.cradle.json");
        robot.interact(() -> window.files().saveAs(file));
        settled();
        at(robot, Step.FIT, "scan");
        robot.interact(
                () -> robot.lookup("#simulated-scanner").queryAs(CheckBox.class).setSelected(true));
        click(robot, "#simulate-scan");
        until(() -> desk.examination().scans().of("simulated-mount.stl").isPresent());
        assertThat(text(robot, "#scan-problem")).contains("needs 3 more");
        for (String node : List.of("AL", "AR", "CL", "CR")) {
            Vec3 at = Side.MOUNT.ties(desk.session().job()).get(node);
            robot.interact(() -> {
                robot.lookup("#scan-point").<String>queryComboBox().setValue(node);
                robot.lookup("#scan-pick").queryButton().fire();
                desk.pickOnScan(at);
            });
        }
        settled();
        until(() -> rows(robot, "#scan-off") > 4);
        assertThat(text(robot, "#scan-off-said")).contains("The machine's own tubes lie within 0.");
        ScanOnPlan.End worst = desk.scanStudy()
                .shownProperty()
                .get()
                .orElseThrow()
                .answer()
                .orElseThrow()
                .plan()
                .ends()
                .get(0);
        assertThat(ScanWords.place(desk.examination(), worst)).endsWith("under M3");
        assertThat(worst.off().z()).isBetween(-0.0026, -0.0016);
    }
}
