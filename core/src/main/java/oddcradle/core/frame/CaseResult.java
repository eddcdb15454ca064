package oddcradle.core.frame;

import java.util.List;
import java.util.Optional;

/**
 * The answer to one load case.
 *
 * @param equilibriumError what reactions and loads leave over, as a share of the greatest load; moments by the size of
 *     the frame
 */
public record CaseResult(
        String id,
        List<NodeMovement> nodes,
        List<Reaction> reactions,
        List<MemberResult> members,
        List<MountResult> mounts,
        double equilibriumError) {
    public Optional<MemberResult> member(String id) {
        return members.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    public Optional<NodeMovement> node(String id) {
        return nodes.stream().filter(each -> each.node().equals(id)).findFirst();
    }
}
