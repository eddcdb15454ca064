package oddcradle.core.drive;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Steps of ratio from the crank to the wheel, load or propeller.
 *
 * <p>Ratios multiply and losses multiply: by definition of the gear ratio; efficiencies are common practice.
 *
 * @param steps in order, at least one
 */
public record Drivetrain(List<Step> steps) {
    private static final int MOST_STEPS = 100;

    /**
     * @param ratio turns in for one turn out, more than 0
     * @param efficiency 0 to 1
     */
    public record Step(double ratio, double efficiency) {
        public Step {
            Guard.positive("ratio", ratio, "");
            Guard.within("efficiency", efficiency, 0, 1, "");
        }

        /** Teeth of the driver and the driven. Efficiency 0 to 1. */
        public static Step ofTeeth(int driver, int driven, double efficiency) {
            requireTeeth("driver", driver);
            requireTeeth("driven", driven);
            return new Step((double) driven / driver, efficiency);
        }

        private static void requireTeeth(String field, int teeth) {
            if (teeth < 2) {
                throw new InvalidValue(field, "is " + teeth + " teeth, a wheel needs at least 2");
            }
        }
    }

    public Drivetrain {
        if (steps.isEmpty() || steps.size() > MOST_STEPS) {
            throw new InvalidValue("stages", "has " + steps.size() + " entries, must have 1 to " + MOST_STEPS);
        }
        steps = List.copyOf(steps);
    }

    /** Crank turns for one turn of the last shaft. */
    public double ratio() {
        return steps.stream().mapToDouble(Step::ratio).reduce(1, (a, b) -> a * b);
    }

    /** Of all steps together, 0 to 1. */
    public double efficiency() {
        return steps.stream().mapToDouble(Step::efficiency).reduce(1, (a, b) -> a * b);
    }

    /** Speed of the last shaft, in the unit of the crank's. */
    public double speedOut(double crankSpeed) {
        return crankSpeed / ratio();
    }

    /** Torque at the last shaft, in the unit of the crank's. */
    public double torqueOut(double crankTorque) {
        return crankTorque * ratio() * efficiency();
    }
}
