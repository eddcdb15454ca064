package oddcradle.core.mechanics;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * Mass, centre of gravity and inertia of a rigid body, all in one axis system.
 *
 * @param mass kg, greater than 0
 * @param cg centre of gravity, m
 * @param inertia about the centre of gravity, kg m2, with products of inertia as tensor components
 *     ({@code I_xy = -integral x y dm}); symmetric, and no principal moment greater than the sum of the other two
 */
@RecordBuilder
public record MassProperties(double mass, Vec3 cg, Mat3 inertia) implements MassPropertiesBuilder.With {
    private static final double SYMMETRY = 1e-9;
    private static final double TRIANGLE = 1e-9;

    public MassProperties {
        Guard.positive("mass", mass, "kg");
        Guard.present("cg", cg);
        Guard.present("inertia", inertia);
        requirePossible(inertia);
    }

    private static void requirePossible(Mat3 inertia) {
        double size = Math.abs(inertia.get(0, 0)) + Math.abs(inertia.get(1, 1)) + Math.abs(inertia.get(2, 2));
        double[][] rows = new double[3][3];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                rows[i][j] = inertia.get(i, j);
                if (Math.abs(inertia.get(i, j) - inertia.get(j, i)) > SYMMETRY * size) {
                    throw new InvalidValue(
                            "inertia",
                            "is not symmetric: element " + i + "," + j + " must equal element " + j + "," + i);
                }
            }
        }
        DenseAlgebra.Eigen principal = DenseAlgebra.symmetric(rows);
        if (!(principal.value(0) > 0)) {
            throw new InvalidValue(
                    "inertia",
                    "has the principal moment " + principal.value(0) + " kg m2, all three must be greater than 0");
        }
        if (principal.value(2) > (principal.value(0) + principal.value(1)) * (1 + TRIANGLE)) {
            throw new InvalidValue(
                    "inertia",
                    "is impossible: the principal moment " + principal.value(2)
                            + " kg m2 is greater than the sum of the other two, "
                            + (principal.value(0) + principal.value(1)) + " kg m2; measure it again");
        }
    }

    /** The same body seen from the axes it is placed in. */
    public MassProperties placed(Pose pose) {
        Mat3 r = pose.rotation();
        Mat3 turned = r.times(inertia).times(r.transposed());
        Mat3 symmetric = turned.plus(turned.transposed()).times(0.5);
        return new MassProperties(mass, pose.place(cg), symmetric);
    }

    /**
     * Several bodies as one; parallel axes, Meriam, Engineering Mechanics: Dynamics, app. B.
     *
     * @param bodies at least one, all in one axis system
     */
    public static MassProperties together(List<MassProperties> bodies) {
        double mass = 0;
        Vec3 moment = Vec3.ZERO;
        for (MassProperties body : bodies) {
            mass += body.mass();
            moment = moment.along(body.cg(), body.mass());
        }
        Vec3 cg = moment.times(1 / mass);
        Mat3 inertia = Mat3.ZERO;
        for (MassProperties body : bodies) {
            Vec3 arm = body.cg().minus(cg);
            Mat3 cross = Mat3.crossProductWith(arm);
            inertia = inertia.plus(body.inertia()).plus(cross.times(cross).times(-body.mass()));
        }
        return new MassProperties(mass, cg, inertia);
    }
}
