package oddcradle.files.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.engine.EngineEnvelope;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.structure.DriveBodies;

/** The job's solids and their outlines in a view. */
public final class JobDrawing {
    private static final int CORNERS = 48;
    /** Places shown along each motion, less one. */
    private static final int GHOSTS = 2;

    private JobDrawing() {}

    /** A solid with the part it belongs to, host axes. */
    public record PartSolid(String part, Role role, Solid solid) {
        /** The same elsewhere. */
        public PartSolid moved(Vec3 by) {
            return new PartSolid(part, role, solid.placed(new Pose(Mat3.IDENTITY, by)));
        }
    }

    /** Every solid of the job where it stands. */
    public static List<PartSolid> solids(Examination examination) {
        Job job = examination.job();
        List<PartSolid> solids = new ArrayList<>();
        job.host().members().forEach(tube -> addTube(solids, examination, tube, Role.HOST_TUBE));
        for (KeepOut keepOut : job.host().keepOuts()) {
            for (Solid solid : keepOut.solids()) {
                Sweep.of(solid, keepOut.motions())
                        .ghosts(GHOSTS)
                        .forEach(ghost -> solids.add(new PartSolid(keepOut.id(), Role.KEEP_OUT, ghost)));
            }
        }
        job.cradle().members().forEach(tube -> addTube(solids, examination, tube, Role.CRADLE_TUBE));
        DriveBodies.of(job, examination.line()).forEach(part -> part.solids()
                .forEach(solid -> solids.add(new PartSolid(part.id(), Role.DRIVE, solid))));
        job.donor().bodies().forEach(part -> {
            Role role = part.category() == Category.HOT ? Role.HOT : Role.DONOR;
            part.solids()
                    .forEach(solid -> solids.add(new PartSolid(
                            part.id(), role, solid.placed(examination.seating().pose()))));
        });
        return solids;
    }

    private static void addTube(List<PartSolid> solids, Examination examination, Member tube, Role role) {
        solids.addAll(tube(examination, tube, role));
    }

    /** The straight pieces of a tube where it stands. */
    public static List<PartSolid> tube(Examination examination, Member tube, Role role) {
        List<PartSolid> solids = new ArrayList<>();
        List<Vec3> path = examination.seating().centreLine(tube);
        for (int k = 1; k < path.size(); k++) {
            if (!path.get(k - 1).equals(path.get(k))) {
                solids.add(new PartSolid(
                        tube.id(), role, MemberSolid.between(path.get(k - 1), path.get(k), tube.section())));
            }
        }
        return solids;
    }

    /** Outlines, the farthest first. */
    public static List<DrawnShape> shapes(Examination examination, View view) {
        return shapes(examination, view.sight());
    }

    /** Outlines from anywhere, the farthest first. */
    public static List<DrawnShape> shapes(Examination examination, Sight sight) {
        return shapes(solids(examination), sight);
    }

    /** Outlines of a donor alone, its axes turned and moved by {@code pose}, the farthest first. */
    public static List<DrawnShape> shapes(Donor donor, Pose pose, View view) {
        List<PartSolid> solids = new ArrayList<>();
        for (Part part : donor.bodies()) {
            Role role = part.category() == Category.HOT ? Role.HOT : Role.DONOR;
            part.solids().forEach(solid -> solids.add(new PartSolid(part.id(), role, solid.placed(pose))));
        }
        return shapes(solids, view.sight());
    }

    /** Outlines of a bare engine, its axes turned and moved by {@code pose}, the farthest first. */
    public static List<DrawnShape> shapes(EngineShape engine, Pose pose, View view) {
        return shapes(
                EngineEnvelope.of(engine).stream()
                        .map(piece -> new PartSolid(
                                piece.label(),
                                piece.hot() ? Role.HOT : Role.DONOR,
                                piece.solid().placed(pose)))
                        .toList(),
                view.sight());
    }

    /** Outlines of some solids, the farthest first. */
    public static List<DrawnShape> shapes(List<PartSolid> solids, Sight sight) {
        return solids.stream()
                .map(solid -> shape(solid, sight))
                .sorted(Comparator.comparingDouble(DrawnShape::depth))
                .toList();
    }

    private static DrawnShape shape(PartSolid part, Sight sight) {
        PreparedSolid prepared = PreparedSolid.of(part.solid());
        List<FlatPoint> outline = new ArrayList<>(CORNERS);
        for (int k = 0; k < CORNERS; k++) {
            double angle = 2 * Math.PI * k / CORNERS;
            Vec3 direction = sight.right().times(Math.cos(angle)).along(sight.up(), Math.sin(angle));
            FlatPoint corner = sight.flat(prepared.farthest(direction));
            if (outline.isEmpty() || !outline.get(outline.size() - 1).equals(corner)) {
                outline.add(corner);
            }
        }
        return new DrawnShape(
                part.part(), part.role(), outline, part.solid().centre().dot(sight.towardsEye()));
    }
}
