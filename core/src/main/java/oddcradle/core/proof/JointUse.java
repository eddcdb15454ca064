package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.joint.FilletWeld;
import oddcradle.core.joint.WeldLine;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.TubeOnTube;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.WeldedEnd;

/**
 * How hard the end of a tube works that is welded on another.
 *
 * @param load its worst case
 * @param limit what gives way first
 * @param utilisation a ratio; more than 1 gives way
 * @param leg of the fillet all round that is taken, m: one and a half of the thinner wall; AWS D1.1 of tubes, from memory
 * @param isWallChecked false where no formula is meant for the two tubes
 */
public record JointUse(
        WeldedEnd end, LoadCase load, Limit limit, double utilisation, double leg, boolean isWallChecked) {
    /** What gives way. */
    public enum Limit {
        THROAT("its weld"),
        WALL("the wall it is welded to");

        private final String words;

        Limit(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Every tube that ends on another, in its worst case, the hardest worked first. */
    static List<JointUse> of(Job job, List<WeldedEnd> ends, List<CaseResult> results) {
        Map<String, LoadCase> loads = new HashMap<>();
        CaseVariants.of(job).forEach(load -> loads.put(load.id(), load));
        Map<WeldedEnd, JointUse> worst = new LinkedHashMap<>();
        List<Joint> joints = ends.stream()
                .filter(end -> end.chord().isPresent())
                .map(end -> Joint.of(job, end))
                .toList();
        for (CaseResult each : results) {
            LoadCase load = loads.get(each.id());
            Map<String, MemberResult> pieces = new HashMap<>();
            each.members().forEach(piece -> pieces.put(piece.id(), piece));
            for (Joint joint : joints) {
                JointUse here = joint.under(
                        load, joint.end().forces(pieces.get(joint.end().piece())));
                worst.merge(joint.end(), here, (a, b) -> b.utilisation() > a.utilisation() ? b : a);
            }
        }
        List<JointUse> uses = new ArrayList<>(worst.values());
        uses.sort(Comparator.comparingDouble(JointUse::utilisation).reversed());
        return uses;
    }

    private record Joint(
            WeldedEnd end, Optional<WeldLine> line, double leg, double allowedThroat, EnumMap<Level, TubeOnTube> wall) {
        static Joint of(Job job, WeldedEnd end) {
            Section brace = end.tube().remaining();
            Section chord = end.chord().orElseThrow().remaining();
            Material metal = job.material(end.chord().orElseThrow());
            EnumMap<Level, TubeOnTube> wall = new EnumMap<>(Level.class);
            if (chord instanceof Tube wide
                    && brace instanceof Tube narrow
                    && TubeOnTube.isMeantFor(wide, narrow, end.angle())) {
                for (Level level : Level.values()) {
                    double strength = metal.yieldBesideWeld()
                            / level.onYield(job.build().yieldFactor(), metal.ultimateOverYield());
                    wall.put(level, TubeOnTube.of(wide, narrow, end.angle(), strength, CHORD_WORKS));
                }
            }
            return new Joint(
                    end,
                    allRound(brace, end.angle()),
                    LEG * Math.min(thickness(brace), thickness(chord)),
                    FilletWeld.allowed(job.material(end.tube())),
                    wall);
        }

        JointUse under(LoadCase load, EndForces forces) {
            double throat = line.map(weld -> load.level().onWeld() * throat(weld, forces) / allowedThroat)
                    .orElse(0.0);
            double folds = 0;
            if (!wall.isEmpty()) {
                WeldedEnd.Bending bending = end.bending(forces.moment());
                folds = wall.get(load.level()).utilisation(forces.force().x(), bending.inPlane(), bending.outOfPlane());
            }
            boolean wallGives = folds > throat;
            return new JointUse(
                    end, load, wallGives ? Limit.WALL : Limit.THROAT, Math.max(folds, throat), leg, !wall.isEmpty());
        }

        /** Pa; the line lies across the tube's own axis. */
        private double throat(WeldLine weld, EndForces forces) {
            Vec3 force = new Vec3(
                    forces.force().y(), forces.force().z(), forces.force().x());
            Vec3 moment = new Vec3(
                    forces.moment().y(), forces.moment().z(), forces.moment().x());
            return weld.worst(force, moment, Vec3.ZERO).lineForce().length() * Math.sqrt(2) / leg;
        }
    }

    private static final double LEG = 1.5;

    /** What of its strength a chord is taken to use along itself; common practice. */
    private static final double CHORD_WORKS = 0.5;

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
