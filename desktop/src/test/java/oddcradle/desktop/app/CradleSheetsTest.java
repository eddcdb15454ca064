package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.stage.Stage;
import oddcradle.core.catalog.Nut;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.edit.TakeCradle;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

class CradleSheetsTest extends WindowDriver {
    /** Once typed and clicked, a row is typed the quick way. */
    private boolean byHand = true;

    @Start
    void start(Stage stage) {
        open(stage);
    }

    private Cradle cradle() {
        return desk.session().job().cradle();
    }

    private static void press(FxRobot robot, String id) {
        robot.interact(
                () -> robot.lookup(id).<ButtonBase>queryAs(ButtonBase.class).fire());
    }

    /** Typed by hand into a field of a form. */
    private void write(FxRobot robot, String field, String text) {
        if (byHand) {
            click(robot, field);
            robot.write(text);
        } else {
            fill(robot, field, text);
        }
    }

    private void take(FxRobot robot, String button) {
        if (byHand) {
            click(robot, button);
        } else {
            press(robot, button);
        }
        settled();
    }

    private static String mm(Vec3 at) {
        return Math.round(1000 * at.x()) + " " + Math.round(1000 * at.y()) + " " + Math.round(1000 * at.z());
    }

    private void addTube(FxRobot robot, String from, String to, String label) {
        write(robot, "#add-tube-from", from);
        write(robot, "#add-tube-to", to);
        write(robot, "#add-tube-called", label);
        take(robot, "#add-tube-take");
        assertThat(text(robot, "#add-tube-problem")).isEmpty();
    }

    /** The newest node that begins so. */
    private String newest(String start) {
        return cradle().nodes().stream()
                .map(node -> node.id())
                .filter(id -> id.startsWith(start))
                .reduce((first, second) -> second)
                .orElseThrow();
    }

    /** A cross tube before or behind two lugs, a node for each, and a leg down to the rail on each side. */
    private void row(FxRobot robot, String left, String right, double along, String label) {
        Seating seating = desk.examination().seating();
        Vec3 by = new Vec3(along, 0, 0);
        Vec3 a = seating.boss(left).plus(by);
        Vec3 b = seating.boss(right).plus(by);
        addTube(robot, mm(a.plus(new Vec3(0, 0.09, 0))), mm(b.minus(new Vec3(0, 0.09, 0))), label);
        String tube = desk.selectionProperty().get().orElseThrow();
        String first = cradle().member(tube).orElseThrow().first();
        String last = cradle().member(tube).orElseThrow().last();
        for (String boss : List.of(left, right)) {
            write(
                    robot,
                    "#bend-through",
                    mm(desk.examination().seating().boss(boss).plus(by)));
            take(robot, "#bend-take");
            mount(robot, boss, newest("N"));
            robot.interact(() -> desk.selectionProperty().set(Optional.of(tube)));
        }
        addTube(robot, "H1L", first, label + " left leg");
        addTube(robot, "H1R", last, label + " right leg");
    }

    private void mount(FxRobot robot, String boss, String node) {
        click(robot, "#leaf-mounts");
        write(robot, "#add-mount-boss", boss);
        write(robot, "#add-mount-node", node);
        choose(robot, "#add-mount-axis", "forward");
        take(robot, "#add-mount-take");
        click(robot, "#leaf-tubes");
    }

    @Test
    void wholeMount_isDesignedFromNothing(FxRobot robot) {
        robot.interact(() -> desk.apply(new TakeCradle(Cradle.EMPTY, "empty")));
        settled();
        at(robot, Step.CRADLE, "tubes");
        assertThat(text(robot, "#edit-state")).contains("The cradle is empty");
        row(robot, "B1", "B2", 0.06, "front cross tube");
        byHand = false;
        row(robot, "B3", "B4", -0.06, "rear cross tube");
        assertThat(cradle().members()).hasSize(6);
        assertThat(cradle().isolators()).hasSize(4);
        at(robot, Step.CRADLE, "mounts");
        fill(robot, "#element-mounts", "all");
        robot.interact(() -> {
            ComboBox<?> sort = robot.lookup("#element-what").query();
            sort.getSelectionModel().select(1);
        });
        fill(robot, "#element-sizes", "50 18");
        fill(robot, "#element-hardness", "500");
        press(robot, "#element-take");
        assertThat(text(robot, "#element-problem")).contains("75");
        fill(robot, "#element-sizes", "50 18");
        fill(robot, "#element-hardness", "55");
        press(robot, "#element-take");
        settled();
        assertThat(cradle().isSoft()).isTrue();
        assertThat(desk.examination().load().answer()).isPresent();
        assertThat(desk.examination().mountDesigns()).hasSize(4);
        assertThat(desk.examination().report(Step.CRADLE).findings()).noneMatch(finding -> Set.of(
                        "cradle.floating", "cradle.loose-end", "cradle.doubled", "cradle.no-isolator")
                .contains(finding.code().id()));
        // The donor moved, the new cradle goes along.
        Vec3 before = desk.examination().seating().node(newest("N"));
        robot.interact(() -> desk.nudge(Vec3.Z, 5));
        settled();
        assertThat(desk.examination().seating().node(newest("N")).z()).isCloseTo(before.z() + 0.005, within(1e-9));
    }

    @Test
    void wrongEnds_areNamed_andNothingTypedIsLost(FxRobot robot) {
        at(robot, Step.CRADLE, "tubes");
        write(robot, "#add-tube-from", "H99");
        write(robot, "#add-tube-to", "S1");
        click(robot, "#add-tube-take");
        assertThat(text(robot, "#add-tube-problem")).contains("H99").contains("host tube");
        assertThat(robot.lookup("#add-tube-to")
                        .queryAs(javafx.scene.control.TextField.class)
                        .getText())
                .isEqualTo("S1");
        robot.interact(() -> desk.selectionProperty().set(Optional.of("C1")));
        fill(robot, "#bend-through", "1 2");
        press(robot, "#bend-take");
        assertThat(text(robot, "#bend-problem")).contains("forward, left and up");
    }

    /** On the drawn view, where the tube is not hidden and its first end is the nearer: the dots of its nodes are the last drawn. */
    private Point2D nearFirstEnd(FxRobot robot, String tube) {
        robot.interact(() -> desk.selectionProperty().set(Optional.of(tube)));
        List<Circle> dots =
                List.copyOf(robot.lookup("#drawn-from-left .chalk-dot").queryAllAs(Circle.class));
        Bounds first = onScreen(dots.get(dots.size() - 2));
        Bounds last = onScreen(dots.get(dots.size() - 1));
        for (double share = 0.45; share > 0.1; share -= 0.05) {
            Point2D at = new Point2D(
                    first.getCenterX() + share * (last.getCenterX() - first.getCenterX()),
                    first.getCenterY() + share * (last.getCenterY() - first.getCenterY()));
            robot.clickOn(at);
            if (desk.selectionProperty().get().filter(tube::equals).isPresent()) {
                return at;
            }
        }
        throw new AssertionError(tube + " is hidden");
    }

    private static Bounds onScreen(Circle dot) {
        return dot.localToScreen(dot.getBoundsInLocal());
    }

    @Test
    void tubeEnd_isPulledAlongItsHostTube_andEverythingFollows(FxRobot robot) {
        at(robot, Step.CRADLE, "tubes");
        Seating before = desk.examination().seating();
        double use = desk.examination().tubeStresses().get(0).utilisation();
        Point2D at = nearFirstEnd(robot, "C9");
        robot.drag(at.getX(), at.getY()).moveBy(9, 2).moveBy(8, 0).drop();
        settled();
        Seating after = desk.examination().seating();
        List<String> moved = cradle().nodes().stream()
                .map(node -> node.id())
                .filter(id -> after.node(id).distanceTo(before.node(id)) > 1e-6)
                .toList();
        assertThat(moved).isNotEmpty();
        // The sheet shows the node that was pulled, not another.
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(moved)
                .contains(robot.lookup("#edit-node").<ComboBox<String>>query().getValue());
        for (String node : moved) {
            after.landing(node).ifPresent(host -> assertThat(PathPoint.nearest(after.path(host), after.node(node))
                            .distanceTo(after.node(node)))
                    .isLessThan(1e-9));
        }
        assertThat(desk.examination().tubeStresses().get(0).utilisation()).isNotEqualTo(use);
        robot.interact(() -> desk.session().undo());
        settled();
        assertThat(desk.examination().tubeStresses().get(0).utilisation()).isEqualTo(use);
    }

    @Test
    void nodeIsTypedToItsPlace_andGoesAloneIfItShould(FxRobot robot) {
        robot.interact(() -> desk.selectionProperty().set(Optional.of("C9")));
        at(robot, Step.CRADLE, "tubes");
        choose(robot, "#edit-node", "KL");
        settled();
        double right = desk.examination().seating().node("KR").x();
        enter(robot, "#edit-forward", "300");
        assertThat(desk.examination().seating().node("KL").x()).isCloseTo(0.3, within(2e-3));
        assertThat(desk.examination().seating().node("KR").x()).isNotEqualTo(right);
        press(robot, "#edit-lone");
        settled();
        right = desk.examination().seating().node("KR").x();
        enter(robot, "#edit-forward", "330");
        assertThat(desk.examination().seating().node("KR").x()).isEqualTo(right);
        robot.interact(
                () -> robot.lookup("#edit-joint-KL").<ComboBox<String>>query().setValue("bolted"));
        settled();
        assertThat(cradle().joint("C9", "KL").map(TubeJoint::kind)).contains(TubeJoint.Kind.BOLTED);
        press(robot, "#edit-sleeve-KL");
        settled();
        assertThat(cradle().joint("C9", "KL").orElseThrow().sleeve()).isPresent();
        click(robot, "#edit-remove");
        settled();
        assertThat(cradle().member("C9")).isEmpty();
        assertThat(cradle().joints()).isEmpty();
        int left = cradle().members().size();
        // Two more clicks on the spot: nothing else is armed there.
        robot.clickOn(MouseButton.PRIMARY).clickOn(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(cradle().members()).hasSize(left);
        assertThat(desk.selectionProperty().get()).isEmpty();
    }

    @Test
    void proposals_showCards_andOneIsTaken(FxRobot robot) {
        at(robot, Step.CRADLE, "cradles");
        Cradle before = cradle();
        choose(robot, "#propose-mounts", "hard");
        press(robot, "#propose-run");
        until(() -> robot.lookup("#propose-take-1").tryQuery().isPresent());
        assertThat(text(robot, "#propose-said")).contains("cradles worked out");
        assertThat(text(robot, "#propose-not-here")).contains("flat skid");
        press(robot, "#propose-take-1");
        settled();
        assertThat(cradle()).isNotEqualTo(before);
        assertThat(cradle().isSoft()).isFalse();
        robot.interact(() -> desk.session().undo());
        settled();
        assertThat(cradle()).isEqualTo(before);
    }

    @Test
    void packedMounts_takeTheSagOutOfEveryMovement(FxRobot robot) {
        at(robot, Step.CRADLE, "mounts");
        assertThat(cradle().packed()).isFalse();
        press(robot, "#mounts-packed");
        settled();
        assertThat(cradle().packed()).isTrue();
        assertThat(desk.examination()
                        .donorMovement()
                        .standing()
                        .orElseThrow()
                        .shift()
                        .length())
                .isZero();
        robot.interact(() -> desk.session().undo());
        settled();
        assertThat(robot.lookup("#mounts-packed").queryAs(CheckBox.class).isSelected())
                .isFalse();
    }

    private static List<String> pieces(FxRobot robot) {
        return robot.lookup("#design-pieces").queryAs(Pane.class).getChildren().stream()
                .map(piece -> ((Label) piece).getText())
                .toList();
    }

    @Test
    void hardware_takesWhatIsDecided_andTellsWhatItDoes(FxRobot robot) {
        at(robot, Step.CRADLE, "bolts");
        assertThat(text(robot, "#design-words")).contains("The rubber moves");
        assertThat(pieces(robot))
                .anyMatch(piece -> piece.matches("1 × bolt: M10.*class .*grip .*"))
                .anyMatch(piece -> piece.matches(". × locking nut: M10.*"))
                .anyMatch(piece -> piece.contains("thick, by its outline"));
        enter(robot, "#design-tab", "2");
        enter(robot, "#design-leg", "5");
        assertThat(cradle().isolators().get(0).choices().size(MountChoices.Item.TAB))
                .contains(0.002);
        assertThat(desk.examination().report(Step.CRADLE).findings())
                .anyMatch(finding -> finding.code().id().equals("cradle.thin-tab"));
        enter(robot, "#design-bolt", "-3");
        assertThat(text(robot, "#design-bolt-problem")).contains("greater than 0");
        choose(robot, "#design-thread", "M8x1.25");
        settled();
        assertThat(pieces(robot)).anyMatch(piece -> piece.matches(". × locking nut: M8x1.25"));
        press(robot, "#design-leave");
        settled();
        assertThat(cradle().isolators().get(0).choices()).isEqualTo(MountChoices.UNDECIDED);
    }

    @Test
    void details_areAddedJudgedAndTakenAway(FxRobot robot) {
        at(robot, Step.CRADLE, "details");
        fill(robot, "#detail-sizes", "S3 C2 C9 40");
        press(robot, "#detail-take");
        assertThat(text(robot, "#detail-problem")).contains("stop too soon");
        String[] typed = {
            "S3 C2 C9 40 3",
            "B1 3",
            "PFL 90 5 M8 4",
            "C1 0.5 6",
            "C1 0.4 6",
            "30 M10 S1 S2",
            "25 40 60",
            "140 95 2 2500 0.3",
            "200 6 M8 150 4 M10 12 100 2 8 60 20 20 0.5",
            "B1 80 12 20 10",
            "B1 60 2 12 90"
        };
        for (int k = 0; k < typed.length; k++) {
            int sort = k;
            robot.interact(() -> robot.lookup("#detail-what")
                    .<ComboBox<?>>query()
                    .getSelectionModel()
                    .select(sort));
            fill(robot, "#detail-sizes", typed[k]);
            press(robot, "#detail-take");
            settled();
            assertThat(text(robot, "#detail-problem")).as(typed[k]).isEmpty();
        }
        assertThat(cradle().details()).hasSize(typed.length);
        assertThat(robot.lookup("#detail-list .label").queryAllAs(Label.class)).hasSize(typed.length);
        press(robot, "#detail-remove-" + cradle().details().get(0).id());
        settled();
        assertThat(cradle().details()).hasSize(typed.length - 1);
    }

    @Test
    void choices_tellTheirPrice_andOneIsTaken(FxRobot robot) {
        at(robot, Step.CRADLE, "choices");
        press(robot, "#choices-run");
        until(() -> robot.lookup("#choice-1").tryQuery().isPresent());
        press(robot, "#choice-1");
        settled();
        assertThat(cradle().isSoft()).isFalse();
        assertThat(desk.examination().report(Step.SHAKE).findings())
                .anyMatch(finding -> finding.code().id().equals("shake.hard") && finding.severity() == Severity.NOTE);
        assertThat(desk.session().undoLabelProperty().get().orElseThrow().in(UnitStyle.MILLIMETRES))
                .isEqualTo("hard");
    }

    @Test
    void shop_tellsWhatIsOnItsShelf(FxRobot robot) {
        at(robot, Step.CRADLE, "choices");
        robot.interact(() -> nuts(robot).getSelectionModel().select("plain nuts"));
        settled();
        assertThat(desk.session().job().build().shop().nuts()).isEqualTo(Nut.PLAIN);
        assertThat(desk.examination().hardware().items())
                .anyMatch(item -> item.kind() == HardwareItem.Kind.NUT)
                .noneMatch(item -> item.kind() == HardwareItem.Kind.LOCKING_NUT);
        enter(robot, "#shop-shelf", "tube 25.4 x 1.65; pipe of clay");
        assertThat(text(robot, "#shop-shelf-problem")).contains("pipe of clay");
        enter(robot, "#shop-shelf", "tube 25.4 x 1.65; box 40 x 40 x 3");
        settled();
        assertThat(desk.session().job().build().shop().sections()).hasSize(2);
        assertThat(desk.examination().report(Step.CRADLE).findings())
                .anyMatch(finding -> finding.code().id().equals("cradle.stock"));
    }

    @Test
    void order_tellsEveryTube(FxRobot robot) {
        at(robot, Step.CRADLE, "order");
        press(robot, "#order-run");
        until(() -> !robot.lookup("#order-steps .label").queryAll().isEmpty());
        assertThat(robot.lookup("#order-steps .label").queryAllAs(Label.class))
                .hasSize(cradle().members().size() + 1)
                .anyMatch(label -> label.getText().contains("front cross tube (C1)"));
    }

    @SuppressWarnings("unchecked")
    private static ComboBox<String> nuts(FxRobot robot) {
        return robot.lookup("#shop-nuts").queryAs(ComboBox.class);
    }
}
