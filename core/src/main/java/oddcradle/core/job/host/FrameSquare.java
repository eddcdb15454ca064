package oddcradle.core.job.host;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/** Four nodes of the frame that should stand square and flat, named in order round. */
@RecordBuilder
public record FrameSquare(String id, String label, List<String> corners) implements FrameSquareBuilder.With {
    public FrameSquare {
        Guard.named("id", id);
        Guard.named("label", label);
        corners = List.copyOf(Guard.present("corners", corners));
        if (corners.size() != 4 || corners.stream().distinct().count() != 4) {
            throw new InvalidValue("corners", "must name four different nodes, in order round");
        }
    }
}
