package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.ShaftLine;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.donor.UnitKind;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Sides;
import oddcradle.core.seating.Sling;
import oddcradle.core.seating.ToolRoom;
import org.junit.jupiter.api.Test;

class WayAndBoltsTest {
    /** On its rails without a cradle. */
    private static final Job JOB = bare(TestJobs.plain());

    private static Job bare(Job job) {
        return job.withCradle(new Cradle(List.of(), List.of(), List.of()));
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

    private static Job removable(Job job, String... ids) {
        return job.withPlan(job.plan().withWay(new WayPlan(List.of(ids), 0.003)));
    }

    /** A box without lid round the donor, its front wall and the lid apart. */
    private static Job boxedIn(KeepOut... lids) {
        Vec3 seat = JOB.seat().position();
        List<KeepOut> walls = new ArrayList<>(List.of(
                box("W1", new Vec3(0.6, 0.5, 0.01), seat.plus(new Vec3(0, 0, -0.35))),
                box("W2", new Vec3(0.01, 0.5, 0.35), seat.plus(new Vec3(0.4, 0, 0))),
                box("W3", new Vec3(0.01, 0.5, 0.35), seat.plus(new Vec3(-0.4, 0, 0))),
                box("W4", new Vec3(0.6, 0.01, 0.35), seat.plus(new Vec3(0, 0.4, 0))),
                box("W5", new Vec3(0.6, 0.01, 0.35), seat.plus(new Vec3(0, -0.4, 0)))));
        walls.addAll(List.of(lids));
        Job alone = JOB.withHost(JOB.host().withKeepOuts(List.of()));
        return with(alone, walls.toArray(KeepOut[]::new));
    }

    private static KeepOut lid() {
        return box("LID", new Vec3(0.6, 0.5, 0.01), JOB.seat().position().plus(new Vec3(0, 0, 0.35)));
    }

    @Test
    void openBox_isLeftUpward() {
        WaysOut.Result result = WaysOut.find(Examination.of(boxedIn()), Progress.UNWATCHED);
        assertThat(result.way().orElseThrow().side()).isEqualTo(Vec3.Z);
        assertThat(result.off()).isEmpty();
        assertThat(result.blockers()).containsEntry("the front", "W2").containsEntry("above", "");
        assertThat(Sides.exit(Vec3.Z)).isEqualTo("upward");
        assertThat(Sides.exit(Vec3.Y)).isEqualTo("at the left");
    }

    @Test
    void lid_isTheOneThingThatComesOff_andGoesBack() {
        Job job = removable(boxedIn(lid()), "LID", "W4", "D2");
        WaysOut.Result result = WaysOut.find(Examination.of(job), Progress.UNWATCHED);
        assertThat(result.off()).hasSize(1);
        assertThat(result.off().get(0).id()).isIn("LID", "W4");
        assertThat(result.off().get(0).back()).isPresent();
        assertThat(result.way()).isPresent();
    }

    @Test
    void nothingMayComeOff_soThereIsNoWay() {
        // The pipe alone may go, which opens nothing.
        Job job = removable(boxedIn(lid()), "D2");
        WaysOut.Result result = WaysOut.find(Examination.of(job), Progress.UNWATCHED);
        assertThat(result.way()).isEmpty();
        assertThat(result.off()).isEmpty();
    }

    /** Through a slot in the lid over it goes the unit that is joined in the bay, and nothing else of the donor. */
    @Test
    void unitJoinedInTheBay_comesOutAlone() {
        Vec3 seat = JOB.seat().position();
        Job job = boxedIn(
                box("LEFT", new Vec3(0.6, 0.315, 0.01), seat.plus(new Vec3(0, 0.185, 0.35))),
                box("RIGHT", new Vec3(0.6, 0.115, 0.01), seat.plus(new Vec3(0, -0.385, 0.35))));
        WaysOut.Result whole = WaysOut.find(Examination.of(removable(job, "D2")), Progress.UNWATCHED);
        assertThat(whole.alone()).isEmpty();
        Donor donor = job.donor();
        ShaftLine shaft = new ShaftLine(donor.output().centre(), Vec3.Y);
        JoinedUnit first = new JoinedUnit(
                "U1",
                "engine",
                UnitKind.FIRST_ENGINE,
                donor.mass(),
                shaft,
                Turn.UNKNOWN,
                Optional.empty(),
                List.of(),
                List.of("D1"),
                true,
                false,
                Optional.empty());
        JoinedUnit slim = new JoinedUnit(
                "U2",
                "slim gearbox",
                UnitKind.GEARBOX,
                donor.mass(),
                shaft,
                Turn.UNKNOWN,
                Optional.empty(),
                List.of(),
                List.of("D2"),
                false,
                true,
                Optional.empty());
        Job pack = removable(job.withDonor(donor.withUnits(List.of(first, slim))), "D2");
        WaysOut.Result result = WaysOut.find(Examination.of(pack), Progress.UNWATCHED);
        assertThat(result.alone()).hasSize(1);
        assertThat(result.alone().get(0).way().orElseThrow().side()).isEqualTo(Vec3.Z);
        assertThat(result.way()).isEmpty();
    }

    @Test
    void seatInAClash_isToldBeforeAnyWay() {
        Job job = with(JOB, box("K9", new Vec3(0.05, 0.05, 0.05), JOB.seat().position()));
        assertThatThrownBy(() -> WaysOut.find(Examination.of(job), Progress.UNWATCHED))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("case touches K9");
    }

    @Test
    void pipe_comesOffWithTheDonorIn_whereNothingIsBesideIt() {
        assertThat(WaysOut.ofPart(Examination.of(JOB), "D2", Progress.UNWATCHED))
                .isPresent();
        Vec3 seat = JOB.seat().position();
        Job shut = with(
                JOB,
                box("U", new Vec3(0.3, 0.08, 0.005), seat.plus(new Vec3(0, -0.2, 0.04))),
                box("V", new Vec3(0.3, 0.08, 0.005), seat.plus(new Vec3(0, -0.2, -0.04))),
                box("W", new Vec3(0.3, 0.005, 0.06), seat.plus(new Vec3(0, -0.26, 0))),
                box("X", new Vec3(0.005, 0.08, 0.06), seat.plus(new Vec3(0.16, -0.2, 0))),
                box("Y", new Vec3(0.005, 0.08, 0.06), seat.plus(new Vec3(-0.26, -0.2, 0))));
        assertThat(WaysOut.ofPart(Examination.of(shut), "D2", Progress.UNWATCHED))
                .isEmpty();
    }

    /** A tail pipe drawn to its silencer is drawn off backwards; a plate behind and plates all round leave it no way. */
    @Test
    void pipeToItsSilencer_comesOutWithTheDonorIn_unlessItIsBuiltRound() {
        Vec3 seat = JOB.seat().position();
        Neighbour.PipeRun pipe = new Neighbour.PipeRun(
                "N1",
                "tail pipe",
                new Vec3(0.25, 0.3, 0),
                Vec3.X,
                seat.plus(new Vec3(0.65, 0.3, 0)),
                Vec3.X,
                0.04,
                0.0015,
                0.06,
                0);
        Job open = JOB.withPlan(JOB.plan().withNeighbours(List.of(pipe)));
        assertThat(WaysOut.things(open)).extracting(WaysOut.Thing::label).contains("tail pipe");
        assertThat(WaysOut.ofPart(Examination.of(open), "N1", Progress.UNWATCHED))
                .isPresent();
        Vec3 middle = seat.plus(new Vec3(0.45, 0.3, 0));
        Job shut = with(
                open,
                box("U", new Vec3(0.3, 0.06, 0.005), middle.plus(new Vec3(0, 0, 0.05))),
                box("V", new Vec3(0.3, 0.06, 0.005), middle.plus(new Vec3(0, 0, -0.05))),
                box("W", new Vec3(0.3, 0.005, 0.06), middle.plus(new Vec3(0, 0.06, 0))),
                box("X", new Vec3(0.3, 0.005, 0.06), middle.plus(new Vec3(0, -0.06, 0))),
                box("Y", new Vec3(0.005, 0.08, 0.06), middle.plus(new Vec3(0.31, 0, 0))),
                box("Z", new Vec3(0.005, 0.08, 0.06), middle.plus(new Vec3(-0.31, 0, 0))));
        assertThat(WaysOut.ofPart(Examination.of(shut), "N1", Progress.UNWATCHED))
                .isEmpty();
    }

    @Test
    void boltsInTheOpen_areReachedFromBothEnds_aPlateCoversOne() {
        Job apart = JOB.withDonor(JOB.donor()
                .withParts(List.of(
                        new Part("D1", "case", Category.FIXED, List.of(new Solid.Sphere(new Vec3(0, 0, 0.3), 0.05))))));
        Job alone = apart.withHost(apart.host().withKeepOuts(List.of()));
        MountAccess.Bolt open = MountAccess.of(Examination.of(alone)).get(0);
        assertThat(open.verdict()).isEqualTo("bolt and nut are both reached");
        assertThat(open.first().tools()).contains(ToolRoom.Tool.RATCHET);
        Vec3 left = open.at().plus(new Vec3(0, 0.05, 0));
        Job covered = with(alone, box("K9", new Vec3(0.3, 0.005, 0.3), left));
        MountAccess.Bolt bolt = MountAccess.of(Examination.of(covered)).get(0);
        assertThat(bolt.first().any()).isFalse();
        assertThat(bolt.verdict()).startsWith("only the end at the right is reached; the other needs a captive nut");
    }

    @Test
    void straps_hangItLevel_orTilted() {
        Lifting lifting = new Lifting(
                List.of(
                        new Lifting.Point("a", new Vec3(0.2, 0.1, 0.1)),
                        new Lifting.Point("b", new Vec3(0.2, -0.1, 0.1)),
                        new Lifting.Point("c", new Vec3(-0.2, 0, 0.1))),
                0.7,
                0,
                0);
        Job job = JOB.withPlan(JOB.plan().withLifting(lifting));
        Sling.Hang level = LiftNotes.hang(job);
        assertThat(level.balanced()).isTrue();
        assertThat(level.straps().get(0).length())
                .isCloseTo(level.straps().get(1).length(), within(1e-12));
        Sling.Hang tilted = LiftNotes.hang(job.withPlan(job.plan().withLifting(lifting.with(0.7, 0.3, 0))));
        // Nose down, the straps at the nose are longer.
        assertThat(tilted.straps().get(0).length())
                .isGreaterThan(level.straps().get(0).length());
        assertThat(tilted.straps().get(2).length())
                .isLessThan(level.straps().get(2).length());
    }

    @Test
    void pads_standUnderTheirLugs() {
        List<LiftNotes.Pad> pads = LiftNotes.pads(Examination.of(TestJobs.plain()));
        assertThat(pads).hasSize(4).allSatisfy(pad -> {
            double boss =
                    Examination.of(TestJobs.plain()).seating().boss(pad.boss()).z();
            // Common practice: an eighth of an inch of lift brings the bolt into line.
            assertThat(boss - pad.top()).isBetween(LiftNotes.LIFT, LiftNotes.LIFT + 0.02);
            assertThat(pad.tube()).isNotEmpty();
        });
    }

    @Test
    void bracket_isFlippedWhereThatBringsItToItsHole() {
        Job job = TestJobs.plain();
        Examination examination = Examination.of(job);
        Vec3 boss = examination.seating().boss("B1");
        Vec3 node = examination.seating().node("CL");
        // As drawn it points the wrong way: flipped about its bolt and spun it reaches exactly.
        Vec3 arm = node.minus(boss);
        Bracket bracket = new Bracket(
                "X1",
                "hanger",
                Vec3.ZERO,
                Vec3.Y,
                new Vec3(-arm.x(), -arm.y(), arm.z()),
                List.of(new Solid.Capsule(new Vec3(-0.02, -0.02, 0.01), new Vec3(-0.05, -0.05, 0.02), 0.002)),
                "B1",
                "CL");
        SeatPlan plan = job.plan();
        Job planned = job.withPlan(
                new SeatPlan(plan.wishes(), plan.way(), plan.lifting(), plan.errors(), List.of(bracket), List.of()));
        List<BracketTurns.Turn> turns = BracketTurns.of(Examination.of(planned), bracket);
        assertThat(turns).hasSize(10);
        BracketTurns.Turn nearest = turns.stream()
                .min((a, b) -> Double.compare(a.off().length(), b.off().length()))
                .orElseThrow();
        assertThat(nearest.flipped()).isTrue();
        assertThat(nearest.off().length()).isLessThan(1e-9);
        assertThat(nearest.pose().place(bracket.bossHole()).distanceTo(boss)).isLessThan(1e-12);
        assertThatThrownBy(() -> new Bracket(
                        "X", "x", Vec3.X, Vec3.Y, Vec3.X, List.of(new Solid.Sphere(Vec3.X, 0.01)), "B1", "CL"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("frameHole");
    }
}
