package oddcradle.files.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PageChoiceTest {
    @Test
    void runsAndSinglePages_inTheOrderTheyAreTyped() {
        assertThat(PageChoice.read("5, 1 - 3,2", 9)).containsExactly(5, 1, 2, 3);
        assertThat(PageChoice.read("  ", 3)).containsExactly(1, 2, 3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "4", "2-1", "1-4", "all", "1..2", "-1", "1,,2", "99999999999"})
    void whatIsNoPage_isRefusedWithWhatThereIs(String typed) {
        assertThatThrownBy(() -> PageChoice.read(typed, 3)).isInstanceOf(InvalidValue.class);
    }

    /** Whatever is typed, pages that there are or a complaint come of it. */
    @Property
    void anyText_givesPagesThatThereAre(@ForAll String typed, @ForAll @IntRange(min = 1, max = 40) int count) {
        try {
            List<Integer> pages = PageChoice.read(typed, count);
            assertThat(pages).isNotEmpty().doesNotHaveDuplicates().allMatch(page -> page >= 1 && page <= count);
        } catch (InvalidValue told) {
            assertThat(told.field()).isEqualTo("pages");
        }
    }
}
