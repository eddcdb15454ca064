package oddcradle.core.propose;

import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Vec3;

/**
 * A boss where it is with the donor in its seat.
 *
 * @param at middle of its hole
 * @param hole direction of its hole
 */
record Lug(Boss boss, Vec3 at, Vec3 hole) {
    private static final double IN_LINE = 0.7;

    String id() {
        return boss.id();
    }

    boolean isInLine(Vec3 direction) {
        return Math.abs(hole.dot(direction)) > IN_LINE;
    }
}
