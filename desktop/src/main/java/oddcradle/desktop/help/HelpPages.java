package oddcradle.desktop.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import oddcradle.core.finding.Step;

/** The documents that ship with the program. */
final class HelpPages {
    private static final String FOLDER = "/oddcradle/desktop/help/";

    private HelpPages() {}

    /** The document that is about a step. */
    static String of(Step step) {
        return switch (step) {
            case DONOR, HOST -> "measuring.md";
            case LINE -> "line.md";
            case SEAT -> "seat.md";
            case CRADLE -> "cradle.md";
            case SHAKE -> "shake.md";
            case LOAD -> "load.md";
            case MAKE -> "make.md";
            case FIT -> "fit.md";
            case RUN -> "run.md";
        };
    }

    /** Its text; empty where no such document ships. */
    static Optional<String> text(String page) {
        try (InputStream in = HelpPages.class.getResourceAsStream(FOLDER + page)) {
            return in == null ? Optional.empty() : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the help page " + page + " cannot be read", unreadable);
        }
    }

    /** A picture that ships with them; the caller closes it. */
    static Optional<InputStream> picture(String name) {
        return name.contains("..")
                ? Optional.empty()
                : Optional.ofNullable(HelpPages.class.getResourceAsStream(FOLDER + name));
    }
}
