package oddcradle.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class SectionStockTest {
    @Test
    void stock_isSortedByMetal_andHoldsTheCommonInchSizes() {
        assertThat(SectionStock.tubes()).hasSizeGreaterThan(15).contains(new Tube(0.0254, 0.001651));
        double before = 0;
        for (Tube tube : SectionStock.tubes()) {
            assertThat(tube.area()).isGreaterThanOrEqualTo(before);
            before = tube.area();
        }
    }
}
