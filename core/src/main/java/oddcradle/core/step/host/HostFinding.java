package oddcradle.core.step.host;

import oddcradle.core.finding.FindingCode;

/** What the program may find of the host. */
public enum HostFinding implements FindingCode {
    DENT,
    LOOSE_NODE,
    MASSES,
    NODES,
    SQUARE,
    TWIST,
    UNWEIGHED,
    WALL;

    @Override
    public String area() {
        return "host";
    }
}
