package oddcradle.core.step.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.around.LeadFuse;
import oddcradle.core.around.Opening;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLever;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.around.Lead;
import oddcradle.core.job.around.RotatingGuard;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.Cure;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

/** What the program says of a control, a guard, a wire and a logbook that somebody else would say as well. */
class RunCheckTest {
    private static final Job PLAIN = TestJobs.plain();

    /** Foot lever on the frame, lever on the engine, both upright; the cable pulls backwards at both. */
    private static Control throttle(double arm, Holder exitOn, double travel, Control.Return closedBy, double length) {
        Vec3 seat = PLAIN.seat().position();
        Vec3 pin = new Vec3(0.05, 0.05, 0.1);
        Vec3 end = pin.plus(new Vec3(-0.012, 0, 0.016));
        Vec3 exit = pin.plus(new Vec3(0.08, 0, 0.02));
        Vec3 foot = seat.plus(new Vec3(0.9, 0.05, 0.0));
        return new Control(
                "C1",
                "throttle",
                Control.Use.THROTTLE,
                List.of(
                        new ControlLever(
                                Holder.HOST,
                                foot,
                                Vec3.Y,
                                foot.plus(new Vec3(0, 0, 0.2)),
                                foot.plus(new Vec3(0, 0, arm))),
                        new ControlLever(Holder.DONOR, pin, Vec3.Y, end, end)),
                List.of(new ControlLink.Cable(
                        Holder.HOST,
                        foot.plus(new Vec3(-0.06, 0, arm)),
                        exitOn,
                        exitOn == Holder.DONOR ? exit : seat.plus(exit),
                        List.of(),
                        0.005,
                        0.06,
                        length,
                        0.12)),
                travel,
                Math.toRadians(70),
                0.1,
                0.2,
                closedBy,
                0.01);
    }

    private static Examination with(Control control) {
        return Examination.of(PLAIN.withAround(Around.NOTHING.withControls(List.of(control))));
    }

    private static Optional<Finding> finding(Examination examination, RunFinding code) {
        return examination.report(Step.RUN).findings().stream()
                .filter(each -> each.code() == code)
                .min((one, other) -> one.severity().compareTo(other.severity()));
    }

    private static Severity severity(Control control, RunFinding code) {
        return finding(with(control), code).orElseThrow().severity();
    }

    @Test
    void throttleThatPullsRight_isGoodAndTellsItsCable() {
        Control control = throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0);
        Examination examination = with(control);
        ControlFound found = examination.run().controls().get(0);
        assertThat(found.work().pulls()).isTrue();
        // 0.1 m of arm over a quarter of a radian pulls 24.7 mm; the short lever's 20 mm take that by some 75 degrees.
        assertThat(Math.toDegrees(found.work().reached())).isBetween(60.0, 90.0);
        assertThat(found.cables().get(0).path().length()).isGreaterThan(0.7);
        assertThat(finding(examination, RunFinding.CABLE_LENGTH).orElseThrow().severity())
                .isEqualTo(Severity.NOTE);
    }

    @Test
    void cableShorterThanItsRoute_isAStopAndLosesNothing() {
        assertThat(severity(
                        throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0.3), RunFinding.CABLE_LENGTH))
                .isEqualTo(Severity.STOP);
        assertThat(severity(throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 2), RunFinding.CABLE_LENGTH))
                .isEqualTo(Severity.NOTE);
    }

    @Test
    void pushedCable_isMendedByTurningALeverOver() {
        Examination wrong = with(throttle(0.1, Holder.DONOR, -0.25, Control.Return.TWO_SPRINGS, 0));
        Finding finding = finding(wrong, RunFinding.CONTROL).orElseThrow();
        assertThat(finding.severity()).isEqualTo(Severity.STOP);
        List<Cure> cures = Cures.of(wrong, finding);
        assertThat(cures).isNotEmpty();
        Examination cured = Examination.of(cures.get(0).edit().applyTo(wrong.job()), wrong);
        assertThat(cured.run().controls().get(0).work().pulls()).isTrue();
        assertThat(cured.run().controls().get(0).work().reached()).isPositive();
    }

    @Test
    void shortWay_isMendedByALongerArm() {
        Examination little = with(throttle(0.05, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0));
        Finding finding = finding(little, RunFinding.CONTROL_TRAVEL).orElseThrow();
        assertThat(finding.severity()).isEqualTo(Severity.WATCH);
        Examination cured =
                Examination.of(Cures.of(little, finding).get(0).edit().applyTo(little.job()), little);
        assertThat(Math.toDegrees(cured.run().controls().get(0).work().reached()))
                .isCloseTo(70, within(1.5));
    }

    /** A conduit that ends on the frame lets the engine work its own throttle; held on the engine it does not. */
    @Test
    void conduitOnTheFrame_letsTheEngineWorkItsOwnThrottle() {
        Examination frame = with(throttle(0.1, Holder.HOST, 0.25, Control.Return.TWO_SPRINGS, 0));
        double turned = frame.run().controls().get(0).selfTurn();
        assertThat(turned).isPositive();
        assertThat(with(throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0))
                        .run()
                        .controls()
                        .get(0)
                        .selfTurn())
                .isLessThan(turned / 10);
        Finding finding = finding(frame, RunFinding.CONTROL_SELF).orElseThrow();
        List<Cure> cures = Cures.of(frame, finding);
        if (finding.severity().isWorseThan(Severity.NOT_CHECKED)) {
            assertThat(cures).isNotEmpty();
            Examination cured = Examination.of(cures.get(0).edit().applyTo(frame.job()), frame);
            assertThat(cured.run().controls().get(0).selfTurn()).isLessThan(turned / 2);
        }
    }

    @Test
    void throttleThatNothingShuts_isAStop() {
        assertThat(severity(throttle(0.1, Holder.DONOR, 0.25, Control.Return.NOTHING, 0), RunFinding.CONTROL_RETURN))
                .isEqualTo(Severity.STOP);
        assertThat(severity(
                        throttle(0.1, Holder.DONOR, 0.25, Control.Return.HAND_SPRING, 0), RunFinding.CONTROL_RETURN))
                .isEqualTo(Severity.STOP);
        Control heavy =
                throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0).withDrag(5);
        assertThat(severity(heavy, RunFinding.CONTROL_RETURN)).isEqualTo(Severity.STOP);
        assertThat(severity(
                        throttle(0.1, Holder.DONOR, 0.25, Control.Return.ENGINE_SPRING, 0), RunFinding.CONTROL_RETURN))
                .isEqualTo(Severity.NOTE);
        assertThat(finding(
                        with(throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0)),
                        RunFinding.CONTROL_RETURN))
                .isEmpty();
    }

    /** What hangs on where the seat is cannot be refused in a file: it is named, and the rest is examined. */
    @Test
    void linkOnDeadCentreOrOfNoLength_isNamedAndNotSolved() {
        Control control = throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0);
        ControlLink.Cable cable = (ControlLink.Cable) control.links().get(0);
        ControlLever lever = control.levers().get(1);
        Vec3 arm = lever.in().minus(lever.pivot());
        List<ControlLink> dead = List.of(
                cable.withExit(lever.in()),
                cable.withExit(lever.in().plus(arm)),
                cable.withMouth(control.levers().get(0).out()),
                cable.withClips(List.of(cable.mouth())));
        for (ControlLink link : dead) {
            Examination examination = with(control.withLinks(List.of(link)));
            assertThat(examination.run().controls()).isEmpty();
            assertThat(finding(examination, RunFinding.CONTROL).orElseThrow().severity())
                    .isEqualTo(Severity.STOP);
            assertThat(examination.report(Step.RUN).figures())
                    .allMatch(each -> Double.isFinite(each.quantity().si()));
        }
    }

    @Test
    void fingerThroughAGuard_isAStop() {
        Job near = PLAIN.withAround(
                Around.NOTHING.withGuards(List.of(new RotatingGuard("G1", "guard", "S1", Opening.SLOT, 0.012, 0.06))));
        assertThat(finding(Examination.of(near), RunFinding.GUARD).orElseThrow().severity())
                .isEqualTo(Severity.STOP);
        Job far = PLAIN.withAround(
                Around.NOTHING.withGuards(List.of(new RotatingGuard("G1", "guard", "S1", Opening.SLOT, 0.012, 0.11))));
        assertThat(Examination.of(far).report(Step.RUN).findings())
                .filteredOn(each -> each.code() == RunFinding.GUARD && each.severity() == Severity.STOP)
                .isEmpty();
        assertThat(finding(Examination.of(PLAIN), RunFinding.GUARD)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.NOT_CHECKED);
    }

    @Test
    void starterOnRubberWithoutAStrap_isAStop() {
        Lead starter = new Lead(
                "L1",
                "starter",
                Lead.Use.STARTER,
                Holder.DONOR,
                Vec3.ZERO,
                Holder.HOST,
                PLAIN.seat().position(),
                0.8,
                16e-6,
                120,
                0.0);
        Job bare = PLAIN.withAround(Around.NOTHING.withLeads(List.of(starter)));
        assertThat(finding(Examination.of(bare), RunFinding.WIRE).orElseThrow().severity())
                .isEqualTo(Severity.STOP);
        Lead strap = starter.withId("L2").withUse(Lead.Use.EARTH);
        Job strapped = PLAIN.withAround(Around.NOTHING.withLeads(List.of(starter, strap)));
        assertThat(Examination.of(strapped).report(Step.RUN).findings())
                .filteredOn(each -> each.code() == RunFinding.WIRE)
                .isNotEmpty()
                .allMatch(each -> each.severity() == Severity.GOOD);
    }

    /** What thin-walled wire of vehicles is fused with: 1 mm² 11 A, 2.5 mm² 20 A, 6 mm² 36 A, 16 mm² 68 A; common practice. */
    @Test
    void fuseBlowsBeforeItsCopperGlows() {
        assertThat(LeadFuse.largest(1e-6)).isCloseTo(11, within(0.5));
        assertThat(LeadFuse.largest(2.5e-6)).isCloseTo(20, within(1.0));
        assertThat(LeadFuse.largest(6e-6)).isCloseTo(36, within(2.0));
        assertThat(LeadFuse.largest(16e-6)).isCloseTo(68, within(4.0));
        assertThat(charged(0, 10)).isEqualTo(Severity.NOTE);
        assertThat(charged(15, 10)).isEqualTo(Severity.GOOD);
        assertThat(charged(40, 10)).isEqualTo(Severity.STOP);
        assertThat(charged(5, 10)).isEqualTo(Severity.WATCH);
        // 1.72e-8 x 3 m / 2.5 mm² is 20.6 milliohm: 18 A lose 0.37 V, more than an alternator can spare.
        assertThat(charged(19, 18)).isEqualTo(Severity.WATCH);
    }

    private static Severity charged(double fuse, double current) {
        Lead lead = new Lead(
                "L3",
                "alternator's lead",
                Lead.Use.CHARGE,
                Holder.DONOR,
                Vec3.ZERO,
                Holder.HOST,
                PLAIN.seat().position(),
                3,
                2.5e-6,
                current,
                fuse);
        return finding(Examination.of(PLAIN.withAround(Around.NOTHING.withLeads(List.of(lead)))), RunFinding.WIRE)
                .orElseThrow()
                .severity();
    }

    /** Straight from eye to eye by Pythagoras; beyond its adjuster a push-rod must be lengthened. */
    @Test
    void rodBeyondItsAdjuster_isAStopWithWhatToDo() {
        Control cable = throttle(0.1, Holder.DONOR, 0.25, Control.Return.TWO_SPRINGS, 0);
        Vec3 out = cable.levers().get(0).out();
        Vec3 in = PLAIN.seat().position().plus(cable.levers().get(1).in());
        double wanted = out.distanceTo(in);
        Control rod = cable.withLinks(List.of(new ControlLink.Rod(0.008, 0.004, wanted - 0.006, 0.008)));
        assertThat(severity(rod, RunFinding.ROD_LENGTH)).isEqualTo(Severity.GOOD);
        Control little = cable.withLinks(List.of(new ControlLink.Rod(0.008, 0.004, wanted - 0.020, 0.008)));
        Finding finding = finding(with(little), RunFinding.ROD_LENGTH).orElseThrow();
        assertThat(finding.severity()).isEqualTo(Severity.STOP);
        assertThat(finding.what().in(UnitStyle.MILLIMETRES)).contains("20.0 mm too short", "sleeve");
        Control toBeMade = cable.withLinks(List.of(new ControlLink.Rod(0.008, 0.004, null, null)));
        assertThat(finding(with(toBeMade), RunFinding.ROD_LENGTH)).isEmpty();
    }

    @Test
    void beltSunkInItsGroove_isTold() {
        assertThat(finding(Examination.of(logged(entry(20, LogEntry.Work.BELT, 0.003))), RunFinding.WEAR)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.WATCH);
        assertThat(finding(Examination.of(logged(entry(20, LogEntry.Work.BELT, 0.001))), RunFinding.WEAR)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.GOOD);
    }

    private static LogEntry entry(double hours, LogEntry.Work work, double value) {
        return new LogEntry("2026-04-01", hours * 3600, 3, 1000, work, "M1", "", "", value, "");
    }

    private static Job logged(LogEntry... entries) {
        return PLAIN.withBook(Book.EMPTY.withLog(List.of(entries)));
    }

    @Test
    void boltsAreDueAtOneHourTenAndEveryFifty() {
        assertThat(due(logged(entry(0.5, LogEntry.Work.RUN, 0)), LogEntry.Work.BOLTS))
                .isEqualTo(1);
        assertThat(due(logged(entry(1, LogEntry.Work.BOLTS, 0)), LogEntry.Work.BOLTS))
                .isEqualTo(10);
        assertThat(due(logged(entry(9.5, LogEntry.Work.BOLTS, 0)), LogEntry.Work.BOLTS))
                .isEqualTo(60);
        assertThat(due(logged(entry(70, LogEntry.Work.BOLTS, 0)), LogEntry.Work.BOLTS))
                .isEqualTo(120);
    }

    /** A short life told at Load asks for looks well within it. */
    @Test
    void shortLifeOfAWeld_isLookedAtFourTimesWithinIt() {
        DueList list = DueList.of(logged(entry(11, LogEntry.Work.CRACKS, 0)), Optional.of(20 * 3600.0));
        assertThat(list.items().stream()
                                .filter(each -> each.work() == LogEntry.Work.CRACKS)
                                .findFirst()
                                .orElseThrow()
                                .dueAt()
                        / 3600)
                .isCloseTo(16, within(1e-9));
    }

    private static double due(Job job, LogEntry.Work work) {
        return DueList.of(job, Optional.empty()).items().stream()
                        .filter(each -> each.work() == work)
                        .findFirst()
                        .orElseThrow()
                        .dueAt()
                / 3600;
    }

    @Test
    void settledRubberWornChainAndMoreShaking_areTold() {
        Examination worn = Examination.of(logged(
                entry(1, LogEntry.Work.ISOLATORS, 0.040),
                entry(1, LogEntry.Work.VIBRATION, 0.004),
                entry(20, LogEntry.Work.ISOLATORS, 0.034),
                entry(20, LogEntry.Work.VIBRATION, 0.009),
                entry(20, LogEntry.Work.CHAIN, 0.02)));
        List<Finding> wear = worn.report(Step.RUN).findings().stream()
                .filter(each -> each.code() == RunFinding.WEAR || each.code() == RunFinding.VIBRATION)
                .toList();
        assertThat(wear).hasSize(3).allMatch(each -> each.severity() == Severity.WATCH);
        Examination well = Examination.of(logged(
                entry(1, LogEntry.Work.ISOLATORS, 0.040),
                entry(1, LogEntry.Work.VIBRATION, 0.004),
                entry(20, LogEntry.Work.ISOLATORS, 0.039),
                entry(20, LogEntry.Work.VIBRATION, 0.005)));
        assertThat(well.report(Step.RUN).findings())
                .noneMatch(each -> each.code() == RunFinding.WEAR || each.code() == RunFinding.VIBRATION);
    }

    @Test
    void logThatRunsBackOrHoldsAJetOfFourMillimetres_isRefusedWithWords() {
        Book book = logged(entry(10, LogEntry.Work.RUN, 0)).book();
        assertThatThrownBy(() -> book.noted(entry(9, LogEntry.Work.RUN, 0)))
                .hasMessageContaining("hours")
                .hasMessageContaining("9 h after 10 h");
        assertThatThrownBy(() -> book.noted(entry(11, LogEntry.Work.RUN, 0).withDate("2026-03-31")))
                .hasMessageContaining("runs forwards");
        assertThatThrownBy(() -> book.noted(entry(11, LogEntry.Work.RUN, 0).withStarts(2)))
                .hasMessageContaining("starts");
        assertThatThrownBy(() -> entry(11, LogEntry.Work.JET, 0.004)).hasMessageContaining("value");
        assertThatThrownBy(() -> entry(11, LogEntry.Work.RUN, 0).withPhoto("../x.png"))
                .hasMessageContaining("photo");
        List<LogEntry> all = new ArrayList<>(book.log());
        assertThat(book.log()).isEqualTo(all);
    }
}
