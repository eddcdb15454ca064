package oddcradle.desktop.task;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class LongWorkTest {
    private final Deque<Runnable> background = new ArrayDeque<>();
    private final Deque<Runnable> ui = new ArrayDeque<>();
    private final LongWork work = new LongWork(background::add, ui::add);
    private final List<String> said = new ArrayList<>();

    private void runAll() {
        while (!background.isEmpty() || !ui.isEmpty()) {
            (ui.isEmpty() ? background : ui).remove().run();
        }
    }

    private void start(String name) {
        work.start(
                name,
                progress -> {
                    progress.report(0.5);
                    return name + " done";
                },
                said::add,
                said::add);
    }

    @Test
    void result_comesBackOnTheInterface_withProgressOnTheWay() {
        start("searching");
        assertThat(work.whatProperty().get()).isEqualTo("searching");
        assertThat(said).isEmpty();
        background.remove().run();
        ui.remove().run();
        assertThat(work.shareProperty().get()).isEqualTo(0.5);
        runAll();
        assertThat(said).containsExactly("searching done");
        assertThat(work.whatProperty().get()).isEmpty();
    }

    @Test
    void ended_comesToAWordThatSaysSo() {
        start("searching");
        work.end();
        runAll();
        assertThat(said).hasSize(1);
        assertThat(said.get(0)).startsWith("Ended before it was done");
        assertThat(work.whatProperty().get()).isEmpty();
    }

    @Test
    void newerWork_endsTheOlder() {
        start("first");
        start("second");
        runAll();
        assertThat(said).hasSize(2).last().isEqualTo("second done");
    }

    @Test
    void refusalsAndAccidents_areToldPlainly() {
        work.start("a", progress -> Integer.parseInt("x"), value -> said.add("never"), said::add);
        runAll();
        work.start(
                "b",
                progress -> {
                    throw new InvalidValue("room", "is -1 m, must be 0 or more");
                },
                value -> said.add("never"),
                said::add);
        runAll();
        assertThat(said.get(0)).startsWith("it could not be worked out");
        assertThat(said.get(1)).contains("room is -1 m, must be 0 or more");
    }
}
