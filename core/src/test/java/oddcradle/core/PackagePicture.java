package oddcradle.core;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** The packages of the core as text: floor by floor from the top, with what each knows of the floors near it. */
final class PackagePicture {
    private PackagePicture() {}

    /**
     * @param classes of each package, by its name
     * @param known packages that each knows
     */
    static String of(Map<String, Integer> classes, Map<String, Set<String>> known) {
        StringBuilder picture = new StringBuilder("```text\n");
        for (int floor = Floors.FROM_THE_GROUND.size() - 1; floor >= 0; floor--) {
            for (String room : Floors.FROM_THE_GROUND.get(floor)) {
                picture.append(line(floor, room, classes, known));
            }
        }
        return picture.append("```\n").toString();
    }

    private static String line(int floor, String room, Map<String, Integer> classes, Map<String, Set<String>> known) {
        int count = 0;
        Set<String> inside = new TreeSet<>();
        Set<String> below = new TreeSet<>();
        for (Map.Entry<String, Integer> each : new TreeMap<>(classes).entrySet()) {
            if (Floors.room(each.getKey()).equals(room)) {
                count += each.getValue();
                String own = each.getKey().substring(each.getKey().indexOf(room) + room.length());
                if (!own.isEmpty()) {
                    inside.add(own.substring(1));
                }
                known.getOrDefault(each.getKey(), Set.of()).stream()
                        .map(Floors::room)
                        .filter(other -> !other.equals(room))
                        // The ground is known to all; it would fill the picture.
                        .filter(other -> Floors.OF_ROOM.get(other) > 1 || floor <= 1)
                        .forEach(below::add);
            }
        }
        List<String> rooms = List.copyOf(inside);
        return String.format(
                "%2d  %-10s %3d%s%s%n",
                floor + 1,
                room,
                count,
                rooms.isEmpty() ? "" : "  (" + String.join(", ", rooms) + ")",
                below.isEmpty() ? "" : "  -> " + String.join(" ", below));
    }
}
