package oddcradle.core.examine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Step;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameInput;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.hardware.MountDesigner;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.edit.Side;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Surveyed;
import oddcradle.core.report.StepReport;
import oddcradle.core.step.cradle.CradleReport;
import oddcradle.core.step.donor.DonorReport;
import oddcradle.core.step.fit.FitReport;
import oddcradle.core.step.host.HostReport;
import oddcradle.core.step.line.DatumNotes;
import oddcradle.core.step.line.LineCheck;
import oddcradle.core.step.line.RoadChart;
import oddcradle.core.step.load.LoadReport;
import oddcradle.core.step.make.CopeBook;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.MakeReport;
import oddcradle.core.step.measured.ScanNotes;
import oddcradle.core.step.measured.SurveyNotes;
import oddcradle.core.step.run.RunReport;
import oddcradle.core.step.seat.NeighbourChecks;
import oddcradle.core.step.seat.SeatReport;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.MountStiffness;
import oddcradle.core.structure.ShakeResult;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.structure.TubeStresses;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.weigh.CombinedMass;
import oddcradle.core.weigh.CombinedWeighing;

/**
 * Every result and finding of one job. An earlier examination lends the results whose inputs are equal.
 *
 * <p>Cost: a nudge of the seat costs one ledger of distances and one factorisation of the frame; sliding leaves the modes
 * as they are. Any threads.
 */
public final class Examination {
    private final Job job;
    private final Scans scans;
    private final Optional<ScanPlace> donorScanPlace;
    private final Optional<ScanPlace> hostScanPlace;
    private final Seating seating;
    private final SurveyResult donorSurvey;
    private final SurveyResult hostSurvey;
    private final CombinedMass weighed;
    private final LineCheck line;
    private final List<DonorMovement.Swinging> startUp;
    private final DonorMovement movement;
    private final Surveyed surveyed;
    private final ClearanceLedger ledger;
    private final List<NeighbourChecks.NeighbourCheck> neighbourChecks;
    private final Optional<MountedBody> mountedBody;
    private final Outcome<ShakeResult> shake;
    private final CradleFrame.Built frame;
    private final Outcome<FrameResult> load;
    private final List<TubeStress> tubeStresses;
    private final List<MountDesign> mountDesigns;
    private final Optional<MountStiffness> mountStiffness;
    private final CopeBook copeBook;
    private final List<CutTube> cutList;
    private final Map<Step, StepReport> reports = new EnumMap<>(Step.class);

    private Examination(Job job, Scans scans, Optional<Examination> earlier) {
        this.job = job;
        this.scans = scans;
        this.seating = Seating.of(job);
        this.donorSurvey = survey(Side.DONOR, earlier);
        this.hostSurvey = survey(Side.HOST, earlier);
        this.weighed = earlier.filter(before -> sameWeighing(before.job.donor(), job.donor()))
                .map(before -> before.weighed)
                .orElseGet(() -> weigh(job.donor()));
        this.mountedBody = job.cradle().isolators().isEmpty() ? Optional.empty() : Optional.of(MountedDonor.of(job));
        this.line = LineCheck.of(job, seating, mountedBody, earlier.map(before -> before.line));
        this.donorScanPlace = place(Side.DONOR);
        this.hostScanPlace = place(Side.HOST);
        this.shake = earlier.filter(before -> before.mountedBody.equals(mountedBody)
                        && before.job.donor().engine().equals(job.donor().engine()))
                .map(before -> before.shake)
                .orElseGet(() -> mountedBody.isEmpty()
                        ? new Outcome.NotSolved<>(List.of())
                        : ShakeReport.solve(mountedBody.get(), job.donor().engine()));
        this.frame = CradleFrame.of(job, seating, line.line());
        this.startUp = mountedBody
                .map(body -> earlier.filter(before -> before.mountedBody.equals(mountedBody)
                                && before.job
                                        .donor()
                                        .engine()
                                        .equals(job.donor().engine())
                                && before.seating.driverAxis().equals(seating.driverAxis()))
                        .map(before -> before.startUp)
                        .orElseGet(() -> startUp(body)))
                .orElse(List.of());
        this.movement = mountedBody
                .filter(body -> shake.answer().isPresent())
                .map(body -> DonorMovement.of(job, body, frame.input().cases(), startUp))
                .orElse(DonorMovement.NONE);
        this.surveyed = Surveyed.of(donorSurvey, hostSurvey, seating.pose());
        this.ledger = earlier.filter(before -> sameGeometry(before.job, job)
                        && before.scans.equals(scans)
                        && before.donorScanPlace.equals(donorScanPlace)
                        && before.movement.equals(movement)
                        && before.donorSurvey == donorSurvey
                        && before.hostSurvey == hostSurvey)
                .map(before -> before.ledger)
                .orElseGet(this::clearance);
        this.load = earlier.filter(before -> before.frame.equals(frame))
                .map(before -> before.load)
                .orElseGet(() -> FrameAnalysis.solve(frame.input()));
        this.tubeStresses =
                load.answer().map(result -> TubeStresses.of(job, frame, result)).orElse(List.of());
        this.copeBook = new CopeBook(earlier.map(before -> before.copeBook));
        this.cutList = MakeReport.solve(job, seating, copeBook);
        report(earlier.filter(before -> before.job.donor() == job.donor() && before.scans.equals(scans))
                .map(before -> before.report(Step.DONOR))
                .orElseGet(() -> DonorReport.report(
                        job,
                        new SurveyNotes(Side.DONOR, job, donorSurvey),
                        weighed,
                        ScanNotes.of(Side.DONOR, job, donorScanPlace, scans))));
        report(earlier.filter(before -> before.job.host() == job.host()
                        && before.job.materials() == job.materials()
                        && before.scans.equals(scans))
                .map(before -> before.report(Step.HOST))
                .orElseGet(() -> HostReport.report(
                        job,
                        seating,
                        new SurveyNotes(Side.HOST, job, hostSurvey),
                        ScanNotes.of(Side.HOST, job, hostScanPlace, scans))));
        report(line.report());
        this.neighbourChecks = NeighbourChecks.of(
                job,
                seating,
                earlier.filter(before -> differsInCradleAlone(before.job, job)).map(before -> before.neighbourChecks));
        report(SeatReport.report(job, seating, ledger, neighbourChecks));
        this.mountDesigns = MountDesigner.of(job, seating, movement, load.answer());
        this.mountStiffness = earlier.filter(
                        before -> before.frame.equals(frame) && before.mountedBody.equals(mountedBody))
                .map(before -> before.mountStiffness)
                .orElseGet(() -> MountStiffness.of(job, frame.input(), mountedBody));
        report(CradleReport.report(
                job, seating, new CradleReport.Known(line.line(), tubeStresses, mountDesigns, mountStiffness)));
        report(ShakeReport.report(job, seating, shake));
        report(LoadReport.report(job, seating, load, tubeStresses));
        report(MakeReport.report(job, seating, cutList));
        report(FitReport.report(job, seating));
        report(earlier.filter(before -> before.shake == shake)
                .map(before -> before.report(Step.RUN))
                .orElseGet(() -> RunReport.report(job, shake)));
    }

    private Optional<ScanPlace> place(Side side) {
        return side.scan(job).map(scan -> ScanPlace.of(side.places(job), scan, survey(side)));
    }

    private ClearanceLedger clearance() {
        Optional<MeshTree> tree = job.donor().scan().flatMap(scan -> scans.of(scan.file()));
        Optional<BestFit> fit = donorScanPlace.flatMap(ScanPlace::fit);
        Optional<Body> scan = tree.isPresent() && fit.isPresent()
                ? Optional.of(Bodies.scanned(job, seating, tree.get(), fit.get().pose()))
                : Optional.empty();
        return SeatReport.solve(job, seating, line.line(), movement, surveyed, scan);
    }

    private List<DonorMovement.Swinging> startUp(MountedBody body) {
        return DonorMovement.startUp(body, job.donor().engine(), seating.driverAxis());
    }

    private SurveyResult survey(Side side, Optional<Examination> earlier) {
        return earlier.filter(before -> side.survey(before.job) == side.survey(job)
                        || side.survey(before.job).equals(side.survey(job)))
                .map(before -> before.survey(side))
                .orElseGet(() -> SurveyAdjustment.of(side.survey(job)));
    }

    private static boolean sameWeighing(Donor a, Donor b) {
        return a == b
                || a.weighings().equals(b.weighings())
                        && a.parts().equals(b.parts())
                        && a.pipes().equals(b.pipes())
                        && a.shape().equals(b.shape());
    }

    private static CombinedMass weigh(Donor donor) {
        Map<String, List<Solid>> parts = donor.bodies().stream().collect(Collectors.toMap(Part::id, Part::solids));
        return CombinedWeighing.of(donor.weighings(), parts);
    }

    /** Everything afresh. */
    public static Examination of(Job job) {
        return new Examination(job, Scans.NONE, Optional.empty());
    }

    /** Everything afresh, the scans that the job names among it. */
    public static Examination of(Job job, Scans scans) {
        return new Examination(job, scans, Optional.empty());
    }

    /** The same answer, sooner, where {@code earlier} already holds parts of it. */
    public static Examination of(Job job, Examination earlier) {
        return new Examination(job, earlier.scans, Optional.of(earlier));
    }

    /** The same with other scans. */
    public static Examination of(Job job, Scans scans, Examination earlier) {
        return new Examination(job, scans, Optional.of(earlier));
    }

    private static boolean differsInCradleAlone(Job a, Job b) {
        return a.seat().equals(b.seat())
                && a.donor() == b.donor()
                && a.host() == b.host()
                && a.line() == b.line()
                && a.build() == b.build();
    }

    private static boolean sameGeometry(Job a, Job b) {
        return a.seat().equals(b.seat())
                && a.donor().parts().equals(b.donor().parts())
                && a.donor().pipes().equals(b.donor().pipes())
                && a.donor().shape().equals(b.donor().shape())
                && a.donor().bosses().equals(b.donor().bosses())
                && a.host().members().equals(b.host().members())
                && a.host().nodes().equals(b.host().nodes())
                && a.host().keepOuts().equals(b.host().keepOuts())
                && a.cradle().members().equals(b.cradle().members())
                && a.cradle().nodes().equals(b.cradle().nodes())
                && a.line().stages().equals(b.line().stages())
                && a.line().shafts().equals(b.line().shafts())
                && a.host().drivenEnd().equals(b.host().drivenEnd())
                && a.donor().output().equals(b.donor().output())
                && a.build().room().equals(b.build().room())
                && a.build().clearances().equals(b.build().clearances());
    }

    private void report(StepReport report) {
        reports.put(report.step(), report);
    }

    public Job job() {
        return job;
    }

    public Seating seating() {
        return seating;
    }

    /** The readings of one body after their adjustment. */
    public SurveyResult survey(Side side) {
        return side == Side.DONOR ? donorSurvey : hostSurvey;
    }

    /** The scans this was examined with. */
    public Scans scans() {
        return scans;
    }

    /** Where a body's scan lies on it; empty if it has none. */
    public Optional<ScanPlace> scanPlace(Side side) {
        return side == Side.DONOR ? donorScanPlace : hostScanPlace;
    }

    /** What the weighings make of the donor. */
    public CombinedMass weighed() {
        return weighed;
    }

    public LineResult line() {
        return line.line();
    }

    /** Speeds and wheel forces; empty where no wheel is driven. */
    public Optional<RoadChart> roadChart() {
        return line.chart();
    }

    /** The freedoms of the seat that the datum leaves open. */
    public List<Freedom> openFreedoms() {
        return DatumNotes.open(job, seating);
    }

    /** What must follow the seat. */
    public List<NeighbourChecks.NeighbourCheck> neighbourChecks() {
        return neighbourChecks;
    }

    public DonorMovement movement() {
        return movement;
    }

    public ClearanceLedger ledger() {
        return ledger;
    }

    /** Empty of findings and unsolved where there are no isolators. */
    public Outcome<ShakeResult> shake() {
        return shake;
    }

    /** The donor on its isolators; empty where there are none. */
    public Optional<MountedBody> mountedBody() {
        return mountedBody;
    }

    public Outcome<FrameResult> load() {
        return load;
    }

    /** The frame that {@link #load()} solved. */
    public FrameInput frameInput() {
        return frame.input();
    }

    /** The tube a piece of the solved frame is part of. */
    public String tubeOfPiece(String piece) {
        return frame.memberOfPiece().get(piece);
    }

    /** Every tube in its worst case, the hardest worked first. */
    public List<TubeStress> tubeStresses() {
        return tubeStresses;
    }

    /** Every mount that a tube carries, to the last washer. */
    public List<MountDesign> mountDesigns() {
        return mountDesigns;
    }

    /** Empty where nothing is mounted, or the frame stands only with the donor in it. */
    public Optional<MountStiffness> mountStiffness() {
        return mountStiffness;
    }

    public List<CutTube> cutList() {
        return cutList;
    }

    public StepReport report(Step step) {
        return reports.get(step);
    }

    /** All findings, worst first, then in the order of the work. */
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        reports.values().forEach(report -> all.addAll(report.findings()));
        all.sort(Comparator.comparing(Finding::severity));
        return all;
    }
}
