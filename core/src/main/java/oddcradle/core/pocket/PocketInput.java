package oddcradle.core.pocket;

import oddcradle.core.units.Kind;

/**
 * A number that may be typed.
 *
 * @param key by which it is given
 * @param words as it is asked for
 * @param kind of it, SI
 */
public record PocketInput(String key, String words, Kind kind) {}
