package oddcradle.core.drawn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class DrawnPipeTest {
    private static final Job JOB = TestJobs.plain()
            .withSeat(TestJobs.plain().seat().with(Freedom.YAW, 0.4).with(Freedom.ROLL, -0.2));

    /** What is clicked in the machine ends there, however the donor sits. */
    @Property(tries = 60)
    void cornersEndWhereTheyAreClicked(
            @ForAll @DoubleRange(min = 0.2, max = 0.9) double x,
            @ForAll @DoubleRange(min = -0.4, max = 0.4) double y,
            @ForAll @DoubleRange(min = 0.3, max = 0.8) double z) {
        Vec3 first = new Vec3(0, 0, 0.4);
        Vec3 second = first.plus(new Vec3(x, y, z));
        DrawnPipe.Drawn drawn = DrawnPipe.begun(JOB, first, second);
        assertThat(DrawnPipe.end(drawn.job(), drawn.pipe()).distanceTo(second))
                .isLessThan(0.07 * second.distanceTo(first) + 0.002);
        Vec3 third = second.plus(new Vec3(0.5, 0.3, 0.4));
        Job on = DrawnPipe.runOn(drawn.job(), drawn.pipe(), third);
        assertThat(DrawnPipe.end(on, drawn.pipe()).distanceTo(third)).isLessThan(0.0011);
        assertThat(JOB.ids()).doesNotContain(drawn.pipe());
    }

    /** A hand that is 3 degrees off along an axis of the engine meant along; one that is 6 degrees off did not. */
    @Test
    void nearlySquareIsMadeSquare() {
        Vec3 from = JOB.seat().pose().place(new Vec3(0.1, 0.1, 0.1));
        Vec3 nearly = JOB.seat().pose().place(new Vec3(0.1 + 0.4, 0.1 + 0.4 * Math.tan(Math.toRadians(3)), 0.1));
        Vec3 askew = JOB.seat().pose().place(new Vec3(0.1 + 0.4, 0.1 + 0.4 * Math.tan(Math.toRadians(6)), 0.1));
        assertThat(corners(DrawnPipe.begun(JOB, from, nearly)).get(1).y()).isCloseTo(0.1, within(1e-9));
        assertThat(corners(DrawnPipe.begun(JOB, from, askew)).get(1).y()).isCloseTo(0.142, within(1e-9));
    }

    private static List<Vec3> corners(DrawnPipe.Drawn drawn) {
        return drawn.job().donor().pipes().stream()
                .filter(each -> each.id().equals(drawn.pipe()))
                .map(Pipe::corners)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void cornerWithoutRoomForItsBend_isRefused() {
        DrawnPipe.Drawn drawn = DrawnPipe.begun(JOB, new Vec3(0, 0, 0.4), new Vec3(0.5, 0.2, 0.4));
        assertThatThrownBy(() -> DrawnPipe.runOn(drawn.job(), drawn.pipe(), new Vec3(0.5, 0.22, 0.41)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("bend");
        assertThatThrownBy(() -> DrawnPipe.runOn(JOB, "none of these", Vec3.ZERO))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("none of these");
        assertThatThrownBy(() -> DrawnPipe.begun(JOB, Vec3.ZERO, Vec3.ZERO)).isInstanceOf(InvalidValue.class);
    }
}
