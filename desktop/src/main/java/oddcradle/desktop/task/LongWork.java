package oddcradle.desktop.task;

import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import oddcradle.core.control.Progress;
import oddcradle.core.math.InvalidValue;

/** One long computation at a time, with its progress and a way to end it; a new one ends the one before. */
public final class LongWork {
    private final Executor background;
    private final Executor ui;
    private static final String ENDED =
            "Ended before it was done. What stands below, if anything, is from the run before.";

    private final AtomicReference<Object> current = new AtomicReference<>();
    private Runnable ended = () -> {};
    private final ReadOnlyStringWrapper what = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper share = new ReadOnlyDoubleWrapper(0);

    /** @param background runs one task after the other */
    public LongWork(Executor background, Executor ui) {
        this.background = background;
        this.ui = ui;
    }

    /**
     * Returns at once.
     *
     * @param name of the work, for the reader
     * @param done gets the result on the interface thread, unless it was ended
     * @param refused gets a plain message instead, also when it is ended
     */
    public <T> void start(String name, Function<Progress, T> work, Consumer<T> done, Consumer<String> refused) {
        end();
        Object token = new Object();
        current.set(token);
        ended = () -> refused.accept(ENDED);
        what.set(name);
        share.set(0);
        background.execute(() -> {
            try {
                T result = work.apply(now -> {
                    ui.execute(() -> {
                        if (current.get() == token) {
                            share.set(now);
                        }
                    });
                    return current.get() == token;
                });
                finish(token, () -> done.accept(result));
            } catch (Progress.Cancelled ended) {
                finish(token, () -> {});
            } catch (InvalidValue invalid) {
                finish(token, () -> refused.accept(invalid.getMessage()));
            } catch (RuntimeException unexpected) {
                finish(token, () -> refused.accept("it could not be worked out: " + unexpected.getMessage()));
            }
        });
    }

    private void finish(Object token, Runnable then) {
        ui.execute(() -> {
            if (current.compareAndSet(token, null)) {
                what.set("");
                then.run();
            }
        });
    }

    /** Ends what is running; nothing comes of it but a word where its result would have been. */
    public void end() {
        if (current.getAndSet(null) != null) {
            what.set("");
            ended.run();
        }
    }

    /** What is running; empty if nothing. */
    public ReadOnlyStringProperty whatProperty() {
        return what.getReadOnlyProperty();
    }

    /** Of it that is done, 0 to 1. */
    public ReadOnlyDoubleProperty shareProperty() {
        return share.getReadOnlyProperty();
    }
}
