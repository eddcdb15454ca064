package oddcradle.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Step;
import oddcradle.core.pocket.Question;
import oddcradle.desktop.command.Command;
import oddcradle.desktop.command.Found;
import oddcradle.desktop.step.Slates;
import oddcradle.desktop.step.run.AskSheet;
import oddcradle.desktop.store.Desk;

/** What the finder looks through: commands, sheets, things and figures of the open job. */
final class FindAnything {
    private FindAnything() {}

    /** @param sheet turns to a sheet of a step */
    static List<Found> of(Desk desk, List<Command> commands, Slates slates, SheetOpener sheet) {
        List<Found> all = new ArrayList<>();
        commands.stream()
                .filter(command -> command.ready().getAsBoolean())
                .forEach(command -> all.add(new Found(
                        command.words(),
                        command.keys().map(keys -> keys.getDisplayText()).orElse("command"),
                        command::run)));
        for (Step step : Step.values()) {
            slates.of(step)
                    .sheets()
                    .forEach(name ->
                            all.add(new Found(step.title() + ", " + name, "sheet", () -> sheet.open(step, name))));
        }
        for (Question question : Question.values()) {
            all.add(new Found(question.words(), "ask", () -> {
                desk.askedProperty().set(Optional.of(question));
                sheet.open(Step.RUN, AskSheet.NAME);
            }));
        }
        for (Card card : Cards.of(desk.session().job())) {
            all.add(new Found(card.words(), card.step().title(), () -> desk.open(card)));
        }
        if (desk.examination() != null) {
            for (Step step : Step.values()) {
                for (Figure figure : desk.examination().report(step).figures()) {
                    all.add(new Found(
                            figure.name(), desk.units().show(figure.quantity()), () -> sheet.open(step, "Figures")));
                }
            }
            desk.examination()
                    .findings()
                    .forEach(finding -> all.add(new Found(
                            finding.what().in(desk.units()), finding.severity().word(), () -> {
                                desk.goTo(finding.step());
                                finding.where().ids().stream().findFirst().ifPresent(part -> desk.selectionProperty()
                                        .set(Optional.of(part)));
                            })));
        }
        return all;
    }

    /** Turns to a sheet. */
    interface SheetOpener {
        void open(Step step, String sheet);
    }
}
