package oddcradle.files.report;

import java.util.Locale;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.placement.Sides;
import oddcradle.core.search.SeatAnswer;
import oddcradle.core.search.SeatConflict;
import oddcradle.core.search.SeatSearch;
import oddcradle.core.search.SharedSeat;
import oddcradle.core.search.WaysOut;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** What a search for seats found, in words. */
public final class SeatText {
    private SeatText() {}

    public static String of(
            Examination examination,
            SeatSearch.Result search,
            Optional<WaysOut.Result> way,
            Optional<SharedSeat.Result> shared,
            UnitStyle style) {
        StringBuilder text = new StringBuilder(examination.job().name() + "\n");
        text.append(String.format(
                Locale.ROOT,
                "%,d seats tried over %s; %s%n",
                search.visits(),
                search.open().isEmpty()
                        ? "no freedom at all"
                        : String.join(
                                ", ", search.open().stream().map(Freedom::word).toList()),
                search.proven() ? "none is better within the bounds" : "the search ended before all was decided"));
        for (int k = 0; k < search.answers().size(); k++) {
            answer(text, k + 1, search.answers().get(k), style);
        }
        search.conflict().ifPresent(conflict -> conflict(text, conflict, style));
        way.ifPresent(each -> way(text, examination.job(), each, style));
        shared.ifPresent(each -> shared(text, each, style));
        return text.toString();
    }

    private static String length(double metres, UnitStyle style) {
        return style.show(Quantity.length(metres));
    }

    private static void answer(StringBuilder text, int number, SeatAnswer answer, UnitStyle style) {
        text.append(number).append("  ");
        for (Freedom freedom : Freedom.values()) {
            double value = answer.seat().value(freedom);
            text.append(freedom.word())
                    .append(' ')
                    .append(style.show(freedom.slides() ? Quantity.length(value) : Quantity.angle(value)))
                    .append(freedom == Freedom.ROLL ? "\n" : ", ");
        }
        text.append("   score ").append(length(answer.score(), style));
        for (SeatAnswer.Aim aim : answer.terms()) {
            if (aim.weight() > 0) {
                text.append("; ").append(aim.words()).append(' ').append(length(aim.amount(), style));
            }
        }
        text.append('\n');
    }

    private static void conflict(StringBuilder text, SeatConflict conflict, UnitStyle style) {
        text.append("No seat is free. ")
                .append(length(conflict.lacks(), style))
                .append(" is lacking at best. These leave none together:\n");
        for (SeatConflict.Relaxed each : conflict.obstacles()) {
            text.append("   ")
                    .append(each.label())
                    .append(" (")
                    .append(each.part())
                    .append("): ")
                    .append(
                            Double.isFinite(each.by())
                                    ? length(each.by(), style) + " less room there, or moved as far, would be enough"
                                    : "not enough by itself")
                    .append('\n');
        }
        if (!conflict.decided()) {
            text.append("   (the search ended before all was decided)\n");
        }
    }

    private static void way(StringBuilder text, Job job, WaysOut.Result result, UnitStyle style) {
        result.alone().forEach(each -> text.append(each.label())
                .append(each.way()
                        .map(way -> " comes out alone, " + Sides.exit(way.side()) + "\n")
                        .orElse(": no way out alone was found\n")));
        if (result.way().isEmpty()) {
            text.append("No way out was found; that does not prove that there is none.\n");
            return;
        }
        result.off().forEach(each -> text.append("off first: ")
                .append(each.label())
                .append(
                        each.back().isPresent()
                                ? ", goes back with the donor in\n"
                                : ", no way back with the donor in was found\n"));
        text.append("out ")
                .append(Sides.exit(result.way().get().side()))
                .append(result.way().get().straight() ? ", straight" : ", tilting")
                .append("; tightest ")
                .append(length(result.way().get().tightest().gap(), style))
                .append(" between ")
                .append(WaysOut.label(job, result.way().get().tightest().part()))
                .append(" and ")
                .append(WaysOut.label(job, result.way().get().tightest().obstacle()))
                .append("\nLift with a hoist and straps that cannot slip; keep hands and feet from under it.\n");
    }

    private static void shared(StringBuilder text, SharedSeat.Result result, UnitStyle style) {
        if (result.seat().isEmpty()) {
            text.append("No seat was found that serves both donors.\n");
            return;
        }
        text.append("both donors at ");
        text.append(length(result.seat().get().position().x(), style))
                .append(" forward, ")
                .append(length(result.seat().get().position().z(), style))
                .append(" up\n");
        result.differences().forEach(each -> text.append("   ")
                .append(each.boss())
                .append(" and ")
                .append(each.other())
                .append(
                        each.sameHole()
                                ? " share a hole\n"
                                : " lie " + length(each.apart().length(), style) + " apart\n"));
    }
}
