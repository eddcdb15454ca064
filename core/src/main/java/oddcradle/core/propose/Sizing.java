package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.tube.Member;
import oddcradle.core.proof.JointUse;
import oddcradle.core.proof.TubeJoints;
import oddcradle.core.section.Section;
import oddcradle.core.structure.FrameOfJob;
import oddcradle.core.structure.TubeStress;

/** Takes for each role the lightest section of the stock with which no tube of it is worked too hard. */
final class Sizing {
    /** Of what is allowed; the rest is for what nobody has reckoned with. */
    private static final double ENOUGH = 0.88;

    /** A tube that has to grow grows to this, so that it need not grow twice. */
    private static final double AIM = 0.72;

    private static final int MOST_ROUNDS = 4;

    private Sizing() {}

    /** @param start what was drawn with: nothing becomes lighter than that */
    static Job sized(Job job, CradleDraft draft, Map<Role, Section> start) {
        Map<String, Role> roles = draft.roles();
        Map<Role, Section> sections = new EnumMap<>(start);
        Job now = with(job, roles, sections);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            boolean changed = false;
            for (Map.Entry<Role, Asked> each : worst(now, roles).entrySet()) {
                Section before = sections.get(each.getKey());
                if (each.getValue().utilisation() > ENOUGH) {
                    Section after = stronger(job, draft, each.getKey(), before, each.getValue());
                    sections.put(each.getKey(), after);
                    changed |= !after.equals(before);
                }
            }
            if (!changed) {
                return now;
            }
            now = with(job, roles, sections);
        }
        return now;
    }

    /**
     * The most that is asked of the tubes of a role.
     *
     * @param wider whether it is the wall under their ends that gives way, which only a wider tube spares
     */
    private record Asked(double utilisation, boolean wider) {
        static Asked more(Asked one, Asked other) {
            return other.utilisation > one.utilisation ? other : one;
        }
    }

    /** Of tubes and of the welds at their ends. */
    private static Map<Role, Asked> worst(Job job, Map<String, Role> roles) {
        Map<Role, Asked> worst = new EnumMap<>(Role.class);
        Optional<FrameOfJob> frame = FrameOfJob.of(job);
        if (frame.isEmpty()) {
            return worst;
        }
        for (TubeStress use : frame.get().tubes()) {
            Role role = roles.get(use.tube().id());
            if (role != null) {
                worst.merge(role, new Asked(use.utilisation(), false), Asked::more);
            }
        }
        for (JointUse use :
                TubeJoints.of(job, frame.get().built(), frame.get().result().cases())) {
            Role role = roles.get(use.tube().id());
            if (role != null) {
                boolean wall = use.limit() == JointUse.Limit.WALL;
                worst.merge(role, new Asked(use.utilisation(), wall), Asked::more);
            }
        }
        return worst;
    }

    /** No wider than what it lands on, as long as that will do. */
    private static Section stronger(Job job, CradleDraft draft, Role role, Section now, Asked asked) {
        if (asked.wider()) {
            return role.choice(job.build().shop()).stream()
                    .filter(each -> each.outerRadius() > now.outerRadius() + 1e-6 && each.area() > now.area())
                    .findFirst()
                    .orElse(now);
        }
        double times = asked.utilisation() / AIM;
        List<Section> choice = role.choice(job.build().shop());
        double widest = draft.widest(role) + 1e-6;
        Optional<Section> narrow = choice.stream()
                .filter(each ->
                        each.outerRadius() <= widest && StockSizing.modulus(each) >= times * StockSizing.modulus(now))
                .findFirst();
        if (narrow.isPresent()) {
            return narrow.get();
        }
        double wanted = times * StockSizing.modulus(now);
        return choice.stream()
                .filter(each -> StockSizing.modulus(each) >= wanted)
                .findFirst()
                .orElse(choice.get(choice.size() - 1));
    }

    private static Job with(Job job, Map<String, Role> roles, Map<Role, Section> sections) {
        Cradle cradle = job.cradle();
        List<Member> members = new ArrayList<>();
        for (Member member : cradle.members()) {
            Role role = roles.get(member.id());
            members.add(role == null ? member : member.withSection(sections.get(role)));
        }
        return job.withCradle(cradle.withMembers(members));
    }
}
