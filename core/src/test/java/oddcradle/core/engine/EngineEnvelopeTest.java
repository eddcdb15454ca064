package oddcradle.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.Vec3;

/** An engine from a dozen dimensions hangs together, and is as large as it was measured. */
class EngineEnvelopeTest {
    private static EngineShape any(EngineLayout layout, Random random) {
        double lean = layout.usualBank() == 0 ? 0.4 * random.nextDouble() : 0;
        return new EngineShape(
                layout,
                random.nextBoolean(),
                0.12 + 0.06 * random.nextDouble(),
                0.2 + 0.1 * random.nextDouble(),
                0.12 * layout.cylinders() + 0.1 * random.nextDouble(),
                0.09 + 0.05 * random.nextDouble(),
                0.1 + 0.06 * random.nextDouble(),
                0.34 + 0.1 * random.nextDouble(),
                0.09 + 0.03 * random.nextDouble(),
                0.08 + 0.03 * random.nextDouble(),
                0.14 + 0.05 * random.nextDouble(),
                lean,
                layout.usualBank(),
                0.03 + 0.03 * random.nextDouble());
    }

    private static double gap(Solid a, Solid b) {
        return SolidDistance.between(PreparedSolid.of(a), PreparedSolid.of(b)).distance();
    }

    private static List<EngineEnvelope.Piece> called(List<EngineEnvelope.Piece> pieces, String label) {
        return pieces.stream().filter(each -> each.label().equals(label)).toList();
    }

    @Property(tries = 200)
    void everyPartTouchesTheNext(@ForAll EngineLayout layout, @ForAll long seed) {
        List<EngineEnvelope.Piece> pieces = EngineEnvelope.of(any(layout, new Random(seed)));
        Solid crankcase = called(pieces, "crankcase").get(0).solid();
        List<EngineEnvelope.Piece> cylinders = called(pieces, "cylinder");
        List<EngineEnvelope.Piece> heads = called(pieces, "head");
        assertThat(cylinders).hasSize(layout.cylinders());
        for (int k = 0; k < cylinders.size(); k++) {
            assertThat(gap(crankcase, cylinders.get(k).solid())).isNotPositive();
            assertThat(gap(cylinders.get(k).solid(), heads.get(k).solid())).isCloseTo(0, within(1e-6));
        }
        for (String part : List.of("left cover", "right cover", "sump")) {
            for (EngineEnvelope.Piece each : called(pieces, part)) {
                assertThat(gap(crankcase, each.solid())).as(part).isCloseTo(0, within(1e-6));
            }
        }
    }

    /** The tape from the crank to the top of a head, along its cylinder, reads what was entered. */
    @Property(tries = 200)
    void headsReachAsFarAsMeasured(@ForAll EngineLayout layout, @ForAll long seed) {
        EngineShape shape = any(layout, new Random(seed));
        for (EngineEnvelope.Piece head : called(EngineEnvelope.of(shape), "head")) {
            Solid.Box box = (Solid.Box) head.solid();
            Vec3 along = box.pose().turn(Vec3.Z);
            double far = 0;
            for (int corner = 0; corner < 8; corner++) {
                Vec3 at = box.pose()
                        .place(new Vec3(
                                (corner & 1) == 0 ? box.half().x() : -box.half().x(),
                                (corner & 2) == 0 ? box.half().y() : -box.half().y(),
                                (corner & 4) == 0 ? box.half().z() : -box.half().z()));
                far = Math.max(far, at.dot(along));
            }
            assertThat(far).isCloseTo(shape.cylinderReach(), within(1e-9));
            assertThat(2 * box.half().x()).isCloseTo(shape.headLength(), within(1e-12));
        }
    }
}
