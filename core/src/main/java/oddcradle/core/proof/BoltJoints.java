package oddcradle.core.proof;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.MountResult;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.BoltStrength;
import oddcradle.core.joint.ClampedRing;
import oddcradle.core.joint.LayerKind;
import oddcradle.core.joint.StrippedThread;
import oddcradle.core.joint.ThreadReach;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.units.Quantity;

/** Bolts of mounts: pulled and sheared, bent where they stand over a sleeve or spacer, and the thread they turn in. */
final class BoltJoints {
    private static final Source SHEAR = Source.fromMemory("Shigley, Mechanical Engineering Design, distortion energy");
    private static final Source OPENS = Source.fromMemory("VDI 2230, one-sided opening");

    private final Job job;
    private final MountDesign design;
    private final Optional<Lever> lever;

    /** What stands between the engine and where its mount pulls. @param length m */
    private record Lever(ClampedRing ring, double length) {}

    private BoltJoints(Job job, MountDesign design) {
        this.job = job;
        this.design = design;
        this.lever = lever(design.stack());
    }

    /** Every mount that a tube carries, in its worst case. */
    static List<JointUse> of(Examination examination, List<CaseResult> results) {
        Job job = examination.job();
        Map<String, LoadCase> loads = new HashMap<>();
        CaseVariants.of(job).forEach(load -> loads.put(load.id(), load));
        List<JointUse> uses = new ArrayList<>();
        for (MountDesign design : examination.mountDesigns()) {
            BoltJoints joint = new BoltJoints(job, design);
            results.stream()
                    .flatMap(each -> each.mounts().stream()
                            .filter(mount -> mount.id().equals(design.isolator().id()))
                            .map(mount -> joint.under(loads.get(each.id()), mount)))
                    .reduce(JointUse::orWorse)
                    .ifPresent(uses::add);
        }
        return uses;
    }

    /** A sleeve is bent by the pad round its middle; a spacer between two stiff faces shifts without turning, and takes half at either end. */
    private static Optional<Lever> lever(BoltStack stack) {
        boolean floats = stack.sleeve() > 0;
        double arm = floats ? stack.spacer() + stack.sleeve() / 2 : stack.spacer() / 2;
        Optional<BoltStack.Layer> ring = stack.layers().stream()
                .filter(layer -> layer.kind() == LayerKind.SLEEVE || layer.kind() == LayerKind.SPACER)
                .filter(layer -> layer.outer() > layer.inner() && layer.to() > layer.from())
                .findFirst();
        return ring.map(layer -> new Lever(new ClampedRing(2 * layer.outer(), 2 * layer.inner()), arm));
    }

    private JointUse under(LoadCase load, MountResult mount) {
        double pull = Math.abs(mount.forceOnFrame().dot(design.axis()));
        double across = mount.forceOnFrame().withoutPartAlong(design.axis()).length();
        BoltStack stack = design.stack();
        double kept =
                load.level().onYield(job.build().yieldFactor(), stack.grade().tensileOverProof());
        int planes = !design.through() && design.tab().plates() == 2 ? 2 : 1;
        BoltStrength shank = BoltStrength.of(stack.thread(), stack.grade(), pull, across, planes, kept);
        double preload = BoltStrength.preload(stack.thread(), stack.grade());
        JointUse worst = use(
                load,
                shank.utilisation(),
                new Why(
                        "√((N/Np)² + (V/0.577Np)²), Np proof over the factor",
                        List.of(
                                input("N, along", Quantity.force(shank.tension())),
                                input("V, across, one plane", Quantity.force(shank.shear())),
                                input("proof", Quantity.force(stack.grade().proofLoad(stack.thread()))),
                                input("factor", Quantity.ratio(kept))),
                        SHEAR));
        if (lever.isPresent()) {
            double moment = across * lever.get().length();
            double opens = lever.get().ring().opensAt(preload - pull);
            worst = worst.orWorse(use(
                    load,
                    opens > 0 ? moment / opens : Double.POSITIVE_INFINITY,
                    new Why(
                            "V·a / ((Fv − N)·(D² + d²)/8D): the sleeve or spacer under the bolt opens on one side at 1",
                            List.of(
                                    input("V, across", Quantity.force(across)),
                                    input(
                                            "a, its arm",
                                            Quantity.length(lever.get().length())),
                                    input("Fv, clamp force", Quantity.force(preload)),
                                    input("N, along", Quantity.force(pull)),
                                    input(
                                            "D",
                                            Quantity.length(lever.get().ring().outer())),
                                    input(
                                            "d",
                                            Quantity.length(lever.get().ring().inner()))),
                            OPENS)));
        }
        Optional<ThreadReach> reach = stack.reach();
        if (reach.isPresent() && reach.get().engaged() > 0) {
            double strips =
                    StrippedThread.at(stack.thread().diameter(), reach.get().engaged());
            worst = worst.orWorse(use(
                    load,
                    (preload + pull) / strips,
                    new Why(
                            "(Fv + N) / (π d L/2 · τ): the engine's own thread",
                            List.of(
                                    input("Fv, clamp force", Quantity.force(preload)),
                                    input("N, along", Quantity.force(pull)),
                                    input(
                                            "L, thread that holds",
                                            Quantity.length(reach.get().engaged())),
                                    input("strips at", Quantity.force(strips))),
                            Source.commonPractice())));
        }
        return worst;
    }

    private JointUse use(LoadCase load, double utilisation, Why why) {
        String id = design.isolator().id();
        Vec3 at = design.at();
        return new JointUse(
                "bolt " + id,
                "bolt of mount " + id + ", " + design.stack().thread().designation(),
                "bolt " + id,
                design.tube(),
                Optional.empty(),
                at,
                load,
                JointUse.Limit.BOLT,
                utilisation,
                0,
                true,
                why);
    }
}
