package oddcradle.core.proof;

import static oddcradle.core.finding.Why.input;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.joint.Filler;
import oddcradle.core.joint.WeldLine;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.BoxChord;
import oddcradle.core.strength.ChordWall;
import oddcradle.core.strength.Footprint;
import oddcradle.core.strength.RoundChord;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.WeldedEnd;
import oddcradle.core.units.Quantity;

/** Tubes that end on others: the fillet all round each, and the wall it stands on. */
public final class TubeJoints {
    /** Leg of the fillet over the thinner wall, a ratio; AWS D1.1 of tubes, from memory. */
    private static final double LEG = 1.5;

    private final WeldedEnd end;
    private final Optional<WeldLine> line;
    private final double leg;
    private final double allowed;
    private final Optional<Detail.Gusset> gusset;
    private final EnumMap<Level, ChordWall> wall = new EnumMap<>(Level.class);

    private TubeJoints(Job job, WeldedEnd end) {
        Section brace = end.tube().remaining();
        Section chord = end.chord().orElseThrow().remaining();
        this.end = end;
        this.line = allRound(brace, end.angle());
        this.gusset = end.gusset(job);
        this.leg = LEG * Math.min(thickness(brace), thickness(chord));
        this.allowed = Filler.allowed(job.material(end.tube()));
        Material metal = job.material(end.chord().orElseThrow());
        for (Level level : Level.values()) {
            double kept = level.onYield(job.build().yieldFactor(), metal.ultimateOverYield());
            wall(metal, job.material(end.tube()).yieldBesideWeld() / kept, metal.yieldBesideWeld() / kept)
                    .ifPresent(bears -> wall.put(level, gusseted(bears, metal, metal.yieldBesideWeld() / kept)));
        }
    }

    /** With the edge of a gusset beside the tube, where the wall bears that too. */
    private ChordWall gusseted(ChordWall bears, Material metal, double strength) {
        if (gusset.isEmpty()) {
            return bears;
        }
        Footprint edge = new Footprint(gusset.get().thickness(), gusset.get().leg());
        Section chord = end.chord().orElseThrow().remaining();
        Optional<ChordWall> plate = chord instanceof Tube wide
                ? RoundChord.plate(wide, edge, strength, ChordWall.WORKS)
                : chord instanceof RectTube box ? face(box, metal, strength).plate(edge) : Optional.empty();
        double arm = (end.tube().remaining().outerRadius() * 2 + gusset.get().leg()) / 2;
        return plate.map(each -> bears.withGusset(each, arm)).orElse(bears);
    }

    private BoxChord face(RectTube box, Material metal, double strength) {
        boolean sideways = end.landsSideways();
        return new BoxChord(
                sideways ? box.h() : box.b(),
                sideways ? box.b() : box.h(),
                box.wall(),
                strength,
                metal.youngsModulus(),
                ChordWall.WORKS);
    }

    /** Every tube that ends on another, in its worst case. */
    public static List<JointUse> of(Job job, CradleFrame.Built frame, List<CaseResult> results) {
        List<TubeJoints> joints = WeldedEnd.of(job, frame).stream()
                .filter(end -> end.chord().isPresent())
                .map(end -> new TubeJoints(job, end))
                .toList();
        Map<String, LoadCase> loads = new HashMap<>();
        CaseVariants.of(job).forEach(load -> loads.put(load.id(), load));
        Map<WeldedEnd, JointUse> worst = new LinkedHashMap<>();
        for (CaseResult each : results) {
            Map<String, MemberResult> pieces = new HashMap<>();
            each.members().forEach(piece -> pieces.put(piece.id(), piece));
            for (TubeJoints joint : joints) {
                EndForces forces = joint.end.forces(pieces.get(joint.end.piece()));
                worst.merge(joint.end, joint.under(loads.get(each.id()), forces), JointUse::orWorse);
            }
        }
        return List.copyOf(worst.values());
    }

    private JointUse under(LoadCase load, EndForces forces) {
        double throat = line.map(weld -> load.level().onWeld() * throat(weld, forces) / allowed)
                .orElse(0.0);
        double folds = 0;
        if (!wall.isEmpty()) {
            WeldedEnd.Bending bending = end.bending(forces.moment());
            folds = wall.get(load.level()).utilisation(forces.force().x(), bending.inPlane(), bending.outOfPlane());
        }
        boolean wallGives = folds > throat;
        return new JointUse(
                end.piece() + (end.first() ? " first" : " second"),
                end.words(),
                end.mark(),
                end.tube(),
                end.chord().map(Member::id),
                end.at(),
                load,
                wallGives ? JointUse.Limit.WALL : JointUse.Limit.THROAT,
                Math.max(folds, throat),
                leg,
                !wall.isEmpty(),
                wallGives ? whyWall(load, forces) : whyThroat());
    }

    private Why whyThroat() {
        return new Why(
                "line force of the weld round the tube over its throat, against what the filler is allowed",
                List.of(
                        input("leg", Quantity.length(leg)),
                        input("angle of the tube", Quantity.angle(end.angle())),
                        input("allowed", Quantity.stress(allowed))),
                ProofAnswers.THROAT);
    }

    private Why whyWall(LoadCase load, EndForces forces) {
        ChordWall bears = wall.get(load.level());
        WeldedEnd.Bending bending = end.bending(forces.moment());
        return new Why(
                bears.roundOnRound() ? "N/Nr + (Mi/Mir)² + Mo/Mor" : "N/Nr + Mi/Mir + Mo/Mor",
                List.of(
                        input("N", Quantity.force(Math.abs(forces.force().x()))),
                        input("Nr", Quantity.force(bears.axial())),
                        input("Mi, in the plane of both", Quantity.torque(bending.inPlane())),
                        input("Mir", Quantity.torque(bears.inPlane())),
                        input("Mo, out of it", Quantity.torque(bending.outOfPlane())),
                        input("Mor", Quantity.torque(bears.outOfPlane()))),
                ProofAnswers.WALL);
    }

    /** Pa; the line lies across the tube's own axis. */
    private double throat(WeldLine weld, EndForces all) {
        EndForces forces = gusset.map(each -> beyond(each, all)).orElse(all);
        Vec3 force =
                new Vec3(forces.force().y(), forces.force().z(), forces.force().x());
        Vec3 moment = new Vec3(
                forces.moment().y(), forces.moment().z(), forces.moment().x());
        return weld.worst(force, moment, Vec3.ZERO).lineForce().length() / (Filler.THROAT * leg);
    }

    /** The gusset's own welds take in its plane what comes between its tip and the joint. */
    private EndForces beyond(Detail.Gusset plate, EndForces forces) {
        Vec3 normal = end.normal().orElse(Vec3.ZERO);
        double there = end.off(forces, plate.leg()).moment().dot(normal);
        double here = forces.moment().dot(normal);
        double left = Math.abs(there) < Math.abs(here) ? there : here;
        return new EndForces(forces.force(), forces.moment().along(normal, left - here));
    }

    private Optional<ChordWall> wall(Material metal, double braceStrength, double strength) {
        Section brace = end.tube().remaining();
        Section chord = end.chord().orElseThrow().remaining();
        if (chord instanceof Tube wide) {
            if (brace instanceof Tube narrow) {
                return RoundChord.tube(wide, narrow, end.angle(), strength, ChordWall.WORKS);
            }
            return end.foot()
                    .filter(foot -> end.angle() > WeldedEnd.SQUARE)
                    .flatMap(foot -> RoundChord.box(wide, foot, strength, ChordWall.WORKS));
        }
        if (chord instanceof RectTube box && brace.wall() > 0) {
            BoxChord face = face(box, metal, strength);
            return end.foot()
                    .flatMap(foot -> face.brace(
                            new BoxChord.Brace(foot, brace.wall(), braceStrength, brace instanceof Tube), end.angle()));
        }
        return Optional.empty();
    }

    /** All round the tube's end; longer where it comes at a slant, (1 + 1/sin) / 2 of it: CIDECT, from memory. */
    private static Optional<WeldLine> allRound(Section section, double angle) {
        double longer = (1 + 1 / Math.max(Math.sin(angle), 0.5)) / 2;
        if (section instanceof Tube tube) {
            return Optional.of(WeldLine.round(tube.od() * longer));
        }
        if (section instanceof Round round) {
            return Optional.of(WeldLine.round(round.diameter() * longer));
        }
        if (section instanceof RectTube tube) {
            return Optional.of(WeldLine.rectangle(tube.b() * longer, tube.h() * longer));
        }
        return Optional.empty();
    }

    private static double thickness(Section section) {
        return section.wall() > 0 ? section.wall() : section.outerRadius();
    }
}
