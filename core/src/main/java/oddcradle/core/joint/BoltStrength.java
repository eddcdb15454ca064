package oddcradle.core.joint;

import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.ScrewThread;

/**
 * What a bolt carries across and along itself: the two shares added as squares. Along against proof over the factor, across
 * against 0.577 of that on the area of the thread. Source: Shigley, Mechanical Engineering Design, distortion energy (from memory).
 *
 * @param tension N
 * @param shear on one of the planes, N
 * @param utilisation share of what is allowed
 */
public record BoltStrength(double tension, double shear, double utilisation) {
    private static final double SHEAR_OF_PROOF = 0.577;

    /** @param planes that share the force across, 1 or 2 */
    public static BoltStrength of(
            ScrewThread thread, BoltGrade grade, double along, double across, int planes, double factor) {
        double tension = Math.abs(along);
        double shear = Math.abs(across) / planes;
        double allowed = grade.proofLoad(thread) / factor;
        return new BoltStrength(tension, shear, Math.hypot(tension / allowed, shear / (SHEAR_OF_PROOF * allowed)));
    }

    /** Torque that draws a bolt to three quarters of its proof load, N m: {@code 0.2 F d}, dry; common practice. */
    public static double tighteningTorque(ScrewThread thread, BoltGrade grade) {
        return 0.2 * preload(thread, grade) * thread.diameter();
    }

    /**
     * The most that a stud bonded to rubber is tightened to where its own rating is not known, N m: half the proof load of its soft
     * steel, 225 MPa; a second spanner holds its plate, for the bond takes no torque. Common practice.
     */
    public static double studTorque(ScrewThread thread) {
        return 0.2 * 0.5 * 225e6 * thread.stressArea() * thread.diameter();
    }

    /** N. */
    public static double preload(ScrewThread thread, BoltGrade grade) {
        return 0.75 * grade.proofLoad(thread);
    }
}
