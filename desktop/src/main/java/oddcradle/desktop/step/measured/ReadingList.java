package oddcradle.desktop.step.measured;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Severity;
import oddcradle.core.survey.CheckedReading;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.ReadingWords;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.Table;

/** What has been read, each with its verdict; a click on its name takes it up again. */
final class ReadingList extends VBox {
    private static final double FITS = 3;

    private final Table<CheckedReading> table;
    private Set<String> suspects = Set.of();
    private UnitStyle style = UnitStyle.MILLIMETRES;

    ReadingList(Consumer<Reading> again) {
        table = new Table<>(
                "reading",
                checked -> checked.reading().id(),
                List.of(
                        Table.Column.words(
                                "reading",
                                checked -> checked.reading().id() + "  " + ReadingWords.of(checked.reading())),
                        Table.Column.numbers(
                                "value",
                                () -> "",
                                checked -> checked.reading().value(),
                                checked -> style.show(value(checked.reading()))),
                        Table.Column.<CheckedReading>words("verdict", this::verdict)
                                .marked(checked -> Optional.of(severity(checked)))),
                checked -> again.accept(checked.reading()));
        table.whenEmpty("Nothing read yet.");
        getChildren().add(table);
    }

    private static Quantity value(Reading reading) {
        return reading instanceof Reading.Slope ? Quantity.angle(reading.value()) : Quantity.length(reading.value());
    }

    void show(SurveyResult survey, UnitStyle units) {
        style = units;
        suspects = survey.suspects().stream().map(each -> each.reading().id()).collect(Collectors.toSet());
        table.show(survey.readings());
        table.pickOnly("");
    }

    private String verdict(CheckedReading checked) {
        return switch (severity(checked)) {
            case STOP -> "disagrees";
            case WATCH -> "strained";
            case GOOD -> "agrees";
            default -> "unchecked";
        };
    }

    private Severity severity(CheckedReading checked) {
        if (suspects.contains(checked.reading().id())) {
            return Severity.STOP;
        }
        if (!checked.checked()) {
            return Severity.NOTE;
        }
        return Math.abs(checked.standardised()) <= FITS ? Severity.GOOD : Severity.WATCH;
    }
}
