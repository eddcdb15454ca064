package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** The readings that somebody may have meant when writing down a wrong one. */
final class Slips {
    private static final double INCH = 0.0254;
    private static final double[] FRACTION_STEPS = {INCH / 16, INCH / 8, 3 * INCH / 16, INCH / 4, INCH / 2};
    private static final double[] TAPE_MARKS = {0.010, 0.100, INCH, 12 * INCH};
    /** In sixty-fourths: a tenth of one is 0.04 mm. */
    private static final double FRACTION_ROUNDING = 0.1;

    private static final double MIRRORED_WITHIN = 0.03;

    /** One way the reading may have been meant. */
    record Meant(Slip slip, Reading reading) {}

    private final Survey survey;
    private final Reading reading;
    private final List<Meant> all = new ArrayList<>();

    private Slips(Survey survey, Reading reading) {
        this.survey = survey;
        this.reading = reading;
    }

    /** @param places of the points, by id, as the other readings have them */
    static List<Meant> of(Survey survey, Reading reading, Function<String, Vec3> places) {
        Slips slips = new Slips(survey, reading);
        if (reading instanceof Reading.Slope slope) {
            slips.value(Slip.LEFT_FOR_RIGHT, -slope.value());
            slips.swappedDigits(Math.toDegrees(slope.value()), 1, Math.PI / 180);
        } else {
            slips.lengths();
            slips.outsideForCentre();
            slips.alongTheSlope(places);
        }
        slips.mirrored();
        return slips.all;
    }

    private void lengths() {
        double value = reading.value();
        value(Slip.INCH_FOR_MILLIMETRE, value * 25.4);
        value(Slip.MILLIMETRE_FOR_INCH, value / 25.4);
        swappedDigits(value * 1000, 1, 0.001);
        swappedDigits(value / INCH, 3, INCH);
        for (double step : FRACTION_STEPS) {
            if (isInchFraction(value)) {
                value(Slip.FRACTION_STEP, value + step);
                value(Slip.FRACTION_STEP, value - step);
            }
        }
        for (double mark : TAPE_MARKS) {
            value(Slip.TAPE_MARK, value + mark);
            value(Slip.TAPE_MARK, value - mark);
        }
        if (reading instanceof Reading.Offset || reading instanceof Reading.HoleEdge) {
            value(Slip.LEFT_FOR_RIGHT, -value);
        }
    }

    private static boolean isInchFraction(double value) {
        double sixtyFourths = value / INCH * 64;
        return Math.abs(sixtyFourths - Math.rint(sixtyFourths)) < FRACTION_ROUNDING;
    }

    private void outsideForCentre() {
        List<String> points = reading.points();
        double bores = points.stream()
                .mapToDouble(point -> survey.point(point).orElseThrow().bore())
                .sum();
        if (reading instanceof Reading.OverBores over) {
            bores = over.fromBore() + over.toBore();
        } else if (reading instanceof Reading.HoleEdge edge) {
            bores = edge.diameter();
        }
        if (bores > 0) {
            value(Slip.OUTSIDE_FOR_CENTRE, reading.value() + bores / 2);
            value(Slip.OUTSIDE_FOR_CENTRE, reading.value() - bores / 2);
            if (!(reading instanceof Reading.Offset)) {
                value(Slip.OUTSIDE_FOR_CENTRE, reading.value() + bores);
                value(Slip.OUTSIDE_FOR_CENTRE, reading.value() - bores);
            }
        }
    }

    /** The slope is the long side of a right triangle whose rise is one of the point's other offsets. */
    private void alongTheSlope(Function<String, Vec3> places) {
        if (!(reading instanceof Reading.Offset offset)) {
            return;
        }
        Vec3 at = places.apply(offset.point());
        Vec3 across = at.withoutPartAlong(offset.plane().direction());
        for (double rise : new double[] {across.x(), across.y(), across.z(), across.length()}) {
            double square = offset.value() * offset.value() - rise * rise;
            if (rise != 0 && square > 0) {
                value(Slip.ALONG_THE_SLOPE, Math.copySign(Math.sqrt(square), offset.value()));
            }
        }
    }

    /** Every pair of neighbouring digits the other way round. */
    private void swappedDigits(double shown, int decimals, double unit) {
        char[] digits = String.format(Locale.ROOT, "%." + decimals + "f", Math.abs(shown))
                .toCharArray();
        for (int k = 1; k < digits.length; k++) {
            int other = digits[k - 1] == '.' ? k - 2 : k - 1;
            if (digits[k] == '.' || other < 0 || digits[k] == digits[other]) {
                continue;
            }
            char[] swapped = digits.clone();
            swapped[k] = digits[other];
            swapped[other] = digits[k];
            value(Slip.SWAPPED_DIGITS, Math.copySign(Double.parseDouble(new String(swapped)) * unit, shown));
        }
    }

    /** The reading belongs to the point on the other side of the machine. */
    private void mirrored() {
        for (String point : reading.points()) {
            Vec3 about = survey.point(point).orElseThrow().about();
            Vec3 other = new Vec3(about.x(), -about.y(), about.z());
            for (SurveyPoint each : survey.points()) {
                if (!each.id().equals(point) && each.about().distanceTo(other) < MIRRORED_WITHIN) {
                    renamed(point, each.id(), mended -> all.add(new Meant(Slip.LEFT_FOR_RIGHT, mended)));
                }
            }
        }
    }

    private void renamed(String from, String to, Consumer<Reading> made) {
        if (reading.points().contains(to)) {
            return;
        }
        if (reading instanceof Reading.Distance d) {
            made.accept(new Reading.Distance(
                    d.id(),
                    d.from().equals(from) ? to : d.from(),
                    d.to().equals(from) ? to : d.to(),
                    d.value(),
                    d.instrument(),
                    d.sigma()));
        } else if (reading instanceof Reading.OverBores o) {
            made.accept(new Reading.OverBores(
                    o.id(),
                    o.from().equals(from) ? to : o.from(),
                    o.to().equals(from) ? to : o.to(),
                    o.sides(),
                    o.fromBore(),
                    o.toBore(),
                    o.value(),
                    o.instrument(),
                    o.sigma()));
        }
    }

    private void value(Slip slip, double value) {
        if (value == reading.value()) {
            return;
        }
        try {
            all.add(new Meant(slip, reading.with(value)));
        } catch (InvalidValue impossible) {
            // Nobody can have meant a reading that cannot be.
            return;
        }
    }
}
