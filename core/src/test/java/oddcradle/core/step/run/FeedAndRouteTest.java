package oddcradle.core.step.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.around.SplineFit;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.Carburettor;
import oddcradle.core.job.around.Circuit;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.DryBox;
import oddcradle.core.job.around.Exhaust;
import oddcradle.core.job.around.FuelFeed;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.around.Lead;
import oddcradle.core.job.around.OilDrain;
import oddcradle.core.job.around.Shock;
import oddcradle.core.job.around.Spline;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

/** Exhaust, fuel, carburettor, water and shock absorber, each well and each in the way it goes wrong in shops. */
class FeedAndRouteTest {
    private static final Vec3 SEAT = TestJobs.plain().seat().position();
    private static final double COLD = 288.15;

    private static List<Finding> said(Job job, RunFinding code) {
        return Examination.of(job).report(Step.RUN).findings().stream()
                .filter(each -> each.code() == code)
                .toList();
    }

    private static Severity worst(Job job, RunFinding code) {
        List<Finding> said = said(job, code);
        assertThat(said).isNotEmpty();
        return said.stream().map(Finding::severity).min(Enum::compareTo).orElseThrow();
    }

    private static Job with(Around around, Neighbour... neighbours) {
        Job job = TestJobs.plain();
        KeepOut tank = new KeepOut(
                "K9",
                "tank",
                Category.FIXED,
                List.of(new Solid.Sphere(SEAT.plus(new Vec3(-0.6, 0, 0.9)), 0.1)),
                List.of());
        return job.withHost(job.host().withKeepOuts(List.of(tank)))
                .withPlan(job.plan().withNeighbours(List.of(neighbours)))
                .withAround(around);
    }

    private static Job piped(Exhaust.Joint joint, double travel, Exhaust.Hanger... hangers) {
        Neighbour.PipeRun pipe = new Neighbour.PipeRun(
                "N1",
                "pipe",
                new Vec3(0.2, -0.15, 0),
                Vec3.X,
                SEAT.plus(new Vec3(0.9, -0.3, 0.2)),
                Vec3.X,
                0.04,
                0.0015,
                0.06,
                0);
        return with(
                Around.NOTHING.withExhausts(List.of(new Exhaust("N1", 500, joint, travel, List.of(hangers)))), pipe);
    }

    /** A metre of steel pipe, 550 K hotter, grows six to seven millimetres: common practice. */
    @Test
    void pipe_growsAsSteelDoes() {
        Job job = piped(Exhaust.Joint.SLIP, 0.05, new Exhaust.Hanger(Holder.DONOR, SEAT, 0.01));
        double grows = Examination.of(job).report(Step.RUN).figures().stream()
                .filter(each -> each.name().equals("pipe: grows hot"))
                .findFirst()
                .orElseThrow()
                .quantity()
                .si();
        double length = new Vec3(0.2, -0.15, 0).distanceTo(new Vec3(0.9, -0.3, 0.2));
        assertThat(grows / length).isCloseTo(0.006, within(0.0005));
        assertThat(worst(job, RunFinding.EXHAUST)).isEqualTo(Severity.GOOD);
    }

    @Test
    void weldedPipeHungOnTheFrame_cracksItsHeader() {
        Exhaust.Hanger stiff = new Exhaust.Hanger(Holder.HOST, SEAT.plus(new Vec3(0.9, -0.3, 0.2)), 0.0005);
        assertThat(worst(piped(Exhaust.Joint.NONE, 0, stiff), RunFinding.EXHAUST))
                .isEqualTo(Severity.STOP);
        assertThat(worst(piped(Exhaust.Joint.NONE, 0, stiff.withOn(Holder.DONOR)), RunFinding.EXHAUST))
                .isEqualTo(Severity.GOOD);
        assertThat(worst(piped(Exhaust.Joint.SLIP, 0.0005, stiff), RunFinding.EXHAUST))
                .isEqualTo(Severity.WATCH);
        Job unknown =
                with(Around.NOTHING.withExhausts(List.of(new Exhaust("N7", 500, Exhaust.Joint.NONE, 0, List.of()))));
        assertThat(said(unknown, RunFinding.EXHAUST).get(0).what().arguments()).contains("N7");
    }

    private static final Vec3 TANK_HALF = new Vec3(0.1, 0.1, 0.13);

    /** @param vent over the middle of the tank's top, m; empty where nobody has told */
    private static Job fed(double up, double pump, double bore, double slope, Optional<Double> vent) {
        Vec3 outlet = SEAT.plus(new Vec3(-0.5, 0, up));
        Vec3 top = outlet.plus(new Vec3(0, 0, 2 * TANK_HALF.z()));
        Neighbour.Tank tank = new Neighbour.Tank("N2", "tank", "K9", outlet, new Vec3(0, 0, 0.1), 0);
        Job job = with(
                Around.NOTHING.withFuel(Optional.of(new FuelFeed(
                        "N2", pump, bore, 0.8, 0.32 / 3.6e6, slope, vent.map(over -> top.plus(new Vec3(0, 0, over)))))),
                tank);
        List<KeepOut> keepOuts = List.of(KeepOut.still(
                "K9",
                "tank",
                Category.FUEL,
                List.of(new Solid.Box(
                        TANK_HALF, new Pose(Mat3.IDENTITY, outlet.plus(new Vec3(0, 0, TANK_HALF.z())))))));
        return job.withHost(job.host().withKeepOuts(keepOuts));
    }

    private static Job fed(double up, double pump, double bore, double slope) {
        return fed(up, pump, bore, slope, Optional.of(0.2));
    }

    /** Leaning by 20 degrees, a top of 0.2 m square stands 0.1414 tan 20 = 51.5 mm higher at its corner than in its middle. */
    @Test
    void fullTankRunsOutOfALowVent_andOneThatNobodyToldOfIsNoted() {
        double slope = Math.toRadians(20);
        assertThat(worst(fed(0.35, 20_000, 0.006, slope, Optional.of(0.053)), RunFinding.FUEL))
                .isEqualTo(Severity.GOOD);
        assertThat(worst(fed(0.35, 20_000, 0.006, slope, Optional.of(0.050)), RunFinding.FUEL))
                .isEqualTo(Severity.WATCH);
        assertThat(worst(fed(0.35, 20_000, 0.006, slope, Optional.empty()), RunFinding.FUEL))
                .isEqualTo(Severity.NOTE);
    }

    /** A tank that feeds on the level starves on a hill that puts it below the carburettor; a pump helps. */
    @Test
    void tank_feedsOnTheLevelAndStarvesOnAHill() {
        assertThat(worst(fed(0.35, 0, 0.006, 0), RunFinding.FUEL)).isEqualTo(Severity.GOOD);
        assertThat(worst(fed(0.35, 0, 0.006, Math.toRadians(35)), RunFinding.FUEL))
                .isEqualTo(Severity.STOP);
        assertThat(worst(fed(0.35, 20_000, 0.006, Math.toRadians(35)), RunFinding.FUEL))
                .isEqualTo(Severity.GOOD);
        assertThat(worst(fed(0.35, 0, 0.001, 0), RunFinding.FUEL)).isEqualTo(Severity.STOP);
        assertThat(worst(fed(-0.2, 0, 0.006, 0), RunFinding.FUEL)).isEqualTo(Severity.STOP);
    }

    private static Carburettor carburettor(double altitude, Vec3 floatToJet) {
        return new Carburettor(0.00099, 0, COLD, altitude, COLD, 0, floatToJet, Math.toRadians(10), 0.012);
    }

    @Test
    void jet_isToldForItsHeightAndRestsOnceTheLogHasIt() {
        Around high = Around.NOTHING.withCarburettor(Optional.of(carburettor(2500, Vec3.ZERO)));
        Job job = with(high);
        assertThat(worst(job, RunFinding.CARBURETTOR)).isEqualTo(Severity.WATCH);
        Job jetted = job.withBook(
                Book.EMPTY.noted(new LogEntry("2026-04-01", 0, 0, 0, LogEntry.Work.JET, "", "", "", 0.00092, "")));
        assertThat(worst(jetted, RunFinding.CARBURETTOR)).isEqualTo(Severity.GOOD);
        Job low = with(Around.NOTHING.withCarburettor(Optional.of(carburettor(100, Vec3.ZERO))));
        assertThat(worst(low, RunFinding.CARBURETTOR)).isEqualTo(Severity.GOOD);
    }

    @Test
    void bowlThatLeansOrJetFarFromItsFloat_isNamed() {
        Job far = with(Around.NOTHING.withCarburettor(Optional.of(carburettor(0, new Vec3(0.03, 0, 0)))));
        assertThat(worst(far, RunFinding.CARBURETTOR)).isEqualTo(Severity.WATCH);
        Job level = with(Around.NOTHING.withCarburettor(Optional.of(carburettor(0, Vec3.ZERO))));
        Job leaning = level.withSeat(level.seat().with(Freedom.PITCH, Math.toRadians(14)));
        assertThat(worst(level, RunFinding.CARBURETTOR)).isEqualTo(Severity.GOOD);
        assertThat(worst(leaning, RunFinding.CARBURETTOR)).isEqualTo(Severity.WATCH);
    }

    private static Circuit circuit(double face, List<Vec3> bleeds) {
        return new Circuit(
                "W1",
                "water",
                List.of(new Vec3(0, 0, 0.3), new Vec3(0.2, 0, 0.6), new Vec3(0.5, 0, 0.4), new Vec3(0.5, 0, 0.1)),
                bleeds,
                List.of(new Vec3(0.5, 0, 0.1)),
                1,
                face,
                6,
                373,
                308);
    }

    @Test
    void waterWithoutABleedOrWithASmallCore_isNamed() {
        List<Vec3> bleed = List.of(new Vec3(0.21, 0, 0.61));
        assertThat(worst(with(Around.NOTHING.withCircuits(List.of(circuit(0.06, bleed)))), RunFinding.CIRCUIT))
                .isEqualTo(Severity.GOOD);
        assertThat(worst(with(Around.NOTHING.withCircuits(List.of(circuit(0.06, List.of())))), RunFinding.CIRCUIT))
                .isEqualTo(Severity.WATCH);
        assertThat(worst(with(Around.NOTHING.withCircuits(List.of(circuit(0.005, bleed)))), RunFinding.CIRCUIT))
                .isEqualTo(Severity.WATCH);
    }

    private static Job sprung(double shortest, double longest, double bump, Vec3 top) {
        return sprung(shortest, longest, bump, top, 0);
    }

    private static Job sprung(double shortest, double longest, double bump, Vec3 top, double strap) {
        return with(Around.NOTHING.withShocks(List.of(new Shock(
                "S9",
                "strut",
                new Vec3(0, 0, 0.3),
                Vec3.Y,
                new Vec3(-0.5, 0, 0.3),
                new Vec3(-0.35, 0, 0.3),
                top,
                0.05,
                bump,
                shortest,
                longest,
                strap))));
    }

    @Test
    void shockThatBottomsIsPulledOutOrLeans_isNamed() {
        Vec3 over = new Vec3(-0.25, 0, 0.65);
        assertThat(worst(sprung(0.28, 0.45, 0.05, over), RunFinding.SHOCK)).isEqualTo(Severity.GOOD);
        assertThat(worst(sprung(0.35, 0.45, 0.05, over), RunFinding.SHOCK)).isEqualTo(Severity.STOP);
        assertThat(worst(sprung(0.28, 0.37, 0.05, over), RunFinding.SHOCK)).isEqualTo(Severity.STOP);
        assertThat(worst(sprung(0.28, 0.45, 0.6, over), RunFinding.SHOCK)).isEqualTo(Severity.STOP);
        assertThat(worst(sprung(0.3, 0.6, 0.05, new Vec3(0.1, 0, 0.42)), RunFinding.SHOCK))
                .isEqualTo(Severity.WATCH);
        assertThatThrownBy(() -> sprung(0.4, 0.3, 0.05, over)).hasMessageContaining("longest");
    }

    /** Pulled out beyond its length it tears; a strap no longer than that stops the wheel before, a longer one does not. */
    @Test
    void strapStopsTheWheelBeforeTheShockDoes() {
        Vec3 over = new Vec3(-0.25, 0, 0.65);
        assertThat(worst(sprung(0.28, 0.37, 0.05, over, 0.37), RunFinding.SHOCK))
                .isEqualTo(Severity.GOOD);
        assertThat(worst(sprung(0.28, 0.37, 0.05, over, 0.40), RunFinding.SHOCK))
                .isEqualTo(Severity.STOP);
    }

    /** Worked by hand: 2 x 200 / (0.028 x 6 x 0.003 x 0.040 x 0.75) = 26.5 MPa. */
    @Test
    void splineBearsOnThreeQuartersOfItsTeeth_andMustStayIn() {
        assertThat(SplineFit.pressure(200, 0.028, 6, 0.003, 0.040)).isCloseTo(26.46e6, within(0.02e6));
        Spline good = new Spline("SP1", "sleeve", Vec3.ZERO, Vec3.X, 0.028, 6, 0.003, 0.080, 200, null);
        assertThat(worst(with(Around.NOTHING.withSplines(List.of(good))), RunFinding.SPLINE))
                .isEqualTo(Severity.GOOD);
        assertThat(worst(with(Around.NOTHING.withSplines(List.of(good.withEngaged(0.045)))), RunFinding.SPLINE))
                .isEqualTo(Severity.WATCH);
        assertThat(worst(with(Around.NOTHING.withSplines(List.of(good.withEngaged(0)))), RunFinding.SPLINE))
                .isEqualTo(Severity.STOP);
    }

    private static final Solid WHEEL = new Solid.Cylinder(new Vec3(0.2, 0.5, 0.25), new Vec3(0.2, 0.65, 0.25), 0.25);

    private static Job boxed(Vec3 at, KeepOut... more) {
        Job job =
                with(Around.NOTHING.withBoxes(List.of(new DryBox("E1", "ignition box", at, new Vec3(0.1, 0.1, 0.06)))));
        List<KeepOut> keepOuts = new ArrayList<>(List.of(more));
        keepOuts.add(KeepOut.still("W", "rear wheel", Category.MOVING, List.of(WHEEL)));
        return job.withHost(job.host().withKeepOuts(keepOuts));
    }

    /** A wheel throws in its own plane: behind it is wet, beside it is not; and nobody puts a spark under fuel. Common practice. */
    @Test
    void boxBehindAWheelOrUnderFuel_isNamed() {
        assertThat(worst(boxed(new Vec3(-0.4, 0.55, 0.4)), RunFinding.DRY_BOX)).isEqualTo(Severity.WATCH);
        assertThat(worst(boxed(new Vec3(-0.4, 0.1, 0.4)), RunFinding.DRY_BOX)).isEqualTo(Severity.GOOD);
        assertThat(worst(boxed(new Vec3(-1.3, 0.55, 0.4)), RunFinding.DRY_BOX)).isEqualTo(Severity.GOOD);
        KeepOut tank =
                KeepOut.still("T", "tank", Category.FUEL, List.of(new Solid.Sphere(new Vec3(-0.4, 0.1, 0.9), 0.15)));
        assertThat(worst(boxed(new Vec3(-0.4, 0.1, 0.4), tank), RunFinding.DRY_BOX))
                .isEqualTo(Severity.STOP);
        assertThat(worst(boxed(new Vec3(-0.4, 0.1, 1.2), tank), RunFinding.DRY_BOX))
                .isEqualTo(Severity.GOOD);
    }

    /** The rails of the test job run at y = 0.3, 0.25 m up, so the ground is 0.23 m up where no wheel stands. */
    private static List<Finding> drained(Vec3 at, double panHeight) {
        Vec3 own = at.minus(SEAT);
        return said(
                with(Around.NOTHING.withDrains(List.of(new OilDrain("O1", "drain plug", own, 0.2, panHeight)))),
                RunFinding.OIL_DRAIN);
    }

    @Test
    void oilFallsIntoItsPan_orOnATube() {
        assertThat(drained(new Vec3(0.9, 0, 0.4), 0.1))
                .extracting(Finding::severity)
                .containsExactly(Severity.GOOD);
        assertThat(drained(new Vec3(0.9, 0, 0.4), 0.2))
                .extracting(Finding::severity)
                .containsExactly(Severity.WATCH);
        List<String> onRail = drained(new Vec3(0.9, 0.3, 0.4), 0.1).stream()
                .map(each -> each.what().in(UnitStyle.MILLIMETRES))
                .toList();
        assertThat(onRail).anyMatch(each -> each.contains("oil falls on left rail"));
        assertThat(onRail).anyMatch(each -> each.contains("left rail stands where a pan of 200.0 mm would"));
    }

    @Test
    void plugLeadThatLoops_andShaftThatRunsOut_areNamed() {
        Lead plug = new Lead(
                "L9",
                "plug lead",
                Lead.Use.PLUG,
                Holder.DONOR,
                Vec3.ZERO,
                Holder.DONOR,
                new Vec3(0.3, 0, 0),
                0.35,
                1e-6,
                0,
                0.0);
        assertThat(worst(with(Around.NOTHING.withLeads(List.of(plug))), RunFinding.WIRE))
                .isEqualTo(Severity.GOOD);
        assertThat(worst(with(Around.NOTHING.withLeads(List.of(plug.withLength(0.7)))), RunFinding.WIRE))
                .isEqualTo(Severity.NOTE);
        Spline shaft = new Spline("SP1", "sleeve", Vec3.ZERO, Vec3.X, 0.028, 6, 0.003, 0.080, 200, 0.0003);
        assertThat(worst(with(Around.NOTHING.withSplines(List.of(shaft))), RunFinding.SPLINE))
                .isEqualTo(Severity.WATCH);
        assertThat(worst(with(Around.NOTHING.withSplines(List.of(shaft.withRunOut(5e-5)))), RunFinding.SPLINE))
                .isEqualTo(Severity.GOOD);
    }

    @Test
    void wrongValues_areNamedAtTheirField() {
        assertThatThrownBy(() -> new Carburettor(0.004, 0, COLD, 0, COLD, 0, Vec3.ZERO, 0.2, 0.01))
                .hasMessageContaining("jet");
        assertThatThrownBy(() -> new FuelFeed("N2", 0, 0.006, 0.8, 1e-5, 0, Optional.empty()))
                .hasMessageContaining("burns");
        assertThatThrownBy(() -> new ControlLink.Cable(
                        Holder.HOST, Vec3.ZERO, Holder.DONOR, Vec3.X, List.of(), 0.005, 0.05, 0, 1.5))
                .hasMessageContaining("friction");
        assertThatThrownBy(() -> circuit(0.06, List.of()).withRound(List.of(Vec3.ZERO)))
                .hasMessageContaining("round");
    }
}
