package oddcradle.core.frame;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/**
 * A rigid engine on elastic mounts on a flexible frame with its own mass.
 *
 * @param frame its members, supports and masses count, its mounts and cases do not
 * @param loss structural loss factor of the frame, a ratio, 0 or more
 * @param pieces into how many equal elements each member is cut, 1 to 200
 * @param engine global axes
 * @param mounts at least one
 */
public record ResponseInput(
        FrameInput frame, double loss, int pieces, MassProperties engine, List<DampedMount> mounts) {
    private static final int MOST_PIECES = 200;

    public ResponseInput {
        Guard.present("frame", frame);
        Guard.notNegative("frame.loss", loss, "");
        Guard.present("engine", engine);
        mounts = List.copyOf(mounts);
        if (pieces < 1 || pieces > MOST_PIECES) {
            throw new InvalidValue("elements_per_member", "is " + pieces + ", must be 1 to " + MOST_PIECES);
        }
        if (mounts.isEmpty()) {
            throw new InvalidValue("mounts", "is empty, the engine must be held");
        }
        Set<String> nodes = new HashSet<>();
        frame.nodes().forEach(node -> nodes.add(node.id()));
        for (int k = 0; k < mounts.size(); k++) {
            if (!nodes.contains(mounts.get(k).node())) {
                throw new InvalidValue(
                        "mounts[" + k + "].node",
                        "names the node \"" + mounts.get(k).node() + "\", which is not among the nodes");
            }
        }
    }

    /**
     * What shakes the engine, at one frequency after the other.
     *
     * @param frequenciesHz Hz, each more than 0
     * @param force amplitude, N, global axes
     * @param moment amplitude, N m
     * @param point on the engine, m
     */
    public record Harmonic(List<Double> frequenciesHz, Vec3 force, Vec3 moment, Vec3 point) {
        public Harmonic {
            frequenciesHz = List.copyOf(frequenciesHz);
            Guard.present("force", force);
            Guard.present("moment", moment);
            Guard.present("point", point);
            for (int k = 0; k < frequenciesHz.size(); k++) {
                Guard.positive("frequencies_hz[" + k + "]", frequenciesHz.get(k), "Hz");
            }
        }
    }
}
