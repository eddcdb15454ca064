package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.clearance.Gap;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.odds.BoltUpChance;
import oddcradle.core.search.LiftNotes;
import oddcradle.core.search.MountAccess;
import oddcradle.core.search.OddsOfFit;
import oddcradle.core.search.SeatAnswer;
import oddcradle.core.search.SeatSearch;
import oddcradle.core.search.SharedSeat;
import oddcradle.core.search.WaysOut;
import oddcradle.core.seating.WayOut;
import oddcradle.core.step.seat.NeighbourChecks;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the Seat step promises, on every demo. */
class DemoSeatsTest {
    private static Job cold(Job job) {
        Seat seat = job.seat();
        Vec3 moved = seat.position();
        for (Freedom freedom : Freedom.values()) {
            if (freedom.slides() && !seat.isHeld(freedom)) {
                moved = moved.along(freedom.direction(), freedom == Freedom.UP ? 0.9 : -0.7);
            }
        }
        return job.withSeat(seat.moved(moved));
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void seatIsFoundFromACoolStart_clearOfHostAndFloor(DemoJobs demo) {
        Job job = cold(demo.load().job());
        SeatSearch.Result result = SeatSearch.run(Examination.of(job), Progress.UNWATCHED);
        assertThat(result.answers()).hasSizeGreaterThan(1);
        // Three ways open on a long flat frame: the budget ends before it is proven, and that is said.
        assertThat(result.proven()).isEqualTo(demo != DemoJobs.PIER_PORTER);
        SeatAnswer best = result.answers().get(0);
        Set<String> cradle = job.cradle().members().stream().map(Member::id).collect(Collectors.toSet());
        Examination there = Examination.of(job.withSeat(best.seat()));
        List<Gap> short_ = there.ledger().all().stream()
                .filter(gap -> !cradle.contains(gap.obstacle().id())
                        && !cradle.contains(gap.donorPart().id()))
                .filter(gap -> gap.margin() < -2e-4)
                .toList();
        assertThat(short_.stream()
                        .map(gap -> gap.donorPart().id() + gap.obstacle().id()))
                .isEmpty();
        assertThat(there.line().stages()).allMatch(stage -> stage.problem().isEmpty());
    }

    private static List<Solid> around(Examination examination, Set<String> off) {
        Job job = examination.job();
        List<Solid> solids = new ArrayList<>();
        job.host().keepOuts().stream()
                .filter(each -> each.category() != Category.PEOPLE && !off.contains(each.id()))
                .forEach(each -> solids.addAll(each.solids()));
        List<Member> members = new ArrayList<>(job.host().members());
        members.addAll(job.cradle().members());
        for (Member member : members) {
            List<Vec3> path = examination.seating().path(member);
            for (int k = 1; k < path.size() && !off.contains(member.id()); k++) {
                solids.add(MemberSolid.between(path.get(k - 1), path.get(k), member.section()));
            }
        }
        return solids;
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void wayOut_replayedInFineSteps_touchesNothing(DemoJobs demo) {
        Examination examination = Examination.of(demo.load().job());
        WaysOut.Result result = WaysOut.find(examination, Progress.UNWATCHED);
        WayOut.Way way = result.way().orElseThrow();
        Set<String> off = result.off().stream().map(WaysOut.Off::id).collect(Collectors.toSet());
        List<Solid> donor = examination.job().donor().bodies().stream()
                .filter(part -> !off.contains(part.id()))
                .flatMap(part -> part.solids().stream())
                .toList();
        List<Solid> standing = around(examination, off);
        for (int leg = 1; leg < way.poses().size(); leg++) {
            for (int step = 0; step <= 120; step++) {
                Pose pose =
                        WayOut.between(way.poses().get(leg - 1), way.poses().get(leg), step / 120.0, result.middle());
                for (Solid solid : donor) {
                    Solid here = solid.placed(pose);
                    for (Solid other : standing) {
                        if (here.bounds().distanceTo(other.bounds()) < 1e-4) {
                            assertThat(SolidDistance.between(here, other).distance())
                                    .isPositive();
                        }
                    }
                }
            }
        }
        assertThat(way.tightest().gap()).isPositive();
        result.off().forEach(each -> assertThat(each.label()).isNotBlank());
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void oddsBoltsStrapsAndNeighbours_haveAnswers(DemoJobs demo) {
        Examination examination = Examination.of(demo.load().job());
        BoltUpChance.Result odds = OddsOfFit.chances(examination, 1000, Progress.UNWATCHED);
        assertThat(odds.all()).isLessThanOrEqualTo(odds.bolts());
        assertThat(odds.worstBolt().stream().mapToDouble(Double::doubleValue).sum() + odds.bolts())
                .isBetween(1 - 1e-9, 1 + 1e-9);
        OddsOfFit.Result better = OddsOfFit.of(examination, 1000, Progress.UNWATCHED);
        assertThat(better.better()).isNotEmpty();
        assertThat(MountAccess.of(examination)).hasSize(4).allMatch(bolt -> !bolt.verdict()
                .isBlank());
        assertThat(LiftNotes.hang(examination.job()).balanced()).isTrue();
        assertThat(LiftNotes.pads(examination)).hasSize(4);
        assertThat(examination.neighbourChecks())
                .isNotEmpty()
                .extracting(NeighbourChecks.NeighbourCheck::finding)
                .doesNotContainNull();
    }

    @ParameterizedTest
    @EnumSource(value = DemoJobs.class, names = "SALTMARSH_RUNABOUT")
    void oneSeatServesTwoDonors_andTellsWhatDiffers(DemoJobs demo) {
        // On rubber hard enough for its chain pull: on softer the donor strikes whatever seat it shares.
        Job job = demo.load().job();
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        Examination examination = Examination.of(new JobEdit.SetHardness(all, 75).applyTo(job));
        SharedSeat.Result shared = SharedSeat.find(examination, "Skerry 398", Progress.UNWATCHED);
        assertThat(shared.seat()).isPresent();
        assertThat(shared.margin()).isGreaterThan(-1e-6);
        assertThat(shared.otherMargin()).isGreaterThan(-1e-6);
        assertThat(shared.differences()).hasSize(4);
        assertThat(shared.otherSeat()).isNotEqualTo(Optional.empty());
    }
}
