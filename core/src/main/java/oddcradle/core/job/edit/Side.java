package oddcradle.core.job.edit;

import java.util.Map;
import java.util.Optional;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.Survey;

/** Which of the two bodies a survey or a scan is of. */
public enum Side {
    DONOR("donor"),
    HOST("host");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public Survey survey(Job job) {
        return this == DONOR ? job.donor().survey() : job.host().survey();
    }

    public Optional<Scan> scan(Job job) {
        return this == DONOR ? job.donor().scan() : job.host().scan();
    }

    /** The points of the body that have a place and a name: bosses of the donor, nodes of the host. */
    public Map<String, Vec3> places(Job job) {
        return this == DONOR ? job.donor().places() : job.host().places();
    }

    /** The edit that gives the body this scan. */
    public JobEdit takeScan(Job job, Optional<Scan> scan, String words, String mergeKey) {
        return this == DONOR
                ? new BodyEdit.ChangeDonor(job.donor().withScan(scan), words, mergeKey)
                : new BodyEdit.ChangeHost(job.host().withScan(scan), words, mergeKey);
    }

    public Job withSurvey(Job job, Survey survey) {
        return this == DONOR
                ? job.withDonor(job.donor().withSurvey(survey))
                : job.withHost(job.host().withSurvey(survey));
    }
}
