package oddcradle.desktop.step.seat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.search.SeatLimits;
import oddcradle.core.step.line.DatumSeat;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Toggles;
import oddcradle.desktop.store.Desk;

/** The six numbers of the seat, and what stops it going farther. */
final class PlaceSheet extends VBox {
    private static final double INCH = 0.0254;
    private static final double[] STEPS = {0.010, 0.001, INCH / 16, 0.0001};
    private static final double[] INCH_STEPS = {INCH / 4, INCH / 16, 0.001, INCH / 64};

    private final Desk desk;
    private final Map<Freedom, QuantityField> fields = new EnumMap<>(Freedom.class);
    private final Map<Freedom, CheckBox> holds = new EnumMap<>(Freedom.class);
    private final Button toDatum = new Button("Put it on the datum");
    /** Asked when the datum would move what is held. */
    private final VBox question = new VBox(4);

    private final Label heldOff = new Label();
    private final Button freeAndPut = new Button("Free them and put it on");
    private final HBox steps = new HBox(2);
    private UnitStyle stepsIn;
    private final VBox limits = new VBox(3);
    private final FigureList figures;

    PlaceSheet(Desk desk) {
        super(8);
        this.desk = desk;
        VBox six = new VBox(4);
        for (Freedom freedom : Freedom.values()) {
            six.getChildren().add(field(freedom));
        }
        steps.getStyleClass().add("field-row");
        toDatum.setId("seat-to-datum");
        toDatum.getStyleClass().add("cure-button");
        toDatum.setOnAction(click -> toDatum());
        freeAndPut.setId("seat-free-and-put");
        freeAndPut.getStyleClass().add("cure-button");
        freeAndPut.setOnAction(click -> putFreed());
        heldOff.setId("seat-held-off");
        heldOff.setWrapText(true);
        heldOff.setMinHeight(USE_PREF_SIZE);
        Button keep = new Button("Keep them held");
        keep.setId("seat-keep-held");
        keep.getStyleClass().add("cure-button");
        keep.setOnAction(click -> ask(false));
        question.getChildren().addAll(heldOff, new FlowPane(6, 4, freeAndPut, keep));
        ask(false);
        limits.setId("seat-limits");
        this.figures = new FigureList(desk, Step.SEAT);
        getChildren()
                .addAll(
                        head("Where the donor's datum sits"),
                        six,
                        steps,
                        toDatum,
                        question,
                        head("How far it can still go"),
                        limits,
                        figures);
    }

    private void ask(boolean asked) {
        question.setVisible(asked);
        question.setManaged(asked);
    }

    private void toDatum() {
        DatumSeat.of(job()).ifPresent(datum -> {
            if (datum.heldOff(job().seat()).isEmpty()) {
                put(datum, job().seat());
            } else {
                ask(true);
                refresh();
            }
        });
    }

    private void put(DatumSeat datum, Seat seat) {
        desk.apply(new SeatEdit.TakeSeat(datum.put(seat), "on the datum"));
    }

    private void putFreed() {
        DatumSeat.of(job()).ifPresent(datum -> {
            Seat seat = job().seat();
            List<Freedom> kept = seat.held().stream()
                    .filter(held -> !datum.heldOff(seat).contains(held))
                    .toList();
            put(datum, seat.holding(kept));
        });
        ask(false);
    }

    private Phrase heldOffWords(DatumSeat datum, Seat seat) {
        Seat on = datum.put(seat);
        List<String> ways = new ArrayList<>();
        List<Object> values = new ArrayList<>();
        for (Freedom freedom : datum.heldOff(seat)) {
            ways.add(freedom.word() + " is held at {}, the datum asks for {}");
            values.add(quantity(freedom, seat));
            values.add(quantity(freedom, on));
        }
        return new Phrase("Not moved: " + String.join("; ", ways) + ".", values);
    }

    private static Quantity quantity(Freedom freedom, Seat seat) {
        return freedom.slides() ? Quantity.length(seat.value(freedom)) : Quantity.angle(seat.value(freedom));
    }

    private static Label head(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        return head;
    }

    private Job job() {
        return desk.session().job();
    }

    private QuantityField field(Freedom freedom) {
        String name = freedom.word().substring(0, 1).toUpperCase(Locale.ROOT)
                + freedom.word().substring(1);
        QuantityField field = new QuantityField(
                "seat-" + freedom.word(), name, freedom.slides() ? Kind.LENGTH : Kind.ANGLE, value -> desk.session()
                        .apply(new JobEdit.SetSeat(freedom, value)));
        CheckBox hold = new CheckBox("held");
        hold.setId("hold-" + freedom.word());
        hold.setMinWidth(USE_PREF_SIZE);
        hold.setOnAction(click -> desk.apply(new JobEdit.HoldSeat(freedom, hold.isSelected())));
        fields.put(freedom, field);
        holds.put(freedom, hold);
        return field.with(hold);
    }

    private void showSteps() {
        if (desk.units() == stepsIn) {
            return;
        }
        stepsIn = desk.units();
        steps.getChildren().setAll(new Label("Nudge"));
        ToggleGroup group = new ToggleGroup();
        Toggles.follow(group, chosen -> desk.nudgeProperty().set((Double) chosen.getUserData()));
        for (double step : stepsIn == UnitStyle.MILLIMETRES ? STEPS : INCH_STEPS) {
            ToggleButton button = new ToggleButton(stepName(step));
            button.setId("nudge-" + stepName(step).replaceAll("[^a-z0-9]+", "-"));
            button.getStyleClass().add("plain-button");
            button.setToggleGroup(group);
            button.setUserData(step);
            button.setSelected(desk.nudgeProperty().get() == step);
            steps.getChildren().add(button);
        }
    }

    private static String stepName(double step) {
        boolean inch = Math.abs(Math.rint(step / INCH * 64) * INCH / 64 - step) < 1e-9;
        return (inch ? UnitStyle.FRACTIONAL_INCHES : UnitStyle.MILLIMETRES).show(Quantity.length(step));
    }

    void refresh() {
        showSteps();
        Seat seat = job().seat();
        for (Freedom freedom : Freedom.values()) {
            fields.get(freedom).show(seat.value(freedom), desk.units());
            holds.get(freedom).setSelected(seat.isHeld(freedom));
        }
        Optional<DatumSeat> datum = DatumSeat.of(job());
        toDatum.setDisable(datum.isEmpty() || datum.get().put(seat).equals(seat));
        Optional<DatumSeat> asked =
                datum.filter(each -> question.isVisible() && !each.heldOff(seat).isEmpty());
        ask(asked.isPresent());
        asked.ifPresent(each -> heldOff.setText(heldOffWords(each, seat).in(desk.units())));
        limits.getChildren().clear();
        for (SeatLimits.Limit limit : desk.live().asideProperty().get().limits()) {
            Label line = new Label(words(limit).in(desk.units()));
            line.setWrapText(true);
            line.setMinHeight(USE_PREF_SIZE);
            limits.getChildren().add(line);
        }
        if (limits.getChildren().isEmpty()) {
            limits.getChildren().add(new Label("Datum and holds leave it no way to slide."));
        }
        figures.refresh();
    }

    private static Phrase words(SeatLimits.Limit limit) {
        if (limit.tooNear() > 0) {
            return Phrase.of(
                    "{}: no farther, {} is {} too near to {} already",
                    limit.way(),
                    limit.part(),
                    Quantity.length(limit.tooNear()),
                    limit.label());
        }
        if (limit.obstacle().isEmpty()) {
            return Phrase.of("{}: nothing stops it within {}", limit.way(), Quantity.length(limit.free()));
        }
        Phrase stops = Phrase.of(
                "{} {}, then {} meets {}", limit.way(), Quantity.length(limit.free()), limit.part(), limit.label());
        return limit.teeth()
                .map(teeth -> Phrase.of(
                        stops.pattern() + "; {} more with {} teeth",
                        limit.way(),
                        Quantity.length(limit.free()),
                        limit.part(),
                        limit.label(),
                        Quantity.length(teeth.more()),
                        Integer.toString(teeth.teeth())))
                .orElseGet(() -> Phrase.of(
                        stops.pattern() + "; without it {} more",
                        limit.way(),
                        Quantity.length(limit.free()),
                        limit.part(),
                        limit.label(),
                        Quantity.length(limit.gone())));
    }
}
