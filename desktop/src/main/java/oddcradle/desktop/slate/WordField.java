package oddcradle.desktop.slate;

import java.util.function.Consumer;
import oddcradle.core.units.UnitStyle;

/** A field for a few words. */
public final class WordField extends ValueField<String> {
    public WordField(String id, String name, String example, Consumer<String> taken) {
        super(id, name, "word-field", taken);
        prompt(example);
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
