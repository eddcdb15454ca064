package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.HardnessPicker;
import oddcradle.desktop.store.Desk;

/** What of each order the mounts let through, and how hard their rubber is. */
final class IsolationSheet extends VBox {
    private final Desk desk;
    private final Label title = new Label();
    private final Label big = new Label();
    private final Chart chart;
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
        getChildren().addAll(title, big, chart, rubber);
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
        rubber.setVisible(desk.session().job().cradle().isSoft());
        refreshers.forEach(Runnable::run);
    }
}
