package oddcradle.core.step.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
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
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.shop.Saddle;
import org.junit.jupiter.api.Test;

/** Where the degrees of a wrap lie on the tube: a paper the wrong way round spoils the tube. */
class WrapMarksTest {
    private static final Job JOB = TestJobs.plain();
    private static final Tube HEADER = new Tube(0.03, 0.002);

    private final List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
    private final List<Member> tubes = new ArrayList<>(JOB.cradle().members());

    private void header(String id, Vec3 through, Vec3 way) {
        nodes.add(new Node(id + "a", new Anchor.At(through.along(way, -0.1))));
        nodes.add(new Node(id, new Anchor.At(through)));
        nodes.add(new Node(id + "b", new Anchor.At(through.along(way, 0.1))));
        tubes.add(Member.sound("H" + id, "header " + id, List.of(id + "a", id, id + "b"), HEADER, "steel"));
    }

    private CutTube branch(Section section, String... run) {
        tubes.add(Member.sound("C9", "branch", List.of(run), section, "steel"));
        List<CutTube> cut = Examination.of(
                        JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators())))
                .cutList();
        return cut.get(cut.size() - 1);
    }

    private static Saddle saddle(TubeEnd end) {
        return Saddle.of(end.branch().orElseThrow(), (CopeHeader.Round)
                end.headers().get(0).endless());
    }

    /**
     * A tube that runs forward between two headers that both lean to the left of it. 0 is up at both ends. Looked at from its rear end, right-handed
     * about the way into the tube, a quarter on is to the right, so the left is at 270; from its front end the left is at 90.
     */
    @Test
    void bothEndsCountFromOneLine_andRunAgainstEachOther() {
        header("M", new Vec3(0.2, 0, 0.9), new Vec3(1, 1, 0).unit());
        header("N", new Vec3(0.6, 0, 0.9), new Vec3(-1, 1, 0).unit());
        CutTube tube = branch(new Tube(0.02, 0.0015), "M", "N");
        assertThat(tube.first().marks())
                .isEqualTo("0° faces up")
                .isEqualTo(tube.last().marks());
        assertThat(Math.toDegrees(saddle(tube.first()).clock())).isCloseTo(270, within(1e-6));
        assertThat(Math.toDegrees(saddle(tube.last()).clock())).isCloseTo(90, within(1e-6));
        assertThat(Math.toDegrees(saddle(tube.first()).offSquare())).isCloseTo(45, within(1e-6));
        // The cut reaches deepest on the sharp side, three quarters round the first wrap and one quarter round the
        // last.
        assertThat(deepest(tube.first())).isCloseTo(0.75, within(0.02));
        assertThat(deepest(tube.last())).isCloseTo(0.25, within(0.02));
    }

    /** Where along its wrap an end is cut deepest, of the wrap's length. */
    private static double deepest(TubeEnd end) {
        List<Double> around = end.cope().orElseThrow().around();
        int most = 0;
        for (int k = 0; k < around.size(); k++) {
            if (end.cope().get().fit().get(k).orElse(-1)
                    > end.cope().get().fit().get(most).orElse(-1)) {
                most = k;
            }
        }
        return around.get(most) / end.cope().get().perimeter();
    }

    @Test
    void uprightTube_countsFromForward() {
        header("M", new Vec3(0.4, 0, 0.7), Vec3.Y);
        header("N", new Vec3(0.4, 0, 1.1), Vec3.Y);
        CutTube post = branch(new Tube(0.02, 0.0015), "M", "N");
        assertThat(post.first().marks()).isEqualTo("0° faces forward");
        assertThat(post.first().branch().orElseThrow().reference().distanceTo(Vec3.X))
                .isLessThan(1e-9);
    }

    @Test
    void boxTube_beginsInTheMiddleOfItsUpperSide() {
        header("M", new Vec3(0.2, 0, 0.9), Vec3.Y);
        header("N", new Vec3(0.6, 0, 0.9), Vec3.Y);
        CutTube box = branch(new RectTube(0.02, 0.026, 0.002), "M", "N");
        assertThat(box.first().marks()).isEqualTo("0° faces up");
        assertThat(box.first().cope().orElseThrow().perimeter()).isCloseTo(2 * (0.02 + 0.026), within(1e-12));
        // Square on round: the upper and lower edges, 13 mm off the middle, reach nearest to the header's own middle.
        double upper = box.first().cope().orElseThrow().outer().get(0).orElseThrow();
        assertThat(upper).isCloseTo(Math.sqrt(0.015 * 0.015 - 0.013 * 0.013), within(1e-9));
    }

    @Test
    void tubeThatRunsBesideTheMiddle_isNotchedBesideIt() {
        header("M", new Vec3(0.2, 0, 0.9), Vec3.Y);
        nodes.add(new Node("Q", new Anchor.At(new Vec3(0.6, 0, 0.9))));
        CutTube tube = branch(new Tube(0.02, 0.0015), "M", "Q");
        assertThat(saddle(tube.first()).offset()).isZero();
        assertThat(tube.last().cope()).isEmpty();
        assertThat(tube.last().reach()).isZero();
    }
}
