package oddcradle.core.step.cradle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.cure.Cures;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.Hard;
import oddcradle.core.report.Cure;
import oddcradle.core.section.Tube;
import oddcradle.core.structure.MountStiffness;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

/** What the Cradle step finds: each kind of trouble made on purpose. */
class CradleReportTest {
    private static final Job JOB = TestJobs.plain();
    private static final String STEEL = JOB.materials().get(0).name();

    private static List<Finding> found(Job job, String code) {
        return Examination.of(job).report(Step.CRADLE).findings().stream()
                .filter(finding -> finding.code().id().equals(code))
                .toList();
    }

    private static Severity severity(Job job, String code) {
        return found(job, code).get(0).severity();
    }

    private static Job with(CradleEdit edit) {
        return edit.applyTo(JOB);
    }

    private static Job with(Detail detail) {
        return with(new CradleEdit.SetDetail(detail));
    }

    private static Member tube(String id, String... nodes) {
        return Member.sound(id, "tube " + id, List.of(nodes), new Tube(0.025, 0.002), STEEL);
    }

    private static Node at(String id, double x, double y, double z) {
        return new Node(id, new Anchor.At(new Vec3(x, y, z)));
    }

    private static Job mounts(java.util.function.UnaryOperator<Isolator> change) {
        Cradle cradle = JOB.cradle();
        return JOB.withCradle(
                cradle.withIsolators(cradle.isolators().stream().map(change).toList()));
    }

    @Test
    void tubesInTheAir_areNamed() {
        Job job = with(
                new CradleEdit.AddTube(tube("C3", "N1", "N2"), List.of(at("N1", 0.5, 0, 0.9), at("N2", 0.7, 0, 0.9))));
        assertThat(severity(job, "cradle.floating")).isEqualTo(Severity.STOP);
        assertThat(found(job, "cradle.floating").get(0).where().ids()).contains("C3");
        assertThat(found(JOB, "cradle.floating")).isEmpty();
    }

    @Test
    void twoTubesInOnePlace_areNamed() {
        Job same = with(new CradleEdit.AddTube(tube("C3", "S1", "S2"), List.of()));
        assertThat(severity(same, "cradle.doubled")).isEqualTo(Severity.STOP);
        Job crossing = with(new CradleEdit.AddTube(tube("C3", "PFL", "PRR"), List.of()));
        assertThat(found(crossing, "cradle.doubled")).isEmpty();
    }

    @Test
    void tubeThroughTheAxle_isNamed_andATubeThatEndsBesideItIsNot() {
        Job through = with(new CradleEdit.AddTube(tube("C3", "N1", "S3"), List.of(at("N1", -0.3, 0.1, 0.3))));
        assertThat(severity(through, "cradle.through")).isEqualTo(Severity.STOP);
        assertThat(found(through, "cradle.through").get(0).where().ids()).contains("C3", "K1");
        assertThat(found(JOB, "cradle.through")).isEmpty();
    }

    @Test
    void sectionThatIsNotOnTheShelf_isToldWithTheNearest() {
        Tube odd = new Tube(0.0261, 0.0017);
        Job job = JOB.withCradle(JOB.cradle()
                .withMembers(JOB.cradle().members().stream()
                        .map(member -> member.withSection(odd))
                        .toList()));
        Finding finding = found(job, "cradle.stock").get(0);
        assertThat(finding.what().in(UnitStyle.MILLIMETRES)).contains("nearest").contains("tube 2");
        assertThat(CradleSoundness.nearestInStock(job, odd).orElseThrow().area())
                .isCloseTo(odd.area(), within(0.25 * odd.area()));
        Job own = job.withBuild(job.build().withShop(Shop.USUAL.withStock(List.of(odd))));
        assertThat(found(own, "cradle.stock")).isEmpty();
    }

    /** With its tubes too near under the lugs. */
    private static Job tight() {
        return JOB.withCradle(JOB.cradle()
                .withNodes(JOB.cradle().nodes().stream()
                        .map(node -> node.anchor() instanceof Anchor.FromBoss from
                                ? new Node(node.id(), new Anchor.FromBoss(from.boss(), new Vec3(0, 0, -0.035)))
                                : node)
                        .toList()));
    }

    @Test
    void stackThatHasNoRoom_isToldByHowMuch() {
        assertThat(severity(tight(), "cradle.stack")).isEqualTo(Severity.STOP);
    }

    @Test
    void tabThinnerThanItsWeld_isNamed() {
        Job job = mounts(each -> each.withChoices(MountChoices.UNDECIDED
                .with(MountChoices.Item.TAB, Optional.of(0.002))
                .with(MountChoices.Item.LEG, Optional.of(0.005))));
        assertThat(found(job, "cradle.thin-tab")).hasSize(4);
        assertThat(found(JOB, "cradle.thin-tab")).isEmpty();
    }

    @Test
    void hardMount_withHoleNearTheEdge_isNamed() {
        Job hard = mounts(each -> each.withElement(new Hard())
                .withChoices(MountChoices.UNDECIDED.with(MountChoices.Item.EDGE, Optional.of(0.009))));
        assertThat(found(hard, "cradle.edge")).hasSize(4);
        assertThat(severity(hard, "cradle.edge")).isEqualTo(Severity.STOP);
        Job wide = mounts(each -> each.withElement(new Hard()));
        assertThat(found(wide, "cradle.edge")).isEmpty();
        assertThat(found(wide, "cradle.floppy")).isEmpty();
    }

    @Test
    void boltTooShortOrTooLong_isNamed() {
        Job shortBolt = mounts(each -> each.withElement(new Hard())
                .withChoices(MountChoices.UNDECIDED.with(MountChoices.Item.BOLT, Optional.of(0.020))));
        assertThat(severity(shortBolt, "cradle.bolt-length")).isEqualTo(Severity.STOP);
        Job longBolt = mounts(each -> each.withElement(new Hard())
                .withChoices(MountChoices.UNDECIDED.with(MountChoices.Item.BOLT, Optional.of(0.200))));
        assertThat(severity(longBolt, "cradle.bolt-length")).isEqualTo(Severity.NOTE);
    }

    private static Job bosses(BossHole hole, double bore) {
        Donor donor = JOB.donor();
        List<Boss> others = donor.bosses().stream()
                .map(boss -> boss.withHole(hole).withBore(bore).withAxis(Vec3.Z))
                .toList();
        return JOB.withDonor(donor.withBosses(others));
    }

    @Test
    void boltIntoABlindHole_keepsOutOfTheWaterJacket() {
        Job deep = bosses(new BossHole("M10", 0.03, "water jacket", false), 0.0102);
        assertThat(severity(deep, "cradle.depth-left")).isEqualTo(Severity.NOTE);
        Job shallow = bosses(new BossHole("M10", 0.008, "water jacket", false), 0.0102);
        assertThat(found(shallow, "cradle.engagement").get(0).what().in(UnitStyle.MILLIMETRES))
                .contains("water jacket");
    }

    @Test
    void inchThreadOnAMetricEngine_isNamed() {
        List<Boss> mixed = new ArrayList<>(
                bosses(new BossHole("M10", 0.03, "", false), 0.0102).donor().bosses());
        mixed.set(0, mixed.get(0).withHole(new BossHole("3/8-24", 0.03, "", false)));
        Job job = JOB.withDonor(JOB.donor().withBosses(mixed));
        assertThat(severity(job, "cradle.mixed-threads")).isEqualTo(Severity.WATCH);
        assertThat(found(JOB, "cradle.mixed-threads")).isEmpty();
    }

    @Test
    void looseBolt_getsACollar_orANextThickerBolt() {
        Job wide = bosses(BossHole.UNKNOWN, 0.0175);
        Job hard = wide.withCradle(wide.cradle()
                .withIsolators(wide.cradle().isolators().stream()
                        .map(each -> each.withElement(new Hard()).withChoices(MountChoices.UNDECIDED.withThread("M10")))
                        .toList()));
        assertThat(found(hard, "cradle.collar").get(0).what().in(UnitStyle.MILLIMETRES))
                .contains("turn a collar");
        Job slightly = bosses(BossHole.UNKNOWN, 0.0125);
        Job thin = slightly.withCradle(slightly.cradle()
                .withIsolators(slightly.cradle().isolators().stream()
                        .map(each -> each.withElement(new Hard()).withChoices(MountChoices.UNDECIDED.withThread("M10")))
                        .toList()));
        assertThat(found(thin, "cradle.collar").get(0).what().in(UnitStyle.MILLIMETRES))
                .contains("thicker bolt");
    }

    /** The frame under a mount and the mount are springs in series: held against the frame's own answer to a load. */
    @Test
    void floppyFrame_isToldAgainstTheRubber() {
        Examination examination = Examination.of(JOB);
        MountStiffness stiffness = examination.mountStiffness().orElseThrow();
        assertThat(stiffness.seats()).hasSize(4);
        assertThat(stiffness.frequencies().get(0))
                .isLessThan(examination
                        .shake()
                        .answer()
                        .orElseThrow()
                        .modes()
                        .modes()
                        .get(0)
                        .frequencyHz());
        // Less than ten times as stiff as the rubber is floppy; common practice. Harder rubber makes it so, softer
        // cures it.
        assertThat(found(hardness(40), "cradle.floppy")).hasSize(leastRatio(hardness(40)) < 10 ? 1 : 0);
        assertThat(leastRatio(hardness(75))).isLessThan(10);
        assertThat(found(hardness(75), "cradle.floppy")).hasSize(1);
    }

    private static Job hardness(double shore) {
        List<String> all = JOB.cradle().isolators().stream().map(Isolator::id).toList();
        return new JobEdit.SetHardness(all, shore).applyTo(JOB);
    }

    private static double leastRatio(Job job) {
        return Examination.of(job).mountStiffness().orElseThrow().seats().stream()
                .mapToDouble(seat -> seat.ratio())
                .min()
                .orElseThrow();
    }

    @Test
    void boltedEnd_isAHinge_inTheFrame() {
        Job bolted = with(new CradleEdit.SetJoint(TubeJoint.of("C1", "PFL", TubeJoint.Kind.BOLTED, "M8")));
        double welded = sink(JOB);
        assertThat(sink(bolted)).isGreaterThan(welded * 1.0001);
    }

    /** A level bolt across lets its end nod under the engine's weight, an upright one only swing aside. */
    @Test
    void wayOfTheBolt_decidesWhatItsEndMayDo() {
        TubeJoint level = TubeJoint.of("C1", "PFL", TubeJoint.Kind.BOLTED, "M8");
        double nods = sink(with(new CradleEdit.SetJoint(level)));
        double upright = sink(with(new CradleEdit.SetJoint(level.withBolt(Optional.of(Vec3.Z)))));
        assertThat(upright).isLessThan(nods);
        Vec3 along = Examination.of(JOB).seating().node("PFL");
        Vec3 way = Examination.of(JOB)
                .seating()
                .node(JOB.cradle().member("C1").orElseThrow().last())
                .minus(along);
        // A bolt cannot lie along its tube: told so, it is taken as level across.
        assertThat(sink(with(new CradleEdit.SetJoint(level.withBolt(Optional.of(way))))))
                .isEqualTo(nods);
        assertThatThrownBy(() -> level.withBolt(Optional.of(Vec3.ZERO)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("give the way that the bolt lies");
    }

    /** Friction of one bolt grows with its size: a thin one lets the end slip in its hole, a thick one does not. */
    @Test
    void thinBolt_slips_andIsTold() {
        double load = Examination.of(JOB).tubeStresses().stream()
                .filter(use -> use.tube().id().equals("C1"))
                .mapToDouble(use -> use.piece().endI().force().length())
                .max()
                .orElseThrow();
        assertThat(load).isGreaterThan(100);
        Finding thick = found(
                        with(new CradleEdit.SetJoint(TubeJoint.of("C1", "PFL", TubeJoint.Kind.BOLTED, "M16"))),
                        "cradle.slip")
                .get(0);
        assertThat(thick.severity()).isEqualTo(Severity.GOOD);
        Job heavy = JOB.withDonor(JOB.donor().withMass(JOB.donor().mass().withMass(900)));
        Finding thin = Examination.of(
                        new CradleEdit.SetJoint(TubeJoint.of("C1", "PFL", TubeJoint.Kind.BOLTED, "M6")).applyTo(heavy))
                .report(Step.CRADLE)
                .findings()
                .stream()
                .filter(each -> each.code().id().equals("cradle.slip"))
                .findFirst()
                .orElseThrow();
        assertThat(thin.severity()).isEqualTo(Severity.WATCH);
        assertThat(thin.what().in(UnitStyle.MILLIMETRES)).contains("slips by up to 0.3 mm");
    }

    private static double sink(Job job) {
        return -Examination.of(job)
                .load()
                .answer()
                .orElseThrow()
                .cases()
                .get(0)
                .node("donor")
                .orElseThrow()
                .displacement()
                .z();
    }

    @Test
    void boltThroughABareTubeEnd_dentsIt_andASleeveHelpsIfItFits() {
        TubeJoint bare = TubeJoint.of("C1", "PFL", TubeJoint.Kind.BOLTED, "M10");
        assertThat(severity(with(new CradleEdit.SetJoint(bare)), "cradle.crush"))
                .isEqualTo(Severity.STOP);
        Tube tube = (Tube) JOB.cradle().member("C1").orElseThrow().section();
        double bore = tube.od() - 2 * tube.wall();
        TubeJoint thick = bare.withSleeve(Optional.of(new TubeJoint.InnerSleeve(bore + 0.001, 0.03)));
        assertThat(severity(with(new CradleEdit.SetJoint(thick)), "cradle.sleeve"))
                .isEqualTo(Severity.STOP);
        TubeJoint loose = bare.withSleeve(Optional.of(new TubeJoint.InnerSleeve(bore - 0.002, 0.03)));
        assertThat(severity(with(new CradleEdit.SetJoint(loose)), "cradle.sleeve"))
                .isEqualTo(Severity.WATCH);
        TubeJoint stub = bare.withSleeve(Optional.of(new TubeJoint.InnerSleeve(bore - 0.0003, 0.01)));
        assertThat(found(with(new CradleEdit.SetJoint(stub)), "cradle.sleeve")
                        .get(0)
                        .what()
                        .in(UnitStyle.MILLIMETRES))
                .contains("an inch is the least");
    }

    @Test
    void barThatComesOut_isTriedWithTheEngineIn() {
        Job open = with(new CradleEdit.SetJoint(TubeJoint.of("C1", "PFL", TubeJoint.Kind.REMOVABLE, "M8")));
        assertThat(found(open, "cradle.refit")).hasSize(1);
        assertThat(severity(open, "cradle.refit")).isEqualTo(Severity.GOOD);
        // Through the middle of the engine nothing comes out.
        Job boxed = new CradleEdit.AddTube(
                        tube("C3", "N1", "N2"), List.of(at("N1", 0.45, 0.02, 0.42), at("N2", 0.55, -0.02, 0.42)))
                .applyTo(JOB);
        boxed = new CradleEdit.SetJoint(TubeJoint.of("C3", "N1", TubeJoint.Kind.REMOVABLE, "M8")).applyTo(boxed);
        assertThat(severity(boxed, "cradle.refit")).isEqualTo(Severity.WATCH);
    }

    @Test
    void details_areJudged() {
        assertThat(found(with(new Detail.Gusset("G", "S1", "C1", "C2", 0.03, 0.003)), "cradle.gusset")
                        .get(0)
                        .severity())
                .isEqualTo(Severity.STOP);
        assertThat(severity(with(new Detail.LandingPad("G", "B1", 0.005)), "cradle.landing-pad"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(new Detail.LandingPad("G", "B1", 0.0015)), "cradle.landing-pad"))
                .isEqualTo(Severity.WATCH);
        assertThat(severity(with(new Detail.LandingPad("G", "B1", 0.02)), "cradle.landing-pad"))
                .isEqualTo(Severity.WATCH);
        assertThat(severity(with(new Detail.ReliefNotch("G", "C1", 0.5, 0.004, false)), "cradle.notch"))
                .isIn(Severity.WATCH, Severity.STOP);
        assertThat(severity(with(new Detail.ReliefNotch("G", "C1", 0.5, 0.2, true)), "cradle.notch"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(with(new Detail.Slide("G", List.of("S1"), Vec3.X, 0.002, "M10")), "cradle.slide"))
                .isEqualTo(Severity.WATCH);
        assertThat(severity(with(new Detail.Slide("G", List.of("S1"), Vec3.X, 0.05, "M10")), "cradle.slide"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(new Detail.Hub("G", 0.025, 0.04, 40)), "cradle.hub"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(new Detail.Hub("G", 0.012, 0.01, 4000)), "cradle.hub"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(with(new Detail.Clutch("G", 0.14, 0.095, 2, 2500, 0.3)), "cradle.clutch"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(new Detail.Clutch("G", 0.14, 0.095, 2, 100, 0.3)), "cradle.clutch"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(with(new Detail.ReusedHanger("G", "B1", 0.08, 0.012, 0.02, 0.01)), "cradle.hanger"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(new Detail.ReusedHanger("G", "B1", 0.08, 0.03, 0.02, 0.01)), "cradle.hanger"))
                .isEqualTo(Severity.STOP);
        assertThat(found(with(new Detail.FoldedPlate("G", "B1", 0.06, 0.002, 0.012, 0.09)), "cradle.folded"))
                .hasSize(1);
        assertThat(severity(with(new Detail.ClampPad("G", "PFL", 0.09, 0.005, "M8", 6, true)), "cradle.clamp-pad"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(new Detail.ClampPad("G", "PFL", 0.09, 0.005, "M4", 1, true)), "cradle.clamp-pad"))
                .isEqualTo(Severity.STOP);
    }

    private static Detail adapter(double second, double register, double torque, double shaft) {
        return new Detail.AdapterPlate(
                "G",
                new Detail.BoltCircle(0.20, 6, "M8"),
                new Detail.BoltCircle(second, 4, "3/8-16"),
                0.012,
                register,
                2,
                0.008,
                torque,
                shaft,
                0.02,
                0.0005);
    }

    @Test
    void adapterPlate_isHeldToItsMetalTorqueAndShaft() {
        assertThat(found(with(adapter(0.15, 0.10, 80, 0.02)), "cradle.adapter")).isEmpty();
        assertThat(severity(with(adapter(0.11, 0.10, 80, 0.02)), "cradle.adapter"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(with(adapter(0.195, 0.10, 80, 0.02)), "cradle.adapter"))
                .isEqualTo(Severity.WATCH);
        assertThat(severity(with(adapter(0.15, 0.10, 80, 0.02)), "cradle.adapter-torque"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(adapter(0.15, 0.10, 9e5, 0.02)), "cradle.adapter-torque"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(with(adapter(0.15, 0.10, 80, 0.02)), "cradle.adapter-shaft"))
                .isEqualTo(Severity.GOOD);
        assertThat(severity(with(adapter(0.15, 0.10, 80, 0.04)), "cradle.adapter-shaft"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(with(adapter(0.15, 0.10, 80, 0.02)), "cradle.mixed-threads"))
                .isEqualTo(Severity.WATCH);
    }

    @Test
    void everyNumber_hasItsWhy() {
        Examination.of(JOB).report(Step.CRADLE).figures().forEach(figure -> {
            assertThat(figure.why().formula()).isNotBlank();
            assertThat(figure.why().source().words()).isNotBlank();
        });
    }

    /** Every cure that is offered makes its own finding go away. */
    @Test
    void cures_mendWhatTheyAreOfferedFor() {
        Tube odd = new Tube(0.0261, 0.0017);
        List<Job> troubled = List.of(
                with(new CradleEdit.AddTube(tube("C3", "S1", "S2"), List.of())),
                JOB.withCradle(JOB.cradle()
                        .withMembers(JOB.cradle().members().stream()
                                .map(member -> member.id().equals("C1") ? member.withSection(odd) : member)
                                .toList())),
                mounts(each -> each.withElement(new Hard())
                        .withChoices(MountChoices.UNDECIDED.with(MountChoices.Item.BOLT, Optional.of(0.020)))),
                tight());
        List<String> codes = List.of("cradle.doubled", "cradle.stock", "cradle.bolt-length", "cradle.stack");
        for (int k = 0; k < codes.size(); k++) {
            Examination examination = Examination.of(troubled.get(k));
            String code = codes.get(k);
            Finding finding = examination.report(Step.CRADLE).findings().stream()
                    .filter(each -> each.code().id().equals(code))
                    .findFirst()
                    .orElseThrow();
            List<Cure> cures = Cures.of(examination, finding);
            assertThat(cures).as(code).isNotEmpty();
            long before = found(troubled.get(k), code).size();
            assertThat(found(cures.get(0).edit().applyTo(troubled.get(k)), code).size())
                    .as(code)
                    .isLessThan((int) before);
        }
    }

    @Test
    void boltHeadThatReachesANeighbour_shortsTheIsolator() {
        MountDesign corner = Examination.of(JOB).mountDesigns().get(0);
        Vec3 beside = corner.face().along(corner.axis(), -0.03).plus(new Vec3(0.02, 0, 0));
        Job near = with(new CradleEdit.AddTube(
                tube("C3", "N1", "N2"),
                List.of(
                        at("N1", beside.x(), beside.y() - 0.2, beside.z()),
                        at("N2", beside.x(), beside.y() + 0.2, beside.z()))));
        assertThat(found(near, "cradle.shorted"))
                .anyMatch(finding -> finding.where().ids().contains("C3"));
        assertThat(found(JOB, "cradle.shorted")).isEmpty();
    }

    /** 6 mm over the 200 mm from the rail and none beyond: atan(6/200) and, to the other lug 200 mm on, as much again. */
    @Test
    void barDrawnWithAKink_isTold_andPulledStraight() {
        Job kinked = JOB.withCradle(JOB.cradle()
                .withNodes(JOB.cradle().nodes().stream()
                        .map(node -> node.id().equals("S1")
                                ? new Node("S1", new Anchor.FromBoss("B1", new Vec3(0, 0, -0.056)))
                                : node)
                        .toList()));
        Finding kink = found(kinked, "cradle.kink").get(0);
        assertThat(kink.where().ids()).contains("S1", "C1");
        double angle = Math.toDegrees(Math.atan(6.0 / 200) + Math.atan(6.0 / 200));
        assertThat(kink.what().in(UnitStyle.MILLIMETRES)).contains(String.format(Locale.ROOT, "%.2f °", angle));
        List<Cure> cures = Cures.of(Examination.of(kinked), kink);
        assertThat(cures).hasSize(1);
        assertThat(found(cures.get(0).edit().applyTo(kinked), "cradle.kink")).isEmpty();
        assertThat(found(JOB, "cradle.kink")).isEmpty();
    }

    /** On the ground a torn pad drops the engine onto the frame; in the air it takes the aircraft with it. */
    @Test
    void padsThatOnlyTheirBondHolds_areAStopInTheAir() {
        Job thin = JOB.withCradle(JOB.cradle()
                .withMembers(JOB.cradle().members().stream()
                        .map(member -> member.withSection(new Tube(0.02, 0.002)))
                        .toList()));
        assertThat(worstOfBond(thin)).isEqualTo(Severity.WATCH);
        LineEnd propeller = new LineEnd.Propeller(1.7, 0.6, 50, 0.1, 0, 0, 0, 0, true, 2);
        Job flying = thin.withLine(thin.line().withEnd(Optional.of(propeller)));
        assertThat(worstOfBond(flying)).isEqualTo(Severity.STOP);
    }

    private static Severity worstOfBond(Job job) {
        return found(job, "cradle.washer-overlap").stream()
                .filter(each -> each.what().in(UnitStyle.MILLIMETRES).startsWith("only the bond"))
                .map(Finding::severity)
                .findFirst()
                .orElseThrow();
    }
}
