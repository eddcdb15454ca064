package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Guard;

/**
 * The pressure in one cylinder over a cycle, by a closed-cycle model: compression of what the inlet let in, heat let out by Wiebe's
 * function, expansion, blow-down as the exhaust opens, and the strokes that pump.
 *
 * <p>Heywood, Internal Combustion Engine Fundamentals, ch. 9 and 14 (from memory); ratio of heats 1.32 and the timings are common
 * practice. Left out: waves in the pipes, leakage, heat to the walls but as a share of what burns.
 *
 * @param strokes 2 or 4
 * @param compression ratio of the volumes
 */
public record CylinderCycle(
        int strokes,
        double bore,
        double crankRadius,
        double rodLength,
        double compression,
        Combustion.Ignition ignition) {
    /** Samples of a turn of the crank; half a degree. */
    private static final int PER_TURN = 720;

    static final double AMBIENT = 101_325;
    private static final double HEAT_RATIO = 1.32;
    /** What of a spark engine's full charge becomes pressure, J for each m3 of charge at ambient: 2 MJ/kg after losses. */
    private static final double SPARK_HEAT = 2.0e6 * 1.13;

    private static final double DIESEL_HEAT = 1.4e6 * 1.13;

    private static final double EXHAUST = 1.08;
    private static final double BLOW_DOWN = Math.toRadians(20);

    public CylinderCycle {
        Guard.positive("bore", bore, "m");
        Guard.positive("crankRadius", crankRadius, "m");
        Guard.positive("rodLength", rodLength, "m");
    }

    /** m3 */
    public double sweptVolume() {
        return Math.PI / 4 * bore * bore * 2 * crankRadius;
    }

    int samples() {
        return PER_TURN * strokes / 2;
    }

    /**
     * Evenly over one cycle from firing top dead centre, Pa.
     *
     * @param charge of what a full breath at ambient would be, 0 to 4: of air and fuel in a spark engine, of fuel in a diesel
     * @param burns false where the engine is turned over without firing
     */
    public List<Double> pressure(double charge, boolean burns) {
        boolean spark = ignition == Combustion.Ignition.SPARK;
        double inlet = AMBIENT * (spark && burns ? charge : 1);
        double heat = !burns ? 0 : (spark ? SPARK_HEAT : DIESEL_HEAT) * charge * sweptVolume();
        double step = 2 * Math.PI / PER_TURN;
        double closes = strokes == 4 ? Math.toRadians(-140) : Math.toRadians(-100);
        double opens = strokes == 4 ? Math.toRadians(130) : Math.toRadians(100);
        int from = (int) Math.round(closes / step);
        int to = (int) Math.round(opens / step);
        double[] pressure = new double[samples()];
        double before = strokes == 4 ? inlet : Math.max(inlet, AMBIENT);
        for (int n = from; n <= to; n++) {
            put(pressure, n, before);
            double now = volume(n * step);
            double next = volume((n + 1) * step);
            double lit = heat * (burnt((n + 1) * step, spark) - burnt(n * step, spark));
            before = (before + (HEAT_RATIO - 1) * lit / now) * Math.pow(now / next, HEAT_RATIO);
        }
        double released = pressure[Math.floorMod(to, pressure.length)];
        for (int n = to + 1; n < from + pressure.length; n++) {
            double angle = n * step;
            double out = EXHAUST * AMBIENT;
            double open = out + (released - out) * Math.exp(-(angle - opens) / BLOW_DOWN);
            boolean breathesIn = strokes == 4 && angle > 2 * Math.PI;
            put(pressure, n, breathesIn ? inlet : open);
        }
        List<Double> all = new ArrayList<>();
        for (double each : pressure) {
            all.add(each);
        }
        return all;
    }

    private static void put(double[] pressure, int n, double value) {
        pressure[Math.floorMod(n, pressure.length)] = value;
    }

    /** Wiebe's function: share of the heat let out at an angle from top dead centre. */
    private static double burnt(double angle, boolean spark) {
        double begins = Math.toRadians(spark ? -20 : -6);
        double lasts = Math.toRadians(60);
        double along = (angle - begins) / lasts;
        return along <= 0 ? 0 : along >= 1 ? 1 - Math.exp(-5) : 1 - Math.exp(-5 * Math.pow(along, spark ? 3 : 2));
    }

    private double volume(double angle) {
        double place = crankRadius * Math.cos(angle)
                + Math.sqrt(rodLength * rodLength - Math.pow(crankRadius * Math.sin(angle), 2));
        double area = Math.PI / 4 * bore * bore;
        return sweptVolume() / (compression - 1) + area * (crankRadius + rodLength - place);
    }
}
