package oddcradle.core.begin;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.FrameSquare;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.host.Support;
import oddcradle.core.math.InvalidValue;

/** A host drawn anew from other measures: what is still as it was drawn follows, what somebody added or changed stays. */
public final class Replanned {
    private Replanned() {}

    /**
     * @param host still as its measures made it; see {@link MachineFamily#stillPlanned}
     * @param plan the measures it is to have
     * @throws InvalidValue if one is outside its bounds
     */
    public static Host of(Host host, HostPlan plan) {
        HostPlan before = MachineFamily.stillPlanned(host)
                .orElseThrow(
                        () -> new InvalidValue("plan", "no longer makes this frame; its tubes were changed by hand"));
        MachineFamily family = MachineFamily.find(plan.family()).orElseThrow();
        Host drawn = family.machine(host.name(), before).host();
        Host anew = family.machine(host.name(), plan).host();
        return host.withNodes(anew.nodes())
                .withMembers(anew.members())
                .withKeepOuts(followed(host.keepOuts(), drawn.keepOuts(), anew.keepOuts(), KeepOut::id))
                .withMasses(followed(host.masses(), drawn.masses(), anew.masses(), HostMass::id))
                .withSupports(followed(host.supports(), drawn.supports(), anew.supports(), Support::node))
                .withSquares(followed(host.squares(), drawn.squares(), anew.squares(), FrameSquare::id))
                .withDrivenEnd(followed(host.drivenEnd(), drawn.drivenEnd(), anew.drivenEnd()))
                .withPlan(Optional.of(plan));
    }

    private static <T> List<T> followed(List<T> now, List<T> drawn, List<T> anew, Function<T, String> id) {
        Map<String, T> asDrawn = drawn.stream().collect(Collectors.toMap(id, Function.identity()));
        Map<String, T> asAnew = anew.stream().collect(Collectors.toMap(id, Function.identity()));
        List<T> followed = new ArrayList<>();
        for (T each : now) {
            boolean untouched = Objects.equals(asDrawn.get(id.apply(each)), each);
            followed.add(untouched ? asAnew.getOrDefault(id.apply(each), each) : each);
        }
        return List.copyOf(followed);
    }

    /** The axle follows; where the sprocket sits on it is the builder's. */
    private static DrivenEnd followed(DrivenEnd now, DrivenEnd drawn, DrivenEnd anew) {
        boolean untouched = inTheMiddle(now).equals(inTheMiddle(drawn));
        return untouched ? anew.shifted(now.sprocketOffset() - anew.sprocketOffset()) : now;
    }

    private static DrivenEnd inTheMiddle(DrivenEnd end) {
        return end.shifted(-end.sprocketOffset());
    }
}
