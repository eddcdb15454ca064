package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.plus;
import static oddcradle.core.card.Listed.with;
import static oddcradle.core.card.Listed.without;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.finding.Step;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.DonorDeal;
import oddcradle.core.job.book.Evenings;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.book.Money;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.book.WorkTask;
import oddcradle.core.job.make.Part;
import oddcradle.core.units.Kind;

/** The cards of the book: log, parts, money, time. */
final class BookCards {
    private static final String FIRST_DAY = "2026-01-01";

    private final Job job;
    private final Book book;
    private final List<Card> cards = new ArrayList<>();

    private BookCards(Job job) {
        this.job = job;
        this.book = job.book();
    }

    static List<Card> of(Job job) {
        return new BookCards(job).all();
    }

    private List<Card> all() {
        each(
                "log",
                book.log(),
                Book::withLog,
                each -> each.date() + " " + each.work().word(),
                BookCards::entry);
        each("part to buy", book.purchases(), Book::withPurchases, Purchase::label, BookCards::purchase);
        each("work", book.tasks(), Book::withTasks, WorkTask::label, this::task);
        one("money", money(new FieldsOf<>(book.money(), other -> put(book.withMoney(other)))), payments());
        one("evenings", evenings(new FieldsOf<>(book.evenings(), other -> put(book.withEvenings(other)))), List.of());
        one(
                "whole donor or bare engine",
                deal(new FieldsOf<>(book.deal(), other -> put(book.withDeal(other)))),
                sales());
        return cards;
    }

    private Job put(Book other) {
        return job.withBook(other);
    }

    private void one(String kind, FieldsOf<?> fields, List<Deed> deeds) {
        cards.add(new Card(Step.RUN, kind, "", "", fields.list(), deeds));
    }

    private <T> void each(
            String kind,
            List<T> all,
            BiFunction<Book, List<T>, Book> withAll,
            Function<T, String> label,
            Function<FieldsOf<T>, FieldsOf<T>> fields) {
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            FieldsOf<T> of = new FieldsOf<>(all.get(k), other -> put(withAll.apply(book, with(all, at, other))));
            cards.add(new Card(
                    Step.RUN,
                    kind,
                    Listed.number(k),
                    label.apply(all.get(k)),
                    fields.apply(of).list(),
                    List.of(Deed.simplyAway(() -> put(withAll.apply(book, without(all, at)))))));
        }
    }

    private static FieldsOf<LogEntry> entry(FieldsOf<LogEntry> of) {
        FieldsOf<LogEntry> fields = of.words("day", LogEntry::date, LogEntry::withDate)
                .one("what", LogEntry.Work.values(), LogEntry.Work::word, LogEntry::work, LogEntry::withWork)
                .measure("hours since it went in", Kind.DURATION, LogEntry::hours, LogEntry::withHours)
                .count("starts", LogEntry::starts, LogEntry::withStarts)
                .measure("distance", Kind.DISTANCE, LogEntry::distance, LogEntry::withDistance)
                .words("where", LogEntry::place, LogEntry::withPlace)
                .words("found", LogEntry::found, LogEntry::withFound)
                .words("changed", LogEntry::changed, LogEntry::withChanged);
        Kind kind = of.value().work().measures().orElse(Kind.RATIO);
        return fields.measure("measured, 0 for nothing", kind, LogEntry::value, LogEntry::withValue)
                .words("photo beside the job", LogEntry::photo, LogEntry::withPhoto);
    }

    private static FieldsOf<Purchase> purchase(FieldsOf<Purchase> of) {
        return of.words("mark", Purchase::id, Purchase::withId)
                .words("what", Purchase::label, Purchase::withLabel)
                .count("how many", Purchase::count, Purchase::withCount)
                .measure("price of each", Kind.COUNT, Purchase::price, Purchase::withPrice)
                .one("is", Part.State.values(), Part.State::word, Purchase::state, Purchase::withState)
                .words("from", Purchase::supplier, Purchase::withSupplier)
                .words("expected on", Purchase::due, Purchase::withDue)
                .yes("on the customer's page", Purchase::shown, Purchase::withShown);
    }

    private FieldsOf<WorkTask> task(FieldsOf<WorkTask> of) {
        return of.words("mark", WorkTask::id, WorkTask::withId)
                .words("what", WorkTask::label, WorkTask::withLabel)
                .one("belongs to", Step.values(), Step::title, WorkTask::step, WorkTask::withStep)
                .measure("planned", Kind.DURATION, WorkTask::planned, WorkTask::withPlanned)
                .measure("worked", Kind.DURATION, WorkTask::worked, WorkTask::withWorked)
                .yes("done", WorkTask::done, WorkTask::withDone)
                .several("waits for", waitedFor(of.value()), WorkTask::needs, WorkTask::withNeeds);
    }

    /** Parts to buy, and all other work. */
    private List<Named> waitedFor(WorkTask task) {
        List<Named> all = new ArrayList<>(named(book.purchases(), Purchase::id, Purchase::label));
        all.addAll(named(book.tasks().stream().filter(each -> each != task).toList(), WorkTask::id, WorkTask::label));
        return all;
    }

    private static FieldsOf<Money> money(FieldsOf<Money> of) {
        return of.words("customer", Money::customer, Money::withCustomer)
                .measure("budget, 0 for none", Kind.COUNT, Money::budget, Money::withBudget)
                .measure("price of an hour", Kind.COUNT, Money::hourPrice, Money::withHourPrice)
                .words("note for the customer", Money::note, Money::withNote)
                .each(Money::payments, Money::withPayments, (payment, at) -> payment.words(
                                "payment " + (at + 1) + ": day", Money.Payment::date, Money.Payment::withDate)
                        .measure(
                                "payment " + (at + 1) + ": amount",
                                Kind.COUNT,
                                Money.Payment::amount,
                                Money.Payment::withAmount));
    }

    private List<Deed> payments() {
        Money money = book.money();
        List<Deed> deeds = new ArrayList<>();
        String day = money.payments().isEmpty()
                ? FIRST_DAY
                : money.payments().get(money.payments().size() - 1).date();
        deeds.add(Deed.of(
                "A payment",
                () -> put(book.withMoney(money.withPayments(plus(money.payments(), new Money.Payment(day, 0)))))));
        if (!money.payments().isEmpty()) {
            deeds.add(Deed.of(
                    "The last payment away",
                    () -> put(book.withMoney(money.withPayments(
                            without(money.payments(), money.payments().size() - 1))))));
        }
        return deeds;
    }

    private static FieldsOf<Evenings> evenings(FieldsOf<Evenings> of) {
        return of.words("from", Evenings::from, Evenings::withFrom)
                .measure("Monday", Kind.DURATION, Evenings::monday, Evenings::withMonday)
                .measure("Tuesday", Kind.DURATION, Evenings::tuesday, Evenings::withTuesday)
                .measure("Wednesday", Kind.DURATION, Evenings::wednesday, Evenings::withWednesday)
                .measure("Thursday", Kind.DURATION, Evenings::thursday, Evenings::withThursday)
                .measure("Friday", Kind.DURATION, Evenings::friday, Evenings::withFriday)
                .measure("Saturday", Kind.DURATION, Evenings::saturday, Evenings::withSaturday)
                .measure("Sunday", Kind.DURATION, Evenings::sunday, Evenings::withSunday);
    }

    private static FieldsOf<DonorDeal> deal(FieldsOf<DonorDeal> of) {
        return of.measure("whole donor", Kind.COUNT, DonorDeal::whole, DonorDeal::withWhole)
                .measure("bare engine", Kind.COUNT, DonorDeal::bare, DonorDeal::withBare)
                .measure("what the bare one lacks", Kind.COUNT, DonorDeal::missing, DonorDeal::withMissing)
                .each(DonorDeal::sells, DonorDeal::withSells, (sale, at) -> sale.words(
                                "sale " + (at + 1) + ": what", DonorDeal.Sale::label, DonorDeal.Sale::withLabel)
                        .measure(
                                "sale " + (at + 1) + ": price",
                                Kind.COUNT,
                                DonorDeal.Sale::price,
                                DonorDeal.Sale::withPrice)
                        .yes("sale " + (at + 1) + ": sold", DonorDeal.Sale::sold, DonorDeal.Sale::withSold));
    }

    private List<Deed> sales() {
        DonorDeal deal = book.deal();
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of(
                "A part to sell",
                () -> put(book.withDeal(deal.withSells(plus(deal.sells(), new DonorDeal.Sale("part", 0, false)))))));
        if (!deal.sells().isEmpty()) {
            deeds.add(Deed.of(
                    "The last part to sell away",
                    () -> put(book.withDeal(
                            deal.withSells(without(deal.sells(), deal.sells().size() - 1))))));
        }
        return deeds;
    }

    /** What can be added to the book. */
    static List<Deed> additions(Job job) {
        Book book = job.book();
        List<Deed> deeds = new ArrayList<>();
        Optional<LogEntry> last = book.last();
        deeds.add(Deed.of(
                "A line of the log",
                () -> job.withBook(book.noted(new LogEntry(
                        last.map(LogEntry::date).orElse(FIRST_DAY),
                        last.map(LogEntry::hours).orElse(0.0),
                        last.map(LogEntry::starts).orElse(0),
                        last.map(LogEntry::distance).orElse(0.0),
                        LogEntry.Work.RUN,
                        "",
                        "",
                        "",
                        0,
                        "")))));
        deeds.add(Deed.of(
                "A part to buy",
                () -> job.withBook(book.withPurchases(plus(
                        book.purchases(),
                        new Purchase(
                                FreeMark.of(
                                        "P",
                                        book.purchases().stream()
                                                .map(Purchase::id)
                                                .toList()),
                                "part",
                                1,
                                0,
                                Part.State.TO_BUY,
                                "",
                                "",
                                true))))));
        deeds.add(Deed.of(
                "A piece of work",
                () -> job.withBook(book.withTasks(plus(
                        book.tasks(),
                        new WorkTask(
                                FreeMark.of(
                                        "T",
                                        book.tasks().stream().map(WorkTask::id).toList()),
                                "work",
                                Step.MAKE,
                                7200,
                                0,
                                false,
                                List.of()))))));
        return deeds;
    }
}
