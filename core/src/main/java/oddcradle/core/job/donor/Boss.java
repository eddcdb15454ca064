package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A mounting lug of the donor.
 *
 * @param position middle of its hole, donor axes, m
 * @param axis of its hole, donor axes
 * @param bore m
 * @param hole its thread, depth and what lies behind; nobody has looked where it is left out
 */
@RecordBuilder
public record Boss(String id, String label, Vec3 position, Vec3 axis, double bore, BossHole hole)
        implements BossBuilder.With {
    private static final double LARGEST_BORE = 0.5;

    public Boss {
        Guard.named("id", id);
        Guard.named("label", label);
        Sizes.requirePlace("position", position);
        Guard.present("axis", axis).unit();
        Guard.within("bore", bore, Sizes.THINNEST_WALL, LARGEST_BORE, "m");
        hole = hole == null ? BossHole.UNKNOWN : hole;
    }

    /** Its mark and its name. */
    public String named() {
        return label.contains(id) ? label : id + " " + label;
    }

    public Boss at(Vec3 other) {
        return new Boss(id, label, other, axis, bore, hole);
    }

    public Boss withLabel(String other) {
        return new Boss(id, other, position, axis, bore, hole);
    }

    public Boss withPosition(Vec3 other) {
        return new Boss(id, label, other, axis, bore, hole);
    }

    public Boss withAxis(Vec3 other) {
        return new Boss(id, label, position, other, bore, hole);
    }

    public Boss withBore(double other) {
        return new Boss(id, label, position, axis, other, hole);
    }

    public Boss withHole(BossHole other) {
        return new Boss(id, label, position, axis, bore, other);
    }
}
