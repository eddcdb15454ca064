package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/** Updates of one factor against the same frame solved anew without the part. */
class TornFrameTest {
    private static final Set<String> NONE = Set.of();
    private static final Set<String> COUNTED = Set.of("pull", "weight");
    private static final double STRENGTH = 3e8;

    /** A tripod with steel that weighs, and an engine of one node on four mounts at its top. */
    private static FrameInput machine() {
        FrameInput tripod = Frames.skewTripod(Vec3.ZERO, Mat3.IDENTITY);
        List<FrameMember> heavy = tripod.members().stream()
                .map(each -> FrameMember.welded(each.id(), each.i(), each.j(), Frames.TUBE, Frames.STEEL))
                .toList();
        Vec3 top = new Vec3(0.3, 0.2, 0.5);
        List<FrameNode> nodes = new ArrayList<>(tripod.nodes());
        nodes.add(new FrameNode("engine", top));
        List<ElasticMount> mounts = new ArrayList<>();
        for (Vec3 out : List.of(
                new Vec3(0.1, 0, 0), new Vec3(-0.06, 0.1, 0), new Vec3(-0.06, -0.1, 0.02), new Vec3(0, 0, 0.1))) {
            mounts.add(new ElasticMount(
                    "M" + mounts.size(), "engine", "top", top.plus(out), Mat3.IDENTITY, new Vec3(2e5, 3e5, 4e5)));
        }
        return new FrameInput(
                tripod.theory(),
                nodes,
                heavy,
                tripod.supports(),
                mounts,
                List.of(),
                List.of(
                        new FrameCase(
                                "pull",
                                List.of(new NodeLoad("engine", new Vec3(900, -400, -3000), new Vec3(10, 90, 0))),
                                new Vec3(0, 0, -9.81)),
                        new FrameCase("weight", List.of(), new Vec3(0, 0, -30)),
                        new FrameCase(
                                "not counted",
                                List.of(new NodeLoad("engine", new Vec3(9e4, 0, 0), Vec3.ZERO)),
                                Vec3.ZERO)));
    }

    private static TornFrame.Worst anew(FrameInput left) {
        TornFrame.Worst worst = new TornFrame.Worst("", "", 0);
        for (CaseResult load : FrameAnalysis.solve(left).answer().orElseThrow().cases()) {
            for (MemberResult each : load.members()) {
                double over = each.vonMisesMax() / STRENGTH;
                if (COUNTED.contains(load.id()) && over > worst.over()) {
                    worst = new TornFrame.Worst(each.id(), load.id(), over);
                }
            }
        }
        return worst;
    }

    private static Optional<TornFrame.Worst> torn(TornFrame.Torn torn) {
        return TornFrame.of(machine()).answer().orElseThrow().without(torn, piece -> STRENGTH, COUNTED);
    }

    private static void agree(TornFrame.Worst told, FrameInput left) {
        TornFrame.Worst expected = anew(left);
        assertThat(told.member()).isEqualTo(expected.member());
        assertThat(told.load()).isEqualTo(expected.load());
        assertThat(told.over()).isCloseTo(expected.over(), within(1e-5 * expected.over()));
    }

    @Test
    void nothingTorn_isTheFrameAsItIs() {
        agree(torn(new TornFrame.Torn(NONE, NONE, NONE, NONE)).orElseThrow(), machine());
    }

    @Test
    void everyMemberGone_isAsIfItHadNeverBeen() {
        int stood = 0;
        for (FrameMember gone : machine().members()) {
            FrameInput left = machine()
                    .withMembers(machine().members().stream()
                            .filter(each -> !each.id().equals(gone.id()))
                            .toList());
            Optional<TornFrame.Worst> told = torn(new TornFrame.Torn(Set.of(gone.id()), NONE, NONE, NONE));
            // Where an end of it hung in the air alone, nothing else is found there by either.
            if (FrameAnalysis.solve(left).answer().isPresent()) {
                stood++;
                agree(told.orElseThrow(), left);
            }
        }
        assertThat(stood).isGreaterThanOrEqualTo(3);
    }

    @Test
    void everyWeldTorn_isAsIfThatEndHadNeverBeenJoined() {
        int stood = 0;
        for (FrameMember member : machine().members()) {
            for (boolean first : List.of(true, false)) {
                FrameInput left = machine()
                        .withMembers(machine().members().stream()
                                .map(each -> !each.id().equals(member.id())
                                        ? each
                                        : first
                                                ? each.with(EndJoint.GONE, EndJoint.FIXED)
                                                : each.with(EndJoint.FIXED, EndJoint.GONE))
                                .toList());
                Optional<FrameResult> answer = FrameAnalysis.solve(left).answer();
                Set<String> id = Set.of(member.id());
                Optional<TornFrame.Worst> told =
                        torn(new TornFrame.Torn(NONE, first ? id : NONE, first ? NONE : id, NONE));
                if (answer.isPresent()) {
                    stood++;
                    agree(told.orElseThrow(), left);
                }
            }
        }
        assertThat(stood).isGreaterThanOrEqualTo(6);
    }

    @Test
    void mountsGone_oneIsMissed_allLetTheEngineFall() {
        FrameInput left = new FrameInput(
                machine().theory(),
                machine().nodes(),
                machine().members(),
                machine().supports(),
                machine().mounts().subList(0, 3),
                List.of(),
                machine().cases());
        agree(torn(new TornFrame.Torn(NONE, NONE, NONE, Set.of("M3"))).orElseThrow(), left);
        assertThat(torn(new TornFrame.Torn(NONE, NONE, NONE, Set.of("M0", "M1", "M2", "M3"))))
                .isEmpty();
    }
}
