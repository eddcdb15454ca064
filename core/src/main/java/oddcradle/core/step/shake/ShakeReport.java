package oddcradle.core.step.shake;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.host.Support;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.Engines;
import oddcradle.core.structure.MachineOnFeet;
import oddcradle.core.structure.PropellerShaking;
import oddcradle.core.structure.ShakeResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.ModesResult;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;

/** The donor on its isolators: modes, sag, and what of the firing reaches the frame. */
public final class ShakeReport {
    public static final double MOST_AT_IDLE = 1;
    public static final double MOST_AT_CRUISE = 0.15;
    /** Of rubber at rest, for a long life; common practice. */
    public static final double MOST_SHEAR_STRAIN = 0.30;

    public static final double MOST_COMPRESSIVE_STRAIN = 0.15;
    private static final Source MODES = Source.fromMemory("Harris' Shock and Vibration Handbook, ch. 3");
    private static final String[] MOTIONS = {"fore-aft", "sideways", "vertical", "roll", "pitch", "yaw"};

    private ShakeReport() {}

    /**
     * Everything that decides the report.
     *
     * @param taken what of the engine is taken, in words
     * @param feet of the machine, where it is that which shakes and not the donor alone
     * @param twoStages whether the machine has feet of rubber that are not in this
     */
    public record Input(
            List<String> taken,
            Cradle cradle,
            Seating seating,
            Optional<MachineOnFeet> feet,
            boolean twoStages,
            Outcome<ShakeResult> shake) {}

    public static StepReport of(Input input) {
        Seating seating = input.seating();
        Outcome<ShakeResult> outcome = input.shake();
        Cradle cradle = input.cradle();
        ReportBuilder report = new ReportBuilder(Step.SHAKE);
        report.findings(outcome.reasons());
        if (input.twoStages()) {
            report.say(
                    ShakeFinding.TWO_STAGES,
                    Severity.WATCH,
                    Phrase.of(
                            "the machine has rubber feet too, under some of its supports or besides soft mounts: two stages work on each"
                                    + " other, and that is not in these figures; bolt the engine hard, or give every support a foot"),
                    Place.of(Subject.DONOR, seating.mass().cg()),
                    new Why("one stage is worked out: donor on mounts, or machine on feet", List.of(), MODES));
        }
        if (!cradle.isSoft() && !cradle.isolators().isEmpty() && input.feet().isEmpty()) {
            bolted(report, seating);
            return report.report();
        }
        outcome.answer().ifPresent(result -> {
            modes(report, result.modes());
            sag(report, input, result.modes().sag());
            isolation(report, input, result);
        });
        return report.report();
    }

    private static void bolted(ReportBuilder report, Seating seating) {
        report.say(
                ShakeFinding.HARD,
                Severity.NOTE,
                Phrase.of(
                        "bolted hard at every mount: the frame takes all that the engine shakes with; look for cracks after the"
                                + " first hours"),
                Place.of(Subject.DONOR, seating.mass().cg()),
                new Why("no mount has anything soft in it", List.of(), Source.commonPractice()));
    }

    private static void modes(ReportBuilder report, ModesResult result) {
        for (Mode mode : result.modes()) {
            int motion = mode.leadingMotion();
            report.figure(
                    "mode, " + Math.round(mode.kineticEnergyPercent().get(motion)) + " % " + MOTIONS[motion],
                    Quantity.frequency(mode.frequencyHz()),
                    new Why(
                            "(K - w² M) phi = 0, six degrees of freedom; share = phi_i (M phi)_i / phi'M phi",
                            List.of(input("w", Quantity.rotationSpeed(2 * Math.PI * mode.frequencyHz()))),
                            MODES));
        }
    }

    private static void sag(ReportBuilder report, Input input, StaticSag sag) {
        double mass = input.feet()
                .map(feet -> feet.still().body().mass())
                .orElse(input.seating().mass().mass());
        Why why = new Why(
                "K q = m g", List.of(input("m", Quantity.mass(mass))), Source.derived("statics of a body on springs"));
        report.figure(
                "sag under its own weight",
                Quantity.length(-sag.cgDisplacement().z()),
                why);
        List<Rubber> rubbers = input.feet()
                .map(feet -> feet.feet().stream()
                        .map(foot -> Rubber.of(foot, input.seating()))
                        .toList())
                .orElseGet(() -> input.cradle().isolators().stream()
                        .map(isolator -> Rubber.of(isolator, input.seating()))
                        .toList());
        for (int k = 0; k < sag.mounts().size(); k++) {
            Rubber rubber = rubbers.get(k);
            Vec3 d = sag.mounts().get(k).deflection();
            MountElement.Strain strain = rubber.element().strain(Math.abs(d.x()), Math.hypot(d.y(), d.z()));
            strain(report, rubber, "sheared", strain.shear(), MOST_SHEAR_STRAIN);
            strain(report, rubber, "compressed", strain.compressive(), MOST_COMPRESSIVE_STRAIN);
        }
    }

    /** What is strained at rest: an isolator under the donor, or a foot under the machine. */
    private record Rubber(String name, MountElement element, Place place) {
        static Rubber of(Isolator isolator, Seating seating) {
            return new Rubber(
                    "isolator " + isolator.id(),
                    isolator.element(),
                    Place.of(Subject.mount(isolator.id()), seating.boss(isolator.boss())));
        }

        static Rubber of(Support foot, Seating seating) {
            return new Rubber(
                    "the foot at " + foot.node(),
                    foot.foot().orElseThrow().element(),
                    Place.of(Subject.node(foot.node()), seating.node(foot.node())));
        }
    }

    private static void strain(ReportBuilder report, Rubber rubber, String verb, double strain, double limit) {
        if (strain <= limit) {
            return;
        }
        report.atMost(
                ShakeFinding.STRAIN,
                Severity.WATCH,
                Phrase.of(
                        "{} is {} by {} of its height at rest; {} is the most for long life",
                        rubber.name(),
                        verb,
                        Quantity.share(strain),
                        Quantity.share(limit)),
                Quantity.share(strain),
                Quantity.share(limit),
                rubber.place(),
                new Why("strain = deflection / rubber height", List.of(), Source.commonPractice()));
    }

    private static void isolation(ReportBuilder report, Input input, ShakeResult result) {
        Seating seating = input.seating();
        for (String taken : input.taken()) {
            report.say(
                    ShakeFinding.TAKEN,
                    Severity.NOTE,
                    Phrase.of("not written down, so taken: {}", taken),
                    Place.of(Subject.DONOR, seating.mass().cg()),
                    new Why("what engines of this layout and torque mostly have", List.of(), Source.commonPractice()));
        }
        IsolationNotes idle = new IsolationNotes(report, input, "idle", result.idle(), MOST_AT_IDLE);
        idle.torque(ShakeFinding.IDLE);
        idle.force(ShakeFinding.IDLE_FORCE);
        idle.cold(result.cold());
        IsolationNotes cruise = new IsolationNotes(report, input, "cruise", result.cruise(), MOST_AT_CRUISE);
        cruise.torque(ShakeFinding.CRUISE);
        cruise.force(ShakeFinding.CRUISE_FORCE);
        for (int k = 0; k < result.propeller().size(); k++) {
            PropellerNotes.add(
                    report,
                    seating,
                    k == 0 ? "idle" : "cruise",
                    result.propeller().get(k));
        }
    }

    /**
     * The donor on its mounts, and the engines that shake it.
     *
     * @param body on mounts under steady load
     * @param shaking on mounts as stiff as they are while they shake
     * @param cold the same at 10 degrees of frost
     * @param propeller that turns on its shaft
     */
    public record Mounted(
            MountedBody body,
            MountedBody shaking,
            MountedBody cold,
            Engines engines,
            Optional<PropellerShaking.Propeller> propeller) {}

    public static Outcome<ShakeResult> solve(Mounted input) {
        Outcome<ModesResult> still = RigidBodyModes.solve(input.body());
        Outcome<ModesResult> modes = RigidBodyModes.solve(input.shaking());
        if (still.answer().isEmpty() || modes.answer().isEmpty()) {
            return new Outcome.NotSolved<>(still.reasons());
        }
        Engines engines = input.engines();
        return Outcome.solved(new ShakeResult(
                new ModesResult(
                        modes.answer().get().modes(), still.answer().get().sag()),
                EngineShaking.idle(input.shaking(), engines),
                EngineShaking.cruise(input.shaking(), engines),
                EngineShaking.idle(input.cold(), engines),
                input.propeller()
                        .map(propeller -> List.of(
                                PropellerShaking.idle(input.shaking(), propeller),
                                PropellerShaking.cruise(input.shaking(), propeller)))
                        .orElse(List.of())));
    }
}
