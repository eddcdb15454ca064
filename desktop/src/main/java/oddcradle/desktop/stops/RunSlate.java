package oddcradle.desktop.stops;

import oddcradle.core.finding.Stop;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class RunSlate extends StopSlate {
    RunSlate(Desk desk) {
        super(desk, Stop.RUN);
        section("Crank speeds at which the firing meets a mode: pass through, do not stay");
        figures(new FigureList(desk, Stop.RUN));
        caution("First start: guards on, fuel lines dry, hands and sleeves clear, a second person at the kill switch.");
    }
}
