package oddcradle.desktop.measure;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.job.Anchor;
import oddcradle.core.job.Job;
import oddcradle.core.job.Side;
import oddcradle.core.job.SurveyEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.store.Desk;

/** Brings a boss or node of the job, or a point of the user's own, onto the sheet. */
final class PointAdder extends VBox {
    private static final String OWN = "a point of my own";

    private final Desk desk;
    private final Side side;
    private final Runnable added;
    private final ComboBox<String> which = new ComboBox<>();
    private final TextField name = field("point-name", "name");
    private final List<TextField> about =
            List.of(field("point-forward", "forward"), field("point-left", "left"), field("point-up", "up"));
    private final HBox own = new HBox(4);
    private final Label problem = new Label();

    PointAdder(Desk desk, Side side, Runnable added) {
        super(4);
        this.desk = desk;
        this.side = side;
        this.added = added;
        which.setId("point-which");
        which.setAccessibleText("point to measure");
        which.setPrefWidth(196);
        which.setOnAction(choice -> arrange());
        Button add = new Button("Measure it");
        add.setId("point-add");
        add.getStyleClass().add("cure-button");
        add.setOnAction(click -> add());
        own.getChildren().add(name);
        own.getChildren().addAll(about);
        problem.getStyleClass().add("field-problem");
        problem.setId("point-problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        getChildren().addAll(new HBox(8, which, add), own, problem);
    }

    private static TextField field(String id, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setPrefWidth(79);
        return field;
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
        problem.setText("");
    }

    private void add() {
        try {
            SurveyPoint point = OWN.equals(which.getValue())
                    ? ownPoint()
                    : ofJob(desk.session().job(), side)
                            .filter(each -> each.id().equals(which.getValue()))
                            .findFirst()
                            .orElseThrow();
            desk.session().apply(new SurveyEdit.SetPoint(side, point));
            name.clear();
            about.forEach(TextField::clear);
            added.run();
        } catch (InvalidValue invalid) {
            problem.setText(invalid.getMessage());
        }
    }

    private SurveyPoint ownPoint() {
        String id = name.getText().strip();
        if (side.survey(desk.session().job()).point(id).isPresent()) {
            throw new InvalidValue("name", "is \"" + id + "\", which is on the sheet already; choose another");
        }
        return new SurveyPoint(id, id, new Vec3(coordinate(0), coordinate(1), coordinate(2)), 0, false);
    }

    private double coordinate(int axis) {
        try {
            return Entry.read(about.get(axis).getText(), Kind.LENGTH, desk.units())
                    .si();
        } catch (InvalidValue invalid) {
            throw new InvalidValue(about.get(axis).getPromptText() + " by eye", invalid.problem());
        }
    }
}
