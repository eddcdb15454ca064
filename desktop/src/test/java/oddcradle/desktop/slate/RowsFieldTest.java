package oddcradle.desktop.slate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import oddcradle.core.drive.Stage.Chain;
import oddcradle.core.drive.Stage.Gears;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class RowsFieldTest {
    private final List<List<List<Double>>> taken = new ArrayList<>();
    private final List<String> words = new ArrayList<>();
    private final List<Double> measures = new ArrayList<>();
    private RowsField rows;
    private MeasureFields fields;

    @Start
    void start(Stage stage) {
        rows = new RowsField(
                "curve", "Torque curve", "speed torque", List.of(Kind.ROTATION_SPEED, Kind.TORQUE), taken::add);
        rows.show(List.of(List.of(200.0, 30.0), List.of(400.123456789, 40.0)), UnitStyle.MILLIMETRES);
        WordField word = new WordField("word", "Reason", "because", typed -> {
            if (typed.isEmpty()) {
                throw new InvalidValue("reason", "is empty, say why");
            }
            words.add(typed);
        });
        word.show("old", UnitStyle.MILLIMETRES);
        fields = new MeasureFields("stage", (index, value) -> measures.add(index + value));
        fields.show(new Chain("S1", "chain", 0.015875, 14, 41, 30_000, 0.012, 0.9), UnitStyle.MILLIMETRES);
        stage.setScene(new Scene(new VBox(rows, word, fields), 500, 400));
        stage.show();
    }

    private static void enter(FxRobot robot, String field, String typed) {
        robot.clickOn(field);
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).clear());
        robot.write(typed);
        robot.type(KeyCode.ENTER);
    }

    private static String text(FxRobot robot, String field) {
        return robot.lookup(field).queryAs(TextField.class).getText();
    }

    @Test
    void numbersThatWereNotTouched_keepTheirLastDigit(FxRobot robot) {
        String shown = text(robot, "#curve");
        enter(robot, "#curve", shown.replace(" 30;", " 33;"));
        assertThat(taken).hasSize(1);
        assertThat(taken.get(0).get(0).get(1)).isEqualTo(33.0);
        assertThat(taken.get(0).get(1).get(0)).isEqualTo(400.123456789);
    }

    @Test
    void rowsWithTheirOwnUnits_areRead(FxRobot robot) {
        enter(robot, "#curve", "2000rpm 25ft.lbf; 3000 40");
        assertThat(taken.get(0).get(0).get(0)).isCloseTo(2000 * Math.PI / 30, within(1e-9));
        assertThat(taken.get(0).get(0).get(1)).isCloseTo(33.9, within(0.01));
        enter(robot, "#curve", "");
        assertThat(taken.get(1)).isEmpty();
    }

    @Test
    void wrongRow_isNamedAndStays(FxRobot robot) {
        enter(robot, "#curve", "2000 28; 3000");
        assertThat(taken).isEmpty();
        assertThat(robot.lookup("#curve-problem").queryAs(Labeled.class).getText())
                .contains("no. 2 has \"3000\"");
        assertThat(text(robot, "#curve")).isEqualTo("2000 28; 3000");
        robot.clickOn("#curve").type(KeyCode.ESCAPE);
        assertThat(text(robot, "#curve")).contains("30");
        assertThat(robot.lookup("#curve-problem").tryQuery()).isEmpty();
    }

    @Test
    void words_areTakenTrimmedOrRefused(FxRobot robot) {
        enter(robot, "#word", "  the axle  ");
        assertThat(words).containsExactly("the axle");
        enter(robot, "#word", "");
        assertThat(robot.lookup("#word-problem").queryAs(Labeled.class).getText())
                .contains("say why");
        assertThat(words).hasSize(1);
    }

    @Test
    void measures_areShownByNameAndTakenByPlace(FxRobot robot) {
        assertThat(text(robot, "#stage-pitch")).isEqualTo("15.875");
        enter(robot, "#stage-rear-teeth", "43");
        assertThat(measures).containsExactly(1 + 43.0);
        robot.interact(() -> fields.show(new Gears("S2", "gears", 3.5, false, 0.9), UnitStyle.MILLIMETRES));
        assertThat(robot.lookup("#stage-pitch").tryQuery()).isEmpty();
        assertThat(text(robot, "#stage-ratio")).isEqualTo("3.5");
        robot.interact(() -> fields.clear());
        assertThat(robot.lookup("#stage-ratio").tryQuery()).isEmpty();
    }
}
