package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.FindingCode;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.EndName;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;

/** Names what can move freely, in a builder's words, instead of reporting a singular matrix. */
final class MechanismDiagnosis {
    private static final double SHIFT = 1e-8;
    private static final int ROUNDS = 4;
    private static final int NAMED = 4;

    private MechanismDiagnosis() {}

    /** A group of parts that hold each other while nothing holds the group. */
    static Optional<Finding> floatingPart(FrameModel model) {
        int[] group = groups(model);
        boolean[] held = new boolean[group.length];
        model.input.supports().forEach(support -> held[group[model.nodeIndex.get(support.node())]] = true);
        for (int node = 0; node < group.length; node++) {
            if (!held[group[node]]) {
                return Optional.of(floating(model, group, group[node], node));
            }
        }
        return Optional.empty();
    }

    private static Finding floating(FrameModel model, int[] group, int wanted, int node) {
        List<String> parts = model.beams.stream()
                .filter(beam -> group[beam.nodeI] == wanted)
                .map(beam -> beam.member.id())
                .collect(Collectors.toList());
        Vec3 at = model.position(node);
        if (parts.isEmpty()) {
            String id = model.input.nodes().get(node).id();
            return finding(
                    FrameFinding.FLOATING,
                    Phrase.of("{} is joined to nothing that stands on the ground", id),
                    Place.of(Subject.body(id), at));
        }
        if (parts.size() == 1) {
            return finding(
                    FrameFinding.FLOATING,
                    Phrase.of("tube {} is held by nothing at either end", parts.get(0)),
                    Place.of(Subject.body(parts.get(0)), at));
        }
        String more = parts.size() > NAMED ? " and " + (parts.size() - NAMED) + " more" : "";
        String named = String.join(", ", parts.subList(0, Math.min(NAMED, parts.size()))) + more;
        return finding(
                FrameFinding.FLOATING,
                Phrase.of(
                        "tubes {} hold only each other; join one of them to the frame, or give them a support", named),
                new Place(parts.stream().map(Subject::body).toList(), List.of(at)));
    }

    private static int[] groups(FrameModel model) {
        int[] group = new int[model.input.nodes().size()];
        for (int k = 0; k < group.length; k++) {
            group[k] = k;
        }
        model.beams.forEach(beam -> merge(group, beam.nodeI, beam.nodeJ));
        model.mounts.forEach(mount -> merge(group, mount.body, mount.frame));
        for (int k = 0; k < group.length; k++) {
            group[k] = root(group, k);
        }
        return group;
    }

    private static void merge(int[] group, int a, int b) {
        group[root(group, a)] = root(group, b);
    }

    private static int root(int[] group, int node) {
        int here = node;
        while (group[here] != here) {
            group[here] = group[group[here]];
            here = group[here];
        }
        return here;
    }

    static Optional<Finding> loadedIdleNode(FrameModel model, double[] applied) {
        OptionalInt node = model.loadedIdleNode(applied);
        if (node.isEmpty()) {
            return Optional.empty();
        }
        String id = model.input.nodes().get(node.getAsInt()).id();
        return Optional.of(finding(
                FrameFinding.MECHANISM,
                Phrase.of("a moment turns node {}, where every tube ends in a free joint", id),
                Place.of(Subject.body(id), model.position(node.getAsInt()))));
    }

    /** The same of engine, mounts and frame together. */
    static Finding freeMotion(MovingFrame whole, SparseSymmetric stiffness) {
        int worst = 0;
        while (worst < stiffness.size() && stiffness.diagonal(worst) > 0) {
            worst++;
        }
        if (worst == stiffness.size()) {
            double[] shape = softestShape(stiffness);
            worst = 0;
            for (int row = 1; row < shape.length; row++) {
                worst = Math.abs(shape[row]) > Math.abs(shape[worst]) ? row : worst;
            }
        }
        return finding(
                FrameFinding.MECHANISM,
                Phrase.of(
                        "{} moves without strain; hold it, or give the mounts stiffness that way", whole.nameOf(worst)),
                Place.of(Subject.DONOR));
    }

    /** The motion without strain, found by inverse iteration on the slightly stiffened matrix, told at its largest. */
    static Finding freeMotion(FrameModel model, SparseSymmetric stiffness) {
        double[] shape = softestShape(stiffness);
        int worst = 0;
        double largest = -1;
        for (int node = 0; node < model.input.nodes().size(); node++) {
            double[] u = model.motions(shape, node, node);
            double movement = Math.hypot(Math.hypot(u[0], u[1]), u[2]);
            if (movement > largest) {
                largest = movement;
                worst = node;
            }
        }
        double[] u = model.motions(shape, worst, worst);
        double turning = Math.hypot(Math.hypot(u[3], u[4]), u[5]);
        boolean turns = largest < 1e-6 * turning;
        return describe(model, worst, turns ? 3 + largestOf(u, 3) : largestOf(u, 0));
    }

    private static double[] softestShape(SparseSymmetric stiffness) {
        SparseSymmetric.Factor factor =
                stiffness.withDiagonalTimes(1 + SHIFT).factor().orElseThrow();
        double[] x = new double[stiffness.size()];
        for (int k = 0; k < x.length; k++) {
            x[k] = 1 + 0.37 * Math.sin(1 + 12.9898 * k);
        }
        for (int round = 0; round < ROUNDS; round++) {
            x = factor.solve(x);
            double largest = 0;
            for (double value : x) {
                largest = Math.max(largest, Math.abs(value));
            }
            for (int k = 0; k < x.length; k++) {
                x[k] /= largest;
            }
        }
        return x;
    }

    private static int largestOf(double[] u, int from) {
        int largest = 0;
        for (int k = 1; k < 3; k++) {
            if (Math.abs(u[from + k]) > Math.abs(u[from + largest])) {
                largest = k;
            }
        }
        return largest;
    }

    private static Finding describe(FrameModel model, int node, int motion) {
        String id = model.input.nodes().get(node).id();
        Vec3 at = model.position(node);
        List<BeamElement> here = new ArrayList<>();
        model.beams.stream()
                .filter(beam -> beam.nodeI == node || beam.nodeJ == node)
                .forEach(here::add);
        if (here.isEmpty()) {
            return finding(
                    FrameFinding.LOOSE_BODY,
                    Phrase.of("nothing stops {} from {}: its mounts have no stiffness that way", id, verb(motion)),
                    Place.of(Subject.body(id), at));
        }
        BeamElement beam = here.get(0);
        String end =
                EndName.of(model.position(node).minus(model.position(beam.nodeI == node ? beam.nodeJ : beam.nodeI)));
        String text = here.size() == 1
                ? "tube {} is held by nothing at its {} end and is free to move there by {}"
                : "tube {} is free to move at its {} end by {}: the tubes that meet there form a mechanism";
        return finding(
                FrameFinding.MECHANISM,
                Phrase.of(text, beam.member.id(), end, verb(motion)),
                Place.of(Subject.tube(beam.member.id()), at));
    }

    private static String verb(int motion) {
        return switch (motion) {
            case 0 -> "sliding fore and aft";
            case 1 -> "sliding sideways";
            case 2 -> "going up and down";
            case 3 -> "rolling";
            case 4 -> "pitching";
            default -> "turning about the vertical";
        };
    }

    /** Nothing to solve is no fault of what is there. */
    static Finding empty() {
        Why why = new Why("a frame has at least one member", List.of(), Source.derived("direct stiffness method"));
        return Finding.statement(
                FrameFinding.EMPTY,
                Step.LOAD,
                Severity.NOT_CHECKED,
                Phrase.of("there is no tube to work out; the frame is drawn up at Host"),
                Place.of(Subject.CRADLE),
                why);
    }

    private static Finding finding(FindingCode code, Phrase what, Place where) {
        Why why = new Why(
                "K u = f has no single answer: a motion u exists with u'Ku = 0",
                List.of(),
                Source.derived("direct stiffness method"));
        return Finding.statement(code, Step.LOAD, Severity.STOP, what, where, why);
    }
}
