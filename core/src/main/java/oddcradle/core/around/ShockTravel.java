package oddcradle.core.around;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * A shock absorber between a swinging arm and the frame, through the arm's travel. Plane or not: exact turning about the arm's pivot.
 *
 * @param at places from full droop to full bump
 */
public record ShockTravel(List<At> at) {
    private static final int STEPS = 60;

    public ShockTravel {
        at = List.copyOf(at);
    }

    /**
     * @param rise of the axle over where it is drawn, m
     * @param length between its two eyes, m
     * @param ratio how far it shortens for each metre the axle rises, a ratio
     * @param lean between it and the arm, rad: near 0 it pushes the pivot and not the wheel
     */
    public record At(double rise, double length, double ratio, double lean) {}

    /**
     * @param pivot of the arm, m
     * @param axis of that pivot
     * @param axle as drawn, m
     * @param onArm lower eye, as drawn, m
     * @param onFrame upper eye, m
     * @param droop how far the axle goes down, m
     * @param bump how far it goes up, m
     * @throws InvalidValue where the arm cannot swing that far
     */
    public static ShockTravel of(
            Vec3 pivot, Vec3 axis, Vec3 axle, Vec3 onArm, Vec3 onFrame, double droop, double bump) {
        Guard.notNegative("droop", droop, "m");
        Guard.notNegative("bump", bump, "m");
        Vec3 pin = axis.unit();
        Vec3 arm = axle.minus(pivot).withoutPartAlong(pin);
        if (droop + bump == 0) {
            throw new InvalidValue("bump", "is 0 and so is the droop: without travel there is nothing to look at");
        }
        List<At> all = new ArrayList<>();
        for (int k = 0; k <= STEPS; k++) {
            double rise = -droop + (droop + bump) * k / STEPS;
            double angle = angleFor(arm, pin, rise);
            Mat3 turn = Mat3.rotationAbout(pin, angle);
            Vec3 eye = pivot.plus(turn.times(onArm.minus(pivot)));
            Vec3 wheel = turn.times(axle.minus(pivot));
            Vec3 shock = onFrame.minus(eye);
            Vec3 along = shock.unit();
            double shortens = pin.cross(eye.minus(pivot)).dot(along);
            double rises = pin.cross(wheel).z();
            double lean = Math.acos(Math.min(
                    1, Math.abs(along.dot(eye.minus(pivot).withoutPartAlong(pin).unit()))));
            all.add(new At(rise, shock.length(), shortens / rises, lean));
        }
        return new ShockTravel(all);
    }

    /** Turn that lifts the arm's end so far: upright part {@code a cos t + b sin t = a + rise}. */
    private static double angleFor(Vec3 arm, Vec3 pin, double rise) {
        double a = arm.z();
        double b = pin.cross(arm).z();
        double most = Math.hypot(a, b);
        double wanted = a + rise;
        if (Math.abs(wanted) >= most) {
            throw new InvalidValue(
                    "bump", "takes the axle beyond what its arm can reach; give less travel or a longer arm");
        }
        double middle = Math.atan2(b, a);
        double half = Math.acos(wanted / most);
        double one = Math.IEEEremainder(middle - half, 2 * Math.PI);
        double other = Math.IEEEremainder(middle + half, 2 * Math.PI);
        return Math.abs(one) < Math.abs(other) ? one : other;
    }

    /** m */
    public double shortest() {
        return at.stream().mapToDouble(At::length).min().orElseThrow();
    }

    /** m */
    public double longest() {
        return at.stream().mapToDouble(At::length).max().orElseThrow();
    }

    /** Where it pushes most along the arm. */
    public At leastLean() {
        return at.stream()
                .min((one, other) -> Double.compare(one.lean(), other.lean()))
                .orElseThrow();
    }

    /** Whether it only ever shortens as the wheel rises, or only lengthens: it does not pass a dead centre. */
    public boolean keepsSense() {
        return at.stream().allMatch(each -> each.ratio() > 0) || at.stream().allMatch(each -> each.ratio() < 0);
    }
}
