package oddcradle.core.catalog;

import java.util.List;
import oddcradle.core.units.Kind;

/** What is kept in common supply, each as a table with a source for every row. */
public enum Shelf {
    THREADS("threads", "threads", "designation", length("diameter"), length("pitch")),
    CHAINS("chains", "roller chains", "name", length("pitch"), force("breaking")),
    SPROCKETS("sprockets", "sprockets", "name", length("pitch"), new Column("teeth", "teeth", Kind.COUNT, 1)),
    BELTS("belts", "belts", "name", new Column("wedge_deg", "wedge angle", Kind.ANGLE, Math.PI / 180), length("width")),
    PULLEYS("pulleys", "pulleys", "name", length("diameter")),
    BEARINGS("bearings", "ball bearings", "name", length("bore"), length("outside"), length("width"), force("rating")),
    KEYS("keys", "keys", "name", length("from"), length("to"), length("width"), length("depth")),
    SPLINES(
            "splines",
            "splines",
            "name",
            length("inner"),
            length("outer"),
            new Column("teeth", "teeth", Kind.COUNT, 1)),
    COUPLINGS(
            "couplings",
            "flexible couplings",
            "name",
            length("aside"),
            new Column("angle_deg", "angle", Kind.ANGLE, Math.PI / 180),
            new Column("twist_nm_per_rad", "twist, per rad", Kind.TORQUE, 1)),
    PADS("pads", "rubber buffers", "name", length("diameter"), length("height")),
    BUSHES("bushes", "rubber bushes", "name", length("bore"), length("diameter"), length("length")),
    PLATES("plates", "plates", "name", length("thickness")),
    TYRES("tyres", "tyres", "name", length("radius")),
    VESSELS(
            "vessels",
            "tanks, radiators, silencers",
            "name",
            new Column("volume_l", "litres", Kind.RATIO, 1),
            length("length"),
            length("width"),
            length("height"));

    private final String file;
    private final String words;
    private final String nameHeading;
    private final List<Column> columns;

    /**
     * One size of a row.
     *
     * @param heading in the table, with its unit
     * @param toSi what a number of the table is multiplied by
     */
    public record Column(String heading, String words, Kind kind, double toSi) {}

    Shelf(String file, String words, String nameHeading, Column... columns) {
        this.file = file + ".csv";
        this.words = words;
        this.nameHeading = nameHeading;
        this.columns = List.of(columns);
    }

    private static Column length(String name) {
        return new Column(name + "_mm", name, Kind.LENGTH, 1e-3);
    }

    private static Column force(String name) {
        return new Column(name + "_kn", name, Kind.FORCE, 1e3);
    }

    /** The name of its table. */
    public String file() {
        return file;
    }

    public String words() {
        return words;
    }

    public List<Column> columns() {
        return columns;
    }

    String nameHeading() {
        return nameHeading;
    }

    /** A thread of one's own would have no strength, nut or torque: those are worked out from the program's table. */
    public boolean takesOwnRows() {
        return this != THREADS;
    }

    /** Which column has this name; -1 for none. */
    int column(String name) {
        return columns.stream().map(Column::words).toList().indexOf(name);
    }
}
