package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.number.Real;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.MathContext;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Functions within 2 units in the last place of a double, against values to 50 digits. */
class FiftyDigitsTest {
    private static final BigDecimal MOST = BigDecimal.valueOf(2);

    @ParameterizedTest(name = "{0}({1})")
    @CsvFileSource(resources = "fifty-digits.csv", numLinesToSkip = 2)
    void theLastDigitsOfADoubleAreRight(String function, String x, String value) {
        isRight(function + "(" + x + ")", value);
    }

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "special-digits.csv", numLinesToSkip = 2, delimiter = ';')
    void theLastDigitsAreRightFarOutAndNearZerosToo(String expression, String value) {
        isRight(expression, value);
    }

    private static void isRight(String expression, String value) {
        BigDecimal exact = new BigDecimal(value);
        Value answer = new Calculator(Patient.LIMITS)
                .calculate("=" + expression, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        Real number = answer instanceof Quantity angle ? angle.number() : ((NumberValue) answer).real();
        double got = number.toDouble();
        BigDecimal ulp = new BigDecimal(Math.ulp(exact.doubleValue()));
        BigDecimal off = new BigDecimal(got).subtract(exact).abs().divide(ulp, MathContext.DECIMAL64);
        assertThat(off)
                .as("units in the last place, got " + got + " for " + value)
                .isLessThanOrEqualTo(MOST);
    }
}
