package oddcradle.desktop.step.measured;

import java.util.function.Consumer;
import javafx.geometry.HPos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import oddcradle.core.finding.Severity;
import oddcradle.core.survey.CheckedReading;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.ReadingWords;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.SeverityMark;

/** What has been read, each with its verdict; a click on its name takes it up again. */
final class ReadingList extends GridPane {
    private static final double FITS = 3;

    private final Consumer<Reading> again;

    ReadingList(Consumer<Reading> again) {
        this.again = again;
        setHgap(8);
        setVgap(1);
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        ColumnConstraints right = new ColumnConstraints();
        right.setHalignment(HPos.RIGHT);
        right.setMinWidth(USE_PREF_SIZE);
        ColumnConstraints verdict = new ColumnConstraints();
        verdict.setMinWidth(64);
        getColumnConstraints().addAll(new ColumnConstraints(), words, right, verdict);
    }

    void show(SurveyResult survey, UnitStyle style) {
        getChildren().clear();
        for (int row = 0; row < survey.readings().size(); row++) {
            CheckedReading checked = survey.readings().get(row);
            Reading reading = checked.reading();
            Hyperlink id = new Hyperlink(reading.id());
            id.setId("reading-" + reading.id());
            id.getStyleClass().add("why");
            id.setMinWidth(USE_PREF_SIZE);
            id.setOnAction(click -> again.accept(reading));
            Quantity value = reading instanceof Reading.Slope
                    ? Quantity.angle(reading.value())
                    : Quantity.length(reading.value());
            Label number = new Label(style.show(value));
            number.getStyleClass().add("figure-value");
            boolean suspect = survey.suspects().stream()
                    .anyMatch(each -> each.reading().id().equals(reading.id()));
            addRow(row, id, new Label(ReadingWords.of(reading)), number, verdict(checked, suspect));
        }
    }

    private static Label verdict(CheckedReading checked, boolean suspect) {
        Label label = new Label();
        Severity severity;
        if (suspect) {
            label.setText("disagrees");
            severity = Severity.STOP;
        } else if (!checked.checked()) {
            label.setText("unchecked");
            severity = Severity.NOTE;
        } else {
            boolean fits = Math.abs(checked.standardised()) <= FITS;
            label.setText(fits ? "agrees" : "strained");
            severity = fits ? Severity.GOOD : Severity.WATCH;
        }
        label.getStyleClass().addAll("verdict", SeverityMark.styleClass(severity));
        return label;
    }
}
