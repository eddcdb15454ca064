package oddcradle.core.frame;

/**
 * What one member carries.
 *
 * @param stressMax greatest over the length of |N/A| plus bending stress, Pa
 * @param vonMisesMax the same with torsion by von Mises, without transverse shear, Pa
 * @param worstAt where that is, as a share of the length from end i
 */
public record MemberResult(
        String id, EndForces endI, EndForces endJ, double stressMax, double vonMisesMax, double worstAt) {}
