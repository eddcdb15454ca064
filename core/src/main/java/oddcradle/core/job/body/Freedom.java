package oddcradle.core.job.body;

import oddcradle.core.math.Vec3;

/** The six ways a seat can change, in host axes; rotations are yaw, pitch, roll in that order. */
public enum Freedom {
    FORWARD("forward", "rearward", Vec3.X),
    LEFT("left", "right", Vec3.Y),
    UP("up", "down", Vec3.Z),
    YAW("yaw", "yaw back", Vec3.ZERO),
    PITCH("pitch", "pitch back", Vec3.ZERO),
    ROLL("roll", "roll back", Vec3.ZERO);

    private final String word;
    private final String opposite;
    private final Vec3 direction;

    Freedom(String word, String opposite, Vec3 direction) {
        this.word = word;
        this.opposite = opposite;
        this.direction = direction;
    }

    public String word() {
        return word;
    }

    /** The other way. */
    public String opposite() {
        return opposite;
    }

    /** Unit vector of a sliding freedom; zero for a turning one. */
    public Vec3 direction() {
        return direction;
    }

    public boolean slides() {
        return ordinal() < 3;
    }
}
