package oddcradle.files.job;

import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.job.Job;

/** A job together with the fields of its file that this version does not know; they go back into the file when saved. */
public final class JobDocument {
    private final Job job;
    private final ObjectNode unknown;

    JobDocument(Job job, ObjectNode unknown) {
        this.job = job;
        this.unknown = unknown;
    }

    public Job job() {
        return job;
    }

    ObjectNode unknown() {
        return unknown;
    }

    public JobDocument withJob(Job other) {
        return new JobDocument(other, unknown);
    }
}
