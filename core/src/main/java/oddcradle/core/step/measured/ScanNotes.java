package oddcradle.core.step.measured;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.edit.Side;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
import oddcradle.core.units.Quantity;

/** What is to be said of a body's scan: whether it is read, in its place, and how well it fits its picks. */
public record ScanNotes(List<Figure> figures, List<Finding> findings) {
    /** A scan further off one of its picks is picked wrong, m; common practice. */
    private static final double OFF = 0.003;

    private static final Why WHY = new Why(
            "distance that remains at each pick after the best fit",
            List.of(),
            Source.fromMemory("Horn, J. Opt. Soc. Am. A 4 (1987)"));
    private static final ScanNotes NONE = new ScanNotes(List.of(), List.of());

    public static ScanNotes of(Side side, Optional<Scan> named, Optional<ScanPlace> place, Scans scans) {
        Step step = side == Side.DONOR ? Step.DONOR : Step.HOST;
        if (named.isEmpty()) {
            return NONE;
        }
        Scan scan = named.get();
        ScanNotes notes = place.flatMap(ScanPlace::fit)
                .map(fit -> placed(side, step, scan, fit))
                .orElseGet(() ->
                        loose(side, step, scan, place.map(ScanPlace::problem).orElse("")));
        return scans.of(scan.file()).isPresent() ? notes : notes.and(unread(side, step, scan));
    }

    private ScanNotes and(ScanNotes more) {
        List<Finding> all = new ArrayList<>(findings);
        all.addAll(more.findings);
        return new ScanNotes(figures, all);
    }

    private static ScanNotes unread(Side side, Step step, Scan scan) {
        return statement(
                side.word() + ".scan-unread",
                step,
                Severity.NOT_CHECKED,
                Phrase.of("the scan {} is not read; it must lie in the folder of the job", scan.file()));
    }

    private static ScanNotes loose(Side side, Step step, Scan scan, String problem) {
        return statement(
                side.word() + ".scan-loose",
                step,
                Severity.WATCH,
                Phrase.of("the scan {} is not in its place: it {}", scan.file(), problem));
    }

    private static ScanNotes statement(String code, Step step, Severity severity, Phrase what) {
        return new ScanNotes(List.of(), List.of(Finding.statement(code, step, severity, what, Place.NOWHERE, WHY)));
    }

    private static ScanNotes placed(Side side, Step step, Scan scan, BestFit fit) {
        String worst = scan.picks().get(fit.worst()).point();
        Quantity most = Quantity.length(fit.residuals().get(fit.worst()));
        boolean near = most.si() <= OFF;
        Phrase what = near
                ? Phrase.of("the scan fits its picks, {} off at {} at most", most, worst)
                : Phrase.of(
                        "the scan is {} off at {}; pick that point again, or choose another unit for the file",
                        most,
                        worst);
        return new ScanNotes(
                List.of(new Figure("scan fits its picks within", Quantity.length(fit.rms()), WHY)),
                List.of(Finding.atMost(
                        side.word() + ".scan",
                        step,
                        near ? Severity.GOOD : Severity.WATCH,
                        what,
                        most,
                        Quantity.length(OFF),
                        Place.of(worst),
                        WHY)));
    }
}
