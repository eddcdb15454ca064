package oddcradle.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.Footprint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeldedEndTest {
    private static final Tube TUBE = new Tube(0.0254, 0.001651);

    private static Member tube(String id) {
        return Member.sound(id, "tube " + id, List.of("A", "B"), TUBE, "steel");
    }

    private static WeldedEnd end(Vec3 way, Vec3 chord) {
        return new WeldedEnd(
                tube("C1"), "C1", true, Vec3.ZERO, way.unit(), Optional.of(tube("H1")), Optional.of(chord.unit()));
    }

    /**
     * A level tube that runs forward onto one that lies across: moments about the upright lie in the plane of both, those about the
     * level axis square to the tube out of it. The solver's own axes: y level, z up.
     */
    @Test
    void levelTee_bendsInPlaneAboutTheUpright() {
        WeldedEnd tee = end(Vec3.X, Vec3.Y);
        WeldedEnd.Bending upright = tee.bending(new Vec3(99, 0, 7));
        assertThat(upright.inPlane()).isCloseTo(7, within(1e-12));
        assertThat(upright.outOfPlane()).isCloseTo(0, within(1e-9));
        WeldedEnd.Bending level = tee.bending(new Vec3(99, 7, 0));
        assertThat(level.inPlane()).isCloseTo(0, within(1e-9));
        assertThat(level.outOfPlane()).isCloseTo(7, within(1e-12));
    }

    /** A post on a rail that runs forward: what rocks it along the rail is in the plane. For uprights the solver's z is the cross axis. */
    @Test
    void postOnARail_bendsInPlaneAlongIt() {
        WeldedEnd post = end(Vec3.Z, Vec3.X);
        WeldedEnd.Bending any = post.bending(new Vec3(0, 3, 4));
        assertThat(Math.hypot(any.inPlane(), any.outOfPlane())).isCloseTo(5, within(1e-12));
        // A moment about the axis across the rail, host y, rocks the post along it: whichever of its own axes that is.
        Vec3 up = Vec3.X;
        Vec3 y = up.cross(Vec3.Z).unit();
        Vec3 z = Vec3.Z.cross(y);
        Vec3 about = new Vec3(0, Vec3.Y.dot(y) * 6, Vec3.Y.dot(z) * 6);
        assertThat(post.bending(about).inPlane()).isCloseTo(6, within(1e-12));
    }

    /** A cantilever under a force at its tip: at any place off its root it carries the force times what is left of its length, seen from either end. */
    @Test
    void offItsEnd_itCarriesWhatACantileverDoes() {
        Vec3 push = new Vec3(0, 40, -300);
        double length = 0.8;
        FrameInput cantilever = new FrameInput(
                Theory.EULER,
                List.of(new FrameNode("a", Vec3.ZERO), new FrameNode("b", new Vec3(length, 0, 0))),
                List.of(FrameMember.welded("C1", "a", "b", TUBE, Material.of("steel", 2e11, 0.3, 0, 3e8))),
                List.of(new FrameSupport("a", Fixity.ALL)),
                List.of(),
                List.of(),
                List.of(new FrameCase("push", List.of(new NodeLoad("b", push, Vec3.ZERO)), Vec3.ZERO)));
        MemberResult bent = FrameAnalysis.solve(cantilever)
                .answer()
                .orElseThrow()
                .cases()
                .get(0)
                .members()
                .get(0);
        Vec3 there = end(Vec3.X, Vec3.Y).off(bent.endI(), 0.3).moment();
        assertThat(there.y()).isCloseTo(-300 * 0.5, within(1e-6));
        assertThat(Math.abs(there.z())).isCloseTo(40 * 0.5, within(1e-6));
        WeldedEnd tip =
                new WeldedEnd(tube("C1"), "C1", false, Vec3.ZERO, Vec3.X, Optional.of(tube("H1")), Optional.of(Vec3.Y));
        Vec3 fromTip = tip.off(bent.endJ(), 0.5).moment();
        assertThat(fromTip.plus(there).length()).isLessThan(1e-6);
    }

    /** Rise over run: 1 on 1 is 45 degrees, whichever way it leans; 1 on 1.732 is 30. */
    @ParameterizedTest
    @CsvSource({"0, 90", "1, 45", "-1, 45", "1.7320508, 30"})
    void angle_isThatOfTheTwoTubes(double run, double degrees) {
        assertThat(Math.toDegrees(end(new Vec3(0, run, 1), Vec3.Y).angle())).isCloseTo(degrees, within(1e-5));
    }

    private static WeldedEnd boxed(Vec3 way, Vec3 chord) {
        Member flat = Member.sound("C2", "flat box", List.of("A", "B"), new RectTube(0.02, 0.05, 0.002), "steel");
        return new WeldedEnd(
                flat, "C2", true, Vec3.ZERO, way.unit(), Optional.of(tube("H1")), Optional.of(chord.unit()));
    }

    /** A flat box, 20 wide and 50 high as it lies: which of them goes along what it ends on is seen from where both point. */
    @Test
    void flatBox_coversWhatItsOwnSidesSay() {
        // It comes level from the side onto a rail that runs forward: its width lies along the rail, its height across.
        Footprint level = boxed(Vec3.Y, Vec3.X).foot().orElseThrow();
        assertThat(level.along()).isEqualTo(0.02);
        assertThat(level.across()).isEqualTo(0.05);
        // The same onto a post: its height lies along that.
        Footprint onPost = boxed(Vec3.Y, Vec3.Z).foot().orElseThrow();
        assertThat(onPost.along()).isEqualTo(0.05);
        assertThat(onPost.across()).isEqualTo(0.02);
        assertThat(end(Vec3.X, Vec3.Y).foot()).contains(new Footprint(0.0254, 0.0254));
    }

    /** A post stands on a rail's top, a cross member meets its side, whichever way either leans. */
    @Test
    void landing_isOnTopOrAtTheSide() {
        assertThat(end(Vec3.Z, Vec3.X).landsSideways()).isFalse();
        assertThat(end(new Vec3(0.3, 0, 1), Vec3.X).landsSideways()).isFalse();
        assertThat(end(Vec3.Y, Vec3.X).landsSideways()).isTrue();
        assertThat(end(new Vec3(0.5, 1, 0.2), Vec3.X).landsSideways()).isTrue();
        assertThat(end(Vec3.Y, Vec3.X).mark()).isEqualTo("C1 on H1");
    }

    /** What is only welded onto a tube has no second one: all its bending counts in one plane. */
    @Test
    void attachment_hasNoPlaneOfItsOwn() {
        WeldedEnd tab = new WeldedEnd(tube("C1"), "C1", false, Vec3.ZERO, Vec3.X, Optional.empty(), Optional.empty());
        assertThat(tab.bending(new Vec3(1, 3, 4)).inPlane()).isCloseTo(5, within(1e-12));
        assertThat(tab.bending(new Vec3(1, 3, 4)).outOfPlane()).isZero();
        assertThat(tab.words()).startsWith("what is welded onto");
        assertThat(end(Vec3.X, Vec3.Y).words()).contains(" on ");
    }
}
