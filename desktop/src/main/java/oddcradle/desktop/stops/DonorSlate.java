package oddcradle.desktop.stops;

import javafx.scene.control.Label;
import oddcradle.core.finding.Stop;
import oddcradle.core.job.Side;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.measure.SurveySheet;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class DonorSlate extends StopSlate {
    DonorSlate(Desk desk, Palette palette) {
        super(desk, Stop.DONOR);
        Label name = section("");
        Label layout = new Label();
        layout.setWrapText(true);
        add(layout);
        onRefresh(() -> {
            name.setText(desk.session().job().donor().name());
            layout.setText(desk.session().job().donor().engine().layout());
        });
        SurveySheet sheet = new SurveySheet(desk, Side.DONOR, palette);
        add(sheet);
        onRefresh(sheet::refresh);
        figures(new FigureList(desk, Stop.DONOR));
        caution("Lifting: hang the engine by its own lugs, tie it until it is bolted, never reach under it.");
    }
}
