package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.IsolationTable;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.HardnessPicker;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** What of each order the mounts let through, and how hard their rubber is. */
final class IsolationSheet extends VBox {
    private final Desk desk;
    private final Label title = new Label();
    private final Label big = new Label();
    private final Chart chart;
    private final VBox modes = new VBox(2);
    private final Table<IsolationTable.Share> shares;
    private final Label axes = Text.said("roll-axis");
    private final TrialSheet trials;
    private final VBox rubber = new VBox(6);
    private final List<Runnable> refreshers = new ArrayList<>();

    IsolationSheet(Desk desk, Palette palette) {
        super(8);
        this.desk = desk;
        title.getStyleClass().add("section-title");
        title.setWrapText(true);
        title.setMinHeight(USE_PREF_SIZE);
        big.setId("passed-on-at-idle");
        big.getStyleClass().add("big-number");
        chart = new Chart("chart-run-up", palette, 250);
        new HardnessPicker(desk).addTo(rubber.getChildren()::addAll, refreshers::add);
        rubber.managedProperty().bind(rubber.visibleProperty());
        modes.setId("modes");
        shares = new Table<>(
                "isolation",
                share -> share.order() + share.way(),
                List.of(
                        Table.Column.words("order", share -> EngineShaking.words(share.order()) + ", " + share.way()),
                        Table.Column.numbers(
                                "idle", () -> "%", share -> 100 * share.idle(), share -> percent(share.idle())),
                        Table.Column.numbers(
                                "dB", () -> "dB", share -> decibels(share.idle()), share -> words(share.idle())),
                        Table.Column.numbers(
                                "cruise", () -> "%", share -> 100 * share.cruise(), share -> percent(share.cruise())),
                        Table.Column.numbers(
                                "dB", () -> "dB", share -> decibels(share.cruise()), share -> words(share.cruise()))),
                share -> {});
        trials = new TrialSheet(desk);
        getChildren()
                .addAll(
                        title,
                        big,
                        chart,
                        rubber,
                        trials,
                        Text.head("Modes on a stiff frame, and where the strongest orders cross them"),
                        modes,
                        axes,
                        Text.head("What gets through, in per cent of what comes, and isolation in dB"),
                        shares);
    }

    private static double decibels(double share) {
        return IsolationTable.Share.decibels(share);
    }

    private static String words(double share) {
        return String.format(Locale.ROOT, "%.1f", decibels(share));
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f", 100 * share);
    }

    private String words(IsolationTable.Row row) {
        String moves = desk.units().show(Quantity.frequency(row.mode().frequencyHz())) + ": " + row.words();
        return row.crossed().isEmpty()
                ? moves
                : moves + "; crossed by order "
                        + String.join(
                                ", ",
                                row.crossed().stream()
                                        .map(each -> EngineShaking.words(each.order()) + " at "
                                                + desk.units().show(Quantity.rotationSpeed(each.speed())))
                                        .toList());
    }

    private void table() {
        Engine engine = desk.examination().job().donor().engine();
        Optional<IsolationTable> table = desk.examination()
                .shake()
                .answer()
                .flatMap(shake -> IsolationTable.of(
                        desk.examination().shaking().orElseThrow().shaking(),
                        desk.examination().engines(),
                        shake,
                        Math.max(engine.cruiseSpeed(), engine.limitSpeed())));
        modes.getChildren().clear();
        table.map(IsolationTable::modes).orElse(List.of()).forEach(row -> {
            modes.getChildren().add(Text.line(words(row)));
        });
        shares.show(table.map(IsolationTable::shares).orElse(List.of()));
        axes.setText(table.flatMap(IsolationTable::rollApart)
                .map(apart -> Phrase.of(
                                "The roll mode turns {} away from the axis about which torque would turn the donor if nothing held it; the less, the"
                                        + " less the other modes are stirred by torque.",
                                Quantity.angle(apart))
                        .in(desk.units()))
                .orElse(""));
    }

    void refresh() {
        String ground = desk.examination().onFeet().isPresent() ? "floor" : "frame";
        title.setText(
                "Torque transmissibility at idle: share of the engine's uneven turning that reaches the " + ground);
        big.setText(desk.examination()
                .shake()
                .answer()
                .map(shake -> desk.units().show(Quantity.share(shake.transmissibilityAtIdle())))
                .orElse("–"));
        desk.examination()
                .shake()
                .answer()
                .ifPresent(shake -> chart.show(RunUpChart.of(
                        desk.examination().shaking().orElseThrow(),
                        desk.examination().job().donor().engine(),
                        shake,
                        ground,
                        desk.units())));
        table();
        trials.refresh();
        rubber.setVisible(desk.session().job().cradle().isSoft());
        refreshers.forEach(Runnable::run);
    }
}
