package oddcradle.core.job;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;

/** A mark for something new. */
public final class FreeMark {
    private FreeMark() {}

    /** The first of a letter and a number that nobody has. */
    public static String of(String letter, Collection<String> taken) {
        Set<String> all = new HashSet<>(taken);
        int number = 1;
        while (all.contains(letter + number)) {
            number++;
        }
        return letter + number;
    }
}
