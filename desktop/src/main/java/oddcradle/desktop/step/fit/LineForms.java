package oddcradle.desktop.step.fit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** What can be read of a line, one way after the other. */
final class LineForms extends VBox {
    private static final String TWO = "two dials, one on each hub";
    private static final String FACE = "rim and face";
    private static final String GAPS = "feelers at a coupling, or a shaft laser";
    private static final String EDGE = "straight-edge across two wheels";
    private static final String STRING = "string or laser line beside two wheels";
    private static final String ENDS = "tape at both ends of two shafts";
    private static final String THRUST = "one blade of the propeller, and a level";
    private static final String TRUE = "dial on what turns: does it run true";
    private static final String PLAY = "dial across a tooth: play of two gears";

    private final Desk desk;
    private final ComboBox<String> how = new ComboBox<>();
    private final VBox shown = new VBox(8);
    private final Map<String, Form> forms = new LinkedHashMap<>();
    private final List<ReadingForms> all;

    LineForms(Desk desk) {
        super(8);
        this.desk = desk;
        CheckBox simulated = new CheckBox("Simulated dials and laser");
        simulated.setId("align-simulated");
        ShaftForms shafts = new ShaftForms(desk, simulated::isSelected);
        WheelForms wheels = new WheelForms(desk, simulated::isSelected);
        TurningForms turning = new TurningForms(desk, simulated::isSelected);
        all = List.of(shafts, wheels, turning);
        forms.put(FACE, shafts.face());
        forms.put(TWO, shafts.two());
        forms.put(GAPS, shafts.gaps());
        forms.put(EDGE, wheels.edge());
        forms.put(STRING, wheels.string());
        forms.put(ENDS, wheels.ends());
        forms.put(THRUST, turning.thrust());
        forms.put(TRUE, turning.runOut());
        forms.put(PLAY, turning.play());
        how.setId("align-how");
        how.setAccessibleText("read with");
        how.getItems().setAll(forms.keySet());
        how.setConverter(new Words<>(how.getItems(), each -> each));
        how.setValue(usual());
        how.setOnAction(choice -> arrange());
        getChildren().addAll(Text.head("Read with"), how, simulated, shown);
        arrange();
    }

    void refresh() {
        all.forEach(ReadingForms::refresh);
    }

    private void arrange() {
        shown.getChildren().setAll(forms.get(how.getValue()));
    }

    /** What this line is usually read with. */
    private String usual() {
        boolean flies = desk.session()
                .job()
                .line()
                .end()
                .filter(LineEnd.Propeller.class::isInstance)
                .isPresent();
        Optional<Stage> first = desk.session().job().line().stages().stream().findFirst();
        return first.map(stage -> stage.isInPlane() ? STRING : FACE).orElse(flies ? THRUST : FACE);
    }
}
