package oddcradle.core.clearance;

import java.util.IdentityHashMap;
import java.util.Map;
import oddcradle.core.geometry.distance.Separation;

/**
 * Shortest distances by pair. A later one takes over the pairs of which both bodies are the very same objects as before; what
 * the rules make of a distance does not matter here. One thread while it is asked.
 */
public final class Separations {
    private final Map<Body, Map<Body, Separation>> earlier;
    private final Map<Body, Map<Body, Separation>> known = new IdentityHashMap<>();
    private int worked;

    private Separations(Map<Body, Map<Body, Separation>> earlier) {
        this.earlier = earlier;
    }

    /** Knows no pair yet. */
    public static Separations nothing() {
        return new Separations(Map.of());
    }

    /** One that takes over what this one knows, once this one is asked no more. */
    public Separations next() {
        return new Separations(known.isEmpty() ? earlier : known);
    }

    Separation of(Body part, Body obstacle) {
        Map<Body, Separation> ofPart = known.computeIfAbsent(part, body -> new IdentityHashMap<>());
        Separation here = ofPart.get(obstacle);
        if (here == null) {
            Map<Body, Separation> before = earlier.get(part);
            here = before == null ? null : before.get(obstacle);
            if (here == null) {
                here = ClearanceLedger.separation(part, obstacle);
                worked++;
            }
            ofPart.put(obstacle, here);
        }
        return here;
    }

    /** How many distances had to be worked out. */
    public int worked() {
        return worked;
    }
}
