package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import oddcradle.core.control.Progress;
import oddcradle.core.cure.Cures;
import oddcradle.core.drive.ShaftDials.Dial;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.fitup.Again;
import oddcradle.core.fitup.FitPlan;
import oddcradle.core.fitup.FittingOrder;
import oddcradle.core.fitup.PullLearnt;
import oddcradle.core.fitup.Remedy;
import oddcradle.core.fitup.SignOff;
import oddcradle.core.fitup.TipOver;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.FootGap;
import oddcradle.core.job.fit.Growth;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.step.fit.FitFinding;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Machines as they came out: mounts put out of place by hand, and what is said and done about it. */
class DemoFitTest {
    private static Job plain(DemoJobs demo) throws IOException {
        return demo.load().job().withAsBuilt(AsBuilt.NOTHING);
    }

    /** Every hole of every mount read exactly, each moved by so much from where it is drawn. */
    private static Job built(Job job, BiFunction<String, Vec3, Vec3> found, boolean loaded) {
        Survey survey = Survey.NONE;
        for (Map.Entry<String, Vec3> hole : new TreeMap<>(Side.MOUNT.places(job)).entrySet()) {
            Vec3 at = found.apply(hole.getKey(), hole.getValue());
            survey = survey.with(SurveyPoint.of(hole.getKey(), "hole of " + hole.getKey(), hole.getValue(), 0, false));
            for (DatumPlane plane : DatumPlane.values()) {
                survey = survey.with(new Reading.Offset(
                        survey.nextReadingId(),
                        hole.getKey(),
                        plane,
                        at.dot(plane.direction()),
                        Instrument.CALIPER,
                        Instrument.CALIPER.lengthSigma()));
            }
        }
        return job.withAsBuilt(job.asBuilt()
                .withMeasured(List.of(new Measuring("welded", Measuring.Made.WELDED, loaded, "", survey))));
    }

    private static Job moved(Job job, String mount, Vec3 by) {
        return built(job, (id, at) -> id.equals(mount) ? at.plus(by) : at, false);
    }

    private static List<Finding> found(Examination examination, FitFinding code) {
        return examination.report(Step.FIT).findings().stream()
                .filter(finding -> finding.code() == code)
                .toList();
    }

    private static FitPlan plan(Examination examination) {
        return FitPlan.of(examination, Progress.UNWATCHED);
    }

    private static List<Remedy.Kind> kinds(FitPlan plan) {
        return plan.work().stream().map(Remedy::kind).toList();
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void mountsThatCameOutAsDrawn_areLeftAlone(DemoJobs demo) throws IOException {
        Job job = plain(demo);
        assertThat(found(Examination.of(job), FitFinding.UNMEASURED)).hasSize(1);

        Examination examination = Examination.of(built(job, (id, at) -> at, false));

        // Whoever fits it pushes it into line, within the play of its bolts, where it was drawn a little beside it.
        double play = examination.fit().mounts().mounts().get(0).hole().play();
        assertThat(examination.fit().mounts().motion().shift().length()).isLessThan(Math.max(1e-6, 1.01 * play));
        assertThat(found(examination, FitFinding.BOLTS).get(0).severity()).isEqualTo(Severity.GOOD);
        assertThat(kinds(plan(examination))).containsExactly(Remedy.Kind.LEAVE);
        assertThat(plan(examination).fits()).isTrue();
        assertThat(Again.of(examination).orElseThrow().turned()).isEmpty();
    }

    /** The skid of the demo: one mount 2.1 mm down and pulled 1.1 mm aside. Its hole is reamed for the line and it is shimmed; then it fits. */
    @Test
    void lowMount_isReamedAndShimmed_andThenItFits() throws IOException {
        Job job = DemoJobs.HUT_SKID.load().job();
        Examination before = Examination.of(job);
        assertThat(found(before, FitFinding.ALONG)).hasSize(1);
        assertThat(found(before, FitFinding.SHAFTS).get(0).severity()).isEqualTo(Severity.STOP);
        assertThat(stops(before)).isNotEmpty();

        FitPlan plan = plan(before);

        assertThat(kinds(plan)).containsExactly(Remedy.Kind.REAM, Remedy.Kind.SHIM);
        assertThat(plan.work()).allSatisfy(each -> assertThat(each.mounts()).containsExactly("M3"));
        assertThat(plan.fits()).isTrue();
        for (Remedy.Kind kind : List.of(Remedy.Kind.REAM, Remedy.Kind.SHIM)) {
            Remedy remedy = plan(Examination.of(job)).work().stream()
                    .filter(each -> each.kind() == kind)
                    .findFirst()
                    .orElseThrow();
            job = remedy.edit().orElseThrow().applyTo(job);
        }
        assertThat(job.asBuilt().fitted("M3").thickness()).isBetween(0.0020, 0.0025);
        assertThat(job.asBuilt().shafts()).isEmpty();
        Examination then = Examination.of(job);
        assertThat(then.report(Step.FIT).findings())
                .noneMatch(finding -> finding.severity().isWorseThan(Severity.NOTE));
        assertThat(kinds(plan(then))).containsExactly(Remedy.Kind.LEAVE);
        assertThat(stops(then)).isEmpty();
    }

    private static List<Again.Turned> stops(Examination examination) {
        return Again.of(examination).orElseThrow().turned().stream()
                .filter(each -> each.shown().severity() == Severity.STOP)
                .toList();
    }

    /** The cure in the notes does the same for one mount. */
    @Test
    void cureOfALowMount_takesItsFindingAway() throws IOException {
        Job job = moved(plain(DemoJobs.HUT_SKID), "M2", new Vec3(0, 0, -0.0016));
        Examination examination = Examination.of(job);
        Finding low = found(examination, FitFinding.ALONG).get(0);

        Job cured = Cures.of(examination, low).get(0).edit().applyTo(job);

        assertThat(low.what().in(UnitStyle.MILLIMETRES)).contains("M2 stands 1.60 mm too low");
        assertThat(cured.asBuilt().fitted("M2").thickness()).isCloseTo(0.0016, within(1e-9));
        assertThat(found(Examination.of(cured), FitFinding.ALONG)).isEmpty();
    }

    /** A hard mount out by a little costs force; on rubber the same costs next to none. */
    @Test
    void sameMillimetre_isForceOnAStiffMountAndNextToNothingOnRubber() throws IOException {
        double hard = force(DemoJobs.HUT_SKID, new Vec3(0, 0, -0.001));
        double soft = force(DemoJobs.ORCHARD_TUG, new Vec3(0, 0, -0.001));

        assertThat(hard).isGreaterThan(2_000);
        assertThat(soft).isBetween(10.0, 400.0);
    }

    private static double force(DemoJobs demo, Vec3 by) throws IOException {
        Examination examination = Examination.of(moved(plain(demo), "M1", by));
        return examination.fit().mounts().sits().orElseThrow().forces().get(0).length();
    }

    @Test
    void highMount_losesItsSpacer_orIsCutWhereItHasNone() throws IOException {
        Examination spaced = Examination.of(moved(plain(DemoJobs.HUT_SKID), "M1", new Vec3(0, 0, 0.008)));
        FitPlan plan = plan(spaced);

        assertThat(kinds(plan)).contains(Remedy.Kind.TRIM);
        Job trimmed = plan.work().stream()
                .filter(each -> each.kind() == Remedy.Kind.TRIM)
                .findFirst()
                .flatMap(Remedy::edit)
                .orElseThrow()
                .applyTo(spaced.job());
        assertThat(trimmed.asBuilt().fitted("M1").thickness()).isCloseTo(-0.008, within(1e-6));
        assertThat(kinds(plan(Examination.of(trimmed)))).containsExactly(Remedy.Kind.LEAVE);
    }

    @Test
    void holeBesideItsBolt_isLeftReamedSlottedOrMadeAnewByHowFar() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        double play = Examination.of(built(job, (id, at) -> at, false))
                .fit()
                .mounts()
                .mounts()
                .get(0)
                .hole()
                .play();
        assertThat(kindFor(job, new Vec3(0, play, 0))).containsExactly(Remedy.Kind.LEAVE);
        assertThat(kindFor(job, new Vec3(0, 0.0016, 0)))
                .contains(Remedy.Kind.REAM)
                .doesNotContain(Remedy.Kind.REMAKE);
        assertThat(kindFor(job, new Vec3(0, 0.006, 0)))
                .contains(Remedy.Kind.SLOT)
                .doesNotContain(Remedy.Kind.REMAKE);
        assertThat(kindFor(job, new Vec3(0, 0.08, 0))).contains(Remedy.Kind.REMAKE);
    }

    private static List<Remedy.Kind> kindFor(Job job, Vec3 by) {
        return kinds(plan(Examination.of(moved(job, "M4", by))));
    }

    /** Opened as told, the bolts go in. */
    @Test
    void openedHoles_takeTheirBolts() throws IOException {
        Job job = moved(plain(DemoJobs.HUT_SKID), "M4", new Vec3(0.003, 0.006, 0));
        assertThat(found(Examination.of(job), FitFinding.BOLTS).get(0).severity())
                .isEqualTo(Severity.STOP);
        Job opened = job;
        int edits = 0;
        for (Remedy remedy : plan(Examination.of(job)).work()) {
            // Each was worked out for the mount alone: taken one after the other, as in the window.
            Optional<Remedy> now = plan(Examination.of(opened)).work().stream()
                    .filter(each ->
                            each.mounts().equals(remedy.mounts()) && each.edit().isPresent())
                    .findFirst();
            if (now.isPresent()) {
                opened = now.get().edit().orElseThrow().applyTo(opened);
                edits++;
            }
        }
        assertThat(edits).isPositive();
        assertThat(found(Examination.of(opened), FitFinding.BOLTS).get(0).severity())
                .isEqualTo(Severity.GOOD);
    }

    @Test
    void leftForRight_andInchesForMillimetres_areNamed() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        Examination mirrored = Examination.of(built(job, (id, at) -> new Vec3(at.x(), -at.y(), at.z()), false));
        Examination inches = Examination.of(built(job, (id, at) -> at.times(1 / 25.4), false));

        assertThat(found(mirrored, FitFinding.MIRRORED)).hasSize(1);
        assertThat(found(inches, FitFinding.WRONG_UNIT)).hasSize(4);
        assertThat(found(inches, FitFinding.WRONG_UNIT).get(0).what().pattern()).contains("inches were typed");
        assertThat(found(Examination.of(moved(job, "M1", new Vec3(0, 0, -0.003))), FitFinding.WRONG_UNIT))
                .isEmpty();
    }

    /** Standing on its mounts the engine's own place is read: no force can be told from it. */
    @Test
    void measuredWithTheEngineOn_itLiesWhereItWasFound() throws IOException {
        Vec3 by = new Vec3(0.001, -0.002, 0.003);
        Examination drawn = Examination.of(plain(DemoJobs.HUT_SKID));
        Examination loaded = Examination.of(built(drawn.job(), (id, at) -> at.plus(by), true));

        // The engine's own weight had let it down already where it was measured.
        assertThat(loaded.fit().mounts().motion().shift().minus(by).length()).isLessThan(3e-4);
        assertThat(found(loaded, FitFinding.FORCED)).isEmpty();
        assertThat(found(loaded, FitFinding.BOLTS)).isEmpty();
    }

    @Test
    void mountNobodyMeasured_isTakenAsDrawnAndSaid() throws IOException {
        Job whole = moved(plain(DemoJobs.HUT_SKID), "M1", Vec3.ZERO);
        Survey survey = whole.asBuilt().survey();
        List<Reading> some = survey.readings().stream()
                .filter(reading -> !reading.points().contains("M2"))
                .toList();
        Job job = whole.withAsBuilt(whole.asBuilt()
                .withNow(new Survey(
                        survey.points().stream()
                                .filter(point -> !point.id().equals("M2"))
                                .toList(),
                        some,
                        List.of(),
                        List.of())));

        Examination examination = Examination.of(job);

        assertThat(found(examination, FitFinding.SOME_UNMEASURED).get(0).what().in(UnitStyle.MILLIMETRES))
                .contains("M2 is not measured");
        assertThat(examination.fit().mounts().mounts())
                .filteredOn(mount -> !mount.measured())
                .extracting(MountFound::id)
                .containsExactly("M2");
    }

    @Test
    void pullOfTheDemo_isLearnt() throws IOException {
        Examination examination = Examination.of(DemoJobs.HUT_SKID.load().job());

        PullLearnt learnt = PullLearnt.of(examination);

        PullLearnt.Joint third = learnt.joints().stream()
                .filter(joint -> joint.found().point().equals("M3"))
                .findFirst()
                .orElseThrow();
        // Invented as 0.4 mm back, 1.1 mm left and 1.4 mm down.
        assertThat(third.found().moved().distanceTo(new Vec3(-0.0004, 0.0011, -0.0014)))
                .isLessThan(4 * third.found().sigma());
        assertThat(third.found().isSure()).isTrue();
        assertThat(third.found().moved().length()).isGreaterThan(third.expected());
        Job taken = learnt.taken(examination.job()).orElseThrow().applyTo(examination.job());
        assertThat(taken.plan().errors().pull()).isEqualTo(learnt.pull()).isBetween(0.0003, 0.0012);
        assertThat(learnt.taken(taken)).isEmpty();
    }

    /** Warm, the engine's shaft rises by 23e-6 · 0.2 m · 50 K; cold it is set as much lower. */
    @Test
    void shaftsAreLinedUpLowerByWhatTheyRise() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        Dial still = new Dial(0, 0, 0, 0);
        AsBuilt built = job.asBuilt()
                .withShafts(List.of(new ShaftReading.RimAndFace("A1", "S1", "", still, still, 0.1, 0, false, false, 0)))
                .withGrowth(new Growth(0.2, 50, Growth.Metal.ALUMINIUM, 0, 0, Growth.Metal.IRON));

        Examination examination = Examination.of(job.withAsBuilt(built));

        assertThat(examination.fit().line().shafts().get(0).lift("M1")).isCloseTo(-0.00023, within(1e-9));
        assertThat(examination.fit().line().shafts().get(0).move("M1")).isZero();
    }

    @Test
    void dialThatSlipped_isToldFromOneThatWasNotZeroed() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        Dial notZeroed = new Dial(0.001, 0.0011, 0.0013, 0.0012);
        Dial slipped = new Dial(0, 0.0005, 0.0002, 0.0001);
        AsBuilt built = job.asBuilt()
                .withShafts(List.of(
                        new ShaftReading.RimAndFace("A1", "S1", "", notZeroed, slipped, 0.1, 0, false, false, 0)));

        List<Finding> dials = found(Examination.of(job.withAsBuilt(built)), FitFinding.DIAL);

        assertThat(dials).extracting(Finding::severity).containsExactly(Severity.WATCH, Severity.NOTE);
        assertThat(dials.get(0).what().pattern()).contains("slipped");
        assertThat(dials.get(1).what().pattern()).contains("not set to zero");
    }

    @Test
    void softFoot_isShimmedBeforeAnythingIsLinedUp() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        List<FootGap> gaps = List.of(
                new FootGap("M0 of another cradle", 0.03),
                new FootGap("M1", 0),
                new FootGap("M2", 0),
                new FootGap("M3", 0.0012),
                new FootGap("M4", 0));

        Examination examination = Examination.of(job.withAsBuilt(job.asBuilt().withFeet(gaps)));

        assertThat(found(examination, FitFinding.SOFT_FOOT)).hasSize(1);
        assertThat(examination.fit().feet().orElseThrow().foot().shims().get(2)).isCloseTo(0.0012, within(1e-9));
    }

    /** Moments by hand: the skid's six feet stand at 0.3 m to each side, its weight lies in its middle plane. */
    @Test
    void skid_standsWhileItsEngineGoesOn() throws IOException {
        TipOver tip = TipOver.of(Examination.of(plain(DemoJobs.HUT_SKID))).orElseThrow();

        assertThat(tip.states()).hasSize(3);
        assertThat(tip.states()).allSatisfy(state -> {
            assertThat(state.edge()).isCloseTo(0.3, within(0.002));
            assertThat(state.stands()).isTrue();
        });
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void listsAndOrder_areOfTheFamily(DemoJobs demo) throws IOException {
        Examination examination = Examination.of(plain(demo));
        List<String> marks = SignOff.of(examination.job()).items().stream()
                .map(SignOff.Item::mark)
                .toList();
        List<String> words = new ArrayList<>();
        FittingOrder.of(examination).moves().forEach(move -> move.what()
                .forEach(what -> words.add(what.in(UnitStyle.MILLIMETRES))));

        assertThat(marks).doesNotHaveDuplicates().contains("threads", "welds", "fuel");
        assertThat(marks.contains("tail")).isEqualTo(demo == DemoJobs.WHIMBREL);
        assertThat(marks.contains("earth")).isEqualTo(demo == DemoJobs.HUT_SKID);
        assertThat(marks.contains("sleeves"))
                .isEqualTo(examination.job().cradle().isSoft());
        assertThat(words).anyMatch(line -> line.contains("second person"));
        assertThat(words).anyMatch(line -> line.contains("N·m"));
        assertThat(words.stream().anyMatch(line -> line.contains("tail to a weight")))
                .isEqualTo(demo == DemoJobs.WHIMBREL);
    }

    /** A ring mount is bolted from behind: forward and back is along its bolts, a low one is one that stands back. */
    @Test
    void ringMount_isShimmedForward() throws IOException {
        Job job = moved(plain(DemoJobs.WHIMBREL), "M1", new Vec3(0.002, 0, 0));
        Examination examination = Examination.of(job);
        MountFound first = examination.fit().mounts().mounts().get(0);

        assertThat(Math.abs(first.lacks())).isCloseTo(0.002, within(1e-6));
        assertThat(first.across().length()).isLessThan(1e-6);
        Examination aside = Examination.of(moved(plain(DemoJobs.WHIMBREL), "M1", new Vec3(0, 0.002, 0)));
        assertThat(aside.fit().mounts().mounts().get(0).lacks()).isCloseTo(0, within(1e-6));
        assertThat(aside.fit().mounts().mounts().get(0).across().length()).isCloseTo(0.002, within(1e-6));
    }

    /** On rubber a mount out by some millimetres carries more than its share: said, and mended by a shim. */
    @Test
    void softMountFarOut_carriesMoreThanItsShare() throws IOException {
        Job job = moved(plain(DemoJobs.ORCHARD_TUG), "M2", new Vec3(0, 0, -0.006));
        Examination examination = Examination.of(job);

        assertThat(found(examination, FitFinding.FORCED)).isNotEmpty();
        assertThat(found(examination, FitFinding.FORCED).get(0).what().in(UnitStyle.MILLIMETRES))
                .contains("rubber sets unevenly");
        FitPlan plan = plan(examination);
        assertThat(kinds(plan)).contains(Remedy.Kind.SHIM);
        Job shimmed = plan.work().stream()
                .filter(each -> each.kind() == Remedy.Kind.SHIM)
                .findFirst()
                .flatMap(Remedy::edit)
                .orElseThrow()
                .applyTo(job);
        assertThat(found(Examination.of(shimmed), FitFinding.FORCED)).isEmpty();
    }

    /** Moments by hand: a machine of 100 kg whose weight stands 0.1 m behind the foremost feet goes over forward under 44 kg hung 0.8 m before them. */
    @Test
    void engineHungFarOut_tipsTheMachineOver() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        List<Vec3> feet = job.host().supports().stream()
                .map(support -> Examination.of(job).seating().node(support.node()))
                .toList();
        double front = feet.stream().mapToDouble(Vec3::x).min().orElseThrow();
        Job light = job.withHost(job.host()
                .withMasses(List.of())
                .withWeight(Optional.of(new MachineWeight(100, new Vec3(front + 0.1, 0, 0.3)))));
        Vec3 cg = Examination.of(light).seating().mass().cg();
        double mass = Examination.of(light).seating().mass().mass();
        Job far =
                light.withSeat(light.seat().moved(light.seat().position().plus(new Vec3(front - 0.8 - cg.x(), 0, 0))));

        List<TipOver.State> states =
                TipOver.of(Examination.of(far)).orElseThrow().states();

        assertThat(states.get(0).edge()).isCloseTo(0.1, within(0.003));
        assertThat(states.get(2).edge()).isCloseTo((100 * 0.1 - mass * 0.8) / (100 + mass), within(0.003));
        assertThat(states.get(2).stands()).isFalse();
        assertThat(states.get(2).goesOver()).isEqualTo("back");
        assertThat(FittingOrder.of(Examination.of(far)).moves().get(0).what())
                .anyMatch(what -> what.in(UnitStyle.MILLIMETRES).contains("it goes over back"));
    }

    /** Trade: a bracket that was merely the wrong way round was drilled anew for two hours. Mirrored through its joint the hole is where it belongs. */
    @ParameterizedTest
    @EnumSource(
            value = DemoJobs.class,
            names = {"SALTMARSH_RUNABOUT", "HUT_SKID"})
    void mountTheWrongWayRound_isTurnedBeforeItIsCut(DemoJobs demo) throws IOException {
        Job job = plain(demo);
        Examination drawn = Examination.of(job);
        MountFound mount = drawn.fit().mounts().mounts().get(0);
        Vec3 joint = drawn.seating().node(mount.mount().node());
        Vec3 arm = mount.hole().place().minus(joint);
        Vec3 longest = Math.abs(arm.x()) > Math.abs(arm.z()) ? Vec3.X : Vec3.Z;

        FitPlan plan = plan(Examination.of(
                moved(job, mount.id(), longest.times(-2 * arm.dot(longest)).plus(new Vec3(0, 0.001, 0)))));

        Remedy turn = plan.work().stream()
                .filter(each -> each.kind() == Remedy.Kind.TURN)
                .findFirst()
                .orElseThrow();
        assertThat(turn.mounts()).containsExactly(mount.id());
        assertThat(turn.what().in(UnitStyle.MILLIMETRES))
                .contains(longest == Vec3.X ? "front to back" : "upside down", "it would be 1.00 mm");
        assertThat(plan.fits()).isFalse();
        assertThat(kindFor(job, new Vec3(0, 0, -0.003))).doesNotContain(Remedy.Kind.TURN);
    }

    /** Tacked as drawn, welded, and pulled: both times with every hole read. */
    private static Job pulled(Job job, Measuring.Made made, Vec3 by) {
        Measuring tacked =
                built(job, (id, at) -> at, false).asBuilt().measured().get(0);
        Measuring welded = moved(job, "M1", by).asBuilt().measured().get(0);
        return job.withAsBuilt(job.asBuilt()
                .withMeasured(
                        List.of(tacked.withName("tacked").withMade(Measuring.Made.TACKED), welded.withMade(made))));
    }

    private static Optional<Remedy> pullBack(Job job) {
        return plan(Examination.of(job)).work().stream()
                .filter(each -> each.kind() == Remedy.Kind.PULL_BACK)
                .findFirst();
    }

    /** Trade: what the weld pulled, a run on the other side pulls back; not what was drawn or set up wrongly, not through paint, and not by a heap of runs. */
    @Test
    void weldThatPulled_isPulledBack_whereThatIsWhatMovedIt() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        Vec3 aside = new Vec3(0, 0.0019, 0);
        Remedy back = pullBack(pulled(job, Measuring.Made.WELDED, aside)).orElseThrow();

        assertThat(back.mounts()).containsExactly("M1");
        assertThat(back.what().in(UnitStyle.MILLIMETRES)).contains("looks to the right", "cool and measure");
        assertThat(back.edit()).isEmpty();
        assertThat(pullBack(moved(job, "M1", aside))).isEmpty();
        assertThat(pullBack(pulled(job, Measuring.Made.FINISHED, aside))).isEmpty();
        assertThat(pullBack(pulled(job, Measuring.Made.WELDED, aside.times(4)))).isEmpty();
        // Along its tube no run moves it.
        assertThat(pullBack(pulled(job, Measuring.Made.WELDED, new Vec3(0.0019, 0, 0))))
                .isEmpty();
    }

    /** A slot wants a washer that covers it, shims want a longer bolt; trimmed spacers are shorter. */
    @Test
    void hardwareList_saysWhatWasFitted() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        List<HardwareItem> drawn = Examination.of(job).hardware().ofMount("M1");
        Boss boss = job.donor().boss(job.cradle().isolators().get(0).boss()).orElseThrow();
        Job slotted = new SeatEdit.OpenHole(new FitErrors.Hole(boss.id(), 0.011, 0.005, Vec3.X)).applyTo(job);
        Job shimmed = slotted.withAsBuilt(slotted.asBuilt().shimmed("M1", 0.0042));

        List<HardwareItem> items = Examination.of(shimmed).hardware().ofMount("M1");

        HardwareItem cover = only(items, HardwareItem.Kind.COVER_WASHER);
        // The bolt may stand at either end of its slot, and half of it again must lie on metal.
        assertThat(cover.outside()).isGreaterThanOrEqualTo(0.011 + 2 * 0.005 + 0.008);
        assertThat(cover.length()).isGreaterThanOrEqualTo(0.003);
        assertThat(only(items, HardwareItem.Kind.SHIM).length()).isCloseTo(0.0042, within(1e-9));
        HardwareItem before = only(drawn, HardwareItem.Kind.BOLT);
        HardwareItem bolt = only(items, HardwareItem.Kind.BOLT);
        double more = bolt.fastening().orElseThrow().grip()
                - before.fastening().orElseThrow().grip();
        assertThat(more).isCloseTo(0.0042 + cover.length(), within(1e-9));
        assertThat(bolt.length() - before.length()).isBetween(0.0, more + 0.0051);
        assertThat(bolt.length() - bolt.fastening().orElseThrow().grip()).isGreaterThan(0.9 * before.outside());
        // The skid's engine stands on its feet: bolts go in from above, and stay there without their nuts.
        assertThat(before.fastening().orElseThrow().goes()).isEqualTo("from above");
        assertThat(bolt.fastening().orElseThrow().lock()).contains("nut");
        double spacer = only(drawn, HardwareItem.Kind.SPACER).length();
        Job trimmed = job.withAsBuilt(job.asBuilt().shimmed("M1", -0.003));
        assertThat(only(Examination.of(trimmed).hardware().ofMount("M1"), HardwareItem.Kind.SPACER)
                        .length())
                .isCloseTo(spacer - 0.003, within(1e-9));
    }

    private static HardwareItem only(List<HardwareItem> items, HardwareItem.Kind kind) {
        return items.stream().filter(each -> each.kind() == kind).findFirst().orElseThrow();
    }

    /** The machine is raised at one end until its mounts lie as the engine hangs: turned by that, its front support is so much higher. */
    @Test
    void machineIsBroughtToTheAngleOfTheEngine() throws IOException {
        Job job = plain(DemoJobs.HUT_SKID);
        Examination drawn = Examination.of(job);
        double[] along = job.host().supports().stream()
                .mapToDouble(support -> drawn.seating().node(support.node()).x())
                .sorted()
                .toArray();
        double base = along[along.length - 1] - along[0];
        for (double degrees : new double[] {3, -4}) {
            double hangs = job.seat().pitch() - Math.toRadians(degrees);
            Job hung = job.withPlan(job.plan().withLifting(Lifting.USUAL.withPitch(hangs)));
            Pose turned = Pose.ofYawPitchRoll(Vec3.ZERO, 0, -Math.toRadians(degrees), 0);
            double raised = turned.place(new Vec3(base, 0, 0)).z();

            String told = FittingOrder.of(Examination.of(hung)).moves().get(1).what().stream()
                    .map(each -> each.in(UnitStyle.MILLIMETRES))
                    .collect(Collectors.joining(" "));

            assertThat(told)
                    .contains(
                            degrees > 0 ? "raise the front of the machine by " : "raise the tail of the machine by ",
                            UnitStyle.MILLIMETRES.show(Quantity.length(Math.abs(raised))));
        }
        Job level = job.withPlan(
                job.plan().withLifting(Lifting.USUAL.withPitch(job.seat().pitch())));
        assertThat(FittingOrder.of(Examination.of(level)).moves().get(1).what())
                .noneMatch(what -> what.in(UnitStyle.MILLIMETRES).contains("nose down"));
    }
}
