package oddcradle.desktop.app;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import oddcradle.core.finding.Step;
import oddcradle.core.units.DecimalMark;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.command.Command;
import oddcradle.desktop.command.Entry;
import oddcradle.desktop.handout.HandOuts;
import oddcradle.desktop.store.Desk;
import oddcradle.files.handout.JobTables;
import oddcradle.files.handout.SolidsAsMesh;
import oddcradle.files.job.DemoJobs;

/** Everything that can be had done, once: the bar, the keys, the finder and the page of keys read it here. */
final class Commands {
    static final String UNDO = "undo";
    static final String REDO = "redo";
    /** What the practice bench does not cover. */
    static final Set<String> AT_THE_BENCH = Set.of("night", "keys", "about", "quit");

    private final MainWindow window;
    private final Desk desk;

    Commands(MainWindow window) {
        this.window = window;
        this.desk = window.desk();
    }

    List<Entry> job() {
        JobFiles files = window.files();
        return List.of(
                Command.of("new", "New job …", window::beginNew).keys("Shortcut+N"),
                Command.of("open", "Open a job …", files::chooseAndOpen).keys("Shortcut+O"),
                new Entry.Submenu("menu-recents", "Opened last", this::recents),
                new Entry.Submenu("menu-demos", "Demos", this::demos),
                Entry.DIVIDER,
                Command.of("save", "Save", files::save).keys("Shortcut+S"),
                Command.of("save-as", "Save under another name …", files::chooseAndSave)
                        .keys("Shortcut+Shift+S"),
                new Entry.Submenu("menu-versions", "Kept versions", this::versions),
                Entry.DIVIDER,
                Command.of("close", "Close the job", window::closeJob).keys("Shortcut+W"),
                Command.of("quit", "Quit", window::quit).keys("Shortcut+Q"));
    }

    private List<Command> recents() {
        List<Command> recents = new ArrayList<>();
        window.files()
                .recents()
                .forEach(
                        file -> recents.add(Command.of("recent-" + recents.size(), file.toString(), () -> window.files()
                                .open(file))));
        return recents;
    }

    private List<Command> demos() {
        return Arrays.stream(DemoJobs.values())
                .map(demo -> Command.of("demo-" + demo.fileName(), demo.words(), () -> window.files()
                        .openDemo(demo)))
                .toList();
    }

    private List<Command> versions() {
        List<Command> versions = new ArrayList<>();
        window.files()
                .keptVersions()
                .forEach((when, version) -> versions.add(Command.of(
                        "version-" + versions.size(), when, () -> window.files().takeBack(version))));
        return versions;
    }

    List<Entry> change() {
        return List.of(
                Command.of(UNDO, "Undo", desk.session()::undo)
                        .keys("Shortcut+Z")
                        .repeating()
                        .when(() -> desk.session().undoLabelProperty().get().isPresent()),
                Command.of(REDO, "Redo", desk.session()::redo)
                        .keys("Shortcut+Y")
                        .repeating()
                        .when(() -> desk.session().redoLabelProperty().get().isPresent()),
                Entry.DIVIDER,
                Command.of("edit", "Change what is picked", () -> desk.selectionProperty()
                                .get()
                                .ifPresent(desk::edit))
                        .keys("F2")
                        .when(() -> desk.selectionProperty().get().isPresent()),
                Command.of("away", "Take away what is picked", desk::takeSelectionAway)
                        .when(() -> desk.selectionProperty().get().isPresent()));
    }

    List<Entry> show() {
        List<Entry> entries = new ArrayList<>();
        entries.add(new Entry.Submenu("menu-steps", "Step", this::steps));
        entries.add(new Entry.Submenu("menu-sides", "Stand at", this::sides));
        entries.add(new Entry.Submenu("menu-units", "Units", this::units));
        entries.add(Entry.DIVIDER);
        entries.add(Command.of("nearer", "Come nearer to what is picked", () -> desk.selectionProperty()
                        .get()
                        .ifPresent(window.stand()::goTo))
                .when(() -> desk.selectionProperty().get().isPresent()));
        entries.add(Command.of("night", "Night", window::changeLook)
                .keys("Shortcut+D")
                .on(window::isNight));
        entries.add(Command.of("decimal", "Comma before decimals", window::changeDecimalMark)
                .on(() -> DecimalMark.used() == DecimalMark.COMMA));
        entries.add(Command.of("next", "What to do next", () -> window.showNext(!window.isNextShown()))
                .on(window::isNextShown));
        return entries;
    }

    private List<Command> steps() {
        return Arrays.stream(Step.values())
                .map(step -> Command.of(
                                "step-" + step.name().toLowerCase(Locale.ROOT),
                                step.number() + "  " + step.title() + ": " + step.question(),
                                () -> desk.goTo(step))
                        .keys("Shortcut+" + step.number() % 10)
                        .on(() -> desk.stepProperty().get() == step))
                .toList();
    }

    private List<Command> sides() {
        return window.stand().offered().stream()
                .map(side -> Command.of(
                                "side-" + side.name().toLowerCase(Locale.ROOT), side.word(), () -> window.stand()
                                        .show(side))
                        .on(() -> window.stand().side() == side))
                .toList();
    }

    List<Command> units() {
        return Arrays.stream(UnitStyle.values())
                .map(style -> Command.of("units-" + unitsId(style), style.label(), () -> desk.unitsProperty()
                                .set(style))
                        .on(() -> desk.units() == style))
                .toList();
    }

    private static String unitsId(UnitStyle style) {
        return style.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    List<Entry> handOut() {
        HandOuts out = window.handOuts();
        return List.of(
                Command.of("packet", "Workshop packet as PDF …", window.files()::writePacket)
                        .keys("Shortcut+E"),
                Command.of("print", "Print the packet …", window.files()::printPacket)
                        .keys("Shortcut+P"),
                Entry.DIVIDER,
                Command.of("picture", "Picture of the stand, PNG …", out::picture),
                Command.of("svg", "Drawing of this view, SVG …", out::svg),
                Command.of("dxf", "Drawing of this view, DXF …", out::dxf),
                new Entry.Submenu("menu-stl", "Solids as STL", () -> solids(out)),
                new Entry.Submenu("menu-csv", "Tables as CSV", () -> tables(out)),
                Entry.DIVIDER,
                Command.of("copy-picture", "Copy the picture of the stand", out::copyPicture)
                        .keys("Shortcut+Shift+C"),
                new Entry.Submenu("menu-copy", "Copy a table", () -> copies(out)));
    }

    private static List<Command> solids(HandOuts out) {
        return Arrays.stream(SolidsAsMesh.Of.values())
                .map(of -> Command.of("stl-" + of.word(), capital(of.word()) + " as STL …", () -> out.stl(of)))
                .toList();
    }

    private static List<Command> tables(HandOuts out) {
        return Arrays.stream(JobTables.values())
                .map(table ->
                        Command.of("csv-" + table.word(), capital(table.word()) + " as CSV …", () -> out.csv(table)))
                .toList();
    }

    private static List<Command> copies(HandOuts out) {
        return Arrays.stream(JobTables.values())
                .map(table -> Command.of("copy-" + table.word(), "Copy " + table.word(), () -> out.copy(table)))
                .toList();
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }

    List<Entry> help() {
        return List.of(
                Command.of("find", "Find a command, a sheet, a thing …", window::find)
                        .keys("Shortcut+K"),
                Command.of("help", "Help at this step", () -> window.help()
                                .openAt(desk.stepProperty().get()))
                        .keys("F1"),
                Command.of("practice", "Practice bench", window::practise),
                Command.of("keys", "Keys", () -> window.help().openKeys(all())),
                Command.of("about", "About Odd Cradle", () -> window.help().openAbout()));
    }

    /** All of them, those behind a line too. */
    List<Command> all() {
        return Stream.of(job(), change(), show(), handOut(), help())
                .flatMap(List::stream)
                .flatMap(entry -> entry instanceof Command command
                        ? Stream.of(command)
                        : entry instanceof Entry.Submenu submenu ? submenu.of().get().stream() : Stream.empty())
                .toList();
    }
}
