package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.structure.EngineInTime;
import oddcradle.core.structure.Excitation;
import oddcradle.core.vibration.LinkedBodiesInTime;

/**
 * An engine that starts or dies: how fast its crank turns, and how far it has turned.
 *
 * @param how in words
 * @param duration that is followed, s
 * @param idle rad/s
 * @param speed of the first crank at a time in s, rad/s
 * @param angle that it has turned by, rad
 */
record RunUp(
        String id,
        String label,
        String how,
        double duration,
        double idle,
        DoubleUnaryOperator speed,
        DoubleUnaryOperator angle) {
    /** From standstill to idle, s; common practice. */
    private static final double STARTS_WITHIN = 1.0;
    /** From idle to standstill, s; common practice. */
    private static final double DIES_WITHIN = 1.5;
    /** At idle before it dies and after it has started, s. */
    private static final double BESIDE = 0.4;
    /** That is looked at after it stands, s. */
    private static final double AFTER = 0.5;

    private static final int KNOTS = 16;
    private static final double SLOWEST = 0.06;

    /** @param idle rad/s */
    static RunUp starting(double idle) {
        double rate = idle / STARTS_WITHIN;
        return new RunUp(
                "start",
                "starting",
                "from standstill to idle in " + STARTS_WITHIN + " s",
                STARTS_WITHIN + BESIDE,
                idle,
                t -> Math.min(idle, rate * t),
                t -> t < STARTS_WITHIN ? rate * t * t / 2 : idle * (t - STARTS_WITHIN / 2));
    }

    /** @param idle rad/s */
    static RunUp dying(double idle) {
        double rate = idle / DIES_WITHIN;
        return new RunUp(
                "stop",
                "dying",
                "from idle to standstill in " + DIES_WITHIN + " s",
                BESIDE + DIES_WITHIN + AFTER,
                idle,
                t -> Math.max(0, Math.min(idle, idle - rate * (t - BESIDE))),
                t -> {
                    double slowing = Math.max(0, Math.min(DIES_WITHIN, t - BESIDE));
                    return idle * Math.min(t, BESIDE) + idle * slowing - rate * slowing * slowing / 2;
                });
    }

    /** What the engines do at any speed up to idle, turned over without firing. */
    static EngineInTime engine(Examination examination) {
        ShakeMaps.Setting shaken = ShakeMaps.setting(examination).orElseThrow();
        double idle = examination.job().donor().engine().idleSpeed();
        List<Double> speeds = new ArrayList<>();
        for (int k = 0; k < KNOTS; k++) {
            speeds.add(idle * (SLOWEST + (1 - SLOWEST) * k / (KNOTS - 1)));
        }
        return new EngineInTime(Excitation.of(shaken.engines(), shaken.donor(), speeds, Throttle.MOTORED));
    }

    /** Force and moment about the donor's centre of gravity at a time in s, N and N m, host axes. */
    double[] onDonor(EngineInTime engine, double time) {
        double[] donor = new double[6];
        engine.add(speed.applyAsDouble(time), angle.applyAsDouble(time), donor);
        return donor;
    }

    void follow(
            LinkedBodiesInTime system, TimeSetting setting, EngineInTime engine, LinkedBodiesInTime.Watcher watcher) {
        system.follow(
                (t, loads) -> setting.addOnDonor(onDonor(engine, t), loads), duration, engine.quickest(idle), watcher);
    }
}
