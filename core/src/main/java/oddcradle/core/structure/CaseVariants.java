package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.Shock;
import oddcradle.core.math.Vec3;

/**
 * The load cases of a job as they may really come: from the left as from the right, pitching up as down, driving as driven, besides
 * standing still and full throttle, which no machine is spared.
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

    /** Standing first, then the job's own that are on with their variants, then full throttle if none of them drives. */
    public static List<LoadCase> of(Job job) {
        List<LoadCase> all = new ArrayList<>();
        all.add(LoadCase.of(STANDING, "standing", WEIGHT, 0));
        List<LoadCase> own = job.cases().stream().filter(load -> !load.off()).toList();
        own.forEach(load -> all.addAll(variants(load)));
        boolean drives = !job.line().stages().isEmpty()
                || job.line().end().filter(LineEnd.Propeller.class::isInstance).isPresent();
        if (drives && own.stream().noneMatch(LoadCase::runs)) {
            all.addAll(variants(LoadCase.of(FULL_THROTTLE, "full throttle", WEIGHT, 1)));
        }
        return List.copyOf(all);
    }

    /** A case and each of its ways turned round: alone and together. */
    private static List<LoadCase> variants(LoadCase load) {
        List<LoadCase> variants = new ArrayList<>(List.of(load));
        if (load.field().y() != 0 || load.turning().x() != 0 || load.turning().z() != 0) {
            turnRound(variants, CaseVariants::mirrored);
        }
        if (load.turning().y() != 0) {
            turnRound(variants, CaseVariants::pitchedBack);
        }
        if (load.drive() != 0) {
            turnRound(variants, load.shock() == Shock.NONE ? CaseVariants::overrun : CaseVariants::backward);
        }
        return variants;
    }

    private static void turnRound(List<LoadCase> variants, UnaryOperator<LoadCase> way) {
        variants.addAll(variants.stream().map(way).toList());
    }

    private static LoadCase mirrored(LoadCase load) {
        Vec3 turning = load.turning();
        return named(load, "mirrored", "other side")
                .withField(new Vec3(
                        load.field().x(), -load.field().y(), load.field().z()))
                .withTurning(new Vec3(-turning.x(), turning.y(), -turning.z()));
    }

    private static LoadCase pitchedBack(LoadCase load) {
        Vec3 turning = load.turning();
        return named(load, "pitched", "pitching back").withTurning(new Vec3(turning.x(), -turning.y(), turning.z()));
    }

    private static LoadCase overrun(LoadCase load) {
        return named(load, "overrun", "overrun").withDrive(-OVERRUN * load.drive());
    }

    private static LoadCase backward(LoadCase load) {
        return named(load, "backward", "springing back").withDrive(-load.drive());
    }

    private static LoadCase named(LoadCase load, String way, String words) {
        return load.withId(load.id() + OTHER_WAY + way).withLabel(load.label() + ", " + words);
    }

    /** Whether it is one of the job's own, or stands beside them. */
    public static boolean isTurnedRound(LoadCase load) {
        return load.id().contains(OTHER_WAY);
    }
}
