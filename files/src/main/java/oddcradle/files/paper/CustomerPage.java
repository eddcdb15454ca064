package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.book.Money;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.book.WorkTask;
import oddcradle.core.keeping.EveningPlan;
import oddcradle.core.keeping.MoneySum;
import oddcradle.core.units.UnitStyle;

/** A page for the customer: what is done, what is left and till when, money asked and paid. Suppliers, single prices and findings stay in the shop. */
public final class CustomerPage {
    private CustomerPage() {}

    /** The PDF's bytes. */
    public static byte[] of(Examination examination, UnitStyle style, PaperSize paper, String today)
            throws IOException {
        Job job = examination.job();
        try (Book book =
                new Book(job.name(), paper, style, job.build().shop().tools().printed())) {
            Money money = job.book().money();
            String whose = money.customer().isEmpty() ? "" : "For " + money.customer() + ", " + today + ". ";
            TablePages.add(
                    book,
                    "How the work stands",
                    whose + money.note(),
                    List.of(work(job, today), parts(job), money(MoneySum.of(examination))));
            return book.bytes();
        }
    }

    private static TablePages.Table work(Job job, String today) {
        EveningPlan plan = EveningPlan.of(job.book(), today);
        List<List<String>> rows = new ArrayList<>();
        for (WorkTask task : job.book().tasks()) {
            rows.add(List.of(
                    task.label(),
                    task.done()
                            ? "done"
                            : plan.ends(task.id())
                                    .map(day -> "planned till " + day)
                                    .orElse("waits for parts")));
        }
        return new TablePages.Table(
                "Work", List.of(new TablePages.Column("what", 4), new TablePages.Column("state", 2)), rows);
    }

    private static TablePages.Table parts(Job job) {
        List<List<String>> rows = new ArrayList<>();
        for (Purchase part : job.book().purchases()) {
            if (part.shown()) {
                rows.add(List.of(
                        part.count() + " × " + part.label(),
                        part.state().word(),
                        part.arrived() || part.due().isEmpty() ? "" : "expected " + part.due()));
            }
        }
        return new TablePages.Table(
                "Parts",
                List.of(
                        new TablePages.Column("what", 4),
                        new TablePages.Column("state", 2),
                        new TablePages.Column("", 2)),
                rows);
    }

    private static TablePages.Table money(MoneySum sum) {
        List<List<String>> rows = new ArrayList<>();
        if (sum.budget() > 0) {
            rows.add(List.of("budget", plain(sum.budget())));
        }
        rows.add(List.of("parts and work so far", plain(sum.spent() + sum.workSpent())));
        rows.add(List.of("parts and work to come, as planned", plain(sum.toCome() + sum.workToCome())));
        rows.add(List.of("paid", plain(sum.paid())));
        return new TablePages.Table(
                "Money", List.of(new TablePages.Column("", 4), new TablePages.Column("in the shop's money", 2)), rows);
    }

    private static String plain(double amount) {
        return String.format(Locale.ROOT, "%,.0f", amount).replace(',', ' ');
    }
}
