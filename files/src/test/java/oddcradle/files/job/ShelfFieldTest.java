package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Field;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

class ShelfFieldTest {
    private static final Job JOB = DemoJobs.SALTMARSH_RUNABOUT.load().job();

    private static ShelfRow row(Shelf shelf, String name) {
        return Shelves.SHIPPED.of(shelf).stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Field.FromShelf field(Job job, String card, String name) {
        Card of = Cards.of(job).stream()
                .filter(each -> each.kind().equals(card))
                .findFirst()
                .orElseThrow();
        return of.fields().stream()
                .filter(each -> each.name().equals(name))
                .map(Field.FromShelf.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private static Stage.Chain chain(Job job) {
        return job.line().stages().stream()
                .filter(Stage.Chain.class::isInstance)
                .map(Stage.Chain.class::cast)
                .findFirst()
                .orElseThrow();
    }

    /** A sprocket of another pitch would be climbed by the chain: common practice. */
    @Test
    void sprocket_mustHaveThePitchOfItsChain() {
        Job set = field(JOB, "roller chain", "roller chains").put().apply(row(Shelf.CHAINS, "10A-1 (50)"));
        Job taken = field(set, "roller chain", "driven sprocket")
                .put()
                .apply(row(Shelf.SPROCKETS, "10A (50), 520 and 530, 42 teeth"));
        assertThat(chain(taken).drivenTeeth()).isEqualTo(42);
        assertThat(chain(taken).driverTeeth()).isEqualTo(chain(JOB).driverTeeth());
        Field.FromShelf driving = field(set, "roller chain", "driving sprocket");
        assertThatThrownBy(() -> driving.put().apply(row(Shelf.SPROCKETS, "08B, 17 teeth")))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("12.700")
                .hasMessageContaining("15.875");
    }

    @Test
    void splineAndPlate_areTaken() {
        Job splined = field(JOB, "output shaft", "splines")
                .put()
                .apply(row(Shelf.SPLINES, "1 3/8 in, 6 splines, power take-off"));
        assertThat(splined.donor().output().form()).isEqualTo(OutputForm.SPLINE);
        assertThat(splined.donor().output().shaft().diameter()).isEqualTo(0.03479);
        Job stocked = field(JOB, "shop", "plates").put().apply(row(Shelf.PLATES, "plate 15 mm"));
        assertThat(stocked.build().shop().plates()).contains(0.015).isSorted();
    }
}
