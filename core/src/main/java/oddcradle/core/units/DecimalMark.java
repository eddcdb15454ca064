package oddcradle.core.units;

import java.text.DecimalFormatSymbols;
import java.util.Locale;

/** The mark before the decimals, as this user reads and types it. Files of the program keep the point whatever it is. */
public enum DecimalMark {
    POINT('.'),
    COMMA(',');

    /** How numbers are written, never what they are: nothing that is worked out depends on it. */
    private static volatile DecimalMark used = POINT;

    private final char mark;

    DecimalMark(char mark) {
        this.mark = mark;
    }

    /** What people of a country write. */
    public static DecimalMark of(Locale locale) {
        return DecimalFormatSymbols.getInstance(locale).getDecimalSeparator() == ',' ? COMMA : POINT;
    }

    /** The one that numbers are shown with now; a point until somebody says otherwise. */
    public static DecimalMark used() {
        return used;
    }

    /** Shows and reads all numbers with this one from now on. */
    public static void use(DecimalMark other) {
        used = other;
    }

    /** A number written with a point, as it is to be shown. */
    String shown(String number) {
        return this == POINT ? number : number.replace('.', mark);
    }

    /** A typed number as it is read on: with a point. */
    String read(String typed) {
        return this == POINT ? typed : typed.replaceAll("(?<=\\d),(?=\\d)|(?<!\\d),(?=\\d)", ".");
    }
}
