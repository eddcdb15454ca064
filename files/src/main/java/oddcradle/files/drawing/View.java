package oddcradle.files.drawing;

import oddcradle.core.math.Vec3;

/** A drawn view: where one stands, and which way right and up of the paper point in host axes. */
public enum View {
    FROM_LEFT("from left", Vec3.X.negated(), Vec3.Z),
    FROM_ABOVE("from above", Vec3.X.negated(), Vec3.Y.negated()),
    FROM_BEHIND("from behind", Vec3.Y.negated(), Vec3.Z);

    private final String title;
    private final Sight sight;

    View(String title, Vec3 right, Vec3 up) {
        this.title = title;
        this.sight = new Sight(right, up);
    }

    public String title() {
        return title;
    }

    public Sight sight() {
        return sight;
    }

    public Vec3 right() {
        return sight.right();
    }

    public Vec3 up() {
        return sight.up();
    }

    public FlatPoint flat(Vec3 point) {
        return sight.flat(point);
    }
}
