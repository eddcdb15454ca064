package oddcradle.core.search;

import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.Roots;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.vibration.Mount;

/** What may be otherwise than the job has it, when a machine shakes otherwise than predicted. */
public enum Suspect {
    STIFFNESS("stiffness of the mounts"),
    LOSS("loss of the mounts' rubber"),
    INERTIA("inertia of the donor"),
    MASS("mass of the donor");

    private final String words;

    Suspect(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The mounts with so many times as much of it. */
    List<Mount> mounts(ShakeMaps.Setting setting, double factor) {
        return setting.mounts().stream()
                .map(mount -> new Mount(
                        mount.name(),
                        mount.position(),
                        mount.axes(),
                        mount.stiffness().times(this == STIFFNESS ? factor : 1),
                        mount.loss() * (this == LOSS ? factor : 1)))
                .toList();
    }

    /** The donor with so many times as much of it. */
    MassProperties body(ShakeMaps.Setting setting, double factor) {
        MassProperties body = setting.body();
        return new MassProperties(
                body.mass() * (this == MASS ? factor : 1),
                body.cg(),
                body.inertia().times(this == MASS || this == INERTIA ? factor : 1));
    }

    /** The job with so many times as much of it; rubber takes another hardness, as far as rubber goes. */
    public Job times(Job job, double factor) {
        MassProperties body = job.donor().mass();
        return switch (this) {
            case STIFFNESS ->
                job.withCradle(job.cradle()
                        .withIsolators(job.cradle().isolators().stream()
                                .map(each -> stiffer(each, factor))
                                .toList()));
            case LOSS ->
                job.withCradle(job.cradle()
                        .withIsolators(job.cradle().isolators().stream()
                                .map(each -> each.withLoss(Math.min(1, each.loss() * factor)))
                                .toList()));
            case INERTIA ->
                job.withDonor(job.donor()
                        .withMass(new MassProperties(
                                body.mass(), body.cg(), body.inertia().times(factor))));
            case MASS ->
                job.withDonor(job.donor()
                        .withMass(new MassProperties(
                                body.mass() * factor, body.cg(), body.inertia().times(factor))));
        };
    }

    private static Isolator stiffer(Isolator isolator, double factor) {
        if (isolator.element().shore().isEmpty()) {
            return isolator;
        }
        Elastomer rubber = isolator.element().madeOf().orElseThrow();
        double softest = rubber.softest();
        double hardest = rubber.hardest();
        double wanted = shaking(isolator, isolator.element().shore().get()) * factor;
        double low = shaking(isolator, softest);
        double high = shaking(isolator, hardest);
        double shore = wanted <= low
                ? softest
                : wanted >= high
                        ? hardest
                        : Roots.between(softest, hardest, hardness -> shaking(isolator, hardness) - wanted);
        return isolator.withHardness(shore);
    }

    /** Stiffest direction while it shakes, N/m. */
    private static double shaking(Isolator isolator, double hardness) {
        var element = isolator.element().withHardness(hardness);
        var k = element.stiffness();
        return Math.max(k.x(), Math.max(k.y(), k.z())) * element.dynamicRatio();
    }
}
