package oddcradle.core.step.shake;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.CradleFrame;
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
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>(outcome.reasons());
        if (!cradle.isSoft() && !cradle.isolators().isEmpty()) {
            findings.add(bolted(seating));
            return new StepReport(Step.SHAKE, figures, findings);
        }
        outcome.answer().ifPresent(result -> {
            modes(figures, result.modes());
            sag(figures, findings, cradle, seating, result.modes().sag());
            isolation(figures, findings, input.engine(), seating, result);
        });
        return new StepReport(Step.SHAKE, figures, findings);
    }

    private static Finding bolted(Seating seating) {
        return Finding.statement(
                "shake.hard",
                Step.SHAKE,
                Severity.NOTE,
                Phrase.of(
                        "bolted hard at every mount: the frame takes all that the engine shakes with; look for cracks after the"
                                + " first hours"),
                Place.of(CradleFrame.DONOR, seating.mass().cg()),
                new Why("no mount has anything soft in it", List.of(), Source.commonPractice()));
    }

    private static void modes(List<Figure> figures, ModesResult result) {
        for (Mode mode : result.modes()) {
            int motion = mode.leadingMotion();
            figures.add(new Figure(
                    "mode, " + Math.round(mode.kineticEnergyPercent().get(motion)) + " % " + MOTIONS[motion],
                    Quantity.frequency(mode.frequencyHz()),
                    new Why(
                            "(K - w² M) phi = 0, six degrees of freedom; share = phi_i (M phi)_i / phi'M phi",
                            List.of(input("w", Quantity.rotationSpeed(2 * Math.PI * mode.frequencyHz()))),
                            MODES)));
        }
    }

    private static void sag(
            List<Figure> figures, List<Finding> findings, Cradle cradle, Seating seating, StaticSag sag) {
        Why why = new Why(
                "K q = m g",
                List.of(input("m", Quantity.mass(seating.mass().mass()))),
                Source.derived("statics of a body on springs"));
        figures.add(new Figure(
                "sag under its own weight",
                Quantity.length(-sag.cgDisplacement().z()),
                why));
        for (int k = 0; k < sag.mounts().size(); k++) {
            Isolator isolator = cradle.isolators().get(k);
            Vec3 d = sag.mounts().get(k).deflection();
            MountElement.Strain strain = isolator.element().strain(Math.abs(d.x()), Math.hypot(d.y(), d.z()));
            strain(findings, seating, isolator, "sheared", strain.shear(), MOST_SHEAR_STRAIN);
            strain(findings, seating, isolator, "squeezed", strain.compressive(), MOST_COMPRESSIVE_STRAIN);
        }
    }

    private static void strain(
            List<Finding> findings, Seating seating, Isolator isolator, String verb, double strain, double limit) {
        if (strain <= limit) {
            return;
        }
        findings.add(Finding.atMost(
                "shake.strain",
                Step.SHAKE,
                Severity.WATCH,
                Phrase.of(
                        "isolator {} is {} by {} of its height all day; {} is the most for long life",
                        isolator.id(),
                        verb,
                        Quantity.share(strain),
                        Quantity.share(limit)),
                Quantity.share(strain),
                Quantity.share(limit),
                Place.of(isolator.id(), seating.boss(isolator.boss())),
                new Why("strain = deflection / rubber height", List.of(), Source.commonPractice())));
    }

    private static void isolation(
            List<Figure> figures, List<Finding> findings, Engine engine, Seating seating, ShakeResult result) {
        isolationAt(
                figures,
                findings,
                seating,
                result.modes(),
                engine,
                "idle",
                result.transmissibilityAtIdle(),
                engine.idleSpeed());
        isolationAt(
                figures,
                findings,
                seating,
                result.modes(),
                engine,
                "cruise",
                result.transmissibilityAtCruise(),
                engine.cruiseSpeed());
    }

    private static void isolationAt(
            List<Figure> figures,
            List<Finding> findings,
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
        figures.add(new Figure("passed on at " + when, Quantity.share(through), why));
        boolean quiet = through <= limit;
        Severity bad = through > 1 ? Severity.STOP : Severity.WATCH;
        String text = through > 1
                ? "at {} {} the mounts pass on {} of the firing shake at {}: they make it worse; {} is the most"
                : "at {} {} the mounts pass on {} of the firing shake at {}; {} is the most";
        findings.add(Finding.atMost(
                "shake." + when,
                Step.SHAKE,
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
                Place.of("donor", seating.mass().cg()),
                why));
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
