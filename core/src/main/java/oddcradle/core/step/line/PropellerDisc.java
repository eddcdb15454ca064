package oddcradle.core.step.line;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.clearance.Body;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;

/**
 * The disc that a propeller's blades sweep, where it is drawn.
 *
 * @param centre m
 * @param axis of the output, unit
 * @param radius m
 */
record PropellerDisc(Vec3 centre, Vec3 axis, double radius) {
    private static final double THICKNESS = 0.02;

    /** A body beside the disc and the shortest way to it, from the disc. */
    record Neighbour(String label, Separation way) {}

    static PropellerDisc of(Seating seating, LineEnd.Propeller propeller) {
        Vec3 axis = seating.driverAxis().unit();
        return new PropellerDisc(seating.driverCentre().along(axis, propeller.ahead()), axis, propeller.diameter() / 2);
    }

    /** The point of its rim that is nearest to the ground, m. */
    Vec3 lowest() {
        return centre.along(new Vec3(0, 0, -1).withoutPartAlong(axis).unit(), radius);
    }

    /** Every body that does not turn with it; what lies in the disc is the disc itself, drawn as a keep-out. */
    List<Neighbour> neighbours(Job job, Seating seating) {
        PreparedSolid disc = PreparedSolid.of(
                new Solid.Cylinder(centre.along(axis, -THICKNESS / 2), centre.along(axis, THICKNESS / 2), radius));
        PreparedSolid hub = PreparedSolid.of(new Solid.Sphere(centre, 1e-6));
        List<Neighbour> found = new ArrayList<>();
        for (Body body : Bodies.afresh().obstacles(job, seating)) {
            boolean itself = body.prepared().stream()
                    .anyMatch(solid -> SolidDistance.between(hub, solid).distance() <= 0);
            if (itself || body.nature().equals(Category.MOVING.word())) {
                continue;
            }
            for (PreparedSolid solid : body.prepared()) {
                found.add(new Neighbour(body.label(), SolidDistance.between(disc, solid)));
            }
        }
        return found;
    }
}
