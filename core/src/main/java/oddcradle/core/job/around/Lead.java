package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A wire that matters.
 *
 * @param fromOn what it is fixed to at one end
 * @param from that end, in the axes of that, m
 * @param toOn what it is fixed to at the other end
 * @param to m
 * @param length m
 * @param area of its copper, m2
 * @param current the most it carries, A
 * @param fuse where it leaves the battery, A; 0, and so if left out, for none
 */
@RecordBuilder
public record Lead(
        String id,
        String label,
        Use use,
        Holder fromOn,
        Vec3 from,
        Holder toOn,
        Vec3 to,
        double length,
        double area,
        double current,
        Double fuse)
        implements LeadBuilder.With {
    /** What it is for. */
    public enum Use {
        STARTER("starter"),
        EARTH("earth strap"),
        CHARGE("charging"),
        PLUG("plug lead"),
        SIGNAL("harness");

        private final String word;

        Use(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Lead {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("use", use);
        Guard.present("fromOn", fromOn);
        Guard.present("from", from);
        Guard.present("toOn", toOn);
        Guard.present("to", to);
        Guard.within("length", length, 0.01, 20, "m");
        Guard.within("area", area, 1e-8, 1e-3, "m2");
        Guard.within("current", current, 0, 2000, "A");
        fuse = fuse == null ? 0.0 : Guard.within("fuse", fuse, 0, 2000, "A");
    }
}
