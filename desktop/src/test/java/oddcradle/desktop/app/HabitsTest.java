package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import javax.imageio.ImageIO;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.DecimalMark;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.command.Command;
import oddcradle.desktop.look.Look;
import oddcradle.files.handout.SolidsAsMesh;
import oddcradle.files.job.JobStore;
import oddcradle.files.settings.Settings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What people expect of any program on their desktop. */
class HabitsTest extends WindowDriver {
    private Stage stage;

    @Start
    void start(Stage shown) {
        stage = shown;
        open(shown);
    }

    /** Let go in the other order: a letter that is still down without its Ctrl would be typed, again and again. */
    private void keys(FxRobot robot, KeyCode... codes) {
        robot.press(codes);
        for (int k = codes.length - 1; k >= 0; k--) {
            robot.release(codes[k]);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    private List<String> words(FxRobot robot) {
        return robot.lookup("#help-body Text").queryAllAs(Text.class).stream()
                .map(Text::getText)
                .toList();
    }

    @Test
    void finder_opensSheetsThingsAndCommandsByTypedWords(FxRobot robot) {
        keys(robot, KeyCode.CONTROL, KeyCode.K);
        robot.write("weigh");
        robot.type(KeyCode.ENTER);
        until(() -> desk.stepProperty().get() == Step.DONOR);
        assertThat(robot.lookup("#leaf-weigh").<ToggleButton>query().isSelected())
                .isTrue();

        keys(robot, KeyCode.CONTROL, KeyCode.K);
        robot.write("silencer part");
        robot.type(KeyCode.ENTER);
        until(() -> desk.selectionProperty()
                .get()
                .flatMap(id -> desk.session().job().label(id))
                .filter(label -> label.equalsIgnoreCase("silencer"))
                .isPresent());

        keys(robot, KeyCode.CONTROL, KeyCode.K);
        robot.write("nig");
        robot.type(KeyCode.ENTER);
        until(window::isNight);

        keys(robot, KeyCode.CONTROL, KeyCode.K);
        robot.write("zzz nothing of the kind");
        robot.type(KeyCode.ENTER);
        assertThat(robot.lookup("#finder").tryQuery()).isPresent();
        robot.type(KeyCode.ESCAPE);
        until(() -> robot.lookup("#finder").tryQuery().isEmpty());
    }

    @Test
    void title_namesJobFileAndUnsavedChanges(FxRobot robot, @TempDir Path folder) {
        assertThat(stage.getTitle()).isEqualTo("Saltmarsh runabout · Odd Cradle");
        robot.interact(() -> desk.apply(new JobEdit.MoveSeat(new Vec3(0, 0, 0.01))));
        until(() -> stage.getTitle().startsWith("* Saltmarsh"));
        robot.interact(() -> window.files().saveAs(folder.resolve("mine.cradle.json")));
        until(() -> stage.getTitle().equals("Saltmarsh runabout · mine.cradle.json · Odd Cradle"));
    }

    @Test
    void unitsLookAndPanes_areThereAtTheNextStart(FxRobot robot) throws Exception {
        robot.clickOn("#units").clickOn("#menu-units-decimal-inches");
        until(() -> desk.units() == UnitStyle.DECIMAL_INCHES);
        assertThat(text(robot, "#units")).isEqualTo(UnitStyle.DECIMAL_INCHES.label());
        keys(robot, KeyCode.CONTROL, KeyCode.D);
        SplitPane panes = robot.lookup("#pane-slate").query();
        Node divider = panes.lookup(".split-pane-divider");
        Bounds at = divider.localToScreen(divider.getBoundsInLocal());
        double before = slateWidth(panes);
        robot.drag(at.getCenterX(), at.getCenterY()).dropBy(-60, 0);
        double pulled = slateWidth(panes);
        assertThat(pulled).isCloseTo(before + 60, within(8.0));
        robot.interact(() -> stage.setWidth(stage.getWidth() - 90));
        until(() -> Math.abs(slateWidth(panes) - pulled) < 3);
        robot.interact(window::quit);
        List<Path> files;
        try (var all = Files.list(kept)) {
            files = all.filter(file -> file.getFileName().toString().startsWith("settings-"))
                    .toList();
        }
        Settings next = files.stream()
                .map(Settings::of)
                .filter(each -> each.number("slate.width", 0) > 0)
                .findFirst()
                .orElseThrow();
        assertThat(next.one("units", UnitStyle.MILLIMETRES)).isEqualTo(UnitStyle.DECIMAL_INCHES);
        assertThat(next.one("look", Look.PAPER)).isEqualTo(Look.NIGHT);
        assertThat(next.number("slate.width", 0)).isCloseTo(pulled, within(2.0));
    }

    private static double slateWidth(SplitPane panes) {
        return panes.getItems().get(1).getBoundsInParent().getWidth();
    }

    @Test
    void numbersAreShownAndTypedWithTheUsersMark(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.SEAT));
        try {
            robot.clickOn("#show-menu").clickOn("#menu-decimal");
            WaitForAsyncUtils.waitForFxEvents();
            until(() -> text(robot, "#figure-smallest-gap").contains(","));
            enter(robot, "#seat-up", "471,5");
            assertThat(desk.session().job().seat().value(Freedom.UP)).isCloseTo(0.4715, within(1e-12));
            assertThat(settings.one("decimal", DecimalMark.POINT)).isEqualTo(DecimalMark.COMMA);
        } finally {
            DecimalMark.use(DecimalMark.POINT);
        }
    }

    @Test
    void help_opensAtTheStep_followsLinks_andNamesEveryKey(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.CRADLE));
        keys(robot, KeyCode.F1);
        until(() -> words(robot).stream()
                .anyMatch(each -> each.toLowerCase(Locale.ROOT).contains("cradle")));
        robot.type(KeyCode.ESCAPE);
        until(() -> Window.getWindows().stream().filter(Window::isShowing).count() == 1);
        robot.clickOn("#help-menu").clickOn("#menu-keys");
        until(() -> words(robot).contains("Save under another name …"));
        assertThat(words(robot)).contains("Ctrl+K", "F1", "Save").noneMatch(each -> each.contains("KEYS"));
        robot.type(KeyCode.ESCAPE);
    }

    /** A library that is shipped and not named breaks its licence. */
    @Test
    void about_namesEveryLibraryThatIsShipped(FxRobot robot) {
        robot.clickOn("#help-menu").clickOn("#menu-about");
        until(() -> words(robot).stream().anyMatch(each -> each.startsWith("Odd Cradle ")));
        String named = words(robot).stream().collect(Collectors.joining(" ")).toLowerCase(Locale.ROOT);
        assertThat(named).contains("0.1.0").doesNotContain("${");
        List<String> shipped = Arrays.stream(
                        System.getProperty("java.class.path").split(File.pathSeparator))
                .map(jar -> Path.of(jar).getFileName().toString().toLowerCase(Locale.ROOT))
                .filter(
                        jar -> jar.matches(
                                "(atlantafx|commonmark|commons-|ejml|hipparchus|indriya|jackson|jakarta|javafx|obj-|pdfbox|fontbox|unit-api|uom-lib|picocli).*"))
                .map(jar -> jar.replaceAll("-[0-9].*", "").split("-")[0])
                .distinct()
                .toList();
        assertThat(shipped).hasSizeGreaterThan(10);
        assertThat(shipped).allSatisfy(library -> assertThat(named).contains(library));
        robot.type(KeyCode.ESCAPE);
    }

    /** A key that two commands share would do but one of them. */
    @Test
    void everyCommandHasAnIdAndKeysOfItsOwn(FxRobot robot) {
        List<Command> all = new Commands(window).all();
        assertThat(all).hasSizeGreaterThan(25);
        assertThat(all.stream().map(Command::id)).doesNotHaveDuplicates();
        List<String> keys = all.stream()
                .flatMap(command -> command.keys().stream())
                .map(Object::toString)
                .toList();
        assertThat(keys).hasSizeGreaterThan(15).doesNotHaveDuplicates();
    }

    @Test
    void whatIsHandedOut_isInItsFile_andOnTheClipboard(FxRobot robot, @TempDir Path folder) throws Exception {
        Path png = folder.resolve("stand.png");
        Path svg = folder.resolve("view.svg");
        Path stl = folder.resolve("frame.stl");
        robot.interact(() -> window.handOuts().picture(png));
        robot.interact(() -> window.handOuts().svg(svg));
        robot.interact(() -> window.handOuts().stl(SolidsAsMesh.Of.HOST, stl));
        until(() -> Files.exists(stl) && text(robot, "#handed-out").contains("frame.stl"));
        assertThat(ImageIO.read(png.toFile()).getWidth())
                .isGreaterThan((int) (1.9 * window.stand().getWidth()));
        assertThat(svg).content().contains("data-part=\"H1L\"");
        robot.clickOn("#handed-out-open");
        assertThat(opened.get()).isEqualTo(stl);
        robot.clickOn("#hand-out-menu").clickOn("#menu-copy");
        robot.clickOn("#menu-copy-cuts");
        robot.interact(() -> assertThat(Clipboard.getSystemClipboard().getString())
                .contains("cut length [mm]")
                .contains(desk.session().job().cradle().members().get(0).label()));
        // A folder that is none takes nothing, and says so.
        robot.interact(() -> window.handOuts().picture(stl.resolve("no").resolve("stand.png")));
        until(() -> desk.complaintProperty().get().contains("could not be written"));
    }

    @Test
    void droppedFiles_areTakenOrRefusedInWords(FxRobot robot, @TempDir Path folder) throws Exception {
        int tubes = desk.session().job().host().members().size();
        Path lines = Files.writeString(
                folder.resolve("roll bar.dxf"),
                "9\n$INSUNITS\n70\n4\n0\nLINE\n10\n100\n20\n333\n30\n900\n11\n100\n21\n-333\n31\n900\n0\nEOF\n");
        robot.interact(() -> window.drops().take(List.of(lines)));
        settled();
        assertThat(desk.session().job().host().members()).hasSize(tubes + 1);
        assertThat(desk.stepProperty().get()).isEqualTo(Step.HOST);
        Path nodes = Files.writeString(folder.resolve("nodes.csv"), "id,x [mm],y [mm],z [mm]\nQ9,10,20,30\n");
        robot.interact(() -> window.drops().take(List.of(nodes)));
        assertThat(desk.session().job().host().places().get("Q9").z()).isCloseTo(0.03, within(1e-12));
        Job before = desk.session().job();
        for (List<Path> wrong : List.of(
                List.of(folder),
                Collections.nCopies(50, nodes),
                List.of(Files.writeString(folder.resolve("odd.csv"), "colour,shade\nred,dark\n")),
                List.of(Files.writeString(folder.resolve("song.mp3"), "la")),
                List.of(Files.writeString(folder.resolve("curve.dxf"), "0\nCIRCLE\n0\nEOF\n")),
                List.of(folder.resolve("gone.csv")))) {
            robot.interact(() -> desk.complaintProperty().set(""));
            robot.interact(() -> window.drops().take(wrong));
            assertThat(desk.complaintProperty().get())
                    .as(wrong.toString())
                    .isNotBlank()
                    .endsWith(".")
                    .hasSizeGreaterThan(20);
            assertThat(desk.session().job()).isEqualTo(before);
        }
    }

    @Test
    void pagesToPrint_areAskedFor(FxRobot robot) {
        keys(robot, KeyCode.CONTROL, KeyCode.P);
        until(() -> robot.lookup("#print-pages").tryQuery().isPresent());
        assertThat(robot.lookup("#print-pages").queryAs(TextField.class).getPromptText())
                .containsPattern("all \\d+");
        assertThat(robot.lookup("#print-printer").tryQuery()).isPresent();
        robot.type(KeyCode.ESCAPE);
        until(() -> robot.lookup("#print-pages").tryQuery().isEmpty());
    }

    /** Tab by tab to a control, as somebody without a mouse; it must be reached before the keys have gone round. */
    private void tabTo(FxRobot robot, String id) {
        Node first = stage.getScene().getFocusOwner();
        for (int tabs = 0; tabs < 150; tabs++) {
            Node owner = stage.getScene().getFocusOwner();
            if (owner != null && id.equals(owner.getId())) {
                return;
            }
            robot.type(KeyCode.TAB);
            WaitForAsyncUtils.waitForFxEvents();
        }
        throw new AssertionError(id + " is not reached by Tab from " + first);
    }

    @Test
    void withoutAPointer_aJobIsOpenedChangedAndSaved(FxRobot robot, @TempDir Path folder) throws Exception {
        Path file = folder.resolve("mine.cradle.json");
        robot.interact(() -> window.files().saveAs(file));
        double up = desk.session().job().seat().value(Freedom.UP);
        keys(robot, KeyCode.CONTROL, KeyCode.N);
        tabTo(robot, "begin-recent-0");
        robot.type(KeyCode.SPACE);
        until(() -> desk.session().fileProperty().get().equals(Optional.of(file)) && desk.examination() != null);
        keys(robot, KeyCode.CONTROL, KeyCode.DIGIT4);
        WaitForAsyncUtils.waitForFxEvents();
        tabTo(robot, "seat-up");
        robot.press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.write("488");
        robot.type(KeyCode.ENTER);
        until(() -> Math.abs(desk.session().job().seat().value(Freedom.UP) - 0.488) < 1e-9);
        keys(robot, KeyCode.CONTROL, KeyCode.S);
        until(() -> !desk.session().changedProperty().get());
        assertThat(new JobStore(Clock.systemUTC()).open(file).job().seat().value(Freedom.UP))
                .isCloseTo(0.488, within(1e-9))
                .isNotCloseTo(up, within(1e-3));
        // Sheets are turned to by keys too: Tab to the open one, arrows to its neighbour.
        tabTo(robot, "leaf-place");
        robot.type(KeyCode.DOWN);
        until(() -> robot.lookup("#leaf-gaps").<ToggleButton>query().isSelected());
    }

    @Test
    void close_leadsToTheFirstScreen_andAsksBeforeChangesAreLost(FxRobot robot) {
        robot.interact(() -> desk.apply(new JobEdit.MoveSeat(new Vec3(0, 0, 0.01))));
        keys(robot, KeyCode.CONTROL, KeyCode.W);
        robot.clickOn("#answer-back");
        assertThat(desk.session().job().name()).isEqualTo("Saltmarsh runabout");
        keys(robot, KeyCode.CONTROL, KeyCode.W);
        robot.clickOn("#answer-1");
        until(() -> robot.lookup(".begin-body").tryQuery().isPresent());
        assertThat(desk.session().job().name()).isNotEqualTo("Saltmarsh runabout");
        assertThat(robot.lookup("#finder-typed").tryQueryAs(TextField.class)).isEmpty();
    }
}
