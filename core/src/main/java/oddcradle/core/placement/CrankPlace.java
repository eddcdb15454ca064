package oddcradle.core.placement;

import oddcradle.core.engine.Crank;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * Where the crank lies in the seated donor; axes turned as the host's.
 *
 * @param fromCg middle of the crank from the donor's centre of gravity, m
 * @param axes columns: along the crank in the sense in which it turns, square to that, and up in the donor
 * @param turns 1 where it turns from upright toward the donor's front, -1 where it turns the other way
 * @param measured false where its place is taken from what else is known
 */
public record CrankPlace(Vec3 fromCg, Mat3 axes, int turns, boolean measured) {
    public static CrankPlace of(Job job) {
        Donor donor = job.donor();
        int turns = turns(donor);
        Vec3 along = (isUpright(donor) ? Vec3.Z.negated() : Vec3.Y).times(turns);
        Vec3 up = isUpright(donor) ? Vec3.Y : Vec3.Z;
        Mat3 own = Mat3.ofColumns(along, up.cross(along), up);
        Mat3 seat = job.seat().pose().rotation();
        Vec3 centre = donor.engine().crank().flatMap(Crank::centre).orElseGet(() -> likely(donor));
        return new CrankPlace(
                seat.times(centre.minus(donor.mass().cg())),
                seat.times(own),
                turns,
                donor.engine().crank().flatMap(Crank::centre).isPresent());
    }

    /** Of the crank, host's axes. */
    public Vec3 axis() {
        return new Vec3(axes.get(0, 0), axes.get(1, 0), axes.get(2, 0));
    }

    private static boolean isUpright(Donor donor) {
        return donor.shape()
                .filter(shape -> shape.layout() == EngineLayout.UTILITY_UPRIGHT_CRANK)
                .isPresent();
    }

    /** The sense of the output, with which a crank turns through one pair of gears in the case and another to the shaft. */
    private static int turns(Donor donor) {
        Turn turn = donor.output().turn();
        if (turn == Turn.UNKNOWN) {
            return 1;
        }
        // Seen from outside, along the axis toward the donor.
        Vec3 sense = donor.output().axis().times(turn == Turn.ANTICLOCKWISE ? 1 : -1);
        return sense.dot(isUpright(donor) ? Vec3.Z.negated() : Vec3.Y) < 0 ? -1 : 1;
    }

    /**
     * The dimensions of an engine are taken from its crank; a crank that drives without gears lies on the output's axis; else it
     * lies near the middle of the weight.
     */
    private static Vec3 likely(Donor donor) {
        if (donor.shape().isPresent()) {
            return Vec3.ZERO;
        }
        Vec3 cg = donor.mass().cg();
        if (donor.engine().primaryRatio() == 1) {
            Vec3 on = donor.output().centre();
            Vec3 axis = donor.output().axis().unit();
            return on.along(axis, cg.minus(on).dot(axis));
        }
        return cg;
    }
}
