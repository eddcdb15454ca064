package oddcradle.core.begin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.job.seat.Room;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class FirstFitTest {
    private static final Room ROOM = new Room(0.01, 0.015, 0.02, 0.05, 0.06, 0.01);
    private static final Aabb BAY = new Aabb(new Vec3(0.2, -0.25, 0.2), new Vec3(0.8, 0.25, 0.7));
    private static final EngineBox ENGINE = EngineBox.usual()
            .withLength(0.4)
            .withWidth(0.35)
            .withHeight(0.4)
            .withShaftUp(0.15)
            .withPipe(BoxSide.REAR);

    private static FirstFit fit(Aabb bay, EngineBox engine, double shaftUp, Optional<BoxSide> seat) {
        return FirstFit.of(new FirstFit.Asked(bay, engine, new Vec3(0, 0, shaftUp), FirstFit.Held.HEIGHT, seat), ROOM);
    }

    /** On paper: 600 long less 400 of engine, 140 for pipe and bend at the rear, 50 to a person ahead leaves 10. */
    @Test
    void fitsByWhatPaperSays() {
        FirstFit fit = fit(BAY, ENGINE, 0.37, Optional.of(BoxSide.FRONT));
        assertThat(fit.fits()).isTrue();
        assertThat(fit.sides().get(BoxSide.REAR).spare()).isCloseTo(0.005, within(1e-12));
        assertThat(fit.sides().get(BoxSide.FRONT).spare()).isCloseTo(0.005, within(1e-12));
        assertThat(fit.sides().get(BoxSide.TOP).gap()).isCloseTo(0.08, within(1e-12));
        assertThat(fit.lower()).isCloseTo(0.01, within(1e-12));
        assertThat(fit.longer()).isZero();
    }

    /** 60 mm less of bay: 50 short, told as what to stretch, with pipe and person in the way. */
    @Test
    void tooShortBay_saysByHowMuchAndWhatIsInTheWay() {
        Aabb bay = new Aabb(BAY.low(), BAY.high().minus(new Vec3(0.06, 0, 0)));
        FirstFit fit = fit(bay, ENGINE, 0.37, Optional.of(BoxSide.FRONT));
        assertThat(fit.fits()).isFalse();
        assertThat(fit.longer()).isCloseTo(0.05, within(1e-12));
        assertThat(fit.inTheWay())
                .extracting(FirstFit.SideRoom::side)
                .containsExactlyInAnyOrder(BoxSide.FRONT, BoxSide.REAR);
    }

    /** Stretched by what it asks for, it fits; by a millimetre less it does not. */
    @Property(tries = 300)
    void stretchAskedFor_isJustEnough(
            @ForAll @DoubleRange(min = 0.25, max = 0.9) double length,
            @ForAll @DoubleRange(min = 0.2, max = 0.8) double width,
            @ForAll @DoubleRange(min = 0.2, max = 0.8) double height,
            @ForAll BoxSide pipe,
            @ForAll BoxSide seat) {
        EngineBox engine = ENGINE.withLength(0.5)
                .withWidth(0.45)
                .withHeight(0.48)
                .withShaftAhead(0.2)
                .withPipe(pipe);
        Vec3 low = new Vec3(0, 0, 0.2);
        FirstFit first = fit(new Aabb(low, low.plus(new Vec3(length, width, height))), engine, 0, Optional.of(seat));
        Vec3 enough = new Vec3(length + first.longer(), width + first.wider(), height + first.higher());
        // Low enough that its underside has just the room it needs.
        double shaft = low.z() + first.sides().get(BoxSide.BOTTOM).needed() + engine.shaftUp();
        assertThat(fit(new Aabb(low, low.plus(enough)), engine, shaft, Optional.of(seat))
                        .fits())
                .isTrue();
        Vec3 less = new Vec3(0.001, 0.001, 0.001);
        boolean stretched = first.longer() > 0.002 || first.wider() > 0.002 || first.higher() > 0.002;
        if (stretched) {
            assertThat(fit(new Aabb(low, low.plus(enough).minus(less)), engine, shaft, Optional.of(seat))
                            .fits())
                    .isFalse();
        }
    }
}
