package oddcradle.core.step.shake;

import static oddcradle.core.finding.Why.input;

import java.util.List;
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
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.EngineOrders;
import oddcradle.core.structure.EngineShaking;
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
    private static final double MOST_SHEAR_STRAIN = 0.30;
    private static final double MOST_COMPRESSIVE_STRAIN = 0.15;
    private static final Source MODES = Source.fromMemory("Harris' Shock and Vibration Handbook, ch. 3");
    private static final String[] MOTIONS = {"fore-aft", "sideways", "vertical", "roll", "pitch", "yaw"};

    private ShakeReport() {}

    /**
     * Everything that decides the report.
     *
     * @param taken what of the engine is taken, in words
     */
    public record Input(List<String> taken, Cradle cradle, Seating seating, Outcome<ShakeResult> shake) {}

    public static StepReport of(Input input) {
        Seating seating = input.seating();
        Outcome<ShakeResult> outcome = input.shake();
        Cradle cradle = input.cradle();
        ReportBuilder report = new ReportBuilder(Step.SHAKE);
        report.findings(outcome.reasons());
        if (!cradle.isSoft() && !cradle.isolators().isEmpty()) {
            bolted(report, seating);
            return report.report();
        }
        outcome.answer().ifPresent(result -> {
            modes(report, result.modes());
            sag(report, cradle, seating, result.modes().sag());
            isolation(report, input.taken(), seating, result);
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

    private static void sag(ReportBuilder report, Cradle cradle, Seating seating, StaticSag sag) {
        Why why = new Why(
                "K q = m g",
                List.of(input("m", Quantity.mass(seating.mass().mass()))),
                Source.derived("statics of a body on springs"));
        report.figure(
                "sag under its own weight",
                Quantity.length(-sag.cgDisplacement().z()),
                why);
        for (int k = 0; k < sag.mounts().size(); k++) {
            Isolator isolator = cradle.isolators().get(k);
            Vec3 d = sag.mounts().get(k).deflection();
            MountElement.Strain strain = isolator.element().strain(Math.abs(d.x()), Math.hypot(d.y(), d.z()));
            strain(report, seating, isolator, "sheared", strain.shear(), MOST_SHEAR_STRAIN);
            strain(report, seating, isolator, "compressed", strain.compressive(), MOST_COMPRESSIVE_STRAIN);
        }
    }

    private static void strain(
            ReportBuilder report, Seating seating, Isolator isolator, String verb, double strain, double limit) {
        if (strain <= limit) {
            return;
        }
        report.atMost(
                ShakeFinding.STRAIN,
                Severity.WATCH,
                Phrase.of(
                        "isolator {} is {} by {} of its height at rest; {} is the most for long life",
                        isolator.id(),
                        verb,
                        Quantity.share(strain),
                        Quantity.share(limit)),
                Quantity.share(strain),
                Quantity.share(limit),
                Place.of(Subject.mount(isolator.id()), seating.boss(isolator.boss())),
                new Why("strain = deflection / rubber height", List.of(), Source.commonPractice()));
    }

    private static void isolation(ReportBuilder report, List<String> allTaken, Seating seating, ShakeResult result) {
        for (String taken : allTaken) {
            report.say(
                    ShakeFinding.TAKEN,
                    Severity.NOTE,
                    Phrase.of("not written down, so taken: {}", taken),
                    Place.of(Subject.DONOR, seating.mass().cg()),
                    new Why("what engines of this layout and torque mostly have", List.of(), Source.commonPractice()));
        }
        IsolationNotes idle = new IsolationNotes(report, seating, "idle", result.idle(), MOST_AT_IDLE);
        idle.torque(ShakeFinding.IDLE);
        idle.force(ShakeFinding.IDLE_FORCE);
        IsolationNotes cruise = new IsolationNotes(report, seating, "cruise", result.cruise(), MOST_AT_CRUISE);
        cruise.torque(ShakeFinding.CRUISE);
        cruise.force(ShakeFinding.CRUISE_FORCE);
    }

    /**
     * The donor on its mounts, and the engine that shakes it.
     *
     * @param body on mounts under steady load
     * @param shaking on mounts as stiff as they are while they shake
     */
    public record Mounted(MountedBody body, MountedBody shaking, EngineOrders engine, CrankPlace crank) {}

    public static Outcome<ShakeResult> solve(Mounted input) {
        Outcome<ModesResult> still = RigidBodyModes.solve(input.body());
        Outcome<ModesResult> modes = RigidBodyModes.solve(input.shaking());
        if (still.answer().isEmpty() || modes.answer().isEmpty()) {
            return new Outcome.NotSolved<>(still.reasons());
        }
        EngineOrders engine = input.engine();
        return Outcome.solved(new ShakeResult(
                new ModesResult(
                        modes.answer().get().modes(), still.answer().get().sag()),
                EngineShaking.of(input.shaking(), input.crank(), engine.idle(), engine.idleSpeed()),
                EngineShaking.of(input.shaking(), input.crank(), engine.cruise(), engine.cruiseSpeed())));
    }
}
