package oddcradle.files.job;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The demo jobs inside the program. */
public enum DemoJobs {
    SALTMARSH_RUNABOUT("saltmarsh-runabout", "Saltmarsh runabout: marsh buggy, parallel twin, chain"),
    HUT_SKID("hut-skid", "Hut skid: generator, V-twin, coupling"),
    WHIMBREL("whimbrel", "Whimbrel: light aircraft, flat four, ring mount"),
    ORCHARD_TUG("orchard-tug", "Orchard tug: three-wheeler, diesel single, belt"),
    PIER_PORTER("pier-porter", "Pier porter: luggage kart, industrial single, sliding sub-frame"),
    REED_CUTTER("reed-cutter", "Reed cutter: amphibious ATV, two singles and a gearbox as one pack");

    private final String fileName;
    private final String words;

    DemoJobs(String fileName, String words) {
        this.fileName = fileName;
        this.words = words;
    }

    /** Name and family, for a menu. */
    public String words() {
        return words;
    }

    /** The name to ask for it by, such as {@code hut-skid}. */
    public String fileName() {
        return fileName;
    }

    public static Optional<DemoJobs> named(String fileName) {
        return Arrays.stream(values())
                .filter(each -> each.fileName.equals(fileName))
                .findFirst();
    }

    public static List<String> names() {
        return Arrays.stream(values()).map(DemoJobs::fileName).toList();
    }

    public JobDocument load() {
        return OwnJob.load("/demo/" + fileName + JobStore.EXTENSION);
    }
}
