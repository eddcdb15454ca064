package oddcradle.core.drawn;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** A pipe of the donor as a hand draws it, a corner after the other. */
public final class DrawnPipe {
    /** Within this of an axis of the donor a run goes along it: a pipe drawn by hand is meant square. */
    private static final double SQUARE = Math.toRadians(4);

    private static final double ROUND = 0.001;
    private static final double USUAL_BEND = 0.06;
    private static final double USUAL_DIAMETER = 0.038;

    private DrawnPipe() {}

    /**
     * A job with a pipe, and how it goes by.
     *
     * @param pipe its mark
     */
    public record Drawn(Job job, String pipe) {}

    /**
     * A new pipe, of usual size, from one place to another.
     *
     * @param from host axes, m
     * @param to host axes, m; put square to {@code from} where it nearly is
     * @throws InvalidValue if both are one place
     */
    public static Drawn begun(Job job, Vec3 from, Vec3 to) {
        Pose back = job.seat().pose().inverse();
        Vec3 first = rounded(back.place(from));
        String mark = FreeMark.of("P", job.ids());
        Pipe pipe = new Pipe(
                mark,
                "new pipe",
                Category.HOT,
                List.of(first, squared(first, back.place(to))),
                USUAL_BEND,
                USUAL_DIAMETER);
        List<Pipe> pipes = new ArrayList<>(job.donor().pipes());
        pipes.add(pipe);
        return new Drawn(job.withDonor(job.donor().withPipes(pipes)), mark);
    }

    /**
     * A pipe that runs on to one more corner.
     *
     * @param to host axes, m; put square to the corner before where it nearly is
     * @throws InvalidValue if there is no such pipe, or its bends find no room
     */
    public static Job runOn(Job job, String pipe, Vec3 to) {
        Donor donor = job.donor();
        Vec3 wanted = job.seat().pose().inverse().place(to);
        List<Pipe> pipes = new ArrayList<>(donor.pipes());
        int at = pipes.indexOf(of(donor, pipe));
        List<Vec3> corners = new ArrayList<>(pipes.get(at).corners());
        corners.add(squared(corners.get(corners.size() - 1), wanted));
        pipes.set(at, pipes.get(at).withCorners(corners));
        return job.withDonor(donor.withPipes(pipes));
    }

    /**
     * Where it ends, host axes, m.
     *
     * @throws InvalidValue if there is no such pipe
     */
    public static Vec3 end(Job job, String pipe) {
        List<Vec3> corners = of(job.donor(), pipe).corners();
        return job.seat().pose().place(corners.get(corners.size() - 1));
    }

    private static Pipe of(Donor donor, String pipe) {
        return donor.pipes().stream()
                .filter(each -> each.id().equals(pipe))
                .findFirst()
                .orElseThrow(() -> new InvalidValue("pipe", "is \"" + pipe + "\", which is no pipe of the donor"));
    }

    private static Vec3 squared(Vec3 from, Vec3 to) {
        Vec3 way = to.minus(from);
        for (Vec3 axis : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            double off = way.length() == 0 ? Math.PI / 2 : way.angleTo(axis);
            if (off < SQUARE || off > Math.PI - SQUARE) {
                return rounded(from.along(axis, way.dot(axis)));
            }
        }
        return rounded(to);
    }

    private static Vec3 rounded(Vec3 place) {
        return new Vec3(round(place.x()), round(place.y()), round(place.z()));
    }

    private static double round(double metres) {
        return Math.round(metres / ROUND) * ROUND;
    }
}
