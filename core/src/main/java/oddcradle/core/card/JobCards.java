package oddcradle.core.card;

import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.JobBuilder;
import oddcradle.core.job.Weights;
import oddcradle.core.job.load.Duty;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.Shock;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.units.Kind;

/** The cards of the job itself, its materials, its shop and its load cases. */
final class JobCards {
    private JobCards() {}

    static List<Card> of(Job job) {
        List<Card> cards = new ArrayList<>();
        cards.add(job(job));
        cards.addAll(materials(job));
        cards.addAll(ShopCards.of(job));
        cards.add(duty(job));
        cards.addAll(cases(job));
        return cards;
    }

    private static Card job(Job job) {
        FieldsOf<Job> of = new FieldsOf<>(job, (Job other) -> other)
                .words("called", Job::name, Job::withName)
                .inner(Job::weights, Job::withWeights, JobCards::weights);
        return new Card(Step.DONOR, "job", "", job.name(), of.list(), List.of());
    }

    private static void weights(FieldsOf<Weights> of) {
        List<String> names = List.of("fit", "little mass", "power", "little shaking", "price", "its shaft");
        for (int k = 0; k < names.size(); k++) {
            int at = k;
            of.measure(
                    "among candidates, " + names.get(k) + ", 0 to 10",
                    Kind.RATIO,
                    each -> all(each).get(at),
                    (each, weight) -> {
                        List<Double> w = with(all(each), at, weight);
                        return new Weights(w.get(0), w.get(1), w.get(2), w.get(3), w.get(4), w.get(5));
                    });
        }
    }

    private static List<Double> all(Weights w) {
        return List.of(w.fit(), w.mass(), w.power(), w.shaking(), w.price(), w.shaft());
    }

    private static List<Card> materials(Job job) {
        List<Material> all = job.materials();
        List<Card> cards = new ArrayList<>();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            Material material = all.get(k);
            FieldsOf<Material> of = new FieldsOf<>(
                            material, (Material other) -> job.withMaterials(with(all, at, other)))
                    .measure("stiffness", Kind.STRESS, Material::youngsModulus, Material::withYoungsModulus)
                    .measure("Poisson's ratio", Kind.RATIO, Material::poissonRatio, Material::withPoissonRatio)
                    .measure("density, kg/m³", Kind.RATIO, Material::density, Material::withDensity)
                    .measure("yield strength", Kind.STRESS, Material::yieldStrength, Material::withYieldStrength)
                    .measure(
                            "ultimate strength, 0 unknown",
                            Kind.STRESS,
                            each -> each.ultimateStrength().orElse(0.0),
                            (each, ultimate) -> each.withUltimateStrength(
                                    Optional.of(ultimate).filter(strength -> strength != 0)))
                    .measure(
                            "yield beside a weld, 0 as usual",
                            Kind.STRESS,
                            each -> each.weldedYield().orElse(0.0),
                            (each, welded) ->
                                    each.withWeldedYield(Optional.of(welded).filter(strength -> strength != 0)));
            of.add(new Field.Words("called", material.name(), name -> renamed(job, material, name)));
            cards.add(new Card(
                    Step.HOST,
                    "material",
                    Listed.number(k),
                    material.name(),
                    of.list(),
                    List.of(Deed.simplyAway(() -> job.withMaterials(without(all, at))))));
        }
        return cards;
    }

    /** A material under another name, on every tube that is made of it. */
    private static Job renamed(Job job, Material material, String name) {
        UnaryOperator<List<Member>> tubes = members -> members.stream()
                .map(tube -> tube.material().equals(material.name()) ? tube.withMaterial(name) : tube)
                .toList();
        return JobBuilder.builder(job)
                .materials(job.materials().stream()
                        .map(each -> each.equals(material) ? each.withName(name) : each)
                        .toList())
                .host(job.host().withMembers(tubes.apply(job.host().members())))
                .cradle(job.cradle().withMembers(tubes.apply(job.cradle().members())))
                .made();
    }

    private static Card duty(Job job) {
        FieldsOf<Duty> of = new FieldsOf<>(
                        job.duty(), duty -> job.withBuild(job.build().withDuty(Optional.of(duty))))
                .measure("throttle opened wide, an hour", Kind.RATIO, Duty::openings, Duty::withOpenings)
                .measure("starts, an hour", Kind.RATIO, Duty::starts, Duty::withStarts)
                .measure("jolts as hard as its cases, an hour", Kind.RATIO, Duty::jolts, Duty::withJolts)
                .measure("share of the time at cruise", Kind.RATIO, Duty::cruise, Duty::withCruise)
                .measure("share of the time at idle", Kind.RATIO, Duty::idle, Duty::withIdle)
                .measure("hours a year", Kind.RATIO, Duty::hoursAYear, Duty::withHoursAYear);
        List<Deed> deeds = job.build().duty().isPresent()
                ? List.of(Deed.of(
                        "Take the usual duty", () -> job.withBuild(job.build().withDuty(Optional.empty()))))
                : List.of();
        return new Card(Step.LOAD, "duty", "", "", of.list(), deeds);
    }

    private static List<Card> cases(Job job) {
        List<LoadCase> all = job.cases();
        List<Card> cards = new ArrayList<>();
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            LoadCase load = all.get(k);
            FieldsOf<LoadCase> of = new FieldsOf<>(load, (LoadCase other) -> job.withCases(with(all, at, other)))
                    .words("called", LoadCase::label, LoadCase::withLabel)
                    .vector("pulls on every mass, in g", Kind.RATIO, LoadCase::field, LoadCase::withField)
                    .measure("share of the full drive", Kind.RATIO, LoadCase::drive, LoadCase::withDrive)
                    .vector("machine turns, rad/s", Kind.RATIO, LoadCase::turning, LoadCase::withTurning)
                    .one("at once besides", Shock.values(), Shock::words, LoadCase::shock, LoadCase::withShock)
                    .one("held against", Level.values(), Level::word, LoadCase::level, LoadCase::withLevel)
                    .yes("switched off", LoadCase::off, LoadCase::withOff)
                    .words("source", LoadCase::source, LoadCase::withSource);
            cards.add(new Card(
                    Step.LOAD,
                    "load case",
                    load.id(),
                    load.label(),
                    of.list(),
                    List.of(Deed.simplyAway(() -> job.withCases(without(all, at))))));
        }
        return cards;
    }
}
