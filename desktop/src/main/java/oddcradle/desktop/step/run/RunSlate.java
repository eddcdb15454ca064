package oddcradle.desktop.step.run;

import oddcradle.core.finding.Step;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class RunSlate extends StepSlate {
    public RunSlate(Desk desk) {
        super(desk, Step.RUN);
        section("Crank speeds at which the engine's strongest order meets a mode: pass through, do not stay");
        figures(new FigureList(desk, Step.RUN));
        caution("First start: guards on, fuel lines dry, hands and sleeves clear, a second person at the kill switch.");
    }
}
