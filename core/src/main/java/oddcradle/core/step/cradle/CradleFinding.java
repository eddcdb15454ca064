package oddcradle.core.step.cradle;

import oddcradle.core.finding.FindingCode;

/** What may be found of the cradle. */
public enum CradleFinding implements FindingCode {
    ADAPTER,
    ADAPTER_SHAFT,
    ADAPTER_TORQUE,
    ALLOY,
    BEND_DIE,
    BEND_ROOM,
    BEND_STRAIGHT,
    BEND_TIGHT,
    BOLT,
    BOLT_LENGTH,
    BOTTOMS,
    BRACKET,
    WASHER_OVERLAP,
    CLAMP_PAD,
    CLUTCH,
    COLLAR,
    CRUSH,
    DEPTH_LEFT,
    DOUBLED,
    EDGE,
    ENGAGEMENT,
    FLOATING,
    FLOPPY,
    FOLDED,
    FREE_BOSS,
    GUSSET,
    HANGER,
    HUB,
    LANDED,
    LANDING_PAD,
    KINK,
    LOOSE_END,
    MIXED_THREADS,
    NO_ISOLATOR,
    NOTCH,
    ON_BEND,
    REFIT,
    SHANK,
    SHORTED,
    SLEEVE,
    SLIDE,
    SLIP,
    COMPRESSION,
    STACK,
    STOCK,
    TAB,
    THIN_TAB,
    THROUGH,
    UNLINED;

    @Override
    public String area() {
        return "cradle";
    }
}
