package oddcradle.core.job;

import oddcradle.core.survey.Survey;

/** Which of the two bodies a survey is of. */
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

    public Job withSurvey(Job job, Survey survey) {
        return this == DONOR
                ? job.withDonor(job.donor().withSurvey(survey))
                : job.withHost(job.host().withSurvey(survey));
    }
}
