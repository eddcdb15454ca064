package oddcradle.desktop.store;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Deed;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.control.Progress;
import oddcradle.core.drawn.DrawnFrame;
import oddcradle.core.drawn.DrawnPipe;
import oddcradle.core.drawn.TubeEnd;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.pocket.Question;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.proof.Proven;
import oddcradle.core.removal.Removal;
import oddcradle.core.search.NodePull;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.section.Section;
import oddcradle.core.step.line.DatumSeat;
import oddcradle.core.survey.Wanted;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.WorkshopPlan;
import oddcradle.desktop.task.LiveExamination;
import oddcradle.desktop.task.LiveStudy;
import oddcradle.desktop.task.LongWork;
import oddcradle.desktop.task.Previews;
import oddcradle.desktop.task.ScanStudy;
import oddcradle.desktop.task.Workers;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PacketPart;
import oddcradle.files.paper.PaperSize;
import oddcradle.files.shelf.OwnShelves;

/** What the parts of the window share: the open job, its examination, and where the user is. */
public final class Desk {
    private static final double SNAP = 0.006;

    private final JobSession session;
    private final LiveExamination live;
    private final OwnShelves ownShelves;
    private Shelves shelves = Shelves.SHIPPED;
    private final ObjectProperty<Step> step = new SimpleObjectProperty<>(Step.SEAT);
    private final ObjectProperty<UnitStyle> units = new SimpleObjectProperty<>(UnitStyle.MILLIMETRES);
    /** Id of the part that is picked. */
    private final ObjectProperty<Optional<String>> selection = new SimpleObjectProperty<>(Optional.empty());
    /** How far one arrow key slides the donor, m. */
    private final ObjectProperty<Double> nudge = new SimpleObjectProperty<>(0.001);

    /** The reading that the sheet asks for, to be shown where it is. */
    private final ObjectProperty<Optional<Question>> asked = new SimpleObjectProperty<>(Optional.empty());

    private final ObjectProperty<Optional<Wanted>> wanted = new SimpleObjectProperty<>(Optional.empty());

    /** What the next click on a scan is for; empty while nothing is being picked. */
    private final ObjectProperty<Optional<Picking>> picking = new SimpleObjectProperty<>(Optional.empty());

    private final Previews previews = new Previews(Workers.inOrder("previews"), Workers.ui());

    private final LiveStudy<ShakeMaps.Maps> shaking =
            new LiveStudy<>(ShakeMaps::of, Workers.inOrder("shaking"), Workers.ui());

    private final LiveStudy<LoadProof> proof = new LiveStudy<>(
            examination -> LoadProof.of(examination, Progress.UNWATCHED), Workers.inOrder("proof"), Workers.ui());

    private final LiveStudy<FitUp> fitUp = new LiveStudy<>(
            examination -> Optional.of(FitUp.of(examination, Progress.UNWATCHED)),
            Workers.inOrder("fitting"),
            Workers.ui());
    private final LiveStudy<ScanStudy> scanStudy =
            new LiveStudy<>(ScanStudy::of, Workers.inOrder("scan on the plan"), Workers.ui());
    private final LiveStudy<WorkshopPlan> workshop = new LiveStudy<>(
            examination -> Optional.of(WorkshopPlan.of(examination)), Workers.inOrder("workshop"), Workers.ui());

    private final ObjectProperty<PaperSize> packetPaper = new SimpleObjectProperty<>(PaperSize.A4);
    private final Set<PacketPart> packetParts = EnumSet.allOf(PacketPart.class);

    private final LongWork work = new LongWork(Workers.inOrder("long work"), Workers.ui());

    /** The donor on its way out; empty while it sits in its seat. */
    private final ObjectProperty<Optional<DonorMoved>> donorMoved = new SimpleObjectProperty<>(Optional.empty());

    /** The node that a hand pulled last and no sheet has shown yet. */
    private final ObjectProperty<Optional<String>> pulled = new SimpleObjectProperty<>(Optional.empty());

    /** Whether a pulled node takes its twin on the other side along. */
    private final BooleanProperty mirrored = new SimpleBooleanProperty(true);

    /** Whether a hand in the stand draws tubes of the frame. */
    private final BooleanProperty drawing = new SimpleBooleanProperty(false);

    /** Gets the node of the frame that is clicked next; empty while none is asked for. */
    private final ObjectProperty<Optional<Consumer<String>>> nodeWanted = new SimpleObjectProperty<>(Optional.empty());

    /** Gets the thing that is clicked next; empty while none is asked for. */
    private final ObjectProperty<Optional<Consumer<String>>> thingWanted = new SimpleObjectProperty<>(Optional.empty());

    /** The pipe that clicks in the stand draw on; empty while they draw none. */
    private final ObjectProperty<Optional<PipeDrawn>> pipeDrawn = new SimpleObjectProperty<>(Optional.empty());

    /** What a hand is drawing or moving just now. */
    private final ObjectProperty<Optional<Sketch>> sketch = new SimpleObjectProperty<>(Optional.empty());

    private final ObjectProperty<String> complaint = new SimpleObjectProperty<>("");

    private BooleanSupplier leaving = () -> true;

    private Consumer<Card> cardOpener = card -> {};
    private Optional<Card> cardToOpen = Optional.empty();

    /** Asks whether to go on, told what goes along. */
    private Predicate<String> agreed = question -> true;

    /** @param own shelves of the user */
    public Desk(JobSession session, LiveExamination live, OwnShelves own) {
        this.session = session;
        this.live = live;
        this.ownShelves = own;
        shelvesAnew();
        session.documentProperty().addListener((property, before, after) -> {
            forgetWhatHasGone(before.job(), after.job());
            previews.end();
            live.examine(after.job());
        });
        session.openedProperty().addListener(opened -> beginAnew());
        live.examine(session.job());
    }

    /** Another job: what was picked or under way belonged to the one before. */
    private void beginAnew() {
        selection.set(Optional.empty());
        wanted.set(Optional.empty());
        picking.set(Optional.empty());
        pulled.set(Optional.empty());
        sketch.set(Optional.empty());
        nodeWanted.set(Optional.empty());
        thingWanted.set(Optional.empty());
        pipeDrawn.set(Optional.empty());
        drawing.set(false);
        donorMoved.set(Optional.empty());
        complaint.set("");
        work.end();
    }

    private void forgetWhatHasGone(Job before, Job after) {
        if (selection.get().isPresent()) {
            Set<String> gone = new HashSet<>(before.ids());
            gone.removeAll(after.ids());
            selection.get().filter(gone::contains).ifPresent(id -> selection.set(Optional.empty()));
        }
    }

    public JobSession session() {
        return session;
    }

    /** What an edit would do, shown without being done. */
    public Previews previews() {
        return previews;
    }

    /** Every order at every speed, of the machine that was asked for last. */
    public LiveStudy<ShakeMaps.Maps> shaking() {
        return shaking;
    }

    /** Whether the whole holds and for how long, of the machine that was asked for last. */
    public LiveStudy<LoadProof> proof() {
        return proof;
    }

    /** What is to be done about the mount as it came out, worked out where it is shown. */
    public LiveStudy<FitUp> fitUp() {
        return fitUp;
    }

    /** A scan of the finished mount against the drawing; nothing until it lies in its place. */
    public LiveStudy<ScanStudy> scanStudy() {
        return scanStudy;
    }

    /** What the shop is told to do, of the machine that was asked for last. */
    public LiveStudy<WorkshopPlan> workshop() {
        return workshop;
    }

    /** Paper of the packet. */
    public ObjectProperty<PaperSize> packetPaperProperty() {
        return packetPaper;
    }

    /** What is in the packet; may be changed. */
    public Set<PacketPart> packetParts() {
        return packetParts;
    }

    /** How the packet is to be made today. */
    public Packet.Wishes packetWishes() {
        UnitStyle style = units() == UnitStyle.MILLIMETRES ? units() : UnitStyle.FRACTIONAL_INCHES;
        return new Packet.Wishes(style, packetPaper.get(), packetParts, LocalDate.now());
    }

    /** The machine as it is examined, with the slow studies of its frame where those are known already. */
    public Proven proven() {
        Examination now = examination();
        return new Proven(
                now,
                proof.shownProperty()
                        .get()
                        .filter(studied -> studied.of() == now)
                        .flatMap(LiveStudy.Studied::answer));
    }

    public LiveExamination live() {
        return live;
    }

    /** The newest examination; null until there is one. */
    public Examination examination() {
        return live.examinationProperty().get();
    }

    public ReadOnlyObjectProperty<Step> stepProperty() {
        return step;
    }

    /** Goes to a step, unless something typed at this one holds it back. */
    public void goTo(Step wanted) {
        if (wanted == step.get() || mayLeaveSheet()) {
            step.set(wanted);
        }
    }

    /** @param question takes what is typed, asks about what is wrong, and answers whether the sheet may be left */
    public void askBeforeLeaving(BooleanSupplier question) {
        leaving = question;
    }

    /** @param question asks in words, and answers whether to go on */
    public void askBeforeTaking(Predicate<String> question) {
        agreed = question;
    }

    /** Puts another job in its place; one that cannot be is refused with a plain message. */
    public void put(Supplier<Job> with, String words) {
        try {
            apply(new ReplaceJob(with.get(), words));
        } catch (InvalidValue invalid) {
            complaint.set(capital(InvalidWords.of(invalid, units())));
        }
    }

    /**
     * Does what a card offers, after asking where something else changes by it.
     *
     * @param what it is done to, in words
     */
    public void take(Deed deed, String what) {
        String words = deed.away()
                ? "take " + what + " away"
                : what + ": " + deed.words().toLowerCase(Locale.ROOT);
        takeAway(what, 0, words, deed.outcome());
    }

    /**
     * Takes a thing out of the job, after asking where something else changes by it.
     *
     * @param what it is, in words
     * @param self how many of the things that change are the thing itself
     */
    public void takeAway(String what, int self, Supplier<Removal> removal) {
        takeAway(what, self, "take " + what + " away", removal);
    }

    private void takeAway(String what, int self, String words, Supplier<Removal> removal) {
        try {
            Removal away = removal.get();
            List<String> others = away.along().subList(self, away.along().size());
            if (others.isEmpty() || agreed.test("With " + what + " this changes too:\n" + String.join("\n", others))) {
                apply(new ReplaceJob(away.job(), words));
            }
        } catch (InvalidValue gone) {
            complaint.set(capital(InvalidWords.of(gone, units())));
        }
    }

    /** Takes what is picked out of the job, if it can go. */
    public void takeSelectionAway() {
        selection.get().flatMap(id -> Cards.picked(session.job(), id)).ifPresent(card -> card.deeds().stream()
                .filter(Deed::away)
                .findFirst()
                .ifPresent(deed -> take(deed, card.words())));
    }

    /** What was clicked in the stand; it goes into the field that waits for it, else it is picked. Empty for nothing. */
    public void pick(String part) {
        Optional<Consumer<String>> waiting = thingWanted.get();
        if (waiting.isPresent() && !part.isEmpty()) {
            thingWanted.set(Optional.empty());
            waiting.get().accept(part);
        } else {
            selection.set(part.isEmpty() ? Optional.empty() : Optional.of(part));
        }
    }

    public ObjectProperty<Optional<Consumer<String>>> thingWantedProperty() {
        return thingWanted;
    }

    /** @param opening brings the user to a card */
    public void openCardsBy(Consumer<Card> opening) {
        cardOpener = opening;
    }

    /** Opens the card of a thing, if it has one. */
    public void edit(String id) {
        Cards.picked(session.job(), id).ifPresent(card -> {
            selection.set(Optional.of(id));
            open(card);
        });
    }

    public void open(Card card) {
        cardToOpen = Optional.of(card);
        cardOpener.accept(card);
        selection.set(Optional.of(card.id()).filter(session.job().ids()::contains));
    }

    /** The key of the card that a sheet of a step is to open, told once. */
    public Optional<String> cardToOpen(Step ofStep) {
        Optional<Card> wanted = cardToOpen.filter(card -> card.step() == ofStep);
        if (wanted.isPresent()) {
            cardToOpen = Optional.empty();
        }
        return wanted.map(Card::key);
    }

    /** What can be picked: the program's rows and the user's own. */
    public Shelves shelves() {
        return shelves;
    }

    /** Where the user's own rows are kept. */
    public Path shelvesFolder() {
        return ownShelves.folder();
    }

    /**
     * Puts a row of the user's on its shelf.
     *
     * @throws InvalidValue if the table that is there cannot be used
     */
    public void putOnShelf(ShelfRow row) {
        try {
            ownShelves.put(row);
            shelvesAnew();
        } catch (IOException unwritable) {
            complaint.set(
                    "The row is not kept, " + ownShelves.folder() + " cannot be written: " + unwritable.getMessage());
        }
    }

    private void shelvesAnew() {
        OwnShelves.Loaded loaded = ownShelves.load();
        shelves = loaded.shelves();
        if (!loaded.troubles().isEmpty()) {
            complaint.set("Not used: " + String.join("; ", loaded.troubles()) + ". Mend it in " + ownShelves.folder());
        }
    }

    public boolean mayLeaveSheet() {
        return leaving.getAsBoolean();
    }

    public ObjectProperty<UnitStyle> unitsProperty() {
        return units;
    }

    public UnitStyle units() {
        return units.get();
    }

    public ObjectProperty<Optional<String>> selectionProperty() {
        return selection;
    }

    public ObjectProperty<Double> nudgeProperty() {
        return nudge;
    }

    /**
     * A click that is waited for.
     *
     * @param what is to be clicked, in words
     * @param take gets the place, scan axes, m
     */
    public record Picking(String what, Consumer<Vec3> take) {}

    public ObjectProperty<Optional<Picking>> pickingProperty() {
        return picking;
    }

    /** A click on a scan, scan axes, m; it counts only while one is waited for. */
    public void pickOnScan(Vec3 onScan) {
        Optional<Picking> waiting = picking.get();
        picking.set(Optional.empty());
        waiting.ifPresent(each -> each.take().accept(onScan));
    }

    /**
     * The donor as it is shown elsewhere than in its seat: on its way, shaking, or under load.
     *
     * @param pose of the donor, host axes
     * @param off ids of what has come off
     * @param chalk that stands in place of the step's own
     */
    public record DonorMoved(Pose pose, Set<String> off, List<ChalkMark> chalk) {
        public DonorMoved {
            off = Set.copyOf(off);
            chalk = List.copyOf(chalk);
        }
    }

    public ObjectProperty<Optional<DonorMoved>> donorMovedProperty() {
        return donorMoved;
    }

    public LongWork work() {
        return work;
    }

    public ObjectProperty<Optional<Wanted>> wantedProperty() {
        return wanted;
    }

    /** A question that was looked up, to be shown where questions are answered. */
    public ObjectProperty<Optional<Question>> askedProperty() {
        return asked;
    }

    public ObjectProperty<Optional<String>> pulledProperty() {
        return pulled;
    }

    /**
     * A line that is not part of the job yet, host axes, m.
     *
     * @param words what it measures
     */
    public record Sketch(Vec3 from, Vec3 to, Phrase words) {}

    public ObjectProperty<Optional<Sketch>> sketchProperty() {
        return sketch;
    }

    public ObjectProperty<Optional<Consumer<String>>> nodeWantedProperty() {
        return nodeWanted;
    }

    /**
     * A pipe that is being drawn.
     *
     * @param pipe its mark; empty before it has two corners
     * @param begun its first corner while it is the only one, host axes, m
     */
    public record PipeDrawn(Optional<String> pipe, Optional<Vec3> begun) {
        public static final PipeDrawn NEW = new PipeDrawn(Optional.empty(), Optional.empty());

        public static PipeDrawn on(String pipe) {
            return new PipeDrawn(Optional.of(pipe), Optional.empty());
        }

        static PipeDrawn from(Vec3 first) {
            return new PipeDrawn(Optional.empty(), Optional.of(first));
        }
    }

    public ObjectProperty<Optional<PipeDrawn>> pipeDrawnProperty() {
        return pipeDrawn;
    }

    /** The next corner of the pipe that is being drawn, host axes, m; one that leaves no room for a bend is refused with a message. */
    public void pipeCorner(Vec3 at) {
        PipeDrawn drawn = pipeDrawn.get().orElseThrow();
        if (drawn.pipe().isEmpty() && drawn.begun().isEmpty()) {
            pipeDrawn.set(Optional.of(PipeDrawn.from(at)));
            return;
        }
        try {
            Job job = session.job();
            DrawnPipe.Drawn more = drawn.pipe().isPresent()
                    ? new DrawnPipe.Drawn(
                            DrawnPipe.runOn(job, drawn.pipe().get(), at),
                            drawn.pipe().get())
                    : DrawnPipe.begun(job, drawn.begun().orElseThrow(), at);
            session.apply(new ReplaceJob(more.job(), "draw a pipe"));
            pipeDrawn.set(Optional.of(PipeDrawn.on(more.pipe())));
            selection.set(Optional.of(more.pipe()));
            complaint.set("");
        } catch (InvalidValue invalid) {
            complaint.set(capital(InvalidWords.of(invalid, units())));
        }
    }

    public BooleanProperty drawingProperty() {
        return drawing;
    }

    /** Draws a tube of the frame, of the section and material of the tube that is picked, else of the first; picks the new one. */
    public void drawTube(TubeEnd from, TubeEnd to) {
        Job job = session.job();
        Optional<Member> like = selection.get().flatMap(job.host()::member).or(() -> job.host().members().stream()
                .findFirst());
        Section section = like.map(Member::section).orElse(SectionStock.tubes().get(0));
        String material =
                like.map(Member::material).orElse(job.materials().get(0).name());
        try {
            DrawnFrame.Drawn drawn = DrawnFrame.tube(job, from, to, section, material, mirrored.get());
            session.apply(new BodyEdit.ChangeHost(drawn.host(), "draw a tube", "draw." + drawn.tube()));
            selection.set(Optional.of(drawn.tube()));
            complaint.set("");
        } catch (InvalidValue invalid) {
            complaint.set(capital(InvalidWords.of(invalid, units())));
        }
    }

    /** Moves a node of the frame to a place, host axes, m; its twin goes along where that is asked for. */
    public void moveHostNode(String node, Vec3 to) {
        try {
            Host moved = DrawnFrame.moved(session.job(), node, to, mirrored.get());
            apply(new BodyEdit.ChangeHost(moved, "move node " + node, "node." + node));
        } catch (InvalidValue invalid) {
            complaint.set(capital(InvalidWords.of(invalid, units())));
        }
    }

    public BooleanProperty mirroredProperty() {
        return mirrored;
    }

    /** Pulls a node of the cradle to a place, host axes, m. */
    public void pull(String node, Vec3 to) {
        apply(NodePull.to(examination(), node, to, mirrored.get()));
    }

    /** What went wrong last; empty if nothing. */
    public ObjectProperty<String> complaintProperty() {
        return complaint;
    }

    /** Applies an edit; one that would leave no job is refused with a plain message and changes nothing. */
    public void apply(JobEdit edit) {
        try {
            session.apply(edit);
            complaint.set("");
        } catch (InvalidValue invalid) {
            complaint.set(capital(InvalidWords.of(invalid, units())));
        }
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
    }

    /** Slides the donor by whole nudges along the host axes. */
    public void nudge(Vec3 direction, double factor) {
        apply(new JobEdit.MoveSeat(direction.times(nudge.get() * factor)));
    }

    /**
     * A hand drags the donor: what datum and holds leave open follows it, and when it lets go within a few millimetres of the
     * datum the donor goes onto it.
     *
     * @param by since the last call, host axes, m
     * @param done whether the hand has let go
     */
    public void drag(Vec3 by, boolean done) {
        if (!done) {
            apply(new JobEdit.MoveSeat(by));
            return;
        }
        Seat seat = session.job().seat();
        DatumSeat.of(session.job()).ifPresent(datum -> {
            Seat put = datum.put(seat);
            if (!put.equals(seat) && isWithinSnap(datum, seat, put)) {
                apply(new SeatEdit.TakeSeat(put, "on the datum"));
            }
        });
    }

    /** A held freedom that stands off the datum was put there on purpose. */
    private static boolean isWithinSnap(DatumSeat datum, Seat seat, Seat put) {
        return datum.heldOff(seat).isEmpty() && put.position().distanceTo(seat.position()) < SNAP;
    }
}
