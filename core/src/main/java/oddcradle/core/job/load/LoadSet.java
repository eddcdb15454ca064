package oddcradle.core.job.load;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.math.Vec3;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * A set of load cases for one family of machines, to begin from: the user picks it and may change every case of it. Factors with
 * their sources stand in {@code load-sets.csv}.
 */
public enum LoadSet {
    ROUGH_GROUND("rough-ground", "kart, ATV or buggy on rough ground", Family.GROUND),
    ROAD("road", "trike, scooter or cycle on the road", Family.GROUND),
    FIELD_WORK("field-work", "tractor or cargo machine", Family.GROUND),
    SKID("skid", "generator or pump skid", Family.SKID),
    PART_23("part-23", "light aircraft, 14 CFR 23, normal", Family.AIRCRAFT),
    PART_23_AEROBATIC("part-23-aerobatic", "light aircraft, 14 CFR 23, aerobatic", Family.AIRCRAFT),
    LIGHT_SPORT("light-sport", "light-sport aircraft, ASTM F2245", Family.AIRCRAFT);

    /** What a set is meant for. */
    public enum Family {
        GROUND("machines on wheels"),
        SKID("generator and pump skids"),
        AIRCRAFT("light aircraft");

        private final String words;

        Family(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** The family that what the line drives belongs to. */
        public static Family of(LineEnd end) {
            return end instanceof LineEnd.Road ? GROUND : end instanceof LineEnd.Propeller ? AIRCRAFT : SKID;
        }
    }

    /** In place of a number: the torque factor goes by the number of cylinders. */
    private static final String BY_CYLINDERS = "cylinders";

    private static final List<CSVRecord> ROWS = rows();

    private final String id;
    private final String words;
    private final Family family;

    LoadSet(String id, String words, Family family) {
        this.id = id;
        this.words = words;
        this.family = family;
    }

    public String id() {
        return id;
    }

    public String words() {
        return words;
    }

    public Family family() {
        return family;
    }

    public static Optional<LoadSet> find(String id) {
        return Arrays.stream(values()).filter(each -> each.id.equals(id)).findFirst();
    }

    /** The first that is meant for what the line drives. */
    public static LoadSet usual(LineEnd end) {
        Family family = Family.of(end);
        return Arrays.stream(values())
                .filter(each -> each.family == family)
                .findFirst()
                .orElseThrow();
    }

    /** Its cases for an engine of so many cylinders. */
    public List<LoadCase> cases(int cylinders) {
        List<LoadCase> cases = new ArrayList<>();
        for (CSVRecord row : ROWS) {
            if (row.get("set").equals(id)) {
                cases.add(read(row, cylinders));
            }
        }
        return List.copyOf(cases);
    }

    private static LoadCase read(CSVRecord row, int cylinders) {
        return new LoadCase(
                row.get("case"),
                row.get("label"),
                new Vec3(number(row, "ahead_g"), number(row, "left_g"), number(row, "up_g")),
                row.get("drive").equals(BY_CYLINDERS) ? torqueFactor(cylinders) : number(row, "drive"),
                new Vec3(number(row, "roll_rad_s"), number(row, "pitch_rad_s"), number(row, "yaw_rad_s")),
                Shock.valueOf(row.get("shock")),
                Level.valueOf(row.get("level")),
                row.get("on").equals("no"),
                row.get("set"),
                row.get("source"));
    }

    /**
     * Limit torque over mean torque: 14 CFR 23.361(c) before amendment 64; a single is not named there and taken twice as uneven as
     * a twin.
     */
    static double torqueFactor(int cylinders) {
        return cylinders >= 5 ? 1.33 : cylinders >= 2 ? 6 - cylinders : 8;
    }

    private static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static List<CSVRecord> rows() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStream in = LoadSet.class.getResourceAsStream("load-sets.csv");
                InputStreamReader reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            return format.parse(reader).getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
