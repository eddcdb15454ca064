package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * One member as a matrix: 12 motions, three displacements and three rotations at end i, then at end j. Przemieniecki,
 * Theory of Matrix Structural Analysis, 1968, section 5.6, with the shear parameter {@code 12 E I / (kappa G A L^2)} (from
 * memory). What its ends give is condensed out exactly.
 */
final class BeamElement {
    private static final int STATIONS = 10;
    private static final int ROUNDS = 3;
    private static final double NEARER = 12;

    final FrameMember member;
    final int nodeI;
    final int nodeJ;
    final double length;
    private final Vec3 endI;
    private final Vec3 endJ;
    private final Theory theory;
    /** Rows are the local axes in global axes. */
    private final double[] axes;
    /** Local, condensed. */
    private final double[] stiffness;
    /** Maps the motions that remain to all twelve; null where nothing is released. */
    private final double[] condensation;
    /** What 1 m/s2 along each global axis puts on the ends, local: every load case asks for it. */
    private final double[][] weights = new double[3][];

    BeamElement(FrameMember member, int nodeI, int nodeJ, Vec3 endI, Vec3 endJ, Theory theory) {
        this.member = member;
        this.nodeI = nodeI;
        this.nodeJ = nodeJ;
        this.theory = theory;
        this.endI = endI;
        this.endJ = endJ;
        Vec3 span = endJ.minus(endI);
        this.length = span.length();
        this.axes = localAxes(span.times(1 / length));
        double[] k = localStiffness(member.section(), member.material(), length, theory);
        double[] c = null;
        for (EndGive give : gives()) {
            double[] step = give.condensing(k);
            c = c == null ? step : Dense12.times(c, step);
            k = Dense12.times(k, step);
            if (give.stiffness() == 0) {
                Dense12.clear(k, give.direction());
            }
        }
        this.stiffness = k;
        this.condensation = c;
        weights[0] = spreadOnEnds(lineLoad(Vec3.X));
        weights[1] = spreadOnEnds(lineLoad(Vec3.Y));
        weights[2] = spreadOnEnds(lineLoad(Vec3.Z));
    }

    /** Ways in which its ends move beside their nodes, those of the first end first. */
    List<EndGive> gives() {
        List<EndGive> gives = new ArrayList<>();
        member.jointI().gives().forEach(give -> gives.add(EndGive.of(give, true)));
        member.jointJ().gives().forEach(give -> gives.add(EndGive.of(give, false)));
        return gives;
    }

    private static double[] localAxes(Vec3 x) {
        MemberAxes own = MemberAxes.of(x);
        Vec3 y = own.y();
        Vec3 z = own.z();
        return new double[] {x.x(), x.y(), x.z(), y.x(), y.y(), y.z(), z.x(), z.y(), z.z()};
    }

    private static double[] localStiffness(Section section, Material material, double length, Theory theory) {
        double e = material.youngsModulus();
        double g = material.shearModulus();
        double nu = material.poissonRatio();
        double[] k = new double[144];
        spring(k, 0, 6, e * section.area() / length);
        spring(k, 3, 9, g * section.torsionConstant() / length);
        double shearLength = g * section.area() * length * length;
        boolean shear = theory == Theory.TIMOSHENKO;
        double eiz = e * section.secondMomentZ();
        double eiy = e * section.secondMomentY();
        bending(k, 1, 5, 1, eiz, length, shear ? 12 * eiz / (section.shearCoefficientY(nu) * shearLength) : 0);
        bending(k, 2, 4, -1, eiy, length, shear ? 12 * eiy / (section.shearCoefficientZ(nu) * shearLength) : 0);
        return k;
    }

    private static void spring(double[] k, int a, int b, double value) {
        k[13 * a] = value;
        k[13 * b] = value;
        k[12 * a + b] = -value;
        k[12 * b + a] = -value;
    }

    /** @param sign +1 where a positive rotation lifts the far end (about z), -1 where it lowers it (about y) */
    private static void bending(double[] k, int shift, int turn, int sign, double ei, double length, double phi) {
        double unit = ei / (length * length * length * (1 + phi));
        spring(k, shift, shift + 6, 12 * unit);
        double slope = sign * 6 * length * unit;
        for (int rotation : new int[] {turn, turn + 6}) {
            put(k, shift, rotation, slope);
            put(k, shift + 6, rotation, -slope);
        }
        double square = length * length * unit;
        k[13 * turn] = (4 + phi) * square;
        k[13 * (turn + 6)] = (4 + phi) * square;
        put(k, turn, turn + 6, (2 - phi) * square);
    }

    private static void put(double[] k, int a, int b, double value) {
        k[12 * a + b] = value;
        k[12 * b + a] = value;
    }

    double mass() {
        return member.section().area() * member.material().density() * length;
    }

    /** Local, as if the ends gave nothing. */
    double[] freeStiffness() {
        return localStiffness(member.section(), member.material(), length, theory);
    }

    /** 12 E I / (kappa G A L^2) of bending about local axis {@code turn} - 3, 4 or 5; 0 without shear. */
    double shearParameter(int turn) {
        double e = member.material().youngsModulus();
        double g = member.material().shearModulus();
        double nu = member.material().poissonRatio();
        Section section = member.section();
        boolean aboutZ = turn == 5;
        double i = aboutZ ? section.secondMomentZ() : section.secondMomentY();
        double kappa = aboutZ ? section.shearCoefficientY(nu) : section.shearCoefficientZ(nu);
        return theory == Theory.TIMOSHENKO ? 12 * e * i / (kappa * g * section.area() * length * length) : 0;
    }

    /** Rows: what the ends would do if they gave nothing, local; columns: six motions of node i, six of node j; global. */
    double[][] endMotions() {
        double[][] onto = new double[12][12];
        for (int column = 0; column < 12; column++) {
            double[] unit = new double[12];
            unit[column] = 1;
            double[] local = Dense12.localMotions(unit, axes, member.offsetI(), member.offsetJ());
            for (int row = 0; row < 12; row++) {
                onto[row][column] = local[row];
            }
        }
        return onto;
    }

    /** Stiffness on the node motions, global axes, rigid arms included. */
    double[] globalStiffness() {
        double[] k = stiffness.clone();
        Dense12.rotateIntoGlobal(k, axes);
        return Dense12.onArms(k, member.offsetI(), member.offsetJ());
    }

    /** Consistent geometric stiffness for an axial force, N, tension positive; global axes, on the node motions. */
    double[] geometricStiffness(double axialForce) {
        double[] k = new double[144];
        double unit = axialForce / (30 * length);
        for (int plane = 0; plane < 2; plane++) {
            int shift = 1 + plane;
            int turn = plane == 0 ? 5 : 4;
            double slope = (plane == 0 ? 3 : -3) * length * unit;
            spring(k, shift, shift + 6, 36 * unit);
            put(k, shift, turn, slope);
            put(k, shift, turn + 6, slope);
            put(k, shift + 6, turn, -slope);
            put(k, shift + 6, turn + 6, -slope);
            k[13 * turn] = 4 * length * length * unit;
            k[13 * (turn + 6)] = 4 * length * length * unit;
            put(k, turn, turn + 6, -length * length * unit);
        }
        if (condensation != null) {
            k = Dense12.congruent(condensation, k);
        }
        Dense12.rotateIntoGlobal(k, axes);
        return Dense12.onArms(k, member.offsetI(), member.offsetJ());
    }

    /** Weight per length along the local axes, N/m. */
    private double[] lineLoad(Vec3 acceleration) {
        double perLength = member.section().area() * member.material().density();
        return Dense12.toLocal(
                axes, acceleration.x() * perLength, acceleration.y() * perLength, acceleration.z() * perLength);
    }

    /** What the spread load w, N/m, puts on the two ends, local axes. */
    private double[] spreadOnEnds(double[] w) {
        double half = length / 2;
        double twelfth = length * length / 12;
        double[] f = {
            w[0] * half, w[1] * half, w[2] * half, 0, -w[2] * twelfth, w[1] * twelfth,
            w[0] * half, w[1] * half, w[2] * half, 0, w[2] * twelfth, -w[1] * twelfth
        };
        return condensation == null ? f : Dense12.transposedTimes(condensation, f);
    }

    /** What the member's own mass puts on its two ends, local axes. */
    private double[] weightOnEnds(Vec3 acceleration) {
        double[] f = new double[12];
        for (int k = 0; k < 12; k++) {
            f[k] = acceleration.x() * weights[0][k]
                    + acceleration.y() * weights[1][k]
                    + acceleration.z() * weights[2][k];
        }
        return f;
    }

    /** Self-weight on the node motions, global axes. */
    double[] selfWeight(Vec3 acceleration) {
        double[] f = weightOnEnds(acceleration);
        Dense12.vectorToGlobal(f, axes);
        Dense12.momentsOfArms(f, member.offsetI(), member.offsetJ());
        return f;
    }

    /** Elastic forces on the member's ends, local axes, 12 numbers, for the node motions {@code u}, global axes. */
    double[] elasticForces(double[] u) {
        return Dense12.times12(stiffness, Dense12.localMotions(u, axes, member.offsetI(), member.offsetJ()));
    }

    /** The member's end forces seen by its nodes, global axes. */
    double[] onNodes(double[] endForces) {
        double[] f = endForces.clone();
        Dense12.vectorToGlobal(f, axes);
        Dense12.momentsOfArms(f, member.offsetI(), member.offsetJ());
        return f;
    }

    /** The same place with other joints. */
    BeamElement with(FrameMember other) {
        return new BeamElement(other, nodeI, nodeJ, endI, endJ, theory);
    }

    /** No von Mises stress along it is greater, Pa; quickly told. */
    double most(double[] elastic, Vec3 acceleration) {
        double[] w = lineLoad(acceleration);
        double area = member.section().area();
        double axial = (Math.max(Math.abs(elastic[0]), Math.abs(elastic[6])) + Math.abs(w[0]) * length) / area;
        double weight = length * length / 4;
        double bending = member.section()
                .bendingStress(
                        Math.max(Math.abs(elastic[4]), Math.abs(elastic[10])) + Math.abs(w[2]) * weight,
                        Math.max(Math.abs(elastic[5]), Math.abs(elastic[11])) + Math.abs(w[1]) * weight);
        double torsion = member.section().torsionStress(elastic[3]);
        return Math.sqrt((axial + bending) * (axial + bending) + 3 * torsion * torsion);
    }

    /** @param elastic forces on the ends less those that hold the self-weight at fixed ends */
    MemberResult result(double[] elastic, Vec3 acceleration) {
        double[] w = lineLoad(acceleration);
        double[] f = elastic.clone();
        double[] spread = weightOnEnds(acceleration);
        for (int k = 0; k < 12; k++) {
            f[k] -= spread[k];
        }
        double atI = stressAt(f, w, 0);
        double atJ = stressAt(f, w, length);
        double worst = Math.max(atI, atJ);
        double worstAt = atI >= atJ ? 0 : 1;
        if (mayPeakInside(w, atI, atJ)) {
            double peak = peakPlace(f, w);
            double stress = stressAt(f, w, peak * length);
            if (stress > worst) {
                worst = stress;
                worstAt = peak;
            }
        }
        double torsion = member.section().torsionStress(f[3]);
        double mises = Math.sqrt(worst * worst + 3 * torsion * torsion);
        return new MemberResult(
                member.id(),
                new EndForces(new Vec3(f[0], f[1], f[2]), new Vec3(f[3], f[4], f[5])),
                new EndForces(new Vec3(f[6], f[7], f[8]), new Vec3(f[9], f[10], f[11])),
                worst,
                mises,
                worstAt);
    }

    /** |N/A| plus bending stress at x from end i, from the equilibrium of the piece up to x. */
    private double stressAt(double[] f, double[] w, double x) {
        double axial = Math.abs(f[0] + w[0] * x);
        double momentY = f[4] + x * f[2] + w[2] * x * x / 2;
        double momentZ = f[5] - x * f[1] - w[1] * x * x / 2;
        return axial / member.section().area() + member.section().bendingStress(momentY, momentZ);
    }

    /**
     * Without spread load |N/A| + M/W is convex along the tube and greatest at an end. The spread load adds at most {@code 4
     * b t (1 - t)} with b the stress of w L^2 / 8, and that only lifts the inside over both ends if 4 b is more than their
     * difference.
     */
    private boolean mayPeakInside(double[] w, double atI, double atJ) {
        double eighth = length * length / 8;
        return 4 * member.section().bendingStress(w[2] * eighth, w[1] * eighth) > Math.abs(atI - atJ);
    }

    /**
     * Share of the length with the greatest stress: the best of some stations, then the top of the parabola through it and two
     * neighbours, ever nearer ones. The stress of a spread load is all but a parabola along a tube, so that three rounds leave nothing over.
     */
    private double peakPlace(double[] f, double[] w) {
        double best = 0;
        double greatest = -1;
        for (int k = 0; k <= STATIONS; k++) {
            double share = (double) k / STATIONS;
            double stress = stressAt(f, w, length * share);
            if (stress > greatest) {
                greatest = stress;
                best = share;
            }
        }
        double step = 1.0 / STATIONS;
        for (int round = 0; round < ROUNDS; round++) {
            double left = Math.max(0, best - step);
            double right = Math.min(1, best + step);
            double middle = (left + right) / 2;
            double below = stressAt(f, w, left * length);
            double here = stressAt(f, w, middle * length);
            double above = stressAt(f, w, right * length);
            double curved = below - 2 * here + above;
            if (curved >= 0) {
                return best;
            }
            double top = middle + (right - left) / 4 * (below - above) / curved;
            double place = Math.max(left, Math.min(right, top));
            double stress = stressAt(f, w, place * length);
            if (stress > greatest) {
                greatest = stress;
                best = place;
            }
            step /= NEARER;
        }
        return best;
    }
}
