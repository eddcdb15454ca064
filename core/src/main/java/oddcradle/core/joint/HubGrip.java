package oddcradle.core.joint;

import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.ScrewThread;

/**
 * Ways to hold a wheel on a straight shaft, each with the torque it carries, N m.
 *
 * <p>Pressed bush {@code mu p pi d² L / 2}; split clamp, pressure taken as even, {@code mu pi F d / 2}; cone driven in by screws
 * {@code mu F d / (2 (sin a + mu cos a))}, a half the cone's angle; key in shear {@code tau w L d / 2} and in bearing
 * {@code sigma (h/2) L d / 2}. Source: Shigley, Mechanical Engineering Design (from memory); friction 0.12 dry steel, common practice.
 */
public final class HubGrip {
    public static final double FRICTION = 0.12;
    /** Half angle of a taper-clamp bush, rad: 4 degrees; common practice. */
    private static final double TAPER = Math.toRadians(4);
    /** Key of common shaft steel, Pa. */
    private static final double KEY_YIELD = 350e6;

    private HubGrip() {}

    /** @param pressure Pa, see {@link Collar#pressure} */
    public static double pressed(double pressure, double diameter, double length) {
        return FRICTION * pressure * Math.PI * diameter * diameter * length / 2;
    }

    /** @param force of all clamp screws together, N */
    public static double clamped(double force, double diameter) {
        return FRICTION * Math.PI * force * diameter / 2;
    }

    /** @param force of all screws along the shaft, N */
    public static double tapered(double force, double diameter) {
        return FRICTION * force * diameter / (2 * (Math.sin(TAPER) + FRICTION * Math.cos(TAPER)));
    }

    /** A key of the usual size for the shaft, a quarter of its diameter square; the weaker of shear and bearing. Diameter and length in m; torque, N m. */
    public static double keyed(double diameter, double length, double factor) {
        double side = diameter / 4;
        double allowed = KEY_YIELD / factor;
        double shear = 0.577 * allowed * side * length * diameter / 2;
        double bearing = allowed * side / 2 * length * diameter / 2;
        return Math.min(shear, bearing);
    }

    /** Force of some screws at three quarters of proof, N. */
    public static double screws(int count, ScrewThread thread) {
        return count * BoltStrength.preload(thread, BoltGrade.usual(thread.inch()));
    }

    /** Disc clutch worn in: {@code n mu F (D + d) / 4}, N m. Source: Shigley, uniform wear (from memory). */
    public static double clutch(int faces, double friction, double clamp, double outer, double inner) {
        return faces * friction * clamp * (outer + inner) / 4;
    }
}
