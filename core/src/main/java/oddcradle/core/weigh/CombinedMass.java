package oddcradle.core.weigh;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/**
 * What the weighings make of the body together.
 *
 * <p>By weighted least squares ({@link CombinedWeighing}); strain is misfit over its own spread, by definition.
 *
 * @param mass kg; empty if nothing weighed it
 * @param cg m; empty where the weighings leave a direction open
 * @param cgSigma along the body's axes, m
 * @param inertia about the centre of gravity, kg m2; empty where a direction is open
 * @param inertiaSigma of the three moments, kg m2
 * @param contributions what each weighing said for itself
 * @param openCg directions, by word, in which nothing tells where the centre of gravity is
 */
public record CombinedMass(
        Optional<Measured> mass,
        Optional<Vec3> cg,
        Vec3 cgSigma,
        Optional<Mat3> inertia,
        Vec3 inertiaSigma,
        List<Contribution> contributions,
        List<String> openCg) {
    public CombinedMass {
        contributions = List.copyOf(contributions);
        openCg = List.copyOf(openCg);
    }

    /**
     * A number and its standard uncertainty.
     *
     * @param value kg, m or kg m2
     * @param sigma kg, m or kg m2
     */
    public record Measured(double value, double sigma) {}

    /**
     * One equation that a weighing gave.
     *
     * @param weighing its id
     * @param what for example "mass" or "CG forward"
     * @param value kg, m or kg m2
     * @param sigma kg, m or kg m2
     * @param combined of all weighings together, kg, m or kg m2
     * @param formula in the field's letters
     */
    public record Contribution(
            String weighing, Kind kind, String what, double value, double sigma, double combined, String formula) {
        /** How far it is off, as a ratio to its own spread. */
        public double strain() {
            return (value - combined) / sigma;
        }
    }

    public enum Kind {
        MASS,
        LENGTH,
        INERTIA
    }

    /** All three together, where all three are known and can belong to a body. */
    public Optional<MassProperties> massProperties() {
        if (mass.isEmpty() || cg.isEmpty() || inertia.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new MassProperties(mass.get().value(), cg.get(), inertia.get()));
        } catch (InvalidValue impossible) {
            return Optional.empty();
        }
    }
}
