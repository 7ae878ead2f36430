package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Money that was calculated has the places of its currency (language, section 7). */
class CalculatedMoneyTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "20 EUR/3     | ≈ 6.67 EUR",
                "12.50 EUR*3  | 37.50 EUR",
                "200 JPY/3    | ≈ 67 JPY",
                "20 EUR/(3 kg) | 6.666666667 EUR/kg", // no amount of money
                "20 kg/3      | 6.666666667 kg",
                "1/3          | 0.3333333333",
            })
    void inTheAutomaticStyle(String expression, String shown) {
        Value value = new Calculator(Patient.LIMITS)
                .calculate(expression, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        assertThat(Display.AUTOMATIC.calculated(value).text(value)).isEqualTo(shown);
        assertThat(Display.AUTOMATIC.withComma().calculated(value).text(value)).isEqualTo(shown.replace('.', ','));
        assertThat(Display.AUTOMATIC.calculated(value).unsigned().text(value)).isEqualTo(shown.replace("≈ ", ""));
        Display chosen = Display.in("fixed 1", UnitCatalogue.STANDARD);
        assertThat(chosen.calculated(value)).isSameAs(chosen);
    }
}
