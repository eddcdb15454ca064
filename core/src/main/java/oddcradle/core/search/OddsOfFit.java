package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import oddcradle.core.clearance.Gap;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.MadeTo;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.odds.BoltUpChance;
import oddcradle.core.placement.Surveyed;
import oddcradle.core.step.fit.BoltPlay;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.step.fit.MountsFound;
import oddcradle.core.step.line.DatumSeat;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.units.Quantity;

/**
 * The chance that the donor goes together the first time, from survey and shop, and what raises it most: one reading taken again
 * with a caliper, one oversize hole or slot, one better habit of the shop.
 */
public final class OddsOfFit {
    public static final int DRAWS = 10_000;
    private static final int DRAWS_TO_COMPARE = 1_000;
    private static final long SEED = 20;
    private static final int GAPS = 12;
    private static final int READINGS = 8;
    private static final double OVERSIZE = 0.001;
    private static final double SLOT = 0.003;
    private static final double LESS_PULL = 0.5;
    /** Of what a weld pulls, what is left to spring when a bolted engine is let go; common practice. */
    private static final double LET_GO = 0.4;

    private final Examination examination;
    private final Job job;

    private OddsOfFit(Examination examination) {
        this.examination = examination;
        this.job = examination.job();
    }

    /** One thing to do, and the chances with it that all bolts go in and that everything is right. */
    public record Better(Phrase what, double bolts, double all) {
        private static Better of(Phrase what, BoltUpChance.Result with) {
            return new Better(what, with.bolts(), with.all());
        }

        private boolean betters(BoltUpChance.Result now) {
            return all > now.all() || bolts > now.bolts();
        }
    }

    /**
     * @param odds as things are
     * @param bosses in the order of {@code odds.worstBolt}
     * @param better what raises the chance of all most, best first
     */
    public record Result(BoltUpChance.Result odds, List<String> bosses, List<Better> better) {
        public Result {
            bosses = List.copyOf(bosses);
            better = List.copyOf(better);
        }
    }

    /** @throws Progress.Cancelled if the watcher ends it */
    public static Result of(Examination examination, int draws, Progress progress) {
        return new OddsOfFit(examination).work(draws, progress);
    }

    /** The chances alone. */
    public static BoltUpChance.Result chances(Examination examination, int draws, Progress progress) {
        OddsOfFit odds = new OddsOfFit(examination);
        return odds.draw(odds.surveyed(Optional.empty(), Optional.empty()), odds.errors(), draws, progress);
    }

    /**
     * The chances of the mount as it was found bare, with the shims and washers that lie on it: each hole where it was measured, as well
     * as it was measured, and one that nobody has measured as the shop makes it. Empty where nothing is measured, or where
     * the engine stood on it: it is on then.
     */
    public static Optional<BoltUpChance.Result> nextTry(Examination examination, int draws, Progress progress) {
        MountsFound found = examination.fit().mounts();
        if (found.loaded() || found.mounts().stream().noneMatch(MountFound::measured)) {
            return Optional.empty();
        }
        OddsOfFit odds = new OddsOfFit(examination);
        Known known = odds.surveyed(Optional.empty(), Optional.empty());
        Surveyed surveyed =
                Surveyed.of(known.donor(), known.host(), examination.seating().pose());
        List<BoltUpChance.Bolt> bolts = new ArrayList<>();
        for (MountFound mount : found.mounts()) {
            Boss boss = odds.job.donor().boss(mount.mount().boss()).orElseThrow();
            FitErrors.Hole hole = BoltPlay.hole(odds.errors(), boss);
            Vec3 at = mount.hole().place();
            bolts.add(new BoltUpChance.Bolt(
                    boss.id(),
                    at,
                    mount.hole().up(),
                    mount.hole().play(),
                    hole.slot() / 2,
                    hole.along(),
                    mount.hole().off(),
                    mount.measured() ? mount.covariance() : spread(surveyed, odds.errors(), at)));
        }
        return Optional.of(BoltUpChance.of(
                new BoltUpChance.Input(bolts, odds.aims(surveyed), odds.clears(), draws),
                new SplittableRandom(SEED),
                progress));
    }

    private record Known(SurveyResult donor, SurveyResult host) {}

    private Known surveyed(Optional<SurveyResult> donor, Optional<SurveyResult> host) {
        return new Known(donor.orElse(examination.survey(Side.DONOR)), host.orElse(examination.survey(Side.HOST)));
    }

    private FitErrors errors() {
        return job.plan().errors();
    }

    private Result work(int draws, Progress progress) {
        Known known = surveyed(Optional.empty(), Optional.empty());
        BoltUpChance.Result odds = draw(known, errors(), draws, progress.part(0, 0.4));
        BoltUpChance.Result now = draw(known, errors(), DRAWS_TO_COMPARE, Progress.UNWATCHED);
        List<Better> better = new ArrayList<>();
        List<Again> again = readings();
        int total = again.size() + 2 * job.donor().bosses().size() + 1;
        for (Again each : again) {
            better.add(Better.of(
                    Phrase.of("read {} again with a caliper", each.what()),
                    draw(each.known(), errors(), DRAWS_TO_COMPARE, Progress.UNWATCHED)));
            progress.report(0.4 + 0.6 * better.size() / total);
        }
        for (Boss boss : job.donor().bosses()) {
            FitErrors.Hole hole = hole(boss);
            better.add(with(
                    known,
                    Phrase.of("drill {} in the mount {} larger", boss.id(), Quantity.length(OVERSIZE)),
                    new FitErrors.Hole(boss.id(), hole.diameter() + OVERSIZE, hole.slot(), hole.along())));
            Vec3 axis = examination.seating().pose().turn(boss.axis()).unit();
            Vec3 along = Math.abs(axis.x()) < 0.7 ? Vec3.X : Vec3.Z;
            better.add(with(
                    known,
                    Phrase.of("slot {} in the mount by {}", boss.id(), Quantity.length(SLOT)),
                    new FitErrors.Hole(boss.id(), hole.diameter(), hole.slot() + SLOT, along)));
            progress.report(0.4 + 0.6 * better.size() / total);
        }
        FitErrors e = errors();
        better.add(Better.of(
                Phrase.of("weld in a jig: half the pull"),
                draw(known, e.with(e.cut(), e.drill(), e.pull() * LESS_PULL), DRAWS_TO_COMPARE, Progress.UNWATCHED)));
        for (MadeTo way : MadeTo.values()) {
            if (way.ordinal() > e.madeTo().ordinal()) {
                better.add(Better.of(
                        Phrase.of("make the mounts to {}", way.words()),
                        draw(known, e.withMadeTo(way), DRAWS_TO_COMPARE, Progress.UNWATCHED)));
            }
        }
        better.removeIf(each -> !each.betters(now));
        better.sort(
                Comparator.comparingDouble((Better each) -> -each.all()).thenComparingDouble(each -> -each.bolts()));
        progress.report(1);
        return new Result(odds, job.donor().bosses().stream().map(Boss::id).toList(), better);
    }

    private Better with(Known known, Phrase what, FitErrors.Hole hole) {
        List<FitErrors.Hole> holes = new ArrayList<>(errors().holes());
        holes.removeIf(each -> each.boss().equals(hole.boss()));
        holes.add(hole);
        return Better.of(what, draw(known, errors().withHoles(holes), DRAWS_TO_COMPARE, Progress.UNWATCHED));
    }

    private record Again(String what, Known known, double spread) {}

    /** The readings that narrow the places of the bosses and of the frame most when they are taken again. */
    private List<Again> readings() {
        List<Again> again = new ArrayList<>();
        for (Side side : List.of(Side.DONOR, Side.HOST)) {
            Survey survey = side.survey(job);
            for (int k = 0; k < survey.readings().size(); k++) {
                Reading reading = survey.readings().get(k);
                if (reading instanceof Reading.Slope || reading.sigma() <= Instrument.CALIPER.lengthSigma()) {
                    continue;
                }
                List<Reading> others = new ArrayList<>(survey.readings());
                others.set(k, reading.taken(Instrument.CALIPER, Instrument.CALIPER.lengthSigma()));
                SurveyResult result =
                        SurveyAdjustment.of(new Survey(survey.points(), others, survey.features(), survey.patterns()));
                Optional<SurveyResult> changed = Optional.of(result);
                Known known =
                        side == Side.DONOR ? surveyed(changed, Optional.empty()) : surveyed(Optional.empty(), changed);
                double spread = result.points().stream()
                        .mapToDouble(point -> point.known() ? trace(point.covariance()) : 0)
                        .sum();
                double before = examination.survey(side).points().stream()
                        .mapToDouble(point -> point.known() ? trace(point.covariance()) : 0)
                        .sum();
                again.add(new Again(
                        reading.id() + " (" + String.join(" to ", reading.points()) + ", " + side.word() + ")",
                        known,
                        spread - before));
            }
        }
        again.sort(Comparator.comparingDouble(Again::spread));
        return again.subList(0, Math.min(READINGS, again.size()));
    }

    private static double trace(Mat3 m) {
        return m.get(0, 0) + m.get(1, 1) + m.get(2, 2);
    }

    private BoltUpChance.Result draw(Known known, FitErrors errors, int draws, Progress progress) {
        return BoltUpChance.of(input(known, errors, draws), new SplittableRandom(SEED), progress);
    }

    private FitErrors.Hole hole(Boss boss) {
        return BoltPlay.hole(errors(), boss);
    }

    private BoltUpChance.Input input(Known known, FitErrors errors, int draws) {
        Surveyed surveyed =
                Surveyed.of(known.donor(), known.host(), examination.seating().pose());
        List<BoltUpChance.Bolt> bolts = new ArrayList<>();
        for (Boss boss : job.donor().bosses()) {
            FitErrors.Hole hole = BoltPlay.hole(errors, boss);
            Vec3 at = examination.seating().boss(boss.id());
            bolts.add(new BoltUpChance.Bolt(
                    boss.id(),
                    at,
                    examination.seating().pose().turn(boss.axis()),
                    BoltPlay.of(errors, boss),
                    hole.slot() / 2,
                    hole.along(),
                    Vec3.ZERO,
                    spread(surveyed, errors, at)));
        }
        return new BoltUpChance.Input(bolts, aims(surveyed), clears(), draws);
    }

    /** Of a hole against its boss, m2: what was marked off the engine knows nothing of how well that was measured. */
    private static Mat3 spread(Surveyed surveyed, FitErrors errors, Vec3 at) {
        double drill = errors.drill() * errors.drill();
        double pull = errors.pull() * errors.pull();
        return switch (errors.madeTo()) {
            case DRAWING ->
                surveyed.covariance(at, at).plus(Mat3.IDENTITY.times(errors.cut() * errors.cut() + drill + pull));
            case TEMPLATE -> Mat3.IDENTITY.times(2 * drill + pull);
            case ENGINE -> Mat3.IDENTITY.times(LET_GO * LET_GO * pull);
        };
    }

    private List<BoltUpChance.Aim> aims(Surveyed surveyed) {
        Optional<DatumSeat> datum = DatumSeat.of(job);
        if (datum.isEmpty()) {
            return List.of();
        }
        DatumSeat line = datum.get();
        Vec3 at = examination.seating().pose().place(line.own());
        Vec3 first = line.way().anyPerpendicular();
        List<Vec3> ways =
                line.plane() ? List.of(line.way()) : List.of(first, line.way().cross(first));
        List<Double> offset =
                ways.stream().map(way -> at.minus(line.point()).dot(way)).toList();
        return List.of(new BoltUpChance.Aim(
                at, ways, LineTolerance.of(job, at, line), offset, surveyed.covariance(at, line.point())));
    }

    private List<BoltUpChance.Clear> clears() {
        List<String> own = job.donor().bodies().stream().map(Part::id).toList();
        List<BoltUpChance.Clear> clears = new ArrayList<>();
        for (Gap gap : examination.ledger().near()) {
            Separation apart = gap.separation();
            Vec3 between = apart.pointB().minus(apart.pointA());
            if (own.contains(gap.donorPart().id()) && between.length() > 1e-9 && clears.size() < GAPS) {
                Vec3 towards = apart.overlap() ? between.unit().negated() : between.unit();
                clears.add(new BoltUpChance.Clear(apart.pointA(), towards, apart.distance(), gap.sigma()));
            }
        }
        return clears;
    }
}
