package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.stream.Stream;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.step.run.CableRoom;
import oddcradle.core.step.run.ControlFound;

/**
 * A way for a cable along the tubes of frame and cradle, where it can be clipped: clear of what is hot and what moves, with no bend that it
 * does not bear.
 *
 * <p>Places beside the tubes are a net; the shortest way through it (Dijkstra 1959), a free span between two tubes counted dearer than the
 * same length along one, gives clips; then clips go one by one as long as the cable pulls lighter without, no free span
 * gets too long and the room is kept. The way is short and good, not proved to be the best. Some tens of milliseconds.
 */
public final class CableWay {
    /** Between places along a tube, m. */
    private static final double STEP = 0.08;
    /** The farthest that a cable hangs free, m; common practice. */
    private static final double FREE = 0.3;
    /** From an end to the first tube, m. */
    private static final double REACH = 0.6;

    private static final double DEARER = 1.5;
    /** Round a tube. */
    private static final int SIDES = 4;
    /** Wire of the cable and a clip's band, m. */
    private static final double CLIP = 0.001;

    private static final int MOST_PLACES = 6_000;

    private final ControlFound found;
    private final int link;
    private final ControlLink.Cable cable;
    private final CableRoom room;
    private final List<Vec3> ends;
    private final Examination examination;
    private final List<Place> places = new ArrayList<>();

    /** @param run which side of which tube it is on; places of one run follow each other */
    private record Place(Vec3 at, int run) {}

    private CableWay(Examination examination, ControlFound found, int link) {
        this.examination = examination;
        this.found = found;
        this.link = link;
        this.cable = (ControlLink.Cable) found.control().links().get(link);
        this.room = CableRoom.of(examination.job(), examination.seating(), examination.donorMovement());
        this.ends = room.endsOnEngine(cable);
    }

    /**
     * The control with its cable led that way; empty where there is none that keeps the room and the bends.
     *
     * @param link number of a cable of the control
     */
    public static Optional<Control> of(Examination examination, ControlFound found, int link) {
        return new CableWay(examination, found, link).led();
    }

    private Optional<Control> led() {
        List<Vec3> laid = laid(found).path().points();
        Vec3 from = laid.get(0);
        Vec3 to = laid.get(laid.size() - 1);
        places.add(new Place(from, -1));
        places.add(new Place(to, -2));
        Seating seating = examination.seating();
        Stream.concat(examination.job().host().members().stream(), examination.job().cradle().members().stream())
                .forEach(tube -> beside(tube, seating.centreLine(tube)));
        return shortest().map(this::thinned).flatMap(this::ifGood);
    }

    private ControlFound.Laid laid(ControlFound of) {
        return of.cables().stream()
                .filter(each -> each.link() == link)
                .findFirst()
                .orElseThrow();
    }

    private void beside(Member tube, List<Vec3> line) {
        double out = tube.section().outerRadius() + cable.diameter() / 2 + CLIP;
        int run = places.size();
        for (int k = 1; k < line.size() && places.size() < MOST_PLACES; k++) {
            Vec3 a = line.get(k - 1);
            Vec3 b = line.get(k);
            double length = a.distanceTo(b);
            if (length < STEP / 2) {
                continue;
            }
            Vec3 along = b.minus(a).unit();
            Vec3 across = along.anyPerpendicular();
            Vec3 other = along.cross(across);
            int pieces = Math.max(1, (int) Math.round(length / STEP));
            for (int side = 0; side < SIDES; side++) {
                double angle = 2 * Math.PI * side / SIDES;
                Vec3 off = across.times(out * Math.cos(angle)).plus(other.times(out * Math.sin(angle)));
                for (int piece = 0; piece <= pieces; piece++) {
                    places.add(new Place(a.towards(b, piece / (double) pieces).plus(off), run + side));
                }
            }
            run += SIDES;
        }
    }

    private boolean isClear(Vec3 a, Vec3 b) {
        return room.nearest(List.of(a, b), ends, cable.diameter())
                .filter(CableRoom.Near::isTooNear)
                .isEmpty();
    }

    /** Dear where it hangs free; infinite where it cannot go. */
    private double cost(int from, int to) {
        Place a = places.get(from);
        Place b = places.get(to);
        double length = a.at().distanceTo(b.at());
        boolean atEnd = a.run() < 0 || b.run() < 0;
        if (length > (atEnd ? REACH : FREE) || length == 0) {
            return Double.POSITIVE_INFINITY;
        }
        return a.run() == b.run() ? length : DEARER * length + CLIP;
    }

    /** Points of the way, both ends among them. */
    private Optional<List<Vec3>> shortest() {
        int n = places.size();
        double[] least = new double[n];
        int[] before = new int[n];
        boolean[] settled = new boolean[n];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        least[0] = 0;
        record Reached(int place, double cost) {}
        PriorityQueue<Reached> next = new PriorityQueue<>(Comparator.comparingDouble(Reached::cost));
        next.add(new Reached(0, 0));
        while (!next.isEmpty()) {
            int here = next.remove().place();
            if (here == 1) {
                return Optional.of(followed(before));
            }
            if (settled[here]) {
                continue;
            }
            settled[here] = true;
            for (int there = 1; there < n; there++) {
                double cost = settled[there] ? Double.POSITIVE_INFINITY : least[here] + cost(here, there);
                if (cost < least[there]
                        && isClear(places.get(here).at(), places.get(there).at())) {
                    least[there] = cost;
                    before[there] = here;
                    next.add(new Reached(there, cost));
                }
            }
        }
        return Optional.empty();
    }

    private List<Vec3> followed(int[] before) {
        List<Vec3> way = new ArrayList<>();
        for (int at = 1; at != 0; at = before[at]) {
            way.add(0, places.get(at).at());
        }
        way.add(0, places.get(0).at());
        return way;
    }

    private Control with(List<Vec3> clips) {
        List<ControlLink> links = new ArrayList<>(found.control().links());
        links.set(link, cable.withClips(clips));
        return found.control().withLinks(links);
    }

    /** Clips between the ends, those left out without which it pulls lighter. */
    private List<Vec3> thinned(List<Vec3> way) {
        List<Vec3> clips = new ArrayList<>(way.subList(1, way.size() - 1));
        double now = hardness(way.get(0), clips, way.get(way.size() - 1));
        boolean better = true;
        while (better && !clips.isEmpty()) {
            int out = -1;
            for (int k = 0; k < clips.size(); k++) {
                List<Vec3> fewer = new ArrayList<>(clips);
                fewer.remove(k);
                double tried = hardness(way.get(0), fewer, way.get(way.size() - 1));
                if (tried <= now) {
                    now = tried;
                    out = k;
                }
            }
            better = out >= 0;
            if (better) {
                clips.remove(out);
            }
        }
        return clips;
    }

    /** What it turns on its way, rad, and dear for bends that are too tight; infinite where it hangs too far or comes too near. */
    private double hardness(Vec3 from, List<Vec3> clips, Vec3 to) {
        Vec3 last = from;
        for (int k = 0; k <= clips.size(); k++) {
            Vec3 here = k < clips.size() ? clips.get(k) : to;
            boolean atEnd = k == 0 || k == clips.size();
            if (last.distanceTo(here) > (atEnd ? REACH : FREE)) {
                return Double.POSITIVE_INFINITY;
            }
            last = here;
        }
        Optional<ControlFound> tried = ControlFound.of(with(clips), examination.seating(), examination.donorMovement());
        if (tried.isEmpty()) {
            return Double.POSITIVE_INFINITY;
        }
        ControlFound.Laid laid = laid(tried.get());
        double tight = Math.max(0, cable.bendRadius() / laid.path().tightest() - 1);
        return room.isMissed(laid) ? Double.POSITIVE_INFINITY : laid.path().bends() + Math.PI * tight;
    }

    private Optional<Control> ifGood(List<Vec3> clips) {
        Control control = with(clips);
        return ControlFound.of(control, examination.seating(), examination.donorMovement())
                .filter(led -> laid(led).path().tightest() >= cable.bendRadius())
                .filter(led -> !room.isMissed(laid(led)))
                .map(ControlFound::control);
    }
}
