package oddcradle.core.step.host;

import oddcradle.core.finding.FindingCode;

/** What the program may find of the host. */
public enum HostFinding implements FindingCode {
    LOOSE_NODE,
    NODES,
    SQUARE,
    TWIST,
    WALL;

    @Override
    public String area() {
        return "host";
    }
}
