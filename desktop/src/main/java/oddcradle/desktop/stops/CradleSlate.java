package oddcradle.desktop.stops;

import oddcradle.core.finding.Stop;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class CradleSlate extends StopSlate {
    CradleSlate(Desk desk) {
        super(desk, Stop.CRADLE);
        new HardnessPicker(desk).addTo(this::add, this::onRefresh);
        new SectionPicker(desk).addTo(this::add, this::onRefresh);
        section("Isolators");
        figures(new FigureList(desk, Stop.CRADLE));
        caution("A washer or bracket that touches the engine side passes all vibration round the rubber.");
    }
}
