package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.ShaftStrength;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What is to be said of a jackshaft: its bearings, its strength, how it bends, how fast it may turn, its spacers. */
final class JackShaftNotes {
    /** The code allows 0.3 of yield in shear; von Mises counts shear {@code sqrt 3} times. */
    private static final double STRESS_SHARE = 0.3 * Math.sqrt(3);

    private static final double MOST_SLOPE = Math.toRadians(0.25);
    private static final double CRITICAL_SHARE = 0.75;
    private static final double LEAST_HOURS = 500;
    /** Longer than any machine here is kept: dirt and water end a bearing sooner. */
    private static final double LONG_HOURS = 20_000;

    private static final double KEY_PRESSURE = 100e6;
    private static final double OVERHUNG = 1.0;

    private JackShaftNotes() {}

    /**
     * @param shaft in the k-th place between stages k and k + 1
     * @param critical speed, rad/s; worked out once for a shaft, because it does not change with the seat
     */
    static void add(ReportBuilder report, Job job, LineResult line, int k, Optional<Double> critical) {
        JackShaft shaft = job.line().shafts().get(k);
        StageResult before = line.stages().get(k);
        StageResult after = line.stages().get(k + 1);
        Place where = new Place(
                List.of(Subject.shaft(shaft.id())), List.of(shaft.at(shaft.drivenAt()), shaft.at(shaft.driverAt())));
        Optional<JackShaftResult> found =
                JackShaftResult.of(shaft, before, after, job.line().dynamicFactor());
        if (found.isEmpty()) {
            report.say(
                    LineFinding.SHAFT_HELD,
                    Severity.NOT_CHECKED,
                    Phrase.of("{} is held by its gears; its bearings are the gear maker's affair", shaft.label()),
                    where,
                    new Why("no bearings are named", List.of(), Source.measured()));
            return;
        }
        strength(report, shaft, found.get(), where);
        bearings(report, job, line, k, found.get(), where);
        bending(report, shaft, found.get(), where);
        JackShaft weighed = JackShaftResult.weighed(shaft, before, after);
        critical.ifPresent(speed -> critical(report, job, weighed, after, speed, where));
        spacers(report, shaft);
        overhang(report, shaft, where);
    }

    private static void strength(ReportBuilder report, JackShaft shaft, JackShaftResult found, Place where) {
        Quantity stress = Quantity.stress(found.stress());
        Quantity limit = Quantity.stress(STRESS_SHARE * shaft.yield());
        Why why = new Why(
                "sqrt(sigma^2 + 3 tau^2), over 0.75 with a keyway; at most sqrt(3) 0.3 = 0.52 of yield, which is 0.3 in shear",
                List.of(
                        input("M", Quantity.torque(found.moment())),
                        input("T", Quantity.torque(found.torque())),
                        input("d", Quantity.length(shaft.od()))),
                Source.fromMemory("ASME shafting code (1927)"));
        report.figure(shaft.label() + ": stress", stress, why);
        report.atMost(
                LineFinding.SHAFT_STRESS,
                Severity.STOP,
                stress,
                limit,
                Phrase.of("{} is stressed to {}, within {}", shaft.label(), stress, limit),
                Phrase.of("{} is stressed to {}; 0.52 of its yield is {}", shaft.label(), stress, limit),
                where,
                why);
        if (shaft.keyDepth() > 0) {
            report.figure(
                    shaft.label() + ": key at least this long",
                    Quantity.length(
                            ShaftStrength.keyLength(found.torque(), shaft.od(), shaft.keyDepth(), KEY_PRESSURE)),
                    new Why(
                            "l = 2 T / (d t p), p = 100 MPa on the hub",
                            List.of(
                                    input("T", Quantity.torque(found.torque())),
                                    input("t", Quantity.length(shaft.keyDepth()))),
                            Source.commonPractice()));
        }
    }

    /** At full torque, as much in one gear as in another. */
    private static void bearings(
            ReportBuilder report, Job job, LineResult line, int k, JackShaftResult found, Place where) {
        JackShaft shaft = job.line().shafts().get(k);
        double worst = 0;
        for (int at = 0; at < found.reactions().size(); at++) {
            double load = found.reactions().get(at).length();
            worst = Math.max(worst, load);
            report.figure(
                    shaft.label() + ": bearing " + (at + 1) + " carries",
                    Quantity.force(load),
                    new Why(
                            "reaction of the shaft to both pulls at full throttle in the lowest gear",
                            List.of(),
                            Source.derived("beam on two supports")));
        }
        if (shaft.bearingRating() == 0) {
            report.say(
                    LineFinding.BEARING_LIFE,
                    Severity.NOT_CHECKED,
                    Phrase.of("{}: the load rating of its bearings is not given", shaft.label()),
                    where,
                    new Why("L10 = (C / P)^3", List.of(), Source.fromMemory("ISO 281")));
            return;
        }
        List<ShaftDuty> duties = ShaftDuty.of(job, line, k);
        double worked = ShaftDuty.hours(duties, shaft.bearingRating(), worst);
        double hours = Math.min(worked, LONG_HOURS);
        ShaftDuty hardest = duties.get(0);
        Quantity life = Quantity.hours(hours);
        Why why = new Why(
                "L10 = (C / P)^3 million turns; full torque, as far as the tyres take it, for equal times in every gear and at both ends"
                        + " of a variator, no dynamic factor; 1 / L = mean of 1 / L of each",
                List.of(
                        input("C", Quantity.force(shaft.bearingRating())),
                        input("P in the lowest", Quantity.force(worst * hardest.load())),
                        input("speed there", Quantity.rotationSpeed(hardest.speed())),
                        input("gears", Quantity.count(duties.size()))),
                Source.fromMemory("ISO 281"));
        report.figure(
                shaft.label() + ": bearing life L10, hours" + (worked > hours ? ", more than" : ""),
                Quantity.count(Math.rint(hours)),
                why);
        report.atLeast(
                LineFinding.BEARING_LIFE,
                Severity.WATCH,
                life,
                Quantity.hours(LEAST_HOURS),
                Phrase.of("{}: its bearings last {} hours and more", shaft.label(), Long.toString(Math.round(hours))),
                Phrase.of(
                        "{}: one bearing in ten fails within {} hours at full torque; {} are worth having",
                        shaft.label(),
                        Long.toString(Math.round(hours)),
                        Long.toString(Math.round(LEAST_HOURS))),
                where,
                why);
    }

    private static void bending(ReportBuilder report, JackShaft shaft, JackShaftResult found, Place where) {
        Why why = new Why(
                "beam with shear on two bearings under both pulls",
                List.of(input("M", Quantity.torque(found.moment()))),
                Source.derived("Timoshenko's beam"));
        Quantity slope = Quantity.angle(found.slope());
        report.figure(shaft.label() + ": gives way at a wheel by", Quantity.length(found.deflection()), why);
        report.figure(shaft.label() + ": tilts at a wheel by", slope, why);
        report.atMost(
                LineFinding.SHAFT_SLOPE,
                Severity.WATCH,
                slope,
                Quantity.angle(MOST_SLOPE),
                Phrase.of("{} tilts its wheels by {} at most", shaft.label(), slope),
                Phrase.of(
                        "{} tilts a wheel by {} at full throttle; bring the bearing nearer or take a thicker shaft",
                        shaft.label(),
                        slope),
                where,
                why);
    }

    private static void critical(
            ReportBuilder report, Job job, JackShaft weighed, StageResult after, double critical, Place where) {
        Engine engine = Pack.driving(job.donor());
        double fastest = Math.max(engine.limitSpeed(), engine.cruiseSpeed());
        int top = engine.gearRatios().size() - 1;
        Quantity speed = Quantity.rotationSpeed(fastest
                / after.speedRatio()
                * engine.gearRatios().get(0)
                / engine.gearRatios().get(top));
        Quantity limit = Quantity.rotationSpeed(CRITICAL_SHARE * critical);
        Why why = new Why(
                "first natural frequency of the shaft with its wheels on bearings that give; three quarters of it are used",
                List.of(
                        input("critical", Quantity.rotationSpeed(critical)),
                        input("driven wheel", Quantity.mass(weighed.drivenMass())),
                        input("driving wheel", Quantity.mass(weighed.driverMass())),
                        input("each bearing", Quantity.stiffness(weighed.usedStiffness()))),
                Source.commonPractice());
        report.figure(weighed.label() + ": first critical speed", Quantity.rotationSpeed(critical), why);
        report.atMost(
                LineFinding.CRITICAL,
                Severity.STOP,
                speed,
                limit,
                Phrase.of("{} turns {} at most, within three quarters of its critical speed", weighed.label(), speed),
                Phrase.of("{} may turn {}; three quarters of its critical speed are {}", weighed.label(), speed, limit),
                where,
                why);
    }

    /** Lengths of collars and spacers between what sits on the shaft, in order. */
    private static void spacers(ReportBuilder report, JackShaft shaft) {
        double[] places = {
            shaft.drivenAt(),
            shaft.driverAt(),
            shaft.bearings().get(0),
            shaft.bearings().get(1)
        };
        String[] names = {"driven wheel", "driving wheel", "bearing 1", "bearing 2"};
        for (int round = 0; round < places.length; round++) {
            for (int k = 1; k < places.length; k++) {
                if (places[k] < places[k - 1]) {
                    double place = places[k];
                    places[k] = places[k - 1];
                    places[k - 1] = place;
                    String name = names[k];
                    names[k] = names[k - 1];
                    names[k - 1] = name;
                }
            }
        }
        for (int k = 1; k < places.length; k++) {
            report.figure(
                    shaft.label() + ": " + names[k - 1] + " to " + names[k],
                    Quantity.length(places[k] - places[k - 1]),
                    new Why(
                            "middle to middle along the shaft; take half of each part's width off for the spacer",
                            List.of(),
                            Source.measured()));
        }
    }

    private static void overhang(ReportBuilder report, JackShaft shaft, Place where) {
        double low = Math.min(shaft.bearings().get(0), shaft.bearings().get(1));
        double high = Math.max(shaft.bearings().get(0), shaft.bearings().get(1));
        double over = 0;
        for (double wheel : new double[] {shaft.drivenAt(), shaft.driverAt()}) {
            over = Math.max(over, Math.max(low - wheel, wheel - high));
        }
        if (over <= 0) {
            return;
        }
        Quantity hangs = Quantity.length(over);
        Quantity limit = Quantity.length(OVERHUNG * (high - low));
        report.atMost(
                LineFinding.OVERHUNG,
                Severity.WATCH,
                hangs,
                limit,
                Phrase.of("{}: a wheel hangs {} over its bearing", shaft.label(), hangs),
                Phrase.of(
                        "{}: a wheel hangs {} over its bearing, more than the bearings are apart; set an outboard bearing",
                        shaft.label(),
                        hangs),
                where,
                new Why("overhang at most the bearing span", List.of(), Source.commonPractice()));
    }
}
