package oddcradle.core.examine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Step;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.hardware.Hardware;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.hardware.MountDesigner;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.cradle.Detail;
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
import oddcradle.core.step.fit.FitCheck;
import oddcradle.core.step.fit.JointPull;
import oddcradle.core.step.host.HostReport;
import oddcradle.core.step.line.DatumNotes;
import oddcradle.core.step.line.Guides;
import oddcradle.core.step.line.LineCheck;
import oddcradle.core.step.line.RoadChart;
import oddcradle.core.step.load.LoadReport;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.Cuts;
import oddcradle.core.step.make.MakeReport;
import oddcradle.core.step.run.RunCheck;
import oddcradle.core.step.seat.Gaps;
import oddcradle.core.step.seat.NeighbourChecks;
import oddcradle.core.step.seat.SeatReport;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.EngineOrders;
import oddcradle.core.structure.EngineTorques;
import oddcradle.core.structure.Engines;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.MachineOnFeet;
import oddcradle.core.structure.MountStiffness;
import oddcradle.core.structure.PropellerShaking;
import oddcradle.core.structure.ShakeResult;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.structure.TubeStresses;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.weigh.CombinedMass;
import oddcradle.core.weigh.CombinedWeighing;

/**
 * Every result and finding of one job: which step gets what, in which order. Each analysis is a pure function of one input and
 * is taken over from an earlier examination where that input is equal.
 *
 * <p>Cost: a nudge of the seat costs one ledger of distances and one factorisation of the frame alone; sliding leaves the modes
 * as they are. Any threads.
 */
public final class Examination {
    private final Job job;
    private final Scans scans;
    private final Memory memory;
    private final Seating seating;
    private final Map<Side, SurveyResult> surveys = new EnumMap<>(Side.class);
    private final Map<Side, ScanPlace> scanPlaces = new EnumMap<>(Side.class);
    private final CombinedMass weighed;
    private final LineCheck line;
    private final DonorMovement movement;
    private final ClearanceLedger ledger;
    private final List<NeighbourChecks.NeighbourCheck> neighbourChecks;
    private final Optional<MountedBody> mountedBody;
    private final Optional<MountedBody> shakingBody;
    private final Optional<MachineOnFeet> onFeet;
    private final Optional<ShakeReport.Mounted> shaking;
    private final List<EngineOrders> engineOrders;
    private final Engines engines;
    private final Outcome<ShakeResult> shake;
    private final CradleFrame.Built frame;
    private final Outcome<FrameResult> load;
    private final List<TubeStress> tubeStresses;
    private final List<MountDesign> mountDesigns;
    private final Optional<MountStiffness> mountStiffness;
    private final List<CutTube> cutList;
    private final FitCheck fit;
    private final RunCheck run;
    private final Map<Step, StepReport> reports = new EnumMap<>(Step.class);

    private Examination(Job job, Scans scans, Memory memory) {
        this.job = job;
        this.scans = scans;
        this.memory = memory;
        this.seating = Seating.of(job);
        measured(Side.DONOR, Analysis.DONOR_SURVEY, Analysis.DONOR_SCAN);
        measured(Side.HOST, Analysis.HOST_SURVEY, Analysis.HOST_SCAN);
        measured(Side.MOUNT, Analysis.MOUNT_SURVEY, Analysis.MOUNT_SCAN);
        this.weighed = memory.recall(Analysis.WEIGHING, weighings(job.donor()), CombinedWeighing::of);
        this.mountedBody = MountedDonor.ifMounted(job);
        this.shakingBody = MountedDonor.ifShaking(job);
        this.engineOrders = memory.recall(Analysis.ENGINE, Engines.input(job), Engines::orders);
        this.engines = Engines.of(job, engineOrders);
        this.onFeet = MachineOnFeet.of(job, seating);
        this.shaking = onFeet.map(feet -> new ShakeReport.Mounted(
                        feet.still(), feet.shaking(), feet.cold(), engines.shifted(feet.donor()), Optional.empty()))
                .or(() -> mountedBody.map(body -> new ShakeReport.Mounted(
                        body,
                        shakingBody.orElseThrow(),
                        MountedDonor.shakingCold(job),
                        engines,
                        PropellerShaking.propeller(job))));
        this.shake = shaking.map(mounted -> memory.recall(Analysis.MODES, mounted, ShakeReport::solve))
                .orElse(new Outcome.NotSolved<>(List.of()));
        LineResult lies = LineResult.of(job, seating);
        this.frame = CradleFrame.of(
                job, seating, lies, EngineTorques.known(engines, shake.answer().filter(result -> job.cradle()
                        .isSoft())));
        Optional<CradleFrame.Standing> standing =
                frame.alone().flatMap(alone -> memory.recall(Analysis.FRAME_ALONE, alone, CradleFrame::standing));
        this.load = memory.recall(Analysis.FRAME, frame.input(), input -> standing.map(
                        alone -> FrameAnalysis.solve(input, alone.factored()))
                .orElseGet(() -> FrameAnalysis.solve(input)));
        this.movement = movement();
        this.line = memory.recall(
                Analysis.LINE,
                new LineCheck.Input(job, seating, lies, movement, engines.first()),
                input -> LineCheck.of(input, memory.criticalSpeeds()));
        this.ledger = memory.recall(Analysis.GAPS, gaps(), input -> Gaps.of(input, memory.separations()));
        this.tubeStresses = load.answer()
                .map(result ->
                        memory.recall(Analysis.STRESSES, TubeStresses.input(job, frame, result), TubeStresses::of))
                .orElse(List.of());
        this.mountDesigns = memory.recall(
                Analysis.MOUNTS, new MountDesigner.Input(job, seating, movement, load.answer()), MountDesigner::of);
        this.mountStiffness = memory.recall(
                Analysis.MOUNT_STIFFNESS,
                new MountStiffness.Input(job.cradle().isolators(), standing, shakingBody),
                MountStiffness::of);
        this.cutList = memory.recall(
                Analysis.CUTS,
                new Cuts.Input(
                        job.cradle().members(),
                        job.host().members(),
                        job.cradle().joints(),
                        job.cradle().details().stream()
                                .filter(Detail.ClampPad.class::isInstance)
                                .map(Detail.ClampPad.class::cast)
                                .toList(),
                        job.materials(),
                        job.build().shop(),
                        seating),
                input -> Cuts.of(input, memory.copes()));
        this.neighbourChecks = memory.neighbours().of(job, seating);
        this.fit = memory.recall(
                Analysis.FIT,
                new FitCheck.Input(
                        job,
                        seating.bosses(),
                        mountDesigns,
                        survey(Side.MOUNT),
                        memory.recall(
                                Analysis.PULLS, new JointPull.Input(job.asBuilt(), survey(Side.MOUNT)), JointPull::of),
                        standing.map(CradleFrame.Standing::flexibility),
                        Guides.of(job),
                        movement.standing(),
                        lies,
                        scanPlace(Side.MOUNT),
                        scans),
                FitCheck::of);
        this.run = memory.recall(Analysis.RUN_REPORT, new RunCheck.Input(job, seating, movement, shake), RunCheck::of);
        report();
    }

    private void report() {
        List<StepReport> all = List.of(
                memory.recall(
                        Analysis.DONOR_REPORT,
                        new DonorReport.Input(job.donor(), survey(Side.DONOR), weighed, scanPlace(Side.DONOR), scans),
                        DonorReport::of),
                memory.recall(
                        Analysis.HOST_REPORT,
                        new HostReport.Input(
                                job.host(), job.materials(), survey(Side.HOST), scanPlace(Side.HOST), scans),
                        HostReport::of),
                line.report(),
                memory.recall(
                        Analysis.SEAT_REPORT,
                        new SeatReport.Input(
                                job.donor().services(),
                                job.donor().bodies(),
                                seating,
                                line.line(),
                                ledger,
                                neighbourChecks),
                        SeatReport::of),
                memory.recall(
                        Analysis.CRADLE_REPORT,
                        new CradleReport.Input(job, seating, line.line(), tubeStresses, mountDesigns, mountStiffness),
                        CradleReport::of),
                memory.recall(
                        Analysis.SHAKE_REPORT,
                        new ShakeReport.Input(engines.taken(), job.cradle(), seating, onFeet, hasOtherFeet(), shake),
                        ShakeReport::of),
                memory.recall(
                        Analysis.LOAD_REPORT,
                        new LoadReport.Input(
                                job.line(),
                                CaseVariants.of(job),
                                job.cases(),
                                job.materials(),
                                job.host().supports().isEmpty(),
                                job.build().yieldFactor(),
                                seating,
                                frame.input().mounts(),
                                load,
                                tubeStresses),
                        LoadReport::of),
                memory.recall(
                        Analysis.MAKE_REPORT, new MakeReport.Input(job.build(), seating, cutList), MakeReport::of),
                fit.report(),
                run.report());
        all.forEach(each -> reports.put(each.step(), each));
    }

    private void measured(Side side, Analysis adjustment, Analysis scan) {
        SurveyResult survey = memory.recall(adjustment, side.survey(job), SurveyAdjustment::of);
        surveys.put(side, survey);
        side.scan(job)
                .map(named -> memory.recall(scan, new ScanPlace.Input(side.ties(job), named, survey), ScanPlace::of))
                .ifPresent(place -> scanPlaces.put(side, place));
    }

    private static CombinedWeighing.Input weighings(Donor donor) {
        return new CombinedWeighing.Input(
                donor.weighings(), donor.bodies().stream().collect(Collectors.toMap(Part::id, Part::solids)));
    }

    private boolean hasOtherFeet() {
        return onFeet.isEmpty()
                && !job.cradle().isolators().isEmpty()
                && job.host().supports().stream().anyMatch(each -> each.foot().isPresent());
    }

    private DonorMovement movement() {
        if (mountedBody.isEmpty() || shake.answer().isEmpty()) {
            return DonorMovement.NONE;
        }
        MountedBody body = mountedBody.get();
        if (onFeet.isPresent() && RigidBodyModes.solve(body).answer().isEmpty()) {
            // The machine stands well on its feet, the donor not yet on its mounts.
            return DonorMovement.NONE;
        }
        List<DonorMovement.Swinging> starting = memory.recall(
                Analysis.STARTING, new DonorMovement.Start(shakingBody.orElseThrow(), engines), DonorMovement::startUp);
        return memory.recall(
                Analysis.MOVEMENT,
                DonorMovement.input(job, seating, body, frame.input(), load.answer(), starting),
                DonorMovement::of);
    }

    private Gaps.Input gaps() {
        Optional<MeshTree> tree = job.donor().scan().flatMap(scan -> scans.of(scan.file()));
        Optional<BestFit> fit = scanPlace(Side.DONOR).flatMap(ScanPlace::fit);
        Optional<Body> scan = tree.isPresent() && fit.isPresent()
                ? Optional.of(Bodies.scanned(job, seating, tree.get(), fit.get().pose()))
                : Optional.empty();
        return Gaps.input(
                job,
                seating,
                line.line(),
                movement,
                Surveyed.of(survey(Side.DONOR), survey(Side.HOST), seating.pose()),
                memory.bodies(),
                scan);
    }

    /** Everything afresh. */
    public static Examination of(Job job) {
        return of(job, Scans.NONE);
    }

    /** Everything afresh, the scans that the job names among it. */
    public static Examination of(Job job, Scans scans) {
        return new Examination(job, scans, Memory.nothing());
    }

    /** The same answer, sooner, where {@code earlier} already holds parts of it. */
    public static Examination of(Job job, Examination earlier) {
        return of(job, earlier.scans, earlier);
    }

    /** The same with other scans. */
    public static Examination of(Job job, Scans scans, Examination earlier) {
        return new Examination(job, scans, earlier.memory.next());
    }

    /** What had to be worked out; all else was taken over from the earlier examination. */
    public Set<Analysis> worked() {
        return memory.worked();
    }

    /** Distances between bodies that had to be worked out. */
    public int distancesWorked() {
        return memory.separations().worked();
    }

    public Job job() {
        return job;
    }

    public Seating seating() {
        return seating;
    }

    /** What was found on the finished mount. */
    public FitCheck fit() {
        return fit;
    }

    /** What hangs from the seat, and what the book says. */
    public RunCheck run() {
        return run;
    }

    /** The readings of one body after their adjustment. */
    public SurveyResult survey(Side side) {
        return surveys.get(side);
    }

    /** The scans this was examined with. */
    public Scans scans() {
        return scans;
    }

    /** Where a body's scan lies on it; empty if it has none. */
    public Optional<ScanPlace> scanPlace(Side side) {
        return Optional.ofNullable(scanPlaces.get(side));
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

    /** How the donor moves on its mounts. */
    public DonorMovement donorMovement() {
        return movement;
    }

    public ClearanceLedger ledger() {
        return ledger;
    }

    /** Empty of findings and unsolved where there are no isolators. */
    /** Tubes, mounts, donor and load cases as one frame to be solved. */
    public CradleFrame.Built frame() {
        return frame;
    }

    /** Every engine of the donor where it lies. */
    public Engines engines() {
        return engines;
    }

    public Outcome<ShakeResult> shake() {
        return shake;
    }

    /** What shakes and on what: the donor on its mounts, or the machine on its feet; empty where nothing stands on rubber or metal. */
    public Optional<ShakeReport.Mounted> shaking() {
        return shaking;
    }

    /** The machine on its feet, where it is that which shakes. */
    public Optional<MachineOnFeet> onFeet() {
        return onFeet;
    }

    /** What each engine of the donor does to its block, the first first. */
    public List<EngineOrders> engineOrders() {
        return engineOrders;
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

    /** What is bought, turned or cut for the mounts. */
    public Hardware hardware() {
        return Hardware.of(job, mountDesigns);
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
