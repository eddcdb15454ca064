package oddcradle.core.propose;

import oddcradle.core.mounting.MountElement;

/**
 * How a kind of cradle is carried out.
 *
 * @param element what is between each lug and the cradle
 * @param loss of it
 * @param points three or four
 */
public record MountStyle(MountElement element, double loss, int points) {
    public boolean isSoft() {
        return !element.isHard();
    }

    /** In words. */
    public String words() {
        return (isSoft() ? "on " + element.madeOf().orElseThrow().word() : "bolted hard") + ", "
                + (points == 3 ? "three points" : "four points");
    }
}
