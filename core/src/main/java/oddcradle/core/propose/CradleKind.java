package oddcradle.core.propose;

import java.util.Map;
import oddcradle.core.section.Section;

/** The kinds of cradle that are worked out. */
public enum CradleKind {
    LOWER("lower cradle", "a cross tube for each row of lugs, legs to the frame, tied fore and aft", TubeCradle::lower),
    PIVOT(
            "pivot bolt, front cradle and stay",
            "the lugs by the drive bolted hard between struts, so that chain line cannot wander; the others in a light cradle",
            PivotCradle::draft),
    PLATES("plate pair", "a plate on each side from lug to lug, on two cross tubes", PlateCradle::pair),
    ENGINE_PLATE(
            "engine plate on a sub-cradle",
            "the engine on its own flat plate, bolted to a box frame that another engine's plate fits too",
            PlateCradle::shared),
    SLIDE("sliding sub-frame", "the same on slots with two threaded rods, to set the chain", PlateCradle::sliding),
    RING(
            "ring from the firewall",
            "a ring at the lugs and straight tubes to the corners, every bay with a diagonal",
            RingCradle::draft),
    SKID("flat skid", "two box bars under the lugs on the skid's own members", BarCradle::skid),
    HANGER(
            "hanger with a bush across the frame",
            "one row swings in a rubber bush on a tube across the frame, the other row rests on pads",
            HangerCradle::draft),
    STEEL_PADS(
            "steel bars on clamped pads",
            "steel bars bolted through split pads round the alloy rails: nothing is welded to the alloy",
            BarCradle::onPads);

    private final String word;
    private final String idea;
    private final Maker maker;

    CradleKind(String word, String idea, Maker maker) {
        this.word = word;
        this.idea = idea;
        this.maker = maker;
    }

    /** Draws one. */
    interface Maker {
        /**
         * @param sections what each role is cut from as far as is known
         * @throws NotHere where this kind does not suit the machine
         */
        CradleDraft draft(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws NotHere;
    }

    /** Why a kind does not suit a machine. */
    static final class NotHere extends Exception {
        private static final long serialVersionUID = 1;

        NotHere(String why) {
            super(why);
        }
    }

    public String word() {
        return word;
    }

    /** In a sentence. */
    public String idea() {
        return idea;
    }

    CradleDraft draft(Site site, MountStyle mountStyle, Map<Role, Section> sections) throws NotHere {
        if (site.lugs().size() < 3) {
            throw new NotHere("the donor has " + site.lugs().size() + " lugs, three are the least");
        }
        CradleDraft draft = maker.draft(site, mountStyle, sections);
        draft.clampOnAlloy();
        return draft;
    }
}
