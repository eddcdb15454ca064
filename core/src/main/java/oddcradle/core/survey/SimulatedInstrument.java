package oddcradle.core.survey;

import java.util.function.Function;
import java.util.random.RandomGenerator;
import oddcradle.core.math.Vec3;

/** A stand-in for an instrument at a machine whose true shape is known: its noise added, its steps rounded to. */
public final class SimulatedInstrument {
    private SimulatedInstrument() {}

    /**
     * @param wanted the reading to take; its own value is ignored
     * @param truth where a point really is, body axes, m
     */
    public static Reading read(Reading wanted, Function<String, Vec3> truth, RandomGenerator noise) {
        Observation observation = Observation.of(wanted);
        double between = observation.predicted(truth.apply(observation.from()), truth.apply(observation.to()));
        double asRead = wanted.value() + between - observation.value();
        boolean angle = wanted instanceof Reading.Slope;
        double step =
                angle ? wanted.instrument().angleStep() : wanted.instrument().step();
        double noisy = asRead + wanted.sigma() * noise.nextGaussian();
        return wanted.with(Math.rint(noisy / step) * step);
    }
}
