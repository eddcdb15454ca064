package oddcradle.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class TubeStockTest {
    @Test
    void stock_isSortedByMetal_andHoldsTheCommonInchSizes() {
        assertThat(TubeStock.lightestFirst()).hasSizeGreaterThan(15).contains(new Tube(0.0254, 0.001651));
        double before = 0;
        for (Tube tube : TubeStock.lightestFirst()) {
            assertThat(tube.area()).isGreaterThanOrEqualTo(before);
            before = tube.area();
        }
    }
}
