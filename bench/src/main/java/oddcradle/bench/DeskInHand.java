package oddcradle.bench;

import java.time.Clock;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import oddcradle.core.finding.Step;
import oddcradle.core.job.tube.Member;
import oddcradle.desktop.app.Launcher;
import oddcradle.desktop.app.MainWindow;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.JobSession;
import oddcradle.desktop.task.LiveExamination;
import oddcradle.desktop.task.Workers;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.UnsavedJobs;
import oddcradle.files.settings.Settings;
import oddcradle.files.shelf.OwnShelves;

/**
 * The program's window with the largest demo in a process of its own, used by a hand that never rests; prints how long it takes from each thing
 * done until it has been laid out, which is the program's own work, and until it has been drawn.
 */
public final class DeskInHand extends Application {
    private static final int SWITCHES = 1000;
    private static final int WARM = 100;
    private static final int OFTEN = 120;

    /** A thing to do, under the name its times are told together by; ready when the window shows it. */
    private record Deed(String name, Runnable what, BooleanSupplier shown) {}

    private final Deque<Deed> deeds = new ArrayDeque<>();
    private Desk desk;
    private Scene scene;
    /** When the pulse in which something was done had been laid out; 0 before. */
    private long laidOut;

    @Override
    public void start(Stage stage) throws Exception {
        Look.loadFonts();
        JobSession session =
                new JobSession(Clock.systemUTC(), DemoJobs.SALTMARSH_RUNABOUT.load(), UnsavedJobs.ofThisUser());
        LiveExamination live = new LiveExamination(Workers.inOrder("examination"), Workers.ui());
        desk = new Desk(session, live, OwnShelves.ofThisUser());
        new MainWindow(stage, desk, Settings.forThisRun(), Workers.inOrder("files"), paper -> {}).show();
        scene = stage.getScene();
        plan();
        scene.addPostLayoutPulseListener(() -> laidOut = laidOut == 0 ? System.nanoTime() : laidOut);
        new AnimationTimer() {
            private Deed now;
            private long begun;
            private int drawn;

            @Override
            public void handle(long pulse) {
                if (desk.examination() == null || live.curesProperty().get().isEmpty() && begun == 0) {
                    return;
                }
                // What was done before the last pulse has been drawn when the one after it begins.
                if (now != null) {
                    drawn = now.shown().getAsBoolean() ? drawn + 1 : 0;
                    if (drawn < 2) {
                        return;
                    }
                    System.out.printf(
                            Locale.ROOT,
                            "%s %.3f %.3f%n",
                            now.name(),
                            (laidOut - begun) / 1e6,
                            (System.nanoTime() - begun) / 1e6);
                }
                now = deeds.poll();
                if (now == null) {
                    stop();
                    System.out.println(FirstFrame.USABLE);
                    Platform.exit();
                    return;
                }
                drawn = 0;
                laidOut = 0;
                begun = System.nanoTime();
                now.what().run();
            }
        }.start();
    }

    private void plan() {
        Step[] steps = Step.values();
        for (Step step : steps) {
            add("first-sheet", () -> desk.goTo(step));
        }
        for (int k = 0; k < SWITCHES; k++) {
            Step step = steps[k % steps.length];
            add(k < WARM ? "warming" : "switch", () -> desk.goTo(step));
            if (k == WARM || k == SWITCHES - 1) {
                add("memory", () -> System.out.printf(Locale.ROOT, "heap %.3f 0%n", heap()));
            }
        }
        List<Member> tubes = desk.session().job().host().members();
        add("warming", () -> desk.goTo(Step.HOST));
        for (int k = 0; k < OFTEN; k++) {
            String tube = tubes.get(k % tubes.size()).id();
            add("select", () -> desk.selectionProperty().set(Optional.of(tube)));
        }
        for (int k = 0; k < OFTEN; k++) {
            add("fold", () -> ((ButtonBase) scene.lookup("#notes-good")).fire());
        }
        add("warming", () -> desk.goTo(Step.SEAT));
        add("warming", () -> ((ButtonBase) scene.lookup("#leaf-gaps")).fire());
        for (int k = 0; k < OFTEN; k++) {
            int column = k % 4;
            add("sort", () -> sortBy((TableView<?>) scene.lookup("#gap"), column));
        }
        for (Step step : List.of(Step.HOST, Step.CRADLE)) {
            add("warming", () -> desk.goTo(step));
            for (int k = 0; k < OFTEN; k++) {
                add("turn-" + step.title().toLowerCase(Locale.ROOT), () -> scene.lookup("#stand")
                        .fireEvent(left()));
            }
        }
        for (DemoJobs demo : List.of(DemoJobs.WHIMBREL, DemoJobs.SALTMARSH_RUNABOUT, DemoJobs.ORCHARD_TUG)) {
            var document = demo.load();
            add("second-job", () -> desk.session().openUnsaved(document), () -> desk.examination()
                    .job()
                    .equals(document.job()));
        }
    }

    private static <S> void sortBy(TableView<S> table, int column) {
        table.getSortOrder().setAll(List.of(table.getColumns().get(column)));
    }

    private static KeyEvent left() {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.LEFT, false, false, false, false);
    }

    private static double heap() {
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        return (runtime.totalMemory() - runtime.freeMemory()) / 1e6;
    }

    private void add(String name, Runnable what) {
        add(name, what, () -> true);
    }

    private void add(String name, Runnable what, BooleanSupplier shown) {
        deeds.add(new Deed(name, what, shown));
    }

    /** Entry that does not extend Application, as the toolkit wants it. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            // As many pulses as there is time for: a screen's own rhythm would be measured otherwise.
            System.setProperty("javafx.animation.fullspeed", "true");
            Launcher.prepare();
            Application.launch(DeskInHand.class, arguments);
        }
    }
}
