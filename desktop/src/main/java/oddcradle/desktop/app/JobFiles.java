package oddcradle.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.desktop.begin.BeginPane;
import oddcradle.desktop.handout.HandOuts;
import oddcradle.desktop.handout.PrintWindow;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.Recents;
import oddcradle.files.job.AtomicFile;
import oddcradle.files.job.Belongings;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.EmptyBench;
import oddcradle.files.job.JobCodec;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.job.Recovered;
import oddcradle.files.job.UnreadableJob;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.Printer;

/** Opening, saving, recovering and printing, with what has to be asked or told about it. */
public final class JobFiles implements BeginPane.Answers {
    private static final String RECOVERED = "recovered";
    private static final String PDF = ".pdf";
    private static final String JOBS = "Odd Cradle jobs";
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern(
                    "d MMMM uuuu 'at' HH:mm:ss", Locale.ENGLISH)
            .withZone(ZoneId.systemDefault());

    private final Stage stage;
    private final Desk desk;
    private final Recents recents;
    private final Executor background;
    private final Banners banners;
    private final Question question;
    private final Consumer<Path> opener;
    private BooleanSupplier typed = () -> true;
    private Runnable begun = () -> {};

    /**
     * @param background runs one task after the other
     * @param opener opens a written paper in the program that this system has for it
     */
    JobFiles(Stage stage, Desk desk, Recents recents, Executor background, Banners banners, Consumer<Path> opener) {
        this.stage = stage;
        this.desk = desk;
        this.recents = recents;
        this.background = background;
        this.banners = banners;
        this.question = new Question(stage);
        this.opener = opener;
        // What was offered belonged to the job before.
        desk.session().openedProperty().addListener(opened -> banners.forget(RECOVERED));
    }

    /** @param settle takes what is typed, asks about what is wrong, and answers whether to go on */
    void settleFirst(BooleanSupplier settle) {
        typed = settle;
    }

    /** @param follow runs when a job has been begun from nothing */
    void onNewJob(Runnable follow) {
        begun = follow;
    }

    @Override
    public List<Path> recents() {
        return recents.list();
    }

    /** What was asked for at the start, and what an earlier run left. */
    void begin(Preparation.First first) {
        if (first.trouble().isPresent()) {
            complainOf(first.file().orElseThrow(), first.trouble().get());
        } else if (first.file().isPresent()) {
            desk.session().open(first.file().get(), first.document());
            recents.add(first.file().get());
            offerRecovered();
        } else {
            desk.session().openUnsaved(first.document());
            offerUnsaved();
        }
    }

    @Override
    public void begin(Job job) {
        openNew(JobCodec.fresh(job));
    }

    @Override
    public void beginEmpty() {
        openNew(EmptyBench.load());
    }

    private void openNew(JobDocument made) {
        if (mayLeave()) {
            desk.session().openNew(made);
            desk.goTo(Step.DONOR);
            begun.run();
        }
    }

    @Override
    public void open() {
        chooseAndOpen();
    }

    @Override
    public void demo(DemoJobs demo) {
        openDemo(demo);
    }

    @Override
    public void leave() {
        // The open job stays as it is.
    }

    void chooseAndOpen() {
        Optional.ofNullable(chooser("Open a job", JOBS, JobStore.EXTENSION).showOpenDialog(stage))
                .ifPresent(file -> open(file.toPath()));
    }

    /** The versions kept of the open file, newest first, with when they were saved. */
    Map<String, Path> keptVersions() {
        Map<String, Path> kept = new LinkedHashMap<>();
        Optional<Path> file = desk.session().fileProperty().get();
        if (file.isPresent()) {
            tell(() -> desk.session().versions(file.get()).forEach(version -> kept.put(when(version), version)));
        }
        return kept;
    }

    /** Shows a kept version of the open file in its place; it is not saved until the user does so. */
    void takeBack(Path version) {
        Optional<Path> file = desk.session().fileProperty().get();
        if (file.isPresent() && mayLeave()) {
            openVersion(file.get(), version);
        }
    }

    /** Opens a file; on trouble the open job is untouched and the banner says why. */
    @Override
    public void open(Path file) {
        if (!mayLeave()) {
            return;
        }
        try {
            desk.session().open(file);
            desk.complaintProperty().set("");
            recents.add(file);
            offerRecovered();
        } catch (IOException unreadable) {
            complainOf(file, unreadable);
        }
    }

    /** Says what is wrong with a file and offers its earlier versions. */
    void complainOf(Path file, IOException unreadable) {
        List<Banners.Answer> versions = new ArrayList<>();
        if (unreadable instanceof UnreadableJob) {
            try {
                desk.session().versions(file).stream()
                        .limit(3)
                        .forEach(version -> versions.add(new Banners.Answer(
                                "version-" + versions.size(),
                                "Version of " + when(version),
                                () -> openVersion(file, version))));
            } catch (IOException noVersions) {
                // The complaint about the file itself is what matters.
            }
        }
        desk.complaintProperty().set(unreadable.getMessage());
        banners.complain(unreadable.getMessage(), versions.toArray(Banners.Answer[]::new));
    }

    /** A version stands in for its file, not saved yet. */
    private void openVersion(Path file, Path version) {
        tell(() -> {
            desk.session().openVersion(file, version);
            recents.add(file);
        });
    }

    private static String when(Path version) {
        try {
            return WHEN.format(Files.getLastModifiedTime(version).toInstant());
        } catch (IOException gone) {
            return version.getFileName().toString();
        }
    }

    void openDemo(DemoJobs demo) {
        if (mayLeave()) {
            desk.session().openUnsaved(demo.load());
            offerUnsaved();
        }
    }

    /** Offers what was not saved in the open file, one after the other. */
    private void offerRecovered() {
        tell(() -> {
            List<Recovered> left = desk.session().recovered();
            if (!left.isEmpty()) {
                offer(left.get(0), this::takeUp, this::leave);
            }
        });
    }

    private void takeUp(Recovered recovered) {
        desk.session().recover(recovered);
    }

    private void leave(Recovered recovered) {
        tell(() -> desk.session().leave(recovered));
        offerRecovered();
    }

    /** Offers jobs that were in no file when the program ended. */
    void offerUnsaved() {
        List<Recovered> left = desk.session().unsavedJobs();
        if (!left.isEmpty()) {
            Recovered newest = left.get(0);
            offer(
                    newest,
                    taken -> {
                        if (mayLeave()) {
                            desk.session().openRecovered(taken);
                        } else {
                            offerUnsaved();
                        }
                    },
                    this::dropUnsaved);
        }
    }

    private void dropUnsaved(Recovered recovered) {
        Optional<Integer> answer = question.ask(
                "\"" + recovered.document().job().name() + "\" is in no file. If it goes now it cannot be had back.",
                "Keep it",
                "Throw it away");
        if (answer.isPresent()) {
            tell(() -> Files.deleteIfExists(recovered.place()));
        }
        offerUnsaved();
    }

    private void offer(Recovered recovered, Consumer<Recovered> take, Consumer<Recovered> leave) {
        banners.tell(
                RECOVERED,
                "Not saved when the program ended: \""
                        + recovered.document().job().name() + "\" as of " + WHEN.format(recovered.keptAt()) + ".",
                new Banners.Answer("recover", "Take it up", () -> take.accept(recovered)),
                new Banners.Answer("recover-leave", "Leave it", () -> leave.accept(recovered)));
    }

    private interface FileWork {
        void run() throws IOException;
    }

    private boolean tell(FileWork work) {
        try {
            work.run();
            desk.complaintProperty().set("");
            return true;
        } catch (IOException failed) {
            desk.complaintProperty().set(FileWords.of(failed));
            return false;
        }
    }

    void keepRecovery() {
        background.execute(() -> {
            try {
                desk.session().keepRecovery();
            } catch (IOException failed) {
                Platform.runLater(() -> desk.complaintProperty()
                        .set("The recovery file could not be written: " + FileWords.of(failed) + "; save soon."));
            }
        });
    }

    /** Saves what is typed too. */
    void save() {
        if (!typed.getAsBoolean()) {
            return;
        }
        Optional<Path> file = desk.session().fileProperty().get();
        if (file.isPresent()) {
            tell(() -> desk.session().save(file.get()));
        } else {
            chooseAndSave();
        }
    }

    void chooseAndSave() {
        FileChooser chooser = chooser("Save the job", JOBS, JobStore.EXTENSION);
        chooser.setInitialFileName("job" + JobStore.EXTENSION);
        Optional.ofNullable(chooser.showSaveDialog(stage)).ifPresent(file -> saveAs(file.toPath()));
    }

    /** Saves under a name, completed where its ending is missing, and remembers it. */
    public void saveAs(Path named) {
        if (!typed.getAsBoolean()) {
            return;
        }
        complete(named, JobStore.EXTENSION)
                .ifPresent(file -> tell(() -> {
                    Optional<Path> before = desk.session().fileProperty().get();
                    desk.session().save(file);
                    recents.add(file);
                    if (before.isPresent()) {
                        takeAlong(before.get(), file);
                    }
                }));
    }

    /** Scans and photos go where their job goes. */
    private void takeAlong(Path from, Path to) throws IOException {
        List<String> missing = Belongings.take(desk.session().job(), from, to);
        if (!missing.isEmpty()) {
            banners.tell(
                    "not-along",
                    String.join(", ", missing) + " could not be taken along to "
                            + to.toAbsolutePath().getParent()
                            + ": not there, or another file has the name. Copy by hand.");
        }
    }

    /** The file with its ending; empty if that is another file that is to stay. */
    private Optional<Path> complete(Path named, String ending) {
        String name = named.getFileName().toString();
        if (name.toLowerCase(Locale.ROOT).endsWith(ending)) {
            return Optional.of(named);
        }
        Path file = named.resolveSibling(name + ending);
        if (!Files.exists(file)) {
            return Optional.of(file);
        }
        return question.ask("There is a file " + file.getFileName() + " already.", "Another name", "Replace it")
                .map(replace -> file);
    }

    /** Begins where the last job lies. */
    private FileChooser chooser(String title, String kind, String pattern) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        recents.folder().map(Path::toFile).ifPresent(chooser::setInitialDirectory);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, "*" + pattern));
        return chooser;
    }

    /** Tells of files that are handed out, and offers to open them. */
    HandOuts.Told told() {
        return new HandOuts.Told() {
            @Override
            public void written(Path file) {
                banners.tell(
                        "handed-out",
                        file.getFileName() + " is in " + file.toAbsolutePath().getParent(),
                        new Banners.Answer("handed-out-open", "Open it", () -> opener.accept(file)));
            }

            @Override
            public Optional<Path> folder() {
                return recents.folder();
            }

            @Override
            public void failed(String trouble) {
                desk.complaintProperty().set(trouble);
            }
        };
    }

    /** Asks which pages go to which printer. */
    void printPacket() {
        if (!typed.getAsBoolean()) {
            return;
        }
        Examination examination = desk.examination();
        background.execute(() -> {
            try {
                byte[] pdf = packet(examination);
                int pages = Packet.pages(pdf);
                Platform.runLater(() -> PrintWindow.open(stage, pdf, pages, Printer.all(), background));
            } catch (IOException failed) {
                Platform.runLater(
                        () -> desk.complaintProperty().set("The packet could not be made: " + FileWords.of(failed)));
            }
        });
    }

    private byte[] packet(Examination examination) throws IOException {
        return Packet.of(examination, desk.packetWishes());
    }

    void writePacket() {
        FileChooser chooser = chooser("Write the packet as PDF", "PDF", PDF);
        chooser.setInitialFileName(Packet.fileName(desk.session().job().name()));
        Optional.ofNullable(chooser.showSaveDialog(stage)).ifPresent(file -> writePacket(file.toPath()));
    }

    /** Writes the PDF in the background, says where it is and offers to open it. */
    public void writePacket(Path named) {
        if (!typed.getAsBoolean()) {
            return;
        }
        complete(named, PDF).ifPresent(file -> {
            Examination examination = desk.examination();
            background.execute(() -> {
                try {
                    AtomicFile.write(file, packet(examination));
                    Platform.runLater(() -> banners.tell(
                            "packet-written",
                            "The packet is in " + file.toAbsolutePath(),
                            new Banners.Answer("packet-open", "Open it", () -> opener.accept(file))));
                } catch (IOException failed) {
                    String text = "The packet could not be written: " + FileWords.of(failed);
                    Platform.runLater(() -> desk.complaintProperty().set(text));
                }
            });
        });
    }

    /** Takes what is typed and asks before unsaved changes are lost. */
    boolean mayLeave() {
        if (!typed.getAsBoolean()) {
            return false;
        }
        if (!desk.session().changedProperty().get()) {
            return true;
        }
        Optional<Integer> answer =
                question.ask("This job has changes that are not saved.", "Go on working", "Save", "Discard");
        if (answer.isEmpty()) {
            return false;
        }
        if (answer.get() == 0) {
            save();
            return !desk.session().changedProperty().get();
        }
        return tell(desk.session()::dropRecovery);
    }
}
