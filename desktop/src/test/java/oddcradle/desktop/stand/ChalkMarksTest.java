package oddcradle.desktop.stand;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;

class ChalkMarksTest {
    private static final Examination DEMO =
            Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job());

    private static List<String> texts(Step step) {
        return ChalkMarks.of(DEMO, step).stream()
                .map(mark -> mark.text().in(UnitStyle.MILLIMETRES))
                .toList();
    }

    @Test
    void everyStop_hasItsMarks() {
        for (Step step : Step.values()) {
            assertThat(texts(step)).as(step.title()).isNotEmpty();
        }
    }

    @Test
    void seat_showsLineGapsAndWeight() {
        assertThat(texts(Step.SEAT))
                .contains("chain 4.6 mm", "CG 47.5 kg · 548.0 mm up")
                .hasSize(5);
        ChalkMark line = ChalkMarks.of(DEMO, Step.SEAT).get(0);
        assertThat(line.style()).isEqualTo("stop");
        assertThat(line.from()).isEqualTo(DEMO.seating().driverCentre());
    }

    @Test
    void load_marksTheHardestWorkedTubeWhereItIsWorst() {
        ChalkMark worst = ChalkMarks.of(DEMO, Step.LOAD).get(0);
        Member tube = DEMO.tubeStresses().get(0).tube();
        assertThat(worst.text().in(UnitStyle.MILLIMETRES))
                .startsWith(tube.id() + " ")
                .endsWith(" MPa");
        assertThat(worst.style()).isEqualTo("good");
        // On the tube itself: as far from both its ends together as it is long.
        List<Vec3> path = DEMO.seating().path(tube);
        Vec3 from = path.get(0);
        Vec3 to = path.get(path.size() - 1);
        assertThat(worst.from().distanceTo(from) + worst.from().distanceTo(to)).isLessThan(1.1 * from.distanceTo(to));
    }

    @Test
    void make_marksEveryCutTube() {
        assertThat(texts(Step.MAKE)).hasSize(DEMO.cutList().size());
    }
}
