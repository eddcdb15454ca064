package oddcradle.core.frame.input;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * How a member's end holds on to its node: rigidly but for what it gives. Told along the member's own axes ({@link MemberAxes}).
 *
 * @param gives ways in which the end moves beside its node, at right angles to each other; none of a full weld
 */
public record EndJoint(List<Give> gives) {
    /**
     * One way to give.
     *
     * @param turn whether it turns about the direction, or shifts along it
     * @param direction unit
     * @param stiffness of that, N/m or N m/rad; 0 where nothing holds
     */
    public record Give(boolean turn, Vec3 direction, double stiffness) {
        public Give {
            Guard.present("direction", direction);
            Guard.notNegative("stiffness", stiffness, turn ? "N m/rad" : "N/m");
        }

        /** Whether nothing holds. */
        public boolean isFree() {
            return stiffness == 0;
        }
    }

    /** All six motions carried, as a stiff weld does. */
    public static final EndJoint FIXED = new EndJoint(List.of());

    /** Both bending moments free, torsion carried. */
    public static final EndJoint PINNED = new EndJoint(List.of(turning(Vec3.Y), turning(Vec3.Z)));

    /** All three moments free. */
    public static final EndJoint BALL = new EndJoint(List.of(turning(Vec3.X), turning(Vec3.Y), turning(Vec3.Z)));

    /** Nothing carried: torn off. */
    public static final EndJoint GONE = new EndJoint(List.of(
            shifting(Vec3.X), shifting(Vec3.Y), shifting(Vec3.Z), turning(Vec3.X), turning(Vec3.Y), turning(Vec3.Z)));

    public EndJoint {
        gives = List.copyOf(gives);
    }

    /** Free to turn about one bolt. @param axis of the bolt, unit, in the member's own axes */
    public static EndJoint hinge(Vec3 axis) {
        return new EndJoint(List.of(turning(axis)));
    }

    private static Give turning(Vec3 axis) {
        return new Give(true, axis, 0);
    }

    private static Give shifting(Vec3 axis) {
        return new Give(false, axis, 0);
    }

    /** Whether every motion is carried, if by a spring. */
    public boolean carriesAll() {
        return gives.stream().noneMatch(Give::isFree);
    }

    /** Whether it turns freely about the member itself. */
    public boolean spins() {
        return gives.stream()
                .anyMatch(
                        give -> give.turn() && give.isFree() && give.direction().equals(Vec3.X));
    }

    /** The same with a member that does not spin. */
    public EndJoint withoutSpin() {
        return new EndJoint(gives.stream()
                .filter(give -> !(give.turn() && give.direction().equals(Vec3.X)))
                .toList());
    }
}
