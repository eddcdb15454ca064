package oddcradle.core.step.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

/** What is cut: which tube runs on, which is coped to what, and what a shop would object to. */
class MakeReportTest {
    private static final Job JOB = TestJobs.plain();
    private static final Tube THIN = new Tube(0.02, 0.0015);

    private static Job with(Section section, List<Node> moreNodes, String... run) {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.addAll(moreNodes);
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C3", "extra", List.of(run), section, "steel"));
        return JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators()));
    }

    private static CutTube extra(Job job) {
        return Examination.of(job).cutList().get(2);
    }

    private static List<String> codes(Job job) {
        return Examination.of(job).report(Step.MAKE).findings().stream()
                .map(finding -> finding.code().id())
                .toList();
    }

    private static Node at(String id, double x, double y, double z) {
        return new Node(id, new Anchor.At(new Vec3(x, y, z)));
    }

    @Test
    void tubeThatEndsOnARunningTube_isCopedToIt() {
        CutTube stay = extra(with(THIN, List.of(), "S3", "S1"));
        assertThat(stay.first().landsOn()).containsExactly("C2");
        assertThat(stay.last().landsOn()).containsExactly("C1");
        // 0.3 m between centre lines of 30 mm tubes; at the flanks the bore stops at the header.
        double reach = Math.sqrt(0.015 * 0.015 - 0.0085 * 0.0085);
        assertThat(stay.cutLength()).isCloseTo(0.3 - 2 * reach, within(2e-5));
        assertThat(stay.first().marks()).isEqualTo("0° faces up");
    }

    @Test
    void atACorner_theFirstListedRunsOnByTheRadiusOfTheOther() {
        List<Node> corner = List.of(at("X", 0.4, 0, 0.6), at("Y", 0.6, 0, 0.6), at("Z", 0.6, 0, 0.9));
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.addAll(corner);
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C3", "first", List.of("X", "Y"), new Tube(0.03, 0.002), "steel"));
        tubes.add(Member.sound("C4", "second", List.of("Y", "Z"), THIN, "steel"));
        List<CutTube> cut = Examination.of(
                        JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators())))
                .cutList();
        assertThat(cut.get(2).last().cope()).isEmpty();
        assertThat(cut.get(2).last().extension()).isCloseTo(0.01, within(1e-15));
        assertThat(cut.get(2).cutLength()).isCloseTo(0.21, within(1e-12));
        assertThat(cut.get(3).first().landsOn()).containsExactly("C3");
        assertThat(cut.get(3).first().marks()).isEqualTo("0° faces forward");
        assertThat(cut.get(3).mass()).isCloseTo(cut.get(3).cutLength() * THIN.area() * 7850, within(1e-9));
    }

    @Test
    void boxTube_isCutSquare() {
        CutTube box = extra(with(new RectTube(0.02, 0.02, 0.002), List.of(), "S3", "S1"));
        assertThat(box.first().cope()).isEmpty();
        assertThat(box.cutLength()).isCloseTo(0.3, within(1e-12));
    }

    @Test
    void tubeWiderThanWhatItSitsOn_isPointedOut() {
        assertThat(codes(with(new Tube(0.05, 0.003), List.of(), "S3", "S1"))).contains("make.wider");
        assertThat(codes(with(THIN, List.of(), "S3", "S1"))).doesNotContain("make.wider");
    }

    @Test
    void featherEdges_bendsAndStubs_arePointedOut() {
        assertThat(codes(with(THIN, List.of(at("F", 0.66, 0.9, 0.27)), "S1", "F")))
                .contains("make.shallow");
        assertThat(codes(with(THIN, List.of(at("M", 0.5, 0.1, 0.28)), "S3", "M", "S1")))
                .contains("make.bend");
        assertThat(codes(with(THIN, List.of(at("N", 0.65, 0.1, 0.275)), "S1", "N")))
                .contains("make.short");
    }

    @Test
    void readyCradle_saysSo() {
        assertThat(codes(JOB)).containsExactly("make.ready");
    }
}
