package oddcradle.core.step.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.drive.SoftFoot;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.fit.FootGap;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.LineResult;
import oddcradle.core.survey.SurveyResult;

/**
 * Everything that was found on the finished mount, and what it says.
 *
 * @param mounts where they are, and how the engine lies on them
 * @param pulls of every place that was measured twice
 * @param shafts by every set of dials, in the order of the job
 * @param edges what straight-edges found, in the order of the job
 * @param softFoot what feelers found under loose bolts; empty where nobody has looked, or the feet lie in a line
 */
public record FitCheck(
        MountsFound mounts,
        List<JointPull> pulls,
        List<ShaftsFound> shafts,
        List<EdgeFound> edges,
        Optional<SoftFoot> softFoot,
        StepReport report) {
    public FitCheck {
        pulls = List.copyOf(pulls);
        shafts = List.copyOf(shafts);
        edges = List.copyOf(edges);
    }

    /**
     * Everything that decides it.
     *
     * @param bosses as drawn, host axes, m
     * @param designs of the mounts
     * @param survey of the finished mount
     * @param give of the frame at the mounts; empty where it does not stand alone
     * @param guides places of the engine that line up with what it drives, as drawn, m
     * @param standing movement of the engine as it stands on its mounts
     * @param line as drawn
     */
    public record Input(
            Job job,
            Map<String, Vec3> bosses,
            List<MountDesign> designs,
            SurveyResult survey,
            Optional<FrameFlexibility> give,
            List<Vec3> guides,
            Optional<SmallMotion> standing,
            LineResult line) {}

    public static FitCheck of(Input input) {
        Job job = input.job();
        MountsFound mounts = MountsFound.of(new MountsFound.Input(
                job, input.bosses(), input.designs(), input.survey(), input.give(), input.guides(), input.standing()));
        List<JointPull> pulls = JointPull.of(job.asBuilt(), input.survey());
        List<ShaftsFound> shafts = new ArrayList<>();
        List<EdgeFound> edges = new ArrayList<>();
        for (ShaftReading reading : job.asBuilt().shafts()) {
            input.line().stage(reading.stage()).ifPresent(stage -> {
                ShaftsFound.of(job, reading, stage, input.bosses()).ifPresent(shafts::add);
                EdgeFound.of(reading, stage).ifPresent(edges::add);
            });
        }
        Optional<SoftFoot> softFoot = softFoot(input);
        return new FitCheck(
                mounts,
                pulls,
                shafts,
                edges,
                softFoot,
                FitReport.of(new FitReport.Input(
                        job, input.bosses(), input.survey(), mounts, pulls, shafts, edges, softFoot)));
    }

    private static Optional<SoftFoot> softFoot(Input input) {
        List<Vec3> feet = new ArrayList<>();
        List<Double> gaps = new ArrayList<>();
        for (FootGap each : input.job().asBuilt().feet()) {
            input.job().cradle().isolators().stream()
                    .filter(mount -> mount.id().equals(each.mount()))
                    .findFirst()
                    .ifPresent(mount -> {
                        feet.add(input.bosses().get(mount.boss()));
                        gaps.add(each.gap());
                    });
        }
        try {
            return gaps.isEmpty() ? Optional.empty() : Optional.of(SoftFoot.of(feet, gaps));
        } catch (InvalidValue few) {
            // Fewer than three feet, or all in a line: any gaps lie in one plane.
            return Optional.empty();
        }
    }
}
