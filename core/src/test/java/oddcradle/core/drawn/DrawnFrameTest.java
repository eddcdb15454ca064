package oddcradle.core.drawn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.begin.FirstFit;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class DrawnFrameTest {
    private static final Tube TUBE = new Tube(0.0254, 0.002);
    private static final String STEEL = "structural steel, 355";
    private static final Job JOB = job();

    private static Job job() {
        MachineFamily family = MachineFamily.BUGGY;
        FirstFit fit = FirstFit.of(NewJob.asked(family, family.usual(), family.engine()), NewJob.ROOM);
        return NewJob.of("hopper", family, family.usual(), family.engine(), fit);
    }

    private static DrawnFrame.Drawn draw(TubeEnd from, TubeEnd to, boolean mirrored) {
        return DrawnFrame.tube(JOB, from, to, TUBE, STEEL, mirrored);
    }

    private static double length(Host host, Member tube) {
        double length = 0;
        for (int k = 1; k < tube.nodes().size(); k++) {
            length += host.places()
                    .get(tube.nodes().get(k - 1))
                    .distanceTo(host.places().get(tube.nodes().get(k)));
        }
        return length;
    }

    @Test
    void fromNodeToTheMiddleOfATube_splitsThatTubeThere() {
        Member rail = JOB.host().members().stream()
                .filter(each -> each.label().equals("left upper rail"))
                .findFirst()
                .orElseThrow();
        Vec3 from = JOB.host().places().get(rail.first());
        Vec3 to = JOB.host().places().get(rail.last());
        Vec3 middle = from.towards(to, 0.5);
        Host host = draw(
                        new TubeEnd.AtNode("BL"),
                        new TubeEnd.OnTube(rail.id(), middle.plus(new Vec3(0, 0.002, 0.003))),
                        false)
                .host();
        Member split = host.member(rail.id()).orElseThrow();
        assertThat(split.nodes()).hasSize(3);
        assertThat(host.places().get(split.nodes().get(1)).distanceTo(middle)).isCloseTo(0, within(1e-12));
        assertThat(length(host, split)).isCloseTo(length(JOB.host(), rail), within(1e-12));
        assertThat(JOB.withHost(host).host().members())
                .hasSize(JOB.host().members().size() + 1);
    }

    @Test
    void mirrored_drawsItsTwinOnce_andNoneForACrossTube() {
        Host braced = draw(new TubeEnd.AtNode("PL"), new TubeEnd.Free(new Vec3(0.4, 0.9, 0.6)), true)
                .host();
        assertThat(braced.members()).hasSize(JOB.host().members().size() + 2);
        assertThat(braced.places().values()).anyMatch(each -> each.distanceTo(new Vec3(0.4, -0.9, 0.6)) < 1e-12);
        Host crossed =
                draw(new TubeEnd.AtNode("PL"), new TubeEnd.AtNode("PR"), true).host();
        assertThat(crossed.members()).hasSize(JOB.host().members().size() + 1);
    }

    @Test
    void noLengthOrOverAnother_isRefusedInWords() {
        assertThatThrownBy(() -> draw(new TubeEnd.AtNode("PL"), new TubeEnd.AtNode("PL"), false))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("no length");
        assertThatThrownBy(() -> draw(new TubeEnd.AtNode("AL"), new TubeEnd.AtNode("AR"), false))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("rear cross tube");
        Vec3 other = JOB.host().places().get("BR");
        assertThatThrownBy(() -> DrawnFrame.moved(JOB, "BL", other, false))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("BR");
        assertThatThrownBy(() -> DrawnFrame.withNode(JOB, "X1", other))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("BR");
        assertThat(DrawnFrame.withNode(JOB, "X1", other.plus(Vec3.Z)).places()).containsKey("X1");
    }

    @Test
    void movedNode_takesItsTwinAlong() {
        Vec3 from = JOB.host().places().get("CL");
        Host host = DrawnFrame.moved(JOB, "CL", from.plus(new Vec3(0.03, 0.02, -0.01)), true);
        Vec3 left = host.places().get("CL");
        Vec3 right = host.places().get("CR");
        assertThat(left.minus(from).distanceTo(new Vec3(0.03, 0.02, -0.01))).isCloseTo(0, within(1e-12));
        assertThat(right).isEqualTo(new Vec3(left.x(), -left.y(), left.z()));
    }

    @Test
    void twinsThatWouldMeetInTheMiddle_areRefused() {
        Vec3 from = JOB.host().places().get("CL");
        Vec3 middle = new Vec3(from.x(), 0, from.z());
        assertThatThrownBy(() -> DrawnFrame.moved(JOB, "CL", middle, true))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("CR");
        // Alone it may go there.
        assertThat(DrawnFrame.moved(JOB, "CL", middle, false).places()).containsEntry("CL", middle);
    }

    /** Whatever a hand draws, the frame stays one: ids are unique, no tube is without length, old tubes keep their run. */
    @Property(tries = 200)
    void anyDrawing_leavesAWholeFrame(@ForAll long seed) {
        Random random = new Random(seed);
        Job job = JOB;
        int drawn = 0;
        for (int k = 0; k < 8; k++) {
            try {
                DrawnFrame.Drawn next =
                        DrawnFrame.tube(job, end(job, random), end(job, random), TUBE, STEEL, random.nextBoolean());
                job = job.withHost(next.host());
                drawn++;
            } catch (InvalidValue refused) {
                assertThat(refused.problem()).matches("(has no length|lies where).*");
            }
        }
        Host host = job.host();
        assertThat(host.members().size())
                .isGreaterThanOrEqualTo(JOB.host().members().size() + drawn);
        for (Member old : JOB.host().members()) {
            assertThat(length(host, host.member(old.id()).orElseThrow()))
                    .isCloseTo(length(JOB.host(), old), within(1e-9));
        }
    }

    private static TubeEnd end(Job job, Random random) {
        List<String> nodes = List.copyOf(job.host().places().keySet());
        List<Member> tubes = job.host().members();
        Vec3 any = new Vec3(random.nextDouble(), random.nextDouble() - 0.5, random.nextDouble());
        UnaryOperator<Vec3> onto = at -> at.plus(any.times(0.01));
        Member tube = tubes.get(random.nextInt(tubes.size()));
        return switch (random.nextInt(3)) {
            case 0 -> new TubeEnd.AtNode(nodes.get(random.nextInt(nodes.size())));
            case 1 ->
                new TubeEnd.OnTube(
                        tube.id(),
                        onto.apply(job.host()
                                .places()
                                .get(tube.first())
                                .towards(job.host().places().get(tube.last()), random.nextDouble())));
            default -> new TubeEnd.Free(any);
        };
    }
}
