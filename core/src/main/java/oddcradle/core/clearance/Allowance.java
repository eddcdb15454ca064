package oddcradle.core.clearance;

import oddcradle.core.math.Guard;

/**
 * What a pair draws nearer by when it works: rubber giving way, a hot pipe growing, a chain whipping.
 *
 * @param why in words, such as "rubber, 3 g down"
 * @param amount m, 0 or more
 */
public record Allowance(String why, double amount) {
    public Allowance {
        Guard.named("why", why);
        Guard.notNegative("amount", amount, "m");
    }
}
