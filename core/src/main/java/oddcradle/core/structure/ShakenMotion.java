package oddcradle.core.structure;

import java.util.List;
import oddcradle.core.frame.EndForces;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.vibration.RigidBodyModes;

/**
 * How the donor moves at one speed, and what each mount does to the frame, order by order: whoever knows the crank's angle knows all of it.
 *
 * @param speed of the first crank, rad/s
 */
public record ShakenMotion(double speed, List<Part> parts) {
    public ShakenMotion {
        parts = List.copyOf(parts);
    }

    /**
     * One order.
     *
     * @param order a ratio to the first crank's speed
     * @param body about the centre of gravity, host axes; relative to the ground
     * @param forces of each mount on the frame
     * @param ends of members that are looked at, in their order
     */
    public record Part(double order, RigidBodyModes.Swing body, List<Force> forces, List<End> ends) {
        public Part {
            forces = List.copyOf(forces);
            ends = List.copyOf(ends);
        }
    }

    /** What a member's end carries, in step with the crank and a quarter turn behind; N and N m, the member's own axes. */
    public record End(EndForces inStep, EndForces behind) {}

    /** A force that swings, in step with the crank and a quarter turn behind; N, host axes. */
    public record Force(Vec3 inStep, Vec3 behind) {}

    /** Where the donor stands when the first crank has turned by an angle, rad. */
    public SmallMotion body(double angle) {
        Vec3 shift = Vec3.ZERO;
        Vec3 turn = Vec3.ZERO;
        for (Part part : parts) {
            double cos = Math.cos(part.order() * angle);
            double sin = Math.sin(part.order() * angle);
            SmallMotion ahead = part.body().inStep();
            SmallMotion behind = part.body().behind();
            shift = shift.along(ahead.shift(), cos).along(behind.shift(), sin);
            turn = turn.along(ahead.turn(), cos).along(behind.turn(), sin);
        }
        return new SmallMotion(Vec3.ZERO, shift, turn);
    }

    /** What a mount does to the frame then, N. */
    public Vec3 force(int mount, double angle) {
        Vec3 force = Vec3.ZERO;
        for (Part part : parts) {
            Force each = part.forces().get(mount);
            force = force.along(each.inStep(), Math.cos(part.order() * angle))
                    .along(each.behind(), Math.sin(part.order() * angle));
        }
        return force;
    }
}
