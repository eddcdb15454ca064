package oddcradle.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.TornFrame;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import oddcradle.files.job.DemoJobs;

/** What is promised of the Load step. */
final class LoadMeasures {
    private LoadMeasures() {}

    /** All cases of the runabout after one tube has changed, beside one bare factorisation and as many bare solutions, ms. */
    static Bench.Pair cases() {
        Job job = DemoJobs.SALTMARSH_RUNABOUT.load().job();
        FrameInput input = Examination.of(new JobEdit.SetSection("C7", new Tube(0.0254, 0.002)).applyTo(job))
                .frame()
                .input();
        SparseSymmetric stiffness = FrameAnalysis.stiffness(input);
        double[] right = new double[stiffness.size()];
        right[right.length / 2] = 1000;
        double bare = SeatMeasures.seconds(() -> {
            SparseSymmetric.Factor factor = stiffness.factor().orElseThrow();
            double sum = 0;
            for (int k = 0; k < input.cases().size(); k++) {
                sum += factor.solve(right.clone())[0];
            }
            return sum;
        });
        double whole = SeatMeasures.seconds(() -> FrameAnalysis.solve(input));
        return new Bench.Pair(whole * 1e3, bare * 1e3);
    }

    /** Each weld of the runabout lost in turn with the worst of what is left found, beside the frame solved anew, ms a loss. */
    static Bench.Pair loss() {
        FrameInput input =
                Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job()).frame().input();
        Set<String> cases = input.cases().stream().map(FrameCase::id).collect(Collectors.toSet());
        int members = input.members().size();
        double updated = SeatMeasures.seconds(() -> {
            TornFrame frame = TornFrame.of(input).answer().orElseThrow();
            double sum = 0;
            for (FrameMember member : input.members()) {
                TornFrame.Torn torn = new TornFrame.Torn(Set.of(), Set.of(member.id()), Set.of(), Set.of());
                sum += frame.without(torn, piece -> 3e8, cases)
                        .map(TornFrame.Worst::over)
                        .orElse(0.0);
            }
            return sum;
        });
        double anew = SeatMeasures.seconds(() -> FrameAnalysis.solve(input));
        return new Bench.Pair(updated * 1e3 / members, anew * 1e3);
    }

    /** 2,000 beams under ten cases, beside CalculiX on the same beams and cases, started anew; its beams are of the plainer kind. In s. */
    static Bench.Pair againstCalculix() throws IOException {
        FrameInput lattice = LargeFrameBenchmark.lattice();
        Path folder = Files.createTempDirectory("oddcradle-bench");
        Files.writeString(folder.resolve("lattice.inp"), deck(lattice));
        long start = System.nanoTime();
        calculix(folder);
        double theirs = (System.nanoTime() - start) / 1e9;
        double ours = SeatMeasures.seconds(() -> FrameAnalysis.solve(lattice));
        return new Bench.Pair(ours, theirs);
    }

    private static void calculix(Path folder) {
        try {
            Process run = new ProcessBuilder("ccx", "-i", "lattice")
                    .directory(folder.toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("lattice.out").toFile())
                    .start();
            int code = run.waitFor();
            if (code != 0 || Files.size(folder.resolve("lattice.dat")) == 0) {
                throw new IllegalStateException("CalculiX ended with " + code + "; see " + folder);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException("ccx cannot be run; install calculix-ccx", failed);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("ended while CalculiX ran", ended);
        }
    }

    private static String deck(FrameInput frame) {
        Map<String, Integer> numbers = new HashMap<>();
        StringBuilder deck = new StringBuilder("*NODE, NSET=ALL\n");
        for (FrameNode node : frame.nodes()) {
            numbers.put(node.id(), numbers.size() + 1);
            Vec3 at = node.position();
            deck.append(String.format(
                    Locale.ROOT, "%d, %.6f, %.6f, %.6f%n", numbers.get(node.id()), at.x(), at.y(), at.z()));
        }
        Map<String, Vec3> places = new HashMap<>();
        frame.nodes().forEach(node -> places.put(node.id(), node.position()));
        String[] sets = {"ALONG", "ASIDE", "UP"};
        for (int axis = 0; axis < sets.length; axis++) {
            deck.append("*ELEMENT, TYPE=B31, ELSET=").append(sets[axis]).append('\n');
            for (int k = 0; k < frame.members().size(); k++) {
                FrameMember member = frame.members().get(k);
                Vec3 way = places.get(member.j()).minus(places.get(member.i()));
                int own = Math.abs(way.x()) > 1e-6 ? 0 : Math.abs(way.y()) > 1e-6 ? 1 : 2;
                if (own == axis) {
                    deck.append(k + 1 + ", " + numbers.get(member.i()) + ", " + numbers.get(member.j()) + "\n");
                }
            }
        }
        deck.append("*MATERIAL, NAME=STEEL\n*ELASTIC\n2.05e11, 0.29\n*DENSITY\n7850\n");
        double side = Math.sqrt(frame.members().get(0).section().area());
        for (int axis = 0; axis < sets.length; axis++) {
            deck.append("*BEAM SECTION, ELSET=" + sets[axis] + ", MATERIAL=STEEL, SECTION=RECT\n" + side + ", " + side
                            + "\n")
                    .append(axis == 2 ? "1, 0, 0\n" : "0, 0, 1\n");
        }
        deck.append("*BOUNDARY\n");
        for (FrameSupport support : frame.supports()) {
            deck.append(numbers.get(support.node()) + ", 1, " + (support.fix().equals(Fixity.ALL) ? 6 : 3) + "\n");
        }
        for (FrameCase each : frame.cases()) {
            deck.append("*STEP\n*STATIC\n*CLOAD, OP=NEW\n");
            for (NodeLoad load : each.loads()) {
                deck.append(numbers.get(load.node()) + ", 1, " + load.force().x() + "\n");
                deck.append(numbers.get(load.node()) + ", 2, " + load.force().y() + "\n");
                deck.append(numbers.get(load.node()) + ", 3, " + load.force().z() + "\n");
            }
            deck.append("*NODE PRINT, NSET=ALL\nU\n*END STEP\n");
        }
        return deck.toString();
    }
}
