package oddcradle.core.drive;

import oddcradle.core.math.Vec3;

/**
 * How two sprockets line up.
 *
 * @param offset of the second sprocket's centre from the first one's plane, signed along the first shaft, m
 * @param angular between the two axes, rad
 * @param toe lean of the second shaft along the line of centres, rad
 * @param twist turn of the second shaft about the line of centres, rad
 * @param centreDistance of the sprocket centres, measured in the first sprocket's plane, m
 */
public record Alignment(double offset, double angular, double toe, double twist, double centreDistance) {

    /** Plane geometry of two axes; the second axis is turned to point the same way as the first. */
    public static Alignment of(Shaft first, Shaft second) {
        Vec3 a = first.direction();
        Vec3 b = second.direction().dot(a) < 0 ? second.direction().negated() : second.direction();
        Vec3 between = second.sprocketCentre().minus(first.sprocketCentre());
        double offset = between.dot(a);
        Vec3 inPlane = between.withoutPartAlong(a);
        double centreDistance = inPlane.length();
        Vec3 alongCentres = centreDistance > 0 ? inPlane.times(1 / centreDistance) : a.anyPerpendicular();
        Vec3 across = a.cross(alongCentres);
        return new Alignment(
                offset,
                a.angleTo(b),
                Math.atan2(b.dot(alongCentres), b.dot(a)),
                Math.atan2(b.dot(across), b.dot(a)),
                centreDistance);
    }
}
