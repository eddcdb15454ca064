package oddcradle.files.paper;

import java.util.Locale;

/** Angles as a protractor of the shop is read: to a tenth of a degree. */
public final class Degrees {
    private Degrees() {}

    /** @param angle rad */
    public static String words(double angle) {
        return String.format(Locale.ROOT, "%.1f°", Math.toDegrees(angle));
    }
}
