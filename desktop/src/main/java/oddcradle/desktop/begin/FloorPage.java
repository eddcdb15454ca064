package oddcradle.desktop.begin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import oddcradle.core.begin.BoxSide;
import oddcradle.core.begin.Dimension;
import oddcradle.core.begin.EngineBox;
import oddcradle.core.begin.FirstFit;
import oddcradle.core.begin.FloorMeasure;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.begin.PlannedMachine;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Cycle;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.seat.Room;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Draft;
import oddcradle.desktop.slate.LayoutBox;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.slate.Words;

/** A few measures of the machine, the engine as a box, and at once the first answer: does it go in at all. */
final class FloorPage extends BorderPane {
    private static final double SIDE = 392;

    private final Supplier<UnitStyle> units;
    private final MachineFamily family;
    private final Room room;
    private final MachinePicture picture;
    private final VBox answer = new VBox(4);
    private final List<Runnable> refreshing = new ArrayList<>();
    private HostPlan plan;
    private final Palette palette;
    private EngineBox engine;
    private String name;
    private Optional<FloorMeasure> pointedOut = Optional.empty();

    FloorPage(
            Palette palette,
            Supplier<UnitStyle> units,
            MachineFamily family,
            Room room,
            Consumer<Job> begin,
            Runnable back) {
        this.palette = palette;
        this.units = units;
        this.family = family;
        this.room = room;
        this.plan = family.usual();
        this.engine = family.engine();
        this.name = "My " + family.words().split(",")[0];
        picture = new MachinePicture(palette, 420, 360);
        answer.setId("first-answer");
        // The longest answer, so that the picture keeps its place.
        answer.setMinHeight(124);
        getStyleClass().add("begin-floor");
        setLeft(side(machine()));
        setRight(side(engine()));
        WhyLink why = new WhyLink(() -> "Does it go in at all?", () -> fit().why(), units);
        why.setId("first-answer-why");
        HBox question = new HBox(10, BeginPane.title("Does it go in at all?"), why);
        question.setAlignment(Pos.BASELINE_LEFT);
        VBox middle = new VBox(10, question, answer, picture);
        middle.getStyleClass().add("begin-body");
        VBox.setVgrow(picture, Priority.ALWAYS);
        setCenter(middle);
        setBottom(bar(begin, back));
        refresh();
    }

    /** A machine of a family as it usually is, with the engine that it often has. */
    static Job usual(MachineFamily family) {
        FirstFit fit = FirstFit.of(NewJob.asked(family, family.usual(), family.engine()), NewJob.ROOM);
        return NewJob.of(family.words(), family, family.usual(), family.engine(), fit);
    }

    private static ScrollPane side(VBox body) {
        body.getStyleClass().add("begin-body");
        ScrollPane pane = new ScrollPane(body);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pane.setPrefWidth(SIDE);
        pane.setMinWidth(SIDE);
        pane.getStyleClass().add("slate-scroll");
        return pane;
    }

    private VBox machine() {
        VBox body = new VBox(7, BeginPane.section("The machine: " + family.words()));
        for (FloorMeasure measure : family.measures()) {
            QuantityField field = number(
                    "floor-" + measure.id(),
                    measure.label(),
                    Kind.LENGTH,
                    () -> plan.measures().get(measure.id()),
                    value -> family.machine(name, plan.with(measure.id(), value)),
                    value -> plan = plan.with(measure.id(), value));
            field.focusWithinProperty().addListener((property, was, within) -> {
                if (within) {
                    pointedOut = Optional.of(measure);
                    draw();
                }
            });
            body.getChildren().add(field);
        }
        return body;
    }

    private VBox engine() {
        VBox body = new VBox(7, BeginPane.section("The engine, as a box, as it is to stand"));
        WordField called = new WordField("engine-name", "called", "engine", words -> {
            engine = engine.withName(words);
            refresh();
        });
        refreshing.add(() -> called.show(engine.name(), units.get()));
        body.getChildren().add(called);
        body.getChildren()
                .add(choice(
                        new LayoutBox("engine-layout", palette),
                        "layout",
                        engine.layout(),
                        layout -> engine = engine.withLayout(layout)));
        body.getChildren()
                .add(choice(
                        "engine-cycle",
                        "works in",
                        List.of(Cycle.values()),
                        each -> each == Cycle.FOUR_STROKE ? "four strokes" : "two strokes",
                        engine.cycle(),
                        cycle -> engine = engine.withCycle(cycle)));
        body.getChildren()
                .addAll(
                        size("length", "length, fore and aft", EngineBox::length, v -> engine.ofLength(v)),
                        size("width", "width", EngineBox::width, v -> engine.withWidth(v)),
                        size("height", "height", EngineBox::height, v -> engine.ofHeight(v)),
                        size("shaft-up", "underside to output shaft", EngineBox::shaftUp, v -> engine.withShaftUp(v)));
        if (family.machine(name, plan).end() instanceof LineEnd.Road) {
            body.getChildren()
                    .addAll(
                            size(
                                    "shaft-ahead",
                                    "rear face to a shaft across",
                                    EngineBox::shaftAhead,
                                    v -> engine.withShaftAhead(v)),
                            choice(
                                    "engine-shaft-side",
                                    "shaft comes out at the",
                                    List.of(BoxSide.LEFT, BoxSide.RIGHT),
                                    BoxSide::words,
                                    engine.shaftSide(),
                                    side -> engine = engine.withShaftSide(side)));
        }
        body.getChildren()
                .add(choice(
                        "engine-pipe",
                        "exhaust leaves at the",
                        List.of(BoxSide.values()),
                        BoxSide::words,
                        engine.pipe(),
                        pipe -> engine = engine.withPipe(pipe)));
        body.getChildren()
                .addAll(
                        field("power", "power", Kind.POWER, EngineBox::power, v -> engine.withPower(v)),
                        field(
                                "power-speed",
                                "at a crank speed of",
                                Kind.ROTATION_SPEED,
                                EngineBox::powerSpeed,
                                v -> engine.withPowerSpeed(v)),
                        field("mass", "weighs", Kind.MASS, EngineBox::weight, v -> engine.withMass(v)));
        body.getChildren()
                .add(BeginPane.quiet("Its weight is taken from its size until it is on a scale. Bolts, shaft and all"
                        + " else are measured at the first step."));
        return body;
    }

    private QuantityField size(
            String id, String label, ToDoubleFunction<EngineBox> of, DoubleFunction<EngineBox> changed) {
        return field(id, label, Kind.LENGTH, of, changed);
    }

    private QuantityField field(
            String id, String label, Kind kind, ToDoubleFunction<EngineBox> of, DoubleFunction<EngineBox> changed) {
        return number(
                "engine-" + id,
                label,
                kind,
                () -> of.applyAsDouble(engine),
                changed::apply,
                value -> engine = changed.apply(value));
    }

    /**
     * @param tried throws where the value cannot be
     * @param taken keeps it
     */
    private QuantityField number(
            String id,
            String label,
            Kind kind,
            Supplier<Double> value,
            DoubleFunction<?> tried,
            Consumer<Double> taken) {
        QuantityField field = new QuantityField(id, label, kind, typed -> {
            tried.apply(typed);
            taken.accept(typed);
            refresh();
        });
        refreshing.add(() -> field.show(value.get(), units.get()));
        return field;
    }

    private <T> HBox choice(
            String id, String label, List<T> values, Function<T, String> word, T first, Consumer<T> taken) {
        ComboBox<T> choice = new ComboBox<>();
        choice.setId(id);
        choice.setAccessibleText(label);
        choice.getItems().setAll(values);
        choice.setConverter(new Words<>(values, word));
        return choice(choice, label, first, taken);
    }

    private <T> HBox choice(ComboBox<T> choice, String label, T first, Consumer<T> taken) {
        Label named = new Label(label);
        named.getStyleClass().add("name");
        choice.setValue(first);
        choice.setOnAction(chosen -> {
            taken.accept(choice.getValue());
            refresh();
        });
        HBox row = new HBox(named, choice);
        row.getStyleClass().add("field-row");
        return row;
    }

    private HBox bar(Consumer<Job> begin, Runnable back) {
        WordField called = new WordField("begin-name", "The job is called", "my machine", words -> {
            if (words.isBlank()) {
                throw new InvalidValue("name", "is empty, give the job a name");
            }
            name = words;
        });
        refreshing.add(() -> called.show(name, units.get()));
        Button go = BeginPane.button("begin-job", "Begin this job", "strong-button");
        go.setOnAction(click -> {
            if (Draft.settleAll(this).isEmpty()) {
                begin.accept(NewJob.of(name, family, plan, engine, fit()));
            }
        });
        Button leave = BeginPane.button("begin-back", "Back", "plain-button");
        leave.setOnAction(click -> back.run());
        HBox bar = new HBox(16, leave, called, go);
        bar.setAlignment(Pos.CENTER_RIGHT);
        bar.getStyleClass().add("begin-bar");
        return bar;
    }

    private FirstFit fit() {
        return FirstFit.of(NewJob.asked(family, plan, engine), room);
    }

    private void refresh() {
        refreshing.forEach(Runnable::run);
        draw();
        answer.getChildren().clear();
        try {
            FirstAnswer.of(fit()).forEach(this::say);
        } catch (InvalidValue invalid) {
            say(new FirstAnswer.Line(InvalidWords.of(invalid, units.get()), "stop"));
        }
    }

    private void say(FirstAnswer.Line line) {
        Label label = new Label(line.words().in(units.get()));
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.getStyleClass().addAll("verdict", "first-answer", line.style());
        answer.getChildren().add(label);
    }

    private void draw() {
        PlannedMachine machine = family.machine(name, plan);
        Job job = NewJob.of(name, family, plan, engine, fit());
        Optional<Dimension> dimension = pointedOut.flatMap(measure -> machine.dimensions().stream()
                .filter(each -> each.measure().equals(measure.id()))
                .findFirst());
        String words = pointedOut
                .map(measure -> units.get().show(Quantity.length(plan.measures().get(measure.id()))))
                .orElse("");
        picture.show(job.host(), job.donor(), job.seat(), Optional.of(machine.bay()), dimension, words);
    }
}
