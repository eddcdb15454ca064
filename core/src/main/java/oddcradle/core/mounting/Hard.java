package oddcradle.core.mounting;

import oddcradle.core.math.Vec3;

/**
 * Metal on metal: the lug is bolted to its tab.
 *
 * <p>Thickness is nil by definition.
 */
public record Hard() implements MountElement {
    /** A bolted joint of steel, N/m: far above any tube's, and known no better; common practice. */
    private static final double JOINT = 5e8;

    @Override
    public Vec3 stiffness() {
        return new Vec3(JOINT, JOINT, JOINT);
    }

    @Override
    public double thickness() {
        return 0;
    }

    @Override
    public Strain strain(double along, double across) {
        return new Strain(0, 0);
    }

    @Override
    public String designation() {
        return "hard";
    }
}
