package oddcradle.core.job.donor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.engine.CrankLayout;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

/** A donor of two engines and the gearbox between them. */
class PackTest {
    private static final Job ALONE = TestJobs.plain();
    private static final double HALF_APART = 0.19;

    private static MassProperties ball(double mass, Vec3 at) {
        return new MassProperties(mass, at, Mat3.diagonal(0.1, 0.1, 0.1));
    }

    /** The donor's bosses are on the first engine, its first part on the other one. */
    static Donor pair(double ratio, UnitJoint.Kind kind, ShaftLine own) {
        Donor donor = ALONE.donor();
        ShaftLine front = new ShaftLine(new Vec3(HALF_APART, 0.1, 0), Vec3.Y);
        UnitJoint joint = new UnitJoint("U1", kind, own, front);
        UnitEngine engine = new UnitEngine(donor.engine(), ratio, Optional.of(0.0));
        return donor.withUnits(List.of(
                new JoinedUnit(
                        "U1",
                        "front",
                        UnitKind.FIRST_ENGINE,
                        ball(30, new Vec3(HALF_APART, 0, 0)),
                        front,
                        Turn.ANTICLOCKWISE,
                        Optional.empty(),
                        donor.bosses().stream().map(Boss::id).toList(),
                        List.of(),
                        true,
                        false,
                        Optional.empty()),
                new JoinedUnit(
                        "U2",
                        "rear",
                        UnitKind.ENGINE,
                        ball(30, new Vec3(-HALF_APART, 0, 0)),
                        own,
                        Turn.ANTICLOCKWISE,
                        Optional.of(joint),
                        List.of(),
                        List.of(donor.parts().get(0).id()),
                        false,
                        true,
                        Optional.of(engine))));
    }

    private static ShaftLine rear() {
        return new ShaftLine(new Vec3(-HALF_APART, 0.1, 0), Vec3.Y);
    }

    /** Two balls of 30 kg on a stick of 380 mm: 2 x 30 x 0.19 x 0.19 = 2.166 kg m2 across it, by hand. */
    @Test
    void massOfUnits_isThatOfADumbbell() {
        MassProperties both = Pack.mass(pair(1, UnitJoint.Kind.BELT_OR_CHAIN, rear()));
        assertThat(both.mass()).isEqualTo(60);
        assertThat(both.cg().length()).isLessThan(1e-12);
        assertThat(both.inertia().get(0, 0)).isCloseTo(0.2, within(1e-12));
        assertThat(both.inertia().get(1, 1)).isCloseTo(2.366, within(1e-12));
        assertThat(both.inertia().get(2, 2)).isCloseTo(2.366, within(1e-12));
    }

    /** Nothing is created between the engines: their powers add, whatever turns faster. */
    @Property(tries = 100)
    void powersOfAllEngines_add(
            @ForAll @DoubleRange(min = 0.3, max = 3) double ratio,
            @ForAll @DoubleRange(min = 100, max = 600) double speed) {
        Donor pair = pair(ratio, UnitJoint.Kind.BELT_OR_CHAIN, rear());
        Engine one = ALONE.donor().engine();
        double power = speed * one.fullTorque(speed) + ratio * speed * one.fullTorque(ratio * speed);
        assertThat(speed * Pack.driving(pair).fullTorque(speed)).isCloseTo(power, within(1e-9 * power));
    }

    @Test
    void engineOfOneMachine_drivesAsItIs() {
        assertThat(Pack.driving(ALONE.donor())).isEqualTo(ALONE.donor().engine());
        assertThat(Pack.mass(ALONE.donor())).isEqualTo(ALONE.donor().mass());
    }

    /** A crooked shaft comes into line with the one it is joined to; what is on the unit comes along as one stiff piece. */
    @Property(tries = 200)
    void unitBroughtIntoLine_liesThereAsOnePiece(
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double tilt,
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double lean,
            @ForAll @DoubleRange(min = -0.05, max = 0.05) double beside) {
        ShaftLine own = new ShaftLine(new Vec3(HALF_APART + beside, 0.12, beside), new Vec3(tilt, -1, lean));
        Donor crooked = pair(1, UnitJoint.Kind.COUPLING, own);
        Donor straight = Pack.straightened(crooked, "U2");
        UnitJoint joint = straight.unit("U2").orElseThrow().joint().orElseThrow();
        assertThat(joint.angle()).isLessThan(1e-7);
        assertThat(joint.offset()).isLessThan(1e-9);
        Vec3 before = crooked.parts().get(0).solids().get(0).centre();
        Vec3 after = straight.parts().get(0).solids().get(0).centre();
        assertThat(after.distanceTo(joint.own().centre())).isCloseTo(before.distanceTo(own.centre()), within(1e-12));
        assertThat(straight.bosses()).isEqualTo(crooked.bosses());
        assertThat(straight.unit("U1")).isEqualTo(crooked.unit("U1"));
    }

    /** Where a belt joins them, the unit only turns: how far apart they stand is the belt's. */
    @Test
    void unitOnABelt_keepsItsPlace() {
        ShaftLine own = new ShaftLine(new Vec3(-HALF_APART, 0.1, 0), new Vec3(0.05, 1, 0));
        Donor straight = Pack.straightened(pair(1, UnitJoint.Kind.BELT_OR_CHAIN, own), "U2");
        UnitJoint joint = straight.unit("U2").orElseThrow().joint().orElseThrow();
        assertThat(joint.own().centre().distanceTo(own.centre())).isLessThan(1e-12);
        assertThat(joint.angle()).isLessThan(1e-9);
    }

    /** Who is joined to a unit that is moved knows where its shaft went. */
    @Test
    void movedUnit_isKnownToThoseJoinedToIt() {
        Vec3 by = new Vec3(0, 0, 0.01);
        Donor moved = Pack.moved(pair(1, UnitJoint.Kind.BELT_OR_CHAIN, rear()), "U1", new Pose(Mat3.IDENTITY, by));
        UnitJoint joint = moved.unit("U2").orElseThrow().joint().orElseThrow();
        assertThat(joint.other().centre().z()).isEqualTo(0.01);
        assertThat(joint.own().centre().z()).isZero();
        assertThat(moved.bosses().get(0).position())
                .isEqualTo(ALONE.donor().bosses().get(0).position().plus(by));
        assertThat(moved.parts()).isEqualTo(ALONE.donor().parts());
        // The output shaft is on the front engine.
        Vec3 output = ALONE.donor().output().centre();
        assertThat(moved.output().centre()).isEqualTo(output.plus(by));
        Donor other = Pack.outputOn(pair(1, UnitJoint.Kind.BELT_OR_CHAIN, rear()), "U2", true);
        assertThat(Pack.moved(other, "U1", new Pose(Mat3.IDENTITY, by)).output().centre())
                .isEqualTo(output);
        assertThat(other.units().get(0).hasOutput()).isFalse();
    }

    /** The measured middle of a crank goes with its engine, the first one's and another's. */
    @Test
    void movedEngine_takesItsCrankAlong() {
        Donor pair = pair(1, UnitJoint.Kind.BELT_OR_CHAIN, rear());
        Engine measured = pair.engine()
                .withCrank(Optional.of(CrankLayout.SINGLE.crank(0.07).withCentre(Optional.of(new Vec3(0.1, 0, 0)))));
        JoinedUnit other = pair.unit("U2").orElseThrow();
        Donor both = pair.withEngine(measured)
                .withUnits(List.of(
                        pair.units().get(0),
                        other.withEngine(Optional.of(new UnitEngine(measured, 1, Optional.empty())))));
        Pose up = new Pose(Mat3.IDENTITY, new Vec3(0, 0, 0.02));
        Donor first = Pack.moved(both, "U1", up);
        assertThat(middle(first.engine()).z()).isEqualTo(0.02);
        assertThat(middle(first.units().get(1).engine().orElseThrow().engine()).z())
                .isZero();
        Donor second = Pack.moved(both, "U2", up);
        assertThat(middle(second.engine()).z()).isZero();
        assertThat(middle(second.units().get(1).engine().orElseThrow().engine()).z())
                .isEqualTo(0.02);
    }

    private static Vec3 middle(Engine engine) {
        return engine.crank().orElseThrow().centre().orElseThrow();
    }

    @Test
    void impossiblePack_isRefusedInWords() {
        Donor pair = pair(1, UnitJoint.Kind.BELT_OR_CHAIN, rear());
        JoinedUnit rear = pair.unit("U2").orElseThrow();
        assertThatThrownBy(() -> ALONE.withDonor(pair.withUnits(List.of(rear))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("exactly one");
        List<String> bosses = pair.unit("U1").orElseThrow().bosses();
        assertThatThrownBy(() ->
                        ALONE.withDonor(pair.withUnits(List.of(pair.units().get(0), rear.withBosses(bosses)))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("on another unit");
        assertThatThrownBy(() ->
                        ALONE.withDonor(pair.withUnits(List.of(pair.units().get(0), rear.withOutput(true)))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("one at most");
        assertThatThrownBy(() -> rear.withEngine(Optional.empty()))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("left out");
        assertThatThrownBy(() -> Pack.straightened(pair, "U1"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("joined to none");
        assertThatThrownBy(() -> Pack.moved(pair, "U9", Pose.IDENTITY))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("U9");
    }
}
