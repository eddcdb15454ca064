package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.ShaftDials.Dial;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Step;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.job.fit.ThrustReading;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;

/** The cards of what was read of shafts, wheels and the thrust line as built. */
final class ShaftCards {
    private static final Dial STILL = new Dial(0, 0, 0, 0);

    private final Job job;
    private final AsBuilt built;

    private ShaftCards(Job job) {
        this.job = job;
        this.built = job.asBuilt();
    }

    static List<Card> of(Job job) {
        ShaftCards cards = new ShaftCards(job);
        List<Card> all = new ArrayList<>();
        for (int k = 0; k < job.asBuilt().shafts().size(); k++) {
            all.add(cards.shaft(k));
        }
        for (int k = 0; k < job.asBuilt().thrusts().size(); k++) {
            all.add(cards.thrust(k));
        }
        return all;
    }

    private Job put(AsBuilt other) {
        return job.withAsBuilt(other);
    }

    private List<Named> stages() {
        return named(job.line().stages(), Stage::id, Stage::label);
    }

    private Card shaft(int at) {
        ShaftReading reading = built.shafts().get(at);
        Function<ShaftReading, Job> put = other -> put(built.withShafts(with(built.shafts(), at, other)));
        List<Field> fields;
        String kind;
        if (reading instanceof ShaftReading.RimAndFace both) {
            kind = "rim and face";
            fields = dial(
                            dial(
                                    new FieldsOf<>(both, put::apply)
                                            .choice(
                                                    "of",
                                                    stages(),
                                                    ShaftReading.RimAndFace::stage,
                                                    ShaftReading.RimAndFace::withStage)
                                            .words(
                                                    "day",
                                                    ShaftReading.RimAndFace::date,
                                                    ShaftReading.RimAndFace::withDate),
                                    "rim: top, left, bottom, right",
                                    ShaftReading.RimAndFace::rim,
                                    ShaftReading.RimAndFace::withRim),
                            "face: top, left, bottom, right",
                            ShaftReading.RimAndFace::face,
                            ShaftReading.RimAndFace::withFace)
                    .length(
                            "circle of the face dial",
                            ShaftReading.RimAndFace::faceDiameter,
                            ShaftReading.RimAndFace::withFaceDiameter)
                    .length(
                            "rim dial from the middle, into the engine",
                            ShaftReading.RimAndFace::rimX,
                            ShaftReading.RimAndFace::withRimX)
                    .yes(
                            "bracket on the engine's shaft",
                            ShaftReading.RimAndFace::onDonor,
                            ShaftReading.RimAndFace::withOnDonor)
                    .yes("back of the face is read", ShaftReading.RimAndFace::back, ShaftReading.RimAndFace::withBack)
                    .length(
                            "sag of the bracket, bottom less top",
                            ShaftReading.RimAndFace::sag,
                            ShaftReading.RimAndFace::withSag)
                    .list();
        } else if (reading instanceof ShaftReading.TwoDials two) {
            kind = "two dials";
            fields = dial(
                            dial(
                                    new FieldsOf<>(two, put::apply)
                                            .choice(
                                                    "of",
                                                    stages(),
                                                    ShaftReading.TwoDials::stage,
                                                    ShaftReading.TwoDials::withStage)
                                            .words("day", ShaftReading.TwoDials::date, ShaftReading.TwoDials::withDate),
                                    "on the engine's hub: top, left, bottom, right",
                                    ShaftReading.TwoDials::onDonor,
                                    ShaftReading.TwoDials::withOnDonor),
                            "on the other hub: top, left, bottom, right",
                            ShaftReading.TwoDials::onDriven,
                            ShaftReading.TwoDials::withOnDriven)
                    .length(
                            "engine's dial from the middle, into the engine",
                            ShaftReading.TwoDials::donorX,
                            ShaftReading.TwoDials::withDonorX)
                    .length(
                            "other dial from the middle, into the engine",
                            ShaftReading.TwoDials::drivenX,
                            ShaftReading.TwoDials::withDrivenX)
                    .length(
                            "sag of the brackets, bottom less top",
                            ShaftReading.TwoDials::sag,
                            ShaftReading.TwoDials::withSag)
                    .list();
        } else if (reading instanceof ShaftReading.StepAndGaps feelers) {
            kind = "steps and gaps of a coupling";
            fields = dial(
                            new FieldsOf<>(feelers, put::apply)
                                    .choice(
                                            "of",
                                            stages(),
                                            ShaftReading.StepAndGaps::stage,
                                            ShaftReading.StepAndGaps::withStage)
                                    .words("day", ShaftReading.StepAndGaps::date, ShaftReading.StepAndGaps::withDate)
                                    .length(
                                            "engine's rim high by",
                                            ShaftReading.StepAndGaps::high,
                                            ShaftReading.StepAndGaps::withHigh)
                                    .length(
                                            "to the left by",
                                            ShaftReading.StepAndGaps::left,
                                            ShaftReading.StepAndGaps::withLeft),
                            "gaps: top, left, bottom, right",
                            ShaftReading.StepAndGaps::gaps,
                            ShaftReading.StepAndGaps::withGaps)
                    .length(
                            "diameter of the gaps",
                            ShaftReading.StepAndGaps::diameter,
                            ShaftReading.StepAndGaps::withDiameter)
                    .list();
        } else if (reading instanceof ShaftReading.StraightEdge edge) {
            kind = "straight-edge";
            fields = new FieldsOf<>(edge, put::apply)
                    .choice("of", stages(), ShaftReading.StraightEdge::stage, ShaftReading.StraightEdge::withStage)
                    .words("day", ShaftReading.StraightEdge::date, ShaftReading.StraightEdge::withDate)
                    .length("gap at the near rim", ShaftReading.StraightEdge::near, ShaftReading.StraightEdge::withNear)
                    .length("gap at the far rim", ShaftReading.StraightEdge::far, ShaftReading.StraightEdge::withFar)
                    .length("between the two", ShaftReading.StraightEdge::apart, ShaftReading.StraightEdge::withApart)
                    .yes(
                            "on the faces towards the engine",
                            ShaftReading.StraightEdge::inside,
                            ShaftReading.StraightEdge::withInside)
                    .list();
        } else if (reading instanceof ShaftReading.StringLine line) {
            kind = "string or laser line";
            fields = string(new FieldsOf<>(line, put::apply));
        } else {
            kind = "both ends of two shafts";
            fields = ends(new FieldsOf<>((ShaftReading.BothEnds) reading, put::apply));
        }
        return new Card(
                Step.FIT,
                kind,
                reading.id(),
                reading.stage(),
                fields,
                List.of(Deed.simplyAway(() -> put(built.withShafts(without(built.shafts(), at))))));
    }

    private static <T> FieldsOf<T> dial(
            FieldsOf<T> of, String name, Function<T, Dial> get, BiFunction<T, Dial, T> withDial) {
        return of.table(
                name,
                List.of(
                        new Field.Column("top", Kind.LENGTH),
                        new Field.Column("left", Kind.LENGTH),
                        new Field.Column("bottom", Kind.LENGTH),
                        new Field.Column("right", Kind.LENGTH)),
                each -> List.of(List.of(
                        get.apply(each).top(),
                        get.apply(each).left(),
                        get.apply(each).bottom(),
                        get.apply(each).right())),
                (each, rows) -> {
                    List<Double> first = Listed.only(name, rows);
                    return withDial.apply(each, new Dial(first.get(0), first.get(1), first.get(2), first.get(3)));
                });
    }

    private List<Field> string(FieldsOf<ShaftReading.StringLine> of) {
        return of.choice("of", stages(), ShaftReading.StringLine::stage, ShaftReading.StringLine::withStage)
                .words("day", ShaftReading.StringLine::date, ShaftReading.StringLine::withDate)
                .length(
                        "line to the driver's face, near rim",
                        ShaftReading.StringLine::donorNear,
                        ShaftReading.StringLine::withDonorNear)
                .length("its far rim", ShaftReading.StringLine::donorFar, ShaftReading.StringLine::withDonorFar)
                .length(
                        "between those two",
                        ShaftReading.StringLine::donorApart,
                        ShaftReading.StringLine::withDonorApart)
                .length(
                        "line to the driven wheel's face, near rim",
                        ShaftReading.StringLine::drivenNear,
                        ShaftReading.StringLine::withDrivenNear)
                .length("far rim of that", ShaftReading.StringLine::drivenFar, ShaftReading.StringLine::withDrivenFar)
                .length(
                        "between the two of that",
                        ShaftReading.StringLine::drivenApart,
                        ShaftReading.StringLine::withDrivenApart)
                .length(
                        "driver thicker by, teeth to face",
                        ShaftReading.StringLine::thicker,
                        ShaftReading.StringLine::withThicker)
                .angle(
                        "driver's top leans to the line",
                        ShaftReading.StringLine::donorLean,
                        ShaftReading.StringLine::withDonorLean)
                .angle(
                        "driven wheel's top leans to it",
                        ShaftReading.StringLine::drivenLean,
                        ShaftReading.StringLine::withDrivenLean)
                .yes(
                        "line on the side of the engine",
                        ShaftReading.StringLine::inside,
                        ShaftReading.StringLine::withInside)
                .list();
    }

    private List<Field> ends(FieldsOf<ShaftReading.BothEnds> of) {
        return of.choice("of", stages(), ShaftReading.BothEnds::stage, ShaftReading.BothEnds::withStage)
                .words("day", ShaftReading.BothEnds::date, ShaftReading.BothEnds::withDate)
                .length("between the shafts, left ends", ShaftReading.BothEnds::left, ShaftReading.BothEnds::withLeft)
                .length("right ends", ShaftReading.BothEnds::right, ShaftReading.BothEnds::withRight)
                .length("between those two places", ShaftReading.BothEnds::apart, ShaftReading.BothEnds::withApart)
                .angle(
                        "driving shaft: left end high",
                        ShaftReading.BothEnds::donorLevel,
                        ShaftReading.BothEnds::withDonorLevel)
                .angle(
                        "driven shaft: left end high",
                        ShaftReading.BothEnds::drivenLevel,
                        ShaftReading.BothEnds::withDrivenLevel)
                .list();
    }

    private Card thrust(int at) {
        ThrustReading reading = built.thrusts().get(at);
        return new Card(
                Step.FIT,
                "thrust line",
                reading.id(),
                "",
                new FieldsOf<>(reading, other -> put(built.withThrusts(with(built.thrusts(), at, other))))
                        .length("shaft to the tip measured from", ThrustReading::radius, ThrustReading::withRadius)
                        .place("mark behind it", ThrustReading::mark, ThrustReading::withMark)
                        .length("tip at the left to the mark", ThrustReading::left, ThrustReading::withLeft)
                        .length("tip at the right to the mark", ThrustReading::right, ThrustReading::withRight)
                        .angle("shaft points down by level", ThrustReading::level, ThrustReading::withLevel)
                        .words("day", ThrustReading::date, ThrustReading::withDate)
                        .list(),
                List.of(Deed.simplyAway(() -> put(built.withThrusts(without(built.thrusts(), at))))));
    }

    /** What can be read of a line. */
    static List<Deed> additions(Job job) {
        AsBuilt built = job.asBuilt();
        List<Deed> deeds = new ArrayList<>();
        String id =
                FreeMark.of("A", built.shafts().stream().map(ShaftReading::id).toList());
        job.line().stages().stream().findFirst().map(Stage::id).ifPresent(stage -> {
            deeds.add(shaft(
                    job,
                    "Rim and face by dial",
                    new ShaftReading.RimAndFace(id, stage, "", STILL, STILL, 0.1, 0, false, false, 0)));
            deeds.add(shaft(job, "Two dials", new ShaftReading.TwoDials(id, stage, "", STILL, STILL, 0.05, -0.05, 0)));
            deeds.add(shaft(
                    job,
                    "Steps and gaps by feeler or laser",
                    new ShaftReading.StepAndGaps(id, stage, "", 0, 0, STILL, 0.1)));
            deeds.add(shaft(job, "A straight-edge", new ShaftReading.StraightEdge(id, stage, "", 0, 0, 0.15, false)));
            deeds.add(shaft(
                    job,
                    "A string or laser line",
                    new ShaftReading.StringLine(id, stage, "", 0.02, 0.02, 0.08, 0.02, 0.02, 0.15, 0, 0, 0, false)));
            deeds.add(shaft(
                    job, "Both ends of two shafts", new ShaftReading.BothEnds(id, stage, "", 0.5, 0.5, 0.4, 0, 0)));
        });
        if (job.line().end().filter(LineEnd.Propeller.class::isInstance).isPresent()) {
            deeds.add(Deed.of(
                    "The thrust line, by one blade and a level",
                    () -> job.withAsBuilt(built.withThrusts(plus(
                            built.thrusts(),
                            new ThrustReading(
                                    FreeMark.of(
                                            "H",
                                            built.thrusts().stream()
                                                    .map(ThrustReading::id)
                                                    .toList()),
                                    0.7,
                                    new Vec3(-3, 0, 0),
                                    3,
                                    3,
                                    0,
                                    ""))))));
        }
        return deeds;
    }

    private static Deed shaft(Job job, String words, ShaftReading reading) {
        return Deed.of(
                words,
                () -> job.withAsBuilt(
                        job.asBuilt().withShafts(plus(job.asBuilt().shafts(), reading))));
    }
}
