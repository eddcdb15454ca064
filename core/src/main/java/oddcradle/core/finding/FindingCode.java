package oddcradle.core.finding;

import java.util.Locale;

/** What kind a finding is of: a constant of an enum in the package that says it. Texts may change, codes do not. */
public interface FindingCode {
    /** What it is about, such as {@code line}. */
    String area();

    /** Its name among those of its area, as an enum writes it. */
    String name();

    /** Stable name for programs, such as {@code line.offset}. */
    default String id() {
        return area() + "." + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
