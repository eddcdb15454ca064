package oddcradle.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import oddcradle.core.finding.Outcome;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** A space frame of 2,000 beams under 10 load cases, beside one bare factorisation of its stiffness matrix. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class LargeFrameBenchmark {
    private static final int BEAMS = 2000;
    private static final int LONG = 20;
    private static final int WIDE = 6;
    private static final int CASES = 10;

    private FrameInput input;
    private SparseSymmetric stiffness;

    @Setup
    public void prepare() {
        input = lattice();
        stiffness = FrameAnalysis.stiffness(input);
    }

    @Benchmark
    public Outcome<FrameResult> wholeFrame() {
        return FrameAnalysis.solve(input);
    }

    @Benchmark
    public SparseSymmetric.Factor bareFactor() {
        return stiffness.factor().orElseThrow();
    }

    static FrameInput lattice() {
        Material steel = Material.of("steel", 2.05e11, 0.29, 7850, 3.5e8);
        Tube tube = new Tube(0.03, 0.002);
        List<FrameNode> nodes = new ArrayList<>();
        List<FrameMember> members = new ArrayList<>();
        for (int x = 0; x < LONG; x++) {
            for (int y = 0; y < WIDE; y++) {
                for (int z = 0; z < WIDE; z++) {
                    nodes.add(new FrameNode(id(x, y, z), new Vec3(x * 0.4, y * 0.3, z * 0.3)));
                    join(members, id(x, y, z), x, y, z, tube, steel);
                }
            }
        }
        List<FrameSupport> supports = new ArrayList<>();
        for (int y = 0; y < WIDE; y++) {
            supports.add(new FrameSupport(id(0, y, 0), Fixity.ALL));
            supports.add(new FrameSupport(id(LONG - 1, y, 0), Fixity.POSITION));
        }
        List<FrameCase> cases = new ArrayList<>();
        for (int k = 0; k < CASES; k++) {
            NodeLoad load = new NodeLoad(id(k + 3, 2, WIDE - 1), new Vec3(100, 50 * k, -900), Vec3.ZERO);
            cases.add(new FrameCase("case " + k, List.of(load), new Vec3(0, 0, -9.80665)));
        }
        return new FrameInput(Theory.TIMOSHENKO, nodes, members, supports, List.of(), List.of(), cases);
    }

    /** Joins a node to its neighbours behind it, as long as there are beams to give. */
    private static void join(List<FrameMember> members, String here, int x, int y, int z, Tube tube, Material steel) {
        int[][] neighbours = {{x - 1, y, z}, {x, y - 1, z}, {x, y, z - 1}};
        for (int[] n : neighbours) {
            if (n[0] >= 0 && n[1] >= 0 && n[2] >= 0 && members.size() < BEAMS) {
                members.add(FrameMember.welded("m" + members.size(), id(n[0], n[1], n[2]), here, tube, steel));
            }
        }
    }

    private static String id(int x, int y, int z) {
        return x + "/" + y + "/" + z;
    }
}
