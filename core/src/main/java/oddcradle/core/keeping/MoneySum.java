package oddcradle.core.keeping;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.make.Part;
import oddcradle.core.job.run.Book;
import oddcradle.core.job.run.Purchase;
import oddcradle.core.job.run.WorkTask;

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
        int unpriced,
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

    public static MoneySum of(Job job) {
        Book book = job.book();
        double spent = 0;
        double toCome = 0;
        int unpriced = 0;
        for (Purchase each : book.purchases()) {
            spent += each.isBought() ? each.cost() : 0;
            toCome += each.isBought() ? 0 : each.cost();
            unpriced += !each.isBought() && each.price() == 0 ? 1 : 0;
        }
        for (Part each : job.build().parts()) {
            boolean bought = each.state() != Part.State.TO_BUY;
            spent += bought ? each.price() : 0;
            toCome += bought ? 0 : each.price();
            unpriced += !bought && each.price() == 0 ? 1 : 0;
        }
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
