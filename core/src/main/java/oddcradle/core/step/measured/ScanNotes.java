package oddcradle.core.step.measured;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.job.body.Scan;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What is to be said of a body's scan: whether it is read, in its place, and how well it fits its picks. */
public final class ScanNotes {
    /** A scan further off one of its picks is picked wrong, m; common practice. */
    private static final double OFF = 0.003;

    private static final Why WHY = new Why(
            "distance that remains at each pick after the best fit",
            List.of(),
            Source.fromMemory("Horn, J. Opt. Soc. Am. A 4 (1987)"));

    private ScanNotes() {}

    /** Nothing where the body has no scan. */
    public static void add(ReportBuilder report, Optional<Scan> named, Optional<ScanPlace> place, Scans scans) {
        if (named.isEmpty()) {
            return;
        }
        Scan scan = named.get();
        Optional<BestFit> fit = place.flatMap(ScanPlace::fit);
        if (fit.isPresent()) {
            placed(report, scan, fit.get());
        } else {
            report.say(
                    ScanFinding.LOOSE,
                    Severity.WATCH,
                    Phrase.of(
                            "the scan {} is not in its place: it {}",
                            scan.file(),
                            place.map(ScanPlace::problem).orElse("")),
                    Place.of(Subject.scan(scan.file())),
                    WHY);
        }
        if (scans.of(scan.file()).isEmpty()) {
            report.say(
                    ScanFinding.UNREAD,
                    Severity.NOT_CHECKED,
                    Phrase.of("the scan {} is not read; it must lie in the folder of the job", scan.file()),
                    Place.of(Subject.scan(scan.file())),
                    WHY);
        }
    }

    private static void placed(ReportBuilder report, Scan scan, BestFit fit) {
        String worst = scan.picks().get(fit.worst()).point();
        Quantity most = Quantity.length(fit.residuals().get(fit.worst()));
        report.figure("scan fits its picks within", Quantity.length(fit.rms()), WHY);
        report.atMost(
                ScanFinding.FIT,
                Severity.WATCH,
                most,
                Quantity.length(OFF),
                Phrase.of("the scan fits its picks, {} off at {} at most", most, worst),
                Phrase.of(
                        "the scan is {} off at {}; pick that point again, or choose another unit for the file",
                        most,
                        worst),
                Place.of(Subject.point(worst)),
                WHY);
    }
}
