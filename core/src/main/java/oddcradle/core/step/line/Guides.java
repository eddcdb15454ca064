package oddcradle.core.step.line;

import java.util.List;
import java.util.Optional;
import oddcradle.core.asbuilt.BodyOnHoles.Guide;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Output;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** Two places on the engine by which whoever fits it pushes it into line, before the bolts are tight: to the line itself, also where the drawing is beside it. */
public final class Guides {
    /** From the one to the other, m. */
    private static final double APART = 0.3;
    /** Drawn farther beside its line than that, it is not the line that it is pushed to, m. */
    private static final double PUSHED = 0.005;

    private Guides() {}

    public static List<Guide> of(Job job) {
        Pose pose = job.seat().pose();
        Optional<DatumSeat> datum = DatumSeat.of(job);
        if (datum.isEmpty()) {
            Output output = job.donor().output();
            Vec3 at = pose.place(output.centre());
            return drawn(at, pose.turn(output.axis()).unit());
        }
        DatumSeat line = datum.get();
        Vec3 at = pose.place(line.own());
        Vec3 axis = pose.turn(line.ownAxis()).unit();
        Vec3 wanted = axis.dot(line.way()) < 0 ? line.way().negated() : line.way();
        Vec3 off = line.point().minus(at);
        Vec3 along = line.way().times(off.dot(line.way()));
        Vec3 first = line.plane() ? along : off.minus(along);
        if (first.length() > PUSHED) {
            return drawn(at, axis);
        }
        return List.of(
                new Guide(at, first),
                new Guide(at.along(axis, APART), first.plus(wanted.minus(axis).times(APART))));
    }

    private static List<Guide> drawn(Vec3 at, Vec3 axis) {
        return List.of(new Guide(at, Vec3.ZERO), new Guide(at.along(axis, APART), Vec3.ZERO));
    }
}
