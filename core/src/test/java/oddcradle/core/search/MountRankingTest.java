package oddcradle.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class MountRankingTest {
    private static final Job JOB = TestJobs.plain();

    @Test
    void shelfIsRanked_andWhatIsTakenDoesWhatWasSaid() {
        Examination now = Examination.of(JOB);
        MountRanking.Result result =
                MountRanking.of(now, Shelves.SHIPPED, share -> true).orElseThrow();
        assertThat(result.choices().size()).isGreaterThan(100);
        assertThat(result.finished()).isTrue();
        MountRanking.Choice calmest = result.named().get(0).choice();
        List<String> mounts =
                JOB.cradle().isolators().stream().map(Isolator::id).toList();
        Examination taken = Examination.of(calmest.taking(mounts).applyTo(JOB));
        ShakeMaps.Maps maps = ShakeMaps.of(taken).orElseThrow();
        OrderMap idle = maps.idle();
        assertThat(idle.together(idle.most(ShakeWatch.Kind.MOUNT_FORCE, 0).orElseThrow(), 0))
                .isCloseTo(calmest.idle(), within(1e-3 * calmest.idle()));
        assertThat(calmest.strain()).isLessThanOrEqualTo(1);
        // Bolted hard is one of the schools, and no rubber is worse at rest for not being there.
        assertThat(result.schools().get(0).choice().element().isHard()).isTrue();
        assertThat(result.schools().get(0).choice().sag()).isLessThan(1e-5);
    }

    @Test
    void noneOfTheBest_isBeatenByAnother() {
        MountRanking.Result result = MountRanking.of(Examination.of(JOB), Shelves.SHIPPED, share -> true)
                .orElseThrow();
        List<MountRanking.Choice> best =
                result.choices().stream().filter(MountRanking.Choice::best).toList();
        assertThat(best).isNotEmpty();
        for (MountRanking.Choice one : best) {
            assertThat(result.choices().stream()
                            .filter(other -> other.strain() <= 1)
                            .anyMatch(other -> other.idle() < one.idle()
                                    && other.cruise() < one.cruise()
                                    && other.motion() < one.motion()))
                    .isFalse();
        }
    }

    /** Harris (from memory): a mount isolates above root two of its own frequency, and sags then by g over the square of that. */
    @Test
    void isolation_isPromisedOnlyWhereEveryStrongOrderIsHeldBack() {
        MountRanking.Result result = MountRanking.of(Examination.of(JOB), Shelves.SHIPPED, share -> true)
                .orElseThrow();
        double least = result.choices().stream()
                .filter(choice -> choice.strain() <= 1)
                .mapToDouble(choice -> choice.through().share())
                .min()
                .orElseThrow();
        String words = result.isolation().in(UnitStyle.MILLIMETRES);
        assertThat(words).contains(least <= 1 ? "isolates every strong order" : "None that lasts isolates");
        MountRanking.Choice hard = result.schools().get(0).choice();
        // Bolted hard nothing is held back.
        assertThat(hard.through().share()).isBetween(0.95, 1.2);
        // Idling at a tenth of the speed no rubber isolates, and it is said what it would take.
        Job slow = JOB.withDonor(JOB.donor()
                .withEngine(
                        JOB.donor().engine().withIdleSpeed(JOB.donor().engine().idleSpeed() / 10)));
        assertThat(MountRanking.of(Examination.of(slow), Shelves.SHIPPED, share -> true)
                        .orElseThrow()
                        .isolation()
                        .in(UnitStyle.MILLIMETRES))
                .contains("None that lasts isolates")
                .contains("would sag by");
    }

    @Test
    void endedEarly_itSaysSo() {
        MountRanking.Result result = MountRanking.of(Examination.of(JOB), Shelves.SHIPPED, share -> share < 0.1)
                .orElseThrow();
        assertThat(result.finished()).isFalse();
        assertThat(result.choices()).isNotEmpty();
    }
}
