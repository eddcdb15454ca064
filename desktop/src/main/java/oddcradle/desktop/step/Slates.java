package oddcradle.desktop.step;

import java.util.EnumMap;
import java.util.Map;
import oddcradle.core.finding.Step;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.step.cradle.CradleSlate;
import oddcradle.desktop.step.donor.DonorSlate;
import oddcradle.desktop.step.fit.FitSlate;
import oddcradle.desktop.step.host.HostSlate;
import oddcradle.desktop.step.line.LineSlate;
import oddcradle.desktop.step.load.LoadSlate;
import oddcradle.desktop.step.make.MakeSlate;
import oddcradle.desktop.step.run.RunSlate;
import oddcradle.desktop.step.seat.SeatSlate;
import oddcradle.desktop.step.shake.ShakeSlate;
import oddcradle.desktop.store.Desk;

/** The worksheets by step, made when first asked for. */
public final class Slates {
    private final Desk desk;
    private final Palette palette;
    private final Map<Step, StepSlate> made = new EnumMap<>(Step.class);

    public Slates(Desk desk, Palette palette) {
        this.desk = desk;
        this.palette = palette;
    }

    public StepSlate of(Step step) {
        return made.computeIfAbsent(step, this::make);
    }

    /** Another job gets sheets of its own. */
    public void forget() {
        made.clear();
    }

    private StepSlate make(Step step) {
        return switch (step) {
            case DONOR -> new DonorSlate(desk, palette);
            case HOST -> new HostSlate(desk, palette);
            case LINE -> new LineSlate(desk, palette);
            case SEAT -> new SeatSlate(desk, palette);
            case CRADLE -> new CradleSlate(desk, palette);
            case SHAKE -> new ShakeSlate(desk, palette);
            case LOAD -> new LoadSlate(desk, palette);
            case MAKE -> new MakeSlate(desk, palette);
            case FIT -> new FitSlate(desk, palette);
            case RUN -> new RunSlate(desk, palette);
        };
    }
}
