package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;

/**
 * How hard a place works where something is welded onto a tube, or a hole goes through it.
 *
 * @param key the same for the same place of a job with other sections
 * @param words what is welded onto what
 * @param mark the same, short
 * @param tube that ends there, or carries what is welded on
 * @param chord id of the tube that it ends on
 * @param at host axes, m
 * @param load its worst case
 * @param limit what gives way first
 * @param utilisation a ratio; more than 1 gives way
 * @param leg of its fillet, m; 0 where there is none
 * @param isWallChecked false where no formula is meant for the two
 */
public record JointUse(
        String key,
        String words,
        String mark,
        Member tube,
        Optional<String> chord,
        Vec3 at,
        LoadCase load,
        Limit limit,
        double utilisation,
        double leg,
        boolean isWallChecked,
        Why why) {
    /** What gives way. */
    public enum Limit {
        THROAT("its weld", "add a gusset, or take a wider or thicker tube"),
        WALL("the wall it is welded to", "add a gusset, or take a wider or thicker tube"),
        NET_SECTION("the tube beside the hole", "take a smaller hole, or a wider or thicker tube"),
        GRIP("the grip of its clamp", "take a longer clamp, or more or thicker bolts"),
        BOLT("the bolt or its thread", "take a thicker bolt, a shorter spacer or sleeve, or more thread");

        private final String words;
        private final String cure;

        Limit(String words, String cure) {
            this.words = words;
            this.cure = cure;
        }

        /** What helps, in words. */
        String cure() {
            return cure;
        }

        public String words() {
            return words;
        }
    }

    /** Tubes that end on others, tabs of mounts, holes through tubes, clamps round them, and bolts of mounts, each in its worst case, the hardest worked first. */
    static List<JointUse> of(Examination examination, List<CaseResult> results) {
        List<JointUse> uses = new ArrayList<>(TubeJoints.of(examination.job(), examination.frame(), results));
        uses.addAll(MountJoints.of(examination.job(), examination.frame(), examination.mountDesigns(), results));
        uses.addAll(ClampJoints.of(examination, results));
        uses.addAll(BoltJoints.of(examination, results));
        uses.sort(Comparator.comparingDouble(JointUse::utilisation).reversed());
        return uses;
    }

    JointUse orWorse(JointUse other) {
        return other.utilisation > utilisation ? other : this;
    }
}
