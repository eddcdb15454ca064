package oddcradle.desktop.step.shake;

import javafx.scene.control.Label;
import oddcradle.core.finding.Step;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.HardnessPicker;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class ShakeSlate extends StepSlate {
    public ShakeSlate(Desk desk, Palette palette) {
        super(desk, Step.SHAKE);
        section("Torque transmissibility at idle: share of the engine's uneven turning that reaches the frame");
        Label big = new Label("–");
        big.setId("passed-on-at-idle");
        big.getStyleClass().add("big-number");
        add(big);
        RunUpChart chart = new RunUpChart(palette);
        add(chart);
        onRefresh(() -> {
            big.setText(desk.examination()
                    .shake()
                    .answer()
                    .map(shake -> desk.units().show(Quantity.share(shake.transmissibilityAtIdle())))
                    .orElse("–"));
            desk.examination()
                    .shake()
                    .answer()
                    .ifPresent(shake -> chart.show(
                            desk.examination().shakingBody().orElseThrow(),
                            desk.examination().crank(),
                            desk.examination().job().donor().engine(),
                            shake));
        });
        new HardnessPicker(desk).addTo(this::add, this::onRefresh);
        section("Natural frequencies");
        figures(new FigureList(desk, Step.SHAKE));
    }
}
