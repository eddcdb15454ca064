package oddcradle.core.step.donor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.cure.Cures;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.SimulatedScanner;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.Weights;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.History;
import oddcradle.core.job.donor.Service;
import oddcradle.core.job.edit.CandidateEdit;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.host.FrameSquare;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Condition;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Scans;
import oddcradle.core.search.Candidates;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.weigh.Weighing;
import org.junit.jupiter.api.Test;

class DonorAndHostTest {
    private static final Job JOB = TestJobs.plain();

    private static Optional<Finding> finding(Job job, String code) {
        return Examination.of(job).findings().stream()
                .filter(each -> each.code().id().equals(code))
                .findFirst();
    }

    private static Job withKeepOut(KeepOut keepOut) {
        List<KeepOut> all = new ArrayList<>(JOB.host().keepOuts());
        all.add(keepOut);
        return JOB.withHost(JOB.host().withKeepOuts(all));
    }

    @Test
    void partThatCannotBeDrawnOff_isNamedWithHowFarItComes() {
        // The pipe D2 ends at x = 0.1 + 0.02; a post stands 50 mm in front of it.
        Solid post = new Solid.Box(new Vec3(0.01, 0.1, 0.3), Pose.IDENTITY)
                .placed(new Pose(Mat3.IDENTITY, new Vec3(0.5 + 0.12 + 0.05 + 0.01, -0.2, 0.4)));
        Job job = withKeepOut(KeepOut.still("K9", "post", Category.FIXED, List.of(post)));
        Service service = new Service("V1", "pipe", "D2", Vec3.X, 0.1, 0.01);
        job = job.withDonor(job.donor().withServices(List.of(service)));
        Finding found = finding(job, "seat.service").orElseThrow();
        assertThat(found.severity()).isEqualTo(Severity.STOP);
        assertThat(found.what().in(UnitStyle.MILLIMETRES))
                .contains("does not come off")
                .contains("post")
                .contains("50.0 mm");
        Service sideways = new Service("V1", "pipe", "D2", Vec3.Y.negated(), 0.03, 0.01);
        assertThat(finding(job.withDonor(job.donor().withServices(List.of(sideways))), "seat.service")
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
    }

    @Test
    void movingKeepOut_isHeldAgainstEveryPlace() {
        Solid ball = new Solid.Sphere(new Vec3(0.5, 0.9, 0.4), 0.05);
        Motion towards = new Motion.Slide(Vec3.Y.negated(), 0, 0.7);
        Job still = withKeepOut(KeepOut.still("K9", "ball", Category.MOVING, List.of(ball)));
        Job moving = withKeepOut(new KeepOut("K9", "ball", Category.MOVING, List.of(ball), List.of(towards)));
        double apart = gapTo(still, "K9");
        assertThat(gapTo(moving, "K9")).isLessThan(apart - 0.5);
    }

    private static double gapTo(Job job, String id) {
        return Examination.of(job).ledger().all().stream()
                .filter(gap -> gap.obstacle().id().equals(id))
                .mapToDouble(gap -> gap.separation().distance())
                .min()
                .orElseThrow();
    }

    @Test
    void frameOutOfSquareAndTwisted_namesAmountAndCorner() {
        List<Node> nodes = new ArrayList<>(JOB.host().nodes());
        nodes.replaceAll(
                node -> node.id().equals("CR") ? new Node("CR", new Anchor.At(new Vec3(1.13, -0.3, 0.262))) : node);
        Job job = JOB.withHost(JOB.host()
                .withNodes(nodes)
                .withSquares(List.of(new FrameSquare("Q", "bay", List.of("AL", "AR", "CR", "CL")))));
        Finding square = finding(job, "host.square").orElseThrow();
        assertThat(square.severity()).isEqualTo(Severity.WATCH);
        // Pythagoras: diagonals of 1.2 and 1.23 by 0.6 m, the second with 12 mm of height
        assertThat(Math.abs(square.measured().orElseThrow().si()))
                .isCloseTo(Math.sqrt(1.23 * 1.23 + 0.36 + 0.012 * 0.012) - Math.hypot(1.2, 0.6), within(1e-9));
        Finding twist = finding(job, "host.twist").orElseThrow();
        assertThat(twist.measured().orElseThrow().si()).isCloseTo(0.012, within(0.0005));
    }

    @Test
    void rustedTube_carriesWithTheWallThatIsLeft() {
        Job job = JOB.withHost(JOB.host()
                .withMembers(JOB.host().members().stream()
                        .map(member -> member.id().equals("H1L")
                                ? member.withCondition(Optional.of(new Condition(0.003, 0.0018)))
                                : member)
                        .toList()));
        assertThat(finding(job, "host.wall").orElseThrow().severity()).isEqualTo(Severity.WATCH);
        double before = stress(JOB);
        assertThat(stress(job)).isGreaterThan(before * 1.3);
        assertThatThrownBy(() -> new Condition(0.002, 0.002)).hasMessageContaining("rusted through");
    }

    /** ISO 19902 (from memory): a dent five walls deep leaves 74 % bent and 67 % pressed; one of twelve is beyond what it tells. */
    @Test
    void dentedTube_bearsLess_andADeepDentIsNotWorkedOut() {
        double wall = 0.0024;
        Job sound = dented(wall, 0);
        assertThat(finding(sound, "host.dent")).isEmpty();
        Job job = dented(wall, 5 * wall);
        Finding dent = finding(job, "host.dent").orElseThrow();
        assertThat(dent.severity()).isEqualTo(Severity.WATCH);
        assertThat(dent.what().in(UnitStyle.MILLIMETRES)).contains("67.0 %").contains("74.1 %");
        // Bent through, or pressed: between the two the tube is worked so much harder.
        assertThat(utilisation(job) / utilisation(sound)).isBetween(1 / 0.7409, 1 / 0.6);
        assertThat(finding(dented(wall, 12 * wall), "host.dent").orElseThrow().severity())
                .isEqualTo(Severity.STOP);
        assertThatThrownBy(() -> new Condition(wall, 0).withDent(-0.001)).hasMessageContaining("dent");
    }

    private static Job dented(double wall, double dent) {
        return JOB.withHost(JOB.host()
                .withMembers(JOB.host().members().stream()
                        .map(member -> member.id().equals("H1L")
                                ? member.withCondition(Optional.of(new Condition(wall, 0).withDent(dent)))
                                : member)
                        .toList()));
    }

    private static double utilisation(Job job) {
        return Examination.of(job).tubeStresses().stream()
                .filter(use -> use.tube().id().equals("H1L"))
                .findFirst()
                .orElseThrow()
                .utilisation();
    }

    private static double stress(Job job) {
        return Examination.of(job).tubeStresses().stream()
                .filter(use -> use.tube().id().equals("H1L"))
                .mapToDouble(use -> use.piece().vonMisesMax())
                .max()
                .orElse(0);
    }

    @Test
    void steelOnALightAlloyTube_cannotBeWelded() {
        List<Material> materials = new ArrayList<>(JOB.materials());
        materials.add(Material.of("alloy", 69e9, 0.33, 2700, 2.4e8));
        List<Member> members = JOB.host().members().stream()
                .map(member -> member.id().equals("H1L")
                        ? Member.sound(member.id(), member.label(), member.nodes(), member.section(), "alloy")
                        : member)
                .toList();
        Job job = new Job(
                JOB.name(),
                materials,
                JOB.donor(),
                JOB.host().withMembers(members),
                JOB.line(),
                JOB.seat(),
                JOB.cradle(),
                JOB.cases(),
                JOB.build(),
                List.of(),
                Weights.EVEN,
                JOB.plan(),
                JOB.asBuilt(),
                JOB.around(),
                JOB.book());
        assertThat(finding(job, "cradle.alloy").orElseThrow().what().pattern()).contains("cannot be welded");
        assertThat(finding(JOB, "cradle.alloy")).isEmpty();
    }

    @Test
    void weighedMass_isOfferedAsACure() {
        Weighing scales =
                new Weighing.Scales("bathroom", List.of(new Weighing.ScaleReading(new Vec3(0, 0, 0.05), 33)), 0.2);
        Job job = JOB.withDonor(JOB.donor().withWeighings(List.of(scales)));
        Examination examination = Examination.of(job);
        Finding found = finding(job, "donor.weighed").orElseThrow();
        Job mended = Cures.of(examination, found).get(0).edit().applyTo(job);
        assertThat(mended.donor().mass().mass()).isCloseTo(33, within(1e-9));
        assertThat(finding(mended, "donor.weighed")).isEmpty();
    }

    @Test
    void unknownsAndFaults_becomeFindings() {
        assertThat(finding(JOB, "donor.hole")).isPresent();
        assertThat(finding(JOB, "donor.output")).isPresent();
        assertThat(finding(JOB, "donor.unlooked")).isPresent();
        History bad = new History(
                true,
                100,
                0,
                0,
                History.USUAL.stream()
                        .map(what -> new History.Check(what, History.Found.FAULT, ""))
                        .toList());
        Job job = JOB.withDonor(JOB.donor().withHistory(bad));
        assertThat(finding(job, "donor.unlooked")).isEmpty();
        assertThat(Examination.of(job).report(Step.DONOR).count(Severity.WATCH)).isEqualTo(History.USUAL.size());
    }

    @Test
    void bentPipe_isAsLongAsItsRunsAndArcs() {
        Pipe pipe = new Pipe(
                "P", "pipe", Category.HOT, List.of(Vec3.ZERO, new Vec3(1, 0, 0), new Vec3(1, 1, 0)), 0.2, 0.04);
        assertThat(pipe.length()).isCloseTo(2 - 2 * 0.2 + Math.PI / 2 * 0.2, within(1e-12));
        assertThat(pipe.part().solids().get(0).bounds().low().x()).isCloseTo(-0.02, within(1e-12));
        assertThatThrownBy(() -> new Pipe(
                        "P",
                        "pipe",
                        Category.HOT,
                        List.of(Vec3.ZERO, new Vec3(0.1, 0, 0), new Vec3(0.1, 1, 0)),
                        0.2,
                        0.04))
                .hasMessageContaining("smaller bend radius");
    }

    @Test
    void candidates_areOrderedByWhatTheUserCaresFor() {
        Donor big = JOB.donor()
                .withName("big")
                .withParts(List.of())
                .withShape(Optional.of(new EngineShape(
                        EngineLayout.SINGLE, true, 0.3, 0.3, 0.55, 0.2, 0.2, 0.7, 0, 0.2, 0.2, 0, 0, 0.05)))
                .withHistory(new History(true, 0, 100, 0, List.of()));
        Donor dear = JOB.donor().withName("dear").withHistory(new History(true, 0, 5000, 0, List.of()));
        Job job = JOB.withCandidates(List.of(big, dear));
        job = job.withDonor(job.donor().withHistory(new History(true, 0, 1000, 0, List.of())));
        List<Candidates.Candidate> byFit = Candidates.of(job.withWeights(new Weights(10, 0, 0, 0, 0, 0)));
        assertThat(byFit.get(2).donor().name()).isEqualTo("big");
        assertThat(byFit.get(2).fits()).isFalse();
        assertThat(byFit.get(0).room()).allMatch(way -> way >= 0 && way <= 0.15);
        List<Candidates.Candidate> byPrice = Candidates.of(job.withWeights(new Weights(0, 0, 0, 0, 10, 0)));
        assertThat(byPrice.stream().map(each -> each.donor().name())).containsExactly("big", "block", "dear");
        Job seated = new CandidateEdit.SeatCandidate(1).applyTo(job);
        assertThat(seated.donor().name()).isEqualTo("dear");
        assertThat(seated.candidates().get(1).name()).isEqualTo("block");
        assertThat(seated.seat()
                        .pose()
                        .place(seated.donor().output().centre())
                        .distanceTo(job.seat().pose().place(job.donor().output().centre())))
                .isLessThan(1e-12);
    }

    @Test
    void roomOfACandidate_isHowFarItCouldGo() {
        Candidates.Candidate here =
                Candidates.of(JOB.withCandidates(List.of(JOB.donor()))).get(0);
        Job moved = JOB.withSeat(JOB.seat()
                .moved(JOB.seat().position().plus(Vec3.X.times(here.room().get(0) - 0.001))));
        Job bare = moved.withCradle(new Cradle(List.of(), List.of(), List.of()));
        assertThat(ClearanceLedger.of(
                                Bodies.afresh().donorParts(bare, bare.seat().pose()),
                                Bodies.afresh().hostObstacles(bare))
                        .near())
                .allMatch(gap -> gap.margin() >= 0);
    }

    @Test
    void scanSetByPicks_joinsTheLedgerWhereItsSurfaceIs() {
        // The donor's own case, scanned in axes of its own.
        Pose scanner = Pose.ofYawPitchRoll(new Vec3(3, -2, 1), 0.7, -0.2, 0.4);
        Solid caseBox = JOB.donor().parts().get(0).solids().get(0).placed(scanner);
        MeshTree tree = MeshTree.of(SimulatedScanner.scan(List.of(caseBox), 0, 0, new Random(1)));
        List<Scan.Pick> picks = JOB.donor().bosses().stream()
                .map(boss -> new Scan.Pick(boss.id(), scanner.place(boss.position())))
                .toList();
        Job job = JOB.withDonor(JOB.donor().withScan(Optional.of(new Scan("case.stl", 0.001, picks))));
        Examination examination = Examination.of(job, new Scans(Map.of("case.stl", tree)));
        assertThat(examination
                        .scanPlace(Side.DONOR)
                        .orElseThrow()
                        .fit()
                        .orElseThrow()
                        .rms())
                .isLessThan(1e-9);
        for (String obstacle : List.of("H1L", "K1")) {
            double solid = gap(examination, "D1", obstacle);
            assertThat(gap(examination, Bodies.SCAN, obstacle)).isCloseTo(solid, within(0.0002));
        }
        Job sunk = job.withHost(job.host()
                .withKeepOuts(List.of(KeepOut.still(
                        "K9",
                        "marble",
                        Category.FIXED,
                        List.of(new Solid.Sphere(examination.seating().pose().place(caseMiddle()), 0.004))))));
        assertThat(gap(Examination.of(sunk, examination.scans()), Bodies.SCAN, "K9"))
                .isNegative();
        List<Scan.Pick> moved = new ArrayList<>(picks);
        moved.set(2, new Scan.Pick("B3", picks.get(2).onScan().plus(new Vec3(0.03, 0, 0))));
        Finding off = finding(
                        job.withDonor(job.donor().withScan(Optional.of(new Scan("case.stl", 0.001, moved)))),
                        "scan.fit")
                .orElseThrow();
        assertThat(off.severity()).isEqualTo(Severity.WATCH);
        assertThat(off.where().ids()).containsExactly("B3");
        Job loose = job.withDonor(job.donor().withScan(Optional.of(new Scan("case.stl", 0.001, picks.subList(0, 2)))));
        assertThat(finding(loose, "scan.loose")).isPresent();
        assertThat(finding(loose, "scan.unread")).isPresent();
        assertThatThrownBy(() -> new Scan("../secret.stl", 0.001, List.of())).hasMessageContaining("folder of the job");
    }

    private static Vec3 caseMiddle() {
        return JOB.donor().parts().get(0).solids().get(0).centre();
    }

    private static double gap(Examination examination, String part, String obstacle) {
        return examination.ledger().all().stream()
                .filter(each -> each.donorPart().id().equals(part)
                        && each.obstacle().id().equals(obstacle))
                .mapToDouble(each -> each.separation().distance())
                .findFirst()
                .orElseThrow();
    }
}
