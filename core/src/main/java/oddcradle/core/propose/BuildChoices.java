package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.tube.Member;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.Hard;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.step.seat.SeatFinding;
import oddcradle.core.structure.MountStiffness;
import oddcradle.core.structure.TubeStress;

/**
 * The choices on which builders differ, each tried on the job as it is: what it would cost here. None is picked for the user.
 */
public final class BuildChoices {
    private static final double TACKED = 1.15;

    private BuildChoices() {}

    /**
     * One choice.
     *
     * @param question such as "hard or soft"
     * @param name of the choice
     * @param now whether the job is built so
     * @param cradle of the job with it
     * @param shop of the job with it
     * @param lowestMode Hz
     * @param transmissibility share of a vertical force at cruise that reaches the frame; empty where all is bolted hard
     * @param moves farthest that the drive's end moves under any case, m
     * @param highestUtilisation share of what is allowed in the hardest worked tube
     * @param shortGaps pairs nearer than they may be
     * @param hours in the shop
     * @param price in words, of this choice in this job
     */
    public record Choice(
            String question,
            String name,
            boolean now,
            Cradle cradle,
            Shop shop,
            Optional<Double> lowestMode,
            Optional<Double> transmissibility,
            double moves,
            Optional<Double> highestUtilisation,
            int shortGaps,
            double hours,
            String price) {}

    /** @throws Progress.Cancelled if the watcher ends it */
    public static List<Choice> of(Examination examination, Progress progress) {
        Job job = examination.job();
        List<Choice> choices = new ArrayList<>();
        if (job.cradle().isolators().isEmpty()) {
            return choices;
        }
        elements(choices, examination);
        progress.report(0.5);
        points(choices, examination);
        progress.report(0.7);
        joints(choices, examination);
        jig(choices, examination);
        looks(choices, examination);
        progress.report(1);
        return choices;
    }

    private static void elements(List<Choice> choices, Examination examination) {
        Job job = examination.job();
        int mounts = job.cradle().isolators().size();
        add(
                choices,
                examination,
                "hard or soft",
                "hard",
                !job.cradle().isSoft(),
                withElement(job.cradle(), new Hard(), 0),
                job.build().shop(),
                "all that shakes goes into the frame; gaps may be small and the chain stays where it is");
        for (Elastomer elastomer : Elastomer.values()) {
            boolean now = job.cradle().isolators().stream().anyMatch(each -> each.element()
                    .madeOf()
                    .filter(kind -> kind == elastomer)
                    .isPresent());
            Cradle cradle = now
                    ? job.cradle()
                    : withElement(job.cradle(), softened(job, elastomer, mounts), elastomer.usualLoss());
            add(
                    choices,
                    examination,
                    "hard or soft",
                    elastomer.word(),
                    now,
                    cradle,
                    job.build().shop(),
                    switch (elastomer) {
                        case RUBBER -> "cheap and known; oil and heat spoil it";
                        case URETHANE -> "stiff and oil-proof; higher frequencies pass through it";
                        case SILICONE ->
                            "softest and heat-proof; its edges crack within days and it is looked at often";
                    });
        }
    }

    /** Pads as they are where there are any, in the new stuff; else chosen for the weight. */
    private static MountElement softened(Job job, Elastomer elastomer, int mounts) {
        return job.cradle().isolators().stream()
                .map(Isolator::element)
                .filter(BondedPad.class::isInstance)
                .map(BondedPad.class::cast)
                .findFirst()
                .<MountElement>map(pad -> new BondedPad(
                        pad.diameter(),
                        pad.height(),
                        Math.max(elastomer.softest(), Math.min(pad.hardness(), elastomer.hardest())),
                        elastomer))
                .orElseGet(() -> PadChoice.of(job, elastomer, mounts, true, 0));
    }

    private static Cradle withElement(Cradle cradle, MountElement element, double loss) {
        return cradle.withIsolators(cradle.isolators().stream()
                .map(each -> each.withElement(element).withLoss(loss))
                .toList());
    }

    private static void points(List<Choice> choices, Examination examination) {
        Job job = examination.job();
        List<Isolator> all = job.cradle().isolators();
        if (all.size() < 4) {
            return;
        }
        add(
                choices,
                examination,
                "three points or four",
                all.size() + " points",
                true,
                job.cradle(),
                job.build().shop(),
                "every lug shares the load; the last one has to be made to fit");
        var drive = examination.seating().driverCentre();
        Isolator farthest = all.stream()
                .max(Comparator.comparingDouble(
                        each -> examination.seating().boss(each.boss()).distanceTo(drive)))
                .orElseThrow();
        add(
                choices,
                examination,
                "three points or four",
                (all.size() - 1) + " points, " + farthest.boss() + " free",
                false,
                job.cradle()
                        .withIsolators(
                                all.stream().filter(each -> each != farthest).toList()),
                job.build().shop(),
                "a frame that twists cannot strain the case; the three that are left carry more");
    }

    private static void joints(List<Choice> choices, Examination examination) {
        Job job = examination.job();
        Cradle cradle = job.cradle();
        boolean bolted = !cradle.joints().isEmpty();
        add(
                choices,
                examination,
                "weld or bolt",
                bolted ? "as it is, " + cradle.joints().size() + " ends bolted" : "welded throughout",
                true,
                cradle,
                job.build().shop(),
                "stiffest for its weight; out only with a saw");
        List<TubeJoint> joints = new ArrayList<>();
        for (Member member : cradle.members()) {
            for (String end : new LinkedHashSet<>(List.of(member.first(), member.last()))) {
                if (examination.seating().landing(end).isPresent()
                        || examination.seating().isHostNode(end)) {
                    joints.add(TubeJoint.of(member.id(), end, TubeJoint.Kind.BOLTED, ""));
                }
            }
        }
        if (!joints.isEmpty() && !joints.equals(cradle.joints())) {
            add(
                    choices,
                    examination,
                    "weld or bolt",
                    "bolted to the host at " + joints.size() + " ends",
                    false,
                    cradle.withJoints(joints),
                    job.build().shop(),
                    "comes out whole; each bolted end can turn, wants a sleeve and is looked at again");
        }
    }

    private static void jig(List<Choice> choices, Examination examination) {
        Shop shop = examination.job().build().shop();
        for (boolean jig : new boolean[] {false, true}) {
            add(
                    choices,
                    examination,
                    "jig or in place",
                    jig ? "welded in a jig" : "welded in place",
                    shop.jig() == jig,
                    examination.job().cradle(),
                    shop.withJig(jig),
                    jig
                            ? "dear for one, cheap for the second; the engine stays out of the sparks"
                            : "the engine is the jig and holds the shape; weld little, let it cool, look again");
        }
    }

    /** Plates with rolled edges take longer and are lighter: hours alone tell. */
    private static void looks(List<Choice> choices, Examination examination) {
        Choice plain = choice(
                examination,
                "plain or as from a factory",
                "plain",
                true,
                examination.job().cradle(),
                examination.job().build().shop(),
                "quick, easily mended, looks home-made");
        choices.add(plain);
        choices.add(
                new Choice(
                        plain.question(),
                        "as from a factory",
                        false,
                        plain.cradle(),
                        plain.shop(),
                        plain.lowestMode(),
                        plain.transmissibility(),
                        plain.moves(),
                        plain.highestUtilisation(),
                        plain.shortGaps(),
                        TACKED * plain.hours() + examination.mountDesigns().size(),
                        "folded plates with rolled edges instead of flat tabs: as strong in thinner sheet, an hour more a corner"));
    }

    private static void add(
            List<Choice> choices,
            Examination examination,
            String question,
            String name,
            boolean now,
            Cradle cradle,
            Shop shop,
            String price) {
        choices.add(choice(examination, question, name, now, cradle, shop, price));
    }

    private static Choice choice(
            Examination examination,
            String question,
            String name,
            boolean now,
            Cradle cradle,
            Shop shop,
            String price) {
        Job job = examination.job();
        Job with = job.withCradle(cradle).withBuild(job.build().withShop(shop));
        Examination then = now ? examination : Examination.of(with, examination);
        return new Choice(
                question,
                name,
                now,
                cradle,
                shop,
                then.mountStiffness().map(MountStiffness::frequencies).map(all -> all.get(0)),
                cradle.isSoft()
                        ? then.shake().answer().map(result -> result.transmissibilityAtCruise())
                        : Optional.empty(),
                moves(then),
                then.tubeStresses().stream().findFirst().map(TubeStress::utilisation),
                (int) then.report(Step.SEAT).findings().stream()
                        .filter(finding -> finding.code().equals(SeatFinding.GAP))
                        .filter(finding -> finding.severity() == Severity.STOP || finding.severity() == Severity.WATCH)
                        .count(),
                Hours.of(then),
                price);
    }

    /** Of the end of the drive under any case, m. */
    private static double moves(Examination examination) {
        return examination.load().answer().stream()
                .flatMap(result -> result.cases().stream())
                .flatMap(each -> each.node("donor").stream())
                .mapToDouble(movement -> {
                    var arm = examination
                            .seating()
                            .driverCentre()
                            .minus(examination.seating().mass().cg());
                    return movement.displacement()
                            .plus(movement.rotation().cross(arm))
                            .length();
                })
                .max()
                .orElse(0);
    }
}
