package oddcradle.core.vibration;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Outcome;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.math.Complex;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * Modes, sag and forced response of a rigid body on elastic mounts, six degrees of freedom about its centre of gravity.
 *
 * <p>K is the sum over the mounts of {@code [I, -S(a)]' k [I, -S(a)]}, a the arm from the centre of gravity; M holds mass
 * and inertia. Source: Harris' Shock and Vibration Handbook, ch. 3 (from memory). Checked against NumPy and SciPy, and
 * the closed form for symmetric mounts. Cost: some 6 by 6 matrices. Any threads.
 */
public final class RigidBodyModes {

    private static final double FREE = 1e-12;
    private static final String[] MOTIONS = {
        "sliding fore and aft",
        "sliding sideways",
        "going up and down",
        "rolling",
        "pitching",
        "turning about the vertical"
    };

    private RigidBodyModes() {}

    /** @return not solved, with the motion named, if the mounts leave one free */
    public static Outcome<ModesResult> solve(MountedBody input) {
        double[][] k = stiffness(input, false);
        double[][] m = mass(input);
        DenseAlgebra.Eigen eigen = DenseAlgebra.generalised(k, m).orElseThrow();
        if (!(eigen.value(0) > FREE * eigen.value(5))) {
            return Outcome.notSolved(freeMotion(input, m, eigen.vector(0)));
        }
        List<Mode> modes = new ArrayList<>();
        double[][] lost = stiffness(input, true);
        for (int i = 0; i < 6; i++) {
            modes.add(mode(eigen.value(i), eigen.vector(i), m, lost));
        }
        return Outcome.solved(new ModesResult(modes, sag(input, k)));
    }

    /** Steady response to a harmonic load, one answer per frequency. */
    public static List<HarmonicResponse> respond(MountedBody input, Harmonic load) {
        double[][] k = stiffness(input, false);
        double[][] lost = stiffness(input, true);
        double[][] m = mass(input);
        double[] f = loadAtCg(input, load);
        List<HarmonicResponse> responses = new ArrayList<>();
        for (double frequency : load.frequenciesHz()) {
            double omega = 2 * Math.PI * frequency;
            double[][] dynamic = new double[6][6];
            for (int i = 0; i < 6; i++) {
                for (int j = 0; j < 6; j++) {
                    dynamic[i][j] = k[i][j] - omega * omega * m[i][j];
                }
            }
            Complex[] q = DenseAlgebra.solve(dynamic, lost, f)
                    .orElseThrow(() -> new InvalidValue(
                            "frequencies_hz",
                            "holds " + frequency + " Hz, an undamped natural frequency: the answer is without bound"));
            responses.add(response(input, load, frequency, q));
        }
        return responses;
    }

    /**
     * The motion under a harmonic load at the centre of gravity: in step with it, and a quarter turn behind.
     */
    public record Swing(SmallMotion inStep, SmallMotion behind) {
        /** Amplitude of a point along a unit direction, m. */
        public double along(Vec3 point, Vec3 direction) {
            return amplitude(inStep.at(point).dot(direction), behind.at(point).dot(direction));
        }

        /** No more than this it turns, rad. */
        public double turn() {
            return amplitude(inStep.turn().length(), behind.turn().length());
        }

        /** The same that much larger, a ratio. */
        public Swing times(double factor) {
            return new Swing(inStep.times(factor), behind.times(factor));
        }

        /** No point within a distance of the centre of gravity swings farther, m. */
        public double most(double distance) {
            return amplitude(inStep.most(distance), behind.most(distance));
        }

        /** Not Math.hypot: no movement overflows, and this is asked for every pair of bodies at every nudge. */
        private static double amplitude(double a, double b) {
            return Math.sqrt(a * a + b * b);
        }
    }

    /**
     * @param frequency Hz
     * @throws InvalidValue if an undamped natural frequency is met
     */
    public static Swing swing(MountedBody input, HarmonicWrench load, double frequency) {
        Complex[] q = motions(input, load, frequency);
        Vec3 cg = input.body().cg();
        return new Swing(
                new SmallMotion(
                        cg, new Vec3(q[0].re(), q[1].re(), q[2].re()), new Vec3(q[3].re(), q[4].re(), q[5].re())),
                new SmallMotion(
                        cg, new Vec3(q[0].im(), q[1].im(), q[2].im()), new Vec3(q[3].im(), q[4].im(), q[5].im())));
    }

    /**
     * What all mounts together put on the frame, about the body's centre of gravity: N, N m.
     *
     * @param frequency Hz
     * @throws InvalidValue if an undamped natural frequency is met
     */
    public static HarmonicWrench onFrame(MountedBody input, HarmonicWrench load, double frequency) {
        Complex[] q = motions(input, load, frequency);
        double[][] k = stiffness(input, false);
        double[][] lost = stiffness(input, true);
        Complex[] sum = new Complex[6];
        for (int i = 0; i < 6; i++) {
            sum[i] = Complex.ZERO;
            for (int j = 0; j < 6; j++) {
                sum[i] = sum[i].plus(q[j].times(new Complex(k[i][j], lost[i][j])));
            }
        }
        return HarmonicWrench.of(sum);
    }

    /** Shift of the centre of gravity and turn, m and rad: a real load and one a quarter turn behind, each by itself. */
    private static Complex[] motions(MountedBody input, HarmonicWrench load, double frequency) {
        double omega = 2 * Math.PI * frequency;
        double[][] dynamic = stiffness(input, false);
        double[][] lost = stiffness(input, true);
        double[][] m = mass(input);
        for (int i = 0; i < 6; i++) {
            for (int j = 0; j < 6; j++) {
                dynamic[i][j] -= omega * omega * m[i][j];
            }
        }
        double[] inStep = new double[6];
        double[] behind = new double[6];
        for (int i = 0; i < 6; i++) {
            inStep[i] = load.parts()[i].re();
            behind[i] = load.parts()[i].im();
        }
        Complex[] q = answer(dynamic, lost, inStep);
        Complex[] late = answer(dynamic, lost, behind);
        for (int i = 0; i < 6; i++) {
            q[i] = q[i].plus(late[i].times(new Complex(0, 1)));
        }
        return q;
    }

    private static Complex[] answer(double[][] dynamic, double[][] lost, double[] load) {
        return DenseAlgebra.solve(dynamic, lost, load)
                .orElseThrow(() -> new InvalidValue("frequency", "is an undamped natural frequency"));
    }

    private static double[] loadAtCg(MountedBody input, Harmonic load) {
        Vec3 moment = load.moment().plus(load.point().minus(input.body().cg()).cross(load.force()));
        Vec3 f = load.force();
        return new double[] {f.x(), f.y(), f.z(), moment.x(), moment.y(), moment.z()};
    }

    private static HarmonicResponse response(MountedBody input, Harmonic load, double frequency, Complex[] q) {
        List<Vec3> points = new ArrayList<>();
        for (Vec3 point : load.responsePoints()) {
            points.add(moduli(motionAt(q, point.minus(input.body().cg()))));
        }
        List<HarmonicResponse.MountForce> mounts = new ArrayList<>();
        Complex[] total = {Complex.ZERO, Complex.ZERO, Complex.ZERO};
        for (Mount mount : input.mounts()) {
            Complex[] u = motionAt(q, mount.position().minus(input.body().cg()));
            Mat3 k = mount.inBodyAxes();
            Complex[] force = new Complex[3];
            for (int i = 0; i < 3; i++) {
                Complex elastic =
                        u[0].times(k.get(i, 0)).plus(u[1].times(k.get(i, 1))).plus(u[2].times(k.get(i, 2)));
                force[i] = elastic.times(new Complex(1, mount.loss()));
                total[i] = total[i].plus(force[i]);
            }
            mounts.add(new HarmonicResponse.MountForce(mount.name(), moduli(force)));
        }
        return new HarmonicResponse(frequency, points, mounts, moduli(total));
    }

    /** u = t + r x arm, in complex amplitudes. */
    private static Complex[] motionAt(Complex[] q, Vec3 arm) {
        return new Complex[] {
            q[0].plus(q[4].times(arm.z())).plus(q[5].times(-arm.y())),
            q[1].plus(q[5].times(arm.x())).plus(q[3].times(-arm.z())),
            q[2].plus(q[3].times(arm.y())).plus(q[4].times(-arm.x()))
        };
    }

    private static Vec3 moduli(Complex[] c) {
        return new Vec3(c[0].modulus(), c[1].modulus(), c[2].modulus());
    }

    private static Mode mode(double eigenvalue, double[] shape, double[][] m, double[][] lost) {
        double total = 0;
        double[] share = new double[6];
        for (int i = 0; i < 6; i++) {
            for (int j = 0; j < 6; j++) {
                share[i] += shape[i] * m[i][j] * shape[j];
            }
            total += share[i];
        }
        double loss = 0;
        List<Double> percent = new ArrayList<>();
        List<Double> motions = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            percent.add(100 * share[i] / total);
            motions.add(shape[i]);
            for (int j = 0; j < 6; j++) {
                loss += shape[i] * lost[i][j] * shape[j];
            }
        }
        return new Mode(Math.sqrt(eigenvalue) / (2 * Math.PI), percent, motions, loss / (eigenvalue * total));
    }

    private static StaticSag sag(MountedBody input, double[][] k) {
        return moved(input, k, input.gravity().times(input.body().mass()), Vec3.ZERO);
    }

    /**
     * How a steady load moves the body on its mounts, beyond what its weight does.
     *
     * @param force at the centre of gravity, N
     * @param moment N m
     * @throws InvalidValue if the mounts leave a motion free
     */
    public static StaticSag movedBy(MountedBody input, Vec3 force, Vec3 moment) {
        return moved(input, stiffness(input, false), force, moment);
    }

    private static StaticSag moved(MountedBody input, double[][] k, Vec3 force, Vec3 moment) {
        double[] load = {force.x(), force.y(), force.z(), moment.x(), moment.y(), moment.z()};
        double[] q = DenseAlgebra.solve(k, load)
                .orElseThrow(() -> new InvalidValue("mounts", "leave a motion of the body free; add one"));
        Vec3 shift = new Vec3(q[0], q[1], q[2]);
        Vec3 turn = new Vec3(q[3], q[4], q[5]);
        List<StaticSag.MountLoad> loads = new ArrayList<>();
        for (Mount mount : input.mounts()) {
            Vec3 u = shift.plus(turn.cross(mount.position().minus(input.body().cg())));
            loads.add(new StaticSag.MountLoad(
                    mount.name(), mount.inBodyAxes().times(u), mount.axes().times(u)));
        }
        return new StaticSag(shift, turn, loads);
    }

    static double[][] mass(MountedBody input) {
        double[][] m = new double[6][6];
        for (int i = 0; i < 3; i++) {
            m[i][i] = input.body().mass();
            for (int j = 0; j < 3; j++) {
                m[3 + i][3 + j] = input.body().inertia().get(i, j);
            }
        }
        return m;
    }

    /** @param lossy weighted by each mount's loss factor: the imaginary part of the complex stiffness */
    private static double[][] stiffness(MountedBody input, boolean lossy) {
        double[][] k = new double[6][6];
        for (Mount mount : input.mounts()) {
            Mat3 direct = mount.inBodyAxes().times(lossy ? mount.loss() : 1);
            Mat3 arm = Mat3.crossProductWith(mount.position().minus(input.body().cg()));
            // u = t - S r, so the coupling block is -k S and the rotation block S' k S.
            Mat3 coupling = direct.times(arm).times(-1);
            Mat3 turning = arm.transposed().times(direct).times(arm);
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    k[i][j] += direct.get(i, j);
                    k[i][3 + j] += coupling.get(i, j);
                    k[3 + j][i] += coupling.get(i, j);
                    k[3 + i][3 + j] += turning.get(i, j);
                }
            }
        }
        return k;
    }

    private static Finding freeMotion(MountedBody input, double[][] m, double[] shape) {
        int leading = 0;
        double most = -1;
        for (int i = 0; i < 6; i++) {
            double energy = shape[i] * shape[i] * m[i][i];
            if (energy > most) {
                most = energy;
                leading = i;
            }
        }
        return Finding.statement(
                VibrationFinding.FREE_MOTION,
                Step.SHAKE,
                Severity.STOP,
                Phrase.of(
                        "nothing stops the body from {}: its {} mounts have no stiffness that way; add a mount off that"
                                + " line or give one stiffness there",
                        MOTIONS[leading],
                        Integer.toString(input.mounts().size())),
                Place.of(Subject.DONOR, input.body().cg()),
                new Why("det K = 0", List.of(), Source.derived("six degrees of freedom on springs")));
    }
}
