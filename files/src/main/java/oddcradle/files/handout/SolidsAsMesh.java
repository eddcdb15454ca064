package oddcradle.files.handout;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.Tessellation;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.math.InvalidValue;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;

/** What stands in the machine as triangles, where it stands: each body is closed, bodies may reach into each other. */
public final class SolidsAsMesh {
    private static final int AROUND = 48;

    /** Which of it. */
    public enum Of {
        HOST("host", Role.HOST_TUBE),
        DONOR("donor", Role.DONOR, Role.HOT),
        CRADLE("cradle", Role.CRADLE_TUBE);

        private final String word;
        private final List<Role> roles;

        Of(String word, Role... roles) {
            this.word = word;
            this.roles = List.of(roles);
        }

        public String word() {
            return word;
        }

        public static Optional<Of> named(String word) {
            return Arrays.stream(values())
                    .filter(each -> each.word.equals(word))
                    .findFirst();
        }
    }

    private SolidsAsMesh() {}

    /** @throws InvalidValue if there is nothing of that kind yet */
    public static TriangleMesh of(Examination examination, Of which) {
        List<Solid> solids = JobDrawing.solids(examination).stream()
                .filter(part -> which.roles.contains(part.role()))
                .map(JobDrawing.PartSolid::solid)
                .toList();
        if (solids.isEmpty()) {
            throw new InvalidValue(which.word, "has no solids yet; there is nothing to write");
        }
        return Tessellation.of(solids, AROUND);
    }
}
