package oddcradle.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import oddcradle.core.card.Field.Named;
import oddcradle.core.catalog.Nut;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.make.Bar;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.make.Die;
import oddcradle.core.job.make.Pace;
import oddcradle.core.job.make.Part;
import oddcradle.core.job.make.PlateStock;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.make.Stores;
import oddcradle.core.job.make.Tools;
import oddcradle.core.material.Material;
import oddcradle.core.section.Section;
import oddcradle.core.units.Kind;

/** The cards of the shop: how it works, what lies on its rack, the dies of its bender, and how long its hands take. */
final class ShopCards {
    private static final double USUAL_BAR = 6;

    private ShopCards() {}

    static List<Card> of(Job job) {
        List<Card> cards = new ArrayList<>(List.of(shop(job), pace(job)));
        for (int k = 0; k < shopOf(job).stores().bars().size(); k++) {
            cards.add(bar(job, k));
        }
        for (int k = 0; k < shopOf(job).stores().plates().size(); k++) {
            cards.add(plate(job, k));
        }
        for (int k = 0; k < shopOf(job).tools().dies().size(); k++) {
            cards.add(die(job, k));
        }
        for (int k = 0; k < job.build().parts().size(); k++) {
            cards.add(part(job, k));
        }
        return cards;
    }

    /** What can be added to the shop. */
    static List<Deed> additions(Job job) {
        Section tube = job.cradle().members().isEmpty()
                ? SectionStock.tubes().get(0)
                : job.cradle().members().get(0).section();
        int number = shopOf(job).stores().bars().size() + 1;
        return List.of(
                Deed.of(
                        "A bar on the rack",
                        () -> stores(
                                job,
                                stores -> stores.withBars(Listed.plus(
                                        stores.bars(), new Bar("bar " + number, tube, "", USUAL_BAR, 0, 0))))),
                Deed.of(
                        "A sheet of plate",
                        () -> stores(
                                job,
                                stores -> stores.withPlates(Listed.plus(
                                        stores.plates(),
                                        new PlateStock(
                                                "sheet " + (stores.plates().size() + 1), 0.005, 1, 0.5, 0, 0))))),
                Deed.of(
                        "A die of the bender",
                        () -> tools(
                                job,
                                tools -> tools.withDies(Listed.plus(
                                        tools.dies(),
                                        new Die(
                                                2 * tube.halfSize(false),
                                                6 * tube.halfSize(false),
                                                0.03,
                                                4 * tube.halfSize(false)))))),
                Deed.of(
                        "Another thing to buy",
                        () -> job.withBuild(job.build()
                                .withParts(Listed.plus(
                                        job.build().parts(),
                                        new Part(
                                                "thing " + (job.build().parts().size() + 1),
                                                Part.State.TO_BUY,
                                                "",
                                                0))))));
    }

    private static Shop shopOf(Job job) {
        return job.build().shop();
    }

    private static Job with(Job job, Shop shop) {
        return job.withBuild(job.build().withShop(shop));
    }

    private static Job stores(Job job, UnaryOperator<Stores> change) {
        return with(job, shopOf(job).withStores(change.apply(shopOf(job).stores())));
    }

    private static Job tools(Job job, UnaryOperator<Tools> change) {
        return with(job, shopOf(job).withTools(change.apply(shopOf(job).tools())));
    }

    private static Shop withPlate(Shop shop, ShelfRow row) {
        return shop.withPlates(Stream.concat(shop.plates().stream(), row.sizes().stream())
                .distinct()
                .sorted()
                .toList());
    }

    private static Card shop(Job job) {
        Build build = job.build();
        Shop shop = build.shop();
        FieldsOf<Build> of = new FieldsOf<>(build, job::withBuild)
                .length("lost at each cut", Build::kerf, Build::withKerf)
                .measure("yield over what a tube may carry", Kind.RATIO, Build::yieldFactor, Build::withYieldFactor)
                .inner(Build::shop, Build::withShop, inside -> inside.row(
                                "plates on the shelf", Kind.LENGTH, Shop::plates, Shop::withPlates)
                        .shelf(Shelf.PLATES, ShopCards::withPlate)
                        .yes("buys inch bolts", Shop::inch, Shop::withInch)
                        .yes("welds in a jig", Shop::jig, Shop::withJig)
                        .yes("edges of two diameters", Shop::thin, Shop::withThin)
                        .one("nuts", Nut.values(), Nut::word, Shop::nuts, Shop::withNuts)
                        .inner(Shop::tools, Shop::withTools, ShopCards::tools)
                        .each(Shop::stock, Shop::withStock, (section, number) -> {
                            Sections.fields(section);
                            return section;
                        }));
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of(
                "Put a tube on the shelf",
                () -> stocked(
                        job, Listed.plus(shop.stock(), SectionStock.tubes().get(0)))));
        for (int k = 0; k < shop.stock().size(); k++) {
            int at = k;
            deeds.add(Deed.of(
                    "Take " + shop.stock().get(k).designation() + " off the shelf",
                    () -> stocked(job, Listed.without(shop.stock(), at))));
        }
        return new Card(Step.MAKE, "shop", "", "", of.list(), deeds);
    }

    private static Job stocked(Job job, List<Section> stock) {
        return with(job, shopOf(job).withStock(stock));
    }

    private static void tools(FieldsOf<Tools> of) {
        of.row("hole saws", Kind.LENGTH, Tools::holeSaws, Tools::withHoleSaws)
                .length("end of a bar the saw cannot use", Tools::clampLoss, Tools::withClampLoss)
                .length("gap left at each coped end for the weld", Tools::rootGap, Tools::withRootGap)
                .length("cut longer at each end, to fit down", Tools::allowance, Tools::withAllowance)
                .row("shims and washers", Kind.LENGTH, Tools::shims, Tools::withShims)
                .inner(Tools::printed, Tools::withPrinted, inside -> inside.length(
                                "level printer bar reads", Tools.Printed::across, Tools.Printed::withAcross)
                        .length("upright printer bar reads", Tools.Printed::upright, Tools.Printed::withUpright));
    }

    private static Card pace(Job job) {
        FieldsOf<Pace> of = new FieldsOf<>(
                        shopOf(job).pace(), pace -> with(job, shopOf(job).withPace(pace)))
                .words("money is counted in", Pace::currency, Pace::withCurrency)
                .measure("price of an hour", Kind.RATIO, Pace::hour, Pace::withHour)
                .measure("a square cut", Kind.TIME, Pace::cut, Pace::withCut)
                .measure("a coped end", Kind.TIME, Pace::cope, Pace::withCope)
                .measure("a bend", Kind.TIME, Pace::bend, Pace::withBend)
                .measure("a hole", Kind.TIME, Pace::hole, Pace::withHole)
                .measure("a plate", Kind.TIME, Pace::plate, Pace::withPlate)
                .measure("a metre of weld", Kind.TIME, Pace::weld, Pace::withWeld)
                .measure("a mount put together", Kind.TIME, Pace::mount, Pace::withMount)
                .measure("donor in and out once", Kind.TIME, Pace::fitting, Pace::withFitting);
        return new Card(Step.MAKE, "time and money", "", "", of.list(), List.of());
    }

    private static Card bar(Job job, int at) {
        List<Bar> bars = shopOf(job).stores().bars();
        Bar bar = bars.get(at);
        List<Named> materials = new ArrayList<>(List.of(new Named("", "any")));
        materials.addAll(Listed.named(job.materials(), Material::name, Material::name));
        FieldsOf<Bar> of = new FieldsOf<>(
                        bar, other -> stores(job, stores -> stores.withBars(Listed.with(bars, at, other))))
                .words("mark", Bar::mark, Bar::withMark)
                .inner(Bar::section, Bar::withSection, Sections::fields)
                .choice("material", materials, Bar::material, Bar::withMaterial)
                .length("length", Bar::length, Bar::withLength)
                .count("how many, 0 to buy", Bar::count, Bar::withCount)
                .measure("price of each", Kind.RATIO, Bar::price, Bar::withPrice);
        return new Card(
                Step.MAKE,
                "bar",
                Listed.number(at),
                bar.mark(),
                of.list(),
                List.of(Deed.simplyAway(() -> stores(job, stores -> stores.withBars(Listed.without(bars, at))))));
    }

    private static Card plate(Job job, int at) {
        List<PlateStock> plates = shopOf(job).stores().plates();
        PlateStock plate = plates.get(at);
        FieldsOf<PlateStock> of = new FieldsOf<>(
                        plate, other -> stores(job, stores -> stores.withPlates(Listed.with(plates, at, other))))
                .words("mark", PlateStock::mark, PlateStock::withMark)
                .length("thickness", PlateStock::thickness, PlateStock::withThickness)
                .length("length", PlateStock::length, PlateStock::withLength)
                .length("width", PlateStock::width, PlateStock::withWidth)
                .count("how many, 0 to buy", PlateStock::count, PlateStock::withCount)
                .measure("price of each", Kind.RATIO, PlateStock::price, PlateStock::withPrice);
        return new Card(
                Step.MAKE,
                "sheet",
                Listed.number(at),
                plate.mark(),
                of.list(),
                List.of(Deed.simplyAway(() -> stores(job, stores -> stores.withPlates(Listed.without(plates, at))))));
    }

    private static Card part(Job job, int at) {
        List<Part> parts = job.build().parts();
        Part part = parts.get(at);
        FieldsOf<Part> of = new FieldsOf<>(
                        part, other -> job.withBuild(job.build().withParts(Listed.with(parts, at, other))))
                .words("item", Part::item, Part::withItem)
                .one("state", Part.State.values(), Part.State::word, Part::state, Part::withState)
                .words("supplier", Part::supplier, Part::withSupplier)
                .measure("price of each", Kind.RATIO, Part::price, Part::withPrice);
        return new Card(
                Step.MAKE,
                "part",
                Listed.number(at),
                part.item(),
                of.list(),
                List.of(Deed.simplyAway(() -> job.withBuild(job.build().withParts(Listed.without(parts, at))))));
    }

    private static Card die(Job job, int at) {
        List<Die> dies = shopOf(job).tools().dies();
        Die die = dies.get(at);
        FieldsOf<Die> of = new FieldsOf<>(
                        die, other -> tools(job, tools -> tools.withDies(Listed.with(dies, at, other))))
                .length("for tube of", Die::od, Die::withOd)
                .length("radius of the centre line", Die::radius, Die::withRadius)
                .measure("springback, share of the angle", Kind.SHARE, Die::springback, Die::withSpringback)
                .length("straight needed beside a bend", Die::straight, Die::withStraight);
        return new Card(
                Step.MAKE,
                "die",
                Listed.number(at),
                "",
                of.list(),
                List.of(Deed.simplyAway(() -> tools(job, tools -> tools.withDies(Listed.without(dies, at))))));
    }
}
