package oddcradle.files.table;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import oddcradle.core.job.FreeMark;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import org.apache.commons.csv.CSVRecord;

/**
 * Readings of a finished mount from a table, one a row: {@code point, plane, reads [mm]} from a datum plane (forward, left or up), {@code point, to, reads [mm]} from middle to
 * middle; {@code with} and {@code within [mm]} where somebody says what it was read with, and how well. A point that is new begins where the drawing has it.
 */
public final class ReadingTable {
    private ReadingTable() {}

    /**
     * Adds them to what was read already.
     *
     * @param places of points that the drawing knows, m
     * @throws UnreadableTable naming the row and the cure
     */
    public static Survey addedTo(Survey survey, Map<String, Vec3> places, Path path) throws IOException {
        Table table = Table.read(path);
        String point = table.column("point", "from", "mount");
        String reads = table.column("reads", "reading", "value");
        List<Double> values = table.lengths(reads);
        List<Double> within = table.has("within") ? table.lengths("within") : List.of();
        Survey all = survey;
        List<String> taken =
                new ArrayList<>(survey.readings().stream().map(Reading::id).toList());
        for (int k = 0; k < table.rows().size(); k++) {
            CSVRecord row = table.rows().get(k);
            String from = table.text(row, point);
            String to = optional(table, row, "to");
            String plane = optional(table, row, "plane");
            if (to.isEmpty() == plane.isEmpty()) {
                throw UnreadableTable.at(
                        table.file(),
                        row.getRecordNumber(),
                        "must have either a \"plane\" it is read from, or a point \"to\" which it is read");
            }
            Instrument with = instrument(table, row, !to.isEmpty());
            double sigma = within.isEmpty() ? with.lengthSigma() : within.get(k);
            String id = FreeMark.of("R", taken);
            taken.add(id);
            try {
                all = withPoint(all, from, places, table, row);
                if (to.isEmpty()) {
                    all = all.with(new Reading.Offset(id, from, plane(table, row, plane), values.get(k), with, sigma));
                } else {
                    all = withPoint(all, to, places, table, row);
                    all = all.with(new Reading.Distance(id, from, to, values.get(k), with, sigma));
                }
            } catch (InvalidValue invalid) {
                throw UnreadableTable.at(table.file(), row.getRecordNumber(), invalid.getMessage());
            }
        }
        return all;
    }

    private static String optional(Table table, CSVRecord row, String column) throws UnreadableTable {
        if (!table.has(column)) {
            return "";
        }
        String cell = table.cell(row, column);
        return cell.equals("-") ? "" : cell;
    }

    private static Survey withPoint(Survey survey, String id, Map<String, Vec3> places, Table table, CSVRecord row)
            throws UnreadableTable {
        if (survey.point(id).isPresent()) {
            return survey;
        }
        Vec3 about = new TreeMap<>(places).get(id);
        if (about == null) {
            throw UnreadableTable.at(
                    table.file(),
                    row.getRecordNumber(),
                    "names \"" + id
                            + "\", which is neither a mount nor a node of the cradle nor a point measured before; name one of "
                            + String.join(", ", new TreeMap<>(places).keySet()));
        }
        return survey.with(SurveyPoint.of(id, id, about, 0, false));
    }

    private static DatumPlane plane(Table table, CSVRecord row, String word) throws UnreadableTable {
        for (DatumPlane each : DatumPlane.values()) {
            if (each.word().equalsIgnoreCase(word) || each.name().equalsIgnoreCase(word)) {
                return each;
            }
        }
        throw UnreadableTable.at(
                table.file(),
                row.getRecordNumber(),
                "has the plane \"" + word + "\", must be "
                        + String.join(
                                " or ",
                                Arrays.stream(DatumPlane.values())
                                        .map(DatumPlane::word)
                                        .toList()));
    }

    private static Instrument instrument(Table table, CSVRecord row, boolean between) throws UnreadableTable {
        String word = optional(table, row, "with");
        if (word.isEmpty()) {
            return between ? Instrument.TAPE : Instrument.STEEL_RULE;
        }
        for (Instrument each : Instrument.values()) {
            if (each.word().equalsIgnoreCase(word)) {
                return each;
            }
        }
        throw UnreadableTable.at(
                table.file(),
                row.getRecordNumber(),
                "was read with \"" + word + "\", must be "
                        + String.join(
                                ", ",
                                Arrays.stream(Instrument.values())
                                        .map(Instrument::word)
                                        .toList()));
    }
}
