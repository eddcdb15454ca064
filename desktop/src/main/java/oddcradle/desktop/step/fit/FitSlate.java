package oddcradle.desktop.step.fit;

import oddcradle.core.finding.Step;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class FitSlate extends StepSlate {
    public FitSlate(Desk desk) {
        super(desk, Step.FIT);
        section("Hold a tape to these, boss to boss, before full welds");
        figures(new FigureList(desk, Step.FIT, figure -> figure.name().contains(" to ")));
        section("Where each boss must be, from the datum");
        figures(new FigureList(desk, Step.FIT, figure -> !figure.name().contains(" to ")));
    }
}
