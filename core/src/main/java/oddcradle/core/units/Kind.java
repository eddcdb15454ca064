package oddcradle.core.units;

/** What sort of quantity a number is; the number itself is always in the coherent SI unit named here. */
public enum Kind {
    LENGTH("m"),
    /** What a dial or a feeler tells. */
    FINE_LENGTH("m"),
    /** Of roads and mountains. */
    DISTANCE("m"),
    ANGLE("rad"),
    MASS("kg"),
    INERTIA("kg m2"),
    FORCE("N"),
    TORQUE("N m"),
    STRESS("Pa"),
    STIFFNESS("N/m"),
    FREQUENCY("Hz"),
    ROTATION_SPEED("rad/s"),
    SPEED("m/s"),
    /** Of a vehicle, shown as road signs show it. */
    ROAD_SPEED("m/s"),
    /** Of what shakes, root mean square. */
    VIBRATION("m/s"),
    /** Mass times radius of what turns. */
    UNBALANCE("kg m"),
    DENSITY("kg/m3"),
    ENERGY("J"),
    TEMPERATURE_RISE("K"),
    /** Of air or a coolant, shown from the zero that a thermometer has. */
    TEMPERATURE("K"),
    AREA("m2"),
    VOLUME("m3"),
    /** Of a liquid or of air; of metal see {@link #STRESS}. */
    PRESSURE("Pa"),
    /** Of fuel. */
    MASS_FLOW("kg/s"),
    CURRENT("A"),
    VOLTAGE("V"),
    ACCELERATION("m/s2"),
    POWER("W"),
    TIME("s"),
    /** Of running, told in hours. */
    DURATION("s"),
    /** A share of one, shown as per cent. */
    SHARE("1"),
    RATIO("1"),
    COUNT("1"),
    /** Rubber hardness, IRHD, near enough Shore A. */
    HARDNESS("IRHD");

    private final String siUnit;

    Kind(String siUnit) {
        this.siUnit = siUnit;
    }

    public String siUnit() {
        return siUnit;
    }
}
