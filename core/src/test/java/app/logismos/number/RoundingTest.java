package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Rounding beside that of the decimals of the library. */
class RoundingTest {
    private static final List<RoundingMode> MODES = List.of(
            RoundingMode.HALF_UP,
            RoundingMode.HALF_EVEN,
            RoundingMode.UP,
            RoundingMode.DOWN,
            RoundingMode.FLOOR,
            RoundingMode.CEILING);

    @Test
    void everyFractionRoundsAsItsDecimalDoes() {
        Seeded.cases(4_000, random -> {
            BigInteger below = random.nextBoolean()
                    ? BigInteger.valueOf(1L + random.nextInt(8))
                    : new BigInteger(random.nextInt(200), random).add(BigInteger.ONE);
            BigInteger above =
                    new BigInteger(random.nextInt(260), random).subtract(BigInteger.ONE.shiftLeft(random.nextInt(200)));
            int places = random.nextInt(9) - 3;
            for (RoundingMode mode : MODES) {
                BigDecimal wanted = new BigDecimal(above)
                        .scaleByPowerOfTen(places)
                        .divide(new BigDecimal(below), 0, mode)
                        .scaleByPowerOfTen(-places);
                assertThat(Rounding.places(Rational.of(above, below), places, mode))
                        .as("%s/%s to %s places, %s", above, below, places, mode)
                        .isEqualTo(Rational.of(wanted));
            }
        });
    }
}
