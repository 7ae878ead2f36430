package app.logismos.act;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.unit.UnitCatalogue;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PatternTest {
    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "5 | 5; 5; 5", // one number shows no step
                "2; 5 | 8; 11; 14",
                "10; 7.5 | 5.0; 2.5; 0.0", // with the places that are there
                "0.1; 0.2 | 0.3; 0.4; 0.5", // exact
                "1/3; 2/3 | 1; 4/3; 5/3",
                "1; 2; 4 | 8; 16; 32",
                "81; 27; 9 | 3; 1; 1/3",
                "1; 2; 5 | 1; 2; 5", // neither even nor growing: repeated
                "5%; 10% | 15%; 20%; 25%",
                "5 %; 10 % | 15 %; 20 %; 25 %",
                "0.5 kg; 1 kg | 1.5 kg; 2.0 kg; 2.5 kg",
                "1 kg; 500 g | 1 kg; 500 g; 1 kg", // unlike units show no pattern
                "1; 2 kg | 1; 2 kg; 1",
                "2027-01-31 | 2027-02-01; 2027-02-02; 2027-02-03",
                "2027-01-01; 2027-01-08 | 2027-01-15; 2027-01-22; 2027-01-29",
                "2027-01-15; 2027-02-15 | 2027-03-15; 2027-04-15; 2027-05-15",
                "2024-02-29; 2025-02-28 | 2026-02-28; 2027-02-28; 2028-02-28",
                "2027-01-01; 2027-01-02; 2027-01-09 | 2027-01-01; 2027-01-02; 2027-01-09",
                "Mon | Tue; Wed; Thu",
                "Saturday; Sunday | Monday; Tuesday; Wednesday",
                "jan; mar | may; jul; sep",
                "OCT | NOV; DEC; JAN",
                "Mon; Tue; Thu | Mon; Tue; Thu",
                "Lot 1 | Lot 2; Lot 3; Lot 4",
                "Lot 08; Lot 10 | Lot 12; Lot 14; Lot 16",
                "Lot 1; Tin 2 | Lot 1; Tin 2; Lot 1",
                "River; Harbour | River; Harbour; River",
            })
    void goesOn(String entries, String next) {
        assertThat(Pattern.of(list(entries), UnitCatalogue.STANDARD).next(3)).isEqualTo(list(next));
    }

    @Test
    void aLongContinuationStaysExact() {
        assertThat(Pattern.of(List.of("0", "0.1"), UnitCatalogue.STANDARD)
                        .next(9_999)
                        .get(9_998))
                .isEqualTo("1000.0");
    }

    private static List<String> list(String text) {
        return Arrays.stream(text.split("; ")).map(String::strip).toList();
    }
}
