package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.Sling;

/** Straps for the lift, and a landing pad under each lug so that one person can put in a bolt. */
public final class LiftNotes {
    /** Lug round a bore, by its radius in bores; common practice. */
    private static final double LUG = 1;
    /** A small lift brings the bolt into line; common practice, 1/8 in. */
    public static final double LIFT = 0.0032;

    private LiftNotes() {}

    /** How it hangs at the angle that the plan wants, turned as the seat is. */
    public static Sling.Hang hang(Job job) {
        Lifting lifting = job.plan().lifting();
        Seat seat = job.seat();
        Pose pose = Pose.ofYawPitchRoll(Vec3.ZERO, seat.yaw(), 0, 0);
        Pose hanging = Pose.ofYawPitchRoll(Vec3.ZERO, 0, lifting.pitch(), lifting.roll())
                .after(pose);
        List<String> names = new ArrayList<>();
        List<Vec3> points = new ArrayList<>();
        if (lifting.points().isEmpty()) {
            for (Boss boss : job.donor()
                    .bosses()
                    .subList(0, Math.min(4, job.donor().bosses().size()))) {
                names.add(boss.id());
                points.add(hanging.place(boss.position()));
            }
        } else {
            for (Lifting.Point point : lifting.points()) {
                names.add(point.id());
                points.add(hanging.place(point.position()));
            }
        }
        return Sling.of(
                names,
                points,
                hanging.place(job.donor().mass().cg()),
                job.donor().mass().mass(),
                lifting.hook());
    }

    /**
     * @param top height of the pad over the floor, m
     * @param over height of the pad's top over the nearest tube below, m; infinite where there is none
     */
    public record Pad(String boss, double top, String tube, double over) {}

    public static List<Pad> pads(Examination examination) {
        Job job = examination.job();
        Seating seating = examination.seating();
        List<Pad> pads = new ArrayList<>();
        for (Boss boss : job.donor().bosses()) {
            Vec3 at = seating.boss(boss.id());
            double top = at.z() - LUG * boss.bore() - LIFT;
            String tube = "";
            double over = Double.POSITIVE_INFINITY;
            List<Member> members = new ArrayList<>(job.cradle().members());
            members.addAll(job.host().members());
            for (Member member : members) {
                List<Vec3> path = seating.path(member);
                for (int k = 1; k < path.size(); k++) {
                    Vec3 near = SegmentDistance.closestOnSegment(at, path.get(k - 1), path.get(k));
                    double aside = Math.hypot(near.x() - at.x(), near.y() - at.y());
                    double height = top - near.z() - member.section().outerRadius();
                    if (height >= 0 && height + aside < over) {
                        tube = member.id();
                        over = height;
                    }
                }
            }
            pads.add(new Pad(boss.id(), top, tube, over));
        }
        return pads;
    }
}
