package oddcradle.core.propose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.TakeCradle;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class ProposalsTest {
    private static final Job JOB = TestJobs.plain();
    private static final Examination EMPTY = Examination.of(JOB.withCradle(Cradle.EMPTY));
    private static final Proposals.Result ALL = Proposals.run(EMPTY, Proposals.Wishes.ALL, Progress.UNWATCHED);

    @Test
    void emptyCradle_isAnsweredWithSeveralWholeOnes() {
        assertThat(ALL.proposals()).hasSizeGreaterThan(4);
        Set<CradleKind> kinds = ALL.proposals().stream().map(Proposal::kind).collect(Collectors.toSet());
        assertThat(kinds).contains(CradleKind.LOWER, CradleKind.PIVOT, CradleKind.ENGINE_PLATE, CradleKind.SLIDE);
        assertThat(ALL.notHere()).containsKeys(CradleKind.RING, CradleKind.STEEL_PADS);
    }

    private static void onlyBoltedTubesComeOff(Proposal proposal) {
        Cradle cradle = proposal.cradle();
        String[] taken = proposal.wayOut().split("; fixed in the way")[0].split(", with | taken off");
        for (Member tube : cradle.members()) {
            boolean welded = List.of(tube.first(), tube.last()).stream()
                    .anyMatch(end -> cradle.joint(tube.id(), end).isEmpty());
            if (welded && taken.length > 1) {
                assertThat(taken[1]).as(proposal.title()).doesNotContain(tube.label());
            }
        }
    }

    @Test
    void everyProposal_isAJobOfItsOwn_heldByTubesThatBear() {
        for (Proposal proposal : ALL.proposals()) {
            Examination afresh = Examination.of(proposal.examination().job());
            assertThat(afresh.load().answer()).as(proposal.title()).isPresent();
            assertThat(proposal.worstUse().orElseThrow().utilisation())
                    .as(proposal.title())
                    .isLessThanOrEqualTo(1);
            assertThat(afresh.tubeStresses().get(0).utilisation())
                    .isEqualTo(proposal.examination().tubeStresses().get(0).utilisation());
            assertThat(proposal.mass()).isPositive();
            assertThat(proposal.lowestMode().orElseThrow()).isPositive();
            assertThat(proposal.weakPoint()).isNotBlank();
            assertThat(proposal.wayOut()).startsWith("straight");
            onlyBoltedTubesComeOff(proposal);
            assertThat(afresh.report(Step.CRADLE).findings())
                    .as(proposal.title())
                    .noneMatch(finding -> finding.code().id().equals("cradle.floating")
                            || finding.code().id().equals("cradle.loose-end"));
        }
    }

    @Test
    void tubesThatLand_endOnTheirHostTube() {
        for (Proposal proposal : ALL.proposals()) {
            Seating seating = proposal.examination().seating();
            for (Node node : proposal.cradle().nodes()) {
                seating.landing(node.id())
                        .ifPresent(host -> assertThat(PathPoint.nearest(seating.path(host), seating.node(node.id()))
                                        .distanceTo(seating.node(node.id())))
                                .isLessThan(1e-9));
            }
        }
    }

    @Test
    void bestComesFirst() {
        for (int k = 1; k < ALL.proposals().size(); k++) {
            assertThat(ALL.proposals().get(k).stops())
                    .isGreaterThanOrEqualTo(ALL.proposals().get(k - 1).stops());
        }
    }

    @Test
    void wishes_areKept() {
        Proposals.Wishes wishes =
                new Proposals.Wishes(List.of(CradleKind.LOWER), Optional.of(false), Optional.of(3), Elastomer.URETHANE);
        List<Proposal> proposals =
                Proposals.run(EMPTY, wishes, Progress.UNWATCHED).proposals();
        assertThat(proposals).hasSize(1);
        assertThat(proposals.get(0).cradle().isolators()).hasSize(3);
        assertThat(proposals.get(0).cradle().isolators())
                .allSatisfy(each -> assertThat(each.element().madeOf()).contains(Elastomer.URETHANE));
    }

    @Test
    void tubesAreFromTheShelf() {
        Shop shop =
                Shop.USUAL.withStock(List.of(new Tube(0.03, 0.002), new Tube(0.034, 0.003), new Tube(0.025, 0.002)));
        Job own = JOB.withBuild(JOB.build().withShop(shop));
        Proposals.Wishes lower =
                new Proposals.Wishes(List.of(CradleKind.LOWER), Optional.empty(), Optional.empty(), Elastomer.RUBBER);
        for (Proposal proposal :
                Proposals.run(Examination.of(own), lower, Progress.UNWATCHED).proposals()) {
            assertThat(proposal.cradle().members())
                    .allSatisfy(member -> assertThat(shop.stock()).contains(member.section()));
        }
    }

    @Test
    void watcherCanEndIt() {
        assertThatThrownBy(() -> Proposals.run(EMPTY, Proposals.Wishes.ALL, share -> share < 0.2))
                .isInstanceOf(Progress.Cancelled.class);
    }

    @Test
    void anotherCradle_takesWishesThatNameTheOldOneAlong() {
        Job planned = JOB.withPlan(JOB.plan().withWay(new WayPlan(List.of("C1", "H2"), 0.003)));
        Job taken = new TakeCradle(ALL.proposals().get(0).cradle(), "taken").applyTo(planned);
        assertThat(taken.plan().way().removable()).contains("H2");
        assertThat(taken.cradle()).isEqualTo(ALL.proposals().get(0).cradle());
    }

    /** A softer pad would sag or swing too far: each choice is the softest that bears. */
    @Test
    void padIsChosenByWeightAndSwing() {
        BondedPad four = PadChoice.of(JOB, Elastomer.RUBBER, 4, true, 0);
        double weight = JOB.donor().mass().mass() * 9.80665 / 4;
        assertThat(weight / four.compressionStiffness()).isLessThanOrEqualTo(0.12 * four.height());
        assertThat(PadChoice.of(JOB, Elastomer.RUBBER, 4, true, 3000).shearStiffness())
                .isGreaterThan(four.shearStiffness());
    }

    @Test
    void choices_tellThePriceOfEachChoice() {
        Examination examination = Examination.of(JOB);
        List<BuildChoices.Choice> choices = BuildChoices.of(examination, Progress.UNWATCHED);
        assertThat(choices.stream().map(BuildChoices.Choice::question).distinct())
                .containsExactly(
                        "hard or soft",
                        "three points or four",
                        "weld or bolt",
                        "jig or in place",
                        "plain or as from a factory");
        BuildChoices.Choice hard = choices.get(0);
        BuildChoices.Choice rubber = choices.get(1);
        assertThat(rubber.now()).isTrue();
        assertThat(hard.lowestMode().orElseThrow())
                .isGreaterThan(rubber.lowestMode().orElseThrow());
        assertThat(hard.transmissibility()).isEmpty();
        assertThat(hard.moves()).isLessThan(rubber.moves());
        assertThat(BuildChoices.of(EMPTY, Progress.UNWATCHED)).isEmpty();
        Job three = JOB.withCradle(choices.stream()
                .filter(choice -> choice.name().startsWith("3 points"))
                .findFirst()
                .orElseThrow()
                .cradle());
        assertThat(three.cradle().isolators().stream().map(Isolator::boss)).hasSize(3);
    }

    @Test
    void hours_growWithTubesAndJigs() {
        Examination examination = Examination.of(JOB);
        Job jig = JOB.withBuild(JOB.build().withShop(Shop.USUAL.withJig(true)));
        assertThat(Hours.of(Examination.of(jig))).isGreaterThan(Hours.of(examination));
        assertThat(Hours.of(Examination.of(TestJobs.withTubes(List.of())))).isLessThan(Hours.of(examination));
    }
}
