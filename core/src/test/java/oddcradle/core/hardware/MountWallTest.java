package oddcradle.core.hardware;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.joint.Filler;
import oddcradle.core.joint.Tab;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.ChordWall;
import org.junit.jupiter.api.Test;

class MountWallTest {
    private static final Material STEEL = Material.of("structural steel", 205e9, 0.29, 7850, 355e6);
    private static final Tube THIN = new Tube(0.0254, 0.001651);
    private static final double ALLOWED = 355e6 / 1.5;
    private static final double STANDOFF = 0.03;

    private static Tab tab(int plates, MountWall wall, double out) {
        return Tab.design(new Tab.Wanted(
                List.of(Tab.Load.working("out", 0, 0, out)),
                plates,
                STANDOFF,
                0.0105,
                0.010,
                0.04,
                0.016,
                355e6,
                Filler.ON_STEEL,
                1.5,
                List.of(0.003, 0.004, 0.005, 0.006, 0.008, 0.010),
                Optional.empty(),
                Optional.empty(),
                tab -> wall == null ? 0 : wall.utilisation(tab, Tab.Load.working("out", 0, 0, out), ALLOWED)));
    }

    /** The tube runs along x, the tab stands up from it. */
    private static MountWall wall(Section tube, Vec3 bolt) {
        return new MountWall(tube, STEEL, MemberAxes.of(Vec3.X), bolt, Vec3.Z, 0.02);
    }

    /** A force along a bolt that lies across the tube bends a lengthwise plate over its own thickness, across the tube. */
    @Test
    void forceAlongTheBolt_bendsTheWallAcrossTheTube_orAlongItWhereTheBoltLiesAlong() {
        Tab.Load out = Tab.Load.of("out", new Vec3(0, 500, 0), Vec3.Z, Vec3.Y, 1, 1);
        MountWall.Asked across = wall(THIN, Vec3.Y).asked(out, STANDOFF);
        assertThat(across.pull()).isZero();
        assertThat(across.inPlane()).isZero();
        assertThat(across.outOfPlane()).isCloseTo(500 * STANDOFF, within(1e-9));
        Tab.Load ahead = Tab.Load.of("ahead", new Vec3(500, 0, 0), Vec3.Z, Vec3.X, 1, 1);
        MountWall.Asked along = wall(THIN, Vec3.X).asked(ahead, STANDOFF);
        assertThat(along.inPlane()).isCloseTo(500 * STANDOFF, within(1e-9));
        assertThat(along.outOfPlane()).isZero();
    }

    /** Trade: a lone tab on thin tube tears the wall when it is pushed sideways; it is boxed or paired. */
    @Test
    void tabOnThinTube_isBoxedForTheSakeOfTheWall() {
        MountWall wall = wall(THIN, Vec3.Y);
        Tab unaware = tab(1, null, 1200);
        assertThat(unaware.boxed()).isFalse();
        assertThat(wall.utilisation(unaware, Tab.Load.working("out", 0, 0, 1200), ALLOWED))
                .isGreaterThan(1);
        Tab aware = tab(1, wall, 1200);
        assertThat(aware.thickness()).isGreaterThan(unaware.thickness());
        assertThat(aware.utilisation()).isLessThanOrEqualTo(1);
        Tab more = tab(1, wall, 3000);
        assertThat(more.boxed()).isTrue();
        assertThat(more.utilisation()).isLessThanOrEqualTo(1);
        Tab overdone = tab(1, wall, 40_000);
        assertThat(overdone.utilisation()).isGreaterThan(1);
    }

    /** What need be borne once only may use more of the wall. */
    @Test
    void loadThatComesOnce_asksLess() {
        MountWall wall = wall(new RectTube(0.04, 0.04, 0.002), Vec3.Y);
        Tab tab = tab(1, null, 500);
        double often = wall.utilisation(tab, Tab.Load.working("often", 800, 0, 500), ALLOWED);
        double once = wall.utilisation(tab, new Tab.Load("once", 800, 0, 500, 0.5, 0.5), ALLOWED);
        assertThat(often).isPositive();
        assertThat(once).isCloseTo(often / 2, within(1e-9));
    }

    /** The face that carries is the one the tab stands on: the wide face of a flat box is the softer one. */
    @Test
    void flatBox_isSofterOnItsWideFace() {
        RectTube flat = new RectTube(0.06, 0.04, 0.003);
        Tab tab = tab(1, null, 300);
        ChordWall top = wall(flat, Vec3.Y).bears(tab, ALLOWED).orElseThrow();
        ChordWall side = new MountWall(flat, STEEL, MemberAxes.of(Vec3.X), Vec3.Z, Vec3.Y, 0.02)
                .bears(tab, ALLOWED)
                .orElseThrow();
        assertThat(top.axial()).isLessThan(side.axial());
        assertThat(wall(new Round(0.03), Vec3.Y).bears(tab, ALLOWED)).isEmpty();
    }
}
