package oddcradle.core.placement;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.job.TestJobs;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.mechanics.SmallMotion;

class MovedDonorTest {
    private static final Seating SEATING = Seating.of(TestJobs.plain());

    /** For a small motion every boss goes where shift and turn about the centre of gravity take it, that many times as far. */
    @Property(tries = 60)
    void everyBoss_goesWithTheMotion(
            @ForAll @DoubleRange(min = -1, max = 1) double x,
            @ForAll @DoubleRange(min = -1, max = 1) double y,
            @ForAll @DoubleRange(min = 1, max = 20) double times) {
        SmallMotion motion = new SmallMotion(Vec3.ZERO, new Vec3(x, y, 1).times(1e-5), new Vec3(y, 0.5, x).times(1e-5));
        Pose moved = SEATING.moved(motion, times);
        assertThat(SEATING.bosses()).isNotEmpty();
        SEATING.bosses().forEach((id, at) -> {
            Vec3 arm = at.minus(SEATING.mass().cg());
            Vec3 goes = motion.shift().plus(motion.turn().cross(arm)).times(times);
            Vec3 onDonor = SEATING.pose().inverse().place(at);
            assertThat(moved.place(onDonor).minus(at.plus(goes)).length())
                    .as(id)
                    .isLessThan(1e-7);
        });
    }
}
