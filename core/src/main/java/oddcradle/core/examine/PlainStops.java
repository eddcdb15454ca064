package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Boss;
import oddcradle.core.job.Engine;
import oddcradle.core.job.Job;
import oddcradle.core.job.Member;
import oddcradle.core.job.Node;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mode;

/** The stops that state what is known: donor, host, what to hold a tape to when it is built, and what to watch when it runs. */
final class PlainStops {
    private static final double THINNEST_GYRATION = 0.03;
    private static final double WIDEST_GYRATION = 0.60;

    private PlainStops() {}

    static StopReport donor(Job job, SurveyNotes survey) {
        Engine engine = job.donor().engine();
        Why weighed = new Why("as entered", List.of(), Source.measured());
        double mass = job.donor().mass().mass();
        Mat3 inertia = job.donor().mass().inertia();
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("mass", Quantity.mass(mass), weighed),
                new Figure("most torque", Quantity.torque(engine.maxTorque()), weighed),
                new Figure("idle", Quantity.rotationSpeed(engine.idleSpeed()), weighed),
                new Figure("cruise", Quantity.rotationSpeed(engine.cruiseSpeed()), weighed),
                new Figure(
                        "fires at idle",
                        Quantity.frequency(engine.firingFrequency(engine.idleSpeed())),
                        new Why(
                                "cylinders / turns per firing · speed, even firing",
                                List.of(
                                        input("cylinders", Quantity.count(engine.cylinders())),
                                        input("speed", Quantity.rotationSpeed(engine.idleSpeed()))),
                                Source.derived("firing order")))));
        List<Finding> findings = new ArrayList<>();
        for (int axis = 0; axis < 3; axis++) {
            double gyration = Math.sqrt(inertia.get(axis, axis) / mass);
            String name = axis == 0 ? "roll" : axis == 1 ? "pitch" : "yaw";
            Why why = new Why(
                    "r = sqrt(I / m)", List.of(input("m", Quantity.mass(mass))), Source.derived("radius of gyration"));
            figures.add(new Figure("radius of gyration, " + name, Quantity.length(gyration), why));
            if (gyration < THINNEST_GYRATION || gyration > WIDEST_GYRATION) {
                findings.add(Finding.statement(
                        "donor.gyration",
                        Stop.DONOR,
                        Severity.WATCH,
                        Phrase.of(
                                "the {} inertia means a radius of gyration of {}; engines lie between {} and {}, measure again",
                                name,
                                Quantity.length(gyration),
                                Quantity.length(THINNEST_GYRATION),
                                Quantity.length(WIDEST_GYRATION)),
                        Place.NOWHERE,
                        why));
            }
        }
        if (findings.isEmpty()) {
            findings.add(good("donor.mass", Stop.DONOR, "mass and inertia belong to a body that can exist"));
        }
        figures.addAll(survey.figures());
        findings.addAll(survey.findings());
        return new StopReport(Stop.DONOR, figures, findings);
    }

    static StopReport host(Job job, Seating seating, SurveyNotes survey) {
        double mass = 0;
        double longest = 0;
        for (Member member : job.host().members()) {
            List<Vec3> path = seating.path(member);
            double length = 0;
            for (int k = 1; k < path.size(); k++) {
                length += path.get(k).distanceTo(path.get(k - 1));
            }
            longest = Math.max(longest, length);
            mass += length * member.remaining().area() * job.material(member).density();
        }
        Why counted = new Why("as entered", List.of(), Source.measured());
        List<Figure> figures = new ArrayList<>(List.of(
                new Figure("tubes", Quantity.count(job.host().members().size()), counted),
                new Figure(
                        "frame tubes weigh",
                        Quantity.mass(mass),
                        new Why("sum of A L rho", List.of(), Source.derived("sections and lengths"))),
                new Figure("longest tube", Quantity.length(longest), counted),
                new Figure("keep-outs", Quantity.count(job.host().keepOuts().size()), counted)));
        List<Finding> findings = new ArrayList<>();
        for (Node node : job.host().nodes()) {
            boolean used = job.host().members().stream()
                    .anyMatch(member -> member.nodes().contains(node.id()));
            if (!used) {
                findings.add(Finding.statement(
                        "host.loose-node",
                        Stop.HOST,
                        Severity.NOTE,
                        Phrase.of("node {} is on no tube", node.id()),
                        Place.of(node.id(), seating.node(node.id())),
                        counted));
            }
        }
        if (findings.isEmpty()) {
            findings.add(good("host.nodes", Stop.HOST, "every node of the frame is on a tube"));
        }
        figures.addAll(survey.figures());
        findings.addAll(survey.findings());
        return new StopReport(Stop.HOST, figures, findings);
    }

    /** Planned boss positions: what a tape must read once the cradle is tacked. */
    static StopReport fit(Job job, Seating seating) {
        List<Figure> figures = new ArrayList<>();
        Why planned = new Why("R b + t of the seat", List.of(), Source.derived("pose of the donor"));
        List<Boss> bosses = job.donor().bosses();
        for (Boss boss : bosses) {
            Vec3 at = seating.boss(boss.id());
            figures.add(new Figure(boss.id() + " forward of datum", Quantity.length(at.x()), planned));
            figures.add(new Figure(boss.id() + " left of datum", Quantity.length(at.y()), planned));
            figures.add(new Figure(boss.id() + " above datum", Quantity.length(at.z()), planned));
        }
        for (int k = 0; k < bosses.size(); k++) {
            for (int j = k + 1; j < bosses.size(); j++) {
                figures.add(new Figure(
                        bosses.get(k).id() + " to " + bosses.get(j).id(),
                        Quantity.length(bosses.get(k)
                                .position()
                                .distanceTo(bosses.get(j).position())),
                        new Why("|b1 - b2|, centre to centre", List.of(), Source.derived("boss positions"))));
            }
        }
        List<Finding> findings = List.of(Finding.statement(
                "fit.unmeasured",
                Stop.FIT,
                Severity.NOT_CHECKED,
                Phrase.of("nothing is measured as built; with all tubes tacked, hold a tape to these distances"),
                Place.NOWHERE,
                new Why("weld pull moves tacked tubes; measure before and after", List.of(), Source.commonPractice())));
        return new StopReport(Stop.FIT, figures, findings);
    }

    /** Crank speeds at which the firing meets a mode on the way up. */
    static StopReport run(Job job, Outcome<ShakeResult> shake) {
        List<Figure> figures = new ArrayList<>();
        Engine engine = job.donor().engine();
        Optional<ShakeResult> answer = shake.answer();
        if (answer.isPresent()) {
            for (Mode mode : answer.get().modes().modes()) {
                double speed = 2 * Math.PI * mode.frequencyHz() * engine.cycle().turnsPerFiring() / engine.cylinders();
                figures.add(new Figure(
                        "firing meets the " + Math.round(10 * mode.frequencyHz()) / 10.0 + " Hz mode",
                        Quantity.rotationSpeed(speed),
                        new Why(
                                "speed = f · turns per firing / cylinders",
                                List.of(input("f", Quantity.frequency(mode.frequencyHz()))),
                                Source.derived("firing order"))));
            }
        }
        Why habit = new Why("rubber settles, bolts seat, cracks start early", List.of(), Source.commonPractice());
        List<Finding> findings = List.of(
                Finding.statement(
                        "run.first-start",
                        Stop.RUN,
                        Severity.NOTE,
                        Phrase.of(
                                "first start: guards on, fuel lines dry, hands and sleeves clear of the chain, a second"
                                        + " person at the kill switch"),
                        Place.NOWHERE,
                        habit),
                Finding.statement(
                        "run.recheck",
                        Stop.RUN,
                        Severity.NOTE,
                        Phrase.of(
                                "after the first hour and again after ten: torque every mount bolt, look for cracks at"
                                        + " every weld toe, measure the chain line"),
                        Place.NOWHERE,
                        habit));
        return new StopReport(Stop.RUN, figures, findings);
    }

    private static Finding good(String code, Stop stop, String text) {
        return Finding.statement(
                code,
                stop,
                Severity.GOOD,
                Phrase.of(text),
                Place.NOWHERE,
                new Why("checked when the job was read", List.of(), Source.derived("entered values")));
    }
}
