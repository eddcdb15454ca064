package oddcradle.core.step.run;

import oddcradle.core.finding.FindingCode;

/** What there is to say of running. */
public enum RunFinding implements FindingCode {
    FIRST_START,
    DUE,
    CONTROL,
    CONTROL_TRAVEL,
    CONTROL_FORCE,
    CONTROL_RETURN,
    CONTROL_SELF,
    CABLE_BEND,
    CABLE_LENGTH,
    CABLE_ROOM,
    ROD_LENGTH,
    EXHAUST,
    CARBURETTOR,
    FUEL,
    CIRCUIT,
    WIRE,
    GUARD,
    SHOCK,
    SPLINE,
    DRY_BOX,
    OIL_DRAIN,
    VIBRATION,
    WEAR,
    BUDGET;

    @Override
    public String area() {
        return "run";
    }
}
