package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.examine.Examination;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.fatigue.WeldDetail;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.Duty;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.Shock;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.search.StartLoads;
import oddcradle.core.section.Fibre;
import oddcradle.core.section.Section;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.ShakenMotion;
import oddcradle.core.structure.WeldedEnd;

/**
 * Cycles of stress at every weld in an hour of the machine's duty: throttle openings, clutch and kick-back, jolts, starting and dying through the mounts'
 * resonances, and all engine orders at every speed of the duty. Loads act as if they stood; orders come with mounts, donor and the frame's own mass moving.
 * A range is that of the fibre that swings the most: never less than the true one.
 */
final class DutyStresses {
    private static final double HOUR = 3600;
    private static final Vec3 WEIGHT = new Vec3(0, 0, -1);
    /** Of all starts; common practice. */
    private static final double STARTS_THAT_KICK_BACK = 0.1;

    /** Sizes of a jolt that are counted, shares of the hardest; each stands for those up to the next. */
    private static final List<Double> SIZES = List.of(1.0, 0.8, 0.6, 0.4, 0.2);

    /** Lighter jolts come the oftener: a thousandfold for none at all; common practice. */
    private static final double DECADES = 3;

    private static final double FAINT = 1e3;

    private final Job job;
    private final Duty duty;
    private final Map<WeldedEnd, Map<String, List<Cycle>>> hour = new LinkedHashMap<>();

    private DutyStresses(Job job, Duty duty, List<WeldedEnd> ends) {
        this.job = job;
        this.duty = duty;
        ends.forEach(end -> hour.put(end, new LinkedHashMap<>()));
    }

    /** The weld that is worn the most first. */
    static List<EndLife> lives(
            Examination examination, Duty duty, List<WeldedEnd> ends, Optional<ShakeMaps.Machine> shaking) {
        Job job = examination.job();
        DutyStresses stresses = new DutyStresses(job, duty, ends);
        stresses.loads(examination);
        stresses.starts(examination, ends);
        shaking.ifPresent(stresses::orders);
        List<EndLife> lives = new ArrayList<>();
        stresses.hour.forEach((end, cycles) -> lives.add(EndLife.of(end, stresses.detail(end), cycles)));
        lives.sort(Comparator.comparingDouble(EndLife::damageAnHour).reversed());
        return lives;
    }

    private WeldDetail detail(WeldedEnd end) {
        boolean alloy = job.material(end.tube()).isLightAlloy();
        return end.chord()
                .filter(chord ->
                        chord.remaining().wall() > 0 && end.tube().remaining().wall() > 0)
                .map(chord -> WeldDetail.tubeOnTube(
                        alloy, chord.remaining().wall(), end.tube().remaining().wall()))
                .orElseGet(() -> WeldDetail.attachment(alloy));
    }

    /** What the duty asks for on the same frame: the job's own jolts, and the drive alone. */
    private void loads(Examination examination) {
        List<LoadCase> jolts = job.cases().stream()
                .filter(load -> !load.off()
                        && load.level() != Level.ULTIMATE
                        && load.drive() == 0
                        && load.shock() == Shock.NONE
                        && !load.field().equals(WEIGHT))
                .toList();
        String opening = free("duty-opening");
        String clutch = free("duty-clutch");
        String kickBack = free("duty-kick-back");
        List<LoadCase> drives = List.of(
                LoadCase.of(opening, "throttle opened", WEIGHT, 1),
                new LoadCase(clutch, "start", WEIGHT, 1, Vec3.ZERO, Shock.CLUTCH_DROPPED, null, false, "", ""),
                new LoadCase(kickBack, "kick-back", WEIGHT, 1, Vec3.ZERO, Shock.KICK_BACK, null, false, "", ""));
        Job asked = job.withCases(Stream.concat(jolts.stream(), drives.stream()).toList());
        CradleFrame.Built built =
                CradleFrame.of(asked, examination.seating(), LineResult.of(asked, examination.seating()));
        Optional<FrameResult> result = FrameAnalysis.solve(built.input()).answer();
        if (result.isEmpty()) {
            return;
        }
        Map<String, Map<String, MemberResult>> byCase = new HashMap<>();
        result.get().cases().forEach(each -> byCase.put(each.id(), pieces(each)));
        Map<String, MemberResult> rest = byCase.get(CaseVariants.STANDING);
        add("throttle openings", byCase.get(opening), rest, 1, duty.openings());
        add("clutch dropped", byCase.get(clutch), rest, 1, duty.starts());
        add("kick-backs", byCase.get(kickBack), rest, 1, duty.starts() * STARTS_THAT_KICK_BACK);
        for (LoadCase jolt : jolts) {
            double hardest = duty.jolts() * (jolt.level() == Level.WORKING ? 1 : 0.01);
            double before = 0;
            for (double size : SIZES) {
                double upToThat = hardest * Math.pow(10, DECADES * (1 - size));
                add(jolt.label(), byCase.get(jolt.id()), rest, size, upToThat - before);
                before = upToThat;
            }
        }
    }

    /** An id that no case of the job has. */
    private String free(String id) {
        String free = id;
        while (isTaken(free)) {
            free = free + "-";
        }
        return free;
    }

    private boolean isTaken(String id) {
        return job.cases().stream().anyMatch(load -> load.id().equals(id));
    }

    private static Map<String, MemberResult> pieces(CaseResult load) {
        Map<String, MemberResult> pieces = new HashMap<>();
        load.members().forEach(piece -> pieces.put(piece.id(), piece));
        return pieces;
    }

    private void add(
            String words, Map<String, MemberResult> load, Map<String, MemberResult> rest, double share, double count) {
        if (count <= 0 || load == null) {
            return;
        }
        hour.forEach((end, causes) -> {
            EndForces there = end.forces(load.get(end.piece()));
            EndForces before = end.forces(rest.get(end.piece()));
            double range = share
                    * stress(
                            end.tube().remaining(),
                            there.force().x() - before.force().x(),
                            there.moment().y() - before.moment().y(),
                            there.moment().z() - before.moment().z());
            if (range > FAINT) {
                causes.computeIfAbsent(words, any -> new ArrayList<>()).add(new Cycle(range, 0, count));
            }
        });
    }

    private static double stress(Section section, double force, double momentY, double momentZ) {
        return Math.abs(force) / section.area() + section.bendingStress(momentY, momentZ);
    }

    /** Both ends of every run, from standing still and back. */
    private void starts(Examination examination, List<WeldedEnd> ends) {
        if (duty.starts() > 0) {
            StartStress.of(examination.frame().input(), StartLoads.of(examination), ends, end -> detail(end)
                            .curve()
                            .cutOff())
                    .forEach(
                            (end, causes) -> causes.forEach((words, cycles) -> add(end, words, cycles, duty.starts())));
        }
    }

    /** Cycles of all orders together at every speed of the duty, the frame's own ringing in them. */
    private void orders(ShakeMaps.Machine machine) {
        List<WeldedEnd> ends = List.copyOf(hour.keySet());
        List<List<Fibre>> fibres =
                ends.stream().map(end -> Fibre.of(end.tube().remaining())).toList();
        List<Double> cutOffs =
                ends.stream().map(end -> detail(end).curve().cutOff()).toList();
        for (DutySpeeds held : DutySpeeds.of(job, duty)) {
            List<ShakenMotion> motions = machine.motions(machine.excitation(held.speeds(), held.throttle()));
            for (int s = 0; s < motions.size(); s++) {
                double turns = motions.get(s).speed()
                        / (2 * Math.PI)
                        * HOUR
                        * held.shares().get(s);
                TurningStress turning = new TurningStress(motions.get(s).parts());
                for (int e = 0; e < ends.size(); e++) {
                    WeldedEnd end = ends.get(e);
                    turning.at(end.tube().remaining(), fibres.get(e), e, cutOffs.get(e))
                            .ifPresent(counted -> add(
                                    end,
                                    "running " + held.when() + ", most of it order " + (float) counted.order(),
                                    counted.cycles(),
                                    turns / 2));
                }
            }
        }
    }

    private void add(WeldedEnd end, String words, List<Cycle> cycles, double times) {
        for (Cycle each : cycles) {
            if (each.range() > FAINT) {
                hour.get(end)
                        .computeIfAbsent(words, any -> new ArrayList<>())
                        .add(new Cycle(each.range(), each.mean(), each.count() * times));
            }
        }
    }
}
