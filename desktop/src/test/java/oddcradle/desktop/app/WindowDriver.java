package oddcradle.desktop.app;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import oddcradle.core.finding.Step;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.stand.Stand;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.JobSession;
import oddcradle.desktop.task.LiveExamination;
import oddcradle.desktop.task.Workers;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.UnsavedJobs;
import oddcradle.files.settings.Settings;
import oddcradle.files.shelf.OwnShelves;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Opens the real window with the demo job for a test, and what every such test does. */
@ExtendWith(ApplicationExtension.class)
abstract class WindowDriver {
    /** A study takes half a minute, and several times that where another lot of tests runs beside it. */
    private static final long LONGEST = 180;

    /** Where the window keeps jobs that are in no file. */
    @TempDir
    static Path kept;

    /** The paper that the window asked to be opened last. */
    final AtomicReference<Path> opened = new AtomicReference<>();

    Settings settings;
    Desk desk;
    MainWindow window;

    void open(Stage stage) {
        Look.loadFonts();
        settings = Settings.of(kept.resolve("settings-" + System.nanoTime()));
        desk = new Desk(
                new JobSession(
                        Clock.systemUTC(),
                        DemoJobs.SALTMARSH_RUNABOUT.load(),
                        new UnsavedJobs(
                                kept.resolve("unsaved"), ProcessHandle.current().pid())),
                new LiveExamination(Workers.inOrder("examination"), Workers.ui()),
                new OwnShelves(kept.resolve("shelves")));
        window = new MainWindow(stage, desk, settings, Workers.inOrder("files"), opened::set);
        window.show();
        // The drawn view is quick even where 3-D is drawn by software; the tests of the stand switch over.
        window.stand().show(Stand.Side.LEFT);
        stage.setX(0);
        stage.setY(0);
    }

    @BeforeEach
    void examined(FxRobot robot) {
        until(() ->
                desk.examination() != null && !desk.live().curesProperty().get().isEmpty());
        robot.interact(() -> desk.complaintProperty().set(""));
    }

    static void until(Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(LONGEST, TimeUnit.SECONDS, condition);
        } catch (TimeoutException late) {
            throw new AssertionError("waited " + LONGEST + " s in vain", late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Waits until the examination shown is that of the open job. */
    void settled() {
        until(() -> desk.examination().job().equals(desk.session().job()));
    }

    static String text(FxRobot robot, String id) {
        return robot.lookup(id).queryAs(Labeled.class).getText();
    }

    void type(FxRobot robot, String field, String text) {
        Fingers.type(robot.lookup(field).queryAs(TextField.class), text);
    }

    /** Scrolls the slate until the node can be clicked; a sheet may make its rows anew meanwhile. */
    void click(FxRobot robot, String id) {
        Node node = scrolledTo(robot, id);
        for (int tries = 0; robot.lookup(id).query() != node && tries < 5; tries++) {
            node = scrolledTo(robot, id);
        }
        Fingers.click(node);
    }

    private static Node scrolledTo(FxRobot robot, String id) {
        Node node = robot.lookup(id).query();
        WaitForAsyncUtils.waitForAsyncFx(60_000, () -> {
            ScrollPane slate = robot.lookup(".slate").queryAs(ScrollPane.class);
            double top =
                    slate.getContent().sceneToLocal(node.localToScene(0, 0)).getY();
            double room = slate.getContent().getBoundsInLocal().getHeight()
                    - slate.getViewportBounds().getHeight();
            slate.setVvalue(Math.max(0, Math.min(1, (top - 200) / Math.max(1, room))));
        });
        // The refresh that follows an examination comes a pulse later.
        WaitForAsyncUtils.waitForFxEvents(4);
        return node;
    }

    /** Goes to a sheet of a step. */
    void at(FxRobot robot, Step step, String leaf) {
        robot.interact(() -> desk.goTo(step));
        click(robot, "#leaf-" + leaf);
        settled();
    }

    /** Types into a field, brought into sight first, and waits for the examination. */
    void enter(FxRobot robot, String field, String text) {
        scrolledTo(robot, field);
        type(robot, field, text);
        settled();
    }

    /** Sets the text of a field that is taken together with others by a button. */
    static void fill(FxRobot robot, String field, String text) {
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(text));
    }

    static int rows(FxRobot robot, String table) {
        return robot.lookup(table).queryAs(TableView.class).getItems().size();
    }

    /** All labels in a box. */
    static String words(FxRobot robot, String box) {
        return robot.lookup(box).query().lookupAll(".label").stream()
                .map(label -> ((Labeled) label).getText())
                .collect(Collectors.joining(" | "));
    }

    static <T> void choose(FxRobot robot, String box, T value) {
        robot.interact(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<T> choice = robot.lookup(box).queryAs(ComboBox.class);
            choice.setValue(value);
        });
    }

    /** Words under a node that are shown with dots for their end. */
    static void cutWords(Node node, String where, Set<String> cut) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Labeled labeled && labeled.getText() != null && labeled.getWidth() > 0) {
            labeled.getChildrenUnmodifiable().stream()
                    .filter(Text.class::isInstance)
                    .map(child -> ((Text) child).getText())
                    .filter(shown -> !shown.equals(labeled.getText())
                            && (shown.contains("...") || shown.contains("…"))
                            && !labeled.getText().contains("…"))
                    .forEach(shown -> cut.add(where + shown));
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> cutWords(child, where, cut));
        }
    }
}
