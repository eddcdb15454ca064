package oddcradle.core;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Which floor each package of the core is on, counted from the ground. */
final class Floors {
    private static final String ROOT = "oddcradle.core.";

    static final List<List<String>> FROM_THE_GROUND = List.of(
            List.of("control", "finding", "math", "units"),
            List.of("balance", "catalog", "geometry", "material", "mechanics", "section"),
            List.of(
                    "around",
                    "asbuilt",
                    "clearance",
                    "drive",
                    "engine",
                    "fatigue",
                    "frame",
                    "joint",
                    "linkage",
                    "mounting",
                    "odds",
                    "recording",
                    "seating",
                    "shop",
                    "strength",
                    "survey",
                    "vibration",
                    "weigh"),
            List.of("job"),
            List.of("begin", "placement", "practice", "report"),
            List.of("drawn", "naming", "removal", "structure"),
            List.of("card", "hardware"),
            List.of("step"),
            List.of("examine"),
            List.of("search"),
            List.of("cure", "proof", "workshop"),
            List.of("fitup", "guide", "keeping", "propose"),
            List.of("pocket"));

    static final int ANALYSES = 2;

    static final Map<String, Integer> OF_ROOM = ofRoom();

    private Floors() {}

    private static Map<String, Integer> ofRoom() {
        Map<String, Integer> floors = new TreeMap<>();
        for (int floor = 0; floor < FROM_THE_GROUND.size(); floor++) {
            for (String room : FROM_THE_GROUND.get(floor)) {
                floors.put(room, floor);
            }
        }
        return Map.copyOf(floors);
    }

    /** First name of a package below the core's own. */
    static String room(String packageName) {
        String below = packageName.substring(ROOT.length());
        int dot = below.indexOf('.');
        return dot < 0 ? below : below.substring(0, dot);
    }
}
