package oddcradle.desktop.slate;

import java.util.function.Consumer;
import oddcradle.core.units.UnitStyle;

/** A field for a few words. */
public final class WordField extends ValueField<String> {
    public WordField(String id, String name, String example, Consumer<String> taken) {
        super(id, name, "word-field", taken);
        prompt(example);
    }

    /** A field without its name beside it, as wide as the sheet. */
    public static WordField wide(String id, String name, String example, Consumer<String> taken) {
        WordField field = new WordField(id, name, example, taken);
        field.spread();
        return field;
    }

    @Override
    String read(String typed, UnitStyle shownIn) {
        return typed.strip();
    }

    @Override
    String words(String shown, UnitStyle shownIn) {
        return shown;
    }

    @Override
    String unit(String shown, UnitStyle shownIn) {
        return "";
    }
}
