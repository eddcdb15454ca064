package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.fatigue.Rainflow;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.StartLoads;
import oddcradle.core.section.Fibre;
import oddcradle.core.section.Section;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.WeldedEnd;

/**
 * Stress at welds while the engine starts and dies, by rainflow of the whole history. The rubber is far softer than the frame, so that the frame follows as
 * if it stood, with the inertia of its own mass where the machine stands on rubber too.
 */
final class StartStress {
    private static final List<Vec3> AXES = List.of(Vec3.X, Vec3.Y, Vec3.Z);

    /** For a unit of each of twelve: donor's force and moment, the machine's acceleration and turning. */
    private final List<Map<String, MemberResult>> units;

    private StartStress(List<Map<String, MemberResult>> units) {
        this.units = units;
    }

    /**
     * Cycles of one start and stop by what happens, for every weld; empty where there is no rubber, or the frame does not stand.
     *
     * @param harmless of a weld, the range up to which nothing wears it, Pa
     */
    static Map<WeldedEnd, Map<String, List<Cycle>>> of(
            FrameInput frame, List<StartLoads> starts, List<WeldedEnd> ends, ToDoubleFunction<WeldedEnd> harmless) {
        Map<WeldedEnd, Map<String, List<Cycle>>> all = new LinkedHashMap<>();
        if (starts.isEmpty()) {
            return all;
        }
        Optional<FrameResult> answer =
                FrameAnalysis.solve(unitLoads(frame, starts.get(0).about())).answer();
        if (answer.isEmpty()) {
            return all;
        }
        List<Map<String, MemberResult>> units = new ArrayList<>();
        for (CaseResult each : answer.get().cases()) {
            Map<String, MemberResult> pieces = new HashMap<>();
            each.members().forEach(piece -> pieces.put(piece.id(), piece));
            units.add(pieces);
        }
        StartStress stress = new StartStress(units);
        for (WeldedEnd end : ends) {
            Map<String, List<Cycle>> causes = new LinkedHashMap<>();
            starts.forEach(start -> causes.put(start.words(), stress.cycles(end, start, harmless.applyAsDouble(end))));
            all.put(end, causes);
        }
        return all;
    }

    private static FrameInput unitLoads(FrameInput frame, Vec3 about) {
        List<FrameCase> cases = new ArrayList<>();
        List<PointMass> masses = frame.masses().stream()
                .filter(mass -> !mass.node().equals(CradleFrame.DONOR))
                .toList();
        for (Vec3 axis : AXES) {
            cases.add(new FrameCase(
                    "f" + cases.size(), List.of(new NodeLoad(CradleFrame.DONOR, axis, Vec3.ZERO)), Vec3.ZERO));
        }
        for (Vec3 axis : AXES) {
            cases.add(new FrameCase(
                    "m" + cases.size(), List.of(new NodeLoad(CradleFrame.DONOR, Vec3.ZERO, axis)), Vec3.ZERO));
        }
        // Mass resists: it presses against the way it is hurried.
        for (Vec3 axis : AXES) {
            cases.add(new FrameCase("a" + cases.size(), List.of(), axis.negated()));
        }
        for (Vec3 axis : AXES) {
            cases.add(new FrameCase("t" + cases.size(), turned(frame, masses, axis, about), Vec3.ZERO));
        }
        return new FrameInput(
                frame.theory(), frame.nodes(), frame.members(), frame.supports(), frame.mounts(), masses, cases);
    }

    /** Inertia of all that is turned ever faster about an axis, half of each tube's mass at either end. */
    private static List<NodeLoad> turned(FrameInput frame, List<PointMass> masses, Vec3 axis, Vec3 about) {
        Map<String, Vec3> places = new HashMap<>();
        for (FrameNode node : frame.nodes()) {
            places.put(node.id(), node.position());
        }
        List<NodeLoad> loads = new ArrayList<>();
        for (FrameMember member : frame.members()) {
            Vec3 from = places.get(member.i()).plus(member.offsetI());
            Vec3 to = places.get(member.j()).plus(member.offsetJ());
            double half = member.section().area() * member.material().density() * from.distanceTo(to) / 2;
            loads.add(resisting(member.i(), places.get(member.i()), from, half, axis, about));
            loads.add(resisting(member.j(), places.get(member.j()), to, half, axis, about));
        }
        for (PointMass mass : masses) {
            loads.add(resisting(mass.node(), places.get(mass.node()), mass.position(), mass.mass(), axis, about));
        }
        return loads;
    }

    private static NodeLoad resisting(String node, Vec3 place, Vec3 at, double mass, Vec3 axis, Vec3 about) {
        Vec3 force = axis.cross(at.minus(about)).times(-mass);
        return new NodeLoad(node, force, at.minus(place).cross(force));
    }

    /** Of the fibre that swings the most. */
    private List<Cycle> cycles(WeldedEnd end, StartLoads start, double harmless) {
        Section section = end.tube().remaining();
        double[][] unit = new double[3][units.size()];
        for (int k = 0; k < units.size(); k++) {
            EndForces forces = end.forces(units.get(k).get(end.piece()));
            unit[0][k] = forces.force().x() / section.area();
            unit[1][k] = forces.moment().y();
            unit[2][k] = forces.moment().z();
        }
        double[][] carried = new double[start.instants().size()][3];
        for (int t = 0; t < carried.length; t++) {
            double[] twelve = twelve(start.instants().get(t));
            for (int row = 0; row < 3; row++) {
                for (int k = 0; k < twelve.length; k++) {
                    carried[t][row] += unit[row][k] * twelve[k];
                }
            }
        }
        double[] worst = new double[0];
        double widest = harmless;
        for (Fibre fibre : Fibre.of(section)) {
            double[] history = new double[carried.length];
            double low = 0;
            double high = 0;
            for (int t = 0; t < history.length; t++) {
                history[t] = carried[t][0] + fibre.stress(carried[t][1], carried[t][2]);
                low = Math.min(low, history[t]);
                high = Math.max(high, history[t]);
            }
            if (high - low > widest) {
                widest = high - low;
                worst = history;
            }
        }
        return worst.length == 0 ? List.of() : Rainflow.once(worst);
    }

    private static double[] twelve(StartLoads.Instant instant) {
        Vec3 force = instant.force();
        Vec3 moment = instant.moment();
        Vec3 hurried = instant.machine().shift();
        Vec3 turned = instant.machine().turn();
        return new double[] {
            force.x(), force.y(), force.z(),
            moment.x(), moment.y(), moment.z(),
            hurried.x(), hurried.y(), hurried.z(),
            turned.x(), turned.y(), turned.z()
        };
    }
}
