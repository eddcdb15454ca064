package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.linkage.ControlWork;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Quantity;

/** What there is to say of levers, rods and cables. */
final class ControlNotes {
    /** A link that turns its lever by less of its pull goes over centre soon: 30 degrees; common practice. */
    static final double LEAST_TRANSMISSION = 0.5;

    /** Steel, Pa. */
    private static final double STIFFNESS = 205e9;

    private static final double BUCKLING_FACTOR = 3;

    /** A nipple that is soldered badly lets go at once, or in the first panic. */
    private static final double PROOF = 2;

    private static final double ENOUGH = 0.98;
    private static final double TOO_FAR = 1.15;
    private static final double BOWED = 0.15;
    private static final double SPARE_SHARE = 0.05;
    private static final double SPARE = 0.03;

    private static final Source KINEMATICS = Source.derived(
            "levers on fixed pins, rods of one length, wires of one length; pins without slack, nothing stretches");

    private final ControlFound found;
    private final Control control;
    private final ControlWork work;
    private final ReportBuilder report;
    private final Place where;

    private ControlNotes(ControlFound found, ReportBuilder report) {
        this.found = found;
        this.control = found.control();
        this.work = found.work();
        this.report = report;
        this.where = new Place(
                List.of(Subject.control(control.id())),
                found.train().levers().stream().map(each -> each.pivot()).toList());
    }

    static void say(ControlFound found, CableRoom room, ReportBuilder report) {
        ControlNotes notes = new ControlNotes(found, report);
        notes.figures();
        notes.travel();
        notes.force();
        notes.comesBack();
        notes.self();
        found.cables().forEach(notes::cable);
        found.cables().forEach(laid -> notes.room(laid, room));
        notes.rods();
    }

    /** One that cannot be followed from rest. */
    static void unlaid(Control control, Phrase problem, ReportBuilder report) {
        report.say(
                RunFinding.CONTROL,
                Severity.STOP,
                problem,
                Place.of(Subject.control(control.id())),
                new Why("a link turns a lever by what of its pull is square to the arm", List.of(), KINEMATICS));
    }

    private Why ratio() {
        return new Why(
                "each link takes up as much at one lever as it lets go at the other; the engine's lever after the whole travel",
                List.of(
                        input("hand's travel", Quantity.angle(control.travel())),
                        input("ratio at rest", Quantity.ratio(Math.abs(work.firstRatio()))),
                        input("ratio at the end", Quantity.ratio(Math.abs(work.lastRatio())))),
                KINEMATICS);
    }

    private void figures() {
        String name = control.label();
        report.figure(name + ": lever of the engine turns", Quantity.angle(work.reached()), ratio());
        report.figure(name + ": ratio at rest", Quantity.ratio(Math.abs(work.firstRatio())), ratio());
        report.figure(name + ": ratio at the end", Quantity.ratio(Math.abs(work.lastRatio())), ratio());
        report.figure(name + ": off a straight share, at most", Quantity.share(work.bow()), ratio());
        report.figure(name + ": pull of the hand, at most", Quantity.force(work.force()), pull());
        found.cables()
                .forEach(each -> report.figure(
                        name + ": soldered ends" + number(each.link()) + " are tried with",
                        Quantity.force(PROOF * work.linkForces().get(each.link())),
                        new Why(
                                "twice the most that its wire carries",
                                List.of(input(
                                        "carries",
                                        Quantity.force(work.linkForces().get(each.link())))),
                                Source.commonPractice())));
        found.cables()
                .forEach(each -> report.figure(
                        name + ": conduit" + number(each.link()), Quantity.length(each.wanted()), path(each)));
    }

    private String number(int link) {
        return control.links().size() > 1 ? " of link " + (link + 1) : "";
    }

    private void travel() {
        if (!work.pulls() || work.reached() < 0) {
            report.say(
                    RunFinding.CONTROL,
                    Severity.STOP,
                    work.pulls()
                            ? Phrase.of(
                                    "{} moves the wrong way: turn a lever over, so that its arm stands on the other side of its pin, or put in a bell crank",
                                    control.label())
                            : Phrase.of(
                                    "{}: its cable would have to push; turn the lever before it over, or lead the cable to its other side",
                                    control.label()),
                    where,
                    ratio());
            return;
        }
        if (!work.whole()) {
            report.say(
                    RunFinding.CONTROL_TRAVEL,
                    Severity.STOP,
                    Phrase.of(
                            "{}: the hand's lever stops at {} of {}: there a link stands in line with its lever and cannot follow;"
                                    + " turn that lever on its shaft or make its arm longer",
                            control.label(),
                            Quantity.angle(Math.abs(work.stopsAt())),
                            Quantity.angle(Math.abs(control.travel()))),
                    where,
                    ratio());
            return;
        }
        double wanted = Math.abs(control.wanted());
        Severity severity =
                work.reached() < ENOUGH * wanted || work.reached() > TOO_FAR * wanted ? Severity.WATCH : Severity.GOOD;
        Phrase what = work.reached() < ENOUGH * wanted
                ? Phrase.of(
                        "{} opens {} of the {} wanted; a longer arm on the hand's side gives more way for more pull",
                        control.label(),
                        Quantity.angle(work.reached()),
                        Quantity.angle(wanted))
                : work.reached() > TOO_FAR * wanted
                        ? Phrase.of(
                                "{} would turn {} where {} is the stop: hand or foot then pull at the engine's own stop; set a stop at the hand's lever or shorten its arm",
                                control.label(),
                                Quantity.angle(work.reached()),
                                Quantity.angle(wanted))
                        : Phrase.of(
                                "{} opens {}, {} is wanted",
                                control.label(),
                                Quantity.angle(work.reached()),
                                Quantity.angle(wanted));
        report.atLeast(
                RunFinding.CONTROL_TRAVEL,
                severity,
                what,
                Quantity.angle(work.reached()),
                Quantity.angle(wanted),
                where,
                ratio());
        if (work.transmission() < LEAST_TRANSMISSION) {
            report.say(
                    RunFinding.CONTROL,
                    Severity.WATCH,
                    Phrase.of(
                            "{}: somewhere on its way only {} of a link's pull turns its lever; nearer to dead centre it sticks, then snaps over",
                            control.label(),
                            Quantity.share(work.transmission())),
                    where,
                    new Why(
                            "cosine of the angle between the link and the way its end moves, the least over the travel",
                            List.of(input("least", Quantity.share(LEAST_TRANSMISSION))),
                            Source.commonPractice()));
        }
        if (control.use() == Control.Use.THROTTLE && work.bow() > BOWED) {
            report.say(
                    RunFinding.CONTROL,
                    Severity.NOTE,
                    Phrase.of(
                            "{} is uneven: the engine's lever runs {} ahead of or behind the hand's; arms nearer to square with their links in the middle make it even",
                            control.label(),
                            Quantity.share(work.bow())),
                    where,
                    ratio());
        }
    }

    private Why pull() {
        return new Why(
                "moment at the engine's lever x ratio x exp(friction x bends) / arm of the hand, the most over the travel",
                List.of(
                        input("moment at rest", Quantity.torque(control.atRest())),
                        input("moment at the end", Quantity.torque(control.atEnd())),
                        input(
                                "friction, in over out",
                                Quantity.ratio(found.train().loss())),
                        input(
                                "arm of the hand",
                                Quantity.length(found.train().levers().get(0).inArm()))),
                Source.derived("work in is work out; Euler and Eytelwein for the wire in its bends"));
    }

    private void force() {
        double most = mostForce(control.use());
        report.atMost(
                RunFinding.CONTROL_FORCE,
                Severity.WATCH,
                Quantity.force(work.force()),
                Quantity.force(most),
                Phrase.of("{} takes {} at the hand or foot", control.label(), Quantity.force(work.force())),
                Phrase.of(
                        "{} takes {} at the hand or foot, more than the {} that is usual; a longer hand lever, fewer bends or a lined conduit ease it",
                        control.label(),
                        Quantity.force(work.force()),
                        Quantity.force(most)),
                where,
                pull());
    }

    /** N, at hand or foot; common practice. */
    private static double mostForce(Control.Use use) {
        return switch (use) {
            case THROTTLE, CHOKE, STOP -> 40;
            case SHIFT -> 80;
            case CLUTCH -> 150;
            case BRAKE -> 500;
        };
    }

    private void comesBack() {
        Control.Return by = control.closedBy();
        boolean mustShut = control.use() == Control.Use.THROTTLE;
        Why why = new Why(
                "moment of the spring at the engine's lever x ratio / exp(friction x bends), the least over the travel",
                List.of(
                        input("back at the hand's lever", Quantity.torque(work.back())),
                        input("drag there", Quantity.torque(control.drag()))),
                Source.derived("the wire comes back against the same friction"));
        if (mustShut && (by == Control.Return.NOTHING || by == Control.Return.HAND)) {
            stays(
                    "{}: nothing shuts it when it is let go; a spring at the engine's own lever, or a second cable that pulls back, must",
                    why);
        } else if (by == Control.Return.HAND_SPRING && found.train().hasCable()) {
            stays(
                    "{}: a spring at the hand's lever slackens the wire and shuts nothing; put the spring at the engine's own lever",
                    why);
        } else if (by.atEngine() && work.back() <= control.drag()) {
            stays(
                    "{}: its spring does not bring the hand's lever home against {} and the friction of the bends; it stays where it was",
                    why,
                    Quantity.torque(control.drag()));
        } else if (mustShut && by == Control.Return.ENGINE_SPRING) {
            report.say(
                    RunFinding.CONTROL_RETURN,
                    Severity.NOTE,
                    Phrase.of("{} hangs on one spring; a second beside it shuts it when one breaks", control.label()),
                    where,
                    new Why("springs break at their hooks", List.of(), Source.commonPractice()));
        }
    }

    private void stays(String words, Why why, Object... more) {
        Object[] all = new Object[1 + more.length];
        all[0] = control.label();
        System.arraycopy(more, 0, all, 1, more.length);
        report.say(
                RunFinding.CONTROL_RETURN,
                control.use() == Control.Use.THROTTLE || control.use() == Control.Use.BRAKE
                        ? Severity.STOP
                        : Severity.WATCH,
                Phrase.of(words, all),
                where,
                why);
    }

    /** The engine moves on its rubber and works its own lever. */
    private void self() {
        if (found.selfLink().isEmpty()) {
            return;
        }
        double share = found.selfTurn() / Math.abs(control.wanted());
        double watch = control.use() == Control.Use.THROTTLE ? 0.05 : 0.15;
        boolean cable = control.links().get(found.selfLink().get()) instanceof ControlLink.Cable;
        Severity severity = share > 4 * watch ? Severity.STOP : share > watch ? Severity.WATCH : Severity.GOOD;
        Phrase what = severity == Severity.GOOD
                ? Phrase.of(
                        "{}: the engine moving on its mounts turns its lever by {} of its way",
                        control.label(),
                        Quantity.share(share))
                : cable
                        ? Phrase.of(
                                "{}: the engine moving on its mounts turns its lever by {} of its way while the hand holds still; hold the conduit to whatever its lever is on",
                                control.label(),
                                Quantity.share(share))
                        : Phrase.of(
                                "{}: the engine moving on its mounts turns its lever by {} of its way while the hand holds still; lead the rod along the axis the engine rocks about, or take a cable",
                                control.label(),
                                Quantity.share(share));
        report.atMost(
                RunFinding.CONTROL_SELF,
                severity,
                what,
                Quantity.share(share),
                Quantity.share(watch),
                where,
                new Why(
                        "movement of the engine along the link / arm, over the lever's whole way; limit common practice",
                        List.of(
                                input("turn", Quantity.angle(found.selfTurn())),
                                input("whole way", Quantity.angle(Math.abs(control.wanted())))),
                        Source.derived("the worst of standing, load cases, starting and stopping")));
    }

    private Why path(ControlFound.Laid laid) {
        return new Why(
                "length of the curve of least bending through its clips + movement of the engine",
                List.of(
                        input("curve", Quantity.length(laid.path().length())),
                        input("movement", Quantity.length(laid.sway())),
                        input("turned on its way", Quantity.angle(laid.path().bends()))),
                Source.derived("cubic spline through ends and clips, leaving along the wire"));
    }

    private void cable(ControlFound.Laid laid) {
        String name = control.label() + ": cable" + number(laid.link());
        Place at = new Place(
                List.of(Subject.control(control.id())), List.of(laid.path().tightestAt()));
        report.atLeast(
                RunFinding.CABLE_BEND,
                laid.path().tightest() < laid.given().bendRadius() / 2 ? Severity.STOP : Severity.WATCH,
                Quantity.length(laid.path().tightest()),
                Quantity.length(laid.given().bendRadius()),
                Phrase.of(
                        "{}: tightest bend {}",
                        name,
                        Quantity.length(laid.path().tightest())),
                Phrase.of(
                        "{}: bends to {}, it bears {}; move a clip out or turn a lever",
                        name,
                        Quantity.length(laid.path().tightest()),
                        Quantity.length(laid.given().bendRadius())),
                at,
                new Why(
                        "least radius of the curve through its clips; at least ten times its diameter is usual",
                        List.of(input(
                                "ten diameters",
                                Quantity.length(10 * laid.given().diameter()))),
                        Source.commonPractice()));
        double wanted = laid.wanted();
        double has = laid.given().length();
        if (has == 0) {
            report.say(
                    RunFinding.CABLE_LENGTH,
                    Severity.NOTE,
                    Phrase.of("{}: conduit of {} to be bought", name, Quantity.length(wanted)),
                    at,
                    path(laid));
            return;
        }
        boolean shortOf = has < wanted;
        boolean slack = has > wanted * (1 + SPARE_SHARE) + SPARE;
        report.atLeast(
                RunFinding.CABLE_LENGTH,
                shortOf ? Severity.STOP : slack ? Severity.NOTE : Severity.GOOD,
                shortOf
                        ? Phrase.of(
                                "{}: conduit is {} too short for its route; move a clip, or take a longer one",
                                name,
                                Quantity.length(wanted - has))
                        : slack
                                ? Phrase.of(
                                        "{}: conduit is {} longer than its route; it bows out and springs when it is pulled",
                                        name,
                                        Quantity.length(has - wanted))
                                : Phrase.of(
                                        "{}: conduit reaches with {} to spare", name, Quantity.length(has - wanted)),
                Quantity.length(has),
                Quantity.length(wanted),
                at,
                path(laid));
    }

    private void room(ControlFound.Laid laid, CableRoom room) {
        room.missed(laid)
                .ifPresent(near -> report.atLeast(
                        RunFinding.CABLE_ROOM,
                        near.gap() < near.needed() / 2 ? Severity.STOP : Severity.WATCH,
                        Phrase.of(
                                "{}: cable{} comes within {} of {}, {} are kept: heat melts its liner, what moves saws it through; lead it another way",
                                control.label(),
                                number(laid.link()),
                                Quantity.length(Math.max(0, near.gap())),
                                near.label(),
                                Quantity.length(near.needed())),
                        Quantity.length(near.gap()),
                        Quantity.length(near.needed()),
                        new Place(List.of(Subject.control(control.id())), List.of(near.at())),
                        new Why(
                                "least distance of its curve, less what the engine moves there; the last 80 mm at the engine aside",
                                List.of(input("room", Quantity.length(near.needed()))),
                                Source.derived("the room that this shop keeps from what is hot and what moves"))));
    }

    /** Where the engine has moved, a rod that was right is too short or too long. */
    private void eyeToEye(int link, ControlLink.Rod rod, double wanted) {
        Why why = new Why(
                "straight from eye to eye, levers at rest",
                List.of(
                        input("has, adjuster in the middle", Quantity.length(rod.length())),
                        input("adjuster, either way", Quantity.length(rod.adjusts()))),
                Source.derived("places of the eyes; a thread's diameter stays engaged, common practice"));
        report.figure(control.label() + ": rod" + number(link) + ", eye to eye", Quantity.length(wanted), why);
        if (rod.length() == 0) {
            return;
        }
        double off = Math.abs(wanted - rod.length());
        report.atMost(
                RunFinding.ROD_LENGTH,
                Severity.STOP,
                Quantity.length(off),
                Quantity.length(rod.adjusts()),
                Phrase.of(
                        "{}: rod{} is set {} from the middle of its adjuster",
                        control.label(),
                        number(link),
                        Quantity.length(off)),
                Phrase.of(
                        "{}: rod{} is {} too {}, its adjuster gives {}: beyond that the thread strips; lengthen it by a sleeve over the cut, pinned or welded on both sides, or make another",
                        control.label(),
                        number(link),
                        Quantity.length(off),
                        wanted > rod.length() ? "short" : "long",
                        Quantity.length(rod.adjusts())),
                where,
                why);
    }

    /** Euler, pinned at both ends. */
    private void rods() {
        for (int k = 0; k < control.links().size(); k++) {
            if (control.links().get(k) instanceof ControlLink.Rod rod) {
                double length = found.train()
                        .levers()
                        .get(k)
                        .out()
                        .distanceTo(found.train().levers().get(k + 1).in());
                eyeToEye(k, rod, length);
                double bore = rod.diameter() - 2 * rod.wall();
                double second = Math.PI / 64 * (Math.pow(rod.diameter(), 4) - Math.pow(bore, 4));
                double bears = Math.PI * Math.PI * STIFFNESS * second / (length * length) / BUCKLING_FACTOR;
                double carries = work.linkForces().get(k);
                report.atMost(
                        RunFinding.CONTROL,
                        Severity.WATCH,
                        Quantity.force(carries),
                        Quantity.force(bears),
                        Phrase.of(
                                "{}: rod{} of {} carries {}",
                                control.label(),
                                number(k),
                                Quantity.length(length),
                                Quantity.force(carries)),
                        Phrase.of(
                                "{}: rod{} of {} is to push {}, it bows at {}; take a stouter one, or guide it in its middle",
                                control.label(),
                                number(k),
                                Quantity.length(length),
                                Quantity.force(carries),
                                Quantity.force(bears * BUCKLING_FACTOR)),
                        where,
                        new Why(
                                "pi² E I / L² / 3, pinned at both ends",
                                List.of(
                                        input("L", Quantity.length(length)),
                                        input("diameter", Quantity.length(rod.diameter()))),
                                Source.derived(
                                        "Euler; a factor of three for a rod that is not quite straight, common practice")));
            }
        }
    }
}
