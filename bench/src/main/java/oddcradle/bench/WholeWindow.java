package oddcradle.bench;

import java.util.List;
import javafx.application.Application;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import oddcradle.desktop.app.Launcher;
import oddcradle.desktop.app.OddCradle;

/** The program's own window with the demo job; says when its first numbers have been drawn. */
public final class WholeWindow extends Application {
    @Override
    public void start(Stage stage) {
        OddCradle.open(stage, List.of(), paper -> {});
        FirstFrame.report(stage.getScene(), () -> {
            Node figure = stage.getScene().lookup("#figure-smallest-gap");
            return figure instanceof Labeled number && !number.getText().isEmpty();
        });
    }

    /** Entry that does not extend Application, as the toolkit wants it. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Launcher.prepare();
            Application.launch(WholeWindow.class, arguments);
        }
    }
}
