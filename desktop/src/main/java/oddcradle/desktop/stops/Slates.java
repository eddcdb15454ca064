package oddcradle.desktop.stops;

import java.util.EnumMap;
import java.util.Map;
import oddcradle.core.finding.Stop;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

/** The worksheets by stop, made when first asked for. */
public final class Slates {
    private final Desk desk;
    private final Palette palette;
    private final Map<Stop, StopSlate> made = new EnumMap<>(Stop.class);

    public Slates(Desk desk, Palette palette) {
        this.desk = desk;
        this.palette = palette;
    }

    public StopSlate of(Stop stop) {
        return made.computeIfAbsent(stop, this::make);
    }

    /** Another job gets sheets of its own. */
    public void forget() {
        made.clear();
    }

    private StopSlate make(Stop stop) {
        return switch (stop) {
            case DONOR -> new DonorSlate(desk, palette);
            case HOST -> new HostSlate(desk, palette);
            case LINE -> new LineSlate(desk, palette);
            case SEAT -> new SeatSlate(desk, palette);
            case CRADLE -> new CradleSlate(desk, palette);
            case SHAKE -> new ShakeSlate(desk, palette);
            case LOAD -> new LoadSlate(desk, palette);
            case MAKE -> new MakeSlate(desk, palette);
            case FIT -> new FitSlate(desk);
            case RUN -> new RunSlate(desk);
        };
    }
}
