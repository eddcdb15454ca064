package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.body.Scan;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.survey.Survey;

/**
 * The machine as it was built.
 *
 * @param measured readings of the mount in the order they were taken; the last is how it stands now
 * @param shafts dials and straight-edges
 * @param feet what feelers found under the engine's feet; the latest only
 * @param growth how far the shafts rise as they get warm; none where left out
 * @param fitted what fills the gap at a mount now
 * @param fittings every time the engine went in or out
 * @param cutAway pieces that were cut off
 * @param inspections who looked at what
 * @param scan of the finished mount
 * @param runOuts how true what turns was found
 * @param thrusts where the propeller shaft was found to point; the last is how it points now
 * @param backLashes play found between teeth
 * @param panels gaps of panels, before the engine went in and after
 */
@RecordBuilder
public record AsBuilt(
        List<Measuring> measured,
        List<ShaftReading> shafts,
        List<FootGap> feet,
        Growth growth,
        List<Fitted> fitted,
        List<Fitting> fittings,
        List<CutAway> cutAway,
        List<Inspection> inspections,
        Optional<Scan> scan,
        List<RunOut> runOuts,
        List<ThrustReading> thrusts,
        List<BackLash> backLashes,
        List<PanelGap> panels)
        implements AsBuiltBuilder.With {
    private static final int MOST_TIMES = 20;
    private static final int MOST_LINES = 2_000;

    /** Nothing has been built yet. */
    public static final AsBuilt NOTHING = new AsBuilt(
            List.of(),
            List.of(),
            List.of(),
            Growth.NONE,
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            Optional.empty(),
            List.of(),
            List.of(),
            List.of(),
            List.of());

    public AsBuilt {
        measured = Guard.list("measured", measured, MOST_TIMES);
        shafts = Guard.list("shafts", shafts, MOST_LINES);
        feet = Guard.list("feet", feet, MOST_LINES);
        growth = growth == null ? Growth.NONE : growth;
        fitted = Guard.list("fitted", fitted, MOST_LINES);
        fittings = Guard.list("fittings", fittings, MOST_LINES);
        cutAway = Guard.list("cutAway", cutAway, MOST_LINES);
        inspections = Guard.list("inspections", inspections, MOST_LINES);
        scan = scan == null ? Optional.empty() : scan;
        runOuts = Guard.list("runOuts", runOuts, MOST_LINES);
        Guard.different("runOuts", "id", runOuts, RunOut::id);
        thrusts = Guard.list("thrusts", thrusts, MOST_LINES);
        Guard.different("thrusts", "id", thrusts, ThrustReading::id);
        backLashes = Guard.list("backLashes", backLashes, MOST_LINES);
        Guard.different("backLashes", "id", backLashes, BackLash::id);
        panels = Guard.list("panels", panels, MOST_LINES);
        Guard.different("panels", "id", panels, PanelGap::id);
        Guard.different("measured", "name", measured, Measuring::name);
        Guard.different("shafts", "id", shafts, ShaftReading::id);
        Guard.different("feet", "mount", feet, FootGap::mount);
        Guard.different("fitted", "mount", fitted, Fitted::mount);
        Guard.different("inspections", "item", inspections, Inspection::item);
        inOrder(fittings);
    }

    private static void inOrder(List<Fitting> fittings) {
        for (int k = 1; k < fittings.size(); k++) {
            String before = fittings.get(k - 1).date();
            if (fittings.get(k).date().compareTo(before) < 0) {
                throw new InvalidValue(
                        "fittings[" + k + "].date",
                        "is " + fittings.get(k).date() + ", before the line above it (" + before
                                + "); a log runs forwards");
            }
        }
    }

    /** The readings as the mount stands now. */
    public Survey survey() {
        return now().map(Measuring::survey).orElse(Survey.NONE);
    }

    /** The last time it was measured; empty where it never was. */
    public Optional<Measuring> now() {
        return measured.isEmpty() ? Optional.empty() : Optional.of(measured.get(measured.size() - 1));
    }

    /** With other readings of the last time, which is begun as tacked where there is none. */
    public AsBuilt withNow(Survey survey) {
        List<Measuring> others = new ArrayList<>(measured);
        Measuring last = now().orElse(Measuring.FIRST);
        if (!others.isEmpty()) {
            others.remove(others.size() - 1);
        }
        others.add(last.withSurvey(survey));
        return withMeasured(others);
    }

    /** What fills the gap at a mount; nothing where nobody has said. */
    public Fitted fitted(String mount) {
        return fitted.stream()
                .filter(each -> each.mount().equals(mount))
                .findFirst()
                .orElseGet(() -> new Fitted(mount, 0));
    }

    /** With this much under one boss, m: dials and lines that were read before other shims say nothing of the engine any more. */
    public AsBuilt shimmed(String mount, double thickness) {
        List<Fitted> others = new ArrayList<>(fitted);
        others.removeIf(each -> each.mount().equals(mount));
        others.add(new Fitted(mount, thickness));
        return fitted(mount).thickness() == thickness
                ? this
                : withFitted(others).withShafts(List.of()).withThrusts(List.of());
    }

    /** Measured once more: the same points, their readings still to be taken. */
    public AsBuilt again(String name, Measuring.Made made, boolean loaded, String date) {
        List<Measuring> times = new ArrayList<>(measured);
        times.add(new Measuring(
                name, made, loaded, date, new Survey(survey().points(), List.of(), List.of(), List.of())));
        return withMeasured(times);
    }

    public Optional<Inspection> inspection(String item) {
        return inspections.stream().filter(each -> each.item().equals(item)).findFirst();
    }
}
