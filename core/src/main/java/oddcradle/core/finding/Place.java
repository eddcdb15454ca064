package oddcradle.core.finding;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * What a finding is about and where that is.
 *
 * @param subjects at least one, the one it is mainly about first
 * @param points up to two, host axes, m; none where the subjects' own place says enough
 */
public record Place(List<Subject> subjects, List<Vec3> points) {
    public Place {
        subjects = List.copyOf(Guard.present("subjects", subjects));
        points = List.copyOf(points);
        if (subjects.isEmpty()) {
            throw new InvalidValue("subjects", "are none, a finding is about something");
        }
    }

    public static Place of(Subject subject, Vec3... points) {
        return new Place(List.of(subject), List.of(points));
    }

    public static Place between(Subject one, Vec3 a, Subject other, Vec3 b) {
        return new Place(List.of(one, other), List.of(a, b));
    }

    /** The ids of all it is about. */
    public List<String> ids() {
        return subjects.stream().map(Subject::id).toList();
    }

    /** The first of a kind that it is about. */
    public Optional<String> first(Subject.Kind kind) {
        return subjects.stream()
                .filter(each -> each.kind() == kind)
                .map(Subject::id)
                .findFirst();
    }
}
