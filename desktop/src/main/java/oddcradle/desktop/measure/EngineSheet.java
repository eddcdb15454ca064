package oddcradle.desktop.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.job.BodyEdit;
import oddcradle.core.job.Boss;
import oddcradle.core.job.BossHole;
import oddcradle.core.job.Donor;
import oddcradle.core.job.Output;
import oddcradle.core.job.OutputForm;
import oddcradle.core.job.ShaftEnd;
import oddcradle.core.job.Turn;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.store.Desk;

/** The engine by a dozen dimensions, its output, and what lies behind its holes. */
public final class EngineSheet extends VBox {
    private static final EngineShape USUAL =
            new EngineShape(EngineLayout.SINGLE, true, 0.14, 0.26, 0.18, 0.11, 0.12, 0.38, 0.1, 0.12, 0.16, 0, 0, 0.05);

    private final Desk desk;
    private final VBox shape = new VBox(4);
    private final ComboBox<OutputForm> form = new ComboBox<>();
    private final ComboBox<Turn> turn = new ComboBox<>();
    private final QuantityField diameter;
    private final QuantityField length;
    private final ComboBox<String> boss = new ComboBox<>();
    private final QuantityField depth;
    private final TextField behind = new TextField();
    private final Button envelope = new Button();
    private Optional<EngineShape> shown = Optional.empty();
    private UnitStyle shownIn;
    private boolean showing;

    public EngineSheet(Desk desk) {
        super(6);
        this.desk = desk;
        form.setId("output-form");
        form.setAccessibleText("form of the output");
        form.getItems().setAll(OutputForm.values());
        form.setConverter(words(OutputForm.values(), OutputForm::words));
        form.setOnAction(choice ->
                output(o -> new Output(o.centre(), o.axis(), o.teeth(), form.getValue(), o.turn(), o.shaft())));
        turn.setId("output-turn");
        turn.setAccessibleText("direction of turn, seen from outside");
        turn.getItems().setAll(Turn.values());
        turn.setConverter(words(Turn.values(), Turn::words));
        turn.setOnAction(choice ->
                output(o -> new Output(o.centre(), o.axis(), o.teeth(), o.form(), turn.getValue(), o.shaft())));
        diameter = new QuantityField(
                "shaft-diameter",
                "Shaft diameter",
                Kind.LENGTH,
                v -> output(o ->
                        shaft(o, new ShaftEnd(v, o.shaft().length(), o.shaft().note()))));
        length = new QuantityField(
                "shaft-length",
                "Usable length",
                Kind.LENGTH,
                v -> output(o ->
                        shaft(o, new ShaftEnd(o.shaft().diameter(), v, o.shaft().note()))));
        boss.setId("boss");
        boss.setAccessibleText("boss");
        boss.setOnAction(choice -> refresh());
        depth = new QuantityField(
                "boss-depth",
                "Usable depth",
                Kind.LENGTH,
                v -> hole(h -> new BossHole(h.thread(), v, h.behind(), h.through())));
        behind.setId("boss-behind");
        behind.setPromptText("nothing");
        behind.setAccessibleText("what lies behind the hole");
        behind.setOnAction(enter ->
                hole(h -> new BossHole(h.thread(), h.depth(), behind.getText().strip(), h.through())));
        envelope.setId("envelope");
        envelope.getStyleClass().add("cure-button");
        envelope.setOnAction(click -> {
            Optional<EngineShape> other = donor().shape().isPresent() ? Optional.empty() : Optional.of(USUAL);
            change(donor().withShape(other), "envelope by dimensions", "shape");
        });
        getChildren()
                .addAll(
                        head("Where the power leaves"),
                        row("Form", form),
                        row("Turns", turn),
                        diameter,
                        length,
                        head("What lies behind the holes"),
                        row("Boss", boss),
                        depth,
                        row("Behind it", behind),
                        head("The engine by its dimensions"),
                        envelope,
                        shape);
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }

    private static HBox row(String name, Node field) {
        Label label = new Label(name);
        label.getStyleClass().add("name");
        HBox row = new HBox(label, field);
        row.getStyleClass().add("field-row");
        return row;
    }

    private static <T> StringConverter<T> words(T[] values, Function<T, String> word) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : word.apply(value);
            }

            @Override
            public T fromString(String text) {
                for (T each : values) {
                    if (word.apply(each).equals(text)) {
                        return each;
                    }
                }
                return null;
            }
        };
    }

    private Donor donor() {
        return desk.session().job().donor();
    }

    private void change(Donor donor, String words, String key) {
        desk.session().apply(new BodyEdit.ChangeDonor(donor, words, key));
    }

    private void output(Function<Output, Output> with) {
        if (!showing) {
            change(donor().withOutput(with.apply(donor().output())), "output", "output");
        }
    }

    private static Output shaft(Output o, ShaftEnd shaft) {
        return new Output(o.centre(), o.axis(), o.teeth(), o.form(), o.turn(), shaft);
    }

    private void hole(Function<BossHole, BossHole> with) {
        List<Boss> bosses = new ArrayList<>(donor().bosses());
        bosses.replaceAll(each -> each.id().equals(boss.getValue())
                ? new Boss(each.id(), each.label(), each.position(), each.axis(), each.bore(), with.apply(each.hole()))
                : each);
        if (!showing) {
            change(donor().withBosses(bosses), "hole of " + boss.getValue(), "hole." + boss.getValue());
        }
    }

    /** Shows the donor as it is written down. */
    public void refresh() {
        if (showing) {
            return;
        }
        showing = true;
        Output o = donor().output();
        form.setValue(o.form());
        turn.setValue(o.turn());
        diameter.show(o.shaft().diameter(), desk.units());
        length.show(o.shaft().length(), desk.units());
        List<String> ids = donor().bosses().stream().map(Boss::id).toList();
        if (!boss.getItems().equals(ids)) {
            boss.getItems().setAll(ids);
            boss.setValue(ids.isEmpty() ? null : ids.get(0));
        }
        donor().boss(String.valueOf(boss.getValue())).ifPresent(each -> {
            depth.show(each.hole().depth(), desk.units());
            if (!behind.isFocused()) {
                behind.setText(each.hole().behind());
            }
        });
        if (!donor().shape().equals(shown) || desk.units() != shownIn) {
            shown = donor().shape();
            shownIn = desk.units();
            shape.getChildren().clear();
            shown.ifPresent(this::dimensions);
        }
        envelope.setText(shown.isPresent() ? "Take the envelope away" : "Build an envelope from dimensions");
        showing = false;
    }

    private void field(String name, Kind kind, double value, DoubleFunction<EngineShape> with) {
        String id = "shape-" + name.replace(' ', '-');
        QuantityField field = new QuantityField(id, name, kind, typed -> {
            EngineShape other = with.apply(typed);
            shown = Optional.of(other);
            change(donor().withShape(shown), name, "shape." + name);
        });
        field.show(value, desk.units());
        shape.getChildren().add(field);
    }

    private EngineShape now() {
        return donor().shape().orElseThrow(() -> new InvalidValue("envelope", "has been taken away"));
    }

    private void dimensions(EngineShape s) {
        ComboBox<EngineLayout> layout = new ComboBox<>();
        layout.setId("shape-layout");
        layout.getItems().setAll(EngineLayout.values());
        layout.setConverter(words(EngineLayout.values(), EngineLayout::words));
        layout.setValue(s.layout());
        layout.setOnAction(choice ->
                change(donor().withShape(Optional.of(with(now(), layout.getValue()))), "layout", "shape.layout"));
        shape.getChildren().add(row("Cylinders", layout));
        field("case ahead of crank", Kind.LENGTH, s.caseAhead(), v -> with(now(), 0, v));
        field("case behind crank", Kind.LENGTH, s.caseBehind(), v -> with(now(), 1, v));
        field("case along crank", Kind.LENGTH, s.caseWidth(), v -> with(now(), 2, v));
        field("case above crank", Kind.LENGTH, s.caseAbove(), v -> with(now(), 3, v));
        field("case below crank", Kind.LENGTH, s.caseBelow(), v -> with(now(), 4, v));
        field("crank to head top", Kind.LENGTH, s.cylinderReach(), v -> with(now(), 5, v));
        field("bore spacing", Kind.LENGTH, s.boreSpacing(), v -> with(now(), 6, v));
        field("cylinder over fins", Kind.LENGTH, s.cylinderWidth(), v -> with(now(), 7, v));
        field("head length", Kind.LENGTH, s.headLength(), v -> with(now(), 8, v));
        field("cylinders lean", Kind.ANGLE, s.lean(), v -> with(now(), 9, v));
        field("between banks", Kind.ANGLE, s.bank(), v -> with(now(), 10, v));
        field("covers stand out", Kind.LENGTH, s.coverReach(), v -> with(now(), 11, v));
    }

    private static EngineShape with(EngineShape s, EngineLayout layout) {
        return new EngineShape(
                layout,
                s.fourStroke(),
                s.caseAhead(),
                s.caseBehind(),
                s.caseWidth(),
                s.caseAbove(),
                s.caseBelow(),
                s.cylinderReach(),
                s.boreSpacing(),
                s.cylinderWidth(),
                s.headLength(),
                s.lean(),
                layout.usualBank(),
                s.coverReach());
    }

    private static EngineShape with(EngineShape s, int at, double value) {
        double[] d = {
            s.caseAhead(),
            s.caseBehind(),
            s.caseWidth(),
            s.caseAbove(),
            s.caseBelow(),
            s.cylinderReach(),
            s.boreSpacing(),
            s.cylinderWidth(),
            s.headLength(),
            s.lean(),
            s.bank(),
            s.coverReach()
        };
        d[at] = value;
        return new EngineShape(
                s.layout(), s.fourStroke(), d[0], d[1], d[2], d[3], d[4], d[5], d[6], d[7], d[8], d[9], d[10], d[11]);
    }
}
