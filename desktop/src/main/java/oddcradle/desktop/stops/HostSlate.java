package oddcradle.desktop.stops;

import java.util.Comparator;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import oddcradle.core.finding.Stop;
import oddcradle.core.job.KeepOut;
import oddcradle.core.job.Side;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.measure.SurveySheet;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class HostSlate extends StopSlate {
    HostSlate(Desk desk, Palette palette) {
        super(desk, Stop.HOST);
        SurveySheet sheet = new SurveySheet(desk, Side.HOST, palette);
        add(sheet);
        onRefresh(sheet::refresh);
        figures(new FigureList(desk, Stop.HOST));
        section("What must not be touched");
        GridPane keepOuts = new GridPane();
        keepOuts.setHgap(18);
        keepOuts.setVgap(3);
        add(keepOuts);
        onRefresh(() -> {
            keepOuts.getChildren().clear();
            List<KeepOut> sorted = desk.session().job().host().keepOuts().stream()
                    .sorted(Comparator.comparing(KeepOut::category))
                    .toList();
            for (int row = 0; row < sorted.size(); row++) {
                Label kind = new Label(sorted.get(row).category().word());
                kind.getStyleClass().add("note-stop");
                keepOuts.addRow(row, new Label(sorted.get(row).label()), kind);
            }
        });
        new SectionPicker(desk).addTo(this::add, this::onRefresh);
    }
}
