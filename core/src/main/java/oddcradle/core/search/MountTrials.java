package oddcradle.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.structure.ShakenFrame;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;

/**
 * The mounts of the job tried otherwise on the same frame under the same engine: with all that is never quite as listed (hardness as delivered, frost, mass and centre
 * of gravity as weighed), and leaned toward the middle of the donor.
 */
public final class MountTrials {
    /** As rubber is delivered, Shore A either way; common practice. */
    private static final double OFF = 5;
    /** As an engine is weighed on bathroom scales; common practice. */
    private static final double WEIGHED = 0.05;
    /** As its centre of gravity is found by hanging it, m; common practice. */
    private static final double CENTRED = 0.01;

    private static final int SPEEDS = 24;
    private static final int STEEPEST = 45;
    private static final int STEP = 15;
    private static final double UPRIGHT = 0.1;

    private MountTrials() {}

    /**
     * One trial.
     *
     * @param idle greatest force to and fro at a mount at idle without load, N
     * @param cruise greatest velocity of a person at cruise, m/s root mean square; where none is watched the greatest force at a mount, N
     * @param motion greatest motion of the output shaft from idle up at full throttle, m
     * @param taking what makes the job so; empty where nobody would wish it
     */
    public record Trial(Phrase words, double idle, double cruise, double motion, Optional<JobEdit> taking) {}

    /**
     * @param person whether {@code cruise} is of a person, or of a mount
     * @param trials as listed first
     */
    public record Result(boolean person, List<Trial> trials) {
        public Result {
            trials = List.copyOf(trials);
        }
    }

    /** As listed, then each thing that may be otherwise; empty where nothing is mounted on a frame that stands alone. */
    public static Optional<Result> robust(Examination examination, Progress progress) {
        return Judge.of(examination).map(judge -> {
            Job job = examination.job();
            List<Trial> trials = new ArrayList<>();
            trials.add(judge.trial(Phrase.of("as listed"), MountedDonor.shaking(job), Optional.empty()));
            for (double off : new double[] {-OFF, OFF}) {
                trials.add(judge.trial(
                        Phrase.of(off < 0 ? "rubber {} softer" : "rubber {} harder", Quantity.hardness(OFF)),
                        MountedDonor.shaking(harder(job, off)),
                        Optional.empty()));
            }
            progress.report(0.4);
            trials.add(
                    judge.trial(Phrase.of("at ten degrees of frost"), MountedDonor.shakingCold(job), Optional.empty()));
            for (double more : new double[] {-WEIGHED, WEIGHED}) {
                trials.add(judge.trial(
                        Phrase.of(more < 0 ? "donor {} lighter" : "donor {} heavier", Quantity.share(WEIGHED)),
                        heavier(MountedDonor.shaking(job), 1 + more),
                        Optional.empty()));
            }
            progress.report(0.7);
            for (Vec3 way : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
                String named = way.equals(Vec3.X) ? "ahead" : way.equals(Vec3.Y) ? "to the left" : "up";
                trials.add(judge.trial(
                        Phrase.of("centre of gravity {} " + named, Quantity.length(CENTRED)),
                        shifted(MountedDonor.shaking(job), way.times(CENTRED)),
                        Optional.empty()));
            }
            return new Result(judge.person, trials);
        });
    }

    /** Leaned in steps: tops toward the upright plane through the donor's middle along its crank, and away from it. */
    public static Optional<Result> leaned(Examination examination, Progress progress) {
        return Judge.of(examination).map(judge -> {
            Job job = examination.job();
            Vec3 crank = examination.engines().crank().axes().column(0);
            List<Trial> trials = new ArrayList<>();
            trials.add(judge.trial(Phrase.of("as listed"), MountedDonor.shaking(job), Optional.empty()));
            for (int angle = -STEEPEST; angle <= STEEPEST; angle += STEP) {
                progress.report((angle + STEEPEST) / (2.0 * STEEPEST));
                Job leaned = leaned(job, crank, Math.toRadians(angle));
                Phrase words = angle == 0
                        ? Phrase.of("all upright")
                        : Phrase.of(
                                angle > 0 ? "leaned {} inward" : "leaned {} outward",
                                Quantity.angle(Math.toRadians(Math.abs(angle))));
                trials.add(judge.trial(
                        words,
                        MountedDonor.shaking(leaned),
                        Optional.of(new ReplaceJob(leaned, "mounts " + words.in(UnitStyle.MILLIMETRES)))));
            }
            return new Result(judge.person, trials);
        });
    }

    private static Job harder(Job job, double by) {
        return each(job, isolator -> isolator.element()
                .shore()
                .map(shore -> {
                    var rubber = isolator.element().madeOf().orElseThrow();
                    return isolator.withHardness(Math.max(rubber.softest(), Math.min(rubber.hardest(), shore + by)));
                })
                .orElse(isolator));
    }

    private static Job each(Job job, UnaryOperator<Isolator> change) {
        return job.withCradle(job.cradle()
                .withIsolators(job.cradle().isolators().stream().map(change).toList()));
    }

    /** A mount beside the plane leans about the crank's direction; one in it stays upright. */
    private static Job leaned(Job job, Vec3 crank, double angle) {
        MountedBody body = MountedDonor.of(job);
        // Across the crank, level; the same where the crank stands upright.
        Vec3 across =
                Vec3.Z.cross(crank).length() > UPRIGHT ? Vec3.Z.cross(crank).unit() : Vec3.Y;
        List<Isolator> leaned = new ArrayList<>();
        for (int k = 0; k < job.cradle().isolators().size(); k++) {
            double side = Math.signum(body.mounts().get(k).position().dot(across));
            Vec3 axis = Vec3.Z.times(Math.cos(angle)).along(across, -side * Math.sin(angle));
            leaned.add(job.cradle().isolators().get(k).withAxis(side == 0 ? Vec3.Z : axis));
        }
        return job.withCradle(job.cradle().withIsolators(leaned));
    }

    private static MountedBody heavier(MountedBody donor, double factor) {
        MassProperties body = donor.body();
        return new MountedBody(
                new MassProperties(
                        body.mass() * factor, body.cg(), body.inertia().times(factor)),
                donor.mounts(),
                donor.gravity());
    }

    /** Mounts lie about the centre of gravity: it moves one way, they the other. */
    private static MountedBody shifted(MountedBody donor, Vec3 by) {
        return new MountedBody(
                donor.body(),
                donor.mounts().stream()
                        .map(mount -> new Mount(
                                mount.name(),
                                mount.position().minus(by),
                                mount.axes(),
                                mount.stiffness(),
                                mount.loss()))
                        .toList(),
                donor.gravity());
    }

    /** The frame and the engine that every trial is judged on. */
    private record Judge(
            ShakenFrame frame,
            ShakenFrame.Known known,
            ShakeMaps.Setting setting,
            Excitation idle,
            Excitation full,
            double idleSpeed,
            double cruiseSpeed,
            boolean person) {
        static Optional<Judge> of(Examination examination) {
            return ShakeMaps.setting(examination).flatMap(setting -> setting.shaken()
                    .map(frame -> new Judge(
                            frame,
                            new ShakenFrame.Known(),
                            setting,
                            ShakeMaps.idle(setting),
                            setting.excitation(ShakeMaps.speeds(setting.donor().get(0), SPEEDS), Throttle.FULL),
                            setting.donor().get(0).idleSpeed(),
                            setting.donor().get(0).cruiseSpeed(),
                            setting.watches().stream()
                                    .anyMatch(watch -> watch.kind() == ShakeWatch.Kind.FRAME_VELOCITY))));
        }

        Trial trial(Phrase words, MountedBody donor, Optional<JobEdit> taking) {
            MassProperties body = new MassProperties(
                    donor.body().mass(), setting.body().cg(), donor.body().inertia());
            OrderMap still = frame.map(donor.mounts(), body, idle, known);
            OrderMap running = frame.map(donor.mounts(), body, full, known);
            int cruise = running.nearest(cruiseSpeed);
            ShakeWatch.Kind felt = person ? ShakeWatch.Kind.FRAME_VELOCITY : ShakeWatch.Kind.MOUNT_FORCE;
            int shaft = running.of(ShakeWatch.Kind.ENGINE_MOTION).get(0);
            return new Trial(
                    words,
                    still.together(still.most(ShakeWatch.Kind.MOUNT_FORCE, 0).orElseThrow(), 0),
                    running.together(running.most(felt, cruise).orElseThrow(), cruise),
                    running.together(shaft, running.worstSpeed(shaft, idleSpeed)),
                    taking);
        }
    }
}
