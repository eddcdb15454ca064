package oddcradle.core.step.seat;

import oddcradle.core.finding.FindingCode;

/** What may be found of the seat. */
public enum SeatFinding implements FindingCode {
    NEIGHBOUR,
    GAP,
    NO_PAIRS,
    SERVICE;

    @Override
    public String area() {
        return "seat";
    }
}
