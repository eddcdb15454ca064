package oddcradle.core.examine;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.ChainInput;
import oddcradle.core.drive.ChainResult;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.Shaft;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Stop;
import oddcradle.core.finding.Why;
import oddcradle.core.job.DrivenEnd;
import oddcradle.core.job.Engine;
import oddcradle.core.job.Job;
import oddcradle.core.job.OutputForm;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;

/** The chain line: do the sprockets line up, does a whole chain fit, what does it pull. */
final class LineStop {
    /** Offset per centre distance. */
    private static final double OFFSET_SHARE = 1.0 / 200;

    private static final double MOST_ANGLE = Math.toRadians(0.5);
    static final double LEAST_WRAP = Math.toRadians(120);
    private static final double LEAST_CHAIN_FACTOR = 3;
    private static final Source CHAIN = Source.fromMemory("ISO 606; chain length as in ASME B29.1 handbooks");
    private static final Source GEOMETRY = Source.derived("geometry of two shafts");

    private LineStop() {}

    static LineResult solve(Job job, Seating seating) {
        DrivenEnd driven = job.host().drivenEnd();
        Shaft first = new Shaft(seating.driverCentre(), seating.driverAxis(), 0);
        Shaft second = new Shaft(driven.point(), driven.axis(), driven.sprocketOffset());
        Alignment alignment = Alignment.of(first, second);
        Optional<ChainResult> chain;
        Optional<String> problem;
        if (job.donor().output().form() != OutputForm.SPROCKET) {
            return new LineResult(alignment, Optional.empty(), Optional.empty(), new ChainPull(0, 0, 0));
        }
        try {
            chain = Optional.of(RollerChain.solve(new ChainInput(
                    job.line().pitch(),
                    job.donor().output().teeth(),
                    driven.teeth(),
                    alignment.centreDistance(),
                    chainShaftRpm(job.donor().engine(), job.donor().engine().cruiseSpeed()))));
            problem = Optional.empty();
        } catch (InvalidValue invalid) {
            chain = Optional.empty();
            problem = Optional.of(invalid.getMessage());
        }
        return new LineResult(alignment, chain, problem, pull(job));
    }

    private static double chainShaftRpm(Engine engine, double crankSpeed) {
        double top = engine.gearRatios().get(engine.gearRatios().size() - 1);
        return crankSpeed / engine.primaryRatio() / top * 30 / Math.PI;
    }

    private static ChainPull pull(Job job) {
        Engine engine = job.donor().engine();
        DrivenEnd driven = job.host().drivenEnd();
        double pitch = job.line().pitch();
        double frontRadius = RollerChain.pitchDiameter(
                        pitch, Math.max(2, job.donor().output().teeth()))
                / 2;
        double rearRadius = RollerChain.pitchDiameter(pitch, Math.max(2, driven.teeth())) / 2;
        double byEngine = engine.maxTorque()
                * engine.primaryRatio()
                * engine.gearRatios().get(0)
                * job.line().efficiency()
                / frontRadius;
        double byGrip = driven.grip() * driven.axleLoad() * driven.tyreRadius() / rearRadius;
        return new ChainPull(
                byEngine, byGrip, Math.min(byEngine, byGrip) * job.line().dynamicFactor());
    }

    static StopReport report(Job job, Seating seating, LineResult line) {
        if (job.donor().output().form() != OutputForm.SPROCKET) {
            return ShaftLine.report(job, seating, line);
        }
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        Vec3 front = seating.driverCentre();
        Vec3 rear = job.host().drivenEnd().sprocketCentre();
        Place where = Place.between("front sprocket", front, "rear sprocket", rear);
        Alignment alignment = line.alignment();
        double centre = alignment.centreDistance();
        Why offsetWhy = new Why(
                "offset = (c2 - c1) · a1, at most C / 200",
                List.of(input("offset", Quantity.length(alignment.offset())), input("C", Quantity.length(centre))),
                Source.commonPractice());
        figures.add(new Figure("chain planes apart", Quantity.length(alignment.offset()), offsetWhy));
        Quantity offsetLimit = Quantity.length(centre * OFFSET_SHARE);
        boolean aligned = Math.abs(alignment.offset()) <= offsetLimit.si();
        findings.add(Finding.atMost(
                "line.offset",
                Stop.LINE,
                aligned ? Severity.GOOD : Severity.STOP,
                aligned
                        ? Phrase.of(
                                "chain planes are {} apart, within {}",
                                Quantity.length(Math.abs(alignment.offset())),
                                offsetLimit)
                        : Phrase.of(
                                "chain planes are {} apart; {} is the most at this distance",
                                Quantity.length(Math.abs(alignment.offset())),
                                offsetLimit),
                Quantity.length(alignment.offset()),
                offsetLimit,
                where,
                offsetWhy));
        angle(figures, findings, alignment, where);
        figures.add(new Figure(
                "centre distance",
                Quantity.length(centre),
                new Why("C = |c2 - c1| in the front sprocket's plane", List.of(), GEOMETRY)));
        line.chain().ifPresent(chain -> chain(figures, findings, job, line, chain, where));
        line.problem()
                .ifPresent(problem -> findings.add(Finding.statement(
                        "line.no-chain",
                        Stop.LINE,
                        Severity.STOP,
                        Phrase.of("no chain can be worked out: {}", problem),
                        where,
                        new Why("C > (d1 + d2) / 2", List.of(), CHAIN))));
        return new StopReport(Stop.LINE, figures, findings);
    }

    private static void angle(List<Figure> figures, List<Finding> findings, Alignment alignment, Place where) {
        Why why = new Why(
                "angle between the shafts, at most 0.5°",
                List.of(input("angle", Quantity.angle(alignment.angular()))),
                Source.commonPractice());
        figures.add(new Figure("shafts out of parallel", Quantity.angle(alignment.angular()), why));
        boolean parallel = alignment.angular() <= MOST_ANGLE;
        findings.add(Finding.atMost(
                "line.angle",
                Stop.LINE,
                parallel ? Severity.GOOD : Severity.STOP,
                Phrase.of(
                        parallel
                                ? "shafts are parallel to {}"
                                : "shafts are {} out of parallel; the chain would climb its sprocket",
                        Quantity.angle(alignment.angular())),
                Quantity.angle(alignment.angular()),
                Quantity.angle(MOST_ANGLE),
                where,
                why));
    }

    private static void chain(
            List<Figure> figures, List<Finding> findings, Job job, LineResult line, ChainResult chain, Place where) {
        double centre = line.alignment().centreDistance();
        Why length = new Why(
                "L = 2 C cos a / p + N1 (pi - 2a) / 2pi + N2 (pi + 2a) / 2pi, sin a = (d2 - d1) / 2C",
                List.of(
                        input("C", Quantity.length(centre)),
                        input("p", Quantity.length(job.line().pitch())),
                        input("N1", Quantity.count(job.donor().output().teeth())),
                        input("N2", Quantity.count(job.host().drivenEnd().teeth()))),
                CHAIN);
        figures.add(new Figure("chain length, pitches", Quantity.count(chain.lengthPitches()), length));
        figures.add(new Figure("links to buy", Quantity.count(chain.links()), length));
        slide(figures, findings, job, chain, centre, length, where);
        Why wrapWhy = new Why(
                "wrap = pi - 2a, at least 120°",
                List.of(input("a", Quantity.angle((Math.PI - chain.wrapDriver()) / 2))),
                Source.commonPractice());
        figures.add(new Figure("wrap on the front sprocket", Quantity.angle(chain.wrapDriver()), wrapWhy));
        boolean wrapped = chain.wrapDriver() >= LEAST_WRAP;
        findings.add(Finding.atLeast(
                "line.wrap",
                Stop.LINE,
                wrapped ? Severity.GOOD : Severity.WATCH,
                Phrase.of(
                        wrapped
                                ? "the chain wraps {} of the front sprocket"
                                : "the chain wraps only {} of the front" + " sprocket and may jump teeth",
                        Quantity.angle(chain.wrapDriver())),
                Quantity.angle(chain.wrapDriver()),
                Quantity.angle(LEAST_WRAP),
                where,
                wrapWhy));
        figures.add(new Figure(
                "sprocket ratio",
                Quantity.ratio(chain.ratio()),
                new Why("i = N2 / N1", List.of(), Source.derived("tooth counts"))));
        pull(figures, findings, job, line.pull(), where);
    }

    private static void slide(
            List<Figure> figures,
            List<Finding> findings,
            Job job,
            ChainResult chain,
            double centre,
            Why why,
            Place where) {
        Quantity needed = Quantity.length(chain.centreForLinks() - centre);
        Quantity travel = Quantity.length(job.line().tensionerTravel());
        figures.add(new Figure("slack to take up", needed, why));
        boolean taken = needed.si() <= travel.si();
        findings.add(Finding.atMost(
                "line.links",
                Stop.LINE,
                taken ? Severity.GOOD : Severity.WATCH,
                Phrase.of(
                        taken
                                ? "{} links leave {} to take up, within the {} of the tensioner"
                                : "{} links leave {} to take up; the tensioner has {}",
                        Integer.toString(chain.links()),
                        needed,
                        travel),
                needed,
                travel,
                where,
                why));
    }

    private static void pull(List<Figure> figures, List<Finding> findings, Job job, ChainPull pull, Place where) {
        Why why = new Why(
                "F = dynamic factor · min(T i1 i2 eta / r1, grip W R / r2)",
                List.of(
                        input("engine", Quantity.force(pull.byEngine())),
                        input("grip", Quantity.force(pull.byGrip())),
                        input("dynamic factor", Quantity.ratio(job.line().dynamicFactor()))),
                Source.commonPractice());
        figures.add(new Figure("full-throttle chain pull", Quantity.force(pull.design()), why));
        Quantity limit = Quantity.force(job.line().breakingLoad() / LEAST_CHAIN_FACTOR);
        boolean strong = pull.design() <= limit.si();
        findings.add(Finding.atMost(
                "line.pull",
                Stop.LINE,
                strong ? Severity.GOOD : Severity.WATCH,
                Phrase.of(
                        strong
                                ? "full throttle pulls {} in the chain; a third of its breaking load is {}"
                                : "full throttle pulls {} in the chain; more than a third of its breaking load, {}",
                        Quantity.force(pull.design()),
                        limit),
                Quantity.force(pull.design()),
                limit,
                where,
                why));
    }
}
