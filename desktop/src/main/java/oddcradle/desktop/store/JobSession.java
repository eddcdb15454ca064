package oddcradle.desktop.store;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.math.InvalidValue;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.job.Recovered;
import oddcradle.files.job.UnsavedJobs;

/**
 * The one open job. The only way to change it is {@link #apply}; undo goes back through every job it has been, without
 * limit. Edits of one kind that follow within a second count as one. Used from the interface thread, but for the
 * recovery, which may be kept from another.
 */
public final class JobSession {
    private static final Duration PAUSE = Duration.ofMillis(900);

    private final Clock clock;
    private final JobStore store;
    private final UnsavedJobs unsaved;
    private final ReadOnlyObjectWrapper<JobDocument> document = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Optional<Phrase>> undoLabel = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Phrase>> redoLabel = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyIntegerWrapper openings = new ReadOnlyIntegerWrapper();
    private final Deque<UndoStep> done = new ArrayDeque<>();
    private final Deque<UndoStep> undone = new ArrayDeque<>();
    private Optional<Job> saved = Optional.empty();
    /** What the recovery file should hold but does not yet; written by any thread that holds the lock. */
    private final AtomicReference<Optional<Unkept>> unkept = new AtomicReference<>(Optional.empty());

    private boolean inHand;
    /** Whether the last step was made by the hand that pulls now or pulled last. */
    private boolean stepInHand;

    private final Object recoveryLock = new Object();

    /** Recovered work that is taken up, to be forgotten as soon as it is kept anew. */
    private final List<Recovered> takenUp = new ArrayList<>();

    private record Unkept(Optional<Path> file, JobDocument document) {}

    private record UndoStep(JobEdit edit, Instant at, JobDocument before, JobDocument after) {
        Phrase label() {
            return edit.label(before.job(), after.job());
        }
    }

    /** @param unsaved where jobs are kept that are in no file yet */
    public JobSession(Clock clock, JobDocument first, UnsavedJobs unsaved) {
        this.clock = clock;
        this.store = new JobStore(clock);
        this.unsaved = unsaved;
        begin(first, Optional.empty(), Optional.of(first.job()));
    }

    private void begin(JobDocument opened, Optional<Path> from, Optional<Job> inFile) {
        done.clear();
        undone.clear();
        saved = inFile;
        file.set(from);
        show(opened);
        openings.set(openings.get() + 1);
    }

    private void show(JobDocument shown) {
        changed.set(!Optional.of(shown.job()).equals(saved));
        undoLabel.set(Optional.ofNullable(done.peek()).map(UndoStep::label));
        redoLabel.set(Optional.ofNullable(undone.peek()).map(UndoStep::label));
        unkept.set(changed.get() ? Optional.of(new Unkept(file.get(), shown)) : Optional.empty());
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

    /** How many jobs have been opened; it changes when another one has. */
    public ReadOnlyIntegerProperty openedProperty() {
        return openings.getReadOnlyProperty();
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
        UndoStep last = done.peek();
        boolean goesOn = last != null && undone.isEmpty() && goesOn(last, edit, now);
        if (goesOn) {
            done.pop();
        }
        JobDocument start = goesOn ? last.before() : before;
        if (!start.job().equals(after.job())) {
            done.push(new UndoStep(goesOn && inHand ? last.edit() : edit, now, start, after));
            stepInHand = inHand;
        }
        undone.clear();
        show(after);
    }

    private boolean goesOn(UndoStep last, JobEdit edit, Instant now) {
        if (inHand || stepInHand) {
            return inHand && stepInHand;
        }
        return last.edit().mergeKey().equals(edit.mergeKey())
                && Duration.between(last.at(), now).compareTo(PAUSE) < 0;
    }

    /** From here on all edits are one step, named after the first, until {@link #letGo}: a hand pulls something. */
    public void takeInHand() {
        inHand = true;
        stepInHand = false;
    }

    public void letGo() {
        inHand = false;
    }

    public void undo() {
        if (!done.isEmpty()) {
            UndoStep step = done.pop();
            undone.push(step);
            show(step.before());
        }
    }

    public void redo() {
        if (!undone.isEmpty()) {
            UndoStep step = undone.pop();
            done.push(step);
            show(step.after());
        }
    }

    /** Opens a file; if it cannot be read, the open job stays as it is. */
    public void open(Path path) throws IOException {
        JobDocument opened = store.open(path);
        begin(opened, Optional.of(path), Optional.of(opened.job()));
    }

    /** Opens a file that has been read already. */
    public void open(Path path, JobDocument read) {
        begin(read, Optional.of(path), Optional.of(read.job()));
    }

    /** Opens a job that is in no file yet. */
    public void openUnsaved(JobDocument opened) {
        begin(opened, Optional.empty(), Optional.of(opened.job()));
    }

    /** Opens a job that was made just now: it is kept for recovery and asked about until it is saved. */
    public void openNew(JobDocument made) {
        begin(made, Optional.empty(), Optional.empty());
    }

    /** The versions kept of a file, newest first. */
    public List<Path> versions(Path path) throws IOException {
        return store.versions(path);
    }

    /** Opens an earlier version in the place of its file; it counts as changed until it is saved. */
    public void openVersion(Path path, Path version) throws IOException {
        begin(store.open(version), Optional.of(path), Optional.empty());
    }

    /** Work on the open file that was not saved when programs ended, newest first. */
    public List<Recovered> recovered() throws IOException {
        return file.get().isPresent() ? store.recovered(file.get().get()) : List.of();
    }

    /** Jobs in no file that were open when programs ended, newest first. */
    public List<Recovered> unsavedJobs() {
        return unsaved.left();
    }

    /** Takes up recovered work on the open file as an edit that can be undone. */
    public void recover(Recovered recovered) {
        takeUp(recovered);
        replace(recovered.document(), "recover the unsaved work");
    }

    /** Opens a recovered job that is in no file. */
    public void openRecovered(Recovered recovered) {
        takeUp(recovered);
        begin(recovered.document(), Optional.empty(), Optional.empty());
    }

    private void takeUp(Recovered recovered) {
        synchronized (recoveryLock) {
            takenUp.add(recovered);
        }
    }

    /** The user does not want recovered work on the open file now; it goes among the kept versions. */
    public void leave(Recovered recovered) throws IOException {
        store.leave(file.get().orElseThrow(), recovered);
    }

    private void replace(JobDocument after, String words) {
        JobDocument before = document.get();
        done.push(new UndoStep(new ReplaceJob(after.job(), words), Instant.EPOCH, before, after));
        undone.clear();
        show(after);
    }

    public void save(Path path) throws IOException {
        synchronized (recoveryLock) {
            unkept.set(Optional.empty());
            store.save(path, document.get());
            forgetTakenUp();
            if (file.get().isEmpty()) {
                unsaved.drop();
            }
        }
        saved = Optional.of(job());
        file.set(Optional.of(path));
        endStep();
        show(document.get());
    }

    /** What is saved can be undone to: the next edit is a step of its own however soon it comes. */
    private void endStep() {
        UndoStep last = done.poll();
        stepInHand = false;
        if (last != null) {
            done.push(new UndoStep(last.edit(), Instant.EPOCH, last.before(), last.after()));
        }
    }

    /** Writes the newest state of a changed job where a crash leaves it to be found; on any thread. */
    public void keepRecovery() throws IOException {
        synchronized (recoveryLock) {
            Optional<Unkept> newest = unkept.get();
            if (newest.isEmpty()) {
                return;
            }
            Unkept now = newest.get();
            if (now.file().isPresent()) {
                store.keepRecovery(now.file().get(), now.document());
            } else {
                unsaved.keep(now.document());
            }
            forgetTakenUp();
            unkept.compareAndSet(newest, Optional.empty());
        }
    }

    private void forgetTakenUp() throws IOException {
        for (Recovered each : takenUp) {
            store.drop(each);
        }
        takenUp.clear();
    }

    /** Forgets what is kept of the open job: the user has decided. What was recovered and not answered for stays. */
    public void dropRecovery() throws IOException {
        synchronized (recoveryLock) {
            unkept.set(Optional.empty());
            takenUp.clear();
            if (file.get().isPresent()) {
                store.dropRecovery(file.get().get());
            } else {
                unsaved.drop();
            }
        }
    }
}
