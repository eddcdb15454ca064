package oddcradle.core.job.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.Weights;
import oddcradle.core.job.donor.Service;
import oddcradle.core.job.host.FrameSquare;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class SurveyEditTest {
    private static final Job JOB = TestJobs.plain();

    private static Job measured(Side side, String point, Vec3 at) {
        Job job = new SurveyEdit.SetPoint(side, SurveyPoint.of(point, point, at, 0, false)).applyTo(JOB);
        for (DatumPlane plane : DatumPlane.values()) {
            Reading reading = new Reading.Offset(
                    point + plane, point, plane, at.dot(plane.direction()), Instrument.STEEL_RULE, 0.0004);
            job = new SurveyEdit.SetReading(side, reading).applyTo(job);
        }
        return job;
    }

    @Test
    void takenSurvey_movesTheBossAndNothingElse() {
        Vec3 at = new Vec3(0.151, 0.099, -0.102);
        Job job = measured(Side.DONOR, "B1", at);
        assertThat(job.donor().boss("B1").orElseThrow().position())
                .isEqualTo(JOB.donor().boss("B1").orElseThrow().position());
        Job taken = new SurveyEdit.TakeSurvey(Side.DONOR).applyTo(job);
        assertThat(taken.donor().boss("B1").orElseThrow().position().distanceTo(at))
                .isCloseTo(0, within(1e-12));
        assertThat(taken.donor().boss("B2")).isEqualTo(JOB.donor().boss("B2"));
        assertThat(taken.host()).isEqualTo(JOB.host());
    }

    @Test
    void takenSurveyOfTheHost_movesItsNode() {
        Vec3 at = new Vec3(-0.103, 0.302, 0.251);
        Job taken = new SurveyEdit.TakeSurvey(Side.HOST).applyTo(measured(Side.HOST, "AL", at));
        Node node = taken.host().nodes().get(0);
        assertThat(((Anchor.At) node.anchor()).point().distanceTo(at)).isCloseTo(0, within(1e-12));
    }

    @Test
    void pointThatIsNotFixed_staysWhereItWas() {
        Job job = measured(Side.DONOR, "B1", new Vec3(0.2, 0.2, 0.2));
        job = new SurveyEdit.DropReading(Side.DONOR, "B1UP").applyTo(job);
        Job taken = new SurveyEdit.TakeSurvey(Side.DONOR).applyTo(job);
        assertThat(taken.donor().bosses()).isEqualTo(JOB.donor().bosses());
    }

    @Test
    void readingsOfAnUnknownPoint_areRefusedAndNothingIsLost() {
        Reading stray = new Reading.Offset("R1", "B1", DatumPlane.UP, 0, Instrument.TAPE, 0.001);
        assertThatThrownBy(() -> new SurveyEdit.SetReading(Side.DONOR, stray).applyTo(JOB))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("\"B1\"");
        assertThat(JOB.donor().survey()).isEqualTo(Survey.NONE);
    }

    @Test
    void labels_areForUndo() {
        Reading reading = new Reading.Distance("R7", "B1", "B2", 0.2, Instrument.TAPE, 0.001);
        assertThat(new SurveyEdit.SetReading(Side.DONOR, reading).label().in(UnitStyle.MILLIMETRES))
                .isEqualTo("R7 as 200.0 mm (B1 to B2)");
        assertThat(new SurveyEdit.DropReading(Side.DONOR, "R7").label().in(UnitStyle.MILLIMETRES))
                .isEqualTo("strike R7 out");
        assertThat(new SurveyEdit.TakeSurvey(Side.HOST).label().in(UnitStyle.MILLIMETRES))
                .isEqualTo("nodes as measured");
        assertThat(new SurveyEdit.SetReading(Side.DONOR, reading).mergeKey())
                .isNotEqualTo(new SurveyEdit.SetReading(Side.HOST, reading).mergeKey());
    }

    @Test
    void candidates_areBoundedInNumber() {
        Job job = JOB;
        for (int k = 0; k < 5; k++) {
            job = new CandidateEdit.AddCandidate(JOB.donor().withName("other " + k)).applyTo(job);
        }
        Job full = job;
        assertThatThrownBy(() -> new CandidateEdit.AddCandidate(JOB.donor()).applyTo(full))
                .hasMessageContaining("candidates");
        assertThatThrownBy(() -> new CandidateEdit.SeatCandidate(9).applyTo(full))
                .hasMessageContaining("5 candidates");
        assertThat(new CandidateEdit.SetWeights(new Weights(1, 2, 3, 4, 5, 6))
                        .applyTo(full)
                        .weights()
                        .shaft())
                .isEqualTo(6);
    }

    @Test
    void partsThatNameNothing_areRefused() {
        List<Service> services = new ArrayList<>(List.of(new Service("V1", "filter", "D77", Vec3.X, 0.1, 0.01)));
        assertThatThrownBy(() -> JOB.withDonor(JOB.donor().withServices(services)))
                .hasMessageContaining("donor.services[0].part")
                .hasMessageContaining("D77");
        assertThatThrownBy(() -> JOB.withHost(
                        JOB.host().withSquares(List.of(new FrameSquare("Q", "bay", List.of("AL", "AR", "CR", "ZZ"))))))
                .hasMessageContaining("host.squares[0].corners");
        assertThatThrownBy(() -> new Weights(11, 0, 0, 0, 0, 0)).hasMessageContaining("fit");
    }
}
