package oddcradle.desktop.slate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class QuantityFieldTest {
    private final List<Double> taken = new ArrayList<>();
    private QuantityField field;

    @Start
    void start(Stage stage) {
        field = new QuantityField("length", "Length", Kind.LENGTH, value -> {
            if (value < 0) {
                throw new InvalidValue("length", "is below the floor, must be 0 or more");
            }
            taken.add(value);
        });
        field.show(0.1, UnitStyle.MILLIMETRES);
        TextField other = new TextField();
        other.setId("other");
        stage.setScene(new Scene(new VBox(field, other), 400, 200));
        stage.show();
    }

    private static TextField text(FxRobot robot) {
        return robot.lookup("#length").queryAs(TextField.class);
    }

    private static void type(FxRobot robot, String what) {
        robot.clickOn("#length");
        robot.interact(() -> text(robot).selectAll());
        robot.write(what);
    }

    @Test
    void enterTakesTheValue_andShowsItInTheUsualForm(FxRobot robot) {
        type(robot, "3/8");
        robot.type(KeyCode.ENTER);
        assertThat(taken).hasSize(1);
        assertThat(taken.get(0)).isCloseTo(0.009525, within(1e-12));
        assertThat(text(robot).getText()).isEqualTo("9.525");
        robot.type(KeyCode.ENTER);
        assertThat(taken).as("the same value is not taken twice").hasSize(1);
    }

    @Test
    void leavingTheField_takesTheValueToo(FxRobot robot) {
        type(robot, "12 mm");
        robot.clickOn("#other");
        assertThat(taken).hasSize(1);
        assertThat(taken.get(0)).isCloseTo(0.012, within(1e-12));
    }

    @Test
    void refusedValue_isKeptAsTyped_withTheReasonUnderIt(FxRobot robot) {
        type(robot, "-4");
        robot.type(KeyCode.ENTER);
        assertThat(taken).isEmpty();
        assertThat(text(robot).getText()).isEqualTo("-4");
        assertThat(robot.lookup("#length-problem").queryAs(Label.class).getText())
                .contains("below the floor");
        robot.type(KeyCode.ESCAPE);
        assertThat(text(robot).getText()).isEqualTo("100");
        assertThat(robot.lookup("#length-problem").tryQuery()).isEmpty();
    }

    @Test
    void newValueFromOutside_doesNotOverwriteWhatIsBeingTyped(FxRobot robot) {
        type(robot, "17");
        robot.interact(() -> field.show(0.2, UnitStyle.MILLIMETRES));
        assertThat(text(robot).getText()).isEqualTo("17");
        robot.type(KeyCode.ESCAPE);
        assertThat(text(robot).getText()).isEqualTo("200");
    }

    @Test
    void otherUnits_showAnotherNumber_withoutTakingIt(FxRobot robot) {
        robot.interact(() -> field.show(0.0254, UnitStyle.DECIMAL_INCHES));
        assertThat(text(robot).getText()).isEqualTo("1");
        robot.interact(() -> field.show(0.0254, UnitStyle.FRACTIONAL_INCHES));
        assertThat(text(robot).getText()).isEqualTo("1");
        assertThat(taken).isEmpty();
    }
}
