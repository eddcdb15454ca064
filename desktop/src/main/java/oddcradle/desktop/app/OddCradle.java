package oddcradle.desktop.app;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Application;
import javafx.stage.Stage;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.JobSession;
import oddcradle.desktop.task.LiveExamination;
import oddcradle.desktop.task.Workers;
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
        Preparation.First first = Preparation.await();
        JobSession session = new JobSession(Clock.systemUTC(), first.document(), UnsavedJobs.ofThisUser());
        LiveExamination live = new LiveExamination(Workers.inOrder("examination"), Workers.ui());
        Desk desk = new Desk(session, live, OwnShelves.ofThisUser());
        boolean shots = arguments.size() >= 2 && arguments.get(0).equals("shots");
        // Pictures are of one size, whatever the user's window is.
        Settings settings = shots ? Settings.forThisRun() : Settings.ofThisUser();
        MainWindow window = new MainWindow(stage, desk, settings, Workers.inOrder("papers and files"), opener);
        if (shots) {
            window.show();
            new Shots(window, Path.of(arguments.get(1))).begin();
            return;
        }
        window.show();
        window.files().begin(first.file(), first.trouble());
        if (first.isNothing()) {
            window.beginNew();
        }
    }
}
