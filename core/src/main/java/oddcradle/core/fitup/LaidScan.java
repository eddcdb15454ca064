package oddcradle.core.fitup;

import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.edit.Side;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.ScanPlace;

/**
 * A scan of the finished mount in its place, and the tubes it is held against.
 *
 * @param scan as read
 * @param place scan axes to host axes
 * @param tubes as drawn
 */
public record LaidScan(MeshTree scan, Pose place, PlannedTubes tubes) {
    /** Empty where there is no scan, or it does not lie in its place yet. */
    public static Optional<LaidScan> of(Examination examination) {
        Optional<MeshTree> tree = examination
                .job()
                .asBuilt()
                .scan()
                .map(Scan::file)
                .flatMap(file -> examination.scans().of(file));
        return tree.flatMap(scan -> examination
                .scanPlace(Side.MOUNT)
                .flatMap(ScanPlace::fit)
                .map(BestFit::pose)
                .map(place -> new LaidScan(scan, place, PlannedTubes.of(examination.job(), examination.seating()))));
    }
}
