package oddcradle.files.report;

import java.util.Locale;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.propose.CradleKind;
import oddcradle.core.propose.Proposal;
import oddcradle.core.propose.Proposals;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** Proposed cradles in words. */
public final class CradleText {
    private CradleText() {}

    public static String of(Examination examination, Proposals.Result result, UnitStyle style) {
        StringBuilder text = new StringBuilder(examination.job().name() + "\n");
        for (int k = 0; k < result.proposals().size(); k++) {
            proposal(text, k + 1, result.proposals().get(k), style);
        }
        result.notHere().forEach((kind, why) -> text.append("-  ")
                .append(kind.word())
                .append(": ")
                .append(why)
                .append('\n'));
        text.append("Compare by these; before metal is cut, look at every finding of the one you take.\n");
        return text.toString();
    }

    private static void proposal(StringBuilder text, int number, Proposal proposal, UnitStyle style) {
        text.append(number).append("  ").append(proposal.title()).append('\n');
        text.append("   ")
                .append(Phrase.of(
                                "{}, {} tubes, {} joints, about {} hours",
                                Quantity.mass(proposal.mass()),
                                Integer.toString(proposal.tubes()),
                                Integer.toString(proposal.joints()),
                                Integer.toString((int) Math.round(proposal.hours())))
                        .in(style));
        proposal.worstUse().ifPresent(use -> text.append("; ")
                .append(use.tube().label())
                .append(" at ")
                .append(style.show(Quantity.share(use.utilisation()))));
        proposal.worstGap().ifPresent(gap -> text.append("; tightest ")
                .append(gap.donorPart().label())
                .append(" to ")
                .append(gap.obstacle().label())
                .append(", ")
                .append(style.show(Quantity.length(gap.margin())))
                .append(" to spare"));
        proposal.lowestMode()
                .ifPresent(mode -> text.append("; lowest mode ").append(style.show(Quantity.frequency(mode))));
        text.append('\n')
                .append("   comes out ")
                .append(proposal.wayOut())
                .append("\n   weak point: ")
                .append(proposal.weakPoint())
                .append('\n');
        if (proposal.stops() + proposal.watches() > 0) {
            text.append("   ")
                    .append(proposal.stops())
                    .append(" x stop, ")
                    .append(proposal.watches())
                    .append(" x watch\n");
        }
        proposal.troubles()
                .forEach(trouble -> text.append("   ").append(trouble).append('\n'));
    }

    /** The words a kind is asked for by on the command line. */
    public static String kinds() {
        StringBuilder words = new StringBuilder();
        for (CradleKind kind : CradleKind.values()) {
            words.append(words.length() == 0 ? "" : ", ").append(kind.name().toLowerCase(Locale.ROOT));
        }
        return words.toString();
    }
}
