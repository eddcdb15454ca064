package oddcradle.core.drawn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.begin.FirstFit;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TubePiecesTest {
    private static Job begun(MachineFamily family) {
        FirstFit fit = FirstFit.of(NewJob.asked(family, family.usual(), family.engine()), NewJob.ROOM);
        return NewJob.of("mine", family, family.usual(), family.engine(), fit);
    }

    /** Whatever is cut can be made one again, and is what it was. */
    @ParameterizedTest
    @EnumSource(names = {"ATV", "TRIKE", "BUGGY"})
    void cutAndJoined_isWhatItWas(MachineFamily family) {
        Job job = begun(family);
        int cuts = 0;
        for (Member tube : job.host().members()) {
            for (String node : tube.nodes().subList(1, tube.nodes().size() - 1)) {
                Job cut = TubePieces.cut(job, tube.id(), node, "H99");
                assertThat(cut.host().members()).hasSize(job.host().members().size() + 1);
                assertThat(cut.host().member("H99").orElseThrow().first()).isEqualTo(node);
                assertThat(TubePieces.joined(cut, tube.id(), "H99")).isEqualTo(job);
                cuts++;
            }
        }
        assertThat(cuts).isGreaterThan(1);
    }

    /** A cradle's landing on either piece stays where it is, on that piece. */
    @Test
    void landings_stayOnTheirPiece() {
        Job job = TestJobs.plain();
        List<Node> nodes = new ArrayList<>(job.cradle().nodes());
        nodes.add(new Node("RX", new Anchor.OnMember("H1L", nodes.get(0).id(), Vec3.ZERO)));
        Job landed = job.withCradle(job.cradle().withNodes(nodes).withLone(List.of("RX")));
        Vec3 before = Seating.of(landed).node("RX");
        Job cut = TubePieces.cut(landed, "H1L", "BL", "H9");
        assertThat(Seating.of(cut).node("RX").distanceTo(before)).isLessThan(1e-12);
        Anchor anchor = cut.cradle().nodes().get(nodes.size() - 1).anchor();
        // It lies before the second node, where the piece behind it is.
        assertThat(((Anchor.OnMember) anchor).member()).isEqualTo(before.x() > 0.05 ? "H9" : "H1L");
        assertThat(TubePieces.joined(cut, "H1L", "H9")).isEqualTo(landed);
    }

    @Test
    void whatDoesNotRunOn_isRefusedInWords() {
        Job job = TestJobs.plain();
        assertThatThrownBy(() -> TubePieces.cut(job, "H1L", "AL", "H9"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("does not run on");
        assertThatThrownBy(() -> TubePieces.joined(job, "H1L", "H2"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("same section");
        assertThat(TubePieces.joinable(job, "H1L")).isEmpty();
    }

    /** Three more cross tubes 150 mm apart: each is as long, and the rails run through their ends. */
    @Test
    void rowOfCopies_isJoinedToWhatItMeets() {
        Job job = TestJobs.plain();
        Job with = job.withHost(DrawnFrame.copies(job, "H2", 3, new Vec3(0.16, 0, 0)));
        assertThat(with.host().members()).hasSize(job.host().members().size() + 3);
        assertThat(with.host().member("H1L").orElseThrow().nodes()).hasSize(6);
        assertThat(with.host().member("H1R").orElseThrow().nodes()).hasSize(6);
        List<Member> copies = with.host()
                .members()
                .subList(job.host().members().size(), with.host().members().size());
        for (int k = 0; k < copies.size(); k++) {
            Vec3 left = with.host().places().get(copies.get(k).first());
            Vec3 right = with.host().places().get(copies.get(k).last());
            assertThat(left.distanceTo(right)).isCloseTo(0.6, within(1e-12));
            assertThat(left.x()).isCloseTo(-0.1 + 0.16 * (k + 1), within(1e-9));
        }
        assertThatThrownBy(() -> DrawnFrame.copies(job, "H2", 1, Vec3.ZERO))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("runs already");
        assertThatThrownBy(() -> DrawnFrame.copies(job, "H2", 500, Vec3.X))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("40");
    }

    @Test
    void nodeInTheMiddle_isInTheLongestPiece() {
        Job job = TestJobs.plain();
        Job with = job.withHost(DrawnFrame.withMiddle(job, "H1L"));
        List<String> nodes = with.host().member("H1L").orElseThrow().nodes();
        assertThat(nodes).hasSize(4);
        assertThat(with.host().places().get(nodes.get(2)).x()).isCloseTo(0.575, within(1e-12));
    }
}
