package oddcradle.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.Vec3;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;

class JobDrawingTest {
    private static final Examination DEMO =
            Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job());

    @Test
    void views_lookWhereTheySay() {
        assertThat(View.FROM_LEFT.sight().towardsEye()).isEqualTo(Vec3.Y);
        assertThat(View.FROM_ABOVE.sight().towardsEye()).isEqualTo(Vec3.Z);
        assertThat(View.FROM_BEHIND.sight().towardsEye()).isEqualTo(Vec3.X.negated());
        FlatPoint front = View.FROM_LEFT.flat(new Vec3(1, 0, 2));
        assertThat(front).isEqualTo(new FlatPoint(-1, 2));
    }

    @Test
    void shapes_comeFarthestFirst_andEveryPartIsDrawn() {
        List<DrawnShape> shapes = JobDrawing.shapes(DEMO, View.FROM_BEHIND);
        for (int k = 1; k < shapes.size(); k++) {
            assertThat(shapes.get(k).depth())
                    .isGreaterThanOrEqualTo(shapes.get(k - 1).depth());
        }
        List<String> drawn = shapes.stream().map(DrawnShape::part).toList();
        assertThat(drawn).contains("H1L", "C10", "K3", "D12");
    }

    @Test
    void outlines_areAsWideAsTheirSolids() {
        DrawnShape tyre = JobDrawing.shapes(DEMO, View.FROM_LEFT).stream()
                .filter(shape -> shape.part().equals("K4"))
                .findFirst()
                .orElseThrow();
        double least = tyre.outline().stream().mapToDouble(FlatPoint::x).min().orElseThrow();
        double most = tyre.outline().stream().mapToDouble(FlatPoint::x).max().orElseThrow();
        assertThat(most - least).isCloseTo(0.56, within(1e-9));
        assertThat(tyre.role()).isEqualTo(Role.KEEP_OUT);
    }
}
