package oddcradle.core.around;

import java.util.List;
import oddcradle.core.math.Guard;

/**
 * One bend of a pipe as it is cut: out of a bought bend, or of straight pipe in slices. Source: exact geometry of a torus and of the polygon about
 * its centre-line.
 *
 * @param angle it turns the pipe, rad
 * @param bendRadius of the centre-line, m
 * @param diameter outside, m
 */
public record Elbow(double angle, double bendRadius, double diameter) {
    public Elbow {
        Guard.within("angle", angle, 0, Math.PI, "rad");
        Guard.size("bendRadius", bendRadius);
        Guard.size("diameter", diameter);
    }

    /** Along the outside of a bought bend from its end to the cut, m. */
    public double outside() {
        return angle * (bendRadius + diameter / 2);
    }

    /** Along the inside, m; 0 where the pipe is wider than the bend. */
    public double inside() {
        return angle * Math.max(0, bendRadius - diameter / 2);
    }

    /** Along the centre-line, m. */
    public double middle() {
        return angle * bendRadius;
    }

    /**
     * Angle of every cut against a square one when the bend is welded of straight slices, rad: the two ends are half slices, so that
     * all joints are alike.
     *
     * @param joints at least 1
     */
    public double mitre(int joints) {
        Guard.within("joints", joints, 1, 20, "");
        return angle / (2 * joints);
    }

    /** Longest and shortest side of the whole slices between the joints, m: chords of the outside and inside. */
    public List<Double> slice(int joints) {
        double tangent = 2 * Math.tan(mitre(joints));
        return List.of(tangent * (bendRadius + diameter / 2), tangent * Math.max(0, bendRadius - diameter / 2));
    }

    /**
     * How far round the pipe the next bend is turned, along its outside, m: what is marked at the joint.
     *
     * @param twist between the planes of the two bends, rad
     * @param diameter outside of the pipe, m
     */
    public static double turnMark(double twist, double diameter) {
        return twist * diameter / 2;
    }

    /** Fewest joints with which no cut is steeper than gas likes, common practice: eleven and a quarter degrees. */
    public int joints() {
        int joints = 1;
        while (mitre(joints) > Math.toRadians(11.25) + 1e-9) {
            joints++;
        }
        return joints;
    }
}
