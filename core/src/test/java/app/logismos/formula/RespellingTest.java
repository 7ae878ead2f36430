package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Words;
import app.logismos.formula.Expression.CellReference;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RespellingTest {
    @Test
    void onlyTheNodesThatAreSpelledOtherwiseChangeAndSpacesStay() {
        String text = "=  A1 + B2*( A1 -  3 )";
        Expression expression =
                ((Parser.Outcome.Parsed) Parser.parse(text, 1, Address.FIRST, Words.STANDARD)).expression();
        String respelled = Respelling.of(
                text,
                expression,
                node -> node instanceof CellReference cell
                                && cell.span().in(text).equals("A1")
                        ? Optional.of("$ZZ$99")
                        : Optional.empty());
        assertThat(respelled).isEqualTo("=  $ZZ$99 + B2*( $ZZ$99 -  3 )");
    }

    @ParameterizedTest
    @CsvSource({
        "B2:D5, B2, true",
        "B2:D5, D5, true",
        "B2:D5, C3, true",
        "B2:D5, A3, false",
        "B2:D5, E3, false",
        "B2:D5, C1, false",
        "B2:D5, C6, false"
    })
    void anAreaHoldsItsCornersAndWhatLiesBetween(String area, String cell, boolean holds) {
        assertThat(Area.parse(area).orElseThrow().contains(Address.parse(cell).orElseThrow()))
                .isEqualTo(holds);
    }

    @ParameterizedTest
    @CsvSource({"B2, 1, 1, 1", "B2:D5, 4, 3, 12", "D5:B2, 4, 3, 12"})
    void anAreaCountsItsCells(String text, int rows, int columns, int size) {
        Area area = Area.parse(text).orElseThrow();
        assertThat(area.rows()).isEqualTo(rows);
        assertThat(area.columns()).isEqualTo(columns);
        assertThat(area.size()).isEqualTo(size);
    }
}
