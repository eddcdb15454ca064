package oddcradle.desktop.look;

import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;
import oddcradle.core.finding.Severity;

/** A small shape for a severity: told apart without colour. */
public final class SeverityMark extends StackPane {
    public SeverityMark(Severity severity) {
        SVGPath shape = new SVGPath();
        shape.setContent(
                switch (severity) {
                    case STOP -> "M0 0H12V12H0Z";
                    case WATCH -> "M6 0L12.5 11.5H-0.5Z M6 3L2.1 9.9H9.9Z";
                    case NOT_CHECKED -> "M6 0A6 6 0 1 1 5.99 0Z M6 2A4 4 0 1 0 6.01 2Z";
                    case NOTE -> "M6 3A3 3 0 1 1 5.99 3Z";
                    case GOOD -> "M0.6 6.4L2.2 4.8L4.8 7.6L10.4 1.2L12 2.6L4.9 10.8Z";
                });
        shape.getStyleClass().addAll("severity-shape", styleClass(severity));
        getStyleClass().add("severity-mark");
        getChildren().add(shape);
        setMinSize(16, 16);
        setPrefSize(16, 16);
        setMaxSize(16, 16);
    }

    /** The style class that colours something by severity. */
    public static String styleClass(Severity severity) {
        return switch (severity) {
            case STOP -> "stop";
            case WATCH -> "watch";
            case NOT_CHECKED, NOTE -> "note";
            case GOOD -> "good";
        };
    }
}
