package oddcradle.core.shop;

import oddcradle.core.math.Vec3;

/**
 * How a hole-saw notcher is set for a round tube on one round header. Plane geometry.
 *
 * @param angle between the two centre lines, rad, above 0, at most a right angle
 * @param offset of the centre lines from each other where they pass, m, 0 or more
 * @param offsetClock where on the wrap the header's centre line passes, rad, 0 to a turn; without meaning where there is no offset
 * @param clock where on the wrap the sharp side of the angle lies, rad, 0 to a turn: there the cut reaches farthest into the tube; of a square
 *     joint one of the two places that the header's axis goes through
 * @param saw diameter that cuts it, the header's outside, m
 */
public record Saddle(double angle, double offset, double offsetClock, double clock, double saw) {
    private static final double TURN = 2 * Math.PI;
    /** Centre lines nearer than this meet, m. */
    private static final double MEETS = 1e-6;

    /**
     * @param branch a round tube
     * @param header not parallel to it
     */
    public static Saddle of(CopeBranch branch, CopeHeader.Round header) {
        Vec3 sharp = header.direction().dot(branch.direction()) < 0
                ? header.direction().times(-1)
                : header.direction();
        Vec3 square = sharp.cross(branch.direction());
        double angle = Math.atan2(square.length(), sharp.dot(branch.direction()));
        double aside = header.point().minus(branch.point()).dot(square.unit());
        boolean meets = Math.abs(aside) < MEETS;
        return new Saddle(
                angle,
                meets ? 0 : Math.abs(aside),
                meets ? 0 : clock(branch, square.times(Math.signum(aside))),
                clock(branch, sharp),
                2 * header.radius());
    }

    private static double clock(CopeBranch branch, Vec3 way) {
        double phi = Math.atan2(way.dot(branch.quarter()), way.dot(branch.reference()));
        return phi < 0 ? phi + TURN : phi;
    }

    /** What a notcher shows that counts from a square cut, rad. By definition. */
    public double offSquare() {
        return Math.PI / 2 - angle;
    }
}
