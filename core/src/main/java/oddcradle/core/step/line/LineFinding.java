package oddcradle.core.step.line;

import oddcradle.core.finding.FindingCode;

/** What may be found of the line. */
public enum LineFinding implements FindingCode {
    ANGLE,
    BEARING_LIFE,
    BELT,
    BELT_WRAP,
    BRAKES,
    COLLAR,
    COUPLING_ANGLE,
    CRITICAL,
    DATUM,
    DATUM_CONTRADICTS,
    DATUM_FREE,
    DATUM_LOOSE,
    ENGAGE,
    GENERATOR_SPEED,
    GRIP,
    JOINT_ANGLE,
    JOINT_SWING,
    KNOCKED_ASIDE,
    LINKS,
    MACH,
    NO_BELT,
    NO_CHAIN,
    NO_SHAFT,
    MOVED_ANGLE,
    MOVED_ASIDE,
    OFFSET,
    OVERHUNG,
    PITCH,
    PIVOT,
    PROPELLER_FLAT,
    PROPELLER_GROUND,
    PROPELLER_LET_DOWN,
    PROPELLER_MOVES,
    PROPELLER_STRUCTURE,
    PULL,
    RADIAL,
    SHAFT_HELD,
    SHAFT_SLOPE,
    SHAFT_STRESS,
    SLOP,
    SOFT,
    SPLINE,
    SQUAT,
    SWING,
    TALLER,
    THRUST,
    THRUST_POINT,
    THRUST_SWINGS,
    TORSION,
    TRAVEL,
    WRAP;

    @Override
    public String area() {
        return "line";
    }
}
