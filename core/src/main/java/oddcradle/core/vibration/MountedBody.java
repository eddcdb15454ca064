package oddcradle.core.vibration;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/**
 * A rigid body and what it stands on, all in one axis system.
 *
 * @param gravity m/s2
 */
public record MountedBody(MassProperties body, List<Mount> mounts, Vec3 gravity) {
    public MountedBody {
        Guard.present("body", body);
        Guard.present("gravity", gravity);
        mounts = List.copyOf(mounts);
        if (mounts.isEmpty()) {
            throw new InvalidValue("mounts", "is empty, a body needs at least one mount");
        }
        Set<Vec3> places = new HashSet<>();
        Set<String> names = new HashSet<>();
        for (int k = 0; k < mounts.size(); k++) {
            if (!names.add(mounts.get(k).name())) {
                throw new InvalidValue(
                        "mounts[" + k + "].name", "repeats \"" + mounts.get(k).name() + "\", names must differ");
            }
            if (!places.add(mounts.get(k).position())) {
                throw new InvalidValue(
                        "mounts[" + k + "].position",
                        "is the same point as another mount's, two isolators cannot stand in one place");
            }
        }
    }
}
