package oddcradle.core.around;

import oddcradle.core.math.Guard;

/**
 * A machine with a tail wheel whose main legs are made longer: how far it tips back and what its propeller clears.
 *
 * @param tips more than before, rad
 * @param standing clearance of the blade's tip with the tail on the ground, m; negative where it strikes
 * @param level the same with the propeller's axis level, as it runs before it lifts off, m
 */
public record GroundStance(double tips, double standing, double level) {
    /**
     * Turns about the tail wheel's contact, exact for a stiff machine; tyres and springs as they were.
     *
     * @param lift length that the main legs get, m
     * @param wheelbase between main and tail wheel, m
     * @param hubAhead of the main wheel's contact, m
     * @param hubHeight over the ground as it stood before, m
     * @param attitude of the propeller's axis over level as it stood before, rad
     * @param propeller diameter, m
     */
    public static GroundStance lifted(
            double lift, double wheelbase, double hubAhead, double hubHeight, double attitude, double propeller) {
        Guard.size("wheelbase", wheelbase);
        Guard.within("lift", lift, -wheelbase / 2, wheelbase / 2, "m");
        Guard.within("hubAhead", hubAhead, -wheelbase, 100, "m");
        Guard.size("hubHeight", hubHeight);
        Guard.within("attitude", attitude, -Math.PI / 4, Math.PI / 4, "rad");
        Guard.size("propeller", propeller);
        double tips = Math.atan2(lift, wheelbase);
        double hub = (wheelbase + hubAhead) * Math.sin(tips) + hubHeight * Math.cos(tips);
        double levelHub = (hubHeight + lift) * Math.cos(attitude) - hubAhead * Math.sin(attitude);
        return new GroundStance(tips, hub - propeller / 2 * Math.cos(attitude + tips), levelHub - propeller / 2);
    }
}
