package oddcradle.core.propose;

import oddcradle.core.mounting.MountElement;

/**
 * How a kind of cradle is carried out.
 *
 * @param cushion what is between each lug and the cradle
 * @param loss of it
 * @param points three or four
 */
public record MountStyle(MountElement cushion, double loss, int points) {
    public boolean isSoft() {
        return !cushion.isHard();
    }

    /** In words. */
    public String words() {
        return (isSoft() ? "on " + cushion.madeOf().orElseThrow().word() : "bolted hard") + ", "
                + (points == 3 ? "three points" : "four points");
    }
}
