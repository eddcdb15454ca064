package oddcradle.core.frame;

/** Beam theory: without (Euler and Bernoulli) or with shear flexibility (Timoshenko, Cowper's coefficients). */
public enum Theory {
    EULER,
    TIMOSHENKO
}
