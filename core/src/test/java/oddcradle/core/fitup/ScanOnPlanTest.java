package oddcradle.core.fitup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.MemberSolid;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.SimulatedScanner;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Scans;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.RectTube;
import org.junit.jupiter.api.Test;

/** Tubes that were moved by a known way, scanned with noise, and found again. */
class ScanOnPlanTest {
    private static final double NOISE = 0.0003;
    /** How the scanner happened to stand. */
    private static final Pose SCANNER = new Pose(Mat3.rotationAbout(new Vec3(1, 2, -1), 0.7), new Vec3(0.4, -1.1, 0.3));

    private static TriangleMesh scanned(List<Solid> solids) {
        Pose back = SCANNER.inverse();
        return SimulatedScanner.scan(
                solids.stream().map(solid -> solid.placed(back)).toList(), NOISE, 0, new Random(5));
    }

    /** Every straight run of the cradle with its ends moved, and the machine as drawn. */
    private static List<Solid> moved(Job job, Vec3 first, Vec3 last) {
        Seating seating = Seating.of(job);
        List<Solid> solids = new ArrayList<>();
        for (Member member : job.host().members()) {
            path(seating.centreLine(member), member, Vec3.ZERO, Vec3.ZERO, solids);
        }
        for (Member member : job.cradle().members()) {
            path(seating.centreLine(member), member, first, last, solids);
        }
        return solids;
    }

    private static void path(List<Vec3> path, Member member, Vec3 first, Vec3 last, List<Solid> solids) {
        for (int k = 1; k < path.size(); k++) {
            solids.add(
                    MemberSolid.between(path.get(k - 1).plus(first), path.get(k).plus(last), member.section()));
        }
    }

    @Test
    void movedEnds_areFoundAcrossTheTube() {
        Job job = TestJobs.plain();
        Vec3 first = new Vec3(0.0021, 0, -0.0034);
        Vec3 last = new Vec3(-0.0012, 0, 0.0008);
        ScanOnPlan found =
                ScanOnPlan.of(scanned(moved(job, first, last)), SCANNER, PlannedTubes.of(job, Seating.of(job)));

        assertThat(found.hostOff()).isBetween(0.0001, 0.0006);
        // The middle run of each cross tube lies along y, as long as its mounts are apart.
        List<ScanOnPlan.Run> along = found.runs().stream()
                .filter(run -> Math.abs(run.last().minus(run.first()).unit().y()) > 0.99)
                .toList();
        assertThat(along).hasSizeGreaterThanOrEqualTo(2);
        assertThat(along).allSatisfy(run -> {
            assertThat(run.atFirst().distanceTo(first)).isLessThan(2e-4);
            assertThat(run.atLast().distanceTo(last)).isLessThan(2e-4);
            assertThat(run.scatter()).isBetween(NOISE / 3, 2 * NOISE);
        });
        assertThat(found.runs().get(0).worst())
                .isGreaterThanOrEqualTo(
                        found.runs().get(found.runs().size() - 1).worst());
    }

    @Test
    void squareTube_isFoundByItsFlats() {
        Job plain = TestJobs.plain();
        Job job = TestJobs.withTubes(plain.cradle().members().stream()
                .map(tube -> tube.withSection(new RectTube(0.03, 0.03, 0.002)))
                .toList());
        Vec3 by = new Vec3(0.0024, 0, -0.0017);
        ScanOnPlan found = ScanOnPlan.of(scanned(moved(job, by, by)), SCANNER, PlannedTubes.of(job, Seating.of(job)));

        List<ScanOnPlan.Run> along = found.runs().stream()
                .filter(run -> Math.abs(run.last().minus(run.first()).unit().y()) > 0.99)
                .toList();
        assertThat(along).isNotEmpty();
        assertThat(along)
                .allSatisfy(run -> assertThat(run.atFirst().distanceTo(by)).isLessThan(4e-4));
    }

    /** Laid by the holes of its own mounts a scan would hide how far they are out; it is laid by the machine. */
    @Test
    void scanIsLaidByTheMachine_soThatTheMountsErrorShows() {
        Job job = TestJobs.plain();
        Vec3 by = new Vec3(0, 0, -0.004);
        MeshTree tree = MeshTree.of(scanned(moved(job, by, by)));
        Map<String, Vec3> ties = Side.MOUNT.ties(job);
        assertThat(ties.keySet()).containsAll(List.of("AL", "AR", "CL", "CR")).doesNotContain("M1");
        List<Scan.Pick> picks = List.of("AL", "AR", "CL", "CR").stream()
                .map(node -> new Scan.Pick(node, SCANNER.inverse().place(ties.get(node))))
                .toList();
        Job built = job.withAsBuilt(AsBuilt.NOTHING.withScan(Optional.of(new Scan("mount.stl", 1, picks))));

        ScanOnPlan found = ScanOnPlan.of(Examination.of(built, new Scans(Map.of("mount.stl", tree))))
                .orElseThrow();

        assertThat(found.hostOff()).isLessThan(0.0006);
        assertThat(found.runs().stream()
                        .filter(run ->
                                Math.abs(run.last().minus(run.first()).unit().y()) > 0.99)
                        .toList())
                .isNotEmpty()
                .allSatisfy(run -> assertThat(run.atFirst().z()).isCloseTo(-0.004, within(3e-4)));
        assertThat(ScanOnPlan.of(Examination.of(job))).isEmpty();
    }

    @Test
    void place_isToldFromTheNearestSkin() {
        Job job = TestJobs.plain();
        PlannedTubes tubes = PlannedTubes.of(job, Seating.of(job));
        Member rail = job.host().members().get(0);
        Vec3 middle = Seating.of(job)
                .centreLine(rail)
                .get(0)
                .towards(Seating.of(job).centreLine(rail).get(1), 0.5);
        double radius = rail.section().outerRadius();

        PlannedTubes.Off outside =
                tubes.off(middle.along(Vec3.Z, radius + 0.004)).orElseThrow();
        PlannedTubes.Off inside =
                tubes.off(middle.along(Vec3.Z, radius - 0.002)).orElseThrow();

        assertThat(outside.tube()).isEqualTo(rail.id());
        assertThat(outside.cradle()).isFalse();
        assertThat(outside.off()).isCloseTo(0.004, within(1e-9));
        assertThat(inside.off()).isCloseTo(-0.002, within(1e-9));
        assertThat(tubes.off(new Vec3(5, 5, 5))).isEmpty();
    }
}
