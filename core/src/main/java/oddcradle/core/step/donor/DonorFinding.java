package oddcradle.core.step.donor;

import oddcradle.core.finding.FindingCode;

/** What the program may find of the donor. */
public enum DonorFinding implements FindingCode {
    BEHIND,
    CG_OPEN,
    FAULT,
    GYRATION,
    HOLE,
    MASS,
    OUTPUT,
    UNIT_LINE,
    UNIT_MASS,
    UNLOOKED,
    WEIGHED,
    WEIGHED_CG,
    WEIGHING;

    @Override
    public String area() {
        return "donor";
    }
}
