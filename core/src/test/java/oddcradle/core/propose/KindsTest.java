package oddcradle.core.propose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.Hard;
import oddcradle.core.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What each kind draws, and where it refuses. */
class KindsTest {
    private static final Job JOB = TestJobs.plain();
    private static final MountStyle SOFT = new MountStyle(new BondedPad(0.05, 0.02, 50), 0.1, 4);
    private static final MountStyle HARD = new MountStyle(new Hard(), 0, 4);

    private static Map<Role, Section> sections() {
        Map<Role, Section> sections = new EnumMap<>(Role.class);
        for (Role role : Role.values()) {
            sections.put(role, role.first(Shop.USUAL));
        }
        return sections;
    }

    private static Cradle drawn(Job job, CradleKind kind, MountStyle mountStyle) throws CradleKind.NotHere {
        return kind.draft(new Site(Examination.of(job), mountStyle.isSoft()), mountStyle, sections())
                .cradle();
    }

    private static String refusal(Job job, CradleKind kind, MountStyle mountStyle) {
        try {
            drawn(job, kind, mountStyle);
            return "";
        } catch (CradleKind.NotHere why) {
            return why.getMessage();
        }
    }

    private static Job turned(Vec3 hole) {
        Donor donor = JOB.donor();
        return JOB.withDonor(donor.withBosses(
                donor.bosses().stream().map(boss -> boss.withAxis(hole)).toList()));
    }

    @Test
    void kindsThatDoNotSuit_sayWhy() {
        assertThat(refusal(JOB, CradleKind.RING, SOFT)).contains("propeller");
        assertThat(refusal(JOB, CradleKind.SKID, SOFT)).contains("upright bolts");
        assertThat(refusal(JOB, CradleKind.STEEL_PADS, SOFT)).contains("light alloy");
        assertThat(refusal(JOB, CradleKind.HANGER, HARD)).contains("swings");
        assertThat(refusal(turned(Vec3.Z), CradleKind.PIVOT, SOFT)).contains("across the machine");
        assertThat(refusal(turned(Vec3.Z), CradleKind.PLATES, HARD)).contains("across the machine");
        List<Boss> two = JOB.donor().bosses().subList(0, 2);
        assertThat(refusal(JOB.withCradle(Cradle.EMPTY).withDonor(JOB.donor().withBosses(two)), CradleKind.LOWER, SOFT))
                .contains("three are the least");
    }

    @Test
    void lowerCradle_hasACrossTubeForEachRow_andALegAtEachEnd() throws Exception {
        Cradle cradle = drawn(JOB, CradleKind.LOWER, SOFT);
        assertThat(cradle.members().stream().map(Member::label))
                .contains(
                        "front cross tube",
                        "rear cross tube",
                        "front cross tube, left leg",
                        "rear cross tube, right leg");
        assertThat(cradle.isolators()).hasSize(4);
        assertThat(cradle.joints()).isEmpty();
    }

    @Test
    void pivotCradle_isHardByTheDriveOnly() throws Exception {
        Cradle cradle = drawn(JOB, CradleKind.PIVOT, SOFT);
        Examination examination = Examination.of(JOB);
        Vec3 drive = examination.seating().driverCentre();
        for (Isolator isolator : cradle.isolators()) {
            boolean near = Math.abs(examination.seating().boss(isolator.boss()).x() - drive.x()) < 0.1;
            assertThat(isolator.element().isHard()).as(isolator.boss()).isEqualTo(near);
        }
    }

    @Test
    void slidingFrame_isBoltedAndHasItsSlots() throws Exception {
        Cradle cradle = drawn(JOB, CradleKind.SLIDE, SOFT);
        assertThat(cradle.details(Detail.Slide.class)).hasSize(1);
        assertThat(cradle.joints()).isNotEmpty().allSatisfy(joint -> assertThat(joint.kind())
                .isEqualTo(TubeJoint.Kind.BOLTED));
        assertThat(drawn(JOB, CradleKind.ENGINE_PLATE, HARD).details(Detail.Slide.class))
                .isEmpty();
    }

    @Test
    void hanger_swingsInBushesAcrossTheMachine() throws Exception {
        Cradle cradle = drawn(JOB, CradleKind.HANGER, SOFT);
        List<Isolator> bushes = cradle.isolators().stream()
                .filter(each -> each.element() instanceof BondedBush)
                .toList();
        assertThat(bushes).hasSize(2);
        assertThat(bushes)
                .allSatisfy(each -> assertThat(Math.abs(each.axis().y())).isCloseTo(1, within(1e-9)));
    }

    @Test
    void skid_carriesFeetOnBars() throws Exception {
        Cradle cradle = drawn(turned(Vec3.Z), CradleKind.SKID, HARD);
        assertThat(cradle.members().stream().filter(member -> member.label().endsWith("bar")))
                .hasSize(2);
        assertThat(cradle.isolators()).hasSize(4);
    }

    @Test
    void alloyRails_areClampedInEveryKind() throws Exception {
        Material alloy = Material.of("6061-T6", 68.9e9, 0.33, 2700, 241e6);
        List<Material> materials = new ArrayList<>(JOB.materials());
        materials.add(alloy);
        Host host = JOB.host();
        List<Member> members = new ArrayList<>();
        for (Member member : host.members()) {
            members.add(Member.sound(member.id(), member.label(), member.nodes(), member.section(), "6061-T6"));
        }
        Job job = new Job(
                JOB.name(),
                materials,
                JOB.donor(),
                host.withMembers(members),
                JOB.line(),
                JOB.seat(),
                Cradle.EMPTY,
                JOB.cases(),
                JOB.build(),
                List.of(),
                JOB.weights(),
                JOB.plan(),
                JOB.asBuilt(),
                JOB.around(),
                JOB.book());
        for (CradleKind kind : List.of(CradleKind.LOWER, CradleKind.STEEL_PADS)) {
            Cradle cradle = drawn(job, kind, HARD);
            long landings = cradle.nodes().stream()
                    .filter(node -> node.id().startsWith("P"))
                    .count();
            assertThat(cradle.details(Detail.ClampPad.class)).as(kind.word()).hasSize((int) landings);
            assertThat(cradle.members())
                    .allSatisfy(member -> assertThat(member.material()).isNotEqualTo("6061-T6"));
        }
    }

    /** Kinds this steel buggy without a propeller has no place for; every other is drawn, and the same again. */
    private static final Set<CradleKind> NOT_HERE = EnumSet.of(CradleKind.RING, CradleKind.SKID, CradleKind.STEEL_PADS);

    @ParameterizedTest
    @EnumSource(CradleKind.class)
    void drawing_isTheSameEveryTime(CradleKind kind) throws CradleKind.NotHere {
        for (MountStyle mountStyle : List.of(SOFT, HARD)) {
            if (NOT_HERE.contains(kind) || kind == CradleKind.HANGER && !mountStyle.isSoft()) {
                assertThat(refusal(JOB, kind, mountStyle))
                        .isEqualTo(refusal(JOB, kind, mountStyle))
                        .isNotBlank();
            } else {
                assertThat(drawn(JOB, kind, mountStyle)).isEqualTo(drawn(JOB, kind, mountStyle));
            }
        }
    }

    /** Margins held against plain distances to every solid. */
    @Test
    void margins_agreeWithDistancesToEverything() {
        Site site = new Site(Examination.of(JOB), false);
        Examination examination = Examination.of(JOB);
        Random random = new Random(3);
        for (int k = 0; k < 60; k++) {
            Vec3 from = new Vec3(random.nextDouble(), random.nextDouble() - 0.5, 0.2 + 0.5 * random.nextDouble());
            Vec3 to =
                    from.plus(new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).times(0.1));
            Solid tube = new Solid.Capsule(from, to, 0.012);
            double least = 0.03;
            for (var part : JOB.donor().bodies()) {
                double room = JOB.build().room().of(part.category());
                for (Solid solid : part.solids()) {
                    least = Math.min(
                            least,
                            SolidDistance.between(
                                                    tube,
                                                    solid.placed(examination
                                                            .seating()
                                                            .pose()))
                                            .distance()
                                    - room);
                }
            }
            for (var keepOut : JOB.host().keepOuts()) {
                for (Solid solid : keepOut.solids()) {
                    least = Math.min(least, SolidDistance.between(tube, solid).distance());
                }
            }
            double margin = site.margin(from, to, 0.012);
            if (least > -0.005) {
                assertThat(margin).isCloseTo(least, within(1e-6));
            } else {
                // Of overlaps only a lower bound of the depth is told.
                assertThat(margin).isNegative();
            }
        }
    }

    @Test
    void rows_arePartedWhereTheLugsLieFarthestApart() {
        Site site = new Site(Examination.of(JOB), false);
        List<List<Lug>> rows = Rows.along(site.lugs(), Vec3.X);
        assertThat(rows).hasSize(2);
        assertThat(rows.get(0).stream().map(Lug::id)).containsExactly("B1", "B2");
        assertThat(rows.get(1).stream().map(Lug::id)).containsExactly("B3", "B4");
    }

    @Test
    void wayOut_seesWhatStandsInIt() {
        Proposals.Wishes plate = new Proposals.Wishes(
                List.of(CradleKind.ENGINE_PLATE), Optional.of(true), Optional.of(4), Elastomer.RUBBER);
        Examination base = Examination.of(JOB);
        Proposal proposal =
                Proposals.run(base, plate, Progress.UNWATCHED).proposals().get(0);
        // Nothing stands over the block on its rails.
        assertThat(proposal.wayOut()).isEqualTo("straight upward");
        assertThat(proposal.title()).isEqualTo("engine plate on a sub-cradle, bolted hard, four points");
    }
}
