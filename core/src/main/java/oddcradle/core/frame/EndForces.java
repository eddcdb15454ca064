package oddcradle.core.frame;

import oddcradle.core.math.Vec3;

/** Force and moment on a member's end, local axes; N, N m. */
public record EndForces(Vec3 force, Vec3 moment) {
    public EndForces negated() {
        return new EndForces(force.negated(), moment.negated());
    }
}
