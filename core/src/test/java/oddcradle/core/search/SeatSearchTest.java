package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.clearance.Gap;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.step.line.DatumSeat;
import oddcradle.core.structure.LineResult;
import org.junit.jupiter.api.Test;

class SeatSearchTest {
    /** With a driven sprocket that clears the rear cross. */
    private static final Job JOB = new LineEdit.SetTeeth("S1", 14, 24).applyTo(TestJobs.plain());

    private static Job bounded(Job job, SeatWishes.Range... ranges) {
        return job.withPlan(job.plan().withWishes(job.plan().wishes().withRanges(List.of(ranges))));
    }

    private static Job searched() {
        return bounded(
                JOB, new SeatWishes.Range(Freedom.FORWARD, 0.3, 0.8), new SeatWishes.Range(Freedom.UP, 0.2, 0.7));
    }

    private static Job with(Job job, KeepOut... more) {
        List<KeepOut> all = new ArrayList<>(job.host().keepOuts());
        all.addAll(List.of(more));
        return job.withHost(job.host().withKeepOuts(all));
    }

    private static KeepOut box(String id, Vec3 half, Vec3 at) {
        return KeepOut.still(
                id, id, Category.FIXED, List.of(new Solid.Box(half, new Pose(Pose.IDENTITY.rotation(), at))));
    }

    @Test
    void bestSeat_isThatOfAnExhaustiveGrid_andTheLedgerAgrees() {
        Job job = searched();
        Examination examination = Examination.of(job);
        SeatSearch.Result result = SeatSearch.run(examination, Progress.UNWATCHED);
        assertThat(result.proven()).isTrue();
        assertThat(result.open()).contains(Freedom.FORWARD, Freedom.UP);
        SeatGaps bay = new SeatGaps(job, examination.donorMovement());
        SeatScore score = new SeatScore(job, bay);
        SeatMargins margins = new SeatMargins(job, bay);
        double best = Double.POSITIVE_INFINITY;
        double worst = 0;
        for (double x = 0.3; x <= 0.8; x += 0.004) {
            for (double z = 0.2; z <= 0.7; z += 0.004) {
                Seat seat = job.seat().moved(new Vec3(x, job.seat().position().y(), z));
                double here = score.of(seat.pose());
                worst = Math.max(worst, here);
                if (here < best
                        && margins.tightest(seat, 0, 0).margin() >= 0
                        && LineResult.of(job, seat).stages().stream()
                                .allMatch(s -> s.problem().isEmpty())) {
                    best = here;
                }
            }
        }
        SeatAnswer answer = result.answers().get(0);
        assertThat(answer.score()).isLessThanOrEqualTo(best + 0.01 * (worst - best));
        Examination there = Examination.of(job.withSeat(answer.seat()));
        List<String> cradle =
                job.cradle().members().stream().map(each -> each.id()).toList();
        assertThat(there.ledger().all().stream()
                        .filter(gap -> !cradle.contains(gap.obstacle().id()))
                        .mapToDouble(Gap::margin)
                        .min()
                        .orElseThrow())
                .isGreaterThan(-1e-6);
    }

    @Test
    void answers_areApartFromEachOther_theBestFirst() {
        SeatSearch.Result result = SeatSearch.run(Examination.of(searched()), Progress.UNWATCHED);
        assertThat(result.answers()).hasSizeGreaterThan(1);
        for (int a = 0; a < result.answers().size(); a++) {
            for (int b = 0; b < a; b++) {
                Vec3 one = result.answers().get(a).seat().position();
                Vec3 other = result.answers().get(b).seat().position();
                double apart = Math.max(Math.abs(one.x() - other.x()), Math.abs(one.z() - other.z()));
                assertThat(apart).isGreaterThanOrEqualTo(SeatSearch.APART - 1e-9);
                assertThat(result.answers().get(a).score())
                        .isGreaterThanOrEqualTo(result.answers().get(b).score());
            }
        }
    }

    @Test
    void shelfUnderTheDonor_raisesTheSeat_andLimitsNameIt() {
        Job job = searched();
        double low = SeatSearch.run(Examination.of(job), Progress.UNWATCHED)
                .answers()
                .get(0)
                .seat()
                .position()
                .z();
        Job shelved = with(job, box("K9", new Vec3(1, 1, 0.01), new Vec3(0.5, 0, 0.29)));
        SeatAnswer answer = SeatSearch.run(Examination.of(shelved), Progress.UNWATCHED)
                .answers()
                .get(0);
        assertThat(answer.seat().position().z()).isGreaterThan(low);
        SeatLimits.Limit lower = SeatLimits.of(Examination.of(shelved.withSeat(answer.seat()))).stream()
                .filter(limit -> limit.way().equals("lower"))
                .findFirst()
                .orElseThrow();
        assertThat(lower.obstacle()).isEqualTo("K9");
        // The search reckons with the movement of every answer, so a little is left.
        assertThat(lower.free()).isLessThan(0.006);
        assertThat(lower.gone()).isPositive();
    }

    @Test
    void limit_isWhereTheLedgerHasNothingLeft() {
        Job job = with(JOB, box("K9", new Vec3(0.01, 1, 1), new Vec3(1.05, 0, 0.4)));
        Examination examination = Examination.of(job);
        SeatLimits.Limit forward = SeatLimits.of(examination).stream()
                .filter(limit ->
                        limit.way().equals("forward") && limit.obstacle().equals("K9"))
                .findFirst()
                .orElseThrow();
        Seat moved = job.seat().moved(job.seat().position().along(Vec3.X, forward.free()));
        double margin = Examination.of(job.withSeat(moved)).ledger().all().stream()
                .filter(gap -> gap.obstacle().id().equals("K9"))
                .mapToDouble(Gap::margin)
                .min()
                .orElseThrow();
        assertThat(margin).isCloseTo(0, within(1e-3));
    }

    @Test
    void wallsTooClose_areNamedAsTheConflict_andEachTellsWhatItWouldTake() {
        Job held = bounded(
                JOB.withSeat(new Seat(
                        JOB.seat().position(),
                        0,
                        0,
                        0,
                        List.of(Freedom.LEFT, Freedom.UP, Freedom.YAW, Freedom.PITCH, Freedom.ROLL))),
                new SeatWishes.Range(Freedom.FORWARD, 0.3, 0.8));
        Job job = with(
                held,
                box("K8", new Vec3(0.01, 0.08, 1), new Vec3(0.36, -0.2, 0.5)),
                box("K9", new Vec3(0.01, 0.08, 1), new Vec3(0.74, -0.2, 0.5)));
        SeatSearch.Result result = SeatSearch.run(Examination.of(job), Progress.UNWATCHED);
        assertThat(result.answers()).isEmpty();
        SeatConflict conflict = result.conflict().orElseThrow();
        assertThat(conflict.obstacles()).extracting(SeatConflict.Relaxed::id).containsExactlyInAnyOrder("K8", "K9");
        assertThat(conflict.lacks()).isPositive();
        conflict.obstacles().forEach(each -> assertThat(each.by()).isPositive());
        // Moved by what is said, the wall no longer is in the way.
        double by = conflict.obstacles().stream()
                .filter(each -> each.id().equals("K9"))
                .findFirst()
                .orElseThrow()
                .by();
        Job relaxed = with(
                held,
                box("K8", new Vec3(0.01, 0.08, 1), new Vec3(0.36, -0.2, 0.5)),
                box("K9", new Vec3(0.01, 0.08, 1), new Vec3(0.74 + by + 0.003, -0.2, 0.5)));
        assertThat(SeatSearch.run(Examination.of(relaxed), Progress.UNWATCHED).answers())
                .isNotEmpty();
    }

    @Test
    void badWishes_areRefusedWithTheirField() {
        assertThatThrownBy(() -> new SeatWishes.Range(Freedom.UP, 0.5, 0.2))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("swap the bounds of \"up\"");
        assertThatThrownBy(() -> new Clearances.PairRule("D1", "K1", -0.01, "because"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("room");
        assertThatThrownBy(() -> new Clearances.PairRule("D1", "D1", 0.01, "because"))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void watcher_endsTheSearch() {
        assertThatThrownBy(() -> SeatSearch.run(Examination.of(searched()), share -> false))
                .isInstanceOf(Progress.Cancelled.class);
    }

    @Test
    void datum_bringsTheShaftIntoItsPlaneOrLine_byTheLeastMove() {
        Job plane = JOB.withLine(JOB.line().withDatum(Datum.of(Datum.Rule.DRIVE_PLANE, "")));
        Seat askew = new Seat(new Vec3(0.5, 0.02, 0.4), 0.05, 0.1, 0.03, List.of());
        DatumSeat datum = DatumSeat.of(plane).orElseThrow();
        Seat put = datum.put(askew);
        Vec3 axis = put.pose().turn(plane.donor().output().axis()).unit();
        assertThat(Math.abs(axis.dot(datum.way()))).isCloseTo(1, within(1e-12));
        assertThat(put.pose().place(datum.own()).minus(datum.point()).dot(datum.way()))
                .isCloseTo(0, within(1e-12));
        assertThat(datum.put(put)).isEqualTo(put);
        Job line = JOB.withLine(JOB.line().withDatum(Datum.of(Datum.Rule.SHAFT_COAXIAL, "")));
        DatumSeat coaxial = DatumSeat.of(line).orElseThrow();
        Seat on = coaxial.put(askew);
        assertThat(on.pose()
                        .place(coaxial.own())
                        .minus(coaxial.point())
                        .withoutPartAlong(coaxial.way())
                        .length())
                .isLessThan(1e-12);
        Seat spun = coaxial.spun(on, 0.7);
        assertThat(coaxial.put(spun).pose().place(Vec3.X).distanceTo(spun.pose().place(Vec3.X)))
                .isLessThan(1e-9);
    }

    @Test
    void pairRule_isKeptWithItsReason_andGivenUpAgain() {
        Examination before = Examination.of(JOB);
        Gap gap = before.ledger().worst(1).get(0);
        String part = gap.donorPart().id();
        String other = gap.obstacle().id();
        Job ruled = new SeatEdit.SetPairRule(new Clearances.PairRule(part, other, 0.001, "a rub strip")).applyTo(JOB);
        Gap then = Examination.of(ruled).ledger().all().stream()
                .filter(each -> each.donorPart().id().equals(part)
                        && each.obstacle().id().equals(other))
                .findFirst()
                .orElseThrow();
        assertThat(then.limit()).isEqualTo(0.001);
        assertThat(then.nature()).contains("a rub strip");
        assertThat(new SeatEdit.DropPairRule(part, other).applyTo(ruled)).isEqualTo(JOB);
    }
}
