package oddcradle.core.units;

import java.util.Locale;
import java.util.regex.Pattern;

/** How quantities are shown to people; one choice for the whole window and packet. Values stay SI underneath. */
public enum UnitStyle {
    MILLIMETRES("mm", 0),
    DECIMAL_INCHES("in .000", 0),
    FRACTIONAL_INCHES("in 1/16", 16),
    INCHES_BY_32("1/32", 32),
    INCHES_BY_64("1/64", 64);

    private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");
    private static final double METRES_PER_INCH = 0.0254;
    private static final double NEWTONS_PER_POUND = 4.4482216152605;
    private static final double KILOGRAMS_PER_POUND = 0.45359237;

    /** Of the United States. */
    private static final double CUBIC_METRES_PER_GALLON = 0.003785411784;

    private final String label;
    /** Parts of an inch that lengths are shown in; 0 for decimals. */
    private final int fractionSteps;

    UnitStyle(String label, int fractionSteps) {
        this.label = label;
        this.fractionSteps = fractionSteps;
    }

    /** The word on the unit switch. */
    public String label() {
        return label;
    }

    /** Number and unit, for example {@code 4.6 mm}, {@code 3/16 in}, {@code 12.3 kN}. */
    public String show(Quantity quantity) {
        String unit = unit(quantity);
        String number = number(quantity);
        return unit.isEmpty() ? number : number + " " + unit;
    }

    /** The number alone, rounded as a workshop reads it. */
    public String number(Quantity quantity) {
        double si = quantity.si();
        if (Double.isInfinite(si)) {
            return si > 0 ? "unlimited" : "-unlimited";
        }
        if (fractionSteps > 0 && quantity.kind() == Kind.LENGTH) {
            return fraction(si / METRES_PER_INCH);
        }
        double shown = inUnits(quantity);
        return fixed(shown, decimals(quantity, Math.abs(shown)));
    }

    /** The number as a field shows it, in the unit that is typed: lengths and ratios keep the digits that were typed. */
    public String entry(Quantity quantity) {
        boolean keeps = quantity.kind() == Kind.LENGTH && fractionSteps == 0 || quantity.kind() == Kind.RATIO;
        if (!Double.isFinite(quantity.si())) {
            return number(quantity);
        }
        // A large force is told in kN, but typed in N like a small one.
        return keeps
                ? digits(quantity)
                : quantity.kind() == Kind.FORCE ? fixed(quantity.si() * perTyped(Kind.FORCE), 0) : number(quantity);
    }

    /** The unit of a number typed without one, as it stands beside a field. */
    public String typedUnit(Kind kind) {
        return unit(new Quantity(0, kind));
    }

    private double perTyped(Kind kind) {
        return perSi(new Quantity(0, kind));
    }

    /** The number with all its digits and no unit, as one types it ({@link #typedUnit}); an inch fraction is written as a decimal. */
    public String digits(Quantity quantity) {
        double shown = quantity.si() * perTyped(quantity.kind()) + zero(quantity.kind());
        String text = String.format(Locale.ROOT, "%." + (this == MILLIMETRES ? 3 : 5) + "f", shown);
        return DecimalMark.used().shown(text.replaceAll("\\.?0+$", "").replaceAll("^-0$", "0"));
    }

    /** The unit alone; empty for plain numbers. */
    public String unit(Quantity quantity) {
        boolean metric = this == MILLIMETRES;
        return switch (quantity.kind()) {
            case LENGTH, FINE_LENGTH -> metric ? "mm" : "in";
            case DISTANCE -> metric ? "m" : "ft";
            case ANGLE -> "°";
            case MASS -> metric ? "kg" : "lb";
            case INERTIA -> "kg·m²";
            case FORCE -> metric ? (Math.abs(quantity.si()) >= 1000 ? "kN" : "N") : "lbf";
            case TORQUE -> metric ? "N·m" : "ft·lbf";
            case STRESS -> metric ? "MPa" : "ksi";
            case STIFFNESS -> metric ? "N/mm" : "lbf/in";
            case FREQUENCY -> "Hz";
            case ROTATION_SPEED -> "rpm";
            case SPEED -> "m/s";
            case ROAD_SPEED -> metric ? "km/h" : "mph";
            case VIBRATION -> metric ? "mm/s" : "in/s";
            case UNBALANCE -> metric ? "g·mm" : "oz·in";
            case DENSITY -> metric ? "g/cm³" : "lb/in³";
            case ENERGY -> "kJ";
            case TEMPERATURE_RISE -> metric ? "K" : "°F";
            case TEMPERATURE -> metric ? "°C" : "°F";
            case AREA -> metric ? "mm²" : "in²";
            case VOLUME -> metric ? "l" : "gal";
            case PRESSURE -> metric ? "kPa" : "psi";
            case MASS_FLOW -> metric ? "kg/h" : "lb/h";
            case CURRENT -> "A";
            case VOLTAGE -> "V";
            case ACCELERATION -> "g";
            case TIME -> "s";
            case DURATION -> "h";
            case POWER -> metric ? "kW" : "hp";
            case SHARE -> "%";
            case HARDNESS -> "Shore A";
            case RATIO, COUNT -> "";
        };
    }

    /** A name whose numbers are millimetres, such as {@code tube 31.8 x 2.4}, in this style. */
    public String name(String inMillimetres) {
        return this == MILLIMETRES
                ? inMillimetres
                : NUMBER.matcher(inMillimetres).replaceAll(each -> inches(Double.parseDouble(each.group()))) + " in";
    }

    private static String inches(double millimetres) {
        return String.format(Locale.ROOT, "%.3f", millimetres / 1000 / METRES_PER_INCH)
                .replaceAll("\\.?0+$", "");
    }

    /** The bare value in the unit that {@link #unit} names. */
    public double inUnits(Quantity quantity) {
        return quantity.si() * perSi(quantity) + zero(quantity.kind());
    }

    /** What a thermometer shows at absolute zero; nothing else has a zero of its own. */
    private double zero(Kind kind) {
        return kind == Kind.TEMPERATURE ? (this == MILLIMETRES ? -273.15 : -459.67) : 0;
    }

    private double perSi(Quantity quantity) {
        boolean metric = this == MILLIMETRES;
        return switch (quantity.kind()) {
            case LENGTH, FINE_LENGTH -> metric ? 1e3 : 1 / METRES_PER_INCH;
            case DISTANCE -> metric ? 1 : 1 / (12 * METRES_PER_INCH);
            case ANGLE -> 180 / Math.PI;
            case MASS -> metric ? 1 : 1 / KILOGRAMS_PER_POUND;
            case FORCE -> metric ? (Math.abs(quantity.si()) >= 1000 ? 1e-3 : 1) : 1 / NEWTONS_PER_POUND;
            case TORQUE -> metric ? 1 : 1 / (NEWTONS_PER_POUND * 12 * METRES_PER_INCH);
            case STRESS -> metric ? 1e-6 : METRES_PER_INCH * METRES_PER_INCH / NEWTONS_PER_POUND / 1e3;
            case STIFFNESS -> metric ? 1e-3 : METRES_PER_INCH / NEWTONS_PER_POUND;
            case ROTATION_SPEED -> 30 / Math.PI;
            case ACCELERATION -> 1 / 9.80665;
            case POWER -> metric ? 1e-3 : 1 / 745.6998715822702;
            case SHARE -> 100;
            case ROAD_SPEED -> metric ? 3.6 : 3600 / 1609.344;
            case VIBRATION -> metric ? 1e3 : 1 / METRES_PER_INCH;
            case UNBALANCE -> metric ? 1e6 : 16 / (KILOGRAMS_PER_POUND * METRES_PER_INCH);
            case DENSITY -> metric ? 1e-3 : METRES_PER_INCH * METRES_PER_INCH * METRES_PER_INCH / KILOGRAMS_PER_POUND;
            case ENERGY -> 1e-3;
            case DURATION -> 1.0 / 3600;
            case TEMPERATURE_RISE, TEMPERATURE -> metric ? 1 : 1.8;
            case AREA -> metric ? 1e6 : 1 / (METRES_PER_INCH * METRES_PER_INCH);
            case VOLUME -> metric ? 1e3 : 1 / CUBIC_METRES_PER_GALLON;
            case PRESSURE -> metric ? 1e-3 : METRES_PER_INCH * METRES_PER_INCH / NEWTONS_PER_POUND;
            case MASS_FLOW -> metric ? 3600 : 3600 / KILOGRAMS_PER_POUND;
            case CURRENT, VOLTAGE, INERTIA, FREQUENCY, SPEED, TIME, RATIO, COUNT, HARDNESS -> 1;
        };
    }

    private int decimals(Quantity quantity, double shown) {
        boolean metric = this == MILLIMETRES;
        return switch (quantity.kind()) {
            case LENGTH -> metric ? 1 : 3;
            case FINE_LENGTH -> metric ? 2 : 4;
            case VIBRATION -> metric ? 1 : 2;
            case UNBALANCE -> metric ? 0 : 3;
            case DENSITY -> metric ? 2 : 3;
            case ANGLE, RATIO, SPEED, ACCELERATION, TIME -> 2;
            case MASS -> shown >= 1000 ? 0 : shown < 2 ? 3 : 1;
            case SHARE, FREQUENCY, TORQUE, POWER, ROAD_SPEED, ENERGY -> shown >= 1000 ? 0 : 1;
            case FORCE -> metric && Math.abs(quantity.si()) >= 1000 ? 2 : 0;
            case STRESS -> metric ? 0 : 1;
            case TEMPERATURE_RISE, TEMPERATURE -> 0;
            case AREA -> metric ? (shown < 100 ? 1 : 0) : 3;
            case VOLUME, PRESSURE, MASS_FLOW -> shown < 10 ? 2 : 1;
            case CURRENT -> shown < 10 ? 1 : 0;
            case VOLTAGE -> 2;
            case DURATION -> shown < 10 ? 1 : 0;
            case STIFFNESS -> shown >= 100 ? 0 : 1;
            case INERTIA -> 3;
            case COUNT -> shown == Math.rint(shown) ? 0 : 2;
            case ROTATION_SPEED, HARDNESS, DISTANCE -> 0;
        };
    }

    private static String fixed(double value, int decimals) {
        String text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        return DecimalMark.used().shown(text.matches("-0(\\.0*)?") ? text.substring(1) : text);
    }

    /** Nearest step, reduced: {@code 1-1/4}, {@code 3/16}, {@code 0}. */
    private String fraction(double inches) {
        long steps = Math.round(Math.abs(inches) * fractionSteps);
        if (steps == 0) {
            return "0";
        }
        long whole = steps / fractionSteps;
        long top = steps % fractionSteps;
        long bottom = fractionSteps;
        while (top != 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        String part = top == 0 ? "" : top + "/" + bottom;
        String joined = whole == 0 ? part : part.isEmpty() ? "" + whole : whole + "-" + part;
        return (inches < 0 ? "-" : "") + joined;
    }
}
