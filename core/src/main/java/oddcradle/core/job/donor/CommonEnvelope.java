package oddcradle.core.job.donor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.body.Part;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** Several engines as one that takes the room of all of them: a frame that takes it takes each of them later. */
public final class CommonEnvelope {
    private CommonEnvelope() {}

    /**
     * They lie over one another with their output shafts in one place, as they would when one is put in for another. Bosses, running and
     * history are the first one's; the mass is the heaviest one's.
     *
     * @param donors at least two; the first gives the axes
     * @throws InvalidValue if there are fewer than two
     */
    public static Donor of(List<Donor> donors) {
        if (donors.size() < 2) {
            throw new InvalidValue(
                    "donors", "are " + donors.size() + ", an envelope of several needs two; compare with another");
        }
        Donor first = donors.get(0);
        List<Part> parts = new ArrayList<>();
        List<Service> services = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (Donor donor : donors) {
            Pose placed = placed(first, donor);
            for (Part part : donor.bodies()) {
                String mark = free(part.id(), taken);
                List<Solid> solids = part.solids().stream()
                        .map(solid -> solid.placed(placed))
                        .toList();
                parts.add(new Part(mark, part.label() + " of " + donor.name(), part.category(), solids));
                donor.services().stream()
                        .filter(each -> each.part().equals(part.id()))
                        .forEach(each ->
                                services.add(each.withId(each.id() + " " + mark).withPart(mark)));
            }
        }
        Donor heaviest = donors.stream()
                .max(Comparator.comparingDouble(each -> each.mass().mass()))
                .orElseThrow();
        return first.withName("room for " + donors.stream().map(Donor::name).collect(Collectors.joining(", ")))
                .withParts(parts)
                .withPipes(List.of())
                .withShape(Optional.empty())
                .withScan(Optional.empty())
                .withUnits(List.of())
                .withServices(services)
                .withMass(heaviest.mass().placed(placed(first, heaviest)));
    }

    /** What brings a donor's output shaft where the first one's is. */
    private static Pose placed(Donor first, Donor donor) {
        Vec3 shift = first.output().centre().minus(donor.output().centre());
        return new Pose(Mat3.IDENTITY, shift);
    }

    private static String free(String mark, Set<String> taken) {
        String found = mark;
        for (int k = 2; !taken.add(found); k++) {
            found = mark + "-" + k;
        }
        return found;
    }
}
