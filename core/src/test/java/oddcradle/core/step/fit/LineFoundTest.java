package oddcradle.core.step.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.SimulatedLine;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.BackLash;
import oddcradle.core.job.fit.PanelGap;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.job.fit.ThrustReading;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import org.junit.jupiter.api.Test;

/** Strings, tapes and levels held to wheels and shafts that are turned in space, and what is then told to move. */
class LineFoundTest {
    private static final Job PLAIN = TestJobs.plain();
    /** Wheels of the plain job: the driver's, and that of the axle. */
    private static final Vec3 DRIVER = new Vec3(0.38, 0.12, 0.4);

    private static final Vec3 DRIVEN = new Vec3(0, 0.12, 0.3);
    private static final Vec3 RUN = DRIVEN.minus(DRIVER).unit();
    private static final Vec3 ABOVE = new Vec3(-RUN.z(), 0, RUN.x()).times(-1);
    private static final double DRIVER_WIDE = 0.08;
    private static final double DRIVEN_WIDE = 0.15;

    private static FitCheck checked(Job job, AsBuilt built) {
        return Examination.of(job.withAsBuilt(built)).fit();
    }

    /** The face of a wheel, and how far a line that runs about along it is from it, across the machine. */
    private record Face(Vec3 point, Vec3 normal) {
        double left(Vec3 at) {
            return point.y() - (normal.x() * (at.x() - point.x()) + normal.z() * (at.z() - point.z())) / normal.y();
        }
    }

    /** A crooked line outside of both wheels, read at two places of each face, and a level on both. */
    private static ShaftReading.StringLine read(Face driver, Face driven, double crooked) {
        double[] reads = new double[4];
        Vec3[] at = {
            DRIVER.along(RUN, DRIVER_WIDE / 2), DRIVER.along(RUN, -DRIVER_WIDE / 2),
            DRIVEN.along(RUN, -DRIVEN_WIDE / 2), DRIVEN.along(RUN, DRIVEN_WIDE / 2)
        };
        for (int k = 0; k < 4; k++) {
            double line = 0.16 + crooked * at[k].minus(DRIVER).dot(RUN);
            reads[k] = line - (k < 2 ? driver : driven).left(at[k]);
        }
        return new ShaftReading.StringLine(
                "A1",
                "S1",
                "",
                reads[0],
                reads[1],
                DRIVER_WIDE,
                reads[2],
                reads[3],
                DRIVEN_WIDE,
                0,
                lean(driver, DRIVER),
                lean(driven, DRIVEN),
                false);
    }

    private static double lean(Face face, Vec3 middle) {
        return Math.atan((face.left(middle.plus(ABOVE)) - face.left(middle.minus(ABOVE))) / 2);
    }

    private static Face placed(Vec3 point, Vec3 shift, Vec3 turn) {
        Mat3 rotation = Mat3.rotationAbout(turn.unit(), turn.length());
        return new Face(point.plus(shift), rotation.times(Vec3.Y));
    }

    /** Whatever way the line itself is crooked; the engine's move brings the driver's wheel into the plane of the axle's. */
    @Test
    void string_bringsTheWheelsIntoOnePlane_howeverCrookedItHangs() {
        Random random = new Random(7);
        for (int trial = 0; trial < 20; trial++) {
            Vec3 shift = new Vec3(0, 0.003 * random.nextGaussian(), 0);
            Vec3 turn = new Vec3(0.006 * random.nextGaussian(), 0, 0.006 * random.nextGaussian());
            Face driver = placed(DRIVER, shift, turn);
            Face driven = placed(DRIVEN, Vec3.ZERO, new Vec3(0.004 * random.nextGaussian(), 0, 1e-9));
            ShaftReading.StringLine reading = read(driver, driven, 0.02 * random.nextGaussian());

            LineFound found =
                    checked(PLAIN, AsBuilt.NOTHING.withShafts(List.of(reading))).line();
            LineFound.Move move = found.engine().orElseThrow();
            SmallMotion motion = move.lineUp().motion();
            Vec3 normal = driver.normal().plus(motion.turn().cross(driver.normal()));

            assertThat(move.lineUp().holds()).isTrue();
            // What is usual is 0.3 degrees and 2 mm a metre; half of it either way is left alone.
            assertThat(normal.unit().angleTo(driven.normal())).isLessThan(Math.toRadians(0.3 * 0.71));
            Face moved = new Face(driver.point().plus(motion.at(driver.point())), normal.unit());
            assertThat(moved.left(DRIVEN)).isCloseTo(driven.left(DRIVEN), within(0.5 * 0.002 * 0.394 + 1e-5));
        }
    }

    /** A wheel that stands 3 mm farther out is told with its sign; the line on the other side turns it. */
    @Test
    void offset_isToldFromTheSideOfTheLine() {
        Face far = placed(DRIVEN, new Vec3(0, -0.003, 0), new Vec3(0, 0, 1e-9));
        Face true0 = placed(DRIVER, Vec3.ZERO, new Vec3(0, 0, 1e-9));
        ShaftReading.StringLine reading = read(true0, far, 0.01);

        WheelsFound outside = checked(PLAIN, AsBuilt.NOTHING.withShafts(List.of(reading)))
                .line()
                .wheels()
                .get(0);
        LineFound inside = checked(PLAIN, AsBuilt.NOTHING.withShafts(List.of(reading.withInside(true))))
                .line();

        assertThat(outside.offset()).isCloseTo(0.003, within(1e-9));
        assertThat(outside.side().y()).isEqualTo(1);
        assertThat(inside.wheels().get(0).side().y()).isEqualTo(-1);
        assertThat(inside.engine().orElseThrow().of("M1").y()).isCloseTo(0.003, within(1e-6));
        assertThat(checked(PLAIN, AsBuilt.NOTHING.withShafts(List.of(reading.withThicker(0.003))))
                        .line()
                        .wheels()
                        .get(0)
                        .offset())
                .isCloseTo(0, within(1e-9));
    }

    /** What a caliper's tenth does at the other wheel, by drawing many readings; over the width of a sprocket it says too little, and that is told. */
    @Test
    void stringOverANarrowSprocket_isKnownPoorly_andSaysSo() {
        Random random = new Random(11);
        double centres = DRIVER.distanceTo(DRIVEN);
        SimulatedLine laser = new SimulatedLine(0, 0, centres, 1e-4);
        for (double wide : new double[] {0.06, 0.4}) {
            double squares = 0;
            for (int k = 0; k < 400; k++) {
                SimulatedLine.Faces faces = laser.read(wide, DRIVEN_WIDE, random);
                double slope = (faces.donorNear() - faces.donorFar()) / wide;
                double off = (faces.drivenNear() + faces.drivenFar()) / 2
                        - (faces.donorNear() + faces.donorFar()) / 2
                        - slope * centres;
                squares += off * off / 400;
            }
            FitCheck fit = checked(
                    PLAIN,
                    AsBuilt.NOTHING.withShafts(List.of(new ShaftReading.StringLine(
                            "A1", "S1", "", 0.03, 0.03, wide, 0.03, 0.03, DRIVEN_WIDE, 0, 0, 0, false))));
            assertThat(fit.line().wheels().get(0).sigma())
                    .isBetween(0.85 * Math.sqrt(squares), 1.15 * Math.sqrt(squares));
            assertThat(found(fit, FitFinding.SHAFTS).contains(Severity.NOTE)).isEqualTo(wide < 0.1);
        }
    }

    /** The laser that is not there: what it reads is what it was set up to find, however it was set up. */
    @Test
    void simulatedLaser_readsWhatLiesThere() {
        SimulatedLine laser = new SimulatedLine(0.0024, 0.004, DRIVER.distanceTo(DRIVEN), 0);
        Random random = new Random(3);
        for (int trial = 0; trial < 10; trial++) {
            SimulatedLine.Faces faces = laser.read(DRIVER_WIDE, DRIVEN_WIDE, random);
            WheelsFound found = checked(
                            PLAIN,
                            AsBuilt.NOTHING.withShafts(List.of(new ShaftReading.StringLine(
                                    "A1",
                                    "S1",
                                    "",
                                    faces.donorNear(),
                                    faces.donorFar(),
                                    DRIVER_WIDE,
                                    faces.drivenNear(),
                                    faces.drivenFar(),
                                    DRIVEN_WIDE,
                                    0,
                                    0,
                                    0,
                                    false))))
                    .line()
                    .wheels()
                    .get(0);
            assertThat(found.offset()).isCloseTo(0.0024, within(1e-9));
            assertThat(found.angle()).isCloseTo(0.004, within(1e-9));
        }
    }

    /** 3 mm more at the left than at the right over 400 mm: the engine's left end has to come 3 mm nearer than its right. */
    @Test
    void axle_bothEnds_turnTheEngineUntilTheyAreAlike() {
        FitCheck fit = checked(
                PLAIN,
                AsBuilt.NOTHING.withShafts(
                        List.of(new ShaftReading.BothEnds("A1", "S1", "", 0.395, 0.392, 0.4, 0.005, 0))));
        SmallMotion motion = fit.line().engine().orElseThrow().lineUp().motion();
        Vec3 left = DRIVER.along(Vec3.Y, 0.2);
        Vec3 right = DRIVER.along(Vec3.Y, -0.2);

        assertThat(motion.at(left).minus(motion.at(right)).dot(RUN)).isCloseTo(0.003, within(1e-6));
        assertThat(motion.at(left).minus(motion.at(right)).z()).isCloseTo(-0.005 * 0.4, within(1e-4));
        assertThat(found(fit, FitFinding.SHAFTS)).containsExactly(Severity.WATCH);
    }

    private static List<Severity> found(FitCheck fit, FitFinding code) {
        return fit.report().findings().stream()
                .filter(finding -> finding.code() == code)
                .map(finding -> finding.severity())
                .toList();
    }

    /** A reading that denies another is named, not shared out in silence. */
    @Test
    void readingsThatCannotAllHold_areNamed() {
        FitCheck fit = checked(
                PLAIN,
                AsBuilt.NOTHING.withShafts(List.of(
                        read(
                                placed(DRIVER, Vec3.ZERO, new Vec3(0, 0, 1e-9)),
                                placed(DRIVEN, Vec3.ZERO, new Vec3(0, 0, 1e-9)),
                                0),
                        new ShaftReading.BothEnds("A2", "S1", "", 0.42, 0.38, 0.4, 0, 0))));

        assertThat(fit.line().engine().orElseThrow().lineUp().holds()).isFalse();
        // A move half way between both would be right for neither.
        assertThat(fit.line().told()).isEmpty();
        assertThat(found(fit, FitFinding.MOVES)).containsExactly(Severity.WATCH);
        assertThat(fit.report().figures()).noneMatch(figure -> figure.name().startsWith("line up"));
    }

    /** Readings that nobody can have taken, and couplings that take nothing: told, and nothing breaks. */
    @Test
    void wildReadings_areAnsweredAllTheSame() {
        Job tight = PLAIN.withLine(
                PLAIN.line().withStages(List.of(new Stage.Coupling("S1", "coupling", 1e-300, 1e-300, 500)), List.of()));
        ShaftReading feelers =
                new ShaftReading.StepAndGaps("A1", "S1", "", 1, -1, new ShaftDials.Dial(1, -1, 0.5, 0), 1e-6);
        ShaftReading wheels = new ShaftReading.StringLine("A2", "S1", "", 1, -1, 1e-6, -1, 1, 1e-6, 1, 0.5, -0.5, true);
        for (Job job : List.of(PLAIN, tight)) {
            LineFound found = checked(job, AsBuilt.NOTHING.withShafts(List.of(feelers, wheels)))
                    .line();
            assertThat(found.engine().orElseThrow().lineUp().worst()).isFinite();
            assertThat(found.engine().orElseThrow().of("M1").length()).isFinite();
        }
    }

    private static Job twoStages() {
        JackShaft shaft = new JackShaft(
                "J1",
                "jackshaft",
                new Vec3(0.2, 0, 0.35),
                Vec3.Y,
                0.025,
                0,
                0.12,
                -0.08,
                List.of(-0.15, 0.15),
                0,
                0,
                0,
                3.5e8,
                List.of());
        return PLAIN.withLine(PLAIN.line()
                .withStages(
                        List.of(
                                new Stage.Chain("S1", "first chain", 0.0127, 14, 30, 20_000, 0.008, 0.96),
                                new Stage.Chain("S2", "second chain", 0.0127, 14, 30, 20_000, 0.008, 0.96)),
                        List.of(shaft)));
    }

    /** The jackshaft is set to the axle; the engine, that was right to it, has to go along in the plane of their wheels. */
    @Test
    void whatIsMovedForTheNextAxis_isFollowedByTheEngine() {
        LineFound found = checked(
                        twoStages(),
                        AsBuilt.NOTHING.withShafts(List.of(
                                new ShaftReading.BothEnds("A1", "S2", "", 0.21, 0.206, 0.3, 0, 0),
                                new ShaftReading.StringLine(
                                        "A2", "S1", "", 0.02, 0.02, 0.06, 0.02, 0.02, 0.12, 0, 0, 0, false))))
                .line();
        LineFound.Move shaft = found.moves().get(0);
        LineFound.Move engine = found.moves().get(1);
        Vec3 wheel = new Vec3(0.2, 0.12, 0.35);

        assertThat(shaft.shaft().map(JackShaft::id)).contains("J1");
        assertThat(shaft.feet().keySet()).containsExactlyInAnyOrder("J1 bearing 1", "J1 bearing 2");
        assertThat(engine.shaft()).isEmpty();
        Vec3 turn = shaft.lineUp().motion().turn();
        assertThat(turn.length()).isBetween(0.0125, 0.0140);
        assertThat(engine.lineUp().motion().at(wheel).y())
                .isCloseTo(shaft.lineUp().motion().at(wheel).y(), within(1e-5));
        Vec3 run = wheel.minus(DRIVER).withoutPartAlong(Vec3.Y).unit();
        Vec3 about = run.cross(Vec3.Y);
        assertThat(engine.lineUp().motion().turn().dot(about)).isCloseTo(turn.dot(about), within(1e-5));
    }

    /** The first chain was never read: it is not passed over in silence that the jackshaft leaves it. */
    @Test
    void stageThatIsSpoiledByTheNext_isNamed() {
        ShaftReading axle = new ShaftReading.BothEnds("A1", "S2", "", 0.21, 0.206, 0.3, 0, 0);
        FitCheck unread = checked(twoStages(), AsBuilt.NOTHING.withShafts(List.of(axle)));
        FitCheck parallel = checked(
                twoStages(),
                AsBuilt.NOTHING.withShafts(List.of(new ShaftReading.BothEnds("A1", "S2", "", 0.21, 0.21, 0.3, 0, 0))));

        assertThat(unread.line().moves().get(0).spoils()).contains("first chain");
        assertThat(found(unread, FitFinding.MOVES)).containsExactly(Severity.WATCH);
        assertThat(found(parallel, FitFinding.MOVES)).isEmpty();
    }

    private static final LineEnd PROPELLER = new LineEnd.Propeller(1.5, 0.3, 40, 0.1, -0.8, 0.05, 3, 0, false, 2);

    private static Job flying() {
        return PLAIN.withLine(PLAIN.line().withStages(List.of(), List.of()).withEnd(Optional.of(PROPELLER)))
                .withDonor(PLAIN.donor().withOutput(Output.sprocket(new Vec3(0.3, 0, 0.02), Vec3.X, 14)));
    }

    /** A tip turned by the true shaft to both sides, its lengths to the mark taken in space; told in degrees. */
    @Test
    void thrustLine_isFoundByOneBlade_whateverItsLength() {
        Vec3 hub = new Vec3(0.8, 0, 0.42);
        Vec3 mark = new Vec3(-2.6, 0.04, 0.75);
        for (double left : new double[] {-2, -0.3, 0, 1.2}) {
            double yaw = Math.toRadians(left);
            Vec3 aside = new Vec3(-Math.sin(yaw), Math.cos(yaw), 0);
            double blade = 0.71;
            FitCheck fit = checked(
                    flying(),
                    AsBuilt.NOTHING.withThrusts(List.of(new ThrustReading(
                            "H1",
                            blade,
                            mark,
                            hub.along(aside, blade).distanceTo(mark),
                            hub.along(aside, -blade).distanceTo(mark),
                            Math.toRadians(0.2),
                            ""))));
            ThrustFound found = fit.line().thrusts().get(0);

            assertThat(Math.toDegrees(found.left())).isCloseTo(left, within(0.01));
            assertThat(Math.toDegrees(found.down())).isCloseTo(0.2, within(1e-6));
            assertThat(found(fit, FitFinding.THRUST))
                    .containsExactly(Math.abs(left) > 0.5 ? Severity.WATCH : Severity.GOOD);
            assertThat(Math.toDegrees(fit.line()
                            .engine()
                            .orElseThrow()
                            .lineUp()
                            .motion()
                            .turn()
                            .z()))
                    .isCloseTo(-left, within(0.01));
        }
    }

    @Test
    void thrustLine_ofTwoTips_isRefusedInWords() {
        FitCheck fit = checked(
                flying(),
                AsBuilt.NOTHING.withThrusts(
                        List.of(new ThrustReading("H1", 0.7, new Vec3(-3, 0, 0.4), 1.0, 6.0, 0, ""))));
        assertThat(fit.line().thrusts().get(0).plain()).isFalse();
        assertThat(found(fit, FitFinding.THRUST)).containsExactly(Severity.WATCH);
        assertThat(fit.line().engine()).isEmpty();
    }

    private static List<Severity> play(double least, double most) {
        return found(
                checked(
                        PLAIN,
                        AsBuilt.NOTHING.withBackLashes(
                                List.of(new BackLash("L1", "reduction", least, most, 0.003, 0.1, "")))),
                FitFinding.BACK_LASH);
    }

    /** ISO/TR 10064-2, table A.1, from memory: module 3 at 100 mm wants some 0.14 mm. */
    @Test
    void playOfTeeth_isHeldAgainstTheTable() {
        assertThat(play(0.15e-3, 0.17e-3)).containsExactly(Severity.GOOD);
        assertThat(play(0.12e-3, 0.14e-3)).containsExactly(Severity.WATCH);
        assertThat(play(0.15e-3, 0.30e-3)).containsExactly(Severity.WATCH, Severity.GOOD);
        assertThat(play(0.50e-3, 0.52e-3)).containsExactly(Severity.WATCH, Severity.GOOD);
    }

    private static List<Severity> panel(Optional<Double> now) {
        return found(
                checked(PLAIN, AsBuilt.NOTHING.withPanels(List.of(new PanelGap("P1", "hood, left", 0.006, now, "")))),
                FitFinding.PANEL);
    }

    /** A panel that never fitted is not the engine's doing. */
    @Test
    void panel_isBlamedOnTheEngineOnlyWhereItChanged() {
        assertThat(panel(Optional.empty())).isEmpty();
        assertThat(panel(Optional.of(0.0065))).containsExactly(Severity.GOOD);
        assertThat(panel(Optional.of(0.009))).containsExactly(Severity.WATCH);
        assertThat(panel(Optional.of(0.001))).containsExactly(Severity.WATCH);
    }

    /** With other shims under it nothing that was read of the engine's line is true any more. */
    @Test
    void shims_strikeOutWhatWasReadBefore() {
        List<ShaftReading> shafts = new ArrayList<>();
        shafts.add(new ShaftReading.BothEnds("A1", "S1", "", 0.4, 0.4, 0.4, 0, 0));
        AsBuilt read = AsBuilt.NOTHING
                .withShafts(shafts)
                .withThrusts(List.of(new ThrustReading("H1", 0.7, new Vec3(-3, 0, 0.4), 3, 3, 0, "")));
        AsBuilt shimmed = read.shimmed("M1", 0.001);
        assertThat(shimmed.shafts()).isEmpty();
        assertThat(shimmed.thrusts()).isEmpty();
        assertThat(read.shimmed("M1", 0).thrusts()).hasSize(1);
    }
}
