package oddcradle.core.step.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import oddcradle.core.asbuilt.BodyOnHoles;
import oddcradle.core.asbuilt.Hole;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.SurveyResult;

/**
 * All mounts as they were found, and the engine on them.
 *
 * <p>Measured bare, each hole is where the survey has it, and the engine will come to lie where mounts and frame are bent least. Measured with the engine on them, the bosses
 * are where it lies already; what bends the mounts is then not known from places alone.
 *
 * @param mounts in the order of the job
 * @param loaded whether the engine stood on them
 * @param sits how it lies bolted down; empty where its mounts let it turn
 * @param byHand the same before any bolt is tight: what is left across a bolt keeps it from going in
 * @param body with which other shims can be tried; empty as {@code sits}
 */
public record MountsFound(
        List<MountFound> mounts,
        boolean loaded,
        Optional<Seated> sits,
        Optional<Seated> byHand,
        Optional<BodyOnHoles> body) {
    /** Bosses that were measured where they lie count alike, m/N. */
    private static final double ALIKE = 1;

    public MountsFound {
        mounts = List.copyOf(mounts);
    }

    /**
     * Everything that decides it.
     *
     * @param survey of the finished mount
     * @param give what the frame gives at the mounts, three probes each along the host's axes; empty where it does not stand alone
     * @param guides places of the engine that line up with what it drives
     * @param standing movement of the engine from where it is drawn as it stands on its mounts
     */
    public record Input(
            Job job,
            Map<String, Vec3> bosses,
            List<MountDesign> designs,
            SurveyResult survey,
            Optional<FrameFlexibility> give,
            List<BodyOnHoles.Guide> guides,
            Optional<SmallMotion> standing) {}

    public static MountsFound of(Input input) {
        Job job = input.job();
        boolean loaded = job.asBuilt().now().map(Measuring::loaded).orElse(false);
        Map<String, MountDesign> designs = input.designs().stream()
                .collect(Collectors.toMap(each -> each.isolator().id(), each -> each));
        List<MountFound> mounts = new ArrayList<>();
        for (Isolator isolator : job.cradle().isolators()) {
            mounts.add(found(input, isolator, Optional.ofNullable(designs.get(isolator.id())), loaded));
        }
        List<Hole> holes = mounts.stream().map(MountFound::hole).toList();
        Optional<BodyOnHoles> body = Optional.empty();
        Optional<Seated> byHand = Optional.empty();
        if (mounts.stream().anyMatch(MountFound::measured)) {
            try {
                body = Optional.of(BodyOnHoles.of(
                        holes.stream().map(Hole::place).toList(),
                        give(input, mounts, loaded),
                        loaded ? List.of() : input.guides()));
                byHand = Optional.of(BodyOnHoles.byHand(holes).on(holes));
            } catch (InvalidValue turns) {
                // Fewer than three mounts, or all in a line: Cradle says so, and nothing can be told here.
                body = Optional.empty();
            }
        }
        return new MountsFound(mounts, loaded, body.map(each -> each.on(withPlay(holes, loaded))), byHand, body);
    }

    private static List<Hole> withPlay(List<Hole> holes, boolean loaded) {
        return loaded ? holes.stream().map(hole -> hole.withPlay(0)).toList() : holes;
    }

    private static MountFound found(Input input, Isolator isolator, Optional<MountDesign> design, boolean loaded) {
        Job job = input.job();
        Boss boss = job.donor().boss(isolator.boss()).orElseThrow();
        Vec3 place = input.bosses().get(boss.id());
        Vec3 up = design.map(each -> each.axis().negated()).orElseGet(() -> upwards(isolator.axis()));
        double fitted = job.asBuilt().fitted(isolator.id()).thickness();
        Optional<AdjustedPoint> point = input.survey().point(isolator.id()).filter(AdjustedPoint::known);
        Vec3 drawn = loaded
                ? place.plus(input.standing().map(each -> each.at(place)).orElse(Vec3.ZERO))
                : place.along(up, -fitted);
        Vec3 off =
                point.map(each -> each.position().minus(drawn)).orElseGet(() -> loaded ? Vec3.ZERO : up.times(fitted));
        double play = BoltPlay.of(job.plan().errors(), boss);
        // A boss that was measured where it lies has its slot behind it.
        Vec3 inSlot =
                loaded ? Vec3.ZERO : BoltPlay.inSlot(BoltPlay.hole(job.plan().errors(), boss), up, off);
        return new MountFound(
                isolator,
                new Hole(isolator.id(), place, up, off.plus(inSlot), play),
                fitted,
                point.isPresent(),
                inSlot,
                point.map(AdjustedPoint::covariance).orElse(Mat3.ZERO));
    }

    /** A shim lifts rather than lowers, and pushes forward rather than back. */
    private static Vec3 upwards(Vec3 axis) {
        Vec3 way = axis.unit();
        double most = Math.abs(way.z()) > 1e-6 ? way.z() : Math.abs(way.x()) > 1e-6 ? way.x() : way.y();
        return most < 0 ? way.negated() : way;
    }

    private static double[][] give(Input input, List<MountFound> mounts, boolean loaded) {
        double[][] give = new double[3 * mounts.size()][3 * mounts.size()];
        if (input.give().isPresent() && !loaded) {
            for (int i = 0; i < give.length; i++) {
                for (int j = 0; j < give.length; j++) {
                    give[i][j] = input.give().get().at(i, j);
                }
            }
        }
        for (int k = 0; k < mounts.size(); k++) {
            Vec3 stiffness = mounts.get(k).mount().element().stiffness();
            BodyOnHoles.addGive(
                    give,
                    k,
                    mounts.get(k).mount().axis().unit(),
                    loaded ? ALIKE : 1 / stiffness.x(),
                    loaded ? ALIKE : 1 / stiffness.y());
        }
        return give;
    }

    /** Where the engine lies, from where it is drawn; nothing where that is not known. */
    public SmallMotion motion() {
        return sits.map(Seated::motion).orElse(SmallMotion.NONE);
    }

    public boolean isMeasured() {
        return mounts.stream().anyMatch(MountFound::measured);
    }
}
