package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.linkage.Lever;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A shock absorber that must find another place.
 *
 * @param pivot of the arm, host axes, m
 * @param axis of that pivot
 * @param axle as drawn, m
 * @param onArm its lower eye as drawn, m
 * @param onFrame its upper eye, m
 * @param droop how far the axle goes down from there, m
 * @param bump how far it goes up, m
 * @param shortest between its eyes, closed, m
 * @param longest between its eyes, open, m
 * @param strap length between the same eyes at which a strap stops the wheel's way down, m; 0, and so if left out, for none
 */
@RecordBuilder
public record Shock(
        String id,
        String label,
        Vec3 pivot,
        Vec3 axis,
        Vec3 axle,
        Vec3 onArm,
        Vec3 onFrame,
        double droop,
        double bump,
        double shortest,
        double longest,
        Double strap)
        implements ShockBuilder.With {
    public Shock {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("pivot", pivot);
        Guard.present("axis", axis).unit();
        Lever.requireArm("axle", pivot, axis, Guard.present("axle", axle));
        Lever.requireArm("onArm", pivot, axis, Guard.present("onArm", onArm));
        Guard.present("onFrame", onFrame).minus(onArm).unit();
        Guard.within("droop", droop, 0, 1, "m");
        Guard.within("bump", bump, 0, 1, "m");
        Guard.size("shortest", shortest);
        Guard.size("longest", longest);
        strap = strap == null ? 0.0 : Guard.within("strap", strap, 0, 5, "m");
        if (longest <= shortest) {
            throw new InvalidValue("longest", "is no more than shortest, must be the open length between its eyes");
        }
    }
}
