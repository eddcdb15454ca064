package oddcradle.desktop.app;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import oddcradle.core.finding.Step;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.JobSession;
import oddcradle.desktop.task.LiveExamination;
import oddcradle.desktop.task.Workers;
import oddcradle.files.job.EmptyBench;
import oddcradle.files.job.UnsavedJobs;
import oddcradle.files.settings.Settings;
import oddcradle.files.shelf.OwnShelves;

/** The program with its window. */
public final class OddCradle extends Application {
    @Override
    public void start(Stage stage) {
        open(stage, getParameters().getRaw(), paper -> getHostServices()
                .showDocument(paper.toUri().toString()));
    }

    /**
     * Fills a stage; {@link Launcher#prepare} must have been called.
     *
     * @param opener opens a written paper in the program that this system has for it
     */
    public static void open(Stage stage, List<String> arguments, Consumer<Path> opener) {
        Look.loadFonts();
        // The window stands while the first job is still being read.
        JobSession session = new JobSession(Clock.systemUTC(), EmptyBench.load(), UnsavedJobs.ofThisUser());
        LiveExamination live =
                new LiveExamination(Workers.inOrder("examination"), Workers.ui(), Preparation.examined());
        Desk desk = new Desk(session, live, OwnShelves.ofThisUser());
        boolean shots = arguments.size() >= 2 && arguments.get(0).equals("shots");
        // Pictures are of one size, whatever the user's window is.
        Settings settings = shots ? Settings.forThisRun() : Settings.ofThisUser();
        MainWindow window = new MainWindow(stage, desk, settings, Workers.inOrder("papers and files"), opener);
        window.show();
        Preparation.whenRead(first -> Platform.runLater(() -> {
            if (shots) {
                // Nothing that an earlier run left is to be seen in them.
                session.openUnsaved(first.document());
                new Shots(window, Path.of(arguments.get(1))).begin();
                return;
            }
            window.files().begin(first);
            if (arguments.contains("train")) {
                endOnceShown(window, live);
            } else if (first.isNothing()) {
                window.beginNew();
            }
        }));
    }

    /** Every step once, then the end: what a start loads has been loaded by then. */
    private static void endOnceShown(MainWindow window, LiveExamination live) {
        live.curesProperty().addListener((property, before, cures) -> {
            for (Step step : Step.values()) {
                window.desk().goTo(step);
            }
            Platform.runLater(Platform::exit);
        });
    }
}
