package oddcradle.desktop.step.donor;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import oddcradle.core.job.Job;
import oddcradle.core.job.Weights;
import oddcradle.core.job.donor.CommonEnvelope;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.edit.CandidateEdit;
import oddcradle.core.search.Candidates;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.store.Desk;
import oddcradle.files.job.JobStore;

/** The donors that might go in, best first by what the user cares for. */
public final class CandidateSheet extends VBox {
    private final Desk desk;
    private final Button envelope = new Button("One envelope of them all");
    private final Executor background;
    private final Executor ui;
    private final List<Runnable> followers = new ArrayList<>();
    private final GridPane weights = new GridPane();
    private final VBox order = new VBox(10);
    private Job compared;

    /** @param background comparing takes a moment; it is done here */
    public CandidateSheet(Desk desk, Executor background, Executor ui) {
        super(8);
        this.desk = desk;
        this.background = background;
        this.ui = ui;
        Label head = new Label("What you care for");
        head.getStyleClass().add("section-title");
        weights.setHgap(10);
        weights.setVgap(2);
        Label best = new Label("Best first");
        best.getStyleClass().add("section-title");
        order.setId("candidates");
        Button other = new Button("Compare with the donor of another job …");
        other.setId("candidate-add");
        other.getStyleClass().add("cure-button");
        other.setOnAction(click -> {
            FileChooser chooser = new FileChooser();
            chooser.setTitle("Take the donor of another job");
            chooser.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter("Odd Cradle jobs", "*" + JobStore.EXTENSION));
            Optional.ofNullable(chooser.showOpenDialog(getScene().getWindow()))
                    .ifPresent(file -> compareWith(file.toPath()));
        });
        envelope.setId("candidate-envelope");
        envelope.getStyleClass().add("cure-button");
        envelope.setOnAction(click -> addEnvelope());
        getChildren().addAll(head, weights, best, order, new FlowPane(8, 6, other, envelope));
        slider(
                0,
                "fit",
                Weights::fit,
                (w, v) -> new Weights(v, w.mass(), w.power(), w.shaking(), w.price(), w.shaft()));
        slider(
                1,
                "low mass",
                Weights::mass,
                (w, v) -> new Weights(w.fit(), v, w.power(), w.shaking(), w.price(), w.shaft()));
        slider(
                2,
                "power",
                Weights::power,
                (w, v) -> new Weights(w.fit(), w.mass(), v, w.shaking(), w.price(), w.shaft()));
        slider(
                3,
                "little shaking",
                Weights::shaking,
                (w, v) -> new Weights(w.fit(), w.mass(), w.power(), v, w.price(), w.shaft()));
        slider(
                4,
                "low price",
                Weights::price,
                (w, v) -> new Weights(w.fit(), w.mass(), w.power(), w.shaking(), v, w.shaft()));
        slider(
                5,
                "same output",
                Weights::shaft,
                (w, v) -> new Weights(w.fit(), w.mass(), w.power(), w.shaking(), w.price(), v));
    }

    /** Room for any of them, as one more to seat: what is built round it takes each of them later. */
    private void addEnvelope() {
        Job job = desk.session().job();
        List<Donor> all = new ArrayList<>(List.of(job.donor()));
        all.addAll(job.candidates());
        desk.apply(new CandidateEdit.AddCandidate(CommonEnvelope.of(all)));
    }

    /** Takes the donor of a job file among the candidates; on trouble the banner says why. */
    public void compareWith(Path file) {
        try {
            Donor donor = new JobStore(Clock.systemUTC()).open(file).job().donor();
            desk.apply(new CandidateEdit.AddCandidate(donor));
        } catch (IOException unreadable) {
            desk.complaintProperty().set(unreadable.getMessage());
        }
    }

    private void slider(
            int row, String name, Function<Weights, Double> read, BiFunction<Weights, Double, Weights> with) {
        Slider slider = new Slider(0, 10, read.apply(desk.session().job().weights()));
        slider.setId("care-" + name.replace(' ', '-'));
        slider.setAccessibleText("how much " + name + " counts");
        slider.setPrefWidth(150);
        slider.setBlockIncrement(1);
        Label value = new Label();
        slider.valueProperty().addListener((property, before, now) -> {
            double rounded = Math.rint(now.doubleValue());
            value.setText(String.format(Locale.ROOT, "%.0f", rounded));
            Weights current = desk.session().job().weights();
            if (read.apply(current) != rounded && slider.isFocused()) {
                desk.apply(new CandidateEdit.SetWeights(with.apply(current, rounded)));
            }
        });
        value.setText(String.format(Locale.ROOT, "%.0f", slider.getValue()));
        followers.add(() -> {
            if (!slider.isValueChanging()) {
                slider.setValue(read.apply(desk.session().job().weights()));
            }
        });
        weights.addRow(row, new Label(name), slider, value);
    }

    /** Compares anew where the job has changed. */
    public void refresh() {
        followers.forEach(Runnable::run);
        Job job = desk.session().job();
        envelope.setDisable(job.candidates().isEmpty());
        if (job.equals(compared)) {
            return;
        }
        compared = job;
        background.execute(() -> {
            List<Candidates.Candidate> candidates = Candidates.of(job);
            ui.execute(() -> {
                if (compared == job) {
                    show(job, candidates);
                }
            });
        });
    }

    private void show(Job job, List<Candidates.Candidate> candidates) {
        order.getChildren().clear();
        if (candidates.size() < 2) {
            order.getChildren().add(new Label("No other donor to compare with yet."));
            return;
        }
        for (int k = 0; k < candidates.size(); k++) {
            order.getChildren().add(card(job, k + 1, candidates.get(k)));
        }
    }

    private VBox card(Job job, int place, Candidates.Candidate each) {
        Label name = new Label(place + "  " + each.donor().name());
        name.getStyleClass().add("wanted");
        Label score = new Label(desk.units().show(Quantity.share(each.score())));
        score.getStyleClass().add("figure-value");
        HBox head = new HBox(12, name, score);
        int index = job.candidates().indexOf(each.donor());
        if (index >= 0) {
            Button seat = new Button("Seat it");
            seat.setId("seat-" + index);
            seat.getStyleClass().add("cure-button");
            seat.setOnAction(click -> desk.apply(new CandidateEdit.SeatCandidate(index)));
            head.getChildren().add(seat);
        } else {
            Label seated = new Label("seated");
            seated.getStyleClass().addAll("verdict", "good");
            head.getChildren().add(seated);
        }
        GridPane numbers = new GridPane();
        numbers.setHgap(8);
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        ColumnConstraints right = new ColumnConstraints();
        right.setHalignment(HPos.RIGHT);
        numbers.getColumnConstraints().addAll(words, right);
        int row = 0;
        row(
                numbers,
                row++,
                (each.fits() ? "worst gap " : each.worst().separation().overlap() ? "clash " : "gap too short ")
                        + each.worst().donorPart().label() + " – "
                        + each.worst().obstacle().label(),
                Quantity.length(each.worst().separation().distance()));
        if (each.fits()) {
            row(
                    numbers,
                    row++,
                    "could go up / down",
                    each.room().get(4),
                    each.room().get(5));
            row(
                    numbers,
                    row++,
                    "forward / rearward",
                    each.room().get(0),
                    each.room().get(1));
            row(numbers, row++, "left / right", each.room().get(2), each.room().get(3));
        }
        row(numbers, row++, "mass", Quantity.mass(each.donor().mass().mass()));
        row(
                numbers,
                row++,
                each.machineMass() > 0 ? "machine's weight sits up" : "its weight sits up",
                Quantity.length(each.machineCg().z()));
        row(numbers, row++, "and forward", Quantity.length(each.machineCg().x()));
        row(numbers, row++, "most power", new Quantity(each.maxPower(), Kind.POWER));
        row(numbers, row++, "torque at the wheels, low gear", Quantity.torque(each.wheelTorque()));
        if (!Double.isNaN(each.shaking())) {
            row(numbers, row++, "shakes at cruise with", Quantity.force(each.shaking()));
        }
        numbers.addRow(
                row, new Label("output"), new Label(each.donor().output().form().words()));
        StringBuilder why = new StringBuilder();
        for (Candidates.Mark mark : each.marks()) {
            why.append(why.length() == 0 ? "" : " · ")
                    .append(String.format(
                            Locale.ROOT, "%s %.0f%%×%.0f", mark.word(), 100 * mark.mark(), mark.weight()));
        }
        Label marks = new Label(why.toString());
        marks.getStyleClass().add("note-step");
        marks.setWrapText(true);
        return new VBox(2, head, numbers, marks);
    }

    private void row(GridPane grid, int row, String name, Quantity value) {
        Label words = new Label(name);
        words.setWrapText(true);
        Label number = new Label(desk.units().show(value));
        number.getStyleClass().add("figure-value");
        number.setMinWidth(USE_PREF_SIZE);
        grid.addRow(row, words, number);
    }

    private void row(GridPane grid, int row, String name, double a, double b) {
        Label number = new Label(
                desk.units().show(Quantity.length(a)) + " / " + desk.units().show(Quantity.length(b)));
        number.getStyleClass().add("figure-value");
        number.setMinWidth(USE_PREF_SIZE);
        grid.addRow(row, new Label(name), number);
    }
}
