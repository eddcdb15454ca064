package oddcradle.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import oddcradle.core.finding.Step;
import oddcradle.core.guide.Todo;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.Side;
import oddcradle.core.placement.Scans;
import oddcradle.core.units.DecimalMark;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.begin.BeginPane;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.clip.SaveRequest;
import oddcradle.desktop.command.Command;
import oddcradle.desktop.command.CommandKeys;
import oddcradle.desktop.command.Finder;
import oddcradle.desktop.handout.HandOuts;
import oddcradle.desktop.help.HelpWindow;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.notes.NotesPane;
import oddcradle.desktop.practice.PracticePane;
import oddcradle.desktop.rail.Rail;
import oddcradle.desktop.slate.Draft;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.stand.Stand;
import oddcradle.desktop.step.Slates;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.Recents;
import oddcradle.files.job.EmptyBench;
import oddcradle.files.mesh.JobScans;
import oddcradle.files.settings.Settings;

/** The frame of the window: bar, rail, stand, slate, notes. */
public final class MainWindow {
    private Optional<Finder> finder = Optional.empty();
    private final Stage stage;
    private final Desk desk;
    private final JobFiles files;
    private final WindowPlace place;
    private final Executor background;
    private final Palette palette = new Palette();
    private final Stand stand;
    private final Rail rail;
    private final NotesPane notes;
    private final Slates slates;
    private final TopBar bar;
    private final ScrollPane slate = new ScrollPane();
    private final Banners banners;
    private final NextBar next;
    private final BeginPane begin;
    private final PracticePane practice;
    private final Commands commands;
    private Optional<HelpWindow> help = Optional.empty();
    private final Drops drops;
    private final HandOuts handOuts;
    private final Panes panes;
    private final Settings settings;
    private final Scene scene;
    private Look look;
    private ScansOf scansRead = new ScansOf(List.of(), Optional.empty());

    /** Which scans were read last, for which file. */
    private record ScansOf(List<String> named, Optional<Path> file) {}

    /**
     * @param settings what the window keeps between runs
     * @param background runs one task after the other
     * @param opener opens a written paper in the program that this system has for it
     */
    public MainWindow(Stage stage, Desk desk, Settings settings, Executor background, Consumer<Path> opener) {
        this.stage = stage;
        this.desk = desk;
        this.settings = settings;
        this.look = settings.one("look", Look.PAPER);
        desk.unitsProperty().set(settings.one("units", UnitStyle.MILLIMETRES));
        DecimalMark.use(settings.one("decimal", DecimalMark.of(Locale.getDefault(Locale.Category.FORMAT))));
        this.background = background;
        this.place = new WindowPlace(settings);
        this.banners = new Banners(() -> desk.complaintProperty().set(""));
        this.files = new JobFiles(stage, desk, new Recents(settings), background, banners, opener);
        this.stand = new Stand(desk, palette);
        this.rail = new Rail(desk);
        this.notes = new NotesPane(desk);
        this.slates = new Slates(desk, palette);
        this.next = new NextBar(desk, this::goTo);
        desk.openCardsBy(card -> goTo(card.step(), CardSheet.NAME));
        this.handOuts = new HandOuts(stage, desk, stand, background, files.told());
        this.commands = new Commands(this);
        this.bar = new TopBar(desk, this, commands);
        this.panes = new Panes(settings);
        this.practice = new PracticePane(palette, desk::units);
        this.begin = new BeginPane(palette, desk::units, files, practice::open);
        this.scene = new Scene(layout());
        scene.addEventHandler(SaveRequest.ASKED, handOuts::save);
        look.dress(scene);
        palette.onChange(scene.getRoot(), this::recolour);
        files.onNewJob(() -> showNext(true));
        files.settleFirst(() -> settle(true));
        desk.askBeforeLeaving(() -> settle(false));
        desk.askBeforeTaking(words ->
                new Question(stage).ask(words, "Leave it", "Take it away").isPresent());
        follow();
        keys();
        this.drops = new Drops(desk, files, new Question(stage), background);
        drops.listen(scene);
        stage.setScene(scene);
        title();
        stage.setOnCloseRequest(this::close);
    }

    private StackPane layout() {
        rail.setPrefWidth(132);
        rail.setMinWidth(132);
        bar.setMinHeight(44);
        bar.setPrefHeight(44);
        slate.getStyleClass().addAll("slate", "slate-scroll");
        slate.setFitToWidth(true);
        slate.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        desk.complaintProperty().addListener((property, before, text) -> banners.complain(text));
        BorderPane outer = new BorderPane(
                panes.of(new BorderPane(stand, new VBox(next, banners), null, null, null), slate, notes),
                bar,
                null,
                null,
                rail);
        StackPane whole = new StackPane(outer, begin, practice, palette);
        // Where the screen is too small the beginning stays in sight.
        whole.setAlignment(Pos.TOP_LEFT);
        return whole;
    }

    private void follow() {
        desk.live().examinationProperty().addListener((property, before, examination) -> {
            boolean otherMachine = before == null
                    || !before.job()
                            .host()
                            .name()
                            .equals(examination.job().host().name());
            if (otherMachine) {
                stand.frame();
            }
            if (slate.getContent() == null
                    && examination.job().equals(desk.session().job())) {
                showSlate();
            }
            refresh();
            prove();
        });
        // What the slow studies of the frame find stands among the notes as soon as it is known.
        desk.proof().shownProperty().addListener(change -> {
            if (desk.examination() != null) {
                rail.refresh();
                notes.refresh();
            }
        });
        // The sheets of another job are made anew as soon as it is examined.
        desk.session().openedProperty().addListener(opened -> {
            slates.forget();
            showNext(false);
            slate.setContent(null);
        });
        desk.live().curesProperty().addListener((property, before, cures) -> notes.refresh());
        desk.live().failureProperty().addListener((property, before, text) -> desk.complaintProperty()
                .set(text));
        desk.unitsProperty().addListener(change -> refresh());
        desk.nudgeProperty().addListener(change -> stand.refresh());
        desk.wantedProperty().addListener(change -> stand.refresh());
        desk.stepProperty().addListener(change -> {
            desk.wantedProperty().set(Optional.empty());
            showSlate();
            stand.frame();
            stand.refresh();
            prove();
        });
        desk.selectionProperty().addListener((property, before, part) -> refresh());
        desk.session().documentProperty().addListener(change -> {
            bar.refresh();
            title();
            files.keepRecovery();
        });
        desk.session().documentProperty().addListener(change -> readScan());
        desk.session().fileProperty().addListener(change -> readScan());
        desk.session().changedProperty().addListener(change -> stateOfFile());
        desk.session().fileProperty().addListener(change -> stateOfFile());
        desk.unitsProperty().addListener((property, before, units) -> keep("units", units));
    }

    private void stateOfFile() {
        bar.refresh();
        title();
    }

    /** A star before the name of a job with changes that are in no file. */
    private void title() {
        Optional<Path> file = desk.session().fileProperty().get();
        stage.setTitle((desk.session().changedProperty().get() ? "* " : "")
                + desk.session().job().name()
                + file.map(path -> " · " + path.getFileName()).orElse("") + " · Odd Cradle");
    }

    /** Numbers with the other mark before their decimals. */
    void changeDecimalMark() {
        DecimalMark.use(DecimalMark.used() == DecimalMark.COMMA ? DecimalMark.POINT : DecimalMark.COMMA);
        keep("decimal", DecimalMark.used());
        // Every sheet shows its numbers anew.
        slates.forget();
        showSlate();
        refresh();
    }

    /** Remembers a setting, and tells where that cannot be done. */
    private void keep(String name, Object value) {
        settings.put(name, value);
        tellOfSettings();
    }

    private void tellOfSettings() {
        settings.takeTrouble().ifPresent(trouble -> banners.tell("settings-trouble", trouble));
    }

    private void keys() {
        CommandKeys.listen(scene, commands.all(), this::isLeft);
        scene.addEventHandler(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() == KeyCode.DELETE && !(scene.getFocusOwner() instanceof TextInputControl)) {
                desk.takeSelectionAway();
            }
            if (press.getCode() == KeyCode.ESCAPE) {
                desk.pickingProperty().set(Optional.empty());
                desk.nodeWantedProperty().set(Optional.empty());
                desk.thingWantedProperty().set(Optional.empty());
                desk.pipeDrawnProperty().set(Optional.empty());
            }
        });
    }

    /** Undo and redo belong to a field while something is being typed in it; what is done to the job waits for the bench to be left. */
    private boolean isLeft(Command command, Node focused) {
        if (practice.isVisible() && !Commands.AT_THE_BENCH.contains(command.id())) {
            return true;
        }
        return (command.id().equals(Commands.UNDO) || command.id().equals(Commands.REDO))
                && Draft.isBeingTyped(focused);
    }

    /** What is wanted, by its words. */
    void find() {
        // Held down, the keys come again and again.
        if (finder.filter(Finder::isOpen).isEmpty()) {
            finder = Optional.of(Finder.open(bar, () -> FindAnything.of(desk, commands.all(), slates, this::goTo)));
        }
    }

    Slates slates() {
        return slates;
    }

    Drops drops() {
        return drops;
    }

    HandOuts handOuts() {
        return handOuts;
    }

    /** Made when it is first asked for: no start waits for it. */
    HelpWindow help() {
        if (help.isEmpty()) {
            help = Optional.of(new HelpWindow(stage));
        }
        return help.get();
    }

    /** Shows what to do next, or puts it away. */
    void showNext(boolean shown) {
        next.setVisible(shown);
        next.refresh();
    }

    boolean isNextShown() {
        return next.isVisible();
    }

    private void goTo(Todo todo) {
        goTo(todo.step(), todo.sheet());
    }

    private void goTo(Step step, String sheet) {
        desk.goTo(step);
        if (desk.stepProperty().get() == step && !sheet.isEmpty()) {
            slates.of(step).turnTo(sheet);
        }
    }

    /** The first screen, over the open job. */
    void beginNew() {
        begin.begin(desk.session().fileProperty().get().isPresent()
                || !desk.session().job().equals(EmptyBench.load().job()));
    }

    /** The practice bench, over the open job or the first screen. */
    void practise() {
        practice.open();
    }

    /** Leaves the open job for the first screen. */
    void closeJob() {
        if (files.mayLeave()) {
            desk.session().openNew(EmptyBench.load());
            begin.begin(false);
        }
    }

    /** As the cross of the window does. */
    void quit() {
        stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    public void show() {
        place.show(stage);
        panes.show();
        tellOfSettings();
        showSlate();
        recolour();
        stand.requestFocus();
    }

    /** The window's content, for pictures and tests. */
    Scene scene() {
        return scene;
    }

    Desk desk() {
        return desk;
    }

    Stand stand() {
        return stand;
    }

    private void showSlate() {
        StepSlate now = slates.of(desk.stepProperty().get());
        slate.setContent(now);
        rail.showSheets(desk.stepProperty().get(), now.tabs());
        slate.setVvalue(0);
        if (desk.examination() != null) {
            now.refresh();
        }
    }

    /** Whoever is at Load wants to know whether it holds, whatever sheet is open. */
    private void prove() {
        if (desk.stepProperty().get() == Step.LOAD && desk.examination() != null) {
            desk.proof().ask(desk.examination());
        }
    }

    private void refresh() {
        if (desk.examination() == null) {
            return;
        }
        bar.refresh();
        rail.refresh();
        stand.refresh();
        if (slate.getContent() != null) {
            slates.of(desk.stepProperty().get()).refresh();
        }
        notes.refresh();
        next.refresh();
    }

    private void recolour() {
        stand.recolour();
        if (desk.examination() != null && slate.getContent() != null) {
            slates.of(desk.stepProperty().get()).refresh();
        }
    }

    void changeLook() {
        look = look.other();
        look.dress(scene);
        scene.getRoot().applyCss();
        recolour();
        keep("look", look);
    }

    boolean isNight() {
        return look == Look.NIGHT;
    }

    /** Opening, saving and papers. */
    JobFiles files() {
        return files;
    }

    /** Reads the scans the job names, if it names others than before. */
    private void readScan() {
        Job job = desk.session().job();
        Optional<Path> file = desk.session().fileProperty().get();
        List<String> named = Arrays.stream(Side.values())
                .flatMap(side -> side.scan(job).stream())
                .map(scan -> scan.file() + " " + scan.metresPerUnit())
                .toList();
        ScansOf wanted = new ScansOf(named, file);
        if (wanted.equals(scansRead)) {
            return;
        }
        scansRead = wanted;
        if (named.isEmpty() || file.isEmpty()) {
            desk.live().examine(job, Scans.NONE);
            return;
        }
        background.execute(() -> {
            try {
                Scans scans = JobScans.read(job, file.get());
                Platform.runLater(() -> desk.live().examine(desk.session().job(), scans));
            } catch (IOException unreadable) {
                Platform.runLater(() -> desk.complaintProperty().set(unreadable.getMessage()));
            }
        });
    }

    /** Takes what is typed in the sheet; what is wrong is asked about. */
    private boolean settle(boolean leavingJob) {
        if (slate.getContent() == null) {
            return true;
        }
        List<Draft> wrong = Draft.settleAll(slate.getContent()).stream()
                .filter(draft -> leavingJob || !draft.waitsForButton())
                .toList();
        if (wrong.isEmpty()) {
            return true;
        }
        String what = wrong.stream().map(Draft::words).collect(Collectors.joining("\n"));
        Optional<Integer> answer = new Question(stage).ask("Typed, but not taken:\n" + what, "Mend it", "Drop it");
        if (answer.isPresent()) {
            wrong.forEach(Draft::drop);
            return true;
        }
        wrong.get(0).goBack();
        return false;
    }

    private void close(WindowEvent closing) {
        if (!files.mayLeave()) {
            closing.consume();
        } else {
            place.remember(stage);
            panes.remember();
        }
    }
}
