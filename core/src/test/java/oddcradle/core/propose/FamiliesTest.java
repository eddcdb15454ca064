package oddcradle.core.propose;

import static org.assertj.core.api.Assertions.assertThat;

import oddcradle.core.begin.FirstFit;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Who begins with the usual measures of a family finds a cradle that holds: the frame, the engine and what is proposed fit each other. */
class FamiliesTest {
    @ParameterizedTest
    @EnumSource
    void usualMachine_getsACradleWithoutAStop(MachineFamily family) {
        FirstFit fit = FirstFit.of(NewJob.asked(family, family.usual(), family.engine()), NewJob.ROOM);
        Examination begun = Examination.of(NewJob.of("mine", family, family.usual(), family.engine(), fit));
        Proposals.Result result = Proposals.run(begun, Proposals.Wishes.ALL, Progress.UNWATCHED);
        assertThat(result.proposals()).isNotEmpty();
        Examination held = result.proposals().get(0).examination();
        assertThat(held.findings()).noneMatch(each -> each.severity() == Severity.STOP);
        assertThat(held.load().answer()).isPresent();
    }
}
