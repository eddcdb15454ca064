package oddcradle.bench;

import java.util.function.BooleanSupplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;

/** Prints the word that the measuring process waits for, once the scene is ready and has been drawn twice since. */
final class FirstFrame {
    static final String USABLE = "usable";

    private FirstFrame() {}

    static void report(Scene scene, BooleanSupplier ready) {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                if (scene.getWindow().isShowing() && ready.getAsBoolean() && ++pulses == 2) {
                    stop();
                    System.out.println(USABLE);
                    Platform.exit();
                }
            }
        }.start();
    }
}
