package oddcradle.core.step.seat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.job.seat.MadeTo;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.odds.BoltUpChance;
import oddcradle.core.placement.Surveyed;
import oddcradle.core.search.OddsOfFit;
import oddcradle.core.search.SeatSpace;
import oddcradle.core.step.line.DatumSeat;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class NeighbourChecksAndOddsTest {
    private static final Job JOB = TestJobs.plain();
    private static final Vec3 SEAT = JOB.seat().position();

    private static Job with(Job job, Category kind, String id, Solid... solids) {
        List<KeepOut> all = new ArrayList<>(job.host().keepOuts());
        all.add(KeepOut.still(id, id, kind, List.of(solids)));
        return job.withHost(job.host().withKeepOuts(all));
    }

    private static NeighbourChecks.NeighbourCheck asked(Job job, Neighbour neighbour) {
        SeatPlan plan = job.plan();
        return Examination.of(job.withPlan(new SeatPlan(
                        plan.wishes(), plan.way(), plan.lifting(), plan.errors(), List.of(), List.of(neighbour))))
                .neighbourChecks()
                .get(0);
    }

    private static String words(NeighbourChecks.NeighbourCheck neighbourCheck) {
        return neighbourCheck.finding().what().in(UnitStyle.MILLIMETRES);
    }

    private static Solid box(Vec3 half, Vec3 at) {
        return new Solid.Box(half, new Pose(Pose.IDENTITY.rotation(), at));
    }

    @Test
    void tank_holdsItsVolume_andFeedsByItsHead() {
        Job job = with(JOB, Category.FUEL, "T", box(new Vec3(0.1, 0.1, 0.1), SEAT.plus(new Vec3(0.5, 0, 0.5))));
        Neighbour.Tank low = new Neighbour.Tank("N", "tank", "T", SEAT.plus(new Vec3(0.5, 0, 0.4)), Vec3.ZERO, 0.45);
        assertThat(words(asked(job, low))).contains("lift it 50.0 mm or fit a pump");
        Neighbour.Tank high = new Neighbour.Tank("N", "tank", "T", SEAT.plus(new Vec3(0.5, 0, 0.4)), Vec3.ZERO, 0.3);
        assertThat(words(asked(job, high))).contains("8.0 litres").contains("400.0 mm over");
        assertThat(high.question()).contains("How much does it hold");
    }

    @Test
    void occupant_isThrownUp_againstTubesAndDonor() {
        Job job = with(JOB, Category.PEOPLE, "P", new Solid.Sphere(new Vec3(1.1, 0, 0.13), 0.08));
        Neighbour.Occupant sits = new Neighbour.Occupant("N", "legs", "P", 0, 0.02);
        assertThat(asked(job, sits).finding().severity()).isEqualTo(Severity.GOOD);
        // Thrown up 60 mm the ball of 80 mm reaches into the front cross tube at z = 250 mm.
        Neighbour.Occupant thrown = new Neighbour.Occupant("N", "legs", "P", 0.06, 0.02);
        assertThat(words(asked(job, thrown))).contains("strike a tube over a bump");
        Neighbour.Occupant wide = new Neighbour.Occupant("N", "legs", "P", 0, 0.5);
        assertThat(asked(job, wide).finding().severity()).isEqualTo(Severity.WATCH);
    }

    @Test
    void panel_needsABulgeByWhatIsLacking() {
        Job job = with(JOB, Category.FIXED, "Q", box(new Vec3(0.5, 0.5, 0.002), SEAT.plus(new Vec3(0, 0, 0.09))));
        NeighbourChecks.NeighbourCheck bulge = asked(job, new Neighbour.Panel("N", "hood", "Q", 0.02));
        // The case ends 80 mm up, the skin is 4 mm thick with its middle at 90: 8 mm are left.
        assertThat(words(bulge)).contains("needs a bulge of 12.0 mm");
        assertThat(bulge.figures().get(0).quantity().si()).isCloseTo(0.008, within(1e-9));
        assertThat(words(asked(job, new Neighbour.Panel("N", "hood", "Q", 0.005))))
                .contains("clears by 8.0 mm");
    }

    @Test
    void bay_isStretchedByWhatTheDonorLacks() {
        // The case is 300 mm long; its pipe reaches from 120 mm ahead to 220 mm behind.
        NeighbourChecks.NeighbourCheck bay =
                asked(JOB, new Neighbour.Bay("N", "bay", Vec3.ZERO, new Vec3(0.3, 0, 0), 0.02));
        assertThat(bay.finding().severity()).isEqualTo(Severity.STOP);
        assertThat(words(bay)).contains("must be stretched 90.0 mm");
        assertThat(words(asked(JOB, new Neighbour.Bay("N", "bay", Vec3.ZERO, new Vec3(0.5, 0, 0), 0.02))))
                .contains("110.0 mm to spare");
    }

    @Test
    void runsThatCannotTurn_areStops_andBuyingRoundsUp() {
        Neighbour.Run tight = new Neighbour.Run(
                "N",
                "hose",
                Neighbour.Line.HOSE,
                Vec3.ZERO,
                Vec3.X,
                SEAT.plus(new Vec3(0, 0.05, 0)),
                Vec3.X.negated(),
                0.02,
                0.1,
                0);
        assertThat(asked(JOB, tight).finding().severity()).isEqualTo(Severity.STOP);
        Neighbour.Run buy = new Neighbour.Run(
                "N",
                "hose",
                Neighbour.Line.HOSE,
                Vec3.ZERO,
                Vec3.X,
                SEAT.plus(new Vec3(0.52, 0, 0)),
                Vec3.X,
                0.02,
                0.1,
                0);
        assertThat(words(asked(JOB, buy))).contains("520.0 mm at least, buy 600.0 mm");
        Neighbour.PipeRun pipe = new Neighbour.PipeRun(
                "N", "pipe", Vec3.ZERO, Vec3.X, SEAT.plus(new Vec3(0, 0.05, 0)), Vec3.X.negated(), 0.04, 0.001, 0.1, 0);
        assertThat(words(asked(JOB, pipe))).contains("do not fit between flange and silencer");
        Neighbour.PipeRun longer = new Neighbour.PipeRun(
                "N", "pipe", new Vec3(0, 0, 1), Vec3.X, SEAT.plus(new Vec3(0.6, 0, 1)), Vec3.X, 0.04, 0.001, 0.1, 0.5);
        assertThat(words(asked(JOB, longer))).contains("100.0 mm longer than the 500.0 mm wanted");
    }

    @Test
    void linkageAtABadAngle_isToSetOnAnotherSpline() {
        Neighbour.Linkage weak = new Neighbour.Linkage(
                "N", "clutch", Vec3.ZERO, Vec3.Y, new Vec3(0.05, 0, -0.01), SEAT.plus(new Vec3(1, 0, 0)), Vec3.X, true);
        NeighbourChecks.NeighbourCheck neighbourCheck = asked(JOB, weak);
        assertThat(neighbourCheck.finding().severity()).isEqualTo(Severity.WATCH);
        assertThat(neighbourCheck.figures().get(1).quantity().si()).isLessThan(0.7);
    }

    @Test
    void betterShopAndLargerHoles_raiseTheOdds() {
        Job fine = JOB.withPlan(JOB.plan().withErrors(new FitErrors(0, 0, 0, List.of(), MadeTo.DRAWING)));
        BoltUpChance.Result asIs = OddsOfFit.chances(Examination.of(JOB), 3000, Progress.UNWATCHED);
        BoltUpChance.Result better = OddsOfFit.chances(Examination.of(fine), 3000, Progress.UNWATCHED);
        assertThat(better.bolts()).isGreaterThan(asIs.bolts());
        List<FitErrors.Hole> wide = JOB.donor().bosses().stream()
                .map(boss -> new FitErrors.Hole(boss.id(), 0.03, 0, Vec3.X))
                .toList();
        Job loose = JOB.withPlan(JOB.plan().withErrors(JOB.plan().errors().withHoles(wide)));
        assertThat(OddsOfFit.chances(Examination.of(loose), 3000, Progress.UNWATCHED)
                        .bolts())
                .isEqualTo(1);
        OddsOfFit.Result result = OddsOfFit.of(Examination.of(JOB), 2000, Progress.UNWATCHED);
        assertThat(result.bosses()).containsExactly("B1", "B2", "B3", "B4");
        assertThat(result.better()).isNotEmpty();
        assertThat(result.better().get(0).all())
                .isGreaterThanOrEqualTo(result.better().get(1).all());
    }

    /** No one drills a ring by the tape: with a template or round the engine itself the bolts go in nearly always. Common practice. */
    @Test
    void mountsMadeToATemplate_orToTheEngine_boltUp() {
        List<Double> bolts = new ArrayList<>();
        for (MadeTo way : MadeTo.values()) {
            Job made = JOB.withPlan(JOB.plan().withErrors(JOB.plan().errors().withMadeTo(way)));
            bolts.add(OddsOfFit.chances(Examination.of(made), 3000, Progress.UNWATCHED)
                    .bolts());
        }
        assertThat(bolts.get(0)).isLessThan(bolts.get(1));
        assertThat(bolts.get(1)).isLessThan(bolts.get(2));
        assertThat(bolts.get(2)).isGreaterThan(0.9);
        assertThat(OddsOfFit.of(Examination.of(JOB), 2000, Progress.UNWATCHED).better())
                .anyMatch(each -> each.what().in(UnitStyle.MILLIMETRES).equals("make the mounts to the engine itself"));
    }

    @Test
    void unsurveyedPlaces_areKnownByTape() {
        Separation apart = new Separation(0.01, Vec3.ZERO, new Vec3(0.01, 0, 0));
        assertThat(Surveyed.BY_TAPE_ALONE.sigma(apart, false)).isCloseTo(0.001, within(1e-12));
        assertThat(Surveyed.BY_TAPE_ALONE.sigma(apart, true)).isCloseTo(0.001 * Math.sqrt(2), within(1e-12));
    }

    @Test
    void pivotAndThrustLine_decideTheSeatToo() {
        Datum.Pivot pivot = new Datum.Pivot("B1", new Vec3(0.6, 0, 0.35), Vec3.Y, 0.01, 0.05, 0.0001, 0);
        Job hung = JOB.withLine(
                JOB.line().withDatum(new Datum(Datum.Rule.PIVOT_BOLT, "", Optional.of(pivot), Optional.empty())));
        DatumSeat datum = DatumSeat.of(hung).orElseThrow();
        Seat put = datum.put(new Seat(SEAT, 0.1, 0, 0.05, List.of()));
        Vec3 boss = put.pose().place(datum.own());
        assertThat(boss.minus(pivot.point()).withoutPartAlong(Vec3.Y).length()).isLessThan(1e-12);
        Datum.Thrust thrust = new Datum.Thrust(new Vec3(0.9, 0, 0.5), 0.05, 0.02, 0.01);
        Job flown = JOB.withLine(
                JOB.line().withDatum(new Datum(Datum.Rule.THRUST_LINE, "", Optional.empty(), Optional.of(thrust))));
        DatumSeat line = DatumSeat.of(flown).orElseThrow();
        Vec3 axis = line.put(JOB.seat()).pose().turn(line.ownAxis());
        Vec3 forward = axis.x() < 0 ? axis.negated() : axis;
        assertThat(-Math.asin(forward.z())).isCloseTo(0.05, within(1e-9));
        assertThat(-Math.atan2(forward.y(), forward.x())).isCloseTo(0.02, within(1e-9));
        assertThat(DatumSeat.of(JOB.withLine(JOB.line().withDatum(Datum.FREE)))).isEmpty();
    }

    @Test
    void spaceOfAPivot_isItsTurn() {
        Datum.Pivot pivot = new Datum.Pivot(
                "B1", JOB.seat().pose().place(JOB.donor().bosses().get(0).position()), Vec3.Y, 0.01, 0.05, 0.0001, 0);
        Job hung = JOB.withSeat(new Seat(SEAT, 0, 0, 0, List.of(Freedom.LEFT)))
                .withLine(JOB.line()
                        .withDatum(new Datum(Datum.Rule.PIVOT_BOLT, "", Optional.of(pivot), Optional.empty())));
        SeatSpace space = SeatSpace.of(hung);
        assertThat(space.open()).containsExactly(Freedom.PITCH);
        for (double turn : new double[] {-0.1, 0.05, 0.15}) {
            Seat seat = space.seat(new double[] {turn});
            assertThat(seat.pose()
                            .place(hung.donor().bosses().get(0).position())
                            .minus(pivot.point())
                            .withoutPartAlong(Vec3.Y)
                            .length())
                    .isLessThan(1e-9);
            assertThat(seat.pitch()).isCloseTo(turn, within(1e-9));
        }
    }

    @Test
    void plans_refuseWhatCannotBe() {
        assertThatThrownBy(() -> new WayPlan(List.of(), -0.01)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Lifting(List.of(new Lifting.Point("a", Vec3.X)), 0.5, 0, 0))
                .hasMessageContaining("two, three or four");
        assertThatThrownBy(() -> new Lifting(List.of(), 0, 0, 0)).hasMessageContaining("hook");
        assertThatThrownBy(() -> new FitErrors(0.1, 0, 0, List.of(), null)).hasMessageContaining("cut");
        assertThatThrownBy(() -> new FitErrors.Hole("B1", 0.01, -1, Vec3.X)).hasMessageContaining("slot");
        assertThatThrownBy(() -> new SeatWishes(11, 0, 0, 0, 0, 0, 0, 0, 0, List.of()))
                .hasMessageContaining("low");
        assertThatThrownBy(() -> new SeatWishes(
                        1,
                        0,
                        0,
                        0,
                        0,
                        0,
                        0,
                        0,
                        0,
                        List.of(new SeatWishes.Range(Freedom.UP, 0, 1), new SeatWishes.Range(Freedom.UP, 0, 2))))
                .hasMessageContaining("second range");
        assertThatThrownBy(() -> asked(JOB, new Neighbour.Tank("N", "tank", "nowhere", Vec3.X, Vec3.X, 0)))
                .hasMessageContaining("plan.neighbours[0].tank");
        assertThatThrownBy(() -> JOB.withPlan(JOB.plan().withWay(new WayPlan(List.of("Z9"), 0.003))))
                .hasMessageContaining("plan.way.removable[0]");
        assertThatThrownBy(() -> new Neighbour.Linkage("N", "x", Vec3.X, Vec3.Y, Vec3.X, Vec3.Z, Vec3.X, true))
                .isInstanceOf(InvalidValue.class);
    }
}
