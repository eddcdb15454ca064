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
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.ShakeResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.ModesResult;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;
import oddcradle.core.vibration.Transmissibility;

/** The donor on its isolators: modes, sag, and what of the firing reaches the frame. */
public final class ShakeReport {
    public static final double MOST_AT_IDLE = 1;
    public static final double MOST_AT_CRUISE = 0.15;
    private static final double MOST_SHEAR_STRAIN = 0.30;
    private static final double MOST_COMPRESSIVE_STRAIN = 0.15;
    private static final Source MODES = Source.fromMemory("Harris' Shock and Vibration Handbook, ch. 3");
    private static final Source ISOLATION = Source.fromMemory("Harris' Shock and Vibration Handbook, ch. 2 and 30");
    private static final String[] MOTIONS = {"fore-aft", "sideways", "vertical", "roll", "pitch", "yaw"};

    private ShakeReport() {}

    /** Everything that decides the report. */
    public record Input(Engine engine, Cradle cradle, Seating seating, Outcome<ShakeResult> shake) {}

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
            isolation(report, input.engine(), seating, result);
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

    private static void isolation(ReportBuilder report, Engine engine, Seating seating, ShakeResult result) {
        isolationAt(
                report, seating, result.modes(), engine, "idle", result.transmissibilityAtIdle(), engine.idleSpeed());
        isolationAt(
                report,
                seating,
                result.modes(),
                engine,
                "cruise",
                result.transmissibilityAtCruise(),
                engine.cruiseSpeed());
    }

    private static void isolationAt(
            ReportBuilder report,
            Seating seating,
            ModesResult result,
            Engine engine,
            String when,
            double through,
            double speed) {
        double firing = engine.firingFrequency(speed);
        double limit = when.equals("idle") ? MOST_AT_IDLE : MOST_AT_CRUISE;
        Why why = new Why(
                "share of a vertical force at the centre of gravity that reaches the frame, complex stiffness k (1 + i"
                        + " loss)",
                List.of(
                        input("firing", Quantity.frequency(firing)),
                        input(
                                "lowest mode",
                                Quantity.frequency(result.modes().get(0).frequencyHz())),
                        input(
                                "highest mode",
                                Quantity.frequency(result.modes().get(5).frequencyHz()))),
                ISOLATION);
        report.figure("transmissibility at " + when, Quantity.share(through), why);
        boolean quiet = through <= limit;
        Severity bad = through > 1 ? Severity.STOP : Severity.WATCH;
        String text = through > 1
                ? "transmissibility at {}, {}: {} at the firing frequency of {}; over 100 % the mounts amplify, {} is the most"
                : "transmissibility at {}, {}: {} at the firing frequency of {}; {} is the most";
        report.atMost(
                when.equals("idle") ? ShakeFinding.IDLE : ShakeFinding.CRUISE,
                quiet ? Severity.GOOD : bad,
                Phrase.of(
                        text,
                        when,
                        Quantity.rotationSpeed(speed),
                        Quantity.share(through),
                        Quantity.frequency(firing),
                        Quantity.share(limit)),
                Quantity.share(through),
                Quantity.share(limit),
                Place.of(Subject.DONOR, seating.mass().cg()),
                why);
    }

    /** The donor on its mounts, and the engine that shakes it. */
    public record Mounted(MountedBody body, Engine engine) {}

    public static Outcome<ShakeResult> solve(Mounted input) {
        MountedBody body = input.body();
        Engine engine = input.engine();
        Outcome<ModesResult> modes = RigidBodyModes.solve(body);
        if (modes.answer().isEmpty()) {
            return new Outcome.NotSolved<>(modes.reasons());
        }
        return Outcome.solved(new ShakeResult(
                modes.answer().get(),
                Transmissibility.vertical(body, engine.firingFrequency(engine.idleSpeed())),
                Transmissibility.vertical(body, engine.firingFrequency(engine.cruiseSpeed()))));
    }
}
