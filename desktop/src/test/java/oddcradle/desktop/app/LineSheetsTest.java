package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import javafx.event.ActionEvent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.step.line.RoadChart;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.clip.SaveRequest;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.w3c.dom.Document;

@ExtendWith(ApplicationExtension.class)
class LineSheetsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private Line line() {
        return desk.session().job().line();
    }

    private RoadChart chart() {
        return desk.examination().roadChart().orElseThrow();
    }

    private List<Solid> drawn(String part) {
        return JobDrawing.solids(desk.examination()).stream()
                .filter(each -> each.part().equals(part))
                .map(JobDrawing.PartSolid::solid)
                .toList();
    }

    @Test
    void teethAndAJackshaft_changeLengthSpeedEnvelopeAndFindings(FxRobot robot) {
        at(robot, Step.LINE, "stages");
        double speed = chart().topSpeed();
        double ratio = chart().gears().get(0).ratio();
        List<Solid> runs = drawn("S1");
        enter(robot, "#stage-front-teeth", "17");
        enter(robot, "#stage-rear-teeth", "43");
        assertThat(desk.examination()
                        .line()
                        .stages()
                        .get(0)
                        .chain()
                        .orElseThrow()
                        .links())
                .isEqualTo(90);
        assertThat(chart().gears().get(0).ratio()).isCloseTo(ratio * 43 / 17 * 14 / 41, within(1e-9));
        assertThat(chart().topSpeed()).isNotEqualTo(speed);
        assertThat(drawn("S1")).isNotEqualTo(runs);
        assertThat(desk.examination().report(Step.LINE).findings())
                .anyMatch(finding -> finding.code().id().equals("line.taller"));

        click(robot, "#open-S1");
        click(robot, "#stage-add");
        settled();
        assertThat(line().stages()).hasSize(2);
        JackShaft shaft = line().shafts().get(0);
        assertThat(drawn("J1")).hasSize(1);
        assertThat(drawn("S2")).hasSizeGreaterThanOrEqualTo(2);
        assertThat(chart().gears().get(0).ratio()).isCloseTo(ratio * 43 / 17 * 14 / 41 * 2, within(1e-9));
        click(robot, "#open-J1");
        enter(robot, "#stage-forward", "250");
        enter(robot, "#stage-left", "0");
        enter(robot, "#stage-driven-wheel-at", "108");
        assertThat(line().shafts().get(0).point().x()).isCloseTo(0.25, within(1e-12));
        assertThat(line().shafts().get(0).point().z()).isEqualTo(shaft.point().z());
        assertThat(desk.examination().line().stages().get(0).alignment().offset())
                .isCloseTo(0, within(1e-9));
        enter(robot, "#stage-keyway-deep", "13");
        assertThat(text(robot, "#stage-keyway-deep-problem")).contains("thinner than its key");
        click(robot, "#stage-out-S2");
        settled();
        assertThat(line().shafts()).isEmpty();
    }

    @Test
    void datum_isChosenAndLeavesWhatItLeaves(FxRobot robot) {
        at(robot, Step.LINE, "datum");
        assertThat(text(robot, "#datum-open"))
                .contains("forward:", "up:", "pitch:")
                .doesNotContain("left:");
        choose(robot, "#datum-rule", Datum.Rule.PIVOT_BOLT);
        settled();
        assertThat(line().datum().pivot()).isPresent();
        enter(robot, "#datum-bolt", "3/8");
        assertThat(line().datum().pivot().orElseThrow().bolt()).isCloseTo(0.009525, within(1e-12));
        until(() -> desk.examination().report(Step.LINE).figures().stream()
                .anyMatch(figure -> figure.name().equals("collar: wall")));
        enter(robot, "#datum-bolt", "0");
        assertThat(text(robot, "#datum-bolt-problem")).contains("greater than 0");
        choose(robot, "#datum-rule", Datum.Rule.SHAFT_COAXIAL);
        settled();
        assertThat(desk.examination().report(Step.LINE).findings())
                .anyMatch(finding -> finding.code().id().equals("line.datum-contradicts"));
    }

    @Test
    void drivenEndArmAndChart_areWrittenDownAndDrawn(FxRobot robot) {
        at(robot, Step.LINE, "driven");
        enter(robot, "#driven-tyre-radius", "11 in");
        assertThat(desk.session().job().host().drivenEnd().tyreRadius()).isCloseTo(0.2794, within(1e-12));
        click(robot, "#swing-arm");
        settled();
        assertThat(line().swingArm()).isPresent();
        enter(robot, "#arm-highest-below-level", "40");
        assertThat(text(robot, "#arm-highest-below-level-problem")).contains("swap them");
        @SuppressWarnings("unchecked")
        ComboBox<String> end = robot.lookup("#end-kind").queryAs(ComboBox.class);
        robot.interact(() -> end.setValue("generator or pump"));
        settled();
        enter(robot, "#end-poles-0-none", "3");
        assertThat(text(robot, "#end-poles-0-none-problem")).contains("must be even");
        robot.type(KeyCode.ESCAPE);
        robot.clickOn("#arm-highest-below-level").type(KeyCode.ESCAPE);
        at(robot, Step.LINE, "charts");
        Chart chart = robot.lookup("#chart-forces").queryAs(Chart.class);
        int[] inked = new int[1];
        robot.interact(() -> {
            WritableImage image = chart.snapshot(null, null);
            for (int x = 50; x < image.getWidth(); x += 3) {
                for (int y = 20; y < image.getHeight() - 40; y += 3) {
                    inked[0] += image.getPixelReader().getColor(x, y).getSaturation() > 0.4 ? 1 : 0;
                }
            }
        });
        assertThat(inked[0]).isGreaterThan(50);
        // The pointer over it reads every gear there.
        robot.moveTo(chart);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#chart-forces-reading")).contains("km/h").contains("resistance");
    }

    /** What a right click on a chart saves is read by others: a drawing with a line for each curve, a table with a column for each. */
    @Test
    void chart_isSavedAsADrawingAndAsATable(FxRobot robot, @TempDir Path folder) throws Exception {
        at(robot, Step.LINE, "charts");
        Chart chart = robot.lookup("#chart-forces").queryAs(Chart.class);
        AtomicReference<SaveRequest> asked = new AtomicReference<>();
        robot.interact(() -> chart.addEventHandler(SaveRequest.ASKED, request -> {
            asked.set(request);
            request.consume();
        }));
        robot.rightClickOn(chart).clickOn("Save …");
        until(() -> asked.get() != null);
        for (String ending : List.of("svg", "csv", "png")) {
            robot.interact(() -> window.handOuts().save(asked.get(), folder.resolve("forces." + ending)));
            until(() -> Files.exists(folder.resolve("forces." + ending)));
        }
        int curves = chart.diagram().curves().size();
        Document drawing = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(folder.resolve("forces.svg").toFile());
        assertThat(drawing.getElementsByTagName("polyline").getLength()).isGreaterThan(curves + 5);
        assertThat(drawing.getDocumentElement().getTextContent())
                .contains("km/h")
                .contains("resistance");
        List<String> rows = Files.readAllLines(folder.resolve("forces.csv"));
        assertThat(rows.size()).isGreaterThan(20);
        assertThat(rows.get(0)).contains("resistance");
        assertThat(ImageIO.read(folder.resolve("forces.png").toFile()).getWidth())
                .isGreaterThan((int) (1.9 * chart.getWidth()));
    }

    @Test
    void stagesOfTheTug_areOpenedReorderedAndPutBack(FxRobot robot) {
        robot.interact(() -> desk.session().openUnsaved(DemoJobs.ORCHARD_TUG.load()));
        settled();
        at(robot, Step.LINE, "stages");
        assertThat(text(robot, "#stage-opened")).contains("variator");
        put(robot, "#stage-belt-length", "1.7 m");
        assertThat(line().stages().get(0).measures().get(2).quantity().si()).isCloseTo(1.7, within(1e-12));
        put(robot, "#stage-clutch-shifted", "50");
        assertThat(text(robot, "#stage-clutch-shifted-problem")).contains("more than driverLow");
        press(robot, "#open-S3");
        assertThat(text(robot, "#stage-opened")).contains("gears");
        put(robot, "#stage-ratio", "6");
        double low = chart().gears().get(0).ratio();
        assertThat(low).isCloseTo(desk.examination().line().stages().get(0).ratio() * 2 * 6, within(1e-9));
        press(robot, "#stage-earlier-S3");
        settled();
        assertThat(line().stages().stream().map(each -> each.id())).containsExactly("S1", "S3", "S2");
        assertThat(line().shafts().stream().map(JackShaft::id)).containsExactly("J1", "J2");
        robot.interact(() -> desk.session().undo());
        settled();
        assertThat(line().stages().stream().map(each -> each.id())).containsExactly("S1", "S2", "S3");
        press(robot, "#stage-out-S1");
        settled();
        assertThat(line().stages()).hasSize(2);
        assertThat(line().shafts()).hasSize(1);
    }

    @Test
    void dishedSprocketAndSpacer_areOfferedAndTheFirstIsTaken(FxRobot robot) {
        at(robot, Step.LINE, "figures");
        until(() -> robot.lookup("#cure-line-offset").tryQuery().isPresent());
        assertThat(text(robot, "#figure-chain-planes-apart")).isEqualTo("4.6 mm");
        robot.clickOn("#cure-line-offset");
        settled();
        until(() -> text(robot, "#figure-chain-planes-apart").equals("0.0 mm"));
        assertThat(text(robot, "#figure-chain-pull-in-gear-5")).endsWith("kN");
    }

    /** Presses a button wherever the sheet has scrolled it to. */
    private void press(FxRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).queryAs(ButtonBase.class).fire());
        settled();
    }

    /** Puts a text into a field and takes it as Enter does, wherever the sheet has scrolled it to. */
    private void put(FxRobot robot, String field, String text) {
        robot.interact(() -> {
            TextField found = robot.lookup(field).queryAs(TextField.class);
            found.setText(text);
            found.fireEvent(new ActionEvent());
        });
        settled();
    }
}
