package oddcradle.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What {@link DeskInHand} measured in a process of its own. */
final class DeskMeasures {
    private static final double PROMPT = 50;
    private static final double FIRST = 150;
    private static final double OTHER_JOB = 300;
    /** Of a view that turns at 20 pictures a second. */
    private static final double PICTURE = 50;

    private final Map<String, List<Double>> own = new HashMap<>();
    private final Map<String, List<Double>> drawn = new HashMap<>();

    private DeskMeasures() {}

    /** Prints a line for each promise: the program's own work first, with what the graphics add beside it. */
    static void print() throws IOException {
        DeskMeasures measures = new DeskMeasures();
        measures.run();
        for (String deed : List.of("switch", "select", "fold", "sort")) {
            Bench.print(deed + " until laid out / 50 ms", "ms", 1, measures.own(deed, PROMPT));
            Bench.print(deed + " until drawn / 50 ms", "ms", 1, measures.drawn(deed, PROMPT));
        }
        Bench.print("sheet for the first time until laid out / 150 ms", "ms", 1, measures.own("first-sheet", FIRST));
        Bench.print("second job until shown / 300 ms", "ms", 1, measures.drawn("second-job", OTHER_JOB));
        Bench.print("turned whole machine, a picture / 50 ms", "ms", 1, measures.drawn("turn-host", PICTURE));
        Bench.print("turned cradle, a picture / 50 ms", "ms", 1, measures.drawn("turn-cradle", PICTURE));
        List<Double> heap = measures.own.get("heap");
        Bench.print(
                "heap after 1,000 switches / after 100",
                "MB",
                1.1,
                new Bench.Pair(heap.get(heap.size() - 1), heap.get(0)));
    }

    private Bench.Pair own(String deed, double promised) {
        return new Bench.Pair(median(own.get(deed)), promised);
    }

    private Bench.Pair drawn(String deed, double promised) {
        return new Bench.Pair(median(drawn.get(deed)), promised);
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }

    private void run() throws IOException {
        Process process = new ProcessBuilder(
                        System.getProperty("java.home") + "/bin/java",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        DeskInHand.Start.class.getName())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        String last = "";
        try (BufferedReader out = process.inputReader()) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                last = line;
                String[] words = line.split(" ");
                if (words.length == 3) {
                    own.computeIfAbsent(words[0], deed -> new ArrayList<>()).add(Double.parseDouble(words[1]));
                    drawn.computeIfAbsent(words[0], deed -> new ArrayList<>()).add(Double.parseDouble(words[2]));
                }
            }
        }
        if (!last.equals(FirstFrame.USABLE)) {
            throw new IOException("the window in hand ended before all was done");
        }
    }
}
