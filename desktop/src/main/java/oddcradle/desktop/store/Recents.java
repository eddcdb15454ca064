package oddcradle.desktop.store;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.files.settings.Settings;

/** The files opened last, newest first, kept between runs. */
public final class Recents {
    private static final int KEPT = 8;
    private static final String KEY = "recent.";

    private final Settings memory;

    public Recents(Settings memory) {
        this.memory = memory;
    }

    /** Those that still exist. */
    public List<Path> list() {
        List<Path> files = new ArrayList<>();
        for (int k = 0; k < KEPT; k++) {
            String stored = memory.text(KEY + k, "");
            try {
                if (!stored.isEmpty() && Files.isRegularFile(Path.of(stored))) {
                    files.add(Path.of(stored));
                }
            } catch (InvalidPathException foreign) {
                // Kept by another system; there is no such file here.
                memory.remove(KEY + k);
            }
        }
        return files;
    }

    /** Where the last one lies; empty before the first. */
    public Optional<Path> folder() {
        return list().stream().findFirst().map(Path::getParent);
    }

    public void add(Path file) {
        Path whole = file.toAbsolutePath().normalize();
        List<Path> files = new ArrayList<>(list());
        files.remove(whole);
        files.add(0, whole);
        Map<String, String> kept = new HashMap<>();
        for (int k = 0; k < KEPT; k++) {
            kept.put(KEY + k, k < files.size() ? files.get(k).toString() : "");
        }
        memory.putAll(kept);
    }
}
