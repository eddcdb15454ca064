package oddcradle.core.begin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Cycle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NewJobTest {
    private static Job begun(MachineFamily family, EngineBox engine) {
        HostPlan plan = family.usual();
        return NewJob.of("mine", family, plan, engine, FirstFit.of(NewJob.asked(family, plan, engine), NewJob.ROOM));
    }

    private static double figure(Job job, Step step, String name) {
        return Examination.of(job).report(step).figures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .quantity()
                .si();
    }

    /** However wide the engine is, the chain begins straight. */
    @Test
    void chainBeginsStraight() {
        for (double width : new double[] {0.2, 0.3, 0.45}) {
            Job job = begun(MachineFamily.BUGGY, MachineFamily.BUGGY.engine().withWidth(width));
            assertThat(figure(job, Step.LINE, "chain: planes apart")).isCloseTo(0, within(1e-9));
            assertThat(figure(job, Step.LINE, "chain: shafts out of parallel")).isCloseTo(0, within(1e-9));
        }
    }

    /** Turned round, everything is as it was, seen in a mirror: the chain is straight, on the other side, and has its room there. */
    @Test
    void shaftAtTheRight_isTheMirrorImage() {
        EngineBox left = MachineFamily.BUGGY.engine();
        EngineBox right = left.withShaftSide(BoxSide.RIGHT);
        Job job = begun(MachineFamily.BUGGY, right);
        assertThat(figure(job, Step.LINE, "chain: planes apart")).isCloseTo(0, within(1e-9));
        assertThat(figure(job, Step.LINE, "chain: shafts out of parallel")).isCloseTo(0, within(1e-9));
        assertThat(job.host().drivenEnd().sprocketOffset()).isNegative();
        assertThat(Seating.of(job).driverCentre().y())
                .isCloseTo(
                        -Seating.of(begun(MachineFamily.BUGGY, left))
                                .driverCentre()
                                .y(),
                        within(1e-9));
        HostPlan plan = MachineFamily.BUGGY.usual();
        FirstFit fit = FirstFit.of(NewJob.asked(MachineFamily.BUGGY, plan, right), NewJob.ROOM);
        assertThat(fit.sides().get(BoxSide.RIGHT).why()).contains("chain");
        assertThat(fit.sides().get(BoxSide.LEFT).why()).doesNotContain("chain");
        // Who drives forward with it still drives forward.
        Job leftward = begun(MachineFamily.BUGGY, left);
        assertThat(figure(job, Step.LINE, "top speed"))
                .isCloseTo(figure(leftward, Step.LINE, "top speed"), within(1e-9));
        assertThatThrownBy(() -> left.withShaftSide(BoxSide.TOP))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("left or right");
    }

    @Test
    void coupledShafts_faceEachOther_withALittleBetween() {
        Job job = begun(
                MachineFamily.SKID, MachineFamily.SKID.engine().withHeight(0.5).withShaftUp(0.2));
        assertThat(figure(job, Step.LINE, "shaft centres apart")).isCloseTo(0, within(1e-9));
        assertThat(figure(job, Step.LINE, "gap between the shaft ends")).isCloseTo(0.004, within(1e-9));
    }

    @Test
    void propellerFlange_liesOnTheThrustLine_andTheBossesAtTheBack() {
        EngineBox engine = MachineFamily.AIRCRAFT.engine();
        Job job = begun(MachineFamily.AIRCRAFT, engine);
        Seating seating = Seating.of(job);
        Vec3 wanted = job.line().datum().thrust().orElseThrow().point();
        assertThat(seating.driverCentre().distanceTo(wanted)).isCloseTo(0, within(1e-9));
        assertThat(job.donor().output().form()).isEqualTo(OutputForm.PROPELLER_FLANGE);
        for (Boss boss : job.donor().bosses()) {
            // Toward the firewall.
            assertThat(seating.boss(boss.id()).x()).isCloseTo(wanted.x() - engine.length(), within(1e-9));
        }
        assertThat(figure(job, Step.LINE, "propeller flange off the thrust line"))
                .isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource
    void familyBringsItsOwnCasesAndPeople(MachineFamily family) {
        Job job = begun(family, family.engine());
        assertThat(job.cases()).isNotEmpty().allMatch(each -> each.set()
                .equals(family.cases().id()));
        LineEnd end = job.line().end().orElseThrow();
        // Never a set that is meant for another kind of machine.
        assertThat(family.cases().family()).isEqualTo(LoadSet.Family.of(end));
        assertThat(job.host().masses()).isNotEmpty();
        assertThat(job.host().supports()).hasSizeGreaterThanOrEqualTo(4);
        if (family != MachineFamily.SKID) {
            assertThat(job.host().keepOuts()).anyMatch(each -> each.category() == Category.PEOPLE);
        }
        assertThat(job.donor().engine().cylinders())
                .isEqualTo(family.engine().layout().cylinders());
    }

    /** 7.35 kW (10 metric horsepower) at 3600 turns a minute are 19.5 N m: the definition of power. */
    @Test
    void torqueFollowsFromPowerAndSpeed() {
        EngineBox engine = EngineBox.usual().withPower(7355).withPowerSpeed(Math.toRadians(6 * 3600));
        Donor donor = begun(MachineFamily.CARGO, engine).donor();
        assertThat(donor.engine().maxTorque()).isBetween(19.5, 1.15 * 19.5);
        assertThat(donor.engine().maxTorqueSpeed()).isLessThan(engine.powerSpeed());
        assertThat(donor.engine().idleSpeed()).isLessThan(donor.engine().cruiseSpeed());
    }

    /** A small industrial single of 270 cc in its box weighs some 25 kg; common practice. */
    @Test
    void weightIsTakenFromTheSize_untilItIsWeighed() {
        EngineBox industrial =
                EngineBox.usual().withLength(0.36).withWidth(0.38).withHeight(0.35);
        assertThat(industrial.weight()).isBetween(18.0, 35.0);
        assertThat(industrial.withMass(26).weight()).isEqualTo(26);
        Donor donor = begun(MachineFamily.CARGO, industrial.withMass(26)).donor();
        assertThat(donor.mass().mass()).isEqualTo(26);
        // An even block: its weight in the middle, most of its inertia about the axis across its longest sides.
        assertThat(donor.mass().cg()).isEqualTo(new Vec3(0, 0, 0.175));
    }

    @ParameterizedTest
    @EnumSource
    void exhaustSticksOutWhereItWasSaid(BoxSide side) {
        EngineBox engine = EngineBox.usual().withPipe(side);
        Donor donor = begun(MachineFamily.BUGGY, engine).donor();
        Vec3 stub = donor.parts().stream()
                .filter(each -> each.category() == Category.HOT)
                .findFirst()
                .orElseThrow()
                .solids()
                .get(0)
                .centre()
                .minus(new Vec3(0, 0, engine.height() / 2));
        Vec3 half = new Vec3(engine.length() / 2, engine.width() / 2, engine.height() / 2);
        double face = Math.abs(half.x() * side.outward().x())
                + Math.abs(half.y() * side.outward().y())
                + Math.abs(half.z() * side.outward().z());
        assertThat(stub.dot(side.outward())).isGreaterThan(face);
    }

    @Test
    void bossesLieUnderTheEngine_insideItsOutline() {
        EngineBox engine = EngineBox.usual();
        Donor donor = begun(MachineFamily.CARGO, engine).donor();
        assertThat(donor.bosses()).hasSize(4).extracting(Boss::label).doesNotHaveDuplicates();
        for (Boss boss : donor.bosses()) {
            assertThat(Math.abs(boss.position().x())).isLessThan(engine.length() / 2);
            assertThat(Math.abs(boss.position().y())).isLessThan(engine.width() / 2);
            assertThat(boss.position().z()).isZero();
        }
    }

    @Test
    void impossibleBoxes_areRefusedByTheirField() {
        EngineBox usual = EngineBox.usual();
        assertThatThrownBy(() -> usual.withWidth(0))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("width");
        assertThatThrownBy(() -> usual.withShaftUp(0.9)).hasMessageContaining("shaftUp");
        assertThatThrownBy(() -> usual.withPower(-1)).hasMessageContaining("power");
        assertThatThrownBy(() -> usual.withMass(1e6)).hasMessageContaining("mass");
        assertThat(usual.ofHeight(0.1).shaftUp()).isEqualTo(0.1);
        assertThat(usual.ofLength(0.1).shaftAhead()).isEqualTo(0.1);
        assertThat(usual.withLayout(EngineLayout.FLAT_TWIN)
                        .withCycle(Cycle.TWO_STROKE)
                        .layout())
                .isEqualTo(EngineLayout.FLAT_TWIN);
    }

    @Test
    void plansFromAFile_areBounded() {
        assertThatThrownBy(() -> new HostPlan("kart", Map.of("wheelbase", Double.NaN)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("wheelbase");
        assertThatThrownBy(() -> new HostPlan("", Map.of())).isInstanceOf(InvalidValue.class);
        // A family that this version does not know leaves the frame as it stands.
        Job job = begun(MachineFamily.KART, MachineFamily.KART.engine());
        HostPlan foreign = new HostPlan("hovercraft", Map.of());
        assertThat(MachineFamily.stillPlanned(job.host().withPlan(Optional.of(foreign))))
                .isEmpty();
        // One that lacks measures is filled in with the usual ones.
        PlannedMachine machine = MachineFamily.KART.machine("mine", new HostPlan("kart", Map.of("wheelbase", 1.2)));
        assertThat(machine.host().plan().orElseThrow().measures())
                .hasSize(MachineFamily.KART.measures().size());
    }
}
