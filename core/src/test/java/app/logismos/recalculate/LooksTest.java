package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.sheet.Edit;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LooksTest {
    private final LiveWorksheet live = Sheets.empty();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3.50 | 3.50",
                "5% | 5 %",
                "5.0 % | 5.0 %",
                "12.50 EUR | 12.50 EUR",
                "€ 12.5 | 12.5 EUR",
                "2.50 kg | 2.50 kg",
                "12 500 | 12500",
                "-0.10 | -0.10",
                "(45.20) | -45.20",
                "3/4 | 3/4",
                "2 3/4 | 2 3/4",
                "2√3 | 2√3",
                "1/2 + √5/2 | 1/2 + √5/2",
                "3π/4 | 3π/4",
                "3.14159265358979 | 3.14159265358979",
                "1e-9 | 1e-9",
                "5e3 | 5000",
                "1234567890123456 | 1234567890123456",
                "007 | 007",
                "1 Dec 2026 | 2026-12-01",
            })
    void aTypedNumberShowsTheDigitsAsTyped(String entry, String shown) {
        enter("A1", entry);
        assertThat(shown("A1")).isEqualTo(shown);
    }

    /** A1 to A3 are 3.50, 1.25 and 2.00; B1 and B2 are 5% and 7.5%; C1 and C2 are 4 and 5; D1 is 2.5. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=A1+A1 | 7.00",
                "=A1-A2 | 2.25",
                "=-A1 | -3.50",
                "=sum(A1:A3) | 6.75",
                "=sum(shown(A1:A3)) | 6.75",
                "=max(A1, A2) | 3.50",
                "=(A1+A3) | 5.50",
                "=mean(A1, A2) | ≈ 2.38", // two places drop a digit of 2.375
                "=A1*2 | 7", // no sum
                "=A1+1.50 | 5", // a number that is written in the formula
                "=A1+D1 | 6", // unlike places
                "=A1+C1 | 7.5",
                "=B1 | 5 %",
                "=B1+B2 | 12.5 %",
                "=mean(B1, B2) | 6.25 %",
                "=A1+B1 | 3.55",
                "=mean(C1:C2) | 4.5", // whole numbers are no number of places
                "=sum(A1:A9) | 6.75", // empty cells do not count
                "=12.50 EUR*3 | 37.50 EUR",
                "=20 EUR/3 | ≈ 6.67 EUR",
                "=200 JPY/3 | ≈ 67 JPY",
                "=20 EUR/(3 kg) | 6.666666667 EUR/kg", // no amount of money
                "=1/3 | 0.3333333333",
            })
    void aFormulaOfSumsAndMeansIsShownAsItsCellsAre(String formula, String shown) {
        Stream.of("A1|3.50", "A2|1.25", "A3|2.00", "B1|5%", "B2|7.5%", "C1|4", "C2|5", "D1|2.5")
                .map(cell -> cell.split("\\|"))
                .forEach(cell -> enter(cell[0], cell[1]));
        enter("F1", formula);
        assertThat(shown("F1")).isEqualTo(shown);
    }

    @Test
    void aChainOfSumsIsShownAsItsFirstCellHoweverLong() {
        enter("A1", "0.50");
        for (int row = 2; row <= 200; row++) {
            enter("A" + row, "=A" + (row - 1) + "+A1");
        }
        assertThat(shown("A200")).isEqualTo("100.00");
        enter("A1", "50%");
        assertThat(shown("A200")).isEqualTo("10000 %");
    }

    @Test
    void aStyleThatWasChosenGoesBeforeTheLook() {
        enter("A1", "3.50");
        live.apply(List.of(new Edit.ChangeBlock(live.grid("a").orElseThrow().withStyles(Map.of("A1", "fixed 1")))));
        enter("A2", "=A1+A1");
        assertThat(shown("A1")).isEqualTo("3.5");
        assertThat(shown("A2")).isEqualTo("7.0");
    }

    private void enter(String cell, String text) {
        type(live, cell, text);
    }

    private String shown(String cell) {
        return live.display("a", at(cell)).text(live.value("a", at(cell)));
    }
}
