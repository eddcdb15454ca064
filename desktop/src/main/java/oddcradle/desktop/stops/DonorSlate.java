package oddcradle.desktop.stops;

import javafx.scene.control.Label;
import oddcradle.core.finding.Stop;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class DonorSlate extends StopSlate {
    DonorSlate(Desk desk) {
        super(desk, Stop.DONOR);
        Label name = section("");
        Label layout = new Label();
        layout.setWrapText(true);
        add(layout);
        onRefresh(() -> {
            name.setText(desk.session().job().donor().name());
            layout.setText(desk.session().job().donor().engine().layout());
        });
        figures(new FigureList(desk, Stop.DONOR));
        caution("Lifting: hang the engine by its own lugs, tie it until it is bolted, never reach under it.");
    }
}
