package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Lines;
import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Functions and operators against the same worked out by other means; approximate ones to two units in the last place. */
class CrossCheckedTest {
    private static final NoCells SCOPE = new NoCells(Surroundings.of(Surroundings.Angle.RADIANS));

    static List<String> lines() {
        return Lines.of("evaluate/cross-checked.txt");
    }

    @ParameterizedTest
    @MethodSource("lines")
    void anotherProgramComesToTheSame(String line) {
        String[] parts = line.split(" => ", 2);
        Value value = new Calculator(Patient.LIMITS)
                .calculate("=" + parts[0], SCOPE, Address.FIRST)
                .value();
        if (parts[1].startsWith("≈ ")) {
            BigDecimal expected = new BigDecimal(parts[1].substring(2));
            BigDecimal miss = decimal(((NumberValue) value).real()).subtract(expected);
            assertThat(miss.abs()).isLessThanOrEqualTo(new BigDecimal(2 * Math.ulp(expected.doubleValue())));
        } else {
            assertThat(PlainText.of(value)).isEqualTo(parts[1]);
        }
    }

    private static BigDecimal decimal(Real number) {
        return number instanceof Rational fraction
                ? new BigDecimal(fraction.numerator())
                        .divide(new BigDecimal(fraction.denominator()), MathContext.DECIMAL128)
                : new BigDecimal(number.toDouble());
    }
}
