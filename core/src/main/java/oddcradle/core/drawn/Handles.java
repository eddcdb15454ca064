package oddcradle.core.drawn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** Where a hand can take a body: the faces of a box, the ends of a bar, the middle of a ball, the corners of a pipe. */
public final class Handles {
    private Handles() {}

    /**
     * One of them, in host axes.
     *
     * @param along the only way it goes, a unit vector; empty where it goes any way
     * @param pulled the job once it has been pulled to a place, m; throws {@link InvalidValue} where the body would be none there
     */
    public record Handle(Vec3 at, Optional<Vec3> along, Function<Vec3, Job> pulled) {}

    /** Of a part or pipe of the donor or a keep-out; none where there is no such body. */
    public static List<Handle> of(Job job, String body) {
        Donor donor = job.donor();
        Pose seat = job.seat().pose();
        for (int k = 0; k < donor.parts().size(); k++) {
            Part part = donor.parts().get(k);
            int at = k;
            if (part.id().equals(body)) {
                return ofSolids(
                        part.solids(),
                        seat,
                        solids -> job.withDonor(donor.withParts(with(donor.parts(), at, part.withSolids(solids)))));
            }
        }
        for (int k = 0; k < donor.pipes().size(); k++) {
            Pipe pipe = donor.pipes().get(k);
            int at = k;
            if (pipe.id().equals(body)) {
                return ofPipe(pipe, seat, other -> job.withDonor(donor.withPipes(with(donor.pipes(), at, other))));
            }
        }
        List<KeepOut> keepOuts = job.host().keepOuts();
        for (int k = 0; k < keepOuts.size(); k++) {
            KeepOut keepOut = keepOuts.get(k);
            int at = k;
            if (keepOut.id().equals(body)) {
                return ofSolids(
                        keepOut.solids(),
                        Pose.IDENTITY,
                        solids ->
                                job.withHost(job.host().withKeepOuts(with(keepOuts, at, keepOut.withSolids(solids)))));
            }
        }
        return List.of();
    }

    private static <T> List<T> with(List<T> all, int at, T other) {
        List<T> changed = new ArrayList<>(all);
        changed.set(at, other);
        return changed;
    }

    private static List<Handle> ofPipe(Pipe pipe, Pose place, Function<Pipe, Job> put) {
        List<Handle> handles = new ArrayList<>();
        for (int k = 0; k < pipe.corners().size(); k++) {
            int at = k;
            handles.add(new Handle(
                    place.place(pipe.corners().get(k)),
                    Optional.empty(),
                    to -> put.apply(pipe.withCorners(
                            with(pipe.corners(), at, place.inverse().place(to))))));
        }
        return handles;
    }

    private static List<Handle> ofSolids(List<Solid> solids, Pose place, Function<List<Solid>, Job> put) {
        List<Handle> handles = new ArrayList<>();
        for (int k = 0; k < solids.size(); k++) {
            int at = k;
            for (Grip grip : grips(solids.get(k))) {
                handles.add(new Handle(
                        place.place(grip.at()),
                        grip.along().map(place::turn),
                        to -> put.apply(with(
                                solids, at, grip.pulled().apply(place.inverse().place(to))))));
            }
        }
        return handles;
    }

    /** A handle of one solid, in its own axes. */
    private record Grip(Vec3 at, Optional<Vec3> along, Function<Vec3, Solid> pulled) {
        static Grip free(Vec3 at, Function<Vec3, Solid> pulled) {
            return new Grip(at, Optional.empty(), pulled);
        }
    }

    private static List<Grip> grips(Solid solid) {
        if (solid instanceof Solid.Box box) {
            return faces(box);
        }
        if (solid instanceof Solid.Cylinder bar) {
            return List.of(
                    Grip.free(bar.p0(), to -> new Solid.Cylinder(to, bar.p1(), bar.radius())),
                    Grip.free(bar.p1(), to -> new Solid.Cylinder(bar.p0(), to, bar.radius())));
        }
        if (solid instanceof Solid.Capsule bar) {
            return List.of(
                    Grip.free(bar.p0(), to -> new Solid.Capsule(to, bar.p1(), bar.radius())),
                    Grip.free(bar.p1(), to -> new Solid.Capsule(bar.p0(), to, bar.radius())));
        }
        Solid.Sphere ball = (Solid.Sphere) solid;
        return List.of(Grip.free(ball.center(), to -> new Solid.Sphere(to, ball.radius())));
    }

    /** The opposite face stays where it is. */
    private static List<Grip> faces(Solid.Box box) {
        List<Grip> grips = new ArrayList<>();
        double[] half = {box.half().x(), box.half().y(), box.half().z()};
        for (int axis = 0; axis < 3; axis++) {
            for (int side = -1; side <= 1; side += 2) {
                Vec3 out = box.pose().rotation().column(axis).times(side);
                Vec3 face = box.centre().along(out, half[axis]);
                int of = axis;
                grips.add(new Grip(face, Optional.of(out), to -> {
                    double by = to.minus(face).dot(out);
                    double[] other = half.clone();
                    other[of] += by / 2;
                    if (!(other[of] > 0)) {
                        throw new InvalidValue(
                                "size", "would be nothing: the face is pulled through the one behind it");
                    }
                    return new Solid.Box(
                            new Vec3(other[0], other[1], other[2]),
                            new Pose(box.pose().rotation(), box.centre().along(out, by / 2)));
                }));
            }
        }
        return grips;
    }
}
