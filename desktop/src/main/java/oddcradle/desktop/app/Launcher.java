package oddcradle.desktop.app;

import javafx.application.Application;

/** Entry of the window. It must not extend Application, or JavaFX refuses to start from the class path. */
public final class Launcher {
    private Launcher() {}

    /**
     * @param arguments {@code demo [NAME]}, {@code open FILE}, {@code shots DIR}, or {@code train}, which opens the demo and ends once it is shown;
     *     nothing opens the demo
     */
    public static void main(String[] arguments) {
        prepare(arguments);
        Application.launch(OddCradle.class, arguments);
    }

    /** What must happen before the toolkit starts, or may happen beside its start. */
    public static void prepare(String... arguments) {
        // Lets software GL in where there is no graphics card.
        System.setProperty("prism.forceGPU", "true");
        Preparation.begin(arguments);
    }
}
