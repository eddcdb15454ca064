package oddcradle.core.drive;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** The room that a chain or belt takes: a disc on each shaft and the two straight runs between them. */
public final class RunEnvelope {
    private RunEnvelope() {}

    /**
     * @param first middle of the wheel on the driving shaft, m
     * @param second middle of the other wheel
     * @param axis of the shafts
     * @param firstRadius to the pitch line, m
     * @param secondRadius m
     * @param height of the chain's plates or thickness of the belt, m; half of it stands out beyond the pitch line
     * @param width m
     * @return first disc, second disc, and the runs; no runs where the discs overlap
     */
    public static List<Solid> of(
            Vec3 first, Vec3 second, Vec3 axis, double firstRadius, double secondRadius, double height, double width) {
        Vec3 a = axis.unit();
        List<Solid> solids = new ArrayList<>(List.of(
                disc(first, a, firstRadius + height / 2, width), disc(second, a, secondRadius + height / 2, width)));
        Vec3 between = second.minus(first).withoutPartAlong(a);
        double centre = between.length();
        if (centre <= firstRadius + secondRadius) {
            return solids;
        }
        Vec3 along = between.times(1 / centre);
        Vec3 across = a.cross(along);
        double sine = (firstRadius - secondRadius) / centre;
        double cosine = Math.sqrt(1 - sine * sine);
        for (int side = -1; side <= 1; side += 2) {
            Vec3 out = along.times(sine).along(across, side * cosine);
            Vec3 from = first.along(out, firstRadius);
            Vec3 to = second.along(out, secondRadius);
            Vec3 way = to.minus(from).unit();
            // Planes that do not meet slant the run.
            Vec3 flat = a.withoutPartAlong(way).unit();
            Mat3 axes = Mat3.ofColumns(way, flat, way.cross(flat));
            solids.add(new Solid.Box(
                    new Vec3(from.distanceTo(to) / 2, width / 2, height / 2), new Pose(axes, from.towards(to, 0.5))));
        }
        return solids;
    }

    private static Solid disc(Vec3 middle, Vec3 axis, double radius, double width) {
        return new Solid.Cylinder(middle.along(axis, -width / 2), middle.along(axis, width / 2), radius);
    }
}
