package oddcradle.core.units;

/** A number in coherent SI with its kind; how it is shown is decided by a {@link UnitStyle}. */
public record Quantity(double si, Kind kind) {
    public static Quantity length(double metres) {
        return new Quantity(metres, Kind.LENGTH);
    }

    /** As a dial or a feeler tells it, m. */
    public static Quantity fine(double metres) {
        return new Quantity(metres, Kind.FINE_LENGTH);
    }

    /** Of roads and mountains, m. */
    public static Quantity distance(double metres) {
        return new Quantity(metres, Kind.DISTANCE);
    }

    public static Quantity angle(double radians) {
        return new Quantity(radians, Kind.ANGLE);
    }

    public static Quantity mass(double kilograms) {
        return new Quantity(kilograms, Kind.MASS);
    }

    public static Quantity force(double newtons) {
        return new Quantity(newtons, Kind.FORCE);
    }

    public static Quantity torque(double newtonMetres) {
        return new Quantity(newtonMetres, Kind.TORQUE);
    }

    public static Quantity stress(double pascals) {
        return new Quantity(pascals, Kind.STRESS);
    }

    public static Quantity stiffness(double newtonsPerMetre) {
        return new Quantity(newtonsPerMetre, Kind.STIFFNESS);
    }

    public static Quantity frequency(double hertz) {
        return new Quantity(hertz, Kind.FREQUENCY);
    }

    public static Quantity rotationSpeed(double radiansPerSecond) {
        return new Quantity(radiansPerSecond, Kind.ROTATION_SPEED);
    }

    public static Quantity speed(double metresPerSecond) {
        return new Quantity(metresPerSecond, Kind.SPEED);
    }

    public static Quantity roadSpeed(double metresPerSecond) {
        return new Quantity(metresPerSecond, Kind.ROAD_SPEED);
    }

    public static Quantity vibration(double metresPerSecond) {
        return new Quantity(metresPerSecond, Kind.VIBRATION);
    }

    public static Quantity time(double seconds) {
        return new Quantity(seconds, Kind.TIME);
    }

    /** Of running. */
    public static Quantity hours(double hours) {
        return new Quantity(hours * 3600, Kind.DURATION);
    }

    /** Of air or a coolant, K. */
    public static Quantity temperature(double kelvin) {
        return new Quantity(kelvin, Kind.TEMPERATURE);
    }

    public static Quantity area(double squareMetres) {
        return new Quantity(squareMetres, Kind.AREA);
    }

    public static Quantity volume(double cubicMetres) {
        return new Quantity(cubicMetres, Kind.VOLUME);
    }

    /** Of a liquid or of air. */
    public static Quantity pressure(double pascals) {
        return new Quantity(pascals, Kind.PRESSURE);
    }

    public static Quantity massFlow(double kilogramsPerSecond) {
        return new Quantity(kilogramsPerSecond, Kind.MASS_FLOW);
    }

    public static Quantity voltage(double volts) {
        return new Quantity(volts, Kind.VOLTAGE);
    }

    public static Quantity unbalance(double kilogramMetres) {
        return new Quantity(kilogramMetres, Kind.UNBALANCE);
    }

    public static Quantity acceleration(double metresPerSecondSquared) {
        return new Quantity(metresPerSecondSquared, Kind.ACCELERATION);
    }

    /** A share of one, shown as per cent. */
    public static Quantity share(double share) {
        return new Quantity(share, Kind.SHARE);
    }

    public static Quantity ratio(double ratio) {
        return new Quantity(ratio, Kind.RATIO);
    }

    public static Quantity count(double count) {
        return new Quantity(count, Kind.COUNT);
    }

    public static Quantity hardness(double irhd) {
        return new Quantity(irhd, Kind.HARDNESS);
    }
}
