package app.logismos.number;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.math.BigInteger;
import java.util.List;
import java.util.Random;
import java.util.function.BiFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class RealsTest {
    private static final int SIZE = 64;

    private static final List<Real> AT_BOUNDS = List.of(
            Rational.ZERO,
            Rational.ONE,
            Rational.of(-1),
            Rational.of(6, 5),
            Rational.of(Integer.MAX_VALUE),
            Rational.of(Integer.MIN_VALUE),
            Rational.of(Integer.MIN_VALUE + 1L),
            Rational.of(1, Integer.MAX_VALUE),
            Rational.of(Integer.MAX_VALUE, Integer.MAX_VALUE - 1L),
            Rational.of(7, 1L << 31),
            Rational.of(Long.MAX_VALUE),
            Rational.of(Long.MIN_VALUE),
            Rational.of(Long.MAX_VALUE, 7),
            Rational.of(BigInteger.TEN.pow(30)),
            PiMultiple.of(Rational.ONE),
            Real.from(0),
            Real.from(0.1),
            Real.from(-1e308),
            Real.from(1e308),
            Real.from(Double.MIN_VALUE),
            Real.from(Double.POSITIVE_INFINITY),
            Real.from(Double.NEGATIVE_INFINITY));

    private interface SideBySide {
        void set(Reals made, Reals left, Reals right, int from, int until);
    }

    private static List<Arguments> operations() {
        return List.of(
                operation("plus", Reals::setSums, Real::plus),
                operation("minus", Reals::setDifferences, Real::minus),
                operation("times", Reals::setProducts, Real::times),
                operation("dividedBy", Reals::setQuotients, Real::dividedBy));
    }

    private static Arguments operation(String name, SideBySide all, BiFunction<Real, Real, Result> one) {
        return Arguments.of(name, all, one);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("operations")
    void sideBySideNumbersGiveWhatTheyGiveOneByOne(String name, SideBySide all, BiFunction<Real, Real, Result> one) {
        Seeded.cases(500, random -> {
            List<Real> left = numbers(random);
            List<Real> right = numbers(random);
            Reals made = reals(numbers(random));
            all.set(made, reals(left), reals(right), 0, SIZE);
            for (int i = 0; i < SIZE; i++) {
                boolean areHeld = Reals.holds(left.get(i)) && Reals.holds(right.get(i));
                Result expected = one.apply(left.get(i), right.get(i));
                if (made.has(i)) {
                    assertThat(made.get(i)).isEqualTo(expected);
                } else {
                    assertThat(areHeld && expected instanceof Real real && Reals.holds(real))
                            .as(left.get(i) + " " + name + " " + right.get(i))
                            .isFalse();
                }
            }
        });
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("operations")
    void onlyThePlacesAskedForAreWorkedOut(String name, SideBySide all, BiFunction<Real, Real, Result> one) {
        Reals made = new Reals(SIZE);
        all.set(made, Reals.filled(SIZE, Rational.of(6)), Reals.filled(SIZE, Rational.of(3)), 10, 20);
        for (int i = 0; i < SIZE; i++) {
            assertThat(made.has(i)).isEqualTo(i >= 10 && i < 20);
        }
    }

    @Test
    void aNumberThatIsHeldComesBackAsItWas() {
        Reals reals = new Reals(1);
        for (Real number : AT_BOUNDS) {
            reals.set(0, number);
            assertThat(reals.has(0)).isEqualTo(Reals.holds(number));
            if (Reals.holds(number)) {
                assertThat(reals.get(0)).isEqualTo(number);
            } else {
                assertThat(reals.get(0)).isNull();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 63})
    void equalNumbersAreTheSameAndThePlaceWithoutOneIsLikeNone(int place) {
        Reals one = Reals.filled(SIZE, Rational.of(1, 3));
        Reals other = Reals.filled(SIZE, Rational.of(1, 3));
        assertThat(one.mismatch(other, place, place + 1)).isEqualTo(place + 1);
        other.set(place, Real.from(1 / 3.0));
        assertThat(one.mismatch(other, place, place + 1)).isEqualTo(place);
        one.clear(place);
        other.clear(place);
        assertThat(one.mismatch(other, place, place + 1)).isEqualTo(place);
    }

    @Test
    void whatIsCopiedStandsAtItsNewPlace() {
        Reals from = new Reals(8);
        from.set(2, Rational.of(5));
        from.set(3, Real.from(0.5));
        Reals to = Reals.filled(8, Rational.ONE);
        from.copy(2, to, 5, 3);
        assertThat(List.of(to.get(4), to.get(5), to.get(6)))
                .containsExactly(Rational.ONE, Rational.of(5), Real.from(0.5));
        assertThat(to.has(7)).isFalse();
    }

    private static List<Real> numbers(Random random) {
        return random.ints(SIZE, 0, 4)
                .mapToObj(kind -> switch (kind) {
                    case 0 -> AT_BOUNDS.get(random.nextInt(AT_BOUNDS.size()));
                    case 1 -> Rational.of(random.nextInt(2_000) - 1_000);
                    case 2 -> Rational.of(random.nextInt(), 1L + random.nextInt(1_000));
                    default -> Rational.of(random.nextInt(20_001) - 10_000, 100);
                })
                .toList();
    }

    private static Reals reals(List<Real> numbers) {
        Reals reals = new Reals(SIZE);
        for (int i = 0; i < SIZE; i++) {
            reals.set(i, numbers.get(i));
        }
        return reals;
    }
}
