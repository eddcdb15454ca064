package oddcradle.core.keeping;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.WorkTask;
import oddcradle.core.job.make.Part;
import oddcradle.core.workshop.HardwareTotals;

/**
 * Money and hours added up, in the shop's money and s.
 *
 * @param spent on parts that are ordered or here, of the book and of the mounts' hardware
 * @param toCome on parts still to buy that have a price
 * @param unpriced parts still to buy of which nobody knows the price, a count
 * @param worked hours so far
 * @param left hours still planned
 * @param workSpent worked at the price of an hour
 * @param workToCome left at that price
 * @param budget 0 where there is none
 * @param paid what came
 * @param steps hours of each of the ten that has any
 */
public record MoneySum(
        double spent,
        double toCome,
        long unpriced,
        double worked,
        double left,
        double workSpent,
        double workToCome,
        double budget,
        double paid,
        List<StepHours> steps) {

    /** @param planned s, against worked */
    public record StepHours(Step step, double planned, double worked) {}

    public MoneySum {
        steps = List.copyOf(steps);
    }

    /** All of it, spent and to come. */
    public double whole() {
        return spent + toCome + workSpent + workToCome;
    }

    public static MoneySum of(Examination examination) {
        Book book = examination.job().book();
        List<Cost> costs = new ArrayList<>();
        book.purchases().forEach(each -> costs.add(new Cost(each.ordered(), each.cost())));
        HardwareTotals hardware = HardwareTotals.of(examination);
        hardware.lines().forEach(line -> costs.add(cost(line.note(), line.count())));
        hardware.others().forEach(part -> costs.add(cost(part, 1)));
        double spent =
                costs.stream().filter(Cost::bought).mapToDouble(Cost::amount).sum();
        double toCome = costs.stream().mapToDouble(Cost::amount).sum() - spent;
        long unpriced = costs.stream()
                .filter(each -> !each.bought() && each.amount() == 0)
                .count();
        double worked = book.tasks().stream().mapToDouble(WorkTask::worked).sum();
        double left = book.tasks().stream().mapToDouble(WorkTask::left).sum();
        double hour = book.money().hourPrice() / 3600;
        return new MoneySum(
                spent,
                toCome,
                unpriced,
                worked,
                left,
                worked * hour,
                left * hour,
                book.money().budget(),
                book.money().paid(),
                steps(book));
    }

    private record Cost(boolean bought, double amount) {}

    private static Cost cost(Part part, int count) {
        return new Cost(part.state() != Part.State.TO_BUY, count * part.price());
    }

    private static List<StepHours> steps(Book book) {
        List<StepHours> all = new ArrayList<>();
        for (Step step : Step.values()) {
            List<WorkTask> of =
                    book.tasks().stream().filter(each -> each.step() == step).toList();
            if (!of.isEmpty()) {
                all.add(new StepHours(
                        step,
                        of.stream().mapToDouble(WorkTask::planned).sum(),
                        of.stream().mapToDouble(WorkTask::worked).sum()));
            }
        }
        return all;
    }
}
