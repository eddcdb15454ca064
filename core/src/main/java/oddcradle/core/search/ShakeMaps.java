package oddcradle.core.search;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.MemberEnd;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.Engines;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.HostMasses;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.PropellerShaking;
import oddcradle.core.structure.SeatedPerson;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.structure.ShakenFrame;
import oddcradle.core.structure.ShakenMotion;
import oddcradle.core.structure.WeldedEnd;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;

/** The map of every order at every speed for a job as it stands. */
public final class ShakeMaps {
    private static final int SPEEDS = 120;
    /** An engine is looked at from well under idle; without a known limit to a good deal over cruise. */
    private static final double FROM_IDLE = 0.5;

    private static final double OVER_CRUISE = 1.3;

    private static final Set<HostMass.Sort> WATCHED =
            EnumSet.of(HostMass.Sort.PERSON, HostMass.Sort.FUEL, HostMass.Sort.DRIVEN_MACHINE, HostMass.Sort.BODY);
    /** What of an engine suffers most from shaking. */
    private static final Pattern TENDER =
            Pattern.compile("carburett|exhaust|silencer|header|air |filter|pump", Pattern.CASE_INSENSITIVE);

    private static final int MOST_PARTS = 6;

    private ShakeMaps() {}

    /**
     * @param full at full throttle, from well under idle to the limit
     * @param idle without load, at idle alone
     * @param machine that they are of, for any one speed
     */
    public record Maps(OrderMap full, OrderMap idle, Machine machine) {}

    /** Frame, donor and mounts ready to be asked; some milliseconds a speed. */
    public static final class Machine {
        private final ShakenFrame frame;
        private final Setting setting;

        private Machine(ShakenFrame frame, Setting setting) {
            this.frame = frame;
            this.setting = setting;
        }

        public Setting setting() {
            return setting;
        }

        /** @param speed of the first crank, rad/s, above 0 */
        public Excitation excitation(double speed, Throttle throttle) {
            return setting.excitation(List.of(speed), throttle);
        }

        /** At more than one speed. */
        public Excitation excitation(List<Double> speeds, Throttle throttle) {
            return setting.excitation(speeds, throttle);
        }

        /** What every watched place would get under a donor of other mass, or on mounts of other rubber in the same places. */
        OrderMap map(List<Mount> mounts, MassProperties body, Excitation excitation, ShakenFrame.Known known) {
            return frame.map(mounts, body, excitation, known);
        }

        /** What every watched place gets at a few speeds. */
        public OrderMap map(Excitation excitation) {
            return frame.map(setting.mounts(), setting.body(), excitation);
        }

        /** How all moves, speed by speed, with what the setting's ends carry. */
        public List<ShakenMotion> motions(Excitation excitation) {
            return frame.motions(setting.mounts(), setting.body(), excitation);
        }
    }

    /**
     * What shakes and on what.
     *
     * @param frame without the donor
     * @param mountNodes of the frame, in the order of the mounts
     * @param feet of rubber that the machine stands on
     * @param people on the frame, of whom its masses have only what goes along with it
     * @param body of the donor, host axes
     * @param donor every engine of the donor, the first first
     * @param propeller on the donor's own shaft
     * @param ends of tubes that are welded, in the order of {@link WeldedEnd#of}
     */
    public record Setting(
            FrameInput frame,
            List<String> mountNodes,
            List<ShakenFrame.Foot> feet,
            List<SeatedPerson> people,
            List<Mount> mounts,
            MassProperties body,
            Engines engines,
            List<Engine> donor,
            Optional<PropellerShaking.Propeller> propeller,
            List<ShakeWatch> watches,
            List<MemberEnd> ends) {
        /** Ready to be shaken; empty where the frame alone can move without strain. */
        public Optional<ShakenFrame> shaken() {
            return ShakenFrame.of(frame, mountNodes, feet, people, watches, ends);
        }

        /** What engines and propeller do at some speeds of the first crank, rad/s. */
        public Excitation excitation(List<Double> speeds, Throttle throttle) {
            Excitation engine = Excitation.of(engines, donor, speeds, throttle);
            return propeller
                    .map(each ->
                            engine.with(each, each.cruiseSpeed() / donor.get(0).cruiseSpeed()))
                    .orElse(engine);
        }

        /** The same with other engines. */
        Setting with(Engines otherEngines, List<Engine> others) {
            return new Setting(
                    frame, mountNodes, feet, people, mounts, body, otherEngines, others, propeller, watches, ends);
        }
    }

    /** Empty where nothing is mounted, or the frame stands only with the donor in it. */
    public static Optional<Maps> of(Examination examination) {
        Engine first = examination.job().donor().engine();
        return setting(examination).flatMap(setting -> setting.shaken()
                .map(frame -> new Maps(
                        frame.map(
                                setting.mounts(),
                                setting.body(),
                                setting.excitation(speeds(first, SPEEDS), Throttle.FULL)),
                        frame.map(setting.mounts(), setting.body(), idle(setting)),
                        new Machine(frame, setting))));
    }

    /** Ready to be asked, without any map; empty as {@link #of} is. */
    public static Optional<Machine> machine(Examination examination) {
        return setting(examination).flatMap(setting -> setting.shaken().map(frame -> new Machine(frame, setting)));
    }

    /** Without load, at idle alone. */
    static Excitation idle(Setting setting) {
        return setting.excitation(List.of(setting.donor().get(0).idleSpeed()), Throttle.NO_LOAD);
    }

    /** Empty where nothing is mounted. */
    public static Optional<Setting> setting(Examination examination) {
        Job job = examination.job();
        FrameInput whole = examination.frame().input();
        if (job.cradle().isolators().isEmpty() || whole.members().isEmpty()) {
            return Optional.empty();
        }
        MountedBody shaking = MountedDonor.shaking(job);
        MassProperties body = new MassProperties(
                shaking.body().mass(),
                examination.seating().mass().cg(),
                shaking.body().inertia());
        FrameInput frame = alone(job, whole);
        List<Engine> engines = Stream.concat(
                        Stream.of(job.donor().engine()),
                        job.donor().units().stream()
                                .flatMap(unit -> unit.engine().stream())
                                .map(unit -> unit.engine()))
                .toList();
        return Optional.of(new Setting(
                frame,
                whole.mounts().stream().map(ElasticMount::frameNode).toList(),
                feet(examination, frame),
                HostMasses.of(job).people(),
                shaking.mounts(),
                body,
                examination.engines(),
                engines,
                PropellerShaking.propeller(job),
                watches(examination, frame),
                WeldedEnd.of(job, examination.frame()).stream()
                        .map(end -> new MemberEnd(end.piece(), end.first()))
                        .toList()));
    }

    private static List<ShakenFrame.Foot> feet(Examination examination, FrameInput frame) {
        List<ShakenFrame.Foot> feet = new ArrayList<>();
        for (FrameSupport support : frame.supports()) {
            examination.job().host().supports().stream()
                    .filter(each -> each.node().equals(support.node()))
                    .flatMap(each -> each.foot().stream())
                    .findFirst()
                    .ifPresent(foot -> feet.add(new ShakenFrame.Foot(
                            support.node(),
                            examination.seating().node(support.node()),
                            support.springs(),
                            foot.loss())));
        }
        return feet;
    }

    /** Without the donor; on feet that are as stiff as rubber is while it shakes. */
    private static FrameInput alone(Job job, FrameInput whole) {
        List<FrameSupport> supports = new ArrayList<>();
        for (FrameSupport support : whole.supports()) {
            double ratio = job.host().supports().stream()
                    .filter(each -> each.node().equals(support.node()))
                    .flatMap(each -> each.foot().stream())
                    .map(Foot::element)
                    .mapToDouble(element -> element.dynamicRatio())
                    .findFirst()
                    .orElse(1);
            supports.add(new FrameSupport(
                    support.node(), support.fix(), support.springs().times(ratio)));
        }
        return new FrameInput(
                whole.theory(),
                whole.nodes().stream()
                        .filter(node -> !node.id().equals(CradleFrame.DONOR))
                        .toList(),
                whole.members(),
                supports,
                List.of(),
                shaking(job, whole),
                List.of());
    }

    /** Without the donor, and of people only what goes along with the frame. */
    private static List<PointMass> shaking(Job job, FrameInput whole) {
        List<PointMass> masses = new ArrayList<>(whole.masses());
        masses.removeIf(mass -> mass.node().equals(CradleFrame.DONOR));
        for (SeatedPerson person : HostMasses.of(job).people()) {
            if (masses.remove(new PointMass(person.node(), person.mass(), person.at()))) {
                masses.add(new PointMass(person.node(), SeatedPerson.RIGID * person.mass(), person.at()));
            }
        }
        return masses;
    }

    /** From well under idle to the limit, rad/s. */
    static List<Double> speeds(Engine engine, int count) {
        double from = FROM_IDLE * engine.idleSpeed();
        double to = engine.limitSpeed() > 0
                ? Math.max(engine.cruiseSpeed(), engine.limitSpeed())
                : OVER_CRUISE * engine.cruiseSpeed();
        List<Double> speeds = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            speeds.add(from + (to - from) * k / (count - 1));
        }
        // Where many tubes ring a little beside a speed is not at it.
        for (double told : new double[] {engine.idleSpeed(), engine.cruiseSpeed()}) {
            speeds.set((int) Math.round((told - from) / (to - from) * (count - 1)), told);
        }
        return speeds;
    }

    private static List<ShakeWatch> watches(Examination examination, FrameInput frame) {
        Job job = examination.job();
        List<ShakeWatch> watches = new ArrayList<>();
        for (ElasticMount mount : examination.frame().input().mounts()) {
            watches.add(new ShakeWatch(mount.id(), "mount " + mount.id(), ShakeWatch.Kind.MOUNT_FORCE, mount.centre()));
        }
        watches.add(new ShakeWatch(
                "output",
                "output shaft",
                ShakeWatch.Kind.ENGINE_MOTION,
                examination.seating().driverCentre()));
        Set<String> moving = new HashSet<>();
        frame.nodes().forEach(node -> moving.add(node.id()));
        // Who sits where the machine is held to the ground in this model feels nothing in it.
        frame.supports().stream()
                .filter(support -> support.springs().equals(Vec3.ZERO))
                .forEach(support -> moving.remove(support.node()));
        for (HostMass mass : job.host().masses()) {
            if (WATCHED.contains(mass.sort())) {
                mass.nodes().stream()
                        .filter(moving::contains)
                        .findFirst()
                        .ifPresent(node -> watches.add(new ShakeWatch(
                                node,
                                mass.label(),
                                mass.sort() == HostMass.Sort.PERSON
                                        ? ShakeWatch.Kind.FRAME_VELOCITY
                                        : ShakeWatch.Kind.CARRIED_VELOCITY,
                                examination.seating().node(node))));
            }
        }
        job.donor().bodies().stream()
                .filter(part -> TENDER.matcher(part.label()).find())
                .limit(MOST_PARTS)
                .forEach(part -> watches.add(new ShakeWatch(
                        part.id(),
                        part.label(),
                        ShakeWatch.Kind.ENGINE_MOTION,
                        examination.seating().pose().place(middle(part)))));
        return watches;
    }

    private static Vec3 middle(Part part) {
        return part.solids().stream()
                .map(Solid::centre)
                .reduce(Vec3.ZERO, Vec3::plus)
                .times(1.0 / part.solids().size());
    }
}
