package oddcradle.desktop.store;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.JobEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;

/**
 * The one open job. The only way to change it is {@link #apply}; undo goes back through every job it has been, without
 * limit. Edits of one kind that follow within a second count as one. Used from the interface thread, but for the
 * recovery, which may be kept from another.
 */
public final class JobSession {
    private static final Duration PAUSE = Duration.ofMillis(900);

    private final Clock clock;
    private final JobStore store;
    private final ReadOnlyObjectWrapper<JobDocument> document = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Optional<Phrase>> undoLabel = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Phrase>> redoLabel = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Deque<Step> done = new ArrayDeque<>();
    private final Deque<Step> undone = new ArrayDeque<>();
    private Job saved;
    /** What the recovery file should hold but does not yet; written by any thread that holds the lock. */
    private final AtomicReference<Optional<Unkept>> unkept = new AtomicReference<>(Optional.empty());

    private final Object recoveryLock = new Object();

    private record Unkept(Path file, JobDocument document) {}

    private record Step(Phrase label, String mergeKey, Instant at, JobDocument before, JobDocument after) {}

    public JobSession(Clock clock, JobDocument first) {
        this.clock = clock;
        this.store = new JobStore(clock);
        begin(first, Optional.empty());
    }

    private void begin(JobDocument opened, Optional<Path> from) {
        done.clear();
        undone.clear();
        saved = opened.job();
        file.set(from);
        show(opened);
    }

    private void show(JobDocument shown) {
        changed.set(!shown.job().equals(saved));
        undoLabel.set(Optional.ofNullable(done.peek()).map(Step::label));
        redoLabel.set(Optional.ofNullable(undone.peek()).map(Step::label));
        unkept.set(changed.get() ? file.get().map(path -> new Unkept(path, shown)) : Optional.empty());
        // Last: who listens to the document finds the rest in order.
        document.set(shown);
    }

    public Job job() {
        return document.get().job();
    }

    /** The document; its job is never null. */
    public ReadOnlyObjectProperty<JobDocument> documentProperty() {
        return document.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** Whether the job differs from its file. */
    public ReadOnlyBooleanProperty changedProperty() {
        return changed.getReadOnlyProperty();
    }

    /** What undo would take back; empty if nothing. */
    public ReadOnlyObjectProperty<Optional<Phrase>> undoLabelProperty() {
        return undoLabel.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Optional<Phrase>> redoLabelProperty() {
        return redoLabel.getReadOnlyProperty();
    }

    /** @throws InvalidValue if the edit would not leave a job; nothing is changed then */
    public void apply(JobEdit edit) {
        JobDocument before = document.get();
        JobDocument after = before.withJob(edit.applyTo(before.job()));
        if (after.job().equals(before.job())) {
            return;
        }
        Instant now = clock.instant();
        Step last = done.peek();
        boolean goesOn = last != null
                && last.mergeKey().equals(edit.mergeKey())
                && undone.isEmpty()
                && Duration.between(last.at(), now).compareTo(PAUSE) < 0;
        if (goesOn) {
            done.pop();
        }
        done.push(new Step(edit.label(), edit.mergeKey(), now, goesOn ? last.before() : before, after));
        undone.clear();
        show(after);
    }

    public void undo() {
        if (!done.isEmpty()) {
            Step step = done.pop();
            undone.push(step);
            show(step.before());
        }
    }

    public void redo() {
        if (!undone.isEmpty()) {
            Step step = undone.pop();
            done.push(step);
            show(step.after());
        }
    }

    /** Opens a file; if it cannot be read, the open job stays as it is. */
    public void open(Path path) throws IOException {
        begin(store.open(path), Optional.of(path));
    }

    /** Opens a job that is in no file yet. */
    public void openUnsaved(JobDocument opened) {
        begin(opened, Optional.empty());
    }

    /** What was being edited in this file when the program last ended without saving. */
    public Optional<JobDocument> recovery(Path path) {
        return store.recovery(path);
    }

    /** Takes up the recovered state as an edit that can be undone. */
    public void recover(JobDocument recovered) {
        JobDocument before = document.get();
        done.push(new Step(Phrase.of("recover the unsaved work"), "recover", clock.instant(), before, recovered));
        undone.clear();
        show(recovered);
    }

    public void save(Path path) throws IOException {
        synchronized (recoveryLock) {
            unkept.set(Optional.empty());
            store.save(path, document.get());
        }
        saved = job();
        file.set(Optional.of(path));
        endStep();
        show(document.get());
    }

    /** What is saved can be undone to: the next edit is a step of its own however soon it comes. */
    private void endStep() {
        Step last = done.poll();
        if (last != null) {
            done.push(new Step(last.label(), last.mergeKey(), Instant.EPOCH, last.before(), last.after()));
        }
    }

    /** Writes the newest state of a changed job that has a file into its recovery file; on any thread. */
    public void keepRecovery() throws IOException {
        synchronized (recoveryLock) {
            Optional<Unkept> newest = unkept.get();
            if (newest.isPresent()) {
                store.keepRecovery(newest.get().file(), newest.get().document());
                unkept.compareAndSet(newest, Optional.empty());
            }
        }
    }

    /** Forgets the recovery: the user has decided. */
    public void dropRecovery() throws IOException {
        synchronized (recoveryLock) {
            unkept.set(Optional.empty());
            if (file.get().isPresent()) {
                store.dropRecovery(file.get().get());
            }
        }
    }
}
