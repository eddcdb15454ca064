package oddcradle.desktop.step.shake;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.HardnessPicker;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class ShakeSlate extends StepSlate {
    public ShakeSlate(Desk desk, Palette palette) {
        super(desk, Step.SHAKE);
        Label title = section(share("frame"));
        Label big = new Label("–");
        big.setId("passed-on-at-idle");
        big.getStyleClass().add("big-number");
        add(big);
        Chart chart = new Chart("chart-run-up", palette, 250);
        add(chart);
        onRefresh(() -> {
            big.setText(desk.examination()
                    .shake()
                    .answer()
                    .map(shake -> desk.units().show(Quantity.share(shake.transmissibilityAtIdle())))
                    .orElse("–"));
            String ground = desk.examination().onFeet().isPresent() ? "floor" : "frame";
            title.setText(share(ground));
            desk.examination()
                    .shake()
                    .answer()
                    .ifPresent(shake -> chart.show(RunUpChart.of(
                            desk.examination().shaking().orElseThrow(),
                            desk.examination().job().donor().engine(),
                            shake,
                            ground,
                            desk.units())));
        });
        VBox rubber = new VBox(6);
        new HardnessPicker(desk).addTo(rubber.getChildren()::addAll, this::onRefresh);
        onRefresh(() -> rubber.setVisible(desk.session().job().cradle().isSoft()));
        rubber.managedProperty().bind(rubber.visibleProperty());
        add(rubber);
        section("Natural frequencies");
        figures(new FigureList(desk, Step.SHAKE));
    }

    private static String share(String ground) {
        return "Torque transmissibility at idle: share of the engine's uneven turning that reaches the " + ground;
    }
}
