package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BelongingsTest {
    private static final String SCAN = "engine.stl";
    private static final String PHOTO = "lug.jpg";

    @TempDir
    private Path folder;

    private Path from;
    private Path to;
    private Job job;

    @BeforeEach
    void jobWithAScanAndAPhoto() throws IOException {
        from = Files.createDirectories(folder.resolve("old")).resolve("a.cradle.json");
        to = Files.createDirectories(folder.resolve("new")).resolve("a.cradle.json");
        Job plain = DemoJobs.HUT_SKID.load().job();
        Survey survey = plain.host().survey();
        SurveyPoint point = survey.points().get(0).withPhoto(PHOTO);
        job = plain.withDonor(plain.donor().withScan(Optional.of(new Scan(SCAN, 1, List.of()))))
                .withHost(plain.host().withSurvey(new Survey(List.of(point), List.of(), List.of(), List.of())));
    }

    @Test
    void scanAndPhoto_goAlong_andWhatIsThereStays() throws IOException {
        Files.writeString(from.resolveSibling(SCAN), "solid");
        Files.writeString(from.resolveSibling(PHOTO), "picture");
        assertThat(Belongings.take(job, from, to)).isEmpty();
        assertThat(to.resolveSibling(SCAN)).hasContent("solid");
        assertThat(to.resolveSibling(PHOTO)).hasContent("picture");
        assertThat(from.resolveSibling(SCAN)).exists();

        Files.writeString(to.resolveSibling(PHOTO), "somebody else's");
        assertThat(Belongings.take(job, from, to)).containsExactly(PHOTO);
        assertThat(to.resolveSibling(PHOTO)).hasContent("somebody else's");
    }

    @Test
    void fileThatHasGone_isNamed_andTheRestGoesAlong() throws IOException {
        Files.writeString(from.resolveSibling(PHOTO), "picture");
        assertThat(Belongings.take(job, from, to)).containsExactly(SCAN);
        assertThat(to.resolveSibling(PHOTO)).exists();
        assertThat(Belongings.take(job, from, from.resolveSibling("b.cradle.json")))
                .isEmpty();
    }
}
