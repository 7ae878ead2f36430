package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AddressTest {
    @ParameterizedTest
    @CsvSource({"A1, 0, 0", "z9, 25, 8", "AA10, 26, 9", "ZZZ1000000, 18277, 999999"})
    void anAddressIsLettersAndANumber(String text, int column, int row) {
        assertThat(Address.parse(text)).contains(new Address(column, row));
        assertThat(new Address(column, row)).hasToString(text.toUpperCase(Locale.ROOT));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "A", "1", "A0", "AAAA1", "A1000001", "A-1", "A1 ", "Ä1", "A01"})
    void whatIsNoAddressIsNone(String text) {
        assertThat(Address.parse(text)).isEmpty();
    }

    @Test
    void everyColumnReadsBack() {
        for (int column = 0; column < Address.COLUMNS; column++) {
            assertThat(Address.columnOf(Address.letters(column))).isEqualTo(column);
        }
    }

    @ParameterizedTest
    @CsvSource({"B2:C9, B2:C9", "C9:B2, B2:C9", "B9:C2, B2:C9", "D4, D4", "D4:D4, D4"})
    void anAreaHasItsCornersInOrder(String text, String normal) {
        assertThat(Area.parse(text)).get().hasToString(normal);
    }

    @ParameterizedTest
    @CsvSource({"A1:B2, B2:C3, true", "A1:B2, C1:D2, false", "A1:B2, A3:B4, false", "A1:D9, B3, true"})
    void areasMeetWhereACellLiesInBoth(String one, String other, boolean meet) {
        Area a = Area.parse(one).orElseThrow();
        Area b = Area.parse(other).orElseThrow();
        assertThat(a.intersects(b)).isEqualTo(meet);
        assertThat(b.intersects(a)).isEqualTo(meet);
    }

    @Test
    void aPlaceOutsideEveryGridIsAMistakeOfTheProgrammer() {
        assertThatThrownBy(() -> new Address(-1, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("an address must lie in a grid, was column -1, row 0");
    }
}
