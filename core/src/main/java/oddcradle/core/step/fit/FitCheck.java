package oddcradle.core.step.fit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.asbuilt.BodyOnHoles;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.LineResult;
import oddcradle.core.survey.SurveyResult;

/**
 * Everything that was found on the finished mount, and what it says.
 *
 * @param mounts where they are, and how the engine lies on them
 * @param pulls of every place that was measured twice
 * @param line what was read of it
 * @param feet what feelers found under loose bolts; empty where that says nothing
 */
public record FitCheck(
        MountsFound mounts, List<JointPull> pulls, LineFound line, Optional<FeetFound> feet, StepReport report) {
    public FitCheck {
        pulls = List.copyOf(pulls);
    }

    /**
     * Everything that decides it.
     *
     * @param bosses as drawn, host axes, m
     * @param designs of the mounts
     * @param survey of the finished mount
     * @param pulls between two times it was measured
     * @param give of the frame at the mounts; empty where it does not stand alone
     * @param guides places of the engine that line up with what it drives
     * @param standing movement of the engine as it stands on its mounts
     * @param line as drawn
     * @param place of the scan of the finished mount
     * @param scans as read
     */
    public record Input(
            Job job,
            Map<String, Vec3> bosses,
            List<MountDesign> designs,
            SurveyResult survey,
            List<JointPull> pulls,
            Optional<FrameFlexibility> give,
            List<BodyOnHoles.Guide> guides,
            Optional<SmallMotion> standing,
            LineResult line,
            Optional<ScanPlace> place,
            Scans scans) {}

    public static FitCheck of(Input input) {
        Job job = input.job();
        MountsFound mounts = MountsFound.of(new MountsFound.Input(
                job, input.bosses(), input.designs(), input.survey(), input.give(), input.guides(), input.standing()));
        LineFound line = LineFound.of(job, input.line(), input.bosses());
        Optional<FeetFound> feet = FeetFound.of(job, input.bosses());
        return new FitCheck(
                mounts,
                input.pulls(),
                line,
                feet,
                FitReport.of(new FitReport.Input(
                        job,
                        input.bosses(),
                        input.survey(),
                        mounts,
                        input.pulls(),
                        line,
                        feet,
                        input.place(),
                        input.scans())));
    }
}
