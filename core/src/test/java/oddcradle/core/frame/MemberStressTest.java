package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/** The greatest stress along a member against dense sampling of the statics of its pieces, written out on its own. */
class MemberStressTest {
    private static final int SAMPLES = 4000;
    private static final List<Section> SECTIONS =
            List.of(new Tube(0.03, 0.002), new RectTube(0.03, 0.02, 0.002), new Round(0.016), new Rect(0.006, 0.04));

    @Property(tries = 80)
    void greatestStress_isThatOfDenseSampling(@ForAll Random random) {
        Section section = SECTIONS.get(random.nextInt(SECTIONS.size()));
        Vec3 end = new Vec3(0.3 + random.nextDouble(), random.nextGaussian() * 0.5, random.nextGaussian() * 0.3);
        Vec3 pull = new Vec3(random.nextGaussian(), random.nextGaussian(), -1 - random.nextDouble()).times(200);
        Vec3 force = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
                .times(random.nextInt(3) * 60);
        FrameInput input = new FrameInput(
                Theory.TIMOSHENKO,
                List.of(new FrameNode("a", Vec3.ZERO), new FrameNode("b", end)),
                List.of(FrameMember.welded("m", "a", "b", section, Frames.STEEL)),
                List.of(
                        new FrameSupport("a", Fixity.ALL),
                        new FrameSupport(
                                "b",
                                random.nextBoolean()
                                        ? Fixity.POSITION
                                        : new Fixity(true, true, true, true, true, true))),
                List.of(),
                List.of(),
                List.of(new FrameCase("load", List.of(new NodeLoad("b", force, force.times(0.1))), pull)));
        MemberResult member = Frames.solve(input).members().get(0);
        double sampled = sampled(member, section, end, pull);
        assertThat(member.stressMax()).isCloseTo(sampled, within(sampled * 2e-6));
        double torsion = section.torsionStress(member.endI().moment().x());
        assertThat(member.vonMisesMax())
                .isCloseTo(Math.sqrt(sampled * sampled + 3 * torsion * torsion), within(sampled * 4e-6 + 1e-6));
    }

    private static double sampled(MemberResult member, Section section, Vec3 end, Vec3 pull) {
        Vec3 x = end.unit();
        Vec3 y = Vec3.Z.cross(x).unit();
        Vec3 z = x.cross(y);
        double perMetre = section.area() * Frames.STEEL.density();
        Vec3 w = new Vec3(pull.dot(x), pull.dot(y), pull.dot(z)).times(perMetre);
        Vec3 f = member.endI().force();
        Vec3 m = member.endI().moment();
        double greatest = 0;
        for (int k = 0; k <= SAMPLES; k++) {
            double at = end.length() * k / SAMPLES;
            double axial = f.x() + w.x() * at;
            double aboutY = m.y() + at * f.z() + w.z() * at * at / 2;
            double aboutZ = m.z() - at * f.y() - w.y() * at * at / 2;
            greatest = Math.max(greatest, Math.abs(axial) / section.area() + section.bendingStress(aboutY, aboutZ));
        }
        return greatest;
    }
}
