package oddcradle.core.card;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;

/** Every thing of a job as a card. */
public final class Cards {
    private Cards() {}

    /** All of them, in the order of the steps. No two have one key. */
    public static List<Card> of(Job job) {
        return Stream.of(
                        DonorCards.seated(job),
                        DonorCards.candidates(job),
                        HostCards.of(job),
                        LineCards.of(job),
                        SeatCards.of(job),
                        CradleCards.of(job),
                        FitCards.of(job),
                        RunCards.of(job),
                        BookCards.of(job),
                        JobCards.of(job))
                .flatMap(List::stream)
                .sorted((one, other) -> one.step().compareTo(other.step()))
                .toList();
    }

    /** The card of what is picked by its id; empty where that has none. */
    public static Optional<Card> picked(Job job, String id) {
        return of(job).stream()
                .filter(card -> card.id().equals(id) && job.ids().contains(id))
                .findFirst();
    }

    /** What can be added at a step, each under what it is. */
    public static List<Deed> additions(Job job, Step step) {
        return switch (step) {
            case DONOR -> DonorCards.additions(job);
            case HOST -> HostCards.additions(job);
            case LINE -> LineCards.additions(job);
            case SEAT -> SeatCards.additions(job);
            case CRADLE -> DetailKinds.of(job);
            case MAKE -> ShopCards.additions(job);
            case FIT -> FitCards.additions(job);
            case RUN ->
                Stream.concat(RunCards.additions(job).stream(), BookCards.additions(job).stream())
                        .toList();
            default -> List.of();
        };
    }
}
