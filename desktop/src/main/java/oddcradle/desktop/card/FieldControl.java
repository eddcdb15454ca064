package oddcradle.desktop.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Field;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RowsField;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** What a field of a card is changed with. It is made once and then shows the field as it is in each newer job. */
abstract class FieldControl<F extends Field> {
    private final Desk desk;
    private final String edit;
    private final String id;
    private final Supplier<Field> newest;
    private F field;
    private boolean showing;

    private FieldControl(Place place, F field) {
        this.desk = place.desk();
        this.id = place.id();
        this.edit = place.edit();
        this.newest = place.newest();
        this.field = field;
    }

    /**
     * Where a control stands.
     *
     * @param edit what a change is called, for undo
     * @param newest the field in the job as it is when it is asked, which may be newer than what is shown
     */
    record Place(Desk desk, String id, String edit, Supplier<Field> newest) {}

    static FieldControl<?> of(Place place, Field field) {
        if (field instanceof Field.Words words) {
            return new OfWords(place, words);
        }
        if (field instanceof Field.Measure measure) {
            return new OfMeasure(place, measure);
        }
        if (field instanceof Field.Vector vector) {
            return new OfVector(place, vector);
        }
        if (field instanceof Field.Turned turned) {
            return new OfTurned(place, turned);
        }
        if (field instanceof Field.Yes yes) {
            return new OfYes(place, yes);
        }
        if (field instanceof Field.Choice choice) {
            return new OfChoice(place, choice);
        }
        if (field instanceof Field.Several several) {
            return new OfSeveral(place, several);
        }
        if (field instanceof Field.FromShelf shelf) {
            return new OfShelf(place, shelf);
        }
        return new OfTable(place, (Field.Table) field);
    }

    abstract Node node();

    abstract void show();

    /** Takes up the field of a newer job; it is of the same sort. */
    @SuppressWarnings("unchecked") // the card makes other controls where a field of another sort has come
    final void show(Field newer) {
        field = (F) newer;
        showing = true;
        show();
        showing = false;
    }

    final F field() {
        return field;
    }

    final Desk desk() {
        return desk;
    }

    final String id() {
        return id;
    }

    /**
     * A change is made to the newest job: one that follows another at once must not undo it.
     *
     * @throws InvalidValue to be told at the field
     */
    final void put(Supplier<Job> with) {
        refresh();
        Set<String> before = keys();
        desk.session().apply(new ReplaceJob(with.get(), edit));
        follow(before);
    }

    private Set<String> keys() {
        return Cards.of(desk.session().job()).stream().map(Card::key).collect(Collectors.toSet());
    }

    /** A thing that was given another name stays open under it. */
    private void follow(Set<String> before) {
        Set<String> after = keys();
        if (after.size() == before.size() && !after.equals(before)) {
            Cards.of(desk.session().job()).stream()
                    .filter(card -> !before.contains(card.key()))
                    .findFirst()
                    .ifPresent(desk::open);
        }
    }

    @SuppressWarnings("unchecked") // of the same sort, as in show
    private void refresh() {
        field = (F) newest.get();
    }

    /** For what has no text to leave a complaint at. */
    final void choose(Supplier<Job> with) {
        if (!showing) {
            refresh();
            desk.put(with, edit);
            refresh();
            show(field);
        }
    }

    /** A name over the whole width, for what is wider than the place beside a name. */
    static Label head(String name) {
        Label label = new Label(name);
        label.setWrapText(true);
        label.getStyleClass().add("card-field");
        return label;
    }

    private static final class OfWords extends FieldControl<Field.Words> {
        private final WordField text;

        private OfWords(Place place, Field.Words words) {
            super(place, words);
            text = new WordField(
                    place.id(),
                    words.name(),
                    "",
                    typed -> put(() -> field().put().apply(typed)));
        }

        @Override
        Node node() {
            return text;
        }

        @Override
        void show() {
            text.show(field().now(), desk().units());
        }
    }

    private static final class OfMeasure extends FieldControl<Field.Measure> {
        private final QuantityField number;

        private OfMeasure(Place place, Field.Measure measure) {
            super(place, measure);
            number = new QuantityField(
                    place.id(),
                    measure.name(),
                    measure.now().kind(),
                    typed -> put(() -> field().put().apply(typed)));
        }

        @Override
        Node node() {
            return number;
        }

        @Override
        void show() {
            number.show(field().now().si(), desk().units());
        }
    }

    private static final class OfVector extends FieldControl<Field.Vector> {
        private final RowsField rows;

        private OfVector(Place place, Field.Vector vector) {
            super(place, vector);
            Kind kind = vector.kind();
            rows = new RowsField(
                    place.id(),
                    vector.name(),
                    "forward left up",
                    List.of(kind, kind, kind),
                    typed -> put(() -> field().put().apply(one(vector.name(), typed))));
        }

        static Vec3 one(String name, List<List<Double>> rows) {
            if (rows.size() != 1) {
                throw new InvalidValue(name, "is " + rows.size() + " rows, must be three numbers");
            }
            List<Double> row = rows.get(0);
            return new Vec3(row.get(0), row.get(1), row.get(2));
        }

        @Override
        Node node() {
            return rows;
        }

        @Override
        void show() {
            rows.show(field().now(), desk().units());
        }
    }

    private static final class OfTurned extends FieldControl<Field.Turned> {
        private final RowsField rows;

        private OfTurned(Place place, Field.Turned turned) {
            super(place, turned);
            rows = new RowsField(
                    place.id(), turned.name(), "yaw pitch roll", List.of(Kind.ANGLE, Kind.ANGLE, Kind.ANGLE), typed -> {
                        Vec3 angles = OfVector.one(turned.name(), typed);
                        put(() -> field().put()
                                .apply(Pose.ofYawPitchRoll(Vec3.ZERO, angles.x(), angles.y(), angles.z())
                                        .rotation()));
                    });
        }

        @Override
        Node node() {
            return rows;
        }

        @Override
        void show() {
            Mat3 now = field().now();
            rows.show(new Pose(now, Vec3.ZERO).yawPitchRoll(), desk().units());
        }
    }

    private static final class OfYes extends FieldControl<Field.Yes> {
        private final CheckBox box;

        private OfYes(Place place, Field.Yes yes) {
            super(place, yes);
            box = new CheckBox(yes.name());
            box.setId(place.id());
            box.setOnAction(click -> {
                boolean ticked = box.isSelected();
                choose(() -> field().put().apply(ticked));
            });
        }

        @Override
        Node node() {
            return box;
        }

        @Override
        void show() {
            box.setSelected(field().now());
        }
    }

    private static final class OfChoice extends FieldControl<Field.Choice> {
        private final ComboBox<Field.Named> box = new ComboBox<>();
        private final Node node;
        private final ThingPick pick;

        private OfChoice(Place place, Field.Choice choice) {
            super(place, choice);
            box.setId(place.id());
            box.setAccessibleText(choice.name());
            box.setPrefWidth(250);
            box.setOnAction(chosen -> {
                if (box.getValue() != null) {
                    String taken = box.getValue().id();
                    choose(() -> field().put().apply(taken));
                }
            });
            pick = new ThingPick(
                    place.desk(),
                    place.id(),
                    choice.name(),
                    taken -> choose(() -> field().put().apply(taken)));
            node = isShort(choice) ? row(choice.name(), box) : new VBox(2, head(choice.name()), new HBox(6, box, pick));
        }

        /** A few plain words fit beside their name. */
        private static boolean isShort(Field.Choice choice) {
            return choice.name().length() < 30
                    && choice.of().size() < 9
                    && choice.of().stream()
                            .allMatch(each ->
                                    each.words().length() < 16 && !each.words().equals(each.id()));
        }

        private static HBox row(String name, ComboBox<?> box) {
            Label label = new Label(name);
            label.getStyleClass().add("name");
            HBox row = new HBox(label, box);
            row.getStyleClass().add("field-row");
            box.setPrefWidth(134);
            return row;
        }

        @Override
        Node node() {
            return node;
        }

        @Override
        void show() {
            List<Field.Named> of = field().of();
            if (!box.getItems().equals(of)) {
                box.setConverter(new Words<>(of, Field.Named::words));
                box.getItems().setAll(of);
            }
            box.setValue(of.stream()
                    .filter(each -> each.id().equals(field().now()))
                    .findFirst()
                    .orElse(null));
            boolean things =
                    of.stream().anyMatch(each -> desk().session().job().ids().contains(each.id()));
            pick.setVisible(things);
            pick.setManaged(things);
        }
    }

    /** Each one is a button that takes it out; the list and the stand add more. */
    private static final class OfSeveral extends FieldControl<Field.Several> {
        private final FlowPane chosen = new FlowPane(4, 4);
        private final ComboBox<Field.Named> more = new ComboBox<>();
        private final VBox node;

        private OfSeveral(Place place, Field.Several several) {
            super(place, several);
            more.setId(place.id());
            more.setAccessibleText("add to " + several.name());
            more.setPromptText("add …");
            more.setPrefWidth(250);
            more.setOnAction(added -> Optional.ofNullable(more.getValue()).ifPresent(one -> add(one.id())));
            node = new VBox(
                    2,
                    head(several.name()),
                    chosen,
                    new HBox(6, more, new ThingPick(place.desk(), place.id(), several.name(), this::add)));
        }

        private void add(String one) {
            choose(() -> {
                List<String> longer = new ArrayList<>(field().now());
                longer.add(one);
                return field().put().apply(longer);
            });
        }

        @Override
        Node node() {
            return node;
        }

        @Override
        void show() {
            List<Field.Named> of = field().of();
            chosen.getChildren().clear();
            for (int k = 0; k < field().now().size(); k++) {
                int at = k;
                String one = field().now().get(k);
                Button out = new Button(word(one) + "  ×");
                out.setId(id() + "-out-" + k);
                out.setAccessibleText("take " + word(one) + " out");
                out.getStyleClass().addAll("plain-button", "chip");
                out.setOnAction(click -> choose(() -> {
                    List<String> fewer = new ArrayList<>(field().now());
                    fewer.remove(at);
                    return field().put().apply(fewer);
                }));
                chosen.getChildren().add(out);
            }
            if (!more.getItems().equals(of)) {
                more.setConverter(new Words<>(of, Field.Named::words));
                more.getItems().setAll(of);
            }
            more.setValue(null);
        }

        private String word(String one) {
            return field().of().stream()
                    .filter(each -> each.id().equals(one))
                    .map(Field.Named::words)
                    .findFirst()
                    .orElse(one);
        }
    }

    /** A button that opens the shelf under it. */
    private static final class OfShelf extends FieldControl<Field.FromShelf> {
        private final VBox node = new VBox(4);
        private final ShelfPane pane;
        private UnitStyle shownIn;

        private OfShelf(Place place, Field.FromShelf shelf) {
            super(place, shelf);
            pane = new ShelfPane(
                    place.desk(),
                    shelf.shelf(),
                    row -> choose(() -> field().put().apply(row)));
            shownIn = place.desk().units();
            ToggleButton open = new ToggleButton("From the shelf: " + shelf.name());
            open.setId(place.id());
            open.getStyleClass().add("cure-button");
            open.setOnAction(click -> {
                if (open.isSelected()) {
                    node.getChildren().add(pane);
                } else {
                    node.getChildren().remove(pane);
                }
            });
            node.getChildren().add(open);
        }

        @Override
        Node node() {
            return node;
        }

        @Override
        void show() {
            // A shelf does not change with the job, and what is chosen in it stays.
            if (shownIn != desk().units()) {
                shownIn = desk().units();
                pane.show();
            }
        }
    }

    private static final class OfTable extends FieldControl<Field.Table> {
        private final RowsField rows;
        private final VBox node;

        private OfTable(Place place, Field.Table table) {
            super(place, table);
            List<Kind> kinds = table.columns().stream().map(Field.Column::kind).toList();
            String example = String.join(
                    " ", table.columns().stream().map(Field.Column::name).toList());
            rows = RowsField.wide(
                    place.id(),
                    table.name(),
                    example,
                    kinds,
                    typed -> put(() -> field().put().apply(typed)));
            node = new VBox(2, head(table.name() + (kinds.size() > 1 ? ": " + example + "; …" : "")), rows);
        }

        @Override
        Node node() {
            return node;
        }

        @Override
        void show() {
            rows.show(field().now(), desk().units());
        }
    }
}
