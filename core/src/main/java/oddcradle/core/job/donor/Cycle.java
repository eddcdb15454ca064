package oddcradle.core.job.donor;

/** Strokes per firing of one cylinder. */
public enum Cycle {
    TWO_STROKE(1),
    FOUR_STROKE(2);

    private final int turnsPerFiring;

    Cycle(int turnsPerFiring) {
        this.turnsPerFiring = turnsPerFiring;
    }

    public int turnsPerFiring() {
        return turnsPerFiring;
    }

    /** Crank angle of one cycle, rad. */
    public double radians() {
        return 2 * Math.PI * turnsPerFiring;
    }
}
