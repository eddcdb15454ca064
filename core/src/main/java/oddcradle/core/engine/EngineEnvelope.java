package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** The room an engine takes, from its dimensions: case, covers, cylinders, heads, sump, and what a utility engine carries. */
public final class EngineEnvelope {
    /** Of a head's height in the reach of its cylinder; common practice. */
    private static final double HEAD_SHARE = 0.3;

    private static final double SUMP_SHARE = 0.35;

    private EngineEnvelope() {}

    /**
     * One piece of the envelope, in engine axes.
     *
     * @param hot whether it burns a hose that touches it
     */
    public record Piece(String label, Solid solid, boolean hot) {}

    public static List<Piece> of(EngineShape shape) {
        List<Piece> pieces = new ArrayList<>();
        double length = shape.caseAhead() + shape.caseBehind();
        double middle = (shape.caseAhead() - shape.caseBehind()) / 2;
        pieces.add(new Piece(
                "crankcase",
                box(
                        new Vec3(middle, 0, (shape.caseAbove() - shape.caseBelow()) / 2),
                        length,
                        shape.caseWidth(),
                        shape.caseAbove() + shape.caseBelow()),
                false));
        covers(shape, pieces);
        cylinders(shape, pieces);
        if (shape.fourStroke() && !shape.layout().isUtility()) {
            double depth = SUMP_SHARE * shape.caseBelow();
            pieces.add(new Piece(
                    "sump",
                    box(
                            new Vec3(middle, 0, -shape.caseBelow() - depth / 2),
                            0.6 * length,
                            0.8 * shape.caseWidth(),
                            depth),
                    false));
        }
        if (shape.layout().isUtility()) {
            utility(shape, pieces);
        }
        if (shape.layout() == EngineLayout.UTILITY_UPRIGHT_CRANK) {
            // The whole of it stands on its side: the crank's left end points down.
            Pose upright = new Pose(Mat3.rotationAbout(Vec3.X, -Math.PI / 2), Vec3.ZERO);
            return pieces.stream()
                    .map(piece -> new Piece(piece.label(), piece.solid().placed(upright), piece.hot()))
                    .toList();
        }
        return List.copyOf(pieces);
    }

    private static Solid.Box box(Vec3 middle, double length, double width, double height) {
        return new Solid.Box(new Vec3(length / 2, width / 2, height / 2), new Pose(Mat3.IDENTITY, middle));
    }

    private static void covers(EngineShape shape, List<Piece> pieces) {
        if (shape.coverReach() == 0) {
            return;
        }
        double radius = 0.8 * Math.min(shape.caseAbove(), shape.caseBelow());
        for (int side = -1; side <= 1; side += 2) {
            double y = side * shape.caseWidth() / 2;
            pieces.add(new Piece(
                    side > 0 ? "left cover" : "right cover",
                    new Solid.Cylinder(new Vec3(0, y, 0), new Vec3(0, y + side * shape.coverReach(), 0), radius),
                    false));
        }
    }

    private static void cylinders(EngineShape shape, List<Piece> pieces) {
        boolean banked = shape.bank() > 0 && shape.layout().cylinders() > 1;
        int banks = banked ? 2 : 1;
        int each = shape.layout().cylinders() / banks;
        for (int bank = 0; bank < banks; bank++) {
            double angle = shape.lean() + (banked ? (bank == 0 ? 1 : -1) * shape.bank() / 2 : 0);
            Vec3 way = new Vec3(Math.sin(angle), 0, Math.cos(angle));
            double foot = footOf(shape, way);
            for (int k = 0; k < each; k++) {
                double y = (k - (each - 1) / 2.0) * shape.boreSpacing();
                // Cylinders that share a pin stand side by side by a rod's width.
                y += banked && each == 1 ? (bank == 0 ? 1 : -1) * 0.012 : 0;
                cylinder(shape, pieces, way, foot, y, pieces.size());
            }
        }
    }

    /** Where a cylinder leaves the case. */
    private static double footOf(EngineShape shape, Vec3 way) {
        double up = Math.abs(way.z()) < 1e-9 ? Double.POSITIVE_INFINITY : shape.caseAbove() / Math.abs(way.z());
        double along = Math.abs(way.x()) < 1e-9
                ? Double.POSITIVE_INFINITY
                : (way.x() > 0 ? shape.caseAhead() : shape.caseBehind()) / Math.abs(way.x());
        return Math.min(0.9 * shape.cylinderReach(), Math.min(up, along));
    }

    private static void cylinder(EngineShape shape, List<Piece> pieces, Vec3 way, double foot, double y, int number) {
        double headFoot = shape.cylinderReach() - HEAD_SHARE * (shape.cylinderReach() - foot);
        Vec3 base = new Vec3(0, y, 0);
        pieces.add(new Piece(
                "cylinder",
                new Solid.Cylinder(base.along(way, 0.95 * foot), base.along(way, headFoot), shape.cylinderWidth() / 2),
                true));
        Vec3 across = Vec3.Y.cross(way);
        Pose pose =
                new Pose(Mat3.ofColumns(across, Vec3.Y, way), base.along(way, (headFoot + shape.cylinderReach()) / 2));
        pieces.add(new Piece(
                "head",
                new Solid.Box(
                        new Vec3(
                                shape.headLength() / 2,
                                shape.cylinderWidth() / 2,
                                (shape.cylinderReach() - headFoot) / 2),
                        pose),
                true));
    }

    /** Fan shroud, tank and silencer of a utility engine. */
    private static void utility(EngineShape shape, List<Piece> pieces) {
        double width = shape.caseWidth();
        double high = 0.8 * shape.cylinderReach();
        pieces.add(new Piece(
                "fan shroud",
                new Solid.Cylinder(
                        new Vec3(0, -width / 2 - shape.coverReach(), 0),
                        new Vec3(0, -width / 2 - shape.coverReach() - 0.06, 0),
                        0.9 * Math.max(shape.caseAhead(), shape.caseAbove())),
                false));
        pieces.add(new Piece(
                "tank",
                box(new Vec3(-shape.caseBehind() / 2, 0, high), 0.9 * shape.caseBehind() + 0.1, width, 0.12),
                false));
        pieces.add(new Piece(
                "silencer", box(new Vec3(shape.caseAhead() + 0.06, 0, 0.6 * high), 0.12, 0.9 * width, 0.12), true));
    }
}
