package oddcradle.core.job.host;

import java.util.Optional;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.math.Guard;

/**
 * A host node that stands on the ground, on a wheel or on a spring taken as stiff.
 *
 * @param fix what it holds where there is no foot
 * @param foot that it stands on; the ground itself where left out
 */
public record Support(String node, Fixity fix, Optional<Foot> foot) {
    public Support {
        Guard.named("node", node);
        Guard.present("fix", fix);
        foot = foot == null ? Optional.empty() : foot;
    }

    /** On the ground itself. */
    public Support(String node, Fixity fix) {
        this(node, fix, Optional.empty());
    }

    public Support withFoot(Optional<Foot> other) {
        return new Support(node, fix, other);
    }

    /** Its foot in another hardness; itself where there is none. */
    public Support withHardness(double shore) {
        return withFoot(foot.map(each -> new Foot(each.element().withHardness(shore), each.loss())));
    }
}
