package oddcradle.core.step.line;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.Shaft;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.structure.LineResult;

/**
 * Puts a seat where the datum wants it by the smallest change: the shaft or bolt that lines up is turned into its direction,
 * then slid onto its line or into its plane. What the datum leaves open stays as it is.
 *
 * @param own point of the donor that lies on the line, donor axes, m
 * @param ownAxis donor axes
 * @param point of the line or plane, host axes, m
 * @param way direction of the line or normal of the plane, host axes, unit
 * @param plane whether only the plane counts
 */
public record DatumSeat(Vec3 own, Vec3 ownAxis, Vec3 point, Vec3 way, boolean plane) {
    private static final double LINED_UP = 1e-9;

    /** Empty where the datum decides nothing that can be worked out. */
    public static Optional<DatumSeat> of(Job job) {
        Datum datum = job.line().datum();
        Vec3 own = job.donor().output().centre();
        Vec3 axis = job.donor().output().axis();
        return switch (datum.rule()) {
            case FREE, HOLE_PATTERN -> Optional.empty();
            case PIVOT_BOLT ->
                datum.pivot().map(pivot -> {
                    Boss boss = job.donor().boss(pivot.boss()).orElseThrow();
                    return new DatumSeat(boss.position(), boss.axis(), pivot.point(), pivot.axis(), false);
                });
            case THRUST_LINE ->
                datum.thrust().map(thrust -> new DatumSeat(own, axis, thrust.point(), forward(thrust), false));
            case DRIVE_PLANE, SHAFT_COAXIAL, AXLE_SPLINE -> {
                Shaft driven = LineResult.driven(job, 0);
                yield Optional.of(new DatumSeat(
                        own,
                        axis,
                        driven.sprocketCentre(),
                        driven.direction(),
                        datum.rule() == Datum.Rule.DRIVE_PLANE));
            }
        };
    }

    public DatumSeat {
        ownAxis = ownAxis.unit();
        way = way.unit();
    }

    private static Vec3 forward(Datum.Thrust thrust) {
        double down = thrust.down();
        double right = thrust.right();
        return new Vec3(Math.cos(down) * Math.cos(right), -Math.cos(down) * Math.sin(right), -Math.sin(down));
    }

    /** The nearest seat that the datum allows. */
    public Seat put(Seat seat) {
        Pose pose = seat.pose();
        Vec3 axis = pose.turn(ownAxis);
        Vec3 wanted = axis.dot(way) < 0 ? way.negated() : way;
        Vec3 about = axis.cross(wanted);
        double sine = about.length();
        Pose turned = pose;
        Seat result = seat;
        if (sine > LINED_UP) {
            Mat3 turn = Mat3.rotationAbout(about, Math.atan2(sine, axis.dot(wanted)));
            Vec3 place = pose.place(own);
            Mat3 rotation = turn.times(pose.rotation());
            turned = new Pose(rotation, place.minus(rotation.times(own)));
            result = seat.at(turned);
        }
        Vec3 off = point.minus(turned.place(own));
        Vec3 along = way.times(off.dot(way));
        Vec3 slide = plane ? along : off.minus(along);
        return slide.length() < LINED_UP
                ? result
                : result.moved(result.position().plus(slide));
    }

    /** The freedoms that are held and would still have to move for the datum. */
    public List<Freedom> heldOff(Seat seat) {
        Seat on = put(seat);
        return seat.held().stream()
                .filter(freedom -> Math.abs(on.value(freedom) - seat.value(freedom)) > LINED_UP)
                .toList();
    }

    /** Turned about the datum's own axis through its point on the donor. */
    public Seat spun(Seat seat, double angle) {
        Pose pose = seat.pose();
        Mat3 turn = Mat3.rotationAbout(way, angle);
        Mat3 rotation = turn.times(pose.rotation());
        Vec3 place = pose.place(own);
        return seat.at(new Pose(rotation, place.minus(rotation.times(own))));
    }
}
