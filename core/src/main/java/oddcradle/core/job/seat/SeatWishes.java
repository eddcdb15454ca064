package oddcradle.core.job.seat;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What a seat is searched for: how much each aim counts, 0 (not at all) to 10, and within which bounds.
 *
 * @param low centre of gravity of the donor
 * @param level machine's centre of gravity between left and right wheels
 * @param foreAft share of the weight on the front wheels as the host has it without the donor
 * @param shift machine's centre of gravity near where the host alone has it
 * @param legRoom gap to people
 * @param pipeRoom gap round hot parts
 * @param intakeRoom free way before the air intake
 * @param shortCradle way from the bosses to the host's tubes
 * @param ground least height of the donor's lowest point over the floor (z = 0), m
 * @param ranges of the freedoms that are searched; where there is none, the machine's own size bounds it
 */
public record SeatWishes(
        double low,
        double level,
        double foreAft,
        double shift,
        double legRoom,
        double pipeRoom,
        double intakeRoom,
        double shortCradle,
        double ground,
        List<Range> ranges) {
    private static final double MOST = 10;

    /** Low and level before all, room where hands and heat are, the rest a little; 4 in over the floor; common practice. */
    public static final SeatWishes USUAL = new SeatWishes(8, 6, 3, 2, 4, 2, 2, 3, 0.1, List.of());

    public SeatWishes {
        Guard.within("low", low, 0, MOST, "");
        Guard.within("level", level, 0, MOST, "");
        Guard.within("foreAft", foreAft, 0, MOST, "");
        Guard.within("shift", shift, 0, MOST, "");
        Guard.within("legRoom", legRoom, 0, MOST, "");
        Guard.within("pipeRoom", pipeRoom, 0, MOST, "");
        Guard.within("intakeRoom", intakeRoom, 0, MOST, "");
        Guard.within("shortCradle", shortCradle, 0, MOST, "");
        Guard.within("ground", ground, -5, 5, "m");
        ranges = ranges == null ? List.of() : List.copyOf(ranges);
        Set<Freedom> seen = EnumSet.noneOf(Freedom.class);
        for (int k = 0; k < ranges.size(); k++) {
            if (!seen.add(ranges.get(k).freedom())) {
                throw new InvalidValue("ranges[" + k + "]", "is the second range of one freedom; keep one of them");
            }
        }
    }

    /** Bounds of one freedom, m or rad, as the seat's own numbers. */
    public record Range(Freedom freedom, double from, double to) {
        private static final double FARTHEST = 50;

        public Range {
            Guard.present("freedom", freedom);
            double most = freedom.slides() ? FARTHEST : 2 * Math.PI;
            String unit = freedom.slides() ? "m" : "rad";
            Guard.within("from", from, -most, most, unit);
            Guard.within("to", to, -most, most, unit);
            if (from >= to) {
                throw new InvalidValue(
                        "to",
                        String.format(
                                Locale.ROOT,
                                "is %s, must be more than from, %s; swap the bounds of \"%s\"",
                                to,
                                from,
                                freedom.word()));
            }
        }
    }

    public Optional<Range> range(Freedom freedom) {
        return ranges.stream().filter(each -> each.freedom() == freedom).findFirst();
    }

    public SeatWishes withRanges(List<Range> others) {
        return new SeatWishes(low, level, foreAft, shift, legRoom, pipeRoom, intakeRoom, shortCradle, ground, others);
    }

    /** The weights in the order of the record. */
    public List<Double> weights() {
        return List.of(low, level, foreAft, shift, legRoom, pipeRoom, intakeRoom, shortCradle);
    }

    public SeatWishes withWeights(List<Double> w) {
        return new SeatWishes(
                w.get(0), w.get(1), w.get(2), w.get(3), w.get(4), w.get(5), w.get(6), w.get(7), ground, ranges);
    }

    public SeatWishes withGround(double other) {
        return new SeatWishes(low, level, foreAft, shift, legRoom, pipeRoom, intakeRoom, shortCradle, other, ranges);
    }
}
