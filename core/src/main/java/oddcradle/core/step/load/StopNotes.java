package oddcradle.core.step.load;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MountResult;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.Shock;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** Mounts whose way is used up: a snubber that is met by a shock does its work, one that is met while the machine merely runs passes all shaking on. */
final class StopNotes {
    private static final double NO_SHOCK = 1.05;

    private StopNotes() {}

    /** @param cases in the order of the result's */
    static void add(ReportBuilder report, List<ElasticMount> mounts, List<LoadCase> cases, FrameResult result) {
        for (int m = 0; m < mounts.size(); m++) {
            ElasticMount mount = mounts.get(m);
            if (mount.stop().isPresent()) {
                note(report, mount, mount.stop().get(), m, cases, result);
            }
        }
    }

    private static void note(
            ReportBuilder report,
            ElasticMount mount,
            ElasticMount.Stop stop,
            int at,
            List<LoadCase> cases,
            FrameResult result) {
        double most = 0;
        LoadCase hardest = null;
        LoadCase running = null;
        for (int k = 0; k < cases.size(); k++) {
            CaseResult each = result.cases().get(k);
            MountResult carried = each.mounts().get(at);
            double force = stop.force(carried.deflection()).length();
            if (force > most) {
                most = force;
                hardest = cases.get(k);
            }
            if (force > 0 && merelyRuns(cases.get(k)) && running == null) {
                running = cases.get(k);
            }
        }
        if (hardest == null) {
            return;
        }
        Quantity way = Quantity.length(stop.freeWay());
        Severity severity = running == null ? Severity.GOOD : Severity.WATCH;
        Phrase words = running == null
                ? Phrase.of(
                        "the snubber of {} takes {} in \"{}\", after {} of free way",
                        mount.id(),
                        Quantity.force(most),
                        hardest.label(),
                        way)
                : Phrase.of(
                        "the free way of {}, {}, is used up in \"{}\": bridged, its rubber isolates nothing; give it more way or stiffer rubber",
                        mount.id(),
                        way,
                        running.label());
        report.say(
                LoadFinding.SNUBBER,
                severity,
                words,
                Place.of(Subject.mount(mount.id()), mount.centre()),
                new Why(
                        "stiffness of the stop times the way beyond the free way from rest, along each axis of the mount",
                        List.of(
                                input("free way", way),
                                input("stop, ten times the rubber", Quantity.stiffness(stop.stiffness())),
                                input("most", Quantity.force(most))),
                        Source.commonPractice()));
    }

    private static boolean merelyRuns(LoadCase load) {
        Vec3 field = load.field();
        return field.length() <= NO_SHOCK && load.turning().equals(Vec3.ZERO) && load.shock() == Shock.NONE;
    }
}
