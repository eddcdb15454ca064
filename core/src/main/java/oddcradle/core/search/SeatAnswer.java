package oddcradle.core.search;

import java.util.List;
import oddcradle.core.job.seat.Seat;

/**
 * A seat that was found.
 *
 * @param score weighed mean of the terms, m; less is better
 * @param terms what it is made of
 * @param margin of its tightest gap to host and floor, m
 */
public record SeatAnswer(Seat seat, double score, List<Aim> terms, double margin) {
    public SeatAnswer {
        terms = List.copyOf(terms);
    }

    /** One aim, how much it counts, and how far the seat is from it, m. */
    public record Aim(String words, double weight, double amount) {}
}
