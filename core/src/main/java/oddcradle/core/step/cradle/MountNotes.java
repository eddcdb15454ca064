package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.Collar;
import oddcradle.core.joint.Tab;
import oddcradle.core.joint.ThreadReach;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What is to be said of each mount's tab, bolt, stack and rubber. */
final class MountNotes {
    private static final Source TAB = Source.fromMemory(
            "Shigley, Mechanical Engineering Design; Blodgett, Design of Welded Structures; EN 1993-1-8, tables 7.3 and 7.13");
    private static final Source EDGE =
            Source.fromMemory("AC 43.13-1B: 2 diameters in thin sheet; 1.5 elsewhere by practice");
    private static final Source STACK = Source.derived("thicknesses along the bolt");
    /** Threads beyond the nut: fewer do not hold, more catch hands and hoses; common practice. */
    private static final double FEWEST_PITCHES = 1;

    private static final double MOST_PITCHES = 8;
    /** The stack may be this much longer than the room: rubber gives it; m. */
    private static final double FIT = 0.0005;

    private static final double STEEL = 205e9;

    private MountNotes() {}

    static void add(ReportBuilder report, Job job, List<MountDesign> designs) {
        for (MountDesign design : designs) {
            tab(report, job, design);
            bolt(report, design);
            fit(report, design);
            rubber(report, design);
            thread(report, job, design);
            design.collar().ifPresent(collar -> collar(report, design, collar));
        }
        mixed(report, job, designs);
        bonds(report, job, designs);
    }

    private static Place at(MountDesign design) {
        return Place.of(Subject.mount(design.isolator().id()), design.at());
    }

    private static String id(MountDesign design) {
        return design.isolator().id();
    }

    private static void tab(ReportBuilder report, Job job, MountDesign design) {
        Tab tab = design.tab();
        if (tab.utilisation() > 1) {
            report.atMost(
                    CradleFinding.TAB,
                    Severity.ofUtilisation(tab.utilisation()),
                    Phrase.of(
                            tab.isWallWorst()
                                    ? "the tab of {} asks too much of {}: {} of what is allowed at {} thick and {} off the tube; bring the"
                                            + " tube nearer or take a tube of thicker wall"
                                    : "the tab of {} is overloaded in {}: {} of what is allowed at {} thick and {} off the tube; bring"
                                            + " the tube nearer or take thicker plate",
                            id(design),
                            tab.worst(),
                            Quantity.share(tab.utilisation()),
                            Quantity.length(tab.thickness()),
                            Quantity.length(tab.standoff())),
                    Quantity.share(tab.utilisation()),
                    Quantity.share(1),
                    at(design),
                    tabWhy(tab));
        }
        if (tab.leg() > tab.thickness() + 1e-9) {
            report.atMost(
                    CradleFinding.THIN_TAB,
                    Severity.WATCH,
                    Phrase.of(
                            "the tab of {} is {} thick, thinner than the {} leg of its weld: it burns through; take thicker plate"
                                    + " or a smaller weld",
                            id(design),
                            Quantity.length(tab.thickness()),
                            Quantity.length(tab.leg())),
                    Quantity.length(tab.leg()),
                    Quantity.length(tab.thickness()),
                    at(design),
                    new Why("leg against thickness", List.of(), Source.commonPractice()));
        }
        double rule = job.build().shop().thin() ? 2.0 : 1.5;
        if (tab.edgeRatio() < rule - 1e-9 && design.isolator().element().isHard()) {
            report.atLeast(
                    CradleFinding.EDGE,
                    tab.edgeRatio() < 1.0 ? Severity.STOP : Severity.WATCH,
                    Phrase.of(
                            "the hole of {} is {} from the edge of its tab, {} diameters; {} is the least: make the tab {} wide",
                            id(design),
                            Quantity.length(tab.edge()),
                            Quantity.ratio(tab.edgeRatio()),
                            Quantity.ratio(rule),
                            Quantity.length(2 * rule * tab.hole())),
                    Quantity.ratio(tab.edgeRatio()),
                    Quantity.ratio(rule),
                    at(design),
                    new Why("edge / hole", List.of(input("hole", Quantity.length(tab.hole()))), EDGE));
        }
    }

    static Why tabWhy(Tab tab) {
        return new Why(
                "worst of bending F s / W, bearing F / (d t), tearing F / (2 (e - d/2) t), weld by lines, the tube's wall",
                List.of(
                        input("s", Quantity.length(tab.standoff())),
                        input("t", Quantity.length(tab.thickness())),
                        input("width", Quantity.length(tab.root())),
                        input("weld leg needed", Quantity.length(tab.weldNeeded()))),
                TAB);
    }

    private static void bolt(ReportBuilder report, MountDesign design) {
        if (design.bolt().utilisation() > 1) {
            report.atMost(
                    CradleFinding.BOLT,
                    Severity.STOP,
                    Phrase.of(
                            "the {} bolt of {} carries {} along and {} across, {} of what is allowed; take a thicker or harder one",
                            design.stack().thread().designation(),
                            id(design),
                            Quantity.force(design.bolt().tension()),
                            Quantity.force(design.bolt().shear()),
                            Quantity.share(design.bolt().utilisation())),
                    Quantity.share(design.bolt().utilisation()),
                    Quantity.share(1),
                    at(design),
                    new Why(
                            "hypot(tension / proof, shear / 0.577 proof), by the factor",
                            List.of(input(
                                    "proof",
                                    Quantity.force(design.stack()
                                            .grade()
                                            .proofLoad(design.stack().thread())))),
                            TAB));
        }
    }

    private static void fit(ReportBuilder report, MountDesign design) {
        BoltStack stack = design.stack();
        if (stack.axialClearance() < -FIT) {
            report.atLeast(
                    CradleFinding.STACK,
                    Severity.STOP,
                    Phrase.of(
                            "the stack of {} does not fit: lug, rubber and tube need {} more than the tube leaves; move the tube"
                                    + " away or take a lower pad",
                            id(design),
                            Quantity.length(-stack.axialClearance())),
                    Quantity.length(stack.axialClearance()),
                    Quantity.length(0),
                    at(design),
                    new Why("room along the bolt less what stands in it", List.of(), STACK));
        }
        if (stack.reach().isEmpty()
                && (stack.threadProtrusion() < FEWEST_PITCHES - 1e-9
                        || stack.threadProtrusion() > MOST_PITCHES + 1e-9)) {
            boolean few = stack.threadProtrusion() < FEWEST_PITCHES;
            report.say(
                    CradleFinding.BOLT_LENGTH,
                    few ? Severity.STOP : Severity.NOTE,
                    few
                            ? Phrase.of(
                                    "bolt {} of {} is too short: the stack is {} and the nut wants a thread beyond it; take the next"
                                            + " length",
                                    stack.bolt().mark(),
                                    id(design),
                                    Quantity.length(stack.grip()))
                            : Phrase.of(
                                    "bolt {} of {} stands {} threads out of its nut; cut it, the stack is {}",
                                    stack.bolt().mark(),
                                    id(design),
                                    Quantity.count(Math.round(stack.threadProtrusion())),
                                    Quantity.length(stack.grip())),
                    at(design),
                    new Why(
                            "(length - stack - nut) / pitch",
                            List.of(
                                    input("length", Quantity.length(stack.bolt().length())),
                                    input("stack", Quantity.length(stack.grip()))),
                            STACK));
        }
        if (stack.bolt().grip() > stack.grip() + stack.thread().pitch()) {
            report.atMost(
                    CradleFinding.SHANK,
                    Severity.WATCH,
                    Phrase.of(
                            "the plain shank of {} ({}) is longer than the stack of {}: the nut runs out of thread before it"
                                    + " clamps; add washers",
                            stack.bolt().mark(),
                            Quantity.length(stack.bolt().grip()),
                            id(design)),
                    Quantity.length(stack.bolt().grip()),
                    Quantity.length(stack.grip()),
                    at(design),
                    new Why("shank against stack", List.of(), STACK));
        }
    }

    private static void rubber(ReportBuilder report, MountDesign design) {
        BoltStack stack = design.stack();
        for (BoltStack.Contact contact : stack.contacts()) {
            if (contact.shorts()) {
                report.atLeast(
                        CradleFinding.SHORTED,
                        contact.gap() <= 0 ? Severity.STOP : Severity.WATCH,
                        Phrase.of(
                                "{}: the {} comes within {} of the {}, the rubber moves {}; metal shorts the isolator: {} by {}",
                                id(design),
                                contact.engine().word(),
                                Quantity.length(Math.max(0, contact.gap())),
                                contact.frame().word(),
                                Quantity.length(contact.needed() - BoltStack.SPARE),
                                contact.trim(),
                                Quantity.length(contact.needed() - contact.gap())),
                        Quantity.length(contact.gap()),
                        Quantity.length(contact.needed()),
                        at(design),
                        new Why(
                                "gap against what the rubber moves there and 1 mm",
                                List.of(input("moves", Quantity.length(contact.needed() - BoltStack.SPARE))),
                                Source.commonPractice()));
            }
        }
        if (design.isolator().element().isHard() || stack.isHeldByBond()) {
            return;
        }
        if (stack.compression() > BoltStack.MOST_COMPRESSION) {
            report.atMost(
                    CradleFinding.COMPRESSION,
                    Severity.STOP,
                    Phrase.of(
                            "the sleeve of {} is {} long: the bolt crushes the rubber by {} before the sleeve bottoms; make it {}"
                                    + " longer",
                            id(design),
                            Quantity.length(stack.sleeve()),
                            Quantity.share(stack.compression()),
                            Quantity.length(
                                    (stack.compression() - BoltStack.MOST_COMPRESSION / 2) * rubberHeight(design))),
                    Quantity.share(stack.compression()),
                    Quantity.share(BoltStack.MOST_COMPRESSION),
                    at(design),
                    new Why("(pad + plate + snubber - sleeve) / rubber", List.of(), Source.commonPractice()));
        }
        if (stack.washerOverlap() < BoltStack.LEAST_WASHER_OVERLAP - 1e-9) {
            report.atLeast(
                    CradleFinding.WASHER_OVERLAP,
                    Severity.STOP,
                    Phrase.of(
                            "if the rubber of {} lets go its large washer does not hold: it reaches {} over the hole, {} is the"
                                    + " least; take a larger one",
                            id(design),
                            Quantity.length(stack.washerOverlap()),
                            Quantity.length(BoltStack.LEAST_WASHER_OVERLAP)),
                    Quantity.length(stack.washerOverlap()),
                    Quantity.length(BoltStack.LEAST_WASHER_OVERLAP),
                    at(design),
                    new Why("washer radius - hole radius", List.of(), Source.commonPractice()));
        }
    }

    /** Rubber that tears lets the engine go, unless something catches it. */
    private static void bonds(ReportBuilder report, Job job, List<MountDesign> designs) {
        List<MountDesign> held =
                designs.stream().filter(design -> design.stack().isHeldByBond()).toList();
        if (!held.isEmpty()) {
            boolean flies =
                    job.line().end().filter(LineEnd.Propeller.class::isInstance).isPresent();
            report.say(
                    CradleFinding.WASHER_OVERLAP,
                    flies ? Severity.STOP : Severity.WATCH,
                    Phrase.of(
                            "only the bond of the rubber holds {}: add a safety loop round the engine, or set the mounts on tabs",
                            String.join(", ", held.stream().map(MountNotes::id).toList())),
                    at(held.get(0)),
                    new Why("hole for the sleeve against the width of the tube", List.of(), Source.commonPractice()));
        }
    }

    private static double rubberHeight(MountDesign design) {
        return design.stack().layers().stream()
                .filter(layer -> layer.side() == BoltStack.Side.RUBBER)
                .mapToDouble(layer -> layer.to() - layer.from())
                .sum();
    }

    private static void thread(ReportBuilder report, Job job, MountDesign design) {
        BoltStack stack = design.stack();
        if (stack.reach().isEmpty()) {
            return;
        }
        ThreadReach reach = stack.reach().get();
        Boss boss = job.donor().boss(design.isolator().boss()).orElseThrow();
        BossHole hole = boss.hole();
        if (reach.bottoms()) {
            report.atLeast(
                    CradleFinding.BOTTOMS,
                    Severity.STOP,
                    Phrase.of(
                            "{} at {} is {} longer than its hole is deep{}; take a shorter one or add washers",
                            stack.bolt().mark(),
                            id(design),
                            Quantity.length(-reach.left()),
                            hole.behind().isEmpty() ? "" : ", and breaks into the " + hole.behind()),
                    Quantity.length(reach.left()),
                    Quantity.length(0),
                    at(design),
                    depthWhy(stack, hole));
        } else if (!reach.holds()) {
            report.atLeast(
                    CradleFinding.ENGAGEMENT,
                    Severity.STOP,
                    Phrase.of(
                            "{} at {} has {} of thread in {}, {} is wanted in cast metal{}; use a stud or the deeper of two"
                                    + " lengths",
                            stack.bolt().mark(),
                            id(design),
                            Quantity.length(reach.engaged()),
                            boss.id(),
                            Quantity.length(reach.needed()),
                            hole.behind().isEmpty() ? "" : "; do not drill deeper, behind it is the " + hole.behind()),
                    Quantity.length(reach.engaged()),
                    Quantity.length(reach.needed()),
                    at(design),
                    depthWhy(stack, hole));
        } else if (!hole.behind().isEmpty()) {
            report.say(
                    CradleFinding.DEPTH_LEFT,
                    Severity.NOTE,
                    Phrase.of(
                            "{} at {} ends {} before the bottom of its hole; behind it is the {}: set a depth stop",
                            stack.bolt().mark(),
                            id(design),
                            Quantity.length(reach.left()),
                            hole.behind()),
                    at(design),
                    depthWhy(stack, hole));
        }
    }

    private static Why depthWhy(BoltStack stack, BossHole hole) {
        return new Why(
                "length - stack against the depth of thread",
                List.of(
                        input("length", Quantity.length(stack.bolt().length())),
                        input("stack", Quantity.length(stack.grip())),
                        input("depth", Quantity.length(hole.depth()))),
                STACK);
    }

    private static void collar(ReportBuilder report, MountDesign design, Collar collar) {
        boolean thin = collar.isTooThin();
        report.say(
                CradleFinding.COLLAR,
                Severity.WATCH,
                thin
                        ? Phrase.of(
                                "bolt {} is loose in the bore of {} ({}), and a collar would be only {} thick; take the next thicker"
                                        + " bolt or open the bore",
                                design.stack().thread().designation(),
                                design.isolator().boss(),
                                Quantity.length(collar.outside()),
                                Quantity.length(collar.wall()))
                        : Phrase.of(
                                "bolt {} is loose in the bore of {} ({}); turn a collar with a wall of {}, {} long: it slides on the"
                                        + " bolt (H7/g6) and is pressed into the bore (H7/p6)",
                                design.stack().thread().designation(),
                                design.isolator().boss(),
                                Quantity.length(collar.outside()),
                                Quantity.length(collar.wall()),
                                Quantity.length(collar.length())),
                at(design),
                new Why(
                        "bore - bolt",
                        List.of(
                                input("inside", Quantity.length(collar.inside())),
                                input("outside", Quantity.length(collar.outside())),
                                input(
                                        "pressed over by",
                                        Quantity.length(-collar.press().low())),
                                input("hoop stress pressed", Quantity.stress(collar.hoopStress(pressed(collar))))),
                        Source.fromMemory("ISO 286-1")));
    }

    /** Pressure at the most overlap, in a boss three times as thick, Pa. */
    private static double pressed(Collar collar) {
        double at = collar.outside() / 2;
        return collar.isTooThin() ? 0 : Collar.pressure(-collar.press().low(), collar.inside() / 2, at, 3 * at, STEEL);
    }

    private static void mixed(ReportBuilder report, Job job, List<MountDesign> designs) {
        Set<String> metric = new TreeSet<>();
        Set<String> inch = new TreeSet<>();
        for (MountDesign design : designs) {
            sort(design.stack().thread(), metric, inch);
            design.ears().ifPresent(ears -> sort(ears.thread(), metric, inch));
        }
        for (Boss boss : job.donor().bosses()) {
            ScrewThread.find(boss.hole().thread()).ifPresent(thread -> sort(thread, metric, inch));
        }
        if (!metric.isEmpty() && !inch.isEmpty()) {
            report.say(
                    CradleFinding.MIXED_THREADS,
                    Severity.WATCH,
                    Phrase.of(
                            "metric threads ({}) and inch threads ({}) in one job: mark them, a near fit strips",
                            String.join(", ", metric),
                            String.join(", ", inch)),
                    Place.of(Subject.CRADLE),
                    new Why("threads of bolts and bosses", List.of(), Source.commonPractice()));
        }
    }

    private static void sort(ScrewThread thread, Set<String> metric, Set<String> inch) {
        (thread.inch() ? inch : metric).add(thread.designation());
    }
}
