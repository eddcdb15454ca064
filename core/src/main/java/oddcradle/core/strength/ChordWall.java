package oddcradle.core.strength;

/**
 * What the wall of a tube bears where something is welded onto it, before it folds in or tears out.
 *
 * @param axial N
 * @param inPlane bending moment in the plane of the tube's axis and what stands on it, N m
 * @param outOfPlane N m
 * @param roundOnRound whether the in-plane share goes in as its square
 */
public record ChordWall(double axial, double inPlane, double outOfPlane, boolean roundOnRound) {
    /** What of its strength a chord is taken to use along itself, a ratio; common practice. */
    public static final double WORKS = 0.5;

    /** Its least in each, for two ways to give way. */
    ChordWall orLess(double otherAxial, double otherInPlane, double otherOutOfPlane) {
        return new ChordWall(
                Math.min(axial, otherAxial),
                Math.min(inPlane, otherInPlane),
                Math.min(outOfPlane, otherOutOfPlane),
                roundOnRound);
    }

    /**
     * With a gusset in the plane of both: its edge and the tube pull and press as a couple, and the tube bears by itself what that leaves it. Lower bound of
     * plastic theory, never less than without; from memory.
     *
     * @param plate what the wall bears of the gusset's edge
     * @param arm between the middles of the two, m
     */
    public ChordWall withGusset(ChordWall plate, double arm) {
        double couple = Math.min(axial, plate.axial());
        double left = 1 - couple / axial;
        double own = inPlane * (roundOnRound ? Math.sqrt(left) : left);
        return new ChordWall(axial, Math.max(inPlane, couple * arm + own), outOfPlane, roundOnRound);
    }

    ChordWall times(double ratio) {
        return new ChordWall(ratio * axial, ratio * inPlane, ratio * outOfPlane, roundOnRound);
    }

    /**
     * Share of what the wall bears, all three together: {@code N/Nr + Mi/Mir + Mo/Mor}, round on round {@code N/Nr + (Mi/Mir)² + Mo/Mor};
     * EN 1993-1-8, 7.4.2 and 7.5.2 (from memory). Sizes, N and N m.
     */
    public double utilisation(double force, double momentInPlane, double momentOutOfPlane) {
        double within = Math.abs(momentInPlane) / inPlane;
        return Math.abs(force) / axial
                + (roundOnRound ? within * within : within)
                + Math.abs(momentOutOfPlane) / outOfPlane;
    }
}
