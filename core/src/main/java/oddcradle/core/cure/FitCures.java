package oddcradle.core.cure;

import java.util.List;
import oddcradle.core.asbuilt.ShimStacks;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Subject;
import oddcradle.core.job.edit.FitShims;
import oddcradle.core.job.fit.Fitted;
import oddcradle.core.report.Cure;
import oddcradle.core.step.fit.FitFinding;
import oddcradle.core.step.fit.MountFound;

/** What goes under a mount that came out low. */
final class FitCures {
    /** No stack of shims is thicker, m; common practice. */
    private static final double THICKEST = 0.006;

    private FitCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        if (finding.code() != FitFinding.ALONG && finding.code() != FitFinding.FORCED) {
            return List.of();
        }
        String id = finding.where().first(Subject.Kind.MOUNT).orElseThrow();
        return examination.fit().mounts().mounts().stream()
                .filter(mount ->
                        mount.id().equals(id) && !examination.fit().mounts().loaded())
                .flatMap(mount -> shimmed(examination, mount).stream())
                .toList();
    }

    private static List<Cure> shimmed(Examination examination, MountFound mount) {
        double wanted = mount.fitted() + mount.lacks();
        double stack = ShimStacks.of(examination.job().build().shop().tools().shims())
                .nearest(wanted)
                .thickness();
        if (stack > THICKEST || Math.abs(stack - wanted) >= Math.abs(mount.lacks())) {
            return List.of();
        }
        return List.of(Cure.of(new FitShims(List.of(new Fitted(mount.id(), stack)))));
    }
}
