package oddcradle.core.step.run;

import oddcradle.core.job.around.Holder;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.structure.DonorMovement;

/** Where what is fixed to frame or engine stands, and how far the engine carries it. */
record Standing(Seating seating, DonorMovement movement) {
    /** A point in the axes of what holds it, in host axes, m. */
    Vec3 place(Holder on, Vec3 point) {
        return on == Holder.DONOR ? seating.pose().place(point) : point;
    }

    Vec3 turn(Holder on, Vec3 way) {
        return on == Holder.DONOR ? seating.pose().turn(way) : way;
    }

    /** The most that a point of the engine moves along a line from where it stands at rest, either way, m: things are set while it stands. */
    double sway(Vec3 point, Vec3 way) {
        Vec3 fromCg = point.minus(seating.mass().cg());
        Vec3 along = way.unit();
        double rests =
                movement.standing().map(motion -> motion.at(fromCg).dot(along)).orElse(0.0);
        double most = 0;
        for (DonorMovement.Pushed each : movement.pushed()) {
            most = Math.max(most, Math.abs(each.motion().at(fromCg).dot(along) - rests));
        }
        double reach = fromCg.length();
        for (DonorMovement.Swinging each : movement.swings()) {
            if (!each.isWithin(reach, most)) {
                most = Math.max(most, each.along(fromCg, along));
            }
        }
        return most;
    }

    /** No point of the engine within a distance of its centre of gravity moves farther from where it stands at rest, m. */
    double most(double distance) {
        return 2 * movement.most(distance);
    }

    /** The most that a point of the engine moves any way, m: of three ways square to each other, added as a cautious figure. */
    double sway(Vec3 point) {
        double x = sway(point, Vec3.X);
        double y = sway(point, Vec3.Y);
        double z = sway(point, Vec3.Z);
        return Math.sqrt(x * x + y * y + z * z);
    }
}
