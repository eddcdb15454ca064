package oddcradle.core.asbuilt;

import oddcradle.core.math.Guard;

/**
 * What comes off a mount, a tab or a tube that has to stand lower, or at another angle: one saw cut, deeper at one edge than at the other. Measured square to the seat a
 * part that leans loses more along its slope than the seat comes down: drop over the cosine of its lean (plane trigonometry).
 *
 * @param front comes off along the slope at the front edge, m; negative where it has to be built up
 * @param back comes off along the slope at the back edge, m
 * @param angle of the saw cut from square, rad
 */
public record WedgeCut(double front, double back, double angle) {
    private static final double STEEPEST = Math.toRadians(80);
    private static final double MOST = 1;

    /**
     * @param frontDrop by which the seat has to come down at its front edge, square to it, m; negative to come up
     * @param backDrop the same at its back edge, m
     * @param length of the seat from front to back, m
     * @param lean of the part from square to its seat, rad
     */
    public static WedgeCut of(double frontDrop, double backDrop, double length, double lean) {
        Guard.size("length", length);
        Guard.within("lean", lean, -STEEPEST, STEEPEST, "rad");
        Guard.within("frontDrop", frontDrop, -MOST, MOST, "m");
        Guard.within("backDrop", backDrop, -MOST, MOST, "m");
        double along = 1 / Math.cos(lean);
        return new WedgeCut(frontDrop * along, backDrop * along, Math.atan((frontDrop - backDrop) / length));
    }
}
