package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SegmentDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLever;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.Cure;
import oddcradle.core.step.run.ControlFound;
import oddcradle.core.step.run.RunFinding;
import org.junit.jupiter.api.Test;

/** A cable between two levers on the left rail, with a hot pot on its straight way. */
class CableWayTest {
    private static final Job PLAIN = TestJobs.plain();
    private static final double HOT_RADIUS = 0.05;
    private static final Vec3 FROM = new Vec3(0.15, 0.3, 0.1);
    private static final Vec3 TO = new Vec3(0.95, 0.3, 0.1);
    private static final Vec3 MIDDLE = FROM.towards(TO, 0.5);

    private static Control control(double bendRadius) {
        Vec3 up = new Vec3(0, 0, 0.05);
        ControlLever hand = new ControlLever(Holder.HOST, FROM.minus(up), Vec3.Y, FROM, FROM);
        ControlLever engine = new ControlLever(Holder.HOST, TO.minus(up), Vec3.Y, TO, TO);
        Vec3 in = new Vec3(0.05, 0, 0);
        return new Control(
                "C1",
                "throttle",
                Control.Use.THROTTLE,
                List.of(hand, engine),
                List.of(new ControlLink.Cable(
                        Holder.HOST, FROM.plus(in), Holder.HOST, TO.minus(in), List.of(), 0.005, bendRadius, 0, 0.12)),
                -0.3,
                -0.3,
                0.1,
                0.1,
                Control.Return.TWO_SPRINGS,
                0.01);
    }

    private static Examination with(double bendRadius, Optional<Solid> hot) {
        List<KeepOut> keepOuts = new ArrayList<>(PLAIN.host().keepOuts());
        hot.ifPresent(solid -> keepOuts.add(new KeepOut("HP", "heater", Category.HOT, List.of(solid), List.of())));
        return Examination.of(PLAIN.withHost(PLAIN.host().withKeepOuts(keepOuts))
                .withAround(Around.NOTHING.withControls(List.of(control(bendRadius)))));
    }

    private static Optional<Finding> room(Examination examination) {
        return examination.report(Step.RUN).findings().stream()
                .filter(each -> each.code() == RunFinding.CABLE_ROOM)
                .findFirst();
    }

    private static double least(Examination examination, Vec3 middle) {
        return examination.run().controls().get(0).cables().get(0).path().points().stream()
                .mapToDouble(point -> point.distanceTo(middle) - HOT_RADIUS - 0.0025)
                .min()
                .orElseThrow();
    }

    /** The shop keeps 20 mm from what is hot; a ball's distance to a point is known without any solver. */
    @Test
    void cableThroughAHotPot_isLedClearOfItAlongTheTubes() {
        Examination through = with(0.05, Optional.of(new Solid.Sphere(MIDDLE, HOT_RADIUS)));
        Finding finding = room(through).orElseThrow();
        assertThat(finding.severity()).isEqualTo(Severity.STOP);
        List<Cure> cures = Cures.of(through, finding);
        assertThat(cures).hasSize(1);
        Examination led = Examination.of(cures.get(0).edit().applyTo(through.job()), through);
        assertThat(room(led)).isEmpty();
        assertThat(least(through, MIDDLE)).isNegative();
        assertThat(least(led, MIDDLE)).isGreaterThan(0.0199);
        ControlFound.Laid laid = led.run().controls().get(0).cables().get(0);
        assertThat(laid.path().tightest()).isGreaterThanOrEqualTo(0.05);
        assertThat(laid.given().clips()).isNotEmpty();
        for (Vec3 clip : laid.given().clips()) {
            assertThat(offTubes(led, clip)).isBetween(0.002, 0.006);
        }
    }

    /** From the skin of the nearest tube, m. */
    private static double offTubes(Examination examination, Vec3 point) {
        double least = Double.POSITIVE_INFINITY;
        List<Member> tubes = new ArrayList<>(examination.job().host().members());
        tubes.addAll(examination.job().cradle().members());
        for (Member tube : tubes) {
            List<Vec3> line = examination.seating().centreLine(tube);
            for (int k = 1; k < line.size(); k++) {
                Vec3 near = SegmentDistance.closestOnSegment(point, line.get(k - 1), line.get(k));
                least = Math.min(least, near.distanceTo(point) - tube.section().outerRadius());
            }
        }
        return least;
    }

    @Test
    void nothingHotNear_saysNothing_andWhatMovesCountsToo() {
        assertThat(room(with(0.05, Optional.empty()))).isEmpty();
        Vec3 aside = MIDDLE.plus(new Vec3(0, 0, HOT_RADIUS + 0.0025 + 0.0201));
        assertThat(room(with(0.05, Optional.of(new Solid.Sphere(aside, HOT_RADIUS)))))
                .isEmpty();
        Vec3 nearer = MIDDLE.plus(new Vec3(0, 0, HOT_RADIUS + 0.0025 + 0.0199));
        assertThat(room(with(0.05, Optional.of(new Solid.Sphere(nearer, HOT_RADIUS))))
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.WATCH);
    }

    /** Where no bend that it bears goes round, none is offered. */
    @Test
    void stiffCable_isNotForcedRound() {
        Examination stiff = with(1.5, Optional.of(new Solid.Sphere(MIDDLE, HOT_RADIUS)));
        assertThat(CableWay.of(stiff, stiff.run().controls().get(0), 0)).isEmpty();
        assertThat(Cures.of(stiff, room(stiff).orElseThrow())).isEmpty();
    }
}
