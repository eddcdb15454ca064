package oddcradle.bench;

import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;
import oddcradle.desktop.look.Look;

/** A window of the same theme and fonts with nothing in it; says when it has been drawn once. */
public final class EmptyWindow extends Application {
    @Override
    public void start(Stage stage) {
        Look.loadFonts();
        Scene scene = new Scene(new BorderPane(), 1280, 800);
        Look.PAPER.dress(scene);
        stage.setScene(scene);
        stage.show();
        FirstFrame.report(scene, () -> true);
    }

    /** Entry that does not extend Application, as the toolkit wants it. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            System.setProperty("prism.forceGPU", "true");
            Application.launch(EmptyWindow.class, arguments);
        }
    }
}
