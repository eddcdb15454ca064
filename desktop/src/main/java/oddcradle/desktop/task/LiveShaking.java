package oddcradle.desktop.task;

import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import oddcradle.core.examine.Examination;
import oddcradle.core.search.ShakeMaps;

/**
 * The map of every order at every speed, for whoever shows it: a good half second a machine, on a thread of its own, so that no examination waits for
 * it. The newest machine asked for wins. On the interface thread.
 */
public final class LiveShaking {
    private final Executor background;
    private final Executor ui;
    private final ReadOnlyObjectWrapper<Optional<Shaken>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Examination wanted;
    private boolean working;

    /**
     * @param of the machine whose maps they are
     * @param maps empty where nothing shakes yet
     */
    public record Shaken(Examination of, Optional<ShakeMaps.Maps> maps) {}

    public LiveShaking(Executor background, Executor ui) {
        this.background = background;
        this.ui = ui;
    }

    /** Returns at once; nothing is done where it is known, or being worked out. */
    public void ask(Examination examination) {
        if (examination == wanted) {
            return;
        }
        wanted = examination;
        if (!working) {
            work();
        }
    }

    private void work() {
        working = true;
        Examination now = wanted;
        background.execute(() -> {
            Optional<ShakeMaps.Maps> maps = ShakeMaps.of(now);
            ui.execute(() -> {
                working = false;
                if (now == wanted) {
                    shown.set(Optional.of(new Shaken(now, maps)));
                } else {
                    work();
                }
            });
        });
    }

    /** Whether something is still to come. */
    public boolean isWorking() {
        return working;
    }

    /** What was worked out last; of an earlier machine while the newest one is still being worked out. */
    public ReadOnlyObjectProperty<Optional<Shaken>> shownProperty() {
        return shown.getReadOnlyProperty();
    }
}
