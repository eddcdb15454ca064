package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.naming.Renaming;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RenamingTest {
    private static final String OTHER = "a name nobody has";

    private interface Renames {
        Job renamed(Job job, String from, String to);
    }

    private static Map<Renames, List<String>> marks(Job job) {
        return Map.of(
                Renaming::ofNode,
                List.copyOf(job.host().places().keySet()),
                Renaming::ofBoss,
                job.donor().bosses().stream().map(Boss::id).toList(),
                Renaming::ofMount,
                job.cradle().isolators().stream().map(Isolator::id).toList(),
                Renaming::ofBody,
                Stream.of(
                                job.donor().parts().stream().map(Part::id),
                                job.donor().pipes().stream().map(Pipe::id),
                                job.host().keepOuts().stream().map(KeepOut::id),
                                job.host().members().stream().map(Member::id),
                                job.cradle().members().stream().map(Member::id))
                        .flatMap(each -> each)
                        .toList());
    }

    /** Named back, the job is what it was; the values in which its file differs meanwhile all say the one mark, then the other. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void renamedAndNamedBack_isTheSameJob(DemoJobs demo) throws Exception {
        Job job = demo.load().job();
        List<String> before = values(job);
        int renamings = 0;
        for (Map.Entry<Renames, List<String>> kind : marks(job).entrySet()) {
            for (String mark : kind.getValue()) {
                Job renamed = kind.getKey().renamed(job, mark, OTHER);
                List<String> after = values(renamed);
                assertThat(after).hasSameSizeAs(before).contains(OTHER);
                for (int k = 0; k < before.size(); k++) {
                    if (!after.get(k).equals(before.get(k))) {
                        assertThat(List.of(before.get(k), after.get(k))).containsExactly(mark, OTHER);
                    }
                }
                assertThat(kind.getKey().renamed(renamed, OTHER, mark)).isEqualTo(job);
                renamings++;
            }
        }
        assertThat(renamings).isGreaterThan(25);
    }

    /** A rule, a joint or a gusset that was left with the old mark would no longer be found by what it is for. */
    @ParameterizedTest
    @EnumSource(
            value = DemoJobs.class,
            names = {"SALTMARSH_RUNABOUT", "REED_CUTTER"})
    void everythingRenamed_isJudgedAsBefore(DemoJobs demo) {
        Job job = demo.load().job();
        Job renamed = job;
        for (Map.Entry<Renames, List<String>> kind : marks(job).entrySet()) {
            for (String mark : kind.getValue()) {
                renamed = kind.getKey().renamed(renamed, mark, "x " + mark);
            }
        }
        assertThat(judged(renamed)).isEqualTo(judged(job)).isNotEmpty();
    }

    private static List<String> judged(Job job) {
        Examination examination = Examination.of(job);
        List<String> judged = new ArrayList<>();
        examination.tubeStresses().forEach(each -> judged.add(each.tube().label() + " " + each.utilisation()));
        examination.findings().forEach(each -> judged.add(each.severity() + " " + each.code()));
        return judged;
    }

    @ParameterizedTest
    @EnumSource(value = DemoJobs.class, names = "REED_CUTTER")
    void donorOfAShelf_isRenamedAlone(DemoJobs demo) {
        Donor donor = demo.load().job().donor();
        String boss = donor.bosses().get(0).id();
        assertThat(donor.units()).anyMatch(each -> each.bosses().contains(boss));
        Donor renamed = Renaming.ofBoss(donor, boss, OTHER);
        assertThat(renamed.boss(OTHER)).isPresent();
        assertThat(renamed.units()).anyMatch(each -> each.bosses().contains(OTHER));
        assertThat(Renaming.ofBoss(renamed, OTHER, boss)).isEqualTo(donor);
    }

    @ParameterizedTest
    @EnumSource(value = DemoJobs.class, names = "SALTMARSH_RUNABOUT")
    void nameThatIsTakenOrNone_isRefused(DemoJobs demo) {
        Job job = demo.load().job();
        List<Renames> refused = new ArrayList<>();
        for (Map.Entry<Renames, List<String>> kind : marks(job).entrySet()) {
            Renames renames = kind.getKey();
            String first = kind.getValue().get(0);
            String second = kind.getValue().get(1);
            assertThatThrownBy(() -> renames.renamed(job, first, second))
                    .isInstanceOf(InvalidValue.class)
                    .hasMessageContaining(second);
            assertThatThrownBy(() -> renames.renamed(job, first, " ")).isInstanceOf(InvalidValue.class);
            assertThat(renames.renamed(job, first, first)).isEqualTo(job);
            refused.add(renames);
        }
        assertThat(refused).hasSize(4);
        String stage = job.line().stages().get(0).id();
        String tube = job.host().members().get(0).id();
        assertThatThrownBy(() -> Renaming.ofBody(job, tube, stage)).isInstanceOf(InvalidValue.class);
    }

    /** Every value of the job's file, in the order of the file. */
    private static List<String> values(Job job) throws Exception {
        List<String> values = new ArrayList<>();
        gather(new ObjectMapper().readTree(JobCodec.write(JobCodec.fresh(job))), values);
        return values;
    }

    private static void gather(JsonNode node, List<String> values) {
        if (node.isContainerNode()) {
            node.elements().forEachRemaining(each -> gather(each, values));
        } else {
            values.add(node.asText());
        }
    }
}
