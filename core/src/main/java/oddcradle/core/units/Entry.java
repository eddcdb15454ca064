package oddcradle.core.units;

import static tech.units.indriya.AbstractUnit.ONE;
import static tech.units.indriya.unit.Units.AMPERE;
import static tech.units.indriya.unit.Units.GRAM;
import static tech.units.indriya.unit.Units.HERTZ;
import static tech.units.indriya.unit.Units.HOUR;
import static tech.units.indriya.unit.Units.KELVIN;
import static tech.units.indriya.unit.Units.KILOGRAM;
import static tech.units.indriya.unit.Units.METRE;
import static tech.units.indriya.unit.Units.NEWTON;
import static tech.units.indriya.unit.Units.PASCAL;
import static tech.units.indriya.unit.Units.RADIAN;
import static tech.units.indriya.unit.Units.SECOND;
import static tech.units.indriya.unit.Units.VOLT;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.measure.IncommensurableException;
import javax.measure.Unit;
import oddcradle.core.math.InvalidValue;

/**
 * Reads what somebody typed into a field: a plain number in the unit shown beside the field, or a number with a unit of
 * its own. Fractions and feet are understood: {@code 1-1/4}, {@code 1 1/4"}, {@code 139mm}, {@code .058},
 * {@code 7'2"}, {@code 25 ft.lbf}.
 */
public final class Entry {
    private static final Pattern FEET_AND_INCHES = Pattern.compile("([+-]?)\\s*(\\d+)\\s*'\\s*(?:(.+?)\\s*\"?)?");
    private static final Pattern NUMBER_AND_UNIT = Pattern.compile(
            "([+-]?)\\s*(?:(\\d+)[ -]+)?(\\d+)\\s*/\\s*(\\d+)\\s*(.*)|([+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d+)?)\\s*(.*)");
    private static final Pattern DECIMAL_COMMA = Pattern.compile(".*\\d,\\d.*");
    private static final int LONGEST = 40;
    private static final double STANDARD_GRAVITY = 9.80665;

    private static final Unit<?> INCH = METRE.multiply(0.0254);
    private static final Unit<?> POUND_FORCE = NEWTON.multiply(4.4482216152605);
    private static final Unit<?> FOOT = METRE.multiply(0.3048);
    private static final Map<String, Unit<?>> UNITS = units();

    private Entry() {}

    /**
     * @param text what was typed
     * @param kind what is wanted
     * @param style gives the unit of a number typed without one
     * @return the value in SI
     * @throws InvalidValue with an empty field name if the text is no number, or its unit measures something else
     */
    public static Quantity read(String text, Kind kind, UnitStyle style) {
        String typed = text == null ? "" : DecimalMark.used().read(text.strip());
        if (typed.isEmpty()) {
            throw wrong("is empty, type a number such as " + example(kind));
        }
        if (typed.length() > LONGEST) {
            throw wrong("has " + typed.length() + " characters, must be a number of at most " + LONGEST);
        }
        if (DECIMAL_COMMA.matcher(typed).matches()) {
            throw wrong("\"" + typed + "\" has a comma, write the decimal with a point");
        }
        Matcher feet = FEET_AND_INCHES.matcher(typed);
        if (kind == Kind.LENGTH && feet.matches()) {
            double inches = feet.group(3) == null ? 0 : number(feet.group(3) + "\"", kind, style);
            double metres = Double.parseDouble(feet.group(2)) * 0.3048 + inches;
            return new Quantity(feet.group(1).equals("-") ? -metres : metres, kind);
        }
        return new Quantity(number(typed, kind, style), kind);
    }

    private static double number(String typed, Kind kind, UnitStyle style) {
        Matcher match = NUMBER_AND_UNIT.matcher(typed);
        if (!match.matches()) {
            throw wrong("\"" + typed + "\" is no number, type one such as " + example(kind));
        }
        boolean fraction = match.group(4) != null;
        double value = fraction ? fractionOf(match, typed) : Double.parseDouble(match.group(6));
        String unit = (fraction ? match.group(5) : match.group(7)).strip();
        if (!Double.isFinite(value)) {
            throw wrong("\"" + typed + "\" is too large a number");
        }
        if (unit.isEmpty()) {
            // A bare fraction of a length is an inch fraction whatever the window shows: nobody types 3/8 mm.
            unit = fraction && kind == Kind.LENGTH ? "in" : style.typedUnit(kind);
        }
        return kind == Kind.TEMPERATURE ? kelvin(value, unit, typed) : value * toSi(unit, kind, typed);
    }

    /** Thermometers have zeros of their own. */
    private static double kelvin(double value, String unit, String typed) {
        return switch (unit.toLowerCase(Locale.ROOT).replace("°", "").strip()) {
            case "c" -> value + 273.15;
            case "f" -> (value + 459.67) / 1.8;
            case "k" -> value;
            default ->
                throw wrong("\"" + typed + "\" has the unknown unit \"" + unit + "\", use one such as "
                        + example(Kind.TEMPERATURE));
        };
    }

    private static double fractionOf(Matcher match, String typed) {
        double bottom = Double.parseDouble(match.group(4));
        if (bottom == 0) {
            throw wrong("\"" + typed + "\" divides by zero");
        }
        double whole = match.group(2) == null ? 0 : Double.parseDouble(match.group(2));
        double value = whole + Double.parseDouble(match.group(3)) / bottom;
        return match.group(1).equals("-") ? -value : value;
    }

    private static double toSi(String unitText, Kind kind, String typed) {
        if (unitText.isEmpty()) {
            return 1;
        }
        String name = unitText.toLowerCase(Locale.ROOT).replace("·", ".").replace(" ", "");
        if (kind == Kind.ACCELERATION && name.equals("g")) {
            return STANDARD_GRAVITY;
        }
        // Small m and large M differ: 5 MPa and 5 mPa must not be the same.
        Unit<?> unit = UNITS.get(name.equals("mpa") && unitText.startsWith("m") ? "" : name);
        if (unit == null) {
            throw wrong(
                    "\"" + typed + "\" has the unknown unit \"" + unitText + "\", use one such as " + example(kind));
        }
        try {
            return unit.getConverterToAny(siUnit(kind)).convert(1.0);
        } catch (IncommensurableException e) {
            throw wrong("\"" + typed + "\" is no "
                    + kind.name().toLowerCase(Locale.ROOT).replace('_', ' ') + ", type one such as " + example(kind));
        }
    }

    private static Unit<?> siUnit(Kind kind) {
        return switch (kind) {
            case LENGTH, FINE_LENGTH, DISTANCE -> METRE;
            case ANGLE -> RADIAN;
            case MASS -> KILOGRAM;
            case INERTIA -> KILOGRAM.multiply(METRE.pow(2));
            case FORCE -> NEWTON;
            case TORQUE, POWER ->
                kind == Kind.TORQUE
                        ? NEWTON.multiply(METRE)
                        : NEWTON.multiply(METRE).divide(SECOND);
            case STRESS -> PASCAL;
            case STIFFNESS -> NEWTON.divide(METRE);
            case FREQUENCY -> HERTZ;
            case ROTATION_SPEED -> RADIAN.divide(SECOND);
            case SPEED, ROAD_SPEED, VIBRATION -> METRE.divide(SECOND);
            case UNBALANCE -> KILOGRAM.multiply(METRE);
            case DENSITY -> KILOGRAM.divide(METRE.pow(3));
            case ENERGY -> NEWTON.multiply(METRE);
            case TEMPERATURE_RISE, TEMPERATURE -> KELVIN;
            case AREA -> METRE.pow(2);
            case VOLUME -> METRE.pow(3);
            case PRESSURE -> PASCAL;
            case MASS_FLOW -> KILOGRAM.divide(SECOND);
            case CURRENT -> AMPERE;
            case VOLTAGE -> VOLT;
            case ACCELERATION -> METRE.divide(SECOND.pow(2));
            case TIME, DURATION -> SECOND;
            case SHARE, RATIO, COUNT, HARDNESS -> ONE;
        };
    }

    private static Map<String, Unit<?>> units() {
        Map<String, Unit<?>> units = new HashMap<>();
        units.put("mm", METRE.divide(1000));
        units.put("cm", METRE.divide(100));
        units.put("m", METRE);
        units.put("in", INCH);
        units.put("inch", INCH);
        units.put("\"", INCH);
        units.put("ft", FOOT);
        units.put("'", FOOT);
        units.put("°", RADIAN.multiply(Math.PI / 180));
        units.put("deg", RADIAN.multiply(Math.PI / 180));
        units.put("rad", RADIAN);
        units.put("kg", KILOGRAM);
        units.put("g", GRAM);
        units.put("lb", KILOGRAM.multiply(0.45359237));
        units.put("kg.m²", KILOGRAM.multiply(METRE.pow(2)));
        units.put("n", NEWTON);
        units.put("kn", NEWTON.multiply(1000));
        units.put("lbf", POUND_FORCE);
        units.put("n.m", NEWTON.multiply(METRE));
        units.put("nm", NEWTON.multiply(METRE));
        units.put("ft.lbf", POUND_FORCE.multiply(FOOT));
        units.put("in.lbf", POUND_FORCE.multiply(INCH));
        units.put("pa", PASCAL);
        units.put("mpa", PASCAL.multiply(1e6));
        units.put("kpa", PASCAL.multiply(1e3));
        units.put("bar", PASCAL.multiply(1e5));
        units.put("psi", POUND_FORCE.divide(INCH.pow(2)));
        units.put("ksi", POUND_FORCE.multiply(1000).divide(INCH.pow(2)));
        units.put("n/mm", NEWTON.multiply(1000).divide(METRE));
        units.put("n/m", NEWTON.divide(METRE));
        units.put("lbf/in", POUND_FORCE.divide(INCH));
        units.put("hz", HERTZ);
        units.put("rpm", RADIAN.multiply(Math.PI / 30).divide(SECOND));
        units.put("m/s", METRE.divide(SECOND));
        units.put("m/s²", METRE.divide(SECOND.pow(2)));
        units.put("m/s2", METRE.divide(SECOND.pow(2)));
        units.put("ms", SECOND.divide(1000));
        units.put("mm/s", METRE.divide(1000).divide(SECOND));
        units.put("in/s", INCH.divide(SECOND));
        units.put("g.mm", GRAM.multiply(METRE).divide(1000));
        units.put("oz.in", KILOGRAM.multiply(0.45359237 / 16).multiply(INCH));
        units.put("g/cm³", GRAM.divide(METRE.divide(100).pow(3)));
        units.put("lb/in³", KILOGRAM.multiply(0.45359237).divide(INCH.pow(3)));
        units.put("kg/m³", KILOGRAM.divide(METRE.pow(3)));
        units.put("km/h", METRE.divide(3.6).divide(SECOND));
        units.put("mph", METRE.multiply(1609.344 / 3600).divide(SECOND));
        units.put("j", NEWTON.multiply(METRE));
        units.put("kj", NEWTON.multiply(METRE).multiply(1000));
        units.put("mm²", METRE.divide(1000).pow(2));
        units.put("mm2", METRE.divide(1000).pow(2));
        units.put("cm²", METRE.divide(100).pow(2));
        units.put("m²", METRE.pow(2));
        units.put("in²", INCH.pow(2));
        units.put("l", METRE.divide(10).pow(3));
        units.put("gal", INCH.pow(3).multiply(231));
        units.put("kg/h", KILOGRAM.divide(HOUR));
        units.put("lb/h", KILOGRAM.multiply(0.45359237).divide(HOUR));
        units.put("a", AMPERE);
        units.put("v", VOLT);
        units.put("min", SECOND.multiply(60));
        units.put("km", METRE.multiply(1000));
        units.put("k", KELVIN);
        units.put("°f", KELVIN.divide(1.8));
        units.put("kw", NEWTON.multiply(METRE).multiply(1000).divide(SECOND));
        units.put("hp", NEWTON.multiply(METRE).multiply(745.6998715822702).divide(SECOND));
        units.put("s", SECOND);
        units.put("h", HOUR);
        units.put("%", ONE.divide(100));
        units.put("shorea", ONE);
        return Map.copyOf(units);
    }

    private static String example(Kind kind) {
        return switch (kind) {
            case LENGTH -> "12.5 mm or 1-1/4 in";
            case FINE_LENGTH -> "0.25 mm or 0.010 in";
            case DISTANCE -> "1500 m or 5000 ft";
            case ANGLE -> "1.5 °";
            case MASS -> "47.5 kg or 105 lb";
            case INERTIA -> "1.2 kg·m²";
            case FORCE -> "120 N or 27 lbf";
            case TORQUE -> "34 N·m or 25 ft.lbf";
            case STRESS -> "240 MPa or 35 ksi";
            case STIFFNESS -> "46 N/mm";
            case FREQUENCY -> "22.5 Hz";
            case ROTATION_SPEED -> "1350 rpm";
            case SPEED -> "12 m/s";
            case ACCELERATION -> "9.81 m/s²";
            case POWER -> "33 kW";
            case TIME -> "1.65 s";
            case DURATION -> "120 h";
            case ROAD_SPEED -> "60 km/h";
            case VIBRATION -> "5 mm/s";
            case UNBALANCE -> "11500 g·mm";
            case DENSITY -> "7.85 g/cm³";
            case ENERGY -> "120 kJ";
            case TEMPERATURE_RISE -> "80 K";
            case TEMPERATURE -> "25 °C or 77 °F";
            case AREA -> "16 mm²";
            case VOLUME -> "12 l";
            case PRESSURE -> "25 kPa or 3.6 psi";
            case MASS_FLOW -> "6 kg/h";
            case CURRENT -> "120 A";
            case VOLTAGE -> "0.3 V";
            case SHARE -> "30 %";
            case RATIO, COUNT -> "14";
            case HARDNESS -> "50";
        };
    }

    private static InvalidValue wrong(String problem) {
        return new InvalidValue("entry", problem);
    }
}
