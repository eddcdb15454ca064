package oddcradle.desktop.step.seat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Ids;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.store.Desk;

/** One form for each kind of thing that must follow the seat; one of the same name is replaced. */
final class NeighbourForms extends VBox {
    private static final String PLACE = "forward left up: 480 330 220";
    private static final String WAY = "forward left up: 1 0 0";

    private final Desk desk;
    private final ComboBox<String> kind = new ComboBox<>();
    private final Map<String, Supplier<Form>> kinds = new LinkedHashMap<>();
    private Form shown;

    NeighbourForms(Desk desk) {
        super(6);
        this.desk = desk;
        kinds.put("a pipe to its silencer", this::pipe);
        kinds.put("an intake and its filter", this::intake);
        kinds.put("a tank that feeds by its height", this::tank);
        kinds.put("a hose", () -> run(Neighbour.Line.HOSE));
        kinds.put("a cable", () -> run(Neighbour.Line.CABLE));
        kinds.put("a lever and its rod", this::linkage);
        kinds.put("somebody's legs or helmet", this::occupant);
        kinds.put("a body panel", this::panel);
        kinds.put("the bay between two cross tubes", this::bay);
        kind.setId("neighbour-kind");
        kind.setAccessibleText("what must follow the seat");
        kind.setPrefWidth(328);
        kind.getItems().setAll(kinds.keySet());
        kind.setPromptText("choose what it is");
        kind.setOnAction(choice -> {
            shown = kinds.get(kind.getValue()).get();
            getChildren().setAll(head(), kind, shown);
        });
        getChildren().addAll(head(), kind);
    }

    private static Label head() {
        Label head = new Label("Something that must follow the seat");
        head.getStyleClass().add("section-title");
        return head;
    }

    void refresh() {
        if (shown != null) {
            shown.refresh();
        }
    }

    private Form form() {
        return new Form(desk::units, "neighbour", kind.getValue());
    }

    private Vec3 place(TextField field) {
        return Places.one(field.getText(), desk.units());
    }

    /** A direction has no unit, so it is read as it stands. */
    private static Vec3 way(TextField field) {
        String[] words = field.getText().strip().split("[\\s,]+");
        try {
            if (words.length == 3) {
                return new Vec3(
                        Double.parseDouble(words[0]), Double.parseDouble(words[1]), Double.parseDouble(words[2]));
            }
        } catch (NumberFormatException notNumbers) {
            // Told below, with what it must be.
        }
        throw new InvalidValue(
                field.getAccessibleText(),
                "is \"" + field.getText().strip() + "\", must be three numbers: forward, left and up");
    }

    private double length(TextField field) {
        return Entry.read(field.getText(), Kind.LENGTH, desk.units()).si();
    }

    private double lengthOrNone(TextField field) {
        return field.getText().isBlank() ? 0 : length(field);
    }

    private void put(Neighbour neighbour) {
        SeatPlan plan = desk.session().job().plan();
        List<Neighbour> all = new ArrayList<>(plan.neighbours());
        all.removeIf(each -> each.id().equals(neighbour.id()));
        all.add(neighbour);
        desk.session().apply(new SeatEdit.SetPlan(plan.withNeighbours(all), neighbour.label()));
    }

    private static String id(TextField called) {
        return Ids.of(called.getText(), "neighbour");
    }

    private static String label(TextField called) {
        return called.getText().strip();
    }

    private ComboBox<KeepOut> keepOut(Form form, String name) {
        return form.choice(name, () -> desk.session().job().host().keepOuts(), KeepOut::label);
    }

    private static String chosen(ComboBox<KeepOut> box) {
        if (box.getValue() == null) {
            throw new InvalidValue("keep-out", "is none; draw it first, at Host, Keep out");
        }
        return box.getValue().id();
    }

    private Form pipe() {
        Form form = form();
        TextField called = form.text("called", "tail pipe");
        TextField flange = form.text("flange on the engine", PLACE);
        TextField out = form.text("leaves it", WAY);
        TextField end = form.text("silencer's mouth", PLACE);
        TextField in = form.text("enters it", WAY);
        TextField diameter = form.text("outside diameter", "38 mm");
        TextField wall = form.text("wall", "1.5 mm");
        TextField bend = form.text("bend radius", "76 mm");
        TextField length = form.text("length wanted", "empty: any");
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.PipeRun(
                        id(called),
                        label(called),
                        place(flange),
                        way(out),
                        place(end),
                        way(in),
                        length(diameter),
                        length(wall),
                        length(bend),
                        lengthOrNone(length))));
    }

    private Form intake() {
        Form form = form();
        TextField called = form.text("called", "intake");
        TextField mouth = form.text("mouth on the engine", PLACE);
        TextField facing = form.text("air comes from", WAY);
        TextField diameter = form.text("filter's diameter", "90 mm");
        TextField length = form.text("filter and a hand", "220 mm");
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.Intake(
                        id(called), label(called), place(mouth), way(facing), length(diameter), length(length))));
    }

    private Form tank() {
        Form form = form();
        TextField called = form.text("called", "fuel tank");
        ComboBox<KeepOut> tank = keepOut(form, "tank");
        TextField outlet = form.text("its outlet", PLACE);
        TextField inlet = form.text("inlet on the engine", PLACE);
        TextField head = form.text("least height over it", "50 mm");
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.Tank(
                        id(called), label(called), chosen(tank), place(outlet), place(inlet), length(head))));
    }

    private Form run(Neighbour.Line line) {
        Form form = form();
        TextField called = form.text("called", line == Neighbour.Line.HOSE ? "fuel hose" : "throttle cable");
        TextField from = form.text("begins on the engine", PLACE);
        TextField leaving = form.text("leaves it", WAY);
        TextField to = form.text("ends on the machine", PLACE);
        TextField arriving = form.text("arrives", WAY);
        TextField diameter = form.text("diameter", "8 mm");
        TextField bend = form.text("least bend radius", "60 mm");
        TextField length = form.text("length it has", "empty: still to be bought");
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.Run(
                        id(called),
                        label(called),
                        line,
                        place(from),
                        way(leaving),
                        place(to),
                        way(arriving),
                        length(diameter),
                        length(bend),
                        lengthOrNone(length))));
    }

    private Form linkage() {
        Form form = form();
        TextField called = form.text("called", "shift rod");
        TextField pivot = form.text("lever turns at", PLACE);
        TextField axis = form.text("about", WAY);
        TextField end = form.text("rod holds it at", PLACE);
        TextField hand = form.text("rod comes from", PLACE);
        TextField pull = form.text("hand pulls", WAY);
        ComboBox<String> engages = form.choice("it engages", List.of("right-handed", "left-handed"), String::toString);
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.Linkage(
                        id(called),
                        label(called),
                        place(pivot),
                        way(axis),
                        place(end),
                        place(hand),
                        way(pull),
                        engages.getValue().startsWith("right"))));
    }

    private Form occupant() {
        Form form = form();
        TextField called = form.text("called", "driver's legs");
        ComboBox<KeepOut> room = keepOut(form, "their room");
        TextField bump = form.text("thrown up by", "60 mm");
        TextField left = form.text("room to be left", "80 mm");
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.Occupant(id(called), label(called), chosen(room), length(bump), length(left))));
    }

    private Form panel() {
        Form form = form();
        TextField called = form.text("called", "engine cover");
        ComboBox<KeepOut> skin = keepOut(form, "its skin");
        TextField left = form.text("room to be left", "20 mm");
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.Panel(id(called), label(called), chosen(skin), length(left))));
    }

    private Form bay() {
        Form form = form();
        TextField called = form.text("called", "engine bay");
        TextField from = form.text("first tube's near side", PLACE);
        TextField to = form.text("second tube's", PLACE);
        TextField left = form.text("room at both ends", "30 mm");
        return form.button(
                "Put it with the others",
                () -> put(new Neighbour.Bay(id(called), label(called), place(from), place(to), length(left))));
    }
}
