package oddcradle.desktop.app;

import javafx.application.Application;

/** Entry of the window. It must not extend Application, or JavaFX refuses to start from the class path. */
public final class Launcher {
    private Launcher() {}

    /**
     * @param arguments {@code demo}, {@code open FILE} or {@code shots DIR}; nothing opens the demo
     */
    public static void main(String[] arguments) {
        // Lets software GL in where there is no graphics card; it must be set before the toolkit starts.
        System.setProperty("prism.forceGPU", "true");
        Preparation.begin(arguments);
        Application.launch(OddCradle.class, arguments);
    }
}
