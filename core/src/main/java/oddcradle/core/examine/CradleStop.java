package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.EndName;
import oddcradle.core.job.Boss;
import oddcradle.core.job.Isolator;
import oddcradle.core.job.Job;
import oddcradle.core.job.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Cushion;
import oddcradle.core.units.Quantity;

/** What holds the donor: every boss carried, every tube end landed. */
final class CradleStop {
    private static final double LONGEST_BRACKET = 0.060;
    private static final Source JOINTS = Source.derived("which tubes and isolators meet at the node");
    private static final Source BUSH =
            Source.fromMemory("Adkins and Gent, Load-deflexion relations of rubber bush mountings, 1954");
    private static final Source RUBBER = Source.fromMemory("Lindley, Engineering Design with Natural Rubber");

    private CradleStop() {}

    static StopReport report(Job job, Seating seating) {
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        looseEnds(findings, job, seating);
        bosses(findings, job, seating);
        alloy(findings, job, seating);
        for (Isolator isolator : job.cradle().isolators()) {
            stiffness(figures, isolator);
            bracket(findings, seating, isolator);
        }
        if (findings.isEmpty()) {
            findings.add(Finding.statement(
                    "cradle.landed",
                    Stop.CRADLE,
                    Severity.GOOD,
                    Phrase.of("every boss has its isolator and every tube end lands on something"),
                    Place.NOWHERE,
                    new Why(
                            "each end of each tube meets another tube, a host tube or an isolator",
                            List.of(),
                            JOINTS)));
        }
        return new StopReport(Stop.CRADLE, figures, findings);
    }

    private static void looseEnds(List<Finding> findings, Job job, Seating seating) {
        for (Member tube : job.cradle().members()) {
            for (String end : List.of(tube.first(), tube.last())) {
                if (isLoose(job, seating, tube, end)) {
                    String other = end.equals(tube.first()) ? tube.last() : tube.first();
                    findings.add(Finding.statement(
                            "cradle.loose-end",
                            Stop.CRADLE,
                            Severity.STOP,
                            Phrase.of(
                                    "cradle tube {} is held by nothing at its {} end",
                                    tube.id(),
                                    EndName.of(seating.node(end).minus(seating.node(other)))),
                            new Place(List.of(tube.id(), end), List.of(seating.node(end))),
                            new Why("no tube, host tube or isolator meets node " + end, List.of(), JOINTS)));
                }
            }
        }
    }

    /** Steel cannot be welded to a light alloy: the tube needs a pad that is bolted on. */
    private static void alloy(List<Finding> findings, Job job, Seating seating) {
        if (job.materials().stream().noneMatch(Material::isLightAlloy)) {
            return;
        }
        for (Member tube : job.cradle().members()) {
            for (String end : List.of(tube.first(), tube.last())) {
                Optional<Member> host = seating.landing(end).or(() -> job.host().members().stream()
                        .filter(member -> member.nodes().contains(end))
                        .findFirst());
                if (host.isPresent()
                        && job.material(host.get()).isLightAlloy()
                                != job.material(tube).isLightAlloy()) {
                    findings.add(Finding.statement(
                            "cradle.alloy",
                            Stop.CRADLE,
                            Severity.WATCH,
                            Phrase.of(
                                    "{} ends on {}: {} and {} cannot be welded to each other; bolt a split steel pad round the"
                                            + " tube and weld to that, with a liner between",
                                    tube.id(),
                                    host.get().id(),
                                    tube.material(),
                                    host.get().material()),
                            Place.of(tube.id(), seating.node(end)),
                            new Why(
                                    "one of the two is lighter than 4000 kg/m3, the other is not",
                                    List.of(),
                                    Source.commonPractice())));
                }
            }
        }
    }

    private static boolean isLoose(Job job, Seating seating, Member tube, String end) {
        if (seating.isHostNode(end) || seating.landing(end).isPresent()) {
            return false;
        }
        for (Member other : job.cradle().members()) {
            if (other != tube && other.nodes().contains(end)) {
                return false;
            }
        }
        for (Isolator isolator : job.cradle().isolators()) {
            if (isolator.node().equals(end)) {
                return false;
            }
        }
        return true;
    }

    private static void bosses(List<Finding> findings, Job job, Seating seating) {
        if (job.cradle().isolators().isEmpty()) {
            findings.add(Finding.statement(
                    "cradle.no-isolator",
                    Stop.CRADLE,
                    Severity.STOP,
                    Phrase.of("nothing holds the donor: the cradle has no isolators"),
                    Place.of(CradleFrame.DONOR, seating.mass().cg()),
                    new Why("number of isolators = 0", List.of(), JOINTS)));
        }
        for (Boss boss : job.donor().bosses()) {
            boolean held = job.cradle().isolators().stream()
                    .anyMatch(isolator -> isolator.boss().equals(boss.id()));
            if (!held) {
                findings.add(Finding.statement(
                        "cradle.free-boss",
                        Stop.CRADLE,
                        Severity.NOTE,
                        Phrase.of("boss {} ({}) carries nothing", boss.id(), boss.label()),
                        Place.of(boss.id(), seating.boss(boss.id())),
                        new Why("no isolator names it", List.of(), JOINTS)));
            }
        }
    }

    private static void stiffness(List<Figure> figures, Isolator isolator) {
        if (isolator.pad().isHard()) {
            return;
        }
        Why why = why(isolator.pad());
        Vec3 stiffness = isolator.pad().stiffness();
        figures.add(new Figure(isolator.id() + " along its axis", Quantity.stiffness(stiffness.x()), why));
        figures.add(new Figure(isolator.id() + " across", Quantity.stiffness(stiffness.y()), why));
    }

    private static Why why(Cushion cushion) {
        if (cushion instanceof BondedPad pad) {
            return new Why(
                    "Ec A / h, Ec = E (1 + 2 k s²), s = d / 4h; across: G A / h",
                    List.of(
                            input("d", Quantity.length(pad.diameter())),
                            input("h", Quantity.length(pad.height())),
                            input("hardness", Quantity.hardness(pad.hardness()))),
                    RUBBER);
        }
        BondedBush bush = (BondedBush) cushion;
        return new Why(
                "2 pi G L / ln(b/a); across: between a bush that bulges freely at its ends and a long one",
                List.of(
                        input("2a", Quantity.length(bush.bore())),
                        input("2b", Quantity.length(bush.diameter())),
                        input("L", Quantity.length(bush.length())),
                        input("hardness", Quantity.hardness(bush.hardness()))),
                BUSH);
    }

    private static void bracket(List<Finding> findings, Seating seating, Isolator isolator) {
        Vec3 boss = seating.boss(isolator.boss());
        Vec3 node = seating.node(isolator.node());
        Quantity reach = Quantity.length(boss.distanceTo(node));
        if (reach.si() <= LONGEST_BRACKET) {
            return;
        }
        Quantity limit = Quantity.length(LONGEST_BRACKET);
        findings.add(Finding.atMost(
                "cradle.bracket",
                Stop.CRADLE,
                Severity.WATCH,
                Phrase.of(
                        "the bracket of isolator {} reaches {} from its tube; a flat tab bends beyond {}, box it",
                        isolator.id(),
                        reach,
                        limit),
                reach,
                limit,
                Place.between(isolator.id(), boss, isolator.node(), node),
                new Why("|boss - node|", List.of(), Source.commonPractice())));
    }
}
