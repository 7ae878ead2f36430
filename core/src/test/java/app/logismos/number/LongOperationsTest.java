package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.math.BigInteger;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Operations on long numbers beside those of {@link BigInteger}, and beside what undoes them. */
class LongOperationsTest {
    @Test
    void theGreatestCommonDivisorIsThatOfTheLibrary() {
        Seeded.cases(15, random -> {
            BigInteger shared = new BigInteger(random.nextInt(130_000), random);
            BigInteger a = new BigInteger(100_000 + random.nextInt(120_000), random).multiply(shared);
            BigInteger b = new BigInteger(100_000 + random.nextInt(60_000), random).multiply(shared);
            assertThat(LongOperations.gcd(sign(a, random), b)).isEqualTo(a.gcd(b));
        });
    }

    @Test
    void neighboursInFibonaccisRowHaveNothingInCommon() {
        BigInteger last = WholeNumbers.fibonacci(200_000);
        assertThat(LongOperations.gcd(last, WholeNumbers.fibonacci(199_999))).isEqualTo(BigInteger.ONE);
        assertThat(LongOperations.gcd(BigInteger.ZERO, last)).isEqualTo(last);
        assertThat(LongOperations.gcd(last, BigInteger.ZERO)).isEqualTo(last);
    }

    @Test
    void aRootRoundedDownIsTheLastThatIsNotAbove() {
        Seeded.cases(600, random -> {
            int degree = 2 + random.nextInt(random.nextBoolean() ? 4 : 400);
            BigInteger number = new BigInteger(1 + random.nextInt(5_000), random).add(BigInteger.ONE);
            BigInteger root = LongOperations.root(number, degree);
            assertThat(root.pow(degree)).isLessThanOrEqualTo(number);
            assertThat(root.add(BigInteger.ONE).pow(degree)).isGreaterThan(number);
        });
    }

    @Test
    void thePowerTakenBackIsTheNumber() {
        Seeded.cases(200, random -> {
            int degree = 2 + random.nextInt(60);
            BigInteger number = new BigInteger(2 + random.nextInt(600), random).add(BigInteger.TWO);
            BigInteger power = number.pow(degree);
            assertThat(LongOperations.root(power, degree)).isEqualTo(number);
            assertThat(LongOperations.root(power.subtract(BigInteger.ONE), degree))
                    .isEqualTo(number.subtract(BigInteger.ONE));
        });
    }

    @Test
    void powersLessMultiplesAreThoseOfTheLibrary() {
        Seeded.cases(50, random -> {
            BigInteger modulus = new BigInteger(300, random).add(BigInteger.TWO);
            BigInteger base = new BigInteger(200, random);
            BigInteger exponent = new BigInteger(200, random);
            assertThat(LongOperations.power(base, exponent, modulus)).isEqualTo(base.modPow(exponent, modulus));
        });
    }

    @Test
    void digitsInAnyBaseAreThoseOfTheLibraryAndReadBack() {
        Seeded.cases(120, random -> {
            int base = 2 + random.nextInt(35);
            BigInteger number = random.nextInt(5) == 0
                    ? BigInteger.valueOf(base).pow(1_000 * random.nextInt(9))
                    : new BigInteger(random.nextInt(40_000), random);
            String digits = WholeNumbers.write(number, base);
            assertThat(digits).isEqualTo(number.toString(base));
            assertThat(WholeNumbers.read(digits, base)).isEqualTo(number);
        });
    }

    /** Short parts, so that every way of taking them apart and together is gone; what one part is, the library does. */
    @Test
    void productsPowersAndQuotientsInPartsAreThoseOfTheLibrary() {
        Seeded.cases(1_000, random -> {
            InParts parts = new InParts(80 + random.nextInt(200));
            BigInteger a = sign(runs(random), random);
            BigInteger b = sign(runs(random), random);
            assertThat(parts.times(a, b)).isEqualTo(a.multiply(b));
            assertThat(parts.times(a, a)).isEqualTo(a.multiply(a));
            int exponent = random.nextInt(7);
            assertThat(parts.toThe(b, exponent)).isEqualTo(b.pow(exponent));
            if (b.signum() != 0) {
                assertThat(parts.over(a, b)).isEqualTo(a.divideAndRemainder(b));
                BigInteger multiple = a.multiply(b);
                assertThat(parts.over(multiple, b)).isEqualTo(multiple.divideAndRemainder(b));
                assertThat(parts.over(multiple.subtract(BigInteger.ONE), b))
                        .isEqualTo(multiple.subtract(BigInteger.ONE).divideAndRemainder(b));
            }
        });
    }

    /** Runs of equal bits are where a guessed quotient is wrong. */
    private static BigInteger runs(Random random) {
        BigInteger number = BigInteger.ZERO;
        for (int run = random.nextInt(6); run >= 0; run--) {
            int bits = random.nextInt(600);
            BigInteger part = switch (random.nextInt(3)) {
                case 0 -> BigInteger.ZERO;
                case 1 -> BigInteger.ONE.shiftLeft(bits).subtract(BigInteger.ONE);
                default -> new BigInteger(bits, random);
            };
            number = number.shiftLeft(bits).add(part);
        }
        return number;
    }

    @Test
    void longPrimesAreTold() {
        BigInteger mersenne = BigInteger.ONE.shiftLeft(4_423).subtract(BigInteger.ONE);
        assertThat(WholeNumbers.isPrime(mersenne)).isTrue();
        assertThat(WholeNumbers.isPrime(mersenne.add(BigInteger.TWO))).isFalse();
        assertThat(WholeNumbers.isPrime(mersenne.multiply(mersenne))).isFalse();
    }

    private static BigInteger sign(BigInteger number, Random random) {
        return random.nextBoolean() ? number : number.negate();
    }
}
