package oddcradle.files.paper;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oddcradle.core.math.InvalidValue;

/** Pages as they are typed: {@code 1-3, 5}; empty for all. */
public final class PageChoice {
    private static final Pattern RUN = Pattern.compile("\\s*(\\d{1,6})\\s*(?:[-–]\\s*(\\d{1,6})\\s*)?");

    private PageChoice() {}

    /**
     * @param count how many pages there are, 1 or more
     * @return numbers from 1, each once, in the order they are typed
     * @throws InvalidValue if a word is no page, or names one that there is not
     */
    public static List<Integer> read(String typed, int count) {
        Set<Integer> pages = new LinkedHashSet<>();
        String wanted = typed.isBlank() ? "1-" + count : typed;
        for (String word : wanted.split("[,;]")) {
            Matcher run = RUN.matcher(word);
            if (!run.matches()) {
                throw new InvalidValue("pages", "are \"" + word.strip() + "\", type numbers and runs such as 1-3, 5");
            }
            int first = Integer.parseInt(run.group(1));
            int last = run.group(2) == null ? first : Integer.parseInt(run.group(2));
            if (first < 1 || last > count || last < first) {
                throw new InvalidValue("pages", "are " + word.strip() + ", there are pages 1 to " + count);
            }
            for (int page = first; page <= last; page++) {
                pages.add(page);
            }
        }
        return new ArrayList<>(pages);
    }
}
