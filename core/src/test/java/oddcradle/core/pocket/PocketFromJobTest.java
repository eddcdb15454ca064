package oddcradle.core.pocket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.Carburettor;
import oddcradle.core.job.around.Shock;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.make.Part;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

/** The same questions of a job that has what they ask for. */
class PocketFromJobTest {
    private static final Job JOB = TestJobs.plain();

    private static PocketAnswer ask(Job job, Question question) {
        return Pocket.answer(question, Optional.of(Examination.of(job)), Map.of(), Progress.UNWATCHED);
    }

    private static String words(PocketAnswer answer) {
        return String.join(
                " ",
                answer.says().stream()
                        .map(each -> each.in(UnitStyle.MILLIMETRES))
                        .toList());
    }

    private static double figure(PocketAnswer answer, String name) {
        return answer.figures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .quantity()
                .si();
    }

    /** Four straps share the weight, the hook over it. */
    @Test
    void straps_carryTheWholeEngine() {
        PocketAnswer answer = ask(JOB, Question.STRAPS);
        assertThat(answer.figures()).hasSize(4);
        assertThat(words(answer)).contains("nobody under it");
    }

    @Test
    void frame_isStretchedByWhatTheBayLacks() {
        // The block is 0.3 m long and its pipe 0.34 m.
        Vec3 seat = JOB.seat().position();
        Job tight = JOB.withPlan(JOB.plan()
                .withNeighbours(List.of(new Neighbour.Bay(
                        "N1", "bay", seat.plus(new Vec3(-0.15, 0, 0)), seat.plus(new Vec3(0.1, 0, 0)), 0.02))));
        PocketAnswer answer = ask(tight, Question.STRETCH);
        assertThat(words(answer)).contains("bay: by", "chain gets longer", "wheelbase grows");
        assertThat(figure(answer, "bay: to spare")).isBetween(-0.2, -0.1);
        assertThatThrownBy(() -> ask(JOB, Question.STRETCH)).hasMessageContaining("bay");
    }

    @Test
    void bracket_isTriedBothFacesOn() {
        Vec3 boss = Examination.of(JOB).seating().boss("B1");
        String node = JOB.host().nodes().get(0).id();
        Vec3 node0 = Examination.of(JOB).seating().node(node);
        double apart = boss.distanceTo(node0);
        Bracket bracket = new Bracket(
                "T1",
                "bracket",
                Vec3.ZERO,
                Vec3.Y,
                new Vec3(apart, 0, 0),
                List.of(new Solid.Capsule(Vec3.ZERO, new Vec3(apart, 0, 0), 0.005)),
                "B1",
                node);
        Job with = JOB.withPlan(JOB.plan().withBrackets(List.of(bracket)));
        PocketAnswer answer = ask(with, Question.BRACKET);
        assertThat(words(answer)).startsWith("bracket: ");
        assertThat(figure(answer, "bracket: off")).isLessThan(apart);
    }

    /** Half of the air is half of the power; the jet goes with the fourth root. */
    @Test
    void jet_isToldFromTheCarburettorOfTheJob() {
        Carburettor carburettor = new Carburettor(0.001, 0, 288.15, 3000, 268.65, 0, Vec3.ZERO, 0.2, 0.01);
        Job job = JOB.withAround(Around.NOTHING.withCarburettor(Optional.of(carburettor)));
        PocketAnswer answer = ask(job, Question.JET);
        // ISA at 3000 m: density ratio 0.742, from memory.
        assertThat(figure(answer, "power there, over power then")).isCloseTo(0.742, within(0.001));
        assertThat(figure(answer, "jet")).isCloseTo(0.001 * Math.pow(0.742, 0.25), within(1e-6));
        PocketAnswer home = Pocket.answer(
                Question.JET, Optional.of(Examination.of(job)), Map.of("altitude", 0.0), Progress.UNWATCHED);
        assertThat(figure(home, "jet")).isCloseTo(0.001, within(1e-9));
    }

    @Test
    void shock_isToldFromTheJob() {
        Shock shock = new Shock(
                "S1",
                "strut",
                new Vec3(0, 0, 0.3),
                Vec3.Y,
                new Vec3(-0.5, 0, 0.3),
                new Vec3(-0.35, 0, 0.3),
                new Vec3(-0.25, 0, 0.65),
                0.05,
                0.05,
                0.28,
                0.45,
                0.0);
        PocketAnswer answer = ask(JOB.withAround(Around.NOTHING.withShocks(List.of(shock))), Question.SHOCK);
        assertThat(words(answer)).startsWith("strut: it does not bind");
        assertThat(figure(answer, "strut: longest")).isGreaterThan(figure(answer, "strut: shortest"));
    }

    @Test
    void whatIsLeft_namesPartsOfTheBookByTheirState() {
        Job job = JOB.withBook(Book.EMPTY.withPurchases(List.of(
                new Purchase("P1", "muffler {}", 1, 0, Part.State.TO_BUY, "", "", true),
                new Purchase("P2", "bolt for now", 4, 0, Part.State.TEMPORARY, "", "", true),
                new Purchase("P3", "hose", 1, 0, Part.State.FINAL, "", "", true))));
        PocketAnswer answer = ask(job, Question.LEFT);
        assertThat(words(answer))
                .contains("1 × muffler {}", "in only for now: 4 × bolt for now")
                .doesNotContain("hose");
        assertThat(figure(answer, "only for now")).isEqualTo(1);
    }

    @Test
    void drillAndEdge_areThoseOfTheMounts() {
        PocketAnswer drill = ask(JOB, Question.DRILL);
        assertThat(words(drill)).contains("1  ");
        assertThat(drill.figures()).hasSize(4).allMatch(each -> each.quantity().si() > 0);
        PocketAnswer edge = ask(JOB, Question.EDGE);
        assertThat(words(edge)).containsAnyOf("good", "no hole in a plate");
    }

    /** A slower engine shakes with less inertia: with the square of its speed. */
    @Test
    void solidForce_goesWithTheSquareOfTheSpeed() {
        double cruise = JOB.donor().engine().cruiseSpeed();
        Optional<Examination> open = Optional.of(Examination.of(JOB));
        String name = "bolted solid, inertia of the pistons";
        double full = figure(Pocket.answer(Question.SHAKES, open, Map.of("speed", cruise), Progress.UNWATCHED), name);
        double half =
                figure(Pocket.answer(Question.SHAKES, open, Map.of("speed", cruise / 2), Progress.UNWATCHED), name);
        assertThat(full / half).isCloseTo(4, within(0.2));
    }
}
