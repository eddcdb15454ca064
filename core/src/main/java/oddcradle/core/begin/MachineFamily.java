package oddcradle.core.begin;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * The kinds of machine that a job can begin from. Sizes, people and loads to begin with are common practice, to be changed to what is
 * measured.
 */
public enum MachineFamily {
    KART("kart", "kart", LoadSet.ROUGH_GROUND, new KartPlan()),
    ATV("atv", "ATV, sat astride", LoadSet.ROUGH_GROUND, new CagePlan(CagePlan.Shape.ATV)),
    TRIKE("trike", "trike, one wheel ahead", LoadSet.ROAD, new CagePlan(CagePlan.Shape.TRIKE)),
    BUGGY("buggy", "buggy, engine behind", LoadSet.ROUGH_GROUND, new CagePlan(CagePlan.Shape.BUGGY)),
    CARGO("cargo", "tractor or cargo machine", LoadSet.FIELD_WORK, new CargoPlan()),
    SKID("skid", "generator or pump skid", LoadSet.SKID, new SkidPlan()),
    AIRCRAFT("aircraft", "light aircraft, engine ahead", LoadSet.LIGHT_SPORT, new FirewallPlan()),
    CYCLE("cycle", "scooter or cycle", LoadSet.ROAD, new CyclePlan());

    private final String id;
    private final String words;
    private final LoadSet cases;
    private final FramePlan plan;

    MachineFamily(String id, String words, LoadSet cases, FramePlan plan) {
        this.id = id;
        this.words = words;
        this.cases = cases;
        this.plan = plan;
    }

    public String id() {
        return id;
    }

    public String words() {
        return words;
    }

    /** The load cases it begins with. */
    public LoadSet cases() {
        return cases;
    }

    /** What is asked of it, in the order in which it is measured. */
    public List<FloorMeasure> measures() {
        return plan.measures();
    }

    /** An engine as it is often fitted to this kind, to begin from; common practice. */
    public EngineBox engine() {
        EngineBox single = EngineBox.usual();
        return switch (this) {
            case KART ->
                single.withLength(0.32)
                        .withWidth(0.26)
                        .withHeight(0.34)
                        .withShaftAhead(0.14)
                        .withShaftUp(0.11)
                        .withPower(5_000)
                        .withPipe(BoxSide.TOP);
            case ATV -> single.withWidth(0.26).withPipe(BoxSide.TOP).withHeight(0.3);
            case TRIKE, BUGGY ->
                single.withPower(30_000)
                        .withPowerSpeed(Math.toRadians(6 * 8000))
                        .withLayout(EngineLayout.PARALLEL_TWIN)
                        .withPipe(BoxSide.REAR);
            case CARGO -> single.withPipe(BoxSide.RIGHT);
            case SKID -> single.withPipe(BoxSide.RIGHT).withLayout(EngineLayout.PARALLEL_TWIN);
            case AIRCRAFT ->
                single.withLayout(EngineLayout.FLAT_FOUR)
                        .withLength(0.62)
                        .withWidth(0.72)
                        .withHeight(0.4)
                        .withShaftUp(0.22)
                        .withShaftAhead(0)
                        .withPower(60_000)
                        .withPowerSpeed(Math.toRadians(6 * 2500))
                        .withMass(85)
                        .withPipe(BoxSide.BOTTOM);
            case CYCLE ->
                single.withLength(0.32).withWidth(0.24).withHeight(0.36).withPipe(BoxSide.FRONT);
        };
    }

    public static Optional<MachineFamily> find(String id) {
        return Arrays.stream(values()).filter(each -> each.id.equals(id)).findFirst();
    }

    /** Every measure as it usually is. */
    public HostPlan usual() {
        Map<String, Double> measures = new TreeMap<>();
        plan.measures().forEach(each -> measures.put(each.id(), each.usual()));
        return new HostPlan(id, measures);
    }

    /**
     * @param measures those that are left out are as they usually are
     * @throws InvalidValue if one is outside its bounds
     */
    public PlannedMachine machine(String name, HostPlan measures) {
        Map<String, Double> whole = new TreeMap<>();
        for (FloorMeasure each : plan.measures()) {
            double value = measures.measures().getOrDefault(each.id(), each.usual());
            Guard.within(each.label(), value, each.least(), each.most(), "m");
            whole.put(each.id(), value);
        }
        FrameDraft draft = new FrameDraft(whole);
        plan.draw(draft);
        return draft.machine(name, new HostPlan(id, whole));
    }

    /** The plan of a host that still stands as its measures made it; empty once its frame was changed by hand. */
    public static Optional<HostPlan> stillPlanned(Host host) {
        return host.plan().filter(plan -> find(plan.family())
                .map(family -> family.machine(host.name(), plan).host())
                .filter(drawn ->
                        drawn.nodes().equals(host.nodes()) && drawn.members().equals(host.members()))
                .isPresent());
    }
}
