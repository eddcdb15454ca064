package oddcradle.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.random.RandomGenerator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Phrase;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.practice.Bench;
import oddcradle.core.practice.Exercise;
import oddcradle.core.practice.Mark;
import oddcradle.core.practice.Setting;
import oddcradle.core.practice.Taken;
import oddcradle.core.practice.Tool;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Draft;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.slate.Words;

/** One exercise: the task, the machine with what was read off it, and what the learner sets and hands in. */
final class BenchPage extends BorderPane {
    private static final double TASK = 330;
    private static final double WORK = 430;
    private static final double LEAST_PICTURE = 300;

    private final RandomGenerator noise;
    private final Supplier<UnitStyle> units;
    private final BenchCanvas picture;
    private final VBox paper = new VBox(3);
    private final ScrollPane paperScroll = scrolled(paper);
    private final Label spent = new Label();
    private final VBox workedOut = new VBox(3);
    private final Button take = Text.button("take-worked-out", "Set it so", () -> apply(Bench::setAsWorkedOut));
    private final Label problem = Text.said("practice-problem");
    private final VBox mark = new VBox(5);
    private final VBox task;
    private final VBox machine;
    private final VBox work;
    /** That holds the work. */
    private ScrollPane scroll = new ScrollPane();

    private boolean narrow;
    private final List<Runnable> refreshing = new ArrayList<>();
    private Bench bench;

    BenchPage(Bench bench, RandomGenerator noise, Palette palette, Supplier<UnitStyle> units) {
        this.bench = bench;
        this.noise = noise;
        this.units = units;
        picture = new BenchCanvas(palette);
        paper.setId("practice-paper");
        workedOut.setId("practice-worked-out");
        mark.setId("practice-mark");
        problem.getStyleClass().add("field-problem");
        spent.setId("practice-spent");
        task = task();
        machine = machine();
        work = work();
        beside();
        widthProperty().addListener(change -> arrange());
        refresh();
    }

    /** Three columns; one under the other where the screen is small or its letters are large. */
    private void arrange() {
        boolean now = getWidth() < TASK + WORK + LEAST_PICTURE;
        if (now != narrow) {
            narrow = now;
            if (narrow) {
                below();
            } else {
                beside();
            }
        }
    }

    private void beside() {
        scroll = wide(scrolled(work), WORK);
        setCenter(machine);
        setLeft(wide(scrolled(task), TASK));
        setRight(scroll);
    }

    private void below() {
        setLeft(null);
        setRight(null);
        scroll = scrolled(new VBox(task, machine, work));
        setCenter(scroll);
    }

    private static ScrollPane scrolled(VBox body) {
        ScrollPane pane = new ScrollPane(body);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pane.getStyleClass().add("slate-scroll");
        return pane;
    }

    private static ScrollPane wide(ScrollPane pane, double width) {
        pane.setPrefWidth(width);
        pane.setMinWidth(width);
        return pane;
    }

    private VBox task() {
        VBox task = new VBox(8, Text.head(capital(bench.lesson().about())));
        bench.exercise().task().forEach(each -> task.getChildren().add(line(each)));
        task.getChildren()
                .add(
                        Text.line(
                                "The machine is made up, and so are the instruments: they err, step and sag as real ones do. What is true of it is told when you hand in."));
        task.getStyleClass().add("practice-column");
        return task;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private Label line(Phrase phrase) {
        return Text.line(phrase.in(units.get()));
    }

    private VBox machine() {
        HBox head = new HBox(Text.head("Paper"), space(), spent);
        head.setAlignment(Pos.BASELINE_LEFT);
        VBox middle = new VBox(8, picture, head, paperScroll);
        VBox.setVgrow(paperScroll, Priority.ALWAYS);
        paperScroll.setMinHeight(150);
        middle.getStyleClass().add("practice-column");
        return middle;
    }

    private static Region space() {
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        return space;
    }

    private VBox work() {
        VBox tools = new VBox(4);
        for (Tool tool : bench.exercise().tools()) {
            Button button = Text.button(
                    "tool-" + tool.key(),
                    tool.words() + " · " + Tool.minutes(tool.time()),
                    () -> apply(now -> now.use(tool.key(), noise)));
            button.setMaxWidth(Double.MAX_VALUE);
            button.setAlignment(Pos.CENTER_LEFT);
            tools.getChildren().add(button);
        }
        VBox settings = new VBox(6);
        bench.exercise().settings().forEach(each -> settings.getChildren().add(field(each)));
        Button hand = Text.button("hand-in", "Hand in", this::handIn);
        hand.getStyleClass().setAll("button", "strong-button");
        VBox work = new VBox(
                8,
                Text.head("Read"),
                tools,
                Text.head("Set or write down"),
                settings,
                problem,
                Text.head("Worked out from the paper"),
                workedOut,
                take,
                hand,
                mark);
        work.getStyleClass().add("practice-column");
        return work;
    }

    private Node field(Setting setting) {
        if (!setting.choices().isEmpty()) {
            return choice(setting);
        }
        QuantityField field = new QuantityField(
                "set-" + setting.key(), setting.words(), setting.kind(), value -> change(setting, value));
        refreshing.add(() -> field.show(bench.set().get(setting.key()), units.get()));
        return field;
    }

    private ComboBox<String> choice(Setting setting) {
        ComboBox<String> choice = new ComboBox<>();
        choice.setId("set-" + setting.key());
        choice.setAccessibleText(setting.words());
        choice.setMaxWidth(Double.MAX_VALUE);
        choice.getItems().setAll(setting.choices());
        choice.setConverter(new Words<>(setting.choices(), units.get()::name));
        refreshing.add(() ->
                choice.getSelectionModel().select((int) Math.round(bench.set().get(setting.key()))));
        choice.setOnAction(chosen -> change(setting, choice.getSelectionModel().getSelectedIndex()));
        return choice;
    }

    /** @throws InvalidValue to the field, which says it */
    private void change(Setting setting, double value) {
        Bench now = bench.set(setting.key(), value);
        if (!now.equals(bench)) {
            bench = now;
            refresh();
        }
    }

    /** What is typed and not taken yet goes first; where that is wrong nothing happens. */
    private void apply(UnaryOperator<Bench> done) {
        if (!Draft.settleAll(this).isEmpty()) {
            return;
        }
        problem.setText("");
        try {
            bench = done.apply(bench);
        } catch (InvalidValue refused) {
            problem.setText(InvalidWords.of(refused, units.get()));
        }
        refresh();
    }

    private void refresh() {
        refreshing.forEach(Runnable::run);
        picture.show(bench.picture());
        mark.getChildren().clear();
        paper.getChildren().clear();
        for (Taken taken : bench.paper()) {
            paper.getChildren().add(0, line(taken.says()));
        }
        if (bench.paper().isEmpty()) {
            paper.getChildren().add(Text.line("Nothing read yet. Read with what stands at the right."));
        }
        spent.setText(Tool.minutes(bench.time()) + " spent");
        Exercise.WorkedOut found = bench.workedOut();
        workedOut.getChildren().clear();
        found.says().forEach(each -> workedOut.getChildren().add(line(each)));
        take.setVisible(!found.settings().isEmpty());
        take.setManaged(!found.settings().isEmpty());
    }

    private void handIn() {
        if (!Draft.settleAll(this).isEmpty()) {
            return;
        }
        Mark done = bench.handIn();
        mark.getChildren().clear();
        Label verdict = Text.line((done.isGood() ? "Done. " : "Not yet. ")
                + units.get().show(Quantity.share(done.score())) + ", " + Tool.minutes(bench.time()) + " spent.");
        verdict.setId("practice-verdict");
        verdict.getStyleClass().addAll("verdict", "first-answer", done.isGood() ? "good" : "stop");
        mark.getChildren().add(verdict);
        done.criteria().forEach(each -> mark.getChildren().add(criterion(each)));
        done.whys().forEach(each -> mark.getChildren().add(line(each)));
        applyCss();
        layout();
        scroll.setVvalue(1);
    }

    private HBox criterion(Mark.Criterion criterion) {
        Label name = new Label(criterion.words());
        name.setWrapText(true);
        name.getStyleClass().add("figure-name");
        Label value = new Label(
                units.get().show(criterion.off()) + " of " + units.get().show(criterion.allowed()));
        value.getStyleClass().add("figure-value");
        value.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(
                6,
                name,
                space(),
                value,
                new WhyLink(criterion::words, () -> criterion.figure().why(), units));
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }
}
