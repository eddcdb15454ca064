package oddcradle.core.drive;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Measured;

/**
 * What the last shaft drives.
 *
 * <p>Kinematics of rolling and of a propeller tip, by definition; constants that are common practice say so.
 */
public sealed interface LineEnd extends Measured<LineEnd> {
    /** In a word, for lists. */
    String kind();

    /**
     * A wheel on the ground.
     *
     * @param dragArea drag coefficient times frontal area, m2
     * @param rolling rolling resistance over weight
     * @param brakes the old ones, if somebody wrote them down
     */
    record Road(double dragArea, double rolling, Optional<Brakes> brakes) implements LineEnd {
        public Road {
            Guard.within("dragArea", dragArea, 0, 10, "m2");
            Guard.within("rolling", rolling, 0, 1, "");
            brakes = brakes == null ? Optional.empty() : brakes;
        }

        @Override
        public String kind() {
            return "wheels on the ground";
        }

        /** Without brakes theirs read 0. */
        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("drag area, m²", Kind.RATIO, dragArea),
                    Measure.of("rolling", Kind.SHARE, rolling),
                    Measure.of(
                            "brake discs weigh",
                            Kind.MASS,
                            brakes.map(Brakes::discMass).orElse(0.0)),
                    Measure.of(
                            "their heat, J/(kg K)",
                            Kind.COUNT,
                            brakes.map(Brakes::specificHeat).orElse(460.0)),
                    Measure.of(
                            "their share", Kind.SHARE, brakes.map(Brakes::share).orElse(0.9)));
        }

        @Override
        public LineEnd with(List<Double> v) {
            return new Road(
                    v.get(0),
                    v.get(1),
                    v.get(2) == 0 ? Optional.empty() : Optional.of(new Brakes(v.get(2), v.get(3), v.get(4))));
        }
    }

    /**
     * @param discMass of all discs or drums together that take up the heat, kg
     * @param specificHeat J/(kg K)
     * @param share of the stop's energy that goes into them, 0 to 1
     */
    record Brakes(double discMass, double specificHeat, double share) {
        public Brakes {
            Guard.positive("discMass", discMass, "kg");
            Guard.positive("specificHeat", specificHeat, "J/(kg K)");
            Guard.within("share", share, 0, 1, "");
        }

        /** Temperature rise of one stop, K: all its energy in at once, none lost to the air. */
        public double rise(double energy) {
            return share * energy / (discMass * specificHeat);
        }
    }

    /**
     * @param poles even, 2 or more; 0 for a pump or any machine without
     * @param frequency wanted, Hz
     * @param droop fall of the speed from no load to full, share of full-load speed
     * @param speed wanted of a machine without poles, rad/s
     * @param engineInertia flywheel and crank, kg m2; 0 where nobody knows it
     * @param inertia of its rotor, kg m2; 0 where nobody knows it
     */
    record Generator(int poles, double frequency, double droop, double speed, double engineInertia, double inertia)
            implements LineEnd {
        public Generator {
            Guard.within("poles", poles, 0, 100, "");
            if (poles % 2 != 0) {
                throw new InvalidValue("poles", "is " + poles + ", must be even");
            }
            Guard.notNegative("frequency", frequency, "Hz");
            Guard.within("droop", droop, 0, 1, "");
            Guard.notNegative("speed", speed, "rad/s");
            Guard.notNegative("engineInertia", engineInertia, "kg m2");
            Guard.notNegative("inertia", inertia, "kg m2");
        }

        /** Speed wanted at full load, rad/s: 120 f / p turns a minute. */
        public double fullLoadSpeed() {
            return poles == 0 ? speed : 4 * Math.PI * frequency / poles;
        }

        /** rad/s */
        public double noLoadSpeed() {
            return fullLoadSpeed() * (1 + droop);
        }

        /** First torsional frequency of two rotors on a coupling, Hz: {@code sqrt(k (J1 + J2) / (J1 J2)) / 2 pi}. */
        public Optional<Double> torsionalFrequency(double stiffness) {
            return engineInertia == 0 || inertia == 0 || stiffness == 0
                    ? Optional.empty()
                    : Optional.of(Math.sqrt(stiffness * (engineInertia + inertia) / (engineInertia * inertia))
                            / (2 * Math.PI));
        }

        @Override
        public String kind() {
            return "generator or pump";
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("poles, 0 none", Kind.COUNT, poles),
                    Measure.of("frequency", Kind.FREQUENCY, frequency),
                    Measure.of("droop", Kind.SHARE, droop),
                    Measure.of("speed without poles", Kind.ROTATION_SPEED, speed),
                    Measure.of("engine inertia", Kind.INERTIA, engineInertia),
                    Measure.of("rotor inertia", Kind.INERTIA, inertia));
        }

        @Override
        public LineEnd with(List<Double> v) {
            return new Generator((int) Math.rint(v.get(0)), v.get(1), v.get(2), v.get(3), v.get(4), v.get(5));
        }
    }

    /**
     * @param diameter m
     * @param inertia about its axis, kg m2; 0 where nobody knows it
     * @param airSpeed of the aircraft where the propeller turns fastest, m/s
     * @param ahead of the flange, m: where its disc is
     * @param groundUp height of the level ground under the datum, host axes, m (usually negative or 0)
     * @param flatDrop how much lower the nose comes with strut and tyre flat, m
     * @param wheelbase from the main wheels to the tail or nose wheel, m
     * @param legRise how much longer the main legs are than first drawn, m
     * @param noseWheel whether the third wheel is at the nose; at the tail otherwise
     * @param blades 2 to 12; two where left out
     */
    record Propeller(
            double diameter,
            double inertia,
            double airSpeed,
            double ahead,
            double groundUp,
            double flatDrop,
            double wheelbase,
            double legRise,
            boolean noseWheel,
            Integer blades)
            implements LineEnd {
        private static final int MOST_BLADES = 12;
        /** Of the standard atmosphere at sea level: sqrt(1.4 R T), 15 degrees. */
        public static final double SPEED_OF_SOUND = 340.29;

        private static final double FARTHEST = 100;

        public Propeller {
            Guard.size("diameter", diameter);
            Guard.notNegative("inertia", inertia, "kg m2");
            Guard.notNegative("airSpeed", airSpeed, "m/s");
            Guard.within("ahead", ahead, -FARTHEST, FARTHEST, "m");
            Guard.within("groundUp", groundUp, -FARTHEST, FARTHEST, "m");
            Guard.notNegative("flatDrop", flatDrop, "m");
            Guard.notNegative("wheelbase", wheelbase, "m");
            Guard.within("legRise", legRise, -FARTHEST, FARTHEST, "m");
            blades = blades == null ? 2 : blades;
            Guard.within("blades", blades, 2, MOST_BLADES, "");
        }

        /** Speed of the tips, m/s, at a speed of the propeller, rad/s. */
        public double tipSpeed(double speed) {
            return speed * diameter / 2;
        }

        /** Of turning and flying together. Mach number of the tips, a ratio, at a speed of the propeller, rad/s. */
        public double helicalMach(double speed) {
            return Math.hypot(tipSpeed(speed), airSpeed) / SPEED_OF_SOUND;
        }

        /** Moment that turning the aircraft asks for, N m: two or more blades, uneven parts of two blades left out. */
        public double gyroscopicMoment(double speed, double turning) {
            return inertia * speed * turning;
        }

        /** How much the ground angle changes with the longer legs, rad. */
        public double groundAngleChange() {
            return wheelbase == 0 ? 0 : Math.atan2(legRise, wheelbase);
        }

        @Override
        public String kind() {
            return "propeller";
        }

        @Override
        public List<Measure> measures() {
            return List.of(
                    Measure.of("diameter", Kind.LENGTH, diameter),
                    Measure.of("inertia", Kind.INERTIA, inertia),
                    Measure.of("air speed", Kind.ROAD_SPEED, airSpeed),
                    Measure.of("ahead of flange", Kind.LENGTH, ahead),
                    Measure.of("ground up", Kind.LENGTH, groundUp),
                    Measure.of("flat strut and tyre", Kind.LENGTH, flatDrop),
                    Measure.of("wheelbase", Kind.LENGTH, wheelbase),
                    Measure.of("legs longer by", Kind.LENGTH, legRise),
                    Measure.of("blades", Kind.COUNT, blades));
        }

        @Override
        public LineEnd with(List<Double> v) {
            return new Propeller(
                    v.get(0), v.get(1), v.get(2), v.get(3), v.get(4), v.get(5), v.get(6), v.get(7), noseWheel, (int)
                            Math.rint(v.get(8)));
        }
    }
}
