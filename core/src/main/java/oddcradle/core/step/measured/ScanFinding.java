package oddcradle.core.step.measured;

import oddcradle.core.finding.FindingCode;

/** What may be found of a scan. */
public enum ScanFinding implements FindingCode {
    FIT,
    LOOSE,
    UNREAD;

    @Override
    public String area() {
        return "scan";
    }
}
