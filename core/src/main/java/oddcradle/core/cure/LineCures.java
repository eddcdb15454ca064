package oddcradle.core.cure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import oddcradle.core.drive.ChainInput;
import oddcradle.core.drive.ChainResult;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Subject;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.step.line.ChainNotes;
import oddcradle.core.step.line.DatumNotes;
import oddcradle.core.step.line.LineCheck;
import oddcradle.core.step.line.LineFinding;
import oddcradle.core.step.seat.Gaps;
import oddcradle.core.step.seat.SeatFinding;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** Cures of findings about the line, each tried on the job; a change of teeth tells what it does to the speed. */
final class LineCures {
    /** What tyre couplings take, m; common practice. */
    private static final double MOST_ASIDE = 0.008;

    /** Couplings are tried this much stiffer and softer, one after the other. */
    private static final double STIFFNESS_STEP = 1.05;

    private static final int STIFFNESS_STEPS = 60;
    private static final int TEETH_EITHER_WAY = 4;
    /** A dish in whole millimetres that comes out at the spacer itself is no second choice. */
    private static final double SAME_DISH = 1e-5;

    private static final double SHAFT_STEP = 0.005;
    private static final int SHAFT_STEPS = 8;
    /** Nobody sets an engine finer, m. */
    private static final double LEAST_SLIDE = 5e-5;

    private static final double FARTHEST_SLIDE = 0.060;

    private final Job job;
    private final Examination examination;
    private final Finding finding;

    private LineCures(Examination examination, Finding finding) {
        this.job = examination.job();
        this.examination = examination;
        this.finding = finding;
    }

    static List<Cure> of(Examination examination, Finding finding) {
        LineCures cures = new LineCures(examination, finding);
        return finding.code() == SeatFinding.GAP ? cures.spreadRuns() : cures.ofLine();
    }

    private List<Cure> ofLine() {
        return switch ((LineFinding) finding.code()) {
            case OFFSET -> offset();
            case LINKS -> wholeChain();
            case WRAP -> moreWrap();
            case BELT -> otherBelt();
            case DATUM_LOOSE -> hold();
            case PIVOT -> slide(toPivot());
            case RADIAL -> slide(toDriven());
            case THRUST -> packedOr(turnToThrust());
            case MOVED_ASIDE -> packedOr(softerCoupling());
            case MOVED_ANGLE -> packedOr(List.of());
            case THRUST_POINT -> slide(toThrust());
            case SHAFT_STRESS, SHAFT_SLOPE, CRITICAL -> thickerShaft();
            case TORSION -> otherCoupling();
            default -> List.of();
        };
    }

    private Optional<StageResult> stage() {
        return finding.where().first(Subject.Kind.STAGE).flatMap(examination.line()::stage);
    }

    private int index(StageResult stage) {
        return examination.line().stages().indexOf(stage);
    }

    /** A spacer on the driven shaft, on the driving shaft, or the seat sideways if it is free to go there. */
    private List<Cure> offset() {
        List<Cure> cures = new ArrayList<>();
        StageResult stage = stage().orElseThrow();
        int at = index(stage);
        double offset = stage.alignment().offset();
        Vec3 first = stage.driving().direction();
        double perSpacer = stage.driven().direction().dot(first);
        if (Math.abs(perSpacer) > 0.5) {
            double by = -offset / perSpacer;
            boolean axle = at == job.line().shafts().size();
            cures.add(
                    axle
                            ? Cure.of(new JobEdit.ShiftDrivenSprocket(by))
                            : spacer(job.line().shafts().get(at), by, 0));
            double dish = Math.rint(by * 1000) / 1000;
            JobEdit dished = new JobEdit.ShiftDrivenSprocket(dish);
            if (axle && Math.abs(dish - by) > SAME_DISH && mends(dished)) {
                cures.add(new Cure(Phrase.of("rear sprocket dished {}", Quantity.length(Math.abs(dish))), dished));
            }
        }
        if (at > 0) {
            cures.add(spacer(job.line().shafts().get(at - 1), 0, offset));
        } else {
            double perSlide = Vec3.Y.dot(first);
            if (!job.seat().isHeld(Freedom.LEFT) && Math.abs(perSlide) > 0.5) {
                cures.add(Cure.of(new JobEdit.MoveSeat(Vec3.Y.times(offset / perSlide))));
            }
        }
        return cures;
    }

    private static Cure spacer(JackShaft shaft, double driven, double driver) {
        JackShaft packed = shaft.withWheels(shaft.drivenAt() + driven, shaft.driverAt() + driver);
        return new Cure(
                Phrase.of("{}: spacer {}", shaft.label(), Quantity.length(Math.abs(driven + driver))),
                new LineEdit.SetShaft(packed));
    }

    private List<Cure> wholeChain() {
        List<Cure> cures = new ArrayList<>();
        StageResult stage = stage().orElseThrow();
        Stage.Chain chain = (Stage.Chain) stage.stage();
        ChainResult found = stage.chain().orElseThrow();
        double centre = stage.alignment().centreDistance();
        double extra = found.centreForLinks() - centre;
        if (index(stage) == 0 && !job.seat().isHeld(Freedom.FORWARD) && extra < FARTHEST_SLIDE) {
            double away = stage.driving().sprocketCentre().x()
                            > stage.driven().sprocketCentre().x()
                    ? 1
                    : -1;
            JobEdit slide = new JobEdit.MoveSeat(Vec3.X.times(away * extra));
            if (mends(slide)) {
                cures.add(Cure.of(slide));
            }
        }
        for (int change = 1; change <= TEETH_EITHER_WAY; change++) {
            for (int sign : new int[] {-1, 1}) {
                int teeth = chain.drivenTeeth() + sign * change;
                Optional<ChainResult> other = with(chain, chain.driverTeeth(), teeth, centre);
                if (other.isPresent() && other.get().centreForLinks() - centre <= chain.tensionerTravel()) {
                    cures.add(teeth(chain, teeth, other.get().links()));
                    return cures;
                }
            }
        }
        return cures;
    }

    /** With its price: what it does to the speed, and to the nearest gap of the chain. */
    private Cure teeth(Stage.Chain chain, int driven, int links) {
        double faster = (double) chain.drivenTeeth() / driven - 1;
        LineEdit edit = new LineEdit.SetTeeth(chain.id(), chain.driverTeeth(), driven);
        return new Cure(
                Phrase.of(
                        "{} to {} teeth, {} links: {} {}, gap {} to {}",
                        Integer.toString(chain.driverTeeth()),
                        Integer.toString(driven),
                        Integer.toString(links),
                        Quantity.share(Math.abs(faster)),
                        faster > 0 ? "faster" : "slower",
                        Quantity.length(nearest(job, chain.id())),
                        Quantity.length(nearest(edit.applyTo(job), chain.id()))),
                edit);
    }

    /** Shortest way from a stage of the drive to host and cradle, m; without bound where there is none. */
    private static double nearest(Job of, String stage) {
        return Gaps.atRest(of).near().stream()
                .filter(gap -> gap.donorPart().id().equals(stage))
                .mapToDouble(gap -> gap.separation().distance())
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private List<Cure> moreWrap() {
        StageResult stage = stage().orElseThrow();
        Stage.Chain chain = (Stage.Chain) stage.stage();
        double centre = stage.alignment().centreDistance();
        for (int fewer = chain.drivenTeeth() - 1; fewer > chain.driverTeeth(); fewer--) {
            Optional<ChainResult> other = with(chain, chain.driverTeeth(), fewer, centre);
            if (other.isPresent() && other.get().wrapDriver() >= ChainNotes.LEAST_WRAP) {
                return List.of(teeth(chain, fewer, other.get().links()));
            }
        }
        return List.of();
    }

    private static Optional<ChainResult> with(Stage.Chain chain, int driver, int driven, double centre) {
        try {
            return Optional.of(RollerChain.solve(new ChainInput(chain.pitch(), driver, driven, centre, 0)));
        } catch (InvalidValue impossible) {
            return Optional.empty();
        }
    }

    /** Other sprockets spread the two runs or bring them together; the pair that changes the ratio least. */
    private List<Cure> spreadRuns() {
        List<String> parts = finding.where().ids();
        Optional<Stage.Chain> found = parts.stream()
                .flatMap(part -> examination.line().stage(part).stream())
                .map(StageResult::stage)
                .filter(Stage.Chain.class::isInstance)
                .map(Stage.Chain.class::cast)
                .findFirst();
        if (found.isEmpty()) {
            return List.of();
        }
        Stage.Chain chain = found.get();
        Optional<Cure> best = Optional.empty();
        double least = Double.POSITIVE_INFINITY;
        for (int front = -3; front <= 3; front++) {
            for (int rear = -2 * TEETH_EITHER_WAY; rear <= 2 * TEETH_EITHER_WAY; rear++) {
                double change = Math.abs(Math.log(
                        (double) (chain.drivenTeeth() + rear) / (chain.driverTeeth() + front) / chain.ratio()));
                if (change < least && opens(chain, chain.driverTeeth() + front, chain.drivenTeeth() + rear, parts)) {
                    least = change;
                    best = Optional.of(Cure.of(new LineEdit.SetTeeth(
                            chain.id(), chain.driverTeeth() + front, chain.drivenTeeth() + rear)));
                }
            }
        }
        return best.stream().toList();
    }

    private boolean opens(Stage.Chain chain, int driver, int driven, List<String> parts) {
        try {
            Job changed = new LineEdit.SetTeeth(chain.id(), driver, driven).applyTo(job);
            Seating seating = Seating.of(changed);
            LineResult line = LineResult.of(changed, seating);
            StageResult stage = line.stage(chain.id()).orElseThrow();
            boolean fits = stage.chain().isPresent()
                    && stage.chain().get().centreForLinks() - stage.alignment().centreDistance()
                            <= chain.tensionerTravel();
            boolean clears = Gaps.atRest(changed).near().stream()
                    .filter(gap -> parts.contains(gap.donorPart().id())
                            && parts.contains(gap.obstacle().id()))
                    .allMatch(gap -> gap.margin() >= 0);
            return fits && clears;
        } catch (InvalidValue impossible) {
            return false;
        }
    }

    private List<Cure> otherBelt() {
        StageResult stage = stage().orElseThrow();
        if (stage.belt().isEmpty() || !(stage.stage() instanceof Stage.Belt belt)) {
            return List.of();
        }
        // Up to a whole millimetre: the slide takes the rest.
        double length = Math.ceil(stage.belt().get().length() * 1000) / 1000;
        return List.of(new Cure(
                Phrase.of("a belt of {}", Quantity.length(length)), new LineEdit.SetStage(belt.withLength(length))));
    }

    /** One that takes as much aside as its shafts leave each other, where such are made. */
    private List<Cure> softerCoupling() {
        double takes = Math.ceil(finding.measured().orElseThrow().si() * 2000) / 2000;
        if (takes > MOST_ASIDE || !(stage().orElseThrow().stage() instanceof Stage.Coupling coupling)) {
            return List.of();
        }
        return List.of(new Cure(
                Phrase.of("a coupling that takes {} aside", Quantity.length(takes)),
                new LineEdit.SetStage(coupling.withRadialAllowance(takes))));
    }

    /** Mounts packed by their sag, where that is what it takes. */
    private List<Cure> packedOr(List<Cure> others) {
        JobEdit packed = new CradleEdit.PackMounts(true);
        List<Cure> cures = new ArrayList<>();
        if (!job.cradle().packed() && mends(packed)) {
            cures.add(Cure.of(packed));
        }
        cures.addAll(others);
        return cures;
    }

    /** The coupling nearest in stiffness whose pair twists far from every order of the engine's torque. */
    private List<Cure> otherCoupling() {
        if (!(stage().orElseThrow().stage() instanceof Stage.Coupling coupling)) {
            return List.of();
        }
        return IntStream.rangeClosed(-STIFFNESS_STEPS, STIFFNESS_STEPS)
                .boxed()
                .sorted(Comparator.comparingInt(Math::abs))
                .map(step -> coupling.torsionalStiffness() * Math.pow(STIFFNESS_STEP, step))
                .map(stiffness -> new Cure(
                        Phrase.of("a coupling of {} for each radian", Quantity.torque(stiffness)),
                        new LineEdit.SetStage(coupling.withTorsionalStiffness(stiffness))))
                .filter(cure -> mends(cure.edit()))
                .limit(1)
                .toList();
    }

    private List<Cure> hold() {
        return List.of(Cure.of(
                new LineEdit.HoldByDatum(job.line().datum().decides(DatumNotes.axis(job, examination.seating())))));
    }

    private List<Cure> slide(Vec3 by) {
        return by.length() < LEAST_SLIDE || by.length() > 10 * FARTHEST_SLIDE
                ? List.of()
                : List.of(new Cure(
                        Phrase.of("slide the engine {}", Quantity.length(by.length())), new LineEdit.PlaceSeat(by)));
    }

    private Vec3 toPivot() {
        Datum.Pivot pivot = job.line().datum().pivot().orElseThrow();
        return pivot.point()
                .minus(examination.seating().boss(pivot.boss()))
                .withoutPartAlong(pivot.axis().unit());
    }

    private Vec3 toDriven() {
        StageResult stage = stage().orElseThrow();
        return index(stage) != 0
                ? Vec3.ZERO
                : stage.driven()
                        .sprocketCentre()
                        .minus(stage.driving().sprocketCentre())
                        .withoutPartAlong(stage.driving().direction());
    }

    private Vec3 toThrust() {
        Datum.Thrust thrust = job.line().datum().thrust().orElseThrow();
        return thrust.point()
                .minus(examination.seating().driverCentre())
                .withoutPartAlong(examination.seating().driverAxis());
    }

    /** The two angles changed by what is wanted, whichever way round they turn the line there. */
    private List<Cure> turnToThrust() {
        Datum.Thrust thrust = job.line().datum().thrust().orElseThrow();
        Vec3 axis = examination.seating().driverAxis();
        Vec3 forward = axis.x() < 0 ? axis.negated() : axis;
        double down = thrust.down() + Math.atan2(forward.z(), Math.hypot(forward.x(), forward.y()));
        double right = thrust.right() + Math.atan2(forward.y(), forward.x());
        Seat seat = job.seat();
        for (Freedom tilt : new Freedom[] {Freedom.PITCH, Freedom.ROLL}) {
            for (int sign : new int[] {1, -1}) {
                Seat turned = seat.with(Freedom.YAW, seat.yaw() - right).with(tilt, seat.value(tilt) + sign * down);
                LineEdit edit = new LineEdit.SetWholeSeat(turned, "turn the engine to the thrust line");
                if (mends(edit)) {
                    return List.of(Cure.of(edit));
                }
            }
        }
        return List.of();
    }

    private List<Cure> thickerShaft() {
        String id = finding.where().first(Subject.Kind.SHAFT).orElseThrow();
        Optional<JackShaft> shaft = job.line().shafts().stream()
                .filter(each -> each.id().equals(id))
                .findFirst();
        for (int k = 1; shaft.isPresent() && k <= SHAFT_STEPS; k++) {
            JackShaft thicker = shaft.get().withOd(shaft.get().od() + k * SHAFT_STEP);
            LineEdit edit = new LineEdit.SetShaft(thicker);
            if (mends(edit)) {
                return List.of(
                        new Cure(Phrase.of("{}: {} thick", thicker.label(), Quantity.length(thicker.od())), edit));
            }
        }
        return List.of();
    }

    private boolean mends(JobEdit edit) {
        Job changed;
        try {
            changed = edit.applyTo(job);
        } catch (InvalidValue impossible) {
            return false;
        }
        return LineCheck.of(changed, examination.engineOrders().get(0)).report().findings().stream()
                .filter(each -> each.code().equals(finding.code())
                        && each.where().ids().equals(finding.where().ids()))
                .allMatch(each -> each.severity() == Severity.GOOD);
    }
}
