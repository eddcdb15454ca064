package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.OpenBelt;
import oddcradle.core.drive.Stage;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.Shock;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.placement.Seating;

/**
 * What the drive puts on the donor and on the frame, each force with the one that answers it: the tight run of a chain pulls
 * sprocket and axle together; a coupling turns the donor one way and what it drives the other; wheels push the machine forward
 * and its mass holds back; a propeller pulls and turns the donor. Statics; losses are left out, so that nothing is created inside.
 *
 * @param loads on the frame's nodes and the donor
 * @param field what the machine's own acceleration adds for every mass, m/s2
 */
public record DriveLoads(List<NodeLoad> loads, Vec3 field) {
    /** Friction of a belt in its groove; common practice. */
    private static final double FRICTION = 0.3;
    /** What a propeller at rest pulls, of what a perfect one would; common practice. */
    private static final double FIGURE_OF_MERIT = 0.75;
    /** Of air at sea level, kg/m3; ISA. */
    private static final double AIR = 1.225;
    /** Two blades answer a turn with twice the mean couple, twice a revolution; Den Hartog, Mechanical Vibrations, from memory. */
    private static final double TWO_BLADES = 2;

    private static final DriveLoads NONE = new DriveLoads(List.of(), Vec3.ZERO);

    public DriveLoads {
        loads = List.copyOf(loads);
    }

    public static DriveLoads of(Job job, Seating seating, LineResult line, LoadCase load) {
        return of(job, seating, line, load, EngineTorques.of(job));
    }

    static DriveLoads of(Job job, Seating seating, LineResult line, LoadCase load, EngineTorques torques) {
        boolean idle = load.drive() == 0
                && load.shock() == Shock.NONE
                && load.turning().equals(Vec3.ZERO);
        return idle ? NONE : new Making(job, seating, line, load, torques).made();
    }

    /** The sense in which the output turns, by the right hand, unit; where nobody looked, that which drives forward. */
    static Vec3 sense(Job job, Seating seating) {
        Turn turn = job.donor().output().turn();
        Vec3 axis = seating.driverAxis();
        if (turn == Turn.UNKNOWN) {
            return axis.dot(Vec3.Y) < 0 ? axis.negated() : axis;
        }
        return turn == Turn.ANTICLOCKWISE ? axis : axis.negated();
    }

    private static final class Making {
        private final Job job;
        private final Seating seating;
        private final LineResult line;
        private final LoadCase load;
        private final EngineTorques torques;
        private final List<NodeLoad> loads = new ArrayList<>();

        Making(Job job, Seating seating, LineResult line, LoadCase load, EngineTorques torques) {
            this.job = job;
            this.seating = seating;
            this.line = line;
            this.load = load;
            this.torques = torques;
        }

        DriveLoads made() {
            boolean braked = load.shock() == Shock.SHAFT_BRAKE;
            int brake = job.line().shafts().size();
            if (braked && brake == 0) {
                return NONE;
            }
            double torque = braked ? -load.drive() * tyreTorque() : load.drive() * outputTorque();
            shaken(torque);
            if (load.shock() == Shock.KICK_BACK) {
                // The drive is open while the engine is cranked.
                return new DriveLoads(loads, Vec3.ZERO);
            }
            Vec3 sense = sense(job, seating);
            for (int k = 0; k < line.stages().size(); k++) {
                StageResult stage = line.stages().get(k);
                if (stage.problem().isPresent() || stage.stage().isInPlane() && !runs(stage, sense)) {
                    return NONE;
                }
                // The brake's caliper holds what the stages behind it turn its shaft with; before it nothing is loaded.
                boolean loaded = torque != 0 && (!braked || k >= brake);
                if (stage.stage() instanceof Stage.Gears gears) {
                    sense = gears.reverses() ? sense.negated() : sense;
                } else if (loaded && stage.stage().isInPlane()) {
                    pull(stage, k, sense, torque);
                } else if (loaded) {
                    turn(k, sense, torque);
                }
                torque *= stage.ratio();
            }
            return new DriveLoads(loads, ended(sense, torque));
        }

        /** What the last shaft drives takes its torque, and answers it. */
        private Vec3 ended(Vec3 sense, double torque) {
            LineEnd end = job.line().end().orElse(null);
            if (end instanceof LineEnd.Propeller propeller) {
                propelled(propeller, sense, torque);
                return Vec3.ZERO;
            }
            if (line.stages().isEmpty()) {
                return Vec3.ZERO;
            }
            if (load.shock() == Shock.SHORT_CIRCUIT || load.shock() == Shock.OUT_OF_STEP) {
                // The case holds the windings; the flywheels, not the donor, give what is over the rated torque.
                Vec3 over = sense.times(torque * (load.shock().factor() - 1));
                carried(axleNodes(), job.host().drivenEnd().point(), Vec3.ZERO, over);
            }
            return driven(sense, torque);
        }

        /**
         * What the engine's own rotors and gas do to its block at once. What the drive takes over what the engine makes slows the
         * flywheel down, and that turns the block with it; a kick-back turns it as the crank turns.
         */
        private void shaken(double torque) {
            boolean clutch = load.shock() == Shock.CLUTCH_DROPPED || load.shock() == Shock.STALL;
            if (clutch && !line.stages().isEmpty()) {
                Engine engine = Pack.driving(job.donor());
                double atCrank =
                        torque / (engine.primaryRatio() * engine.gearRatios().get(0));
                double made = load.shock() == Shock.STALL ? 0 : engine.maxTorque() * load.drive();
                onDonor(seating.mass().cg(), Vec3.ZERO, Engines.flywheels(job).times(atCrank - made));
            }
            if (load.shock() == Shock.ENGINE_ORDER) {
                onDonor(
                        seating.mass().cg(),
                        Vec3.ZERO,
                        CrankPlace.of(job).axis().times(Math.signum(load.drive()) * torques.order()));
            }
            if (load.shock() == Shock.KICK_BACK) {
                CrankPlace crank = CrankPlace.of(job);
                double peak = torques.peak();
                onDonor(
                        seating.mass().cg(),
                        Vec3.ZERO,
                        crank.axis().times(load.drive() * load.shock().factor() * peak));
            }
        }

        /** Whether its wheels lie beside each other and turn about anything like one axis. */
        private static boolean runs(StageResult stage, Vec3 sense) {
            Vec3 way = stage.driven().sprocketCentre().minus(stage.driving().sprocketCentre());
            double reach = stage.stage().driverRadius() * Math.abs(1 - stage.ratio());
            return way.length() > Math.max(reach, 1e-6)
                    && along(stage).cross(sense).length() > 0.1;
        }

        /**
         * What leaves the donor at full throttle in the lowest gear, or as much of it as the tyres take; with the line's factor, but
         * where the case has one of its own.
         */
        private double outputTorque() {
            Engine engine = Pack.driving(job.donor());
            boolean clutch = load.shock() == Shock.CLUTCH_DROPPED || load.shock() == Shock.STALL;
            double ofEngine = engine.maxTorque()
                    * engine.primaryRatio()
                    * engine.gearRatios().get(0)
                    * (clutch ? load.shock().factor() : 1);
            double ofTyres = tyreTorque();
            boolean ownFactor = load.shock() != Shock.NONE || load.level() != Level.WORKING;
            return (ofTyres > 0 ? Math.min(ofEngine, ofTyres) : ofEngine)
                    * (ownFactor ? 1 : job.line().dynamicFactor());
        }

        /** What the tyres hold, brought back to the output; 0 where nothing rolls. */
        private double tyreTorque() {
            DrivenEnd end = job.host().drivenEnd();
            double torque = end.grip() * end.axleLoad() * end.tyreRadius();
            for (StageResult stage : line.stages()) {
                torque /= stage.ratio();
            }
            return torque;
        }

        /** Both runs of a chain or belt, along their true tangents. */
        private void pull(StageResult stage, int at, Vec3 sense, double torque) {
            Vec3 along = along(stage);
            // The driver gathers in its tight run: there its rim moves away from what it drives.
            Vec3 side = along.cross(sense.times(Math.signum(torque))).unit().negated();
            double pull = Math.abs(torque) / stage.stage().driverRadius();
            double slack = pull * slackShare(stage);
            run(stage, at, side, pull + slack);
            run(stage, at, side.negated(), slack);
        }

        private static Vec3 along(StageResult stage) {
            return stage.driven()
                    .sprocketCentre()
                    .minus(stage.driving().sprocketCentre())
                    .unit();
        }

        private static double slackShare(StageResult stage) {
            double wedge;
            if (stage.stage() instanceof Stage.Belt belt && !belt.toothed()) {
                wedge = belt.wedgeAngle();
            } else if (stage.stage() instanceof Stage.Variator variator) {
                wedge = variator.wedgeAngle();
            } else {
                return 0;
            }
            double wrap = stage.belt().map(OpenBelt::wrapSmall).orElse(Math.PI);
            return 1 / (OpenBelt.pullRatio(FRICTION, wrap, wedge) - 1);
        }

        /** @param side of the centre line on which it runs, unit */
        private void run(StageResult stage, int at, Vec3 side, double tension) {
            if (tension == 0) {
                return;
            }
            Vec3 from = stage.driving().sprocketCentre();
            Vec3 to = stage.driven().sprocketCentre();
            double first = stage.stage().driverRadius();
            double second = first * stage.ratio();
            double sine = (first - second) / from.distanceTo(to);
            Vec3 out = side.times(Math.sqrt(Math.max(0, 1 - sine * sine))).along(along(stage), sine);
            Vec3 begins = from.along(out, first);
            Vec3 ends = to.along(out, second);
            Vec3 force = ends.minus(begins).unit().times(tension);
            onDriving(at, begins, force, Vec3.ZERO);
            onShaft(at, ends, force.negated(), Vec3.ZERO);
        }

        /** A shaft in line turns both its ends and pushes neither. */
        private void turn(int at, Vec3 sense, double torque) {
            Vec3 moment = sense.times(torque);
            onDriving(at, line.stages().get(at).driving().sprocketCentre(), Vec3.ZERO, moment.negated());
            onShaft(at, line.stages().get(at).driven().sprocketCentre(), Vec3.ZERO, moment);
        }

        private void onDriving(int at, Vec3 point, Vec3 force, Vec3 moment) {
            if (at == 0) {
                onDonor(point, force, moment);
            } else {
                onShaft(at - 1, point, force, moment);
            }
        }

        private void onDonor(Vec3 point, Vec3 force, Vec3 moment) {
            Vec3 arm = point.minus(seating.mass().cg());
            loads.add(new NodeLoad(CradleFrame.DONOR, force, arm.cross(force).plus(moment)));
        }

        /** On what carries a shaft: its bearings; the axle's where gears hold it or it is the axle. */
        private void onShaft(int shaft, Vec3 point, Vec3 force, Vec3 moment) {
            List<JackShaft> shafts = job.line().shafts();
            List<String> bearings = shaft < shafts.size() ? shafts.get(shaft).bearingNodes() : List.of();
            carried(bearings.isEmpty() ? axleNodes() : bearings, point, force, moment);
        }

        private List<String> axleNodes() {
            List<String> named = job.host().drivenEnd().bearings();
            if (!named.isEmpty()) {
                return named;
            }
            // Nobody has said what carries the axle: what stands nearest to it.
            Vec3 axle = job.host().drivenEnd().point();
            return job.host().nodes().stream()
                    .map(Node::id)
                    .min(Comparator.comparingDouble(id -> seating.node(id).distanceTo(axle)))
                    .map(List::of)
                    .orElse(List.of());
        }

        /** Shared by the lever between two bearings; whatever else it turns, they turn with. */
        private void carried(List<String> bearings, Vec3 point, Vec3 force, Vec3 moment) {
            if (bearings.isEmpty()) {
                return;
            }
            if (bearings.size() == 1) {
                Vec3 arm = point.minus(seating.node(bearings.get(0)));
                loads.add(new NodeLoad(bearings.get(0), force, arm.cross(force).plus(moment)));
                return;
            }
            Vec3 first = seating.node(bearings.get(0));
            Vec3 span = seating.node(bearings.get(1)).minus(first);
            double share = point.minus(first).dot(span) / span.squaredLength();
            Vec3 line = first.along(span, share);
            // What is left acts beside the line of the bearings, and turns them about it.
            Vec3 turned = point.minus(line).cross(force).plus(moment).times(0.5);
            loads.add(new NodeLoad(bearings.get(0), force.times(1 - share), turned));
            loads.add(new NodeLoad(bearings.get(1), force.times(share), turned));
        }

        /**
         * What the end of the line does to the frame. A wheel takes the axle's torque to the ground, pushes the machine forward at
         * the axle, and the mass of the machine holds back; a generator's or a pump's own case holds what drives it.
         *
         * @return what holding back is as a field, m/s2
         */
        private Vec3 driven(Vec3 sense, double torque) {
            DrivenEnd end = job.host().drivenEnd();
            if (end.tyreRadius() == 0) {
                return Vec3.ZERO;
            }
            Vec3 moment = sense.times(torque);
            carried(axleNodes(), end.point(), Vec3.ZERO, moment.negated());
            Vec3 push = moment.cross(Vec3.Z).times(1 / end.tyreRadius());
            Optional<MachineWeight> weight = HostMasses.of(job).whole();
            if (weight.isEmpty()) {
                return Vec3.ZERO;
            }
            carried(axleNodes(), end.point(), push, Vec3.ZERO);
            double mass = weight.get().mass() + job.donor().mass().mass();
            return push.times(-1 / mass);
        }

        /**
         * Thrust along the shaft, what carries it turned against the propeller, and the couple with which it answers a turn. Thrust is
         * the most there is, standing still: momentum theory (Rankine, Froude), and it does not grow with a factor on the torque.
         */
        private void propelled(LineEnd.Propeller propeller, Vec3 sense, double torque) {
            Vec3 axis = sense.x() < 0 ? sense.negated() : sense;
            double disc = Math.PI * propeller.diameter() * propeller.diameter() / 4;
            double power = Pack.driving(job.donor()).maxPower();
            double most = FIGURE_OF_MERIT * Math.cbrt(2 * AIR * disc * power * power);
            double share = Math.max(-1, Math.min(1, load.drive()));
            Vec3 force = axis.times(share * most);
            Vec3 moment = sense.times(-torque).plus(gyroscopic(propeller, sense));
            if (line.stages().isEmpty()) {
                onDonor(seating.driverCentre(), force, moment);
            } else {
                int last = line.stages().size() - 1;
                onShaft(last, line.stages().get(last).driven().sprocketCentre(), force, moment);
            }
        }

        /** The turning of its spin wants a moment, and the mounts answer for it: {@code H x Omega}. */
        private Vec3 gyroscopic(LineEnd.Propeller propeller, Vec3 sense) {
            Engine engine = Pack.driving(job.donor());
            double speed = engine.limitSpeed() > 0 ? engine.limitSpeed() : engine.cruiseSpeed();
            for (StageResult stage : line.stages()) {
                speed /= stage.ratio();
            }
            double factor = propeller.blades() == 2 ? TWO_BLADES : 1;
            return sense.cross(load.turning()).times(factor * propeller.inertia() * speed);
        }
    }
}
