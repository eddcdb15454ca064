package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;

/** The tubes of cradle and machine as drawn, each straight run by itself: which of them a place is nearest to, and how far outside of its skin. */
public final class PlannedTubes {
    /** Farther off is something else, m. */
    static final double FAR = 0.015;

    private final List<Run> runs;

    private PlannedTubes(List<Run> runs) {
        this.runs = List.copyOf(runs);
    }

    /**
     * A straight run of a tube.
     *
     * @param tube id
     * @param cradle whether it is of the cradle; else of the machine
     * @param from m
     * @param to m
     * @param solid it fills
     * @param round radius of a round one, m; 0 for any other
     */
    record Run(String tube, boolean cradle, Vec3 from, Vec3 to, Solid solid, double round, Aabb box) {
        Vec3 along() {
            return to.minus(from).unit();
        }

        double length() {
            return to.distanceTo(from);
        }

        /** Half of what it measures across, the lesser way, m. */
        double deep() {
            return solid instanceof Solid.Box boxed
                    ? Math.min(boxed.half().y(), boxed.half().z())
                    : round;
        }

        /** How far outside of its skin, m; negative inside. */
        double off(Vec3 at) {
            if (solid instanceof Solid.Box boxed) {
                return outside(boxed, at);
            }
            double along = Math.max(0, Math.min(length(), at.minus(from).dot(along())));
            return at.distanceTo(from.along(along(), along)) - round;
        }

        /** Out of the skin across the tube, unit: of a round one from its middle, of another square to the side that is nearest. */
        Vec3 out(Vec3 at) {
            if (!(solid instanceof Solid.Box boxed)) {
                return at.minus(from).withoutPartAlong(along()).unit();
            }
            Vec3 in = boxed.pose().inverse().place(at);
            boolean side = Math.abs(in.y()) - boxed.half().y()
                    > Math.abs(in.z()) - boxed.half().z();
            return boxed.pose().turn(side ? new Vec3(0, Math.signum(in.y()), 0) : new Vec3(0, 0, Math.signum(in.z())));
        }

        private static double outside(Solid.Box boxed, Vec3 at) {
            Vec3 in = boxed.pose().inverse().place(at);
            double x = Math.abs(in.x()) - boxed.half().x();
            double y = Math.abs(in.y()) - boxed.half().y();
            double z = Math.abs(in.z()) - boxed.half().z();
            double out = new Vec3(Math.max(0, x), Math.max(0, y), Math.max(0, z)).length();
            return out > 0 ? out : Math.max(x, Math.max(y, z));
        }
    }

    /** A place and the run it is nearest to. @param off outside of its skin, m */
    record Near(int run, double off) {}

    /** What the stand shows and tells of one place. @param off outside of the skin as drawn, m; negative inside */
    public record Off(String tube, boolean cradle, double off) {}

    public static PlannedTubes of(Job job, Seating seating) {
        List<Run> runs = new ArrayList<>();
        job.cradle().members().forEach(tube -> add(runs, tube, seating, true));
        job.host().members().forEach(tube -> add(runs, tube, seating, false));
        return new PlannedTubes(runs);
    }

    private static void add(List<Run> runs, Member tube, Seating seating, boolean cradle) {
        List<Vec3> path = seating.centreLine(tube);
        for (int k = 1; k < path.size(); k++) {
            Vec3 from = path.get(k - 1);
            Vec3 to = path.get(k);
            if (from.distanceTo(to) > 1e-6) {
                Solid solid = MemberSolid.between(from, to, tube.section());
                double round = solid instanceof Solid.Capsule ? tube.section().outerRadius() : 0;
                runs.add(new Run(tube.id(), cradle, from, to, solid, round, solid.bounds()));
            }
        }
    }

    List<Run> runs() {
        return runs;
    }

    /** Empty where nothing is near. */
    Optional<Near> near(Vec3 at) {
        int best = -1;
        double off = 0;
        double least = FAR;
        for (int k = 0; k < runs.size(); k++) {
            Run run = runs.get(k);
            if (run.box().distanceTo(at.x(), at.y(), at.z()) < FAR) {
                double here = run.off(at);
                // Where one tube ends in another its skin lies inside of that.
                if (Math.abs(here) < least) {
                    least = Math.abs(here);
                    off = here;
                    best = k;
                }
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(new Near(best, off));
    }

    /** The same for whoever looks at it; empty where no tube is near. */
    public Optional<Off> off(Vec3 at) {
        return near(at).map(near ->
                new Off(runs.get(near.run()).tube(), runs.get(near.run()).cradle(), near.off()));
    }
}
