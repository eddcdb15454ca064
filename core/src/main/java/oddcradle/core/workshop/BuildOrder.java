package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.make.Pace;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Quantity;

/** The work in the order in which practitioners do it, each step with the check to make before the next. Common practice. */
public record BuildOrder(List<Task> tasks) {
    /** Bosses told in words; the rest are on the page of the dummy. */
    private static final int MOST_TOLD = 6;

    private static final double HOUR = 3600;

    public BuildOrder {
        tasks = List.copyOf(tasks);
    }

    /**
     * @param title a few words
     * @param what to do, sentence by sentence
     * @param check what must be true before the next step
     * @param time s
     * @param parts marks of what it takes
     * @param waitsFor numbers of earlier steps, from 1
     * @param shown ids of cradle tubes that stand there by then
     * @param withDonor whether the donor, or its dummy, is in its seat
     */
    public record Task(
            String title,
            List<Phrase> what,
            Phrase check,
            double time,
            List<String> parts,
            List<Integer> waitsFor,
            Set<String> shown,
            boolean withDonor) {
        public Task {
            what = List.copyOf(what);
            parts = List.copyOf(parts);
            waitsFor = List.copyOf(waitsFor);
            shown = Set.copyOf(shown);
        }

        /** Minutes, or hours to a tenth. */
        public String timeInWords() {
            return time < HOUR ? Math.round(time / 60) + " min" : String.format(Locale.ROOT, "%.1f h", time / HOUR);
        }
    }

    /** Of all steps, s. */
    public double time() {
        return tasks.stream().mapToDouble(Task::time).sum();
    }

    public static BuildOrder of(Examination examination, WeldMap welds) {
        return new BuildOrder(new Writer(examination, welds).tasks());
    }

    private static final class Writer {
        private final Examination examination;
        private final Job job;
        private final Pace pace;
        private final WeldMap welds;
        private final List<CutTube> tubes;
        private final List<MountDesign> mounts;
        private final Set<String> all;
        private final List<Task> tasks = new ArrayList<>();

        Writer(Examination examination, WeldMap welds) {
            this.examination = examination;
            this.job = examination.job();
            this.pace = job.build().shop().pace();
            this.welds = welds;
            this.tubes = examination.cutList();
            // Rear first, and of those the lowest: the donor can still swing about it.
            this.mounts = examination.mountDesigns().stream()
                    .sorted(Comparator.comparingDouble(
                                    (MountDesign each) -> Math.rint(each.at().x() * 20))
                            .thenComparingDouble(each -> each.at().z()))
                    .toList();
            this.all = job.cradle().members().stream().map(Member::id).collect(Collectors.toSet());
        }

        List<Task> tasks() {
            clear();
            position();
            tubes();
            plates();
            tackFirst();
            tackAll();
            takeAway();
            weld();
            measureAgain();
            fitAgain();
            finish();
            assemble();
            return tasks;
        }

        private void clear() {
            tasks.add(new Task(
                    "Clear the bay",
                    List.of(
                            Phrase.of(
                                    "Take out whatever hides or blocks the bay of {}.",
                                    job.host().name()),
                            Phrase.of(
                                    "Drain and take away fuel, take the battery off, keep an extinguisher and a second person at hand.")),
                    Phrase.of(
                            "The frame stands level on supports that cannot tip; its tubes are bare, dry and sound where the cradle lands."),
                    2 * pace.fitting(),
                    List.of(),
                    List.of(),
                    Set.of(),
                    false));
        }

        private void position() {
            boolean jig = job.build().shop().jig();
            List<Phrase> what = new ArrayList<>();
            what.add(
                    jig
                            ? Phrase.of("Make the dummy by its page and set it where the donor will sit.")
                            : Phrase.of(
                                    "Lift {} in by its own lugs and set it on shims, a jack or a stand; tie it.",
                                    job.donor().name()));
            job.donor().bosses().stream().limit(MOST_TOLD).forEach(boss -> what.add(place(boss)));
            tasks.add(new Task(
                    "Set it in its seat",
                    what,
                    Phrase.of(
                            "The datum first: the drive lines up as at Line. Then all bosses as above, both diagonals, and a level across."),
                    2 * pace.fitting(),
                    job.donor().bosses().stream().map(boss -> boss.id()).toList(),
                    List.of(1),
                    Set.of(),
                    true));
        }

        private Phrase place(Boss boss) {
            Vec3 at = examination.seating().boss(boss.id());
            return Phrase.of(
                    "{}: {} {}, {} {}, {} {} the datum.",
                    boss.named(),
                    Quantity.length(Math.abs(at.x())),
                    at.x() < 0 ? "back" : "forward",
                    Quantity.length(Math.abs(at.y())),
                    at.y() < 0 ? "right" : "left",
                    Quantity.length(Math.abs(at.z())),
                    at.z() < 0 ? "below" : "above");
        }

        private void tubes() {
            double time = 0;
            for (CutTube tube : tubes) {
                long copes = tube.ends().stream()
                        .filter(end -> end.cope().isPresent())
                        .count();
                int bends = tube.bends().map(plan -> plan.angles().size()).orElse(0);
                time += 2 * pace.cut() + copes * pace.cope() + bends * pace.bend();
            }
            tasks.add(new Task(
                    "Cut, bend and cope the tubes",
                    List.of(
                            Phrase.of("Saw by the plan of the bars, write each mark on its tube at once."),
                            Phrase.of(
                                    "Bend before coping where a tube is bent. Cope by the wraps, cut long, fit down.")),
                    Phrase.of(
                            "Each tube lies in its place by hand, without force, with no light at the joint wider than half its wall."),
                    time,
                    tubes.stream().map(tube -> tube.tube().id()).toList(),
                    List.of(2),
                    Set.of(),
                    true));
        }

        private void plates() {
            int plates = PlatePart.of(examination).stream()
                    .mapToInt(PlatePart::count)
                    .sum();
            int holes = examination.mountDesigns().size();
            tasks.add(new Task(
                    "Cut and drill the plates",
                    List.of(
                            Phrase.of(
                                    "Glue the outlines on, centre-punch through the crosses, drill in the order of the drill plan, cut to the line."),
                            Phrase.of("Round every corner; take the mill scale off where it is welded.")),
                    Phrase.of("Bolts go through by hand; each edge distance is as on its page."),
                    plates * pace.plate() + holes * pace.hole(),
                    PlatePart.of(examination).stream().map(PlatePart::mark).toList(),
                    List.of(),
                    Set.of(),
                    true));
        }

        private void tackFirst() {
            if (mounts.isEmpty()) {
                return;
            }
            MountDesign first = mounts.get(0);
            tasks.add(new Task(
                    "Tack one mount",
                    List.of(
                            Phrase.of(
                                    "Bolt mount {} to its boss with plain nuts, all sleeves and spacers in it, rubber out of the heat.",
                                    first.isolator().id()),
                            Phrase.of(
                                    "Three short tacks on {}; the real bolt right through.",
                                    first.tube().id())),
                    Phrase.of(
                            "The donor still swings freely about this one; height and level are right again after the tacks are cold."),
                    pace.mount() + 3 * 0.01 * pace.weld(),
                    List.of(first.isolator().id()),
                    List.of(3, 4),
                    Set.of(first.tube().id()),
                    true));
        }

        private void tackAll() {
            tasks.add(new Task(
                    "Tack the rest",
                    List.of(
                            Phrase.of(
                                    "The other mounts, then the tubes between them, each by three or four tacks on opposite sides."),
                            Phrase.of("Pull on nothing: a tube that has to be forced is cut again.")),
                    Phrase.of(
                            "Every bolt of every mount turns by hand. Read the bosses again and write them down at Fit."),
                    Math.max(0, mounts.size() - 1) * pace.mount()
                            + welds.welds().size() * 0.04 * pace.weld(),
                    mounts.stream().skip(1).map(each -> each.isolator().id()).toList(),
                    List.of(tasks.size()),
                    all,
                    true));
        }

        private void takeAway() {
            tasks.add(new Task(
                    "Take the support away and look",
                    List.of(
                            Phrase.of(
                                    "Lower the jack by a hand's breadth under a sling that stays slack. Keep feet and hands out from under."),
                            Phrase.of("Exhaust, filter, carburettor, levers: in and out once, with their spanners.")),
                    Phrase.of(
                            "Nothing touches; the drive lines up as loaded; the sag of the mounts is as at Shake. This is the last cheap moment to change."),
                    pace.fitting(),
                    List.of(),
                    List.of(tasks.size()),
                    all,
                    true));
        }

        private void weld() {
            boolean jig = job.build().shop().jig();
            tasks.add(new Task(
                    "Weld",
                    List.of(
                            Phrase.of("Test piece first, of the same wall and filler: break it."),
                            jig
                                    ? Phrase.of(
                                            "As much as the torch reaches in the jig, in the order {}; the rest on the table.",
                                            order())
                                    : Phrase.of(
                                            "As much as the torch reaches in place with the dummy or the bare case bolted in, in the order {}.",
                                            order()),
                            Phrase.of(
                                    "A quarter of a joint at a time, then the opposite one; let it cool in still air before it is let go.")),
                    Phrase.of("No crack, no undercut, no hole; the bolts still go through by hand."),
                    welds.length() * pace.weld(),
                    welds.welds().stream().map(WeldMap.Weld::mark).toList(),
                    List.of(tasks.size()),
                    all,
                    false));
        }

        private String order() {
            return welds.welds().isEmpty()
                    ? "of the map"
                    : "W1 to " + welds.welds().get(welds.welds().size() - 1).mark();
        }

        private void measureAgain() {
            double pull =
                    welds.welds().stream().mapToDouble(WeldMap.Weld::pull).max().orElse(0);
            tasks.add(new Task(
                    "Measure again",
                    List.of(
                            Phrase.of("All bosses of the cradle from the datum, and the diagonals, into Fit."),
                            Phrase.of(
                                    "By the usual formula a seam draws its tube up to {} towards itself; a joint with a gap draws several times that.",
                                    Quantity.length(pull))),
                    Phrase.of("The answers of Fit are taken, or there are none to take."),
                    pace.mount(),
                    List.of(),
                    List.of(tasks.size()),
                    all,
                    false));
        }

        private void fitAgain() {
            tasks.add(new Task(
                    "Donor in again",
                    List.of(Phrase.of("With plain nuts and everything on it that makes it tall or wide.")),
                    Phrase.of("Line, gaps and movement read as planned. Nothing more will be welded after this."),
                    pace.fitting(),
                    List.of(),
                    List.of(tasks.size()),
                    all,
                    true));
        }

        private void finish() {
            tasks.add(new Task(
                    "Take apart and finish",
                    List.of(
                            Phrase.of(
                                    "Brush, degrease, prime and paint or powder; keep paint out of threads, off seats and bonded faces.")),
                    Phrase.of("Holes and faces are bare and to size."),
                    2 * pace.fitting(),
                    List.of(),
                    List.of(tasks.size()),
                    all,
                    false));
        }

        private void assemble() {
            tasks.add(new Task(
                    "Put together for good",
                    List.of(
                            Phrase.of(
                                    "New locking nuts, final bolts, by the hardware pages; each tightened to its figure and marked with paint."),
                            Phrase.of("Lower mounts loose first, then the upper ones, then all.")),
                    Phrase.of("The lists of Fit and Run are signed before the first start."),
                    pace.fitting() + mounts.size() * pace.mount(),
                    mounts.stream().map(each -> each.isolator().id()).toList(),
                    List.of(tasks.size()),
                    all,
                    true));
        }
    }
}
