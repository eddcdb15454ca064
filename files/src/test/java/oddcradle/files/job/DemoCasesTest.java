package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.Reaction;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.LoadEdit;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.HostMasses;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every set of load cases on every demo, all cases switched on: balanced, and the ground carries no more than there is. */
class DemoCasesTest {
    private static final double G = 9.80665;

    private static Job withAll(Job job, LoadSet set) {
        Job taken = new LoadEdit.TakeSet(set).applyTo(job);
        return taken.withCases(
                taken.cases().stream().map(each -> each.withOff(false)).toList());
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void everySet_isBalanced(DemoJobs demo) {
        Job job = demo.load().job();
        for (LoadSet set : LoadSet.values()) {
            List<CaseResult> cases = Examination.of(withAll(job, set))
                    .load()
                    .answer()
                    .orElseThrow()
                    .cases();
            assertThat(cases).hasSizeGreaterThan(9).allSatisfy(each -> assertThat(each.equilibriumError())
                    .as(set + " " + each.id())
                    .isLessThan(1e-9));
        }
    }

    /** Weight alone stands on the ground, and under full throttle no more of it: traction shifts it from axle to axle. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void groundCarriesTheWholeMachine_andThrottleAddsNothing(DemoJobs demo) {
        Job job = demo.load().job();
        double weight = G
                * (HostMasses.of(job).whole().orElseThrow().mass()
                        + job.donor().mass().mass());
        List<CaseResult> cases =
                Examination.of(job).load().answer().orElseThrow().cases();
        int looked = 0;
        for (LoadCase load : job.cases()) {
            boolean still = load.field().equals(new Vec3(0, 0, -1));
            for (CaseResult each : cases) {
                if (still && each.id().equals(load.id())) {
                    looked++;
                    // Beside what was weighed stand the cradle's own tubes, a few kilograms.
                    assertThat(up(each)).as(each.id()).isBetween(weight, weight + 12 * G);
                    assertThat(up(each)).isCloseTo(up(cases.get(0)), within(1e-6 * weight));
                }
            }
        }
        assertThat(looked).isPositive();
    }

    private static double up(CaseResult each) {
        return each.reactions().stream()
                .map(Reaction::force)
                .mapToDouble(Vec3::z)
                .sum();
    }
}
