package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.step.cradle.CradleFinding;
import oddcradle.core.units.Quantity;

/**
 * Every step once more for the machine as it came out, beside what was planned.
 *
 * @param built examined
 * @param turned findings that were not there, or are worse than they were, worst first
 * @param mended findings that are gone or better
 * @param changed figures that are others, by how much of themselves, most first
 */
public record Again(Examination built, List<Turned> turned, List<Turned> mended, List<Changed> changed) {
    /** Figures that change by less of themselves are the same. */
    private static final double SAME = 0.02;

    private static final int MOST_CHANGED = 40;

    public Again {
        turned = List.copyOf(turned);
        mended = List.copyOf(mended);
        changed = List.copyOf(changed);
    }

    /**
     * A finding as planned and as built.
     *
     * @param planned empty where it was not there
     * @param now empty where it is gone
     */
    public record Turned(Optional<Finding> planned, Optional<Finding> now) {
        public Finding shown() {
            return now.or(() -> planned).orElseThrow();
        }
    }

    /** A figure as planned and as built. */
    public record Changed(Step step, String name, Quantity planned, Quantity now) {
        /** By how much of the larger of both it changed, a share. */
        public double share() {
            double largest = Math.max(Math.abs(planned.si()), Math.abs(now.si()));
            return largest == 0 ? 0 : Math.abs(now.si() - planned.si()) / largest;
        }
    }

    /** Empty where nothing is measured. */
    public static Optional<Again> of(Examination planned) {
        return BuiltJob.of(planned).map(job -> of(planned, job));
    }

    private static Again of(Examination planned, Job job) {
        Examination built = Examination.of(job, planned);
        List<Turned> turned = new ArrayList<>();
        List<Turned> mended = new ArrayList<>();
        List<Changed> changed = new ArrayList<>();
        for (Step step : Step.values()) {
            // Fit itself compares with the drawing, which is another now; and what is made is made.
            if (step != Step.FIT && step != Step.MAKE) {
                findings(planned, built, step, turned, mended);
                figures(planned, built, step, changed);
            }
        }
        turned.sort(Comparator.comparing(each -> each.shown().severity()));
        changed.sort(Comparator.comparingDouble(each -> -each.share()));
        return new Again(built, turned, mended, changed.subList(0, Math.min(MOST_CHANGED, changed.size())));
    }

    private static String key(Finding finding) {
        return finding.code() + " " + finding.where().ids();
    }

    /** A joint that was pulled bends a line on the drawing, not a tube. */
    private static boolean counts(Finding finding) {
        return finding.code() != CradleFinding.KINK;
    }

    private static void findings(
            Examination planned, Examination built, Step step, List<Turned> turned, List<Turned> mended) {
        Map<String, Finding> before = new HashMap<>();
        planned.report(step).findings().stream()
                .filter(Again::counts)
                .forEach(each -> before.putIfAbsent(key(each), each));
        Map<String, Finding> after = new LinkedHashMap<>();
        built.report(step).findings().stream()
                .filter(Again::counts)
                .forEach(each -> after.putIfAbsent(key(each), each));
        List<Finding> gone = new ArrayList<>(before.values());
        gone.removeIf(each -> after.containsKey(key(each)));
        for (Finding finding : after.values()) {
            Optional<Finding> was =
                    Optional.ofNullable(before.get(key(finding))).or(() -> elsewhere(gone, finding));
            Severity then = was.map(Finding::severity).orElse(Severity.GOOD);
            if (finding.severity().isWorseThan(then)) {
                turned.add(new Turned(was, Optional.of(finding)));
            } else if (then.isWorseThan(finding.severity())) {
                mended.add(new Turned(was, Optional.of(finding)));
            }
        }
        gone.removeIf(each -> !each.severity().isWorseThan(Severity.GOOD));
        gone.forEach(each -> mended.add(new Turned(Optional.of(each), Optional.empty())));
    }

    /** The same that was said of another place, such as of the worst of four mounts: it has only gone from one to the other. */
    private static Optional<Finding> elsewhere(List<Finding> gone, Finding finding) {
        Optional<Finding> same =
                gone.stream().filter(each -> each.code() == finding.code()).findFirst();
        same.ifPresent(gone::remove);
        return same;
    }

    private static void figures(Examination planned, Examination built, Step step, List<Changed> changed) {
        Map<String, Quantity> before = new HashMap<>();
        planned.report(step).figures().forEach(each -> before.putIfAbsent(each.name(), each.quantity()));
        for (Figure figure : built.report(step).figures()) {
            Quantity was = before.get(figure.name());
            if (was != null && was.kind() == figure.quantity().kind()) {
                Changed one = new Changed(step, figure.name(), was, figure.quantity());
                if (one.share() > SAME) {
                    changed.add(one);
                }
            }
        }
    }
}
