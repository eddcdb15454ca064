package oddcradle.core.job.tube;

import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** What decides where a node is: a cradle follows the seat because its nodes hang on bosses and tubes. */
public sealed interface Anchor {
    /** A point in host axes, m. */
    record At(Vec3 point) implements Anchor {
        public At {
            Sizes.requirePlace("point", point);
        }
    }

    /** A fixed way from a seated boss, host axes, m. */
    record FromBoss(String boss, Vec3 offset) implements Anchor {
        public FromBoss {
            Guard.named("boss", boss);
            Sizes.requirePlace("offset", offset);
        }
    }

    /**
     * On a host member's centre line, at the point closest to another node shifted by an offset: a tube end that lands
     * on that member.
     */
    record OnMember(String member, String near, Vec3 offset) implements Anchor {
        public OnMember {
            Guard.named("member", member);
            Guard.named("near", near);
            Sizes.requirePlace("offset", offset);
        }
    }
}
