package oddcradle.desktop.command;

import java.util.List;
import java.util.function.Supplier;

/** A line of a menu. */
public sealed interface Entry permits Command, Entry.Submenu, Entry.Divider {
    /** Lines behind a line, asked for whenever the menu opens. */
    record Submenu(String id, String words, Supplier<List<Command>> of) implements Entry {}

    /** A rule between lines. */
    record Divider() implements Entry {}

    Divider DIVIDER = new Divider();
}
