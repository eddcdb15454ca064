package oddcradle.core.step.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.structure.DonorMovement;
import org.junit.jupiter.api.Test;

class FlightNotesTest {
    private static final LineEnd.Propeller PROPELLER =
            new LineEnd.Propeller(0.7, 0.1, 50, 0.05, 0, 0.02, 1.4, 0, true, 2);
    private static final Job JOB = job();
    private static final Seating SEATING = Seating.of(JOB);
    private static final PropellerDisc DISC = PropellerDisc.of(SEATING, PROPELLER);

    private static Job job() {
        Output output = TestJobs.plain()
                .donor()
                .output()
                .withForm(OutputForm.PROPELLER_FLANGE)
                .withPlace(new Vec3(0.3, 0, 0), Vec3.X);
        Job direct = TestJobs.plain()
                .withDonor(TestJobs.plain().donor().withOutput(output))
                .withCases(List.of(LoadCase.of("climb", "climb", new Vec3(0, 0, -1), 1)));
        Datum.Thrust thrust = new Datum.Thrust(Seating.of(direct).driverCentre(), 0, 0, Math.toRadians(0.5));
        return direct.withLine(direct.line()
                .withStages(List.of(), List.of())
                .withEnd(Optional.of(PROPELLER))
                .withDatum(new Datum(Datum.Rule.THRUST_LINE, "", Optional.empty(), Optional.of(thrust))));
    }

    private static StepReport told(Vec3 shift, Vec3 turn) {
        ReportBuilder report = new ReportBuilder(Step.LINE);
        DonorMovement.Pushed climb =
                new DonorMovement.Pushed("climb", "climb", new SmallMotion(Vec3.ZERO, shift, turn));
        DonorMovement movement = new DonorMovement(List.of(climb), List.of(climb), List.of());
        new FlightNotes(report, JOB, SEATING, DISC, movement).add(PROPELLER, DISC.neighbours(JOB, SEATING));
        return report.report();
    }

    private static double figure(StepReport report, String name) {
        return report.figures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .quantity()
                .si();
    }

    private static Severity severity(StepReport report, LineFinding code) {
        return report.findings().stream()
                .filter(each -> each.code() == code)
                .findFirst()
                .map(Finding::severity)
                .orElseThrow();
    }

    @Test
    void noseDownUnderPower_swingsTheThrustLineAndLowersTheTips() {
        double pitch = Math.toRadians(1.2);
        StepReport report = told(new Vec3(0, 0, -0.010), new Vec3(0, pitch, 0));
        assertThat(figure(report, "under power the thrust line swings by")).isCloseTo(pitch, within(1e-4));
        assertThat(severity(report, LineFinding.THRUST_SWINGS)).isEqualTo(Severity.WATCH);

        // The rim turned bodily about the centre of gravity, its lowest point sought among its points.
        Vec3 cg = SEATING.mass().cg();
        double lowest = Double.MAX_VALUE;
        for (int k = 0; k < 3600; k++) {
            double angle = Math.toRadians(k / 10.0);
            Vec3 arm = DISC.centre()
                    .plus(new Vec3(0, 0.35 * Math.sin(angle), 0.35 * Math.cos(angle)))
                    .minus(cg);
            double z = cg.z() - 0.010 + arm.z() * Math.cos(pitch) - arm.x() * Math.sin(pitch);
            lowest = Math.min(lowest, z);
        }
        assertThat(figure(report, "propeller over the ground, flat and let down"))
                .isCloseTo(lowest - 0.02, within(2e-4));
    }

    @Test
    void pushedAgainstStructure_isToldWithWhatItDrawsNearer() {
        double asDrawn = figure(told(Vec3.ZERO, Vec3.ZERO), "propeller to structure when it moves");
        PropellerDisc.Neighbour nearest = DISC.neighbours(JOB, SEATING).stream()
                .filter(each -> Math.abs(each.way().distance() - asDrawn) < 1e-9)
                .findFirst()
                .orElseThrow();
        Vec3 way = nearest.way().pointB().minus(nearest.way().pointA()).unit();
        Vec3 push = way.times(asDrawn - 0.005);
        StepReport report = told(push, Vec3.ZERO);
        PropellerDisc moved = new PropellerDisc(DISC.centre().plus(push), DISC.axis(), DISC.radius());
        double exactly = moved.neighbours(JOB, SEATING).stream()
                .mapToDouble(each -> each.way().distance())
                .min()
                .orElseThrow();
        assertThat(figure(report, "propeller to structure when it moves")).isCloseTo(exactly, within(1e-6));
        assertThat(severity(report, LineFinding.PROPELLER_MOVES)).isEqualTo(Severity.STOP);
    }
}
