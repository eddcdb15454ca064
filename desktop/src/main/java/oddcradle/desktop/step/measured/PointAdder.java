package oddcradle.desktop.step.measured;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.edit.SurveyEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Entry;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** Brings a boss or node of the job, or a point of the user's own, onto the sheet. */
final class PointAdder extends VBox {
    private static final String OWN = "a point of my own";

    private final Desk desk;
    private final Side side;
    private final Runnable added;
    private final ComboBox<String> which = new ComboBox<>();
    private final String made;
    private final Form own;
    private final Form fresh;
    private final TextField name;
    private final TextField place;
    private final TextField bore;
    private final Button add = new Button("Measure it");
    private final Label problem = new Label();

    PointAdder(Desk desk, Side side, Runnable added) {
        super(4);
        this.desk = desk;
        own = new Form(desk::units, "point", "Its name, and its place by eye");
        name = own.text("name", "P1");
        place = own.text("place", "forward left up: 480 330 220");
        bore = own.text("bore", "of its hole; empty: a point without one");
        this.side = side;
        this.added = added;
        made = side == Side.DONOR ? "a new boss here" : "a new node here";
        fresh = fresh();
        which.setId("point-which");
        which.setAccessibleText("point to measure");
        which.setPrefWidth(196);
        which.setOnAction(choice -> arrange());
        add.setId("point-add");
        add.getStyleClass().add("cure-button");
        add.setOnAction(click -> add());
        own.button("Measure it", () -> measure(ownPoint()));
        problem.getStyleClass().add("field-problem");
        problem.setId("point-known-problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        getChildren().addAll(new HBox(8, which, add), problem, own, fresh);
    }

    private static Stream<SurveyPoint> ofJob(Job job, Side side) {
        return switch (side) {
            case DONOR ->
                job.donor().bosses().stream()
                        .map(boss -> SurveyPoint.of(boss.id(), boss.label(), boss.position(), boss.bore(), false));
            case HOST ->
                job.host().nodes().stream()
                        .map(node -> SurveyPoint.of(
                                node.id(), "node " + node.id(), ((Anchor.At) node.anchor()).point(), 0, false));
            case MOUNT -> mounts(job);
        };
    }

    /** The holes of the mounts, and the joints of the cradle that bear no mark of a mount. */
    private static Stream<SurveyPoint> mounts(Job job) {
        Map<String, Vec3> holes = Side.MOUNT.places(job);
        Map<String, Vec3> nodes = Seating.of(job).nodes();
        return Stream.concat(
                holes.entrySet().stream()
                        .map(hole ->
                                SurveyPoint.of(hole.getKey(), "hole of " + hole.getKey(), hole.getValue(), 0, false)),
                job.cradle().nodes().stream()
                        .map(Node::id)
                        .filter(id -> !holes.containsKey(id))
                        .map(id -> SurveyPoint.of(id, "tube joint " + id, nodes.get(id), 0, false)));
    }

    void show() {
        Job job = desk.session().job();
        List<String> open = Stream.concat(
                        ofJob(job, side)
                                .map(SurveyPoint::id)
                                .filter(id -> side.survey(job).point(id).isEmpty()),
                        side == Side.MOUNT ? Stream.of(OWN) : Stream.of(made, OWN))
                .toList();
        which.setConverter(new Words<>(open, desk.session().job().donor()::named));
        if (!which.getItems().equals(open)) {
            which.getItems().setAll(open);
            which.setValue(open.get(0));
        }
        arrange();
    }

    private void arrange() {
        boolean mine = OWN.equals(which.getValue());
        own.setVisible(mine);
        own.setManaged(mine);
        boolean making = made.equals(which.getValue());
        fresh.setVisible(making);
        fresh.setManaged(making);
        add.setVisible(!mine && !making);
        add.setManaged(!mine && !making);
        problem.setText("");
    }

    private void add() {
        try {
            measure(ofJob(desk.session().job(), side)
                    .filter(each -> each.id().equals(which.getValue()))
                    .findFirst()
                    .orElseThrow());
        } catch (InvalidValue invalid) {
            problem.setText(InvalidWords.of(invalid, desk.units()));
        }
    }

    private void measure(SurveyPoint point) {
        desk.session().apply(new SurveyEdit.SetPoint(side, point));
        added.run();
    }

    /** Three readings from the datum planes make the place and stay as its readings. */
    private Form fresh() {
        Form form = new Form(desk::units, "made", "Its name, and a reading from each datum plane");
        TextField called = form.text("called", side == Side.DONOR ? "front left lug" : "NL1");
        List<TextField> read = Stream.of(DatumPlane.values())
                .map(plane -> form.text(plane.word(), "from the plane to its middle"))
                .toList();
        ComboBox<Instrument> with = form.choice(
                "read with",
                List.of(Instrument.TAPE, Instrument.STEEL_RULE, Instrument.CALIPER, Instrument.HEIGHT_GAUGE),
                Instrument::word);
        TextField hole = side == Side.DONOR ? form.text("its hole", "10.2 mm") : null;
        return form.button("Put it there", () -> {
            String label = called.getText().strip();
            Vec3 at = new Vec3(length(read.get(0)), length(read.get(1)), length(read.get(2)));
            double bored = hole == null ? 0 : length(hole);
            String id = side == Side.DONOR ? freeBoss() : label;
            desk.session().apply(new SurveyEdit.MakePlace(side, id, label, at, bored, with.getValue()));
            added.run();
        });
    }

    private double length(TextField field) {
        return Entry.read(field.getText(), Kind.LENGTH, desk.units()).si();
    }

    private String freeBoss() {
        Job job = desk.session().job();
        Set<String> taken = new HashSet<>(job.donor().places().keySet());
        job.donor().survey().points().forEach(each -> taken.add(each.id()));
        int number = 1;
        while (taken.contains("B" + number)) {
            number++;
        }
        return "B" + number;
    }

    private SurveyPoint ownPoint() {
        String id = name.getText().strip();
        if (side.survey(desk.session().job()).point(id).isPresent()) {
            throw new InvalidValue("name", "is \"" + id + "\", which is on the sheet already; choose another");
        }
        double hole = bore.getText().isBlank()
                ? 0
                : Entry.read(bore.getText(), Kind.LENGTH, desk.units()).si();
        return SurveyPoint.of(id, id, Places.one(place.getText(), desk.units()), hole, false);
    }
}
