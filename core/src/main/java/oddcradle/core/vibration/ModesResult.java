package oddcradle.core.vibration;

import java.util.List;

/**
 * @param modes six, by rising frequency
 * @param sag under gravity
 */
public record ModesResult(List<Mode> modes, StaticSag sag) {
    public ModesResult {
        modes = List.copyOf(modes);
    }
}
