package oddcradle.desktop.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.stand.Stand;
import oddcradle.desktop.store.Desk;
import oddcradle.files.job.DemoJobs;

/** Takes one picture of every main view of the open job and ends the program. */
final class Shots {
    private static final Duration SETTLE = Duration.millis(900);

    private final MainWindow window;
    private final Path folder;
    private final Deque<Runnable> steps = new ArrayDeque<>();

    Shots(MainWindow window, Path folder) {
        this.window = window;
        this.folder = folder;
    }

    void begin() {
        for (Step step : Step.values()) {
            if (step != Step.FIT) {
                picture(name(step), () -> {
                    window.desk().selectionProperty().set(Optional.empty());
                    window.desk().goTo(step);
                    if (step == Step.CRADLE) {
                        turnTo("bolts");
                    }
                });
            }
        }
        picture("11-four-views", () -> {
            window.desk().goTo(Step.SEAT);
            window.stand().show(Stand.Side.ALL);
        });
        steps.add(() -> {
            window.stand().show(Stand.Side.THREE_QUARTER);
            window.changeLook();
            window.desk().goTo(Step.LINE);
            turnTo("things");
            window.desk().selectionProperty().set(Optional.of("S1"));
        });
        steps.add(() -> ((ToggleButton) window.scene().lookup("#card-roller-chains")).fire());
        picture("12-shelf-night", () -> ((ScrollPane) window.scene().lookup(".slate")).setVvalue(1));
        picture("15-candidates", () -> {
            window.changeLook();
            window.desk().selectionProperty().set(Optional.empty());
            window.desk().goTo(Step.DONOR);
            turnTo("compare");
            window.stand().show(Stand.Side.CANDIDATES);
        });
        picture("17-seat-search", () -> {
            window.stand().show(Stand.Side.THREE_QUARTER);
            window.desk().goTo(Step.SEAT);
            turnTo("search");
            press("search-run");
        });
        picture("18-cradle-proposals", () -> {
            window.desk().goTo(Step.CRADLE);
            turnTo("cradles");
            press("propose-run");
        });
        asBuilt();
        fromNothing();
        steps.add(Platform::exit);
        next();
    }

    private static String name(Step step) {
        return String.format(Locale.ROOT, "%02d-%s", step.number(), step.title().toLowerCase(Locale.ROOT));
    }

    /** The demo that was measured as it came out. */
    private void asBuilt() {
        steps.add(() -> window.files().openDemo(DemoJobs.HUT_SKID));
        picture(name(Step.FIT), () -> {
            window.desk().goTo(Step.FIT);
            turnTo("what-to-do");
        });
    }

    /** A machine of one's own, from the first screen to a tube drawn by hand. */
    private void fromNothing() {
        picture("13-first-screen", window::beginNew);
        steps.add(window::practise);
        // Before anything is read every machine of this lesson looks alike.
        picture("19-practice-bench", () -> ((ToggleButton) window.scene().lookup("#lesson-align")).fire());
        steps.add(() -> press("practice-leave"));
        // A page is there only once it has been laid out.
        steps.add(() -> press("begin-machine"));
        steps.add(() -> press("family-trike"));
        picture(
                "14-does-it-go-in",
                () -> window.scene().lookup("#floor-bay-length").requestFocus());
        steps.add(() -> press("begin-job"));
        picture("16-drawing-a-tube", () -> {
            window.desk().goTo(Step.HOST);
            turnTo("tubes");
            window.desk().drawingProperty().set(true);
            Map<String, Vec3> places = window.desk().session().job().host().places();
            Vec3 from = places.get("BL");
            Vec3 to = places.get("DR");
            window.desk()
                    .sketchProperty()
                    .set(Optional.of(new Desk.Sketch(from, to, Phrase.of("{}", Quantity.length(from.distanceTo(to))))));
        });
    }

    private void turnTo(String leaf) {
        ((ToggleButton) window.scene().lookup("#leaf-" + leaf)).fire();
    }

    private void press(String button) {
        ((Button) window.scene().lookup("#" + button)).fire();
    }

    private void picture(String name, Runnable arrange) {
        steps.add(arrange);
        steps.add(() -> write(name));
    }

    private void next() {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished(settled -> {
            boolean examined = window.desk().examination() != null
                    && window.desk()
                            .examination()
                            .job()
                            .equals(window.desk().session().job());
            if (!examined
                    || window.desk().shaking().isWorking()
                    || window.desk().proof().isWorking()
                    || window.desk().workshop().isWorking()
                    || window.desk().fitUp().isWorking()
                    || !window.desk().work().whatProperty().get().isEmpty()) {
                next();
                return;
            }
            try {
                steps.remove().run();
            } catch (RuntimeException failed) {
                // Nobody would end a window that waits for its next picture.
                Platform.exit();
                throw failed;
            }
            if (!steps.isEmpty()) {
                next();
            }
        });
        pause.play();
    }

    private void write(String name) {
        try {
            Files.createDirectories(folder);
            ImageIO.write(
                    SwingFXUtils.fromFXImage(window.scene().snapshot(null), null),
                    "png",
                    folder.resolve(name + ".png").toFile());
        } catch (IOException failed) {
            throw new UncheckedIOException("the picture " + name + " could not be written", failed);
        }
    }
}
