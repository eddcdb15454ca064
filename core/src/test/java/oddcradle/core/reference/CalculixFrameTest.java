package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A skew space frame of tubes solved again by CalculiX, whose pipe beams are expanded into solids: another method, which
 * differs by its rigid joints and its coarse wall, so displacements are held to 3 %.
 */
class CalculixFrameTest {
    private static final int PIECES = 8;
    private static final Tube TUBE = new Tube(0.0318, 0.0024);
    private static final Material STEEL = Material.of("steel", 2.05e11, 0.29, 7850, 3.5e8);
    private static final Vec3[] POINTS = {
        new Vec3(0, 0, 0),
        new Vec3(0.1, 0, 0.6),
        new Vec3(0.8, 0.15, 0.65),
        new Vec3(0.9, 0.1, 0),
        new Vec3(0.8, 0.7, 0.5)
    };
    private static final int[][] TUBES = {{0, 1}, {1, 2}, {3, 2}, {2, 4}};
    private static final Vec3 FORCE = new Vec3(200, -300, -900);

    @Test
    void spaceFrame_movesAsInCalculix(@TempDir Path folder) throws Exception {
        Vec3 expected = calculix(folder);
        List<FrameNode> nodes = new ArrayList<>();
        for (int k = 0; k < POINTS.length; k++) {
            nodes.add(new FrameNode("n" + k, POINTS[k]));
        }
        List<FrameMember> members = new ArrayList<>();
        for (int[] tube : TUBES) {
            members.add(FrameMember.welded("t" + members.size(), "n" + tube[0], "n" + tube[1], TUBE, STEEL));
        }
        FrameInput input = new FrameInput(
                Theory.TIMOSHENKO,
                nodes,
                members,
                List.of(new FrameSupport("n0", Fixity.ALL), new FrameSupport("n3", Fixity.ALL)),
                List.of(),
                List.of(),
                List.of(new FrameCase("load", List.of(new NodeLoad("n4", FORCE, Vec3.ZERO)), Vec3.ZERO)));
        CaseResult result =
                FrameAnalysis.solve(input).answer().orElseThrow().cases().get(0);
        Vec3 moved = result.node("n4").orElseThrow().displacement();
        assertThat(moved.x()).isCloseTo(expected.x(), within(0.03 * expected.length()));
        assertThat(moved.y()).isCloseTo(expected.y(), within(0.03 * expected.length()));
        assertThat(moved.z()).isCloseTo(expected.z(), within(0.03 * expected.length()));
    }

    private static Vec3 calculix(Path folder) throws IOException, InterruptedException {
        List<String> nodeLines = new ArrayList<>();
        for (int k = 0; k < POINTS.length; k++) {
            nodeLines.add(nodeLine(k + 1, POINTS[k]));
        }
        StringBuilder elements = new StringBuilder();
        int next = 100;
        int element = 1;
        for (int t = 0; t < TUBES.length; t++) {
            elements.append("*ELEMENT, TYPE=B32R, ELSET=E").append(t).append('\n');
            int before = TUBES[t][0] + 1;
            for (int piece = 1; piece <= PIECES; piece++) {
                int middle = next++;
                nodeLines.add(nodeLine(middle, along(t, (piece - 0.5) / PIECES)));
                int end = piece == PIECES ? TUBES[t][1] + 1 : next++;
                if (piece < PIECES) {
                    nodeLines.add(nodeLine(end, along(t, (double) piece / PIECES)));
                }
                elements.append(element++ + ", " + before + ", " + middle + ", " + end + "\n");
                before = end;
            }
        }
        StringBuilder deck = new StringBuilder("*NODE, NSET=ALL\n");
        nodeLines.forEach(line -> deck.append(line).append('\n'));
        deck.append(elements).append("*MATERIAL, NAME=STEEL\n*ELASTIC\n2.05e11, 0.29\n");
        for (int t = 0; t < TUBES.length; t++) {
            Vec3 across = POINTS[TUBES[t][1]].minus(POINTS[TUBES[t][0]]).anyPerpendicular();
            deck.append("*BEAM SECTION, ELSET=E" + t + ", MATERIAL=STEEL, SECTION=PIPE\n0.0159, 0.0024\n");
            deck.append(String.format(Locale.ROOT, "%.9f, %.9f, %.9f%n", across.x(), across.y(), across.z()));
        }
        deck.append("*BOUNDARY\n1, 1, 6\n4, 1, 6\n*STEP\n*STATIC\n*CLOAD\n");
        deck.append("5, 1, " + FORCE.x() + "\n5, 2, " + FORCE.y() + "\n5, 3, " + FORCE.z() + "\n");
        deck.append("*NSET, NSET=TIP\n5\n*NODE PRINT, NSET=TIP\nU\n*END STEP\n");
        Files.writeString(folder.resolve("frame.inp"), deck);
        ReferenceProgram.run(folder, "ccx", "-i", "frame");
        for (String line : Files.readAllLines(folder.resolve("frame.dat"))) {
            String[] words = line.strip().split("\\s+");
            if (words.length == 4 && words[0].equals("5")) {
                return new Vec3(
                        Double.parseDouble(words[1]), Double.parseDouble(words[2]), Double.parseDouble(words[3]));
            }
        }
        throw new IOException("CalculiX printed no displacement of node 5");
    }

    private static Vec3 along(int tube, double share) {
        return POINTS[TUBES[tube][0]].towards(POINTS[TUBES[tube][1]], share);
    }

    private static String nodeLine(int id, Vec3 p) {
        return String.format(Locale.ROOT, "%d, %.12f, %.12f, %.12f", id, p.x(), p.y(), p.z());
    }
}
