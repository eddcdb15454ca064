package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.event.ActionEvent;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Deed;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.shelf.OwnShelves;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Every thing of the job is found, opened, changed, added and taken away by hand. */
class ThingsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private Job job() {
        return desk.session().job();
    }

    @SuppressWarnings("unchecked")
    private static ListView<Card> list(FxRobot robot) {
        return robot.lookup("#card-list").queryAs(ListView.class);
    }

    private void choose(FxRobot robot, String words) {
        robot.interact(() -> list(robot).getItems().stream()
                .filter(card -> card.words().equals(words))
                .findFirst()
                .ifPresentOrElse(card -> list(robot).getSelectionModel().select(card), () -> {
                    throw new AssertionError("no " + words);
                }));
        settled();
    }

    @SuppressWarnings("unchecked")
    private void add(FxRobot robot, String words) {
        ComboBox<Deed> add = robot.lookup("#card-add").queryAs(ComboBox.class);
        robot.interact(() -> add.setValue(add.getItems().stream()
                .filter(deed -> deed.words().equals(words))
                .findFirst()
                .orElseThrow()));
        settled();
    }

    /** A field without a control would be one that only the file can change. */
    @Test
    void everyCard_hasAControlForEachFieldAndAButtonForEachDeed(FxRobot robot) {
        Set<String> kinds = new HashSet<>();
        int fields = 0;
        for (Step step : List.of(Step.DONOR, Step.HOST, Step.LINE, Step.SEAT, Step.CRADLE, Step.LOAD)) {
            at(robot, step, "things");
            List<Card> cards = new ArrayList<>(list(robot).getItems());
            assertThat(cards)
                    .extracting(Card::key)
                    .containsExactlyElementsOf(Cards.of(job()).stream()
                            .filter(card -> card.step() == step)
                            .map(Card::key)
                            .toList());
            for (Card card : cards) {
                if (kinds.add(step + card.kind())) {
                    robot.interact(() -> list(robot).getSelectionModel().select(cards.indexOf(card)));
                    assertThat(text(robot, "#card-title")).isEqualTo(card.words());
                    Set<String> ids = new HashSet<>();
                    robot.lookup("#card").lookup((Node node) -> isControl(node)).queryAll().stream()
                            .map(Node::getId)
                            .forEach(ids::add);
                    assertThat(ids).as(card.words()).hasSize(card.fields().size());
                    fields += ids.size();
                    assertThat(Stream.concat(
                                    robot.lookup("#card-away").queryAll().stream(),
                                    robot.lookup((Node node) -> has(node, "deed-")).queryAll().stream()))
                            .as(card.words())
                            .hasSize(card.deeds().size());
                }
            }
        }
        assertThat(kinds).hasSizeGreaterThan(30);
        assertThat(fields).isGreaterThan(200);
    }

    private static boolean has(Node node, String prefix) {
        return node.getId() != null && node.getId().startsWith(prefix);
    }

    private static boolean isControl(Node node) {
        boolean known = has(node, "card-")
                && Stream.of("-problem", "-pick").noneMatch(node.getId()::endsWith)
                && !node.getId().contains("-out-");
        return known && Stream.of("card-title", "card-away").noneMatch(node.getId()::equals);
    }

    /** Most of the machine is in the middle, its wheels are low. */
    private static final List<Double> MIDDLE = List.of(0.5, 0.56, 0.44, 0.62, 0.38);

    private static final List<Double> LOW = List.of(0.8, 0.75, 0.85, 0.7, 0.65);

    /** Tries places of the view from the left until one shows what is wanted. */
    private Point2D place(FxRobot robot, List<Double> heights, Predicate<String> wanted) {
        Node view = robot.lookup("#drawn-from-left").query();
        Bounds on = view.localToScreen(view.getBoundsInLocal());
        for (double up : heights) {
            for (double along = 0.15; along < 0.9; along += 0.05) {
                Point2D at = new Point2D(on.getMinX() + along * on.getWidth(), on.getMinY() + up * on.getHeight());
                robot.clickOn(at);
                if (desk.selectionProperty().get().filter(wanted).isPresent()) {
                    return at;
                }
            }
        }
        throw new AssertionError("nothing that was wanted is shown");
    }

    @Test
    void doubleClickOpensItsCard_whereItIsRenamedAndUndone(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.DONOR));
        settled();
        Set<String> donor = job().donor().parts().stream().map(Part::id).collect(Collectors.toSet());
        Point2D at = place(robot, MIDDLE, donor::contains);
        String id = desk.selectionProperty().get().orElseThrow();
        String label = job().label(id).orElseThrow();
        robot.doubleClickOn(at);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#card-title")).isEqualTo("part: " + label);
        enter(robot, "#card-called", "short silencer");
        assertThat(job().label(id)).contains("short silencer");
        enter(robot, "#card-called", " ");
        assertThat(text(robot, "#card-called-problem")).contains("empty");
        assertThat(job().label(id)).contains("short silencer");
        click(robot, "#undo");
        settled();
        assertThat(job().label(id)).contains(label);
    }

    /** Keep-outs that nothing else names: to take one away asks nothing. */
    private Set<String> lonely() {
        Set<String> ids = job().host().keepOuts().stream().map(KeepOut::id).collect(Collectors.toSet());
        job().plan().neighbours().forEach(each -> each.keepOutNamed().ifPresent(ids::remove));
        ids.removeAll(job().plan().way().removable());
        return ids;
    }

    private KeepOut picked() {
        String id = desk.selectionProperty().get().orElseThrow();
        return job().host().keepOuts().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void rightClickOffersWhatCanBeDone_andTakesAwayAfterAsking(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.HOST));
        settled();
        Point2D at = place(robot, LOW, lonely()::contains);
        KeepOut tyre = picked();
        robot.clickOn(at, MouseButton.SECONDARY);
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("Let it slide");
        settled();
        assertThat(job().host().keepOuts().stream()
                        .filter(each -> each.id().equals(tyre.id()))
                        .flatMap(each -> each.motions().stream()))
                .hasSize(tyre.motions().size() + 1);
        robot.clickOn(at, MouseButton.SECONDARY);
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("Take it away");
        settled();
        assertThat(job().host().keepOuts()).extracting(KeepOut::id).doesNotContain(tyre.id());
        click(robot, "#undo");
        click(robot, "#undo");
        settled();
        assertThat(job().host().keepOuts()).contains(tyre);
    }

    @Test
    void bracketFromAnotherMachine_isAddedMeasuredAndTakenAwayWithoutTheFile(FxRobot robot) {
        at(robot, Step.SEAT, "things");
        Job before = job();
        add(robot, "a bracket");
        assertThat(text(robot, "#card-title")).isEqualTo("bracket: new bracket");
        enter(robot, "#card-called", "old hanger");
        enter(robot, "#card-its-hole-at-the-frame", "120 0 35");
        enter(robot, "#card-box-1-turned", "0 0 30");
        click(robot, "#deed-add-a-round-bar");
        settled();
        enter(robot, "#card-bar-2-radius", "12");
        Bracket made = job().plan().brackets().get(before.plan().brackets().size());
        assertThat(made.label()).isEqualTo("old hanger");
        assertThat(made.frameHole()).isEqualTo(new Vec3(0.12, 0, 0.035));
        assertThat(made.solids()).hasSize(2);
        enter(robot, "#card-that-hole-s-axis", "0 0 0");
        assertThat(text(robot, "#card-that-hole-s-axis-problem")).isNotBlank();
        assertThat(job().plan().brackets()).contains(made);
        robot.interact(() -> desk.session().undo());
        choose(robot, "bracket: old hanger");
        click(robot, "#card-away");
        settled();
        assertThat(job().plan().brackets()).isEqualTo(before.plan().brackets());
    }

    /** A field that names a thing takes a click on it. */
    @Test
    void pairRule_isGivenItsTwoThingsByClicksInTheStand(FxRobot robot) {
        robot.interact(() -> desk.goTo(Step.SEAT));
        settled();
        Point2D at = place(robot, LOW, lonely()::contains);
        KeepOut tyre = picked();
        at(robot, Step.SEAT, "things");
        add(robot, "a gap rule for two things");
        click(robot, "#card-and-pick");
        assertThat(text(robot, ".stand-hint")).contains("Click the thing");
        robot.clickOn(at);
        settled();
        assertThat(job().build().clearances().pairs())
                .anySatisfy(rule -> assertThat(rule.obstacle()).isEqualTo(tyre.id()));
        enter(robot, "#card-least-gap", "42");
        assertThat(job().build().clearances().pairs())
                .anySatisfy(rule -> assertThat(rule.room()).isCloseTo(0.042, within(1e-12)));
    }

    @Test
    void chainIsTakenFromTheShelf_whereARowOfOnesOwnStaysForTheNextJob(FxRobot robot) {
        at(robot, Step.LINE, "things");
        choose(robot, "roller chain: chain");
        click(robot, "#card-roller-chains");
        fill(robot, "#shelf-find", "12b");
        TableView<ShelfRow> rows = robot.lookup("#shelf-rows").queryTableView();
        assertThat(rows.getItems()).extracting(ShelfRow::name).containsExactly("12B-1");
        robot.interact(() -> rows.getSelectionModel().select(0));
        assertThat(text(robot, "#shelf-source")).contains("ISO 606");
        click(robot, "#shelf-take");
        settled();
        oddcradle.core.drive.Stage.Chain chain =
                (oddcradle.core.drive.Stage.Chain) job().line().stages().get(0);
        assertThat(chain.pitch()).isCloseTo(0.01905, within(1e-9));
        assertThat(chain.breakingLoad()).isCloseTo(28_900, within(1e-6));
        fill(robot, "#shelf-own-called", "barn chain");
        fill(robot, "#shelf-own-sizes", "25.4");
        fill(robot, "#shelf-own-figures-from", "tested");
        click(robot, "#shelf-own-take");
        assertThat(text(robot, "#shelf-own-problem")).contains("pitch, breaking");
        fill(robot, "#shelf-own-sizes", "25.4 38.5");
        click(robot, "#shelf-own-take");
        assertThat(desk.complaintProperty().get()).isEmpty();
        assertThat(robot.lookup("#shelf-own-called").queryTextInputControl().getText())
                .isEmpty();
        fill(robot, "#shelf-find", "barn");
        assertThat(rows.getItems()).singleElement().satisfies(row -> {
            assertThat(row.own()).isTrue();
            assertThat(row.sizes().get(0)).isCloseTo(0.0254, within(1e-9));
        });
        // A number never stands under the unit of another.
        fill(robot, "#shelf-find", "12b");
        assertThat(columns(rows)).containsExactly("12B-1", "pitch, mm 19.05", "breaking, N 28900");
        robot.interact(() -> desk.unitsProperty().set(UnitStyle.DECIMAL_INCHES));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(columns(rows)).containsExactly("12B-1", "pitch, in 0.75", "breaking, lbf 6497");
        robot.interact(() -> desk.unitsProperty().set(UnitStyle.MILLIMETRES));
        assertThat(new OwnShelves(desk.shelvesFolder()).load().shelves().of(Shelf.CHAINS))
                .anyMatch(row -> row.name().equals("barn chain"));
    }

    /** The sheet learns of a change only when the job has been examined: a hand may be quicker, and nothing may be lost by it. */
    @Test
    void changesThatFollowAtOnce_areAllKept(FxRobot robot) {
        at(robot, Step.HOST, "things");
        choose(robot, "keep-out: fuel tank");
        TextField called = robot.lookup("#card-called").queryAs(TextField.class);
        TextField size = robot.lookup("#card-box-1-size").queryAs(TextField.class);
        int motions = tank().motions().size();
        robot.interact(() -> {
            called.setText("spare tank");
            called.fireEvent(new ActionEvent());
            size.setText("180 210 160");
            size.fireEvent(new ActionEvent());
            robot.lookup("#deed-let-it-slide").queryButton().fire();
            robot.lookup("#deed-let-it-turn").queryButton().fire();
        });
        settled();
        KeepOut tank = tank();
        assertThat(tank.label()).isEqualTo("spare tank");
        assertThat(tank.solids().get(0).bounds().size().x()).isCloseTo(0.18, within(1e-9));
        assertThat(tank.motions()).hasSize(motions + 2);
    }

    private KeepOut tank() {
        return job().host().keepOuts().stream()
                .filter(each -> each.label().contains("tank"))
                .findFirst()
                .orElseThrow();
    }

    /** The first row, each number with its heading. */
    private static List<String> columns(TableView<ShelfRow> rows) {
        return rows.getColumns().stream()
                .map(column -> (column.getText() + " " + column.getCellData(0)).replaceAll("^name ", ""))
                .toList();
    }

    @Test
    void deleteKey_takesAwayWhateverIsPicked(FxRobot robot) {
        at(robot, Step.LINE, "things");
        int stages = job().line().stages().size();
        add(robot, "a stage: V-belt");
        assertThat(job().line().stages()).hasSize(stages + 1);
        robot.interact(() -> window.stand().requestFocus());
        robot.type(KeyCode.DELETE);
        settled();
        assertThat(job().line().stages()).hasSize(stages);
    }
}
