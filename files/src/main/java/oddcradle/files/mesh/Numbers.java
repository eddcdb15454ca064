package oddcradle.files.mesh;

/** Numbers of one line of a text file. */
final class Numbers {
    private static final int LONGEST = 4096;

    private Numbers() {}

    /** @return the first {@code count} numbers of a line */
    static double[] read(String file, int line, String text, int count) throws UnreadableMesh {
        if (text.length() > LONGEST) {
            throw new UnreadableMesh(file, "has a line of " + text.length() + " characters, line " + line);
        }
        String[] words = text.strip().split("\\s+");
        if (words.length < count) {
            throw new UnreadableMesh(
                    file, "has " + words.length + " numbers at line " + line + ", there must be " + count);
        }
        double[] numbers = new double[count];
        for (int k = 0; k < count; k++) {
            if (words[k].indexOf(',') >= 0) {
                throw new UnreadableMesh(
                        file, "writes decimals with a comma at line " + line + "; export it with points");
            }
            try {
                numbers[k] = Double.parseDouble(words[k]);
            } catch (NumberFormatException none) {
                throw new UnreadableMesh(
                        file, "has \"" + shortened(words[k]) + "\" at line " + line + ", which is no number");
            }
        }
        return numbers;
    }

    private static String shortened(String word) {
        return word.length() > 20 ? word.substring(0, 20) + "…" : word;
    }
}
