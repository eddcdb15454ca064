package oddcradle.core.math;

import java.math.BigDecimal;
import java.math.MathContext;

/**
 * A number in a message, which may be told in other units than it is kept in.
 *
 * @param value in SI; may be anything, also what is wrong
 * @param unit its SI unit; empty for a plain number
 */
public record Amount(double value, String unit) {
    private static final MathContext DIGITS = new MathContext(6);
    private static final int LONGEST = 12;

    /** Six digits at most, and its unit. */
    @Override
    public String toString() {
        return unit.isEmpty() ? number() : number() + " " + unit;
    }

    private String number() {
        if (!Double.isFinite(value)) {
            return Double.toString(value);
        }
        BigDecimal rounded = new BigDecimal(value).round(DIGITS).stripTrailingZeros();
        String plain = rounded.signum() == 0 ? "0" : rounded.toPlainString();
        return plain.length() <= LONGEST ? plain : rounded.toString();
    }
}
