package oddcradle.desktop.app;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.stage.Stage;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.JobSession;
import oddcradle.desktop.store.Recents;
import oddcradle.desktop.task.LiveExamination;
import oddcradle.desktop.task.Workers;
import oddcradle.files.job.UnsavedJobs;

/** The program with its window. */
public final class OddCradle extends Application {
    @Override
    public void start(Stage stage) {
        open(stage, getParameters().getRaw());
    }

    /** Fills a stage; {@link Launcher#prepare} must have been called. */
    public static void open(Stage stage, List<String> arguments) {
        Look.loadFonts();
        Preparation.First first = Preparation.await();
        JobSession session = new JobSession(Clock.systemUTC(), first.document(), UnsavedJobs.ofThisUser());
        LiveExamination live = new LiveExamination(Workers.inOrder("examination"), Workers.ui());
        Desk desk = new Desk(session, live);
        MainWindow window = new MainWindow(
                stage,
                desk,
                new Recents(Preferences.userNodeForPackage(OddCradle.class)),
                Workers.inOrder("papers and files"));
        window.show();
        first.file().ifPresent(window::open);
        if (!first.problem().isEmpty()) {
            desk.complaintProperty().set(first.problem());
        }
        if (arguments.size() >= 2 && arguments.get(0).equals("shots")) {
            new Shots(window, Path.of(arguments.get(1))).begin();
        }
    }
}
