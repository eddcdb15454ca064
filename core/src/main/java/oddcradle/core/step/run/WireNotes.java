package oddcradle.core.step.run;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.around.LeadDrop;
import oddcradle.core.around.LeadFuse;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.around.Lead;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** Wires that matter: do they reach, what do they lose, what burns first. */
final class WireNotes {
    /** Volts that a starter may lose on its way there and back; common practice for twelve. */
    private static final double MOST_DROP = 0.5;

    /** Of a plug lead beyond its way, m; common practice. */
    private static final double MOST_LOOP = 0.3;

    /** From alternator to battery and back, V; common practice. */
    private static final double MOST_CHARGE_DROP = 0.3;

    private final Job job;
    private final Standing standing;
    private final ReportBuilder report;

    private WireNotes(Job job, Standing standing, ReportBuilder report) {
        this.job = job;
        this.standing = standing;
        this.report = report;
    }

    static void say(Job job, Standing standing, ReportBuilder report) {
        new WireNotes(job, standing, report).wires();
    }

    private static Place at(String id, List<Vec3> points) {
        return new Place(List.of(Subject.around(id)), points);
    }

    private void wires() {
        List<Lead> leads = job.around().leads();
        for (Lead lead : leads) {
            Vec3 from = standing.place(lead.fromOn(), lead.from());
            Vec3 to = standing.place(lead.toOn(), lead.to());
            boolean crosses = lead.fromOn() != lead.toOn();
            double sway = crosses ? standing.sway(lead.fromOn() == Holder.DONOR ? from : to) : 0;
            double wants = from.distanceTo(to) + sway;
            Why why = new Why(
                    "straight from end to end + movement of the engine between them",
                    List.of(
                            input("straight", Quantity.length(from.distanceTo(to))),
                            input("movement", Quantity.length(sway))),
                    Source.derived("places of its ends"));
            report.atLeast(
                    RunFinding.WIRE,
                    Severity.STOP,
                    Quantity.length(lead.length()),
                    Quantity.length(wants),
                    Phrase.of("{} reaches with {} to spare", lead.label(), Quantity.length(lead.length() - wants)),
                    Phrase.of(
                            "{} is {} too short once the engine moves: it tears off",
                            lead.label(),
                            Quantity.length(wants - lead.length())),
                    at(lead.id(), List.of(from, to)),
                    why);
        }
        leads.forEach(this::fuse);
        leads.forEach(this::loops);
        starter(leads);
        alternator(leads);
    }

    /** A plug lead that hangs in loops strikes over to metal and chafes. */
    private void loops(Lead lead) {
        Vec3 from = standing.place(lead.fromOn(), lead.from());
        Vec3 to = standing.place(lead.toOn(), lead.to());
        double spare = lead.length() - from.distanceTo(to);
        if (lead.use() == Lead.Use.PLUG && spare > MOST_LOOP) {
            report.say(
                    RunFinding.WIRE,
                    Severity.NOTE,
                    Phrase.of(
                            "{} is {} longer than its way: it loops against metal and the spark goes astray; shorten it, or set the coil nearer",
                            lead.label(),
                            Quantity.length(spare)),
                    at(lead.id(), List.of(from, to)),
                    new Why("length - straight from end to end", List.of(), Source.commonPractice()));
        }
    }

    /** A wire from the battery that chafes through is a heater along all of its length. */
    private void fuse(Lead lead) {
        boolean loom = lead.use() == Lead.Use.CHARGE || lead.use() == Lead.Use.SIGNAL;
        double most = LeadFuse.largest(lead.area());
        Quantity largest = new Quantity(most, Kind.CURRENT);
        Why why = new Why(
                "11 A for the first mm², then as area to the power of 0.66",
                List.of(input("copper", Quantity.area(lead.area())), input("bears all day", largest)),
                Source.commonPractice());
        if (loom && lead.fuse() == 0) {
            report.say(
                    RunFinding.WIRE,
                    Severity.NOTE,
                    Phrase.of(
                            "{} has no fuse: where it chafes through it glows along its whole length; {} at most, close to the battery",
                            lead.label(),
                            largest),
                    at(lead.id(), List.of()),
                    why);
        } else if (lead.fuse() > 0) {
            Quantity fuse = new Quantity(lead.fuse(), Kind.CURRENT);
            boolean blows = lead.fuse() < lead.current();
            report.atMost(
                    RunFinding.WIRE,
                    lead.fuse() > most ? Severity.STOP : blows ? Severity.WATCH : Severity.GOOD,
                    lead.fuse() > most
                            ? Phrase.of(
                                    "{}: a fuse of {} lets its copper burn, which bears {}; a smaller fuse or thicker copper",
                                    lead.label(),
                                    fuse,
                                    largest)
                            : blows
                                    ? Phrase.of(
                                            "{}: a fuse of {} blows at the {} that it carries",
                                            lead.label(),
                                            fuse,
                                            new Quantity(lead.current(), Kind.CURRENT))
                                    : Phrase.of("{}: its fuse of {} blows before its copper glows", lead.label(), fuse),
                    fuse,
                    largest,
                    at(lead.id(), List.of()),
                    why);
        }
    }

    /** What the starter draws goes there and comes back by the strap. */
    private void starter(List<Lead> leads) {
        Optional<Lead> starter =
                leads.stream().filter(each -> each.use() == Lead.Use.STARTER).findFirst();
        if (starter.isEmpty()) {
            return;
        }
        boolean soft = job.cradle().isolators().stream().map(Isolator::element).anyMatch(each -> !each.isHard());
        List<Lead> earths =
                leads.stream().filter(each -> each.use() == Lead.Use.EARTH).toList();
        double current = starter.get().current();
        if (soft && earths.isEmpty()) {
            report.say(
                    RunFinding.WIRE,
                    Severity.STOP,
                    Phrase.of(
                            "no earth strap crosses the rubber: {} of the starter go home through throttle cable, bearings or fuel line; put a strap from block to frame",
                            new Quantity(current, Kind.CURRENT)),
                    at(starter.get().id(), List.of()),
                    new Why("rubber does not carry current", List.of(), Source.commonPractice()));
        }
        double drop = LeadDrop.of(current, starter.get().length(), starter.get().area());
        for (Lead earth : earths) {
            drop += LeadDrop.of(current, earth.length(), earth.area());
        }
        report.atMost(
                RunFinding.WIRE,
                Severity.WATCH,
                Quantity.voltage(drop),
                Quantity.voltage(MOST_DROP),
                Phrase.of("the starter loses {} in its leads", Quantity.voltage(drop)),
                Phrase.of(
                        "the starter loses {} in its leads: it turns slowly when cold; thicker copper, or the battery nearer",
                        Quantity.voltage(drop)),
                at(starter.get().id(), List.of()),
                new Why(
                        "I rho L / A, there and back; limit common practice for 12 V",
                        List.of(
                                input("I", new Quantity(current, Kind.CURRENT)),
                                input(
                                        "L of the starter's lead",
                                        Quantity.length(starter.get().length())),
                                input("A", Quantity.area(starter.get().area()))),
                        Source.fromMemory("copper 1.72e-8 ohm m at 20 °C")));
    }

    /** What the alternator makes must come to the battery at its voltage. */
    private void alternator(List<Lead> leads) {
        for (Lead lead : leads) {
            if (lead.use() != Lead.Use.CHARGE) {
                continue;
            }
            double drop = LeadDrop.of(lead.current(), lead.length(), lead.area());
            for (Lead earth : leads) {
                if (earth.use() == Lead.Use.EARTH) {
                    drop += LeadDrop.of(lead.current(), earth.length(), earth.area());
                }
            }
            report.atMost(
                    RunFinding.WIRE,
                    Severity.WATCH,
                    Quantity.voltage(drop),
                    Quantity.voltage(MOST_CHARGE_DROP),
                    Phrase.of("{} loses {} on its way and back", lead.label(), Quantity.voltage(drop)),
                    Phrase.of(
                            "{} loses {} on its way and back: the battery never fills; thicker copper",
                            lead.label(),
                            Quantity.voltage(drop)),
                    at(lead.id(), List.of()),
                    new Why(
                            "I rho L / A, of the lead and the earth straps",
                            List.of(
                                    input("I", new Quantity(lead.current(), Kind.CURRENT)),
                                    input("L", Quantity.length(lead.length())),
                                    input("A", Quantity.area(lead.area()))),
                            Source.derived("copper at 20 °C; 0.3 V at most, common practice")));
        }
    }
}
