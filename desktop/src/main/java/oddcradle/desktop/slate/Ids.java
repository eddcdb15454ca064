package oddcradle.desktop.slate;

import java.util.Locale;

/** An id for what the user gave a name. */
public final class Ids {
    private Ids() {}

    /** Letters, digits and hyphens of the name in lower case; {@code otherwise} where it has none. */
    public static String of(String name, String otherwise) {
        String id = name.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return id.isEmpty() ? otherwise : id;
    }
}
