package oddcradle.core.drawn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class HandlesTest {
    private static final Job JOB = TestJobs.plain();

    /** Leaned and turned, so that donor axes are not the host's. */
    private static Job turned() {
        return JOB.withSeat(JOB.seat().with(Freedom.YAW, 0.4).with(Freedom.ROLL, -0.2));
    }

    /** Whatever face of a box is pulled comes to lie in the hand, and the one behind it stays. */
    @Property(tries = 200)
    void pulledFace_comesAlongAndItsOppositeStays(
            @ForAll @IntRange(max = 5) int face, @ForAll @DoubleRange(min = -0.1, max = 0.3) double by) {
        List<Handles.Handle> before = Handles.of(turned(), "D1");
        assertThat(before).hasSize(6);
        Handles.Handle pulled = before.get(face);
        Vec3 to = pulled.at().along(pulled.along().orElseThrow(), by);
        List<Handles.Handle> after = Handles.of(pulled.pulled().apply(to), "D1");
        assertThat(after.get(face).at().distanceTo(to)).isLessThan(1e-12);
        int opposite = face ^ 1;
        assertThat(after.get(opposite).at().distanceTo(before.get(opposite).at()))
                .isLessThan(1e-12);
    }

    @Test
    void endOfABar_goesWhereTheHandGoes() {
        Handles.Handle end = Handles.of(turned(), "D2").get(1);
        Vec3 to = end.at().plus(new Vec3(0.02, 0.03, -0.01));
        Job after = end.pulled().apply(to);
        assertThat(Handles.of(after, "D2").get(1).at().distanceTo(to)).isLessThan(1e-12);
        assertThat(Handles.of(after, "D2").get(0).at())
                .isEqualTo(Handles.of(turned(), "D2").get(0).at());
    }

    @Test
    void cornersOfAPipeAndKeepOuts_areTakenToo() {
        Pipe pipe = new Pipe(
                "P1", "header", Category.HOT, List.of(Vec3.ZERO, Vec3.X.times(0.3), new Vec3(0.3, 0, 0.3)), 0.05, 0.04);
        Job piped = JOB.withDonor(JOB.donor().withPipes(List.of(pipe)));
        List<Handles.Handle> corners = Handles.of(piped, "P1");
        assertThat(corners).hasSize(3);
        Job after = corners.get(2).pulled().apply(corners.get(2).at().plus(Vec3.Z.times(0.1)));
        assertThat(after.donor().pipes().get(0).corners().get(2).z()).isCloseTo(0.4, within(1e-12));
        Job wider = Handles.of(JOB, "K1").get(1).pulled().apply(new Vec3(0, 0.6, 0.3));
        assertThat(((Solid.Cylinder) wider.host().keepOuts().get(0).solids().get(0))
                        .p1()
                        .y())
                .isEqualTo(0.6);
        assertThat(Handles.of(JOB, "H1L")).isEmpty();
    }

    @Test
    void faceThroughTheOneBehindIt_isRefusedInWords() {
        Handles.Handle face = Handles.of(JOB, "D1").get(1);
        Vec3 through = face.at().along(face.along().orElseThrow(), -1);
        assertThatThrownBy(() -> face.pulled().apply(through))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("behind it");
    }
}
