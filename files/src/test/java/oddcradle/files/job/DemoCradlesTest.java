package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.edit.TakeCradle;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.propose.CradleKind;
import oddcradle.core.propose.Proposal;
import oddcradle.core.propose.Proposals;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A proposed and accepted cradle for each of the demo jobs. */
class DemoCradlesTest {
    private static Job demo(String name) throws IOException {
        return JobCodec.read(name, Files.readAllBytes(Path.of("../demo/" + name + ".cradle.json")))
                .job();
    }

    @ParameterizedTest
    @ValueSource(strings = {"saltmarsh-runabout", "hut-skid", "whimbrel", "orchard-tug"})
    void bestProposal_isAcceptedWithoutAStopOfItsOwn(String name) throws IOException {
        Job job = demo(name);
        Examination empty = Examination.of(new TakeCradle(Cradle.EMPTY, "start afresh").applyTo(job));
        Proposals.Result result = Proposals.run(empty, Proposals.Wishes.ALL, Progress.UNWATCHED);
        assertThat(result.proposals()).hasSizeGreaterThanOrEqualTo(4);
        Proposal best = result.proposals().get(0);
        Job accepted = new TakeCradle(best.cradle(), "take it").applyTo(job);
        Examination examination = Examination.of(accepted);
        assertThat(examination.load().answer()).isPresent();
        assertThat(examination.report(Step.CRADLE).findings())
                .noneMatch(finding -> finding.severity() == Severity.STOP);
        assertThat(best.stops()).isZero();
        assertThat(best.worstUse().orElseThrow().utilisation()).isLessThanOrEqualTo(1);
        assertThat(examination.mountDesigns())
                .hasSize(accepted.cradle().isolators().size());
        // Judged afresh it is what the card said.
        assertThat(examination.mountStiffness().orElseThrow().frequencies().get(0))
                .isEqualTo(best.lowestMode().orElseThrow());
    }

    /** Each family gets the kind its builders would make. */
    @Test
    void machines_getWhatSuitsThem() throws IOException {
        Map<String, CradleKind> wanted = Map.of(
                "saltmarsh-runabout",
                CradleKind.LOWER,
                "hut-skid",
                CradleKind.SKID,
                "whimbrel",
                CradleKind.RING,
                "orchard-tug",
                CradleKind.STEEL_PADS);
        for (Map.Entry<String, CradleKind> each : wanted.entrySet()) {
            Proposals.Wishes wishes =
                    new Proposals.Wishes(List.of(each.getValue()), Optional.empty(), Optional.of(4), Elastomer.RUBBER);
            List<Proposal> proposals = Proposals.run(Examination.of(demo(each.getKey())), wishes, Progress.UNWATCHED)
                    .proposals();
            assertThat(proposals).as(each.getKey()).hasSize(2);
            assertThat(proposals.get(0).stops()).as(each.getKey()).isZero();
        }
    }

    /** Nothing of steel is welded to the alloy rails, in the demo's own cradle and in every proposal. */
    @Test
    void alloyRails_areClampedNotWelded() throws IOException {
        Examination tug = Examination.of(demo("orchard-tug"));
        assertThat(tug.report(Step.CRADLE).findings())
                .noneMatch(finding -> finding.code().id().equals("cradle.alloy"));
        for (Proposal proposal :
                Proposals.run(tug, Proposals.Wishes.ALL, Progress.UNWATCHED).proposals()) {
            assertThat(proposal.examination().report(Step.CRADLE).findings())
                    .as(proposal.title())
                    .noneMatch(finding -> finding.code().id().equals("cradle.alloy"));
        }
        Job bare = demo("orchard-tug");
        Job welded = bare.withCradle(bare.cradle().withDetails(List.of()));
        assertThat(Examination.of(welded).report(Step.CRADLE).findings())
                .anyMatch(finding -> finding.code().id().equals("cradle.alloy") && finding.severity() == Severity.STOP);
    }
}
