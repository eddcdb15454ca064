package oddcradle.core.card;

import java.util.List;
import oddcradle.core.card.Field.Named;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.Hard;
import oddcradle.core.mounting.MeasuredMount;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.units.Kind;

/** The fields of what is between a boss and its mount, or under a foot. */
final class Elements {
    private static final double USUAL_HARDNESS = 50;

    private Elements() {}

    static void fields(FieldsOf<MountElement> of) {
        of.choice(
                "held by",
                List.of(
                        new Named("pad", "a bonded pad"),
                        new Named("bush", "a bonded bush"),
                        new Named("measured", "one of your own, measured"),
                        new Named("hard", "bolts alone, hard")),
                Elements::kind,
                Elements::usual);
        MountElement element = of.value();
        if (element instanceof BondedPad pad) {
            of.length(
                            "pad's diameter",
                            any -> pad.diameter(),
                            (any, d) -> new BondedPad(d, pad.height(), pad.hardness(), pad.elastomer()))
                    .length(
                            "pad's height",
                            any -> pad.height(),
                            (any, h) -> new BondedPad(pad.diameter(), h, pad.hardness(), pad.elastomer()))
                    .one(
                            "of",
                            Elastomer.values(),
                            Elastomer::word,
                            any -> pad.elastomer(),
                            (any, kind) -> new BondedPad(pad.diameter(), pad.height(), pad.hardness(), kind));
        } else if (element instanceof BondedBush bush) {
            of.length(
                            "bush's bore",
                            any -> bush.bore(),
                            (any, bore) -> new BondedBush(
                                    bore, bush.diameter(), bush.length(), bush.hardness(), bush.elastomer()))
                    .length(
                            "bush's outside",
                            any -> bush.diameter(),
                            (any, d) ->
                                    new BondedBush(bush.bore(), d, bush.length(), bush.hardness(), bush.elastomer()))
                    .length(
                            "bush's length",
                            any -> bush.length(),
                            (any, l) ->
                                    new BondedBush(bush.bore(), bush.diameter(), l, bush.hardness(), bush.elastomer()))
                    .one(
                            "of",
                            Elastomer.values(),
                            Elastomer::word,
                            any -> bush.elastomer(),
                            (any, kind) ->
                                    new BondedBush(bush.bore(), bush.diameter(), bush.length(), bush.hardness(), kind));
        }
        if (element instanceof MeasuredMount own) {
            measured(of, own);
        }
        if (element instanceof BondedPad pad) {
            of.shelf(
                    Shelf.PADS,
                    (any, row) ->
                            new BondedPad(row.sizes().get(0), row.sizes().get(1), pad.hardness(), pad.elastomer()));
        } else if (element instanceof BondedBush bush) {
            of.shelf(
                    Shelf.BUSHES,
                    (any, row) -> new BondedBush(
                            row.sizes().get(0),
                            row.sizes().get(1),
                            row.sizes().get(2),
                            bush.hardness(),
                            bush.elastomer()));
        }
        element.shore()
                .ifPresent(shore -> of.measure(
                        "hardness", Kind.HARDNESS, any -> shore, (any, other) -> element.withHardness(other)));
    }

    private static void measured(FieldsOf<MountElement> of, MeasuredMount own) {
        of.length(
                        "its diameter",
                        any -> own.diameter(),
                        (any, d) -> new MeasuredMount(
                                d, own.height(), own.table(), own.load(), own.across(), own.shaking()))
                .length(
                        "height of what is soft",
                        any -> own.height(),
                        (any, h) -> new MeasuredMount(
                                own.diameter(), h, own.table(), own.load(), own.across(), own.shaking()))
                .table(
                        "load and deflection",
                        List.of(new Field.Column("deflection", Kind.LENGTH), new Field.Column("force", Kind.FORCE)),
                        any -> own.table().stream()
                                .map(step -> List.of(step.deflection(), step.force()))
                                .toList(),
                        (any, rows) -> new MeasuredMount(
                                own.diameter(),
                                own.height(),
                                rows.stream()
                                        .map(row -> new MeasuredMount.Step(row.get(0), row.get(1)))
                                        .toList(),
                                own.load(),
                                own.across(),
                                own.shaking()))
                .measure(
                        "carries at rest",
                        Kind.FORCE,
                        any -> own.load(),
                        (any, load) -> new MeasuredMount(
                                own.diameter(), own.height(), own.table(), load, own.across(), own.shaking()))
                .measure(
                        "stiffness across over along",
                        Kind.RATIO,
                        any -> own.across(),
                        (any, ratio) -> new MeasuredMount(
                                own.diameter(), own.height(), own.table(), own.load(), ratio, own.shaking()))
                .measure(
                        "stiffness shaking over steady",
                        Kind.RATIO,
                        any -> own.shaking(),
                        (any, ratio) -> new MeasuredMount(
                                own.diameter(), own.height(), own.table(), own.load(), own.across(), ratio));
    }

    private static String kind(MountElement element) {
        return element instanceof BondedPad
                ? "pad"
                : element instanceof BondedBush ? "bush" : element instanceof MeasuredMount ? "measured" : "hard";
    }

    private static MountElement usual(MountElement before, String kind) {
        if (kind(before).equals(kind)) {
            return before;
        }
        double hardness = before.shore().orElse(USUAL_HARDNESS);
        return switch (kind) {
            case "pad" -> new BondedPad(0.05, 0.04, hardness, Elastomer.RUBBER);
            case "bush" -> new BondedBush(0.02, 0.045, 0.05, hardness, Elastomer.RUBBER);
            case "measured" ->
                new MeasuredMount(
                        0.05,
                        0.04,
                        List.of(new MeasuredMount.Step(0.002, 200), new MeasuredMount.Step(0.005, 700)),
                        200,
                        0.3,
                        1.3);
            default -> new Hard();
        };
    }
}
