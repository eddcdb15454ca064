package oddcradle.core.step.seat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Separations;
import oddcradle.core.job.Job;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.placement.Surveyed;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.DriveBodies;
import oddcradle.core.structure.LineResult;

/** Every gap between the donor with its drive and what stands round it. */
public final class Gaps {
    private Gaps() {}

    /**
     * Everything that decides the gaps.
     *
     * @param parts of the donor in its seat
     * @param obstacles of host and cradle
     * @param drive chains, belts and shafts
     * @param rules what decides the room and the movement of each pair
     */
    public record Input(List<Body> parts, List<Body> obstacles, List<Body> drive, GapRules.Input rules) {}

    /**
     * What the gaps of a job are decided by.
     *
     * @param bodies that may be known already
     * @param scan the donor's scanned surface, as one more body
     */
    public static Input input(
            Job job,
            Seating seating,
            LineResult line,
            DonorMovement movement,
            Surveyed surveyed,
            Bodies bodies,
            Optional<Body> scan) {
        List<Body> parts = new ArrayList<>(bodies.donorParts(job, seating.pose()));
        scan.ifPresent(parts::add);
        List<Body> obstacles = bodies.obstacles(job, seating);
        return new Input(
                parts,
                obstacles,
                DriveBodies.bodies(job, line, bodies),
                GapRules.input(job, seating, line, movement, surveyed, obstacles));
    }

    /** @param known distances of the same bodies are taken from it */
    public static ClearanceLedger of(Input input, Separations known) {
        return ClearanceLedger.of(
                joined(input.parts(), input.drive()),
                joined(input.obstacles(), input.drive()),
                new GapRules(input.rules(), input.parts(), input.obstacles()),
                known);
    }

    private static List<Body> joined(List<Body> some, List<Body> others) {
        List<Body> all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    /** With the donor standing still: what its rubber gives is left out. */
    public static ClearanceLedger atRest(Job job) {
        Seating seating = Seating.of(job);
        return atRest(job, seating, LineResult.of(job, seating));
    }

    public static ClearanceLedger atRest(Job job, Seating seating, LineResult line) {
        return of(
                input(
                        job,
                        seating,
                        line,
                        DonorMovement.NONE,
                        Surveyed.BY_TAPE_ALONE,
                        Bodies.afresh(),
                        Optional.empty()),
                Separations.nothing());
    }
}
