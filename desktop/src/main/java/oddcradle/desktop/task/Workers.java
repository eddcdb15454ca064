package oddcradle.desktop.task;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;

/** The executors of the window; daemon threads, so that closing the window ends the program. */
public final class Workers {
    private Workers() {}

    /** One thread, tasks in order. */
    public static ExecutorService inOrder(String name) {
        return Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** The interface thread. */
    public static Executor ui() {
        return Platform::runLater;
    }
}
