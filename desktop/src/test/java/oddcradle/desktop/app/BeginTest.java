package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import oddcradle.core.card.Card;
import oddcradle.core.card.Deed;
import oddcradle.core.card.Field;
import oddcradle.core.drawn.Handles;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.guide.Todo;
import oddcradle.core.guide.TodoList;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.JobStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A machine from nothing: the first screen, and what a builder gives names, adds and takes away. */
class BeginTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private static void press(FxRobot robot, String id) {
        Fingers.click(robot.lookup(id).query());
    }

    private static List<String> answer(FxRobot robot) {
        return robot.lookup("#first-answer").queryAs(VBox.class).getChildren().stream()
                .map(each -> ((Label) each).getText())
                .toList();
    }

    private void toFloor(FxRobot robot, String family) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        WaitForAsyncUtils.waitForFxEvents();
        press(robot, "#begin-machine");
        press(robot, "#family-" + family);
    }

    private void begin(FxRobot robot, String family, String name) {
        toFloor(robot, family);
        type(robot, "#begin-name", name);
        press(robot, "#begin-job");
        settled();
    }

    @Test
    void buggyFromNothing_beginsWhereTheFirstAnswerPutsTheEngine(FxRobot robot) {
        toFloor(robot, "buggy");
        assertThat(answer(robot)).first().isEqualTo("It goes in.");
        type(robot, "#engine-length", "800 mm");
        assertThat(answer(robot)).first().isEqualTo("It does not go in like this.");
        assertThat(answer(robot)).anyMatch(each -> each.startsWith("Make the bay") && each.endsWith("longer."));
        type(robot, "#floor-bay-length", "1100 mm");
        assertThat(answer(robot)).first().isEqualTo("It goes in.");
        type(robot, "#floor-wheelbase", "95 in");
        type(robot, "#begin-name", "Marsh hopper");
        press(robot, "#begin-job");
        settled();
        Job job = desk.session().job();
        assertThat(job.name()).isEqualTo("Marsh hopper");
        assertThat(desk.stepProperty().get()).isEqualTo(Step.DONOR);
        assertThat(robot.lookup("#begin").query().isVisible()).isFalse();
        double nose =
                job.host().places().values().stream().mapToDouble(Vec3::x).max().orElseThrow();
        assertThat(nose).isCloseTo(95 * 0.0254, within(0.2));
        assertThat(desk.session().changedProperty().get()).isTrue();
        // Chain straight, nothing strikes: only the mounts are still to be made.
        assertThat(desk.examination().report(Step.LINE).worst()).isNotEqualTo(Severity.STOP);
        assertThat(desk.examination().report(Step.SEAT).worst()).isEqualTo(Severity.GOOD);
    }

    @Test
    void wrongMeasure_isToldAtItsFieldAndKeepsTheRest(FxRobot robot) {
        toFloor(robot, "kart");
        type(robot, "#floor-wheelbase", "40 m");
        assertThat(text(robot, "#floor-wheelbase-problem")).contains("must lie between");
        type(robot, "#engine-mass", "heavy");
        assertThat(text(robot, "#engine-mass-problem")).isNotEmpty();
        type(robot, "#engine-mass", "22 kg");
        type(robot, "#engine-length", "100 mm");
        assertThat(robot.lookup("#engine-shaft-ahead").queryAs(TextField.class).getText())
                .isEqualTo("100");
        press(robot, "#begin-job");
        // What is wrong keeps the page.
        assertThat(robot.lookup("#begin").query().isVisible()).isTrue();
        robot.clickOn("#floor-wheelbase").type(KeyCode.ESCAPE);
        press(robot, "#begin-job");
        settled();
        assertThat(desk.session().job().donor().mass().mass()).isEqualTo(22);
    }

    @Test
    void sizeAndNames_changeUntilATubeIsChangedByHand(FxRobot robot) {
        begin(robot, "trike", "Three");
        at(robot, Step.HOST, "size");
        enter(robot, "#job-name", "Ferry trike");
        enter(robot, "#host-name", "trike frame");
        enter(robot, "#size-bay-height", "600 mm");
        assertThat(desk.session().job().name()).isEqualTo("Ferry trike");
        assertThat(desk.session().job().host().name()).isEqualTo("trike frame");
        double highest = desk.session().job().host().places().values().stream()
                .mapToDouble(Vec3::z)
                .max()
                .orElseThrow();
        assertThat(highest).isCloseTo(0.16 + 0.03175 / 2 + 0.6, within(1e-9));
        at(robot, Step.HOST, "tubes");
        robot.interact(() -> desk.selectionProperty().set(Optional.of("H1")));
        WaitForAsyncUtils.waitForFxEvents();
        enter(robot, "#tube-label", "left sill");
        assertThat(desk.session().job().host().member("H1").orElseThrow().label())
                .isEqualTo("left sill");
        at(robot, Step.HOST, "size");
        assertThat(text(robot, "#size-said")).contains("changed by hand");
        robot.interact(desk.session()::undo);
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#size-said")).contains("follows these measures");
    }

    @Test
    void nodeWithTubes_isTakenAwayOnlyAfterAsking(FxRobot robot) {
        begin(robot, "cargo", "Barrow");
        Job before = desk.session().job();
        at(robot, Step.HOST, "tubes");
        ComboBox<String> node = robot.lookup("#node-picked").queryComboBox();
        robot.interact(() -> node.setValue("FL"));
        WaitForAsyncUtils.waitForFxEvents();
        click(robot, "#node-away");
        assertThat(robot.lookup(".question .content").queryAs(Label.class).getText())
                .contains("front cross member");
        press(robot, "#answer-back");
        assertThat(desk.session().job()).isEqualTo(before);
        click(robot, "#node-away");
        press(robot, "#answer-0");
        settled();
        assertThat(desk.session().job().host().places()).doesNotContainKey("FL");
        robot.interact(desk.session()::undo);
        assertThat(desk.session().job()).isEqualTo(before);
    }

    @Test
    void deleteKey_takesWhatIsPicked(FxRobot robot) {
        begin(robot, "cycle", "Moped");
        robot.interact(() -> {
            desk.selectionProperty().set(Optional.of("D2"));
            window.stand().requestFocus();
        });
        robot.type(KeyCode.DELETE);
        settled();
        assertThat(desk.session().job().donor().parts()).hasSize(1);
    }

    @Test
    void bossIsMadePlacedNamedAndTakenAway(FxRobot robot) {
        begin(robot, "atv", "Hopper");
        at(robot, Step.DONOR, "engine");
        enter(robot, "#donor-name", "Plover 300");
        click(robot, "#boss-new");
        enter(robot, "#boss-label", "head stay");
        enter(robot, "#boss-place", "20 0 300");
        Boss made = desk.session().job().donor().boss("B5").orElseThrow();
        assertThat(made.label()).isEqualTo("head stay");
        assertThat(made.position()).isEqualTo(new Vec3(0.02, 0, 0.3));
        assertThat(desk.session().job().donor().name()).isEqualTo("Plover 300");
        click(robot, "#boss-away");
        settled();
        assertThat(desk.session().job().donor().boss("B5")).isEmpty();
    }

    @Test
    void materialComesFromTheShelf_andGoesOnlyUnused(FxRobot robot) {
        begin(robot, "skid", "Pump");
        at(robot, Step.HOST, "materials");
        ComboBox<Object> shelf = robot.lookup("#material-shelf").queryComboBox();
        robot.interact(() -> shelf.setValue(shelf.getItems().get(1)));
        assertThat(text(robot, "#material-about")).contains("355").contains("EN 10025");
        click(robot, "#material-take");
        settled();
        assertThat(desk.session().job().materials()).extracting(Material::name).contains("structural steel, 355");
        fill(robot, "#own-material-called", "bed-frame steel");
        fill(robot, "#own-material-yield-strength", "210 MPa");
        click(robot, "#own-material-take");
        settled();
        fill(robot, "#own-material-called", "bed-frame steel");
        fill(robot, "#own-material-yield-strength", "350 MPa");
        click(robot, "#own-material-take");
        assertThat(text(robot, "#own-material-problem")).contains("taken");
        int count = desk.session().job().materials().size();
        assertThat(desk.session().job().materials().get(count - 1).yieldStrength())
                .isEqualTo(210e6);
        // Runners are made of the first one.
        click(robot, "#material-0-away");
        assertThat(text(robot, "#material-problem")).contains("give them another first");
        click(robot, "#material-" + (count - 1) + "-away");
        settled();
        assertThat(desk.session().job().materials()).hasSize(count - 1);
    }

    @Test
    void keptVersion_isTakenBackFromTheMenu(FxRobot robot, @TempDir Path folder) throws IOException {
        Path file = folder.resolve("mine" + JobStore.EXTENSION);
        begin(robot, "kart", "First");
        robot.interact(() -> window.files().saveAs(file));
        at(robot, Step.HOST, "size");
        enter(robot, "#job-name", "Second");
        robot.interact(() -> window.files().save());
        assertThat(window.files().keptVersions()).isNotEmpty();
        Path kept = window.files().keptVersions().values().iterator().next();
        robot.interact(() -> window.files().takeBack(kept));
        settled();
        assertThat(desk.session().job().name()).isEqualTo("First");
        assertThat(desk.session().fileProperty().get()).contains(file);
        assertThat(desk.session().changedProperty().get()).isTrue();
    }

    @Test
    void emptyFloorAndBack(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        WaitForAsyncUtils.waitForFxEvents();
        Node back = robot.lookup("#begin-leave").query();
        assertThat(back.isVisible()).isTrue();
        press(robot, "#begin-leave");
        assertThat(desk.session().job().name()).isEqualTo("Saltmarsh runabout");
        robot.push(KeyCode.CONTROL, KeyCode.N);
        press(robot, "#begin-empty");
        settled();
        assertThat(desk.session().job().host().members()).isEmpty();
    }

    @Test
    void whatToDoNext_ticksItselfLeadsThereAndIsPutAway(FxRobot robot) {
        begin(robot, "buggy", "Hopper");
        assertThat(text(robot, "#next-go")).isEqualTo("Donor: weigh the engine");
        String before = text(robot, "#next-count");
        press(robot, "#next-go");
        assertThat(robot.lookup("#leaf-weigh").queryAs(ToggleButton.class).isSelected())
                .isTrue();
        at(robot, Step.DONOR, "engine");
        ComboBox<Turn> turn = robot.lookup("#output-turn").queryComboBox();
        robot.interact(() -> turn.setValue(Turn.CLOCKWISE));
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#next-count")).isNotEqualTo(before);
        // Every place it leads to is there.
        List<Todo> todos = TodoList.of(desk.examination());
        assertThat(todos).hasSizeGreaterThan(10);
        for (Todo todo : todos) {
            robot.interact(() -> desk.goTo(todo.step()));
            WaitForAsyncUtils.waitForFxEvents();
            if (!todo.sheet().isEmpty()) {
                assertThat(robot.lookup("#leaf-" + todo.sheet().toLowerCase(Locale.ROOT))
                                .tryQuery())
                        .as(todo.words())
                        .isPresent();
            }
        }
        press(robot, "#next-away");
        assertThat(robot.lookup("#next").query().isVisible()).isFalse();
    }

    /** Where a node of the frame is on the screen while tubes are drawn: dots stand in the order of the nodes. */
    private Point2D dot(FxRobot robot, String node) {
        List<Circle> dots =
                List.copyOf(robot.lookup("#drawn-from-left .chalk-dot").queryAllAs(Circle.class));
        int index = List.copyOf(desk.session().job().host().places().keySet()).indexOf(node);
        assertThat(dots).hasSize(desk.session().job().host().places().size());
        Bounds at = dots.get(index).localToScreen(dots.get(index).getBoundsInLocal());
        return new Point2D(at.getCenterX(), at.getCenterY());
    }

    @Test
    void tubesAreDrawnByHand_andNodesMoved(FxRobot robot) {
        begin(robot, "buggy", "Hopper");
        at(robot, Step.HOST, "tubes");
        click(robot, "#draw-tubes");
        int before = desk.session().job().host().members().size();
        robot.drag(dot(robot, "AL")).dropTo(dot(robot, "DL"));
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        // One on each side, and the first is picked.
        assertThat(desk.session().job().host().members()).hasSize(before + 2);
        Member drawn = desk.session()
                .job()
                .host()
                .member(desk.selectionProperty().get().orElseThrow())
                .orElseThrow();
        assertThat(drawn.nodes()).containsExactly("AL", "DL");

        Point2D start = dot(robot, "CL");
        robot.drag(start).moveBy(3, -45).moveBy(0, -45).drop();
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        Member upright = desk.session()
                .job()
                .host()
                .member(desk.selectionProperty().get().orElseThrow())
                .orElseThrow();
        Vec3 foot = desk.session().job().host().places().get("CL");
        Vec3 top = desk.session().job().host().places().get(upright.last());
        // A hand is never quite square; the tube is.
        assertThat(top.x()).isCloseTo(foot.x(), within(6e-4));
        assertThat(top.z()).isGreaterThan(foot.z() + 0.1);

        // A length typed while the hand holds the tube is the tube's.
        int drawnSoFar = desk.session().job().host().members().size();
        robot.drag(dot(robot, "DL")).moveBy(2, -30).moveBy(0, -30);
        robot.write("312");
        assertThat(desk.sketchProperty().get().orElseThrow().words().in(desk.units()))
                .contains("312")
                .contains("as typed");
        robot.drop();
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(desk.session().job().host().members()).hasSize(drawnSoFar + 2);
        Member typed = desk.session()
                .job()
                .host()
                .member(desk.selectionProperty().get().orElseThrow())
                .orElseThrow();
        assertThat(place("DL").distanceTo(place(typed.last()))).isCloseTo(0.312, within(1e-9));
        assertThat(place(typed.last()).x()).isEqualTo(place("DL").x());
        robot.interact(desk.session()::undo);
        settled();
        WaitForAsyncUtils.waitForFxEvents();

        robot.interact(() -> desk.selectionProperty().set(Optional.of(upright.id())));
        Point2D end = dot(robot, upright.last());
        click(robot, "#draw-tubes");
        Job drawnJob = desk.session().job();
        robot.drag(end).moveBy(-20, 0).moveBy(-20, 0).drop();
        settled();
        Vec3 moved = desk.session().job().host().places().get(upright.last());
        assertThat(moved.x()).isNotCloseTo(top.x(), within(0.01));
        assertThat(moved.y()).isEqualTo(top.y());
        robot.interact(desk.session()::undo);
        assertThat(desk.session().job()).isEqualTo(drawnJob);

        // So is the place of a node: forward and left as typed, up where the hand is.
        robot.drag(end).moveBy(0, -20).moveBy(0, -20);
        robot.write("432 -101");
        robot.drop();
        settled();
        Vec3 put = desk.session().job().host().places().get(upright.last());
        assertThat(put.x()).isCloseTo(0.432, within(1e-9));
        assertThat(put.y()).isCloseTo(-0.101, within(1e-9));
        assertThat(put.z()).isGreaterThan(top.z() + 0.01);
        robot.interact(desk.session()::undo);
        assertThat(desk.session().job()).isEqualTo(drawnJob);
    }

    @Test
    void pipeIsDrawnByItsCorners(FxRobot robot) {
        begin(robot, "cargo", "Barrow");
        at(robot, Step.DONOR, "parts");
        click(robot, "#pipe-draw");
        Job before = desk.session().job();
        Node view = robot.lookup("#drawn-from-left").query();
        Bounds whole = view.localToScreen(view.getBoundsInLocal());
        Point2D first = new Point2D(whole.getCenterX(), whole.getCenterY());
        robot.clickOn(first);
        assertThat(desk.session().job()).isEqualTo(before);
        robot.clickOn(first.add(0, 90));
        robot.clickOn(first.add(140, 93));
        assertThat(desk.sketchProperty().get()).isPresent();
        settled();
        List<Pipe> pipes = desk.session().job().donor().pipes();
        assertThat(pipes).hasSize(before.donor().pipes().size() + 1);
        List<Vec3> corners = pipes.get(pipes.size() - 1).corners();
        assertThat(corners).hasSize(3);
        // Seen from the left, forward is to the left; the hand was nearly square, the pipe is.
        assertThat(corners.get(1).x()).isCloseTo(corners.get(0).x(), within(1e-9));
        assertThat(corners.get(1).z()).isLessThan(corners.get(0).z() - 0.02);
        assertThat(corners.get(2).x()).isLessThan(corners.get(1).x() - 0.02);
        assertThat(corners.get(2).z()).isCloseTo(corners.get(1).z(), within(1e-9));
        assertThat(corners.get(2).y()).isCloseTo(corners.get(0).y(), within(1e-9));
        // A corner without room for the bend is told, and the pipe stays.
        robot.clickOn(first.add(144, 98));
        assertThat(desk.complaintProperty().get()).contains("bend");
        assertThat(desk.session().job().donor().pipes()).isEqualTo(pipes);
        robot.type(KeyCode.ESCAPE);
        robot.clickOn(first);
        assertThat(desk.sketchProperty().get()).isEmpty();
        assertThat(desk.session().job().donor().pipes()).isEqualTo(pipes);
    }

    @Test
    void pickedPart_isPulledByItsFaces(FxRobot robot) {
        begin(robot, "cargo", "Barrow");
        robot.interact(() -> {
            desk.goTo(Step.DONOR);
            desk.selectionProperty().set(Optional.of("D1"));
        });
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        Job before = desk.session().job();
        List<Handles.Handle> handles = Handles.of(before, "D1");
        // The front face, seen from the left.
        Handles.Handle front = handles.stream()
                .filter(each -> each.along().orElseThrow().x() > 0.99)
                .findFirst()
                .orElseThrow();
        Circle dot = nearest(robot, front.at());
        Bounds at = dot.localToScreen(dot.getBoundsInLocal());
        robot.drag(new Point2D(at.getCenterX(), at.getCenterY()))
                .moveBy(-20, 0)
                .moveBy(-20, 0)
                .drop();
        settled();
        Handles.Handle pulled = Handles.of(desk.session().job(), "D1").get(handles.indexOf(front));
        assertThat(pulled.at().distanceTo(front.at())).isGreaterThan(0.005);
        robot.interact(desk.session()::undo);
        settled();
        WaitForAsyncUtils.waitForFxEvents();
        // How far is typed while the hand pulls.
        robot.drag(new Point2D(at.getCenterX(), at.getCenterY())).moveBy(-20, 0).moveBy(-20, 0);
        robot.write("27.5");
        robot.drop();
        settled();
        Handles.Handle after = Handles.of(desk.session().job(), "D1").get(handles.indexOf(front));
        assertThat(after.at().distanceTo(front.at())).isCloseTo(0.0275, within(1e-9));
        assertThat(Math.abs(after.at().minus(front.at()).z())).isLessThan(1e-9);
        robot.interact(desk.session()::undo);
        assertThat(desk.session().job()).isEqualTo(before);
    }

    /** The dot of a handle: they stand last, in their order. */
    private Circle nearest(FxRobot robot, Vec3 place) {
        List<Circle> dots =
                List.copyOf(robot.lookup("#drawn-from-left .chalk-dot.blue").queryAllAs(Circle.class));
        int index = Handles.of(desk.session().job(), "D1").stream()
                .map(Handles.Handle::at)
                .toList()
                .indexOf(place);
        assertThat(dots).hasSizeGreaterThan(index);
        int first = dots.size() - Handles.of(desk.session().job(), "D1").size();
        return dots.get(first + index);
    }

    private Vec3 place(String node) {
        return desk.session().job().host().places().get(node);
    }

    @Test
    void lettersTurnToASide(FxRobot robot) {
        robot.interact(() -> window.stand().requestFocus());
        robot.type(KeyCode.A);
        assertThat(robot.lookup("#side-above").queryAs(ToggleButton.class).isSelected())
                .isTrue();
        robot.type(KeyCode.F);
        assertThat(robot.lookup("#side-all").queryAs(ToggleButton.class).isSelected())
                .isTrue();
    }

    @Test
    void nodesArePickedInTheStandInsteadOfTyped(FxRobot robot) {
        begin(robot, "trike", "Three");
        at(robot, Step.HOST, "frame");
        click(robot, "#square-corners-pick");
        for (String node : List.of("AL", "BL", "CL")) {
            robot.clickOn(dot(robot, node));
            WaitForAsyncUtils.waitForFxEvents();
        }
        robot.type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#square-corners").queryAs(TextField.class).getText())
                .isEqualTo("AL BL CL");
        click(robot, "#support-node-pick");
        robot.clickOn(dot(robot, "BL"));
        WaitForAsyncUtils.waitForFxEvents();
        // One is enough there.
        assertThat(robot.lookup("#support-node-pick")
                        .queryAs(ToggleButton.class)
                        .isSelected())
                .isFalse();
        click(robot, "#support-take");
        settled();
        assertThat(desk.session().job().host().supports())
                .extracting(each -> each.node())
                .contains("BL");
    }

    @Test
    void whatMustFollowTheSeat_isWrittenDownAndTakenAway(FxRobot robot) {
        begin(robot, "trike", "Three");
        at(robot, Step.SEAT, "follows");
        ComboBox<Deed> kind = robot.lookup("#card-add").queryComboBox();
        assertThat(kind.getItems()).hasSizeGreaterThanOrEqualTo(9);
        robot.interact(() -> kind.setValue(kind.getItems().stream()
                .filter(deed -> deed.words().equals("a hose"))
                .findFirst()
                .orElseThrow()));
        settled();
        enter(robot, "#card-called", "fuel hose");
        enter(robot, "#card-begins-on-the-engine", "0 0 300");
        enter(robot, "#card-leaves-it", "upward");
        assertThat(text(robot, "#card-leaves-it-problem")).contains("upward");
        enter(robot, "#card-leaves-it", "0 0 1");
        enter(robot, "#card-ends-on-the-machine", "900 0 900");
        enter(robot, "#card-diameter", "8 mm");
        at(robot, Step.SEAT, "follows");
        assertThat(desk.session().job().plan().neighbours()).hasSize(1);
        assertThat(desk.examination().neighbourChecks()).hasSize(1);
        String id = desk.session().job().plan().neighbours().get(0).id();
        click(robot, "#neighbour-" + id + "-change");
        assertThat(text(robot, "#card-title")).contains("fuel hose");
        at(robot, Step.SEAT, "follows");
        click(robot, "#neighbour-" + id + "-away");
        settled();
        assertThat(desk.session().job().plan().neighbours()).isEmpty();
        at(robot, Step.LINE, "driven");
        enter(robot, "#driven-bearings", "EL");
        assertThat(text(robot, "#driven-bearings-problem")).contains("must name the two");
        enter(robot, "#driven-bearings", "PL PR");
        assertThat(desk.session().job().host().drivenEnd().bearings()).containsExactly("PL", "PR");
        enter(robot, "#driven-axis", "0 1 0.01");
        assertThat(desk.session().job().host().drivenEnd().axis().z()).isEqualTo(0.01);
    }

    /** A builder's clicks and keys, counted. */
    private final class Hand {
        private final FxRobot robot;
        private int clicks;
        private int keys;

        Hand(FxRobot robot) {
            this.robot = robot;
        }

        void press(String id) {
            BeginTest.press(robot, id);
            clicks++;
        }

        void type(String field, String text) {
            BeginTest.this.type(robot, field, text);
            clicks++;
            keys += text.length() + 2;
        }

        void enterInSheet(String field, String text) {
            enter(robot, field, text);
            clicks++;
            keys += text.length() + 2;
        }

        void sheet(Step step, String leaf) {
            at(robot, step, leaf);
            clicks += 2;
        }

        /** Opens the card of a thing that there is one of. */
        void open(String kind) {
            open(kind, "");
        }

        /** @param called empty for any */
        void open(String kind, String called) {
            ListView<Card> list = robot.lookup("#card-list").queryListView();
            robot.interact(() -> list.getSelectionModel()
                    .select(list.getItems().stream()
                            .filter(card -> card.kind().equals(kind)
                                    && (called.isEmpty() || card.label().equals(called)))
                            .findFirst()
                            .orElseThrow()));
            WaitForAsyncUtils.waitForFxEvents();
            clicks++;
        }

        /** Picks in a field of the card that is a list of names; by how each name begins. */
        void pick(String id, String... words) {
            for (String each : words) {
                ComboBox<Field.Named> box = robot.lookup(id).queryComboBox();
                choose(
                        id,
                        box.getItems().stream()
                                .filter(named -> named.words().startsWith(each))
                                .findFirst()
                                .orElseThrow());
            }
            settled();
        }

        void deed(String id) {
            BeginTest.this.click(robot, id);
            clicks++;
            settled();
        }

        void add(String words) {
            ComboBox<Deed> box = robot.lookup("#card-add").queryComboBox();
            robot.interact(() -> box.setValue(box.getItems().stream()
                    .filter(deed -> deed.words().equals(words))
                    .findFirst()
                    .orElseThrow()));
            settled();
            clicks += 2;
        }

        /** A part of the donor as a box. */
        void box(String called, Category kind, String middle, String size) {
            add("a part");
            enterInSheet("#card-called", called);
            pick("#card-is", kind.word());
            sized(middle, size);
        }

        void sized(String middle, String size) {
            enterInSheet("#card-box-1-middle", middle);
            enterInSheet("#card-box-1-size", size);
        }

        /** Opens a list and picks from it. */
        <T> void choose(String id, T value) {
            ComboBox<T> box = robot.lookup(id).queryComboBox();
            robot.interact(() -> box.setValue(value));
            WaitForAsyncUtils.waitForFxEvents();
            clicks += 2;
        }
    }

    /** The shipped demo without what was fitted round its engine and written into its log after that half hour. */
    private static Job beforeItRan(DemoJobs demo) {
        return demo.load().job().withAround(Around.NOTHING).withBook(Book.EMPTY);
    }

    /** With {@code -Doddcradle.demos=../demo} what was made by hand becomes the shipped demo, but for Run. */
    private static void keepAsDemo(Path file) throws IOException {
        String folder = System.getProperty("oddcradle.demos");
        if (folder != null) {
            Files.copy(file, Path.of(folder, file.getFileName().toString()), StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** With {@code -Doddcradle.tutorial=../docs/tutorial} the pictures of the tutorial are made as the test goes. */
    private void picture(FxRobot robot, String name) throws IOException {
        String folder = System.getProperty("oddcradle.tutorial");
        if (folder != null) {
            BufferedImage[] image = new BufferedImage[1];
            robot.interact(
                    () -> image[0] = SwingFXUtils.fromFXImage(window.scene().snapshot(null), null));
            Files.createDirectories(Path.of(folder));
            ImageIO.write(image[0], "png", Path.of(folder, name + ".png").toFile());
        }
    }

    /** A luggage kart for a ferry pier: an industrial single on a sliding sub-frame. */
    @Test
    void pierPorter_fromTheFirstScreenToACradleWithoutAStop(FxRobot robot, @TempDir Path folder) throws IOException {
        Hand hand = new Hand(robot);
        toFloor(robot, "cargo");
        hand.clicks += 3;
        hand.type("#floor-wheelbase", "1450");
        hand.type("#engine-name", "Dunlin 270");
        hand.type("#engine-length", "380");
        hand.type("#engine-width", "330");
        hand.type("#engine-height", "390");
        hand.type("#engine-power", "6.3 kW");
        hand.type("#engine-mass", "26 kg");
        hand.type("#begin-name", "Pier porter");
        picture(robot, "1-does-it-go-in");
        hand.press("#begin-job");
        settled();
        hand.sheet(Step.DONOR, "engine");
        hand.choose("#output-turn", Turn.ANTICLOCKWISE);
        threads(hand);
        picture(robot, "2-bosses");
        hand.sheet(Step.DONOR, "things");
        hand.open("output shaft");
        hand.enterInSheet("#card-shaft-diameter-0-unknown", "19.05");
        hand.enterInSheet("#card-shaft-length-0-unknown", "55");
        hand.enterInSheet("#card-about-the-shaft", "extended by 25 mm, turned true");
        hand.box("silencer", Category.HOT, "0 -250 250", "220 110 130");
        hand.box("air filter", Category.FIXED, "120 100 420", "110 110 90");
        hand.box("fuel tank", Category.FUEL, "-60 0 425", "180 200 70");
        picture(robot, "3-parts");
        cable(hand, "120 100 380", "1350 250 700");
        hand.sheet(Step.CRADLE, "cradles");
        hand.press("#propose-run");
        until(() -> robot.lookup("#propose-take-4").tryQuery().isPresent());
        click(robot, "#propose-take-4");
        hand.clicks++;
        settled();
        picture(robot, "4-cradle");
        assertThat(desk.session().job().cradle().details()).anyMatch(Detail.Slide.class::isInstance);
        assertThat(desk.examination().findings()).noneMatch(each -> each.severity() == Severity.STOP);
        Path file = folder.resolve("pier-porter" + JobStore.EXTENSION);
        robot.interact(() -> window.files().saveAs(file));
        hand.clicks += 2;
        hand.keys += 12;
        Job saved = new JobStore(Clock.systemUTC()).open(file).job();
        assertThat(saved).isEqualTo(desk.session().job());
        assertThat(saved.name()).isEqualTo("Pier porter");
        keepAsDemo(file);
        assertThat(beforeItRan(DemoJobs.PIER_PORTER)).isEqualTo(saved);
        // Half an hour by hand at ten seconds a click and one a key would allow nearly twice as many.
        assertThat(hand.clicks).isLessThanOrEqualTo(80);
        assertThat(hand.keys).isLessThanOrEqualTo(400);
    }

    /** An amphibious ATV for cutting reed: two industrial singles one behind the other, a gearbox at their side, one pack. */
    @Test
    void reedCutter_twoEnginesAndAGearboxAsOnePack(FxRobot robot, @TempDir Path folder) throws IOException {
        Hand hand = new Hand(robot);
        toFloor(robot, "atv");
        hand.clicks += 3;
        hand.type("#floor-wheelbase", "1500");
        hand.type("#floor-width", "500");
        hand.type("#floor-bay-length", "1000");
        hand.type("#engine-name", "Garganey pair");
        hand.type("#engine-length", "780");
        hand.type("#engine-width", "300");
        hand.type("#engine-height", "360");
        hand.type("#engine-power", "7 kW");
        hand.type("#begin-name", "Reed cutter");
        hand.press("#begin-job");
        settled();
        hand.sheet(Step.DONOR, "engine");
        threads(hand);
        hand.sheet(Step.DONOR, "things");
        hand.open("part", "engine as a box");
        hand.enterInSheet("#card-called", "front single");
        hand.sized("190 0 180", "340 300 360");
        hand.box("rear single", Category.FIXED, "-190 0 180", "340 300 360");
        hand.box("gearbox", Category.FIXED, "0 180 140", "500 60 160");
        hand.open("part", "exhaust leaves here");
        hand.enterInSheet("#card-rounded-bar-1-one-end", "190 -50 360");
        hand.enterInSheet("#card-rounded-bar-1-other-end", "190 -50 420");
        hand.open("output shaft");
        hand.enterInSheet("#card-middle", "0 225 140");
        // The gearbox stands a little crooked on its spline, and its output with it.
        hand.enterInSheet("#card-points", "-0.002 1 0");
        hand.pick("#card-turns-seen-from-outside", "anticlockwise");
        hand.add("a unit joined to it");
        hand.add("a unit joined to it");
        hand.open("unit", "Garganey pair");
        hand.enterInSheet("#card-called", "front single");
        hand.deed("#card-its-bosses-out-3");
        hand.deed("#card-its-bosses-out-2");
        hand.deed("#card-its-parts-out-3");
        hand.deed("#card-its-parts-out-2");
        unit(hand, "27", "190 150 140");
        hand.enterInSheet("#card-shaft-points", "0 1 0");
        hand.pick("#card-turns-seen-from-outside", "clockwise");
        hand.open("unit", "new unit");
        hand.enterInSheet("#card-called", "rear single");
        hand.pick("#card-is", "another engine");
        hand.pick("#card-its-bosses", "rear left", "rear right");
        hand.pick("#card-its-parts", "rear single");
        unit(hand, "27", "-190 150 140");
        hand.enterInSheet("#card-shaft-points", "0 1 0");
        hand.pick("#card-turns-seen-from-outside", "clockwise");
        // A turn apart, so that the pair fires evenly.
        hand.enterInSheet("#card-comes-after-it-by-none-if-it-slips", "360");
        hand.open("unit", "new unit");
        hand.enterInSheet("#card-called", "gearbox");
        hand.pick("#card-is", "gearbox");
        hand.pick("#card-its-parts", "gearbox");
        unit(hand, "12", "0 225 140");
        hand.deed("#card-the-output-shaft-is-on-it");
        hand.deed("#deed-join-it-to-another");
        hand.pick("#card-by", "splined");
        hand.enterInSheet("#card-there-its-own-shaft-ends-at", "190 150.4 140");
        hand.enterInSheet("#card-there-its-own-shaft-points", "0.002 -1 0");
        hand.open("unit", "rear single");
        hand.deed("#deed-join-it-to-another");
        hand.pick("#card-is-joined-to", "gearbox");
        hand.pick("#card-by", "splined");
        hand.enterInSheet("#card-there-the-other-s-shaft-ends-at", "-190 150.4 140");
        hand.enterInSheet("#card-there-the-other-s-shaft-points", "0.002 -1 0");
        hand.open("mass");
        hand.deed("#deed-add-up-the-units");
        hand.open("engine");
        hand.enterInSheet("#card-primary-ratio", "2.2");
        assertThat(stops()).contains("donor.unit-line");
        hand.open("unit", "gearbox");
        hand.deed("#deed-bring-it-into-line");
        cable(hand, "240 100 380", "1350 200 680");
        hand.sheet(Step.CRADLE, "cradles");
        hand.press("#propose-run");
        until(() -> robot.lookup("#propose-take-2").tryQuery().isPresent());
        hand.deed("#propose-take-2");
        robot.interact(() -> desk.goTo(Step.LINE));
        until(() -> robot.lookup("#cure-line-offset").tryQuery().isPresent());
        hand.press("#cure-line-offset");
        settled();
        assertThat(stops()).isEmpty();
        Path file = folder.resolve("reed-cutter" + JobStore.EXTENSION);
        robot.interact(() -> window.files().saveAs(file));
        hand.clicks += 2;
        hand.keys += 12;
        Job saved = new JobStore(Clock.systemUTC()).open(file).job();
        assertThat(saved).isEqualTo(desk.session().job());
        keepAsDemo(file);
        assertThat(beforeItRan(DemoJobs.REED_CUTTER)).isEqualTo(saved);
        assertThat(hand.clicks).isLessThanOrEqualTo(160);
        assertThat(hand.keys).isLessThanOrEqualTo(800);
    }

    /** What the feet of both demos' engines have. */
    private static void threads(Hand hand) {
        for (String boss : List.of("B1", "B2", "B3", "B4")) {
            hand.choose("#boss", boss);
            hand.enterInSheet("#boss-thread", "M8x1.25");
            hand.enterInSheet("#boss-depth", "24");
        }
    }

    private static void cable(Hand hand, String begins, String ends) {
        hand.sheet(Step.SEAT, "things");
        hand.add("a cable");
        hand.enterInSheet("#card-called", "throttle cable");
        hand.enterInSheet("#card-begins-on-the-engine", begins);
        hand.enterInSheet("#card-leaves-it", "1 0 0");
        hand.enterInSheet("#card-ends-on-the-machine", ends);
        hand.enterInSheet("#card-arrives", "1 0 0");
    }

    private static void unit(Hand hand, String mass, String shaft) {
        hand.enterInSheet("#card-shaft-ends-at", shaft);
        hand.enterInSheet("#card-mass", mass);
        hand.deed("#deed-spread-its-mass-over-its-parts");
    }

    private List<String> stops() {
        settled();
        return desk.examination().findings().stream()
                .filter(each -> each.severity() == Severity.STOP)
                .map(each -> each.code().id())
                .toList();
    }
}
