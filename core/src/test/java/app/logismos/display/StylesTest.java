package app.logismos.display;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.number.Plain;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StylesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "automatic     | 7/3            | 2.333333333",
                "automatic     | 1/2            | 0.5",
                "automatic     | 0              | 0",
                "automatic     | 123456789012   | 123456789012", // a whole number is never rounded unseen
                "automatic     | 1e15           | 1e15",
                "automatic     | 999999999999999 | 999999999999999",
                "automatic     | 0.000001       | 0.000001",
                "automatic     | 0.00000012     | 1.2e-7",
                "automatic     | 0.99999999995  | 1", // half goes away from zero
                "automatic     | -0.5           | -0.5",
                "fixed 2       | 7/3            | 2.33",
                "fixed 2       | -1/200         | -0.01",
                "fixed 0       | 5/2            | 3",
                "significant 3 | 12345          | 12300",
                "significant 3 | 1.2            | 1.20",
                "scientific    | 0.00015        | 1.5e-4",
                "scientific 3  | 123456         | 1.23e5",
                "percent       | 0.15           | 15 %",
                "percent 1     | 1/3            | 33.3 %",
                "fraction      | 2.5            | 5/2",
                "mixed         | 7/3            | 2 1/3",
                "mixed         | -7/3           | -2 1/3",
                "repeating     | 7/3            | 2.(3)",
                "repeating     | 1/7            | 0.(142857)",
                "repeating     | 1/6            | 0.1(6)",
                "repeating     | 1/8            | 0.125",
            })
    void numbersAreWritten(String style, String number, String text) {
        assertThat(Styles.named(style).orElseThrow().text(real(number))).isEqualTo(text);
    }

    @Test
    void aStyleSaysWhatItHasNothingToSayAbout() {
        Real root = (Real) Powers.sqrt(Rational.of(2));
        assertThat(Fractional.STYLE.suits(root)).isFalse();
        assertThat(Mixed.STYLE.suits(real("1/3"))).isFalse();
        assertThat(Repeating.STYLE.suits(real("1/1009")))
                .as("its period is long")
                .isFalse();
    }

    @Test
    void aNumberOfAHundredThousandDigitsIsShownByItsLeadingOnes() {
        Real longest = Rational.of(BigInteger.valueOf(7).pow(100_000));
        String all = Plain.text(longest);
        String shown = Automatic.STYLE.text(longest);
        assertThat(shown)
                .isEqualTo(new BigDecimal(all)
                                .round(new MathContext(10))
                                .stripTrailingZeros()
                                .unscaledValue()
                                .toString()
                                .replaceFirst("(\\d)(\\d+)", "$1.$2")
                        + "e" + (all.length() - 1));
    }

    @Test
    void wordsThatAreNoStyleAreNone() {
        assertThat(Styles.named("bold")).isEmpty();
        assertThat(Styles.named("fixed")).isEmpty();
        assertThat(Styles.named("fixed x")).isEmpty();
    }

    private static Real real(String text) {
        String[] parts = text.split("/");
        return parts.length == 2
                ? Rational.of(new BigInteger(parts[0]), new BigInteger(parts[1]))
                : Rational.of(new BigDecimal(text));
    }
}
