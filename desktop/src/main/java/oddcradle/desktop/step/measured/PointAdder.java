package oddcradle.desktop.step.measured;

import java.util.List;
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
import oddcradle.core.math.InvalidValue;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Entry;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.store.Desk;

/** Brings a boss or node of the job, or a point of the user's own, onto the sheet. */
final class PointAdder extends VBox {
    private static final String OWN = "a point of my own";

    private final Desk desk;
    private final Side side;
    private final Runnable added;
    private final ComboBox<String> which = new ComboBox<>();
    private final Form own;
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
        getChildren().addAll(new HBox(8, which, add), problem, own);
    }

    private static Stream<SurveyPoint> ofJob(Job job, Side side) {
        if (side == Side.DONOR) {
            return job.donor().bosses().stream()
                    .map(boss -> new SurveyPoint(boss.id(), boss.label(), boss.position(), boss.bore(), false));
        }
        return job.host().nodes().stream()
                .map(node ->
                        new SurveyPoint(node.id(), "node " + node.id(), ((Anchor.At) node.anchor()).point(), 0, false));
    }

    void show() {
        Job job = desk.session().job();
        List<String> open = Stream.concat(
                        ofJob(job, side)
                                .map(SurveyPoint::id)
                                .filter(id -> side.survey(job).point(id).isEmpty()),
                        Stream.of(OWN))
                .toList();
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
        add.setVisible(!mine);
        add.setManaged(!mine);
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

    private SurveyPoint ownPoint() {
        String id = name.getText().strip();
        if (side.survey(desk.session().job()).point(id).isPresent()) {
            throw new InvalidValue("name", "is \"" + id + "\", which is on the sheet already; choose another");
        }
        double hole = bore.getText().isBlank()
                ? 0
                : Entry.read(bore.getText(), Kind.LENGTH, desk.units()).si();
        return new SurveyPoint(id, id, Places.one(place.getText(), desk.units()), hole, false);
    }
}
