package oddcradle.desktop.stops;

import javafx.scene.control.Label;
import oddcradle.core.finding.Stop;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class ShakeSlate extends StopSlate {
    ShakeSlate(Desk desk, Palette palette) {
        super(desk, Stop.SHAKE);
        section("Of the firing shake at idle, the frame gets");
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
                    .map(shake -> desk.units().show(Quantity.share(shake.atIdle())))
                    .orElse("–"));
            desk.examination()
                    .mountedBody()
                    .filter(body -> desk.examination().shake().answer().isPresent())
                    .ifPresent(body ->
                            chart.show(body, desk.examination().job().donor().engine()));
        });
        new HardnessPicker(desk).addTo(this::add, this::onRefresh);
        section("Natural frequencies");
        figures(new FigureList(desk, Stop.SHAKE));
    }
}
