package oddcradle.core.frame.input;

/** Beam theory: without (Euler and Bernoulli) or with shear flexibility (Timoshenko, Cowper's coefficients). */
public enum Theory {
    EULER,
    TIMOSHENKO
}
