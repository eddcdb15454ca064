package oddcradle.core.hardware;

import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.joint.Outline;
import oddcradle.core.units.Quantity;

/**
 * One piece of hardware, as many times as its mount has it alike.
 *
 * @param mount it belongs to
 * @param count how many, 1 or more
 * @param designation what it is asked for by in a shop; its metal where it is made
 * @param length along the bolt, m: of a bolt under its head, of a washer its thickness
 * @param inside diameter, m; 0 for what is solid
 * @param outside diameter, m; 0 for what is cut to an outline
 * @param fastening of a bolt; empty for all else
 * @param outline of a plate, m; empty for all else
 */
public record HardwareItem(
        Kind kind,
        String mount,
        int count,
        String designation,
        double length,
        double inside,
        double outside,
        Optional<Fastening> fastening,
        Optional<Outline> outline) {
    /** What a shop has to know of it: bought by its mark, turned or cut by its sizes. */
    public Phrase size() {
        if (kind == Kind.STUD && fastening.isPresent()) {
            return Phrase.of(
                    "{}, grip {}, no more than {} with a second spanner on its plate; its own rating first",
                    designation,
                    Quantity.length(fastening.get().grip()),
                    Quantity.torque(fastening.get().torque()));
        }
        if (fastening.isPresent()) {
            return Phrase.of(
                    fastening.get().goes().isEmpty()
                            ? "{}, class {}, grip {}, {} dry or as its maker says; "
                                    + fastening.get().lock()
                            : "{}, class {}, grip {}, {} dry or as its maker says; goes in "
                                    + fastening.get().goes() + "; "
                                    + fastening.get().lock(),
                    designation,
                    fastening.get().propertyClass(),
                    Quantity.length(fastening.get().grip()),
                    Quantity.torque(fastening.get().torque()));
        }
        return switch (kind) {
            case ISOLATOR, NUT, LOCKING_NUT -> Phrase.of("{}", designation);
            case TAB, SEAT -> Phrase.of("{}, {} thick, by its outline", designation, Quantity.length(length));
            default ->
                Phrase.of(
                        kind == Kind.SLEEVE || kind == Kind.SPACER
                                ? "{}, inside {}, outside {}, {} long"
                                : "{}, inside {}, outside {}, {} thick",
                        designation,
                        Quantity.length(inside),
                        Quantity.length(outside),
                        Quantity.length(length));
        };
    }

    /** What it is. */
    public enum Kind {
        BOLT("bolt"),
        STUD("stud"),
        NUT("nut"),
        LOCKING_NUT("locking nut"),
        WASHER("washer"),
        LARGE_WASHER("large washer"),
        COVER_WASHER("washer over the opened hole"),
        SLEEVE("sleeve"),
        SPACER("spacer"),
        SHIM("shim"),
        COLLAR("collar"),
        ISOLATOR("isolator"),
        SNUBBER("snubber"),
        TAB("tab"),
        SEAT("seat plate");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * How a bolt holds.
     *
     * @param grip clamped between head and nut, or head and thread, m
     * @param propertyClass such as 8.8
     * @param torque to tighten to, dry, N m; the maker's figure goes before
     * @param goes in which way it is put in, in a word or two; empty where either will do
     * @param lock what keeps it from coming loose, in a few words
     */
    public record Fastening(double grip, String propertyClass, double torque, String goes, String lock) {}
}
