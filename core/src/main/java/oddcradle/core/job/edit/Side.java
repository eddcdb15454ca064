package oddcradle.core.job.edit;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.Survey;

/** What a survey or a scan is of: the donor, the host, or the mount as it was built. */
public enum Side {
    DONOR("donor"),
    HOST("host"),
    MOUNT("mount");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public Survey survey(Job job) {
        return switch (this) {
            case DONOR -> job.donor().survey();
            case HOST -> job.host().survey();
            case MOUNT -> job.asBuilt().survey();
        };
    }

    public Optional<Scan> scan(Job job) {
        return switch (this) {
            case DONOR -> job.donor().scan();
            case HOST -> job.host().scan();
            case MOUNT -> job.asBuilt().scan();
        };
    }

    /** The points of the body that have a place and a name: bosses of the donor, nodes of the host, holes of the mounts as drawn. */
    public Map<String, Vec3> places(Job job) {
        return switch (this) {
            case DONOR -> job.donor().places();
            case HOST -> job.host().places();
            case MOUNT -> holes(job);
        };
    }

    /**
     * The points by which a scan of the body is laid in its place. A finished mount is laid by the machine it is welded to: laid by its own holes, it would hide how far they came
     * out beside their places.
     */
    public Map<String, Vec3> ties(Job job) {
        return this == MOUNT ? job.host().places() : places(job);
    }

    /** The edit that gives the body this scan. */
    public JobEdit takeScan(Job job, Optional<Scan> scan, String words, String mergeKey) {
        return switch (this) {
            case DONOR -> new BodyEdit.ChangeDonor(job.donor().withScan(scan), words, mergeKey);
            case HOST -> new BodyEdit.ChangeHost(job.host().withScan(scan), words, mergeKey);
            case MOUNT -> new SetAsBuilt(job.asBuilt().withScan(scan), words, mergeKey);
        };
    }

    public Job withSurvey(Job job, Survey survey) {
        return switch (this) {
            case DONOR -> job.withDonor(job.donor().withSurvey(survey));
            case HOST -> job.withHost(job.host().withSurvey(survey));
            case MOUNT -> job.withAsBuilt(job.asBuilt().withNow(survey));
        };
    }

    /** The hole of each mount where its boss is drawn, host axes, m. */
    private static Map<String, Vec3> holes(Job job) {
        Map<String, Vec3> holes = new TreeMap<>();
        for (Isolator mount : job.cradle().isolators()) {
            job.donor()
                    .boss(mount.boss())
                    .ifPresent(boss -> holes.put(mount.id(), job.seat().pose().place(boss.position())));
        }
        return holes;
    }
}
