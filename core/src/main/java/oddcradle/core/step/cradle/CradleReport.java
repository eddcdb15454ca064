package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.EndName;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.MeasuredMount;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.MountStiffness;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.Quantity;

/** What holds the donor: every boss carried, every tube end landed. */
public final class CradleReport {
    private static final double LONGEST_BRACKET = 0.060;
    private static final Source JOINTS = Source.derived("which tubes and isolators meet at the node");
    private static final Source BUSH = Source.fromMemory(
            "Adkins and Gent, Load-deflexion relations of rubber bush mountings, 1954; Horton, Gover and Tupholme, Rubber"
                    + " Chemistry and Technology 73, 2000");
    private static final Source RUBBER = Source.fromMemory("Lindley, Engineering Design with Natural Rubber");

    private CradleReport() {}

    /** Everything that decides the report. */
    public record Input(
            Job job,
            Seating seating,
            LineResult line,
            List<TubeStress> stresses,
            List<MountDesign> designs,
            Optional<MountStiffness> stiffness) {}

    public static StepReport of(Input input) {
        Job job = input.job();
        Seating seating = input.seating();
        ReportBuilder report = new ReportBuilder(Step.CRADLE);
        looseEnds(report, job, seating);
        bosses(report, job, seating);
        alloy(report, job, seating);
        CradleSoundness.add(report, job, seating);
        BendNotes.add(report, job, seating);
        for (Isolator isolator : job.cradle().isolators()) {
            stiffness(report, isolator);
        }
        input.designs().forEach(design -> bracket(report, design));
        MountNotes.add(report, job, input.designs());
        StackNeighbours.add(report, job, seating, input.designs());
        input.stiffness().ifPresent(stiffness -> onFrame(report, job, seating, stiffness));
        input.designs().forEach(design -> MountFigures.add(report, design));
        DetailNotes.add(report, job, seating, input.line(), input.stresses());
        RefitCheck.add(report, job, seating);
        if (report.isAllGood()) {
            report.say(
                    CradleFinding.LANDED,
                    Severity.GOOD,
                    Phrase.of("every boss has its isolator and every tube end lands on something"),
                    Place.of(Subject.CRADLE),
                    new Why("each end of each tube meets another tube, a host tube or an isolator", List.of(), JOINTS));
        }
        return report.report();
    }

    /** A floppy frame under a soft mount isolates nothing. */
    private static void onFrame(ReportBuilder report, Job job, Seating seating, MountStiffness stiffness) {
        report.figure(
                "lowest mode, frame and mounts together",
                Quantity.frequency(stiffness.frequencies().get(0)),
                new Why(
                        "K = A' (C + 1/k)^-1 A, C the frame's flexibility at the mounts; its own mass left out",
                        List.of(input("m", Quantity.mass(job.donor().mass().mass()))),
                        Source.derived("flexibilities in series")));
        List<MountStiffness.SeatStiffness> floppy = new ArrayList<>();
        for (int k = 0; k < stiffness.seats().size(); k++) {
            boolean soft = !job.cradle().isolators().get(k).element().isHard();
            if (soft && stiffness.seats().get(k).ratio() < MountStiffness.LEAST_RATIO) {
                floppy.add(stiffness.seats().get(k));
            }
        }
        floppy.stream()
                .min(Comparator.comparingDouble(MountStiffness.SeatStiffness::ratio))
                .ifPresent(worst -> floppy(report, job, seating, floppy, worst));
    }

    private static void floppy(
            ReportBuilder report,
            Job job,
            Seating seating,
            List<MountStiffness.SeatStiffness> floppy,
            MountStiffness.SeatStiffness worst) {
        Isolator isolator = job.cradle().isolators().stream()
                .filter(each -> each.id().equals(worst.isolator()))
                .findFirst()
                .orElseThrow();
        report.atLeast(
                CradleFinding.FLOPPY,
                Severity.WATCH,
                Phrase.of(
                        "under {} the frame is only {} times as stiff as the mount ({} at {}), {} is wanted: brace it, or take"
                                + " softer rubber",
                        String.join(
                                ", ",
                                floppy.stream()
                                        .map(MountStiffness.SeatStiffness::isolator)
                                        .toList()),
                        Quantity.ratio(worst.ratio()),
                        Quantity.stiffness(worst.frame()),
                        worst.isolator(),
                        Quantity.ratio(MountStiffness.LEAST_RATIO)),
                Quantity.ratio(worst.ratio()),
                Quantity.ratio(MountStiffness.LEAST_RATIO),
                Place.of(Subject.mount(isolator.id()), seating.boss(isolator.boss())),
                new Why(
                        "frame's stiffness at the mount over the mount's, in the worst direction",
                        List.of(
                                input("frame", Quantity.stiffness(worst.frame())),
                                input("mount", Quantity.stiffness(worst.mount()))),
                        Source.commonPractice()));
    }

    private static void looseEnds(ReportBuilder report, Job job, Seating seating) {
        for (Member tube : job.cradle().members()) {
            for (String end : List.of(tube.first(), tube.last())) {
                if (isLoose(job, seating, tube, end)) {
                    String other = end.equals(tube.first()) ? tube.last() : tube.first();
                    report.say(
                            CradleFinding.LOOSE_END,
                            Severity.STOP,
                            Phrase.of(
                                    "cradle tube {} is held by nothing at its {} end",
                                    tube.named(),
                                    EndName.of(seating.node(end).minus(seating.node(other)))),
                            new Place(List.of(Subject.tube(tube.id()), Subject.node(end)), List.of(seating.node(end))),
                            new Why("no tube, host tube or isolator meets node " + end, List.of(), JOINTS));
                }
            }
        }
    }

    /** Steel cannot be welded to a light alloy: the tube needs a pad that is bolted on. */
    private static void alloy(ReportBuilder report, Job job, Seating seating) {
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
                                != job.material(tube).isLightAlloy()
                        && !isBolted(job, tube, end)) {
                    report.say(
                            CradleFinding.ALLOY,
                            Severity.STOP,
                            Phrase.of(
                                    "{} ends on {}: {} and {} cannot be welded to each other; bolt a split steel pad round the"
                                            + " tube and weld to that, with a liner between",
                                    tube.named(),
                                    host.get().id(),
                                    tube.material(),
                                    host.get().material()),
                            Place.of(Subject.tube(tube.id()), seating.node(end)),
                            new Why(
                                    "one of the two is lighter than 4000 kg/m3, the other is not",
                                    List.of(),
                                    Source.commonPractice()));
                }
            }
        }
    }

    private static boolean isBolted(Job job, Member tube, String end) {
        return job.cradle()
                        .joint(tube.id(), end)
                        .filter(joint -> joint.kind().isBolted())
                        .isPresent()
                || job.cradle().details(Detail.ClampPad.class).anyMatch(pad -> pad.node()
                        .equals(end));
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

    private static void bosses(ReportBuilder report, Job job, Seating seating) {
        if (job.cradle().isolators().isEmpty()) {
            report.say(
                    CradleFinding.NO_ISOLATOR,
                    Severity.STOP,
                    Phrase.of("nothing holds the donor: the cradle has no isolators"),
                    Place.of(Subject.DONOR, seating.mass().cg()),
                    new Why("number of isolators = 0", List.of(), JOINTS));
        }
        for (Boss boss : job.donor().bosses()) {
            boolean held = job.cradle().isolators().stream()
                    .anyMatch(isolator -> isolator.boss().equals(boss.id()));
            if (!held) {
                report.say(
                        CradleFinding.FREE_BOSS,
                        Severity.NOTE,
                        Phrase.of("boss {} ({}) carries nothing", boss.id(), boss.label()),
                        Place.of(Subject.boss(boss.id()), seating.boss(boss.id())),
                        new Why("no isolator names it", List.of(), JOINTS));
            }
        }
    }

    private static void stiffness(ReportBuilder report, Isolator isolator) {
        if (isolator.element().isHard()) {
            return;
        }
        Why why = why(isolator.element());
        Vec3 stiffness = isolator.element().stiffness();
        report.figure(isolator.id() + " along its axis", Quantity.stiffness(stiffness.x()), why);
        report.figure(isolator.id() + " across", Quantity.stiffness(stiffness.y()), why);
    }

    private static Why why(MountElement element) {
        if (element instanceof BondedPad pad) {
            return new Why(
                    "Ec A / h, Ec = E (1 + 2 k s²), s = d / 4h; across: G A / h",
                    List.of(
                            input("d", Quantity.length(pad.diameter())),
                            input("h", Quantity.length(pad.height())),
                            input("hardness", Quantity.hardness(pad.hardness()))),
                    RUBBER);
        }
        if (element instanceof MeasuredMount own) {
            return new Why(
                    "slope of its measured table where it is loaded; across: that times " + own.across(),
                    List.of(
                            input("load at rest", Quantity.force(own.load())),
                            input("deflection there", Quantity.length(own.deflection(own.load())))),
                    Source.commonPractice());
        }
        BondedBush bush = (BondedBush) element;
        return new Why(
                "2 pi G L / ln(b/a); across: 8 pi G L D, the rubber bulging at its ends by its length",
                List.of(
                        input("2a", Quantity.length(bush.bore())),
                        input("2b", Quantity.length(bush.diameter())),
                        input("L", Quantity.length(bush.length())),
                        input("hardness", Quantity.hardness(bush.hardness()))),
                BUSH);
    }

    private static void bracket(ReportBuilder report, MountDesign design) {
        Quantity reach = Quantity.length(design.tab().standoff());
        if (design.through() || design.tab().boxed() || reach.si() <= LONGEST_BRACKET) {
            return;
        }
        Quantity limit = Quantity.length(LONGEST_BRACKET);
        report.atMost(
                CradleFinding.BRACKET,
                Severity.WATCH,
                Phrase.of(
                        "the tab of {} reaches {} from its tube; a flat tab bends beyond {}, box it or bring the tube nearer",
                        design.isolator().id(),
                        reach,
                        limit),
                reach,
                limit,
                Place.of(Subject.mount(design.isolator().id()), design.at()),
                new Why("from the tube's surface to the bolt", List.of(), Source.commonPractice()));
    }
}
