package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.TornFrame;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;

/**
 * One part that is gone, and what is left then under every load case that the machine is to outlive.
 *
 * @param part tube, weld, bolt or mount, in words
 * @param key of it, no other loss has the same
 * @param body id of the tube or mount that it is or belongs to
 * @param whole whether that body goes as a whole
 * @param at host axes, m
 * @param falls what comes loose; empty where the rest still holds together
 * @param worst tube of what is left, in words; empty where it comes loose
 * @param worstId id of that tube
 * @param overUltimate its stress over what breaks it, a ratio
 * @param load case of that
 */
public record Loss(
        String part,
        String key,
        String body,
        boolean whole,
        Vec3 at,
        Optional<String> falls,
        String worst,
        String worstId,
        double overUltimate,
        String load) {
    /** Whether the engine stays where it is. */
    public boolean staysAboard() {
        return falls.isEmpty() && overUltimate <= 1;
    }

    /** Every tube of the cradle, every weld or bolt at its ends and every mount, the worst loss first. */
    static List<Loss> all(Examination examination, Progress progress) {
        return TornFrame.of(examination.frame().input())
                .answer()
                .map(frame -> all(examination, frame, progress))
                .orElse(List.of());
    }

    private static List<Loss> all(Examination examination, TornFrame frame, Progress progress) {
        Job job = examination.job();
        Map<String, LoadCase> loads = new HashMap<>();
        CaseVariants.of(job).forEach(load -> loads.put(load.id(), load));
        Set<String> outlived = loads.values().stream()
                .filter(load -> load.level() != Level.ULTIMATE)
                .map(LoadCase::id)
                .collect(Collectors.toSet());
        List<Loss> losses = new ArrayList<>();
        List<Candidate> candidates = Candidate.of(examination);
        for (Candidate candidate : candidates) {
            Optional<TornFrame.Worst> worst = frame.without(
                    candidate.torn(),
                    piece -> piece.material().yieldBesideWeld()
                            * piece.material().ultimateOverYield(),
                    outlived);
            losses.add(worst.map(each -> candidate.breaks(examination, each, loads))
                    .orElseGet(() -> candidate.lost(
                            Optional.of("the donor, or what was held by it, comes loose"), "", "", 0, "")));
            progress.report((double) losses.size() / candidates.size());
        }
        losses.sort(Comparator.comparing((Loss each) -> each.falls().isEmpty())
                .thenComparing(Comparator.comparingDouble(Loss::overUltimate).reversed()));
        return losses;
    }

    /** What may be lost; see {@link Loss}. */
    private record Candidate(String part, String key, String body, boolean whole, Vec3 at, TornFrame.Torn torn) {
        static List<Candidate> of(Examination examination) {
            CradleFrame.Built frame = examination.frame();
            Map<String, Set<String>> tubesAt = new HashMap<>();
            for (FrameMember piece : frame.input().members()) {
                String tube = frame.memberOfPiece().get(piece.id());
                tubesAt.computeIfAbsent(piece.i(), node -> new HashSet<>()).add(tube);
                tubesAt.computeIfAbsent(piece.j(), node -> new HashSet<>()).add(tube);
            }
            List<Candidate> all = new ArrayList<>();
            for (Member tube : examination.job().cradle().members()) {
                List<FrameMember> pieces = frame.input().members().stream()
                        .filter(piece -> frame.memberOfPiece().get(piece.id()).equals(tube.id()))
                        .toList();
                if (pieces.isEmpty()) {
                    continue;
                }
                FrameMember first = pieces.get(0);
                FrameMember last = pieces.get(pieces.size() - 1);
                Vec3 from = examination.seating().node(tube.first());
                Vec3 to = examination.seating().node(tube.last());
                Set<String> ids = pieces.stream().map(FrameMember::id).collect(Collectors.toSet());
                all.add(new Candidate(
                        tube.named(),
                        tube.id(),
                        tube.id(),
                        true,
                        from.towards(to, 0.5),
                        new TornFrame.Torn(ids, Set.of(), Set.of(), Set.of())));
                if (tubesAt.get(first.i()).size() > 1) {
                    all.add(end(
                            examination,
                            tube,
                            tube.first(),
                            from,
                            new TornFrame.Torn(Set.of(), Set.of(first.id()), Set.of(), Set.of())));
                }
                if (tubesAt.get(last.j()).size() > 1) {
                    all.add(end(
                            examination,
                            tube,
                            tube.last(),
                            to,
                            new TornFrame.Torn(Set.of(), Set.of(), Set.of(last.id()), Set.of())));
                }
            }
            for (ElasticMount mount : frame.input().mounts()) {
                all.add(new Candidate(
                        "mount " + mount.id(),
                        mount.id(),
                        mount.id(),
                        true,
                        mount.centre(),
                        new TornFrame.Torn(Set.of(), Set.of(), Set.of(), Set.of(mount.id()))));
            }
            return all;
        }

        private static Candidate end(Examination examination, Member tube, String node, Vec3 at, TornFrame.Torn torn) {
            boolean bolted = examination
                    .job()
                    .cradle()
                    .joint(tube.id(), node)
                    .filter(joint -> joint.kind().isBolted())
                    .isPresent();
            return new Candidate(
                    (bolted ? "bolt of " : "weld of ") + tube.named() + " at " + node,
                    tube.id() + "-" + node,
                    tube.id(),
                    false,
                    at,
                    torn);
        }

        Loss breaks(Examination examination, TornFrame.Worst worst, Map<String, LoadCase> loads) {
            if (worst.over() == 0) {
                return lost(Optional.empty(), "", "", 0, "");
            }
            String id = examination.frame().memberOfPiece().get(worst.member());
            Member tube = examination.job().member(id).orElseThrow();
            return lost(
                    Optional.empty(),
                    tube.named(),
                    id,
                    worst.over(),
                    loads.get(worst.load()).label());
        }

        Loss lost(Optional<String> falls, String worst, String worstId, double over, String load) {
            return new Loss(part, key, body, whole, at, falls, worst, worstId, over, load);
        }
    }
}
