package oddcradle.files.paper;

import java.io.IOException;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The shipped fonts in one document. */
final class Fonts {
    enum Face {
        PLAIN("barlow-regular"),
        BOLD("barlow-semibold");

        private final String file;

        Face(String file) {
            this.file = file;
        }
    }

    private final Map<Face, PDFont> loaded = new EnumMap<>(Face.class);

    Fonts(PDDocument document) throws IOException {
        for (Face face : Face.values()) {
            try (InputStream in = Fonts.class.getResourceAsStream("/fonts/" + face.file + ".ttf")) {
                loaded.put(face, PDType0Font.load(document, in, true));
            }
        }
    }

    PDFont of(Face face) {
        return loaded.get(face);
    }

    /** mm. */
    double width(Face face, double size, String text) throws IOException {
        return of(face).getStringWidth(printable(face, text)) / 1000 * size;
    }

    /** A job's own words may hold signs that the font lacks; they print as a question mark. */
    String printable(Face face, String text) {
        StringBuilder printable = new StringBuilder();
        text.codePoints().forEach(sign -> {
            String one = new String(Character.toChars(sign));
            try {
                of(face).encode(one);
                printable.append(one);
            } catch (IOException | IllegalArgumentException missing) {
                printable.append('?');
            }
        });
        return printable.toString();
    }
}
