package oddcradle.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScrewThreadTest {
    /** Across flats: ISO 4014 and ASME B18.2.1, from memory. */
    @ParameterizedTest
    @CsvSource({
        "M6, 10 mm",
        "M8, 13 mm",
        "M8x1, 13 mm",
        "M10, 16 mm",
        "M12, 18 mm",
        "M16, 24 mm",
        "1/4-28, 7/16 in",
        "5/16-24, 1/2 in",
        "3/8-24, 9/16 in",
        "7/16-20, 5/8 in",
        "1/2-20, 3/4 in"
    })
    void spanner_isTheStandards(String thread, String spanner) {
        assertThat(ScrewThread.of("thread", thread).spanner()).isEqualTo(spanner);
    }

    /** Whoever buys metric bolts needs no inch spanner. */
    @Test
    void everyThread_hasASpannerOfItsOwnSystem() {
        assertThat(ScrewThread.all()).isNotEmpty().allSatisfy(thread -> assertThat(thread.spanner())
                .endsWith(thread.inch() ? " in" : " mm"));
    }
}
