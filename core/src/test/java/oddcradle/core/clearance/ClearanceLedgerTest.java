package oddcradle.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class ClearanceLedgerTest {
    private static Body ball(String id, double x, double room, String nature) {
        return Body.of(id, id, room, nature, List.of(new Solid.Sphere(new Vec3(x, 0, 0), 0.05)));
    }

    @Test
    void worstMargin_comesFirst_andTheGreaterRoomRules() {
        Body hot = ball("pipe", 0, 0.020, "hot");
        Body near = ball("rail", 0.115, 0.010, "fixed");
        Body far = ball("seat", 0.16, 0.050, "people");
        ClearanceLedger ledger = ClearanceLedger.of(List.of(hot), List.of(near, far));
        assertThat(ledger.all()).extracting(gap -> gap.obstacle().id()).containsExactly("rail", "seat");
        Gap first = ledger.all().get(0);
        assertThat(first.separation().distance()).isCloseTo(0.015, within(1e-12));
        assertThat(first.limit()).isEqualTo(0.020);
        assertThat(first.nature()).isEqualTo("hot");
        assertThat(ledger.all().get(1).nature()).isEqualTo("people");
        assertThat(ledger.all().get(1).margin()).isCloseTo(0.010, within(1e-12));
    }

    @Test
    void pipeOfManyPieces_isAsNearAsItsNearestPiece() {
        List<Solid> bends = List.of(
                new Solid.Capsule(new Vec3(2, 0, 0), new Vec3(1, 0, 0.3), 0.02),
                new Solid.Capsule(new Vec3(1, 0, 0.3), new Vec3(0.1, 0, 0.1), 0.02),
                new Solid.Capsule(new Vec3(0.1, 0, 0.1), new Vec3(0.1, 2, 0.1), 0.02));
        Solid rail = new Solid.Cylinder(new Vec3(-1, 0, 0), new Vec3(0.05, 0, 0), 0.02);
        double brute = bends.stream()
                .mapToDouble(bend -> SolidDistance.between(bend, rail).distance())
                .min()
                .orElseThrow();
        Gap gap = gap(Body.of("pipe", "pipe", 0, "hot", bends), Body.of("rail", "rail", 0, "fixed", List.of(rail)));
        assertThat(gap.separation().distance()).isEqualTo(brute);
    }

    @Test
    void overlap_isNegative() {
        Gap gap = gap(ball("a", 0, 0, "fixed"), ball("b", 0.08, 0, "fixed"));
        assertThat(gap.separation().distance()).isCloseTo(-0.02, within(1e-12));
        assertThat(gap.separation().overlap()).isTrue();
    }

    @Test
    void farPairs_areWorkedOutWhenAskedFor_inTheirPlace() {
        List<Body> parts = List.of(ball("part", 0, 0.010, "fixed"));
        List<Body> around =
                List.of(ball("far", 2, 0, "fixed"), ball("near", 0.13, 0, "fixed"), ball("farther", 3, 0, "fixed"));
        ClearanceLedger ledger = ClearanceLedger.of(parts, around);
        assertThat(ledger.near()).extracting(gap -> gap.obstacle().id()).containsExactly("near");
        assertThat(ledger.worst(1)).extracting(gap -> gap.obstacle().id()).containsExactly("near");
        assertThat(ledger.worst(2)).extracting(gap -> gap.obstacle().id()).containsExactly("near", "far");
        assertThat(ledger.all()).extracting(gap -> gap.obstacle().id()).containsExactly("near", "far", "farther");
        assertThat(ledger.worst(9)).hasSize(3);
        assertThat(ClearanceLedger.of(parts, List.of()).worst(3)).isEmpty();
    }

    private static Gap gap(Body part, Body obstacle) {
        return ClearanceLedger.gap(part, obstacle, PairRules.BY_ROOM);
    }
}
