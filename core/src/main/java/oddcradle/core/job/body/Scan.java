package oddcradle.core.job.body;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A scan or model of the donor or the host, set in place by points picked on it.
 *
 * @param file name of a mesh file in the folder of the job; no path
 * @param metresPerUnit of the numbers in the file, 1e-6 to 1000
 * @param picks points of the body found on the scan
 */
@RecordBuilder
public record Scan(String file, double metresPerUnit, List<Pick> picks) implements ScanBuilder.With {
    private static final int LONGEST_NAME = 200;
    private static final double SMALLEST_UNIT = 1e-6;
    private static final double LARGEST_UNIT = 1000;

    public Scan {
        Guard.named("file", file);
        if (file.length() > LONGEST_NAME || file.contains("/") || file.contains("\\") || file.startsWith(".")) {
            throw new InvalidValue(
                    "file", "is \"" + file + "\", must be the plain name of a file in the folder of the job");
        }
        Guard.within("metresPerUnit", metresPerUnit, SMALLEST_UNIT, LARGEST_UNIT, "m");
        picks = List.copyOf(Guard.present("picks", picks));
    }

    /**
     * @param point id of a boss or node, or of a surveyed point of the body
     * @param onScan where it is on the scan, scan axes, m
     */
    @RecordBuilder
    public record Pick(String point, Vec3 onScan) implements ScanPickBuilder.With {
        public Pick {
            Guard.named("point", point);
            Guard.present("onScan", onScan);
        }
    }

    public Scan withPicks(List<Pick> others) {
        return new Scan(file, metresPerUnit, others);
    }
}
