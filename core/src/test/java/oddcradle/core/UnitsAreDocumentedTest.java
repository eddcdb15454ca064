package oddcradle.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whoever reads an analysis must never guess a unit: public methods and record components with a quantity name one. */
class UnitsAreDocumentedTest {
    private static final Path CORE = Path.of("src/main/java/oddcradle/core");

    /** Units of the field, and the words for what has none. */
    private static final Pattern UNIT =
            Pattern.compile("(?<!\\w)(m|mm|m2|m3|m4|N|kN|Pa|MPa|Hz|rad|rad/s|kg|kg m2|s|K|J|W|N m|N/m|m/N"
                    + "|N s/m|m/s|m/s2|h|hours|1/s|µs|Shore A|teeth|turns|pitches|share|ratio|index|unit|percent|0 to 1|dimensionless)"
                    + "(?!\\w)");

    private static final Pattern MEMBER = Pattern.compile(
            "(/\\*\\*(?:(?!\\*/).)*\\*/\\s*)?((?:@\\w+(?:\\([^)]*\\))?\\s+)*)public "
                    + "(?:static |final |abstract |default )*(record \\w+\\(|[\\w<>\\[\\], .?]+ \\w+\\()",
            Pattern.DOTALL);

    private static final Pattern COMPONENT =
            Pattern.compile("(?:double|Vec3|Mat3|double\\[\\]|List<Double>|Optional<Double>)\\s+(\\w+)");

    private static final Pattern TYPE = Pattern.compile(
            "(/\\*\\*(?:(?!\\*/).)*\\*/)\\s*(?:@\\w+\\s*)*public (?:\\w+ )*?(?:class|record|interface|enum) ",
            Pattern.DOTALL);

    private static final Pattern FORMULA = Pattern.compile(
            "(/\\*\\*(?:(?!\\*/).)*\\*/\\s*)?public (?:static )?(?:Optional<)?(?:double|List<Double>|double\\[\\])>? (\\w+)\\(",
            Pattern.DOTALL);

    /** A publication with its year, a standard, a book, or what needs neither. */
    private static final Pattern SOURCE =
            Pattern.compile("from memory|common practice|definition|exact|derived|closed form"
                    + "|ISO |DIN |EN \\d|ASME|AISC|\\((?:18|19|20)\\d\\d\\)|, (?:18|19|20)\\d\\d");

    @Test
    void everyQuantityOfTheAnalyses_hasItsUnit() throws IOException {
        List<String> missing = new ArrayList<>();
        int looked = 0;
        for (String analysis : Floors.FROM_THE_GROUND.get(Floors.ANALYSES)) {
            try (Stream<Path> files = Files.walk(CORE.resolve(analysis))) {
                for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
                    looked += look(file, missing);
                }
            }
        }

        assertThat(missing).isEmpty();
        // A pattern that finds nothing would find nothing missing.
        assertThat(looked).isGreaterThan(400);
    }

    /** Whoever doubts a number must find where its formula comes from, at the method or at its class. */
    @Test
    void everyFormulaOfTheAnalyses_hasItsSource() throws IOException {
        List<String> missing = new ArrayList<>();
        int looked = 0;
        for (String analysis : Floors.FROM_THE_GROUND.get(Floors.ANALYSES)) {
            try (Stream<Path> files = Files.walk(CORE.resolve(analysis))) {
                for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
                    // A source may be broken over two lines.
                    String text = Files.readString(file).replaceAll("\\n *\\* ", " ");
                    Matcher type = TYPE.matcher(text);
                    boolean ofClass =
                            type.find() && SOURCE.matcher(type.group(1)).find();
                    Matcher formula = FORMULA.matcher(text);
                    while (formula.find()) {
                        looked++;
                        String doc = formula.group(1) == null ? "" : formula.group(1);
                        if (!ofClass && !SOURCE.matcher(doc).find()) {
                            missing.add(file.getFileName() + ": " + formula.group(2));
                        }
                    }
                }
            }
        }
        assertThat(missing).isEmpty();
        assertThat(looked).isGreaterThan(100);
    }

    private static int look(Path file, List<String> missing) throws IOException {
        String text = Files.readString(file);
        int looked = 0;
        Matcher member = MEMBER.matcher(text);
        while (member.find()) {
            String doc = member.group(1) == null ? "" : member.group(1);
            String head = member.group(3);
            String parameters = parameters(text, member.end() - 1);
            String name = file.getFileName() + ": " + head;
            if (member.group(2).contains("@Override")) {
                continue;
            }
            if (head.startsWith("record")) {
                Matcher component = COMPONENT.matcher(parameters);
                while (component.find()) {
                    looked++;
                    if (!hasUnit(doc, component.group(1))) {
                        missing.add(name + component.group(1));
                    }
                }
            } else if (head.matches("(?s).*\\b[dD]ouble\\b.*") || parameters.matches("(?s).*\\bdouble\\b.*")) {
                looked++;
                if (!UNIT.matcher(doc).find()) {
                    missing.add(name);
                }
            }
        }
        return looked;
    }

    private static boolean hasUnit(String doc, String component) {
        Matcher own = Pattern.compile("@param " + component + "\\b(.*?)(?=\\n\\s*\\* @|\\*/)", Pattern.DOTALL)
                .matcher(doc);
        String ofAll = doc.split("@param")[0];
        return own.find() && UNIT.matcher(own.group(1)).find()
                || UNIT.matcher(ofAll).find();
    }

    private static String parameters(String text, int open) {
        int depth = 0;
        int at = open;
        do {
            depth += text.charAt(at) == '(' ? 1 : text.charAt(at) == ')' ? -1 : 0;
            at++;
        } while (depth > 0);
        return text.substring(open + 1, at - 1);
    }
}
