package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.NodeMovement;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;

/** How the donor moves on its mounts under each case while what carries them stands still; stops are met where mounts have them. */
final class MountsAlone {
    private static final String STANDS = "stands";

    private MountsAlone() {}

    /**
     * About the centre of gravity, in the order of the cases.
     *
     * @param body the donor on its mounts
     * @param cg of the donor, m
     */
    static List<SmallMotion> of(MountedBody body, List<ElasticMount> mounts, List<FrameCase> loads, Vec3 cg) {
        if (mounts.stream().anyMatch(mount -> mount.stop().isPresent())) {
            Optional<FrameResult> stopped =
                    FrameAnalysis.solve(standing(body, mounts, loads, cg)).answer();
            if (stopped.isPresent()) {
                return stopped.get().cases().stream().map(MountsAlone::motion).toList();
            }
        }
        List<SmallMotion> motions = new ArrayList<>();
        for (FrameCase load : loads) {
            Vec3 force = load.acceleration().times(body.body().mass());
            Vec3 moment = Vec3.ZERO;
            for (NodeLoad each : onDonor(load)) {
                force = force.plus(each.force());
                moment = moment.plus(each.moment());
            }
            StaticSag moved = RigidBodyModes.movedBy(body, force, moment);
            motions.add(new SmallMotion(Vec3.ZERO, moved.cgDisplacement(), moved.rotation()));
        }
        return motions;
    }

    private static List<NodeLoad> onDonor(FrameCase load) {
        return load.loads().stream()
                .filter(each -> each.node().equals(CradleFrame.DONOR))
                .toList();
    }

    private static FrameInput standing(MountedBody body, List<ElasticMount> mounts, List<FrameCase> loads, Vec3 cg) {
        return new FrameInput(
                Theory.EULER,
                List.of(new FrameNode(CradleFrame.DONOR, cg), new FrameNode(STANDS, cg)),
                List.of(),
                List.of(new FrameSupport(STANDS, Fixity.ALL)),
                mounts.stream().map(mount -> mount.on(STANDS)).toList(),
                List.of(new PointMass(CradleFrame.DONOR, body.body().mass(), cg)),
                loads.stream()
                        .map(load -> new FrameCase(load.id(), onDonor(load), load.acceleration()))
                        .toList());
    }

    private static SmallMotion motion(CaseResult result) {
        NodeMovement donor = result.node(CradleFrame.DONOR).orElseThrow();
        return new SmallMotion(Vec3.ZERO, donor.displacement(), donor.rotation());
    }
}
