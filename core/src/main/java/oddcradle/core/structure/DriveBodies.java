package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oddcradle.core.clearance.Body;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.RunEnvelope;
import oddcradle.core.drive.Stage;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Bodies;

/** The room that chains, belts, couplings and shafts take, with the wheels and tooth counts of today. */
public final class DriveBodies {
    private static final double BELT_THICKNESS = 0.012;
    private static final double COUPLING_RADIUS = 0.045;
    private static final double JOINT_SHAFT_RADIUS = 0.03;
    private static final double SPOT = 1e-6;

    private DriveBodies() {}

    /** One part of the drive and its solids, host axes. */
    public record DrivePart(String id, String label, List<Solid> solids) {}

    public static List<DrivePart> of(Job job, LineResult line) {
        List<DrivePart> parts = new ArrayList<>();
        for (StageResult result : line.stages()) {
            Stage stage = result.stage();
            if (stage.isInPlane()) {
                boolean chain = stage instanceof Stage.Chain;
                double height = chain ? RollerChain.plateHeight(((Stage.Chain) stage).pitch()) : BELT_THICKNESS;
                parts.add(new DrivePart(
                        stage.id(),
                        stage.label(),
                        RunEnvelope.of(
                                result.driving().sprocketCentre(),
                                result.driven().sprocketCentre(),
                                result.driving().direction(),
                                stage.driverRadius(),
                                stage.driverRadius() * result.ratio(),
                                height,
                                width(stage))));
            }
        }
        for (StageResult result : line.stages()) {
            Vec3 from = result.driving().sprocketCentre();
            Vec3 to = result.driven().sprocketCentre();
            boolean between = result.stage() instanceof Stage.Coupling || result.stage() instanceof Stage.JointShaft;
            if (between && from.distanceTo(to) > SPOT) {
                double radius = result.stage() instanceof Stage.Coupling ? COUPLING_RADIUS : JOINT_SHAFT_RADIUS;
                parts.add(new DrivePart(
                        result.stage().id(), result.stage().label(), List.of(new Solid.Cylinder(from, to, radius))));
            }
        }
        for (JackShaft shaft : job.line().shafts()) {
            parts.add(new DrivePart(shaft.id(), shaft.label(), List.of(rod(shaft))));
        }
        return parts;
    }

    private static double width(Stage stage) {
        if (stage instanceof Stage.Chain chain) {
            return RollerChain.width(chain.pitch());
        }
        return stage instanceof Stage.Belt belt ? belt.width() : ((Stage.Variator) stage).width();
    }

    private static Solid rod(JackShaft shaft) {
        double from = Math.min(shaft.drivenAt(), shaft.driverAt());
        double to = Math.max(shaft.drivenAt(), shaft.driverAt());
        for (double bearing : shaft.bearings()) {
            from = Math.min(from, bearing);
            to = Math.max(to, bearing);
        }
        return new Solid.Cylinder(shaft.at(from - shaft.od() / 2), shaft.at(to + shaft.od() / 2), shaft.od() / 2);
    }

    /**
     * As bodies of the ledger; each is held against everything of host and cradle but what sits on its own shafts, which is
     * whatever the middle of a wheel lies in.
     */
    public static List<Body> bodies(Job job, LineResult line, Bodies known) {
        double room = job.build().room().moving();
        return of(job, line).stream()
                .map(part -> known.of(new PlacedDrive(part, room), DriveBodies::body))
                .toList();
    }

    private record PlacedDrive(DrivePart part, double room) {}

    private static Body body(PlacedDrive placed) {
        DrivePart part = placed.part();
        return Body.of(part.id(), part.label(), placed.room(), Category.MOVING.word(), part.solids());
    }

    /** Obstacles that sit on one of the drive's shafts, and the tubes that carry its bearings. */
    public static Set<String> onShafts(Job job, LineResult line, List<Body> obstacles) {
        Set<String> found = bearers(job);
        obstacles.stream()
                .filter(obstacle -> isOnShaft(obstacle, line))
                .map(Body::id)
                .forEach(found::add);
        return found;
    }

    /** What lies where a wheel has its middle, and the tubes that carry that shaft's bearings. */
    public static Set<String> at(Job job, Vec3 middle, List<Body> obstacles) {
        Set<String> found = bearers(job);
        obstacles.stream()
                .filter(obstacle -> holds(obstacle, middle, SPOT))
                .map(Body::id)
                .forEach(found::add);
        return found;
    }

    private static Set<String> bearers(Job job) {
        Set<String> bearers = job.line().shafts().stream()
                .flatMap(shaft -> shaft.bearingNodes().stream())
                .collect(Collectors.toSet());
        return Stream.concat(job.host().members().stream(), job.cradle().members().stream())
                .filter(member -> member.nodes().stream().anyMatch(bearers::contains))
                .map(Member::id)
                .collect(Collectors.toSet());
    }

    private static boolean holds(Body obstacle, Vec3 middle, double near) {
        PreparedSolid spot = PreparedSolid.of(new Solid.Sphere(middle, SPOT));
        for (PreparedSolid solid : obstacle.prepared()) {
            if (solid.bounds().distanceTo(spot.bounds()) < near
                    && SolidDistance.quick(spot, solid).distance() < near) {
                return true;
            }
        }
        return false;
    }

    private static boolean isOnShaft(Body obstacle, LineResult line) {
        for (StageResult result : line.stages()) {
            // A coupling touches what it turns; a wheel lies in it.
            double near = result.stage() instanceof Stage.Coupling ? COUPLING_RADIUS : SPOT;
            for (Vec3 middle :
                    List.of(result.driving().sprocketCentre(), result.driven().sprocketCentre())) {
                if (holds(obstacle, middle, near)) {
                    return true;
                }
            }
        }
        return false;
    }
}
