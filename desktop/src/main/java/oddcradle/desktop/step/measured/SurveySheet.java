package oddcradle.desktop.step.measured;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import javafx.event.ActionEvent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.edit.SurveyEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.ReadingWords;
import oddcradle.core.survey.SimulatedInstrument;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyPlan;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.survey.Wanted;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/**
 * The measuring sheet of donor or host. It asks for one reading after the other; each Enter takes one and asks for the next.
 * What is wanted is worked out at once, not with the examination, because a caliper types faster than anybody looks.
 */
public final class SurveySheet extends VBox {
    private final Desk desk;
    private final Side side;
    private final Label title = new Label();
    private final Label hold = new Label();
    private final JawsPicture picture;
    private final ReadingEntry entry = new ReadingEntry(this::take);
    private final VBox asking = new VBox(6);
    private final RemoveButton strike = new RemoveButton("Strike it out", "reading-strike", this::strike);
    private final OtherReading other = new OtherReading(reading -> askAgain(reading, false));
    private final Button simulate = new Button("Read it (simulated)");
    private final ReadingList list = new ReadingList(reading -> askAgain(reading, true));
    private final PointAdder points;
    private final PointPhoto photo;
    private final Random noise = new Random();
    private final Set<String> later = new HashSet<>();

    private Optional<Reading> chosen = Optional.empty();
    private Survey shown = Survey.NONE;

    public SurveySheet(Desk desk, Side side, Palette palette) {
        super(6);
        this.desk = desk;
        this.side = side;
        this.picture = new JawsPicture(palette);
        this.points = new PointAdder(desk, side, this::refresh);
        title.setId("wanted");
        title.getStyleClass().add("wanted");
        title.setWrapText(true);
        hold.setWrapText(true);
        hold.getStyleClass().add("note-step");
        photo = new PointPhoto(desk, side);
        asking.getChildren().addAll(picture, hold, entry, buttons(), photo);
        entry.takeWhenLeaving(asking);
        VBox more = new VBox(6, other);
        more.setVisible(false);
        more.setManaged(false);
        Button show = new Button("Another reading…");
        show.setId("other-show");
        show.getStyleClass().add("plain-button");
        show.setOnAction(click -> {
            more.setVisible(!more.isVisible());
            more.setManaged(more.isVisible());
        });
        getChildren().addAll(head("Measure next"), title, asking, show, more, head("Readings"), list);
        getChildren().addAll(head("Points"), points);
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }

    private FlowPane buttons() {
        Button skip = new Button("Later");
        skip.setId("reading-later");
        skip.getStyleClass().add("plain-button");
        skip.setOnAction(click -> {
            if (entry.isEdited()) {
                entry.settle();
                return;
            }
            later.add(ReadingWords.of(entry.wanted()));
            chosen = Optional.empty();
            ask();
        });
        CheckBox simulated = new CheckBox("Simulated instruments");
        simulated.setId("simulated");
        simulate.setId("simulate");
        simulate.getStyleClass().add("cure-button");
        simulate.visibleProperty().bind(simulated.selectedProperty());
        simulate.managedProperty().bind(simulated.selectedProperty());
        simulate.setOnAction(click -> simulateReading());
        return new FlowPane(6, 4, skip, strike, simulated, simulate);
    }

    private void strike() {
        String id = entry.wanted().id();
        chosen = Optional.empty();
        desk.apply(new SurveyEdit.DropReading(side, id));
        refresh();
    }

    /** Shows the survey as it stands in the job. */
    public void refresh() {
        Job job = desk.session().job();
        Survey survey = side.survey(job);
        points.show();
        other.show(survey);
        SurveyResult result = SurveyAdjustment.of(survey);
        list.show(result, desk.units());
        boolean changed = !survey.equals(shown);
        shown = survey;
        if (changed || desk.wantedProperty().get().isEmpty()) {
            ask(survey, result);
        } else if (entry.wanted() != null) {
            picture.show(entry.wanted());
        }
    }

    private void ask() {
        ask(shown, SurveyAdjustment.of(shown));
    }

    private void ask(Survey survey, SurveyResult result) {
        List<Wanted> plan = new ArrayList<>(SurveyPlan.next(survey, result));
        plan.removeIf(each -> later.contains(ReadingWords.of(each.template())));
        Optional<Wanted> next = chosen.map(reading -> new Wanted(
                        reading, Wanted.Reason.CHECKS, reading.instrument().word()))
                .or(() -> plan.stream().findFirst());
        desk.wantedProperty().set(next);
        boolean any = next.isPresent();
        asking.setVisible(any);
        asking.setManaged(any);
        boolean again = chosen.isPresent() && survey.reading(chosen.get().id()).isPresent();
        strike.setVisible(again);
        strike.setManaged(again);
        if (!any) {
            title.setText(
                    survey.points().isEmpty() ? "Choose a point to measure." : "Every point is fixed and checked.");
            return;
        }
        Reading wanted = next.get().template();
        title.setText(
                again
                        ? "Once more " + wanted.id() + ": " + ReadingWords.of(wanted)
                        : ReadingWords.of(wanted) + " · " + next.get().reason().words());
        hold.setText(next.get().hold());
        photo.show(survey, wanted.points().stream().findFirst());
        picture.show(wanted);
        entry.ask(kept(wanted), again ? number(wanted) : "", desk.units());
    }

    /** The instrument chosen for the last reading of the same sort stays in the hand. */
    private Reading kept(Reading wanted) {
        Reading last = entry.wanted();
        boolean sameSort = last != null && chosen.isEmpty() && last.getClass().equals(wanted.getClass());
        return sameSort ? wanted.taken(last.instrument(), last.sigma()) : wanted;
    }

    private String number(Reading reading) {
        Kind kind = reading instanceof Reading.Slope ? Kind.ANGLE : Kind.LENGTH;
        return desk.units().digits(new Quantity(reading.value(), kind));
    }

    private void askAgain(Reading reading, boolean focus) {
        chosen = Optional.of(reading);
        ask();
        entry.field().requestFocus();
        if (focus) {
            entry.field().selectAll();
        }
    }

    private void take(Reading reading) {
        desk.session().apply(new SurveyEdit.SetReading(side, reading));
        chosen = Optional.empty();
        refresh();
    }

    /** Types what an instrument would show at the machine as it stands in the job, and presses Enter for it. */
    private void simulateReading() {
        Reading read = SimulatedInstrument.read(entry.wanted(), this::standing, noise);
        Kind kind = read instanceof Reading.Slope ? Kind.ANGLE : Kind.LENGTH;
        entry.field().setText(desk.units().digits(new Quantity(read.value(), kind)));
        entry.field().fireEvent(new ActionEvent());
    }

    private Vec3 standing(String point) {
        Job job = desk.session().job();
        return Optional.ofNullable(side.places(job).get(point))
                .orElseGet(() -> shown.point(point).orElseThrow().about());
    }
}
