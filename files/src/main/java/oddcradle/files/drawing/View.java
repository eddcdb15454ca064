package oddcradle.files.drawing;

import oddcradle.core.math.Vec3;

/** A drawn view: where one stands, and which way right and up of the paper point in host axes. */
public enum View {
    FROM_LEFT("from left", Vec3.X.negated(), Vec3.Z),
    FROM_ABOVE("from above", Vec3.X.negated(), Vec3.Y.negated()),
    FROM_BEHIND("from behind", Vec3.Y.negated(), Vec3.Z);

    private final String title;
    private final Vec3 right;
    private final Vec3 up;

    View(String title, Vec3 right, Vec3 up) {
        this.title = title;
        this.right = right;
        this.up = up;
    }

    public String title() {
        return title;
    }

    public Vec3 right() {
        return right;
    }

    public Vec3 up() {
        return up;
    }

    /** Towards the one who looks. */
    public Vec3 towardsEye() {
        return right.cross(up);
    }

    public FlatPoint flat(Vec3 point) {
        return new FlatPoint(point.dot(right), point.dot(up));
    }
}
