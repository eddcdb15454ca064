package oddcradle.desktop.task;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.job.Job;
import oddcradle.core.placement.Scans;
import oddcradle.core.report.Cure;
import oddcradle.core.search.MountAccess;
import oddcradle.core.search.SeatLimits;

/**
 * Keeps the examination true to the job while it is edited. Runs on the background executor; the newest job wins, those
 * overtaken on the way are never examined. Cures come after the figures, so that a dragging hand never waits for them.
 */
public final class LiveExamination {
    private final Executor background;
    private final Executor ui;
    private final AtomicReference<Asked> wanted = new AtomicReference<>();
    private final ReadOnlyObjectWrapper<Examination> examination = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Map<Finding, List<Cure>>> cures = new ReadOnlyObjectWrapper<>(Map.of());
    private final ReadOnlyObjectWrapper<Aside> aside = new ReadOnlyObjectWrapper<>(Aside.NONE);
    private final ReadOnlyObjectWrapper<String> failure = new ReadOnlyObjectWrapper<>("");

    private final AtomicReference<Scans> scans = new AtomicReference<>(Scans.NONE);

    private final CompletableFuture<Examination> prepared;

    /** Worker's own; the last answer, which lends its parts to the next. */
    private Examination latest;

    /** Each question is one of its own: the same job with scans that were read meanwhile is asked anew. */
    private static final class Asked {
        private final Job job;
        private final Scans scans;

        Asked(Job job, Scans scans) {
            this.job = job;
            this.scans = scans;
        }
    }

    /** What takes longer than a hand would wait: how far the seat can go, and the tools that reach its bolts. */
    public record Aside(List<SeatLimits.Limit> limits, List<MountAccess.Bolt> bolts) {
        public static final Aside NONE = new Aside(List.of(), List.of());

        public Aside {
            limits = List.copyOf(limits);
            bolts = List.copyOf(bolts);
        }
    }

    /** @param background runs one task after the other */
    public LiveExamination(Executor background, Executor ui) {
        this(background, ui, CompletableFuture.completedFuture(null));
    }

    /** @param prepared a first answer that is worked out elsewhere, to be lent to those that follow; null for none */
    public LiveExamination(Executor background, Executor ui, CompletableFuture<Examination> prepared) {
        this.background = background;
        this.ui = ui;
        this.prepared = prepared;
    }

    /** Asks for this job; returns at once. */
    public void examine(Job job) {
        if (wanted.getAndSet(new Asked(job, scans.get())) == null) {
            background.execute(this::work);
        }
    }

    /** Takes up other scans and asks for the job anew. */
    public void examine(Job job, Scans newScans) {
        scans.set(newScans);
        examine(job);
    }

    private void work() {
        if (latest == null) {
            latest = prepared.exceptionally(failed -> null).join();
        }
        Asked asked = wanted.get();
        Asked next;
        do {
            examineOne(asked);
            next = wanted.get();
            if (next == asked && wanted.compareAndSet(asked, null)) {
                return;
            }
            asked = wanted.get();
        } while (true);
    }

    private void examineOne(Asked asked) {
        try {
            Examination result = latest == null
                    ? Examination.of(asked.job, asked.scans)
                    : Examination.of(asked.job, asked.scans, latest);
            latest = result;
            ui.execute(() -> {
                failure.set("");
                examination.set(result);
            });
            offerCures(asked, result);
            lookAside(asked, result);
        } catch (RuntimeException unexpected) {
            ui.execute(() -> failure.set("this job could not be examined: " + unexpected.getMessage()));
        }
    }

    private void offerCures(Asked asked, Examination result) {
        Map<Finding, List<Cure>> found = new LinkedHashMap<>();
        for (Finding finding : new ArrayList<>(result.findings())) {
            if (wanted.get() != asked) {
                return;
            }
            List<Cure> offered = Cures.of(result, finding);
            if (!offered.isEmpty()) {
                found.put(finding, offered);
            }
        }
        ui.execute(() -> {
            if (examination.get() == result) {
                cures.set(found);
            }
        });
    }

    private void lookAside(Asked asked, Examination result) {
        if (wanted.get() != asked) {
            return;
        }
        Aside seen = new Aside(SeatLimits.of(result), MountAccess.of(result));
        ui.execute(() -> {
            if (examination.get() == result) {
                aside.set(seen);
            }
        });
    }

    /** For the examination now shown, a moment after it. */
    public ReadOnlyObjectProperty<Aside> asideProperty() {
        return aside.getReadOnlyProperty();
    }

    /** Null until the first job is examined. */
    public ReadOnlyObjectProperty<Examination> examinationProperty() {
        return examination.getReadOnlyProperty();
    }

    /** Cures of the findings now shown. */
    public ReadOnlyObjectProperty<Map<Finding, List<Cure>>> curesProperty() {
        return cures.getReadOnlyProperty();
    }

    /** Why the newest job could not be examined; empty if it could. */
    public ReadOnlyObjectProperty<String> failureProperty() {
        return failure.getReadOnlyProperty();
    }
}
