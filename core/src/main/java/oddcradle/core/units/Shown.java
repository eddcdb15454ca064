package oddcradle.core.units;

/** Something that a sentence names, told in the units that its reader has chosen. */
public interface Shown {
    String in(UnitStyle style);
}
