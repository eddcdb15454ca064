package oddcradle.files.table;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import org.apache.commons.csv.CSVRecord;

/**
 * A frame from two tables. Nodes: {@code id, x [mm], y [mm], z [mm]} (or {@code forward, left, up}). Tubes: {@code id, label,
 * nodes, section, material}, the nodes apart by blanks, the section as {@code 31.75x2.4 mm} for a round tube and {@code
 * 50x30x3 mm} for a rectangular one.
 */
public final class HostTables {
    private static final Pattern SECTION =
            Pattern.compile("(?:tube|rect)?\\s*([\\d.]+)\\s*[x×*]\\s*([\\d.]+)(?:\\s*[x×*]\\s*([\\d.]+))?\\s*(mm|in)");

    private HostTables() {}

    /** Names of the columns of any table, in lower case. */
    public static List<String> columns(Path path) throws IOException {
        return List.copyOf(Table.read(path).names());
    }

    /** @return the host with these nodes added, those of known id moved */
    public static Host withNodes(Host host, Path path) throws IOException {
        Table table = Table.read(path);
        String id = table.column("id", "node", "name");
        List<Double> x = table.lengths(table.column("x", "forward"));
        List<Double> y = table.lengths(table.column("y", "left"));
        List<Double> z = table.lengths(table.column("z", "up"));
        Map<String, Node> nodes = new LinkedHashMap<>();
        host.nodes().forEach(node -> nodes.put(node.id(), node));
        List<String> seen = new ArrayList<>();
        for (int k = 0; k < table.rows().size(); k++) {
            CSVRecord row = table.rows().get(k);
            String name = table.text(row, id);
            if (seen.contains(name)) {
                throw UnreadableTable.at(table.file(), row.getRecordNumber(), "node \"" + name + "\" is there twice");
            }
            seen.add(name);
            nodes.put(name, new Node(name, new Anchor.At(new Vec3(x.get(k), y.get(k), z.get(k)))));
        }
        return host.withNodes(List.copyOf(nodes.values()));
    }

    /** @return the host with these tubes added, those of known id replaced */
    public static Host withTubes(Host host, Path path) throws IOException {
        Table table = Table.read(path);
        String id = table.column("id", "tube", "name");
        String ends = table.column("nodes");
        String section = table.column("section");
        String material = table.column("material");
        Map<String, Member> members = new LinkedHashMap<>();
        host.members().forEach(member -> members.put(member.id(), member));
        for (CSVRecord row : table.rows()) {
            String name = table.text(row, id);
            String label = table.has("label") ? table.text(row, "label") : name;
            List<String> nodes = List.of(table.text(row, ends).split("\\s+"));
            for (String node : nodes) {
                if (host.nodes().stream().noneMatch(each -> each.id().equals(node))) {
                    throw UnreadableTable.at(
                            table.file(),
                            row.getRecordNumber(),
                            "tube \"" + name + "\" names the node \"" + node
                                    + "\", which the host has not; take the nodes first");
                }
            }
            try {
                members.put(
                        name,
                        Member.sound(name, label, nodes, section(table.text(row, section)), table.text(row, material)));
            } catch (InvalidValue invalid) {
                throw UnreadableTable.at(table.file(), row.getRecordNumber(), invalid.getMessage());
            }
        }
        return host.withMembers(List.copyOf(members.values()));
    }

    private static Section section(String text) {
        Matcher match = SECTION.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!match.matches()) {
            throw new InvalidValue(
                    "section", "is \"" + text + "\", must be like 31.75x2.4 mm, or 50x30x3 mm for a rectangular tube");
        }
        double unit = match.group(4).equals("mm") ? 0.001 : 0.0254;
        double a = Double.parseDouble(match.group(1)) * unit;
        double b = Double.parseDouble(match.group(2)) * unit;
        return match.group(3) == null ? new Tube(a, b) : new RectTube(a, b, Double.parseDouble(match.group(3)) * unit);
    }
}
