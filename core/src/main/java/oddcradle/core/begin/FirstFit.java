package oddcradle.core.begin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.seat.Room;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;

/**
 * Whether an engine goes into a bay at all, from boxes: the first answer, before anything is measured closely. Box against box,
 * statics of nothing; the rooms are common practice.
 *
 * @param bay host axes, m
 * @param underside middle of the engine's underside where it comes to stand, host axes, m
 * @param sides the room at each
 * @param lower how much lower the engine could sit, m; negative where it must come up
 */
public record FirstFit(Aabb bay, Vec3 underside, Map<BoxSide, SideRoom> sides, double lower) {
    private static final double ROUNDING = 1e-9;

    /** From the side of the engine to the far side of its chain, m; common practice. */
    private static final double CHAIN_OUT = 0.045;

    /** Pipe and its bend beside the engine; common practice. */
    private static final double PIPE_BEND = 0.12;

    /**
     * @param gap between engine and bay, negative where they overlap, m
     * @param needed m
     * @param why what needs it
     */
    public record SideRoom(BoxSide side, double gap, double needed, String why) {
        /** m; negative where it is too tight. */
        public double spare() {
            return gap - needed;
        }
    }

    /**
     * What is measured on the floor.
     *
     * @param bay host axes, m
     * @param engine as a box
     * @param shaft where its output shaft's middle must be, host axes; only what {@code Held} says of it counts, m
     * @param held which way the shaft is bound
     * @param seat the side of the bay at which somebody sits; empty: nobody near
     */
    public record Asked(Aabb bay, EngineBox engine, Vec3 shaft, Held held, Optional<BoxSide> seat) {
        public Asked {
            Guard.present("bay", bay);
            Guard.present("engine", engine);
            Guard.present("shaft", shaft);
            Guard.present("held", held);
            seat = seat == null ? Optional.empty() : seat;
        }
    }

    /** What the drive binds. */
    public enum Held {
        /** A chain or belt: its height only, the engine slides fore and aft to where there is room. */
        HEIGHT,
        /** A shaft or propeller in line: every way; the shaft points ahead from the engine's front. */
        ALL
    }

    public static FirstFit of(Asked asked, Room room) {
        EngineBox engine = asked.engine();
        Aabb bay = asked.bay();
        Map<BoxSide, Double> needed = new EnumMap<>(BoxSide.class);
        Map<BoxSide, String> why = new EnumMap<>(BoxSide.class);
        for (BoxSide side : BoxSide.values()) {
            needed.put(side, room.of(Category.FIXED));
            why.put(side, "fixed things");
        }
        if (asked.held() == Held.ALL) {
            needed.put(BoxSide.FRONT, 0.0);
            why.put(BoxSide.FRONT, "its own shaft");
        }
        asked.seat().ifPresent(side -> {
            needed.put(side, room.of(Category.PEOPLE));
            why.put(side, "whoever sits there");
        });
        if (asked.held() == Held.HEIGHT) {
            BoxSide out = engine.shaftSide();
            double guarded =
                    asked.seat().equals(Optional.of(out)) ? room.of(Category.PEOPLE) : room.of(Category.MOVING);
            needed.put(out, CHAIN_OUT + guarded);
            why.put(out, "the chain beside the engine");
        }
        BoxSide pipe = engine.pipe();
        needed.merge(pipe, PIPE_BEND + room.of(Category.HOT), Double::max);
        why.put(pipe, "the exhaust and its bend");
        Vec3 underside = underside(asked, needed);
        Map<BoxSide, SideRoom> sides = new EnumMap<>(BoxSide.class);
        for (BoxSide side : BoxSide.values()) {
            sides.put(side, new SideRoom(side, gap(bay, engine, underside, side), needed.get(side), why.get(side)));
        }
        double lower = asked.held() == Held.ALL ? 0 : sides.get(BoxSide.BOTTOM).spare();
        return new FirstFit(bay, underside, sides, lower);
    }

    /** Where nothing binds it the spare room is shared by both sides. */
    private static Vec3 underside(Asked asked, Map<BoxSide, Double> needed) {
        EngineBox engine = asked.engine();
        Vec3 shared = asked.bay()
                .centre()
                .plus(new Vec3(
                        (needed.get(BoxSide.REAR) - needed.get(BoxSide.FRONT)) / 2,
                        (needed.get(BoxSide.RIGHT) - needed.get(BoxSide.LEFT)) / 2,
                        0));
        double up = asked.shaft().z() - engine.shaftUp();
        return asked.held() == Held.HEIGHT
                ? new Vec3(shared.x(), shared.y(), up)
                : new Vec3(
                        asked.shaft().x() - engine.length() / 2, asked.shaft().y(), up);
    }

    private static double gap(Aabb bay, EngineBox engine, Vec3 underside, BoxSide side) {
        return switch (side) {
            case FRONT -> bay.high().x() - underside.x() - engine.length() / 2;
            case REAR -> underside.x() - engine.length() / 2 - bay.low().x();
            case LEFT -> bay.high().y() - underside.y() - engine.width() / 2;
            case RIGHT -> underside.y() - engine.width() / 2 - bay.low().y();
            case TOP -> bay.high().z() - underside.z() - engine.height();
            case BOTTOM -> underside.z() - bay.low().z();
        };
    }

    /** Where the answer comes from: the room at every side, and what it is for. */
    public Why why() {
        List<Why.Input> inputs = new ArrayList<>();
        for (SideRoom side : sides.values()) {
            inputs.add(Why.input("at the " + side.side().words(), Quantity.length(side.gap())));
            inputs.add(Why.input("needed there, for " + side.why(), Quantity.length(side.needed())));
        }
        return new Why(
                "room at a side = from the engine's box to the bay's; it goes in where no side has less than is needed there",
                inputs,
                Source.commonPractice());
    }

    public boolean fits() {
        return inTheWay().isEmpty();
    }

    /** Sides that are too tight, the worst first. */
    public List<SideRoom> inTheWay() {
        return sides.values().stream()
                .filter(each -> each.spare() < -ROUNDING)
                .sorted(Comparator.comparingDouble(SideRoom::spare))
                .toList();
    }

    /** The tightest side of those that need room. */
    public SideRoom tightest() {
        return sides.values().stream()
                .filter(each -> each.needed() > 0)
                .min(Comparator.comparingDouble(SideRoom::spare))
                .orElseThrow();
    }

    /** How much longer the bay must be made, m; 0 where it is long enough. */
    public double longer() {
        return missing(BoxSide.FRONT);
    }

    /** How much wider the bay must be made, m; 0 where it is wide enough. */
    public double wider() {
        return missing(BoxSide.LEFT);
    }

    /** How much higher the bay must be made, m; 0 where it is high enough. */
    public double higher() {
        return missing(BoxSide.TOP);
    }

    private double missing(BoxSide side) {
        return Math.max(0, -sides.get(side).spare() - sides.get(side.opposite()).spare());
    }
}
