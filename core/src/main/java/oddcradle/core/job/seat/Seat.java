package oddcradle.core.job.seat;

import java.util.List;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Where the donor's origin sits in the host and how it is turned.
 *
 * @param position m, within 50 m of the host's datum
 * @param yaw rad, each angle within a full turn
 * @param held freedoms that the line has already decided and a nudge must not change
 */
public record Seat(Vec3 position, double yaw, double pitch, double roll, List<Freedom> held) {
    private static final double FARTHEST = 50;

    public Seat {
        Guard.present("position", position);
        Guard.within("position[0]", position.x(), -FARTHEST, FARTHEST, "m");
        Guard.within("position[1]", position.y(), -FARTHEST, FARTHEST, "m");
        Guard.within("position[2]", position.z(), -FARTHEST, FARTHEST, "m");
        Guard.within("yaw", yaw, -2 * Math.PI, 2 * Math.PI, "rad");
        Guard.within("pitch", pitch, -2 * Math.PI, 2 * Math.PI, "rad");
        Guard.within("roll", roll, -2 * Math.PI, 2 * Math.PI, "rad");
        held = List.copyOf(Guard.present("held", held));
    }

    /** Donor axes to host axes. */
    public Pose pose() {
        return Pose.ofYawPitchRoll(position, yaw, pitch, roll);
    }

    public boolean isHeld(Freedom freedom) {
        return held.contains(freedom);
    }

    /** m or rad. */
    public double value(Freedom freedom) {
        return switch (freedom) {
            case FORWARD -> position.x();
            case LEFT -> position.y();
            case UP -> position.z();
            case YAW -> yaw;
            case PITCH -> pitch;
            case ROLL -> roll;
        };
    }

    public Seat with(Freedom freedom, double value) {
        Vec3 p = position;
        return switch (freedom) {
            case FORWARD -> moved(new Vec3(value, p.y(), p.z()));
            case LEFT -> moved(new Vec3(p.x(), value, p.z()));
            case UP -> moved(new Vec3(p.x(), p.y(), value));
            case YAW -> new Seat(p, value, pitch, roll, held);
            case PITCH -> new Seat(p, yaw, value, roll, held);
            case ROLL -> new Seat(p, yaw, pitch, value, held);
        };
    }

    public Seat moved(Vec3 newPosition) {
        return new Seat(newPosition, yaw, pitch, roll, held);
    }

    /** In a pose, its angles on the side of a turn where these are; what is held stays so. */
    public Seat at(Pose pose) {
        Vec3 angles = pose.yawPitchRoll();
        return new Seat(
                pose.translation(), near(angles.x(), yaw), near(angles.y(), pitch), near(angles.z(), roll), held);
    }

    private static double near(double angle, double before) {
        double turns = Math.round((before - angle) / (2 * Math.PI));
        double there = angle + turns * 2 * Math.PI;
        return Math.max(-2 * Math.PI, Math.min(2 * Math.PI, there));
    }

    /** With only these held. */
    public Seat holding(List<Freedom> only) {
        return new Seat(position, yaw, pitch, roll, only);
    }
}
