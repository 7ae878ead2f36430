package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Hint;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SlidingRangesTest {
    private final LiveWorksheet live = Sheets.empty();

    @BeforeEach
    void priceList() {
        type(live, "A1", "Tea");
        type(live, "B1", "Price");
        type(live, "A2", "Fjord");
        type(live, "A3", "Mist");
        type(live, "A4", "Smoke");
        type(live, "B2", "7");
        type(live, "B3", "9");
        type(live, "B4", "8");
    }

    @ParameterizedTest(name = "{0} then {1}, then {2}: {3}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "=lookup(D2, A2:A4, B2:B4) | =lookup(D3, A3:A5, B3:B5) | =lookup(D4, A4:A6, B4:B6) | =lookup(D4, A$2:A$4, B$2:B$4)",
                "=vlookup(D2; A2:B4; 2; 0) | =vlookup(D3; A3:B5; 2; 0) | =vlookup(D4; A4:B6; 2; 0) | =vlookup(D4; A$2:B$4; 2; 0)",
                "=countif(B2:B4, \">7\")  | =countif(B3:B5, \">7\")   | =countif(B4:B6, \">7\")   | =countif(B$2:B$4, \">7\")",
                "=1                        | =lookup(D3, A3:A5, B3:B5) | =lookup(D4, A4:A6, B4:B6) | =lookup(D4, A$3:A$5, B$3:B$5)",
                // what stays, what is written by itself, and windows that are meant to move
                "=lookup(D2, A$2:A$4, B$2:B$4) | =lookup(D3, A$2:A$4, B$2:B$4) | =lookup(D4, A$2:A$4, B$2:B$4) | -",
                "=1                        | =2                        | =lookup(D4, A4:A6, B4:B6) | -",
                "=mean(B2:B4)              | =mean(B3:B5)              | =mean(B4:B6)              | -",
            })
    void aRangeThatHasSlidOffItsTableIsHintedAndMadeFixed(String first, String second, String third, String fixed) {
        type(live, "E2", first);
        type(live, "E3", second);
        type(live, "E4", third);
        assertThat(hints("E2")).isEmpty();
        assertThat(hints("E4")).isEqualTo(fixed == null ? List.of() : List.of(fixed));
    }

    @Test
    void aRangeThatStillEndsWithinItsTableIsNotHinted() {
        type(live, "A5", "Red");
        type(live, "E2", "=position(\"Mist\", A2:A4)");
        type(live, "E3", "=position(\"Mist\", A3:A5)");
        assertThat(hints("E3")).isEmpty();
    }

    private List<String> hints(String cell) {
        Stream<Hint> hints = live.explain("a", at(cell)).hints().stream();
        return hints.filter(hint -> hint.code().equals("sliding-range"))
                .map(Hint::replacement)
                .toList();
    }
}
