package oddcradle.core.step.line;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.ChainResult;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What is to be said of a roller chain. */
public final class ChainNotes {
    public static final double LEAST_WRAP = Math.toRadians(120);
    private static final double LEAST_CHAIN_FACTOR = 3;
    private static final int QUIET_TEETH = 17;
    private static final Source CHAIN = Source.fromMemory("ISO 606; chain length as in ASME B29.1 handbooks");

    private ChainNotes() {}

    static void add(ReportBuilder report, Stage.Chain chain, StageResult result, Engine engine) {
        Place where = PlaneNotes.place(result);
        PlaneNotes.add(report, result, where);
        if (result.problem().isPresent()) {
            report.say(
                    LineFinding.NO_CHAIN,
                    Severity.STOP,
                    Phrase.of(
                            "{}: no chain can be worked out: {}",
                            chain.label(),
                            result.problem().get()),
                    where,
                    new Why("C > (d1 + d2) / 2", List.of(), CHAIN));
            return;
        }
        ChainResult found = result.chain().orElseThrow();
        length(report, chain, result.alignment(), found, where);
        wrap(report, chain, found, where);
        String name = chain.label();
        report.figure(
                name + ": ratio",
                Quantity.ratio(found.ratio()),
                new Why("i = N2 / N1", List.of(), Source.derived("tooth counts")));
        report.figure(
                name + ": speed at cruise",
                Quantity.speed(found.chainSpeed()),
                new Why("v = N1 p n", List.of(), Source.derived("teeth and speed")));
        Why swing = new Why(
                "dv / v = (pi / N) (1 / sin(pi / N) - 1 / tan(pi / N))",
                List.of(input("N", Quantity.count(chain.driverTeeth()))),
                Source.fromMemory("Shigley, roller chain; 17 teeth or more run quietly (common practice)"));
        report.figure(name + ": speed swings by", Quantity.share(RollerChain.speedSwing(chain.driverTeeth())), swing);
        if (chain.driverTeeth() < QUIET_TEETH) {
            report.say(
                    LineFinding.SWING,
                    Severity.NOTE,
                    Phrase.of(
                            "{}: {} teeth let its speed swing by {} every tooth; {} teeth or more run quietly",
                            name,
                            Integer.toString(chain.driverTeeth()),
                            Quantity.share(RollerChain.speedSwing(chain.driverTeeth())),
                            Integer.toString(QUIET_TEETH)),
                    where,
                    swing);
        }
        pull(report, chain, result, where);
        byGear(report, chain, result, engine);
    }

    /** Full torque without the dynamic factor; the tyres may spin before it is reached. */
    private static void byGear(ReportBuilder report, Stage.Chain chain, StageResult result, Engine engine) {
        for (int gear = 1; gear < engine.gearRatios().size(); gear++) {
            double share = engine.gearRatios().get(gear) / engine.gearRatios().get(0);
            report.figure(
                    chain.label() + ": pull in gear " + (gear + 1),
                    Quantity.force(result.byEngine() * share),
                    new Why(
                            "F = T i eta / r1, no dynamic factor",
                            List.of(
                                    input(
                                            "gear",
                                            Quantity.ratio(engine.gearRatios().get(gear))),
                                    input(
                                            "share of the breaking load",
                                            Quantity.share(result.byEngine() * share / chain.breakingLoad()))),
                            Source.derived("torque and ratio")));
        }
    }

    private static void length(
            ReportBuilder report, Stage.Chain chain, Alignment alignment, ChainResult found, Place where) {
        double centre = alignment.centreDistance();
        Why why = new Why(
                "L = 2 C cos a / p + N1 (pi - 2a) / 2pi + N2 (pi + 2a) / 2pi, sin a = (d2 - d1) / 2C",
                List.of(
                        input("C", Quantity.length(centre)),
                        input("p", Quantity.length(chain.pitch())),
                        input("N1", Quantity.count(chain.driverTeeth())),
                        input("N2", Quantity.count(chain.drivenTeeth()))),
                CHAIN);
        Quantity needed = Quantity.length(found.centreForLinks() - centre);
        Quantity travel = Quantity.length(chain.tensionerTravel());
        String links = Integer.toString(found.links());
        report.figure(chain.label() + ": length, pitches", Quantity.count(found.lengthPitches()), why);
        report.figure(chain.label() + ": links to buy", Quantity.count(found.links()), why);
        report.figure(chain.label() + ": slack to take up", needed, why);
        report.atMost(
                LineFinding.LINKS,
                Severity.WATCH,
                needed,
                travel,
                Phrase.of(
                        "{}: {} links leave {} to take up, within the {} of the tensioner",
                        chain.label(),
                        links,
                        needed,
                        travel),
                Phrase.of(
                        "{}: {} links leave {} to take up; the tensioner has {}", chain.label(), links, needed, travel),
                where,
                why);
    }

    private static void wrap(ReportBuilder report, Stage.Chain chain, ChainResult found, Place where) {
        double least = Math.min(found.wrapDriver(), found.wrapDriven());
        Quantity wrap = Quantity.angle(least);
        Why why = new Why(
                "wrap = pi - 2a on the smaller sprocket, at least 120°",
                List.of(input("a", Quantity.angle((Math.PI - least) / 2))),
                Source.commonPractice());
        report.figure(chain.label() + ": wrap on the smaller sprocket", wrap, why);
        report.atLeast(
                LineFinding.WRAP,
                Severity.WATCH,
                wrap,
                Quantity.angle(LEAST_WRAP),
                Phrase.of("{} wraps {} of its smaller sprocket", chain.label(), wrap),
                Phrase.of("{} wraps only {} of its smaller sprocket and may jump teeth", chain.label(), wrap),
                where,
                why);
    }

    private static void pull(ReportBuilder report, Stage.Chain chain, StageResult result, Place where) {
        Quantity pull = Quantity.force(result.design());
        Why why = new Why(
                "F = dynamic factor · min(T i eta / r1, grip W R / i' r2)",
                List.of(
                        input("engine", Quantity.force(result.byEngine())),
                        input("grip", Quantity.force(result.byGrip()))),
                Source.commonPractice());
        Quantity limit = Quantity.force(chain.breakingLoad() / LEAST_CHAIN_FACTOR);
        report.figure(chain.label() + ": full-throttle pull", pull, why);
        report.atMost(
                LineFinding.PULL,
                Severity.STOP,
                pull,
                limit,
                Phrase.of("{}: full throttle pulls {}; a third of its breaking load is {}", chain.label(), pull, limit),
                Phrase.of(
                        "{}: full throttle pulls {}; more than a third of its breaking load, {}",
                        chain.label(),
                        pull,
                        limit),
                where,
                why);
    }
}
