package oddcradle.core.math;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/** Where a function of one variable is zero or greatest; Brent's methods of Hipparchus (Brent, 1973). */
public final class Roots {
    private static final int MOST_STEPS = 200;
    private static final double ROUNDING = 1e-14;

    private Roots() {}

    /**
     * The zero of a continuous function between two places where it has opposite signs, to the rounding of {@code high}.
     *
     * @throws org.hipparchus.exception.MathIllegalArgumentException if both signs are the same
     */
    public static double between(double low, double high, DoubleUnaryOperator function) {
        return new BrentSolver(ROUNDING, ROUNDING * Math.abs(high))
                .solve(MOST_STEPS, function::applyAsDouble, low, high);
    }

    /** The place between two others where a function with one hump is greatest, to a share of the place and a length. */
    public static double greatest(double low, double high, double within, DoubleUnaryOperator function) {
        return new BrentOptimizer(1e-9, within)
                .optimize(
                        new MaxEval(MOST_STEPS),
                        new UnivariateObjectiveFunction(function::applyAsDouble),
                        GoalType.MAXIMIZE,
                        new SearchInterval(low, high))
                .getPoint();
    }
}
