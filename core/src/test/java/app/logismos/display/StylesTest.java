package app.logismos.display;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.formula.EntryReader;
import app.logismos.number.Plain;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Value;
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
                "scientific 3  | 0              | 0e0",
                "engineering   | 123456         | 123.456e3",
                "engineering   | 0.00015        | 150e-6",
                "engineering   | -1e3           | -1e3",
                "engineering 2 | 999.9          | 1e3", // rounding carries over into the next power
                "engineering 4 | 12345678       | 12.35e6",
                "grouped       | 1234567.25     | 1 234 567.25",
                "grouped       | 999            | 999",
                "grouped       | -1000          | -1 000",
                "grouped       | 1e20           | 1e20",
                "grouped 2     | 12500          | 12 500.00",
                "grouped 2     | 999999.995     | 1 000 000.00",
                "currency EUR  | 12500.5        | 12 500.50 EUR",
                "currency JPY  | 12500.5        | 12 501 JPY", // a currency without smaller coins
                "currency BHD  | -0.0005        | -0.001 BHD",
                "percent       | 0.15           | 15 %",
                "percent       | 0.225          | 22.5 %",
                "percent       | -1/3           | -33.33333333 %",
                "percent       | 12345.678      | 1234567.8 %",
                "percent       | 1e-9           | 1e-7 %",
                "percent 0     | 0.225          | 23 %",
                "percent 1     | 1/3            | 33.3 %",
                "fraction      | 2.5            | 5/2",
                "mixed         | 7/3            | 2 1/3",
                "mixed         | -7/3           | -2 1/3",
                "repeating     | 7/3            | 2.(3)",
                "repeating     | 1/7            | 0.(142857)",
                "repeating     | 1/6            | 0.1(6)",
                "repeating     | 1/8            | 0.125",
                "hours         | 0.3125         | 7:30",
                "hours         | 1.5            | 36:00",
                "hours         | 0              | 0:00",
                "hours         | -1/96          | -0:15",
                "hours         | 1/86400        | 0:00:01",
                "hours         | 0.333333333333 | 8:00", // as near as a document has it
                "hours         | 100000         | 2400000:00",
            })
    void numbersAreWritten(String style, String number, String text) {
        assertThat(Styles.named(style).orElseThrow().text(real(number))).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "automatic     | 0.1        | true",
                "automatic     | 1/3        | false",
                "automatic     | 12345678901234 | true",
                "automatic     | 1234567890000000000 | true",
                "automatic     | 1234567890100000000 | false",
                "automatic     | 1234567890000000001 | false",
                "automatic     | 1234567890065536000000 | false",
                "automatic     | 0          | true",
                "significant 2 | -1200      | true",
                "significant 2 | -1248      | false",
                "automatic     | 0.12345678901 | false",
                "fixed 2       | 2.5        | true",
                "fixed 2       | 2.505      | false",
                "significant 2 | 1200       | true",
                "significant 2 | 1234       | false",
                "scientific 3  | 0.00123    | true",
                "scientific 3  | 0.001234   | false",
                "engineering 3 | 1230       | true",
                "engineering 3 | 1234       | false",
                "percent       | 0.25       | true",
                "percent       | 0.255      | true",
                "percent       | 1/3        | false",
                "percent 0     | 0.255      | false",
                "grouped 0     | 1/2        | false",
                "currency EUR  | 0.25       | true",
                "currency EUR  | 0.125      | false",
                "fraction      | 1/3        | true",
                "mixed         | 7/3        | true",
                "repeating     | 1/7        | true",
                "hours         | 0.3125     | true",
                "hours         | 1/7        | false",
            })
    void aStyleKnowsWhetherItsTextKeepsAllDigits(String style, String number, boolean keeps) {
        assertThat(Styles.named(style).orElseThrow().keepsAllDigits(real(number)))
                .isEqualTo(keeps);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "hours       | 7.5 h     | 7:30",
                "hours       | 90 min    | 1:30",
                "hours       | 2 day     | 48:00",
                "hours       | 100 s     | 0:01:40",
                "hours       | 0.1 s     | ≈ 0:00", // a tenth of a second is not shown
                "hours       | 3.5 kg    | 3.5 kg",
                "in h, hours | 90 min    | 1:30",
                "in h        | 90 min    | 1.5 h",
            })
    void quantitiesOfTimeAreCountedInTheUnitOfTheStyle(String style, String quantity, String text) {
        Value value = EntryReader.value(quantity, UnitCatalogue.STANDARD);
        Display display = Display.in(style, UnitCatalogue.STANDARD);
        assertThat(display.candid(value)).isEqualTo(text);
        assertThat(display.grouped().candid(value)).isEqualTo(text);
        assertThat(display.signed().text(value)).isEqualTo(text);
    }

    @Test
    void tenDigitsOfARootAreNotAllThatAreHeld() {
        Real root = Real.from(Math.sqrt(2));
        assertThat(Automatic.STYLE.keepsAllDigits(root)).isFalse();
        assertThat(new SignificantDigits(17).keepsAllDigits(root)).isTrue();
    }

    @Test
    void anInfinityHasNoDigitsToKeep() {
        Real infinity = Real.from(Double.POSITIVE_INFINITY);
        assertThat(Automatic.STYLE.keepsAllDigits(infinity)).isFalse();
        assertThat(new SignificantDigits(17).keepsAllDigits(infinity)).isFalse();
    }

    @Test
    void aStyleSaysWhatItHasNothingToSayAbout() {
        Real root = (Real) Powers.sqrt(Rational.of(2));
        assertThat(Fractional.STYLE.suits(root)).isFalse();
        assertThat(Mixed.STYLE.suits(real("7"))).isFalse();
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
        assertThat(Styles.named("currency")).isEmpty();
        assertThat(Styles.named("currency QQQ")).as("no such currency").isEmpty();
        assertThat(Styles.named("fixed EUR")).isEmpty();
    }

    private static Real real(String text) {
        String[] parts = text.split("/");
        return parts.length == 2
                ? Rational.of(new BigInteger(parts[0]), new BigInteger(parts[1]))
                : Rational.of(new BigDecimal(text));
    }

    @Test
    void everyNameThatIsToldIsAStyleAndEveryStyleIsToldOnce() {
        assertThat(Styles.known())
                .isEqualTo(
                        "automatic, currency EUR, engineering, engineering 4, fixed 2, fraction, grouped, grouped 2,"
                                + " hours, mixed, percent, percent 1, polar, polar 2, repeating, root, scientific, scientific 4, significant 4");
        assertThat(Styles.known().split(", "))
                .allMatch(name -> Styles.named(name).isPresent());
        assertThat(Styles.all()).extracting(Styles.Named::word).doesNotHaveDuplicates();
        assertThat(Styles.named("currency")).isEmpty();
        assertThat(Styles.named("fixed")).isEmpty();
        assertThat(Styles.named("fraction 2")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"7/3, true", "-7/3, true", "3/20, false", "-1/2, false"})
    void aFractionBelowOneIsNotListedAsAMixedNumberToo(String number, boolean isListed) {
        assertThat(Forms.text(real(number)).containsKey("mixed")).isEqualTo(isListed);
    }
}
