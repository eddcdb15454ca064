package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.placement.Seating;
import oddcradle.core.removal.Removal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RemovalTest {
    /** How each kind of thing is listed and taken away. */
    private record Kind(Function<Job, Stream<String>> ids, BiFunction<Job, String, Removal> away) {}

    private static final List<Kind> KINDS = List.of(
            new Kind(job -> job.host().nodes().stream().map(Node::id), Removal::ofNode),
            new Kind(job -> job.host().members().stream().map(Member::id), Removal::ofTube),
            new Kind(job -> job.donor().bosses().stream().map(Boss::id), Removal::ofBoss),
            new Kind(job -> job.donor().parts().stream().map(Part::id), Removal::ofPart),
            new Kind(job -> job.host().keepOuts().stream().map(KeepOut::id), Removal::ofKeepOut));

    /** Every single thing of every demo can go, and what is left is a job that can be saved, read and examined. */
    @ParameterizedTest
    @EnumSource
    void anyOneThing_leavesAWholeJob(DemoJobs demo) throws UnreadableJob {
        JobDocument document = demo.load();
        int tried = 0;
        for (Kind kind : KINDS) {
            for (String id : kind.ids().apply(document.job()).toList()) {
                Job left = kind.away().apply(document.job(), id).job();
                assertThat(kind.ids().apply(left)).doesNotContain(id);
                assertThat(JobCodec.read("left", JobCodec.write(document.withJob(left)))
                                .job())
                        .isEqualTo(left);
                tried++;
            }
        }
        assertThat(tried).isGreaterThan(20);
    }

    /** One after the other in any order, down to nothing. */
    @ParameterizedTest
    @EnumSource
    void everything_canGoInAnyOrder(DemoJobs demo) {
        Random random = new Random(demo.ordinal() + 20L);
        Job job = demo.load().job();
        List<Kind> left = new ArrayList<>(KINDS);
        while (!left.isEmpty()) {
            Kind kind = left.get(random.nextInt(left.size()));
            List<String> ids = kind.ids().apply(job).toList();
            if (ids.isEmpty()) {
                left.remove(kind);
            } else {
                job = kind.away()
                        .apply(job, ids.get(random.nextInt(ids.size())))
                        .job();
            }
        }
        assertThat(job.host().members()).isEmpty();
        assertThat(job.cradle().isolators()).isEmpty();
        assertThat(Examination.of(job).findings()).isNotEmpty();
    }

    @Test
    void tubeUnderTheCradle_leavesItsNodesWhereTheyStood() {
        Job job = DemoJobs.SALTMARSH_RUNABOUT.load().job();
        Seating before = Seating.of(job);
        Removal removal = Removal.ofTube(job, "H1L");
        assertThat(removal.along()).contains("left lower rail").anyMatch(each -> each.startsWith("cradle node"));
        Seating after = Seating.of(removal.job());
        for (Node node : job.cradle().nodes()) {
            assertThat(after.node(node.id()).distanceTo(before.node(node.id()))).isCloseTo(0, within(1e-12));
        }
        assertThat(job.cradle().nodes()).isNotEmpty();
    }

    @Test
    void whatIsNotThere_isSaid() {
        Job job = DemoJobs.HUT_SKID.load().job();
        assertThatThrownBy(() -> Removal.ofNode(job, "nowhere"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("nowhere");
    }
}
