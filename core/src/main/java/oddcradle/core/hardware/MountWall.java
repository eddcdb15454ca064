package oddcradle.core.hardware;

import java.util.Optional;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.joint.Tab;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.BoxChord;
import oddcradle.core.strength.ChordWall;
import oddcradle.core.strength.Footprint;
import oddcradle.core.strength.RoundChord;

/**
 * The wall of the tube that a mount's tab stands on: thin tube folds in under a tab long before the tab or its weld gives.
 *
 * @param tube as far as rust and blows have left it
 * @param axes of the tube where the tab stands
 * @param bolt its axis, host axes, unit
 * @param towards from the tube to the bolt, host axes, unit
 * @param lug between a pair of plates, m
 */
public record MountWall(Section tube, Material metal, MemberAxes axes, Vec3 bolt, Vec3 towards, double lug) {
    /** A tab whose bolt lies that much along the tube stands across it; cosine. */
    private static final double IN_LINE = 0.7;

    /**
     * What the tab does to the wall: pull, and bending in the plane of the tube's axis and out of it; N and N m, 0 or more.
     */
    public record Asked(double pull, double inPlane, double outOfPlane) {
        double of(ChordWall bears) {
            return bears.utilisation(pull, inPlane, outOfPlane);
        }
    }

    public Asked asked(Tab.Load load, double standoff) {
        return new Asked(
                Math.abs(load.along()),
                standoff * Math.abs(isAcross() ? load.out() : load.inPlane()),
                standoff * Math.abs(isAcross() ? load.inPlane() : load.out()));
    }

    /**
     * @param strength of the tube's metal beside the weld, Pa
     * @return empty where no formula is meant for the two
     */
    public Optional<ChordWall> bears(Tab tab, double strength) {
        boolean pair = tab.plates() == 2;
        // The weld's toes spread what a single plate bends the wall with.
        double thick = pair ? lug + 2 * tab.thickness() : tab.boxed() ? Tab.BOX_DEPTH : tab.thickness() + 2 * tab.leg();
        Footprint foot = isAcross() ? new Footprint(tab.root(), thick) : new Footprint(thick, tab.root());
        boolean box = pair || tab.boxed();
        if (tube instanceof Tube round) {
            return box
                    ? RoundChord.box(round, foot, strength, ChordWall.WORKS)
                    : RoundChord.plate(round, foot, strength, ChordWall.WORKS);
        }
        if (tube instanceof RectTube square) {
            boolean sideways = axes.isSideways(towards);
            BoxChord chord = new BoxChord(
                    sideways ? square.h() : square.b(),
                    sideways ? square.b() : square.h(),
                    square.wall(),
                    strength,
                    metal.youngsModulus(),
                    ChordWall.WORKS);
            return box
                    ? chord.brace(new BoxChord.Brace(foot, tab.thickness(), strength, false), Math.PI / 2)
                    : chord.plate(foot);
        }
        return Optional.empty();
    }

    /**
     * Share of what the wall bears under a load, a ratio; 0 where no formula is meant for it.
     *
     * @param allowed of a working load, Pa
     */
    double utilisation(Tab tab, Tab.Load load, double allowed) {
        return bears(tab, allowed / load.onPlate())
                .map(asked(load, tab.standoff())::of)
                .orElse(0.0);
    }

    private boolean isAcross() {
        return Math.abs(bolt.dot(axes.x())) > IN_LINE;
    }
}
