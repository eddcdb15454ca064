package oddcradle.files.job;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.fit.Fitting;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;

/** Scans and photos that lie beside a job, and go along where it is saved in another folder. */
public final class Belongings {
    private Belongings() {}

    /** Names of the files that a job speaks of, each once. */
    static List<String> of(Job job) {
        List<Donor> donors = new ArrayList<>(List.of(job.donor()));
        donors.addAll(job.candidates());
        Stream<Survey> surveys = Stream.of(
                        donors.stream().map(Donor::survey),
                        Stream.of(job.host().survey()),
                        job.asBuilt().measured().stream().map(Measuring::survey))
                .flatMap(each -> each);
        Stream<String> photos = Stream.of(
                        surveys.flatMap(survey -> survey.points().stream()).map(SurveyPoint::photo),
                        job.asBuilt().fittings().stream().map(Fitting::photo),
                        job.book().log().stream().map(LogEntry::photo))
                .flatMap(each -> each)
                .filter(photo -> !photo.isEmpty());
        Stream<String> scans = Stream.concat(
                        donors.stream().map(Donor::scan),
                        Stream.of(job.host().scan(), job.asBuilt().scan()))
                .flatMap(scan -> scan.map(Scan::file).stream());
        return Stream.concat(scans, photos).distinct().toList();
    }

    /**
     * Copies them beside the job's new place. A file that is there already stays as it is.
     *
     * @return those that are not beside the job afterwards, or are others there
     * @throws IOException if one cannot be written
     */
    public static List<String> take(Job job, Path from, Path to) throws IOException {
        List<String> missing = new ArrayList<>();
        if (to.toAbsolutePath()
                .normalize()
                .getParent()
                .equals(from.toAbsolutePath().normalize().getParent())) {
            return missing;
        }
        for (String name : of(job)) {
            Path source = from.resolveSibling(name);
            boolean taken = Files.isRegularFile(source) ? takeIn(source, to) : Files.exists(to.resolveSibling(name));
            if (!taken) {
                missing.add(name);
            }
        }
        return missing;
    }

    /**
     * Copies a file beside a job, under its own name.
     *
     * @return whether it is there afterwards; another file of its name stays as it is
     * @throws IOException if it cannot be written
     */
    public static boolean takeIn(Path file, Path job) throws IOException {
        Path beside = job.resolveSibling(file.getFileName());
        if (Files.exists(beside)) {
            return Files.mismatch(file, beside) < 0;
        }
        AtomicFile.copy(file, beside);
        return true;
    }
}
