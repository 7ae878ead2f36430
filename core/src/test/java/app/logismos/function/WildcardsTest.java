package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WildcardsTest {
    @ParameterizedTest
    @CsvSource({
        "leaf, LEAF, true",
        "leaf, leaflet, false",
        "leaf*, Leaflet, true",
        "*leaf, tea leaf, true",
        "*leaf, leaflet, false",
        "l?af, leaf, true",
        "l?af, laf, false",
        "a*b*c, axxbyyc, true",
        "a*b*c, axxcyyb, false",
        "a*a, a, false",
        "a*a, aa, true",
        "*, '', true",
        "?, '', false",
        "~*, *, true",
        "~*, x, false",
        "what~?, What?, true",
        "a~b, a~b, true",
        "gr*, GRÜN, true",
        "*ü*, GRÜN, true",
    })
    void aTextIsLikeAPattern(String pattern, String text, boolean is) {
        assertThat(Wildcards.of(pattern).fit(text)).isEqualTo(is);
    }

    @ParameterizedTest
    @CsvSource({
        "a, banana, 2, 3",
        "n*a, banana, 0, 2",
        "x, banana, 0, -1",
        "b?n, cabin, 0, 2",
        "*n, banana, 1, 1",
        "'', '', 0, 0"
    })
    void aPartIsFoundAtTheFirstPlaceThatHasIt(String pattern, String text, int from, int place) {
        OptionalInt found = Wildcards.of(pattern).find(text, from);
        assertThat(found.orElse(-1)).isEqualTo(place);
    }

    @Test
    void manyStarsOnALongTextTakeNoLongTime() {
        String text = "a".repeat(50_000);
        assertThat(Wildcards.of("*a".repeat(40) + "*b").fit(text)).isFalse();
        assertThat(Wildcards.of("a*".repeat(40) + "b").find(text, 0)).isEmpty();
    }
}
