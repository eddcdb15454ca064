package oddcradle.core.survey;

import oddcradle.core.math.Vec3;

/** The plane an offset is measured from, named by the way the offset counts. */
public enum DatumPlane {
    FORWARD("forward", Vec3.X),
    LEFT("left", Vec3.Y),
    UP("up", Vec3.Z);

    private final String word;
    private final Vec3 direction;

    DatumPlane(String word, Vec3 direction) {
        this.word = word;
        this.direction = direction;
    }

    /** Which way a positive offset lies. */
    public String word() {
        return word;
    }

    public Vec3 direction() {
        return direction;
    }
}
