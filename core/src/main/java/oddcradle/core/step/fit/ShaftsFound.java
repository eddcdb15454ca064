package oddcradle.core.step.fit;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import oddcradle.core.drive.Shaft;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.StageResult;

/**
 * How the donor's shaft lies to the one it drives, by dials, and what each mount is to be lifted and moved.
 *
 * <p>Cold, the donor's shaft has to stand lower by as much as it rises more than the other when both are warm.
 *
 * @param reading it was found by
 * @param lies as read, cold
 * @param wanted height at which the donor's shaft has to stand cold, m
 * @param reach of each mount from the middle between the shafts into the donor, m
 */
public record ShaftsFound(ShaftReading reading, ShaftDials lies, double wanted, Map<String, Double> reach) {
    public ShaftsFound {
        reach = Map.copyOf(reach);
    }

    /** Empty for a straight-edge, and for shafts that stand on end: dials are not told so. */
    static Optional<ShaftsFound> of(Job job, ShaftReading reading, StageResult stage, Map<String, Vec3> bosses) {
        ShaftDials lies;
        if (reading instanceof ShaftReading.RimAndFace both) {
            lies = ShaftDials.rimAndFace(
                    both.rim(), both.face(), both.faceDiameter(), both.rimX(), both.onDonor(), both.back(), both.sag());
        } else if (reading instanceof ShaftReading.TwoDials two) {
            lies = ShaftDials.reverse(two.onDonor(), two.onDriven(), two.donorX(), two.drivenX(), two.sag());
        } else {
            return Optional.empty();
        }
        Shaft driving = stage.driving();
        Vec3 middle = driving.sprocketCentre().towards(stage.driven().sprocketCentre(), 0.5);
        Vec3 axis = driving.direction();
        Vec3 level = new Vec3(axis.x(), axis.y(), 0);
        if (level.length() < Math.sin(Math.toRadians(30))) {
            return Optional.empty();
        }
        Vec3 into = job.seat().pose().place(job.donor().mass().cg()).minus(middle);
        Vec3 along = level.dot(into) < 0 ? level.unit().negated() : level.unit();
        Map<String, Double> reach = new TreeMap<>();
        for (Isolator mount : job.cradle().isolators()) {
            reach.put(mount.id(), bosses.get(mount.boss()).minus(middle).dot(along));
        }
        return Optional.of(
                new ShaftsFound(reading, lies, -job.asBuilt().growth().difference(), reach));
    }

    /** What a mount has to be lifted beyond what lies under it, m; negative to come down. */
    public double lift(String mount) {
        return wanted + lies.vertical().mend(reach.get(mount));
    }

    /** What a mount has to be moved to the left, m; negative to the right. */
    public double move(String mount) {
        return lies.horizontal().mend(reach.get(mount));
    }

    /** How far the axes are apart between the shafts, against where they should be cold, m. */
    public double apart() {
        return Math.hypot(lies.vertical().offset() - wanted, lies.horizontal().offset());
    }

    /** Angle between the axes, rad. */
    public double angle() {
        return Math.atan(Math.hypot(lies.vertical().slope(), lies.horizontal().slope()));
    }
}
