package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.Hard;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.search.ShakeInTime;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.vibration.RigidBodyModes;
import org.junit.jupiter.api.Test;

/** Starts, stops and jolts of the demos. */
class DemoTimeTest {
    private static List<ShakeInTime.Event> events(Job job) {
        return ShakeInTime.of(Examination.of(job), Progress.UNWATCHED).orElseThrow();
    }

    private static ShakeInTime.Event event(List<ShakeInTime.Event> events, String id) {
        return events.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
    }

    /** Full throttle of the tug comes to rest where statics have it, after it has overshot; on stiff ground by the 6 by 6 of the mounts. */
    @Test
    void whatStays_endsWhereStaticsSay() {
        Examination tug = Examination.of(DemoJobs.ORCHARD_TUG.load().job());
        String id = CaseVariants.of(tug.job()).stream()
                .filter(each -> each.label().equals("full throttle"))
                .findFirst()
                .orElseThrow()
                .id();
        ShakeInTime.Event full = event(events(tug.job()), id);
        FrameCase standing = tug.frame().input().cases().get(0);
        FrameCase pulling = tug.frame().input().cases().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
        NodeLoad more = onDonor(pulling);
        NodeLoad less = onDonor(standing);
        var still = RigidBodyModes.movedBy(
                MountedDonor.shaking(tug.job()),
                more.force()
                        .minus(less.force())
                        .plus(pulling.acceleration()
                                .minus(standing.acceleration())
                                .times(tug.job().donor().mass().mass())),
                more.moment().minus(less.moment()));
        Vec3 arm = tug.seating().driverCentre().minus(tug.seating().mass().cg());
        double statics =
                still.cgDisplacement().plus(still.rotation().cross(arm)).length();
        // Some swings of its slowest mode after it has come.
        List<Double> late =
                full.trace().subList(full.trace().size() / 4, full.trace().size());
        double middle = late.stream().mapToDouble(each -> each).average().orElseThrow();
        assertThat(middle).isCloseTo(statics, within(0.2 * statics));
        assertThat(full.travel()).isBetween(statics, 2 * statics);
    }

    private static NodeLoad onDonor(FrameCase load) {
        return load.loads().stream()
                .filter(each -> each.node().equals(CradleFrame.DONOR))
                .reduce((a, b) -> new NodeLoad(
                        a.node(), a.force().plus(b.force()), a.moment().plus(b.moment())))
                .orElse(new NodeLoad(CradleFrame.DONOR, Vec3.ZERO, Vec3.ZERO));
    }

    /** Common practice: a soft-mounted engine shakes most while it dies, and a snubber holds it at the price of a blow. */
    @Test
    void snubbers_holdTheEngine_andAreFelt() {
        Job free = DemoJobs.ORCHARD_TUG.load().job();
        Job held = free.withCradle(free.cradle()
                .withIsolators(free.cradle().isolators().stream()
                        .map(each ->
                                each.withChoices(each.choices().with(MountChoices.Item.SNUBBER, Optional.of(0.006))))
                        .toList()));
        ShakeInTime.Event before = event(events(free), "stop");
        ShakeInTime.Event after = event(events(held), "stop");
        assertThat(before.used()).isEmpty();
        assertThat(after.used().orElseThrow()).isGreaterThan(1);
        assertThat(after.stretch()).isLessThan(0.8 * before.stretch()).isGreaterThan(0.006);
        assertThat(after.force()).isGreaterThan(before.force());
        // Lewis's estimate that the list of gaps has for it lies near what is followed.
        Examination tug = Examination.of(free);
        Vec3 arm = tug.seating().driverCentre().minus(tug.seating().mass().cg());
        double estimate = tug.donorMovement().swings().stream()
                .mapToDouble(swing -> Math.max(
                        swing.along(arm, Vec3.X), Math.max(swing.along(arm, Vec3.Y), swing.along(arm, Vec3.Z))))
                .max()
                .orElseThrow();
        assertThat(before.travel()).isBetween(0.5 * estimate, 1.7 * estimate);
    }

    /** Bolted hard to a skid on rubber feet the whole swings, and nothing comes nearer to anything on it. */
    @Test
    void machineOnFeet_swingsAsOne() {
        List<ShakeInTime.Event> hut = events(DemoJobs.HUT_SKID.load().job());
        assertThat(event(hut, "start").travel()).isPositive();
        assertThat(event(hut, "start").near()).isEmpty();
        // What only turns inside the machine moves nothing of it.
        assertThat(hut)
                .filteredOn(each -> each.label().equals("running at full load"))
                .singleElement()
                .satisfies(each -> assertThat(each.travel()).isLessThan(1e-4));
    }

    /** Nothing is soft where all is welded and bolted: there is nothing to follow. */
    @Test
    void allHardOnFirmGround_hasNothingToFollow() {
        Job job = DemoJobs.ORCHARD_TUG.load().job();
        Job hard = job.withCradle(job.cradle()
                .withIsolators(job.cradle().isolators().stream()
                        .map(each -> each.withElement(new Hard()))
                        .toList()));
        assertThat(ShakeInTime.of(Examination.of(hard), Progress.UNWATCHED)).isEmpty();
    }
}
