package oddcradle.core.vibration;

import java.util.List;
import oddcradle.core.math.Vec3;

/** How far the body settles under gravity: movement of its centre of gravity, m, its rotation, rad, and mount loads, N. */
public record StaticSag(Vec3 cgDisplacement, Vec3 rotation, List<MountLoad> mounts) {
    /**
     * @param forceOnFrame N
     * @param deflection along the mount's own axes, m
     */
    public record MountLoad(String name, Vec3 forceOnFrame, Vec3 deflection) {}

    public StaticSag {
        mounts = List.copyOf(mounts);
    }
}
