package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.finding.Step;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.BackLash;
import oddcradle.core.job.fit.CutAway;
import oddcradle.core.job.fit.Fitted;
import oddcradle.core.job.fit.Fitting;
import oddcradle.core.job.fit.FootGap;
import oddcradle.core.job.fit.Growth;
import oddcradle.core.job.fit.Inspection;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.job.fit.PanelGap;
import oddcradle.core.job.fit.RunOut;
import oddcradle.core.job.tube.Node;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Kind;

/** The cards of the machine as it was built. */
final class FitCards {
    private final Job job;
    private final AsBuilt built;
    private final List<Card> cards = new ArrayList<>();

    private FitCards(Job job) {
        this.job = job;
        this.built = job.asBuilt();
    }

    static List<Card> of(Job job) {
        return new FitCards(job).all();
    }

    private List<Card> all() {
        each("time measured", built.measured(), AsBuilt::withMeasured, Measuring::name, (of, at) -> measuring(of));
        for (int k = 0; k < built.measured().size(); k++) {
            int at = k;
            Measuring measuring = built.measured().get(k);
            cards.addAll(new SurveyCards(
                            Step.FIT,
                            measuring.name() + ": ",
                            measuring.survey(),
                            survey -> put(built.withMeasured(with(built.measured(), at, measuring.withSurvey(survey)))))
                    .all());
        }
        cards.addAll(ShaftCards.of(job));
        each("run-out", built.runOuts(), AsBuilt::withRunOuts, RunOut::label, (of, at) -> of.words(
                        "mark", RunOut::id, RunOut::withId)
                .words("called", RunOut::label, RunOut::withLabel)
                .one("of the", RunOut.Of.values(), RunOut.Of::word, RunOut::of, RunOut::withOf)
                .measure(
                        "high less low, or share that bears",
                        of.value().of().measures(),
                        RunOut::read,
                        RunOut::withRead)
                .length("diameter it was read on", RunOut::diameter, RunOut::withDiameter)
                .words("day", RunOut::date, RunOut::withDate));
        each("play of teeth", built.backLashes(), AsBuilt::withBackLashes, BackLash::label, (of, at) -> of.words(
                        "mark", BackLash::id, BackLash::withId)
                .words("called", BackLash::label, BackLash::withLabel)
                .measure("least, round one turn", Kind.FINE_LENGTH, BackLash::least, BackLash::withLeast)
                .measure("most, round one turn", Kind.FINE_LENGTH, BackLash::most, BackLash::withMost)
                .length("module", BackLash::module, BackLash::withModule)
                .length("between centres", BackLash::centres, BackLash::withCentres)
                .words("day", BackLash::date, BackLash::withDate));
        each("gap of a panel", built.panels(), AsBuilt::withPanels, PanelGap::label, (of, at) -> of.words(
                        "mark", PanelGap::id, PanelGap::withId)
                .words("where", PanelGap::label, PanelGap::withLabel)
                .length("before the engine went in", PanelGap::before, PanelGap::withBefore)
                .yes("read with the engine in", panel -> panel.now().isPresent(), FitCards::read)
                .length(
                        "with the engine in",
                        panel -> panel.now().orElse(panel.before()),
                        (panel, gap) -> panel.withNow(Optional.of(gap)))
                .words("day of the first", PanelGap::date, PanelGap::withDate));
        each("gap under a foot", built.feet(), AsBuilt::withFeet, FootGap::mount, (of, at) -> of.choice(
                        "mount", mounts(), FootGap::mount, FootGap::withMount)
                .length("gap with its bolt loose", FootGap::gap, FootGap::withGap));
        growth();
        each("fitted under a boss", built.fitted(), AsBuilt::withFitted, Fitted::mount, (of, at) -> of.choice(
                        "mount", mounts(), Fitted::mount, Fitted::withMount)
                .length("shims and washers beyond the drawing", Fitted::thickness, Fitted::withThickness));
        each("in or out", built.fittings(), AsBuilt::withFittings, Fitting::date, (of, at) -> fitting(of));
        each("piece cut away", built.cutAway(), AsBuilt::withCutAway, CutAway::from, (of, at) -> cut(of));
        each("inspection", built.inspections(), AsBuilt::withInspections, Inspection::item, (of, at) -> inspection(of));
        built.scan()
                .ifPresent(scan -> cards.add(new Card(
                        Step.FIT,
                        "scan of the finished mount",
                        "",
                        scan.file(),
                        DonorCards.scan(
                                        new FieldsOf<>(scan, other -> put(built.withScan(Optional.of(other)))),
                                        named(job.host().nodes(), Node::id, Node::id),
                                        built.survey())
                                .list(),
                        List.of(Deed.simplyAway(() -> put(built.withScan(Optional.empty())))))));
        return cards;
    }

    private Job put(AsBuilt other) {
        return job.withAsBuilt(other);
    }

    private <T> void each(
            String kind,
            List<T> all,
            BiFunction<AsBuilt, List<T>, AsBuilt> withAll,
            Function<T, String> label,
            BiFunction<FieldsOf<T>, Integer, FieldsOf<T>> fields) {
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            FieldsOf<T> of = new FieldsOf<>(all.get(k), other -> put(withAll.apply(built, with(all, at, other))));
            cards.add(new Card(
                    Step.FIT,
                    kind,
                    Listed.number(k),
                    label.apply(all.get(k)),
                    fields.apply(of, k).list(),
                    List.of(Deed.simplyAway(() -> put(withAll.apply(built, without(all, at)))))));
        }
    }

    private List<Named> mounts() {
        return named(job.cradle().isolators(), Isolator::id, Isolator::id);
    }

    private static PanelGap read(PanelGap panel, boolean yes) {
        return panel.withNow(yes ? panel.now().or(() -> Optional.of(panel.before())) : Optional.empty());
    }

    private static FieldsOf<Measuring> measuring(FieldsOf<Measuring> of) {
        return of.words("called", Measuring::name, Measuring::withName)
                .one(
                        "the mount is",
                        Measuring.Made.values(),
                        Measuring.Made::word,
                        Measuring::made,
                        Measuring::withMade)
                .yes("the engine stands on it", Measuring::loaded, Measuring::withLoaded)
                .words("day", Measuring::date, Measuring::withDate);
    }

    private void growth() {
        FieldsOf<Growth> of = new FieldsOf<>(built.growth(), other -> put(built.withGrowth(other)))
                .length("engine's shaft over its feet", Growth::donorHeight, Growth::withDonorHeight)
                .measure("gets warmer by", Kind.TEMPERATURE_RISE, Growth::donorRise, Growth::withDonorRise)
                .one(
                        "its casing",
                        Growth.Metal.values(),
                        Growth.Metal::word,
                        Growth::donorMetal,
                        Growth::withDonorMetal)
                .length("driven shaft over its feet", Growth::drivenHeight, Growth::withDrivenHeight)
                .measure("that gets warmer by", Kind.TEMPERATURE_RISE, Growth::drivenRise, Growth::withDrivenRise)
                .one(
                        "casing of the driven one",
                        Growth.Metal.values(),
                        Growth.Metal::word,
                        Growth::drivenMetal,
                        Growth::withDrivenMetal);
        cards.add(new Card(Step.FIT, "growth of the shafts", "", "", of.list(), List.of()));
    }

    private static FieldsOf<Fitting> fitting(FieldsOf<Fitting> of) {
        return of.words("day", Fitting::date, Fitting::withDate)
                .one("engine went", Fitting.Way.values(), Fitting.Way::word, Fitting::way, Fitting::withWay)
                .measure("took", Kind.TIME, Fitting::time, Fitting::withTime)
                .words("touched", Fitting::touched, Fitting::withTouched)
                .words("cut or changed for it", Fitting::done, Fitting::withDone)
                .words("photo beside the job", Fitting::photo, Fitting::withPhoto);
    }

    private static FieldsOf<CutAway> cut(FieldsOf<CutAway> of) {
        return of.words("cut from", CutAway::from, CutAway::withFrom)
                .length("how much", CutAway::length, CutAway::withLength)
                .words("why", CutAway::why, CutAway::withWhy)
                .words("day", CutAway::date, CutAway::withDate);
    }

    private static FieldsOf<Inspection> inspection(FieldsOf<Inspection> of) {
        return of.words("what", Inspection::item, Inspection::withItem)
                .words("looked at by", Inspection::who, Inspection::withWho)
                .words("day", Inspection::date, Inspection::withDate)
                .words("found, empty where all was well", Inspection::found, Inspection::withFound);
    }

    /** What can be added to what was built. */
    static List<Deed> additions(Job job) {
        AsBuilt built = job.asBuilt();
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of(
                "Measure the mount once more",
                () -> job.withAsBuilt(built.again(
                        FreeMark.of(
                                "time ",
                                built.measured().stream().map(Measuring::name).toList()),
                        Measuring.Made.WELDED,
                        false,
                        ""))));
        for (Isolator mount : job.cradle().isolators()) {
            if (built.survey().point(mount.id()).isEmpty()) {
                deeds.add(Deed.of(
                        "The hole of " + mount.id() + " as a point to measure",
                        () -> Side.MOUNT.withSurvey(job, built.survey().with(hole(job, mount)))));
            }
        }
        built.now()
                .ifPresent(now -> deeds.addAll(
                        new SurveyCards(Step.FIT, "", now.survey(), survey -> job.withAsBuilt(built.withNow(survey)))
                                .additions()));
        deeds.addAll(ShaftCards.additions(job));
        job.cradle().isolators().stream()
                .filter(mount ->
                        built.feet().stream().noneMatch(each -> each.mount().equals(mount.id())))
                .findFirst()
                .ifPresent(mount -> deeds.add(Deed.of(
                        "A gap under a foot",
                        () -> job.withAsBuilt(built.withFeet(plus(built.feet(), new FootGap(mount.id(), 0)))))));
        job.cradle().isolators().stream()
                .filter(mount ->
                        built.fitted().stream().noneMatch(each -> each.mount().equals(mount.id())))
                .findFirst()
                .ifPresent(mount -> deeds.add(Deed.of(
                        "Shims under a boss",
                        () -> job.withAsBuilt(built.withFitted(plus(built.fitted(), new Fitted(mount.id(), 0)))))));
        for (RunOut.Of of : RunOut.Of.values()) {
            deeds.add(Deed.of(
                    "How true: " + of.word(),
                    () -> job.withAsBuilt(built.withRunOuts(plus(
                            built.runOuts(),
                            new RunOut(
                                    FreeMark.of(
                                            "T",
                                            built.runOuts().stream()
                                                    .map(RunOut::id)
                                                    .toList()),
                                    of.word(),
                                    of,
                                    of.measures() == Kind.SHARE ? 1 : 0,
                                    of.goesByDiameter() ? 0.3 : 0,
                                    ""))))));
        }
        deeds.add(Deed.of(
                "Play of two gears",
                () -> job.withAsBuilt(built.withBackLashes(plus(
                        built.backLashes(),
                        new BackLash(
                                FreeMark.of(
                                        "L",
                                        built.backLashes().stream()
                                                .map(BackLash::id)
                                                .toList()),
                                "gears",
                                0.0001,
                                0.0001,
                                0.003,
                                0.1,
                                ""))))));
        deeds.add(Deed.of(
                "Gap of a panel, before the engine goes in",
                () -> job.withAsBuilt(built.withPanels(plus(
                        built.panels(),
                        new PanelGap(
                                FreeMark.of(
                                        "P",
                                        built.panels().stream()
                                                .map(PanelGap::id)
                                                .toList()),
                                "panel",
                                0.004,
                                Optional.empty(),
                                ""))))));
        deeds.add(Deed.of(
                "The engine in or out",
                () -> job.withAsBuilt(built.withFittings(
                        plus(built.fittings(), new Fitting(lastDay(built), Fitting.Way.IN, 0, "", "", ""))))));
        deeds.add(Deed.of(
                "A piece cut away",
                () -> job.withAsBuilt(built.withCutAway(plus(built.cutAway(), new CutAway("", "a tube", 0, ""))))));
        deeds.add(Deed.of(
                "Somebody looked at it",
                () -> job.withAsBuilt(built.withInspections(plus(
                        built.inspections(),
                        new Inspection(
                                FreeMark.of(
                                        "look ",
                                        built.inspections().stream()
                                                .map(Inspection::item)
                                                .toList()),
                                "who",
                                "",
                                ""))))));
        return deeds;
    }

    /** A log runs forwards: a new line begins on the day of the last. */
    private static String lastDay(AsBuilt built) {
        return built.fittings().isEmpty()
                ? "2026-01-01"
                : built.fittings().get(built.fittings().size() - 1).date();
    }

    private static SurveyPoint hole(Job job, Isolator mount) {
        return SurveyPoint.of(
                mount.id(), "hole of " + mount.id(), Side.MOUNT.places(job).get(mount.id()), 0, false);
    }
}
