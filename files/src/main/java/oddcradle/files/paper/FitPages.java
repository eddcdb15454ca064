package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.fitup.Directions;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.fitup.FittingOrder;
import oddcradle.core.fitup.SignOff;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.LineFound;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** What to hold a tape to, with room to write what it read; what was found and is to be done; how the engine goes on, and who looked. */
final class FitPages {
    private static final String TO_WRITE = "__________";

    private FitPages() {}

    static void add(Book book, Examination examination) throws IOException {
        FitUp fitUp = FitUp.of(examination, Progress.UNWATCHED);
        List<TablePages.Table> tables = new ArrayList<>();
        if (!examination.job().cradle().isolators().isEmpty()) {
            tables.add(mounts(examination, book.style()));
        }
        tables.add(distances(examination.job(), book.style()));
        if (!fitUp.plan().work().isEmpty()) {
            tables.add(new TablePages.Table(
                    "To do",
                    List.of(new TablePages.Column("", 1), new TablePages.Column("what", 5)),
                    fitUp.plan().work().stream()
                            .map(each -> List.of(each.kind().word(), each.what().in(book.style())))
                            .toList()));
        }
        if (!fitUp.plan().isOpen()) {
            moves(examination, book.style()).ifPresent(tables::add);
        }
        panels(examination.job(), book.style()).ifPresent(tables::add);
        TablePages.add(
                book,
                "Fit: measured as built",
                "Places count from the host's datum planes, to the middle of each mount's hole. Measure tacked, and again after welding.",
                tables);
        onto(book, fitUp);
    }

    private static TablePages.Table mounts(Examination examination, UnitStyle style) {
        List<List<String>> rows = new ArrayList<>();
        for (MountFound mount : examination.fit().mounts().mounts()) {
            Vec3 at = mount.hole().place();
            rows.add(List.of(
                    mount.id(),
                    length(style, at.x()),
                    TO_WRITE,
                    length(style, at.y()),
                    TO_WRITE,
                    length(style, at.z()),
                    TO_WRITE,
                    mount.measured()
                            ? style.show(Quantity.fine(Math.abs(mount.lacks())))
                                    + (mount.lacks() < 0 ? " high" : " low")
                            : "–"));
        }
        return new TablePages.Table(
                "Holes of the mounts",
                List.of(
                        new TablePages.Column("mount", 1),
                        new TablePages.Column("forward", 1.3),
                        new TablePages.Column("found", 1.3),
                        new TablePages.Column("left", 1.3),
                        new TablePages.Column("found", 1.3),
                        new TablePages.Column("up", 1.3),
                        new TablePages.Column("found", 1.3),
                        new TablePages.Column("last time", 1.5)),
                rows);
    }

    private static TablePages.Table distances(Job job, UnitStyle style) {
        List<Boss> bosses = job.donor().bosses();
        List<List<String>> rows = new ArrayList<>();
        for (int k = 0; k < bosses.size(); k++) {
            for (int j = k + 1; j < bosses.size(); j++) {
                rows.add(List.of(
                        bosses.get(k).id() + " to " + bosses.get(j).id(),
                        length(
                                style,
                                bosses.get(k)
                                        .position()
                                        .distanceTo(bosses.get(j).position())),
                        TO_WRITE));
            }
        }
        return new TablePages.Table(
                "Lug to lug, middle to middle",
                List.of(
                        new TablePages.Column("from and to", 2),
                        new TablePages.Column("drawn", 2),
                        new TablePages.Column("found", 3)),
                rows);
    }

    /** What is moved for the line; empty where nothing was read of it. */
    private static Optional<TablePages.Table> moves(Examination examination, UnitStyle style) {
        List<List<String>> rows = new ArrayList<>();
        for (LineFound.Move move : examination.fit().line().told()) {
            move.feet().keySet().stream()
                    .sorted()
                    .forEach(foot -> rows.add(List.of(foot, Directions.parts(move.of(foot), style))));
        }
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(new TablePages.Table(
                        "To move for the line, from how it was read",
                        List.of(new TablePages.Column("foot", 1), new TablePages.Column("by", 4)),
                        rows));
    }

    /** Empty where none was written down. */
    private static Optional<TablePages.Table> panels(Job job, UnitStyle style) {
        List<List<String>> rows = job.asBuilt().panels().stream()
                .map(panel -> List.of(
                        panel.label(),
                        length(style, panel.before()),
                        panel.now().map(gap -> length(style, gap)).orElse(TO_WRITE)))
                .toList();
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(new TablePages.Table(
                        "Gaps of panels",
                        List.of(
                                new TablePages.Column("at", 3),
                                new TablePages.Column("before the engine", 2),
                                new TablePages.Column("with the engine", 2)),
                        rows));
    }

    private static void onto(Book book, FitUp fitUp) throws IOException {
        List<TablePages.Table> tables = new ArrayList<>();
        List<List<String>> moves = new ArrayList<>();
        for (FittingOrder.Move move : fitUp.order().moves()) {
            moves.add(List.of(
                    move.title(),
                    String.join(
                            " ",
                            move.what().stream()
                                    .map(what -> what.in(book.style()))
                                    .toList()),
                    move.check().in(book.style())));
        }
        if (!moves.isEmpty()) {
            tables.add(new TablePages.Table(
                    "The engine onto its mounts",
                    List.of(
                            new TablePages.Column("move", 2),
                            new TablePages.Column("what", 5),
                            new TablePages.Column("check before the next", 3)),
                    moves));
        }
        List<List<String>> signs = new ArrayList<>();
        for (SignOff.Item item : fitUp.signOff().items()) {
            signs.add(List.of(
                    item.what(),
                    item.looked().map(each -> each.who() + " " + each.date()).orElse(TO_WRITE + TO_WRITE)));
        }
        tables.add(new TablePages.Table(
                "Looked at before it runs",
                List.of(new TablePages.Column("what", 5), new TablePages.Column("who and when", 2)),
                signs));
        TablePages.add(
                book,
                "Fit: onto its mounts, and looked at",
                "A hand push, or standing on the gearbox, shows slack; it is no test. Licensed inspection stays what the law asks for.",
                tables);
    }

    private static String length(UnitStyle style, double length) {
        return style.show(Quantity.length(length));
    }
}
