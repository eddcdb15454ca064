package oddcradle.core.drive;

import oddcradle.core.math.Vec3;

/**
 * Two cross joints on one shaft, and what is left of their wobble.
 *
 * <p>Each joint at an angle b turns its output by {@code atan2(sin a, cos a cos b)} for an input angle a; the speed swings
 * between cos b and 1 / cos b. Two joints act like one whose angle squared is {@code |b1^2 - b2^2 e^(2 i psi)|}, psi being how far
 * the second joint's yoke is turned out of place. Source: joint makers' handbooks, common practice (from memory).
 *
 * @param firstAngle between the input and the shaft, rad
 * @param secondAngle between the shaft and the output, rad
 * @param equivalentAngle of the one joint that would wobble as much, rad
 * @param bestPhase turn of the second yoke at which least is left, rad
 */
public record JointPair(double firstAngle, double secondAngle, double equivalentAngle, double bestPhase) {
    private static final double STRAIGHT = 1e-9;

    /**
     * @param input direction of the driving shaft
     * @param shaft direction of the shaft between, from the first joint to the second
     * @param output direction of the driven shaft; all three point the way the power goes
     * @param phase turn of the second yoke against the first, rad, right-handed about the shaft
     */
    public static JointPair of(Vec3 input, Vec3 shaft, Vec3 output, double phase) {
        double first = input.angleTo(shaft);
        double second = shaft.angleTo(output);
        double planes = planes(input, shaft, output);
        double psi = phase - planes;
        double real = first * first - second * second * Math.cos(2 * psi);
        double imaginary = -second * second * Math.sin(2 * psi);
        return new JointPair(first, second, Math.sqrt(Math.hypot(real, imaginary)), planes);
    }

    /** Turn about the shaft from the plane of the first bend to the plane of the second, rad, -pi/2 to pi/2. */
    private static double planes(Vec3 input, Vec3 shaft, Vec3 output) {
        Vec3 along = shaft.unit();
        Vec3 first = input.cross(shaft);
        Vec3 second = shaft.cross(output);
        if (first.length() < STRAIGHT || second.length() < STRAIGHT) {
            return 0;
        }
        double turn = Math.atan2(first.cross(second).dot(along), first.dot(second));
        // A joint bent the other way is in the same plane: half a turn makes no difference.
        return turn > Math.PI / 2 ? turn - Math.PI : turn < -Math.PI / 2 ? turn + Math.PI : turn;
    }

    /** How much the output's speed swings, highest less lowest over the mean, about the square of the angle. A ratio. */
    public double swing() {
        return swing(equivalentAngle);
    }

    /** The same of a single joint: {@code 1 / cos b - cos b}. A ratio. */
    public static double swing(double angle) {
        return 1 / Math.cos(angle) - Math.cos(angle);
    }
}
