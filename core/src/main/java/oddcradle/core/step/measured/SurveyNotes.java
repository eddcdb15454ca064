package oddcradle.core.step.measured;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.CheckedReading;
import oddcradle.core.survey.FoundFeature;
import oddcradle.core.survey.MissingReading;
import oddcradle.core.survey.PatternCheck;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.ReadingWords;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.survey.Suspect;
import oddcradle.core.units.Quantity;

/** What the readings of one body have to say. Its places are named by point, because the donor's move with the seat. */
public final class SurveyNotes {
    /** Readings may be this much worse than their instruments before somebody should look. */
    private static final double MOST_VARIANCE = 3;

    private static final int FREEDOM_TO_JUDGE = 4;
    /** A body that sits this far from its readings, m, is worth moving. */
    private static final double NOTICED = 0.00005;

    private static final Why ADJUSTED = new Why(
            "least of the sum of ((reading - predicted) / sigma)^2 over all readings",
            List.of(),
            Source.fromMemory("Mikhail and Ackermann, Observations and Least Squares"));

    private final ReportBuilder report;
    private final Subject body;
    private final Map<String, Vec3> places;
    private final SurveyResult survey;

    private SurveyNotes(ReportBuilder report, Subject body, Map<String, Vec3> places, SurveyResult survey) {
        this.report = report;
        this.body = body;
        this.places = places;
        this.survey = survey;
    }

    /**
     * @param body whose readings they are
     * @param places where the body's points are in the job, its own axes, m
     */
    public static void add(ReportBuilder report, Subject body, Map<String, Vec3> places, SurveyResult survey) {
        SurveyNotes notes = new SurveyNotes(report, body, places, survey);
        notes.figures();
        survey.suspects().forEach(notes::suspect);
        notes.missing();
        survey.patterns().forEach(notes::pattern);
        notes.moved();
        notes.agreement();
        notes.unchecked();
    }

    /** Where a surveyed point was found, body axes; empty if it was not measured or is not fixed. */
    public static Optional<Vec3> known(SurveyResult survey, String id) {
        return survey.point(id).filter(AdjustedPoint::known).map(AdjustedPoint::position);
    }

    private void figures() {
        if (survey.points().isEmpty()) {
            return;
        }
        report.figure(
                "readings",
                Quantity.count(survey.readings().size()),
                new Why("as entered", List.of(), Source.measured()));
        for (AdjustedPoint point : survey.points()) {
            if (point.known() && point.worstSigma() > 0) {
                report.figure(
                        point.id() + " known to ±",
                        Quantity.length(point.worstSigma()),
                        new Why(
                                "largest of the three standard uncertainties, from the inverse of A'WA",
                                List.of(
                                        input(
                                                "forward",
                                                Quantity.length(point.position().x())),
                                        input(
                                                "left",
                                                Quantity.length(point.position().y())),
                                        input(
                                                "up",
                                                Quantity.length(point.position().z()))),
                                ADJUSTED.source()));
            }
        }
        for (FoundFeature feature : survey.features()) {
            report.figure(
                    feature.feature().label() + " direction known to ±",
                    Quantity.angle(feature.angleSigma()),
                    new Why(
                            "spread of the direction through the points as they scatter",
                            List.of(input("out of true", Quantity.length(feature.outOfTrue()))),
                            Source.derived("covariance of the points")));
        }
    }

    private static Quantity value(Reading reading, double si) {
        return reading instanceof Reading.Slope ? Quantity.angle(si) : Quantity.length(si);
    }

    /** The value as it was read, where {@code si} is what it would be between centres. */
    private static double asRead(Suspect suspect) {
        return suspect.reading().value() - suspect.off();
    }

    private void suspect(Suspect suspect) {
        Reading reading = suspect.reading();
        List<Subject> about = new ArrayList<>(List.of(Subject.reading(reading.id())));
        reading.points().forEach(point -> about.add(Subject.point(point)));
        Why why = new Why(
                "reading less what all other readings predict, against its spread",
                List.of(
                        input("read", value(reading, reading.value())),
                        input("predicted", value(reading, asRead(suspect))),
                        input("± reading", value(reading, reading.sigma())),
                        input("± predicted", value(reading, suspect.expectedSigma()))),
                Source.fromMemory("Baarda, A Testing Procedure for Use in Geodetic Networks"));
        String slip = suspect.cures().isEmpty()
                ? "no common slip explains it, measure again"
                : "likeliest: " + suspect.cures().get(0).slip().words();
        String doubt = suspect.alone() ? "" : ", though another reading could be the wrong one";
        report.atMost(
                SurveyFinding.SLIP,
                Severity.STOP,
                Phrase.of(
                        "{} ({}) reads {}, the others make it {}" + doubt + "; " + slip,
                        reading.id(),
                        ReadingWords.of(reading),
                        value(reading, reading.value()),
                        value(reading, asRead(suspect))),
                value(reading, suspect.off()),
                value(reading, 3.3 * Math.hypot(reading.sigma(), suspect.expectedSigma())),
                new Place(about, List.of()),
                why);
    }

    private void missing() {
        for (AdjustedPoint point : survey.points()) {
            List<MissingReading> wanted = survey.missing().stream()
                    .filter(each -> each.point().equals(point.id()))
                    .toList();
            if (point.known()) {
                continue;
            }
            String cure = wanted.isEmpty()
                    ? "the reading wanted for its neighbour fixes it too"
                    : "wanted: its offset "
                            + wanted.stream().map(each -> each.plane().word()).collect(Collectors.joining(" and "));
            report.say(
                    SurveyFinding.UNFIXED,
                    Severity.WATCH,
                    Phrase.of("{} {} is not fixed by its readings; {}", point.id(), point.label(), cure),
                    Place.of(Subject.point(point.id())),
                    new Why(
                            "the point can move and no reading changes: A'WA is singular",
                            List.of(),
                            Source.derived("null space of the normal equations")));
        }
    }

    private void pattern(PatternCheck check) {
        int worst = check.worst();
        String hole = check.pattern().points().get(worst);
        Quantity off = Quantity.length(check.off().get(worst));
        Quantity allowed = Quantity.length(check.allowed().get(worst));
        report.atMost(
                SurveyFinding.PATTERN,
                check.agrees() ? Severity.GOOD : Severity.WATCH,
                check.agrees()
                        ? Phrase.of(
                                "{} agrees with the maker's spacing within {}",
                                check.pattern().label(),
                                off)
                        : Phrase.of(
                                "{} of {} is {} from where the maker's spacing puts it; measure it again, or the drawing is of another engine",
                                hole,
                                check.pattern().label(),
                                off),
                off,
                allowed,
                Place.of(Subject.point(hole)),
                new Why(
                        "best fit of the maker's pattern; allowed sqrt(tolerance^2 + (3 sigma)^2)",
                        List.of(input(
                                "tolerance", Quantity.length(check.pattern().tolerance()))),
                        Source.fromMemory("Horn, J. Opt. Soc. Am. A 4 (1987)")));
    }

    /** Bosses or nodes that stand elsewhere than their readings say. */
    private void moved() {
        String worst = "";
        double most = 0;
        int count = 0;
        for (AdjustedPoint point : survey.points()) {
            Optional<Vec3> stands = standing(point.id());
            if (point.known() && stands.isPresent()) {
                double off = stands.get().distanceTo(point.position());
                count += off > NOTICED ? 1 : 0;
                if (off > most) {
                    most = off;
                    worst = point.id();
                }
            }
        }
        if (most > NOTICED) {
            String one = body.kind() == Subject.Kind.DONOR ? "boss stands" : "node stands";
            String several = body.kind() == Subject.Kind.DONOR ? "bosses stand" : "nodes stand";
            report.atMost(
                    SurveyFinding.MOVED,
                    Severity.WATCH,
                    Phrase.of(
                            "{} {} in another place than the readings say; the farthest, {}, by {}",
                            Integer.toString(count),
                            count == 1 ? one : several,
                            worst,
                            Quantity.length(most)),
                    Quantity.length(most),
                    Quantity.length(NOTICED),
                    Place.of(Subject.point(worst)),
                    ADJUSTED);
        }
    }

    private Optional<Vec3> standing(String id) {
        return Optional.ofNullable(places.get(id));
    }

    private void agreement() {
        if (!survey.settled()) {
            report.say(
                    SurveyFinding.UNSETTLED,
                    Severity.WATCH,
                    Phrase.of(
                            "the readings could not be brought together in {} steps; give the points better places by eye",
                            Integer.toString(survey.steps())),
                    Place.of(body),
                    ADJUSTED);
        }
        if (survey.degreesOfFreedom() >= FREEDOM_TO_JUDGE && survey.varianceFactor() > MOST_VARIANCE) {
            report.atMost(
                    SurveyFinding.AGREEMENT,
                    Severity.WATCH,
                    Phrase.of(
                            "the readings scatter {} times as much as their instruments should; give them larger"
                                    + " uncertainties or look for a common cause, such as a datum that moved",
                            Quantity.ratio(Math.sqrt(survey.varianceFactor()))),
                    Quantity.ratio(survey.varianceFactor()),
                    Quantity.ratio(MOST_VARIANCE),
                    Place.of(body),
                    new Why(
                            "sum of squared weighted misfits over degrees of freedom",
                            List.of(input("degrees of freedom", Quantity.count(survey.degreesOfFreedom()))),
                            ADJUSTED.source()));
        }
    }

    private void unchecked() {
        List<String> blind = survey.readings().stream()
                .filter(each -> each.used() && !each.checked())
                .map(CheckedReading::reading)
                .map(Reading::id)
                .toList();
        if (blind.isEmpty()) {
            if (!survey.readings().isEmpty() && survey.suspects().isEmpty()) {
                report.say(
                        SurveyFinding.CHECKED,
                        Severity.GOOD,
                        Phrase.of("every reading is checked by others, and they agree"),
                        Place.of(body),
                        ADJUSTED);
            }
            return;
        }
        String names = blind.size() <= 4
                ? String.join(", ", blind)
                : String.join(", ", blind.subList(0, 3)) + " and " + (blind.size() - 3) + " more";
        report.say(
                SurveyFinding.UNCHECKED,
                Severity.NOTE,
                Phrase.of(
                        "a slip in {} would go unseen: no other reading checks it; the sheet asks for one that does",
                        names),
                Place.of(body),
                new Why(
                        "smallest slip that shows = 4.13 sigma / sqrt(redundancy), wanted under 5 mm, 2 degrees or 8 sigma",
                        List.of(),
                        Source.fromMemory("Baarda, A Testing Procedure for Use in Geodetic Networks")));
    }
}
