package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.structure.DonorMovement;
import org.junit.jupiter.api.Test;

class SeatScoreTest {
    private static final Job JOB = TestJobs.plain()
            .withHost(TestJobs.plain().host().withWeight(Optional.of(new MachineWeight(90, new Vec3(0.6, 0, 0.4)))));

    private static SeatScore score(Job job) {
        return new SeatScore(job, new SeatGaps(job, DonorMovement.NONE));
    }

    private static double term(Job job, Seat seat, String words) {
        return score(job).terms(seat.pose()).stream()
                .filter(each -> each.words().equals(words))
                .findFirst()
                .orElseThrow()
                .amount();
    }

    private static Job with(KeepOut more) {
        List<KeepOut> all = new ArrayList<>(JOB.host().keepOuts());
        all.add(more);
        return JOB.withHost(JOB.host().withKeepOuts(all));
    }

    @Test
    void weights_areThoseOfALever() {
        Seat seat = JOB.seat();
        assertThat(term(JOB, seat, "weight low")).isCloseTo(seat.position().z() + 0.05, within(1e-12));
        // 30 kg at 0.5 m and 90 kg at 0.6 m balance at 0.575 m: 25 mm from where the host alone does.
        assertThat(term(JOB, seat, "front and rear as the host")).isCloseTo(0.025, within(1e-12));
        Seat aside = seat.moved(seat.position().plus(new Vec3(0, 0.08, 0)));
        assertThat(term(JOB, aside, "left and right even")).isCloseTo(0.02, within(1e-12));
        assertThat(term(JOB, seat, "machine's weight where it was"))
                .isCloseTo(Math.hypot(0.025, (0.45 - 0.4) / 4), within(1e-12));
    }

    @Test
    void cradle_isTheMeanWayFromBossesToRails() {
        // Every boss lies 0.2 m inside and 0.05 m over the middle of its rail.
        Seat seat = JOB.seat();
        double up = seat.position().z() - 0.1 - 0.25;
        assertThat(term(JOB, seat, "short cradle")).isCloseTo(Math.hypot(0.2, up), within(1e-9));
    }

    @Test
    void legRoom_lacksWhatIsNotThere() {
        Vec3 knee = JOB.seat().position().plus(new Vec3(0.35, 0, 0));
        Job job = with(KeepOut.still("P", "legs", Category.PEOPLE, List.of(new Solid.Sphere(knee, 0.05))));
        // The case ends 0.15 m ahead: 0.15 m are left of the 0.4 m that are enough.
        assertThat(term(job, job.seat(), "leg room lacking")).isCloseTo(0.25, within(1e-9));
        assertThat(term(JOB, JOB.seat(), "leg room lacking")).isZero();
    }

    @Test
    void intake_looksForItsFilter() {
        SeatPlan plan = JOB.plan();
        Neighbour.Intake intake = new Neighbour.Intake("N", "intake", new Vec3(0, 0, 0.3), Vec3.Z, 0.06, 0.1);
        Job job = with(KeepOut.still(
                        "R",
                        "roof",
                        Category.FIXED,
                        List.of(new Solid.Box(
                                new Vec3(1, 1, 0.01),
                                new Pose(
                                        Pose.IDENTITY.rotation(),
                                        JOB.seat().position().plus(new Vec3(0, 0, 0.45)))))))
                .withPlan(new SeatPlan(
                        plan.wishes(), plan.way(), plan.lifting(), plan.errors(), List.of(), List.of(intake)));
        // The filter ends 0.4 m up, the roof begins 0.44 m up: 40 mm of 100.
        assertThat(term(job, job.seat(), "room lacking before the intake")).isCloseTo(0.06, within(1e-9));
    }

    @Test
    void score_changesNoFasterThanItsSlopes() {
        Job job = with(
                KeepOut.still("P", "legs", Category.PEOPLE, List.of(new Solid.Sphere(new Vec3(0.9, 0, 0.4), 0.05))));
        SeatScore score = score(job);
        SplittableRandom random = new SplittableRandom(9);
        for (int k = 0; k < 400; k++) {
            Seat one = job.seat()
                    .moved(new Vec3(
                            0.3 + 0.4 * random.nextDouble(),
                            0.1 * random.nextDouble(),
                            0.3 + 0.3 * random.nextDouble()));
            Vec3 by = new Vec3(
                    0.1 * random.nextDouble() - 0.05,
                    0.1 * random.nextDouble() - 0.05,
                    0.1 * random.nextDouble() - 0.05);
            Seat other = one.moved(one.position().plus(by));
            double may = Math.abs(by.x()) * score.slope(Freedom.FORWARD, 1)
                    + Math.abs(by.y()) * score.slope(Freedom.LEFT, 1)
                    + Math.abs(by.z()) * score.slope(Freedom.UP, 1);
            double changes = Math.abs(score.of(one.pose()) - score.of(other.pose()));
            assertThat(changes).isLessThanOrEqualTo(may + 1e-12);
            assertThat(score.atLeast(one.pose())).isLessThanOrEqualTo(score.of(one.pose()) + 1e-15);
        }
    }

    @Test
    void wishesOfNothing_scoreNothing() {
        SeatWishes none = new SeatWishes(0, 0, 0, 0, 0, 0, 0, 0, 0, List.of());
        Job job = JOB.withPlan(JOB.plan().withWishes(none));
        assertThat(score(job).of(job.seat().pose())).isZero();
        assertThat(none.withGround(0.2).ground()).isEqualTo(0.2);
        assertThat(none.withWeights(SeatWishes.USUAL.weights()).weights()).isEqualTo(SeatWishes.USUAL.weights());
    }

    @Test
    void smallerSprocket_isWorthItsRadius() {
        Job chained = new LineEdit.SetTeeth("S1", 14, 24).applyTo(JOB);
        double radius = 0.015875 / 2 / Math.sin(Math.PI / 24);
        KeepOut sprocket = KeepOut.still(
                "K5",
                "axle sprocket",
                Category.MOVING,
                List.of(new Solid.Cylinder(new Vec3(0, 0.11, 0.3), new Vec3(0, 0.13, 0.3), radius)));
        Job job = chained.withHost(chained.host().withKeepOuts(List.of(sprocket)))
                .withSeat(chained.seat().moved(new Vec3(0.3, 0.1, 0.32)));
        SeatLimits.Limit rearward = SeatLimits.of(Examination.of(job)).stream()
                .filter(limit -> limit.way().equals("rearward"))
                .findFirst()
                .orElseThrow();
        assertThat(rearward.obstacle()).isEqualTo("K5");
        assertThat(rearward.teeth().orElseThrow().teeth()).isEqualTo(22);
        assertThat(rearward.teeth().orElseThrow().more()).isCloseTo(radius * 2 / 24, within(2e-3));
        assertThat(rearward.free()).isNotNegative();
    }
}
