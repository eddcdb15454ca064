package oddcradle.desktop.stops;

import oddcradle.core.finding.Stop;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class FitSlate extends StopSlate {
    FitSlate(Desk desk) {
        super(desk, Stop.FIT);
        section("Hold a tape to these, boss to boss, before full welds");
        figures(new FigureList(desk, Stop.FIT, figure -> figure.name().contains(" to ")));
        section("Where each boss must be, from the datum");
        figures(new FigureList(desk, Stop.FIT, figure -> !figure.name().contains(" to ")));
    }
}
