package oddcradle.core.job.host;

import oddcradle.core.frame.Fixity;
import oddcradle.core.math.Guard;

/** A host node that stands on the ground, on a wheel or on a spring taken as stiff. */
public record Support(String node, Fixity fix) {
    public Support {
        Guard.named("node", node);
        Guard.present("fix", fix);
    }
}
