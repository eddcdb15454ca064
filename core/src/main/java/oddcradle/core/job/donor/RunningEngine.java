package oddcradle.core.job.donor;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.engine.Combustion;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.CrankLayout;
import oddcradle.core.engine.CylinderCycle;
import oddcradle.core.engine.EngineSource;
import oddcradle.core.engine.FiringAngles;

/**
 * An engine as a source of shaking: what its builder knows, and for the rest what engines of its layout and torque mostly have.
 *
 * @param source of forces and moments
 * @param crank as given or taken
 * @param combustion as given or taken
 * @param taken what was not given and is taken, in words
 */
public record RunningEngine(EngineSource source, Crank crank, Combustion combustion, List<String> taken) {
    /** Mean pressure at the most torque: what naturally breathing engines reach, Pa; common practice. */
    private static final double FOUR_STROKE_PRESSURE = 9.5e5;

    private static final double TWO_STROKE_PRESSURE = 6e5;
    private static final double SPARK_COMPRESSION = 9.5;
    private static final double DIESEL_COMPRESSION = 19;

    public RunningEngine {
        taken = List.copyOf(taken);
    }

    /**
     * @param turns 1 where the crank turns from upright toward forward, -1 where it turns the other way
     * @throws oddcradle.core.math.InvalidValue if the firing angles do not fit the crank
     */
    public static RunningEngine of(Engine engine, int turns) {
        List<String> taken = new ArrayList<>();
        int strokes = engine.cycle() == Cycle.FOUR_STROKE ? 4 : 2;
        double bore = engine.combustion().map(Combustion::bore).orElseGet(() -> boreFor(engine, strokes));
        Crank crank = engine.crank().orElseGet(() -> usual(engine, bore, taken));
        Combustion combustion = engine.combustion().orElseGet(() -> burning(engine, bore, taken));
        List<Double> throwAngles = times(crank.throwAngles(), turns);
        List<Double> banks = times(crank.cylinderAngles(), turns);
        List<Double> firing = combustion.firingAngles().isEmpty()
                ? FiringAngles.mostEven(throwAngles, banks, strokes)
                : FiringAngles.required(times(combustion.firingAngles(), turns), throwAngles, banks, strokes);
        CylinderCycle cycle = new CylinderCycle(
                strokes,
                combustion.bore(),
                crank.stroke() / 2,
                crank.rod(),
                combustion.compression(),
                combustion.ignition());
        return new RunningEngine(
                new EngineSource(crank.train(turns), cycle, firing, combustion.pressure()), crank, combustion, taken);
    }

    private static List<Double> times(List<Double> angles, int turns) {
        return angles.stream().map(angle -> turns * angle).toList();
    }

    /** Of a cylinder as long as it is wide, or of the stroke that is known, m. */
    private static double boreFor(Engine engine, int strokes) {
        double pressure = strokes == 4 ? FOUR_STROKE_PRESSURE : TWO_STROKE_PRESSURE;
        double swept = engine.maxTorque() * strokes * Math.PI / pressure / engine.cylinders();
        return engine.crank()
                .map(crank -> Math.sqrt(4 * swept / (Math.PI * crank.stroke())))
                .orElseGet(() -> Math.cbrt(4 * swept / Math.PI));
    }

    private static Crank usual(Engine engine, double bore, List<String> taken) {
        CrankLayout layout = CrankLayout.guessed(engine.layout(), engine.cylinders());
        Optional<List<Double>> firing =
                engine.combustion().map(Combustion::firingAngles).filter(angles -> !angles.isEmpty());
        if (firing.isPresent()) {
            taken.add("pins of cylinders in line by their firing");
            return inLine(bore, firing.get().stream().map(angle -> -angle).toList());
        }
        if (layout.cylinders() != engine.cylinders()) {
            taken.add("evenly firing cylinders in line");
            double apart = 2 * Math.PI * engine.cycle().turnsPerFiring() / engine.cylinders();
            List<Double> pins = new ArrayList<>();
            for (int k = 0; k < engine.cylinders(); k++) {
                pins.add(-k * apart % (2 * Math.PI));
            }
            return inLine(bore, pins);
        }
        taken.add("crank of a " + layout.words() + ", stroke as the bore");
        return layout.crank(bore);
    }

    /** Upright cylinders with their pins where they are wanted. */
    private static Crank inLine(double bore, List<Double> pins) {
        Crank one = CrankLayout.SINGLE.crank(bore);
        List<Double> banks = new ArrayList<>();
        List<Double> positions = new ArrayList<>();
        for (int k = 0; k < pins.size(); k++) {
            banks.add(0.0);
            positions.add(1.2 * bore * (k - (pins.size() - 1) / 2.0));
        }
        return new Crank(
                one.stroke(), one.rod(), one.reciprocatingMass(), pins, banks, positions, 0.5, Crank.Balancer.NONE);
    }

    private static Combustion burning(Engine engine, double bore, List<String> taken) {
        boolean diesel = engine.layout().toLowerCase(Locale.ROOT).contains("diesel");
        taken.add((diesel ? "diesel" : "spark") + " engine with a bore of " + Math.round(1000 * bore)
                + " mm by its torque");
        return new Combustion(
                bore,
                diesel ? DIESEL_COMPRESSION : SPARK_COMPRESSION,
                diesel ? Combustion.Ignition.COMPRESSION : Combustion.Ignition.SPARK,
                List.of(),
                List.of());
    }

    /**
     * The engine with a pressure that was measured; what else burns in it stays as it is, or as it is taken.
     *
     * @param pressure evenly over one cycle from firing top dead centre, Pa
     */
    public static Engine withPressure(Engine engine, List<Double> pressure) {
        return engine.withCombustion(Optional.of(of(engine, 1).combustion().withPressure(pressure)));
    }
}
