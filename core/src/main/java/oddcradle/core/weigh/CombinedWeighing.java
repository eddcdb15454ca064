package oddcradle.core.weigh;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/**
 * Combines weighings by weighted least squares.
 *
 * <p>Formulas: scales by moments, {@code x = sum m_i x_i / M}; a tilt by moments about its pivot, {@code (x cos t - h sin t) M =
 * m L cos t}; a hang says that the centre of gravity lies on a line; a bifilar or trifilar swing {@code I = m g r^2 T^2 / (4
 * pi^2 L)}. Genta and Delprete, Some considerations on the experimental determination of moments of inertia, Meccanica 29
 * (1994) for the swing (from memory); the rest is statics.
 */
public final class CombinedWeighing {
    private static final double GRAVITY = 9.80665;
    private static final int PASSES = 3;
    private static final int[][] PLACES = {{0, 0}, {1, 1}, {2, 2}, {0, 1}, {0, 2}, {1, 2}};

    private final List<Weighing> weighings;
    private final Map<String, List<Solid>> parts;
    private final Optional<MassProperties> shape;
    private Optional<CombinedMass.Measured> mass = Optional.empty();
    private Vec3 about = Vec3.ZERO;
    private List<Said> said = new ArrayList<>();

    /** One statement; {@code way} is the direction it is about, zero for the mass. */
    private record Said(String by, CombinedMass.Kind kind, Vec3 way, double value, double sigma, String formula) {}

    private CombinedWeighing(List<Weighing> weighings, Map<String, List<Solid>> parts) {
        this.weighings = weighings;
        this.parts = parts;
        this.shape = estimates().stream().findFirst().flatMap(this::shape);
    }

    /** @param parts the solids of the body by part id, for estimates */
    /**
     * Everything that decides the mass.
     *
     * @param parts solids of each part by its id, the body's own axes
     */
    public record Input(List<Weighing> weighings, Map<String, List<Solid>> parts) {}

    public static CombinedMass of(Input input) {
        return of(input.weighings(), input.parts());
    }

    public static CombinedMass of(List<Weighing> weighings, Map<String, List<Solid>> parts) {
        return new CombinedWeighing(weighings, parts).combine();
    }

    private List<Weighing.Estimate> estimates() {
        return weighings.stream()
                .filter(each -> each instanceof Weighing.Estimate)
                .map(each -> (Weighing.Estimate) each)
                .toList();
    }

    private Optional<MassProperties> shape(Weighing.Estimate estimate) {
        List<MassFromShape.Weighted> solids = new ArrayList<>();
        for (Weighing.PartDensity share : estimate.shares()) {
            parts.getOrDefault(share.part(), List.of())
                    .forEach(solid -> solids.add(
                            new MassFromShape.Weighted(solid, share.density().density())));
        }
        return solids.isEmpty() ? Optional.empty() : Optional.of(MassFromShape.of(solids));
    }

    private CombinedMass combine() {
        weigh();
        Optional<Vec3> cg = Optional.empty();
        Equations places = new Equations(3);
        List<Said> before = said;
        // Some uncertainties depend on where the centre of gravity is: a second and third pass know it.
        for (int pass = 0; pass < PASSES; pass++) {
            said = new ArrayList<>(before);
            places = new Equations(3);
            for (Weighing weighing : weighings) {
                place(weighing, places);
            }
            cg = places.solve().map(x -> new Vec3(x[0], x[1], x[2]));
            about = cg.orElse(about);
        }
        Equations turns = new Equations(6);
        weighings.forEach(each -> swing(each, turns));
        Optional<double[]> j = turns.solve();
        double[] sigma = turns.sigmas();
        Optional<Mat3> inertia = j.map(
                x -> new Mat3(new Vec3(x[0], x[3], x[4]), new Vec3(x[3], x[1], x[5]), new Vec3(x[4], x[5], x[2])));
        double[] cgSigma = places.sigmas();
        return new CombinedMass(
                mass,
                cg,
                cg.isPresent() ? new Vec3(cgSigma[0], cgSigma[1], cgSigma[2]) : Vec3.ZERO,
                inertia,
                inertia.isPresent() ? new Vec3(sigma[0], sigma[1], sigma[2]) : Vec3.ZERO,
                combined(cg, inertia),
                openWords(places));
    }

    private static List<String> openWords(Equations places) {
        List<String> words = new ArrayList<>();
        for (double[] way : places.open()) {
            int largest = 0;
            for (int axis = 1; axis < 3; axis++) {
                largest = Math.abs(way[axis]) > Math.abs(way[largest]) ? axis : largest;
            }
            String word = largest == 0 ? "forward" : largest == 1 ? "left" : "up";
            if (!words.contains(word)) {
                words.add(word);
            }
        }
        return words;
    }

    private void weigh() {
        Equations equation = new Equations(1);
        for (Weighing weighing : weighings) {
            if (weighing instanceof Weighing.Scales scales) {
                double total = total(scales);
                double sigma = scales.sigma() * Math.sqrt(scales.readings().size());
                equation.add(new double[] {1}, total, sigma);
                say(weighing, CombinedMass.Kind.MASS, Vec3.ZERO, total, sigma, "M = sum of the scales");
            }
        }
        for (Weighing.Estimate estimate : estimates()) {
            shape(estimate).ifPresent(body -> {
                double sigma = estimate.relativeSigma() * body.mass();
                equation.add(new double[] {1}, body.mass(), sigma);
                say(estimate, CombinedMass.Kind.MASS, Vec3.ZERO, body.mass(), sigma, "M = sum of density times volume");
            });
        }
        mass = equation.solve().map(x -> new CombinedMass.Measured(x[0], equation.sigmas()[0]));
    }

    private void say(Weighing by, CombinedMass.Kind kind, Vec3 way, double value, double sigma, String formula) {
        said.add(new Said(by.id(), kind, way, value, sigma, formula));
    }

    private static double total(Weighing.Scales scales) {
        return scales.readings().stream()
                .mapToDouble(Weighing.ScaleReading::mass)
                .sum();
    }

    private void place(Weighing weighing, Equations places) {
        if (weighing instanceof Weighing.Scales scales) {
            scales(scales, places);
        } else if (weighing instanceof Weighing.Tilt tilt) {
            tilt(tilt, places);
        } else if (weighing instanceof Weighing.Hang hang) {
            hang(hang, places);
        } else if (weighing instanceof Weighing.Estimate estimate) {
            shape(estimate).ifPresent(body -> {
                double sigma =
                        estimate.relativeSigma() * Math.sqrt(body.inertia().get(1, 1) / body.mass()) / 2;
                for (int axis = 0; axis < 3; axis++) {
                    Vec3 way = axis == 0 ? Vec3.X : axis == 1 ? Vec3.Y : Vec3.Z;
                    along(estimate, places, way, body.cg().dot(way), sigma, "sum of m_i r_i / M over the parts");
                }
            });
        }
    }

    private void along(Weighing by, Equations places, Vec3 way, double value, double sigma, String formula) {
        places.add(new double[] {way.x(), way.y(), way.z()}, value, sigma);
        say(by, CombinedMass.Kind.LENGTH, way, value, sigma, formula);
    }

    private static String words(Vec3 way) {
        double nearly = 0.999;
        if (Math.abs(way.x()) > nearly) {
            return "forward";
        }
        if (Math.abs(way.y()) > nearly) {
            return "left";
        }
        return Math.abs(way.z()) > nearly
                ? "up"
                : String.format(Locale.ROOT, "along (%.1f, %.1f, %.1f)", way.x(), way.y(), way.z());
    }

    private void scales(Weighing.Scales scales, Equations places) {
        double total = total(scales);
        List<Vec3> ways = levelDirections(scales);
        for (Vec3 way : ways) {
            double moment = 0;
            for (Weighing.ScaleReading reading : scales.readings()) {
                moment += reading.mass() * reading.point().dot(way);
            }
            double at = moment / total;
            double variance = 0;
            for (Weighing.ScaleReading reading : scales.readings()) {
                double lever = (reading.point().dot(way) - at) / total;
                variance += lever * lever * scales.sigma() * scales.sigma();
            }
            along(scales, places, way, at, Math.sqrt(variance), "sum of m_i x_i / M");
        }
    }

    /** Two scales speak along their line only; three not in one line speak both ways. */
    private static List<Vec3> levelDirections(Weighing.Scales scales) {
        double xx = 0;
        double yy = 0;
        double xy = 0;
        Vec3 first = scales.readings().get(0).point();
        for (Weighing.ScaleReading reading : scales.readings()) {
            Vec3 d = reading.point().minus(first);
            xx += d.x() * d.x();
            yy += d.y() * d.y();
            xy += d.x() * d.y();
        }
        double determinant = xx * yy - xy * xy;
        if (determinant > 1e-6 * (xx + yy) * (xx + yy)) {
            return List.of(Vec3.X, Vec3.Y);
        }
        if (xx + yy == 0) {
            return List.of();
        }
        double scale = xx + yy;
        Vec3 line = xx >= yy ? new Vec3(xx / scale, xy / scale, 0) : new Vec3(xy / scale, yy / scale, 0);
        return List.of(line.unit());
    }

    private void tilt(Weighing.Tilt tilt, Equations places) {
        if (mass.isEmpty()) {
            return;
        }
        Vec3 span = tilt.raised().minus(tilt.pivot());
        Vec3 level = new Vec3(span.x(), span.y(), 0).unit();
        double m = mass.get().value();
        // The direction in the body that is level while it is tilted.
        Vec3 way = level.times(Math.cos(tilt.angle())).along(Vec3.Z, -Math.sin(tilt.angle()));
        double lever = span.dot(way);
        double at = tilt.pivot().dot(way) + tilt.mass() / m * lever;
        Vec3 turned = level.times(-Math.sin(tilt.angle())).along(Vec3.Z, -Math.cos(tilt.angle()));
        double byAngle = about.minus(tilt.pivot()).dot(turned) - tilt.mass() / m * span.dot(turned);
        double sigma = Math.hypot(
                Math.hypot(
                        lever / m * tilt.sigma(),
                        lever * tilt.mass() / m / m * mass.get().sigma()),
                byAngle * tilt.angleSigma());
        along(tilt, places, way, at, sigma, "x cos t - h sin t = m L cos t / M, moments about the pivot");
    }

    private void hang(Weighing.Hang hang, Equations places) {
        Vec3 down = hang.down().unit();
        Vec3 first = down.anyPerpendicular();
        double below = Math.max(0.05, Math.abs(about.minus(hang.point()).dot(down)));
        for (Vec3 way : List.of(first, down.cross(first))) {
            along(
                    hang,
                    places,
                    way,
                    hang.point().dot(way),
                    below * hang.angleSigma(),
                    "the centre of gravity lies straight below the hook");
        }
    }

    private void swing(Weighing weighing, Equations turns) {
        if (weighing instanceof Weighing.Pendulum swing && mass.isPresent()) {
            Vec3 u = swing.axis().unit();
            double m = mass.get().value();
            double value = m * GRAVITY * Math.pow(swing.radius() * swing.period() / (2 * Math.PI), 2) / swing.length();
            double relative = Math.sqrt(Math.pow(mass.get().sigma() / m, 2)
                    + Math.pow(2 * swing.lengthSigma() / swing.radius(), 2)
                    + Math.pow(2 * swing.periodSigma() / swing.period(), 2)
                    + Math.pow(swing.lengthSigma() / swing.length(), 2));
            turns.add(
                    new double[] {
                        u.x() * u.x(),
                        u.y() * u.y(),
                        u.z() * u.z(),
                        2 * u.x() * u.y(),
                        2 * u.x() * u.z(),
                        2 * u.y() * u.z()
                    },
                    value,
                    relative * value);
            say(swing, CombinedMass.Kind.INERTIA, u, value, relative * value, "I = m g r^2 T^2 / (4 pi^2 L)");
        } else if (weighing instanceof Weighing.Estimate estimate) {
            shape(estimate).ifPresent(body -> inertia(estimate, body, turns));
        }
    }

    /** Scaled to the mass that is known better. */
    private void inertia(Weighing.Estimate estimate, MassProperties body, Equations turns) {
        double factor = mass.map(CombinedMass.Measured::value).orElse(body.mass()) / body.mass();
        double typical = (body.inertia().get(0, 0)
                        + body.inertia().get(1, 1)
                        + body.inertia().get(2, 2))
                / 3
                * factor;
        for (int k = 0; k < PLACES.length; k++) {
            double[] row = new double[6];
            row[k] = 1;
            double value = body.inertia().get(PLACES[k][0], PLACES[k][1]) * factor;
            double sigma = estimate.relativeSigma() * (k < 3 ? value : typical / 2);
            turns.add(row, value, sigma);
            if (k < 3) {
                say(
                        estimate,
                        CombinedMass.Kind.INERTIA,
                        k == 0 ? Vec3.X : k == 1 ? Vec3.Y : Vec3.Z,
                        value,
                        sigma,
                        "sum over the parts, scaled to the mass");
            }
        }
    }

    /** What the whole makes of each single statement. */
    private List<CombinedMass.Contribution> combined(Optional<Vec3> cg, Optional<Mat3> inertia) {
        List<CombinedMass.Contribution> all = new ArrayList<>();
        for (Said each : said) {
            Optional<Double> whole =
                    switch (each.kind()) {
                        case MASS -> mass.map(CombinedMass.Measured::value);
                        case LENGTH -> cg.map(at -> at.dot(each.way()));
                        case INERTIA -> inertia.map(j -> each.way().dot(j.times(each.way())));
                    };
            String what =
                    switch (each.kind()) {
                        case MASS -> "mass";
                        case LENGTH -> "CG " + words(each.way());
                        case INERTIA -> "inertia about " + words(each.way());
                    };
            all.add(new CombinedMass.Contribution(
                    each.by(),
                    each.kind(),
                    what,
                    each.value(),
                    each.sigma(),
                    whole.orElse(each.value()),
                    each.formula()));
        }
        return all;
    }
}
