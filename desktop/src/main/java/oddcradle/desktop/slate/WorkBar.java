package oddcradle.desktop.slate;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import oddcradle.desktop.task.LongWork;

/** How far a long computation is, and a button that ends it; gone while nothing runs. */
public final class WorkBar extends HBox {
    public WorkBar(LongWork work) {
        super(8);
        setId("work-bar");
        getStyleClass().add("field-row");
        Label what = new Label();
        what.textProperty().bind(work.whatProperty());
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(120);
        bar.progressProperty().bind(work.shareProperty());
        Button end = new Button("stop");
        end.setId("work-end");
        end.getStyleClass().add("plain-button");
        end.setOnAction(click -> work.end());
        getChildren().addAll(what, bar, end);
        visibleProperty().bind(work.whatProperty().isNotEmpty());
        managedProperty().bind(visibleProperty());
    }
}
