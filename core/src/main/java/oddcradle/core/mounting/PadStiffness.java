package oddcradle.core.mounting;

import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Stiffness of a pad bonded between plates, one or more like layers in series; small strain.
 *
 * <p>Compression by {@code Ec = E (1 + 2 k S^2)}, shape factor S = one bonded face over the free side of one layer; where the bulk
 * modulus is known, {@code 1 / (1/Ec + 1/K)}. Shear G A / t without bending. Lindley, Engineering Design with Natural Rubber (from
 * memory).
 *
 * @param area of one bonded face, m2
 * @param shapeFactor a ratio
 * @param compressionModulus Ec, Pa
 * @param compressionModulusBulk with the bulk's give, Pa; empty where that is not known
 * @param compression N/m
 * @param compressionBulk N/m; empty as above
 * @param shear N/m
 */
public record PadStiffness(
        double area,
        double shapeFactor,
        double compressionModulus,
        Optional<Double> compressionModulusBulk,
        double compression,
        Optional<Double> compressionBulk,
        double shear) {
    /**
     * What the stuff is like.
     *
     * @param youngsModulus E, Pa
     * @param shearModulus G, Pa
     * @param shapeConstant k, dimensionless
     * @param bulkModulus Pa; empty where it is taken as stiff without end
     */
    public record Rubber(
            double youngsModulus, double shearModulus, double shapeConstant, Optional<Double> bulkModulus) {
        public Rubber {
            Guard.positive("E", youngsModulus, "Pa");
            Guard.positive("G", shearModulus, "Pa");
            Guard.notNegative("k", shapeConstant, "");
            bulkModulus.ifPresent(bulk -> Guard.positive("bulk", bulk, "Pa"));
        }
    }

    /**
     * One layer's face.
     *
     * @param area m2
     * @param edge round which the side is free to bulge, m
     */
    public record Face(double area, double edge) {
        /** Sides in m. */
        public static Face rectangle(double a, double b) {
            Guard.positive("a", a, "m");
            Guard.positive("b", b, "m");
            return new Face(a * b, 2 * (a + b));
        }

        /** Diameter in m. */
        public static Face disc(double diameter) {
            Guard.positive("d", diameter, "m");
            return new Face(Math.PI / 4 * diameter * diameter, Math.PI * diameter);
        }

        /** Diameters in m, the inner the smaller. */
        public static Face ring(double outer, double inner) {
            Guard.positive("d_out", outer, "m");
            Guard.positive("d_in", inner, "m");
            if (inner >= outer) {
                throw new InvalidValue("d_in", "is " + inner + " m, must be less than d_out, " + outer + " m");
            }
            return new Face(Math.PI / 4 * (outer * outer - inner * inner), Math.PI * (outer + inner));
        }
    }

    /**
     * @param thickness of one layer, m
     * @param layers 1 to 1000
     */
    public static PadStiffness of(Face face, double thickness, int layers, Rubber rubber) {
        Guard.positive("thickness", thickness, "m");
        Guard.within("layers", layers, 1, 1000, "");
        double shape = face.area() / (face.edge() * thickness);
        double modulus = rubber.youngsModulus() * (1 + 2 * rubber.shapeConstant() * shape * shape);
        double stiffness = face.area() / (layers * thickness);
        Optional<Double> withBulk = rubber.bulkModulus().map(bulk -> 1 / (1 / modulus + 1 / bulk));
        return new PadStiffness(
                face.area(),
                shape,
                modulus,
                withBulk,
                modulus * stiffness,
                withBulk.map(each -> each * stiffness),
                rubber.shearModulus() * stiffness);
    }

    /** N/m: with the bulk's give where that is known. */
    public double bestCompression() {
        return compressionBulk.orElse(compression);
    }
}
