package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.finding.Step;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Feature;
import oddcradle.core.survey.HolePattern;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Kind;

/** What was measured, point by point and reading by reading. */
final class SurveyCards {
    /** How well a tape and a caliper are read, m; common practice. */
    private static final double TAPE = 0.001;

    private static final double CALIPER = 0.0001;

    /** A bore nobody has measured yet, m. */
    private static final double BORE = 0.01;

    private final Step step;
    private final String owner;
    private final Survey survey;
    private final Function<Survey, Job> put;
    private final List<Named> points;
    private final List<Card> cards = new ArrayList<>();

    SurveyCards(Step step, String owner, Survey survey, Function<Survey, Job> put) {
        this.step = step;
        this.owner = owner;
        this.survey = survey;
        this.put = put;
        this.points = named(survey.points(), SurveyPoint::id, SurveyPoint::label);
    }

    List<Card> all() {
        points();
        readings();
        features();
        patterns();
        return cards;
    }

    private Survey survey(
            List<SurveyPoint> points, List<Reading> readings, List<Feature> features, List<HolePattern> patterns) {
        return new Survey(points, readings, features, patterns);
    }

    private void points() {
        List<SurveyPoint> all = survey.points();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            SurveyPoint point = all.get(k);
            Function<List<SurveyPoint>, Job> others =
                    changed -> put.apply(survey(changed, survey.readings(), survey.features(), survey.patterns()));
            FieldsOf<SurveyPoint> of = new FieldsOf<>(point, (SurveyPoint other) -> others.apply(with(all, at, other)))
                    .words("called", SurveyPoint::label, SurveyPoint::withLabel)
                    .place("about", SurveyPoint::about, SurveyPoint::withAbout)
                    .length("bore, 0 none", SurveyPoint::bore, SurveyPoint::withBore)
                    .yes("stands fast", SurveyPoint::fixed, SurveyPoint::withFixed)
                    .words("photo beside the job", SurveyPoint::photo, SurveyPoint::withPhoto);
            add(
                    "measured point",
                    point.id(),
                    point.label(),
                    of,
                    List.of(Deed.simplyAway(() -> others.apply(without(all, at)))));
        }
    }

    private void readings() {
        List<Reading> all = survey.readings();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            Reading reading = all.get(k);
            Function<List<Reading>, Job> others =
                    changed -> put.apply(survey(survey.points(), changed, survey.features(), survey.patterns()));
            String between = String.join(
                    " to ", reading.points().stream().map(this::label).toList());
            add(
                    "reading",
                    reading.id(),
                    between,
                    reading(reading, other -> others.apply(with(all, at, other))),
                    List.of(Deed.simplyAway(() -> others.apply(without(all, at)))));
        }
    }

    private String label(String point) {
        return points.stream()
                .filter(each -> each.id().equals(point))
                .map(Named::words)
                .findFirst()
                .orElse(point);
    }

    private FieldsOf<?> reading(Reading reading, Function<Reading, Job> put) {
        if (reading instanceof Reading.Offset offset) {
            return value(
                    new FieldsOf<>(offset, put::apply)
                            .choice("point", points, Reading.Offset::point, Reading.Offset::withPoint)
                            .one(
                                    "from the plane of",
                                    DatumPlane.values(),
                                    DatumPlane::word,
                                    Reading.Offset::plane,
                                    Reading.Offset::withPlane),
                    Kind.LENGTH,
                    Reading.Offset::withInstrument,
                    Reading.Offset::withSigma);
        }
        if (reading instanceof Reading.HoleEdge edge) {
            return value(
                    new FieldsOf<>(edge, put::apply)
                            .choice("point", points, Reading.HoleEdge::point, Reading.HoleEdge::withPoint)
                            .one(
                                    "from the plane of",
                                    DatumPlane.values(),
                                    DatumPlane::word,
                                    Reading.HoleEdge::plane,
                                    Reading.HoleEdge::withPlane)
                            .one(
                                    "edge",
                                    Reading.Edge.values(),
                                    SurveyCards::lower,
                                    Reading.HoleEdge::edge,
                                    Reading.HoleEdge::withEdge)
                            .length("hole's diameter", Reading.HoleEdge::diameter, Reading.HoleEdge::withDiameter),
                    Kind.LENGTH,
                    Reading.HoleEdge::withInstrument,
                    Reading.HoleEdge::withSigma);
        }
        if (reading instanceof Reading.Distance distance) {
            return value(
                    new FieldsOf<>(distance, put::apply)
                            .choice("from", points, Reading.Distance::from, Reading.Distance::withFrom)
                            .choice("to", points, Reading.Distance::to, Reading.Distance::withTo),
                    Kind.LENGTH,
                    Reading.Distance::withInstrument,
                    Reading.Distance::withSigma);
        }
        if (reading instanceof Reading.OverBores bores) {
            return value(
                    new FieldsOf<>(bores, put::apply)
                            .choice("from", points, Reading.OverBores::from, Reading.OverBores::withFrom)
                            .choice("to", points, Reading.OverBores::to, Reading.OverBores::withTo)
                            .one(
                                    "sides",
                                    Reading.Sides.values(),
                                    SurveyCards::lower,
                                    Reading.OverBores::sides,
                                    Reading.OverBores::withSides)
                            .length("bore of the first", Reading.OverBores::fromBore, Reading.OverBores::withFromBore)
                            .length("bore of the second", Reading.OverBores::toBore, Reading.OverBores::withToBore),
                    Kind.LENGTH,
                    Reading.OverBores::withInstrument,
                    Reading.OverBores::withSigma);
        }
        return value(
                new FieldsOf<>((Reading.Slope) reading, put::apply)
                        .choice("from", points, Reading.Slope::from, Reading.Slope::withFrom)
                        .choice("to", points, Reading.Slope::to, Reading.Slope::withTo),
                Kind.ANGLE,
                Reading.Slope::withInstrument,
                Reading.Slope::withSigma);
    }

    /** What every reading has. */
    private static <R extends Reading> FieldsOf<R> value(
            FieldsOf<R> of, Kind kind, BiFunction<R, Instrument, R> taken, BiFunction<R, Double, R> within) {
        R reading = of.value();
        @SuppressWarnings("unchecked") // a reading with another value is of its own sort
        BiFunction<R, Double, R> other = (each, typed) -> (R) each.with(typed);
        return of.measure("reads", kind, Reading::value, other)
                .one("taken with", Instrument.values(), Instrument::word, Reading::instrument, taken)
                .measure("within", kind, Reading::sigma, within);
    }

    private static String lower(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT);
    }

    private void features() {
        List<Feature> all = survey.features();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            Feature feature = all.get(k);
            Function<List<Feature>, Job> others =
                    changed -> put.apply(survey(survey.points(), survey.readings(), changed, survey.patterns()));
            FieldsOf<Feature> of = new FieldsOf<>(feature, (Feature other) -> others.apply(with(all, at, other)))
                    .words("called", Feature::label, Feature::withLabel)
                    .one("is", Feature.Shape.values(), SurveyCards::lower, Feature::shape, Feature::withShape)
                    .several("through", points, Feature::points, Feature::withPoints);
            add(
                    "axis or plane",
                    feature.id(),
                    feature.label(),
                    of,
                    List.of(Deed.simplyAway(() -> others.apply(without(all, at)))));
        }
    }

    private void patterns() {
        List<HolePattern> all = survey.patterns();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            HolePattern pattern = all.get(k);
            Function<List<HolePattern>, Job> others =
                    changed -> put.apply(survey(survey.points(), survey.readings(), survey.features(), changed));
            FieldsOf<HolePattern> of = new FieldsOf<>(
                            pattern, (HolePattern other) -> others.apply(with(all, at, other)))
                    .words("called", HolePattern::label, HolePattern::withLabel)
                    .several("holes", points, HolePattern::points, HolePattern::withPoints)
                    .places("as they should be", HolePattern::places, HolePattern::withPlaces)
                    .length("holds within", HolePattern::tolerance, HolePattern::withTolerance);
            add(
                    "hole pattern",
                    pattern.id(),
                    pattern.label(),
                    of,
                    List.of(Deed.simplyAway(() -> others.apply(without(all, at)))));
        }
    }

    private void add(String kind, String id, String label, FieldsOf<?> fields, List<Deed> deeds) {
        cards.add(new Card(step, owner + kind, id, label, fields.list(), deeds));
    }

    /** Readings, axes and hole patterns that can be added between the first points. */
    List<Deed> additions() {
        if (survey.points().size() < 2) {
            return List.of();
        }
        String from = survey.points().get(0).id();
        String to = survey.points().get(1).id();
        double apart =
                survey.points().get(0).about().distanceTo(survey.points().get(1).about());
        String id = FreeMark.of("R", survey.readings().stream().map(Reading::id).toList());
        List<Deed> deeds = new ArrayList<>();
        reading(deeds, "a distance", new Reading.Distance(id, from, to, apart, Instrument.TAPE, TAPE));
        reading(
                deeds,
                "a distance from a plane",
                new Reading.Offset(id, from, DatumPlane.UP, 0.1, Instrument.TAPE, TAPE));
        reading(
                deeds,
                "a hole's edge from a plane",
                new Reading.HoleEdge(
                        id, from, DatumPlane.UP, Reading.Edge.NEAR, BORE, 0.1, Instrument.CALIPER, CALIPER));
        reading(
                deeds,
                "a caliper over two bores",
                new Reading.OverBores(
                        id, from, to, Reading.Sides.OUTER, BORE, BORE, apart + BORE, Instrument.CALIPER, CALIPER));
        reading(deeds, "a slope", new Reading.Slope(id, from, to, 0, Instrument.ANGLE_GAUGE, Math.toRadians(0.1)));
        List<SurveyPoint> three = survey.points().stream().limit(3).toList();
        String feature =
                FreeMark.of("F", survey.features().stream().map(Feature::id).toList());
        deeds.add(Deed.of(
                "an axis through points",
                () -> put.apply(survey(
                        survey.points(),
                        survey.readings(),
                        Listed.plus(
                                survey.features(), new Feature(feature, "new axis", Feature.Shape.AXIS, ids(three))),
                        survey.patterns()))));
        String pattern =
                FreeMark.of("P", survey.patterns().stream().map(HolePattern::id).toList());
        deeds.add(Deed.of(
                "a hole pattern",
                () -> put.apply(survey(
                        survey.points(),
                        survey.readings(),
                        survey.features(),
                        Listed.plus(
                                survey.patterns(),
                                new HolePattern(
                                        pattern,
                                        "new pattern",
                                        ids(three),
                                        three.stream().map(SurveyPoint::about).toList(),
                                        0.0005))))));
        return deeds;
    }

    private static List<String> ids(List<SurveyPoint> points) {
        return points.stream().map(SurveyPoint::id).toList();
    }

    private void reading(List<Deed> deeds, String words, Reading reading) {
        deeds.add(Deed.of(
                words,
                () -> put.apply(survey(
                        survey.points(),
                        Listed.plus(survey.readings(), reading),
                        survey.features(),
                        survey.patterns()))));
    }
}
