package oddcradle.core.structure;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.math.Complex;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.vibration.HarmonicWrench;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.Transmissibility;

/**
 * What a propeller on the donor's own shaft shakes it with at one speed: once a turn by what balancing leaves, once for every blade by
 * air that is not the same all round.
 *
 * @param speed of the propeller, rad/s
 * @param unbalance grade G 6.3, {@code e w = 6.3 mm/s}: ISO 21940-11 (from memory)
 * @param blades that pass: thrust swings by 5 % of its mean before a cowl and a wing; common practice
 */
public record PropellerShaking(double speed, Order unbalance, Order blades) {
    private static final double GRADE = 6.3e-3;
    /** Radius of gyration of a propeller over its diameter; common practice. */
    private static final double GYRATION = 0.2;

    private static final double UNEVEN_AIR = 0.05;
    private static final double EFFICIENCY = 0.8;

    /**
     * @param perTurn how often in a turn
     * @param frequency Hz
     * @param force N
     * @param through share of it that reaches the frame
     */
    public record Order(int perTurn, double frequency, double force, double through) {
        /** N */
        public double onFrame() {
            return force * through;
        }
    }

    /**
     * The propeller in the donor's seat.
     *
     * @param hub from the donor's centre of gravity, m
     * @param axis of the shaft, unit
     * @param thrust at cruise, N
     */
    public record Propeller(
            LineEnd.Propeller made, Vec3 hub, Vec3 axis, double idleSpeed, double cruiseSpeed, double thrust) {}

    /** Nothing where no propeller turns on the donor's own shaft, or nobody knows its inertia. */
    public static Optional<Propeller> propeller(Job job) {
        Output output = job.donor().output();
        Mat3 seat = job.seat().pose().rotation();
        Engine engine = Pack.driving(job.donor());
        double power = engine.fullTorque(engine.cruiseSpeed()) * engine.cruiseSpeed();
        return job.line()
                .end()
                .filter(end -> job.line().stages().isEmpty())
                .filter(LineEnd.Propeller.class::isInstance)
                .map(LineEnd.Propeller.class::cast)
                .filter(made -> made.inertia() > 0)
                .map(made -> new Propeller(
                        made,
                        seat.times(output.centre()
                                .along(output.axis().unit(), made.ahead())
                                .minus(job.donor().mass().cg())),
                        seat.times(output.axis().unit()),
                        engine.idleSpeed() / engine.primaryRatio(),
                        engine.cruiseSpeed() / engine.primaryRatio(),
                        made.airSpeed() > 0 ? EFFICIENCY * power / made.airSpeed() : 0));
    }

    /** @param shaking the donor on mounts as stiff as they are while they shake */
    public static PropellerShaking idle(MountedBody shaking, Propeller propeller) {
        double slower = propeller.idleSpeed() / propeller.cruiseSpeed();
        return at(shaking, propeller, propeller.idleSpeed(), propeller.thrust() * slower * slower);
    }

    /** @param shaking the donor on mounts as stiff as they are while they shake */
    public static PropellerShaking cruise(MountedBody shaking, Propeller propeller) {
        return at(shaking, propeller, propeller.cruiseSpeed(), propeller.thrust());
    }

    /**
     * What acts on the donor at any speed: the unbalance that its grade leaves at cruise, and the air that grows with the square of the speed.
     *
     * @param speed of the first crank, rad/s
     * @param turns of the propeller for one of the first crank
     */
    public static List<Excitation.Part> acting(Propeller propeller, double speed, double turns) {
        double own = speed * turns;
        double slower = own / propeller.cruiseSpeed();
        double unbalance = mass(propeller.made()) * GRADE * propeller.cruiseSpeed() * slower * slower;
        double air = UNEVEN_AIR * propeller.thrust() * slower * slower;
        return List.of(
                new Excitation.Part(turns, own, load(propeller, turning(unbalance))),
                new Excitation.Part(
                        propeller.made().blades() * turns,
                        propeller.made().blades() * own,
                        load(propeller, along(air))));
    }

    private static double mass(LineEnd.Propeller made) {
        return made.inertia() / Math.pow(GYRATION * made.diameter(), 2);
    }

    private static Complex[] turning(double force) {
        return new Complex[] {Complex.ZERO, new Complex(force, 0), new Complex(0, force)};
    }

    private static Complex[] along(double force) {
        return new Complex[] {new Complex(force, 0), Complex.ZERO, Complex.ZERO};
    }

    private static HarmonicWrench load(Propeller propeller, Complex[] along) {
        Vec3 across = propeller.axis().anyPerpendicular();
        Mat3 axes = Mat3.ofColumns(propeller.axis(), across, propeller.axis().cross(across));
        return HarmonicWrench.at(
                axes, along, new Complex[] {Complex.ZERO, Complex.ZERO, Complex.ZERO}, propeller.hub());
    }

    private static PropellerShaking at(MountedBody shaking, Propeller propeller, double speed, double thrust) {
        LineEnd.Propeller made = propeller.made();
        double unbalance = mass(made) * GRADE * speed;
        double air = UNEVEN_AIR * thrust;
        return new PropellerShaking(
                speed,
                order(shaking, propeller, 1, speed, unbalance, turning(unbalance)),
                order(shaking, propeller, made.blades(), speed, air, along(air)));
    }

    private static Order order(
            MountedBody shaking, Propeller propeller, int perTurn, double speed, double force, Complex[] along) {
        double frequency = perTurn * speed / (2 * Math.PI);
        return new Order(perTurn, frequency, force, Transmissibility.force(shaking, load(propeller, along), frequency));
    }
}
