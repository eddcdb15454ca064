package oddcradle.core.step.line;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.donor.ShaftEnd;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.EngineOrders;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** What must line up: the datum, every stage of the drive where it lies, and what is driven. */
final class LineReport {
    private static final double GRIPPED = 0.8;

    private LineReport() {}

    /** @param criticalSpeeds of the jackshafts, rad/s */
    static StepReport report(
            Job job,
            Seating seating,
            LineResult line,
            Optional<RoadChart> chart,
            Map<JackShaft, Double> criticalSpeeds,
            DonorMovement movement,
            EngineOrders orders) {
        ReportBuilder report = new ReportBuilder(Step.LINE);
        DatumNotes.add(report, job, seating, movement);
        line.stages().forEach(result -> stage(report, job, result));
        List<JackShaft> shafts = job.line().shafts();
        for (int k = 0; k < shafts.size(); k++) {
            JackShaftNotes.add(report, job, line, k, Optional.ofNullable(criticalSpeeds.get(shafts.get(k))));
        }
        pitches(report, job);
        spline(report, job, seating);
        TravelNotes.swingArm(report, job, seating, line);
        MovementNotes.add(report, job, seating, line, movement);
        end(report, job, seating, line, chart, movement);
        if (job.line().end().isPresent() && job.line().end().get() instanceof LineEnd.Generator generator) {
            GeneratorNotes.add(report, job, line, generator, orders);
        }
        return report.report();
    }

    private static void stage(ReportBuilder report, Job job, StageResult result) {
        if (result.stage() instanceof Stage.Chain chain) {
            ChainNotes.add(report, chain, result, Pack.driving(job.donor()));
        } else if (result.stage() instanceof Stage.Belt belt) {
            BeltNotes.add(report, belt, result);
        } else if (result.stage() instanceof Stage.Variator variator) {
            BeltNotes.add(report, variator, result, job);
        } else if (result.stage() instanceof Stage.Coupling coupling) {
            CoaxialNotes.add(report, coupling, result);
        } else if (result.stage() instanceof Stage.JointShaft shaft) {
            CoaxialNotes.add(report, shaft, result);
        } else if (result.stage() instanceof Stage.Gears gears) {
            report.figure(
                    gears.label() + ": ratio",
                    Quantity.ratio(gears.ratio()),
                    new Why("as entered", List.of(), Source.measured()));
        }
    }

    private static void end(
            ReportBuilder report,
            Job job,
            Seating seating,
            LineResult line,
            Optional<RoadChart> chart,
            DonorMovement movement) {
        chart.ifPresent(road -> RoadNotes.add(report, job, line, road));
        Optional<LineEnd> end = job.line().end();
        if (end.isPresent() && end.get() instanceof LineEnd.Propeller propeller) {
            PropellerNotes.add(report, job, seating, line, propeller, movement);
        }
    }

    /** What sits on the donor's shaft should grip it over about its own thickness. */
    private static void spline(ReportBuilder report, Job job, Seating seating) {
        ShaftEnd shaft = job.donor().output().shaft();
        if (job.line().stages().isEmpty() || !shaft.isMeasured() || shaft.length() == 0) {
            return;
        }
        Quantity length = Quantity.length(shaft.length());
        Quantity wanted = Quantity.length(GRIPPED * shaft.diameter());
        report.atLeast(
                LineFinding.SPLINE,
                Severity.WATCH,
                length,
                wanted,
                Phrase.of("the output shaft offers {} of key or spline", length),
                Phrase.of("the output shaft offers {} of key or spline; {} are worth having", length, wanted),
                Place.of(Subject.OUTPUT, seating.driverCentre()),
                new Why("0.8 of the shaft's diameter", List.of(), Source.commonPractice()));
    }

    /** A sprocket that came with donor or host runs one pitch only. */
    private static void pitches(ReportBuilder report, Job job) {
        List<Stage> stages = job.line().stages();
        if (stages.isEmpty()) {
            return;
        }
        if (stages.get(0) instanceof Stage.Chain first) {
            pitch(report, first, "front", job.donor().output().pitch());
        }
        if (stages.get(stages.size() - 1) instanceof Stage.Chain last) {
            pitch(report, last, "rear", job.host().drivenEnd().pitch());
        }
    }

    private static void pitch(ReportBuilder report, Stage.Chain chain, String which, double came) {
        if (came != 0 && Math.abs(came - chain.pitch()) > 1e-5) {
            report.say(
                    LineFinding.PITCH,
                    Severity.STOP,
                    Phrase.of(
                            "{} has a pitch of {}, the {} sprocket that came with it {}; one chain runs one pitch, change"
                                    + " the sprocket or the chain",
                            chain.label(),
                            Quantity.length(chain.pitch()),
                            which,
                            Quantity.length(came)),
                    Place.of(Subject.stage(chain.id())),
                    new Why("p1 = p2", List.of(), Source.fromMemory("ISO 606")));
        }
    }
}
