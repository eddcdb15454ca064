package oddcradle.core.seating;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Whether a tool and the hand that turns it fit at one end of a bolt, at any place round it. The sizes are common practice for
 * hand tools: spanners some 12 bolt diameters long, a ratchet 200 mm, a fist 90 mm.
 */
public final class ToolRoom {
    private static final int PLACES = 24;
    private static final double FIST = 0.045;
    private static final double THIN = 0.004;

    private ToolRoom() {}

    /** Tools in the order a hand reaches for them. */
    public enum Tool {
        /** Socket on a short extension and a ratchet: a click of 15 degrees. */
        RATCHET("socket and ratchet", Math.toRadians(15)),
        /** Ring or open end, turned over between pulls: 30 degrees. */
        SPANNER("spanner", Math.toRadians(30)),
        /** Only a socket on a bar in line with the bolt. */
        BAR("socket on a long bar", 0);

        private final String words;
        private final double swing;

        Tool(String words, double swing) {
            this.words = words;
            this.swing = swing;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param tools that go there, none where no tool does
     */
    public record Access(List<Tool> tools) {
        public Access {
            tools = List.copyOf(tools);
        }

        public boolean any() {
            return !tools.isEmpty();
        }
    }

    /**
     * @param at middle of the head or nut, host axes, m
     * @param away direction in which it is reached, along the bolt and away from it
     * @param bolt diameter, m
     */
    public static Access at(Vec3 at, Vec3 away, double bolt, List<BodyShape> standing) {
        List<Tool> tools = new ArrayList<>();
        for (Tool tool : Tool.values()) {
            if (fits(tool, at, away.unit(), bolt, standing)) {
                tools.add(tool);
            }
        }
        return new Access(tools);
    }

    private static boolean fits(Tool tool, Vec3 at, Vec3 away, double bolt, List<BodyShape> standing) {
        Vec3 first = away.anyPerpendicular();
        Vec3 second = away.cross(first);
        double half = tool.swing / 2;
        for (int k = 0; k < PLACES; k++) {
            double angle = 2 * Math.PI * k / PLACES;
            boolean free = true;
            for (double turn : new double[] {-half, 0, half}) {
                Vec3 way = first.times(Math.cos(angle + turn)).plus(second.times(Math.sin(angle + turn)));
                free &= clears(solids(tool, at, away, way, bolt), standing);
            }
            if (free) {
                return true;
            }
            if (tool == Tool.BAR) {
                return false;
            }
        }
        return false;
    }

    private static List<Solid> solids(Tool tool, Vec3 at, Vec3 away, Vec3 way, double bolt) {
        double head = 0.9 * bolt;
        return switch (tool) {
            case SPANNER -> {
                Vec3 middle = at.along(away, head / 2);
                Vec3 grip = middle.along(way, 12 * bolt);
                yield List.of(
                        new Solid.Capsule(middle.along(way, bolt), grip, Math.max(THIN, bolt / 3)),
                        new Solid.Sphere(grip, FIST));
            }
            case RATCHET -> {
                Vec3 top = at.along(away, 0.065);
                Vec3 grip = top.along(way, 0.16);
                yield List.of(
                        new Solid.Capsule(at.along(away, bolt), top, bolt),
                        new Solid.Capsule(top, grip, 0.012),
                        new Solid.Sphere(grip, FIST));
            }
            case BAR ->
                List.of(
                        new Solid.Capsule(at.along(away, bolt), at.along(away, 0.30), bolt),
                        new Solid.Sphere(at.along(away, 0.34), FIST));
        };
    }

    private static boolean clears(List<Solid> solids, List<BodyShape> standing) {
        GapFinder bay = new GapFinder(List.of(BodyShape.still("tool", "tool", solids)), standing, GapFinder.NONE);
        return bay.probe().tightest(Pose.IDENTITY, 0, 0).margin() >= 0;
    }
}
