package oddcradle.desktop.task;

import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import oddcradle.core.examine.Examination;

/**
 * A study that takes a second or so a machine, for whoever shows it: on a thread of its own, so that no examination waits for it. The
 * newest machine asked for wins. On the interface thread.
 *
 * @param <T> what is found
 */
public final class LiveStudy<T> {
    private final Function<Examination, Optional<T>> study;
    private final Executor background;
    private final Executor ui;
    private final ReadOnlyObjectWrapper<Optional<Studied<T>>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Examination wanted;
    private boolean working;

    /**
     * @param of the machine that was studied
     * @param answer empty where there is nothing to study yet
     */
    public record Studied<T>(Examination of, Optional<T> answer) {}

    public LiveStudy(Function<Examination, Optional<T>> study, Executor background, Executor ui) {
        this.study = study;
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
            Optional<T> answer = study.apply(now);
            ui.execute(() -> {
                working = false;
                if (now == wanted) {
                    shown.set(Optional.of(new Studied<>(now, answer)));
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
    public ReadOnlyObjectProperty<Optional<Studied<T>>> shownProperty() {
        return shown.getReadOnlyProperty();
    }
}
