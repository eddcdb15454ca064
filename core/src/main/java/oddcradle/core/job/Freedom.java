package oddcradle.core.job;

import oddcradle.core.math.Vec3;

/** The six ways a seat can change, in host axes; rotations are yaw, pitch, roll in that order. */
public enum Freedom {
    FORWARD("forward", Vec3.X),
    LEFT("left", Vec3.Y),
    UP("up", Vec3.Z),
    YAW("yaw", Vec3.ZERO),
    PITCH("pitch", Vec3.ZERO),
    ROLL("roll", Vec3.ZERO);

    private final String word;
    private final Vec3 direction;

    Freedom(String word, Vec3 direction) {
        this.word = word;
        this.direction = direction;
    }

    public String word() {
        return word;
    }

    /** Unit vector of a sliding freedom; zero for a turning one. */
    public Vec3 direction() {
        return direction;
    }

    public boolean slides() {
        return ordinal() < 3;
    }
}
