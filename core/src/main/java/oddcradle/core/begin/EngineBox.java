package oddcradle.core.begin;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.donor.Cycle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.donor.ShaftEnd;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;

/**
 * An engine as it stands on the floor before anybody has measured it: a box as it is to stand in the machine, and where its output
 * shaft is.
 *
 * @param length fore and aft, m
 * @param width m
 * @param height m
 * @param shaftUp from its underside to the middle of the output shaft, m, no more than the height
 * @param shaftAhead from its rear face to the middle of a shaft across, m, no more than the length; of no meaning for one that points ahead
 * @param shaftSide left or right: where a shaft across comes out; of no meaning for one that points ahead
 * @param pipe the side at which the exhaust leaves
 * @param power W, at {@code powerSpeed}
 * @param powerSpeed of the crank, rad/s
 * @param mass kg; 0 where nobody has weighed it: then by its volume
 */
@RecordBuilder
public record EngineBox(
        String name,
        EngineLayout layout,
        Cycle cycle,
        double length,
        double width,
        double height,
        double shaftUp,
        double shaftAhead,
        BoxSide shaftSide,
        BoxSide pipe,
        double power,
        double powerSpeed,
        double mass)
        implements EngineBoxBuilder.With {
    private static final double SMALLEST = 0.05;
    private static final double LARGEST = 3;

    /** Engines with their covers over the box that just holds them, kg/m3; common practice. */
    private static final double DENSITY = 550;

    /** Bolts stand this share of the half size off the middle; common practice until they are measured. */
    private static final double BOLTS_OUT = 0.7;

    /** Mounts of an aircraft engine stand closer together than its cylinders; common practice. */
    private static final double BOLTS_IN = 0.5;

    private static final double STUB = 0.06;
    private static final double PIPE_RADIUS = 0.02;

    public EngineBox {
        Guard.named("name", name);
        Guard.present("layout", layout);
        Guard.present("cycle", cycle);
        Guard.present("pipe", pipe);
        if (shaftSide != BoxSide.LEFT && shaftSide != BoxSide.RIGHT) {
            throw new InvalidValue("shaftSide", "is " + shaftSide + ", must be left or right");
        }
        Guard.within("length", length, SMALLEST, LARGEST, "m");
        Guard.within("width", width, SMALLEST, LARGEST, "m");
        Guard.within("height", height, SMALLEST, LARGEST, "m");
        Guard.within("shaftUp", shaftUp, 0, height, "m");
        Guard.within("shaftAhead", shaftAhead, 0, length, "m");
        Guard.within("power", power, 50, 1e6, "W");
        Guard.within("powerSpeed", powerSpeed, 50, 2000, "rad/s");
        Guard.within("mass", mass, 0, 2000, "kg");
    }

    /** A single of some 10 kW, to begin from. */
    public static EngineBox usual() {
        return new EngineBox(
                "engine",
                EngineLayout.SINGLE,
                Cycle.FOUR_STROKE,
                0.4,
                0.35,
                0.42,
                0.14,
                0.18,
                BoxSide.LEFT,
                BoxSide.FRONT,
                10_000,
                Math.toRadians(6 * 3600),
                0);
    }

    /** The same of another length; a shaft that would lie outside comes to the end. */
    public EngineBox ofLength(double other) {
        return EngineBoxBuilder.builder(this)
                .length(other)
                .shaftAhead(Math.min(shaftAhead, other))
                .build();
    }

    /** The same of another height; a shaft that would lie outside comes to the top. */
    public EngineBox ofHeight(double other) {
        return EngineBoxBuilder.builder(this)
                .height(other)
                .shaftUp(Math.min(shaftUp, other))
                .build();
    }

    /** What it weighs: as entered, or by its volume. */
    public double weight() {
        return mass > 0 ? mass : DENSITY * length * width * height;
    }

    /** Donor axes begin in the middle of its underside. */
    Donor donor(LineEnd end) {
        double weight = weight();
        double l = length * length;
        double w = width * width;
        double h = height * height;
        MassProperties solid = new MassProperties(
                weight,
                new Vec3(0, 0, height / 2),
                Mat3.diagonal(weight / 12 * (w + h), weight / 12 * (l + h), weight / 12 * (l + w)));
        return Donor.plain(name, engine(end), solid, bosses(end instanceof LineEnd.Propeller), output(end), parts());
    }

    /** Torque is greatest well below the speed of the greatest power, and a tenth more than there; common practice. */
    private Engine engine(LineEnd end) {
        double torque = 1.1 * power / powerSpeed;
        boolean steady = end instanceof LineEnd.Generator;
        double cruise = steady ? ((LineEnd.Generator) end).fullLoadSpeed() : 0.75 * powerSpeed;
        // Governed engines idle not far below the speed they work at.
        double idle = steady ? 0.85 * cruise : Math.min(0.3 * powerSpeed, Math.toRadians(6 * 1300));
        return Engine.plain(
                        layout.words(),
                        layout.cylinders(),
                        cycle,
                        Math.min(idle, 0.9 * cruise),
                        cruise,
                        torque,
                        0.75 * powerSpeed,
                        1,
                        List.of(1.0))
                .withLimitSpeed(1.1 * powerSpeed);
    }

    /** Under the engine, or at its back where it turns a propeller. */
    private List<Boss> bosses(boolean flies) {
        List<Boss> bosses = new ArrayList<>();
        double aside = BOLTS_OUT * width / 2;
        double out = flies ? Math.min(shaftUp, height - shaftUp) * BOLTS_OUT : BOLTS_OUT * length / 2;
        for (int first : new int[] {1, -1}) {
            for (int left : new int[] {1, -1}) {
                String where = (flies ? first > 0 ? "upper " : "lower " : first > 0 ? "front " : "rear ")
                        + (left > 0 ? "left" : "right");
                Vec3 at = flies
                        ? new Vec3(-length / 2, left * BOLTS_IN * aside, shaftUp + first * out)
                        : new Vec3(first * out, left * aside, 0);
                bosses.add(new Boss(
                        "B" + (bosses.size() + 1), where, at, flies ? Vec3.X : Vec3.Z, 0.0102, BossHole.UNKNOWN));
            }
        }
        return bosses;
    }

    private Output output(LineEnd end) {
        if (end instanceof LineEnd.Road) {
            Vec3 out = shaftSide.outward();
            return new Output(
                    new Vec3(shaftAhead - length / 2, out.y() * (width / 2 + STUB / 2), shaftUp),
                    out,
                    14,
                    OutputForm.SPROCKET,
                    Turn.UNKNOWN,
                    ShaftEnd.UNKNOWN,
                    0.0);
        }
        boolean flies = end instanceof LineEnd.Propeller;
        return new Output(
                new Vec3(length / 2 + (flies ? 0 : STUB), 0, shaftUp),
                Vec3.X,
                0,
                flies ? OutputForm.PROPELLER_FLANGE : OutputForm.STRAIGHT_SHAFT,
                Turn.UNKNOWN,
                ShaftEnd.UNKNOWN,
                0.0);
    }

    private List<Part> parts() {
        Vec3 half = new Vec3(length / 2, width / 2, height / 2);
        Vec3 middle = new Vec3(0, 0, height / 2);
        Part block = new Part(
                "D1", "engine as a box", Category.FIXED, List.of(new Solid.Box(half, new Pose(Mat3.IDENTITY, middle))));
        Vec3 out = pipe.outward();
        Vec3 face = middle.plus(new Vec3(out.x() * half.x(), out.y() * half.y(), out.z() * half.z()));
        Part stub = new Part(
                "D2",
                "exhaust leaves here",
                Category.HOT,
                List.of(new Solid.Capsule(face, face.along(out, STUB), PIPE_RADIUS)));
        return List.of(block, stub);
    }
}
