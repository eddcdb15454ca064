package oddcradle.core.card;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** Things on the other side of the middle plane, left for right. */
final class Twins {
    /** For the button. */
    static final String WORDS = "Make its twin on the other side";

    private static final Mat3 MIRROR = Mat3.diagonal(1, -1, 1);

    private Twins() {}

    static Vec3 of(Vec3 at) {
        return new Vec3(at.x(), -at.y(), at.z());
    }

    static List<Solid> of(List<Solid> solids) {
        return solids.stream().map(Twins::of).toList();
    }

    private static Solid of(Solid solid) {
        if (solid instanceof Solid.Box box) {
            // A box is its own mirror image: only how it is turned changes.
            Mat3 turned = MIRROR.times(box.pose().rotation()).times(MIRROR);
            return new Solid.Box(box.half(), new Pose(turned, of(box.centre())));
        }
        if (solid instanceof Solid.Cylinder bar) {
            return new Solid.Cylinder(of(bar.p0()), of(bar.p1()), bar.radius());
        }
        if (solid instanceof Solid.Capsule rod) {
            return new Solid.Capsule(of(rod.p0()), of(rod.p1()), rod.radius());
        }
        Solid.Sphere ball = (Solid.Sphere) solid;
        return new Solid.Sphere(of(ball.center()), ball.radius());
    }

    /** What turns one way turns the other way in the mirror. */
    static Motion of(Motion motion) {
        if (motion instanceof Motion.Turn turn) {
            return new Motion.Turn(of(turn.point()), of(turn.axis()).negated(), turn.from(), turn.to());
        }
        Motion.Slide slide = (Motion.Slide) motion;
        return new Motion.Slide(of(slide.direction()), slide.from(), slide.to());
    }

    /** A left name for a right one and the other way round. */
    static String name(String label) {
        if (label.contains("left")) {
            return label.replace("left", "right");
        }
        return label.contains("right") ? label.replace("right", "left") : label + ", other side";
    }
}
