package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;

/**
 * The load cases of a job as they may really come: from the left as from the right, driving as driven, besides standing still and
 * full throttle, which no machine is spared.
 */
public final class CaseVariants {
    /** Id of the machine at rest. */
    public static final String STANDING = "standing";

    private static final String FULL_THROTTLE = "full-throttle";
    /** What wheels and load turn the engine with, of what it gives; common practice. */
    private static final double OVERRUN = 0.5;

    private static final Vec3 WEIGHT = new Vec3(0, 0, -1);
    /** No id of a job's own case holds this. */
    private static final String OTHER_WAY = "~";

    private CaseVariants() {}

    /** Standing first, then the job's own with their variants, then full throttle if none of them drives. */
    public static List<LoadCase> of(Job job) {
        List<LoadCase> all = new ArrayList<>();
        all.add(new LoadCase(STANDING, "standing", WEIGHT, 0));
        for (LoadCase load : job.cases()) {
            with(all, load);
        }
        boolean drives = !job.line().stages().isEmpty()
                || job.line().end().filter(LineEnd.Propeller.class::isInstance).isPresent();
        if (drives && job.cases().stream().noneMatch(load -> load.drive() != 0)) {
            with(all, new LoadCase(FULL_THROTTLE, "full throttle", WEIGHT, 1));
        }
        return List.copyOf(all);
    }

    private static void with(List<LoadCase> all, LoadCase load) {
        all.add(load);
        Vec3 field = load.field();
        if (field.y() != 0) {
            all.add(new LoadCase(
                    load.id() + OTHER_WAY + "mirrored",
                    load.label() + ", other side",
                    new Vec3(field.x(), -field.y(), field.z()),
                    load.drive()));
        }
        if (load.drive() != 0) {
            all.add(new LoadCase(
                    load.id() + OTHER_WAY + "overrun", load.label() + ", overrun", field, -OVERRUN * load.drive()));
        }
    }

    /** Whether it is one of the job's own, or stands beside them. */
    public static boolean isTurnedRound(LoadCase load) {
        return load.id().contains(OTHER_WAY);
    }
}
