package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.joint.Collar;
import oddcradle.core.joint.FoldedStrip;
import oddcradle.core.joint.HubGrip;
import oddcradle.core.joint.IsoFit;
import oddcradle.core.material.Material;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What is to be said of what is fitted rather than built: adapters, hubs, clutches, hangers and folded strips. */
final class FittingNotes {
    private static final Source PRACTICE = Source.commonPractice();
    private static final Source SHIGLEY = Source.fromMemory("Shigley, Mechanical Engineering Design");
    private static final double LEAST_WEB = 0.004;
    private static final double CLUTCH_RESERVE = 1.5;
    private static final double PRESS_OUTSIDE = 2.0;
    private static final double STEEL = 205e9;
    private static final int CLAMP_SCREWS = 2;
    private static final int TAPER_SCREWS = 3;

    private final Job job;
    private final Seating seating;
    private final ReportBuilder report;

    /** What is found is added to the lists. */
    FittingNotes(Job job, Seating seating, ReportBuilder report) {
        this.job = job;
        this.seating = seating;
        this.report = report;
    }

    /** Other details are left to others. */
    void detail(Detail detail) {
        if (detail instanceof Detail.AdapterPlate plate) {
            adapter(plate);
        } else if (detail instanceof Detail.Hub hub) {
            hub(hub);
        } else if (detail instanceof Detail.Clutch clutch) {
            clutch(clutch);
        } else if (detail instanceof Detail.ReusedHanger hanger) {
            hanger(hanger);
        } else if (detail instanceof Detail.FoldedPlate plate) {
            folded(plate);
        }
    }

    private void adapter(Detail.AdapterPlate plate) {
        ScrewThread engine = ScrewThread.of("engine.thread", plate.engine().thread());
        ScrewThread driven = ScrewThread.of("driven.thread", plate.driven().thread());
        double apart = Math.abs(plate.engine().diameter() - plate.driven().diameter()) / 2;
        double heads = (engine.acrossCorners() + driven.acrossCorners()) / 2;
        double web = Math.min(plate.engine().diameter(), plate.driven().diameter()) / 2
                - Math.max(engine.diameter(), driven.diameter()) / 2
                - plate.register() / 2;
        Why sizes = new Why(
                "circles, heads and register",
                List.of(
                        input("engine circle", Quantity.length(plate.engine().diameter())),
                        input("driven circle", Quantity.length(plate.driven().diameter())),
                        input("register", Quantity.length(plate.register()))),
                Source.derived("plane geometry"));
        if (web < LEAST_WEB) {
            report.say(
                    CradleFinding.ADAPTER,
                    Severity.STOP,
                    Phrase.of(
                            "adapter {}: only {} of metal between its holes and its register, {} is the least",
                            plate.id(),
                            Quantity.length(web),
                            Quantity.length(LEAST_WEB)),
                    Place.of(Subject.CRADLE),
                    sizes);
        } else if (apart < heads / 2) {
            report.say(
                    CradleFinding.ADAPTER,
                    Severity.WATCH,
                    Phrase.of(
                            "adapter {}: the two bolt circles are {} apart and the heads need {}; turn one pattern between the other"
                                    + " or countersink",
                            plate.id(),
                            Quantity.length(apart),
                            Quantity.length(heads)),
                    Place.of(Subject.CRADLE),
                    sizes);
        }
        adapterTorque(plate, engine);
        double room = plate.pocket() + plate.thickness() - plate.shaft() - plate.crankFloat();
        report.say(
                CradleFinding.ADAPTER_SHAFT,
                room < 0 ? Severity.STOP : Severity.GOOD,
                Phrase.of(
                        room < 0
                                ? "adapter {}: the input shaft pushes on the crank by {}; a thicker plate, or shorten the shaft"
                                : "adapter {}: {} is left before the input shaft when the crank has moved its whole float",
                        plate.id(),
                        Quantity.length(Math.abs(room))),
                Place.of(Subject.CRADLE),
                new Why(
                        "pocket + plate - shaft - float",
                        List.of(
                                input("pocket", Quantity.length(plate.pocket())),
                                input("plate", Quantity.length(plate.thickness())),
                                input("shaft", Quantity.length(plate.shaft())),
                                input("float", Quantity.length(plate.crankFloat()))),
                        Source.derived("stack of lengths")));
        if (engine.inch() != driven.inch()) {
            report.say(
                    CradleFinding.MIXED_THREADS,
                    Severity.WATCH,
                    Phrase.of(
                            "adapter {} joins {} and {}: inch and metric on one plate, mark them",
                            plate.id(),
                            engine.designation(),
                            driven.designation()),
                    Place.of(Subject.CRADLE),
                    new Why("threads of the two circles", List.of(), PRACTICE));
        }
    }

    /** Friction of the clamped faces first, dowels in shear where there are any. */
    private void adapterTorque(Detail.AdapterPlate plate, ScrewThread engine) {
        double friction = HubGrip.FRICTION
                * HubGrip.screws(plate.engine().holes(), engine)
                * plate.engine().diameter()
                / 2;
        double dowels = plate.dowels()
                * Math.PI
                / 4
                * plate.dowel()
                * plate.dowel()
                * 0.577
                * BoltGrade.CLASS_8_8.proofStress()
                * plate.engine().diameter()
                / 2;
        double carries = Math.max(friction, dowels) / job.build().yieldFactor();
        boolean holds = carries >= plate.torque();
        report.atLeast(
                CradleFinding.ADAPTER_TORQUE,
                holds ? Severity.GOOD : Severity.STOP,
                Phrase.of(
                        holds
                                ? "adapter {} carries {}; {} goes through it"
                                : "adapter {} carries only {} where {} goes through it; more bolts, or dowels",
                        plate.id(),
                        Quantity.torque(carries),
                        Quantity.torque(plate.torque())),
                Quantity.torque(carries),
                Quantity.torque(plate.torque()),
                Place.of(Subject.CRADLE),
                new Why(
                        "the greater of mu n F r and dowels in shear, by the factor",
                        List.of(input("friction", Quantity.torque(friction)), input("dowels", Quantity.torque(dowels))),
                        SHIGLEY));
    }

    /** All ways to hold the hub, the strongest named; one that carries the torque is enough. */
    private void hub(Detail.Hub hub) {
        double factor = job.build().yieldFactor();
        ScrewThread screw = ScrewThread.find(hub.shaft() > 0.02 ? "M8" : "M6").orElseThrow();
        double overlap = -IsoFit.pressed(hub.shaft()).high();
        double pressure = Collar.pressure(overlap, 0, hub.shaft() / 2, PRESS_OUTSIDE * hub.shaft() / 2, STEEL);
        record Way(String name, double carries) {}
        List<Way> ways = List.of(
                new Way("pressed bush", HubGrip.pressed(pressure, hub.shaft(), hub.length()) / factor),
                new Way(
                        "split clamp, two " + screw.designation(),
                        HubGrip.clamped(HubGrip.screws(CLAMP_SCREWS, screw), hub.shaft()) / factor),
                new Way(
                        "split taper bush, three " + screw.designation(),
                        HubGrip.tapered(HubGrip.screws(TAPER_SCREWS, screw), hub.shaft()) / factor),
                new Way("key", HubGrip.keyed(hub.shaft(), hub.length(), factor)));
        for (Way way : ways) {
            report.figure(
                    hub.id() + ", " + way.name() + " carries",
                    Quantity.torque(way.carries()),
                    new Why(
                            "press mu p pi d² L / 2; clamp mu pi F d / 2; taper mu F d / (2 (sin a + mu cos a)); key by its sides",
                            List.of(
                                    input("d", Quantity.length(hub.shaft())),
                                    input("L", Quantity.length(hub.length())),
                                    input("mu", Quantity.ratio(HubGrip.FRICTION))),
                            SHIGLEY));
        }
        List<String> enough = ways.stream()
                .filter(way -> way.carries() >= hub.torque())
                .map(Way::name)
                .toList();
        report.say(
                CradleFinding.HUB,
                enough.isEmpty() ? Severity.STOP : Severity.GOOD,
                enough.isEmpty()
                        ? Phrase.of(
                                "nothing holds hub {} on its {} shaft against {}: a longer seat or a thicker shaft",
                                hub.id(),
                                Quantity.length(hub.shaft()),
                                Quantity.torque(hub.torque()))
                        : Phrase.of(
                                "hub {} takes {} by: {}; never weld to an alloy you do not know",
                                hub.id(),
                                Quantity.torque(hub.torque()),
                                String.join(", ", enough)),
                Place.of(Subject.CRADLE),
                new Why("each way's torque by the factor against what is asked", List.of(), SHIGLEY));
    }

    private void clutch(Detail.Clutch clutch) {
        double carries =
                HubGrip.clutch(clutch.faces(), clutch.friction(), clutch.clamp(), clutch.outer(), clutch.inner());
        double wants = CLUTCH_RESERVE * Pack.driving(job.donor()).maxTorque();
        boolean holds = carries >= wants;
        report.atLeast(
                CradleFinding.CLUTCH,
                holds ? Severity.GOOD : Severity.STOP,
                Phrase.of(
                        holds
                                ? "clutch {} holds {}; the engine's greatest torque with its reserve is {}"
                                : "clutch {} slips at {}; the engine's greatest torque and half as much again is {}: stronger springs"
                                        + " or more faces",
                        clutch.id(),
                        Quantity.torque(carries),
                        Quantity.torque(wants)),
                Quantity.torque(carries),
                Quantity.torque(wants),
                Place.of(Subject.CRADLE),
                new Why(
                        "n mu F (D + d) / 4 against 1.5 times the greatest torque",
                        List.of(
                                input("D", Quantity.length(clutch.outer())),
                                input("d", Quantity.length(clutch.inner())),
                                input("F", Quantity.force(clutch.clamp()))),
                        SHIGLEY));
    }

    private void hanger(Detail.ReusedHanger hanger) {
        double left = hanger.width() - 2 * hanger.off();
        double needs = 2 * hanger.bush() + hanger.bore();
        boolean enough = left >= needs;
        report.atLeast(
                CradleFinding.HANGER,
                enough ? Severity.GOOD : Severity.STOP,
                Phrase.of(
                        enough
                                ? "hanger {}: {} of width remain when {} is cut off each side; its two bushes need {}"
                                : "hanger {}: only {} of width remain when {} is cut off each side; its two bushes need {}, cut less",
                        hanger.id(),
                        Quantity.length(left),
                        Quantity.length(hanger.off()),
                        Quantity.length(needs)),
                Quantity.length(left),
                Quantity.length(needs),
                Place.of(Subject.detail(hanger.id()), seating.boss(hanger.boss())),
                new Why(
                        "width - 2 cut against two bushes and a bore's width between them",
                        List.of(input("width", Quantity.length(hanger.width()))),
                        PRACTICE));
    }

    private void folded(Detail.FoldedPlate plate) {
        FoldedStrip strip = new FoldedStrip(plate.width(), plate.thickness(), plate.fold());
        FoldedStrip flat = new FoldedStrip(plate.width(), plate.thickness(), 0);
        Material steel = job.materials().get(0);
        report.figure(
                plate.id() + " at its end",
                Quantity.stiffness(3 * steel.youngsModulus() * strip.secondMoment() / Math.pow(plate.span(), 3)),
                new Why(
                        "3 E I / L³, as a strip held at one end",
                        List.of(
                                input("L", Quantity.length(plate.span())),
                                input("as stiff as a plain strip of", Quantity.length(strip.plainEquivalent()))),
                        Source.derived("channel with sharp corners")));
        report.say(
                CradleFinding.FOLDED,
                Severity.NOTE,
                Phrase.of(
                        "{} is {} times as stiff and {} times as strong as the flat strip: as stiff as plain sheet of {}",
                        plate.id(),
                        Quantity.ratio(strip.secondMoment() / flat.secondMoment()),
                        Quantity.ratio(strip.sectionModulus() / flat.sectionModulus()),
                        Quantity.length(strip.plainEquivalent())),
                Place.of(Subject.detail(plate.id()), seating.boss(plate.boss())),
                new Why(
                        "second moment of the folded strip over the flat one's",
                        List.of(),
                        Source.derived("beam theory")));
    }
}
