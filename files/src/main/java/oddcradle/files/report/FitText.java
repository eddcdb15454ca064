package oddcradle.files.report;

import java.util.List;
import java.util.Locale;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.fitup.Directions;
import oddcradle.core.fitup.FitPlan;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.fitup.ScanOnPlan;
import oddcradle.core.fitup.ScanWords;
import oddcradle.core.step.fit.LineFound;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** What was found on the finished mount and what to do about it, in words. */
public final class FitText {
    private static final double MINUTE = 60;

    private FitText() {}

    public static String of(Examination examination, FitUp fitUp, UnitStyle style) {
        StringBuilder text = new StringBuilder(examination.job().name()).append('\n');
        for (MountFound mount : examination.fit().mounts().mounts()) {
            text.append(mount(mount, style)).append('\n');
        }
        for (Finding finding : examination.report(Step.FIT).findings()) {
            if (finding.severity() != Severity.GOOD) {
                text.append(finding.severity().word())
                        .append(": ")
                        .append(finding.what().in(style))
                        .append('\n');
            }
        }
        work(text, fitUp.plan(), style);
        List<LineFound.Move> moves =
                fitUp.plan().isOpen() ? List.of() : examination.fit().line().told();
        for (LineFound.Move move : moves) {
            move.feet().keySet().stream().sorted().forEach(foot -> text.append("for the line, move ")
                    .append(foot)
                    .append(": ")
                    .append(Directions.parts(move.of(foot), style))
                    .append('\n'));
        }
        ScanOnPlan.of(examination).ifPresent(scan -> scan.ends().forEach(end -> text.append("by scan ")
                .append(ScanWords.place(examination, end))
                .append(": ")
                .append(Directions.parts(end.off(), style))
                .append('\n')));
        fitUp.nextTry().ifPresent(odds -> text.append("odds of the next try: every bolt goes in ")
                .append(style.show(Quantity.share(odds.bolts())))
                .append("; then in line before anything is set by dial ")
                .append(style.show(Quantity.share(odds.line())))
                .append('\n'));
        fitUp.again().ifPresent(again -> again.turned().forEach(each -> text.append("as built, ")
                .append(each.shown().severity().word())
                .append(": ")
                .append(each.shown().what().in(style))
                .append('\n')));
        return text.append(String.format(
                        Locale.ROOT,
                        "in %d times, out %d times; %d of %d still to be looked at before it runs%n",
                        fitUp.log().in(),
                        fitUp.log().out(),
                        fitUp.signOff().open(),
                        fitUp.signOff().items().size()))
                .toString();
    }

    private static String mount(MountFound mount, UnitStyle style) {
        return mount.measured()
                ? mount.id() + " " + style.show(Quantity.fine(Math.abs(mount.lacks())))
                        + (mount.lacks() < 0 ? " high, " : " low, ")
                        + style.show(Quantity.fine(mount.across().length())) + " beside its place"
                : mount.id() + " not measured";
    }

    private static void work(StringBuilder text, FitPlan plan, UnitStyle style) {
        if (plan.work().isEmpty()) {
            return;
        }
        plan.work().forEach(each -> text.append("to do, ")
                .append(each.kind().word())
                .append(": ")
                .append(each.what().in(style))
                .append('\n'));
        text.append(plan.fits() ? "then it fits" : "then measure again, it does not all fit yet")
                .append(String.format(Locale.ROOT, ", about %.0f min%n", plan.time() / MINUTE));
    }
}
