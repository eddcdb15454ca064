package oddcradle.core.structure;

import java.util.Optional;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.ChainResult;
import oddcradle.core.drive.OpenBelt;
import oddcradle.core.drive.Shaft;
import oddcradle.core.drive.Stage;

/**
 * One stage where it lies.
 *
 * @param driving its shaft and the place of its wheel on it, host axes
 * @param driven the same of what it drives
 * @param alignment of the two
 * @param chain empty where the stage is none, or no chain is possible
 * @param belt of a belt or variator in its lowest ratio; empty as for a chain
 * @param problem why there is neither; empty where all is well
 * @param ratio turns in for one out, in the lowest ratio
 * @param highRatio the same in the highest
 * @param speedRatio crank turns for one turn of its driving shaft, in the lowest gear
 * @param byEngine what the engine could pull at the driving pitch line in the lowest gear, N; 0 where nothing pulls aside
 * @param byGrip what the tyres let through, N; without bound where no tyre limits it
 * @param design the lesser of both with the dynamic factor, N
 */
public record StageResult(
        Stage stage,
        Shaft driving,
        Shaft driven,
        Alignment alignment,
        Optional<ChainResult> chain,
        Optional<OpenBelt> belt,
        Optional<String> problem,
        double ratio,
        double highRatio,
        double speedRatio,
        double byEngine,
        double byGrip,
        double design) {}
