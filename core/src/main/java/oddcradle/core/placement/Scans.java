package oddcradle.core.placement;

import java.util.Map;
import java.util.Optional;
import oddcradle.core.geometry.mesh.MeshTree;

/** The scans that jobs name, read and made ready, by file name; two are equal if they hold the very same trees. */
public record Scans(Map<String, MeshTree> byFile) {
    public static final Scans NONE = new Scans(Map.of());

    public Scans {
        byFile = Map.copyOf(byFile);
    }

    public Optional<MeshTree> of(String file) {
        return Optional.ofNullable(byFile.get(file));
    }
}
