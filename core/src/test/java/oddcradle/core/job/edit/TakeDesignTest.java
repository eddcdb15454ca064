package oddcradle.core.job.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class TakeDesignTest {
    private static final Phrase WORDS = Phrase.of("the lightest");

    private static Job designed() {
        Job job = TestJobs.plain();
        Job stout = new JobEdit.SetSection("H1L", new Tube(0.05, 0.004)).applyTo(job);
        Job thin = new JobEdit.SetSection("C1", new Tube(0.025, 0.0015)).applyTo(stout);
        return new JobEdit.MoveSeat(new Vec3(0.01, 0, 0)).applyTo(thin);
    }

    /** What somebody typed while the search ran stays; what the design decided comes in. */
    @Test
    void designIsTaken_andWhatElseWasChangedMeanwhileStays() {
        Job job = TestJobs.plain();
        Job meanwhile = new JobEdit.SetName("renamed").applyTo(job);
        Job taken = TakeDesign.of(designed(), WORDS).applyTo(meanwhile);
        assertThat(taken.name()).isEqualTo("renamed");
        assertThat(taken.seat()).isEqualTo(designed().seat());
        assertThat(taken.cradle()).isEqualTo(designed().cradle());
        assertThat(taken.member("H1L").orElseThrow().section()).isEqualTo(new Tube(0.05, 0.004));
        assertThat(taken.member("H1R")).isEqualTo(job.member("H1R"));
        assertThat(taken.donor()).isEqualTo(job.donor());
    }

    /** A tube of the host that has gone meanwhile does not come back. */
    @Test
    void tubeThatHasGone_staysAway() {
        Job job = TestJobs.plain();
        List<Member> fewer = job.host().members().stream()
                .filter(member -> !member.id().equals("H3"))
                .toList();
        Job without = job.withHost(job.host().withMembers(fewer));
        Job taken = TakeDesign.of(designed(), WORDS).applyTo(without);
        assertThat(taken.member("H3")).isEmpty();
        assertThat(TakeDesign.of(designed(), WORDS).label().in(UnitStyle.MILLIMETRES))
                .isEqualTo("the lightest");
    }
}
