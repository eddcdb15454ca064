package oddcradle.core.propose;

import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Gap;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.structure.TubeStress;

/**
 * One cradle worked out for a job.
 *
 * @param examination of the job with it
 * @param mass of tubes and tabs, kg
 * @param joints ends of tubes
 * @param worstUse tube of the cradle that works hardest; empty where the frame does not stand
 * @param worstGap tightest pair of a cradle tube and the donor; empty where all is farther than the ledger looks
 * @param lowestMode of the donor on mounts and frame, Hz
 * @param hours in the shop
 * @param wayOut in words
 * @param weakPoint in words
 * @param stops findings of severity STOP
 * @param watches findings an experienced builder would look at
 * @param troubles what could not be done as its kind would have it
 */
public record Proposal(
        CradleKind kind,
        MountStyle mountStyle,
        Examination examination,
        double mass,
        int joints,
        Optional<TubeStress> worstUse,
        Optional<Gap> worstGap,
        Optional<Double> lowestMode,
        double hours,
        String wayOut,
        String weakPoint,
        int stops,
        int watches,
        List<String> troubles) {
    public Proposal {
        troubles = List.copyOf(troubles);
    }

    public Cradle cradle() {
        return examination.job().cradle();
    }

    public int tubes() {
        return cradle().members().size();
    }

    /** Kind and style of mounting. */
    public String title() {
        return kind.word() + ", " + mountStyle.words();
    }
}
