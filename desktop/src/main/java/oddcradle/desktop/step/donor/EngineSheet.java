package oddcradle.desktop.step.donor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.donor.ShaftEnd;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.removal.Removal;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.LayoutBox;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.slate.RowsField;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** The engine by a dozen dimensions, its output, and what lies behind its holes. */
public final class EngineSheet extends VBox {
    private static final double USUAL_BORE = 0.0102;
    private static final Vec3 BESIDE = new Vec3(0.05, 0, 0);

    private static final List<Kind> PLACE = List.of(Kind.LENGTH, Kind.LENGTH, Kind.LENGTH);
    private static final List<Kind> DIRECTION = List.of(Kind.RATIO, Kind.RATIO, Kind.RATIO);

    private final Desk desk;
    private final Palette palette;
    private final VBox shape = new VBox(4);
    private final ComboBox<OutputForm> form = new ComboBox<>();
    private final ComboBox<Turn> turn = new ComboBox<>();
    private final QuantityField diameter;
    private final QuantityField length;
    private final RowsField centre;
    private final RowsField axis;
    private final ComboBox<String> boss = new ComboBox<>();
    private final WordField name = new WordField("donor-name", "Called", "engine", words -> name(words));
    private final WordField layoutWords = new WordField("donor-layout", "Layout", "single", words -> layout(words));
    private final WordField bossLabel =
            new WordField("boss-label", "Called", "front left", words -> boss(b -> b.withLabel(named("boss", words))));
    private final RowsField bossPlace;
    private final Button bossNew = new Button("A new boss");
    private final RemoveButton bossAway = new RemoveButton("Take this boss away", "boss-away", this::takeBoss);
    private final RowsField bossAxis;
    private final QuantityField bore;
    private final WordField thread;
    private final QuantityField depth;
    private final WordField behind;
    private final CheckBox through = new CheckBox("Goes right through");
    private final Button envelope = new Button();
    private Optional<EngineShape> shown = Optional.empty();
    private UnitStyle shownIn;
    private boolean showing;

    public EngineSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.palette = palette;
        form.setId("output-form");
        form.setAccessibleText("form of the output");
        form.getItems().setAll(OutputForm.values());
        form.setConverter(new Words<>(List.of(OutputForm.values()), OutputForm::words));
        form.setOnAction(choice -> output(o -> o.withForm(form.getValue())));
        turn.setId("output-turn");
        turn.setAccessibleText("direction of turn, seen from outside");
        turn.getItems().setAll(Turn.values());
        turn.setConverter(new Words<>(List.of(Turn.values()), Turn::words));
        turn.setOnAction(choice -> output(o -> o.withTurn(turn.getValue())));
        centre = new RowsField(
                "output-centre",
                "Its middle",
                "forward left up",
                PLACE,
                rows -> output(o -> o.withPlace(one("middle", rows), o.axis())));
        axis = new RowsField(
                "output-axis",
                "Shaft points",
                "forward left up",
                DIRECTION,
                rows -> output(o -> o.withPlace(o.centre(), one("direction", rows))));
        diameter = new QuantityField(
                "shaft-diameter",
                "Shaft diameter",
                Kind.LENGTH,
                v -> output(o -> o.withShaft(
                        new ShaftEnd(v, o.shaft().length(), o.shaft().note()))));
        length = new QuantityField(
                "shaft-length",
                "Usable length",
                Kind.LENGTH,
                v -> output(o -> o.withShaft(
                        new ShaftEnd(o.shaft().diameter(), v, o.shaft().note()))));
        boss.setId("boss");
        boss.setAccessibleText("boss");
        boss.setOnAction(choice -> refresh());
        bossNew.setId("boss-new");
        bossNew.getStyleClass().add("cure-button");
        bossNew.setOnAction(click -> newBoss());
        bossPlace = new RowsField(
                "boss-place",
                "Its place",
                "forward left up",
                PLACE,
                rows -> boss(b -> b.withPosition(one("place", rows))));
        bossAxis = new RowsField(
                "boss-axis",
                "Hole points",
                "forward left up",
                DIRECTION,
                rows -> boss(b -> b.withAxis(one("direction", rows))));
        bore = new QuantityField("boss-bore", "Bore", Kind.LENGTH, v -> boss(b -> b.withBore(v)));
        thread = new WordField(
                "boss-thread",
                "Thread",
                "none, a plain bore",
                v -> hole(h -> new BossHole(v, h.depth(), h.behind(), h.through())));
        depth = new QuantityField(
                "boss-depth",
                "Usable depth",
                Kind.LENGTH,
                v -> hole(h -> new BossHole(h.thread(), v, h.behind(), h.through())));
        behind = new WordField(
                "boss-behind",
                "Behind it",
                "nothing",
                v -> hole(h -> new BossHole(h.thread(), h.depth(), v, h.through())));
        through.setId("boss-through");
        through.setOnAction(click -> hole(h -> new BossHole(h.thread(), h.depth(), h.behind(), through.isSelected())));
        envelope.setId("envelope");
        envelope.getStyleClass().add("cure-button");
        envelope.setOnAction(click -> {
            Optional<EngineShape> other =
                    donor().shape().isPresent() ? Optional.empty() : Optional.of(EngineShape.USUAL);
            change(donor().withShape(other), "envelope by dimensions", "shape");
        });
        getChildren()
                .addAll(
                        name,
                        layoutWords,
                        head("Where the power leaves"),
                        row("Form", form),
                        row("Turns", turn),
                        centre,
                        axis,
                        diameter,
                        length,
                        head("Bosses, where it can be bolted"),
                        bossNew,
                        row("Boss", boss),
                        bossLabel,
                        bossPlace,
                        bossAxis,
                        bore,
                        thread,
                        depth,
                        through,
                        behind,
                        bossAway,
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

    private Donor donor() {
        return desk.session().job().donor();
    }

    private void change(Donor donor, String words, String key) {
        desk.session().apply(new BodyEdit.ChangeDonor(donor, words, key));
    }

    private void output(UnaryOperator<Output> with) {
        if (!showing) {
            change(donor().withOutput(with.apply(donor().output())), "output", "output");
        }
    }

    private void hole(UnaryOperator<BossHole> with) {
        boss(each -> each.withHole(with.apply(each.hole())));
    }

    private void boss(UnaryOperator<Boss> with) {
        if (showing) {
            return;
        }
        List<Boss> bosses = new ArrayList<>(donor().bosses());
        bosses.replaceAll(each -> each.id().equals(boss.getValue()) ? with.apply(each) : each);
        change(donor().withBosses(bosses), "hole of " + boss.getValue(), "hole." + boss.getValue());
    }

    private static String named(String what, String words) {
        if (words.isBlank()) {
            throw new InvalidValue("name", "is empty; the " + what + " needs one");
        }
        return words;
    }

    private void name(String words) {
        change(donor().withName(named("engine", words)), "name of the engine", "donor.name");
    }

    private void layout(String words) {
        change(
                donor().withEngine(donor().engine().withLayout(named("layout", words))),
                "layout in words",
                "donor.layout");
    }

    /** Beside the one that is picked, so that it is seen; its place is for a tape to tell. */
    private void newBoss() {
        Set<String> taken = donor().bosses().stream().map(Boss::id).collect(Collectors.toSet());
        int number = 1;
        while (taken.contains("B" + number)) {
            number++;
        }
        String id = "B" + number;
        Boss like = donor().boss(String.valueOf(boss.getValue()))
                .orElse(new Boss(id, id, Vec3.ZERO, Vec3.Z, USUAL_BORE, BossHole.UNKNOWN));
        Boss fresh = new Boss(
                id, "boss " + number, like.position().plus(BESIDE), like.axis(), like.bore(), BossHole.UNKNOWN);
        List<Boss> bosses = new ArrayList<>(donor().bosses());
        bosses.add(fresh);
        change(donor().withBosses(bosses), "boss " + id, "boss." + id);
        refresh();
        boss.setValue(id);
    }

    private void takeBoss() {
        Optional.ofNullable(boss.getValue())
                .ifPresent(id -> desk.takeAway(
                        "boss " + id, 0, () -> Removal.ofBoss(desk.session().job(), id)));
    }

    private static Vec3 one(String what, List<List<Double>> rows) {
        if (rows.size() != 1) {
            throw new InvalidValue(what, "has " + rows.size() + " rows, must be forward, left and up");
        }
        List<Double> row = rows.get(0);
        return new Vec3(row.get(0), row.get(1), row.get(2));
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
        centre.show(o.centre(), desk.units());
        axis.show(o.axis(), desk.units());
        diameter.show(o.shaft().diameter(), desk.units());
        length.show(o.shaft().length(), desk.units());
        name.show(donor().name(), desk.units());
        layoutWords.show(donor().engine().layout(), desk.units());
        List<String> ids = donor().bosses().stream().map(Boss::id).toList();
        boss.setConverter(new Words<>(ids, donor()::named));
        if (!boss.getItems().equals(ids)) {
            String before = boss.getValue();
            boss.getItems().setAll(ids);
            boss.setValue(ids.contains(before) ? before : ids.isEmpty() ? null : ids.get(0));
        }
        donor().boss(String.valueOf(boss.getValue())).ifPresent(each -> {
            bossLabel.show(each.label(), desk.units());
            bossPlace.show(each.position(), desk.units());
            bossAxis.show(each.axis(), desk.units());
            bore.show(each.bore(), desk.units());
            thread.show(each.hole().thread(), desk.units());
            depth.show(each.hole().depth(), desk.units());
            behind.show(each.hole().behind(), desk.units());
            through.setSelected(each.hole().through());
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

    private void field(EngineShape.Dimension dimension, EngineShape value) {
        String id = "shape-" + dimension.words().replace(' ', '-');
        QuantityField field = new QuantityField(id, dimension.words(), dimension.kind(), typed -> {
            shown = Optional.of(now().with(dimension, typed));
            change(donor().withShape(shown), dimension.words(), "shape." + dimension);
        });
        field.show(dimension.of(value), desk.units());
        shape.getChildren().add(field);
    }

    private EngineShape now() {
        return donor().shape().orElseThrow(() -> new InvalidValue("envelope", "has been taken away"));
    }

    private void dimensions(EngineShape s) {
        LayoutBox layout = new LayoutBox("shape-layout", palette);
        layout.setValue(s.layout());
        layout.setOnAction(choice ->
                change(donor().withShape(Optional.of(now().withLayout(layout.getValue()))), "layout", "shape.layout"));
        shape.getChildren().add(row("Cylinders", layout));
        for (EngineShape.Dimension dimension : EngineShape.Dimension.values()) {
            field(dimension, s);
        }
    }
}
