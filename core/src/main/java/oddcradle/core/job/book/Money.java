package oddcradle.core.job.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.job.fit.Dates;
import oddcradle.core.math.Guard;

/**
 * What a customer gives and pays.
 *
 * @param customer in the shop's words; empty where the machine is the shop's own
 * @param budget in the shop's money; 0 where there is none
 * @param hourPrice that an hour of work is charged with; 0 where it is not
 * @param payments that came
 * @param note that the customer's page bears
 */
@RecordBuilder
public record Money(String customer, double budget, double hourPrice, List<Payment> payments, String note)
        implements MoneyBuilder.With {
    private static final double MOST = 1e7;
    private static final int MOST_PAYMENTS = 500;

    public static final Money NONE = new Money("", 0, 0, List.of(), "");

    /** Money that came. */
    @RecordBuilder
    public record Payment(String date, double amount) implements MoneyPaymentBuilder.With {
        public Payment {
            date = Dates.required("date", date);
            Guard.within("amount", amount, -MOST, MOST, "");
        }
    }

    public Money {
        customer = customer == null ? "" : customer;
        Guard.within("budget", budget, 0, MOST, "");
        Guard.within("hourPrice", hourPrice, 0, MOST, "");
        payments = payments == null ? List.of() : List.copyOf(payments);
        Guard.within("payments", payments.size(), 0, MOST_PAYMENTS, "payments");
        note = note == null ? "" : note;
    }

    /** In the shop's money. */
    public double paid() {
        return payments.stream().mapToDouble(Payment::amount).sum();
    }
}
