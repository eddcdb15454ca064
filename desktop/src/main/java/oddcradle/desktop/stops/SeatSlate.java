package oddcradle.desktop.stops;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.clearance.Gap;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Stop;
import oddcradle.core.job.Freedom;
import oddcradle.core.job.JobEdit;
import oddcradle.core.job.Seat;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.ShareBars;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class SeatSlate extends StopSlate {
    private static final int GAPS = 6;
    private static final double[] STEPS = {0.010, 0.001, 0.0254 / 16, 0.0001};

    private final Map<Freedom, QuantityField> fields = new EnumMap<>(Freedom.class);
    private final Map<Freedom, CheckBox> holds = new EnumMap<>(Freedom.class);

    SeatSlate(Desk desk, Palette palette) {
        super(desk, Stop.SEAT);
        section("Where the donor's datum sits");
        VBox six = new VBox(4);
        for (Freedom freedom : Freedom.values()) {
            six.getChildren().add(field(freedom));
        }
        add(six);
        onRefresh(this::showSeat);
        add(steps());
        section("Worst gaps against the room they need");
        ShareBars bars = new ShareBars(palette);
        add(bars);
        onRefresh(() -> bars.show(gaps(palette)));
        figures(new FigureList(desk, Stop.SEAT));
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

    private void showSeat() {
        Seat seat = desk.session().job().seat();
        for (Freedom freedom : Freedom.values()) {
            fields.get(freedom).show(seat.value(freedom), desk.units());
            holds.get(freedom).setSelected(seat.isHeld(freedom));
        }
    }

    private HBox steps() {
        HBox row = new HBox(2, new Label("Nudge"));
        row.getStyleClass().add("field-row");
        ToggleGroup group = new ToggleGroup();
        for (double step : STEPS) {
            ToggleButton button = new ToggleButton(stepName(step));
            button.setId("nudge-" + stepName(step).replaceAll("[^a-z0-9]+", "-"));
            button.getStyleClass().add("plain-button");
            button.setToggleGroup(group);
            button.setOnAction(click -> {
                button.setSelected(true);
                desk.nudgeProperty().set(step);
            });
            button.setSelected(desk.nudgeProperty().get() == step);
            row.getChildren().add(button);
        }
        return row;
    }

    private static String stepName(double step) {
        return step == 0.0254 / 16 ? "1/16 in" : UnitStyle.MILLIMETRES.show(Quantity.length(step));
    }

    private List<ShareBars.Bar> gaps(Palette palette) {
        List<ShareBars.Bar> bars = new ArrayList<>();
        for (Gap gap : desk.examination().ledger().worst(GAPS)) {
            double distance = gap.separation().distance();
            Severity severity =
                    gap.margin() >= 0 ? Severity.GOOD : distance < gap.limit() / 2 ? Severity.STOP : Severity.WATCH;
            bars.add(new ShareBars.Bar(
                    gap.donorPart().label() + " – " + gap.obstacle().label(),
                    desk.units().show(Quantity.length(distance)),
                    gap.limit() > 0 ? Math.max(0, distance / gap.limit()) : 1,
                    palette.of(severity),
                    ShareBars.Past.GOOD));
        }
        return bars;
    }
}
