package oddcradle.core.step.measured;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.Vec3;
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

    private final Side side;
    private final Step step;
    private final Map<String, Vec3> places;
    private final SurveyResult survey;
    private final List<Finding> findings = new ArrayList<>();

    public SurveyNotes(Side side, Map<String, Vec3> places, SurveyResult survey) {
        this.side = side;
        this.step = side == Side.DONOR ? Step.DONOR : Step.HOST;
        this.places = places;
        this.survey = survey;
        survey.suspects().forEach(this::suspect);
        missing();
        survey.patterns().forEach(this::pattern);
        moved();
        agreement();
        unchecked();
    }

    /** Where a surveyed point was found, body axes; empty if it was not measured or is not fixed. */
    public Optional<Vec3> known(String id) {
        return survey.point(id).filter(AdjustedPoint::known).map(AdjustedPoint::position);
    }

    public List<Finding> findings() {
        return findings;
    }

    public List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        if (survey.points().isEmpty()) {
            return figures;
        }
        figures.add(new Figure(
                "readings",
                Quantity.count(survey.readings().size()),
                new Why("as entered", List.of(), Source.measured())));
        for (AdjustedPoint point : survey.points()) {
            if (point.known() && point.worstSigma() > 0) {
                figures.add(new Figure(
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
                                ADJUSTED.source())));
            }
        }
        for (FoundFeature feature : survey.features()) {
            figures.add(new Figure(
                    feature.feature().label() + " direction known to ±",
                    Quantity.angle(feature.angleSigma()),
                    new Why(
                            "spread of the direction through the points as they scatter",
                            List.of(input("out of true", Quantity.length(feature.outOfTrue()))),
                            Source.derived("covariance of the points"))));
        }
        return figures;
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
        List<String> parts = new ArrayList<>(List.of(reading.id()));
        parts.addAll(reading.points());
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
        findings.add(Finding.atMost(
                "survey.slip",
                step,
                Severity.STOP,
                Phrase.of(
                        "{} ({}) reads {}, the others make it {}" + doubt + "; " + slip,
                        reading.id(),
                        ReadingWords.of(reading),
                        value(reading, reading.value()),
                        value(reading, asRead(suspect))),
                value(reading, suspect.off()),
                value(reading, 3.3 * Math.hypot(reading.sigma(), suspect.expectedSigma())),
                new Place(parts, List.of()),
                why));
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
            findings.add(Finding.statement(
                    "survey.unfixed",
                    step,
                    Severity.WATCH,
                    Phrase.of("{} {} is not fixed by its readings; {}", point.id(), point.label(), cure),
                    Place.of(point.id()),
                    new Why(
                            "the point can move and no reading changes: A'WA is singular",
                            List.of(),
                            Source.derived("null space of the normal equations"))));
        }
    }

    private void pattern(PatternCheck check) {
        int worst = check.worst();
        String hole = check.pattern().points().get(worst);
        Quantity off = Quantity.length(check.off().get(worst));
        Quantity allowed = Quantity.length(check.allowed().get(worst));
        findings.add(Finding.atMost(
                "survey.pattern",
                step,
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
                Place.of(hole),
                new Why(
                        "best fit of the maker's pattern; allowed sqrt(tolerance^2 + (3 sigma)^2)",
                        List.of(input(
                                "tolerance", Quantity.length(check.pattern().tolerance()))),
                        Source.fromMemory("Horn, J. Opt. Soc. Am. A 4 (1987)"))));
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
            String one = side == Side.DONOR ? "boss stands" : "node stands";
            String several = side == Side.DONOR ? "bosses stand" : "nodes stand";
            findings.add(Finding.atMost(
                    "survey.moved",
                    step,
                    Severity.WATCH,
                    Phrase.of(
                            "{} {} in another place than the readings say; the farthest, {}, by {}",
                            Integer.toString(count),
                            count == 1 ? one : several,
                            worst,
                            Quantity.length(most)),
                    Quantity.length(most),
                    Quantity.length(NOTICED),
                    Place.of(worst),
                    ADJUSTED));
        }
    }

    private Optional<Vec3> standing(String id) {
        return Optional.ofNullable(places.get(id));
    }

    private void agreement() {
        if (!survey.settled()) {
            findings.add(Finding.statement(
                    "survey.unsettled",
                    step,
                    Severity.WATCH,
                    Phrase.of(
                            "the readings could not be brought together in {} steps; give the points better places by eye",
                            Integer.toString(survey.steps())),
                    Place.NOWHERE,
                    ADJUSTED));
        }
        if (survey.degreesOfFreedom() >= FREEDOM_TO_JUDGE && survey.varianceFactor() > MOST_VARIANCE) {
            findings.add(Finding.atMost(
                    "survey.agreement",
                    step,
                    Severity.WATCH,
                    Phrase.of(
                            "the readings scatter {} times as much as their instruments should; give them larger"
                                    + " uncertainties or look for a common cause, such as a datum that moved",
                            Quantity.ratio(Math.sqrt(survey.varianceFactor()))),
                    Quantity.ratio(survey.varianceFactor()),
                    Quantity.ratio(MOST_VARIANCE),
                    Place.NOWHERE,
                    new Why(
                            "sum of squared weighted misfits over degrees of freedom",
                            List.of(input("degrees of freedom", Quantity.count(survey.degreesOfFreedom()))),
                            ADJUSTED.source())));
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
                findings.add(Finding.statement(
                        "survey.checked",
                        step,
                        Severity.GOOD,
                        Phrase.of("every reading is checked by others, and they agree"),
                        Place.NOWHERE,
                        ADJUSTED));
            }
            return;
        }
        String names = blind.size() <= 4
                ? String.join(", ", blind)
                : String.join(", ", blind.subList(0, 3)) + " and " + (blind.size() - 3) + " more";
        findings.add(Finding.statement(
                "survey.unchecked",
                step,
                Severity.NOTE,
                Phrase.of(
                        "a slip in {} would go unseen: no other reading checks it; the sheet asks for one that does",
                        names),
                Place.NOWHERE,
                new Why(
                        "smallest slip that shows = 4.13 sigma / sqrt(redundancy), wanted under 5 mm, 2 degrees or 8 sigma",
                        List.of(),
                        Source.fromMemory("Baarda, A Testing Procedure for Use in Geodetic Networks"))));
    }
}
