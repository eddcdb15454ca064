package oddcradle.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.job.make.PlateStock;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.make.Stores;
import oddcradle.core.joint.Outline;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.workshop.PlatePlan.CutSheet;
import org.junit.jupiter.api.Test;

class PlatePlanTest {
    private static final double KERF = 0.002;

    private static PlatePart square(String mark, int count, double side, double thickness) {
        return new PlatePart(mark, "seat", count, thickness, "steel", Outline.seat(side, 0.01));
    }

    private static Shop rack(PlateStock... plates) {
        return Shop.USUAL.withStores(new Stores(List.of(), List.of(plates)));
    }

    private static List<String> ids(PlatePlan plan) {
        List<String> ids = new ArrayList<>();
        plan.sheets().forEach(sheet -> sheet.places().forEach(place -> ids.add(place.id())));
        return ids;
    }

    @Test
    void everyPiece_isCutOnce_andThicknessesAreNotMixed() {
        PlatePlan plan =
                PlatePlan.of(List.of(square("A", 4, 0.06, 0.003), square("B", 1, 0.08, 0.005)), KERF, Shop.USUAL);
        assertThat(ids(plan)).containsExactlyInAnyOrder("A 1", "A 2", "A 3", "A 4", "B");
        assertThat(plan.sheets())
                .hasSize(2)
                .allSatisfy(sheet -> assertThat(sheet.stock().count()).isZero());
        assertThat(plan.sheets().get(0).stock().thickness()).isEqualTo(0.003);
    }

    @Test
    void smallOffCut_goesFirst_andTheRestIsBought() {
        PlateStock offCut = new PlateStock("scrap box", 0.003, 0.13, 0.065, 1, 0);
        PlateStock sheet = new PlateStock("sheet", 0.003, 1, 0.5, 0, 20);
        PlatePlan plan = PlatePlan.of(List.of(square("A", 4, 0.06, 0.003)), KERF, rack(sheet, offCut));
        assertThat(plan.sheets()).extracting(each -> each.stock().mark()).containsExactly("scrap box", "sheet");
        assertThat(plan.sheets().get(0).places()).hasSize(2);
        assertThat(ids(plan)).hasSize(4).doesNotHaveDuplicates();
    }

    @Test
    void manyPieces_takeAsManySheetsAsTheyNeed() {
        PlateStock sheet = new PlateStock("sheet", 0.003, 0.2, 0.1, 0, 5);
        PlatePlan plan = PlatePlan.of(List.of(square("A", 13, 0.09, 0.003)), KERF, rack(sheet));
        assertThat(plan.sheets()).hasSize(7);
        assertThat(ids(plan)).hasSize(13).doesNotHaveDuplicates();
        assertThat(plan.sheets()).extracting(CutSheet::stock).containsOnly(sheet);
    }

    @Test
    void pieceThatGoesOnNoSheet_isNamed() {
        PlateStock sheet = new PlateStock("sheet", 0.003, 0.2, 0.1, 0, 5);
        assertThatThrownBy(() -> PlatePlan.of(List.of(square("big", 1, 0.15, 0.003)), KERF, rack(sheet)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("big is 150 x 150 mm");
    }
}
