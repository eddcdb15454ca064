package oddcradle.core.proof;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.report.Answer;
import oddcradle.core.structure.FrameStability;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.Quantity;

/** What a builder asks of a loaded frame: whether it holds, which weld is the worst, and how long it lasts. */
public final class ProofAnswers {
    static final Source THROAT = Source.fromMemory(
            "Blodgett, Design of Welded Structures, 7.4; AWS D1.1, 0.30 of the electrode, leg 1.5 of the thinner wall");
    static final Source WALL = Source.fromMemory("EN 1993-1-8, tables 7.2, 7.3, 7.5, 7.11, 7.13 and 7.14");
    static final Source LIFE = Source.fromMemory("EN 1993-1-9, Palmgren and Miner, strength factor 1.35");
    private static final Source BUCKLING =
            Source.fromMemory("lowest factor on all loads, geometric stiffness of the axial forces; Bathe, 1996");

    private ProofAnswers() {}

    public static List<Answer> of(LoadProof proof) {
        return List.of(holds(proof), weld(proof), lasts(proof));
    }

    private static Answer holds(LoadProof proof) {
        String question = "Does it hold?";
        if (proof.tubes().isEmpty()) {
            return new Answer(
                    "holds",
                    question,
                    Optional.empty(),
                    Phrase.of("there is no tube to look at"),
                    new Why("tubes of host and cradle", List.of(), Source.derived("the job")));
        }
        TubeStress worst = proof.tubes().get(0);
        Optional<JointUse> gives = proof.joints().stream()
                .filter(use -> use.utilisation() > Math.max(1, worst.utilisation()))
                .findFirst();
        if (gives.isPresent()) {
            return new Answer(
                    "holds",
                    question,
                    Optional.of(Quantity.share(gives.get().utilisation())),
                    Phrase.of(
                            "No: that much of what {} bears is asked of it at the {}, in \"{}\"",
                            gives.get().limit().words(),
                            gives.get().words(),
                            gives.get().load().label()),
                    gives.get().why());
        }
        List<Why.Input> inputs = new ArrayList<>(List.of(
                input("hardest worked tube", Quantity.share(worst.utilisation())),
                input("its stress", Quantity.stress(worst.stress()))));
        proof.sways().stream()
                .findFirst()
                .ifPresent(near ->
                        inputs.add(input("whole frame buckles at times its load", Quantity.ratio(near.factor()))));
        return new Answer(
                "holds",
                question,
                Optional.of(Quantity.share(worst.utilisation())),
                holds(worst, proof.sways()),
                new Why("yield, yield beside the weld, or as a column, whichever gives way first", inputs, BUCKLING));
    }

    private static Phrase holds(TubeStress worst, List<FrameStability.Near> sways) {
        String tube = worst.utilisation() <= 1
                ? "of what the hardest worked tube bears, {}, in \"{}\". "
                : "No: that much of what {} bears is asked of it in \"{}\". ";
        return sways.isEmpty()
                ? Phrase.of(
                        tube + "No load comes near to buckling the frame as a whole",
                        worst.tube().named(),
                        worst.load().label())
                : Phrase.of(
                        tube + "As a whole the frame buckles at {} times the loads of \"{}\"",
                        worst.tube().named(),
                        worst.load().label(),
                        Quantity.ratio(sways.get(0).factor()),
                        sways.get(0).load().label());
    }

    private static Answer weld(LoadProof proof) {
        String question = "Which joint is the worst?";
        if (proof.joints().isEmpty()) {
            return new Answer(
                    "weld",
                    question,
                    Optional.empty(),
                    Phrase.of("nothing is welded onto a tube"),
                    new Why(
                            "tubes welded on others, tabs of mounts, holes for their bolts",
                            List.of(),
                            Source.derived("the job")));
        }
        JointUse worst = proof.joints().get(0);
        return new Answer(
                "weld",
                question,
                Optional.of(Quantity.share(worst.utilisation())),
                Phrase.of(
                        "of what {} bears: {}, in \"{}\"",
                        worst.limit().words(),
                        worst.words(),
                        worst.load().label()),
                worst.why());
    }

    private static Answer lasts(LoadProof proof) {
        String question = "How long does it last?";
        Optional<EndLife> worst =
                proof.lives().stream().filter(life -> life.hours().isPresent()).findFirst();
        if (worst.isEmpty()) {
            return new Answer(
                    "lasts",
                    question,
                    Optional.empty(),
                    Phrase.of("nothing of its duty is large enough to wear a weld"),
                    new Why("every range is below its weld's cut-off", List.of(), LIFE));
        }
        EndLife life = worst.get();
        double hours = life.hours().orElseThrow();
        return new Answer(
                "lasts",
                question,
                Optional.of(Quantity.hours(hours)),
                Phrase.of(
                        "of running until the first weld is to be taken as cracked: {}. Most of it is worn by {}, up to {} each time. At {} a"
                                + " year that is {} years",
                        life.end().words(),
                        life.causes().get(0).words(),
                        Quantity.stress(life.causes().get(0).range()),
                        Quantity.hours(proof.duty().hoursAYear()),
                        Quantity.ratio(hours / proof.duty().hoursAYear())),
                why(life));
    }

    /** Every cause with its range; the weld's own detail in the formula. */
    public static Why why(EndLife life) {
        List<Why.Input> inputs = new ArrayList<>();
        double all = life.damageAnHour();
        for (EndLife.Cause cause : life.causes().stream().limit(4).toList()) {
            inputs.add(input(cause.words() + ", range", Quantity.stress(cause.range())));
            inputs.add(input(cause.words() + ", of the wear", Quantity.share(cause.damage() / all)));
        }
        return new Why("1 / sum of n/N an hour; " + life.detail().words(), inputs, LIFE);
    }
}
