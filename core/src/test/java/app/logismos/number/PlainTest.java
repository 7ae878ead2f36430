package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainTest {
    @Test
    void theDigitsOfLongNumbersAreThoseOfTheJdk() {
        Seeded.cases(60, random -> {
            BigInteger number = new BigInteger(1 + random.nextInt(60_000), random);
            BigInteger signed = random.nextBoolean() ? number : number.negate();
            assertThat(Plain.text(Rational.of(signed))).isEqualTo(signed.toString());
        });
    }

    @ParameterizedTest
    @CsvSource({"899", "900", "901", "1799", "1800", "1801", "3600", "7200", "7201"})
    void powersOfTenAndTheirNeighboursKeepTheirZeros(int digits) {
        BigInteger power = BigInteger.TEN.pow(digits);
        for (BigInteger number : new BigInteger[] {power.subtract(BigInteger.ONE), power, power.add(BigInteger.ONE)}) {
            assertThat(LongDecimal.of(number)).isEqualTo(number.toString());
        }
    }

    @Test
    void aFractionIsADecimalWhereADivisionComesToAnEnd() {
        int[] primes = {2, 5, 10, 3, 7};
        Seeded.cases(2_000, random -> {
            BigInteger below = BigInteger.ONE;
            for (int i = random.nextInt(30); i > 0; i--) {
                below = below.multiply(BigInteger.valueOf(primes[random.nextInt(random.nextInt(8) == 0 ? 5 : 3)]));
            }
            BigInteger above = new BigInteger(1 + random.nextInt(90), random);
            Rational number = Rational.of(random.nextBoolean() ? above : above.negate(), below);
            Optional<String> divided;
            try {
                divided = Optional.of(new BigDecimal(number.numerator())
                        .divide(new BigDecimal(number.denominator()))
                        .toPlainString());
            } catch (ArithmeticException endless) {
                divided = Optional.empty();
            }
            assertThat(Plain.decimal(number, 300)).isEqualTo(divided);
        });
    }

    @Test
    void aLongNumberIsAbbreviatedByItsEndsAndItsLength() {
        BigInteger number = BigInteger.valueOf(7).pow(20_000);
        String digits = number.toString();
        assertThat(Plain.abbreviated(Rational.of(number), 400))
                .isEqualTo(digits.substring(0, 20) + "…" + digits.substring(digits.length() - 20) + " ["
                        + digits.length() + " digits]");
        assertThat(Plain.abbreviated(Rational.of(7, 3), 400)).isEqualTo("7/3");
    }

    @ParameterizedTest
    @CsvSource({
        "0.1, 0.1",
        "2e-3, 0.002",
        "1e21, 1e21",
        "1e20, 100000000000000000000",
        "1.7976931348623157e308, 1.7976931348623157e308",
        "2.0, 2",
        "1e-7, 0.0000001",
        "1e-8, 1e-8",
    })
    void doublesAreWrittenShort(double number, String text) {
        assertThat(Plain.text(Real.from(number))).isEqualTo(text);
    }

    @Test
    void theShortestDecimalReadsAsTheSameDouble() {
        Seeded.cases(5_000, random -> {
            double number = Double.longBitsToDouble(random.nextLong());
            if (Double.isFinite(number) && number != 0) {
                assertThat(new BigDecimal(Plain.text(Real.from(number)).replace("e", "E")).doubleValue())
                        .isEqualTo(number);
            }
        });
    }
}
